package org.dwimble.core.edit.words;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Standing;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.Change;
import org.dwimble.core.edit.Intention;
import org.dwimble.core.edit.Key;
import org.dwimble.core.edit.Moves;
import org.dwimble.core.edit.On;
import org.dwimble.core.told.Told;
import org.dwimble.core.version.Needs;
import org.jspecify.annotations.Nullable;

/**
 * Moves several buttons to empty cells, in reading order, each into the first that hold it, as {@link CopyButtons} places
 * copies; what stands there stays. All are moved, or none.
 *
 * @param at the cell promised for the first; null for the first empty one
 */
@JsonTypeName("move-buttons")
public record MoveButtons(String board, List<String> buttons, String to, @Nullable Cell at) implements Intention {
    public MoveButtons {
        buttons = On.chosen(buttons);
    }

    @Override
    public Change on(Vocabulary now, Supplier<String> ids) {
        Board from = On.board(now, board);
        Board onto = On.board(now, to);
        List<Button> chosen = CopyButtons.inOrder(from, buttons);
        List<Standing> standings = CopyButtons.standings(now, onto, at, chosen);
        List<Key> needs = new ArrayList<>(List.of(new Key.OfShape(to)));
        List<Button> moved = new ArrayList<>();
        Board left = from;
        for (int i = 0; i < chosen.size(); i++) {
            needs.add(new Key.OfPlace(chosen.get(i).id()));
            standings.get(i).cells().forEach(c -> needs.add(new Key.OfCell(to, c)));
            moved.add(chosen.get(i).withStanding(standings.get(i)));
            left = left.without(chosen.get(i).id());
        }
        Vocabulary after = from == onto ? now.with(left.with(moved)) : now.with(List.of(left, onto.with(moved)));
        return Change.of(now, after, Needs.of(needs), Told.of("moved-buttons", "count", moved.size(), "from", from.name(), "board", onto.name()));
    }
}
