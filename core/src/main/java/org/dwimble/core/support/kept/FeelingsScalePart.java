package org.dwimble.core.support.kept;

import org.dwimble.core.document.As;
import org.dwimble.core.document.Field;
import org.dwimble.core.document.Part;
import org.dwimble.core.support.FeelingsScale;
import tools.jackson.databind.node.ObjectNode;

/** A scale; numbers and colour are left out where nobody has chosen, as before there was a choice, as kept. */
final class FeelingsScalePart extends Part<FeelingsScale> {
    private final Field<FeelingsScale, Integer> steps = field("steps", As.NUMBER, 4, FeelingsScale::steps);
    private final Field<FeelingsScale, String> heading = field("heading", As.TEXT, "How strong is it?", FeelingsScale::heading);
    private final Field<FeelingsScale, Boolean> numbers = field("numbers", As.FLAG, null, FeelingsScale::numbers);
    private final Field<FeelingsScale, String> colour = field("colour", As.TEXT, null, FeelingsScale::colour);

    @Override
    protected FeelingsScale made(ObjectNode json) {
        return new FeelingsScale(steps.in(json), heading.in(json), numbers.orNone(json), colour.orNone(json));
    }
}
