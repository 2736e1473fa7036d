package org.dwimble.server.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Path;
import java.time.Instant;
import java.util.function.Consumer;
import java.util.regex.Pattern;
import org.dwimble.core.picture.Appearance;
import org.dwimble.core.screen.UsualScreen;
import org.dwimble.core.student.Student;
import org.dwimble.server.Http;
import org.dwimble.server.ServerProcess;
import org.dwimble.server.TestServer;
import org.dwimble.server.account.Account;
import org.dwimble.server.account.AccountStore;
import org.dwimble.server.board.VocabularyStore;
import org.dwimble.server.student.StudentStore;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.boot.web.server.servlet.context.ServletWebServerApplicationContext;

/** A tablet whose school's server is really stopped, and which is switched off and on again meanwhile. */
@ExtendWith({TestServer.class, Browser.class})
class OfflineBrowserTest {
    private static final String QUICK = "-XX:TieredStopAtLevel=1";
    private static final String KEPT = """
        () => new Promise((done, failed) => {
            const open = indexedDB.open('dwimble');
            open.onerror = () => failed(open.error);
            open.onsuccess = () => {
                const all = open.result.transaction(['packs', 'bytes'], 'readonly');
                const packs = all.objectStore('packs').count();
                const bytes = all.objectStore('bytes').count();
                all.oncomplete = () => { open.result.close(); done(packs.result + ' packs, ' + (bytes.result > 0 ? 'some' : 'no') + ' bytes'); };
            };
        })""";
    @TempDir
    private Path home;
    @TempDir
    private Path profile;
    private final Account odile = new Account(1, "odile", "Odile", "", true);
    private long words;
    private long others;
    private long day;

    private void prepare() {
        try (ServletWebServerApplicationContext first = TestServer.start(home)) {
            first.getBean(AccountStore.class).create("odile", "Odile", "", TestServer.PASSWORD, true);
            words = vocabulary(first, "Ilse");
            others = vocabulary(first, "Jonas");
        }
    }

    private long vocabulary(ServletWebServerApplicationContext at, String name) {
        at.getBean(StudentStore.class).add(new Student(name, name, 1, "", UsualScreen.COMMON.screen(), Appearance.USUAL), odile.id());
        VocabularyStore store = at.getBean(VocabularyStore.class);
        long from = store.starters().stream().filter(s -> "first-choices".equals(s.starter())).findFirst().orElseThrow().id();
        return store.copy(from, name, name + "’s words", odile.id(), Instant.now());
    }

    private void on(int port, Consumer<Page> doing) {
        try (BrowserContext tablet = Browser.tablet(profile, port)) {
            doing.accept(tablet.newPage());
        }
    }

    private void signIn(Page page) {
        page.navigate("/");
        page.getByLabel("Name you sign in with").fill("odile");
        page.getByLabel("Password").fill(TestServer.PASSWORD);
        page.keyboard().press("Enter");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Odile: account")).waitFor();
    }

    private void talk(Page page, long vocabulary) {
        page.navigate("/vocabularies/" + vocabulary + "/talk");
        page.locator("main[data-ready]").waitFor();
    }

    private static Locator cell(Page page, String label) {
        return page.locator("[data-rows] button[aria-label='" + label + "']");
    }

    private static Locator network(Page page) {
        return page.getByLabel("Network");
    }

    /** Whoever helps reads how it stands. */
    private static void ready(Page page) {
        page.getByLabel("For who models: hold, or press Enter").press("Enter");
        page.getByRole(AriaRole.DIALOG).getByText(Pattern.compile("^Ready for talking without network")).waitFor();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("close")).click();
    }

    @Test
    void talkGoesOnWithoutAServerAndLearnsOfWhatChangedBetweenTwoMessages() {
        prepare();
        int port;
        try (ServerProcess server = ServerProcess.start(home, QUICK)) {
            port = server.port();
            day = dayOn(Http.as(odile, port));
            on(port, page -> {
                signIn(page);
                talk(page, words);
                ready(page);
                assertThat(page.evaluate(KEPT)).isEqualTo("1 packs, some bytes");
            });
            server.kill();
        }
        on(port, page -> {
            talk(page, words);
            assertThat(network(page)).containsText("No network. Boards of today");
            assertThat((Boolean) cell(page, "eat").locator("img").first().evaluate("async i => { await i.decode(); return i.naturalWidth > 0; }")).isTrue();
            page.waitForResponse(r -> r.url().contains("/api/speech?text=eat") && r.ok(), () -> cell(page, "eat").click());
            assertThat(page.getByLabel("Message", new Page.GetByLabelOptions().setExact(true))).containsText("eat");
            assertThat(cell(page, "home")).isVisible();
            cell(page, "home").click();
            cell(page, "drink").click();
            touchNow(page, "bus");
            assertThat(now(page)).containsText("swim");
            // What was touched is known after the page is opened anew.
            talk(page, words);
            cell(page, "drink").click();
            assertThat(now(page)).containsText("swim");
            // Another student's boards are not on this device.
            page.navigate("/vocabularies/" + others + "/talk");
            assertThat(page.getByText("These boards cannot be shown")).isVisible();
            page.navigate("/caseload");
            assertThat(page.getByText("The server cannot be reached.").first()).isVisible();
            // And the way on.
            assertThat(page.getByText("Talk works without network here:").getByRole(AriaRole.LINK)).hasText("Ilse");
        });
        try (ServerProcess server = ServerProcess.on(port, home, QUICK)) {
            on(port, page -> {
                signIn(page);
                talk(page, words);
                ready(page);
                Http http = Http.as(odile, server.port());
                page.waitForCondition(() -> http.get("/api/lists/" + day + "/day").json().get("marks").size() == 1);
                assertThat(http.get("/api/lists/" + day + "/day").json().get("run").get("events").get(0).get("state").asString()).isEqualTo("OVER");
                cell(page, "eat").click();
                assertThat(cell(page, "home")).isVisible();
                assertThat(http.post("/api/vocabularies/" + words + "/edits", "{\"base\":2,\"edit\":{\"type\":\"give-label\",\"board\":\"home\",\"button\":\""
                    + idOf(http, "drink") + "\",\"label\":\"tea\"}}").status()).isEqualTo(200);
                page.waitForResponse(r -> r.url().endsWith("/api/vocabularies/" + words + "/boards") && r.ok(),
                    () -> page.evaluate("window.dispatchEvent(new Event('online'))"));
                cell(page, "home").click();
                assertThat(cell(page, "drink")).isVisible();
                page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("clear")).click();
                assertThat(cell(page, "tea")).isVisible();
                assertThat(page.getByText("These are the boards as they are now.")).isVisible();

                page.navigate("/caseload");
                page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Odile: account")).click();
                page.getByText("Sign out").click();
                page.getByLabel("Name you sign in with").waitFor();
                assertThat(page.evaluate(KEPT)).isEqualTo("0 packs, no bytes");
            });
        }
        on(port, page -> {
            page.navigate("/vocabularies/" + words + "/talk");
            assertThat(page.getByText("The server cannot be reached.").first()).isVisible();
            assertThat(page.locator("[data-rows]")).hasCount(0);
        });
    }

    /** Ilse’s day, shown by a button of her home board. */
    private long dayOn(Http http) {
        long list = http.post("/api/lists", "{\"student\":\"Ilse\",\"name\":\"The day\",\"text\":\"bus, swim\",\"as\":\"DAY\"}").json().get("id").asLong();
        assertThat(http.post("/api/vocabularies/" + words + "/edits", "{\"base\":1,\"edit\":{\"type\":\"give-doings\",\"board\":\"home\",\"button\":\""
            + idOf(http, "drink") + "\",\"doings\":[{\"type\":\"show-list\",\"list\":" + list + "}]}}").status()).isEqualTo(200);
        return list;
    }

    /** What happens now, of the day that is shown. */
    private static Locator now(Page page) {
        return page.locator("li[data-state=NOW]");
    }

    private static void touchNow(Page page, String what) {
        assertThat(now(page)).containsText(what);
        now(page).getByRole(AriaRole.BUTTON).click();
    }

    private String idOf(Http http, String label) {
        for (var button : http.get("/api/vocabularies/" + words + "/boards/home").json().get("buttons")) {
            if (button.get("label").asString().equals(label)) {
                return button.get("id").asString();
            }
        }
        throw new AssertionError(label);
    }
}
