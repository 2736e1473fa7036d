package org.dwimble.core.regrid;

import com.ibm.icu.text.CaseMap;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Shape;
import org.dwimble.core.board.Standing;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.regrid.Regridded.CellSize;
import org.dwimble.core.regrid.Regridded.Moved;
import org.dwimble.core.regrid.Regridded.OfBoard;
import org.dwimble.core.route.WayHome;
import org.dwimble.core.screen.TalkLayout;
import org.dwimble.core.text.Text;
import org.dwimble.core.told.Unacceptable;
import org.jspecify.annotations.Nullable;

/**
 * Lays boards on another grid, larger or smaller, so that their words keep their places on the student's screen as nearly as can be: of all ways to give each
 * a cell, the one in which the sum of {@code weight x distance} is least ({@link Weights}; distances in millimetres, between middles), found by
 * {@link Assignment} to within a thousandth. Home and back, in the cells they usually have, come first and to the same cells on every board; then chosen
 * rows, whose words stay in one row in their order; then buttons over several cells, one after the other, which cover fewer where there is no room. Cells
 * kept free for home and back are kept free as long as all fit without them.
 *
 * <p>What does not fit goes to boards of its own, opened from where it was: those topics that are chosen or, proposed, cost least; and what is still too
 * much, by least weight.
 *
 * <p>The same input gives the same boards. Takes time in proportion to words² x cells of each board.
 */
public final class Regrid {
    /** The most that is worked out at once: of each board its buttons² x the cells of the new grid, all together; one board of 40 x 40 is less. */
    public static final long MOST = 5_000_000_000L;

    private final Vocabulary now;
    private final Onto onto;
    private final Weights weights;
    private final WordTopics words;
    private final Supplier<String> ids;
    private final WayHome wayHome;

    private record Done(Board board, Laying laying, List<Topic> topics, Map<Topic, String> going, Map<Topic, Button> openers) {
    }

    private Regrid(Vocabulary now, Onto onto, Weights weights, WordTopics words, Supplier<String> ids) {
        this.now = now;
        this.onto = onto;
        this.weights = weights;
        this.words = words;
        this.ids = ids;
        this.wayHome = WayHome.of(now);
    }

    /**
     * @param boards   ids; each once
     * @param words    what they are about
     * @param ids      for new boards and the buttons that open them
     * @throws Unacceptable if a board is not there, or the grid has too few cells for what is pinned and one more, or it is more than {@link #MOST}
     */
    public static Regridded of(Vocabulary now, Collection<String> boards, Onto onto, Weights weights, WordTopics words,
        Supplier<String> ids) {
        if (boards.isEmpty()) {
            throw new Unacceptable("nothing-to-change");
        }
        return new Regrid(now, onto, weights, words, ids).of(new LinkedHashSet<>(boards));
    }

    private Regridded of(Set<String> boards) {
        List<Board> all = boards.stream().map(id -> now.board(id).orElseThrow(() -> new Unacceptable("board-gone"))).toList();
        long work = all.stream().mapToLong(b -> (long) b.buttons().size() * b.buttons().size() * onto.shape().cells()).sum();
        if (onto.how() == Onto.How.NEAREST && work > MOST) {
            throw new Unacceptable("regrid-too-much", "boards", all.size());
        }
        Map<Shape, WayCells> ways = new HashMap<>();
        List<Done> done = new ArrayList<>();
        Vocabulary after = now;
        List<Board> laid = new ArrayList<>();
        for (Board board : all) {
            Done one = lay(board, ways.computeIfAbsent(board.shape(), shape -> WayCells.of(now, alike(shape), onto)));
            done.add(one);
            laid.add(boardOf(one));
        }
        after = after.with(laid);
        WayHome home = WayHome.of(after);
        Map<String, List<Board>> linked = new HashMap<>();
        for (Done one : done) {
            List<Board> news = new ArrayList<>();
            one.going.forEach((topic, id) -> news.addAll(boardsOf(topic, id, one.board, home)));
            linked.put(one.board.id(), news);
            after = after.with(news);
        }
        Vocabulary whole = after;
        return new Regridded(whole, done.stream().map(d -> told(d, whole, linked.getOrDefault(d.board.id(), List.of()))).toList());
    }

    /** Where home and back usually are is asked of all boards of the shape, so that one board alone goes on being like the others. */
    private List<Board> alike(Shape shape) {
        return now.boards().values().stream().filter(b -> b.shape().equals(shape)).toList();
    }

    private Done lay(Board board, WayCells ways) {
        Laying laying = new Laying(board, onto, ground(board), weights);
        if (onto.how() == Onto.How.SAME_CELLS) {
            laying.sameCells();
            return new Done(board, laying, List.of(), Map.of(), Map.of());
        }
        laying.pin(ways, wayHome.keptFree(board));
        List<Button> left = laying.left();
        Map<Topic, String> going = new LinkedHashMap<>();
        Map<Topic, Button> openers = new LinkedHashMap<>();
        List<Topic> topics = List.of();
        if (left.size() > laying.room()) {
            List<Button> may = left.stream().filter(b -> !b.isWay()).toList();
            topics = Topic.all(may, weights, words);
            int room = laying.room() - (left.size() - may.size());
            List<Topic> goes = room < 1 ? List.of() : Topic.going(may, room, topics, onto.topics(), weights);
            if (may.size() - goes.stream().mapToInt(t -> t.buttons().size()).sum() + goes.size() > room || goes.isEmpty()) {
                throw new Unacceptable("regrid-too-few", "board", board.name(), "rows", onto.shape().rows(), "columns", onto.shape().columns(),
                    "words", left.size(), "room", laying.room());
            }
            for (Topic topic : goes) {
                going.put(topic, ids.get());
                openers.put(topic, opener(topic, going.get(topic), board));
            }
        }
        Set<String> gone = new HashSet<>();
        going.keySet().forEach(t -> t.buttons().forEach(b -> gone.add(b.id())));
        laying.lay(gone, openers);
        return new Done(board, laying, topics, going, openers);
    }

    private Ground ground(Board board) {
        return Ground.of(now, board, onto);
    }

    private Button opener(Topic topic, String opened, Board from) {
        Button first = topic.buttons().get(0);
        return Button.leading(ids.get(), first.cell(), nameOf(topic, from), topic.name() == null ? null : pictureOf(topic.name(), first),
            new Leads.Opens(opened));
    }

    private @Nullable String pictureOf(String topic, Button first) {
        return Optional.ofNullable(words.picture(topic)).orElse(first.picture());
    }

    private static String nameOf(Topic topic, Board from) {
        return topic.name() == null ? numbered(from.name(), 2) : topic.name();
    }

    /** As boards are called. */
    private String called(String name) {
        return CaseMap.toTitle().wholeString().noLowercase().apply(Locale.forLanguageTag(now.locale()), null, name);
    }

    private static String numbered(String name, int number) {
        return Text.cut(name, Board.LONGEST_NAME - 5) + " " + number;
    }

    private Board boardOf(Done done) {
        Board board = done.board;
        List<Button> buttons = new ArrayList<>(board.buttons());
        buttons.addAll(done.openers.values());
        return new Board(board.id(), board.name(), onto.shapeOf(board.shape()), board.look(), done.laying.standing(buttons), board.facts(), board.extras());
    }

    /** The words of a topic on a board of their own, and on others opened from its last cell where they are too many. */
    private List<Board> boardsOf(Topic topic, String id, Board from, WayHome home) {
        List<Board> boards = new ArrayList<>();
        List<Button> left = new ArrayList<>(topic.buttons());
        String next = id;
        String name = called(nameOf(topic, from));
        for (int number = topic.name() == null ? 3 : 2; !left.isEmpty(); number++) {
            Board bare = Board.empty(next, name, onto.shapeOf(from.shape())).withLook(from.look());
            bare = bare.with(home.missingOn(bare, ids));
            int room = bare.emptyCells().size();
            boolean last = left.size() <= room;
            if (!last && room < 2) {
                throw new Unacceptable("regrid-too-few", "board", name, "rows", onto.shape().rows(), "columns", onto.shape().columns(), "words", left.size(),
                    "room", room);
            }
            List<Button> here = left.subList(0, last ? left.size() : room - 1);
            Laying laying = new Laying(from.withButtons(here), onto, ground(from), weights);
            bare.buttons().forEach(laying::takes);
            String following = last ? "" : ids.get();
            Map<Topic, Button> openers = new LinkedHashMap<>();
            String followingName = numbered(called(topic.name() == null ? from.name() : topic.name()), number);
            if (!last) {
                Topic rest = Topic.of(null, left.subList(here.size(), left.size()), weights);
                openers.put(rest, Button.leading(ids.get(), rest.buttons().get(0).cell(), followingName, null, new Leads.Opens(following)));
            }
            laying.lay(Set.of(), openers);
            List<Button> stand = new ArrayList<>(here);
            stand.addAll(openers.values());
            boards.add(bare.with(laying.standing(stand)));
            left = new ArrayList<>(left.subList(here.size(), left.size()));
            next = following;
            name = followingName;
        }
        return boards;
    }

    private Regridded.OfBoard told(Done done, Vocabulary after, List<Board> linked) {
        Board board = done.board;
        Board then = after.at(board.id());
        Ground ground = ground(board);
        List<Moved> words = new ArrayList<>();
        for (Button button : board.buttons()) {
            Standing from = button.standing();
            Standing to = then.button(button.id()).map(Button::standing).orElse(null);
            if (to != null) {
                double mm = ground.mm(from, to);
                words.add(new Moved(button, from, board.id(), to, mm, mm * weights.of(button), ground.underTheSameFinger(from, to)));
            } else {
                Board on = linked.stream().filter(b -> b.button(button.id()).isPresent()).findFirst().orElseThrow();
                words.add(new Moved(button, from, on.id(), on.button(button.id()).orElseThrow().standing(), 0, 0, false));
            }
        }
        return new OfBoard(board, then, List.copyOf(linked), List.copyOf(words), done.topics, List.copyOf(done.going.keySet()), done.laying.narrowed(),
            size(ground.before()), size(ground.after()));
    }

    private static CellSize size(TalkLayout layout) {
        return new CellSize(layout.cellWidth(), layout.cellHeight());
    }
}
