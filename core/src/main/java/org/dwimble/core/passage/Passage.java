package org.dwimble.core.passage;

import com.ibm.icu.text.BreakIterator;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.dwimble.core.told.Unacceptable;

/**
 * A text, read word by word by the rules of Unicode (UAX 29, as ICU has them for the language).
 *
 * @param pieces its words and numbers, in order
 */
public record Passage(List<Piece> pieces) {
    /** Characters of all that is read at once: a book of 60 pages. */
    public static final int LONGEST = 120_000;
    private static final String ENDS = ".!?…:;\n\r“”\"„«»—–";

    /**
     * One word or number.
     *
     * @param text   as it is written
     * @param number true if it is written in digits
     * @param begins true if a sentence begins with it, as far as signs tell
     */
    public record Piece(String text, boolean number, boolean begins) {
        boolean large() {
            return Character.isUpperCase(text.codePointAt(0));
        }
    }

    public Passage {
        pieces = List.copyOf(pieces);
    }

    /** @throws Unacceptable if it is too long, or has no words */
    public static Passage read(String text, Locale language) {
        if (text.length() > LONGEST) {
            throw new Unacceptable("passage-too-long", "most", LONGEST, "has", text.length());
        }
        BreakIterator words = BreakIterator.getWordInstance(language);
        words.setText(text);
        List<Piece> pieces = new ArrayList<>();
        boolean begins = true;
        int from = words.first();
        for (int to = words.next(); to != BreakIterator.DONE; from = to, to = words.next()) {
            int status = words.getRuleStatus();
            String piece = text.substring(from, to);
            if (status >= BreakIterator.WORD_NUMBER) {
                pieces.add(new Piece(piece, status < BreakIterator.WORD_NUMBER_LIMIT, begins));
                begins = false;
            } else {
                begins |= piece.codePoints().anyMatch(c -> ENDS.indexOf(c) >= 0);
            }
        }
        if (pieces.isEmpty()) {
            throw new Unacceptable("passage-without-words");
        }
        return new Passage(pieces);
    }
}
