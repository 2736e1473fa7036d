package org.dwimble.core.regrid;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.SamePart;
import org.dwimble.core.board.Shape;
import org.dwimble.core.board.Span;
import org.dwimble.core.board.Standing;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.plan.Besides;
import org.dwimble.core.plan.Grid;
import org.dwimble.core.plan.Place;
import org.dwimble.core.plan.Plan;
import org.dwimble.core.told.Unacceptable;

/**
 * Another grid, step by step: of each board few words at a time leave the place where a finger finds them.
 *
 * <p>Between the two grids a board lies for a while on one that has as many rows and as many columns as either. On it each word lies under the finger that
 * goes where it was, and where it will be a finger finds it once the last grid is laid: what must move is moved on that grid, in any number of steps, and
 * laying the grids moves nothing but words that come to lie between two
 * cells. A word whose cell another has goes together with that one, and so on; if they go round in a ring that is longer than a
 * step may be, one of them makes a stop in a free cell, or two change places. Boards follow one another.
 */
public final class InSteps {
    /** Two words change places at least. */
    public static final int FEWEST = 2;

    /**
     * One step.
     *
     * @param words that a finger no longer finds where they were
     */
    public record OneStep(Besides besides, List<Button> words) {
    }

    /**
     * @param laid  the vocabulary before the first step: new boards are there, with none of the words that go there yet, and nothing opens them
     * @param steps in their order
     */
    public record Stepped(Vocabulary laid, List<OneStep> steps) {
        /** The most words that move at once: more than asked for if a grid is laid, or words over several cells cannot move apart. */
        public int most() {
            return steps.stream().mapToInt(s -> s.words().size()).max().orElse(0);
        }
    }

    private final Vocabulary now;
    private final Onto onto;
    private final int most;
    private final Weights weights;
    private final List<OneStep> steps = new ArrayList<>();
    /** Of the step that is being filled. */
    private Besides filling = Besides.NOTHING;
    private final Set<String> moving = new HashSet<>();
    private final List<Ring> touched = new ArrayList<>();

    private InSteps(Vocabulary now, Onto onto, int most, Weights weights) {
        this.now = now;
        this.onto = onto;
        this.most = most;
        this.weights = weights;
    }

    /**
     * @param done  all at once
     * @param most  so many words move at a step, at least {@value #FEWEST}
     * @throws Unacceptable if it is fewer; it takes more steps than a plan has; or lines of different sizes leave no grid between the two
     */
    public static Stepped of(Vocabulary now, Regridded done, Onto onto, int most, Weights weights) {
        if (most < FEWEST) {
            throw new Unacceptable("regrid-steps-few", "fewest", FEWEST);
        }
        InSteps in = new InSteps(now, onto, most, weights);
        Vocabulary laid = now;
        for (Regridded.OfBoard board : done.boards()) {
            Ring ring = in.new Ring(board);
            ring.move();
            laid = laid.with(ring.waiting());
        }
        in.close();
        return new Stepped(laid, List.copyOf(in.steps));
    }

    private void close() {
        if (!filling.nothing()) {
            if (steps.size() >= Plan.MOST) {
                throw new Unacceptable("regrid-steps-many", "most", Plan.MOST);
            }
            steps.add(new OneStep(filling, touched.stream().flatMap(r -> r.lost().stream()).toList()));
        }
        filling = Besides.NOTHING;
        moving.clear();
        touched.clear();
    }

    private void put(Ring ring, Besides besides, Collection<String> words) {
        // What is laid or moved a second time needs a step of its own, as each does it once.
        boolean again = besides.grids().stream().anyMatch(g -> filling.grids().stream().anyMatch(f -> f.board().equals(g.board())))
            || besides.moves().stream().anyMatch(m -> filling.moves().stream().anyMatch(f -> f.button().equals(m.button())));
        if (again || !moving.isEmpty() && !words.isEmpty() && moving.size() + words.size() > most) {
            close();
        }
        if (!touched.contains(ring)) {
            touched.add(ring);
            ring.begin();
        }
        filling = filling.then(besides);
        moving.addAll(words);
    }

    /** One board, from its grid by one between to the other. */
    private final class Ring {
        private final Regridded.OfBoard of;
        private final String board;
        private final Shape between;
        /** The grid it has now. */
        private Shape shape;
        /** Where its words are on that, by id. */
        private final Map<String, Standing> lies = new LinkedHashMap<>();
        /** The same as they were when the step began. */
        private Shape began;
        private Map<String, Standing> layThen = Map.of();
        /** Where it will lie there, or on another board; what is in its place already is not among them. */
        private final Map<String, Place> goes = new LinkedHashMap<>();
        private final Map<String, Button> buttons = new HashMap<>();
        private final Map<Cell, String> taken = new HashMap<>();
        /** Ways to new boards that are not on the board yet, by the board they open. */
        private final Map<String, Button> openers = new HashMap<>();

        Ring(Regridded.OfBoard of) {
            this.of = of;
            this.board = of.before().id();
            this.shape = of.before().shape();
            this.began = shape;
            this.between = between(of.before().shape(), of.after().shape());
            SamePart in = SamePart.of(shape, between);
            SamePart out = SamePart.of(of.after().shape(), between);
            SamePart onto = SamePart.of(between, of.after().shape());
            for (Button button : of.before().buttons()) {
                buttons.put(button.id(), button);
                lies.put(button.id(), button.standing());
                take(button.id(), in.of(button.standing()));
            }
            for (Button button : of.after().buttons()) {
                Standing is = Optional.ofNullable(lies.get(button.id())).map(in::of).orElse(null);
                Standing then = out.of(button.standing());
                if (!onto.of(then).equals(button.standing())) {
                    throw uneven();
                }
                if (is == null) {
                    buttons.put(button.id(), button);
                    openers.put(opened(button), button);
                }
                if (is == null || !onto.of(is).equals(button.standing())) {
                    goes.put(button.id(), place(board, then));
                }
            }
            of.linked().forEach(linked -> linked.buttons().stream().filter(b -> lies.containsKey(b.id()))
                .forEach(b -> goes.put(b.id(), place(linked.id(), b.standing()))));
        }

        private Unacceptable uneven() {
            return new Unacceptable("regrid-steps-uneven", "board", of.before().name());
        }

        private void take(String id, Standing at) {
            for (Cell cell : at.cells()) {
                if (taken.put(cell, id) != null) {
                    throw uneven();
                }
            }
        }

        void begin() {
            began = shape;
            layThen = Map.copyOf(lies);
        }

        /** Words that a finger no longer finds where they were when the step began. */
        List<Button> lost() {
            Ground ground = Ground.of(now, of.before(), onto, began, shape);
            return layThen.entrySet().stream().filter(e -> {
                Standing is = lies.get(e.getKey());
                return is == null || !ground.underTheSameFinger(e.getValue(), is);
            }).map(e -> button(e.getKey())).filter(b -> of.before().button(b.id()).isPresent()).sorted(Comparator.comparing(Button::cell)).toList();
        }

        /** New boards as they wait: without the words that are still to come, and with the way to each in one of their cells. */
        List<Board> waiting() {
            List<Board> waiting = new ArrayList<>();
            for (Board linked : of.linked()) {
                Board bare = linked.withButtons(linked.buttons().stream().filter(b -> of.before().button(b.id()).isEmpty()).toList());
                Button opener = openers.get(linked.id());
                waiting.add(opener == null ? bare : bare.with(opener.withStanding(Standing.at(bare.emptyCells().get(0)))));
            }
            return waiting;
        }

        void move() {
            if (of.moved().size() <= most) {
                allAtOnce();
                return;
            }
            lay(between);
            Set<String> left = new LinkedHashSet<>(goes.keySet().stream().sorted(Comparator.comparingDouble(this::weight)).toList());
            while (!left.isEmpty()) {
                List<String> together = left.stream().map(w -> together(w, left)).filter(t -> words(t) <= room()).findFirst()
                    .or(() -> left.stream().map(w -> together(w, left)).filter(t -> words(t) <= most).findFirst())
                    .orElseGet(List::of);
                if (together.isEmpty()) {
                    breakOpen(left);
                } else {
                    Map<String, Place> to = new LinkedHashMap<>();
                    together.forEach(id -> to.put(id, goes(id)));
                    move(to);
                    left.removeAll(together);
                }
            }
            // Places of words that are moved are those of the grid between.
            if (!between.equals(of.after().shape()) && !filling.nothing()) {
                close();
            }
            lay(of.after().shape());
        }

        private void allAtOnce() {
            SamePart part = SamePart.of(of.before().shape(), of.after().shape());
            Map<String, Place> to = new LinkedHashMap<>();
            of.after().buttons().stream().filter(b -> !lies.containsKey(b.id()) || !part.of(of.before().button(b.id()).orElseThrow().standing())
                .equals(b.standing())).forEach(b -> to.put(b.id(), place(board, b.standing())));
            goes.forEach((id, place) -> {
                if (!place.board().equals(board)) {
                    to.put(id, place);
                }
            });
            List<Besides.Regrids> grids = of.before().shape().equals(of.after().shape()) ? List.of()
                : List.of(new Besides.Regrids(board, grid(of.after().shape()), null));
            Besides all = new Besides(grids, moves(to), List.of());
            if (!all.nothing()) {
                put(this, all, of.moved().stream().map(m -> m.button().id()).toList());
                shape = of.after().shape();
                lies.clear();
                of.after().buttons().forEach(b -> lies.put(b.id(), b.standing()));
            }
        }

        private static List<Besides.Moves> moves(Map<String, Place> to) {
            return to.entrySet().stream().map(e -> new Besides.Moves(e.getKey(), e.getValue(), null)).toList();
        }

        private Place goes(String id) {
            return Objects.requireNonNull(goes.get(id), id);
        }

        private Standing lies(String id) {
            return Objects.requireNonNull(lies.get(id), id);
        }

        private Button button(String id) {
            return Objects.requireNonNull(buttons.get(id), id);
        }

        private void lay(Shape is) {
            if (!is.equals(shape)) {
                SamePart part = SamePart.of(shape, is);
                put(this, new Besides(List.of(new Besides.Regrids(board, grid(is), null)), List.of(), List.of()), List.of());
                lies.replaceAll((id, at) -> part.of(at));
                shape = is;
            }
        }

        private static Grid grid(Shape shape) {
            return new Grid(shape.rows(), shape.columns(), shape.heights(), shape.widths());
        }

        private int room() {
            return most - moving.size();
        }

        /** What is said least goes first; a way goes when its place is free. */
        private double weight(String id) {
            Button button = button(id);
            return openers.containsValue(button) ? -1 : weights.of(button);
        }

        private long words(List<String> ids) {
            return ids.stream().filter(lies::containsKey).count();
        }

        /** A word, what lies where it goes, what lies where that goes ..., and the way to the board it goes to. */
        private List<String> together(String word, Set<String> left) {
            Set<String> all = new LinkedHashSet<>(List.of(word));
            List<String> asked = new ArrayList<>(all);
            for (int i = 0; i < asked.size(); i++) {
                Place to = goes(asked.get(i));
                Set<String> more = new LinkedHashSet<>();
                if (to.board().equals(board)) {
                    standing(to).cells().forEach(c -> Optional.ofNullable(taken.get(c)).ifPresent(more::add));
                } else if (openers.containsKey(to.board()) && left.contains(openers.get(to.board()).id())) {
                    more.add(openers.get(to.board()).id());
                }
                more.stream().filter(all::add).forEach(asked::add);
            }
            return asked;
        }

        private void move(Map<String, Place> to) {
            put(this, new Besides(List.of(), moves(to), List.of()), to.keySet().stream().filter(lies::containsKey).toList());
            to.keySet().forEach(id -> Optional.ofNullable(lies.remove(id)).ifPresent(was -> was.cells().forEach(taken::remove)));
            to.forEach((id, place) -> {
                if (place.board().equals(board)) {
                    take(id, standing(place));
                    lies.put(id, standing(place));
                }
            });
        }

        /** Nothing can go in one step: a word makes a stop, or a way to a new board takes the place of the first word that goes there, or two change places. */
        private void breakOpen(Set<String> left) {
            for (String id : left) {
                Place to = goes(id);
                Button opener = openers.get(to.board());
                if (opener != null && left.contains(opener.id()) && !lies.containsKey(opener.id())) {
                    move(ordered(id, to, opener.id(), place(board, Standing.at(lies(id).cell()))));
                    left.remove(id);
                    return;
                }
            }
            Optional<Cell> free = free();
            if (free.isPresent()) {
                String id = left.stream().filter(w -> isInRing(w, left)).findFirst().orElseThrow();
                move(Map.of(id, place(board, Standing.at(free.get()))));
                return;
            }
            for (String id : left.stream().filter(w -> isInRing(w, left)).toList()) {
                Standing to = standing(goes(id));
                Standing from = lies(id);
                Set<String> there = new HashSet<>(to.cells().stream().map(taken::get).toList());
                String other = there.iterator().next();
                if (there.size() == 1 && lies(other).equals(to) && from.span().equals(to.span())) {
                    move(ordered(id, goes(id), other, place(board, from)));
                    left.remove(id);
                    return;
                }
            }
            Map<String, Place> all = new LinkedHashMap<>();
            together(left.iterator().next(), left).forEach(id -> all.put(id, goes(id)));
            move(all);
            left.removeAll(all.keySet());
        }

        /** True if what lies where it goes waits for it in turn. */
        private boolean isInRing(String word, Set<String> left) {
            Place to = goes(word);
            return to.board().equals(board) && standing(to).cells().stream().map(taken::get)
                .anyMatch(other -> other != null && !other.equals(word) && together(other, left).contains(word));
        }

        private Map<String, Place> ordered(String one, Place to, String other, Place otherTo) {
            Map<String, Place> moves = new LinkedHashMap<>();
            moves.put(one, to);
            moves.put(other, otherTo);
            return moves;
        }

        private Optional<Cell> free() {
            return Board.empty(board, of.before().name(), between).emptyCells().stream().filter(c -> !taken.containsKey(c)).findFirst();
        }
    }

    private static Shape between(Shape was, Shape is) {
        return new Shape(Math.max(was.rows(), is.rows()), Math.max(was.columns(), is.columns()), was.rows() >= is.rows() ? was.heights() : is.heights(),
            was.columns() >= is.columns() ? was.widths() : is.widths());
    }

    private static String opened(Button opener) {
        return opener.leads() instanceof Leads.Opens o ? o.board() : "";
    }

    private static Place place(String board, Standing at) {
        return new Place(board, at.cell().row(), at.cell().column(), at.span().rows(), at.span().columns());
    }

    private static Standing standing(Place place) {
        return new Standing(new Cell(place.row(), place.column()), new Span(place.rows(), place.columns()));
    }
}
