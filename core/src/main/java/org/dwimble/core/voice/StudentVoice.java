package org.dwimble.core.voice;

import org.dwimble.core.text.Text;
import org.dwimble.core.told.Unacceptable;

/**
 * The voice chosen for a student.
 *
 * @param where whose voice it is
 * @param name  what the browser calls it, or which of Dwimble's own it is; empty for the usual one there
 * @param rate  percent of the usual rate, {@value Spoken#SLOWEST} to {@value Spoken#FASTEST}
 * @param pitch 0 to 100; 50 is as usual
 */
public record StudentVoice(Where where, String name, int rate, int pitch) {
    /** Where it speaks. */
    public enum Where {
        /** A voice of the device, where that has it. */
        BROWSER,
        /** One of Dwimble's own, the same on every device. */
        OURS
    }

    private static final int MOST = 100;

    public StudentVoice {
        Unacceptable.ifMissing(where);
        name = name == null ? "" : Text.tidy(name);
        Text.atMost(MOST, "voice", name);
        rate = Math.max(Spoken.SLOWEST, Math.min(Spoken.FASTEST, rate));
        pitch = Math.max(0, Math.min(100, pitch));
    }
}
