package org.dwimble.core.route;

import com.ibm.icu.text.CollationKey;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.Comparator;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Names;
import org.dwimble.core.board.Vocabulary;
import org.jspecify.annotations.Nullable;

/**
 * The graph of boards, analysed once for a vocabulary: breadth first from home, and breadth first backwards
 * to home. Both cost time and memory in proportion to the number of buttons that open a board; cycles are normal.
 *
 * <p>Buttons are followed whether or not they are hidden: what a student is shown changes from week to week,
 * how the boards hang together should not.
 */
public final class Routes {

    /** One tap on the way: the board it is made on, the cell tapped, and the board that opens. */
    public record Tap(String board, Cell cell, String opens) {
    }

    /** A button that opens a board which does not exist. */
    public record LooseEnd(String board, Button button, String missing) {
    }

    private final Vocabulary vocabulary;
    private final Graph graph;

    /** How boards hang together; never changed once it is worked out, and shared by all versions in which it is the same. */
    private static final class Graph {
        private final Map<String, Tap> lastTap = new LinkedHashMap<>();
        private final List<LooseEnd> looseEnds = new ArrayList<>();
        private final Map<String, List<String>> openedFrom = new HashMap<>();
        private final Set<String> findsHome = new HashSet<>();
        private volatile @Nullable List<String> inOrder;
    }

    private Routes(Vocabulary vocabulary, Graph graph) {
        this.vocabulary = vocabulary;
        this.graph = graph;
    }

    /** As {@link #of}, in less time if boards hang together as they did, under the same names. */
    public static Routes after(Routes before, Vocabulary now) {
        return same(before.vocabulary, now) ? new Routes(now, before.graph) : of(now);
    }

    private static boolean same(Vocabulary was, Vocabulary now) {
        return was.home().equals(now.home()) && was.boards().keySet().equals(now.boards().keySet()) && now.boards().values().stream().allMatch(board -> {
            Board earlier = was.at(board.id());
            return earlier == board || earlier.name().equals(board.name()) && Ways.of(earlier).equals(Ways.of(board));
        });
    }

    /** True if boards hang together here as they do there, as far as that was found out without working it out anew. */
    public boolean likeThoseOf(Routes other) {
        return graph == other.graph;
    }

    public static Routes of(Vocabulary vocabulary) {
        Routes routes = new Routes(vocabulary, new Graph());
        routes.gatherLinks();
        routes.walkFromHome();
        routes.walkBackToHome();
        return routes;
    }

    private void gatherLinks() {
        for (Board board : vocabulary.boards().values()) {
            for (Button button : Ways.of(board).openers()) {
                if (button.leads() instanceof Leads.Opens opens) {
                    if (vocabulary.boards().containsKey(opens.board())) {
                        graph.openedFrom.computeIfAbsent(opens.board(), b -> new ArrayList<>()).add(board.id());
                    } else {
                        graph.looseEnds.add(new LooseEnd(board.id(), button, opens.board()));
                    }
                }
            }
        }
    }

    private void walkFromHome() {
        Deque<String> queue = new ArrayDeque<>(List.of(vocabulary.home()));
        Set<String> seen = new HashSet<>(queue);
        while (!queue.isEmpty()) {
            Board board = vocabulary.at(queue.remove());
            for (Button button : Ways.of(board).openers()) {
                if (button.leads() instanceof Leads.Opens opens && vocabulary.boards().containsKey(opens.board()) && seen.add(opens.board())) {
                    graph.lastTap.put(opens.board(), new Tap(board.id(), button.cell(), opens.board()));
                    queue.add(opens.board());
                }
            }
        }
    }

    /** A board finds home if it has a home button, opens a board that does, or has a back button and was opened from one that does. */
    private void walkBackToHome() {
        Map<String, List<String>> reversed = new HashMap<>();
        Deque<String> queue = new ArrayDeque<>();
        graph.findsHome.add(vocabulary.home());
        queue.add(vocabulary.home());
        for (Board board : vocabulary.boards().values()) {
            if (Ways.of(board).home() && graph.findsHome.add(board.id())) {
                queue.add(board.id());
            }
            for (Button button : Ways.of(board).openers()) {
                reversed.computeIfAbsent(((Leads.Opens) button.leads()).board(), b -> new ArrayList<>()).add(board.id());
            }
            if (Ways.of(board).back()) {
                for (String opener : graph.openedFrom.getOrDefault(board.id(), List.of())) {
                    reversed.computeIfAbsent(opener, b -> new ArrayList<>()).add(board.id());
                }
            }
        }
        while (!queue.isEmpty()) {
            for (String before : reversed.getOrDefault(queue.remove(), List.of())) {
                if (graph.findsHome.add(before)) {
                    queue.add(before);
                }
            }
        }
    }

    /**
     * The shortest taps from home to a board, in order; among equally short ones, the first in reading order.
     * Empty list for home itself; empty optional if no tap leads there or there is no such board.
     */
    public Optional<List<Tap>> to(String boardId) {
        if (boardId.equals(vocabulary.home())) {
            return Optional.of(List.of());
        }
        if (!graph.lastTap.containsKey(boardId)) {
            return Optional.empty();
        }
        Deque<Tap> taps = new ArrayDeque<>();
        for (String at = boardId; !at.equals(vocabulary.home()); at = taps.peek().board()) {
            taps.push(Objects.requireNonNull(graph.lastTap.get(at)));
        }
        return Optional.of(List.copyOf(taps));
    }

    /** The last tap to each board that can be reached, the nearest boards first; home has none. */
    public Collection<Tap> lastTaps() {
        return Collections.unmodifiableCollection(graph.lastTap.values());
    }

    public boolean reaches(String boardId) {
        return boardId.equals(vocabulary.home()) || graph.lastTap.containsKey(boardId);
    }

    /** Boards no chain of taps from home leads to, by name. */
    public List<Board> unreachable() {
        return vocabulary.boards().values().stream()
            .filter(b -> !b.id().equals(vocabulary.home()) && !graph.lastTap.containsKey(b.id()))
            .sorted(byName()).toList();
    }

    /** Boards from which no taps lead home, by name. A ring of boards that only open each other counts. */
    public List<Board> withNoWayOut() {
        return vocabulary.boards().values().stream().filter(b -> !graph.findsHome.contains(b.id())).sorted(byName()).toList();
    }

    /** Buttons that open nothing, by board id, then in reading order. */
    public List<LooseEnd> looseEnds() {
        return List.copyOf(graph.looseEnds);
    }

    /** Ids of the boards with a button that opens this one, each once, sorted. */
    public List<String> openersOf(String boardId) {
        return graph.openedFrom.getOrDefault(boardId, List.of()).stream().distinct().sorted().toList();
    }

    /** Home first, then as people look things up: by name, ties by id. */
    public List<Board> boardsInOrder() {
        List<String> known = graph.inOrder;
        if (known == null) {
            known = vocabulary.boards().values().stream()
                .sorted(Comparator.comparing((Board b) -> !b.id().equals(vocabulary.home())).thenComparing(byName())).map(Board::id).toList();
            graph.inOrder = known;
        }
        return known.stream().map(vocabulary::at).toList();
    }

    private static Comparator<Board> byName() {
        return Comparator.comparing((Board b) -> b.workedOut(CollationKey.class, named -> Names.key(named.name()))).thenComparing(Board::name)
            .thenComparing(Board::id);
    }
}
