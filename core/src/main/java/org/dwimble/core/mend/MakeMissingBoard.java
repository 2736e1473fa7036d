package org.dwimble.core.mend;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.function.Supplier;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.Change;
import org.dwimble.core.edit.Facet;
import org.dwimble.core.edit.Intention;
import org.dwimble.core.edit.Key;
import org.dwimble.core.edit.On;
import org.dwimble.core.route.Siblings;
import org.dwimble.core.text.Text;
import org.dwimble.core.told.Told;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.core.version.Needs;

/** Makes the board that a button opens and that is not there, named after the button. */
@JsonTypeName("make-missing-board")
public record MakeMissingBoard(String board, String button) implements Intention {
    @Override
    public Change on(Vocabulary now, Supplier<String> ids) {
        Button opener = On.button(On.board(now, board), button);
        if (!(opener.leads() instanceof Leads.Opens opens) || now.boards().containsKey(opens.board())) {
            throw new Unacceptable("not-loose", "button", opener.label());
        }
        // Without a label the new board has no name of its own yet; the person renames it.
        String name = opener.label().isEmpty() ? "?" : Text.cut(opener.label(), Board.LONGEST_NAME);
        Board made = Siblings.of(now, board).newBoard(opens.board(), name, null, ids);
        return Change.of(now, now.with(made), Needs.of(new Key.OfFacet(button, Facet.LEADS), new Key.OfBoard(opens.board())),
            Told.of("added-board", "board", made.name()));
    }
}
