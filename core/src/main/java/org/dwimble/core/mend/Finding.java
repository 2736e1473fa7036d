package org.dwimble.core.mend;

import java.util.List;
import org.dwimble.core.board.Cell;
import org.dwimble.core.edit.Intention;
import org.dwimble.core.told.Told;
import org.jspecify.annotations.Nullable;

/**
 * Something about the boards worth a look, with ready ways to mend it.
 *
 * @param told  what is the matter
 * @param board id of the board it is on
 * @param cell  the cell, if it is about one button
 * @param mends ways out, the likeliest first; may be empty
 */
public record Finding(What what, Told told, String board, @Nullable Cell cell, List<Mend> mends) {

    public enum What {
        LOOSE_END, NO_WAY_OUT, UNREACHABLE
    }

    /** @param told what the mend does, short enough for a button */
    public record Mend(Told told, Intention intention) {
    }
}
