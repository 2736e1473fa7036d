package org.dwimble.core.edit;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.function.Supplier;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Vocabulary;

/** Lets a button lead somewhere else, or stay. */
@JsonTypeName("lead-to")
public record LeadTo(String board, String button, Leads leads) implements Intention {
    public LeadTo {
        leads = leads == null ? Leads.STAYS : leads;
    }

    @Override
    public Change on(Vocabulary now, Supplier<String> ids) {
        return On.altered(now, board, button, Facet.LEADS, leads, "led");
    }
}
