package org.dwimble.core.bringin;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import org.dwimble.core.board.Acts;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Says;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.look.Look;
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

    /** A button on a board that comes which leads nowhere that could come: there already it opens nothing, or it opens another vocabulary. */
    public record Ended(Board board, Button button) {
    }

    private final Vocabulary there;
    private final Vocabulary here;
    private final Wanted wanted;
    /** Has the buttons that come by themselves, and does not come; null if none do. */
    private final @Nullable Board carried;
    private final Present present;
    private final Map<String, Met> met = new LinkedHashMap<>();
    private final List<Loose> loose = new ArrayList<>();
    private final List<Ended> looseBefore = new ArrayList<>();
    private final List<Ended> elsewhere = new ArrayList<>();

    private Arrival(Vocabulary there, @Nullable Board carried, Vocabulary here, Wanted wanted) {
        this.there = there;
        this.here = here;
        this.wanted = wanted;
        this.carried = carried;
        this.present = new Present(here);
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
            if (button.leads() instanceof Leads.Elsewhere) {
                elsewhere.add(new Ended(board, button));
            } else if (button.leads() instanceof Leads.Opens opens) {
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

    public List<Loose> loose() {
        return List.copyOf(loose);
    }

    /** Buttons that opened nothing there either: they come as they are. */
    public List<Ended> looseBefore() {
        return List.copyOf(looseBefore);
    }

    /** Buttons that open another vocabulary, which is not this student's: they only speak. */
    public List<Ended> elsewhere() {
        return List.copyOf(elsewhere);
    }

    /** The boards that come and are opened by no other that comes, as they are there: all of them are reached from these. */
    public List<Board> first() {
        Set<String> opened = new HashSet<>();
        List<Board> first = new ArrayList<>();
        coming().forEach(b -> {
            if (!opened.contains(b.id())) {
                reach(b, opened);
                first.add(b);
            }
        });
        // One that was chosen later may open one that was chosen before.
        List<Board> fewest = new ArrayList<>(first);
        for (Board board : first) {
            List<Board> without = fewest.stream().filter(b -> b != board).toList();
            Set<String> reached = new HashSet<>();
            without.forEach(b -> reach(b, reached));
            if (reached.contains(board.id())) {
                fewest.remove(board);
            }
        }
        return List.copyOf(fewest);
    }

    private void reach(Board from, Set<String> reached) {
        Deque<Board> queue = new ArrayDeque<>(List.of(from));
        reached.add(from.id());
        while (!queue.isEmpty()) {
            Ways.of(queue.remove()).openers().forEach(o -> {
                Met next = met.get(((Leads.Opens) o.leads()).board());
                if (next != null && next.comes && reached.add(next.board.id())) {
                    queue.add(next.board);
                }
            });
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
     * What comes as it stands here: with its ids, unless one is known here; with what is shown when left behind; and each button leading where that is
     * here.
     *
     * @param ids for those that are known here
     */
    public AsHere asHere(Supplier<String> ids) {
        Set<String> taken = new HashSet<>();
        here.boards().values().forEach(b -> b.buttons().forEach(w -> taken.add(w.id())));
        // A button here that leads nowhere does not lead to what comes by chance.
        Set<String> named = new HashSet<>(here.boards().keySet());
        here.boards().values().forEach(b -> Ways.of(b).openers().forEach(o -> named.add(((Leads.Opens) o.leads()).board())));
        Map<String, String> known = new HashMap<>();
        met.forEach((id, m) -> known.put(id, !m.comes ? String.valueOf(m.here) : named.contains(id) ? ids.get() : id));
        Map<String, WayOut> ways = new HashMap<>();
        loose.forEach(l -> ways.put(l.button.id(), l.way));
        UnaryOperator<Button> asHere = b -> new Button(taken.add(b.id()) ? b.id() : ids.get(), b.standing(), b.face(), acts(b, known, ways),
            b.shown().elsewhere(), b.extras());
        Map<String, Board> boards = new LinkedHashMap<>();
        coming().forEach(board -> boards.put(board.id(), new Board(String.valueOf(known.get(board.id())), board.name(), board.shape(), board.look(),
            board.buttons().stream().map(asHere).toList(), board.facts(), board.extras())));
        return new AsHere(boards, carried == null ? List.of() : carried.buttons().stream().map(asHere).toList());
    }

    private static Acts acts(Button button, Map<String, String> known, Map<String, WayOut> ways) {
        Acts acts = button.acts();
        if (button.leads() instanceof Leads.Elsewhere) {
            return speaking(acts);
        }
        if (!(button.leads() instanceof Leads.Opens opens)) {
            return acts;
        }
        WayOut way = ways.get(button.id());
        if (way instanceof WayOut.PointsTo to) {
            return acts.withLeads(new Leads.Opens(to.board(), opens.once()));
        }
        return way == null ? acts.withLeads(new Leads.Opens(known.getOrDefault(opens.board(), opens.board()), opens.once())) : speaking(acts);
    }

    private static Acts speaking(Acts acts) {
        Acts stays = acts.withLeads(Leads.STAYS);
        return acts.says() instanceof Says.Nothing && acts.doings().isEmpty() && acts.sound() == null ? stays.withSays(Says.LABEL) : stays;
    }
}
