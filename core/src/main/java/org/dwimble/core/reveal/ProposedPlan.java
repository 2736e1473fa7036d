package org.dwimble.core.reveal;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.PriorityQueue;
import java.util.Queue;
import java.util.Set;
import java.util.function.ToDoubleFunction;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Kind;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.route.Routes;
import org.dwimble.core.text.Listed;
import org.dwimble.core.told.Told;
import org.dwimble.core.told.Unacceptable;
import org.jspecify.annotations.Nullable;

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

    private record Candidate(String word, Board board, Button button, @Nullable Kind kind, List<String> buttons, int taps, double weight, double root) {
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
    private final Map<String, Candidate> candidates;
    private final Set<String> taken = new HashSet<>();
    /** Those of each kind, and of none, the best first; those taken are thrown out when they come first. */
    private final List<Queue<Candidate>> best = new ArrayList<>();
    private final Map<Kind, Double> shown = new EnumMap<>(Kind.class);
    private final Map<Kind, List<String>> shownWords = new EnumMap<>(Kind.class);

    private ProposedPlan(Vocabulary vocabulary) {
        this.vocabulary = vocabulary;
        this.candidates = new LinkedHashMap<>(2 * vocabulary.boards().values().stream().mapToInt(b -> b.gist().says()).sum());
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
                left().sorted(BY_TAPS).forEach(c -> words.add(word(c, Told.of("why-the-rest"))));
            }
            if (steps.isEmpty() && target != ALL) {
                moving(motives, (target + 1) / 2, words);
                core((target + 3) / 4, words);
            }
            while (target != ALL && count + words.size() < target && taken.size() < candidates.size()) {
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

    private static final Comparator<Candidate> BY_TAPS = Comparator.comparingInt(Candidate::taps).thenComparingDouble(c -> -c.weight)
        .thenComparing(Candidate::word);
    private static final Comparator<Candidate> BEST = Comparator.comparingDouble((Candidate c) -> -c.weight).thenComparingInt(Candidate::taps)
        .thenComparing(Candidate::word);

    private Stream<Candidate> left() {
        return candidates.values().stream().filter(c -> !taken.contains(c.word));
    }

    private void gather(Routes routes, ToDoubleFunction<String> weight) {
        Map<String, Integer> tapsTo = new HashMap<>();
        vocabulary.boards().keySet().forEach(id -> tapsTo.put(id, routes.to(id).map(List::size).orElse(Integer.MAX_VALUE)));
        List<Board> nearest = vocabulary.boards().values().stream().sorted(Comparator.comparing(b -> tapsTo.get(b.id()))).toList();
        for (Board board : nearest) {
            for (Button button : board.buttons()) {
                if (button.isWord() && !button.hidden() && !button.isWay()) {
                    String word = button.spoken().toLowerCase(Locale.ROOT);
                    Candidate known = candidates.get(word);
                    if (known == null) {
                        double weighs = weight.applyAsDouble(word);
                        candidates.put(word, new Candidate(word, board, button, button.kind(), new ArrayList<>(List.of(button.id())),
                            tapsTo.get(board.id()), weighs, Math.sqrt(weighs)));
                    } else {
                        known.buttons.add(button.id());
                    }
                }
            }
        }
        Map<Optional<Kind>, List<Candidate>> ofKind = candidates.values().stream().collect(Collectors.groupingBy(c -> Optional.ofNullable(c.kind)));
        ofKind.values().forEach(all -> {
            Queue<Candidate> queue = new PriorityQueue<>(all.size(), BEST);
            queue.addAll(all);
            best.add(queue);
        });
    }

    private void moving(Map<String, Told> motives, int most, List<Word> into) {
        if (motives.isEmpty()) {
            return;
        }
        left().filter(c -> c.buttons.stream().anyMatch(motives::containsKey)).sorted(BY_TAPS).limit(most).toList()
            .forEach(c -> take(c, c.buttons.stream().filter(motives::containsKey).map(motives::get).findFirst().orElseThrow(), into));
    }

    private void core(int most, List<Word> into) {
        CORE.stream().filter(word -> candidates.containsKey(word) && !taken.contains(word)).limit(most).toList()
            .forEach(word -> take(candidates.get(word), Told.of("why-core-word"), into));
    }

    /** What combines most with what is shown; else what is said most. */
    private Word next() {
        Candidate next = null;
        double most = 0;
        for (Queue<Candidate> queue : best) {
            while (!queue.isEmpty() && taken.contains(queue.peek().word)) {
                queue.remove();
            }
            Candidate c = queue.peek();
            if (c != null) {
                double gain = c.kind == null ? 0 : c.root * gain(c.kind);
                if (next == null || gain > most || gain == most && BEST.compare(c, next) < 0) {
                    next = c;
                    most = gain;
                }
            }
        }
        Told why = most == 0 ? Told.of("why-said-often") : Told.of("why-combines", "phrase", phrase(next), "count", partners(next));
        List<Word> words = new ArrayList<>();
        take(next, why, words);
        return words.get(0);
    }

    /** What a word of a kind gains by what is shown, but for its own weight. */
    private double gain(Kind kind) {
        return shown.entrySet().stream().filter(e -> combines(e.getKey(), kind)).mapToDouble(Map.Entry::getValue).sum();
    }

    private static boolean combines(Kind one, Kind other) {
        return FOLLOWED_BY.get(one).contains(other) || FOLLOWED_BY.get(other).contains(one);
    }

    private int partners(Candidate c) {
        return shownWords.entrySet().stream().filter(e -> combines(e.getKey(), c.kind)).mapToInt(e -> e.getValue().size()).sum();
    }

    /** The first two-word phrase it makes possible. */
    private String phrase(Candidate c) {
        for (Map.Entry<Kind, List<String>> kind : shownWords.entrySet()) {
            if (FOLLOWED_BY.get(kind.getKey()).contains(c.kind)) {
                return kind.getValue().get(0) + " " + c.button.spoken();
            }
            if (FOLLOWED_BY.get(c.kind).contains(kind.getKey())) {
                return c.button.spoken() + " " + kind.getValue().get(0);
            }
        }
        throw new IllegalStateException("a gain without a phrase");
    }

    private void take(Candidate c, Told why, List<Word> into) {
        taken.add(c.word);
        if (c.kind != null) {
            shown.merge(c.kind, c.root, Double::sum);
            shownWords.computeIfAbsent(c.kind, k -> new ArrayList<>()).add(c.button.spoken());
        }
        into.add(word(c, why));
    }

    private static Word word(Candidate c, Told why) {
        return new Word(c.button.spoken(), c.board.id(), c.button, List.copyOf(c.buttons), why);
    }
}
