package org.dwimble.core.wordline;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Supplier;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.find.WordPlaces;
import org.dwimble.core.route.Routes;
import org.dwimble.core.route.WayHome;
import org.jspecify.annotations.Nullable;

/**
 * What is worth knowing before words are put on a board: where the first of them stands already, and, if the board has
 * no room for them all, where they could go instead.
 *
 * @param stands  buttons with this word, those on this board first, then by taps from home; at most {@value #MOST}
 * @param rooms   boards with room for all the words, the best first; at most {@value #MOST}; empty if this board has room
 * @param further where a new board for them would be opened from; null if this board has room or no board near has
 */
public record Advice(List<Stands> stands, List<Room> rooms, @Nullable Further further) {
    public static final int MOST = 4;
    /** Boards with fewer pictures of the word's categories than this are not of its topic. */
    private static final int OF_TOPIC = 2;

    /** @param taps from home to say it, at least 1; 0 if no taps lead there */
    public record Stands(String board, String name, Cell cell, int taps) {
    }

    /** Why a board is named. */
    public enum Why { OPENED_FROM_HERE, SAME_TOPIC }

    /** @param empty cells free for words */
    public record Room(String board, String name, int empty, Why why) {
    }

    /** @param from the board with an empty cell for the button that opens the new one */
    public record Further(String from, String name) {
    }

    /**
     * @param word       the first word
     * @param cells      how many words there are
     * @param categories of the word's picture, asked for only if the board is full; may be empty
     * @param categoriesOf the categories of a picture by its id; empty if it is not known
     */
    public static Advice on(Vocabulary vocabulary, Routes routes, WayHome wayHome, String board, String word, int cells, Supplier<Set<String>> categories,
                            Function<String, List<String>> categoriesOf) {
        List<Stands> stands = stands(vocabulary, routes, board, word);
        Board here = vocabulary.board(board).orElse(null);
        if (here == null || room(here, wayHome) >= cells) {
            return new Advice(stands, List.of(), null);
        }
        return new Advice(stands, rooms(vocabulary, wayHome, here, cells, categories.get(), categoriesOf), further(vocabulary, routes, wayHome, here));
    }

    private static List<Stands> stands(Vocabulary vocabulary, Routes routes, String board, String word) {
        return WordPlaces.exactly(vocabulary, routes, word).stream().sorted(Comparator.comparing(p -> !p.board().equals(board))).limit(MOST)
            .map(p -> new Stands(p.board(), p.name(), p.cell(), p.taps())).toList();
    }

    private static int room(Board board, WayHome wayHome) {
        return board.emptyCells().size() - wayHome.keptFree(board).size();
    }

    /**
     * Boards opened from here that are of the word's topic, then the others opened from here (of home they are too many to
     * mean anything), then boards of the topic anywhere; of one topic, those with most of it first.
     */
    private static List<Room> rooms(Vocabulary vocabulary, WayHome wayHome, Board here, int cells, Set<String> categories,
                                    Function<String, List<String>> categoriesOf) {
        Map<String, Long> alike = new LinkedHashMap<>();
        if (!categories.isEmpty()) {
            vocabulary.boards().values().forEach(b -> alike.put(b.id(), b.buttons().stream().map(Button::picture)
                .filter(p -> p != null && categoriesOf.apply(p).stream().anyMatch(categories::contains)).count()));
            alike.values().removeIf(count -> count < OF_TOPIC);
        }
        List<String> ofTopic = alike.entrySet().stream().sorted(Map.Entry.<String, Long>comparingByValue().reversed()).map(Map.Entry::getKey).toList();
        Set<String> opened = opened(here);
        Map<String, Room> rooms = new LinkedHashMap<>();
        ofTopic.stream().filter(opened::contains).forEach(id -> add(rooms, vocabulary, wayHome, here, id, cells, Why.OPENED_FROM_HERE));
        if (!here.id().equals(vocabulary.home())) {
            opened.forEach(id -> add(rooms, vocabulary, wayHome, here, id, cells, Why.OPENED_FROM_HERE));
        }
        ofTopic.forEach(id -> add(rooms, vocabulary, wayHome, here, id, cells, Why.SAME_TOPIC));
        return rooms.values().stream().limit(MOST).toList();
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

    /** From the nearest board on the way here that has an empty cell. */
    private static @Nullable Further further(Vocabulary vocabulary, Routes routes, WayHome wayHome, Board here) {
        List<String> way = new ArrayList<>();
        routes.to(here.id()).ifPresent(taps -> taps.forEach(tap -> way.add(0, tap.board())));
        return way.stream().map(vocabulary.boards()::get).filter(b -> room(b, wayHome) > 0).findFirst().map(b -> new Further(b.id(), b.name())).orElse(null);
    }
}
