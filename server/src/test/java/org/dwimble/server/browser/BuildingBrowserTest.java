package org.dwimble.server.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.io.IOException;
import java.util.List;
import java.util.regex.Pattern;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Kind;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Span;
import org.dwimble.core.look.ColouredPaper;
import org.dwimble.core.student.Student;
import org.dwimble.server.TestServer;
import org.dwimble.server.board.VocabularyStore;
import org.dwimble.server.media.Photos;
import org.junit.jupiter.api.Test;

/** How boards look and are shaped, and how whole boards and vocabularies come of each other, as a person does it in the browser. */
class BuildingBrowserTest extends Counted {
    /** How long pictures of 450 words may take to be found on a machine that is busy, in milliseconds. */
    private static final double LONG_WORK_MS = 120_000;

    BuildingBrowserTest() {
        super("starter-40");
    }

    private Locator item(String name) {
        return page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private Locator dialog() {
        return page.getByRole(AriaRole.DIALOG).last();
    }

    private Board board(String name) {
        return now().boards().values().stream().filter(b -> b.name().equals(name)).findFirst().orElseThrow();
    }

    private void ofThisRow(String what) {
        assertThat(page.getByRole(AriaRole.MENU)).hasCount(0);
        w.choose("Change the row", what);
    }

    private void kept(int version) {
        assertThat(page.getByText("Kept as you go · version " + version, new Page.GetByTextOptions().setExact(true))).isVisible();
    }

    @Test
    void aLookIsGivenAndCopiedOntoAllOfAKind() throws IOException {
        w.bench(id, "play");
        w.cell("ball,").click();
        w.button("How it looks").click();
        w.button("Paper: sky").click();
        kept(2);
        w.button("Edge: sea").click();
        kept(3);
        assertThat(w.violations()).isEmpty();
        actions = 1;
        click(w.button("Copy this look onto …"));
        click(item("all thing words"));
        kept(4);
        counted("a look copied onto all words of its kind", 3);
        assertThat(at("animals", 0, 0).look()).isEqualTo(at("play", 1, 0).look());
        assertThat(at("play", 1, 0).look().fill()).isEqualTo(ColouredPaper.SKY.colour());
        assertThat(w.cell("ball,").locator("span").first()).hasCSS("background-color", "rgb(198, 222, 249)");
        press("Control+z");
        kept(5);
        assertThat(at("animals", 0, 0).look().fill()).isNull();
    }

    @Test
    void colourByKindIsOneChoiceForAllBoards() {
        w.bench(id, "play");
        w.choose("More to do with these boards", "How boards look");
        page.getByText("all boards", new Page.GetByTextOptions().setExact(true)).click();
        page.getByRole(AriaRole.SWITCH, new Page.GetByRoleOptions().setName("Paper by kind")).click();
        kept(2);
        assertThat(w.cell("ball,").locator("span").first()).hasCSS("background-color", "rgb(198, 222, 249)");
        assertThat(w.violations()).isEmpty();
        w.button("Paper of a thing word").click();
        w.button("Paper of a thing word: rose").click();
        kept(3);
        assertThat(now().whole().papers().get(Kind.THING)).isEqualTo(ColouredPaper.ROSE.colour());
        w.button("Label").or(page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("above"))).last().click();
        kept(4);
        Locator ball = w.cell("ball,");
        double label = ball.getByText("ball").boundingBox().y;
        assertThat(label).as("the label is above its picture").isLessThan(ball.locator("img").boundingBox().y);
        page.navigate("/vocabularies/" + id + "/talk?board=play");
        assertThat(page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("ball").setExact(true)).locator("span").first())
            .hasCSS("background-color", "rgb(248, 207, 224)");
    }

    @Test
    void aCellIsSplitFilledAndJoinedAndNothingElseMoves() {
        w.bench(id, "play");
        w.cell("ball,").click();
        w.choose("Change the shape", "split in two, side by side");
        kept(2);
        w.cell("empty, row 2, place 2").click();
        enter("spade");
        kept(3);
        assertThat(w.cell("spade, row 2, place 2")).isVisible();
        assertThat(board("Play").button("play-swing").orElseThrow().span()).isEqualTo(new Span(1, 2));
        w.cell("ball,").click();
        w.choose("Change the shape", "one cell wider");
        assertThat(page.getByText("“ball” would cover “spade” on Play. Nothing was changed")).isVisible();
        w.cell("spade,").click();
        press("Delete");
        w.cell("ball,").click();
        w.choose("Change the shape", "one cell wider");
        kept(5);
        assertThat(board("Play").shape().widths()).as("one cell again").isEmpty();
    }

    @Test
    void whatWouldMoveIsShownBeforeItDoes() {
        w.bench(id, "play");
        w.cell("ball,").click();
        ofThisRow("put in a row above this one");
        assertThat(page.getByText("change place by this.")).containsText("buttons, “ball”, “bubbles”");
        assertThat(w.cell("ball,")).hasAttribute("aria-label", "ball, row 2, place 1, would go to row 3, place 1");
        assertThat(page.getByRole(AriaRole.MENU)).hasCount(0);
        assertThat(w.violations()).isEmpty();
        assertThat(w.button("Leave it")).isFocused();
        page.keyboard().press("Escape");
        assertThat(page.getByText("change place by this.")).hasCount(0);
        assertThat(w.cell("ball, row 2, place 1")).hasAttribute("aria-label", "ball, row 2, place 1");
        ofThisRow("put in a row at the end: nothing moves");
        kept(2);
        assertThat(board("Play").rows()).isEqualTo(6);
        ofThisRow("take this row out");
        assertThat(page.getByText("would have no place any more")).isVisible();
        assertThat(board("Play").rows()).isEqualTo(6);
    }

    @Test
    void aBoardOfAPatternFromTheMarkedCell() throws IOException {
        w.bench(id, "play");
        click(w.cell("empty, row 4, place 2"));
        click(w.button("add a board"));
        assertThat(w.violations()).isEmpty();
        page.getByLabel("What it begins with").fill("feel");
        page.locator(".ant-select-item-option").filter(new Locator.FilterOptions().setHasText("feelings")).first().waitFor();
        press("Enter");
        click(w.button("Make it"));
        assertThat(w.heading("Feelings").or(w.cell("happy,")).first()).isVisible();
        assertThat(w.cell("happy, row 1, place 1")).isVisible();
        counted("a board of a pattern, opened from the marked cell", 4);
        Leads.Opens opens = (Leads.Opens) at("play", 3, 1).leads();
        assertThat(now().boards().get(opens.board()).buttons()).extracting(Button::label).contains("angry", "back", "home");
    }

    @Test
    void boardsAreChainedForTheStepsOfAnActivity() throws IOException {
        w.bench(id, "play-more");
        click(w.button("More to do with these boards"));
        click(item("Make a chain of boards…"));
        assertThat(w.violations()).isEmpty();
        for (String name : List.of("More places", "More people")) {
            page.getByLabel("Boards of the chain, in order").fill(name);
            press("Enter");
        }
        page.keyboard().press("Escape");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Chain them")).click();
        actions++;
        assertThat(w.cell("next,")).isVisible();
        counted("a chain of three boards", 6);
        assertThat(board("More places").buttons()).extracting(Button::label).contains("next");
        assertThat(board("More people").buttons()).extracting(Button::label).contains("first again");
    }

    @Test
    void homeGetsABoardAndAWholeVocabulary() throws IOException {
        long other = TestServer.copy("first-choices", ilse, odile);
        String name = TestServer.bean(VocabularyStore.class).find(other).orElseThrow().vocabulary().name();
        w.bench(id, "home");
        Locator free = page.locator("[role=gridcell][aria-label^='empty']").first();
        click(free);
        page.getByLabel("Put here a way to").fill(name);
        actions++;
        press("Enter");
        assertThat(w.cell(name + ",")).isFocused();
        counted("a whole vocabulary opened from home", 3);
        w.button("Talk").click();
        page.locator(".talk_talk-grid > button[aria-label='" + name + "']").click();
        page.waitForURL("**/vocabularies/" + other + "/talk");
    }

    @Test
    void aBoardComesBackAfterOneWord() {
        w.bench(id, "home");
        page.locator("[role=gridcell][aria-label*='opens a board']").first().click();
        String opener = page.locator("[role=gridcell][aria-selected=true]").getAttribute("aria-label").split(",")[0];
        w.lead("comes back");
        kept(2);
        assertThat(page.getByText("and comes back after one word")).isVisible();
        w.button("Talk").click();
        page.locator(".talk_talk-grid > button[aria-label='" + opener + "']").click();
        Locator grid = page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Home"));
        assertThat(grid).isHidden();
        page.locator(".talk_talk-grid > button").first().click();
        assertThat(grid).isVisible();
    }

    @Test
    void severalPeopleComeFromAListWithTheirPhotos() {
        w.bench(id, "home");
        w.button("add a person").click();
        w.button("several people from a list").click();
        page.getByLabel("One a line: a name, and who they are").fill("Lot, sister\nMiss Wren (teacher)\nBram");
        page.getByLabel("Photos of them").setInputFiles(new FilePayload("lot.jpg", "image/jpeg", Photos.jpeg(60, 60)));
        assertThat(page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Who is added")))
            .containsText("Lot, sister · beside “sister” · with a photo");
        assertThat(w.violations()).isEmpty();
        page.getByLabel("family, school and class on boards of their own").check();
        assertThat(page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Who is added"))).containsText("Lot, sister · on Family · with a photo");
        w.button("Add 3 people").click();
        assertThat(w.heading("Family")).isVisible();
        assertThat(w.cell("Lot,")).isVisible();
        w.cell("Lot,").click();
        assertThat(now().boards().values().stream().flatMap(b -> b.buttons().stream()).filter(b -> List.of("Lot", "Miss Wren", "Bram").contains(b.label())))
            .hasSize(3).allMatch(b -> b.kind() == Kind.WHO);
        w.button("No longer here").click();
        assertThat(page.getByText("hidden, its place kept")).isVisible();
        w.button("here again").click();
        assertThat(page.getByText("hidden, its place kept")).isHidden();
    }

    @Test
    void buttonsAndBoardsAreCarriedToAnotherVocabulary() {
        Student sefa = TestServer.student("Sefa", odile);
        long other = TestServer.copy("starter-40", sefa, odile);
        w.bench(id, "play");
        w.cell("ball,").click();
        press("Control+c");
        page.getByText("Copied. Paste them").waitFor();
        w.bench(other, "play-more");
        page.locator("[role=gridcell][aria-label^='empty']").first().click();
        press("Control+v");
        assertThat(w.cell("ball,")).hasAttribute("aria-selected", "true");
        w.bench(id, "play");
        page.locator("[role=gridcell][aria-label^='empty']").first().click();
        enter("spade");
        assertThat(w.cell("spade,")).isVisible();
        w.choose("More to do with these boards", "Copy this board");
        page.getByText("The board is copied.").waitFor();
        w.bench(other, "home");
        page.locator("[role=gridcell][aria-label^='empty']").first().click();
        press("Control+v");
        assertThat(page.getByText("“Play” comes too, beside the one here")).isVisible();
        // The board it opens is another here, since the ball was put on it.
        w.button("Bring 2 boards in").click();
        assertThat(w.cell("Play,")).isVisible();
        assertThat(page.getByText("27 boards")).isVisible();
    }

    @Test
    void aCopyForAnotherStudentAsksAboutPhotosAndSaysWhereItIsFrom() {
        TestServer.student("Sefa", odile);
        w.bench(id, "play");
        w.cell("ball,").click();
        w.button("another picture").click();
        page.locator("[role=dialog] input[type=file]").first().setInputFiles(new FilePayload("us.jpg", "image/jpeg", Photos.jpeg(60, 60)));
        page.getByLabel("the whole school").check();
        w.button("Keep").click();
        kept(2);
        w.choose("More to do with these boards", "Copy for another student, or with a note…");
        page.getByLabel("For whom").fill("Sefa");
        page.keyboard().press("Enter");
        assertThat(page.getByText("1 photo that may show somebody behind")).isVisible();
        page.getByLabel("Note").fill("to begin with");
        assertThat(w.violations()).isEmpty();
        w.button("Make the copy").click();
        assertThat(page.getByText("1 picture stayed behind.")).isVisible();
        w.link("Look at it").click();
        assertThat(w.heading("Home")).isVisible();
        page.locator("[role=gridcell][aria-label^='empty']").first().click();
        assertThat(page.getByText("A copy of Ilse’s words as it was at version 2: “to begin with”.")).isVisible();
    }

    @Test
    void buttonsAreChosenByDraggingByKindAndByWords() {
        w.bench(id, "play");
        Locator from = w.cell("empty, row 5, place 5");
        Locator to = w.cell("my turn,");
        from.hover();
        page.mouse().down();
        w.cell("bike,").hover();
        to.hover();
        page.mouse().up();
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName(java.util.regex.Pattern.compile("^\\d+ buttons$")))).isVisible();
        w.cell("ball,").click();
        w.choose("choose more with it", "by words I type …");
        page.keyboard().type("ball, DOLL, kite");
        page.keyboard().press("Enter");
        assertThat(w.heading("2 buttons")).isVisible();
        w.cell("ball,").click();
        w.choose("choose more with it", "all thing words of this board");
        assertThat(page.getByText("They are")).containsText("thing words");
        w.button("How they look").click();
        w.button("Paper: mint").click();
        kept(2);
        assertThat(board("Play").buttons()).filteredOn(b -> b.kind() == Kind.THING).allMatch(b -> ColouredPaper.MINT.colour().equals(b.look().fill()));
    }

    @Test
    void aBoardDraggedFromTheListIsOpenedFromTheCell() throws IOException {
        w.bench(id, "play");
        w.link("Animals").dragTo(w.cell("empty, row 4, place 2"));
        actions++;
        assertThat(w.cell("Animals, row 4, place 2, opens a board")).isVisible();
        w.link("Feelings").dragTo(w.cell("ball,"));
        actions++;
        assertThat(w.cell("ball, row 2, place 1, opens a board")).isVisible();
        counted("two cells linked by dragging boards onto them", 2);
    }

    @Test
    void moreWordsThanABoardHoldsAreAskedAboutAndFillBoardsOn() {
        w.bench(id, "play-more");
        paste(String.join("\n", java.util.Collections.nCopies(450, "rain")));
        page.keyboard().press("Enter");
        assertThat(dialog()).containsText("Put 450 words here and on new boards?");
        w.button("Put them all").click();
        w.link("More play 2").waitFor(new Locator.WaitForOptions().setTimeout(LONG_WORK_MS));
        assertThat(now().boards().values().stream().flatMap(b -> b.buttons().stream()).filter(b -> b.label().equals("rain")).count())
            .isGreaterThanOrEqualTo(450);
        press("Control+z");
        assertThat(w.link("More play 2")).hasCount(0);
    }

    @Test
    void moreWordsThanTheNewBoardForThemHoldsGoOnSeveral() {
        w.bench(id, "feelings");
        paste(String.join("\n", java.util.Collections.nCopies(110, "rain")));
        assertThat(page.getByRole(AriaRole.STATUS).filter(new Locator.FilterOptions().setHasText("No room here.")))
            .containsText("puts them on 3 new boards, the first opened from ");
        press("Enter");
        w.button("go there").waitFor(new Locator.WaitForOptions().setTimeout(LONG_WORK_MS));
        w.button("go there").click();
        assertThat(w.heading("More Feelings")).isVisible();
        assertThat(w.link("More Feelings 3")).isVisible();
        assertThat(now().boards().values().stream().flatMap(b -> b.buttons().stream()).filter(b -> b.label().equals("rain")).count())
            .isGreaterThanOrEqualTo(110);
    }

    @Test
    void aSpokenTextIsReplacedEverywhere() {
        w.bench(id, "home");
        press("=");
        page.keyboard().type("bike");
        page.getByLabel("Another spoken text").fill("my bike");
        w.button("where 2 buttons say it").click();
        kept(2);
        assertThat(now().boards().get("play").button("play-bike").orElseThrow().spoken()).isEqualTo("my bike");
    }

    @Test
    void aPictureIsGivenToAWordEverywhereAndOneWithoutIsOfferedItsParts() {
        w.bench(id, "play");
        w.cell("bike,").click();
        press("*");
        page.getByLabel("for every “bike” of all boards").check();
        page.getByLabel("Find a picture by its word").fill("kite");
        page.locator(".chooser_picture").filter(new Locator.FilterOptions().setHasText("kite")).first().click();
        kept(2);
        assertThat(now().boards().values().stream().flatMap(b -> b.buttons().stream()).filter(b -> b.label().equals("bike")).map(Button::picture)
            .distinct().toList())
            .containsExactly("base/kite");
        page.locator("#word-line").fill("mousekite");
        assertThat(page.getByText("No picture says just this")).isVisible();
        assertThat(page.locator(".bench_offer").first()).hasAttribute("title", "kite: of “kite”, a part of the word");
        w.button("a photo, a drawing or the web").click();
        assertThat(dialog()).containsText("Pictures for mousekite");
        assertThat(w.violations()).isEmpty();
    }

    @Test
    void aWorkerIsPutTogetherOfAFigureAndAThingAndIsFoundUnderItsWordAfterwards() {
        w.bench(id, "play");
        w.cell("bike,").click();
        press("*");
        page.getByLabel("Find a picture by its word").fill("wrench");
        w.button("somebody holding it").click();
        assertThat(page.getByText("Choose what belongs into the gap.")).isHidden();
        w.button("take this one away").waitFor();
        page.getByLabel("keep it as one picture for “bike”").check();
        page.getByLabel("the whole school").check();
        w.button("Keep").click();
        kept(2);
        Button bike = now().boards().get("play").buttons().stream().filter(b -> b.label().equals("bike")).findFirst().orElseThrow();
        assertThat(bike.picture()).startsWith("own/");
        assertThat(bike.layers()).as("one picture").hasSize(1);
        page.locator("#word-line").fill("bike");
        assertThat(page.locator(".bench_offer").first().locator("img")).hasAttribute("src", Pattern.compile(".*/images/" + bike.picture().substring(4) + ".*"));
    }

    @Test
    void beforeAndAfterLeavesAGapForWhatIsChosenNext() {
        w.bench(id, "play");
        w.cell("bike,").click();
        press("*");
        w.button("before and after").click();
        assertThat(page.getByText("Choose what belongs into the gap.")).isVisible();
        page.getByLabel("Find a picture by its word").fill("kite");
        page.locator(".chooser_picture").filter(new Locator.FilterOptions().setHasText("kite")).first().click();
        assertThat(page.locator(".pictures_layer")).hasCount(3);
        w.button("Keep").click();
        kept(2);
        Button bike = now().boards().get("play").buttons().stream().filter(b -> b.label().equals("bike")).findFirst().orElseThrow();
        assertThat(bike.layers()).extracting(l -> l.picture()).containsExactly("base/bicycle", "core/sign-arrow-bent", "base/kite");
    }

    @Test
    void everythingFitsOnATabletHeldEitherWayAndAtTwiceTheSize() {
        for (int[] size : new int[][] {{1024, 768}, {768, 1024}, {640, 400}}) {
            page.setViewportSize(size[0], size[1]);
            w.bench(id, "play");
            assertThat(page.evaluate("() => document.documentElement.scrollWidth <= window.innerWidth")).as(size[0] + " wide").isEqualTo(true);
            assertThat(w.cell("ball,").boundingBox().width).as("a cell at " + size[0]).isGreaterThan(24);
            w.cell("ball,").click();
            w.button("Change what it says").scrollIntoViewIfNeeded();
            assertThat(w.button("Change what it says")).isInViewport();
            assertThat(w.violations()).as(size[0] + " wide").isEmpty();
            page.evaluate("() => localStorage.removeItem('dwimble-boards-folded')");
        }
        w.button("Show the list of boards").click();
        w.link("Animals").click();
        assertThat(w.heading("Animals")).isVisible();
        w.button("Fold the list of boards").click();
        assertThat(w.link("Animals")).isHidden();
    }
}
