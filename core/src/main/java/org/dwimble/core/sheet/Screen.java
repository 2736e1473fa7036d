package org.dwimble.core.sheet;

import org.dwimble.core.board.Unacceptable;

/**
 * A student's screen, held as it is used. What is drawn measures what this says, glass only, without the rim.
 *
 * @param width  30 to 2,000 mm
 * @param height 30 to 2,000 mm
 */
public record Screen(Length width, Length height) {
    public Screen {
        for (Length side : new Length[] {width, height}) {
            if (side.mm() < 30 || side.mm() > 2000) {
                throw new Unacceptable("A screen measures between 30 and 2,000 mm a side, not %.0f.".formatted(side.mm()));
            }
        }
    }

    /** @param diagonal in inches, as screens are sold; @param across, down the proportions, such as 4 and 3 */
    public static Screen ofDiagonal(double diagonal, int across, int down) {
        double unit = diagonal / Math.hypot(across, down);
        return new Screen(Length.inches(unit * across), Length.inches(unit * down));
    }
}
