package org.dwimble.server.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import org.dwimble.core.grant.Role;
import org.dwimble.core.student.Student;
import org.dwimble.server.Http;
import org.dwimble.server.TestServer;
import org.dwimble.server.account.Account;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** A father with his telephone: what he comes to is whole, in one column, and answers to a finger. */
@ExtendWith({TestServer.class, Browser.class})
class TelephoneBrowserTest {
    /** What a finger is meant to touch and that is cut off at a side, or lies over another such thing or over a line of text. */
    private static final String IN_THE_WAY = """
        () => {
          const shown = (e) => e.checkVisibility({ opacityProperty: true, visibilityProperty: true }) && e.getBoundingClientRect().width > 0;
          const name = (e) => (e.getAttribute('aria-label') || e.innerText || e.tagName).trim().slice(0, 40);
          const controls = [...document.querySelectorAll('a, button, input, [role=button]')].filter(shown);
          const texts = [...document.querySelectorAll('h1, h2, h3, p, dt, dd, time')].filter(shown);
          const wrong = [];
          if (document.documentElement.scrollWidth > innerWidth) wrong.push('the page is ' + document.documentElement.scrollWidth + ' wide');
          const box = (e) => e.getBoundingClientRect();
          const meet = (a, b) => Math.min(a.right, b.right) - Math.max(a.left, b.left) > 2 && Math.min(a.bottom, b.bottom) - Math.max(a.top, b.top) > 2;
          for (const c of controls) {
            if (box(c).right > innerWidth + 1 || box(c).left < -1) wrong.push('cut off: ' + name(c));
            for (const other of [...controls, ...texts]) {
              if (other !== c && !c.contains(other) && !other.contains(c) && meet(box(c), box(other))) wrong.push(name(c) + ' over ' + name(other));
            }
          }
          return wrong;
        }""";

    private final Account odile = TestServer.account("Odile");
    private final Account father = TestServer.account("Joris");
    private final Http http = Http.as(odile);
    private final Student ilse = TestServer.student("Ilse", odile);
    private final long id = TestServer.copy("starter-40", ilse, odile);
    private Browser.Window w;
    private Page page;

    @BeforeEach
    void open() {
        TestServer.join(ilse, father, Role.VIEWER);
        w = Browser.Window.telephone();
        page = w.page;
        page.navigate("/");
        page.getByLabel("Name you sign in with").waitFor();
        nothingInTheWay();
        page.getByLabel("Name you sign in with").fill(father.signIn());
        page.getByLabel("Password").fill(TestServer.PASSWORD);
        w.button("Sign in").tap();
        w.button("Joris: account").waitFor();
    }

    @AfterEach
    void close() {
        assertThat(w.errors).isEmpty();
        w.close();
    }

    private void nothingInTheWay() {
        nothingInTheWay(w);
    }

    @SuppressWarnings("unchecked")
    private static void nothingInTheWay(Browser.Window of) {
        of.still();
        assertThat((List<String>) of.page.evaluate(IN_THE_WAY)).as(of.page.url()).isEmpty();
        assertThat(of.violations()).as(of.page.url()).isEmpty();
    }

    @Test
    void whereAVocabularyIsStarted() {
        try (Browser.Window hers = Browser.Window.telephone().as(odile)) {
            hers.page.navigate("/students/" + ilse.id() + "/start");
            hers.heading("Start Ilse’s vocabulary").waitFor();
            hers.button("Copy for Ilse").first().waitFor();
            nothingInTheWay(hers);
        }
    }

    @Test
    void fromTheCaseloadToTheStudentToTalking() {
        Locator name = page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Ilse"));
        name.first().waitFor();
        nothingInTheWay();
        assertThat(w.button("Add a student")).hasCount(0);
        name.first().tap();
        // The caseload has a heading of that name too, of a lower level.
        page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Ilse").setLevel(1)).waitFor();
        nothingInTheWay();
        w.link("Talk").first().tap();
        Locator message = page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Message"));
        message.waitFor();
        nothingInTheWay();
        for (String word : List.of("want", "go")) {
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(word).setExact(true)).tap();
        }
        assertThat(message).containsText("want");
        assertThat(message).containsText("go");
        assertThat(message.boundingBox().height).as("there is room to see what was said").isGreaterThan(40);
        assertThat(message.boundingBox().width).isGreaterThan(120);
        Locator said = page.getByRole(AriaRole.STATUS).filter(new Locator.FilterOptions().setHasText("go"));
        assertThat(said).isVisible();
        assertThat(said.boundingBox().y).as("what was said lies below the words")
            .isGreaterThanOrEqualTo(message.boundingBox().y + message.boundingBox().height);
        w.button("clear").tap();
        assertThat(message).not().containsText("want");
    }

    @Test
    void whereAWordIsForEachStudent() {
        page.navigate("/where?word=apple");
        page.getByText("Ilse", new Page.GetByTextOptions().setExact(true)).first().waitFor();
        nothingInTheWay();
        page.navigate("/where");
        page.getByLabel("Where is a word?").fill("apple");
        w.button("Find it").tap();
        assertThat(page.getByText("Eating and drinking").first()).isVisible();
    }

    @Test
    void listsAndWhatIsMadeOfOne() {
        long list = http.post("/api/lists", "{\"name\":\"Ferry\",\"text\":\"ferry, seal, crab\",\"student\":\"" + ilse.id() + "\"}").json().get("id").asLong();
        page.navigate("/lists");
        Locator line = page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Ferry"));
        line.first().waitFor();
        nothingInTheWay();
        line.first().tap();
        page.waitForURL("**/lists/" + list);
        Locator sheet = page.locator("[class*=paper] svg").first();
        sheet.waitFor();
        nothingInTheWay();
        assertThat((Integer) page.evaluate("() => Math.round(scrollY)")).as("the page begins where it begins").isZero();
        assertThat(sheet.boundingBox().width).as("the sheet is as wide as the telephone lets it").isBetween(300.0, 390.0);
    }

    @Test
    void aBoardOnPaper() {
        page.navigate("/vocabularies/" + id + "/boards/home/print");
        Locator sheet = page.locator("[class*=paper] svg").first();
        sheet.waitFor();
        nothingInTheWay();
        assertThat(sheet.boundingBox().width).isBetween(300.0, 390.0);
        assertThat(sheet.boundingBox().height).as("a sheet lying down takes no more than its height").isLessThan(330);
        assertThat(w.link("Make the PDF").or(w.button("Make the PDF"))).isVisible();
    }
}
