package org.dwimble.core.screen;

import org.dwimble.core.measure.Length;
import org.dwimble.core.text.Text;
import org.dwimble.core.told.Unacceptable;

/**
 * What a student's hand needs on a screen.
 *
 * @param leastCell width and height that were found right; no cell of a board made for the student is smaller. 5 to 200 mm
 * @param gap       between cells, 0 to {@value #MOST_GAP_MM} mm
 * @param reason    why, in the words of whoever found it; may be empty, at most {@value #LONGEST_REASON} characters
 */
public record Hand(Length leastCell, Length gap, String reason) {
    public static final int LEAST_CELL_MM = 5;
    public static final int MOST_CELL_MM = 200;
    public static final int MOST_GAP_MM = 60;
    public static final int LONGEST_REASON = 200;
    /** Where nothing else was found right: cells of two fingers at least, as far apart, so that a hand that rests beside one does not touch the next. */
    public static final Hand USUAL = new Hand(Length.mm(30), Length.mm(20), "");

    public Hand {
        if (leastCell.mm() < LEAST_CELL_MM || leastCell.mm() > MOST_CELL_MM) {
            throw new Unacceptable("hand-cell", "has", Math.round(leastCell.mm()), "least", LEAST_CELL_MM, "most", MOST_CELL_MM);
        }
        if (gap.mm() < 0 || gap.mm() > MOST_GAP_MM) {
            throw new Unacceptable("hand-gap", "has", Math.round(gap.mm()), "most", MOST_GAP_MM);
        }
        reason = Text.tidy(reason);
        Text.atMost(LONGEST_REASON, "reason", reason);
    }
}
