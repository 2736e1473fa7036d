package org.dwimble.core.wordlist;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Predicate;
import org.dwimble.core.board.Kind;
import org.dwimble.core.board.MediaId;
import org.dwimble.core.look.Colour;
import org.dwimble.core.support.Printed;
import org.dwimble.core.text.Text;
import org.dwimble.core.told.Unacceptable;
import org.jspecify.annotations.Nullable;

/**
 * One word of a list.
 *
 * @param id       stays for life, also in copies
 * @param text     what is printed; may differ from what the picture is called
 * @param pictures ids, side by side in this order; none for the word alone
 * @param not      crossed out: not this
 * @param times    how often it is printed; 0 keeps it in the list and prints none
 * @param second   in the list's second language; null if nobody knows
 * @param kind     null if nobody knows
 * @param paper    the fill of its card; null for white
 */
public record ListedWord(String id, String text, List<String> pictures, boolean not, int times, @Nullable String second, @Nullable Kind kind,
    @Nullable Colour paper) {
    public static final int LONGEST = 500;
    public static final int MOST_PICTURES = 4;
    public static final int MOST_TIMES = 99;

    public ListedWord {
        text = Text.tidy(text);
        Text.atMost(LONGEST, "label", text);
        Unacceptable.ifMissing(id, pictures);
        pictures = List.copyOf(pictures);
        pictures.forEach(MediaId::picture);
        second = second == null || Text.tidy(second).isEmpty() ? null : Text.tidy(second);
        Text.atMost(LONGEST, "label", second == null ? "" : second);
        if (pictures.size() > MOST_PICTURES) {
            throw new Unacceptable("too-many-pictures", "most", MOST_PICTURES, "has", pictures.size());
        }
        if (times < 0 || times > MOST_TIMES) {
            throw new Unacceptable("list-times", "most", MOST_TIMES, "has", times);
        }
        if (text.isEmpty() && pictures.isEmpty()) {
            throw new Unacceptable("list-word-empty");
        }
    }

    /** A word once, with its picture if it has one. */
    public static ListedWord of(String id, String text, @Nullable String picture, @Nullable Kind kind) {
        return new ListedWord(id, text, picture == null ? List.of() : List.of(picture), false, 1, null, kind, null);
    }

    /** As it is printed. @param language the list's second; null for none */
    Printed printed(@Nullable Second language) {
        String first = language != null && language.instead() && second != null ? second : text;
        return new Printed(first, language != null && !language.instead() ? second : null, pictures, not, kind, paper,
            Text.tidy((not ? "not " : "") + (first.isEmpty() ? "a picture" : first)));
    }

    public ListedWord withId(String id) {
        return new ListedWord(id, text, pictures, not, times, second, kind, paper);
    }

    public ListedWord withText(String text) {
        return new ListedWord(id, text, pictures, not, times, second, kind, paper);
    }

    public ListedWord withPictures(List<String> pictures) {
        return new ListedWord(id, text, pictures, not, times, second, kind, paper);
    }

    public ListedWord withTimes(int times) {
        return new ListedWord(id, text, pictures, not, times, second, kind, paper);
    }

    public ListedWord withSecond(@Nullable String second) {
        return new ListedWord(id, text, pictures, not, times, second, kind, paper);
    }

    public ListedWord withPaper(@Nullable Colour paper) {
        return new ListedWord(id, text, pictures, not, times, second, kind, paper);
    }

    /** Without the pictures that may not be used; a word that was a picture alone is told as {@code ?} then. @param may true of the id of one that may be */
    ListedWord withPicturesOf(Predicate<String> may) {
        List<String> left = pictures.stream().filter(may).toList();
        return left.size() == pictures.size() ? this : (text.isEmpty() ? withText("?") : this).withPictures(left);
    }

    /** Without the pictures that stay, as it leaves. @param drawn what is drawn for a word none of whose pictures goes; nothing for an empty place */
    ListedWord leaving(Predicate<String> stays, Function<ListedWord, Optional<String>> drawn) {
        List<String> left = pictures.stream().filter(stays.negate()).toList();
        if (left.size() == pictures.size()) {
            return this;
        }
        Optional<String> instead = left.isEmpty() ? drawn.apply(this) : Optional.empty();
        return instead.isPresent() ? withPictures(List.of(instead.get())) : (text.isEmpty() ? withText("?") : this).withPictures(left);
    }
}
