package org.dwimble.core.voice;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * By what something is heard: a recording, else the voice chosen for the student, else a voice of the device, else Dwimble's own. What fails is followed by
 * the next; if there is none, the screen says so. The browser follows the same rule, on the same cases.
 */
public final class WaysToSay {
    /** What can be heard, in the order in which it is tried. */
    public enum Way {
        SOUND, CHOSEN, BROWSER, OURS
    }

    /**
     * What is there to say it with.
     *
     * @param sound   whether there is a recording or another sound
     * @param chosen  for the student; null if no voice was
     * @param browser names of the device's voices that speak the language
     * @param ours    whether Dwimble's own voices speak it
     * @param phonetic whether some of it is written as it sounds ({@link Phonetic}), which no voice of a device can read
     */
    public record Given(boolean sound, @Nullable StudentVoice chosen, Set<String> browser, boolean ours, boolean phonetic) {
        public Given {
            browser = phonetic ? Set.of() : Set.copyOf(browser);
        }

        private boolean hasChosen() {
            return chosen != null && (chosen.where() == StudentVoice.Where.OURS ? ours : chosen.name().isEmpty() ? !browser.isEmpty() : browser
                .contains(chosen.name()));
        }
    }

    private WaysToSay() {
    }

    /** What is tried, in order; empty if nothing here can say it. */
    public static List<Way> of(Given given) {
        Set<Way> ways = new LinkedHashSet<>();
        if (given.sound) {
            ways.add(Way.SOUND);
        }
        if (given.hasChosen()) {
            ways.add(Way.CHOSEN);
        }
        if (!given.browser.isEmpty()) {
            ways.add(Way.BROWSER);
        }
        if (given.ours) {
            ways.add(Way.OURS);
        }
        return List.copyOf(ways);
    }
}
