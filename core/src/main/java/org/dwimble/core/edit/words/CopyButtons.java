package org.dwimble.core.edit.words;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Supplier;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Standing;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.Change;
import org.dwimble.core.edit.Intention;
import org.dwimble.core.edit.Key;
import org.dwimble.core.edit.On;
import org.dwimble.core.told.Told;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.core.version.Needs;
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
        buttons = On.chosen(buttons);
    }

    @Override
    public Change on(Vocabulary now, Supplier<String> ids) {
        Board from = On.board(now, board);
        Board onto = On.board(now, to);
        List<Button> chosen = inOrder(from, buttons);
        List<Standing> standings = standings(now, onto, at, chosen);
        List<Button> copied = new ArrayList<>();
        for (int i = 0; i < chosen.size(); i++) {
            Button button = chosen.get(i);
            copied.add(new Button(ids.get(), standings.get(i), button.face(), button.acts(), button.shown(), button.extras()));
        }
        List<Key> needs = new ArrayList<>(List.of(new Key.OfShape(to)));
        buttons.forEach(id -> needs.add(new Key.OfButton(id)));
        if (at != null) {
            needs.add(new Key.OfCell(to, at));
        }
        return Change.of(now, now.with(onto.with(copied)), Needs.of(needs),
            Told.of("copied-buttons", "count", copied.size(), "from", from.name(), "board", onto.name()));
    }

    static List<Button> inOrder(Board from, List<String> buttons) {
        return buttons.stream().distinct().map(id -> On.button(from, id)).sorted((a, b) -> a.cell().compareTo(b.cell())).toList();
    }

    /** Where buttons stand if each goes into the first empty cells that hold it. */
    static List<Standing> standings(Vocabulary now, Board onto, @Nullable Cell at, List<Button> buttons) {
        List<Cell> inOrder = On.cellsToFill(now, onto, at);
        Set<Cell> free = new HashSet<>(inOrder);
        List<Standing> standings = new ArrayList<>();
        for (Button button : buttons) {
            Standing standing = inOrder.stream().map(c -> new Standing(c, button.span())).filter(s -> s.fits(onto.shape()) && free.containsAll(s.cells()))
                .findFirst()
                .orElseThrow(() -> new Unacceptable("no-room-for-buttons", "board", onto.name(), "buttons", buttons.size(), "cells", inOrder.size()));
            free.removeAll(standing.cells());
            standings.add(standing);
        }
        return standings;
    }
}
