package org.dwimble.server.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
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

    @Test
    void aWordIsSpeltWithThoseThatAreOffered() {
        w.bench(id, "play");
        w.cell("empty, row 4, place 2").click();
        w.button("add a board").click();
        page.getByLabel("What it begins with").fill("as one types");
        page.keyboard().press("Enter");
        w.button("Make it").click();
        assertThat(w.cell("q, row")).isVisible();
        String board = ((Leads.Opens) at("play", 3, 1).leads()).board();
        page.navigate("/vocabularies/" + id + "/talk?board=" + board);
        page.locator("main[data-ready]").waitFor();
        for (String letter : new String[] {"b", "a", "l"}) {
            key(letter).click();
        }
        Locator message = page.getByLabel("Message");
        assertThat(message).hasText("bal");
        assertThat(key("ball")).isVisible();
        double where = key("ball").boundingBox().x;
        assertThat(w.violations()).isEmpty();
        key("l").click();
        assertThat(message).hasText("ball");
        assertThat(key("ball")).isVisible();
        assertThat(key("ball").boundingBox().x).as("it keeps its cell while the word is spelt").isEqualTo(where);
        key("ball").click();
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
        w.bench(id, "play");
        w.cell("empty, row 4, place 2").click();
        w.button("add a board").click();
        page.getByLabel("What it begins with").fill("by the alphabet");
        page.keyboard().press("Enter");
        w.button("Make it").click();
        assertThat(w.cell("a, row")).isVisible();
        String board = ((Leads.Opens) at("play", 3, 1).leads()).board();
        page.navigate("/vocabularies/" + id + "/talk?board=" + board);
        page.locator("main[data-ready]").waitFor();
        page.route("**/offered-words", route -> route.abort());
        key("b").click();
        key("a").click();
        key("l").click();
        assertThat(key("ball")).isVisible();
    }
}
