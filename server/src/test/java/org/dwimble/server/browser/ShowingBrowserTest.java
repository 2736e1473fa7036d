package org.dwimble.server.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.io.IOException;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import org.dwimble.server.TestServer;
import org.dwimble.server.media.Photos;
import org.dwimble.server.wordlist.ListStore;
import org.junit.jupiter.api.Test;

/** Days, walks and books: made, shown, read, and opened from a button. */
class ShowingBrowserTest extends Counted {
    private static final int SOON = 60_000;

    ShowingBrowserTest() {
        super("first-choices");
    }

    private void begin(String what) {
        page.navigate("/students/" + ilse.id());
        page.locator("main[data-ready]").waitFor();
        actions = 0;
        click(w.button(what));
        page.getByLabel("Its pages").waitFor();
    }

    private void show() {
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Show it")).click();
        // The page it is made on has a main part that is ready, too.
        page.locator("main.showing_whole[data-ready]").waitFor();
    }

    private void type(String text) {
        page.getByPlaceholder(Pattern.compile("or type ")).fill(text);
        page.keyboard().press("Enter");
    }

    private Locator step(String name) {
        return page.getByRole(AriaRole.LISTITEM).filter(new Locator.FilterOptions().setHasText(name));
    }

    private List<ListStore.OnRow> row() {
        return TestServer.bean(ListStore.class).onRow(ilse.id());
    }

    @Test
    void aBookOfSixPhotosIsReadAndOpenedFromAButton() throws IOException {
        begin("a new book");
        page.getByLabel("Picture files").setInputFiles(IntStream.range(0, 6)
            .mapToObj(i -> new FilePayload("IMG_" + i + ".jpg", "image/jpeg", Photos.jpeg(80 + i, 60))).toArray(FilePayload[]::new));
        actions++;
        Locator texts = page.getByLabel(Pattern.compile("^Text of page"));
        assertThat(texts).hasCount(6, new LocatorAssertions.HasCountOptions().setTimeout(SOON));
        for (int i = 0; i < 6; i++) {
            texts.nth(i).click();
            enter("Page " + (i + 1) + " has a seal.");
        }
        assertThat(texts.nth(5)).hasValue("Page 6 has a seal.");
        counted("a book of six photos with text", 8);
        assertThat(w.violations()).isEmpty();
        show();
        assertThat(w.violations()).isEmpty();
        page.waitForResponse(r -> r.url().contains("/api/speech") && r.ok(), () -> page.getByTitle("Touch to read it aloud").click());
        assertThat(page.getByText("page 1 of 6")).isVisible();
        page.keyboard().press("ArrowRight");
        assertThat(page.getByText("Page 2 has a seal.")).isVisible();
        assertThat(page.getByLabel("page 2").locator("img")).hasJSProperty("complete", true);
        page.waitForResponse(r -> r.url().contains("text=oh+no"), () -> w.button("oh no").click());
        assertThat(page.getByText("page 2 of 6")).isVisible();
        w.button("turn the page").and(page.locator("[aria-label]")).click();
        assertThat(page.getByText("page 3 of 6")).isVisible();

        w.bench(id, "home");
        w.cell("empty").first().click();
        actions = 0;
        page.getByLabel("Put here a way to").click();
        actions++;
        click(page.getByTitle("A book for Ilse"));
        assertThat(w.cell("A book for Ilse")).isVisible();
        counted("a book opened from a button", 2);
        page.navigate("/vocabularies/" + id + "/talk");
        page.locator("main[data-ready]").waitFor();
        w.button("eat").click();
        w.button("more").click();
        w.button("home").click();
        w.button("A book for Ilse").click();
        assertThat(page.getByText("Page 1 has a seal.")).isVisible();
        page.keyboard().press("Escape");
        assertThat(page.getByText("Page 1 has a seal.")).isHidden();
        assertThat(page.getByLabel("Message")).containsText("more");
    }

    @Test
    void aDayGoesOnByHandAndSaysWhatIsNotToday() throws IOException {
        begin("a new day");
        type("bus, swim, lunch");
        actions++;
        assertThat(page.getByLabel(Pattern.compile("^Text of page"))).hasCount(3);
        counted("a day of three pictures", 5);
        show();
        assertThat(step("bus")).hasAttribute("data-state", "NOW");
        assertThat(w.violations()).isEmpty();
        step("bus").getByRole(AriaRole.BUTTON).click();
        assertThat(step("bus")).hasAttribute("data-state", "OVER");
        assertThat(step("swim")).hasAttribute("data-state", "NOW");
        step("bus").getByRole(AriaRole.BUTTON).click();
        assertThat(step("bus")).hasAttribute("data-state", "NOW");
        page.getByLabel("Change the day: hold, or press Enter").focus();
        page.keyboard().press("Enter");
        page.waitForResponse(r -> r.url().contains("/day") && r.request().method().equals("PUT") && r.ok(),
            () -> step("swim").getByRole(AriaRole.BUTTON).click());
        assertThat(step("no swim today")).hasAttribute("data-state", "NOT_TODAY");
        assertThat(w.violations()).isEmpty();
        page.reload();
        assertThat(step("no swim today")).hasAttribute("data-state", "NOT_TODAY");
    }

    @Test
    void aWalkGoesOnByItselfOnceItIsSaid() {
        begin("a new walk");
        type("gate, ferry");
        assertThat(page.getByLabel(Pattern.compile("^Text of page"))).hasCount(2);
        w.button("when it is touched").click();
        page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("by itself, once one is said")).click();
        assertThat(w.button("by itself, once one is said")).isVisible();
        show();
        assertThat(w.violations()).isEmpty();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("gate").setExact(true)).first().click();
        assertThat(page.getByText("2 of 2")).isVisible(new LocatorAssertions.IsVisibleOptions().setTimeout(SOON));
        page.keyboard().press("ArrowLeft");
        assertThat(page.getByText("1 of 2")).isVisible();
    }

    @Test
    void aBookWithNoPageSaysSoAndTheWayOn() {
        begin("a new book");
        show();
        assertThat(page.getByText("There is nothing in “A book for Ilse” yet")).isVisible();
        page.getByText("Put in photos or words").click();
        page.getByLabel("Picture files").setInputFiles(new FilePayload("plan.jpg", "image/jpeg", "%PDF-1.7".getBytes()));
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("“plan.jpg” was not put in.");
        assertThat(row()).singleElement().extracting(ListStore.OnRow::name).isEqualTo("A book for Ilse");
        w.button("on Ilse’s row").click();
        page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("not on Ilse’s row")).click();
        assertThat(w.button("not on Ilse’s row")).isVisible();
        assertThat(row()).isEmpty();
    }
}
