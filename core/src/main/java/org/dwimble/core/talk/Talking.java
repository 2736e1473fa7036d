package org.dwimble.core.talk;

import java.util.ArrayList;
import java.util.List;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Leads;

/**
 * Where the student is and what has been said so far.
 *
 * @param trail boards that led here, the last one last
 * @param once  where in the trail the next word comes back to; -1 if nowhere
 */
public record Talking(String board, List<String> trail, List<Token> message, int once) {
    public Talking {
        trail = List.copyOf(trail);
        message = List.copyOf(message);
    }

    public Talking(String board, List<String> trail, List<Token> message) {
        this(board, trail, message, -1);
    }

    public static Talking at(String board) {
        return new Talking(board, List.of(), List.of());
    }

    /** One tap: what the button says and does in its order, then its way. The way back from where nothing led is home; home forgets the way. */
    public Tapped tap(Button button, Around around) {
        String home = around.home();
        Saying saying = new Saying(message, button, around);
        button.acts().inOrder().stream().flatMap(d -> d.effects().stream()).forEach(saying::follow);
        Talking said = new Talking(board, trail, saying.message(), once);
        if (button.leads() instanceof Leads.Opens opens && !around.exists().test(opens.board())) {
            return new Tapped(said, saying.performed(), true);
        }
        boolean comesBack = once >= 0 && saying.isWord() && button.leads() instanceof Leads.Stays;
        return new Tapped(comesBack ? new Talking(trail.get(once), trail.subList(0, once), saying.message()) : said.gone(button.leads(), home),
            saying.performed(), false);
    }

    private Talking gone(Leads leads, String home) {
        if (leads instanceof Leads.Home || leads instanceof Leads.Back && trail.isEmpty()) {
            return new Talking(home, List.of(), message);
        }
        if (leads instanceof Leads.Back) {
            int left = trail.size() - 1;
            return new Talking(trail.get(left), trail.subList(0, left), message, once < left ? once : -1);
        }
        if (!(leads instanceof Leads.Opens opens) || opens.board().equals(board)) {
            return this;
        }
        List<String> way = new ArrayList<>(trail);
        way.add(board);
        return opens.board().equals(home) ? new Talking(home, List.of(), message)
            : new Talking(opens.board(), way, message, opens.comesBack() && once < 0 ? trail.size() : once);
    }
}
