package org.dwimble.core.reveal;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.function.ToDoubleFunction;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Kind;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.route.Routes;
import org.dwimble.core.text.Listed;
import org.dwimble.core.told.Told;
import org.dwimble.core.told.Unacceptable;

/**
 * A plan proposed for a new student, each word with its reason. Words are taken one after the other until a target is reached:
 * <ol>
 * <li>what moves this student, to half of the first step at most: those given with a reason, by taps and then by how often they are said;
 * <li>to another quarter of it, core words, which serve in every topic: those of a list reviewed by hand, in its order
 *     ({@code first-core-words.txt});
 * <li>then always the word that combines most with what is shown already: two words combine if their kinds can follow one another
 *     (the first two-word utterances as R. Brown describes them, A First Language, 1973: who does, does a thing, what a thing is like ...),
 *     and a pair weighs the root of what its two words weigh, so that a word gains most that makes many likely phrases;
 * <li>what combines with nothing, by how often it is said.
 * </ol>
 * What is held, and what is left of the vocabulary, is in no step but the last, if that is to have all. A word that stands on several
 * boards is taken with all its buttons. A step after the first for which no words are left is left out. Ties go to fewer taps, then by
 * word. The same input gives the same plan.
 */
public final class ProposedPlan {
    /** Most words in all steps but the last. */
    public static final int MOST = 400;
    public static final int ALL = 0;

    /** @param buttons ids of all that say it, the one reached first first; @param board of the first; @param why in a few words, to follow it */
    public record Word(String text, String board, Button button, List<String> buttons, Told why) {
    }

    /** @param target how many words are shown at it; {@link #ALL} for all */
    public record Step(int target, List<Word> words) {
    }

    private record Candidate(String word, Board board, Button button, List<String> buttons, int taps, double weight, double root) {
    }

    /** Which kind can come before which. */
    private static final Map<Kind, Set<Kind>> FOLLOWED_BY = Map.of(
        Kind.WHO, Set.of(Kind.DO, Kind.DESCRIBING),
        Kind.DO, Set.of(Kind.THING, Kind.WHO, Kind.WHERE, Kind.DO, Kind.DESCRIBING),
        Kind.DESCRIBING, Set.of(Kind.THING),
        Kind.LITTLE, Set.of(Kind.THING, Kind.DO, Kind.DESCRIBING),
        Kind.QUESTION, Set.of(Kind.WHO, Kind.THING, Kind.DO),
        Kind.SOCIAL, Set.of(Kind.WHO),
        Kind.THING, Set.of(Kind.WHERE, Kind.DESCRIBING),
        Kind.WHERE, Set.of());
    private static final List<String> CORE = Listed.lines(ProposedPlan.class, "first-core-words.txt").stream().flatMap(l -> Listed.words(l).stream())
        .map(w -> w.toLowerCase(Locale.ROOT)).toList();

    private final Vocabulary vocabulary;
    private final List<Candidate> left = new ArrayList<>();
    private final Map<Kind, Double> shown = new EnumMap<>(Kind.class);
    private final Map<Kind, List<String>> shownWords = new EnumMap<>(Kind.class);

    private ProposedPlan(Vocabulary vocabulary) {
        this.vocabulary = vocabulary;
    }

    /**
     * @param targets how many words are shown at each step, growing; {@link #ALL}, as the last, for all
     * @param motives why a button moves this student, by its id
     * @param weight  of what a word says, above 0
     * @throws Unacceptable if the targets do not grow, or are too many
     */
    public static List<Step> of(Vocabulary vocabulary, Routes routes, List<Integer> targets, Map<String, Told> motives, ToDoubleFunction<String> weight) {
        return new ProposedPlan(vocabulary).steps(routes, targets, motives, weight);
    }

    private List<Step> steps(Routes routes, List<Integer> targets, Map<String, Told> motives, ToDoubleFunction<String> weight) {
        checked(targets);
        gather(routes, weight);
        List<Step> steps = new ArrayList<>();
        int count = 0;
        for (int target : targets) {
            List<Word> words = new ArrayList<>();
            if (target == ALL) {
                left.sort(BY_TAPS);
                left.forEach(c -> words.add(word(c, Told.of("why-the-rest"))));
                left.clear();
            }
            if (steps.isEmpty() && target != ALL) {
                moving(motives, (target + 1) / 2, words);
                core((target + 3) / 4, words);
            }
            while (target != ALL && count + words.size() < target && !left.isEmpty()) {
                words.add(next());
            }
            count += words.size();
            if (steps.isEmpty() || !words.isEmpty()) {
                steps.add(new Step(target, List.copyOf(words)));
            }
        }
        return List.copyOf(steps);
    }

    private static void checked(List<Integer> targets) {
        int last = 0;
        for (int i = 0; i < targets.size(); i++) {
            boolean all = targets.get(i) == ALL && i == targets.size() - 1;
            if (!all && (targets.get(i) <= last || targets.get(i) > MOST)) {
                throw new Unacceptable("plan-targets", "most", MOST);
            }
            last = targets.get(i);
        }
        if (targets.isEmpty()) {
            throw new Unacceptable("plan-without-steps");
        }
    }

    private static final Comparator<Candidate> BY_TAPS = Comparator.comparingInt(Candidate::taps).thenComparing(c -> -c.weight).thenComparing(Candidate::word);

    private void gather(Routes routes, ToDoubleFunction<String> weight) {
        Map<String, Candidate> byWord = new LinkedHashMap<>();
        Map<String, Integer> tapsTo = new HashMap<>();
        vocabulary.boards().keySet().forEach(id -> tapsTo.put(id, routes.to(id).map(List::size).orElse(Integer.MAX_VALUE)));
        List<Board> nearest = vocabulary.boardsById().values().stream().sorted(Comparator.comparing(b -> tapsTo.get(b.id()))).toList();
        for (Board board : nearest) {
            for (Button button : board.buttons()) {
                if (button.isWord() && !button.hidden() && !Revealed.isWay(button)) {
                    String word = button.spoken().toLowerCase(Locale.ROOT);
                    Candidate known = byWord.get(word);
                    if (known == null) {
                        double weighs = weight.applyAsDouble(word);
                        byWord.put(word, new Candidate(word, board, button, new ArrayList<>(List.of(button.id())), tapsTo.get(board.id()), weighs,
                            Math.sqrt(weighs)));
                    } else {
                        known.buttons.add(button.id());
                    }
                }
            }
        }
        left.addAll(byWord.values());
    }

    private void moving(Map<String, Told> motives, int most, List<Word> into) {
        left.stream().filter(c -> c.buttons.stream().anyMatch(motives::containsKey)).sorted(BY_TAPS).limit(most).toList()
            .forEach(c -> take(c, c.buttons.stream().filter(motives::containsKey).map(motives::get).findFirst().orElseThrow(), into));
    }

    private void core(int most, List<Word> into) {
        Map<String, Candidate> byWord = new HashMap<>();
        left.forEach(c -> byWord.put(c.word, c));
        CORE.stream().filter(byWord::containsKey).limit(most).forEach(word -> take(byWord.get(word), Told.of("why-core-word"), into));
    }

    /** What combines most with what is shown; else what is said most. */
    private Word next() {
        Candidate best = null;
        double most = 0;
        Map<Kind, Double> gains = new EnumMap<>(Kind.class);
        for (Kind kind : Kind.values()) {
            gains.put(kind, gain(kind));
        }
        for (Candidate c : left) {
            double gain = c.button.kind() == null ? 0 : c.root * gains.get(c.button.kind());
            if (best == null || gain > most || gain == most && better(c, best)) {
                best = c;
                most = gain;
            }
        }
        Told why = most == 0 ? Told.of("why-said-often") : Told.of("why-combines", "phrase", phrase(best), "count", partners(best));
        List<Word> taken = new ArrayList<>();
        take(best, why, taken);
        return taken.get(0);
    }

    private static boolean better(Candidate c, Candidate than) {
        int weight = Double.compare(c.weight, than.weight);
        return weight != 0 ? weight > 0 : c.taps != than.taps ? c.taps < than.taps : c.word.compareTo(than.word) < 0;
    }

    /** What a word of a kind gains by what is shown, but for its own weight. */
    private double gain(Kind kind) {
        return shown.entrySet().stream().filter(e -> combines(e.getKey(), kind)).mapToDouble(Map.Entry::getValue).sum();
    }

    private static boolean combines(Kind one, Kind other) {
        return FOLLOWED_BY.get(one).contains(other) || FOLLOWED_BY.get(other).contains(one);
    }

    private int partners(Candidate c) {
        return shownWords.entrySet().stream().filter(e -> combines(e.getKey(), c.button.kind())).mapToInt(e -> e.getValue().size()).sum();
    }

    /** The first two-word phrase it makes possible. */
    private String phrase(Candidate c) {
        for (Map.Entry<Kind, List<String>> kind : shownWords.entrySet()) {
            if (FOLLOWED_BY.get(kind.getKey()).contains(c.button.kind())) {
                return kind.getValue().get(0) + " " + c.button.spoken();
            }
            if (FOLLOWED_BY.get(c.button.kind()).contains(kind.getKey())) {
                return c.button.spoken() + " " + kind.getValue().get(0);
            }
        }
        throw new IllegalStateException("a gain without a phrase");
    }

    private void take(Candidate c, Told why, List<Word> into) {
        left.remove(c);
        if (c.button.kind() != null) {
            shown.merge(c.button.kind(), c.root, Double::sum);
            shownWords.computeIfAbsent(c.button.kind(), k -> new ArrayList<>()).add(c.button.spoken());
        }
        into.add(word(c, why));
    }

    private static Word word(Candidate c, Told why) {
        return new Word(c.button.spoken(), c.board.id(), c.button, List.copyOf(c.buttons), why);
    }
}
