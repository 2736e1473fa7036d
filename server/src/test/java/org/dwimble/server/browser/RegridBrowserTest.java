package org.dwimble.server.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.dwimble.core.board.Shape;
import org.junit.jupiter.api.Test;

/** Boards laid on another grid, as a person does it in the browser. */
class RegridBrowserTest extends Counted {
    RegridBrowserTest() {
        super("starter-40");
    }

    private void opened(String board) {
        w.bench(id, board);
        w.button("another grid").click();
        assertThat(w.button("Lay it so")).isEnabled();
    }

    private void lines(String which, int count) {
        page.getByLabel(which, new Page.GetByLabelOptions().setExact(true)).fill(String.valueOf(count));
        page.keyboard().press("Tab");
    }

    @Test
    void aBoardIsSeenOnAnotherGridAndLaidAndTakenBack() {
        opened("home");
        assertThat(page.getByText("5 x 9, cells of")).isVisible();
        assertThat(page.getByText("A finger finds every word where it was")).isVisible();
        assertThat(w.violations()).isEmpty();
        lines("columns", 7);
        assertThat(page.getByText("5 x 7, cells of")).isVisible();
        assertThat(page.getByText("Costliest first")).isVisible();
        page.getByRole(AriaRole.CHECKBOX, new Page.GetByRoleOptions().setName("row 1:")).check();
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("Row 1 of Home was chosen to stay together: it has 8 words");
        page.getByRole(AriaRole.CHECKBOX, new Page.GetByRoleOptions().setName("row 1:")).uncheck();
        w.button("Lay it so").click();
        assertThat(page.getByRole(AriaRole.GRIDCELL)).hasCount(35);
        assertThat(now().homeBoard().shape()).isEqualTo(new Shape(5, 7));
        press("Control+z");
        assertThat(page.getByRole(AriaRole.GRIDCELL)).hasCount(40);
        assertThat(now().homeBoard().shape()).isEqualTo(new Shape(5, 8));
    }

    @Test
    void whatDoesNotFitGoesByTopicAndAnotherTopicCanBeChosen() {
        opened("eating");
        lines("rows", 4);
        lines("columns", 5);
        assertThat(page.getByText("Not all fits.")).isVisible();
        assertThat(page.getByText("new", new Page.GetByTextOptions().setExact(true)).first()).isVisible();
        assertThat(w.violations()).isEmpty();
        page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("all 25 boards")).check();
        assertThat(w.button("Lay all 25 so")).isVisible();
    }

    @Test
    void withoutMovingAWordASecondBoardIsLinkedInstead() {
        opened("eating");
        w.button("Link a second board").click();
        assertThat(w.button("another grid")).isVisible();
        assertThat(now().at("eating").shape()).isEqualTo(new Shape(5, 8));
        assertThat(now().boards()).hasSize(26);
    }

    @Test
    void turnedForATabletThatStandsUpTheScreenIsKnownToStandToo() {
        opened("home");
        page.getByRole(AriaRole.CHECKBOX, new Page.GetByRoleOptions().setName(Pattern.compile("screen stands up from now on"))).check();
        assertThat(page.getByText("9 x 5, cells of")).isVisible();
        lines("rows", 8);
        assertThat(page.getByText("8 x 5, cells of")).isVisible();
        w.button("Lay it so").click();
        assertThat(page.getByRole(AriaRole.GRIDCELL)).hasCount(40);
        assertThat(now().homeBoard().shape()).isEqualTo(new Shape(8, 5));
        w.button("another grid").click();
        assertThat(page.getByText(Pattern.compile("screen lies across from now on"))).isVisible();
    }

    @Test
    void stepByStepNothingMovesUntilTheStudentIsMovedOn() {
        opened("home");
        lines("columns", 7);
        page.getByRole(AriaRole.CHECKBOX, new Page.GetByRoleOptions().setName("step by step")).check();
        assertThat(page.getByText("Nothing moves now: all words of today are the first step of a plan")).isVisible();
        page.getByLabel("words move at a step").fill("2");
        page.keyboard().press("Tab");
        assertThat(page.getByRole(AriaRole.LISTITEM).filter(new Locator.FilterOptions().setHasText(Pattern.compile("^2 words move"))).first()).isVisible();
        assertThat(w.violations()).isEmpty();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Plan it in \\d+ steps$"))).click();
        assertThat(page.getByRole(AriaRole.GRIDCELL)).hasCount(40);
        int steps = now().plan().steps().size();
        assertThat(steps).isGreaterThan(2);
        w.button("Reveal").click();
        w.button("More about step " + steps).click();
        page.getByText("Try it in talk; nothing is kept").click();
        assertThat(page.locator("[data-rows='5'][data-columns='7']")).isVisible();
        assertThat(now().homeBoard().shape()).isEqualTo(new Shape(5, 8));
    }
}
