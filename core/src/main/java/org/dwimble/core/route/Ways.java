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
 * @param home    true if it has a way home
 * @param back    true if it has a way back
 */
public record Ways(List<Button> openers, boolean home, boolean back) {
    /** Worked out once. */
    public static Ways of(Board board) {
        return board.workedOut(Ways.class, b -> new Ways(b.buttons().stream().filter(o -> o.leads() instanceof Leads.Opens).toList(),
            b.buttons().stream().anyMatch(o -> o.leads() instanceof Leads.Home), b.buttons().stream().anyMatch(o -> o.leads() instanceof Leads.Back)));
    }
}
