package org.dwimble.core.board;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;
import org.dwimble.core.look.Look;
import org.dwimble.core.text.Text;
import org.dwimble.core.told.Unacceptable;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

/**
 * One board: a grid and the buttons on it, in reading order. No two buttons share a cell, none hangs over
 * the edge, and no id stands twice. A value: nothing in it ever changes, and equal content is equal. Finding a button
 * by id or by cell takes the same time on a board of any size.
 */
public final class Board {
    public static final int MOST_LINES = 40;
    public static final int LONGEST_NAME = 80;
    private static final int LONGEST_ID = 200;

    private final String id;
    private final String name;
    private final Shape shape;
    private final Look look;
    private final List<Button> buttons;
    private final Facts facts;
    private final Extras extras;
    private final Map<String, Button> byId;
    private final Button[] byCell;
    private volatile @Nullable Set<String> media;
    private final Map<Class<?>, Object> workedOut = new ConcurrentHashMap<>();

    /**
     * What a package said of each picture and each sound (licence, symbol set ...), by the id of the picture or sound.
     */
    public record Facts(Map<String, JsonNode> pictures, Map<String, JsonNode> sounds) {
        public static final Facts NONE = new Facts(Map.of(), Map.of());

        public Facts {
            pictures = Extras.sorted(pictures);
            sounds = Extras.sorted(sounds);
            pictures.keySet().forEach(MediaId::picture);
            sounds.keySet().forEach(MediaId::sound);
        }
    }

    /** @throws Unacceptable if two buttons share a cell or an id, one hangs over the edge, or the name is none */
    public Board(String id, String name, Shape shape, Look look, Collection<Button> buttons, Facts facts, Extras extras) {
        if (id == null || id.isBlank() || id.length() > LONGEST_ID) {
            throw new Unacceptable("board-id", "most", LONGEST_ID);
        }
        this.id = id;
        this.name = Text.tidy(name);
        if (this.name.isEmpty()) {
            throw new Unacceptable("board-without-name");
        }
        Text.atMost(LONGEST_NAME, "board_name", this.name);
        this.shape = shape;
        this.look = look;
        List<Button> sorted = new ArrayList<>(buttons);
        sorted.sort(Comparator.comparing(Button::cell));
        this.buttons = List.copyOf(sorted);
        this.facts = facts;
        this.extras = extras;
        this.byId = new HashMap<>(sorted.size() * 2);
        this.byCell = new Button[shape.cells()];
        sorted.forEach(this::stand);
    }

    private void stand(Button button) {
        if (byId.put(button.id(), button) != null) {
            throw new Unacceptable("button-id-twice", "board", name, "id", button.id());
        }
        if (!button.standing().fits(shape)) {
            throw new Unacceptable("over-the-edge", "button", button.label(), "board", name, "rows", shape.rows(), "columns", shape.columns());
        }
        for (Cell cell : button.standing().cells()) {
            int at = cell.row() * shape.columns() + cell.column();
            if (byCell[at] != null) {
                throw new Unacceptable("cell-taken", "row", cell.row() + 1, "column", cell.column() + 1, "board", name, "button", button.label());
            }
            byCell[at] = button;
        }
    }

    public static Board empty(String id, String name, Shape shape) {
        return new Board(id, name, shape, Look.PLAIN, List.of(), Facts.NONE, Extras.NONE);
    }

    public String id() {
        return id;
    }

    public String name() {
        return name;
    }

    public Shape shape() {
        return shape;
    }

    /** How its buttons look, where they do not say themselves, and the board behind them. */
    public Look look() {
        return look;
    }

    public int rows() {
        return shape.rows();
    }

    public int columns() {
        return shape.columns();
    }

    /** In reading order. */
    public List<Button> buttons() {
        return buttons;
    }

    public Facts facts() {
        return facts;
    }

    public Extras extras() {
        return extras;
    }

    public Board withButtons(Collection<Button> buttons) {
        return new Board(id, name, shape, look, buttons, facts, extras);
    }

    public Board withName(String name) {
        return new Board(id, name, shape, look, buttons, facts, extras);
    }

    public Board withShape(Shape shape) {
        return new Board(id, name, shape, look, buttons, facts, extras);
    }

    public Board withLook(Look look) {
        return new Board(id, name, shape, look, buttons, facts, extras);
    }

    public Board withFacts(Facts facts) {
        return new Board(id, name, shape, look, buttons, facts, extras);
    }

    public Board withExtras(Extras extras) {
        return new Board(id, name, shape, look, buttons, facts, extras);
    }

    /** With these too; one whose id is there already takes its place. */
    public Board with(Collection<Button> more) {
        Map<String, Button> changed = new LinkedHashMap<>();
        buttons.forEach(b -> changed.put(b.id(), b));
        more.forEach(b -> changed.put(b.id(), b));
        return withButtons(changed.values());
    }

    public Board with(Button button) {
        return with(List.of(button));
    }

    public Board without(String buttonId) {
        return withButtons(buttons.stream().filter(b -> !b.id().equals(buttonId)).toList());
    }

    /** The picture by which it is known: that of its first button with one that is no way out; null if it has none. */
    public @Nullable String picture() {
        return buttons.stream().filter(b -> !b.isWay()).map(Button::picture).filter(Objects::nonNull).findFirst().orElse(null);
    }

    public Optional<Button> button(String buttonId) {
        return Optional.ofNullable(byId.get(buttonId));
    }

    /** The button that covers a cell, if any; none if the cell is off this board. */
    public Optional<Button> at(Cell cell) {
        return has(cell) ? Optional.ofNullable(byCell[cell.row() * shape.columns() + cell.column()]) : Optional.empty();
    }

    public boolean has(Cell cell) {
        return cell.row() < shape.rows() && cell.column() < shape.columns();
    }

    /** Every cell no button covers, in reading order. */
    public List<Cell> emptyCells() {
        List<Cell> empty = new ArrayList<>();
        for (int i = 0; i < byCell.length; i++) {
            if (byCell[i] == null) {
                empty.add(new Cell(i / shape.columns(), i % shape.columns()));
            }
        }
        return empty;
    }

    /**
     * The empty cells from a cell on, in reading order, then those before it: the order in which words fill them.
     *
     * @param keptFree cells that are passed over, unless one is the very cell to begin at
     */
    public List<Cell> emptyCellsFrom(Cell from, Set<Cell> keptFree) {
        List<Cell> empty = emptyCells().stream().filter(c -> c.equals(from) || !keptFree.contains(c)).toList();
        List<Cell> ordered = new ArrayList<>(empty.size());
        empty.stream().filter(c -> c.compareTo(from) >= 0).forEach(ordered::add);
        empty.stream().filter(c -> c.compareTo(from) < 0).forEach(ordered::add);
        return ordered;
    }

    /**
     * What words get that come into empty cells, in this order: the cell, and beside and below it as many free ones as make up a
     * cell of the usual size, where cells were split. Usual is the middle one of the lines by size.
     *
     * @param cells empty ones, in the order in which they are filled
     */
    public List<Standing> rooms(List<Cell> cells) {
        if (shape.heights().isEmpty() && shape.widths().isEmpty()) {
            return cells.stream().map(Standing::at).toList();
        }
        Set<Cell> free = new LinkedHashSet<>(cells);
        List<Standing> rooms = new ArrayList<>();
        for (Cell cell : cells) {
            if (free.contains(cell)) {
                Standing room = Standing.at(cell);
                room = widened(room, Axis.COLUMNS, shape.allWidths(), cell.column(), free);
                room = widened(room, Axis.ROWS, shape.allHeights(), cell.row(), free);
                room.cells().forEach(free::remove);
                rooms.add(room);
            }
        }
        return rooms;
    }

    private static Standing widened(Standing from, Axis axis, List<Integer> shares, int start, Set<Cell> free) {
        int usual = shares.stream().sorted().skip(shares.size() / 2).findFirst().orElseThrow();
        Standing room = from;
        int sum = shares.get(start);
        for (int line = start + 1; line < shares.size() && sum + shares.get(line) <= usual; line++) {
            sum += shares.get(line);
            Standing wider = room.with(axis, start, line - start + 1);
            if (!free.containsAll(wider.cells())) {
                break;
            }
            room = wider;
        }
        return room;
    }

    /**
     * What a rule works out of this board, once: it is asked for again after every edit of the vocabulary, and boards are values.
     *
     * @param what a value that never changes either
     */
    public <T> T workedOut(Class<T> what, Function<Board, T> once) {
        return what.cast(workedOut.computeIfAbsent(what, w -> once.apply(this)));
    }

    /** Every picture and sound the board refers to, wherever in it; each once. Worked out once. */
    public Set<String> media() {
        Set<String> known = media;
        if (known == null) {
            known = Collections.unmodifiableSet(gatherMedia());
            media = known;
        }
        return known;
    }

    private Set<String> gatherMedia() {
        Set<String> media = new LinkedHashSet<>();
        for (Button button : buttons) {
            media.addAll(button.pictures());
            if (button.sound() != null) {
                media.add(button.sound());
            }
        }
        media.addAll(facts.pictures().keySet());
        media.addAll(facts.sounds().keySet());
        return media;
    }

    @Override
    public boolean equals(@Nullable Object other) {
        return this == other || other instanceof Board b && id.equals(b.id) && name.equals(b.name) && shape.equals(b.shape) && look.equals(b.look)
            && buttons.equals(b.buttons)
            && facts.equals(b.facts) && extras.equals(b.extras);
    }

    @Override
    public int hashCode() {
        return Objects.hash(id, name, shape, look, buttons, facts, extras);
    }

    @Override
    public String toString() {
        return "Board[" + id + ", " + name + ", " + shape.rows() + " x " + shape.columns() + ", " + buttons + "]";
    }
}
