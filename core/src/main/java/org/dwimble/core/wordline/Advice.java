package org.dwimble.core.wordline;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.stream.Stream;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.find.WordPlaces;
import org.dwimble.core.route.Routes;
import org.dwimble.core.route.Siblings;
import org.dwimble.core.route.WayHome;
import org.dwimble.core.screen.Screen;
import org.dwimble.core.screen.TalkLayout;
import org.jspecify.annotations.Nullable;

/**
 * What is worth knowing before words are put on a board: where the first of them stands already, and, if the board has
 * no room for them all, every way on there is. Unless the vocabulary is full to its bounds there is one.
 *
 * @param stands  buttons with this word, those on this board first, then by taps from home; at most {@value #MOST}
 * @param rooms   boards with room for all the words, the best first; at most {@value #MOST}; empty if this board has room
 * @param further where a new board for them would be opened from; null if this board has room or no board has
 * @param kept    a cell of this board that is kept free; null if it has room, none is kept, or there are more words than one
 * @param row     what a row more below the others would be like; null if this board has room, or they would not all go in
 */
public record Advice(List<Stands> stands, List<Room> rooms, @Nullable Further further, @Nullable KeptCell kept, @Nullable Row row) {
    public static final int MOST = 4;
    /** Boards with fewer pictures of the word's categories than this are not of its topic. */
    private static final int OF_TOPIC = 2;

    /**
     * Which words are to go where.
     *
     * @param cells  how many there are, at least 1
     * @param lately the board where words went just before that found no room here; null for none
     */
    public record Asked(String board, String word, int cells, @Nullable String lately) {
    }

    /** @param taps from home to say it, at least 1; 0 if no taps lead there */
    public record Stands(String board, String name, Cell cell, int taps) {
    }

    /** Why a board is named. */
    public enum Why {
        OPENED_FROM_HERE, SAME_TOPIC, WHERE_OTHERS_WENT
    }

    /** @param empty cells free for words */
    public record Room(String board, String name, int empty, Why why) {
    }

    /**
     * @param from   the board with an empty cell for the button that opens the new one
     * @param boards how many new boards the words need, at least 1; the second is opened from the first, and so on
     */
    public record Further(String from, String name, int boards) {
    }

    /** @param home true if the other boards have home there, false if they have back */
    public record KeptCell(Cell cell, boolean home) {
    }

    /**
     * @param rows     there would be then
     * @param heightMm of the lowest row now, and {@code thenMm} then, on the student's screen
     * @param small    true if cells would then be smaller than many hands can hit
     */
    public record Row(int rows, double heightMm, double thenMm, boolean small) {
    }

    /**
     * @param topics       the categories the first word is about, those it is likeliest about first; asked for only if the board is
     *                     full; may be empty
     * @param categoriesOf the categories of a picture by its id; empty if it is not known
     * @param screen       the student's
     */
    public static Advice on(Vocabulary vocabulary, Routes routes, WayHome wayHome, Asked asked, Supplier<List<Set<String>>> topics,
        Function<String, List<String>> categoriesOf, Screen screen) {
        List<Stands> stands = stands(vocabulary, routes, asked.board, asked.word);
        Board here = vocabulary.board(asked.board).orElse(null);
        if (here == null || room(here, wayHome) >= asked.cells) {
            return new Advice(stands, List.of(), null, null, null);
        }
        return new Advice(stands, rooms(vocabulary, wayHome, here, asked, topics.get(), categoriesOf),
            further(vocabulary, routes, wayHome, here, asked.cells),
            asked.cells == 1 ? kept(wayHome, here) : null, row(vocabulary, wayHome, here, asked.cells, screen));
    }

    private static @Nullable KeptCell kept(WayHome wayHome, Board here) {
        return wayHome.keptFree(here).stream().findFirst().map(cell -> new KeptCell(cell, wayHome.keptFor(here, cell) instanceof Leads.Home)).orElse(null);
    }

    private static @Nullable Row row(Vocabulary vocabulary, WayHome wayHome, Board here, int cells, Screen screen) {
        if (here.rows() >= Board.MOST_LINES) {
            return null;
        }
        Board higher = here.withShape(here.shape().withRowBelow());
        if (room(higher, wayHome) < cells) {
            return null;
        }
        TalkLayout now = TalkLayout.of(screen, here.shape(), here.look().over(vocabulary.whole().look()));
        TalkLayout then = TalkLayout.of(screen, higher.shape(), here.look().over(vocabulary.whole().look()));
        return new Row(here.rows() + 1, now.cellHeight().mm(), then.cellHeight().mm(), then.small());
    }

    private static List<Stands> stands(Vocabulary vocabulary, Routes routes, String board, String word) {
        return WordPlaces.exactly(vocabulary, routes, word).stream().sorted(Comparator.comparing(p -> !p.board().equals(board))).limit(MOST)
            .map(p -> new Stands(p.board(), p.name(), p.cell(), p.taps())).toList();
    }

    private static int room(Board board, WayHome wayHome) {
        List<Cell> kept = wayHome.keptFree(board);
        return board.rooms(board.emptyCells().stream().filter(c -> !kept.contains(c)).toList()).size();
    }

    /**
     * Boards opened from here that are of the word's topic, then the others opened from here (of home they are too many to
     * mean anything), then boards of the topic anywhere; the likeliest topic first, and of one topic those with most of it. Then where words went
     * before: else each word without a topic would get a new board.
     */
    private static List<Room> rooms(Vocabulary vocabulary, WayHome wayHome, Board here, Asked asked, List<Set<String>> topics,
        Function<String, List<String>> categoriesOf) {
        int cells = asked.cells;
        List<String> ofTopic = topics.stream().flatMap(topic -> ofTopic(vocabulary, topic, categoriesOf)).distinct().toList();
        Set<String> opened = opened(here);
        Map<String, Room> rooms = new LinkedHashMap<>();
        ofTopic.stream().filter(opened::contains).forEach(id -> add(rooms, vocabulary, wayHome, here, id, cells, Why.OPENED_FROM_HERE));
        if (!here.id().equals(vocabulary.home())) {
            opened.forEach(id -> add(rooms, vocabulary, wayHome, here, id, cells, Why.OPENED_FROM_HERE));
        }
        ofTopic.forEach(id -> add(rooms, vocabulary, wayHome, here, id, cells, Why.SAME_TOPIC));
        if (asked.lately != null) {
            add(rooms, vocabulary, wayHome, here, asked.lately, cells, Why.WHERE_OTHERS_WENT);
        }
        return rooms.values().stream().limit(MOST).toList();
    }

    /** Boards with pictures of these categories, those with most of them first. */
    private static Stream<String> ofTopic(Vocabulary vocabulary, Set<String> categories, Function<String, List<String>> categoriesOf) {
        Map<String, Long> alike = new LinkedHashMap<>();
        vocabulary.boards().values().forEach(b -> alike.put(b.id(), b.buttons().stream().map(Button::picture)
            .filter(p -> p != null && categoriesOf.apply(p).stream().anyMatch(categories::contains)).count()));
        alike.values().removeIf(count -> count < OF_TOPIC);
        return alike.entrySet().stream().sorted(Map.Entry.<String, Long>comparingByValue().reversed()).map(Map.Entry::getKey);
    }

    private static void add(Map<String, Room> rooms, Vocabulary vocabulary, WayHome wayHome, Board here, String id, int cells, Why why) {
        Board board = vocabulary.board(id).orElse(null);
        if (board != null && !id.equals(here.id()) && !rooms.containsKey(id)) {
            int empty = room(board, wayHome);
            if (empty >= cells && !id.equals(vocabulary.home())) {
                rooms.put(id, new Room(id, board.name(), empty, why));
            }
        }
    }

    private static Set<String> opened(Board board) {
        Set<String> opened = new LinkedHashSet<>();
        board.buttons().forEach(b -> {
            if (b.leads() instanceof Leads.Opens opens) {
                opened.add(opens.board());
            }
        });
        return opened;
    }

    /**
     * From the nearest board on the way here that has an empty cell, else from one that is opened here (the one with most ways on
     * first: a board of topics), else from any board taps lead to, fewest taps first.
     */
    private static @Nullable Further further(Vocabulary vocabulary, Routes routes, WayHome wayHome, Board here, int cells) {
        List<String> way = new ArrayList<>();
        routes.to(here.id()).ifPresent(taps -> taps.forEach(tap -> way.add(0, tap.board())));
        opened(here).stream().filter(vocabulary.boards()::containsKey)
            .sorted(Comparator.comparing(id -> -opened(vocabulary.at(id)).size())).forEach(way::add);
        routes.boardsInOrder().stream().filter(b -> routes.to(b.id()).isPresent()).map(Board::id).forEach(way::add);
        return way.stream().filter(id -> !id.equals(here.id())).map(vocabulary.boards()::get).filter(b -> room(b, wayHome) > 0).findFirst()
            .map(b -> new Further(b.id(), b.name(), boards(vocabulary, wayHome, b, cells))).orElse(null);
    }

    /** Each but the last of several has a button that opens the next. */
    private static int boards(Vocabulary vocabulary, WayHome wayHome, Board from, int cells) {
        Siblings siblings = Siblings.of(vocabulary, from.id());
        if (room(siblings.newBoard("new", from.name(), null, () -> UUID.randomUUID().toString()), wayHome) >= cells) {
            return 1;
        }
        int each = Math.max(1, room(Board.empty("new", from.name(), siblings.shape()), wayHome) - 1);
        return Math.max(2, -Math.floorDiv(1 - cells, each));
    }
}
