package org.dwimble.core.doing;

import java.util.List;
import org.dwimble.core.text.Text;
import org.dwimble.core.told.Unacceptable;

/**
 * Adds words to the message without saying them.
 *
 * @param words 1 to {@value #MOST} characters
 */
public record AddWords(String words) implements Doing {
    public static final int MOST = 1_000;
    static final Sort<AddWords> SORT = Sort.withText(AddWords.class, "add", AddWords::words, AddWords::new);

    public AddWords {
        words = Text.tidy(words);
        if (words.isEmpty()) {
            throw new Unacceptable("no-words-to-add");
        }
        Text.atMost(MOST, "says", words);
    }

    @Override
    public Sort<AddWords> sort() {
        return SORT;
    }

    @Override
    public List<Effect> effects() {
        return List.of(new Effect.Add(words));
    }
}
