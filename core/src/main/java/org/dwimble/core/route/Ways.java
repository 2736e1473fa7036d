package org.dwimble.core.route;

import java.util.List;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Leads;

/**
 * Where a board leads: all that has to be known of it to say how boards hang together, so that asking again after an edit takes time in
 * proportion to the boards and not to their buttons.
 *
 * @param openers those of its buttons that open a board, in reading order
 * @param out     those that lead home or back, in reading order
 */
public record Ways(List<Button> openers, List<Button> out) {
    /** Worked out once. */
    public static Ways of(Board board) {
        return board.workedOut(Ways.class, b -> new Ways(b.buttons().stream().filter(o -> o.leads() instanceof Leads.Opens).toList(),
            b.buttons().stream().filter(o -> o.leads() instanceof Leads.Home || o.leads() instanceof Leads.Back).toList()));
    }

    public boolean home() {
        return has(Leads.HOME);
    }

    public boolean back() {
        return has(Leads.BACK);
    }

    boolean has(Leads leads) {
        return out.stream().anyMatch(b -> b.leads().equals(leads));
    }
}
