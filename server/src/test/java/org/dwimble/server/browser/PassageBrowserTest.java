package org.dwimble.server.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import org.dwimble.core.board.Button;
import org.junit.jupiter.api.Test;

/** What of a text can be said, as a person sees it in the browser. */
class PassageBrowserTest extends Counted {
    private static final String SONG = "Tide song\nThe sea comes in, the limpets hold, the sea goes out again. "
        + "Piran counts 12 limpets and we didn't want to go home.";

    PassageBrowserTest() {
        super("starter-40");
    }

    @Test
    void aTextIsReadAndWhatIsMissingStandsOnANewBoard() throws IOException {
        w.bench(id, "animals");
        w.button("what can be said").click();
        assertThat(page.getByRole(AriaRole.STATUS)).containsText("which of its words can be said now");
        actions = 1;
        page.getByLabel("The text").fill(SONG);
        assertThat(page.getByText("% of it can be said now")).isVisible();
        assertThat(page.getByText("1 name")).isVisible();
        assertThat(page.getByText("(goes)")).isVisible();
        assertThat(page.getByRole(AriaRole.CHECKBOX, new Page.GetByRoleOptions().setName("limpet 2 times"))).isChecked();
        assertThat(w.violations()).isEmpty();
        click(page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(java.util.regex.Pattern.compile("Put \\d+ words there"))));
        assertThat(w.button("what can be said")).isVisible();
        counted("a text in, its missing words on a new board", 3);
        assertThat(now().boards()).hasSize(26);
        assertThat(now().boards().values()).filteredOn(b -> b.name().equals("Tide song")).singleElement()
            .satisfies(b -> assertThat(b.buttons()).filteredOn(Button::isWord).extracting(Button::label).as("what the text has most, first").startsWith("sea",
                "limpet"));
        assertThat(now().at("animals").buttons()).extracting(Button::label).contains("Tide song");
    }

    @Test
    void severalTextsHaveEachItsShareAndWhatIsNoTextIsSaid() {
        w.bench(id, "home");
        w.button("what can be said").click();
        page.getByLabel("The text").fill("…");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("There are no words in this");
        page.getByLabel("The text").fill("want want");
        assertThat(page.getByText("100 % of it can be said now")).isVisible();
        w.button("and another text").click();
        page.getByLabel("Text 2").fill("limpets, limpets");
        assertThat(page.getByText("50 % of it can be said now")).isVisible();
        assertThat(page.getByText("Text 2: 0 %")).isVisible();
    }

    @Test
    void whoModelsIsShownTheWayToAWordCellByCell() {
        page.navigate("/vocabularies/" + id + "/talk");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("For who models: hold, or press Enter")).press("Enter");
        page.getByLabel("Where is a word?").fill("banana");
        assertThat(page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Show the way to banana on Eating and drinking"))).isVisible();
        assertThat(w.violations()).isEmpty();
        page.getByLabel("Where is a word?").press("Enter");
        assertThat(page.getByText("To “banana”: touch “eating”.")).isVisible();
        assertThat(page.locator("[data-next]")).hasCount(1);
        page.locator("[data-next]").click();
        assertThat(page.getByText("Here is “banana”.")).isVisible();
        page.locator("[data-next]").click();
        assertThat(page.locator("[data-next]")).hasCount(0);
        sought("yes");
        assertThat(page.locator("[data-next]")).hasCount(1);
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("For who models: hold, or press Enter")).press("Enter");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("no longer show the way to “yes”")).click();
        assertThat(page.locator("[data-next]")).hasCount(0);
    }

    private void sought(String word) {
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("For who models: hold, or press Enter")).press("Enter");
        page.getByLabel("Where is a word?").fill(word);
        page.getByLabel("Where is a word?").press("Enter");
    }
}
