package org.dwimble.server.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import org.dwimble.core.board.Button;
import org.dwimble.core.doing.ChangeForm;
import org.dwimble.core.doing.Form;
import org.dwimble.core.doing.OfferForm;
import org.junit.jupiter.api.Test;

/** Words in the form the sentence needs: a button that changes the last one, and cells in which the forms appear. */
class FormBrowserTest extends Counted {
    FormBrowserTest() {
        super("starter-40");
    }

    private Locator said(String word) {
        return page.locator("main").getByRole(AriaRole.GROUP).getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(word).setExact(true));
    }

    @Test
    void aFormButtonChangesTheWordSaidLast() throws IOException {
        w.bench(id, "animals");
        click(w.cell("empty, ").first());
        click(w.button("more than one"));
        assertThat(w.cell("more than one, ")).isVisible();
        counted("a form button", 2);
        assertThat(now().at("animals").buttons()).flatExtracting(Button::doings).contains(new ChangeForm(Form.MORE_THAN_ONE));
        assertThat(w.violations()).isEmpty();
        page.navigate("/vocabularies/" + id + "/talk?board=animals");
        page.locator("main[data-ready]").waitFor();
        said("fish").click();
        said("dog").click();
        page.waitForResponse(r -> r.url().contains("/api/speech?text=dogs"), () -> said("more than one").click());
        assertThat(page.getByLabel("Message")).hasText("fishdogs");
    }

    @Test
    void aRowForFormsShowsThoseThatFitEachInItsOwnCell() throws IOException {
        w.bench(id, "play");
        click(w.cell("empty, row 2, place 7"));
        click(w.button("a row for forms"));
        assertThat(w.cell("now, row 2, place 7")).isVisible();
        counted("a row for forms", 2);
        assertThat(now().at("play").buttons()).flatExtracting(Button::doings).contains(new OfferForm(Form.NOW), new OfferForm(Form.PAST));
        page.navigate("/vocabularies/" + id + "/talk?board=play");
        page.locator("main[data-ready]").waitFor();
        assertThat(page.getByLabel("nothing here now").first()).isDisabled();
        said("ball").click();
        assertThat(said("balls")).isVisible();
        assertThat(said("ball’s")).isVisible();
        said("play").click();
        assertThat(said("plays")).isVisible();
        assertThat(said("is playing")).isVisible();
        Locator past = said("played");
        double where = past.boundingBox().x;
        past.click();
        assertThat(page.getByLabel("Message")).hasText("ballplayed");
        said("dance").click();
        assertThat(said("danced")).isVisible();
        assertThat(said("danced").boundingBox().x).as("each form in its own cell").isEqualTo(where);
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("clear").setExact(true)).click();
        assertThat(page.getByLabel("nothing here now").first()).isDisabled();
    }
}
