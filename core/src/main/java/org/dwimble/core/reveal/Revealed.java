package org.dwimble.core.reveal;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.plan.Plan;
import org.jspecify.annotations.Nullable;

/**
 * A vocabulary as its student sees it at the step he or she is at. Worked out in time in proportion to the number of
 * buttons.
 *
 * <p>A button that is held is not shown; nor, while there is a plan, is one whose step is still to come or that belongs to no
 * step. The ways back and home are no words: the plan leaves them alone. A button that says nothing and only opens a board
 * needs no step: it is shown while that board, or one it opens in turn, shows something, and disappears while all there is
 * behind it is kept back. If it says something too, it is a word like others, and does not lead while there is nothing behind
 * it. Boards that hold nothing at all keep nothing back, so that a new board's opener stays. Home is not behind anything.
 */
public final class Revealed {
    /** What keeps a button back. */
    public enum Kept { WAITS, HELD, NOTHING_BEHIND }

    /** @param shown different words the board shows; @param words different words it has */
    public record Line(int shown, int words) {
    }

    /** Ids of buttons that only open boards, all of which show nothing. */
    private final Set<String> nothingBehind = new HashSet<>();
    private final Set<String> leadsNowhereYet = new HashSet<>();
    private final Vocabulary vocabulary;
    /** Ids of the steps whose words are shown. */
    private final Set<String> steps = new HashSet<>();

    private Revealed(Vocabulary vocabulary) {
        this.vocabulary = vocabulary;
        vocabulary.plan().steps().stream().limit(vocabulary.plan().at()).forEach(s -> steps.add(s.id()));
    }

    public static Revealed of(Vocabulary vocabulary) {
        Revealed revealed = new Revealed(vocabulary);
        revealed.project();
        return revealed;
    }

    private void project() {
        Map<String, List<String>> openers = new HashMap<>();
        Map<String, List<String>> shownOpeners = new HashMap<>();
        Set<String> full = new HashSet<>();
        Set<String> showing = new HashSet<>();
        for (Board board : vocabulary.boards().values()) {
            for (Button button : board.buttons()) {
                if (isWay(button)) {
                    continue;
                }
                Kept byItself = byItself(button);
                if (onlyOpens(button)) {
                    String opened = ((Leads.Opens) button.leads()).board();
                    openers.computeIfAbsent(opened, b -> new ArrayList<>()).add(board.id());
                    if (byItself == null) {
                        shownOpeners.computeIfAbsent(opened, b -> new ArrayList<>()).add(board.id());
                    }
                } else {
                    full.add(board.id());
                    if (byItself == null) {
                        showing.add(board.id());
                    }
                }
            }
        }
        reachBack(full, openers, vocabulary.home());
        reachBack(showing, shownOpeners, vocabulary.home());
        for (Board board : vocabulary.boards().values()) {
            for (Button button : board.buttons()) {
                if (button.leads() instanceof Leads.Opens opens && !opens.board().equals(vocabulary.home())
                    && full.contains(opens.board()) && !showing.contains(opens.board()) && byItself(button) == null) {
                    if (onlyOpens(button)) {
                        nothingBehind.add(button.id());
                    } else {
                        leadsNowhereYet.add(button.id());
                    }
                }
            }
        }
    }

    /** From boards that have something on to those that open them; home passes nothing on. */
    private static void reachBack(Set<String> from, Map<String, List<String>> openers, String home) {
        Deque<String> queue = new ArrayDeque<>(from);
        while (!queue.isEmpty()) {
            String board = queue.remove();
            if (!board.equals(home)) {
                openers.getOrDefault(board, List.of()).stream().filter(from::add).forEach(queue::add);
            }
        }
    }

    private @Nullable Kept byItself(Button button) {
        if (button.hidden()) {
            return Kept.HELD;
        }
        boolean free = steps.isEmpty() || isWay(button) || onlyOpens(button) && button.shown().step() == null;
        return free || button.shown().step() != null && steps.contains(button.shown().step()) ? null : Kept.WAITS;
    }

    /** True of a button that is the way back or home: it belongs to no step and is never held. */
    public static boolean isWay(Button button) {
        return button.leads() instanceof Leads.Home || button.leads() instanceof Leads.Back;
    }

    /** True of a button that opens a board and says and does nothing else. */
    public static boolean onlyOpens(Button button) {
        return button.leads() instanceof Leads.Opens && button.doings().isEmpty() && button.spoken().isEmpty();
    }

    /** What keeps a button back; null if it is shown. */
    public @Nullable Kept why(Button button) {
        Kept byItself = byItself(button);
        return byItself == null && nothingBehind.contains(button.id()) ? Kept.NOTHING_BEHIND : byItself;
    }

    public boolean shows(Button button) {
        return byItself(button) == null && !(onlyOpens(button) && nothingBehind.contains(button.id()));
    }

    /** What keeps each button back that is not shown, by its id; in no order. */
    public Map<String, Kept> kept() {
        Map<String, Kept> kept = new HashMap<>();
        for (Board board : vocabulary.boards().values()) {
            for (Button button : board.buttons()) {
                Kept why = why(button);
                if (why != null) {
                    kept.put(button.id(), why);
                }
            }
        }
        return kept;
    }

    /** Ids of buttons that say something, and would open boards that show nothing yet; in no order. */
    public Set<String> leadsNowhereYet() {
        return Collections.unmodifiableSet(leadsNowhereYet);
    }

    /** True of a word that waits for no step of a plan that is on. */
    public static boolean inNoStep(Button button, Plan plan) {
        return !plan.none() && plan.numberOf(button.shown().step()) == 0 && !button.hidden() && button.isWord() && !isWay(button);
    }

    /** How many different words wait for no step. */
    public static int wordsInNoStep(Vocabulary vocabulary) {
        return (int) vocabulary.boards().values().stream().flatMap(b -> b.buttons().stream()).filter(b -> inNoStep(b, vocabulary.plan()))
            .map(b -> b.spoken().toLowerCase(Locale.ROOT)).distinct().count();
    }

    /** How many words a board shows. */
    public Line line(Board board) {
        Map<String, Set<String>> words = board.words();
        return new Line((int) words.values().stream().filter(in -> steps.isEmpty() ? !in.isEmpty() : in.stream().anyMatch(steps::contains)).count(),
            words.size());
    }

    /**
     * How many different words are shown at each step of the plan, the first first; what waits for no step is in none of them.
     * Empty if there is no plan.
     */
    public static List<Integer> wordsByStep(Vocabulary vocabulary) {
        Plan plan = vocabulary.plan();
        Map<String, Integer> numbers = new HashMap<>();
        plan.steps().forEach(s -> numbers.put(s.id(), plan.numberOf(s.id())));
        Map<String, Integer> first = new HashMap<>();
        for (Board board : vocabulary.boards().values()) {
            for (Button button : board.buttons()) {
                Integer number = button.shown().step() == null ? null : numbers.get(button.shown().step());
                if (number != null && !button.hidden() && button.isWord()) {
                    first.merge(button.spoken().toLowerCase(Locale.ROOT), number, Math::min);
                }
            }
        }
        int[] counts = new int[plan.steps().size()];
        first.values().forEach(n -> counts[n - 1]++);
        List<Integer> sums = new ArrayList<>();
        int sum = 0;
        for (int count : counts) {
            sum += count;
            sums.add(sum);
        }
        return List.copyOf(sums);
    }
}
