package org.dwimble.core.support;

import java.util.List;
import java.util.Optional;
import org.dwimble.core.board.Cell;
import org.dwimble.core.sheet.Foot;
import org.dwimble.core.sheet.Frame;
import org.dwimble.core.sheet.PageSetup;
import org.dwimble.core.sheet.Type;
import org.jspecify.annotations.Nullable;

/**
 * What a support is made of.
 *
 * @param title   of the list
 * @param words   as they are printed, each as often as it is
 * @param photo   beside that at the foot of every sheet; null for none
 * @param foot    what stands at the foot of every sheet
 * @param symbols pictures for words of running text
 * @param ways    where words are on the student's boards
 */
public record Material(String title, List<Printed> words, PageSetup page, Type type, @Nullable String photo, String foot, Symbols symbols, Ways ways) {
    /** A tap on the way to a word: the board it is made on, and the cell. */
    public record Tap(String board, int rows, int columns, Cell cell) {
    }

    /** Knows the taps from home to a word, its own the last; none if it is not there. */
    @FunctionalInterface
    public interface Ways {
        Ways NONE = word -> List.of();

        List<Tap> to(Printed word);
    }

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
        this(title, words, page, type, null, foot, Symbols.NONE, Ways.NONE);
    }

    /** Of its words no more than the first so many, for who looks at a first sheet alone. */
    public Material beginning(int most) {
        return words.size() <= most ? this : withWords(words.subList(0, most));
    }

    Material withWords(List<Printed> words) {
        return new Material(title, words, page, type, photo, foot, symbols, ways);
    }

    public Material withPhoto(@Nullable String photo) {
        return new Material(title, words, page, type, photo, foot, symbols, ways);
    }

    /** A sheet lying one way, before anything is on it. */
    Frame frame(boolean lyingDown) {
        return Frame.of(page, lyingDown, Foot.room(photo));
    }
}
