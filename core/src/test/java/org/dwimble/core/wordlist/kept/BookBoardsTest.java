package org.dwimble.core.wordlist.kept;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.dwimble.core.board.Acts;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Extras;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Says;
import org.dwimble.core.board.Shape;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.document.Json;
import org.dwimble.core.look.Colour;
import org.dwimble.core.obf.Media;
import org.dwimble.core.obf.ObfReader;
import org.dwimble.core.obf.ObfWriter;
import org.dwimble.core.obf.PackageLimits;
import org.dwimble.core.obf.Refused;
import org.dwimble.core.showing.Book;
import org.dwimble.core.showing.Showing;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.core.wordlist.ListedWord;
import org.dwimble.core.wordlist.Second;
import org.dwimble.core.wordlist.WordList;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class BookBoardsTest {
    private static final String PHOTO = "own/" + "ab".repeat(32);
    private static final Book BOOK = new Book(Book.Face.PLAIN, 70, Colour.of("#cfe8f3"),
        List.of(new Book.Remark("again", "core/again"), new Book.Remark("splash", null)));

    @TempDir
    Path folder;

    /** Its bytes are the name of a picture. */
    private static final class Named implements Media {
        @Override
        public Kept keep(byte[] bytes, @Nullable String symbol) {
            return new Kept(new String(bytes), null);
        }

        @Override
        public Optional<Item> find(String id) {
            return Optional.of(new Item(id, "image/png", id.replace('/', '-') + ".png", id.getBytes()));
        }
    }

    private static WordList book(ListedWord... pages) {
        return WordList.of("The seal", List.of(pages)).withShowing(Showing.USUAL.withAs(Showing.As.BOOK).withBook(BOOK));
    }

    private static ListedWord page(String id, String text, String... pictures) {
        return new ListedWord(id, text, List.of(pictures), false, 1, null, null, null);
    }

    private Vocabulary packed(Vocabulary boards) throws IOException, Refused {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        new ObfWriter(new Named()).obz(boards, out);
        Path file = Files.write(folder.resolve("book.obz"), out.toByteArray());
        return new ObfReader(new Named(), PackageLimits.USUAL).read(file, "book.obz").vocabulary();
    }

    private static WordList read(Vocabulary boards) {
        return BookBoards.read(boards).orElseThrow().book();
    }

    @Test
    void aBookComesBackFromItsPackageAsItWas() throws IOException, Refused {
        String longest = "The seal sleeps. ".repeat(29).strip();
        WordList book = book(page("w7", "A seal sleeps.", PHOTO), page("w2", longest, "base/seal", PHOTO, "base/crab", "base/ferry"),
            page("w3", "", PHOTO, "base/crab", "base/seal"), page("w4", "The end."),
            new ListedWord("w5", "no fish", List.of("base/fish"), true, 2, "geen vis", null, Colour.of("#ffe08a")));
        BookBoards.Came came = BookBoards.read(packed(BookBoards.of(book))).orElseThrow();
        assertThat(came.book()).isEqualTo(book);
        assertThat(came.left()).isEmpty();
    }

    @Test
    void readInAnotherLanguageItComesBackInBoth() throws IOException, Refused {
        ListedWord both = new ListedWord("w1", "a seal", List.of("base/seal"), false, 1, "een zeehond", null, null);
        WordList book = book(both, page("w2", "alone", "base/crab")).withSecond(new Second("nl", true));
        Vocabulary boards = BookBoards.of(book);
        assertThat(boards.homeBoard().buttons()).anyMatch(b -> b.label().equals("een zeehond"));
        assertThat(read(packed(boards))).isEqualTo(book);
    }

    @Test
    void aPageIsABoardThatReadsAloudAndTurns() {
        Vocabulary boards = BookBoards.of(book(page("a", "One.", PHOTO, "base/crab"), page("b", "Two.", "base/seal"), page("c", "Three.", "base/seal")));
        List<Board> pages = List.copyOf(boards.boards().values());
        assertThat(boards.home()).isEqualTo(pages.get(0).id());
        assertThat(pages.get(0).buttons()).filteredOn(b -> b.leads() instanceof Leads.Opens).singleElement()
            .satisfies(b -> assertThat(b.leads()).isEqualTo(new Leads.Opens(pages.get(1).id(), false)));
        assertThat(pages.get(1).buttons()).filteredOn(b -> b.leads() instanceof Leads.Opens).hasSize(2);
        assertThat(pages.get(0).buttons()).filteredOn(b -> b.picture() != null && b.label().isEmpty()).hasSize(2)
            .allMatch(b -> b.spoken().equals("One."));
        assertThat(pages).allSatisfy(p -> {
            assertThat(p.buttons()).filteredOn(b -> b.label().equals("again")).singleElement().extracting(Button::cell).isEqualTo(new Cell(5, 2));
            assertThat(p.buttons()).filteredOn(b -> b.label().equals("splash")).singleElement().extracting(Button::cell).isEqualTo(new Cell(5, 3));
        });
    }

    @Test
    void whatIsNotPrintedIsNoPageAndABookWithoutAPageIsRefused() {
        WordList book = book(page("a", "One."), page("b", "Not now.").withTimes(0));
        assertThat(read(BookBoards.of(book)).words()).extracting(ListedWord::text).containsExactly("One.");
        assertThatThrownBy(() -> BookBoards.of(book(page("b", "Not now.").withTimes(0)))).isInstanceOf(Unacceptable.class);
        assertThatThrownBy(() -> BookBoards.of(book())).isInstanceOf(Unacceptable.class);
    }

    @Test
    void theClassItIsPrintedForStays() {
        assertThat(read(BookBoards.of(RichList.list())).rows()).isEmpty();
    }

    /** Another program moved, added and took away, and lost what a page is beyond what its buttons show. */
    @Test
    void whatWasChangedElsewhereComesBackChanged() {
        Vocabulary boards = BookBoards.of(book(page("a", "One.", PHOTO), page("b", "Two.", "base/seal"), page("c", "Three.")));
        List<Board> pages = new ArrayList<>(boards.boards().values());
        Board one = pages.get(0);
        Button text = one.button("page-1-text").orElseThrow();
        Board reworded = one.with(text.withFace(text.face().withLabel("Once."))).withExtras(Extras.ofPackage(Map.of(BookBoards.PAGE,
            Json.mapper().createObjectNode())));
        Board emptied = pages.get(1).withButtons(List.of());
        Board added = Board.empty("more", "More", new Shape(1, 1)).with(Button.word("x", new Cell(0, 0), "more", null, null));
        BookBoards.Came came = BookBoards.read(boards.with(List.of(reworded, emptied, added))).orElseThrow();
        assertThat(came.book().words()).extracting(ListedWord::text).containsExactly("Three.", "Once.");
        assertThat(came.book().words()).extracting(ListedWord::id).doesNotHaveDuplicates();
        assertThat(came.left()).singleElement().satisfies(t -> assertThat(t.with()).containsEntry("count", 2L));
    }

    @Test
    void boardsAreNoBook() {
        Vocabulary boards = Vocabulary.of("Home", "a", "en", List.of(Board.empty("a", "A", new Shape(1, 1))));
        assertThat(BookBoards.read(boards)).isEmpty();
    }

    @Test
    void aBookNoneOfWhosePagesCanBeReadIsRefused() {
        Vocabulary boards = BookBoards.of(book(page("a", "One.")));
        Button silent = boards.homeBoard().button("page-1-text").orElseThrow().withActs(Acts.SPEAK.withSays(Says.NOTHING));
        assertThatThrownBy(() -> BookBoards.read(boards.with(boards.homeBoard().with(silent)))).isInstanceOf(Unacceptable.class)
            .hasMessageContaining("book-no-page");
    }
}
