package org.dwimble.core.edit.words;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Standing;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.bringin.Arrival;
import org.dwimble.core.bringin.Wanted;
import org.dwimble.core.edit.Brings;
import org.dwimble.core.edit.Change;
import org.dwimble.core.edit.Key;
import org.dwimble.core.edit.On;
import org.dwimble.core.route.WayHome;
import org.dwimble.core.told.Told;
import org.dwimble.core.version.Needs;
import org.jspecify.annotations.Nullable;

/**
 * Puts copies of buttons of another vocabulary on a board, placed as {@link CopyButtons} places them, with the boards they open that are wanted too, as
 * {@link Arrival} works out.
 *
 * @param there  what they come from; never changed
 * @param board  the board there on which they stand
 * @param wanted which boards come with them, and what becomes of buttons that would lead nowhere
 * @param at     the cell promised for the first; null for the first empty one
 * @param looks  true if boards that come keep how they look there
 */
public record BringButtons(Vocabulary there, String board, List<String> buttons, Wanted wanted, String to, @Nullable Cell at, boolean looks)
    implements Brings {
    public BringButtons {
        buttons = On.chosen(buttons);
    }

    @Override
    public Arrival arrival(Vocabulary now) {
        Board from = On.board(there, board);
        return Arrival.withButtons(there, from.withButtons(CopyButtons.inOrder(from, buttons)), now, wanted);
    }

    @Override
    public Change on(Vocabulary now, Arrival arrival, Supplier<String> ids) {
        Board onto = On.board(now, to);
        Arrival.AsHere asHere = arrival.asHere(ids);
        List<Standing> standings = CopyButtons.standings(now, onto, at, asHere.buttons());
        List<Button> brought = new ArrayList<>();
        for (int i = 0; i < standings.size(); i++) {
            brought.add(asHere.buttons().get(i).withStanding(standings.get(i)));
        }
        List<Key> needs = new ArrayList<>(List.of(new Key.OfShape(to)));
        if (at != null) {
            needs.add(new Key.OfCell(to, at));
        }
        Map<String, Board> boards = asHere.dressed(looks, WayHome.of(now), ids);
        return Change.of(now, now.with(boards.values()).with(onto.with(brought)), Needs.of(needs),
            Told.of("brought-buttons", "count", brought.size(), "boards", boards.size(), "from", there.at(board).name(), "board", onto.name()));
    }
}
