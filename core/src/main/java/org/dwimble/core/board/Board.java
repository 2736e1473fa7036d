package org.dwimble.core.board;

import com.fasterxml.jackson.annotation.JsonIgnore;
import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

/**
 * One board: a grid and the buttons on it, in reading order. No two buttons share a cell, none hangs over
 * the edge, and no id stands twice.
 *
 * @param rows     1 to {@value #MOST_LINES}
 * @param columns  1 to {@value #MOST_LINES}
 * @param pictures what a package said of each picture (licence, symbol set ...), by picture id
 * @param sounds   the same for sounds
 * @param extras   what a package said of the board that Dwimble does not use, written back on export
 */
public record Board(
        String id,
        String name,
        int rows,
        int columns,
        List<Button> buttons,
        @JsonInclude(JsonInclude.Include.NON_EMPTY) @Nullable Map<String, JsonNode> pictures,
        @JsonInclude(JsonInclude.Include.NON_EMPTY) @Nullable Map<String, JsonNode> sounds,
        @JsonInclude(JsonInclude.Include.NON_EMPTY) @Nullable Map<String, JsonNode> extras) {

    public static final int MOST_LINES = 40;
    public static final int LONGEST_NAME = 80;

    public Board {
        if (id == null || id.isBlank() || id.length() > 200) {
            throw new Unacceptable("A board needs an id of 1 to 200 characters.");
        }
        name = Text.tidy(name);
        if (name.isEmpty()) {
            throw new Unacceptable("A board needs a name.");
        }
        Text.atMost(LONGEST_NAME, "A board's name", name);
        if (rows < 1 || columns < 1 || rows > MOST_LINES || columns > MOST_LINES) {
            throw new Unacceptable("A board can have 1 to %d rows and 1 to %d columns; “%s” would have %,d x %,d."
                .formatted(MOST_LINES, MOST_LINES, name, rows, columns));
        }
        List<Button> sorted = new ArrayList<>(buttons == null ? List.of() : buttons);
        sorted.sort(Comparator.comparing(Button::cell));
        buttons = List.copyOf(sorted);
        BitSet taken = new BitSet(rows * columns);
        java.util.Set<String> ids = new java.util.HashSet<>();
        for (Button button : buttons) {
            if (!ids.add(button.id())) {
                throw new Unacceptable("Two buttons on “" + name + "” have the id " + button.id() + ".");
            }
            for (int r = button.cell().row(); r < button.cell().row() + button.span().rows(); r++) {
                for (int c = button.cell().column(); c < button.cell().column() + button.span().columns(); c++) {
                    if (r >= rows || c >= columns) {
                        throw new Unacceptable("“%s” would hang over the edge of “%s”, which has %d rows and %d columns."
                            .formatted(button.label(), name, rows, columns));
                    }
                    if (taken.get(r * columns + c)) {
                        throw new Unacceptable("%s of “%s” is taken already, so “%s” cannot stand there."
                            .formatted(capital(new Cell(r, c).spoken()), name, button.label()));
                    }
                    taken.set(r * columns + c);
                }
            }
        }
        pictures = Button.sorted(pictures);
        sounds = Button.sorted(sounds);
        extras = Button.sorted(extras);
    }

    public static Board empty(String id, String name, int rows, int columns) {
        return new Board(id, name, rows, columns, List.of(), null, null, null);
    }

    public Board withButtons(List<Button> buttons) {
        return new Board(id, name, rows, columns, buttons, pictures, sounds, extras);
    }

    public Board withName(String name) {
        return new Board(id, name, rows, columns, buttons, pictures, sounds, extras);
    }

    public Board with(Button button) {
        List<Button> changed = new ArrayList<>(buttons);
        changed.removeIf(b -> b.id().equals(button.id()));
        changed.add(button);
        return withButtons(changed);
    }

    public Board without(String buttonId) {
        return withButtons(buttons.stream().filter(b -> !b.id().equals(buttonId)).toList());
    }

    public Optional<Button> button(String buttonId) {
        return buttons.stream().filter(b -> b.id().equals(buttonId)).findFirst();
    }

    /** The button that covers a cell, if any. */
    public Optional<Button> at(Cell cell) {
        return buttons.stream().filter(b -> b.covers(cell)).findFirst();
    }

    /** Every cell no button covers, in reading order. */
    @JsonIgnore
    public List<Cell> emptyCells() {
        BitSet taken = new BitSet(rows * columns);
        for (Button b : buttons) {
            for (int r = b.cell().row(); r < b.cell().row() + b.span().rows(); r++) {
                taken.set(r * columns + b.cell().column(), r * columns + b.cell().column() + b.span().columns());
            }
        }
        List<Cell> empty = new ArrayList<>();
        for (int i = taken.nextClearBit(0); i < rows * columns; i = taken.nextClearBit(i + 1)) {
            empty.add(new Cell(i / columns, i % columns));
        }
        return empty;
    }

    /** The empty cells from a cell on, in reading order, then those before it: the order in which words fill them. */
    public List<Cell> emptyCellsFrom(Cell from) {
        List<Cell> empty = emptyCells();
        List<Cell> ordered = new ArrayList<>(empty.size());
        empty.stream().filter(c -> c.compareTo(from) >= 0).forEach(ordered::add);
        empty.stream().filter(c -> c.compareTo(from) < 0).forEach(ordered::add);
        return ordered;
    }

    static String capital(String sentence) {
        return Character.toUpperCase(sentence.charAt(0)) + sentence.substring(1);
    }
}
