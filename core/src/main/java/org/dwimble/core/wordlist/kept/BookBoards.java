package org.dwimble.core.wordlist.kept;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import org.dwimble.core.board.Acts;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Extras;
import org.dwimble.core.board.Face;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Says;
import org.dwimble.core.board.Shape;
import org.dwimble.core.board.Shown;
import org.dwimble.core.board.Span;
import org.dwimble.core.board.Standing;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.document.Json;
import org.dwimble.core.look.Look;
import org.dwimble.core.showing.Book;
import org.dwimble.core.showing.Showing;
import org.dwimble.core.text.Text;
import org.dwimble.core.told.Told;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.core.wordlist.ListedWord;
import org.dwimble.core.wordlist.Second;
import org.dwimble.core.wordlist.WordList;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * A book as boards, so that a package of it can be read with any program that knows boards, and as the same book here. Each page is a board of
 * {@value #ROWS} by {@value #COLUMNS}: its pictures side by side, its text below them over the whole width, and in the last row a way to the page
 * before, the remarks in the same cells on every page, and a way to the next. The first page is home.
 * <p>
 * What a board cannot say stands beside it: in the manifest under {@value #BOOK} how the book looks; on a board under {@value #PAGE} its number, from
 * 1, and what its word is beyond text and pictures; on a button under {@value #PART} whether it is {@value #TEXT}, {@value #PICTURE} or neither.
 * What is read is what the buttons show, so that a page that was changed elsewhere comes back as it was changed.
 */
public final class BookBoards {
    static final String BOOK = "ext_dwimble_book";
    static final String PAGE = "ext_dwimble_page";
    static final String PART = "ext_dwimble_page_part";
    static final String TEXT = "text";
    static final String PICTURE = "picture";
    private static final String NUMBER = "number";
    private static final String WORD = "word";
    private static final String SHOWING = "showing";
    private static final String SECOND = "second";
    private static final int ROWS = 6;
    private static final int COLUMNS = 12;
    private static final int TURN = 2;
    private static final WordPart WORD_PART = new WordPart();
    private static final ShowingPart SHOWING_PART = new ShowingPart();

    /** @param book as it was read @param left what of the package is in no page, each a sentence */
    public record Came(WordList book, List<Told> left) {
    }

    private BookBoards() {
    }

    /**
     * The pages that are printed, as boards. The class it is printed for does not come along.
     *
     * @throws Unacceptable if no page is printed
     */
    public static Vocabulary of(WordList list) {
        List<ListedWord> pages = list.words().stream().filter(w -> w.times() > 0).toList();
        if (pages.isEmpty()) {
            throw new Unacceptable("epub-empty");
        }
        List<Board> boards = new ArrayList<>();
        for (int i = 0; i < pages.size(); i++) {
            boards.add(board(i, pages, list));
        }
        ObjectNode book = Json.mapper().createObjectNode();
        book.set(SHOWING, SHOWING_PART.write(Showing.USUAL.withBook(list.showing().book())));
        if (list.second() != null) {
            book.putArray(SECOND).add(list.second().language()).add(list.second().instead());
        }
        Vocabulary made = Vocabulary.of(list.name(), boards.get(0).id(), list.language(), boards);
        return made.with(made.whole().withExtras(Extras.ofPackage(Map.of(BOOK, book))));
    }

    private static Board board(int at, List<ListedWord> pages, WordList list) {
        ListedWord page = pages.get(at);
        String text = read(page, list);
        List<Button> buttons = new ArrayList<>();
        int rows = ROWS - 1 - (text.isEmpty() ? 0 : 1);
        int pictures = page.pictures().size();
        for (int i = 0; i < pictures; i++) {
            int wide = COLUMNS / pictures;
            Standing standing = new Standing(new Cell(0, i * wide), new Span(rows, wide));
            Acts acts = text.isEmpty() ? Acts.SPEAK.withSays(Says.NOTHING) : Acts.SPEAK.withSays(new Says.Words(text));
            buttons.add(new Button(id(at) + "-picture-" + (i + 1), standing, Face.of("", page.pictures().get(i), null), acts, Shown.YES, part(PICTURE)));
        }
        if (!text.isEmpty()) {
            Standing standing = pictures == 0 ? new Standing(new Cell(0, 0), new Span(ROWS - 1, COLUMNS))
                : new Standing(new Cell(rows, 0), new Span(1, COLUMNS));
            String label = Text.cut(text, Face.LONGEST_LABEL);
            Acts acts = label.equals(text) ? Acts.SPEAK : Acts.SPEAK.withSays(new Says.Words(text));
            buttons.add(new Button(id(at) + "-text", standing, Face.of(label, null, null), acts, Shown.YES, part(TEXT)));
        }
        int last = ROWS - 1;
        if (at > 0) {
            buttons.add(wide(Button.leading(id(at) + "-before", new Cell(last, 0), "←", "base/left-arrow", new Leads.Opens(id(at - 1), false))));
        }
        List<Book.Remark> remarks = list.showing().book().remarks();
        for (int i = 0; i < remarks.size(); i++) {
            buttons.add(Button.word(id(at) + "-remark-" + (i + 1), new Cell(last, TURN + i), remarks.get(i).text(), remarks.get(i).picture(), null));
        }
        if (at < pages.size() - 1) {
            buttons.add(wide(Button.leading(id(at) + "-next", new Cell(last, COLUMNS - TURN), "→", "base/right-arrow", new Leads.Opens(id(at + 1), false))));
        }
        ObjectNode said = Json.mapper().createObjectNode().put(NUMBER, at + 1);
        said.set(WORD, beyond(page));
        Look look = list.showing().book().paper() == null ? Look.PLAIN : Look.PLAIN.withBackground(list.showing().book().paper());
        String name = text.isEmpty() ? String.valueOf(at + 1) : Text.cut((at + 1) + ". " + text, Board.LONGEST_NAME);
        return Board.empty(id(at), name, new Shape(ROWS, COLUMNS)).withButtons(buttons).withLook(look).withExtras(Extras.ofPackage(Map.of(PAGE, said)));
    }

    private static String read(ListedWord page, WordList list) {
        return list.second() != null && list.second().instead() && page.second() != null ? page.second() : page.text();
    }

    private static String id(int at) {
        return "page-" + (at + 1);
    }

    private static Button wide(Button turn) {
        return turn.withStanding(new Standing(turn.cell(), new Span(1, TURN)));
    }

    private static Extras part(String what) {
        return Extras.ofPackage(Map.of(PART, Json.mapper().getNodeFactory().stringNode(what)));
    }

    /** What its buttons do not show. */
    private static ObjectNode beyond(ListedWord page) {
        ObjectNode word = WORD_PART.write(page);
        word.remove(WordPart.PICTURES);
        return word;
    }

    /** Nothing if these boards are no book. */
    public static Optional<Came> read(Vocabulary boards) {
        if (!(boards.whole().extras().ofPackage().get(BOOK) instanceof ObjectNode book)) {
            return Optional.empty();
        }
        List<Board> pages = boards.boards().values().stream().filter(b -> b.extras().ofPackage().get(PAGE) instanceof ObjectNode)
            .sorted(Comparator.comparingInt(BookBoards::number)).toList();
        Second second = second(book.path(SECOND));
        List<ListedWord> words = new ArrayList<>();
        Set<String> ids = new HashSet<>();
        int left = boards.boards().size() - pages.size();
        for (Board board : pages) {
            Optional<ListedWord> word = word(board, second, ids);
            word.ifPresent(words::add);
            left += word.isPresent() ? 0 : 1;
        }
        if (words.isEmpty()) {
            throw new Unacceptable("book-no-page");
        }
        List<ListedWord> most = words.subList(0, Math.min(words.size(), WordList.MOST));
        left += words.size() - most.size();
        WordList list = WordList.of(Text.cut(boards.name(), WordList.LONGEST_NAME), most).withSecond(second).withShowing(showing(book.path(SHOWING)));
        return Optional.of(new Came(list, left == 0 ? List.of() : List.of(Told.of("book-boards-left", "count", left))));
    }

    private static JsonNode said(Extras extras, String key) {
        return extras.ofPackage().getOrDefault(key, Json.mapper().nullNode());
    }

    private static int number(Board page) {
        return said(page.extras(), PAGE).path(NUMBER).asInt(Integer.MAX_VALUE);
    }

    private static Optional<ListedWord> word(Board page, @Nullable Second second, Set<String> ids) {
        ObjectNode json = said(page.extras(), PAGE).path(WORD) instanceof ObjectNode word ? word.deepCopy() : Json.mapper().createObjectNode();
        List<Button> parts = page.buttons();
        String text = parts.stream().filter(b -> is(b, TEXT)).map(Button::spoken).findFirst().orElse("");
        List<String> pictures = parts.stream().filter(b -> is(b, PICTURE)).flatMap(b -> b.pictures().stream()).limit(ListedWord.MOST_PICTURES).toList();
        String id = json.path(WordPart.ID).asString("");
        for (int i = 1; id.isBlank() || !ids.add(id); i++) {
            id = "w" + (ids.size() + i);
        }
        boolean translated = second != null && second.instead() && !json.path(SECOND).asString("").isEmpty();
        json.put(WordPart.ID, id);
        json.put(translated ? SECOND : WordPart.TEXT, Text.cut(text, ListedWord.LONGEST));
        json.set(WordPart.PICTURES, Json.mapper().valueToTree(pictures));
        return tried(() -> WORD_PART.read(json)).or(() -> tried(() -> new ListedWord(json.path(WordPart.ID).asString(""), Text.cut(text, ListedWord.LONGEST),
            pictures, false, 1, null, null, null)));
    }

    private static boolean is(Button button, String what) {
        return said(button.extras(), PART).asString("").equals(what);
    }

    private static @Nullable Second second(JsonNode json) {
        return json.isArray() && json.path(0).isString() ? tried(() -> new Second(json.path(0).asString(), json.path(1).asBoolean(false))).orElse(null) : null;
    }

    /** It is a book, however it was shown; what of it cannot be read is as usual. */
    private static Showing showing(JsonNode json) {
        Showing showing = json instanceof ObjectNode object ? tried(() -> SHOWING_PART.read(object)).orElse(Showing.USUAL) : Showing.USUAL;
        return showing.withAs(Showing.As.BOOK);
    }

    private static <T> Optional<T> tried(Supplier<T> made) {
        try {
            return Optional.of(made.get());
        } catch (RuntimeException strange) {
            return Optional.empty();
        }
    }
}
