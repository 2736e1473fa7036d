package org.dwimble.server.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Mouse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.io.IOException;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Leads;
import org.dwimble.core.doing.Doing;
import org.junit.jupiter.api.Test;

/** Pads: made from a cell, from a typed line and of a button, and drawn on in talk. */
class PadBrowserTest extends Counted {
    PadBrowserTest() {
        super("starter-40");
    }

    private Board opened(Button opener) {
        return now().at(((Leads.Opens) opener.leads()).board());
    }

    private Button pad(Board board) {
        return board.buttons().stream().filter(b -> b.doings().contains(Doing.DRAW)).findFirst().orElseThrow();
    }

    private void talk(String board) {
        page.navigate("/vocabularies/" + id + "/talk?board=" + board);
        page.locator("main[data-ready]").waitFor();
    }

    private Locator canvas() {
        return page.locator("canvas");
    }

    private void drawALine() {
        BoundingBox box = canvas().boundingBox();
        page.mouse().move(box.x + 50, box.y + 50);
        page.mouse().down();
        page.mouse().move(box.x + 200, box.y + 120, new Mouse.MoveOptions().setSteps(5));
        page.mouse().up();
    }

    private void tool(String name) {
        page.getByRole(AriaRole.TOOLBAR).getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(name).setExact(true)).click();
    }

    @Test
    void aPadBoardComesFromAnEmptyCellAndIsOpenedFromAnotherBoardUnderAnotherName() throws IOException {
        w.bench(id, "play");
        click(w.cell("empty, row 4, place 2"));
        click(w.button("a pad on a new board"));
        assertThat(w.cell("my drawings, row 4, place 2, opens a board")).isVisible();
        counted("a new pad board opened from here", 2);
        Board drawings = opened(at("play", 3, 1));
        assertThat(pad(drawings).span().rows() * pad(drawings).span().columns()).as("all but the line of its ways")
            .isGreaterThanOrEqualTo((drawings.rows() - 1) * drawings.columns());
        assertThat(drawings.buttons()).extracting(Button::leads).contains(Leads.HOME);
        actions = 0;
        w.bench(id, "animals");
        click(page.getByRole(AriaRole.GRIDCELL, new Page.GetByRoleOptions().setName("empty, ")).first());
        click(page.getByLabel("Put here a way to"));
        enter("my drawings");
        Locator opener = w.cell("my drawings, ");
        assertThat(opener).isVisible();
        opener.click();
        page.keyboard().press("Enter");
        page.keyboard().press("Control+a");
        enter("draw a seal");
        assertThat(w.cell("draw a seal, ")).isVisible();
        counted("the same pad opened from a second board under another name", 4);
        assertThat(now().at("animals").buttons().stream().filter(b -> b.label().equals("draw a seal")).map(this::opened)).containsExactly(drawings);
    }

    @Test
    void aTypedLineMakesAPadBoard() {
        w.bench(id, "play");
        w.cell("empty, row 4, place 2").click();
        page.keyboard().type("sketches > pad");
        page.keyboard().press("Enter");
        assertThat(w.cell("sketches, row 4, place 2, opens a board")).isVisible();
        assertThat(pad(opened(at("play", 3, 1))).span().columns()).isGreaterThan(4);
    }

    @Test
    void whatIsDrawnStaysGoesIntoTheMessageAndIsKept() {
        w.bench(id, "play");
        w.cell("empty, row 4, place 2").click();
        w.button("a pad on a new board").click();
        assertThat(w.cell("my drawings, row 4, place 2, opens a board")).isVisible();
        String board = opened(at("play", 3, 1)).id();
        talk(board);
        drawALine();
        assertThat(page.getByLabel("1 stroke drawn")).isVisible();
        assertThat(w.violations()).isEmpty();
        tool("clear it");
        assertThat(page.getByLabel("nothing drawn yet")).isVisible();
        tool("take back");
        page.reload();
        assertThat(page.getByLabel("1 stroke drawn")).isVisible();
        // What is seen is what was drawn, and not a blank sheet.
        assertThat((Boolean) page.evaluate("() => { const c = document.querySelector('canvas'); "
            + "return c.getContext('2d').getImageData(0, 0, c.width, c.height).data.some(v => v > 0); }")).isTrue();
        tool("into the message");
        assertThat(page.getByLabel("Message").getByAltText("a drawing")).isVisible();
        page.waitForResponse(r -> r.url().endsWith("/api/own-pictures") && r.ok(), () -> tool("keep it"));
        assertThat(page.getByText("Kept among the student’s pictures")).isVisible();
    }

    @Test
    void aSmallButtonOpensItsPadOverTheBoard() {
        w.bench(id, "play");
        w.cell("ball,").click();
        w.button("something more…").click();
        page.keyboard().type("be drawn on");
        page.keyboard().press("Enter");
        assertThat(page.getByLabel("Button sentence")).containsText("is drawn on");
        talk("play");
        w.button("ball").click();
        assertThat(page.getByRole(AriaRole.DIALOG)).isVisible();
        assertThat(w.violations()).isEmpty();
        drawALine();
        tool("done");
        assertThat(page.getByRole(AriaRole.DIALOG)).not().isVisible();
        w.button("ball").click();
        assertThat(page.getByLabel("1 stroke drawn")).isVisible();
        page.keyboard().press("Escape");
        assertThat(page.getByRole(AriaRole.DIALOG)).not().isVisible();
    }
}
