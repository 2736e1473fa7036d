package org.dwimble.core.edit.boards;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Shape;
import org.dwimble.core.board.Standing;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.Change;
import org.dwimble.core.edit.Intention;
import org.dwimble.core.edit.Key;
import org.dwimble.core.edit.On;
import org.dwimble.core.edit.words.PutWords;
import org.dwimble.core.edit.words.ReadyWord;
import org.dwimble.core.route.Siblings;
import org.dwimble.core.route.WayHome;
import org.dwimble.core.text.Text;
import org.dwimble.core.told.Told;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.core.version.Needs;
import org.jspecify.annotations.Nullable;

/**
 * Puts more words than a board holds: on it, or on a new board opened from it, and on new boards after that, each opened from the last cell of the one
 * before and called like the first with a number. All of the words are put, or none.
 *
 * @param from   the cell promised for the first word, or for the button that opens the first new board; null for the first empty one
 * @param words  none of which opens a board
 * @param opener what opens the first new board, which is called like it; null to begin on the board itself
 */
public record FillBoards(String board, @Nullable Cell from, List<ReadyWord> words, @Nullable ReadyWord opener) implements Intention {
    /** The most words put so. */
    public static final int MOST = 5_000;

    public FillBoards {
        words = PutWords.bounded(words, MOST);
        if (words.stream().anyMatch(w -> w.opens() != null)) {
            throw new Unacceptable("fill-without-boards");
        }
    }

    @Override
    public Change on(Vocabulary now, Supplier<String> ids) {
        Board named = On.board(now, board);
        Needs needs = from == null ? Needs.of(new Key.OfShape(board)) : Needs.of(new Key.OfCell(board, from), new Key.OfShape(board));
        List<Board> filled = new ArrayList<>();
        Shape shape = Siblings.of(now, board).shape();
        WayHome wayHome = WayHome.of(now);
        Board first = named;
        if (opener != null) {
            Standing cell = named.rooms(On.cellsToFill(now, named, from)).stream().findFirst()
                .orElseThrow(() -> new Unacceptable("board-full", "board", named.name(), "word", Text.cut(opener.label(), 30)));
            first = bare(shape, wayHome, Text.cut(opener.label(), Board.LONGEST_NAME), ids);
            Button opens = Button.leading(ids.get(), cell.cell(), opener.label(), opener.picture(), new Leads.Opens(first.id()));
            filled.add(named.with(List.of(opens.withStanding(cell))));
        }
        Board on = first;
        int next = 0;
        for (int number = 2; next < words.size(); number++) {
            List<Standing> cells = on.rooms(On.cellsToFill(now, on, on == named ? from : null));
            boolean last = cells.size() >= words.size() - next;
            int fit = last ? words.size() - next : cells.size() - 1;
            if (fit < 1) {
                throw new Unacceptable("no-cell-to-fill-on", "board", on.name());
            }
            List<Button> put = new ArrayList<>();
            for (int i = 0; i < fit; i++) {
                put.add(words.get(next++).in(cells.get(i), ids.get()));
            }
            Board after = last ? on : bare(shape, wayHome, Text.cut(first.name(), Board.LONGEST_NAME - 5) + " " + number, ids);
            if (!last) {
                put.add(Button.leading(ids.get(), cells.get(fit).cell(), after.name(), null, new Leads.Opens(after.id())).withStanding(cells.get(fit)));
            }
            filled.add(on.with(put));
            on = after;
        }
        return Change.of(now, now.with(filled), needs, Told.of("filled-boards", "count", words.size(), "boards", filled.size() - 1, "board", named.name()));
    }

    /** With its way home where the other boards have theirs, and nothing else of theirs: all its cells are for the words. */
    private static Board bare(Shape shape, WayHome wayHome, String name, Supplier<String> ids) {
        Board empty = Board.empty(ids.get(), name, shape);
        List<Button> way = wayHome.missingOn(empty, ids);
        return way.isEmpty() ? empty : empty.with(way);
    }
}
