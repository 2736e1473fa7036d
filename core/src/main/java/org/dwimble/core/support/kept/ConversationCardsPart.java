package org.dwimble.core.support.kept;

import org.dwimble.core.document.As;
import org.dwimble.core.document.Field;
import org.dwimble.core.document.Part;
import org.dwimble.core.support.ConversationCards;
import tools.jackson.databind.node.ObjectNode;

/** Conversation cards, as kept. */
final class ConversationCardsPart extends Part<ConversationCards> {
    private final Field<ConversationCards, Integer> onSheet = field("onSheet", As.NUMBER, 4, ConversationCards::onSheet);
    private final Field<ConversationCards, Integer> lines = field("lines", As.NUMBER, 2, ConversationCards::lines);

    @Override
    protected ConversationCards made(ObjectNode json) {
        return new ConversationCards(onSheet.in(json), lines.in(json));
    }
}
