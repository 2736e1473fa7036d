package org.dwimble.core.bringin;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.look.Look;
import org.dwimble.core.reveal.Gist;
import org.dwimble.core.route.WayHome;
import org.dwimble.core.route.Ways;
import org.dwimble.core.told.Unacceptable;
import org.jspecify.annotations.Nullable;

/**
 * What comes of a vocabulary to another if some boards are wanted, worked out before anything happens: which boards come, which are here already and so do
 * not come twice, and which buttons would lead nowhere. A board that is here already is not followed further: what it opens here stays as it is. Takes time
 * in proportion to the buttons of both.
 */
public final class Arrival {
    /** How a board meets what is here. */
    public enum Meets {
        /** Nothing here is like it. */
        NEW,
        /** One here has the same name and the same content: it does not come twice. */
        SAME,
        /** One here has the same name and other content. */
        NAMED_ALIKE
    }

    /**
     * A board that was chosen, or that something opens which comes.
     *
     * @param by   the board there that opens it, over which it was found; null if it was chosen
     * @param here the board here that it meets; null if it is new
     * @param comes false of one for which the board here stands
     */
    public record Met(Board board, @Nullable String by, Meets meets, @Nullable String here, boolean comes) {
    }

    /**
     * A button on a board that comes which opens one that does not.
     *
     * @param board   there, the one it stands on
     * @param missing the board there that it opens
     * @param likely  one here that may be meant; null if none is
     * @param way     what becomes of it as it was decided, else that it only speaks
     */
    public record Loose(Board board, Button button, Board missing, @Nullable Likely likely, WayOut way) {
    }

    /** A button that comes and opens nothing there already. */
    public record Ended(Board board, Button button) {
    }

    private final Vocabulary there;
    private final Vocabulary here;
    private final Wanted wanted;
    /** Has the buttons that come by themselves, and does not come; null if none do. */
    private final @Nullable Board carried;
    private final Present present;
    private final KeptHere keptHere;
    private final Map<String, Met> met = new LinkedHashMap<>();
    private final List<Loose> loose = new ArrayList<>();
    private final List<Ended> looseBefore = new ArrayList<>();

    private Arrival(Vocabulary there, @Nullable Board carried, Vocabulary here, Wanted wanted) {
        this.there = there;
        this.here = here;
        this.wanted = wanted;
        this.carried = carried;
        this.present = new Present(here);
        this.keptHere = new KeptHere(here);
    }

    /**
     * @throws Unacceptable if nothing is wanted, a wanted board is not there, or one that is pointed to is not here
     */
    public static Arrival of(Vocabulary there, Vocabulary here, Wanted wanted) {
        if (wanted.boards().isEmpty()) {
            throw new Unacceptable("bring-nothing");
        }
        return workedOut(new Arrival(there, null, here, wanted));
    }

    /**
     * What comes with single buttons, which are put on a board that is here.
     *
     * @param carried a board there, with the buttons alone that come; it does not come itself
     * @throws Unacceptable if a wanted board is not there, or one that is pointed to is not here
     */
    public static Arrival withButtons(Vocabulary there, Board carried, Vocabulary here, Wanted wanted) {
        return workedOut(new Arrival(there, carried, here, wanted));
    }

    private static Arrival workedOut(Arrival arrival) {
        arrival.gather();
        arrival.gatherSame();
        arrival.look();
        return arrival;
    }

    private void gather() {
        Deque<Met> queue = new ArrayDeque<>();
        for (String id : wanted.boards()) {
            queue.add(meet(there.board(id).orElseThrow(() -> new Unacceptable("bring-board-gone")), null));
        }
        if (wanted.withAll() && carried != null) {
            follow(carried, queue);
        }
        while (wanted.withAll() && !queue.isEmpty()) {
            Met from = queue.remove();
            if (from.comes) {
                follow(from.board, queue);
            }
        }
    }

    private void follow(Board from, Deque<Met> queue) {
        Ways.of(from).openers().forEach(opener -> there.board(((Leads.Opens) opener.leads()).board())
            .filter(opened -> !met.containsKey(opened.id())).ifPresent(opened -> queue.add(meet(opened, from.id()))));
    }

    /** The boards whose buttons come, as they are there: those of single buttons first. */
    public List<Board> carrying() {
        return Stream.concat(Stream.ofNullable(carried), coming().stream()).toList();
    }

    /** What is opened and is here already with the same content need not be wanted to be led to. */
    private void gatherSame() {
        carrying().forEach(board -> Ways.of(board).openers().forEach(opener -> there.board(((Leads.Opens) opener.leads()).board())
            .filter(opened -> !met.containsKey(opened.id()) && present.same(opened, there).isPresent()).ifPresent(opened -> meet(opened, board.id()))));
    }

    private Met meet(Board board, @Nullable String by) {
        Optional<Board> same = present.same(board, there);
        Optional<Board> named = same.isPresent() ? same : present.named(board);
        Meets meets = same.isPresent() ? Meets.SAME : named.isPresent() ? Meets.NAMED_ALIKE : Meets.NEW;
        boolean comes = meets == Meets.NEW || meets == Meets.NAMED_ALIKE && !wanted.instead().contains(board.id());
        Met one = new Met(board, by, meets, named.map(Board::id).orElse(null), comes);
        met.put(board.id(), one);
        return one;
    }

    private void look() {
        Map<String, Optional<Likely>> likely = new HashMap<>();
        carrying().forEach(board -> board.buttons().forEach(button -> {
            if (button.leads() instanceof Leads.Opens opens) {
                Optional<Board> missing = there.board(opens.board());
                if (missing.isEmpty()) {
                    looseBefore.add(new Ended(board, button));
                } else if (!met.containsKey(opens.board())) {
                    Likely one = likely.computeIfAbsent(opens.board(), id -> present.likely(missing.get(), there)).orElse(null);
                    loose.add(new Loose(board, button, missing.get(), one, way(button, opens.board())));
                }
            }
        }));
    }

    private WayOut way(Button button, String missing) {
        WayOut way = wanted.single().getOrDefault(button.id(), wanted.ways().getOrDefault(missing, WayOut.SPEAKS_ONLY));
        if (way instanceof WayOut.PointsTo to && here.board(to.board()).isEmpty()) {
            throw new Unacceptable("bring-points-nowhere");
        }
        return way;
    }

    /** Those that were chosen first, then what they open, the nearest first. */
    public List<Met> met() {
        return List.copyOf(met.values());
    }

    /** As they are there. */
    public List<Board> coming() {
        return met.values().stream().filter(Met::comes).map(Met::board).toList();
    }

    /** How many words come. */
    public int words() {
        return carrying().stream().mapToInt(b -> Gist.of(b).says()).sum();
    }

    /** What is kept back here wherever it stands, and so is kept back when it comes; each word once. */
    public List<String> keptBack() {
        return carrying().stream().flatMap(b -> b.buttons().stream()).filter(keptHere::keeps).map(Button::called).distinct().toList();
    }

    public List<Loose> loose() {
        return List.copyOf(loose);
    }

    /** Buttons that opened nothing there either: they come as they are. */
    public List<Ended> looseBefore() {
        return List.copyOf(looseBefore);
    }

    /**
     * The fewest boards from which all that come are reached, as they are there, in the order in which they come. One of each part of the graph that
     * nothing outside it opens: found in time in proportion to the links, by the order in which a depth-first search leaves boards (S. R. Kosaraju's, in
     * A. V. Aho, J. E. Hopcroft, J. D. Ullman, Data Structures and Algorithms, 1983, section 6.7).
     */
    public List<Board> first() {
        List<Board> coming = coming();
        List<Board> left = new ArrayList<>();
        Set<String> seen = new HashSet<>();
        coming.forEach(board -> search(board, seen, left));
        Collections.reverse(left);
        Set<String> reached = new HashSet<>();
        Set<Board> first = new HashSet<>();
        left.stream().filter(board -> !reached.contains(board.id())).forEach(board -> {
            search(board, reached, new ArrayList<>());
            first.add(board);
        });
        return coming.stream().filter(first::contains).toList();
    }

    /** Depth first without recursion on boards: a chain of boards may be long. @param left the boards in the order in which they are left */
    private void search(Board from, Set<String> seen, List<Board> left) {
        record Visit(Board board, Iterator<Button> openers) {
        }
        Deque<Visit> stack = new ArrayDeque<>();
        if (seen.add(from.id())) {
            stack.push(new Visit(from, Ways.of(from).openers().iterator()));
        }
        while (!stack.isEmpty()) {
            Visit visit = stack.peek();
            if (!visit.openers.hasNext()) {
                left.add(stack.pop().board);
                continue;
            }
            Met next = met.get(((Leads.Opens) visit.openers.next().leads()).board());
            if (next != null && next.comes && seen.add(next.board.id())) {
                stack.push(new Visit(next.board, Ways.of(next.board).openers().iterator()));
            }
        }
    }

    /** @param boards by id there, in the order in which they come @param buttons that come by themselves, where they stand there */
    public record AsHere(Map<String, Board> boards, List<Button> buttons) {
        /** The boards with their ways home and back where boards here have them, and with their own look only if that is wanted. */
        public Map<String, Board> dressed(boolean looks, WayHome wayHome, Supplier<String> ids) {
            Map<String, Board> dressed = new LinkedHashMap<>();
            boards.forEach((id, board) -> {
                Board one = looks ? board : plain(board);
                dressed.put(id, one.with(wayHome.missingOn(one, ids)));
            });
            return dressed;
        }

        private static Board plain(Board board) {
            return board.withLook(Look.PLAIN).withButtons(board.buttons().stream().map(b -> b.withShown(b.shown().withLook(Look.PLAIN))).toList());
        }
    }

    /**
     * What comes as it stands here: with its ids, unless one is known here; shown as its words are here; and each button leading where that is
     * here.
     *
     * @param ids for those that are known here
     */
    public AsHere asHere(Supplier<String> ids) {
        Set<String> taken = new HashSet<>();
        here.boards().values().forEach(b -> b.buttons().forEach(w -> taken.add(w.id())));
        // What leads nowhere, here or there, does not come to lead somewhere by the chance of one id.
        Set<String> named = new HashSet<>(here.boards().keySet());
        here.boards().values().forEach(b -> Ways.of(b).openers().forEach(o -> named.add(((Leads.Opens) o.leads()).board())));
        Map<String, String> known = new HashMap<>();
        met.forEach((id, m) -> known.put(id, !m.comes ? String.valueOf(m.here) : named.contains(id) ? ids.get() : id));
        looseBefore.forEach(l -> known.computeIfAbsent(((Leads.Opens) l.button.leads()).board(), id -> named.contains(id) ? ids.get() : id));
        Map<String, WayOut> ways = new HashMap<>();
        loose.forEach(l -> ways.put(l.button.id(), l.way));
        UnaryOperator<Button> asHere = b -> {
            Button led = led(b, known, ways.get(b.id()));
            return (taken.add(b.id()) ? led : led.withId(ids.get())).withShown(keptHere.shown(led));
        };
        Map<String, Board> boards = new LinkedHashMap<>();
        coming().forEach(board -> boards.put(board.id(), new Board(String.valueOf(known.get(board.id())), board.name(), board.shape(), board.look(),
            board.buttons().stream().map(asHere).toList(), board.facts(), board.extras())));
        return new AsHere(boards, carried == null ? List.of() : carried.buttons().stream().map(asHere).toList());
    }

    private static Button led(Button button, Map<String, String> known, @Nullable WayOut way) {
        if (!(button.leads() instanceof Leads.Opens opens)) {
            return button;
        }
        if (way instanceof WayOut.SpeaksOnly) {
            return button.staying();
        }
        String board = way instanceof WayOut.PointsTo to ? to.board() : known.get(opens.board());
        return button.withActs(button.acts().withLeads(new Leads.Opens(String.valueOf(board), opens.once())));
    }
}
