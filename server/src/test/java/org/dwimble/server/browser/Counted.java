package org.dwimble.server.browser;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.server.TestServer;
import org.dwimble.server.board.VocabularyStore;

/** A therapist whose actions are counted: a click, a key chord, a typed entry with its Enter, a drag, a paste and a chosen file are one each. */
abstract class Counted extends SignedIn {
    int actions;

    Counted(String starter) {
        super(starter);
    }

    Counted(String starter, Instant copied) {
        super(starter, copied);
    }

    void click(Locator on) {
        on.click();
        actions++;
    }

    void press(String keys) {
        page.keyboard().press(keys);
        actions++;
    }

    void enter(String text) {
        page.keyboard().type(text);
        page.keyboard().press("Enter");
        actions++;
    }

    void paste(String text) {
        page.evaluate("text => navigator.clipboard.writeText(text)", text);
        press("Control+V");
    }

    /** The number of actions was at most this many, and docs/actions.md tells it. */
    void counted(String task, int most) throws IOException {
        assertThat(actions).as(task).isLessThanOrEqualTo(most);
        assertThat(Files.readString(Path.of("../docs/actions.md"))).contains("| " + task + " | " + most + " | " + actions + " |");
    }

    /** Leaves a board without an empty cell but those kept free. */
    void fill(String board) {
        w.bench(id, board);
        int free = now().boards().get(board).emptyCells().size() - w.cell("empty, ").and(page.locator("[aria-label$='kept free']")).count();
        page.locator("#word-line").fill(IntStream.rangeClosed(1, free).mapToObj(n -> "filler " + n).collect(Collectors.joining(", ")));
        page.keyboard().press("Enter");
        w.cell("filler " + free + ",").waitFor();
    }

    Vocabulary now() {
        return TestServer.bean(VocabularyStore.class).find(id).orElseThrow().vocabulary();
    }

    Button at(String board, int row, int column) {
        return now().boards().get(board).at(new Cell(row, column)).orElseThrow();
    }
}
