package org.dwimble.server.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.io.IOException;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.student.Student;
import org.dwimble.server.TestServer;
import org.dwimble.server.board.VocabularyStore;
import org.dwimble.server.media.Photos;
import org.junit.jupiter.api.Test;

/** A first board: photos, a voice, and talk. */
class FirstBoardBrowserTest extends Counted {
    private static final int SOON = 60_000;

    FirstBoardBrowserTest() {
        super("first-choices");
    }

    private static FilePayload photo(String name, int width) {
        return new FilePayload(name, "image/jpeg", Photos.jpeg(width, 60));
    }

    private Board made() {
        VocabularyStore store = TestServer.bean(VocabularyStore.class);
        long newest = store.ofStudent(ilse.id()).stream().mapToLong(VocabularyStore.Named::id).max().orElseThrow();
        return store.find(newest).orElseThrow().vocabulary().homeBoard();
    }

    private List<String> words() {
        return made().buttons().stream().map(b -> b.label() + " " + b.cell().row() + b.cell().column()).toList();
    }

    private void begin() {
        page.navigate("/students/" + ilse.id());
        click(page.getByText("make a first board"));
        w.heading("A first board for Ilse").waitFor();
    }

    @Test
    void twoPhotosAreBroughtSaidAndTalkedWith() throws IOException {
        begin();
        assertThat(w.violations()).isEmpty();
        page.getByLabel("Picture files").setInputFiles(new FilePayload[] {photo("crisps.jpg", 90), photo("warm_bath.jpg", 91)});
        actions += 2;
        Locator many = page.getByLabel("Recording for many");
        assertThat(many.getByText("✓ recorded")).hasCount(2, new LocatorAssertions.HasCountOptions().setTimeout(SOON));
        // Both were spoken.
        actions += 2;
        assertThat(w.violations()).isEmpty();
        click(page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Talk").setExact(true)));
        page.locator("main[data-ready]").waitFor();
        page.waitForResponse(r -> r.url().contains("/sounds/") && r.ok(), () -> w.button("crisps").click());
        assertThat(page.getByLabel("Message")).hasText("crisps");
        counted("two photos with one’s own voice, from the student’s page to talk", 6);
        assertThat(words()).containsExactly("crisps 00", "warm bath 11");
        assertThat(made().buttons()).allMatch(b -> b.picture() != null && b.sound() != null);
    }

    @Test
    void wordsAreTypedAndNamedAndTakenOffAndTheVoiceReadsThem() {
        begin();
        assertThat(page.getByLabel("Or words, with commas between")).isFocused();
        page.getByText("Then I say each word").click();
        page.getByText("2", new Page.GetByTextOptions().setExact(true)).click();
        page.getByLabel("Or words, with commas between").fill("more, swing");
        page.keyboard().press("Enter");
        Locator on = page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Ilse’s first board"));
        assertThat(on).containsText("swing");
        assertThat(page.getByText("Every cell has its word.")).isVisible();
        page.getByLabel("Its word").last().fill("big swing");
        page.keyboard().press("Enter");
        assertThat(on).containsText("big swing");
        w.button("take more off").click();
        assertThat(page.getByLabel("Its word")).hasCount(1);
        page.keyboard().press("Control+z");
        assertThat(page.getByLabel("Its word")).hasCount(2);
        assertThat(words()).containsExactly("more 00", "big swing 01");
    }

    @Test
    void twentyPhotosAndOneThatIsNoneLeaveNineAndSayTheRest() {
        begin();
        page.getByText("Then I say each word").click();
        FilePayload[] files = IntStream.range(0, 20).mapToObj(i -> i == 1 ? new FilePayload("plan.jpg", "image/jpeg", "%PDF-1.7".getBytes())
            : photo("shell.jpg", 70 + i)).toArray(FilePayload[]::new);
        page.getByLabel("Picture files").setInputFiles(files);
        assertThat(page.getByRole(AriaRole.ALERT).first()).containsText("room for 9 here, and these are 20", new LocatorAssertions.ContainsTextOptions()
            .setTimeout(SOON));
        assertThat(page.getByLabel("Its word")).hasCount(9, new LocatorAssertions.HasCountOptions().setTimeout(SOON));
        assertThat(page.getByRole(AriaRole.ALERT).filter(new Locator.FilterOptions().setHasText("“plan.jpg” was not put on."))).isVisible();
        assertThat(made().shape().cells()).isEqualTo(9);
        assertThat(made().buttons().stream().map(Button::label)).containsOnly("shell");
    }

    @Test
    void whatTheHandNeedsIsSaidOnceAndHoldsFromThenOn() {
        begin();
        w.button("what Ilse’s hand needs").click();
        page.getByLabel("Between cells, in mm").fill("30");
        page.getByLabel("No cell smaller than, in mm").fill("55");
        page.getByLabel("Why, for the next who asks").fill("her palm rests");
        w.button("Keep").click();
        assertThat(page.getByText(Pattern.compile("Because: her palm rests"))).isVisible();
        assertThat(page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("9"))).isDisabled();
        page.reload();
        assertThat(page.getByText(Pattern.compile("Because: her palm rests"))).isVisible();
    }

    @Test
    void aFirstSentenceIsSaidAsAWholeAndTheTurnPasses() throws IOException {
        begin();
        page.getByText("Then I say each word").click();
        actions = 0;
        click(page.getByText("With a row above that says who wants"));
        int before = actions;
        page.getByLabel("Or words, with commas between").fill("crisps, bath");
        page.keyboard().press("Enter");
        page.getByLabel("a photo of Ilse").setInputFiles(photo("IMG_2034.jpg", 80));
        actions = before + 1;
        counted("a row for a first sentence, with the child’s own photo", 2);
        Locator on = page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Ilse’s first board"));
        assertThat(on.locator("img:not([src*='/art/'])")).hasCount(1);
        assertThat(words()).containsExactly("Ilse 00", "wants 01", "crisps 10", "bath 21");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Talk").setExact(true)).click();
        page.locator("main[data-ready]").waitFor();
        Locator turn = page.getByLabel("Whose turn it is");
        assertThat(turn).containsText("Ilse’s turn");
        w.button("Ilse").click();
        w.button("wants").click();
        page.waitForResponse(r -> r.url().contains("text=Ilse+wants+crisps") || r.url().contains("text=Ilse%20wants%20crisps"),
            () -> w.button("crisps").click());
        assertThat(page.getByLabel("Message")).hasText("Ilsewantscrisps");
        assertThat(turn).containsText("Odile’s turn");
        assertThat(w.violations()).isEmpty();
        w.button("Ilse").click();
        assertThat(page.getByLabel("Message")).hasText("Ilse");
    }

    @Test
    void aTableMakesABoardForEachAndOneThatIsThereGetsItsSentence() throws IOException {
        page.navigate("/caseload");
        Student wren = TestServer.student("Wren", odile);
        page.reload();
        actions = 0;
        click(page.getByText("first boards for several, from a table"));
        Locator table = page.getByLabel("Students and what they like");
        table.fill("student\tlikes\nWren\tcrisps, bath\nZed\tkite\nIlse\tsnack: seal, ferry\nIlse\tduck");
        actions++;
        page.getByLabel("Picture files").setInputFiles(new FilePayload[] {photo("Wren.jpg", 90), photo("crisps.jpg", 91), photo("tree.jpg", 92)});
        assertThat(page.getByText("“Zed” is nobody whose boards you change")).isVisible();
        assertThat(page.getByText("“tree.jpg” is called like no word")).isVisible();
        assertThat(page.getByText("1 line is left out.")).isVisible();
        assertThat(w.violations()).isEmpty();
        click(w.button("Make 3 boards"));
        w.heading("Kittiwake, first boards").waitFor(new Locator.WaitForOptions().setTimeout(SOON));
        counted("three boards from a table", 3);
        Locator page1 = page.getByRole(AriaRole.LIST).filter(new Locator.FilterOptions().setHasText("Wren"));
        assertThat(page1.locator("img")).hasCount(1);
        assertThat(w.violations()).isEmpty();
        page1.getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName("Ilse").setExact(true)).click();
        page.locator("main[data-ready]").waitFor();
        w.button("snack").click();
        w.button("seal").click();
        assertThat(page.getByLabel("Message")).hasText("seal");
        w.button("home").click();
        assertThat(w.button("duck")).isVisible();
        page.keyboard().press("Escape");
        w.heading("Kittiwake, first boards").waitFor();
        page.getByLabel("say the words of Wren").click();
        w.button("a row above that says who wants: “Wren wants …”").click();
        assertThat(page.getByLabel("Its word")).hasCount(4);
        assertThat(page.getByLabel("Its word").first()).hasValue("Wren");
        TestServer.bean(VocabularyStore.class).ofStudent(wren.id()).forEach(v -> assertThat(v.name()).isEqualTo("Wren’s first board"));
    }

    @Test
    void aStepUpKeepsEachWordAndSaysWhichMove() {
        begin();
        page.getByText("Then I say each word").click();
        page.getByLabel("Or words, with commas between").fill("more, biscuit, tractor");
        page.keyboard().press("Enter");
        assertThat(page.getByLabel("Its word")).hasCount(3);
        String biscuit = made().buttons().stream().filter(b -> b.label().equals("biscuit")).findFirst().orElseThrow().id();
        page.getByText("on to a larger vocabulary").click();
        Locator card = page.getByRole(AriaRole.ARTICLE, new Page.GetByRoleOptions().setName("First choices"));
        assertThat(card).containsText("tractor is not in it and stays where it is");
        assertThat(card).containsText("more to ");
        assertThat(w.violations()).isEmpty();
        w.button("Step up to First choices").click();
        page.getByRole(AriaRole.GRID).or(page.locator("main[data-ready]")).first().waitFor();
        assertThat(page).hasURL(Pattern.compile("/vocabularies/\\d+(/boards/.*)?$"));
        VocabularyStore store = TestServer.bean(VocabularyStore.class);
        long newest = store.ofStudent(ilse.id()).stream().mapToLong(VocabularyStore.Named::id).max().orElseThrow();
        assertThat(store.find(newest).orElseThrow().vocabulary().boardOf(biscuit)).isPresent();
        assertThat(made().buttons()).extracting(Button::label).contains("Ilse’s first board");
    }
}
