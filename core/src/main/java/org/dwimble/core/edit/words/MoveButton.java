package org.dwimble.core.edit.words;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.function.Supplier;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Standing;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.Change;
import org.dwimble.core.edit.Instead;
import org.dwimble.core.edit.Intention;
import org.dwimble.core.edit.Key;
import org.dwimble.core.edit.Moves;
import org.dwimble.core.edit.On;
import org.dwimble.core.told.Told;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.core.version.Needs;

/**
 * Moves a button to a cell, on its board or on another. If a button of the same size stands in just those cells, the two
 * change places; nothing else moves. It needs the button where it stood, and the cells as they were seen.
 */
@JsonTypeName("move-button")
public record MoveButton(String board, String button, String to, Cell cell) implements Intention {
    /** It goes beside, if it may be moved; else a second one does. */
    @Override
    public Optional<Instead> instead(Vocabulary now, Predicate<String> learned) {
        boolean stays = learned.test(button);
        return Instead.cellBeside(now, On.board(now, to), cell).map(beside -> new Instead(
            Told.of(stays ? "instead-copy" : "instead-beside", "row", beside.row() + 1, "column", beside.column() + 1),
            stays ? new CopyButtons(board, List.of(button), to, beside) : new MoveButton(board, button, to, beside)));
    }

    @Override
    public Change on(Vocabulary now, Supplier<String> ids) {
        Board from = On.board(now, board);
        Board onto = On.board(now, to);
        Button moved = On.button(from, button);
        Standing standing = new Standing(cell, moved.span());
        if (!standing.fits(onto.shape())) {
            throw new Unacceptable("does-not-fit-there", "button", On.named(moved), "board", onto.name());
        }
        List<Key> needs = new ArrayList<>(List.of(new Key.OfPlace(button), new Key.OfShape(to)));
        List<Button> there = new ArrayList<>();
        for (Cell covered : standing.cells()) {
            needs.add(new Key.OfCell(to, covered));
            onto.at(covered).filter(b -> !b.id().equals(button) && !there.contains(b)).ifPresent(there::add);
        }
        if (there.isEmpty()) {
            Button stands = moved.withStanding(standing);
            Vocabulary after = from == onto ? now.with(from.with(stands)) : now.with(List.of(from.without(button), onto.with(stands)));
            return Change.of(now, after, Needs.of(needs), from == onto ? Told.of("moved", "button", On.named(moved), "board", onto.name())
                : Told.of("moved-to", "button", On.named(moved), "from", from.name(), "board", onto.name()));
        }
        Button other = there.get(0);
        if (there.size() > 1 || !other.standing().equals(standing)) {
            throw new Unacceptable("cells-taken-there", "button", On.named(moved), "board", onto.name());
        }
        needs.add(new Key.OfPlace(other.id()));
        Button back = other.withStanding(moved.standing());
        Button stands = moved.withStanding(standing);
        Vocabulary after = from == onto ? now.with(from.with(List.of(stands, back)))
            : now.with(List.of(from.without(button).with(back), onto.without(other.id()).with(stands)));
        return Change.of(now, after, Needs.of(needs), Told.of("swapped", "button", On.named(moved), "other", On.named(other), "board", onto.name()));
    }
}
