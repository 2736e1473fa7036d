package org.dwimble.core.support.kept;

import org.dwimble.core.document.As;
import org.dwimble.core.document.Field;
import org.dwimble.core.document.Part;
import org.dwimble.core.support.WaysToWords;
import tools.jackson.databind.node.ObjectNode;

/** Ways to words, as kept. */
final class WaysToWordsPart extends Part<WaysToWords> {
    private final Field<WaysToWords, Integer> onSheet = field("onSheet", As.NUMBER, 6, WaysToWords::onSheet);
    private final Field<WaysToWords, String> title = field("title", As.TEXT, "New words, and where they are", WaysToWords::title);

    @Override
    protected WaysToWords made(ObjectNode json) {
        return new WaysToWords(onSheet.in(json), title.in(json));
    }
}
