package org.dwimble.core.mend;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.Change;
import org.dwimble.core.edit.Intention;
import org.dwimble.core.edit.On;
import org.dwimble.core.edit.words.PutButtons;
import org.dwimble.core.route.WayHome;
import org.dwimble.core.told.Told;
import org.dwimble.core.told.Unacceptable;

/** Puts a button on the home board that opens a board nothing opens, in the first empty cell that is not kept free. */
@JsonTypeName("open-from-home")
public record OpenFromHome(String board) implements Intention {
    @Override
    public Change on(Vocabulary now, Supplier<String> ids) {
        Board opened = On.board(now, board);
        Cell cell = cell(now, WayHome.of(now)).orElseThrow(() -> new Unacceptable("board-full", "board", now.homeBoard().name(), "word", opened.name()));
        Button opener = Button.leading(ids.get(), cell, opened.name(), null, new Leads.Opens(board));
        Change put = new PutButtons(now.home(), opener).on(now, ids);
        return new Change(now, put.after(), put.deltas(), put.needs(), Told.of("opened-from-home", "board", opened.name(), "home", now.homeBoard().name()));
    }

    static Optional<Cell> cell(Vocabulary vocabulary, WayHome wayHome) {
        List<Cell> keptFree = wayHome.keptFree(vocabulary.homeBoard());
        return vocabulary.homeBoard().emptyCells().stream().filter(c -> !keptFree.contains(c)).findFirst();
    }
}
