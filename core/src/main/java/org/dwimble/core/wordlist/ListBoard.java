package org.dwimble.core.wordlist;

import java.util.ArrayList;
import java.util.List;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Face;
import org.dwimble.core.board.Shape;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.look.Look;
import org.dwimble.core.support.OwnGrid;
import org.dwimble.core.text.Text;

/** A list as one board for the screen: in its grid, if it is set to one that holds all words, else in rows that are about as many as the words in each. */
public final class ListBoard {
    private ListBoard() {
    }

    /**
     * A vocabulary of that board alone.
     * @param locale its language, as BCP 47 has it
     * @throws org.dwimble.core.told.Unacceptable if there is nothing in it that could be a button
     */
    public static Vocabulary of(WordList list, String locale) {
        List<ListedWord> words = list.words().stream().filter(w -> w.times() > 0).toList();
        List<Cell> cells = new ArrayList<>();
        Shape shape;
        if (list.support() instanceof OwnGrid grid && grid.rows() * grid.columns() - grid.empty().size() >= words.size()) {
            shape = new Shape(grid.rows(), grid.columns());
            for (int i = 0; i < grid.rows() * grid.columns(); i++) {
                if (!grid.empty().contains(i)) {
                    cells.add(new Cell(i / grid.columns(), i % grid.columns()));
                }
            }
        } else {
            int columns = Math.max(1, (int) Math.ceil(Math.sqrt(words.size())));
            shape = new Shape(Math.max(1, (words.size() + columns - 1) / columns), columns);
            for (int i = 0; i < words.size(); i++) {
                cells.add(new Cell(i / columns, i % columns));
            }
        }
        List<Button> buttons = new ArrayList<>();
        for (int i = 0; i < words.size(); i++) {
            ListedWord word = words.get(i);
            String picture = word.pictures().isEmpty() ? null : word.pictures().get(0);
            Button button = Button.word(word.id(), cells.get(i), Text.cut(word.text(), Face.LONGEST_LABEL), picture, word.kind());
            buttons.add(word.paper() == null ? button : button.withShown(button.shown().withLook(Look.PLAIN.withFill(word.paper()))));
        }
        Board board = Board.empty("list", list.name(), shape).withButtons(buttons);
        return Vocabulary.of(list.name(), board.id(), locale, List.of(board));
    }
}
