package org.dwimble.core.pattern;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.dwimble.core.board.Acts;
import org.dwimble.core.board.Kind;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Says;
import org.dwimble.core.board.Shape;
import org.dwimble.core.dayword.DayWord;
import org.dwimble.core.doing.Doing;
import org.dwimble.core.doing.Spell;
import org.dwimble.core.told.Told;
import org.dwimble.core.told.Unacceptable;
import org.jspecify.annotations.Nullable;

/**
 * A board to begin with: words in rows, as one would lay them by hand.
 *
 * @param key  by which it is chosen and told: lower-case words joined by hyphens
 * @param rows what stands beside each other, row by row
 * @param laid how it is laid on its board
 */
public record Pattern(String key, List<List<Word>> rows, Laid laid) {

    /** How it is laid on its board. */
    public enum Laid {
        /** Rows, if the board is wide enough; else its words follow each other. */
        ROWS,
        /** Rows that have to stay rows: its board is made wide enough. */
        KEPT_ROWS,
        /** Its one word takes all the room there is. */
        WHOLE
    }

    Pattern(String key, List<List<Word>> rows) {
        this(key, rows, Laid.ROWS);
    }

    /**
     * @param label  what is written on it
     * @param search the word its picture is sought by; empty for none
     * @param kind   null for what is no word
     * @param acts   what it says and does; null if it says its label
     */
    public record Word(String label, String search, @Nullable Kind kind, @Nullable Acts acts) {
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
        new Pattern("today-is", List.of(row(Kind.LITTLE, "today_is"), days(DayWord.CHOICE_1, DayWord.CHOICE_2, DayWord.CHOICE_3),
            row(Kind.SOCIAL, "yes no help"))),
        new Pattern("this-week", List.of(days(DayWord.WEEKDAY_1, DayWord.WEEKDAY_2, DayWord.WEEKDAY_3, DayWord.WEEKDAY_4, DayWord.WEEKDAY_5,
            DayWord.WEEKDAY_6, DayWord.WEEKDAY_7), days(DayWord.DATE, DayWord.NEXT))),
        new Pattern("weather-and-season", List.of(row(Kind.LITTLE, "the_weather_is"), row(Kind.DESCRIBING, "sunny cloudy rainy windy"),
            row(Kind.DESCRIBING, "snowy foggy hot cold"), days(DayWord.SEASON, DayWord.MONTH))),
        new Pattern("pad", List.of(List.of(new Word("pad", "draw", null, new Acts(Says.NOTHING, null, List.of(Doing.DRAW), Leads.STAYS)))), Laid.WHOLE),
        new Pattern("numbers", rows(Kind.DESCRIBING, "1 2 3 4 5", "6 7 8 9 10", "11 12 13 14 15", "16 17 18 19 20")),
        new Pattern("alphabet", spelled("abcdefg", "hijklmn", "opqrstu", "vwxyz")),
        new Pattern("question-words", rows(Kind.QUESTION, "what who where", "when why how", "which")),
        new Pattern("actions", rows(Kind.DO, "go come stop look", "eat drink play sleep", "make give put open", "run jump sing read")),
        new Pattern("steps-of-a-routine",
            List.of(row(Kind.LITTLE, "first"), row(Kind.LITTLE, "then"), row(Kind.LITTLE, "after_that"),
                row(Kind.DESCRIBING, "finished"))));

    /** All for a language: those for every one, and its keyboards. @param language BCP 47 tag */
    public static List<Pattern> all(String language) {
        return Stream.concat(ALL.stream(), Keyboards.of(language).stream()).toList();
    }

    /** @param key of one of {@link #all} @throws Unacceptable if there is none */
    public static Pattern of(String language, String key) {
        return all(language).stream().filter(p -> p.key.equals(key)).findFirst().orElseThrow(() -> new Unacceptable("no-such-pattern"));
    }

    /** A board like its siblings, or as large as it needs, with a row for the ways home and back. */
    public Shape least(Shape usual) {
        return laid == Laid.KEPT_ROWS ? new Shape(Math.max(usual.rows(), rows.size() + 1), Math.max(usual.columns(), rows.stream().mapToInt(List::size).max()
            .orElse(1))) : usual;
    }

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
        return Stream.of(words.split(" ")).map(w -> w.replace('_', ' ')).map(w -> new Word(w, w, kind, null)).toList();
    }

    private static List<Word> days(DayWord... days) {
        return Stream.of(days).map(d -> new Word(d.word().replace('-', ' '), d == DayWord.SEASON ? "" : d.isChosen() ? "day" : "calendar", Kind.THING,
            new Acts(new Says.OfDay(d), null, List.of(), Leads.STAYS))).toList();
    }

    private static List<List<Word>> spelled(String... rows) {
        List<List<Word>> letters = new ArrayList<>();
        for (String row : rows) {
            letters.add(row.codePoints().mapToObj(Character::toString)
                .map(l -> new Word(l, "", Kind.LITTLE, new Acts(Says.NOTHING, null, List.of(new Spell(l)), Leads.STAYS))).toList());
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
