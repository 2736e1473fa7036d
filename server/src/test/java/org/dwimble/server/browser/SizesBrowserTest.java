package org.dwimble.server.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** How large cells are, as a person sees it in the browser. */
class SizesBrowserTest extends Counted {
    SizesBrowserTest() {
        super("starter-40");
    }

    @Test
    void cellsAreSeenOnTheStudentsScreenAndOnOneMeasuredByACardWhichIsKept() {
        page.navigate("/students/" + ilse.id() + "/sizes");
        assertThat(page.getByRole(AriaRole.ROWHEADER, new Page.GetByRoleOptions().setName("the starter Starter 40"))).isVisible();
        assertThat(w.violations()).isEmpty();
        page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("by its diagonal and its dots")).check();
        assertThat(page.getByText("That is 203 x 152 mm.")).isVisible();
        page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("this one, with a bank card")).check();
        page.getByRole(AriaRole.SLIDER, new Page.GetByRoleOptions().setName("How wide the drawn card is")).press("ArrowRight");
        assertThat(w.violations()).isEmpty();
        w.button(ilse.name() + " talks on this one").click();
        assertThat(page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName(Pattern.compile("screen: \\d+ x \\d+ mm")))).isVisible();
    }
}
