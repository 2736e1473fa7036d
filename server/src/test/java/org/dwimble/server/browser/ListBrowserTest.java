package org.dwimble.server.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Mouse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.util.List;
import java.util.regex.Pattern;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Leads;
import org.dwimble.core.grant.Role;
import org.dwimble.core.support.Choices;
import org.dwimble.core.support.OwnGrid;
import org.dwimble.core.wordlist.ListedWord;
import org.dwimble.core.wordlist.WordList;
import org.dwimble.server.Http;
import org.dwimble.server.TestServer;
import org.dwimble.server.account.Account;
import org.dwimble.server.wordlist.ListStore;
import org.junit.jupiter.api.Test;

/** Words gathered once, and what is printed of them; actions counted as on the bench. */
class ListBrowserTest extends Counted {
    ListBrowserTest() {
        super("starter-40");
    }

    private long begun(String words) {
        return http.post("/api/lists", "{\"name\":\"Low tide\",\"text\":\"" + words + "\"}").json().get("id").asLong();
    }

    private WordList kept(long list) {
        return TestServer.bean(ListStore.class).there(list).list();
    }

    private List<String> texts(long list) {
        return kept(list).words().stream().map(ListedWord::text).toList();
    }

    private Locator rows() {
        return page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Words of the list")).locator("> li");
    }

    private void open(long list) {
        page.navigate("/lists/" + list);
        rows().first().waitFor();
        page.locator("main[data-ready]").waitFor();
    }

    private Locator offer(String name) {
        return page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Make")).getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions()
            .setName(name));
    }

    private Locator sheet() {
        return page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("The sheet"));
    }

    private long listHere() {
        return Long.parseLong(page.url().replaceAll(".*/", ""));
    }

    @Test
    void aListIsLoadedAPictureReplacedAndEachPrintedOnAPageOfItsOwn() throws IOException {
        long list = begun("ferry, bag, seal");
        page.navigate("/lists");
        assertThat(w.heading("Print")).isVisible();
        assertThat(w.violations()).isEmpty();
        click(w.heading("Low tide").getByRole(AriaRole.LINK));
        click(w.button("Pictures for bag"));
        click(page.getByRole(AriaRole.DIALOG).getByRole(AriaRole.LISTITEM).nth(1).getByRole(AriaRole.BUTTON));
        click(offer("Large pictures"));
        assertThat(sheet()).containsText("sheet 1 of 3");
        Page pdf = page.context().waitForPage(() -> click(w.link("Make the PDF")));
        pdf.close();
        counted("a list loaded, a picture replaced, one picture a page, as PDF", 5);
        assertThat(texts(list)).as("the text stays").containsExactly("ferry", "bag", "seal");
        assertThat(w.violations()).isEmpty();
    }

    @Test
    void wordsGoIntoAGridInAGivenOrderWithColours() throws IOException {
        page.navigate("/lists");
        page.getByLabel("Words of a new list").click();
        actions = 0;
        paste("flour\negg\nmilk\nbutter\nmix\npour");
        page.keyboard().press("Enter");
        rows().first().waitFor();
        click(offer("Grid of my own"));
        click(w.button("Rows by columns, such as 4 x 5"));
        enter("5 x 6");
        assertThat(w.button("Rows by columns, such as 4 x 5")).hasText("5 x 6");
        click(page.getByTitle("Colours: coloured by kind instead"));
        assertThat(page.getByTitle("Colours: white but for words with a paper of their own instead")).isVisible();
        counted("words into a 5 x 6 sheet in a given order with colours", 5);
        OwnGrid grid = (OwnGrid) kept(listHere()).support();
        assertThat(grid.rows()).isEqualTo(5);
        assertThat(grid.columns()).isEqualTo(6);
        assertThat(grid.byKind()).isTrue();
        assertThat(texts(listHere())).containsExactly("flour", "egg", "milk", "butter", "mix", "pour");
        assertThat(sheet()).containsText("1 sheet");
    }

    /** As a hand does, with all the ground between. */
    private void drag(Locator what, Locator onto) {
        var from = what.boundingBox();
        var to = onto.boundingBox();
        page.mouse().move(from.x + 10, from.y + from.height / 2);
        page.mouse().down();
        page.mouse().move(to.x + 10, to.y + to.height / 2, new Mouse.MoveOptions().setSteps(12));
        assertThat(onto).hasClass(Pattern.compile("over|target"));
        page.mouse().up();
    }

    @Test
    void wordsAreDraggedMovedByKeysTakenOutAndHadBack() {
        long list = begun("ferry, bag, seal, crab");
        open(list);
        drag(rows().nth(3), rows().nth(0));
        assertThat(rows().first()).containsText("crab");
        rows().first().focus();
        page.keyboard().press("Alt+ArrowDown");
        assertThat(rows().first()).containsText("ferry");
        page.keyboard().press("ArrowDown");
        page.keyboard().press("Delete");
        assertThat(rows()).hasCount(3);
        page.keyboard().press("Control+z");
        assertThat(rows()).hasCount(4);
        page.keyboard().press("Control+Shift+z");
        assertThat(rows()).hasCount(3);
        w.button("Undo").click();
        assertThat(rows()).hasCount(4);
        w.button("Make again").click();
        assertThat(rows()).hasCount(3);
        w.choose("How often seal is printed", "keep it, print none");
        page.waitForCondition(() -> kept(list).words().stream().anyMatch(word -> word.text().equals("seal") && word.times() == 0));
    }

    @Test
    void everySupportIsSetUpByItsSentence() {
        long list = begun("crab, shell, fish, seal, gull, boat, sand, sun, wave, rock, dog, cat");
        open(list);
        for (String name : List.of("Strip, in order", "Cards to cut out", "First and then", "Choices", "Token board", "Rules", "Feelings scale",
            "Conversation cards",
            "Story pages", "Bingo", "Pairs to find", "Dominoes", "Sorting mat", "Roll and say")) {
            offer(name).click();
            assertThat(offer(name)).hasAttribute("aria-pressed", "true");
            assertThat(sheet().getByRole(AriaRole.IMG)).hasAttribute("aria-label", Pattern.compile("(sheet|side) 1 of .*"));
        }
        offer("Cards to cut out").click();
        w.button("Width of a card").click();
        page.keyboard().type("40 mm");
        page.keyboard().press("Enter");
        w.choose("What is on the back", "a pattern on the back");
        assertThat(sheet()).containsText("side 1 of 2");
        w.button("The next sheet").click();
        assertThat(sheet()).containsText("back 2 of 2");
        w.button("Width of a card").click();
        page.keyboard().type("900 mm");
        page.keyboard().press("Enter");
        assertThat(page.getByText("A card can be 10 to 600 mm a side. Nothing was changed.")).isVisible();
        assertThat(w.violations()).isEmpty();
    }

    @Test
    void theBrowsersPrintDialogOpensWithEverySheetInTrueSize() {
        long list = begun("ferry, bag, seal");
        open(list);
        offer("Large pictures").click();
        assertThat(sheet()).containsText("sheet 1 of 3");
        page.evaluate("() => { window.print = () => { window.printed = [...document.querySelectorAll('[class*=printing] > div')].map(d => d.style.width); } }");
        w.button("Print").click();
        page.waitForFunction("() => window.printed");
        assertThat((List<?>) page.evaluate("window.printed")).hasSize(3).allMatch(width -> width.equals("210mm") || width.equals("297mm"));
        assertThat(page.locator("[class*=printing]")).hasCount(0);
    }

    @Test
    void twoPeopleOnOneListMeetOnlyOnTheSameWord() {
        long list = http.post("/api/lists", "{\"name\":\"Ours\",\"text\":\"ferry, bag\",\"student\":\"" + ilse.id() + "\"}").json().get("id").asLong();
        Account marit = TestServer.account("Marit");
        TestServer.join(ilse, marit, Role.EDITOR);
        open(list);
        ListedWord ferry = kept(list).words().get(0);
        Http.as(marit).post("/api/lists/" + list + "/edits", "{\"base\":1,\"edit\":{\"type\":\"change-word\",\"word\":{\"id\":\"" + ferry.id()
            + "\",\"text\":\"the ferry\",\"pictures\":[],\"not\":false,\"times\":1}}}");
        w.button("Text of bag").click();
        page.keyboard().type("rucksack");
        page.keyboard().press("Enter");
        assertThat(rows().first()).containsText("the ferry");
        assertThat(rows().nth(1)).containsText("rucksack");
    }

    @Test
    void aListBeginsWithABoardAndWithAStep() {
        w.bench(id, "animals");
        w.choose("More to do with these boards", "Make a word list of this board");
        rows().first().waitFor();
        assertThat(texts(listHere())).startsWith("dog", "cat");
        page.navigate("/lists");
        w.button("Begin with boards…").click();
        page.getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName("Boards")).click();
        page.getByText("Feelings", new Page.GetByTextOptions().setExact(true)).last().click();
        page.keyboard().press("Escape");
        assertThat(w.violations()).isEmpty();
        w.button("Begin").click();
        rows().first().waitFor();
        assertThat(kept(listHere()).name()).isEqualTo("Feelings");
        page.navigate("/students/" + ilse.id());
        assertThat(page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Word lists"))).containsText("Feelings");
    }

    @Test
    void fiveStudentsDifferInTwoPicturesEachFromOnePastedTable() throws IOException {
        open(begun("swim, read, happy, apple"));
        click(offer("Going-home page"));
        click(w.button("For whom it is printed"));
        page.getByLabel("Students and what differs").click();
        paste("name\tread\tapple\nIlse\tdance\tbread\nTomasz\tsing\tcheese\nNour\tdraw\tbanana\nWren\trun\tpear\nSefa\tjump\torange");
        click(w.button("Keep"));
        assertThat(sheet()).containsText("sheet 1 of 5");
        click(w.button("Make the PDF"));
        Page pdf = page.context().waitForPage(() -> click(w.link("Open the PDF")));
        pdf.close();
        counted("five going-home pages that differ in two pictures each", 10);
        assertThat(w.violations()).isEmpty();
    }

    @Test
    void whatWasSaidTodayBecomesAListAndNoWordOfItLeftTheDeviceBefore() {
        page.navigate("/vocabularies/" + id + "/talk");
        Locator grid = page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName(now().homeBoard().name()));
        List<String> words = now().homeBoard().buttons().stream().filter(b -> !b.isWay() && b.doings().isEmpty() && b.leads() == Leads.STAYS).map(Button::label)
            .limit(2).toList();
        for (String word : List.of(words.get(1), words.get(0), words.get(1))) {
            grid.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(word).setExact(true)).click();
        }
        assertThat(page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Message"))).containsText("want");
        assertThat((String) page.evaluate("id => localStorage.getItem('dwimble.said.' + id)", (int) id)).contains("buttons").doesNotContain("message");
        page.navigate("/lists");
        w.button("Begin with boards…").click();
        page.getByText("what was said today on this device").click();
        w.button("Begin").click();
        assertThat(rows()).hasCount(2);
        assertThat(texts(listHere())).containsExactly(words.get(1), words.get(0));
    }

    @Test
    void aPhotoIsPutBesideTheNameOfAStudentOfTheClass() throws IOException {
        open(begun("swim, read"));
        w.button("For whom it is printed").click();
        page.getByLabel("Students and what differs").fill("Ilse, dance\nTomasz");
        w.button("Keep").click();
        assertThat(sheet()).containsText("sheet 1 of 2");
        w.button("For whom it is printed").click();
        w.button("Tomasz, no photo yet").click();
        Locator dialog = page.getByRole(AriaRole.DIALOG, new Page.GetByRoleOptions().setName("A photo of Tomasz"));
        dialog.getByLabel("Find a picture by its word").fill("boat");
        dialog.getByRole(AriaRole.LISTITEM).first().getByRole(AriaRole.BUTTON).click();
        assertThat(w.button("Tomasz, with a photo")).isVisible();
        assertThat(w.violations()).isEmpty();
        w.button("Leave it").click();
        w.button("The next sheet").click();
        assertThat(sheet()).containsText("sheet 2 of 2");
        assertThat(kept(listHere()).rows().get(1).photo()).isNotNull();
        assertThat(kept(listHere()).rows().get(0).photo()).isNull();
    }

    @Test
    void aWordIsDraggedOnTheSheetToAnotherCellAndNothingElseMoves() {
        open(begun("flour, egg, milk"));
        click(offer("Grid of my own"));
        Locator cells = page.locator("[data-cell]");
        assertThat(cells).hasCount(20);
        drag(cells.nth(0), cells.nth(7));
        page.waitForCondition(() -> kept(listHere()).support() instanceof OwnGrid grid && grid.empty().equals(List.of(0, 3, 4, 5, 6)));
        assertThat(texts(listHere())).containsExactly("egg", "milk", "flour");
    }

    @Test
    void aListBeginsWithAnExample() {
        page.navigate("/lists");
        w.button("Begin with an example…").click();
        assertThat(w.violations()).isEmpty();
        page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Examples")).getByText("Tide pool").click();
        rows().first().waitFor();
        assertThat(rows()).hasCount(16);
        assertThat(kept(listHere()).now()).isEqualTo("bingo");
    }

    @Test
    void aListIsMadeWithNoMouseAtAll() {
        page.navigate("/lists");
        Locator field = page.getByLabel("Words of a new list");
        field.waitFor();
        w.tabTo(field);
        page.keyboard().type("ferry, seal");
        page.keyboard().press("Enter");
        rows().first().waitFor();
        w.tabTo(offer("Choices"));
        page.keyboard().press("Enter");
        assertThat(offer("Choices")).hasAttribute("aria-pressed", "true");
        w.tabTo(w.button("How many to choose from"));
        page.keyboard().press("Enter");
        page.keyboard().type("2");
        page.keyboard().press("Enter");
        page.waitForCondition(() -> kept(listHere()).support().equals(new Choices(2, "What would you like?")));
        w.tabTo(w.link("Make the PDF"));
    }
}
