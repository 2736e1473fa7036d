package org.dwimble.core.reveal;

import java.util.Collections;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;

/**
 * What of a board belongs to which step, and is held: all that has to be known of it to say what a student sees, so that asking again after
 * an edit takes time in proportion to the boards and not to their buttons.
 *
 * @param has    true if it has a button that is no way back or home and does more than open a board
 * @param steps  those such buttons belong to that are not held; an empty one for none
 * @param says   how many buttons say something, ways back and home aside
 * @param held   ids of those that are held
 * @param inStep ids of those that are not, by their step; ways back and home, and what only opens a board and belongs to no step, are in none
 * @param words  every word that can be said on it, ways back and home aside, in lower case, each once, by the steps its buttons belong to:
 *               those that are not held; an empty step for none
 */
public record Gist(boolean has, Set<String> steps, int says, List<String> held, Map<String, List<String>> inStep, Map<Set<String>, Set<String>> words) {
    /** Worked out once. */
    public static Gist of(Board board) {
        return board.workedOut(Gist.class, b -> of(b.buttons()));
    }

    private static Gist of(List<Button> buttons) {
        List<Button> more = buttons.stream().filter(b -> !b.isWay() && !b.onlyOpens()).toList();
        return new Gist(!more.isEmpty(), more.stream().filter(b -> !b.hidden()).map(Gist::step).collect(Collectors.toUnmodifiableSet()),
            (int) buttons.stream().filter(b -> !b.isWay() && !b.spoken().isEmpty()).count(), buttons.stream().filter(Button::hidden).map(Button::id).toList(),
            buttons.stream().filter(b -> !b.hidden() && !b.isWay() && !(b.onlyOpens() && b.shown().step() == null))
                .collect(Collectors.collectingAndThen(Collectors.groupingBy(Gist::step, Collectors.mapping(Button::id, Collectors.toUnmodifiableList())),
                    Collections::unmodifiableMap)),
            words(buttons));
    }

    private static Map<Set<String>, Set<String>> words(List<Button> buttons) {
        Map<String, Set<String>> stepsOf = new LinkedHashMap<>();
        for (Button button : buttons) {
            if (button.isWord() && !button.isWay()) {
                Set<String> steps = stepsOf.computeIfAbsent(button.spoken().toLowerCase(Locale.ROOT), w -> new TreeSet<>());
                if (!button.hidden()) {
                    steps.add(step(button));
                }
            }
        }
        Map<Set<String>, Set<String>> bySteps = new HashMap<>();
        stepsOf.forEach((word, steps) -> bySteps.computeIfAbsent(Collections.unmodifiableSet(steps), s -> new LinkedHashSet<>()).add(word));
        bySteps.replaceAll((steps, words) -> Collections.unmodifiableSet(words));
        return Collections.unmodifiableMap(bySteps);
    }

    private static String step(Button button) {
        return button.shown().step() == null ? "" : button.shown().step();
    }
}
