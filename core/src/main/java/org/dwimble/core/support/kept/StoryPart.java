package org.dwimble.core.support.kept;

import org.dwimble.core.document.As;
import org.dwimble.core.document.Field;
import org.dwimble.core.document.Part;
import org.dwimble.core.measure.Length;
import org.dwimble.core.support.Story;
import tools.jackson.databind.node.ObjectNode;

/** Story pages, as kept. */
final class StoryPart extends Part<Story> {
    private final Field<Story, Story.Bound> bound = field("bound", As.word(Story.Bound.class), Story.Bound.TWO, Story::bound);
    private final Field<Story, Length> creep = field("creep", As.LENGTH, Length.ZERO, Story::creep);
    private final Field<Story, Boolean> over = field("over", As.FLAG, false, Story::over);
    private final Field<Story, String> title = field("title", As.TEXT, "", Story::title);

    @Override
    protected Story made(ObjectNode json) {
        return new Story(bound.in(json), creep.in(json), over.in(json), title.in(json));
    }
}
