package org.dwimble.core.wordlist;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.stream.Stream;
import org.dwimble.core.edit.words.ReadyWord;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.core.wordline.Guesses;
import org.dwimble.core.wordline.WordLine;
import org.jspecify.annotations.Nullable;

/**
 * The words of a class that differ from the list's, each with its picture. One that stood there already stays as it is, picture and all, and
 * is not looked for.
 */
public final class Differing {
    private final WordList list;
    private final int most;
    private final Supplier<String> ids;
    private final Function<@Nullable String, Guesses> guessesOf;
    private final Map<String, Guesses> guesses = new HashMap<>();

    /**
     * @param most      new words that are looked for at once
     * @param guessesOf what words get for a student, by its id; null for nobody of the school
     */
    public Differing(WordList list, int most, Supplier<String> ids, Function<@Nullable String, Guesses> guessesOf) {
        this.list = list;
        this.most = most;
        this.ids = ids;
        this.guessesOf = guessesOf;
    }

    /**
     * @param studentOf the id of the student of a row; null if it is nobody of the school, or nobody whom this person knows
     * @throws Unacceptable if more words are new than are looked for at once; then none is
     */
    public List<ClassRow> rows(List<ClassTable.Typed> typed, Function<ClassTable.Typed, @Nullable String> studentOf) {
        long sought = typed.stream().flatMap(row -> added(row).map(text -> studentOf.apply(row) + "\n" + text)).distinct().count();
        Unacceptable.ifMore("class-words", sought, most);
        return typed.stream().map(row -> row(row, studentOf.apply(row))).toList();
    }

    private ClassRow row(ClassTable.Typed row, @Nullable String student) {
        Map<String, ListedWord> instead = new LinkedHashMap<>();
        row.instead().forEach((word, text) -> instead.put(word, stood(row, word, text).orElseGet(() -> ready(student, text))));
        return new ClassRow(row.name(), student, null, instead);
    }

    private Stream<String> added(ClassTable.Typed row) {
        return row.instead().entrySet().stream().filter(e -> stood(row, e.getKey(), e.getValue()).isEmpty()).map(Map.Entry::getValue);
    }

    private Optional<ListedWord> stood(ClassTable.Typed row, String word, String text) {
        return list.row(row.name()).flatMap(before -> before.has(word, text));
    }

    private ListedWord ready(@Nullable String student, String text) {
        Guesses of = guesses.computeIfAbsent(String.valueOf(student), id -> guessesOf.apply(student));
        ReadyWord found = WordLine.ready(WordLine.opener(text), of).get(0);
        return ListedWord.of(ids.get(), found.label(), found.picture(), found.kind());
    }
}
