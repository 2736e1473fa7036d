package org.dwimble.core.support.kept;

import org.dwimble.core.document.As;
import org.dwimble.core.document.Field;
import org.dwimble.core.document.Part;
import org.dwimble.core.support.Choices;
import tools.jackson.databind.node.ObjectNode;

/** Choices, as kept. */
final class ChoicesPart extends Part<Choices> {
    private final Field<Choices, Integer> onSheet = field("onSheet", As.NUMBER, 4, Choices::onSheet);
    private final Field<Choices, String> asked = field("asked", As.TEXT, "What would you like?", Choices::asked);

    @Override
    protected Choices made(ObjectNode json) {
        return new Choices(onSheet.in(json), asked.in(json));
    }
}
