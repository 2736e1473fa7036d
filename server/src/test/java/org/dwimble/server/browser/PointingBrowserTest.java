package org.dwimble.server.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.regex.Pattern;
import org.dwimble.core.access.Access;
import org.dwimble.core.access.Scanning;
import org.dwimble.core.access.Switch;
import org.dwimble.core.access.Touching;
import org.dwimble.server.TestServer;
import org.dwimble.server.student.StudentStore;
import org.junit.jupiter.api.Test;

/** A pointing check, as a student and a partner do it in the browser. */
class PointingBrowserTest extends Counted {
    PointingBrowserTest() {
        super("first-choices");
    }

    private void opened(String... grids) {
        page.navigate("/students/" + ilse.id() + "/pointing");
        for (String usual : List.of("2 x 3", "3 x 4", "4 x 6")) {
            Locator box = page.getByRole(AriaRole.CHECKBOX, new Page.GetByRoleOptions().setName(usual + ":"));
            box.setChecked(List.of(grids).contains(usual));
        }
    }

    private void targets(int count) {
        page.getByLabel("Targets of each size").fill(String.valueOf(count));
        page.keyboard().press("Tab");
    }

    private Locator target() {
        return page.locator("[data-row][data-target]");
    }

    @Test
    void whatAFingerHitsAndMissesIsTold() {
        opened("2 x 3");
        targets(4);
        assertThat(page.getByText("4 targets in all.")).isVisible();
        assertThat(w.violations()).isEmpty();
        w.button("Begin").click();
        target().click();
        assertThat(page.getByText("2 of 4")).isVisible();
        assertThat(w.violations()).isEmpty();
        target().press("Enter");
        assertThat(page.getByText("3 of 4")).isVisible();
        page.locator("[data-row]:not([data-target])").first().click();
        assertThat(page.getByText("4 of 4")).isVisible();
        target().click();
        Locator found = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("What was found"));
        assertThat(found).containsText("No size is hit for sure in 80 of 100 yet.");
        assertThat(found).containsText("3 of 4");
        assertThat(w.violations()).isEmpty();
        w.button("take this check off").click();
        assertThat(found).containsText("Nothing yet.");
        w.button("have it back").click();
        assertThat(found).containsText("3 of 4");
    }

    @Test
    void brokenOffWhatThereIsIsKeptOrThrownAway() {
        opened("2 x 3", "3 x 4");
        w.button("Begin").click();
        target().click();
        w.button("break off").click();
        assertThat(w.violations()).isEmpty();
        w.button("Go on").click();
        assertThat(page.getByText("2 of 32")).isVisible();
        w.button("break off").click();
        w.button("Keep what there is").click();
        assertThat(page.getByText("It was broken off.")).isVisible();
        w.button("Begin").click();
        w.button("break off").click();
        assertThat(w.button("Keep what there is")).isHidden();
        w.button("Throw it away").click();
        assertThat(page.getByRole(AriaRole.ARTICLE)).hasCount(1);
    }

    @Test
    void whatIsPointedAtOnPaperIsToldByThePartnerAndKeptForTheHand() {
        opened("2 x 3");
        page.getByText("with a finger, on paper").click();
        assertThat(page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Print the sheet"))).hasAttribute("href", Pattern.compile("seed="));
        w.button("Tell what is pointed at").click();
        assertThat(w.violations()).isEmpty();
        w.button("none of them").click();
        w.button("the one before again").click();
        for (int i = 1; i <= 16; i++) {
            assertThat(page.getByText(i + " of 16, on the sheet of 2 x 3")).isVisible();
            page.locator("[data-asked]").click();
        }
        assertThat(page.getByText("16 of 16 were hit")).isVisible();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Keep \\d+ mm as what the hand needs"))).click();
        assertThat(page.getByText("Kept: no cell of a board made for")).isVisible();
        assertThat(TestServer.bean(StudentStore.class).find(ilse.id()).orElseThrow().hand()).isNotNull();
        page.navigate("/students/" + ilse.id());
        assertThat(page.getByText(Pattern.compile("Cells of \\d+ mm are hit for sure"))).isVisible();
    }

    @Test
    void aSwitchChoosesAsInTalk() {
        StudentStore students = TestServer.bean(StudentStore.class);
        Scanning byTwo = new Scanning(Scanning.Way.CELLS, 1_000, 0, 2, false, Switch.SPACE, new Switch(Switch.Sort.ANY_KEY, ""), 0, List.of());
        students.change(students.find(ilse.id()).orElseThrow().withAccess(new Access(Touching.USUAL, byTwo)), students.find(ilse.id()).orElseThrow());
        opened("2 x 3");
        targets(2);
        w.button("Begin").click();
        assertThat(page.locator("[data-lit]").first()).isVisible();
        page.keyboard().press("Space");
        assertThat(page.getByText("2 of 2")).isVisible();
    }
}
