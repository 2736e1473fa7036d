package org.dwimble.server.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.stream.Stream;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.junit.jupiter.api.Test;

/** Somebody who knows no shortcut and has words of her own, on a fresh copy. */
class NewcomerBrowserTest extends Counted {
    /** Whatever a child of the estuary says that no starter has; some have no picture, some no meaning. */
    private static final List<String> WORDS = List.of("lifeboat", "whistle", "kettle", "seaweed", "lantern", "saucepan", "barnacle", "mudflat", "snorkel",
        "follow", "young", "gravel", "quilt", "cockle", "Zorbly", "ladle", "heron", "wheelbarrow", "learn", "samphire");

    NewcomerBrowserTest() {
        super("starter-40");
    }

    private List<String> labels() {
        return now().boards().values().stream().flatMap(b -> b.buttons().stream()).map(Button::label).toList();
    }

    @Test
    void twentyWordsOfOnesOwnOneAfterTheOtherFromHomeAndNoneIsRefused() {
        w.bench(id, "home");
        for (String word : WORDS) {
            page.locator("#word-line").fill(word);
            page.keyboard().press("Enter");
            assertThat(w.cell(word + ",").or(page.getByRole(AriaRole.STATUS).filter(new com.microsoft.playwright.Locator.FilterOptions()
                .setHasText("“" + word + "” now stands on"))).first()).isVisible();
        }
        assertThat(labels()).containsAll(WORDS);
        assertThat(now().homeBoard().at(new Cell(4, 0))).as("the cells where others have back and home").isEmpty();
        assertThat(now().homeBoard().at(new Cell(4, 1))).isEmpty();
    }

    @Test
    void aWordWithoutAPictureGoesWhereItsMeaningBelongs() {
        fill("home");
        page.locator("#word-line").fill("kettle");
        assertThat(page.getByText("No room here.")).containsText("Eating and drinking");
        page.keyboard().press("Enter");
        assertThat(page.getByText("“kettle” now stands on Eating and drinking.")).isVisible();
    }

    @Test
    void aFullHomeBoardTellsEveryWayOnAndEachHasItsKey() {
        fill("home");
        assertThat(w.cell("empty, row 5, place 1, kept free")).isVisible();
        w.cell("empty, row 5, place 1").click();
        assertThat(page.getByText("38 buttons, 0 empty cells and 2 kept free.")).isVisible();
        w.cell("want,").click();
        page.locator("#word-line").fill("zorbly");
        assertThat(page.getByText("on a new board from More topics").first()).isVisible();
        assertThat(page.getByText("no word moves, cells get")).isVisible();
        assertThat(w.violations()).isEmpty();
        page.keyboard().press("Shift+Enter");
        assertThat(w.cell("zorbly, row 5, place 1")).isVisible();
        List<Cell> before = cells("home");
        page.locator("#word-line").fill("morbly");
        assertThat(page.getByText("no word moves, cells get")).isVisible();
        page.keyboard().press("Alt+Enter");
        assertThat(w.cell("morbly, row 6, place 1")).isVisible();
        assertThat(cells("home").subList(0, before.size())).as("no word moved").isEqualTo(before);
        page.keyboard().press("Control+z");
        assertThat(w.cell("morbly,")).isHidden();
        assertThat(now().homeBoard().rows()).as("the row goes with its word").isEqualTo(5);
        w.cell("want,").click();
        page.locator("#word-line").fill("dorbly");
        assertThat(page.getByText("on a new board from More topics").first()).isVisible();
        page.keyboard().press("Control+Enter");
        assertThat(page.getByText("“dorbly” now stands on More Home.")).isVisible();
        page.locator("#word-line").fill("quimbly");
        assertThat(page.getByText("No room here.")).containsText("More Home");
        page.keyboard().press("Enter");
        assertThat(page.getByText("“quimbly” now stands on More Home.")).isVisible();
        assertThat(now().boards().values().stream().filter(b -> b.name().equals("More Home"))).as("the board for others too").hasSize(1);
    }

    private List<Cell> cells(String board) {
        return now().boards().get(board).buttons().stream().map(Button::cell).toList();
    }

    @Test
    void noTopicOfTheStarterIsFullAndHomeKeepsSixCells() {
        Stream<Board> topics = now().boards().values().stream();
        assertThat(topics).allSatisfy(b -> assertThat(b.emptyCells()).as(b.name()).hasSizeGreaterThanOrEqualTo(2));
        assertThat(now().homeBoard().emptyCells()).hasSize(8);
    }
}
