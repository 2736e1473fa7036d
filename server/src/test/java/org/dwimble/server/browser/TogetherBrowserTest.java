package org.dwimble.server.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.dwimble.core.grant.Role;
import org.dwimble.server.Http;
import org.dwimble.server.TestServer;
import org.dwimble.server.account.Account;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** Two people side by side on one vocabulary, each in her own browser. */
class TogetherBrowserTest extends SignedIn {
    private final Account marit = TestServer.account("Marit");
    private Browser.Window m;

    TogetherBrowserTest() {
        super("starter-40");
    }

    @BeforeEach
    void side() {
        TestServer.join(ilse, marit, Role.EDITOR);
        m = new Browser.Window().as(marit);
        w.bench(id, "eating");
        m.bench(id, "eating");
    }

    @AfterEach
    void leave() {
        assertThat(m.errors).isEmpty();
        m.close();
    }

    private static void rename(Browser.Window window, String from, String to) {
        window.cell(from + ",").click();
        window.button("Change the label").click();
        window.page.getByRole(AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName("Change the label")).fill(to);
        window.page.keyboard().press("Enter");
    }

    private String label(String board, String button) {
        return http.get("/api/vocabularies/" + id + "/boards/" + board).json().get("buttons").valueStream()
            .filter(b -> b.get("id").asString().equals(button)).findFirst().orElseThrow().get("label").asString();
    }

    @Test
    void aColleaguesChangeIsSeenAtOnceAndNotOverwrittenByMyNextOne() {
        w.cell("apple,").click();
        rename(m, "apple", "green apple");
        assertThat(w.cell("green apple, row 2, place 1")).isVisible();
        w.choose("Change the kind", "a social word");
        assertThat(w.page.getByText("version 3")).isVisible();
        assertThat(label("eating", "eating-apple")).isEqualTo("green apple");
    }

    @Test
    void nothingOfAColleaguesIsOverwrittenAfterHerUndoEither() {
        w.cell("apple,").click();
        rename(m, "apple", "green apple");
        assertThat(w.cell("green apple,")).isVisible();
        m.page.keyboard().press("Control+Z");
        assertThat(w.cell("apple, row 2, place 1")).isVisible();
        w.choose("Change the kind", "a social word");
        assertThat(w.page.getByText("version 4")).isVisible();
        assertThat(label("eating", "eating-apple")).isEqualTo("apple");
    }

    @Test
    void whoeverBeganToWriteBeforeAColleaguesChangeIsAskedAndSoonerOrLaterAnswers() {
        w.cell("apple,").click();
        w.button("Change the label").click();
        Locator field = w.page.getByRole(AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName("Change the label"));
        field.fill("plum");
        rename(m, "apple", "pear");
        rename(m, "banana", "yellow banana");
        assertThat(w.cell("yellow banana,")).isVisible();
        field.press("Enter");
        Locator dialog = w.page.getByRole(AriaRole.DIALOG);
        assertThat(dialog).containsText("Marit changed the same thing first (called “apple” “pear” on Eating and drinking).");
        w.page.evaluate("() => { history.pushState({}, '', location.pathname.replace('eating', 'play')); dispatchEvent(new PopStateEvent('popstate')); }");
        assertThat(w.heading("Play")).isVisible();
        assertThat(dialog.locator(".bench_both")).containsText("pear");
        assertThat(dialog.locator(".bench_both")).containsText("plum");
        w.button("Make mine after all").click();
        assertThat(m.cell("plum, row 2, place 1")).isVisible();
    }

    @Test
    void undoTakesBackOnlyMyOwnAlsoAfterAReload() {
        rename(w, "apple", "pear");
        assertThat(m.cell("pear,")).isVisible();
        rename(m, "banana", "yellow banana");
        assertThat(w.cell("yellow banana,")).isVisible();
        w.page.reload();
        assertThat(w.cell("yellow banana,")).isVisible();
        w.page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Undo: you called “apple” “pear” on Eating and drinking")).click();
        assertThat(w.cell("apple, row 2, place 1")).isVisible();
        assertThat(w.cell("yellow banana,")).isVisible();
        assertThat(m.page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions()
            .setName("Undo: you called “banana” “yellow banana” on Eating and drinking"))).isVisible();
        String newest = http.get("/api/vocabularies/" + id + "/versions").json().get(0).toString();
        assertThat(newest).contains("\"by\":\"Odile\"").contains("took back: called “apple” “pear” on Eating and drinking");
    }

    @Test
    void whatCannotBeTakenBackIsSaidAndTheOneBeforeCan() {
        rename(w, "banana", "yellow banana");
        rename(w, "apple", "pear");
        assertThat(m.cell("pear,")).isVisible();
        rename(m, "pear", "plum");
        assertThat(w.cell("plum,")).isVisible();
        w.page.keyboard().press("Control+Z");
        assertThat(w.page.getByRole(AriaRole.DIALOG))
            .containsText("Marit has changed the same thing since (called “pear” “plum” on Eating and drinking), so that cannot be taken back.");
        w.button("Leave it, and take back the one before").click();
        assertThat(m.cell("banana,")).isVisible();
        assertThat(m.cell("plum,")).isVisible();
    }

    @Test
    void bothMayTypeIntoOneBoardAndACellPromisedTwiceIsAskedAbout() {
        String harbour = http.post("/api/vocabularies/" + id + "/boards", "{\"base\":1,\"name\":\"Harbour\"}").json().get("added").get(0).asString();
        w.bench(id, harbour);
        m.bench(id, harbour);
        assertThat(w.cell("empty, row 1, place 1")).isVisible();
        w.page.route("**/events*", route -> route.abort());
        w.page.reload();
        assertThat(w.cell("empty, row 1, place 1")).isVisible();
        m.page.locator("#word-line").fill("seal");
        m.page.keyboard().press("Enter");
        assertThat(m.cell("seal, row 1, place 1")).isVisible();
        w.page.locator("#word-line").fill("crab");
        w.page.keyboard().press("Enter");
        assertThat(w.page.getByRole(AriaRole.DIALOG)).containsText("Marit changed the same thing first (put “seal” on Harbour).");
        w.button("Put mine in the next empty cell").click();
        assertThat(w.cell("crab, row 1, place 2")).isVisible();
        assertThat(w.cell("seal, row 1, place 1")).isVisible();
    }

    @Test
    void namesOfWhoElseIsHereStandOnTheBenchWithTheirBoard() {
        assertThat(w.page.getByLabel("Who else is here")).hasText("Marit on this board");
        m.bench(id, "play");
        assertThat(w.page.getByLabel("Who else is here")).hasText("Marit on Play");
        w.page.getByLabel("Who else is here").getByRole(AriaRole.BUTTON).click();
        assertThat(w.heading("Play")).isVisible();
        assertThat(m.page.getByLabel("Who else is here")).hasText("Odile on this board");
        m.page.navigate("/caseload");
        Http.as(odile).post("/api/vocabularies/" + id + "/edits", "{\"base\":1,\"edit\":{\"type\":\"rename-board\",\"board\":\"play\",\"name\":\"Games\"}}");
        assertThat(w.heading("Games")).isVisible();
        assertThat(w.page.getByLabel("Who else is here")).hasCount(0);
    }

    @Test
    void afterACutConnectionThePageCatchesUp() {
        w.page.context().setOffline(true);
        rename(m, "apple", "green apple");
        assertThat(m.cell("green apple,")).isVisible();
        w.page.context().setOffline(false);
        assertThat(w.cell("green apple, row 2, place 1")).isVisible();
    }

    private static void letItDo(Browser.Window window, String typed) {
        window.cell("apple,").click();
        window.button("something more…").click();
        window.page.keyboard().type(typed);
        window.page.keyboard().press("Enter");
    }

    @Test
    void twoPeopleWhoLetOneButtonDoDifferentThingsSeeBothAndNeitherIsLost() {
        letItDo(w, "Look out");
        Locator line = w.page.getByLabel("Button sentence").getByRole(AriaRole.LISTITEM).nth(1);
        assertThat(line).containsText("says “Look out” at once");
        w.choose("Change what it does here", "other words…");
        Locator field = w.page.getByRole(AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName("says “Look out” at once"));
        field.fill("Mind the crab");
        letItDo(m, "clear");
        assertThat(m.page.getByLabel("Button sentence").getByRole(AriaRole.LISTITEM)).hasCount(3);
        field.press("Enter");
        Locator dialog = w.page.getByRole(AriaRole.DIALOG);
        assertThat(dialog).containsText("Marit changed the same thing first");
        assertThat(dialog.locator("figure").first()).containsText("says its own label and says “Look out” at once and clears the message");
        assertThat(dialog.locator("figure").nth(1)).containsText("says its own label and says “Mind the crab” at once");
        w.button("Keep theirs").click();
        assertThat(w.page.getByLabel("Button sentence").getByRole(AriaRole.LISTITEM)).hasCount(3);
        assertThat(line).containsText("Look out");
    }
}
