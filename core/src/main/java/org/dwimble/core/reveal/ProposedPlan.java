package org.dwimble.core.reveal;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.PriorityQueue;
import java.util.Queue;
import java.util.Set;
import java.util.function.ToDoubleFunction;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.route.Routes;
import org.dwimble.core.told.Told;
import org.dwimble.core.told.Unacceptable;
import org.jspecify.annotations.Nullable;

/**
 * A plan proposed for a new student, each word with its reason. Words are taken one after the other until a target is reached:
 * <ol>
 * <li>what moves this student, to half of the first step at most: those given with a reason, by taps and then by how often they are said;
 * <li>then core words, which serve in every topic: those of a list reviewed by hand, in its order ({@code first-core-words.txt}), to the
 *     end of the first step and to a third of each step after it;
 * <li>then always the word that combines most with what is shown already: two words combine if a reviewed pattern puts them after
 *     one another ({@link Phrases}), and a pair weighs the root of what its two words weigh, so that a word gains most that makes many
 *     likely phrases; words that fit others alike share what they gain with those of them that are shown, so that kinds come in turn;
 * <li>what combines with nothing, by how often it is said.
 * </ol>
 * Words of grammar, and of what cannot be seen ({@code later-words.txt}), wait until {@value #TWO_WORDS} words are shown, about the end of
 * the stage of two words: before it they say nothing.
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

    private record Candidate(String word, Board board, Button button, Phrases.Fits fits, List<String> buttons, int taps, double weight, double root) {
    }

    /** Words that are shown by when children put more than two together: about a hundred. */
    private static final int TWO_WORDS = 100;
    private static final int CORE_SHARE = 3;
    /** A label of several words is said more rarely than its words. */
    private static final double SEVERAL_WORDS = 0.01;
    private static final Phrases PHRASES = Phrases.shipped();

    private final Vocabulary vocabulary;
    private final Map<String, Candidate> candidates;
    private final Set<String> taken = new HashSet<>();
    /** Those that fit others alike, the best first; those taken are thrown out when they come first. */
    private final List<Queue<Candidate>> best = new ArrayList<>();
    /** What those shown weigh together, of all that fit others alike, and which they are. */
    private final Map<Phrases.Fits, Double> shown = new LinkedHashMap<>();
    private final Map<Phrases.Fits, List<Candidate>> shownWords = new LinkedHashMap<>();

    private ProposedPlan(Vocabulary vocabulary) {
        this.vocabulary = vocabulary;
        this.candidates = new LinkedHashMap<>(2 * vocabulary.boards().values().stream().mapToInt(b -> Gist.of(b).says()).sum());
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
                core(target - words.size(), words);
            } else if (target != ALL) {
                core((target - count) / CORE_SHARE, words);
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
                        double weighs = weight.applyAsDouble(word) * (word.indexOf(' ') < 0 ? 1 : SEVERAL_WORDS);
                        candidates.put(word, new Candidate(word, board, button, PHRASES.fits(word, button.kind()), new ArrayList<>(List.of(button.id())),
                            tapsTo.getOrDefault(board.id(), 0), weighs, Math.sqrt(weighs)));
                    } else {
                        known.buttons.add(button.id());
                    }
                }
            }
        }
        Map<Phrases.Fits, List<Candidate>> alike = candidates.values().stream().collect(Collectors.groupingBy(Candidate::fits, LinkedHashMap::new,
            Collectors.toList()));
        alike.values().forEach(all -> {
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
        CoreWords.ALL.stream().filter(word -> candidates.containsKey(word) && !taken.contains(word)).limit(most).toList()
            .forEach(word -> take(Objects.requireNonNull(candidates.get(word)), Told.of("why-core-word"), into));
    }

    /** What combines most with what is shown; else what is said most. Words that come later are asked only after the stage of two words. */
    private Word next() {
        Candidate next = best(taken.size() >= TWO_WORDS);
        Candidate chosen = Objects.requireNonNull(next == null ? best(true) : next);
        double most = gain(chosen.fits);
        Told why = most == 0 ? Told.of("why-said-often") : Told.of("why-combines", "phrase", phrase(chosen), "count", partners(chosen));
        List<Word> words = new ArrayList<>();
        take(chosen, why, words);
        return words.get(0);
    }

    /** @param later true if words that come after the stage of two words may be taken too @return null if there is none */
    private @Nullable Candidate best(boolean later) {
        Candidate next = null;
        double most = 0;
        for (Queue<Candidate> queue : best) {
            while (!queue.isEmpty() && taken.contains(queue.peek().word)) {
                queue.remove();
            }
            Candidate c = queue.peek();
            if (c != null && (later || !c.fits.later())) {
                double gain = c.root * gain(c.fits) / (1 + shownWords.getOrDefault(c.fits, List.of()).size());
                if (next == null || gain > most || gain == most && BEST.compare(c, next) < 0) {
                    next = c;
                    most = gain;
                }
            }
        }
        return next;
    }

    /** What a word that fits so gains by what is shown, but for its own weight. */
    private double gain(Phrases.Fits fits) {
        return shown.entrySet().stream().filter(e -> fits.combines(e.getKey())).mapToDouble(Map.Entry::getValue).sum();
    }

    private int partners(Candidate c) {
        return shownWords.entrySet().stream().filter(e -> c.fits.combines(e.getKey())).mapToInt(e -> e.getValue().size()).sum();
    }

    /** The likeliest two-word phrase it makes possible, in the order in which a person says it. */
    private String phrase(Candidate c) {
        Candidate with = shownWords.entrySet().stream().filter(e -> c.fits.combines(e.getKey())).flatMap(e -> e.getValue().stream())
            .max(Comparator.comparingDouble(Candidate::weight).thenComparing(Candidate::word)).orElseThrow();
        return with.fits.before(c.fits) ? with.button.spoken() + " " + c.button.spoken() : c.button.spoken() + " " + with.button.spoken();
    }

    private void take(Candidate c, Told why, List<Word> into) {
        taken.add(c.word);
        shown.merge(c.fits, c.root, Double::sum);
        shownWords.computeIfAbsent(c.fits, fits -> new ArrayList<>()).add(c);
        into.add(word(c, why));
    }

    private static Word word(Candidate c, Told why) {
        return new Word(c.button.spoken(), c.board.id(), c.button, List.copyOf(c.buttons), why);
    }
}
