package org.dwimble.core.passage;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.find.WordPlaces.Place;
import org.dwimble.core.number.NumberReading;
import org.dwimble.core.reveal.Revealed;
import org.dwimble.core.reveal.ShownWays;
import org.dwimble.core.words.Forms;
import org.dwimble.core.words.Spelling;
import org.jspecify.annotations.Nullable;

/**
 * What can be said of a text with a vocabulary. A word of it is found by what buttons say: several words together that one button says first, the longest
 * first; then the word as it is written, whatever its capitals and accents; then, in English, by any of its forms (<em>went</em> by go, <em>children</em> by
 * child), and words run together by each of theirs (<em>don't</em> by do and not). Of several buttons the one counts that can be pressed now, then the one
 * that says just what is written, then the one of fewest taps.
 *
 * <p>What no button says is a number if it is written in digits; a name if it is no ordinary word and is written large where no sentence begins, or wherever
 * it stands; else it is missing. Reads a text in time in proportion to its words, whatever the size of the vocabulary.
 */
public final class Sayable {
    /** Words one button says, at most, that are looked for together. */
    private static final int TOGETHER = 6;
    private static final int ALL = 100;
    /** Languages in which every noun is written large. */
    private static final Set<String> LARGE_NOUNS = Set.of("de", "lb");

    /** What can be done about a word; the first is best. */
    public enum Can {
        /** It can be said now. */
        SAID,
        /** It waits for a step of the plan. */
        WAITS,
        /** It is held back. */
        HELD,
        /** It is shown on a board the student cannot get to. */
        NO_WAY,
        /** It is on no board. */
        MISSING,
    }

    /** What sort of word it is. */
    public enum Sort {
        WORD, NAME, NUMBER
    }

    /**
     * A word of the text, with all that is written of it.
     *
     * @param word    as its button is called, else as it is looked up, in small letters unless it is a name
     * @param written the different ways it is written in the text, in order
     * @param places  where it is said: one button, or one for each of the words run together in it; empty if it is missing
     */
    public record Line(String word, List<String> written, int times, Sort sort, Can can, List<Place> places) {
        /** From home to say it, by what is shown; 0 if the student does not get there. */
        public int taps() {
            return places.stream().anyMatch(p -> p.taps() == 0) ? 0 : places.stream().mapToInt(Place::taps).sum();
        }
    }

    /**
     * @param lines     those written most often first, then in the order of the text
     * @param words     how many words the text has; names and numbers are not among them
     * @param said      how many of them can be said now
     * @param different different words
     * @param saidOf    how many of those can be said now
     */
    public record Found(List<Line> lines, int words, int said, int different, int saidOf) {
        /** Of the words, in hundredths, rounded down: all are said to be only if they are, and where there are none. */
        public int percent() {
            return words == 0 ? ALL : ALL * said / words;
        }
    }

    private record Match(List<Place> places, Can can, boolean exact, int length) {
    }

    private final Vocabulary vocabulary;
    private final Revealed revealed;
    private final @Nullable Forms forms;
    private final Predicate<String> ordinary;
    private final String language;
    private final Map<String, Match> exactly = new HashMap<>();
    private final Map<String, Match> byForm = new HashMap<>();
    private final Map<String, Optional<Match>> found = new HashMap<>();

    /**
     * @param forms    of words
     * @param ordinary true of a word of the language that is not only somebody's name
     */
    public Sayable(Vocabulary vocabulary, Revealed revealed, Forms forms, Predicate<String> ordinary) {
        this.vocabulary = vocabulary;
        this.revealed = revealed;
        this.language = Locale.forLanguageTag(vocabulary.locale()).getLanguage();
        boolean english = language.equals("en");
        this.forms = english ? forms : null;
        this.ordinary = english ? ordinary : word -> false;
        Map<String, Integer> ways = ShownWays.of(vocabulary, revealed);
        for (Board board : vocabulary.boards().values()) {
            int taps = ways.containsKey(board.id()) ? ways.get(board.id()) + 1 : 0;
            board.buttons().stream().filter(Button::isWord).forEach(b -> put(new Place(board.id(), board.name(), b, taps)));
        }
    }

    public Locale locale() {
        return Locale.forLanguageTag(vocabulary.locale());
    }

    private void put(Place place) {
        String said = Spelling.fold(place.button().spoken());
        if (said.isEmpty()) {
            return;
        }
        Match match = new Match(List.of(place), can(place), true, 1);
        exactly.merge(said, match, Sayable::better);
        if (forms != null && said.indexOf(' ') < 0) {
            forms.inflected(said).forEach(form -> byForm.merge(form, new Match(match.places, match.can, false, 1), Sayable::better));
        }
    }

    private Can can(Place place) {
        Revealed.Kept why = revealed.why(place.button());
        return why == Revealed.Kept.HELD ? Can.HELD : why != null ? Can.WAITS : place.taps() == 0 ? Can.NO_WAY : Can.SAID;
    }

    private static Match better(Match one, Match other) {
        return ORDER.compare(one, other) <= 0 ? one : other;
    }

    private static final Comparator<Match> ORDER = Comparator.comparing(Match::can).thenComparing(m -> !m.exact)
        .thenComparingInt(m -> m.places.stream().mapToInt(p -> p.taps() == 0 ? 1_000 : p.taps()).sum());

    /** What of a text can be said. */
    public Found of(Passage passage) {
        List<Token> tokens = passage.pieces().stream().map(this::token).toList();
        Set<String> names = names(tokens);
        Map<String, Counted> counted = new LinkedHashMap<>();
        for (int i = 0; i < tokens.size();) {
            Token token = tokens.get(i);
            Match together = together(tokens, i);
            Match match = together == null ? one(token).orElse(null) : together;
            int length = match == null ? 1 : match.length;
            String written = tokens.subList(i, i + length).stream().map(t -> t.piece.text()).collect(Collectors.joining(" "));
            Sort sort = token.piece.number() ? Sort.NUMBER : length == 1 && names.contains(token.stem) ? Sort.NAME : Sort.WORD;
            String word = match != null ? called(match, written) : sort == Sort.WORD ? lemma(token) : token.written;
            counted.computeIfAbsent((match == null ? "-" : "+") + Spelling.fold(word), k -> new Counted(word, sort)).add(written, length, match);
            i += length;
        }
        return found(counted);
    }

    /**
     * A word of the text as it is looked up.
     *
     * @param folded  all of it
     * @param parts   the words run together in it; empty if it is one
     * @param written without what says whose something is, as it is written
     * @param stem    that, folded
     */
    private record Token(Passage.Piece piece, String folded, List<String> parts, String written, String stem) {
    }

    private Token token(Passage.Piece piece) {
        List<String> parts = forms == null || piece.number() ? List.of() : Contractions.of(piece.text());
        String written = parts.size() == 1 ? piece.text().substring(0, parts.get(0).length()) : piece.text();
        return new Token(piece, Spelling.fold(piece.text()), parts, written, Spelling.fold(written));
    }

    private static Found found(Map<String, Counted> counted) {
        List<Line> lines = counted.values().stream().map(Counted::line).sorted(Comparator.comparingInt(Line::times).reversed()).toList();
        List<Counted> words = counted.values().stream().filter(c -> c.sort == Sort.WORD).toList();
        List<Counted> said = words.stream().filter(c -> c.can() == Can.SAID).toList();
        return new Found(lines, words.stream().mapToInt(c -> c.words).sum(), said.stream().mapToInt(c -> c.words).sum(), words.size(), said.size());
    }

    /** A line as it is counted. */
    private static final class Counted {
        private final String word;
        private final Sort sort;
        private final Set<String> written = new LinkedHashSet<>();
        private @Nullable Match match;
        private int times;
        private int words;

        Counted(String word, Sort sort) {
            this.word = word;
            this.sort = sort;
        }

        void add(String as, int length, @Nullable Match by) {
            written.add(as);
            times++;
            words += length;
            match = match == null || by == null ? by : better(match, by);
        }

        Can can() {
            return match == null ? Can.MISSING : match.can;
        }

        Line line() {
            return new Line(word, List.copyOf(written), times, sort, can(), match == null ? List.of() : match.places);
        }
    }

    private static String called(Match match, String written) {
        return match.places.size() == 1 ? match.places.get(0).button().called() : written.toLowerCase(Locale.ROOT);
    }

    /** Several words of one sentence that one button says, the longest first; one that cannot be pressed now only where its words cannot be said singly. */
    private @Nullable Match together(List<Token> tokens, int from) {
        int most = 1;
        while (most < TOGETHER && from + most < tokens.size() && !tokens.get(from + most).piece.begins()) {
            most++;
        }
        Match later = null;
        for (int length = most; length > 1; length--) {
            List<Token> some = tokens.subList(from, from + length);
            Match match = exactly.get(some.stream().map(Token::folded).collect(Collectors.joining(" ")));
            if (match == null) {
                continue;
            }
            Match whole = new Match(match.places, match.can, true, length);
            if (match.can == Can.SAID) {
                return whole;
            }
            boolean singly = some.stream().allMatch(t -> one(t).filter(m -> m.can == Can.SAID).isPresent());
            later = later == null && !singly ? whole : later;
        }
        return later;
    }

    private Optional<Match> one(Token token) {
        return found.computeIfAbsent(token.piece.text().toLowerCase(Locale.ROOT), text -> {
            List<Match> all = new ArrayList<>();
            word(token.folded).ifPresent(all::add);
            if (token.piece.number()) {
                number(token.folded).ifPresent(all::add);
            } else if (all.stream().noneMatch(m -> m.can == Can.SAID)) {
                runTogether(token.parts).ifPresent(all::add);
            }
            return all.stream().min(ORDER);
        });
    }

    private Optional<Match> word(String folded) {
        Match best = exactly.get(folded);
        if (forms != null && (best == null || best.can != Can.SAID)) {
            for (String base : forms.inflected(folded)) {
                Match of = byForm.get(base);
                best = best == null ? of : of == null ? best : better(best, of);
            }
        }
        return Optional.ofNullable(best);
    }

    private Optional<Match> number(String digits) {
        boolean small = forms != null && digits.length() < 5 && digits.chars().allMatch(c -> c >= '0' && c <= '9');
        return small ? NumberReading.inWords(Integer.parseInt(digits)).flatMap(words -> word(Spelling.fold(words))) : Optional.empty();
    }

    private Optional<Match> runTogether(List<String> parts) {
        List<Place> places = new ArrayList<>();
        Can worst = Can.SAID;
        for (String part : parts) {
            Match match = word(Spelling.fold(part)).orElse(null);
            if (match == null) {
                return Optional.empty();
            }
            places.addAll(match.places);
            worst = match.can.compareTo(worst) > 0 ? match.can : worst;
        }
        return parts.isEmpty() ? Optional.empty() : Optional.of(new Match(places, worst, false, 1));
    }

    /** The word a form that is missing belongs to, if the language has it; with what stands there for whose it is taken off. */
    private String lemma(Token token) {
        String small = token.written.toLowerCase(locale());
        return forms == null ? small : forms.inflected(small).stream().skip(1).filter(ordinary).findFirst().orElse(small);
    }

    /** Stems that are names here. */
    private Set<String> names(List<Token> tokens) {
        if (LARGE_NOUNS.contains(language) || tokens.stream().noneMatch(t -> Character.isLowerCase(t.piece.text().codePointAt(0)))) {
            return Set.of();
        }
        Set<String> names = new HashSet<>();
        Set<String> none = new HashSet<>();
        for (Token token : tokens) {
            boolean may = token.piece.large() && token.parts.size() < 2 && (forms == null ? !token.piece.begins() : !isOrdinary(token.stem));
            if (may) {
                names.add(token.stem);
            } else if (!token.piece.large()) {
                none.add(token.stem);
            }
        }
        names.removeAll(none);
        return names;
    }

    private boolean isOrdinary(String stem) {
        return forms != null && forms.inflected(stem).stream().anyMatch(ordinary);
    }
}
