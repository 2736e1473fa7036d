package org.dwimble.core;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Kind;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Shape;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.picture.Picture;

/**
 * Draws boards in a line: {@code board("home", "I want eat>food", ". back:back home:home")}. A dot is an empty cell,
 * {@code >} opens a board, {@code :home} and {@code :back} lead there. A button's id is its board and its label.
 */
public final class Boards {
    private Boards() {
    }

    public static Board board(String id, String... rows) {
        List<Button> buttons = new ArrayList<>();
        int columns = rows[0].split(" ").length;
        for (int r = 0; r < rows.length; r++) {
            String[] words = rows[r].split(" ");
            for (int c = 0; c < words.length; c++) {
                if (!words[c].equals(".")) {
                    buttons.add(button(id, words[c], new Cell(r, c)));
                }
            }
        }
        return Board.empty(id, id, new Shape(rows.length, columns)).withButtons(buttons);
    }

    private static Button button(String board, String drawn, Cell cell) {
        String[] opens = drawn.split(">");
        if (opens.length == 2) {
            return Button.leading(board + "/" + opens[0], cell, opens[0], null, new Leads.Opens(opens[1]));
        }
        String[] leads = drawn.split(":");
        if (leads.length == 2) {
            return Button.leading(board + "/" + leads[0], cell, leads[0], null, leads[1].equals("home") ? Leads.HOME : Leads.BACK);
        }
        return Button.word(board + "/" + drawn, cell, drawn, null, Kind.THING);
    }

    /** The first board is home. */
    public static Vocabulary vocabulary(Board... boards) {
        return Vocabulary.of("Ilse’s words", boards[0].id(), "en", List.of(boards));
    }

    /** Draws a board back: the same line notation, without what buttons lead to. */
    public static List<String> drawn(Board board) {
        List<String> rows = new ArrayList<>();
        for (int r = 0; r < board.rows(); r++) {
            StringBuilder row = new StringBuilder();
            for (int c = 0; c < board.columns(); c++) {
                row.append(c == 0 ? "" : " ").append(board.at(new Cell(r, c)).map(Button::label).orElse("."));
            }
            rows.add(row.toString());
        }
        return rows;
    }

    /** Ids n1, n2, ... */
    public static Supplier<String> ids() {
        int[] n = {0};
        return () -> "n" + ++n[0];
    }

    /** A picture; other words and keywords parted by commas. */
    public static Picture picture(String id, String name, String also, String keywords, String group) {
        return new Picture(id, name, parted(also), parted(keywords), group, List.of(), false);
    }

    private static List<String> parted(String words) {
        return words.isEmpty() ? List.of() : List.of(words.split(","));
    }
}
