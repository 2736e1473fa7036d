package org.dwimble.core.reveal;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.plan.Plan;
import org.dwimble.core.route.Ways;
import org.jspecify.annotations.Nullable;

/**
 * A vocabulary as its student sees it at the step he or she is at. Worked out in time in proportion to the number of
 * buttons; on boards it has been worked out for once, in proportion to the boards and the buttons that open one.
 *
 * <p>A button that is held is not shown; nor, while there is a plan, is one whose step is still to come or that belongs to no
 * step. The ways back and home are no words: the plan leaves them alone. A button that says nothing and only opens a board
 * needs no step: it is shown while that board, or one it opens in turn, shows something, and disappears while all there is
 * behind it is kept back. If it says something too, it is a word like others, and does not lead while there is nothing behind
 * it. Boards that hold nothing at all keep nothing back, so that a new board's opener stays. Home is not behind anything.
 */
public final class Revealed {
    /** What keeps a button back. */
    public enum Kept {
        WAITS, HELD, NOTHING_BEHIND
    }

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
            Gist gist = Gist.of(board);
            if (gist.has()) {
                full.add(board.id());
            }
            if (steps.isEmpty() ? !gist.steps().isEmpty() : gist.steps().stream().anyMatch(steps::contains)) {
                showing.add(board.id());
            }
            for (Button button : Ways.of(board).openers()) {
                if (button.onlyOpens()) {
                    String opened = ((Leads.Opens) button.leads()).board();
                    openers.computeIfAbsent(opened, b -> new ArrayList<>()).add(board.id());
                    if (byItself(button) == null) {
                        shownOpeners.computeIfAbsent(opened, b -> new ArrayList<>()).add(board.id());
                    }
                }
            }
        }
        reachBack(full, openers, vocabulary.home());
        reachBack(showing, shownOpeners, vocabulary.home());
        for (Board board : vocabulary.boards().values()) {
            for (Button button : Ways.of(board).openers()) {
                String opened = ((Leads.Opens) button.leads()).board();
                if (!opened.equals(vocabulary.home()) && full.contains(opened) && !showing.contains(opened) && byItself(button) == null) {
                    (button.onlyOpens() ? nothingBehind : leadsNowhereYet).add(button.id());
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
        boolean free = steps.isEmpty() || button.isWay() || button.onlyOpens() && button.shown().step() == null;
        return free || button.shown().step() != null && steps.contains(button.shown().step()) ? null : Kept.WAITS;
    }

    /** What keeps a button back; null if it is shown. */
    public @Nullable Kept why(Button button) {
        Kept byItself = byItself(button);
        return byItself == null && button.leads() instanceof Leads.Opens && nothingBehind.contains(button.id()) ? Kept.NOTHING_BEHIND : byItself;
    }

    public boolean shows(Button button) {
        return byItself(button) == null && !(button.leads() instanceof Leads.Opens && nothingBehind.contains(button.id()));
    }

    /** True if a button is shown here exactly if it is there, whatever button it is but those that open boards. */
    public boolean showsLike(Revealed other) {
        return steps.equals(other.steps);
    }

    /** What keeps each button back that is not shown, by its id; in no order. */
    public Map<String, Kept> kept() {
        List<List<String>> waiting = new ArrayList<>();
        List<List<String>> held = new ArrayList<>();
        int count = nothingBehind.size();
        for (Board board : vocabulary.boards().values()) {
            held.add(Gist.of(board).held());
            count += Gist.of(board).held().size();
            for (Map.Entry<String, List<String>> step : Gist.of(board).inStep().entrySet()) {
                if (!steps.isEmpty() && !steps.contains(step.getKey())) {
                    waiting.add(step.getValue());
                    count += step.getValue().size();
                }
            }
        }
        Map<String, Kept> kept = new HashMap<>(count * 2);
        held.forEach(ids -> ids.forEach(id -> kept.put(id, Kept.HELD)));
        waiting.forEach(ids -> ids.forEach(id -> kept.put(id, Kept.WAITS)));
        nothingBehind.forEach(id -> kept.put(id, Kept.NOTHING_BEHIND));
        return kept;
    }

    /** Ids of buttons that say something, and would open boards that show nothing yet; in no order. */
    public Set<String> leadsNowhereYet() {
        return Collections.unmodifiableSet(leadsNowhereYet);
    }

    /** True of a word that waits for no step of a plan that is on. */
    public static boolean inNoStep(Button button, Plan plan) {
        return !plan.none() && plan.numberOf(button.shown().step()) == 0 && !button.hidden() && button.isWord() && !button.isWay();
    }

    /** How many words a board shows. */
    public Line line(Board board) {
        int shown = 0;
        int all = 0;
        for (Map.Entry<Set<String>, Set<String>> group : Gist.of(board).words().entrySet()) {
            boolean shows = steps.isEmpty() ? !group.getKey().isEmpty() : group.getKey().stream().anyMatch(steps::contains);
            shown += shows ? group.getValue().size() : 0;
            all += group.getValue().size();
        }
        return new Line(shown, all);
    }
}
