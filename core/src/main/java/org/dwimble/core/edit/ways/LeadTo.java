package org.dwimble.core.edit.ways;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.function.Supplier;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.Change;
import org.dwimble.core.edit.Facet;
import org.dwimble.core.edit.Instead;
import org.dwimble.core.edit.Intention;
import org.dwimble.core.edit.On;
import org.dwimble.core.told.Told;
import org.dwimble.core.told.Unacceptable;

/** Lets a button lead somewhere else, or stay. */
@JsonTypeName("lead-to")
public record LeadTo(String board, String button, Leads leads) implements Intention {
    public LeadTo {
        leads = leads == null ? Leads.STAYS : leads;
        if (leads instanceof Leads.OfLater) {
            throw new Unacceptable("doing-unknown");
        }
    }

    /** The way is put beside instead. */
    @Override
    public Optional<Instead> instead(Vocabulary now, Predicate<String> learned) {
        if (!(leads instanceof Leads.Opens opens)) {
            return Optional.empty();
        }
        Board on = On.board(now, board);
        Button was = On.button(on, button);
        String name = now.board(opens.board()).map(Board::name).orElse(was.label());
        return Instead.cellBeside(now, on, was.cell()).map(cell -> new Instead(
            Told.of("instead-opener", "row", cell.row() + 1, "column", cell.column() + 1), new PutOpener(board, cell, name, null, leads)));
    }

    @Override
    public Change on(Vocabulary now, Supplier<String> ids) {
        return On.altered(now, board, button, Facet.LEADS, leads, "led");
    }
}
