package org.dwimble.core.support.kept;

import org.dwimble.core.document.As;
import org.dwimble.core.document.Field;
import org.dwimble.core.document.Part;
import org.dwimble.core.support.PicturePages;
import tools.jackson.databind.node.ObjectNode;

/** Pictures on pages, as kept. */
final class PicturePagesPart extends Part<PicturePages> {
    private final Field<PicturePages, Integer> onSheet = field("onSheet", As.NUMBER, 1, PicturePages::onSheet);

    @Override
    protected PicturePages made(ObjectNode json) {
        return new PicturePages(onSheet.in(json));
    }
}
