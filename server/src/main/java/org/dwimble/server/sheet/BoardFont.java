package org.dwimble.server.sheet;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.AbstractList;
import java.util.List;
import java.util.Locale;
import org.apache.fontbox.ttf.CmapLookup;
import org.apache.fontbox.ttf.TTFParser;
import org.apache.fontbox.ttf.TrueTypeFont;
import org.apache.pdfbox.io.RandomAccessReadBuffer;
import org.dwimble.core.measure.Length;
import org.dwimble.core.measure.Rect;
import org.dwimble.core.sheet.FittedLabel;
import org.dwimble.core.sheet.Mark;
import org.dwimble.core.sheet.Page;
import org.dwimble.core.sheet.Type;
import org.dwimble.core.told.Told;
import org.dwimble.server.told.Wording;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** The letters of sheets: Andika, the typeface of boards, measured from the font file that ships; other scripts as {@link Scripts} sets them. */
@Component
public class BoardFont implements Type {
    static final String FILE = "/fonts/Andika_400Regular.ttf";
    /** Code points with letters of their own in the typeface all lie below this. */
    private static final int MEASURED = 1 << 16;
    private static final int NONE = -1;
    private final Scripts scripts = new Scripts();
    private final Wording wording;
    private volatile @Nullable Letters letters;

    BoardFont(Wording wording) {
        this.wording = wording;
    }

    @Override
    public String said(Told told) {
        return wording.of(told);
    }

    @Override
    public Locale spoken() {
        return wording.spoken();
    }

    /** @param advance of each code point, in units of the typeface; {@link #NONE} for one it has not */
    private record Letters(int[] advance, int unitsPerEm) {
        private int of(int codePoint) {
            return codePoint < MEASURED ? advance[codePoint] : NONE;
        }
    }

    static InputStream open() {
        InputStream in = BoardFont.class.getResourceAsStream(FILE);
        if (in == null) {
            throw new IllegalStateException("The typeface is not built. Build the web module first.");
        }
        return in;
    }

    /** For a document: without ligatures, as their signs have no text and what is copied from paper would lack letters. */
    static TrueTypeFont letters() throws IOException {
        TrueTypeFont font = new TTFParser(true).parse(new RandomAccessReadBuffer(open()));
        font.setEnableGsub(false);
        return font;
    }

    /** The typeface is measured when the first sheet asks for it, not at start; from then on nobody waits for anybody. */
    private Letters measured() {
        Letters known = letters;
        if (known == null) {
            try (InputStream in = open(); TrueTypeFont font = new TTFParser().parse(new RandomAccessReadBuffer(in))) {
                CmapLookup glyphs = font.getUnicodeCmapLookup();
                int[] advance = new int[MEASURED];
                for (int codePoint = 0; codePoint < MEASURED; codePoint++) {
                    int glyph = glyphs.getGlyphId(codePoint);
                    advance[codePoint] = glyph == 0 ? NONE : font.getAdvanceWidth(glyph);
                }
                known = new Letters(advance, font.getUnitsPerEm());
                letters = known;
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }
        return known;
    }

    @Override
    public Length width(String text, Length size) {
        return plain(text) ? plainWidth(text, size) : size.times(scripts.width(text));
    }

    private Length plainWidth(String text, Length size) {
        Letters of = measured();
        long units = 0;
        for (int i = 0; i < text.length(); i += Character.charCount(text.codePointAt(i))) {
            units += of.of(text.codePointAt(i));
        }
        return size.times((double) units / of.unitsPerEm);
    }

    @Override
    public boolean has(String text) {
        return plain(text) || text.codePoints().allMatch(c -> Character.isWhitespace(c) || scripts.has(c));
    }

    /** True if letters set one after the other from left to right in the typeface of boards are right. */
    private boolean plain(String text) {
        Letters of = measured();
        for (int i = 0; i < text.length(); i += Character.charCount(text.codePointAt(i))) {
            if (of.of(text.codePointAt(i)) == NONE || rightToLeft(text.codePointAt(i))) {
                return false;
            }
        }
        return true;
    }

    /** A page whose writing can be drawn letter by letter; what cannot is outlines. */
    public Page shaped(Page page) {
        boolean all = Mark.all(page.marks()).allMatch(m -> !(m instanceof Mark.Writing w) || plain(w.text()));
        return all ? page : page.with(marksShaped(page.marks()));
    }

    /** The same pages, each shaped as it is looked at. */
    public List<Page> shaped(List<Page> pages) {
        return new AbstractList<>() {
            @Override
            public Page get(int at) {
                return shaped(pages.get(at));
            }

            @Override
            public int size() {
                return pages.size();
            }
        };
    }

    private List<Mark> marksShaped(List<Mark> marks) {
        return marks.stream().map(m -> m instanceof Mark.Within within ? new Mark.Within(within.window(), marksShaped(within.marks()))
            : m instanceof Mark.Writing w && !plain(w.text()) ? outlined(w) : m).toList();
    }

    private Mark outlined(Mark.Writing line) {
        Length wide = width(line.text(), line.size());
        Length left = line.centred() ? line.x().minus(wide.times(0.5)) : line.x();
        String path = Scripts.path(scripts.outline(line.text(), left.micrometres(), line.y().micrometres(), line.size().micrometres()));
        return new Mark.Outlined(new Rect(left, line.y().minus(line.size()), wide, line.size().times(FittedLabel.LINE)), path, line.text(), line.faint(),
            line.onDark());
    }

    private static boolean rightToLeft(int c) {
        byte direction = Character.getDirectionality(c);
        return direction == Character.DIRECTIONALITY_RIGHT_TO_LEFT || direction == Character.DIRECTIONALITY_RIGHT_TO_LEFT_ARABIC;
    }
}
