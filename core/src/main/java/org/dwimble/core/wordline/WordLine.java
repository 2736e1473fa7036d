package org.dwimble.core.wordline;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Face;
import org.dwimble.core.edit.words.PutWords;
import org.dwimble.core.edit.words.ReadyWord;
import org.dwimble.core.picture.Picture;
import org.dwimble.core.search.SpokenOf;
import org.dwimble.core.text.Text;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.core.words.Spelling;
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
     * @param opens   the words of the new board it opens, empty for a bare one; null if it opens none
     */
    public record Entry(String pictureWord, String label, @Nullable String picture, @Nullable List<Entry> opens) {
        public Entry(String pictureWord, String label) {
            this(pictureWord, label, null, null);
        }

        public Entry withPicture(@Nullable String picture) {
            return new Entry(pictureWord, label, picture, opens);
        }

        private Entry opening(List<Entry> words) {
            return new Entry(pictureWord, label, picture, words);
        }
    }

    /** Letters of all that is typed at once: {@link org.dwimble.core.edit.boards.FillBoards#MOST} words of {@value #A_WORD} letters. */
    static final int LONGEST = 200_000;
    private static final int A_WORD = 40;
    /** Alone behind {@code >} it makes a board to draw on: {@code my drawings > pad}. */
    private static final String PAD = "pad";
    private static final String PAD_PICTURE = "core/draw";

    private WordLine() {
    }

    /**
     * In typed order; blanks are passed over. Words are parted by line breaks, commas, semicolons and tabs of any script.
     * {@code kite=Big Red} is the label Big Red with the picture of a kite. On a line with {@code >}, what stands before
     * it opens a new board of that name, and the words behind it are the words of that board: {@code colours > red, blue}.
     */
    public static List<Entry> read(String text) {
        // Looked at before anything is made of it: no list of words that may be put is so long.
        Text.atMost(LONGEST, "words", text);
        List<Entry> entries = new ArrayList<>();
        for (String line : text.split("[\\r\\n\\u2028\\u2029\\u23ce]+")) {
            int opens = line.indexOf('>');
            List<Entry> before = words(opens < 0 ? line : line.substring(0, opens));
            if (opens >= 0 && !before.isEmpty()) {
                Entry opener = before.remove(before.size() - 1);
                before.add(opener.opening(words(line.substring(opens + 1).replace('>', ' '))));
            }
            entries.addAll(before);
        }
        return entries;
    }

    /** A button that is to open a board of this name, whatever signs are in the name. */
    public static List<Entry> opener(String name) {
        String tidy = Text.tidy(name);
        return tidy.isEmpty() ? List.of() : List.of(new Entry(tidy, tidy));
    }

    private static List<Entry> words(String line) {
        List<Entry> entries = new ArrayList<>();
        for (String part : line.split("[,;\\t\\u060c\\uff0c\\u3001]+")) {
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
        return ready(entries, PutWords.MOST, guesses);
    }

    /** As above. @param most how many go in at once */
    public static List<ReadyWord> ready(List<Entry> entries, int most, Guesses guesses) {
        return ready(entries, most, guesses, null);
    }

    /** As above. @param on the board they are for, which may say what a word of several meanings means; null if it is new, or none */
    public static List<ReadyWord> ready(List<Entry> entries, int most, Guesses guesses, @Nullable Board on) {
        if (entries.isEmpty()) {
            throw new Unacceptable("word-line-empty");
        }
        int count = entries.stream().mapToInt(e -> 1 + (e.opens() == null ? 0 : e.opens().size())).sum();
        if (count > most) {
            throw new Unacceptable("too-many-words", "has", count, "most", most);
        }
        entries.forEach(WordLine::notTooLong);
        return ready(on, entries, guesses);
    }

    /** Before a picture is looked for: what no button may be called need not be searched. */
    private static void notTooLong(Entry entry) {
        Text.atMost(Face.LONGEST_LABEL, "label", entry.label());
        Text.atMost(Face.LONGEST_LABEL, "label", entry.pictureWord());
        if (entry.opens() != null) {
            entry.opens().forEach(WordLine::notTooLong);
        }
    }

    /** Each word is looked for once, and once more if it has several meanings. */
    private static List<ReadyWord> ready(@Nullable Board on, List<Entry> entries, Guesses guesses) {
        List<Optional<Picture>> first = entries.stream().map(e -> first(e, guesses)).toList();
        SpokenOf spokenOf = spokenOf(on, first.stream().flatMap(Optional::stream), guesses);
        return IntStream.range(0, entries.size()).mapToObj(i -> ready(entries.get(i), first.get(i), guesses, spokenOf)).toList();
    }

    /** What a board speaks of with some words typed for it. */
    public static SpokenOf spokenOf(@Nullable Board on, List<Entry> typed, Guesses guesses) {
        return spokenOf(on, typed.stream().map(e -> first(e, guesses)).flatMap(Optional::stream), guesses);
    }

    /** What stands on it shows what is meant; of those that come, what was only guessed of several meanings says nothing. */
    private static SpokenOf spokenOf(@Nullable Board on, Stream<Picture> coming, Guesses guesses) {
        Stream<Picture> there = on == null ? Stream.empty() : on.buttons().stream().map(Button::picture).filter(Objects::nonNull).map(guesses::byId).flatMap(
            Optional::stream);
        return SpokenOf.words(Stream.concat(there, coming.filter(p -> p.gloss().isEmpty())).map(Picture::categories).filter(c -> !c.isEmpty()).toList());
    }

    private static Optional<Picture> first(Entry entry, Guesses guesses) {
        return entry.picture() != null ? guesses.byId(entry.picture()) : guesses.picture(entry.pictureWord());
    }

    private static ReadyWord ready(Entry entry, Optional<Picture> first, Guesses guesses, SpokenOf on) {
        boolean several = entry.picture() == null && first.isPresent() && !first.get().gloss().isEmpty();
        Picture shown = (several ? guesses.picture(entry.pictureWord(), on) : first).orElse(null);
        String chosen = entry.picture() != null ? entry.picture() : shown == null ? null : shown.id();
        List<ReadyWord> opens = entry.opens() == null ? null : ready(null, entry.opens(), guesses);
        if (opens != null && opens.size() == 1 && opens.get(0).label().equalsIgnoreCase(PAD)) {
            opens = List.of(ReadyWord.pad(opens.get(0).label(), PAD_PICTURE));
        }
        return new ReadyWord(label(entry, shown), chosen, guesses.kind(entry.pictureWord(), shown), opens);
    }

    /** Of a sign that was typed for its picture alone, what the picture is called: nobody can say the sign. */
    private static String label(Entry entry, @Nullable Picture shown) {
        boolean sign = entry.label().equals(entry.pictureWord()) && Spelling.fold(entry.label()).isEmpty();
        return sign && shown != null ? shown.name() : entry.label();
    }
}
