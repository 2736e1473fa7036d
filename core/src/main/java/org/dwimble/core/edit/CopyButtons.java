package org.dwimble.core.edit;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Stream;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Standing;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.route.WayHome;
import org.dwimble.core.told.Told;
import org.dwimble.core.told.Unacceptable;
import org.jspecify.annotations.Nullable;

/**
 * Puts copies of buttons on a board, in reading order, each into the first empty cells that hold it: from a cell on, then from
 * the top. Cells where other boards have home and back are passed over, unless one is the very cell to begin at. All are
 * copied, or none; those copied from stay as they are.
 *
 * @param at the cell promised for the first; null for the first empty one
 */
@JsonTypeName("copy-buttons")
public record CopyButtons(String board, List<String> buttons, String to, @Nullable Cell at) implements Intention {
    public CopyButtons {
        buttons = List.copyOf(buttons);
        if (buttons.isEmpty()) {
            throw new Unacceptable("nothing-to-change");
        }
        if (buttons.size() > Several.MOST) {
            throw new Unacceptable("too-much-at-once", "most", Several.MOST, "has", buttons.size());
        }
    }

    @Override
    public Change on(Vocabulary now, Supplier<String> ids) {
        Board from = On.board(now, board);
        Board onto = On.board(now, to);
        Set<Cell> free = new HashSet<>(onto.emptyCells());
        WayHome.of(now).keptFree(onto).stream().filter(c -> !c.equals(at)).forEach(free::remove);
        List<Cell> inOrder = at == null ? free.stream().sorted().toList()
            : Stream.concat(free.stream().filter(c -> c.compareTo(at) >= 0).sorted(), free.stream().filter(c -> c.compareTo(at) < 0).sorted()).toList();
        List<Button> copied = new ArrayList<>();
        List<Button> chosen = buttons.stream().map(id -> On.button(from, id)).sorted((a, b) -> a.cell().compareTo(b.cell())).toList();
        for (Button button : chosen) {
            Optional<Standing> standing = inOrder.stream().map(c -> new Standing(c, button.span()))
                .filter(s -> s.fits(onto.shape()) && free.containsAll(s.cells())).findFirst();
            if (standing.isEmpty()) {
                throw new Unacceptable("no-room-for-copies", "board", onto.name(), "copies", chosen.size());
            }
            free.removeAll(standing.get().cells());
            copied.add(new Button(ids.get(), standing.get(), button.face(), button.acts(), button.shown(), button.extras()));
        }
        List<Key> needs = new ArrayList<>(List.of(new Key.OfShape(to)));
        buttons.forEach(id -> needs.add(new Key.OfButton(id)));
        if (at != null) {
            needs.add(new Key.OfCell(to, at));
        }
        return Change.of(now, now.with(onto.with(copied)), Needs.of(needs),
            Told.of("copied-buttons", "count", copied.size(), "from", from.name(), "board", onto.name()));
    }
}
