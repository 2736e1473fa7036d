package org.dwimble.core.sheet;

import java.util.AbstractList;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.Deque;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Names;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.look.ColouredPaper;
import org.dwimble.core.measure.Length;
import org.dwimble.core.measure.Rect;
import org.dwimble.core.route.Ways;
import org.dwimble.core.told.Told;
import org.jspecify.annotations.Nullable;

/**
 * Several boards to be bound as a book: each with its page number on the buttons that open it, if wanted with tabs at the right edge
 * for what home opens, and an index of the words.
 */
public final class BoardBook {
    /** Beyond these tabs begin again at the top. */
    private static final int MOST_TABS = 14;
    private static final Length TAB = Length.mm(22);
    private static final Length HIGHEST_TAB = Length.mm(32);
    private static final Length BEFORE_TAB = Length.mm(3);
    private static final Length TAB_TYPE = Length.points(12);
    private static final ColouredPaper[] PAPERS = ColouredPaper.values();
    private static final Length INDEX = Length.points(9);
    private static final Length INDEX_LINE = Length.points(13);
    private static final Length INDEX_TITLE = Length.points(16);
    private static final Length INDEX_COLUMN = Length.mm(58);

    /** @param tabs to leaf by @param index of the words, at the end */
    public record Binding(boolean tabs, boolean index) {
    }

    private final Vocabulary vocabulary;
    private final List<Board> boards;
    private final Predicate<Button> shown;
    private final BoardSheet.Setup setup;
    private final Binding binding;
    private final Type type;

    private BoardBook(Vocabulary vocabulary, List<Board> boards, Predicate<Button> shown, BoardSheet.Setup setup, Binding binding, Type type) {
        this.vocabulary = vocabulary;
        this.boards = boards;
        this.shown = shown;
        this.setup = setup;
        this.binding = binding;
        this.type = type;
    }

    /**
     * Pages in order, each laid when it is looked at, so that who goes through all of them holds one board at a time.
     *
     * @param boards  in this order
     * @param shown   true of what the student sees; the others leave their cells empty
     * @param footers what is printed small at the foot of a board
     */
    public static List<Page> lay(Vocabulary vocabulary, List<Board> boards, Predicate<Button> shown, BoardSheet.Setup setup, Binding binding,
        Function<Board, String> footers, Type type) {
        return new BoardBook(vocabulary, boards, shown, setup, binding, type).lay(footers);
    }

    /**
     * A board and all that is opened from it, as one leafs: each board is followed by those it opens, in reading order. From home the
     * boards that nothing opens come last, by name; boards that show nothing are left out.
     */
    public static List<Board> inOrder(Vocabulary vocabulary, String from, Predicate<Button> shown) {
        Map<String, Board> order = new LinkedHashMap<>();
        Deque<String> waiting = new ArrayDeque<>(List.of(from));
        while (!waiting.isEmpty()) {
            Board board = vocabulary.boards().get(waiting.pop());
            if (board != null && order.putIfAbsent(board.id(), board) == null) {
                List<String> opened = Ways.of(board).openers().stream().filter(shown).map(b -> ((Leads.Opens) b.leads()).board()).toList();
                for (int i = opened.size() - 1; i >= 0; i--) {
                    waiting.push(opened.get(i));
                }
            }
        }
        if (from.equals(vocabulary.home())) {
            vocabulary.boards().values().stream().sorted(Comparator.comparing(Board::name, Names.order()).thenComparing(Board::id))
                .forEach(b -> order.putIfAbsent(b.id(), b));
        }
        return order.values().stream().filter(b -> b.id().equals(from) || b.buttons().stream().anyMatch(shown.and(x -> !x.isWay()))).toList();
    }

    private List<Page> lay(Function<Board, String> footers) {
        return new Leaves(footers);
    }

    /** Pages laid when they are looked at, board by board: who leafs through a book of three hundred boards lays one of them. */
    private final class Leaves extends AbstractList<Page> {
        private final Function<Board, String> footers;
        private final Length right = binding.tabs ? TAB : Length.ZERO;
        /** The number of each board's first sheet, from 1. */
        private final TreeMap<Integer, Board> byFirst = new TreeMap<>();
        private final Map<String, Integer> numbers = new HashMap<>();
        private final List<String> tabs;
        private final Map<String, String> sections;
        private final int boardPages;
        private @Nullable List<Map.Entry<String, Set<Integer>>> words;
        /** The board that was laid last. */
        private @Nullable Board laid;
        private List<Page> laidPages = List.of();

        Leaves(Function<Board, String> footers) {
            this.footers = footers;
            int next = 1;
            for (Board board : boards) {
                byFirst.put(next, board);
                numbers.put(board.id(), next);
                next += BoardSheet.sheets(board, vocabulary.whole(), setup, new BoardSheet.Among(Map.of(), 0, right), type);
            }
            boardPages = next - 1;
            tabs = binding.tabs ? tabs(numbers.keySet()) : List.of();
            sections = sections(tabs);
        }

        @Override
        public int size() {
            return boardPages + (binding.index ? indexPages(words()) : 0);
        }

        @Override
        public synchronized Page get(int at) {
            if (at >= boardPages) {
                return index(words(), at - boardPages, boardPages + 1);
            }
            Map.Entry<Integer, Board> board = byFirst.floorEntry(at + 1);
            if (board.getValue() != laid) {
                laidPages = BoardSheet.lay(board.getValue(), vocabulary.whole(), shown, setup, new BoardSheet.Among(numbers, board.getKey(), right),
                    footers.apply(board.getValue()), type);
                laid = board.getValue();
            }
            Page page = laidPages.get(at + 1 - board.getKey());
            return binding.tabs ? tabbed(page, tabs, sections.get(board.getValue().id())) : page;
        }

        private synchronized List<Map.Entry<String, Set<Integer>>> words() {
            if (words == null) {
                words = wordsOn(numbers);
            }
            return words;
        }
    }

    /** What home opens of the boards there are, in reading order. */
    private List<String> tabs(Set<String> there) {
        return Ways.of(vocabulary.homeBoard()).openers().stream().filter(shown).map(b -> ((Leads.Opens) b.leads()).board())
            .filter(id -> there.contains(id) && !id.equals(vocabulary.home())).distinct().toList();
    }

    /** The tab of each board that can be reached through one: the first that leads there. */
    private Map<String, String> sections(List<String> tabs) {
        Map<String, String> sections = new HashMap<>();
        tabs.forEach(tab -> sections.put(tab, tab));
        for (String tab : tabs) {
            Deque<String> waiting = new ArrayDeque<>(List.of(tab));
            while (!waiting.isEmpty()) {
                vocabulary.board(waiting.remove()).ifPresent(board -> Ways.of(board).openers().stream().map(b -> ((Leads.Opens) b.leads()).board())
                    .filter(id -> !id.equals(vocabulary.home()) && sections.putIfAbsent(id, tab) == null).forEach(waiting::add));
            }
        }
        return sections;
    }

    /** With its tab, and the lines along which the strip beside it is cut off. */
    private Page tabbed(Page page, List<String> tabs, @Nullable String section) {
        Rect room = BoardSheet.room(setup, Length.ZERO);
        Length left = room.right().minus(TAB).plus(BEFORE_TAB);
        Canvas canvas = new Canvas(type);
        if (section == null) {
            canvas.line(left, room.y(), left, room.bottom(), true);
        } else {
            int count = Math.min(MOST_TABS, tabs.size());
            Length high = Length.smaller(HIGHEST_TAB, room.height().part(count));
            int at = tabs.indexOf(section);
            Rect tab = new Rect(left, room.y().plus(high.times(at % count)), room.right().minus(left), high);
            canvas.card(tab, Length.ZERO, setup.ink() == BoardSheet.Ink.FULL ? PAPERS[at % PAPERS.length].colour() : null);
            canvas.write(vocabulary.at(section).name(), tab.inset(Length.mm(1.5)), TAB_TYPE, Canvas.Stand.MIDDLE, false);
            canvas.line(left, room.y(), left, tab.y(), true);
            canvas.line(left, tab.y(), tab.right(), tab.y(), true);
            canvas.line(left, tab.bottom(), tab.right(), tab.bottom(), true);
            canvas.line(left, tab.bottom(), left, room.bottom(), true);
        }
        List<Mark> marks = new ArrayList<>(page.marks());
        marks.addAll(canvas.marks());
        return page.with(marks);
    }

    /** Every word that is shown with the pages it is on, as people look words up. */
    private List<Map.Entry<String, Set<Integer>>> wordsOn(Map<String, Integer> numbers) {
        Map<String, Set<Integer>> words = new TreeMap<>(Names.order());
        for (Board board : boards) {
            board.buttons().stream().filter(shown.and(b -> b.isWord() && !b.isWay()))
                .forEach(b -> words.computeIfAbsent(b.called(), w -> new TreeSet<>()).add(numbers.get(board.id())));
        }
        return List.copyOf(words.entrySet());
    }

    private Rect indexRoom() {
        return BoardSheet.room(setup, binding.tabs ? TAB : Length.ZERO);
    }

    private int indexColumns() {
        return Math.max(1, (int) indexRoom().width().dividedBy(INDEX_COLUMN));
    }

    private int indexLines() {
        return Math.max(1, (int) indexRoom().height().minus(INDEX_TITLE.times(2)).dividedBy(INDEX_LINE));
    }

    private int indexPages(List<Map.Entry<String, Set<Integer>>> words) {
        int onPage = indexColumns() * indexLines();
        return (words.size() + onPage - 1) / onPage;
    }

    /** @param number of the page of the index, from 0 @param first number of its first page in the book */
    private Page index(List<Map.Entry<String, Set<Integer>>> all, int number, int first) {
        Rect room = indexRoom();
        int columns = indexColumns();
        int lines = indexLines();
        Length width = setup.paper().width(setup.lyingDown());
        Length height = setup.paper().height(setup.lyingDown());
        int start = number * columns * lines;
        Canvas canvas = new Canvas(type);
        canvas.line(type.said(Told.of("paper-index")), room.x(), room.y().plus(INDEX_TITLE), INDEX_TITLE, false);
        for (int i = start; i < Math.min(all.size(), start + columns * lines); i++) {
            Length x = room.x().plus(room.width().part(columns).times((i - start) / lines));
            Length y = room.y().plus(INDEX_TITLE.times(2)).plus(INDEX_LINE.times((i - start) % lines + 0.8));
            entry(all.get(i).getKey(), all.get(i).getValue(), x, y, room.width().part(columns).minus(Length.mm(6)), canvas);
        }
        List<Mark> marks = new ArrayList<>(canvas.marks());
        marks.addAll(Foot.of(type.said(Told.of("paper-page", "page", first + number)) + " · " + vocabulary.name(), width, height, BoardSheet.EDGE, type));
        return new Page(width, height, marks, canvas.notes());
    }

    private void entry(String word, Set<Integer> on, Length x, Length y, Length room, Canvas canvas) {
        String numbers = Foot.cut(on.stream().map(String::valueOf).collect(Collectors.joining(", ")), room.times(0.5), INDEX, type);
        Length taken = type.width(numbers, INDEX);
        canvas.line(Foot.cut(word, room.minus(taken).minus(Length.mm(2)), INDEX, type), x, y, INDEX, false);
        canvas.line(numbers, x.plus(room).minus(taken), y, INDEX, true);
    }
}
