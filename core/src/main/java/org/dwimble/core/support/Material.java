package org.dwimble.core.support;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.dwimble.core.sheet.PageSetup;
import org.dwimble.core.sheet.Type;
import org.dwimble.core.text.Text;
import org.dwimble.core.wordlist.ListedWord;
import org.dwimble.core.wordlist.Second;
import org.dwimble.core.wordlist.WordList;
import org.jspecify.annotations.Nullable;

/**
 * What a support is made of.
 *
 * @param title of the list
 * @param words as they are printed, each as often as it is
 * @param foot  what stands at the foot of every sheet
 */
public record Material(String title, List<Printed> words, PageSetup page, Type type, String foot) {
    public Material {
        words = List.copyOf(words);
    }

    /** Of a whole list. */
    public static Material of(WordList list, Type type, String foot) {
        List<Printed> words = new ArrayList<>();
        list.words().forEach(w -> words.addAll(Collections.nCopies(w.times(), printed(w, list.second()))));
        return new Material(list.name(), words, list.page(), type, foot);
    }

    private static Printed printed(ListedWord word, @Nullable Second second) {
        boolean instead = second != null && second.instead() && word.second() != null;
        String text = instead ? word.second() : word.text();
        return new Printed(text, second != null && !second.instead() ? word.second() : null, word.pictures(), word.not(), word.kind(), word.paper(),
            Text.tidy((word.not() ? "not " : "") + (text.isEmpty() ? "a picture" : text)));
    }
}
