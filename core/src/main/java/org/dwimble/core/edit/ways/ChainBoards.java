package org.dwimble.core.edit.ways;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.Change;
import org.dwimble.core.edit.Intention;
import org.dwimble.core.edit.Key;
import org.dwimble.core.edit.On;
import org.dwimble.core.told.Told;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.core.version.Needs;

/**
 * Makes a chain of boards, for the steps of an activity: a button on each opens the next, one on the last opens the first again.
 * They stand in the last cell that is free on all of them; if none is, on each in its own last free one.
 *
 * @param next  what the button is called that goes on; {@code first} the one that begins again
 */
@JsonTypeName("chain-boards")
public record ChainBoards(List<String> boards, String next, String first) implements Intention {
    private static final int MOST = 40;

    public ChainBoards {
        boards = boards == null ? List.of() : List.copyOf(new LinkedHashSet<>(boards));
        if (boards.size() < 2) {
            throw new Unacceptable("chain-too-short");
        }
        if (boards.size() > MOST) {
            throw new Unacceptable("chain-too-long", "most", MOST, "has", boards.size());
        }
    }

    @Override
    public Change on(Vocabulary now, Supplier<String> ids) {
        List<Board> all = boards.stream().map(id -> On.board(now, id)).toList();
        Set<Cell> common = new LinkedHashSet<>(On.cellsToFill(now, all.get(0), null));
        all.forEach(board -> common.retainAll(On.cellsToFill(now, board, null)));
        Optional<Cell> shared = common.stream().reduce((one, later) -> later);
        List<Board> chained = new ArrayList<>();
        List<Key> needs = new ArrayList<>();
        for (int i = 0; i < all.size(); i++) {
            Board board = all.get(i);
            Cell cell = shared.or(() -> On.cellsToFill(now, board, null).stream().reduce((one, later) -> later))
                .orElseThrow(() -> new Unacceptable("no-cell-in-chain", "board", board.name()));
            boolean last = i == all.size() - 1;
            chained.add(board.with(Button.leading(ids.get(), cell, last ? first : next, null, new Leads.Opens(all.get(last ? 0 : i + 1).id()))));
            needs.add(new Key.OfCell(board.id(), cell));
        }
        return Change.of(now, now.with(chained), Needs.of(needs), Told.of("chained", "first", all.get(0).name(), "count", all.size()));
    }
}
