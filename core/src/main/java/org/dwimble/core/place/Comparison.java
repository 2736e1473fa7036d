package org.dwimble.core.place;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.Deque;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.ToDoubleFunction;
import java.util.stream.Collectors;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Names;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.reveal.Gist;
import org.dwimble.core.reveal.Revealed;
import org.dwimble.core.route.Routes;
import org.dwimble.core.route.Ways;
import org.jspecify.annotations.Nullable;

/**
 * What became of every word from one vocabulary to another: two versions, a copy and what it is of, two students'. The same
 * word is the same button id; failing that, the same spoken text on the board of the same path, which is the names of the
 * boards on the way there from home. Routes are compared tap by tap, as cells; one that still leads there counts as kept, also if
 * there is a shorter one by now. Buttons that say nothing and only open a board
 * are compared too; ways back and home are not. Takes time in proportion to the number of buttons of both.
 *
 * <p>Turned round it says the same of the same words: what is new one way is gone the other, and what moved, moved.
 */
public final class Comparison {
    /**
     * @param before    id of its button before; null if it is new
     * @param after     id of its button now; null if it is gone
     * @param text      what it shows, else what it says
     * @param spoken    what it says; empty for one that only opens a board
     * @param was       null if it is new
     * @param is        null if it is gone
     * @param byText    true if it is known by what it says alone
     * @param inPlace   of one that is gone, what stands in its place now; null if nothing does
     * @param seen      true if the student saw it before
     * @param sees      true if the student sees it now
     */
    public record Word(@Nullable String before, @Nullable String after, String text, String spoken, Fate fate, @Nullable Spot was, @Nullable Spot is,
        boolean byText, @Nullable String inPlace, boolean seen, boolean sees) {
        public boolean says() {
            return !spoken.isEmpty();
        }
    }

    /** @param kept words that kept place and route; @param of all there were before */
    public record Share(double kept, double of) {
        /** Between 0 and 1; 1 if there was nothing to keep. */
        public double part() {
            return of == 0 ? 1 : kept / of;
        }
    }

    /** One side: where everything is. */
    private static final class Side {
        private final Vocabulary vocabulary;
        private final Revealed revealed;
        private final Routes routes;
        private final Map<String, Optional<List<Cell>>> taps = new HashMap<>();
        private final Map<String, String> paths = new HashMap<>();
        private final Map<String, Board> boardOf = new LinkedHashMap<>();
        private final Map<String, Button> buttons = new HashMap<>();

        /** @param same ids of boards that are the same object on the other side */
        Side(Vocabulary vocabulary, Routes routes, Set<String> same) {
            this.vocabulary = vocabulary;
            this.routes = routes;
            this.revealed = Revealed.of(vocabulary);
            vocabulary.boards().values().stream().filter(b -> !same.contains(b.id())).forEach(board -> board.buttons().stream().filter(b -> !b.isWay())
                .forEach(b -> {
                    boardOf.put(b.id(), board);
                    buttons.put(b.id(), b);
                }));
        }

        /** Cells tapped on the way to a board from home; null if none lead there. */
        @Nullable
        List<Cell> taps(String board) {
            return taps.computeIfAbsent(board, b -> routes.to(b).map(way -> way.stream().map(Routes.Tap::cell).toList())).orElse(null);
        }

        /** Names of the boards on the way there. */
        private String path(Board board) {
            return paths.computeIfAbsent(board.id(), id -> routes.to(id).map(way -> way.stream()
                .map(t -> Names.folded(vocabulary.at(t.opens()).name())).collect(Collectors.joining("\n")))
                .orElse("\n" + Names.folded(board.name())));
        }

        private Board boardOf(Button button) {
            return Objects.requireNonNull(boardOf.get(button.id()));
        }

        private Button button(String id) {
            return Objects.requireNonNull(buttons.get(id));
        }

        Spot spot(Button button) {
            Board board = boardOf(button);
            return new Spot(board.id(), board.name(), button.standing(), taps(board.id()));
        }

        /** True if a button stands on a board as a way back or home: then it is no word, nor is it gone. */
        boolean hasAsWay(String board, String button) {
            return vocabulary.board(board).flatMap(b -> b.button(button)).filter(Button::isWay).isPresent();
        }

        String known(Button button) {
            return path(boardOf(button)) + "\n\n" + Names.folded(button.spoken().isEmpty() ? button.label() : button.spoken());
        }
    }

    private final Side one;
    private final Side other;
    /** Boards that are the same object on both sides. */
    private final List<Board> unchanged;
    /** Words of the other boards. */
    private final List<Word> ofChanged = new ArrayList<>();
    /** The board that the taps which led to a board before lead to now, by its id; boards they do not lead to any more are not there. */
    private final Map<String, String> ledTo = new HashMap<>();

    private Comparison(Side one, Side other, List<Board> unchanged) {
        this.one = one;
        this.other = other;
        this.unchanged = unchanged;
    }

    public static Comparison of(Vocabulary before, Vocabulary after) {
        return of(before, Routes.of(before), after, Routes.of(after));
    }

    /** As above, where the routes are known. */
    public static Comparison of(Vocabulary before, Routes routesBefore, Vocabulary after, Routes routesAfter) {
        Set<String> same = new HashSet<>();
        before.boards().forEach((id, board) -> {
            if (after.boards().get(id) == board) {
                same.add(id);
            }
        });
        Side one = new Side(before, routesBefore, same);
        Side other = new Side(after, routesAfter, same);
        Comparison comparison = new Comparison(one, other, before.boards().values().stream().filter(b -> same.contains(b.id())).toList());
        comparison.tapAgain();
        comparison.compareChanged();
        return comparison;
    }

    private void tapAgain() {
        ledTo.put(one.vocabulary.home(), other.vocabulary.home());
        for (Routes.Tap tap : one.routes.lastTaps()) {
            Optional.ofNullable(ledTo.get(tap.board())).flatMap(other.vocabulary::board).flatMap(board -> board.at(tap.cell()))
                .filter(b -> b.leads() instanceof Leads.Opens).map(b -> ((Leads.Opens) b.leads()).board()).flatMap(other.vocabulary::board)
                .ifPresent(led -> ledTo.put(tap.opens(), led.id()));
        }
    }

    private void compareChanged() {
        Map<String, Button> partner = new HashMap<>();
        Set<String> taken = new HashSet<>();
        for (String id : one.boardOf.keySet()) {
            if (other.buttons.containsKey(id)) {
                partner.put(id, other.button(id));
                taken.add(id);
            }
        }
        Set<String> byText = byText(one, other, partner, taken);
        for (String id : one.boardOf.keySet()) {
            Button was = one.button(id);
            Button is = partner.get(id);
            if (is != null) {
                ofChanged.add(stayed(was, is, byText.contains(id)));
            } else if (!other.hasAsWay(one.boardOf.get(id).id(), id)) {
                ofChanged.add(gone(one, other, was));
            }
        }
        for (String id : other.boardOf.keySet()) {
            if (!taken.contains(id) && !one.hasAsWay(other.boardOf.get(id).id(), id)) {
                Button is = other.button(id);
                ofChanged.add(new Word(null, id, is.called(), is.spoken(), Fate.NEW, null, other.spot(is), false, null, false, other.revealed.shows(is)));
            }
        }
    }

    /**
     * A board nobody changed: its words stand where they stood, and only the way there and what is shown can be other.
     *
     * @param kept true to tell of those too that are as they were
     */
    private void onSameBoard(Board board, boolean kept, List<Word> into) {
        boolean sameTaps = sameTaps(board.id(), board.id());
        boolean openersAlone = !kept && sameTaps && one.revealed.showsLike(other.revealed);
        for (Button button : openersAlone ? Ways.of(board).openers() : board.buttons()) {
            if (!button.isWay()) {
                boolean seen = one.revealed.shows(button);
                boolean sees = other.revealed.shows(button);
                if (!kept && sameTaps && seen == sees) {
                    continue;
                }
                List<Cell> from = one.taps(board.id());
                List<Cell> to = other.taps(board.id());
                Spot was = new Spot(board.id(), board.name(), button.standing(), from);
                into.add(new Word(button.id(), button.id(), button.called(), button.spoken(), !sameTaps ? Fate.REROUTED : shown(seen, sees), was,
                    sameTaps && Objects.equals(from, to) ? was : new Spot(board.id(), board.name(), button.standing(), to), false, null, seen, sees));
            }
        }
    }

    /** True if the taps that led to a board still lead to this one, even if there is a shorter way by now; or none led there, and none do. */
    private boolean sameTaps(String from, String to) {
        return one.routes.reaches(from) ? to.equals(ledTo.get(from)) : !other.routes.reaches(to);
    }

    private static Fate shown(boolean seen, boolean sees) {
        return seen == sees ? Fate.KEPT : seen ? Fate.HELD : Fate.SHOWN;
    }

    /** Partners for buttons whose id is not on the other side: in reading order, each used once. */
    private static Set<String> byText(Side one, Side other, Map<String, Button> partner, Set<String> taken) {
        Map<String, Deque<Button>> waiting = new HashMap<>();
        for (String id : other.boardOf.keySet()) {
            if (!taken.contains(id)) {
                Button button = other.button(id);
                waiting.computeIfAbsent(other.known(button), k -> new ArrayDeque<>()).add(button);
            }
        }
        Set<String> byText = new HashSet<>();
        if (waiting.isEmpty()) {
            return byText;
        }
        for (String id : one.boardOf.keySet()) {
            if (!partner.containsKey(id)) {
                Deque<Button> alike = waiting.get(one.known(one.button(id)));
                if (alike != null && !alike.isEmpty()) {
                    partner.put(id, alike.peek());
                    taken.add(alike.remove().id());
                    byText.add(id);
                }
            }
        }
        return byText;
    }

    private static Word gone(Side one, Side other, Button was) {
        Spot spot = one.spot(was);
        Optional<Button> there = Optional.ofNullable(other.vocabulary.boards().get(spot.board())).flatMap(b -> b.at(was.cell()));
        return new Word(was.id(), null, was.called(), was.spoken(), there.isPresent() ? Fate.REPLACED : Fate.GONE, spot, null, false,
            there.map(Button::called).orElse(null), one.revealed.shows(was), false);
    }

    private Word stayed(Button was, Button is, boolean byText) {
        Spot from = one.spot(was);
        Spot to = other.spot(is);
        boolean seen = one.revealed.shows(was);
        boolean sees = other.revealed.shows(is);
        boolean sameBoard = from.board().equals(to.board()) || byText;
        boolean sameCell = Spot.same(one.boardOf(was).shape(), was.cell(), other.boardOf(is).shape(), is.cell());
        boolean sameTaps = sameTaps(from.board(), to.board());
        Fate fate = !sameCell || !sameBoard && !(sameTaps && from.taps() != null) ? Fate.MOVED : !sameTaps ? Fate.REROUTED
            : shown(seen, sees);
        return new Word(was.id(), is.id(), is.called(), is.spoken(), fate, from, to, byText, null, seen, sees);
    }

    /**
     * Every word: those that were there before, by board id and in reading order, on boards nobody changed first; then those that are
     * new in the same order.
     */
    public List<Word> words() {
        return words(true);
    }

    /** Those that are other than kept, in the same order. */
    public List<Word> changes() {
        return words(false).stream().filter(w -> w.fate != Fate.KEPT).toList();
    }

    private List<Word> words(boolean kept) {
        List<Word> words = new ArrayList<>();
        unchanged.forEach(board -> onSameBoard(board, kept, words));
        words.addAll(ofChanged);
        return words;
    }

    public List<Word> words(Fate fate) {
        return words(fate == Fate.KEPT).stream().filter(w -> w.fate == fate).toList();
    }

    /** How many words have each fate; those with none are there with 0. Buttons that only open a board are not counted. */
    public Map<Fate, Integer> counts() {
        Map<Fate, Integer> counts = new EnumMap<>(Fate.class);
        for (Fate fate : Fate.values()) {
            counts.put(fate, 0);
        }
        List<Word> told = new ArrayList<>(ofChanged);
        for (Board board : unchanged) {
            if (sameTaps(board.id(), board.id())) {
                onSameBoard(board, false, told);
            } else {
                counts.merge(Fate.REROUTED, Gist.of(board).says(), Integer::sum);
            }
        }
        told.stream().filter(Word::says).forEach(w -> counts.merge(w.fate, 1, Integer::sum));
        int other = counts.entrySet().stream().filter(e -> e.getKey() != Fate.KEPT && e.getKey() != Fate.NEW).mapToInt(Map.Entry::getValue).sum();
        counts.put(Fate.KEPT, before() - other);
        return counts;
    }

    /** How many of the words there were have kept place and route; one that stands on several boards counts on each. */
    public Share kept() {
        int before = before();
        return new Share(before - counts().entrySet().stream().filter(e -> !e.getKey().keeps() && e.getKey() != Fate.NEW)
            .mapToInt(Map.Entry::getValue).sum(), before);
    }

    /** How many buttons said something before. */
    private int before() {
        return (int) (unchanged.stream().mapToInt(b -> Gist.of(b).says()).sum()
            + ofChanged.stream().filter(w -> w.was != null && w.says()).count());
    }

    /**
     * The same as a share of what a student says: each word once, and weighed.
     *
     * @param weight of what a word says, not below 0; if several buttons say it, the weight is that of the one reached by the fewest taps
     */
    public Share kept(ToDoubleFunction<String> weight) {
        Map<String, Word> nearest = new HashMap<>();
        double kept = 0;
        double of = 0;
        for (Word word : words()) {
            if (word.was != null && word.says()) {
                nearest.merge(Names.folded(word.spoken), word, (a, b) -> NEAREST.compare(a, b) <= 0 ? a : b);
            }
        }
        for (Map.Entry<String, Word> word : nearest.entrySet()) {
            double w = weight.applyAsDouble(word.getKey());
            of += w;
            kept += word.getValue().fate.keeps() ? w : 0;
        }
        return new Share(kept, of);
    }

    private static final Comparator<Word> NEAREST = Comparator.comparing((Word w) -> tapsTo(stood(w)))
        .thenComparing(w -> !w.seen).thenComparing(w -> stood(w).board()).thenComparing(w -> stood(w).standing().cell());

    private static int tapsTo(Spot spot) {
        List<Cell> taps = spot.taps();
        return taps == null ? Integer.MAX_VALUE : taps.size();
    }

    private static Spot stood(Word word) {
        return Objects.requireNonNull(word.was);
    }
}
