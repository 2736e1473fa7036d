package org.dwimble.server.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.regex.Pattern;
import org.dwimble.core.board.Cell;
import org.dwimble.core.reveal.Revealed;
import org.junit.jupiter.api.Test;

/** Showing a few words first, and keeping words in their places, as a therapist does it on boards that are a week old. */
class RevealBrowserTest extends Counted {
    RevealBrowserTest() {
        super("starter-40", Instant.now().minus(7, ChronoUnit.DAYS));
    }

    private void edit(String edit) {
        int base = http.get("/api/vocabularies/" + id).json().get("version").asInt();
        assertThat(http.post("/api/vocabularies/" + id + "/edits", "{\"base\":" + base + ",\"edit\":" + edit + "}").status()).isEqualTo(200);
    }

    private static String called(String... words) {
        return "{\"andOpened\":false,\"allBut\":false,\"words\":[\"" + String.join("\",\"", words) + "\"]}";
    }

    private void planOfTwo() {
        edit("{\"type\":\"add-step\",\"name\":\"First words\",\"words\":" + called("I", "want", "go", "dog") + "}");
        edit("{\"type\":\"add-step\",\"name\":\"Asking\",\"words\":" + called("more", "cat") + "}");
    }

    private void lens(String lens) {
        w.button(lens).click();
    }

    private Locator side() {
        return page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Reveal"));
    }

    private void shown(int words) {
        assertThat(side().getByRole(AriaRole.HEADING).first()).hasText("Ilse sees " + words + " of 574 words");
    }

    private long shownNow() {
        return now().boards().values().stream().flatMap(b -> b.buttons().stream()).filter(b -> Revealed.of(now()).shows(b)).count();
    }

    @Test
    void wordsAreShownByTappingThemAndByAStrokeAcrossMany() throws IOException {
        w.bench(id, "home");
        lens("Reveal");
        w.button("No word yet: tap those to show").click();
        shown(0);
        click(w.cell("want,"));
        counted("a word into the step in hand, or out of it", 1);
        shown(1);
        actions = 0;
        w.cell("go,").hover();
        page.mouse().down();
        w.cell("have,").hover();
        w.cell("can,").hover();
        page.mouse().up();
        actions++;
        shown(4);
        counted("a stroke across words", 1);
        assertThat(w.cell("do,")).hasAttribute("aria-label", "do, row 1, place 3, waits: it is in no step");
        assertThat(w.cell("play,")).hasAttribute("aria-label", "play, row 4, place 7, hidden for now, as nothing behind it is shown");
        w.cell("want,").click();
        shown(3);
        actions = 0;
        click(w.button("all of this board"));
        shown(23);
        counted("a whole board into a step", 1);
        actions = 0;
        click(w.button("all of a kind"));
        click(page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("social words")));
        counted("all of a kind into a step", 2);
        assertThat(side().getByRole(AriaRole.HEADING).first()).not().hasText("Ilse sees 23 of 574 words");
        assertThat(w.violations()).isEmpty();
    }

    @Test
    void theSameByKeyboardAlone() {
        w.bench(id, "home");
        w.button("Reveal").press("Enter");
        w.button("No word yet: tap those to show").press("Enter");
        shown(0);
        w.cell("empty, row 3, place 6").focus();
        page.keyboard().press("ArrowUp");
        page.keyboard().press("Enter");
        shown(1);
        page.keyboard().press("ArrowLeft");
        page.keyboard().press("Space");
        shown(2);
        w.button("add a step").press("Enter");
        page.keyboard().type("Later");
        page.keyboard().press("Enter");
        page.locator("button:has-text('2. Later')").press("Enter");
        w.button("a list of words").press("Enter");
        page.keyboard().type("stop, help, lighthouse");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Put 3 in")).press("Enter");
        assertThat(page.locator("button:has-text('2. Later')")).containsText("4 words");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Move on to step 2")).press("Enter");
        assertThat(page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Words that are new to see"))).containsText("stop");
    }

    @Test
    void movingOnIsOneActionAndSaysWhatIsNewToSeeWithItsWay() throws IOException {
        planOfTwo();
        w.bench(id, "home");
        lens("Reveal");
        shown(4);
        click(page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Move on to step 2")));
        counted("the student moved on to the next step", 1);
        Locator list = page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Words that are new to see"));
        assertThat(list).containsText("cat");
        assertThat(list.locator("svg").first()).isVisible();
        assertThat(w.violations()).isEmpty();
        w.button("Good").click();
        shown(6);
        page.navigate("/caseload");
        actions = 0;
        Locator row = page.getByRole(AriaRole.LISTITEM, new Page.GetByRoleOptions().setName("Ilse"));
        assertThat(row).containsText("Step 2 of 2, Asking");
        assertThat(row.getByRole(AriaRole.IMG).first()).isVisible();
        assertThat(w.violations()).isEmpty();
    }

    @Test
    void wordsAreHeldWithAReasonAndListedAndLetGo() throws IOException {
        w.bench(id, "animals");
        lens("Reveal");
        w.cell("dog,").click();
        click(w.button("hold it"));
        enter("frightens her");
        counted("a word held, with the reason", 2);
        assertThat(w.cell("dog,")).hasAttribute("aria-label", "dog, row 1, place 1, held back");
        Locator held = page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Held words"));
        assertThat(held).containsText("“frightens her”, Odile");
        actions = 0;
        click(w.button("hold all"));
        click(page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Hold").setExact(true)));
        counted("a board held", 2);
        assertThat(page.getByText(Pattern.compile("^Held back: [23]\\d words$"))).isVisible();
        held.getByText("let go").first().click();
        assertThat(page.getByText("Held back:")).isHidden();
        w.cell("back,").click();
        assertThat(page.getByText("The ways back and home are always shown")).isVisible();
    }

    @Test
    void aFactProposesItsWordsAndTheWordLineSaysWhenANewOneMeetsIt() throws IOException {
        page.navigate("/students/" + ilse.id());
        w.button("add a fact").click();
        page.getByLabel("to what").fill("egg");
        page.keyboard().press("Enter");
        Locator words = page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Words it is about"));
        assertThat(words).containsText("egg is egg");
        assertThat(w.violations()).isEmpty();
        page.keyboard().press("Escape");
        assertThat(words).isHidden();
        click(w.button("its words"));
        click(page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("Hold \\d+"))));
        counted("the words of a fact held", 2);
        assertThat(page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Held words"))).containsText("a fact: allergy: egg");
        w.bench(id, "eating");
        page.locator("#word-line").fill("omelette");
        assertThat(page.getByText("allergy: egg. “omelette” is usually made with egg; hold it back?")).isVisible();
    }

    @Test
    void aPlanIsProposedWithReasonsRearrangedAndBegun() {
        w.bench(id, "home");
        lens("Reveal");
        w.button("A plan proposed for Ilse").click();
        Locator first = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("The first 8 words"));
        assertThat(first.getByRole(AriaRole.BUTTON)).hasCount(8);
        assertThat(first).containsText("is a core word, of use in every topic");
        page.getByLabel("How many words at each step").fill("5 words, then all");
        assertThat(page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("The first 5 words")).getByRole(AriaRole.BUTTON)).hasCount(5);
        page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("The first 5 words")).getByRole(AriaRole.BUTTON).first().click();
        page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("leave it out: it waits")).click();
        assertThat(w.violations()).isEmpty();
        w.button("Begin with these 4 words").click();
        shown(4);
        assertThat(w.cell("want,")).isVisible();
    }

    @Test
    void whatIsShownIsSeenInTalkAndWhoModelsSeesMoreForAWhile() {
        planOfTwo();
        page.navigate("/vocabularies/" + id + "/talk");
        Locator grid = page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Home"));
        assertThat(grid.getByRole(AriaRole.BUTTON)).hasCount(4);
        assertThat(grid.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("more topics"))).isVisible();
        Locator model = w.button("For who models: hold, or press Enter");
        model.press("Enter");
        page.getByLabel("Where is a word?").fill("more");
        assertThat(page.getByText("Home, row 1, place 6; waits for step 2, Asking")).isVisible();
        assertThat(w.violations()).isEmpty();
        w.button("waiting words faint").click();
        assertThat(grid.getByRole(AriaRole.BUTTON)).hasCount(32);
        model.press("Enter");
        w.button("as the student sees").click();
        assertThat(grid.getByRole(AriaRole.BUTTON)).hasCount(4);
    }

    @Test
    void aNewWordSaysWhetherItIsShownFromNowOrWaits() {
        planOfTwo();
        w.bench(id, "play");
        w.choose("When new words are shown", "waits for step 2, Asking");
        page.locator("#word-line").fill("lantern");
        page.keyboard().press("Enter");
        assertThat(w.cell("lantern,")).isVisible();
        lens("Reveal");
        assertThat(w.cell("lantern,")).hasAttribute("aria-label", Pattern.compile(".*waits for step 2, Asking"));
    }

    @Test
    void aLearnedWordIsAskedAboutBeforeItMovesAndCanBePutBack() throws IOException {
        w.bench(id, "home");
        w.cell("stop,").dragTo(w.cell("do,"));
        Locator asked = page.getByText("2 words would change place (do, stop). The student knows where they are.");
        assertThat(asked).isVisible();
        assertThat(now().boards().get("home").at(new Cell(0, 2)).orElseThrow().label()).isEqualTo("do");
        assertThat(w.violations()).isEmpty();
        page.keyboard().press("Escape");
        assertThat(asked).isHidden();
        w.cell("stop,").dragTo(w.cell("do,"));
        w.button("Do it all the same").click();
        assertThat(w.cell("stop, row 1, place 3")).isVisible();
        lens("Places");
        Locator places = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Places"));
        assertThat(places.getByRole(AriaRole.HEADING).first()).hasText("611 of 613 words kept their place");
        assertThat(places).containsText("stop was 3 rows further down, 2 places further right");
        assertThat(w.violations()).isEmpty();
        w.cell("I,").focus();
        page.keyboard().press("|");
        assertThat(page.getByRole(AriaRole.IMG, new Page.GetByRoleOptions().setName("Home as it was"))).isVisible();
        page.keyboard().press("|");
        click(w.button("Put all 2 back"));
        counted("all that moved put back", 1);
        assertThat(places.getByRole(AriaRole.HEADING).first()).hasText("613 of 613 words kept their place");
        assertThat(shownNow()).isPositive();
    }

    @Test
    void wherePlacesAreKeptAReasonIsAskedFor() {
        http.changeStudent(ilse.id(),
            "{\"name\":\"Ilse\",\"className\":\"\",\"screen\":{\"width\":200000,\"height\":150000},\"placesKept\":true}");
        w.bench(id, "home");
        w.cell("stop,").click();
        page.keyboard().press("Delete");
        assertThat(page.getByText("Places are kept for this student.")).isVisible();
        w.button("Do it, with a reason…").click();
        page.getByLabel("Why").fill("she presses it for fun");
        page.keyboard().press("Enter");
        assertThat(w.cell("empty, row 4, place 5")).isVisible();
        w.button("what happened").click();
        assertThat(page.getByText("took “stop” off Home (“she presses it for fun”)")).isVisible();
    }

    @Test
    void whatIsOfferedInsteadMovesNothing() {
        w.bench(id, "home");
        w.cell("stop,").click();
        page.keyboard().press("Delete");
        w.button("Hold it back instead; nothing moves").click();
        lens("Reveal");
        assertThat(w.cell("stop, row 4, place 5, held back")).isVisible();
    }

    @Test
    void whereAWordIsForEachStudentAndOnOneSheet() throws IOException {
        planOfTwo();
        page.navigate("/caseload");
        page.getByLabel("Where is a word, for each student?").focus();
        enter("more");
        counted("where a word is for each student", 2);
        Locator row = page.getByRole(AriaRole.LISTITEM, new Page.GetByRoleOptions().setName("Ilse"));
        assertThat(row).containsText("row 1, place 6");
        assertThat(row).containsText("waits for step 2, Asking");
        assertThat(w.violations()).isEmpty();
        page.evaluate("window.print = () => { window.printed = true; }");
        click(w.button("Print"));
        counted("the same on one sheet for the class", 3);
        assertThat(page.evaluate("window.printed")).isEqualTo(true);
        page.navigate("/where?word=zeppelin");
        assertThat(row).containsText("Not there. It could go on");
    }

    @Test
    void theStudentsPageSaysWhatIsWorthDoingNextAndDoesIt() {
        planOfTwo();
        edit("{\"type\":\"change-step\",\"step\":\"" + now().plan().steps().get(1).id() + "\",\"name\":\"Asking\",\"planned\":\"" + LocalDate.now()
            .minusDays(2) + "\"}");
        page.navigate("/students/" + ilse.id());
        Locator next = page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Worth doing next"));
        assertThat(next).containsText("Step 2, Asking, was planned for");
        assertThat(w.violations()).isEmpty();
        next.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("move on")).click();
        assertThat(next).not().containsText("was planned for");
        assertThat(page.getByText("Step 2 of 2, Asking")).isVisible();
        assertThat(now().plan().at()).isEqualTo(2);
        assertThat(List.of(now().plan().steps().get(1).began())).doesNotContainNull();
    }
}
