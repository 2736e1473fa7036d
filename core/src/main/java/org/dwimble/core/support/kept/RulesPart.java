package org.dwimble.core.support.kept;

import org.dwimble.core.document.As;
import org.dwimble.core.document.Field;
import org.dwimble.core.document.Part;
import org.dwimble.core.support.Rules;
import tools.jackson.databind.node.ObjectNode;

/** Rules, as kept. */
final class RulesPart extends Part<Rules> {
    private final Field<Rules, Integer> onSheet = field("onSheet", As.NUMBER, 5, Rules::onSheet);
    private final Field<Rules, String> heading = field("heading", As.TEXT, "Our rules", Rules::heading);
    private final Field<Rules, Boolean> numbers = field("numbers", As.FLAG, true, Rules::numbers);

    @Override
    protected Rules made(ObjectNode json) {
        return new Rules(onSheet.in(json), heading.in(json), numbers.in(json));
    }
}
