package org.dwimble.server.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import org.dwimble.core.access.Access;
import org.dwimble.core.access.Scanning;
import org.dwimble.core.access.Switch;
import org.dwimble.core.access.Touching;
import org.dwimble.core.measure.Length;
import org.dwimble.core.student.Student;
import org.dwimble.server.TestServer;
import org.dwimble.server.student.StudentStore;
import org.junit.jupiter.api.Test;

/** How a student reaches what is on a board: set on one screen, touched, and scanned by switches. The clock stands still, and goes on when it is told to. */
class AccessBrowserTest extends Counted {
    private static final Scanning BY_ROWS = new Scanning(Scanning.Way.ROWS, 1_000, 0, 2, false, Switch.SPACE, null, 0, List.of());

    AccessBrowserTest() {
        super("first-choices");
    }

    private Student student() {
        return TestServer.bean(StudentStore.class).find(ilse.id()).orElseThrow();
    }

    private void talkBy(Touching touching, Scanning scanning) {
        TestServer.bean(StudentStore.class).change(student().withAccess(new Access(touching, scanning)), student());
        w.clock().install();
        page.navigate("/vocabularies/" + id + "/talk");
        page.locator("main[data-ready]").waitFor();
        assertThat(w.violations()).isEmpty();
        page.clock().pauseAt(((Number) page.evaluate("Date.now() + 1000")).longValue());
        if (scanning != null && scanning.byTime()) {
            untilItRests();
            page.keyboard().press("Space");
        }
    }

    private Locator message() {
        return page.getByLabel("Message").locator("button[data-stop]");
    }

    private Locator lit() {
        return page.locator("[data-lit]");
    }

    /** Until the group or the one that is called so is lit, however many steps that takes. */
    private void until(String stop) {
        for (int step = 0; step < 30 && lit().count() > 0; step++) {
            if (stop.equals(lit().first().getAttribute("data-lit"))) {
                return;
            }
            page.clock().runFor(1_000);
        }
        assertThat(lit().first()).hasAttribute("data-lit", stop);
    }

    private void untilItRests() {
        for (int step = 0; step < 60 && lit().count() > 0; step++) {
            page.clock().runFor(1_000);
        }
        assertThat(page.getByText("press a switch to go on")).isVisible();
    }

    private Locator cell(String label) {
        return page.locator("[data-rows] button[aria-label='" + label + "']");
    }

    @Test
    void allIsSetOnOneScreenWithTheBoardBesideIt() {
        page.navigate("/students/" + ilse.id() + "/talking");
        page.locator("main[data-ready]").waitFor();
        actions = 0;
        w.button("when the finger is lifted").click();
        page.getByRole(AriaRole.MENUITEM).filter(new Locator.FilterOptions().setHasText("after resting")).click();
        assertThat(w.button("0.6 s")).isVisible();
        w.button("no time").click();
        page.getByRole(AriaRole.MENUITEM).filter(new Locator.FilterOptions().setHasText("0.3 s")).click();
        w.button("scan with a switch").click();
        assertThat(page.getByText("A word takes")).containsText("on average");
        w.button("row by row, then cell by cell").click();
        page.getByRole(AriaRole.MENUITEM).filter(new Locator.FilterOptions().setHasText("block by block")).click();
        w.button("make the blocks").click();
        page.getByLabel("Blocks").locator("button[aria-label*='in no block']").first().click();
        assertThat(page.getByLabel("Blocks").locator("button[aria-label*='in block 1']")).hasCount(1);
        assertThat(w.violations()).isEmpty();
        w.button("Done").click();
        assertThat(page.getByLabel("Try it here")).isVisible();
        assertThat(w.violations()).isEmpty();
        assertThat(student().access().touching()).isEqualTo(new Touching(Touching.When.AFTER_RESTING, 600, 300, Length.ZERO, Length.ZERO));
        assertThat(student().access().scanning()).isNotNull().extracting(Scanning::way).isEqualTo(Scanning.Way.BLOCKS);
        assertThat(student().access().scanning().blocks()).singleElement().satisfies(b -> assertThat(b.cells()).contains(1));

        Student other = TestServer.student("Jonas", odile);
        page.navigate("/students/" + other.id() + "/talking");
        w.button("talk as another student does").click();
        page.getByRole(AriaRole.MENUITEM).filter(new Locator.FilterOptions().setHasText("Ilse")).first().click();
        assertThat(page.getByText("Jonas talks with these settings now.")).isVisible();
        assertThat(w.button("after resting on one cell")).isVisible();
        w.button("take it back").click();
        assertThat(w.button("when the finger is lifted")).isVisible();
    }

    @Test
    void aTouchCountsAsItWasFoundRight() {
        talkBy(new Touching(Touching.When.AFTER_RESTING, 600, 1_000, Length.mm(4), Length.mm(2)), null);
        Locator first = page.locator("[data-rows] button[data-stop]").first();
        first.hover();
        page.mouse().down();
        page.clock().runFor(500);
        page.mouse().up();
        assertThat(message()).hasCount(0);
        page.mouse().down();
        assertThat(first).hasAttribute("data-meant", "AFTER_RESTING");
        page.clock().runFor(650);
        assertThat(message()).hasCount(1);
        page.mouse().up();
        assertThat(message()).hasCount(1);
        // Too soon after one that counted, however long it rests.
        page.mouse().down();
        page.clock().runFor(900);
        page.mouse().up();
        assertThat(message()).hasCount(1);
        // By keys it is as ever.
        first.focus();
        page.keyboard().press("Enter");
        assertThat(message()).hasCount(2);
    }

    @Test
    void aWordIsSaidAndClearedAndHomeIsReachedByOneSwitch() {
        talkBy(Touching.USUAL, BY_ROWS);
        String word = cell("help").getAttribute("data-stop");
        until("row " + (Integer.parseInt(cell("help").getAttribute("data-row")) + 1));
        page.keyboard().press("Space");
        until(word);
        page.keyboard().press("Space");
        assertThat(message()).hasCount(1);
        until("bar");
        page.keyboard().press("Space");
        until("clear");
        page.keyboard().press("Space");
        assertThat(message()).hasCount(0);
        // After its rounds it rests, and a press begins anew.
        untilItRests();
        page.keyboard().press("Space");
        assertThat(lit().first()).hasAttribute("data-lit", "row 1");
        // The way out asks once more, and staying comes first.
        until("way-out");
        page.keyboard().press("Space");
        assertThat(page.getByText("stay here")).isVisible();
        page.keyboard().press("Space");
        assertThat(lit().first()).hasAttribute("data-lit", "row 1");
        until("way-out");
        page.keyboard().press("Space");
        page.clock().runFor(1_000);
        page.clock().resume();
        page.keyboard().press("Space");
        page.waitForURL("**/boards/**");
    }

    @Test
    void twoSwitchesGoOnAndTakeAndOneThatChattersCountsOnce() {
        talkBy(Touching.USUAL, new Scanning(Scanning.Way.CELLS, 1_000, 0, 2, false, new Switch(Switch.Sort.TOUCH, ""), new Switch(Switch.Sort.ANY_KEY, ""), 300,
            List.of()));
        List<String> ids = page.locator("[data-rows] button[data-stop]").all().stream().map(b -> b.getAttribute("data-stop")).toList();
        String first = lit().first().getAttribute("data-lit");
        assertThat(ids).contains(first);
        page.clock().runFor(30_000);
        assertThat(lit().first()).hasAttribute("data-lit", first);
        page.keyboard().press("k");
        page.keyboard().press("k");
        String second = lit().first().getAttribute("data-lit");
        assertThat(second).isNotEqualTo(first);
        page.clock().runFor(400);
        page.keyboard().press("j");
        assertThat(lit().first()).not().hasAttribute("data-lit", second);
        // A touch anywhere takes what is lit, not what is under it.
        Locator word = cell("help");
        for (int step = 0; step < 30 && !word.getAttribute("data-stop").equals(lit().first().getAttribute("data-lit")); step++) {
            page.clock().runFor(400);
            page.keyboard().press("j");
        }
        page.locator("[data-stop='" + first + "']").click();
        assertThat(message()).hasCount(1);
        assertThat(message()).hasAttribute("aria-label", "help, to say or take out");
        // Whoever helps leaves by holding, or by Escape.
        page.clock().resume();
        page.keyboard().press("Escape");
        page.waitForURL("**/boards/**");
    }
}
