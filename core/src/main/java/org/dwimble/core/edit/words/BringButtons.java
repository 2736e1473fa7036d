package org.dwimble.core.edit.words;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Standing;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.Change;
import org.dwimble.core.edit.Intention;
import org.dwimble.core.edit.Key;
import org.dwimble.core.edit.On;
import org.dwimble.core.told.Told;
import org.dwimble.core.version.Needs;
import org.jspecify.annotations.Nullable;

/**
 * Puts copies of buttons of another vocabulary on a board, placed as {@link CopyButtons} places them. One that opens a board
 * this vocabulary does not have, or another vocabulary, says its words and stays.
 *
 * @param at the cell promised for the first; null for the first empty one
 */
public record BringButtons(List<Button> buttons, String from, String to, @Nullable Cell at) implements Intention {
    public BringButtons {
        buttons = On.chosen(buttons);
    }

    @Override
    public Change on(Vocabulary now, Supplier<String> ids) {
        Board onto = On.board(now, to);
        List<Standing> standings = CopyButtons.standings(now, onto, at, buttons);
        List<Button> brought = new ArrayList<>();
        for (int i = 0; i < buttons.size(); i++) {
            brought.add(at(buttons.get(i), standings.get(i), now, ids));
        }
        List<Key> needs = new ArrayList<>(List.of(new Key.OfShape(to)));
        if (at != null) {
            needs.add(new Key.OfCell(to, at));
        }
        return Change.of(now, now.with(onto.with(brought)), Needs.of(needs),
            Told.of("copied-buttons", "count", brought.size(), "from", from, "board", onto.name()));
    }

    /** A copy with an id of its own. */
    public static Button at(Button button, Standing standing, Vocabulary in, Supplier<String> ids) {
        boolean known = !(button.leads() instanceof Leads.Elsewhere)
            && (!(button.leads() instanceof Leads.Opens opens) || in.boards().containsKey(opens.board()));
        return new Button(ids.get(), standing, button.face(), known ? button.acts() : button.acts().withLeads(Leads.STAYS), button.shown(), button.extras());
    }

    /** A board of another vocabulary as it can be brought from there: steps and holds, with the reasons for them, stay behind. */
    public static Board elsewhere(Board board) {
        return board.withButtons(board.buttons().stream().map(b -> b.withShown(b.shown().elsewhere())).toList());
    }
}
