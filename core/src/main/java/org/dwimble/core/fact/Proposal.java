package org.dwimble.core.fact;

import org.dwimble.core.board.Button;
import org.dwimble.core.told.Told;

/**
 * A word a fact proposes to hold or to bring forward.
 *
 * @param board  id of the board its button stands on
 * @param does   what is proposed
 * @param sure   how sure
 * @param why    in a few words, to follow the word
 */
public record Proposal(String board, Button button, Does does, Sure sure, Told why) {
    /** What is proposed. */
    public enum Does {
        HOLD, BRING_FORWARD
    }

    /** The surest first. */
    public enum Sure {
        SURE, LIKELY, PERHAPS
    }
}
