package org.dwimble.server.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** The map of all boards, as it is drawn and as it is read. */
class MapBrowserTest extends SignedIn {
    MapBrowserTest() {
        super("starter-40");
    }

    private Locator drawn(String board) {
        return page.locator(".react-flow__node").filter(new Locator.FilterOptions().setHasText(Pattern.compile("^" + board)));
    }

    @Test
    void everyBoardIsDrawnAndAClickGoesThere() {
        http.post("/api/vocabularies/" + id + "/edits", "{\"base\":1,\"edit\":{\"type\":\"delete-board\",\"board\":\"play\"}}");
        w.bench(id, "home");
        w.button("map of boards").click();
        assertThat(page.locator(".react-flow__node")).hasCount(24);
        assertThat(drawn("Home")).containsText("1 button leads nowhere");
        assertThat(drawn("More play")).containsText("no taps lead here");
        drawn("Animals").hover();
        assertThat(page.getByRole(AriaRole.COMPLEMENTARY, new Page.GetByRoleOptions().setName("Board Animals")))
            .containsText("8 empty cells, 2 taps from home");
        assertThat(w.violations()).isEmpty();
        drawn("Animals").click();
        assertThat(w.heading("Animals")).isVisible();
    }

    @Test
    void aBoardDraggedOverAnotherIntoACellIsOpenedFromThere() {
        page.navigate("/vocabularies/" + id + "/map");
        drawn("Animals").hover();
        page.mouse().down();
        drawn("Feelings").hover();
        Locator cell = page.locator("[data-cell='row 2, place 1']");
        cell.hover();
        cell.hover();
        page.mouse().up();
        assertThat(page.getByText("“happy” on Feelings opens Animals now.").or(page.getByText("on Feelings opens Animals now."))).isVisible();
        w.bench(id, "feelings");
        assertThat(page.locator("[role=gridcell][aria-label*='row 2, place 1, opens a board']")).isVisible();
    }

    @Test
    void theSameIsATreeForKeyboardAndScreenReader() {
        page.navigate("/vocabularies/" + id + "/map");
        Locator tree = page.getByRole(AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName("All boards as a tree"));
        assertThat(tree.getByRole(AriaRole.LINK)).hasCount(25);
        w.button("Fold 10 behind More topics").press("Enter");
        assertThat(tree.getByRole(AriaRole.LINK)).hasCount(15);
        assertThat(page.locator(".react-flow__node")).hasCount(15);
        assertThat(w.button("Show 10 behind More topics")).hasAttribute("aria-expanded", "false");
        tree.getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName("Play").setExact(true)).press("Enter");
        assertThat(w.heading("Play")).isVisible();
    }
}
