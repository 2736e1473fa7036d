package org.dwimble.core.support;

import java.util.List;
import java.util.Optional;
import org.dwimble.core.sheet.PageSetup;
import org.dwimble.core.sheet.Type;

/**
 * What a support is made of.
 *
 * @param title   of the list
 * @param words   as they are printed, each as often as it is
 * @param foot    what stands at the foot of every sheet
 * @param symbols pictures for words of running text
 */
public record Material(String title, List<Printed> words, PageSetup page, Type type, String foot, Symbols symbols) {
    /** Knows the picture that surely says a word of running text; none for little words and names. */
    @FunctionalInterface
    public interface Symbols {
        Symbols NONE = word -> Optional.empty();

        Optional<String> picture(String word);
    }

    public Material {
        words = List.copyOf(words);
    }

    public Material(String title, List<Printed> words, PageSetup page, Type type, String foot) {
        this(title, words, page, type, foot, Symbols.NONE);
    }

    Material withWords(List<Printed> words) {
        return new Material(title, words, page, type, foot, symbols);
    }
}
