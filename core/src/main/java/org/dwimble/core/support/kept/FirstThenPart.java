package org.dwimble.core.support.kept;

import org.dwimble.core.document.As;
import org.dwimble.core.document.Field;
import org.dwimble.core.document.Part;
import org.dwimble.core.support.FirstThen;
import tools.jackson.databind.node.ObjectNode;

/** First and then, as kept. */
final class FirstThenPart extends Part<FirstThen> {
    private final Field<FirstThen, Integer> onSheet = field("onSheet", As.NUMBER, 1, FirstThen::onSheet);
    private final Field<FirstThen, String> first = field("first", As.TEXT, "First", FirstThen::first);
    private final Field<FirstThen, String> then = field("then", As.TEXT, "Then", FirstThen::then);

    @Override
    protected FirstThen made(ObjectNode json) {
        return new FirstThen(onSheet.in(json), first.in(json), then.in(json));
    }
}
