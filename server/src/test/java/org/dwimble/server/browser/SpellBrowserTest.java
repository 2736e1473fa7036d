package org.dwimble.server.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.util.regex.Pattern;
import org.dwimble.core.board.Leads;
import org.junit.jupiter.api.Test;

/** A keyboard made from a pattern, and a word spelt on it with the words that are offered. */
class SpellBrowserTest extends Counted {
    SpellBrowserTest() {
        super("starter-40");
    }

    private Locator key(String name) {
        return page.locator("main").getByRole(AriaRole.GROUP).getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(name).setExact(true));
    }

    /** A keyboard from a pattern, opened from a cell and talked with. @param first a letter on it */
    private void talkOn(String pattern, String first) {
        w.bench(id, "play");
        w.cell("empty, row 4, place 2").click();
        w.button("add a board").click();
        page.getByLabel("What it begins with").fill(pattern);
        // What there is to begin with is asked for when the dialog opens.
        page.locator(".ant-select-item-option").filter(new Locator.FilterOptions().setHasText(pattern)).first().waitFor();
        page.keyboard().press("Enter");
        w.button("Make it").click();
        assertThat(w.cell(first + ", row")).isVisible();
        page.navigate("/vocabularies/" + id + "/talk?board=" + ((Leads.Opens) at("play", 3, 1).leads()).board());
        page.locator("main[data-ready]").waitFor();
    }

    @Test
    void aWordIsSpeltWithThoseThatAreOffered() {
        talkOn("as one types", "q");
        for (String letter : new String[] {"b", "a", "l"}) {
            key(letter).click();
        }
        Locator message = page.getByLabel("Message");
        assertThat(message).hasText("bal");
        assertThat(key("ball, offered")).isVisible();
        double where = key("ball, offered").boundingBox().x;
        assertThat(w.violations()).isEmpty();
        key("l").click();
        assertThat(message).hasText("ball");
        assertThat(key("ball, offered")).isVisible();
        assertThat(key("ball, offered").boundingBox().x).as("it keeps its cell while the word is spelt").isEqualTo(where);
        key("ball, offered").click();
        assertThat(message.locator("img")).hasCount(1);
        key("g").click();
        key("o").click();
        key("Aa").click();
        assertThat(message).hasText("ballGo");
        key("?").click();
        assertThat(message).hasText("ballGo?");
        key("my name").click();
        assertThat(message).containsText("Go?");
    }

    @Test
    void theStudentsOwnWordsAreOfferedAlsoWhereTheNetworkIsLost() {
        talkOn("by the alphabet", "a");
        page.route("**/offered-words", route -> route.abort());
        key("b").click();
        key("a").click();
        key("l").click();
        assertThat(key("ball, offered")).isVisible();
    }

    @Test
    void whatWasSpeltIsMadeAButtonWhereItBelongs() throws IOException {
        talkOn("by the alphabet", "a");
        for (String letter : "otter".split("")) {
            key(letter).click();
        }
        page.getByTitle("Hold to show more").focus();
        press("Enter");
        click(w.button("put “otter” where it belongs"));
        assertThat(page.getByText(Pattern.compile("“otter” stands on .*nimals now."))).isVisible();
        counted("what was spelt made a button where it belongs", 2);
        assertThat(now().boards().values().stream().flatMap(b -> b.buttons().stream()).anyMatch(b -> b.label().equals("otter") && b.picture() != null))
            .isTrue();
    }
}
