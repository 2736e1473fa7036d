package org.dwimble.core.document;

import java.util.List;
import java.util.function.UnaryOperator;
import org.dwimble.core.told.Unacceptable;
import tools.jackson.databind.node.ObjectNode;

/**
 * The formats documents were ever written in. A field that may be left out needs no new format: it is left out of what
 * has it not, and so changes no old hash; a release that does not know it keeps it. What an old release would
 * misread, such as a new sort of doing, is a new format: a step is added here, and golden files for it.
 */
public final class Formats {
    public static final String FORMAT = "format";
    /** Format 1, of the first release, had no number. */
    private static final int FIRST = 1;

    private Formats() {
    }

    /**
     * Brings a document up to the format written now, step by step.
     *
     * @param steps the first makes format 2 out of 1, and so on
     * @throws Unacceptable if a later release wrote it
     */
    public static ObjectNode upgraded(ObjectNode document, List<UnaryOperator<ObjectNode>> steps) {
        int format = document.path(FORMAT).asInt(FIRST);
        int newest = FIRST + steps.size();
        if (format > newest) {
            throw new Unacceptable("document-too-new", "format", format, "newest", newest);
        }
        ObjectNode upgraded = document;
        for (int step = format; step < newest; step++) {
            upgraded = steps.get(step - FIRST).apply(upgraded);
        }
        return upgraded;
    }
}
