package org.dwimble.core.edit.boards;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Supplier;
import org.dwimble.core.board.Acts;
import org.dwimble.core.board.Axis;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Shape;
import org.dwimble.core.board.Standing;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.Change;
import org.dwimble.core.edit.Facet;
import org.dwimble.core.edit.Intention;
import org.dwimble.core.edit.Lines;
import org.dwimble.core.edit.words.ReadyWord;
import org.dwimble.core.pattern.Pattern;
import org.dwimble.core.route.Siblings;
import org.dwimble.core.route.WayHome;
import org.dwimble.core.told.Told;
import org.jspecify.annotations.Nullable;

/**
 * Makes a board of a pattern: each of its rows begins a row of the board, if that is wide enough and has as many; else the words
 * follow each other. If they do not fit, the board gets more rows. It is an ordinary board from then on.
 *
 * @param openedFrom the board with the button that opens it; null if none does yet
 * @param openedBy   that button
 * @param shape      its grid; null for the size most of its siblings have
 * @param words      the pattern's words in its order, with their pictures
 */
public record LayRows(String name, @Nullable String openedFrom, @Nullable String openedBy, @Nullable Shape shape, Pattern pattern,
    List<ReadyWord> words) implements Intention {
    public LayRows {
        words = List.copyOf(words);
        if (words.size() != pattern.words()) {
            throw new IllegalArgumentException(words.size() + " words for the " + pattern.words() + " of " + pattern.key());
        }
    }

    @Override
    public Change on(Vocabulary now, Supplier<String> ids) {
        if (pattern.laid() == Pattern.Laid.WHOLE) {
            return new NewBoard(name, openedFrom, openedBy, shape, List.of(ReadyWord.pad(words.get(0).label(), words.get(0).picture()))).on(now, ids);
        }
        Change bare = new NewBoard(name, openedFrom, openedBy, shape == null ? Siblings.of(now, openedFrom).shape() : shape, List.of()).on(now, ids);
        String id = bare.added().get(0);
        Board board = bare.after().at(id);
        Set<Cell> taken = new HashSet<>(WayHome.of(bare.after()).keptFree(board));
        board.buttons().forEach(b -> taken.addAll(b.standing().cells()));
        while (board.shape().cells() - taken.size() < words.size()) {
            board = Lines.inserted(board, Axis.ROWS, board.rows(), 1);
        }
        List<Button> laid = new ArrayList<>();
        List<Cell> cells = cells(board, taken);
        List<Pattern.Word> inOrder = pattern.inOrder();
        for (int i = 0; i < words.size(); i++) {
            Button word = Facet.KIND.with(words.get(i).in(Standing.at(cells.get(i)), ids.get()), inOrder.get(i).kind());
            Acts acts = inOrder.get(i).acts();
            laid.add(acts == null ? word : word.withActs(acts));
        }
        return Change.of(now, bare.after().with(board.with(laid)), bare.needs(), Told.of("added-board", "board", board.name()));
    }

    private List<Cell> cells(Board board, Set<Cell> taken) {
        List<Cell> cells = new ArrayList<>();
        int line = 0;
        for (List<Pattern.Word> row : pattern.rows()) {
            List<Cell> free = List.of();
            while (line < board.rows() && (free = free(board, taken, line)).size() < row.size()) {
                line++;
            }
            if (line >= board.rows()) {
                return board.emptyCells().stream().filter(c -> !taken.contains(c)).toList();
            }
            cells.addAll(free.subList(0, row.size()));
            line++;
        }
        return cells;
    }

    private static List<Cell> free(Board board, Set<Cell> taken, int row) {
        List<Cell> free = new ArrayList<>();
        for (int column = 0; column < board.columns(); column++) {
            Cell cell = new Cell(row, column);
            if (!taken.contains(cell)) {
                free.add(cell);
            }
        }
        return free;
    }
}
