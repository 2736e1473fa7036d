package org.dwimble.server.told;

import java.util.Arrays;
import java.util.stream.Collectors;

/** Where something went wrong, for the log: kinds of errors and places in the program, never what they say, as that may be a name or a word of a student. */
public final class Trace {
    private static final int PLACES = 12;
    private static final int CAUSES = 5;

    private Trace() {
    }

    public static String of(Throwable error) {
        StringBuilder told = new StringBuilder();
        int causes = 0;
        for (Throwable at = error; at != null && causes < CAUSES; at = at.getCause(), causes++) {
            told.append(causes == 0 ? "" : System.lineSeparator() + "  because of ").append(at.getClass().getName())
                .append(Arrays.stream(at.getStackTrace()).limit(PLACES)
                    .map(place -> System.lineSeparator() + "    at " + place).collect(Collectors.joining()));
        }
        return told.toString();
    }
}
