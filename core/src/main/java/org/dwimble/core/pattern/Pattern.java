package org.dwimble.core.pattern;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.dwimble.core.board.Kind;
import org.dwimble.core.told.Told;

/**
 * A board to begin with: words in rows, as one would lay them by hand.
 *
 * @param key  by which it is chosen and told: lower-case words joined by hyphens
 * @param rows what stands beside each other, row by row
 */
public record Pattern(String key, List<List<Word>> rows) {
    /**
     * @param label  what is written on it
     * @param search the word its picture is sought by; empty for none
     * @param spells true if it puts its letter to the word being spelt
     */
    public record Word(String label, String search, Kind kind, boolean spells) {
    }

    public static final List<Pattern> ALL = List.of(
        new Pattern("people",
            rows(Kind.WHO, "I you he she", "mum dad brother sister", "grandma grandpa baby friend", "teacher helper doctor class")),
        new Pattern("choices",
            List.of(row(Kind.DO, "want"), row(Kind.LITTLE, "this that"), row(Kind.DESCRIBING, "more different finished"),
                row(Kind.SOCIAL, "yes no help"))),
        new Pattern("feelings", rows(Kind.DESCRIBING, "happy sad angry scared", "tired ill excited bored", "hungry thirsty hot cold")),
        new Pattern("yes-and-no", List.of(row(Kind.SOCIAL, "yes no"), row(Kind.SOCIAL, "maybe"), row(Kind.SOCIAL, "stop help"))),
        new Pattern("days", List.of(row(Kind.THING, "Monday Tuesday Wednesday Thursday Friday"), row(Kind.THING, "Saturday Sunday"),
            row(Kind.WHERE, "yesterday today tomorrow"))),
        new Pattern("numbers", rows(Kind.DESCRIBING, "1 2 3 4 5", "6 7 8 9 10", "11 12 13 14 15", "16 17 18 19 20")),
        new Pattern("alphabet", spelled("abcdefg", "hijklmn", "opqrstu", "vwxyz")),
        new Pattern("question-words", rows(Kind.QUESTION, "what who where", "when why how", "which")),
        new Pattern("actions", rows(Kind.DO, "go come stop look", "eat drink play sleep", "make give put open", "run jump sing read")),
        new Pattern("steps-of-a-routine",
            List.of(row(Kind.LITTLE, "first"), row(Kind.LITTLE, "then"), row(Kind.LITTLE, "after_that"),
                row(Kind.DESCRIBING, "finished"))));

    public Told called() {
        return Told.of("pattern-called", "pattern", key.replace('-', '_'));
    }

    /** What it is for, in a few words. */
    public Told about() {
        return Told.of("pattern-about", "pattern", key.replace('-', '_'));
    }

    private static List<List<Word>> rows(Kind kind, String... rows) {
        return Stream.of(rows).map(r -> row(kind, r)).toList();
    }

    private static List<Word> row(Kind kind, String words) {
        return Stream.of(words.split(" ")).map(w -> w.replace('_', ' ')).map(w -> new Word(w, w, kind, false)).toList();
    }

    private static List<List<Word>> spelled(String... rows) {
        List<List<Word>> letters = new ArrayList<>();
        for (String row : rows) {
            letters.add(row.codePoints().mapToObj(Character::toString).map(l -> new Word(l, "", Kind.LITTLE, true)).toList());
        }
        return letters;
    }

    /** Its words, row after row. */
    public List<Word> inOrder() {
        return rows.stream().flatMap(List::stream).toList();
    }

    /** How many words it has. */
    public int words() {
        return rows.stream().mapToInt(List::size).sum();
    }
}
