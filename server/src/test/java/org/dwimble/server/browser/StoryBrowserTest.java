package org.dwimble.server.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Request;
import com.microsoft.playwright.Response;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.regex.Pattern;
import org.dwimble.core.screen.TalkLayout;
import org.dwimble.core.student.Student;
import org.dwimble.server.TestServer;
import org.dwimble.server.account.Account;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** From signing in to a spoken word, a printed board and a package carried away. */
@ExtendWith({TestServer.class, Browser.class})
class StoryBrowserTest {
    private final Account odile = TestServer.account("Odile");
    private Browser.Window w;
    private Page page;

    @BeforeEach
    void open() {
        w = new Browser.Window();
        page = w.page;
    }

    @AfterEach
    void close() {
        assertThat(w.errors).isEmpty();
        w.close();
    }

    private Locator row(String student) {
        return page.getByRole(AriaRole.LISTITEM, new Page.GetByRoleOptions().setName(student).setExact(true));
    }

    @Test
    void theDemoIsEnteredWithOneClickAndShowsTheCaseloadComputed() {
        page.navigate("/");
        assertThat(w.button("Odile, speech therapist")).isVisible();
        assertThat(w.violations()).isEmpty();
        w.button("Odile, speech therapist").click();
        assertThat(row("Tomasz")).containsText("year 4 · Oyster");
        assertThat(row("Tomasz")).containsText("5 x 8 grid, 28 boards");
        assertThat(row("Tomasz")).containsText(Pattern.compile("9\\d of 607 words shown"));
        assertThat(row("Tomasz")).containsText("Odile brought a board in from Drinks at the harbour café");
        assertThat(row("Sefa")).containsText("No boards yet.");
        assertThat(w.violations()).isEmpty();
    }

    @Test
    void aWrongPasswordIsSaidAndTheNameStaysTyped() {
        page.navigate("/vocabularies/1");
        page.getByLabel("Name you sign in with").fill(odile.signIn());
        page.getByLabel("Password").fill("wrong");
        w.button("Sign in").click();
        assertThat(page.getByText("That name and password do not belong together.")).isVisible();
        assertThat(page.getByLabel("Name you sign in with")).hasValue(odile.signIn());
    }

    @Test
    void aStudentIsAddedAndAStarterCopiedInAMinute() {
        w.signIn(odile);
        w.button("Add a student").click();
        page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)).fill("Fenna");
        page.getByLabel("Class or group").fill("Kittiwake");
        assertThat(w.violations()).isEmpty();
        w.button("Add").click();
        assertThat(w.heading("Start Fenna’s vocabulary")).isVisible();
        Locator forty = page.getByRole(AriaRole.ARTICLE, new Page.GetByRoleOptions().setName("Starter 40"));
        assertThat(forty).containsText("5 x 8");
        assertThat(forty).containsText("574");
        assertThat(forty).containsText("24 x 24 mm");
        assertThat(forty.locator(".drawn_mat img").first()).isVisible();
        assertThat(w.violations()).isEmpty();
        forty.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Copy for Fenna")).click();
        assertThat(page.getByText("Fenna’s words")).isVisible();
        assertThat(w.cell("want,")).isVisible();
        w.link("Caseload").click();
        assertThat(row("Fenna")).containsText("574 of 574 words shown");
        assertThat(row("Fenna")).containsText("Odile copied Starter 40");
    }

    @Test
    void aStarterCanBeLookedIntoButNotChanged() {
        Student ilse = TestServer.student("Ilse", odile);
        w.as(odile);
        page.navigate("/students/" + ilse.id() + "/start");
        page.getByRole(AriaRole.ARTICLE, new Page.GetByRoleOptions().setName("First choices")).getByText("Look inside").click();
        assertThat(page.getByText("A starter, to be copied")).isVisible();
        assertThat(page.locator("#word-line")).hasCount(0);
    }

    @Test
    void talkingGathersTheMessageSpeaksItAndTakesItBack() {
        Student ilse = TestServer.student("Ilse", odile);
        long id = TestServer.copy("starter-40", ilse, odile);
        w.as(odile).bench(id, "home");
        w.button("Talk").click();
        Locator message = page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Message"));
        Locator spoken = page.getByRole(AriaRole.STATUS);
        Response sound = page.waitForResponse(Pattern.compile("/api/speech"), () -> w.button("I").click());
        assertThat(sound.headerValue("content-type")).isEqualTo("audio/wav");
        assertThat(spoken).hasText("I");
        w.button("want").click();
        w.button("eating").click();
        assertThat(page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Eating and drinking"))).isVisible();
        assertThat(message).containsText("Iwant");
        w.button("apple").click();
        w.button("Say it").click();
        assertThat(spoken).hasText("I want apple");
        assertThat(message.locator("img")).hasCount(3);
        assertThat(w.violations()).isEmpty();
        w.button("take one off").click();
        assertThat(message).hasText("Iwant");
        w.button("back").click();
        assertThat(page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Home"))).isVisible();
        w.button("clear").click();
        assertThat(message).hasText("");
        assertThat(w.button("Say it")).isDisabled();
        w.button("more topics").click();
        w.button("spelling").click();
        for (String letter : new String[] {"b", "o"}) {
            w.button(letter).click();
        }
        assertThat(message).hasText("bo");
        w.button("home").click();
        assertThat(w.button("want")).isVisible();
        page.keyboard().press("Escape");
        assertThat(w.grid()).isVisible();
    }

    @Test
    void talkingWorksByKeyboardAndHeldTouchLeaves() {
        Student ilse = TestServer.student("Ilse", odile);
        long id = TestServer.copy("first-choices", ilse, odile);
        w.as(odile);
        page.navigate("/vocabularies/" + id + "/talk");
        w.button("help").focus();
        page.keyboard().press("Enter");
        assertThat(page.getByRole(AriaRole.STATUS)).hasText("help");
        w.button("home").click();
        Locator leave = page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Leave talking: hold, or press Escape"));
        leave.click();
        assertThat(w.button("help")).isVisible();
        leave.hover();
        page.mouse().down();
        assertThat(w.grid()).isVisible();
        page.mouse().up();
    }

    @Test
    void aTalkBoardHasTheCellsTheMillimetresTellOf() {
        Student ilse = TestServer.student("Ilse", odile);
        long id = TestServer.copy("starter-40", ilse, odile);
        w.as(odile);
        page.setViewportSize(1024, 768);
        page.navigate("/vocabularies/" + id + "/talk");
        w.button("want").waitFor();
        double pixels = w.button("want").boundingBox().width;
        TalkLayout told = new TalkLayout(ilse.screen(), 5, 8);
        double mm = pixels / 1024 * ilse.screen().width().mm();
        org.assertj.core.api.Assertions.assertThat(mm).isCloseTo(told.cellWidth().mm(), within(0.15));
        double tall = w.button("want").boundingBox().height / 768 * ilse.screen().height().mm();
        org.assertj.core.api.Assertions.assertThat(tall).isCloseTo(told.cellHeight().mm(), within(0.15));
    }

    @Test
    void theSheetIsSetUpInASentenceAndMadeIntoAPdf() {
        Student ilse = TestServer.student("Ilse", odile);
        long id = TestServer.copy("starter-40", ilse, odile);
        w.as(odile).bench(id, "home");
        w.button("Print").click();
        Locator sheet = page.getByRole(AriaRole.IMG, new Page.GetByRoleOptions().setName("The sheet for Home"));
        assertThat(sheet).hasAttribute("viewBox", "0 0 297000 210000");
        assertThat(sheet).containsText("cells 24 x 24 mm");
        w.choose("Paper", "Letter");
        w.button("lying down").click();
        assertThat(sheet).hasAttribute("viewBox", "0 0 215900 279400");
        assertThat(page.getByText("sheets to glue together")).isVisible();
        w.choose("How large", "as large as the page allows");
        w.button("without lines to cut along").click();
        assertThat(sheet.locator(".print_sheet-cut")).hasCount(15);
        assertThat(w.violations()).isEmpty();
        Request[] asked = new Request[1];
        page.context().onRequest(request -> asked[0] = request.url().contains("sheet.pdf") ? request : asked[0]);
        Page pdf = page.waitForPopup(() -> w.link("Make the PDF").click());
        page.waitForCondition(() -> asked[0] != null);
        assertThat(asked[0].url()).contains("paper=LETTER").contains("lyingDown=false").contains("size=PAGE").contains("cutLines=true");
        pdf.close();
    }

    @Test
    void boardsAreCarriedAwayAndBroughtBackAsANewVocabulary() throws Exception {
        Student ilse = TestServer.student("Ilse", odile);
        long id = TestServer.copy("first-choices", ilse, odile);
        w.as(odile).bench(id, "eat");
        w.choose("More to do with these boards", "Carry away all boards (.obz)");
        Download obz = page.waitForDownload(() -> w.link("Save the package").click());
        assertThat(obz.suggestedFilename()).isEqualTo("Ilse’s words.obz");
        page.navigate("/students/" + ilse.id() + "/start");
        page.getByLabel("A package or board file").setInputFiles(new FilePayload("ilse.obz", "application/zip", Files.readAllBytes(obz.path())));
        assertThat(page.getByRole(AriaRole.STATUS)).containsText("Ilse’s words is now one of Ilse’s vocabularies: 7 boards, 29 buttons.");
        w.link("Open it").click();
        assertThat(w.cell("help,")).isVisible();
    }

    @Test
    void whatWasMendedInABoardFromElsewhereIsListedWhereOneLooks() {
        Student ilse = TestServer.student("Ilse", odile);
        w.as(odile);
        page.navigate("/students/" + ilse.id() + "/start");
        assertThat(w.heading("Starter 40")).isVisible();
        String board = "{\"name\":\"Quay\",\"buttons\":[{\"id\":\"1\",\"label\":\"boat\",\"load_board\":{\"url\":\"http://a.b/c\"},"
            + "\"actions\":[\":native\"]}]}";
        page.getByLabel("A package or board file").setInputFiles(new FilePayload("quay.obf", "application/json", board.getBytes(StandardCharsets.UTF_8)));
        Locator mended = page.getByRole(AriaRole.STATUS).getByRole(AriaRole.LISTITEM);
        assertThat(mended).hasCount(4);
        assertThat(mended.last()).isInViewport();
        assertThat(mended.filter(new Locator.FilterOptions().setHasText("“:native”"))).hasCount(1);
        w.link("Open it").click();
        assertThat(w.cell("boat,")).isVisible();
    }

    @Test
    void aDroppedFileThatIsNoPackageIsRefusedInASentence() {
        Student ilse = TestServer.student("Ilse", odile);
        w.as(odile);
        page.navigate("/students/" + ilse.id() + "/start");
        Locator area = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Boards from a file"));
        var transfer = page.evaluateHandle("() => { const t = new DataTransfer(); t.items.add(new File(['hello'], 'letter.obz')); return t; }");
        for (String event : new String[] {"dragenter", "dragover", "drop"}) {
            area.dispatchEvent(event, java.util.Map.of("dataTransfer", transfer));
        }
        assertThat(page.getByText("The file letter.obz is not a board or a package of boards: it is not valid JSON. Nothing was brought in.")).isVisible();
        assertThat(w.violations()).isEmpty();
    }

    @Test
    void theTeamIsShownAndChanged() {
        Student ilse = TestServer.student("Ilse", odile);
        Account marit = TestServer.account("Marit");
        w.signIn(odile);
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("More for Ilse")).click();
        page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("Team")).click();
        page.getByLabel("Name somebody signs in with").fill(marit.signIn());
        w.button("Add to the team").click();
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("Marit, teacher");
        assertThat(w.violations()).isEmpty();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Take Odile off the team")).click();
        assertThat(page.getByText("A student’s team needs an owner.")).isVisible();
        assertThat(ilse.name()).isEqualTo("Ilse");
    }

    @Test
    void whoMadeWhatIsShownInTheApplication() {
        w.signIn(odile);
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Odile: account")).click();
        page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("Who made what is in here")).click();
        assertThat(page.getByLabel("Notices")).containsText("Fluent Emoji");
        assertThat(w.violations()).isEmpty();
        page.navigate("/no/such/page");
        assertThat(w.heading("There is no page here")).isVisible();
    }
}
