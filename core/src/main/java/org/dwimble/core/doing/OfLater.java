package org.dwimble.core.doing;

import java.util.List;
import tools.jackson.databind.JsonNode;

/**
 * A doing that a later release knows and this one does not: it is shown, carried along and written back.
 *
 * @param json as the document has it
 */
public record OfLater(String json) implements Doing {
    static final Sort<OfLater> SORT = Sort.withText(OfLater.class, "", OfLater::json, OfLater::new);

    public OfLater {
        Written.read(json, Integer.MAX_VALUE);
    }

    JsonNode node() {
        return Written.read(json, Integer.MAX_VALUE);
    }

    @Override
    public Sort<OfLater> sort() {
        return SORT;
    }

    @Override
    public List<Effect> effects() {
        return List.of();
    }
}
