package org.dwimble.core.reveal;

import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.plan.Plan;
import org.jspecify.annotations.Nullable;

/**
 * How large a vocabulary is. A word that stands on several boards, or is written once with a capital, is
 * counted once; buttons that only lead somewhere or only spell are not words.
 *
 * @param words  different words
 * @param shown  those of them that some button shows to the student at the step he or she is at
 * @param boards boards
 * @param buttons buttons of every sort
 * @param byStep how many different words are shown at each step of the plan, the first first; what waits for no step is in none of
 *               them; empty if there is no plan
 * @param inNoStep different words of a plan that is on that wait for no step, at least where one of their buttons stands
 */
public record Counts(int words, int shown, int boards, int buttons, List<Integer> byStep, int inNoStep) {
    private static final int NEVER = Integer.MAX_VALUE;

    /** If so many words or more came or went, all are counted anew. */
    private static final int MANY = 200;

    /**
     * The counts of a vocabulary that came of another by a change; only what the change is about is counted.
     *
     * @param was of {@code before}
     */
    public static Counts after(Counts was, Vocabulary before, Vocabulary now) {
        if (!before.boards().keySet().equals(now.boards().keySet()) || !before.plan().equals(now.plan())) {
            return of(now);
        }
        Set<String> otherwise = new HashSet<>();
        int buttons = was.buttons;
        for (Board board : now.boards().values()) {
            Board earlier = before.at(board.id());
            if (earlier != board) {
                buttons += board.buttons().size() - earlier.buttons().size();
                notAlike(Gist.of(earlier), Gist.of(board), otherwise);
                notAlike(Gist.of(board), Gist.of(earlier), otherwise);
            }
        }
        if (otherwise.size() >= MANY) {
            return of(now);
        }
        Counts gone = of(before, otherwise);
        Counts came = of(now, otherwise);
        return new Counts(was.words - gone.words + came.words, was.shown - gone.shown + came.shown, was.boards, buttons,
            IntStream.range(0, was.byStep.size()).mapToObj(i -> was.byStep.get(i) - gone.byStep.get(i) + came.byStep.get(i)).toList(),
            was.inNoStep - gone.inNoStep + came.inNoStep);
    }

    /** Words that one board says in steps in which the other does not. */
    private static void notAlike(Gist one, Gist other, Set<String> into) {
        one.words().forEach((steps, words) -> {
            Set<String> there = other.words().getOrDefault(steps, Set.of());
            words.stream().filter(word -> !there.contains(word)).forEach(into::add);
        });
    }

    public static Counts of(Vocabulary vocabulary) {
        return of(vocabulary, null);
    }

    /** @param only of these words, in lower case; null for all */
    private static Counts of(Vocabulary vocabulary, @Nullable Set<String> only) {
        Plan plan = vocabulary.plan();
        Map<String, Integer> firstAt = new HashMap<>();
        Set<String> inNoStep = new HashSet<>();
        int buttons = 0;
        for (Board board : vocabulary.boards().values()) {
            buttons += board.buttons().size();
            Gist.of(board).words().forEach((steps, all) -> {
                Set<String> words = only == null ? all : only.stream().filter(all::contains).collect(Collectors.toSet());
                if (words.isEmpty()) {
                    return;
                }
                int first = plan.none() ? steps.isEmpty() ? NEVER : 0 : steps.stream().mapToInt(plan::numberOf).filter(n -> n > 0).min().orElse(NEVER);
                words.forEach(word -> firstAt.merge(word, first, Math::min));
                if (!plan.none() && steps.stream().anyMatch(step -> plan.numberOf(step) == 0)) {
                    inNoStep.addAll(words);
                }
            });
        }
        int[] fresh = new int[plan.steps().size() + 1];
        firstAt.values().stream().filter(first -> first != NEVER).forEach(first -> fresh[first]++);
        Arrays.parallelPrefix(fresh, Integer::sum);
        return new Counts(firstAt.size(), fresh[plan.at()], vocabulary.boards().size(), buttons, Arrays.stream(fresh).skip(1).boxed().toList(),
            inNoStep.size());
    }
}
