package org.dwimble.core.screen;

import org.dwimble.core.measure.Length;
import org.dwimble.core.told.Unacceptable;

/**
 * A student's screen, held as it is used. What is drawn measures what this says, glass only, without the rim.
 *
 * @param width  30 to 2,000 mm
 * @param height 30 to 2,000 mm
 */
public record Screen(Length width, Length height) {
    /** How wide a bank card is (ISO/IEC 7810, ID-1). */
    public static final Length CARD = Length.mm(85.6);

    public Screen {
        for (Length side : new Length[] {width, height}) {
            if (side.mm() < 30 || side.mm() > 2000) {
                throw new Unacceptable("screen-size", "has", Math.round(side.mm()));
            }
        }
    }

    /** Held the other way: standing up if it lay across. */
    public Screen turned() {
        return new Screen(height, width);
    }

    /** @param diagonal in inches, as screens are sold; @param across, down the proportions, such as 4 and 3 */
    public static Screen ofDiagonal(double diagonal, int across, int down) {
        double unit = diagonal / Math.hypot(across, down);
        return new Screen(Length.inches(unit * across), Length.inches(unit * down));
    }

    /**
     * Measured by a bank card held against it.
     *
     * @param card how many dots the card is wide, above 0 @param across, down how many the screen has
     */
    public static Screen besideCard(double card, double across, double down) {
        return new Screen(CARD.times(across / card), CARD.times(down / card));
    }
}
