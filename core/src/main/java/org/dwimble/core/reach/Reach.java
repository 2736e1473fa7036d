package org.dwimble.core.reach;

import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.Predicate;
import org.dwimble.core.access.ScanCost;
import org.dwimble.core.access.Scanning;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Names;
import org.dwimble.core.board.Span;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.measure.Rect;
import org.dwimble.core.route.Routes;
import org.dwimble.core.screen.Screen;
import org.dwimble.core.screen.TalkLayout;
import org.jspecify.annotations.Nullable;

/**
 * What it costs to say each word, starting at the home board: the taps, and how far a finger travels on this student's
 * screen.
 *
 * <p>Travel is the sum of the straight ways between the middles of what is tapped, one tap after the other, beginning at
 * the middle of the home board: for taps at the points p1 ... pn on a grid whose middle is p0, the sum of |pi - p(i-1)|
 * for i = 1 ... n, in millimetres. Points are those of {@link TalkLayout}, so that they are the true ones of the
 * student's screen. The formula is our own definition; that the time of a movement grows with its distance, and falls
 * with the size of what is hit, is Fitts's law (P. M. Fitts, Journal of Experimental Psychology 47, 1954).
 */
public final class Reach {
    /**
     * @param taps     from home to say it, the last on the word itself; at least 1
     * @param travelMm 0 or more
     * @param scanned  what it costs by scanning, the same taps; null if the student does not scan, or does not see what is to be chosen
     */
    public record Cost(int taps, double travelMm, @Nullable ScanCost scanned) {
    }

    /** A word and what its nearest place costs. */
    public record Word(String board, String name, Button button, Cost cost) {
    }

    private record Point(double x, double y) {
        double to(Point other) {
            return Math.hypot(x - other.x, y - other.y);
        }
    }

    private static final Comparator<Word> BY_COST = Comparator.comparingLong((Word w) -> w.cost.scanned == null ? 0 : w.cost.scanned.weight())
        .thenComparingInt(w -> w.cost.taps).thenComparingDouble(w -> w.cost.travelMm).thenComparing(w -> w.board).thenComparing(w -> w.button.cell());

    private final Vocabulary vocabulary;
    private final Routes routes;
    private final Screen screen;
    private final Scanned scanned;

    /** @param kept whether the student does not see a button */
    public Reach(Vocabulary vocabulary, Routes routes, Screen screen, @Nullable Scanning scanning, Predicate<Button> kept) {
        this.vocabulary = vocabulary;
        this.routes = routes;
        this.screen = screen;
        this.scanned = new Scanned(scanning, kept);
    }

    /** What each word of a board costs, by the button's id; empty if no taps lead there. Silent buttons cost what getting through them costs. */
    public Map<String, Cost> on(Board board) {
        Map<String, Cost> costs = new HashMap<>();
        List<Routes.Tap> way = routes.to(board.id()).orElse(null);
        if (way == null) {
            return costs;
        }
        Board home = vocabulary.homeBoard();
        Point at = middle(layout(home));
        double travelled = 0;
        ScanCost scannedSoFar = scanned.begin();
        for (Routes.Tap tap : way) {
            Board on = vocabulary.at(tap.board());
            Point next = middle(on, tap.cell(), on.at(tap.cell()).map(Button::span).orElse(Span.ONE));
            travelled += at.to(next);
            at = next;
            scannedSoFar = scanned.after(scannedSoFar, on, on.at(tap.cell()).orElse(null));
        }
        for (Button button : board.buttons()) {
            costs.put(button.id(), new Cost(way.size() + 1, travelled + at.to(middle(board, button.cell(), button.span())),
                scanned.after(scannedSoFar, board, button)));
        }
        return costs;
    }

    /**
     * The words that cost most where they cost least: by what scanning costs where it is scanned, then by taps, then by travel, the costliest first. A
     * word is its label, whatever its capitals.
     */
    public List<Word> costliest(int most) {
        return cheapest().stream().sorted(BY_COST.reversed()).limit(most).toList();
    }

    /** What a word costs on average by scanning: the mean over all words that can be said so, each where it costs least. Null if none can. */
    public @Nullable ScanCost average() {
        List<ScanCost> all = cheapest().stream().map(w -> w.cost.scanned).filter(Objects::nonNull).toList();
        return all.isEmpty() ? null : ScanCost.mean(all);
    }

    /** Each word where it costs least. */
    private Collection<Word> cheapest() {
        Map<String, Word> cheapest = new HashMap<>();
        for (Board board : vocabulary.boards().values()) {
            Map<String, Cost> costs = on(board);
            for (Button button : board.buttons()) {
                if (button.isWord() && costs.containsKey(button.id())) {
                    cheapest.merge(Names.folded(button.label()), new Word(board.id(), board.name(), button, costs.get(button.id())),
                        (one, other) -> BY_COST.compare(one, other) <= 0 ? one : other);
                }
            }
        }
        return cheapest.values();
    }

    /** How much further a finger travels to a cell of a board that a button opens, in millimetres: the way it adds to that of the button. */
    public double further(Board on, Button opener, Board opened, Cell at) {
        return middle(on, opener.cell(), opener.span()).to(middle(opened, at, opened.at(at).map(Button::span).orElse(Span.ONE)));
    }

    private TalkLayout layout(Board board) {
        return TalkLayout.of(screen, board.shape(), board.look().over(vocabulary.whole().look()));
    }

    private static Point middle(TalkLayout layout) {
        return new Point(layout.gridWidth().mm() / 2, layout.gridHeight().mm() / 2);
    }

    private Point middle(Board board, Cell cell, Span span) {
        Rect rect = layout(board).of(cell, span);
        return new Point(rect.x().mm() + rect.width().mm() / 2, rect.y().mm() + rect.height().mm() / 2);
    }
}
