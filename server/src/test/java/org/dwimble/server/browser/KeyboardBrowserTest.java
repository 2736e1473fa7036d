package org.dwimble.server.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Kind;
import org.dwimble.core.look.ColouredPaper;
import org.junit.jupiter.api.Test;

/** A day’s building with no mouse at all: what is reached is reached by Tab, arrows and letters, what is pressed is pressed by Enter. */
class KeyboardBrowserTest extends Counted {
    KeyboardBrowserTest() {
        super("starter-40");
    }

    /** Goes on by Tab until something has the focus. */
    private void tabTo(Locator wanted) {
        wanted.waitFor();
        for (int i = 0; i < 120; i++) {
            if (Boolean.TRUE.equals(wanted.evaluate("e => e === document.activeElement"))) {
                return;
            }
            page.keyboard().press("Tab");
        }
        throw new AssertionError("Tab does not lead to " + wanted);
    }

    private void pressOn(Locator button) {
        tabTo(button);
        page.keyboard().press("Enter");
    }

    /** Leaves the board’s cells, whose own Tab goes from cell to cell. */
    private void leaveCells() {
        page.evaluate("document.querySelector('aside').setAttribute('tabindex', '-1'); document.querySelector('aside').focus()");
    }

    /** Chooses from an open menu, which Tab leads into, by its arrows. */
    private void choose(String item) {
        Locator wanted = page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName(item)).last();
        wanted.waitFor();
        page.keyboard().press("Tab");
        for (int i = 0; i < 40; i++) {
            page.keyboard().press("ArrowDown");
            if (Boolean.TRUE.equals(wanted.evaluate("e => e === document.activeElement || e.className.includes('active')"))) {
                page.keyboard().press("Enter");
                return;
            }
        }
        throw new AssertionError("the arrows do not lead to " + item);
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
        w.cell("ball,").focus();
        page.keyboard().press("Home");
        leaveCells();
        pressOn(w.button("Change where it leads"));
        page.keyboard().type("Animals");
        page.keyboard().press("Enter");
        assertThat(page.locator("[role=gridcell][aria-label*='opens a board']").first()).isVisible();
    }

    @Test
    void peopleAndWhatHappenedBySigns() {
        w.bench(id, "people");
        w.cell("mum,").focus();
        page.keyboard().press("+");
        page.keyboard().type("Lot");
        page.keyboard().press("Tab");
        page.keyboard().type("sister");
        page.keyboard().press("Enter");
        assertThat(w.cell("Lot,")).isVisible();
        page.keyboard().press("<");
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("added Lot");
        page.keyboard().press("Escape");
        w.cell("Lot,").focus();
        page.keyboard().press("=");
        page.keyboard().type("dog");
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("Animals");
        page.keyboard().press("Escape");
        w.cell("Lot,").focus();
        page.keyboard().press("?");
        assertThat(page.getByRole(AriaRole.DIALOG)).isVisible();
    }

    @Test
    void lookShapePatternsAndCopies() {
        w.bench(id, "play");
        w.cell("ball,").focus();
        page.keyboard().press("Home");
        leaveCells();
        pressOn(w.button("How it looks"));
        pressOn(w.button("Paper: sky"));
        pressOn(w.button("Copy this look onto …"));
        choose("all thing words");
        page.waitForCondition(() -> now().boards().get("animals").buttons().stream().filter(b -> b.kind() == Kind.THING)
            .allMatch(b -> ColouredPaper.SKY.colour().equals(b.look().fill())));
        pressOn(w.button("add a board"));
        page.keyboard().type("Our feelings");
        tabTo(page.getByLabel("What it begins with"));
        page.keyboard().type("feel");
        page.keyboard().press("Enter");
        pressOn(w.button("Make it"));
        page.waitForCondition(() -> now().boards().values().stream().anyMatch(b -> b.name().equals("Our feelings")));
        assertThat(board("Our feelings").buttons()).extracting(b -> b.label()).contains("angry");
        leaveCells();
        page.keyboard().press("Shift+Tab");
        pressOn(w.button("More to do with these boards"));
        choose("Keep a dated copy");
        assertThat(page.getByText("Kept as “Ilse’s words, ")).isVisible();
    }

    @Test
    void lensesAndTheMap() {
        w.bench(id, "home");
        leaveCells();
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
}
