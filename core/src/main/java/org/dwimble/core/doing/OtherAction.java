package org.dwimble.core.doing;

import java.util.List;
import tools.jackson.databind.JsonNode;

/**
 * What another program's package lets a button do and Dwimble does not: it is shown, carried along and written back.
 *
 * @param json the action as the package has it, as JSON; up to {@value #MOST} characters. Kept as a text so that no number in it is changed
 */
public record OtherAction(String json) implements Doing {
    public static final int MOST = 2_000;
    static final Sort<OtherAction> SORT = Sort.withText(OtherAction.class, "action", OtherAction::json, OtherAction::new)
        .asAction(OtherAction::node, a -> null);

    public OtherAction {
        Written.read(json, MOST);
    }

    private JsonNode node() {
        return Written.read(json, MOST);
    }

    @Override
    public Sort<OtherAction> sort() {
        return SORT;
    }

    @Override
    public List<Effect> effects() {
        return List.of();
    }
}
