package org.dwimble.core.access;

import org.dwimble.core.text.Text;
import org.dwimble.core.told.Unacceptable;

/**
 * A switch, as it reaches the device.
 *
 * @param sort what it is taken for
 * @param of   the name of a key as the browser gives it ({@code Space}, {@code Enter}, {@code KeyA}), or the number of a button of a game pad; empty otherwise
 */
public record Switch(Sort sort, String of) {
    /** What a switch may be taken for. */
    public enum Sort {
        /** A key. */
        KEY,
        /** Whatever key is pressed that no other switch is. */
        ANY_KEY,
        /** A click or touch anywhere. */
        TOUCH,
        /** A button of a game pad. */
        PAD_BUTTON
    }

    public static final int LONGEST_NAME = 30;
    public static final Switch SPACE = new Switch(Sort.KEY, "Space");

    public Switch {
        of = sort == Sort.KEY || sort == Sort.PAD_BUTTON ? Text.tidy(of) : "";
        if (sort == Sort.KEY && of.isEmpty() || sort == Sort.PAD_BUTTON && !of.matches("\\d{1,2}") || of.length() > LONGEST_NAME) {
            throw new Unacceptable("switch-key");
        }
    }
}
