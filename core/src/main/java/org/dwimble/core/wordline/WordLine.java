package org.dwimble.core.wordline;

import java.util.ArrayList;
import java.util.List;
import org.dwimble.core.board.Text;
import org.dwimble.core.edit.PutWords;
import org.dwimble.core.edit.ReadyWord;
import org.dwimble.core.picture.Picture;
import org.dwimble.core.told.Unacceptable;
import org.jspecify.annotations.Nullable;

/**
 * Reads what was typed or pasted into the word line, and makes the words ready to be put. Words are parted by line
 * breaks, commas, semicolons and tabs; {@code kite=Big Red} is the picture of kite with the label Big Red.
 */
public final class WordLine {

    /**
     * One button to be: the word its picture is looked for by, and its label.
     *
     * @param picture chosen by hand; null to take the best found
     */
    public record Entry(String pictureWord, String label, @Nullable String picture) {
        public Entry(String pictureWord, String label) {
            this(pictureWord, label, null);
        }
    }

    private WordLine() {
    }

    /** In typed order; blanks are passed over. */
    public static List<Entry> read(String text) {
        List<Entry> entries = new ArrayList<>();
        for (String part : text.split("[\\r\\n,;\\t\\u2028\\u2029\\u060c\\uff0c\\u3001]+")) {
            String word = Text.tidy(part);
            int equals = word.indexOf('=');
            if (equals > 0 && equals < word.length() - 1) {
                entries.add(new Entry(Text.tidy(word.substring(0, equals)), Text.tidy(word.substring(equals + 1))));
            } else if (!word.isEmpty() && !word.equals("=")) {
                entries.add(new Entry(word, word));
            }
        }
        return entries;
    }

    /**
     * The words with the picture and the kind each gets. This searches, and so is done before anything is locked.
     *
     * @throws Unacceptable if there are none, or more than go in at once: then nothing is searched
     */
    public static List<ReadyWord> ready(List<Entry> entries, Guesses guesses) {
        if (entries.isEmpty()) {
            throw new Unacceptable("word-line-empty");
        }
        if (entries.size() > PutWords.MOST) {
            throw new Unacceptable("too-many-words", "has", entries.size(), "most", PutWords.MOST);
        }
        return entries.stream().map(entry -> ready(entry, guesses)).toList();
    }

    private static ReadyWord ready(Entry entry, Guesses guesses) {
        Picture found = entry.picture() != null ? null : guesses.picture(entry.pictureWord()).orElse(null);
        String chosen = entry.picture() != null ? entry.picture() : found == null ? null : found.id();
        Picture shown = chosen == null ? null : guesses.byId(chosen).orElse(found);
        return new ReadyWord(entry.label(), chosen, guesses.kind(entry.pictureWord(), shown));
    }
}
