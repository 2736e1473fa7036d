package org.dwimble.core.grow;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import org.dwimble.core.board.Acts;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Origin;
import org.dwimble.core.board.Vocabulary;

/**
 * What it takes for a grown word to be said by one tap again. The board it opened goes if all of it came when the word grew and nothing else opens it;
 * else it stays as it is and waits, and the word can grow into it again.
 *
 * @param opened  the board the word opens
 * @param word    the same word on it, with what it says
 * @param added   what was put on the board since, or changed there
 * @param openers other buttons that open the board
 */
public record Shrinking(Board opened, Button word, List<Button> added, List<Button> openers) {
    /**
     * Empty if the button has not grown: it opens no board on which the same word stands.
     *
     * @param came a button as it was where it came from; empty if that is not known
     */
    public static Optional<Shrinking> of(Vocabulary now, Button button, Function<Origin, Optional<Button>> came) {
        if (!(button.leads() instanceof Leads.Opens opens) || button.isWay()) {
            return Optional.empty();
        }
        return now.board(opens.board()).filter(opened -> !opened.id().equals(now.home()) && opened.button(button.id()).isEmpty())
            .flatMap(opened -> Kin.same(opened, button).map(word -> of(now, button, opened, word, came)));
    }

    private static Shrinking of(Vocabulary now, Button button, Board opened, Button word, Function<Origin, Optional<Button>> came) {
        List<Button> openers = new ArrayList<>();
        now.boards().values().stream().filter(b -> !b.id().equals(opened.id())).forEach(board -> board.buttons().stream()
            .filter(b -> !b.id().equals(button.id()) && b.leads() instanceof Leads.Opens o && o.board().equals(opened.id())).forEach(openers::add));
        List<Button> added = opened.buttons().stream().filter(b -> !b.isWay() && !b.id().equals(word.id()) && !asItCame(b, came)).toList();
        return new Shrinking(opened, word, added, List.copyOf(openers));
    }

    private static boolean asItCame(Button button, Function<Origin, Optional<Button>> came) {
        Origin origin = button.origin();
        Optional<Button> was = origin == null ? Optional.empty() : came.apply(origin);
        return was.filter(b -> alike(button, b) || alike(button, b.staying())).isPresent();
    }

    private static boolean alike(Button one, Button other) {
        return one.face().equals(other.face()) && one.acts().withLeads(Leads.STAYS).equals(other.acts().withLeads(Leads.STAYS));
    }

    /** What the button says and does once it is one word again. */
    public Acts acts(Button button) {
        return (button.isWord() ? button : word).acts().withLeads(Leads.STAYS);
    }

    public boolean boardGoes() {
        return added.isEmpty() && openers.isEmpty();
    }
}
