package org.dwimble.server.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Kind;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Shape;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.student.Student;
import org.dwimble.core.told.Told;
import org.dwimble.server.TestServer;
import org.dwimble.server.board.VocabularyStore;
import org.junit.jupiter.api.Test;

/** Boards of another vocabulary brought in, as a person does it in the browser. */
class ArrivalBrowserTest extends Counted {
    private static final int BOARDS = 173;
    private static final int OPENED_EACH = 6;

    ArrivalBrowserTest() {
        super("starter-40");
    }

    /** Each board opens the next six in a tree, and has a word. */
    private void tides() {
        List<Board> boards = new ArrayList<>();
        for (int b = 0; b < BOARDS; b++) {
            int first = b * OPENED_EACH + 1;
            List<Button> buttons = new ArrayList<>(IntStream.range(first, Math.min(first + OPENED_EACH, BOARDS)).mapToObj(o -> Button.leading("o" + o, new Cell(
                0, o - first), "on " + o, null, new Leads.Opens("t" + o))).toList());
            buttons.add(Button.word("w" + b, new Cell(1, 0), "ebb " + b, null, Kind.THING));
            boards.add(Board.empty("t" + b, b == 0 ? "Tides" : "Tide " + b, new Shape(2, OPENED_EACH)).withButtons(buttons));
        }
        Student sefa = TestServer.student("Sefa", odile);
        TestServer.bean(VocabularyStore.class).create(Vocabulary.of("Sefa’s tides", "t0", "en", boards), sefa.id(), odile.id(), Instant.now(), Told.of("copied",
            "name", "tides"));
    }

    private Locator comes() {
        return page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("What comes"));
    }

    private Locator box(String board) {
        return page.getByRole(AriaRole.CHECKBOX, new Page.GetByRoleOptions().setName(board).setExact(true));
    }

    @Test
    void aWholeVocabularyIsBroughtAndOpenedFromOneCell() throws IOException {
        tides();
        w.bench(id, "play-more");
        w.cell("empty, row 2, place 3").click();
        actions = 0;
        click(w.button("bring boards in"));
        click(page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Sefa’s tides")));
        click(box("Tides"));
        assertThat(comes()).containsText("173 boards come, 173 words");
        assertThat(comes()).containsText("opened from More play, row 2, place 3, by Tides");
        assertThat(comes()).containsText("No word moves");
        assertThat(w.violations()).isEmpty();
        click(w.button("Bring 173 boards in"));
        assertThat(w.cell("Tides,")).isVisible();
        counted("173 boards of another vocabulary, opened from one cell", 5);
        assertThat(now().boards().keySet()).contains("t0", "t172");
        assertThat(at("play-more", 1, 2).leads()).isEqualTo(new Leads.Opens("t0"));
        press("Control+z");
        assertThat(w.cell("empty, row 2, place 3")).isVisible();
        assertThat(now().boards().keySet()).as("all of it goes in one").doesNotContain("t0", "t172");
    }

    @Test
    void whatWouldLeadNowhereIsToldWithItsWaysOutBeforeItHappens() {
        tides();
        w.bench(id, "play-more");
        w.button("bring boards in").click();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Sefa’s tides")).click();
        page.getByText("with all they open").click();
        box("Tide 28").click();
        Locator loose = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Would lead nowhere"));
        assertThat(loose.getByText("does not come.")).hasCount(4);
        assertThat(w.violations()).isEmpty();
        loose.getByText("only speaks").first().click();
        page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("let it open “Home”").setExact(true)).click();
        assertThat(loose.getByText("opens “Home”")).isVisible();
        w.button("Bring the 4 boards they open too").click();
        assertThat(loose).hasCount(0);
        assertThat(w.button("Bring 5 boards in")).isEnabled();
        assertThat(now().boards().keySet()).doesNotContain("t28");
    }

    @Test
    void boardsOfOneNameStandSideBySideAndTheOnesHereCanBeTakenForAll() {
        Student sefa = TestServer.student("Sefa", odile);
        long other = TestServer.copy("starter-40", sefa, odile);
        w.bench(other, "play-more");
        page.locator("[role=gridcell][aria-label^='empty']").first().click();
        enter("spade");
        assertThat(w.cell("spade,")).isVisible();
        page.navigate("/vocabularies/" + id + "/arrivals?board=play&from=" + other + "&chosen=play-more");
        assertThat(page.getByRole(AriaRole.IMG, new Page.GetByRoleOptions().setName("“More play” there"))).isVisible();
        assertThat(page.getByRole(AriaRole.IMG, new Page.GetByRoleOptions().setName("“More play” here"))).isVisible();
        assertThat(w.violations()).isEmpty();
        page.getByText("the one here is opened instead").click();
        assertThat(comes()).containsText("No board comes");
        assertThat(comes()).containsText("its own of the same names are opened instead");
        assertThat(w.button("Put them there")).isDisabled();
        page.getByText("comes too, beside the one here").click();
        w.button("Bring 1 board in").click();
        assertThat(w.cell("More play, row")).isVisible();
    }

    @Test
    void boardsAreKeptAsABundleBroughtInElsewhereAndWhatIsNewerThereIsTakenOver() throws IOException {
        Student sefa = TestServer.student("Sefa", odile);
        long other = TestServer.copy("first-choices", sefa, odile);
        w.bench(id, "play");
        actions = 0;
        click(w.button("More to do with these boards"));
        click(page.getByText("Keep as a bundle"));
        Locator dialog = page.getByRole(AriaRole.DIALOG);
        assertThat(dialog).containsText("boards,");
        assertThat(w.violations()).isEmpty();
        click(dialog.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Keep it")));
        assertThat(dialog).isHidden();
        counted("boards kept as a bundle", 3);

        page.navigate("/vocabularies/" + other + "/arrivals?board=eat");
        actions = 0;
        click(page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("From your own shelf")).getByRole(AriaRole.BUTTON).first());
        page.getByText("on the map").click();
        assertThat(page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("The boards there on their map"))
            .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("More play").setPressed(true))).isVisible();
        assertThat(w.violations()).isEmpty();
        Locator bring = page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("Bring \\d+ boards in")));
        click(bring);
        assertThat(w.cell("Play,")).isVisible();
        counted("a bundle brought in", 2);

        long bundle = TestServer.bean(VocabularyStore.class).bundles(odile.id()).get(0).id();
        w.bench(bundle, "play");
        page.locator("[role=gridcell][aria-label^='empty']").first().click();
        enter("spade");
        assertThat(w.cell("spade,")).isVisible();
        page.navigate("/vocabularies/" + other + "/arrivals");
        page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Newer there")).getByRole(AriaRole.BUTTON).click();
        assertThat(page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("New there"))).containsText("“spade” comes to Play");
        assertThat(w.violations()).isEmpty();
        w.button("Take 1 word over").click();
        assertThat(page.getByText("1 word is as it is there now.")).isVisible();
        assertThat(page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Newer there"))).hasCount(0);
        assertThat(TestServer.bean(VocabularyStore.class).there(other).vocabulary().boards().values().stream().flatMap(b -> b.buttons().stream())
            .map(Button::label)).contains("spade");
    }
}
