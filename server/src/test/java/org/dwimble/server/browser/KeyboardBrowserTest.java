package org.dwimble.server.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.FileChooser;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Kind;
import org.dwimble.core.look.ColouredPaper;
import org.dwimble.server.media.Photos;
import org.junit.jupiter.api.Test;

/** A day’s building with no mouse at all: what is reached is reached by Tab, arrows and letters, what is pressed is pressed by Enter. */
class KeyboardBrowserTest extends Counted {
    KeyboardBrowserTest() {
        super("starter-40");
    }

    /** Goes on by Tab until something has the focus. */
    private void pressOn(Locator button) {
        w.tabTo(button);
        page.keyboard().press("Enter");
    }

    /** By arrows from the cell that is marked to another, which is then. */
    private Locator goTo(Locator cell) {
        marked().focus();
        int[] from = rowAndColumn(marked());
        int[] to = rowAndColumn(cell);
        String down = to[0] > from[0] ? "ArrowDown" : "ArrowUp";
        String across = to[1] > from[1] ? "ArrowRight" : "ArrowLeft";
        IntStream.range(0, Math.abs(to[0] - from[0])).forEach(i -> page.keyboard().press(down));
        IntStream.range(0, Math.abs(to[1] - from[1])).forEach(i -> page.keyboard().press(across));
        assertThat(cell).isFocused();
        return cell;
    }

    private static int[] rowAndColumn(Locator cell) {
        return Stream.of(cell.getAttribute("data-cell").split("-")).mapToInt(Integer::parseInt).toArray();
    }

    /** From a cell, whose own Tab goes from cell to cell, to what can be done with it, the cell still marked. */
    private void beside(Locator cell) {
        goTo(cell);
        page.keyboard().press("Escape");
        assertThat(page.getByRole(AriaRole.COMPLEMENTARY, new Page.GetByRoleOptions().setName("What is marked"))).isFocused();
    }

    /** The cell that is marked, the only one Tab leads to. */
    private Locator marked() {
        return page.locator("[role=gridcell][tabindex='0']");
    }

    private Board board(String name) {
        return now().boards().values().stream().filter(b -> b.name().equals(name)).findFirst().orElseThrow();
    }

    @Test
    void wordsBoardsAndLinks() {
        w.bench(id, "play");
        page.keyboard().type("kite");
        page.keyboard().press("Enter");
        assertThat(w.cell("kite,")).isVisible();
        page.keyboard().type("colours > red, blue");
        page.keyboard().press("Enter");
        assertThat(w.cell("colours,")).isVisible();
        assertThat(board("colours").buttons()).extracting(b -> b.label()).contains("red", "blue", "back", "home");
        page.keyboard().press("Escape");
        beside(w.cell("ball,"));
        pressOn(w.button("Change where it leads"));
        page.keyboard().type("Animals");
        page.keyboard().press("Enter");
        assertThat(page.locator("[role=gridcell][aria-label*='opens a board']").first()).isVisible();
    }

    @Test
    void peopleAndWhatHappenedBySigns() {
        w.bench(id, "people");
        goTo(w.cell("mum,"));
        page.keyboard().press("+");
        page.keyboard().type("Lot");
        page.keyboard().press("Tab");
        page.keyboard().type("sister");
        page.keyboard().press("Enter");
        assertThat(w.cell("Lot,")).isVisible();
        page.keyboard().press("<");
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("added Lot");
        page.keyboard().press("Escape");
        goTo(w.cell("Lot,"));
        page.keyboard().press("=");
        page.keyboard().type("dog");
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("Animals");
        page.keyboard().press("Escape");
        goTo(w.cell("Lot,"));
        page.keyboard().press("?");
        assertThat(page.getByRole(AriaRole.DIALOG)).isVisible();
    }

    @Test
    void lookShapePatternsAndCopies() {
        w.bench(id, "play");
        beside(w.cell("ball,"));
        pressOn(w.button("How it looks"));
        pressOn(w.button("Paper: sky"));
        pressOn(w.button("Copy this look onto …"));
        w.chooseByKeys("all thing words");
        page.waitForCondition(() -> now().boards().get("animals").buttons().stream().filter(b -> b.kind() == Kind.THING)
            .allMatch(b -> ColouredPaper.SKY.colour().equals(b.look().fill())));
        pressOn(w.button("add a board"));
        page.keyboard().type("Our feelings");
        w.tabTo(page.getByLabel("What it begins with"));
        page.keyboard().type("feel");
        page.locator(".ant-select-item-option").filter(new Locator.FilterOptions().setHasText("feelings")).first().waitFor();
        page.keyboard().press("Enter");
        pressOn(w.button("Make it"));
        page.waitForCondition(() -> now().boards().values().stream().anyMatch(b -> b.name().equals("Our feelings")));
        assertThat(board("Our feelings").buttons()).extracting(b -> b.label()).contains("angry");
        assertThat(w.heading("Our feelings")).isVisible();
        beside(marked());
        pressOn(w.button("More to do with these boards"));
        w.chooseByKeys("Keep a dated copy");
        assertThat(page.getByText("Kept as “Ilse’s words, ")).isVisible();
    }

    @Test
    void lensesAndTheMap() {
        w.bench(id, "home");
        beside(marked());
        page.keyboard().press("Escape");
        assertThat(marked()).isFocused();
        page.keyboard().press("Escape");
        for (String lens : List.of("Reach", "Sounds", "Kinds", "Places", "Reveal", "Words")) {
            pressOn(w.button(lens));
            assertThat(w.button(lens)).hasAttribute("aria-pressed", "true");
        }
        pressOn(w.button("map of boards"));
        Locator animals = page.getByRole(AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName("All boards as a tree"))
            .getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName("Animals").setExact(true));
        pressOn(animals);
        assertThat(w.heading("Animals")).isVisible();
    }

    @Test
    void aPhotoFromAFile() {
        w.bench(id, "play");
        goTo(w.cell("ball,"));
        page.keyboard().press("*");
        Locator file = page.getByRole(AriaRole.DIALOG).getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("a file").setExact(true));
        FileChooser chooser = page.waitForFileChooser(() -> pressOn(file));
        chooser.setFiles(new FilePayload("our ball.jpg", "image/jpeg", Photos.jpeg(90, 60)));
        assertThat(page.getByRole(AriaRole.DIALOG).getByLabel("Who may use it")).isVisible();
        page.keyboard().press("Enter");
        assertThat(w.cell("ball,").locator("img")).hasAttribute("src", Pattern.compile("/api/vocabularies/.*/pictures/"));
    }

    @Test
    void aChainOfBoards() {
        w.bench(id, "play-more");
        beside(marked());
        pressOn(w.button("More to do with these boards"));
        w.chooseByKeys("Make a chain of boards…");
        for (String name : List.of("More places", "More people")) {
            w.tabTo(page.getByLabel("Boards of the chain, in order"));
            page.keyboard().type(name);
            page.keyboard().press("Enter");
        }
        page.keyboard().press("Escape");
        pressOn(page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Chain them")));
        assertThat(w.cell("next,")).isVisible();
        assertThat(board("More people").buttons()).extracting(b -> b.label()).contains("first again");
    }

    @Test
    void aCellSplitAndButtonsCopiedIntoIt() {
        w.bench(id, "play");
        beside(w.cell("ball,"));
        pressOn(w.button("Change the shape"));
        w.chooseByKeys("split in two, side by side");
        assertThat(w.cell("empty, row 2, place 2")).isVisible();
        goTo(w.cell("bubbles,"));
        page.keyboard().press("Control+c");
        goTo(w.cell("empty, row 2, place 2"));
        page.keyboard().press("Control+v");
        assertThat(w.cell("bubbles, row 2, place 2")).isVisible();
    }

    @Test
    void aFactAndItsWords() {
        page.navigate("/students/" + ilse.id());
        pressOn(w.button("add a fact"));
        w.tabTo(page.getByLabel("to what"));
        page.keyboard().type("egg");
        page.keyboard().press("Enter");
        Locator words = page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Words it is about"));
        Locator hold = page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("Hold \\d+")));
        int all = Integer.parseInt(hold.textContent().replaceAll("\\D", ""));
        w.tabTo(words.getByRole(AriaRole.CHECKBOX).first());
        page.keyboard().press("Space");
        pressOn(page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Hold " + (all - 1)).setExact(true)));
        assertThat(page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Held words"))).containsText("a fact: allergy: egg");
        assertThat(now().boards().values().stream().flatMap(b -> b.buttons().stream()).map(b -> b.shown().hold())
            .filter(h -> h != null && h.fact())).hasSize(all - 1);
    }

    @Test
    void aWordHeldUntilADayAndLetGo() {
        w.bench(id, "animals");
        pressOn(w.button("Reveal"));
        beside(w.cell("dog,"));
        pressOn(w.button("hold it"));
        page.keyboard().type("frightens her");
        w.tabTo(page.getByLabel("Until, if there is an end"));
        LocalDate until = LocalDate.now().plusDays(9);
        page.keyboard().type(until.format(DateTimeFormatter.ofPattern("MMddyyyy")));
        pressOn(page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Hold").setExact(true)));
        Locator held = page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Held words"));
        assertThat(held).containsText("until " + until.format(DateTimeFormatter.ofPattern("d MMMM yyyy", Locale.UK)));
        pressOn(held.getByText("let go"));
        assertThat(w.cell("dog,")).hasAttribute("aria-label", "dog, row 1, place 1, shown");
    }

    @Test
    void whatMovedAndPuttingItBack() {
        w.bench(id, "animals");
        goTo(w.cell("dog,"));
        page.keyboard().press("Control+Shift+ArrowRight");
        assertThat(w.cell("dog, row 1, place 2")).isVisible();
        page.keyboard().press("Escape");
        pressOn(w.button("Places"));
        Locator places = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Places"));
        assertThat(places.getByRole(AriaRole.HEADING).first()).hasText("611 of 613 words kept their place");
        goTo(marked());
        page.keyboard().press("|");
        assertThat(page.getByRole(AriaRole.IMG, new Page.GetByRoleOptions().setName("Animals as it was"))).isVisible();
        page.keyboard().press("|");
        pressOn(w.button("Put all 2 back"));
        assertThat(places.getByRole(AriaRole.HEADING).first()).hasText("613 of 613 words kept their place");
    }
}
