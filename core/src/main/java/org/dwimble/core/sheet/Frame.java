package org.dwimble.core.sheet;

import org.dwimble.core.measure.Length;
import org.dwimble.core.measure.Rect;

/**
 * A sheet of paper lying one way, before anything is on it.
 *
 * @param room what can be printed on, without the foot
 */
public record Frame(Length width, Length height, boolean lyingDown, Rect room) {
    /** @throws org.dwimble.core.told.Unacceptable if the margins leave nothing */
    public static Frame of(PageSetup setup, boolean lyingDown) {
        return of(setup, lyingDown, Foot.ROOM);
    }

    /** @param foot the room the foot takes @throws org.dwimble.core.told.Unacceptable if the margins leave nothing */
    public static Frame of(PageSetup setup, boolean lyingDown, Length foot) {
        Length width = setup.width(lyingDown);
        Length height = setup.height(lyingDown);
        Length wide = width.minus(setup.margin().times(2));
        Length high = height.minus(setup.margin().times(2)).minus(foot);
        if (wide.compareTo(LEAST) < 0 || high.compareTo(LEAST) < 0) {
            throw new org.dwimble.core.told.Unacceptable("paper-no-room", "margin", (int) setup.margin().mm());
        }
        return new Frame(width, height, lyingDown, new Rect(setup.margin(), setup.margin(), wide, high));
    }

    private static final Length LEAST = Length.mm(20);
}
