package org.dwimble.server.sheet;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;
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
import org.springframework.stereotype.Component;

/** The letters of sheets: Andika, the typeface of boards, measured from the font file that ships; other scripts as {@link Scripts} sets them. */
@Component
public class BoardFont implements Type {
    static final String FILE = "/fonts/Andika_400Regular.ttf";
    private TrueTypeFont font;
    private CmapLookup letters;
    private int unitsPerEm;
    private final Scripts scripts = new Scripts();

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

    /** The font is read when the first sheet asks for it, not at start. */
    private synchronized void read() {
        if (font == null) {
            try (InputStream in = open()) {
                font = new TTFParser().parse(new RandomAccessReadBuffer(in));
                letters = font.getUnicodeCmapLookup();
                unitsPerEm = font.getUnitsPerEm();
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }
    }

    @Override
    public Length width(String text, Length size) {
        return plain(text) ? plainWidth(text, size) : size.times(scripts.width(text));
    }

    private synchronized Length plainWidth(String text, Length size) {
        read();
        try {
            long units = 0;
            for (int i = 0; i < text.length(); i += Character.charCount(text.codePointAt(i))) {
                units += font.getAdvanceWidth(letters.getGlyphId(text.codePointAt(i)));
            }
            return size.times((double) units / unitsPerEm);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @Override
    public boolean has(String text) {
        return plain(text) || text.codePoints().allMatch(c -> Character.isWhitespace(c) || scripts.has(c));
    }

    /** True if letters set one after the other from left to right in the typeface of boards are right. */
    private synchronized boolean plain(String text) {
        read();
        return text.codePoints().allMatch(c -> letters.getGlyphId(c) != 0 && !rightToLeft(c));
    }

    /** A page whose writing can be drawn letter by letter; what cannot is outlines. */
    public Page shaped(Page page) {
        boolean all = Mark.all(page.marks()).allMatch(m -> !(m instanceof Mark.Writing w) || plain(w.text()));
        return all ? page : page.with(shaped(page.marks()));
    }

    private List<Mark> shaped(List<Mark> marks) {
        return marks.stream().map(m -> m instanceof Mark.Within within ? new Mark.Within(within.window(), shaped(within.marks()))
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
