package org.dwimble.core.wordlist;

import java.util.Collections;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.function.Predicate;
import org.dwimble.core.board.MediaId;
import org.dwimble.core.text.Text;
import org.dwimble.core.told.Unacceptable;
import org.jspecify.annotations.Nullable;

/**
 * One student of a class a list is printed for, and the words that differ.
 *
 * @param name    at the foot of the sheets
 * @param student its id, if it is one of the school's; then pictures look as this student sees them
 * @param photo   the picture that stands beside the name; null for none
 * @param instead what is printed in the place of a word of the list, by the id of that
 */
public record ClassRow(String name, @Nullable String student, @Nullable String photo, Map<String, ListedWord> instead) {
    private static final int LONGEST = 60;

    public ClassRow {
        name = Text.tidy(name);
        Text.atMost(LONGEST, "student_name", name);
        if (photo != null) {
            MediaId.picture(photo);
        }
        instead = Collections.unmodifiableMap(new TreeMap<>(instead));
        if (name.isEmpty()) {
            throw new Unacceptable("class-nameless");
        }
    }

    public ClassRow withPhoto(@Nullable String photo) {
        return new ClassRow(name, student, photo, instead);
    }

    /**
     * As it is set anew by somebody who need not know the student: whoever had this row has it still, with the photo, and with the pictures of
     * words that are as they were. If the row is another student's now, nothing of the one before stays.
     *
     * @param before the row of this name
     */
    ClassRow after(ClassRow before) {
        String of = student == null ? before.student : student;
        if (before.student != null && !before.student.equals(of)) {
            return this;
        }
        Map<String, ListedWord> words = new TreeMap<>(instead);
        words.replaceAll((word, now) -> before.has(word, now.text()).orElse(now));
        return new ClassRow(name, of, photo == null ? before.photo : photo, words);
    }

    /** What stands in the place of a word, if it is called so. */
    Optional<ListedWord> has(String word, String text) {
        return Optional.ofNullable(instead.get(word)).filter(w -> w.text().equals(text));
    }

    /** As it leaves: without the photo and the pictures that stay. */
    ClassRow leaving(Predicate<String> stays, Function<ListedWord, Optional<String>> drawn) {
        Map<String, ListedWord> goes = new TreeMap<>();
        instead.forEach((word, other) -> goes.put(word, other.leaving(stays, drawn)));
        return new ClassRow(name, student, photo != null && stays.test(photo) ? null : photo, goes);
    }

    /** Without the photo, and without pictures that may not be used. @param may true of the id of a picture that may be */
    ClassRow forStrangers(Predicate<String> may) {
        Map<String, ListedWord> seen = new TreeMap<>();
        instead.forEach((word, other) -> seen.put(word, other.withPicturesOf(may)));
        return new ClassRow(name, student, photo != null && may.test(photo) ? photo : null, seen);
    }
}
