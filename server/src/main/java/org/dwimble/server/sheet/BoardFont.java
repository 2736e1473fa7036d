package org.dwimble.server.sheet;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import org.apache.fontbox.ttf.CmapLookup;
import org.apache.fontbox.ttf.TTFParser;
import org.apache.fontbox.ttf.TrueTypeFont;
import org.apache.pdfbox.io.RandomAccessReadBuffer;
import org.dwimble.core.measure.Length;
import org.dwimble.core.sheet.Type;
import org.springframework.stereotype.Component;

/** Andika, the typeface of boards, measured from the font file that ships. */
@Component
public class BoardFont implements Type {
    static final String FILE = "/fonts/Andika_400Regular.ttf";
    private TrueTypeFont font;
    private CmapLookup letters;
    private int unitsPerEm;

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
    public synchronized Length width(String text, Length size) {
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
    public synchronized boolean has(String text) {
        read();
        return text.codePoints().allMatch(c -> letters.getGlyphId(c) != 0 && !rightToLeft(c));
    }

    /** Letters of scripts written from right to left join and turn, which setting one after the other cannot do: better left out than wrong. */
    private static boolean rightToLeft(int c) {
        byte direction = Character.getDirectionality(c);
        return direction == Character.DIRECTIONALITY_RIGHT_TO_LEFT || direction == Character.DIRECTIONALITY_RIGHT_TO_LEFT_ARABIC;
    }
}
