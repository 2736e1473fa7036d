package org.dwimble.core.map;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.function.Predicate;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.route.Routes;

/**
 * A map of all boards, laid out from home outwards. A board's layer is the number of taps its shortest way from home takes.
 * In a layer, boards that are first opened from one board stand together, in the reading order of the buttons that open
 * them, and a board stands level with the middle of those it opens first; so the shortest ways never cross. Links that
 * are no board's shortest way are told, and may cross. Boards no taps lead to come last, in the order of their names.
 * Time and memory are in proportion to the number of buttons.
 *
 * <p>This is the layered drawing of trees of C. Wetherell and A. Shannon (Tidy drawings of trees, IEEE Transactions on
 * Software Engineering 5, 1979), with leaves on rows of their own.
 *
 * @param nodes the boards to be drawn, home first, then as a tree is read: each board before those it opens first
 * @param links between them, in the order of the boards they go from, then in reading order; of several to one board the first alone
 * @param rows  how many rows there are
 */
public record BoardMap(List<Node> nodes, List<Link> links, int rows) {
    /**
     * @param parent   the board whose button opens it on the shortest way; empty for home and for boards no taps lead to
     * @param taps     from home; 0 for home, -1 if none lead there
     * @param row      from 0; halves and less between two rows
     * @param section  which of home's boards it is behind, from 0; -1 for home and for boards no taps lead to
     * @param below    how many boards are reached first through it
     * @param folded   true if those are not drawn
     * @param looseEnds buttons on it that open nothing
     */
    public record Node(String board, String name, String parent, int taps, double row, int section, int below, boolean folded, int looseEnds,
        boolean noWayOut) {
    }

    /** @param shortest true if it is the last tap of the shortest way to the board it opens */
    public record Link(String from, Cell cell, String to, boolean shortest) {
    }

    /** @param folded boards of which those first opened through them are not to be drawn */
    public static BoardMap of(Vocabulary vocabulary, Routes routes, Predicate<String> folded) {
        return new Layout(vocabulary, routes, folded).map();
    }

    private static final class Layout {
        private final Vocabulary vocabulary;
        private final Predicate<String> folded;
        private final Map<String, List<String>> children = new HashMap<>();
        private final Map<String, String> parents = new HashMap<>();
        private final Map<String, Cell> opened = new HashMap<>();
        private final Map<String, Integer> looseEnds = new HashMap<>();
        private final Set<String> noWayOut = new HashSet<>();
        private final List<Board> unreachable;
        private final Map<String, Node> nodes = new LinkedHashMap<>();
        private int rows;

        Layout(Vocabulary vocabulary, Routes routes, Predicate<String> folded) {
            this.vocabulary = vocabulary;
            this.folded = folded;
            for (Board board : vocabulary.boards().values()) {
                routes.to(board.id()).filter(way -> !way.isEmpty()).map(way -> way.get(way.size() - 1)).ifPresent(tap -> {
                    parents.put(board.id(), tap.board());
                    opened.put(board.id(), tap.cell());
                    children.computeIfAbsent(tap.board(), b -> new ArrayList<>()).add(board.id());
                });
            }
            children.values().forEach(list -> list.sort(Comparator.comparing(opened::get)));
            routes.looseEnds().forEach(end -> looseEnds.merge(end.board(), 1, Integer::sum));
            routes.withNoWayOut().forEach(b -> noWayOut.add(b.id()));
            unreachable = routes.unreachable();
        }

        private Node placed(String board) {
            return Objects.requireNonNull(nodes.get(board));
        }

        BoardMap map() {
            place(vocabulary.home(), 0, -1);
            for (Board board : unreachable) {
                nodes.put(board.id(), node(board.id(), -1, rows++, -1, 0, false));
            }
            return new BoardMap(List.copyOf(nodes.values()), links(), rows);
        }

        /** Depth first without recursion on boards: a chain of boards may be long. */
        private void place(String root, int taps, int section) {
            record Visit(String board, int taps, int section, boolean leaving) {
            }
            Map<String, Integer> below = new HashMap<>();
            List<Visit> stack = new ArrayList<>(List.of(new Visit(root, taps, section, false)));
            while (!stack.isEmpty()) {
                Visit visit = stack.remove(stack.size() - 1);
                List<String> behind = children.getOrDefault(visit.board, List.of());
                boolean hidden = folded.test(visit.board) && !behind.isEmpty();
                if (visit.leaving) {
                    double row = (placed(behind.get(0)).row() + placed(behind.get(behind.size() - 1)).row()) / 2;
                    int count = behind.stream().mapToInt(b -> 1 + below.getOrDefault(b, 0)).sum();
                    below.put(visit.board, count);
                    nodes.put(visit.board, node(visit.board, visit.taps, row, visit.section, count, false));
                    continue;
                }
                if (behind.isEmpty() || hidden) {
                    int count = hidden ? countBelow(visit.board) : 0;
                    below.put(visit.board, count);
                    nodes.put(visit.board, node(visit.board, visit.taps, rows++, visit.section, count, hidden));
                    continue;
                }
                nodes.put(visit.board, node(visit.board, visit.taps, 0, visit.section, 0, false));
                stack.add(new Visit(visit.board, visit.taps, visit.section, true));
                for (int i = behind.size() - 1; i >= 0; i--) {
                    stack.add(new Visit(behind.get(i), visit.taps + 1, visit.board.equals(root) ? i : visit.section, false));
                }
            }
        }

        private int countBelow(String board) {
            int count = 0;
            List<String> todo = new ArrayList<>(children.getOrDefault(board, List.of()));
            while (!todo.isEmpty()) {
                String next = todo.remove(todo.size() - 1);
                count++;
                todo.addAll(children.getOrDefault(next, List.of()));
            }
            return count;
        }

        private Node node(String board, int taps, double row, int section, int below, boolean hidden) {
            return new Node(board, vocabulary.at(board).name(), parents.getOrDefault(board, ""), taps, row, section, below, hidden,
                looseEnds.getOrDefault(board, 0), noWayOut.contains(board));
        }

        private List<Link> links() {
            List<Link> links = new ArrayList<>();
            for (String from : nodes.keySet()) {
                Set<String> linked = new HashSet<>();
                for (Button button : vocabulary.at(from).buttons()) {
                    if (button.leads() instanceof Leads.Opens opens && nodes.containsKey(opens.board()) && !opens.board()
                        .equals(from) && linked.add(opens.board())) {
                        links.add(new Link(from, button.cell(), opens.board(), from.equals(parents.get(opens.board()))));
                    }
                }
            }
            return links;
        }
    }
}
