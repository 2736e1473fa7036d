package org.dwimble.core.support;

import org.dwimble.core.measure.Length;
import org.dwimble.core.told.Unacceptable;

/** What numbers and lengths of a set-up can be. What is asked for beyond is refused with both bounds. */
final class Bounds {
    static final Length LEAST_CARD = Length.mm(10);
    static final Length MOST_CARD = Length.mm(600);

    private Bounds() {
    }

    /** @param what names it, for the telling */
    static void within(String what, int value, int least, int most) {
        if (value < least || value > most) {
            throw new Unacceptable("support-number", "what", what, "least", least, "most", most, "has", value);
        }
    }

    static void card(Length side) {
        if (side.compareTo(LEAST_CARD) < 0 || side.compareTo(MOST_CARD) > 0) {
            throw new Unacceptable("card-size", "least", (int) LEAST_CARD.mm(), "most", (int) MOST_CARD.mm());
        }
    }
}
