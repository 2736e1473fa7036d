package org.dwimble.server.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.FileChooser;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.io.IOException;
import java.nio.file.Files;
import java.util.List;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Leads;
import org.dwimble.server.TestServer;
import org.dwimble.server.board.VocabularyStore;
import org.dwimble.server.media.Photos;
import org.dwimble.server.obf.Zips;
import org.junit.jupiter.api.Test;

/**
 * What a board-builder does in a day, done in the browser with a person's actions counted: a click, a key chord, a typed
 * entry (with its Enter), a drag, a paste and a chosen file are one each. docs/actions.md tells the counts, and is held to them here.
 */
class ActionsBrowserTest extends Counted {
    ActionsBrowserTest() {
        super("starter-40");
    }

    @Test
    void aWordOnAFullBoardGoesWhereThereIsRoom() throws IOException {
        fill("animals");
        page.locator("#word-line").focus();
        enter("hedgehog");
        assertThat(page.getByRole(AriaRole.STATUS).filter(new Locator.FilterOptions().setHasText("“hedgehog” now stands on More animals"))).isVisible();
        counted("a word on a full board, where there is room", 1);
        w.button("go there").click();
        assertThat(w.heading("More animals")).isVisible();
        assertThat(w.cell("hedgehog,")).isVisible();
        assertThat(w.cell("back, row 5, place 1")).isVisible();
    }

    @Test
    void aWordForAFullTopicGoesOnItsFurtherBoardFirst() {
        w.bench(id, "eating");
        paste("melon, plum, kiwi, mango, fig, peas, beans, jam, honey, toast");
        assertThat(page.getByText("No room here.")).containsText("More to eat and drink");
        page.keyboard().press("Enter");
        assertThat(page.getByText("now stand on More to eat and drink")).isVisible();
        assertThat(now().boards().get("eating-more").buttons()).extracting(Button::label).contains("melon", "toast");
    }

    @Test
    void aWordThatStandsAlreadyIsSaidAsOneTypes() {
        w.bench(id, "play");
        page.keyboard().type("apple");
        assertThat(page.getByText("“apple” stands on Eating and drinking already, 2 taps from home.")).isVisible();
        w.button("leave it").click();
        assertThat(page.locator("#word-line")).hasValue("");
        page.locator("#word-line").fill("ball");
        assertThat(page.getByText("“ball” stands here already, row 2, place 1.")).isVisible();
    }

    @Test
    void aPhotoFromAFileOntoAMarkedButton() throws IOException {
        w.bench(id, "play");
        w.cell("ball,").click();
        press("*");
        Locator dialog = page.getByRole(AriaRole.DIALOG);
        FileChooser chooser = page.waitForFileChooser(() -> dialog.getByRole(AriaRole.BUTTON,
            new Locator.GetByRoleOptions().setName("a file").setExact(true)).click());
        chooser.setFiles(new FilePayload("our ball.jpg", "image/jpeg", Photos.jpeg(90, 60)));
        actions++;
        assertThat(dialog.getByLabel("Who may use it")).containsText("only for Ilse");
        assertThat(w.violations()).isEmpty();
        press("Enter");
        assertThat(w.cell("ball,").locator("img")).hasAttribute("src", java.util.regex.Pattern.compile("/api/vocabularies/.*/pictures/"));
        counted("a photo from a file, on the marked button", 3);
        assertThat(at("play", 1, 0).picture()).startsWith("own/");
    }

    @Test
    void aNewBoardFromAnEmptyCell() throws IOException {
        w.bench(id, "play");
        click(w.cell("empty, row 4, place 2"));
        enter("people at swimming >");
        assertThat(w.cell("people at swimming, row 4, place 2")).isVisible();
        counted("a new board, opened from an empty cell", 2);
        Leads.Opens opens = (Leads.Opens) at("play", 3, 1).leads();
        assertThat(now().boards().get(opens.board()).buttons()).extracting(Button::label).containsExactlyInAnyOrder("back", "home");
    }

    @Test
    void fourBoardsWithTheirWords() throws IOException {
        w.bench(id, "play-more");
        click(w.cell("empty, row 2, place 1"));
        paste("colours > red, blue, green\nshapes > circle, square\nweather > sun, rain, snow\nboats > ferry, canoe");
        press("Enter");
        assertThat(w.cell("boats, row 2, place 4")).isVisible();
        counted("four boards with their words, opened from here, with home and back", 8);
        Leads.Opens opens = (Leads.Opens) at("play-more", 1, 0).leads();
        assertThat(now().boards().get(opens.board()).buttons()).extracting(Button::label).containsExactlyInAnyOrder("back", "home", "red", "blue", "green");
        press("Control+z");
        assertThat(w.cell("empty, row 2, place 1")).isVisible();
        assertThat(now().boards().values()).as("they go as they came, in one").noneMatch(b -> b.name().equals("colours"));
    }

    @Test
    void aMarkedButtonOpensAnyBoard() throws IOException {
        w.bench(id, "play");
        w.cell("ball,").click();
        click(w.button("Change where it leads"));
        enter("Anim");
        assertThat(w.cell("ball, row 2, place 1, opens a board")).isVisible();
        counted("the marked button opens a board, by its name", 2);
        assertThat(at("play", 1, 0).leads()).isEqualTo(new Leads.Opens("animals"));
    }

    @Test
    void aBoardIsShownByWalkingThere() {
        w.bench(id, "play");
        w.cell("ball,").click();
        w.button("Change where it leads").click();
        page.getByText("opens a board I show you").click();
        w.link("Numbers and colours").click();
        assertThat(page.getByText("“ball” is to open a board: go to it, then say so.")).isVisible();
        assertThat(w.heading("Numbers and colours")).isVisible();
        w.button("It opens this one").click();
        assertThat(w.heading("Play")).isVisible();
        assertThat(w.cell("ball, row 2, place 1, opens a board")).isVisible();
        assertThat(at("play", 1, 0).leads()).isEqualTo(new Leads.Opens("numbers"));
    }

    @Test
    void aButtonIsDraggedToAnotherCellAndChangesPlacesWithOneThatStandsThere() throws IOException {
        w.bench(id, "play");
        w.cell("ball,").dragTo(w.cell("empty, row 2, place 7"));
        actions++;
        assertThat(w.cell("ball, row 2, place 7")).isVisible();
        counted("a button to an empty cell", 1);
        w.cell("ball,").dragTo(w.cell("doll,"));
        assertThat(w.cell("ball, row 2, place 4")).isVisible();
        assertThat(w.cell("doll, row 2, place 7")).isVisible();
        w.cell("ball,").click();
        press("Control+Shift+ArrowRight");
        assertThat(w.cell("ball, row 2, place 5")).isFocused();
        assertThat(w.cell("puzzle, row 2, place 4")).isVisible();
        press("Control+z");
        assertThat(w.cell("puzzle, row 2, place 5")).isVisible();
    }

    @Test
    void aButtonIsMovedToAnotherBoardByKeyboardAlone() throws IOException {
        w.bench(id, "play");
        w.cell("ball,").click();
        click(w.button("Move it"));
        assertThat(page.getByText("“ball” is in hand")).isVisible();
        click(w.link("More play"));
        assertThat(w.heading("More play")).isVisible();
        page.keyboard().press("ArrowDown");
        press("Enter");
        assertThat(w.cell("ball,")).hasAttribute("aria-selected", "true");
        counted("the marked button to another board", 3);
        assertThat(now().boards().get("play").button("play-ball")).isEmpty();
        assertThat(now().boards().get("play-more").button("play-ball")).isPresent();
    }

    @Test
    void severalAreChosenChangedAtOnceCopiedAndCut() {
        w.bench(id, "play");
        w.cell("ball,").click();
        w.cell("blocks,").click(new Locator.ClickOptions().setModifiers(List.of(com.microsoft.playwright.options.KeyboardModifier.SHIFT)));
        assertThat(w.heading("3 buttons")).isVisible();
        assertThat(w.violations()).isEmpty();
        w.choose("Change the kind of all", "do words");
        assertThat(page.getByText("Kept as you go · version 2")).isVisible();
        assertThat(List.of(at("play", 1, 0), at("play", 1, 1), at("play", 1, 2))).extracting(b -> b.kind().word()).containsOnly("do");
        w.cell("doll,").click();
        w.cell("puzzle,").click(new Locator.ClickOptions().setModifiers(List.of(com.microsoft.playwright.options.KeyboardModifier.CONTROL)));
        press("Delete");
        assertThat(w.cell("puzzle,")).hasCount(0);
        assertThat(w.cell("doll,")).hasCount(0);
        press("Control+z");
        assertThat(w.cell("puzzle,")).isVisible();
        w.cell("ball,").click();
        w.cell("blocks,").click(new Locator.ClickOptions().setModifiers(List.of(com.microsoft.playwright.options.KeyboardModifier.SHIFT)));
        press("Control+c");
        w.link("More play").click();
        assertThat(w.heading("More play")).isVisible();
        press("Control+v");
        assertThat(w.cell("blocks, row 2, place 3")).isVisible();
        assertThat(now().boards().get("play").button("play-ball")).as("copied, not moved").isPresent();
        fill("animals");
        w.link("More play").click();
        w.cell("ball,").click();
        press("Control+x");
        w.link("Animals").click();
        assertThat(w.heading("Animals")).isVisible();
        press("Control+v");
        assertThat(page.getByText("Animals has no empty cell, and there is a button.")).isVisible();
        w.link("More places").click();
        assertThat(w.heading("More places")).isVisible();
        press("Control+v");
        assertThat(w.cell("ball,")).isVisible();
        assertThat(now().boards().get("play-more").buttons()).extracting(Button::label).doesNotContain("ball");
    }

    @Test
    void anotherLabelTakesItsPictureWithOneKeyOrKeepsTheOldOne() {
        w.bench(id, "play");
        w.cell("ball,").click();
        page.keyboard().press("Enter");
        page.keyboard().type("kite");
        assertThat(page.getByText("takes this one of “kite”.")).isVisible();
        page.keyboard().press("Shift+Enter");
        assertThat(w.cell("kite,").locator("img")).hasAttribute("src", "/art/colour.yellow.usual/base/kite.svg");
        assertThat(page.getByText("Kept as you go · version 2")).isVisible();
        page.keyboard().press("Enter");
        page.keyboard().type("crab");
        page.keyboard().press("Enter");
        assertThat(w.cell("crab,").locator("img")).hasAttribute("src", "/art/colour.yellow.usual/base/kite.svg");
    }

    @Test
    void aPersonWithAPhotoWhoseDialogHasOneWayToFinish() throws IOException {
        w.bench(id, "home");
        click(w.button("add a person"));
        Locator dialog = page.getByRole(AriaRole.DIALOG);
        page.keyboard().type("Lot");
        page.keyboard().press("Tab");
        page.keyboard().type("sister");
        actions++;
        FileChooser chooser = page.waitForFileChooser(() -> dialog.getByRole(AriaRole.BUTTON,
            new Locator.GetByRoleOptions().setName("a file").setExact(true)).click());
        chooser.setFiles(new FilePayload("Lot.jpg", "image/jpeg", Photos.jpeg(90, 60)));
        actions++;
        assertThat(dialog.getByAltText("Lot.jpg")).isVisible();
        assertThat(dialog.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Add").setExact(true))).isFocused();
        assertThat(w.violations()).isEmpty();
        press("Enter");
        assertThat(w.cell("Lot, row 3, place 4").locator("img")).hasAttribute("src", java.util.regex.Pattern.compile("/api/vocabularies/.*/pictures/"));
        counted("a person with a photo from a file", 4);
        assertThat(at("people", 2, 3).picture()).startsWith("own/");
    }

    @Test
    void aPersonBesideTheGeneralWord() throws IOException {
        w.bench(id, "home");
        click(w.button("add a person"));
        Locator dialog = page.getByRole(AriaRole.DIALOG);
        assertThat(dialog.getByLabel("Name or nickname")).isFocused();
        page.keyboard().type("Lot");
        actions++;
        page.keyboard().press("Tab");
        page.keyboard().type("sister");
        assertThat(dialog.getByLabel("Who they are")).hasValue("sister");
        assertThat(dialog.getByRole(AriaRole.STATUS)).containsText("Lot goes on People, row 3, place 4, beside “sister”, which stays.");
        click(dialog.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("sister").setExact(true)).first());
        assertThat(w.violations()).isEmpty();
        dialog.getByLabel("Who they are").focus();
        press("Enter");
        assertThat(w.cell("Lot, row 3, place 4")).hasAttribute("aria-selected", "true");
        counted("a person with a face, beside the general word", 4);
        assertThat(now().boards().get("people").button("people-sister")).isPresent();
    }

    @Test
    void aWordIsFoundAnywhereAndCalledOtherwiseEverywhere() {
        w.bench(id, "home");
        press("=");
        page.keyboard().type("bike");
        Locator places = page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Places"));
        assertThat(places.getByRole(AriaRole.LISTITEM)).hasCount(2);
        assertThat(w.violations()).isEmpty();
        page.getByLabel("Another label").fill("trike");
        w.button("in all 2 places").click();
        assertThat(page.getByText("2 places", new Page.GetByTextOptions().setExact(true))).isVisible();
        assertThat(places.getByRole(AriaRole.LISTITEM).first()).containsText("trike on");
        assertThat(now().boards().get("play").button("play-bike").orElseThrow().label()).isEqualTo("trike");
        page.getByLabel("Find a word").press("Enter");
        assertThat(w.cell("trike,")).hasAttribute("aria-selected", "true");
    }

    @Test
    void whatHappenedIsReadLookedAtAndGoneBackTo() {
        w.bench(id, "play");
        page.locator("#word-line").focus();
        enter("kettle");
        assertThat(w.cell("kettle,")).isVisible();
        w.button("what happened").click();
        Locator dialog = page.getByRole(AriaRole.DIALOG);
        assertThat(dialog).containsText("put “kettle” on Play");
        assertThat(w.violations()).isEmpty();
        w.button("Name version 1").click();
        page.keyboard().type("as it came");
        page.keyboard().press("Enter");
        assertThat(dialog).containsText("as it came:");
        w.button("Look at version 1").click();
        assertThat(dialog).containsText("1 button differs on Play, marked in both.");
        w.button("Make everything as it was then").click();
        assertThat(w.cell("kettle,")).hasCount(0);
        press("Control+z");
        assertThat(w.cell("kettle,")).isVisible();
    }

    @Test
    void aPackageLeavesPhotosOfPeopleBehindAndSaysSoBeforeAndAfter() throws IOException {
        String lot = http.upload("/api/own-pictures?words=Lot&shows=OTHERS", "Lot.jpg", Photos.jpeg(91, 61)).json().get("picture").get("picture").asString();
        http.post("/api/vocabularies/" + id + "/words", "{\"base\":1,\"board\":\"play\",\"fillOn\":true,\"chosen\":[{\"word\":\"Lot\",\"label\":\"Lot\","
            + "\"picture\":\"" + lot + "\"}]}");
        w.bench(id, "play");
        click(w.button("More to do with these boards"));
        Locator without = page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("Carry away all boards, without photos of people (.obz)"));
        Download carried = page.waitForDownload(() -> click(without));
        counted("a package without photos of people", 2);
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("1 photo or voice that may be somebody’s stayed at the school");
        assertThat(carried.suggestedFilename()).isEqualTo("Ilse’s words.obz");
        assertThat(Zips.files(Files.readAllBytes(carried.path())).keySet()).anyMatch(name -> name.contains("core-somebody")).noneMatch(name -> name
            .contains(lot.substring(4)));
        w.button("Close").last().click();

        w.choose("More to do with these boards", "Carry away, choosing what goes along…");
        Locator asked = page.getByRole(AriaRole.DIALOG);
        assertThat(asked).containsText("The name “Ilse’s words” goes along");
        asked.getByRole(AriaRole.CHECKBOX).first().check();
        assertThat(asked.getByText("empty places with the word")).hasCount(0);
        assertThat(w.violations()).isEmpty();
        Download with = page.waitForDownload(() -> w.button("Make the file").click());
        assertThat(Zips.files(Files.readAllBytes(with.path())).keySet()).anyMatch(name -> name.contains(lot.substring(4)));
    }

    @Test
    void aDatedCopyStandsBesideAndWhatIsDeletedIsHadBack() throws IOException {
        w.bench(id, "play");
        click(w.button("More to do with these boards"));
        click(page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("Keep a dated copy")));
        assertThat(page.getByText("Kept as “Ilse’s words, ")).isVisible();
        counted("a dated copy, to be safe", 2);
        assertThat(TestServer.bean(VocabularyStore.class).ofStudent(ilse.id())).hasSize(2);
        page.navigate("/caseload");
        w.choose("More for Ilse", "Delete Ilse…");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Delete").setExact(true)).click();
        assertThat(page.getByText("Nobody is on your caseload yet.")).isVisible();
        w.button("what was deleted").click();
        assertThat(w.violations()).isEmpty();
        w.button("Have Ilse back").click();
        page.keyboard().press("Escape");
        assertThat(page.getByRole(AriaRole.LISTITEM, new Page.GetByRoleOptions().setName("Ilse"))).containsText("words shown");
    }

    @Test
    void lensesLieOverTheBoardAndTellInWords() {
        w.bench(id, "people");
        for (List<String> lens : List.of(List.of("Reach", "2 taps"), List.of("Sounds", "says mum"), List.of("Kinds", "who word"))) {
            w.button(lens.get(0)).click();
            assertThat(w.cell("mum,")).hasAttribute("aria-label", java.util.regex.Pattern.compile(lens.get(1)));
            assertThat(w.violations()).as(lens.get(0)).isEmpty();
        }
        w.button("Reach").click();
        assertThat(page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Reach"))).containsText("4 taps");
    }

    @Test
    void everyKeyIsListed() {
        w.bench(id, "people");
        press("?");
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("Alt Enter on a button");
        assertThat(w.violations()).isEmpty();
        page.keyboard().press("Escape");
        assertThat(w.grid()).isVisible();
    }
}
