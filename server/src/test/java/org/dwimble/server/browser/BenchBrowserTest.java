package org.dwimble.server.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.regex.Pattern;
import org.dwimble.core.board.Button;
import org.dwimble.core.grant.Role;
import org.dwimble.server.TestServer;
import org.dwimble.server.account.Account;
import org.dwimble.server.board.VocabularyStore;
import org.junit.jupiter.api.Test;

/** The bench as a therapist uses it, by keyboard and by mouse. */
class BenchBrowserTest extends SignedIn {
    BenchBrowserTest() {
        super("starter-40");
    }

    /** A board with back and home and nothing else, on the bench. */
    private String harbour() {
        String board = http.post("/api/vocabularies/" + id + "/boards", "{\"base\":1,\"name\":\"Harbour\"}").json().get("added").get(0).asString();
        w.bench(id, board);
        return board;
    }

    private Button now(String board, String label) {
        return TestServer.bean(VocabularyStore.class).find(id).orElseThrow().vocabulary().boards().get(board).buttons().stream()
            .filter(b -> b.label().equals(label)).findFirst().orElseThrow();
    }

    @Test
    void aTypedWordIsAButtonWithItsPictureAndTheNextCellWaits() {
        String board = harbour();
        assertThat(w.marked()).isEqualTo("empty, row 1, place 1");
        page.keyboard().type("kite");
        assertThat(page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("1: kite"))).isVisible();
        page.keyboard().press("Enter");
        assertThat(w.cell("kite, row 1, place 1").locator("img")).hasAttribute("src", "/art/colour.yellow.usual/base/kite.svg");
        assertThat(w.cell("empty, row 1, place 2")).hasAttribute("aria-selected", "true");
        page.keyboard().type("crab");
        page.keyboard().press("Enter");
        page.keyboard().type("quango meeting");
        page.keyboard().press("Enter");
        assertThat(w.cell("quango meeting, row 1, place 3")).isVisible();
        assertThat(now(board, "kite").kind().word()).isEqualTo("thing");
        assertThat(now(board, "quango meeting").picture()).isNull();
    }

    @Test
    void aWordMeansWhatTheBoardSpeaksOfAndASignIsCalledWhatItShows() {
        String board = harbour();
        for (String word : List.of("football", "tennis", "swimming")) {
            page.keyboard().type(word);
            page.keyboard().press("Enter");
        }
        assertThat(w.cell("swimming, row 1, place 3")).isVisible();
        page.keyboard().type("bat");
        assertThat(page.locator(".bench_offer").first()).hasAttribute("title", "cricket: as others on this board: sports");
        page.keyboard().press("Enter");
        assertThat(w.cell("bat, row 1, place 4").locator("img")).hasAttribute("src", "/art/colour.yellow.usual/base/cricket-game.svg");
        page.locator("#word-line").fill("🐕");
        page.keyboard().press("Enter");
        assertThat(w.cell("dog, row 1, place 5").locator("img")).hasAttribute("src", "/art/colour.yellow.usual/base/dog.svg");
        assertThat(now(board, "dog").spoken()).isEqualTo("dog");
    }

    @Test
    void wordsTypedFasterThanTheServerAnswersAllGoInInOrder() {
        harbour();
        page.keyboard().type("crab");
        page.keyboard().press("Enter");
        page.keyboard().type("gull");
        page.keyboard().press("Enter");
        page.keyboard().type("seal");
        page.keyboard().press("Enter");
        assertThat(w.cell("crab, row 1, place 1")).isVisible();
        assertThat(w.cell("gull, row 1, place 2")).isVisible();
        assertThat(w.cell("seal, row 1, place 3")).isVisible();
    }

    @Test
    void pastedWordsBecomeSeveralButtonsAndAnEqualsSignGivesALabel() {
        harbour();
        page.evaluate("navigator.clipboard.writeText('ferry\\ntide pool\\ncrab, gull')");
        page.keyboard().press("Control+V");
        assertThat(page.locator("#word-line")).hasValue("ferry, tide pool, crab, gull");
        page.keyboard().press("Enter");
        assertThat(w.cell("gull, row 1, place 4")).isVisible();
        page.keyboard().type("kite=Big Red");
        page.keyboard().press("Enter");
        assertThat(w.cell("Big Red, row 1, place 5").locator("img")).hasAttribute("src", "/art/colour.yellow.usual/base/kite.svg");
    }

    @Test
    void arrowsTabAndShiftTabMoveAndDeleteTakesOffOnlyThatButton() {
        w.bench(id, "eating");
        w.cell("apple,").click();
        page.keyboard().press("ArrowRight");
        assertThat(w.marked()).isEqualTo("banana, row 2, place 2");
        page.keyboard().press("ArrowDown");
        assertThat(w.marked()).isEqualTo("sandwich, row 3, place 2");
        page.keyboard().press("Shift+Tab");
        assertThat(w.marked()).isEqualTo("bread, row 3, place 1");
        page.keyboard().press("Tab");
        page.keyboard().press("Tab");
        assertThat(w.marked()).isEqualTo("cheese, row 3, place 3");
        assertThat(w.cell("cheese,")).isFocused();
        page.keyboard().press("Delete");
        assertThat(w.cell("empty, row 3, place 3")).isVisible();
        assertThat(w.cell("egg, row 3, place 4")).isVisible();
        assertThat(w.cell("sandwich, row 3, place 2")).isVisible();
    }

    @Test
    void tabLeavesTheBoardAtItsEndsSoThatNobodyIsTrapped() {
        w.bench(id, "eating");
        w.cell("yuck,").click();
        page.keyboard().press("Tab");
        assertThat(page.locator("#word-line")).isFocused();
        w.cell("eat,").click();
        page.keyboard().press("Shift+Tab");
        assertThat(w.grid().locator(":focus")).hasCount(0);
    }

    @Test
    void theButtonSentenceChangesLabelWordsPictureAndKind() {
        w.bench(id, "eating");
        w.cell("apple,").click();
        w.button("Change the label").click();
        page.getByRole(AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName("Change the label")).fill("green apple");
        page.keyboard().press("Enter");
        assertThat(w.cell("green apple, row 2, place 1")).isVisible();

        w.button("Change what it says").click();
        page.keyboard().type("I would like an apple.");
        page.keyboard().press("Enter");
        assertThat(w.button("Change what it says")).hasText("“I would like an apple.”");

        w.button("another picture").click();
        Locator search = page.getByLabel("Find a picture by its word");
        assertThat(search).hasValue("green apple");
        search.fill("pear");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^pear "))).click();
        assertThat(w.cell("green apple,").locator("img")).hasAttribute("src", "/art/colour.yellow.usual/base/pear.svg");

        w.choose("Change the kind", "a social word");
        assertThat(w.button("Change the kind")).hasText("a social word");
        Button kept = now("eating", "green apple");
        assertThat(kept.spoken()).isEqualTo("I would like an apple.");
        assertThat(kept.kind().word()).isEqualTo("social");
        assertThat(kept.id()).isEqualTo("eating-apple");
    }

    @Test
    void theButtonSentenceChangesWhereAButtonLeads() {
        w.bench(id, "eating");
        w.cell("apple,").click();
        w.lead("Play");
        assertThat(w.cell("apple, row 2, place 1, opens a board")).isVisible();
        w.lead("goes home");
        assertThat(w.button("Change where it leads")).hasText("goes home");
        w.lead("goes back");
        assertThat(w.button("Change where it leads")).hasText("goes back");
        w.lead("cider");
        assertThat(w.button("Change where it leads")).hasText("opens cider");
        w.button("Go to that board").click();
        assertThat(w.heading("cider")).isVisible();
        assertThat(w.cell("back, row 5, place 1")).isVisible();
        assertThat(w.cell("home, row 5, place 2")).isVisible();
        assertThat(page.getByRole(AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName("The way to this board")))
            .containsText("HomethenEating and drinkingthencider");
    }

    @Test
    void enterOnAButtonEditsItsLabelByKeyboardAloneAndEscapeLeavesItAsItWas() {
        w.bench(id, "eating");
        w.cell("apple,").click();
        page.keyboard().press("Enter");
        page.keyboard().type("pear");
        page.keyboard().press("Escape");
        assertThat(w.cell("apple,")).isFocused();
        page.keyboard().press("Enter");
        page.keyboard().type("pear");
        page.keyboard().press("Enter");
        assertThat(w.cell("pear, row 2, place 1")).isFocused();
    }

    @Test
    void undoAndRedoWorkByButtonAndByKeyAndAfterAReload() {
        w.bench(id, "eating");
        w.cell("apple,").click();
        page.keyboard().press("Delete");
        assertThat(w.cell("empty, row 2, place 1")).isVisible();
        page.reload();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Undo: you took “apple” off Eating and drinking")).click();
        assertThat(w.cell("apple, row 2, place 1")).isVisible();
        page.keyboard().press("Control+Shift+Z");
        assertThat(w.cell("empty, row 2, place 1")).isVisible();
        page.keyboard().press("Control+Z");
        assertThat(w.cell("apple, row 2, place 1")).isVisible();
        assertThat(page.getByText("Kept as you go · version 5")).isVisible();
        assertThat(w.button("Nothing of yours to undo")).isDisabled();
        page.keyboard().press("Control+Z");
        assertThat(page.getByText("There is nothing of yours to take back.")).isVisible();
    }

    @Test
    void looseEndsAndBoardsWithNoWayOutAreMendedWithOneClick() {
        http.post("/api/vocabularies/" + id + "/edits", "{\"base\":1,\"edit\":{\"type\":\"delete-board\",\"board\":\"days\"}}");
        w.bench(id, "topics");
        assertThat(w.cell("days and weather, row 1, place 5, leads nowhere")).isVisible();
        w.button("make that board").click();
        assertThat(w.cell("days and weather, row 1, place 5, opens a board")).isVisible();
        assertThat(page.getByText("Worth a look")).hasCount(0);
        w.bench(id, "animals-more");
        w.cell("home,").click();
        page.keyboard().press("Delete");
        assertThat(w.cell("empty, row 5, place 2")).isVisible();
        w.cell("back,").click();
        page.keyboard().press("Delete");
        assertThat(page.getByText("More animals has no way out.")).isVisible();
        w.button("put back and home in").click();
        assertThat(w.cell("back, row 5, place 1")).isVisible();
        assertThat(w.cell("home, row 5, place 2")).isVisible();
    }

    @Test
    void aBoardIsAddedRenamedAndDeletedAndDeletingSaysWhatItWouldBreak() {
        w.bench(id, "home");
        w.button("add a board").click();
        page.getByLabel("Name of the new board").fill("Harbour");
        page.keyboard().press("Enter");
        assertThat(w.heading("Harbour")).isVisible();
        w.button("Rename this board").click();
        page.getByRole(AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName("Rename this board")).fill("Quay");
        page.keyboard().press("Enter");
        assertThat(w.heading("Quay")).isVisible();
        w.bench(id, "play");
        w.choose("More to do with these boards", "Delete this board…");
        assertThat(page.getByText("Buttons on 1 board open it; they will lead nowhere until you mend them.")).isVisible();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Delete the board")).click();
        assertThat(w.heading("Home")).isVisible();
        assertThat(page.getByText("“play” on Home opens a board that is not there.")).isVisible();
    }

    @Test
    void aRefusedWordGoesBackIntoTheWordLine() {
        w.bench(id, "people");
        String many = "captains > " + "captain, ".repeat(400) + "captain";
        page.locator("#word-line").fill(many);
        page.keyboard().press("Enter");
        assertThat(page.getByText("That is 402 words; up to 400 go in at once. Nothing was changed.")).isVisible();
        assertThat(page.locator("#word-line")).hasValue(many);
    }

    @Test
    void aDigitPicksAnotherPictureForTheTypedWord() {
        harbour();
        page.keyboard().type("orange");
        assertThat(page.locator(".bench_offered[aria-busy=false] .bench_offer").nth(1)).isVisible();
        String second = page.locator(".bench_offer img").nth(1).getAttribute("src");
        page.keyboard().press("2");
        page.keyboard().press("Enter");
        assertThat(w.cell("orange, row 1, place 1").locator("img")).hasAttribute("src", second);
    }

    @Test
    void anExpiredSessionAsksForThePasswordAndThenGoesOn() {
        String board = harbour();
        // Clocks stand still or go back when they are set right, and that must keep nobody out.
        w.clock().setFixedTime(new java.util.Date());
        page.context().clearCookies(new com.microsoft.playwright.BrowserContext.ClearCookiesOptions().setName("dwimble"));
        page.keyboard().type("kite");
        page.keyboard().press("Enter");
        Locator dialog = page.getByRole(AriaRole.DIALOG);
        assertThat(dialog).containsText("Sign in again");
        dialog.getByLabel("Password").fill(TestServer.PASSWORD);
        page.keyboard().press("Enter");
        assertThat(w.cell("kite, row 1, place 1")).isVisible();
        assertThat(now(board, "kite").picture()).isEqualTo("base/kite");
    }

    @Test
    void aViewerSeesTheBoardsButFindsNothingToChangeThem() {
        Account joris = TestServer.account("Joris");
        TestServer.join(ilse, joris, Role.VIEWER);
        try (Browser.Window viewer = new Browser.Window().as(joris).bench(id, "eating")) {
            viewer.cell("apple,").click();
            assertThat(viewer.page.getByText("You can look and talk")).isVisible();
            assertThat(viewer.page.locator("#word-line")).hasCount(0);
            assertThat(viewer.button("Take off")).hasCount(0);
            viewer.page.keyboard().press("Delete");
            assertThat(viewer.cell("apple, row 2, place 1")).isVisible();
        }
        assertThat(now("eating", "apple").label()).isEqualTo("apple");
    }

    @Test
    void aBoardOfFortyByFortyIsShownAndSaysThatItsCellsAreSmall() {
        byte[] obf = ("{\"id\":\"big\",\"name\":\"Big\",\"buttons\":[{\"id\":\"1\",\"label\":\"sea\"}],\"grid\":{\"rows\":40,\"columns\":40,"
            + "\"order\":[[\"1\"]]}}").getBytes();
        long big = http.upload("/api/students/" + ilse.id() + "/packages", "big.obf", obf).json().get("vocabulary").asLong();
        w.bench(big, "big");
        assertThat(page.locator("[role=gridcell]")).hasCount(1600);
        assertThat(page.getByText("That is smaller than many hands can hit.")).isVisible();
        var mat = w.grid().boundingBox();
        var last = w.cell("empty, row 40, place 40").boundingBox();
        assertThat(last.x + last.width).as("the last cell lies on the mat").isLessThanOrEqualTo(mat.x + mat.width);
        assertThat(last.y + last.height).isLessThanOrEqualTo(mat.y + mat.height);
    }

    @Test
    void theBenchIsUsableByEverybody() {
        http.post("/api/vocabularies/" + id + "/edits", "{\"base\":1,\"edit\":{\"type\":\"delete-board\",\"board\":\"play\"}}");
        w.bench(id, "home");
        w.cell("want,").click();
        assertThat(w.violations()).isEmpty();
        w.button("another picture").click();
        assertThat(page.locator(".chooser_picture-list li").first()).isVisible();
        assertThat(w.violations()).isEmpty();
    }
}
