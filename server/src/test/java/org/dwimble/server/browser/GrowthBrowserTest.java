package org.dwimble.server.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import org.dwimble.core.board.Leads;
import org.junit.jupiter.api.Test;

/** Words that grow and are one word again, as a person does it in the browser. */
class GrowthBrowserTest extends Counted {
    GrowthBrowserTest() {
        super("first-choices");
    }

    private Locator dialog() {
        return page.getByRole(AriaRole.DIALOG);
    }

    @Test
    void aWordGrowsInItsPlaceAndIsOneWordAgain() throws IOException {
        w.bench(id, "drink");
        w.cell("juice,").click();
        actions = 0;
        click(w.button("let it grow…"));
        assertThat(dialog()).containsText("“juice” on Drink opens Eating and drinking, of Starter 40");
        assertThat(dialog()).containsText("It will stand there in row 1, place 7. By way of that board it takes 3 taps to say");
        assertThat(w.violations()).isEmpty();
        click(dialog().getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Let “juice” grow into Eating and drinking")));
        assertThat(dialog()).isHidden();
        assertThat(page.getByText("It has grown: it opens Eating and drinking.")).isVisible();
        counted("a word grown, with the choice", 2);
        assertThat(at("drink", 0, 2).leads()).isEqualTo(new Leads.Opens("eating"));
        assertThat(at("drink", 0, 2).isWord()).as("the first tap says it still").isTrue();
        assertThat(at("eating", 0, 6).leads()).isEqualTo(Leads.STAYS);
        actions = 0;
        click(w.button("make it one word again"));
        assertThat(w.button("let it grow…")).isVisible();
        counted("a grown word made one word again", 1);
        assertThat(now().boards()).doesNotContainKey("eating");
        press("Control+z");
        assertThat(page.getByText("It has grown: it opens Eating and drinking.")).isVisible();
    }

    @Test
    void whatCanGrowNextIsListedAndTheFirstTapMayOnlyOpen() {
        w.bench(id, "home");
        w.button("let words grow").click();
        assertThat(dialog().getByRole(AriaRole.LISTITEM)).not().hasCount(0);
        page.getByRole(AriaRole.CHECKBOX, new Page.GetByRoleOptions().setName("the first tap still says it")).uncheck();
        assertThat(w.violations()).isEmpty();
        dialog().getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Let “ball” grow into Play")).click();
        assertThat(dialog().getByText("“ball” on")).hasCount(0);
        assertThat(at("play", 0, 1).isWord()).isFalse();
        page.keyboard().press("Escape");
        assertThat(dialog()).isHidden();
    }

    @Test
    void severalWordsGrowOverWeeksAsAPlanEachTriedInTalkBeforeItIsMovedOnTo() {
        w.bench(id, "home");
        w.button("let words grow").click();
        dialog().getByText("of this one and all it opens").click();
        dialog().getByText("several, over weeks, as a plan").click();
        page.getByLabel("At each step grow").fill("1");
        page.keyboard().press("Tab");
        assertThat(w.violations()).isEmpty();
        Locator juice = dialog().getByRole(AriaRole.CHECKBOX, new Locator.GetByRoleOptions().setName("is in the plan"));
        assertThat(juice).not().hasCount(0);
        int all = juice.count();
        juice.first().uncheck();
        Locator plan = dialog().getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Plan " + (all - 1) + " steps"));
        plan.click();
        assertThat(dialog()).isHidden();
        org.assertj.core.api.Assertions.assertThat(now().plan().steps()).hasSize(all);
        w.button("Reveal").click();
        w.button("More about step 2").click();
        page.getByText("Try it in talk; nothing is kept").click();
        assertThat(page.getByRole(AriaRole.NOTE, new Page.GetByRoleOptions().setName("Tried")))
            .containsText("This tries step 2, Words grow 1. Nothing of it is kept");
        assertThat(w.violations()).isEmpty();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Back to the boards")).click();
        assertThat(w.button("Move on to step 2")).isHidden();
        w.button("Reveal").click();
        w.button("Move on to step 2").click();
        assertThat(w.button("Move on to step 3")).isVisible();
        org.assertj.core.api.Assertions.assertThat(now().plan().at()).isEqualTo(2);
    }
}
