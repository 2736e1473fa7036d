package org.dwimble.server.browser;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.dwimble.core.access.Access;
import org.dwimble.core.access.Scanning;
import org.dwimble.core.access.Switch;
import org.dwimble.core.access.Touching;
import org.dwimble.core.board.Acts;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Extras;
import org.dwimble.core.board.Kind;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Shape;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.board.Whole;
import org.dwimble.core.picture.Appearance;
import org.dwimble.core.picture.Picture;
import org.dwimble.core.screen.UsualScreen;
import org.dwimble.core.showing.Showing;
import org.dwimble.core.student.Student;
import org.dwimble.core.told.Told;
import org.dwimble.core.wordlist.ListedWord;
import org.dwimble.core.wordlist.WordList;
import org.dwimble.server.Http;
import org.dwimble.server.TestServer;
import org.dwimble.server.account.Account;
import org.dwimble.server.account.AccountStore;
import org.dwimble.server.board.VocabularyStore;
import org.dwimble.server.library.Library;
import org.dwimble.server.student.StudentStore;
import org.dwimble.server.wordlist.ListStore;
import org.springframework.boot.web.server.servlet.context.ServletWebServerApplicationContext;

/**
 * Talk with 300 boards and 2,000 pictures on a device of its own: opened for the first time, kept for when there is no network, opened without one; a
 * touch that changes a board of 12 x 12; the beat of scanning; a book turned. Prints rows of a table; medians where there are several readings.
 */
public final class Offline {
    private static final int BOARDS = 300;
    private static final int COLUMNS = 10;
    private static final int CELLS = 60;
    private static final int PICTURES = 2_000;
    private static final int LARGE = 12;
    private static final int PAGES = 60;
    private static final int READINGS = 15;
    private static final int BEAT_MS = 700;
    private static final int SETTLED_MS = 8_000;
    private static final String READY = """
        (() => { new MutationObserver(() => {
            if (!window.readyAt && document.querySelector('main[data-ready]')) window.readyAt = performance.now();
          }).observe(document, { subtree: true, childList: true, attributes: true }); })()""";
    private static final String PACK = """
        async (of) => { if (!(await indexedDB.databases()).some((d) => d.name === 'dwimble')) return '';
          const open = await new Promise((done) => { const o = indexedDB.open('dwimble'); o.onsuccess = () => done(o.result); });
          const got = (q) => new Promise((done) => { q.onsuccess = () => done(q.result); });
          const all = open.transaction(['packs', 'addresses']);
          const [pack, parts] = await Promise.all([got(all.objectStore('packs').get(of)), got(all.objectStore('addresses').index('of').count(of))]);
          open.close();
          return pack ? pack.mark + ' ' + parts + ' ' + pack.bytes : ''; }""";
    private static final String CHECKED = """
        async () => { const begin = performance.now();
          const open = await new Promise((done) => { const o = indexedDB.open('dwimble'); o.onsuccess = () => done(o.result); });
          const all = open.transaction('bytes').objectStore('bytes');
          const bytes = await new Promise((done) => { const q = all.getAll(); q.onsuccess = () => done(q.result); });
          const digests = await Promise.all(bytes.map((b) => crypto.subtle.digest('SHA-256', b)));
          open.close();
          return performance.now() - begin; }""";

    private Offline() {
    }

    public static void main(String[] arguments) throws IOException {
        Path home = Files.createTempDirectory("dwimble-offline");
        ServletWebServerApplicationContext app = TestServer.start(home);
        int port = app.getWebServer().getPort();
        Account odile = app.getBean(AccountStore.class).create("odile", "Odile", "", TestServer.PASSWORD, true);
        StudentStore students = app.getBean(StudentStore.class);
        Student ilse = new Student("ilse", "Ilse", 1, "", UsualScreen.COMMON.screen(), Appearance.USUAL);
        Student adair = new Student("adair", "Mr Adair", null, "", UsualScreen.COMMON.screen(), Appearance.USUAL);
        students.add(ilse, odile.id());
        students.add(adair.withAccess(new Access(Touching.USUAL, new Scanning(Scanning.Way.ROWS, BEAT_MS, 0, 10, false, Switch.SPACE, null, 0, List.of()))),
            odile.id());
        VocabularyStore store = app.getBean(VocabularyStore.class);
        List<Picture> pictures = app.getBean(Library.class).search().library().subList(0, PICTURES);
        long words = store.create(large(pictures), "ilse", odile.id(), Instant.now(), Told.of("copied", "name", "bench"));
        long few = store.create(grids(pictures), "ilse", odile.id(), Instant.now(), Told.of("copied", "name", "bench"));
        long scanned = store.create(grids(pictures), "adair", odile.id(), Instant.now(), Told.of("copied", "name", "bench"));
        List<ListedWord> pages = new ArrayList<>();
        for (int i = 0; i < PAGES; i++) {
            pages.add(ListedWord.of("p" + i, "Page " + i + " has a seal.", pictures.get(i).id(), null));
        }
        long book = app.getBean(ListStore.class).create(WordList.of("Book", pages).withShowing(Showing.USUAL.withAs(Showing.As.BOOK)), "ilse", odile.id(),
            Instant.now(), Told.of("list-begun"));
        try (Playwright playwright = Playwright.create(new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")))) {
            Path profile = Files.createTempDirectory("dwimble-device");
            try (BrowserContext device = device(playwright, profile, port)) {
                Page page = device.newPage();
                signIn(page);
                row("a board of 12 x 12 touched until the next is there", touches(page, few), 50);
                row("scanning by rows at " + BEAT_MS + " ms: the beat that was farthest off", beat(page, scanned), 20);
                row("a book of " + PAGES + " pages turned", turns(page, book), 50);
                row("talk with 300 boards opened for the first time", ready(page, words), 1_000);
                long begin = System.nanoTime();
                String seen = pack(page, words, "");
                row("its talk pack made, boards and pictures (" + seen.split(" ")[1] + " parts, " + Long.parseLong(seen.split(" ")[2]) / 1_000_000 + " MB)",
                    since(begin), 10_000);
                row("boards and pictures checked by their hashes", ((Number) page.evaluate(CHECKED)).doubleValue(), 1_000);
                String made = whole(page, words, seen);
                row("the same with every word spoken beforehand (" + made.split(" ")[1] + " parts, " + Long.parseLong(made.split(" ")[2]) / 1_000_000 + " MB)",
                    since(begin), 0);
                page.waitForTimeout(SETTLED_MS);
                row("all of it checked by its hashes", ((Number) page.evaluate(CHECKED)).doubleValue(), 0);
                newer(page, Http.as(odile, port), words, made);
            }
            app.close();
            List<Double> all = new ArrayList<>();
            try (BrowserContext device = device(playwright, profile, port)) {
                for (int i = 0; i < 5; i++) {
                    // One at a time: a page that is open goes on with its own work.
                    try (Page page = device.newPage()) {
                        all.add(ready(page, words));
                    }
                }
            }
            row("the same opened without network", median(all), 500);
        }
    }

    private static Vocabulary large(List<Picture> pictures) {
        Map<String, Board> boards = new LinkedHashMap<>();
        for (int b = 0; b < BOARDS; b++) {
            List<Button> buttons = new ArrayList<>();
            for (int i = 0; i < CELLS; i++) {
                Picture picture = pictures.get((b * CELLS + i) % pictures.size());
                Cell cell = new Cell(i / COLUMNS, i % COLUMNS);
                String id = "b" + b + "-" + i;
                boolean opens = i == 0 && b + 1 < BOARDS;
                buttons.add(opens ? Button.leading(id, cell, "on", picture.id(), new Leads.Opens("b" + (b + 1))) : Button.word(id, cell, picture.name(), picture
                    .id(), Kind.THING));
            }
            boards.put("b" + b, Board.empty("b" + b, "Board " + b, new Shape(CELLS / COLUMNS, COLUMNS)).withButtons(buttons));
        }
        return new Vocabulary(new Whole("Many boards", "b0", "en", Extras.NONE), boards);
    }

    /** Two boards of 12 x 12, each of which opens the other. */
    private static Vocabulary grids(List<Picture> pictures) {
        Map<String, Board> boards = new LinkedHashMap<>();
        for (int b = 0; b < 2; b++) {
            List<Button> buttons = new ArrayList<>();
            for (int i = 0; i < LARGE * LARGE; i++) {
                Picture picture = pictures.get(b * LARGE * LARGE + i);
                Cell cell = new Cell(i / LARGE, i % LARGE);
                buttons
                    .add(i == 0 ? Button.leading("g" + b + "-0", cell, "go " + b, null, new Leads.Opens("g" + (1 - b))) : Button.word("g" + b + "-" + i, cell,
                        "w" + b + "-" + i, picture.id(), Kind.THING).withActs(Acts.SPEAK));
            }
            boards.put("g" + b, Board.empty("g" + b, "Grid " + b, new Shape(LARGE, LARGE)).withButtons(buttons));
        }
        return new Vocabulary(new Whole("Grids", "g0", "en", Extras.NONE), boards);
    }

    private static BrowserContext device(Playwright playwright, Path profile, int port) {
        BrowserContext device = playwright.chromium().launchPersistentContext(profile, new BrowserType.LaunchPersistentContextOptions()
            .setExecutablePath(Screenshots.whole()).setHeadless(true).setViewportSize(1280, 800).setBaseURL("http://localhost:" + port)
            .setArgs(List.of("--no-sandbox", "--disable-gpu", "--autoplay-policy=no-user-gesture-required")));
        device.addInitScript(READY);
        device.setDefaultTimeout(240_000);
        return device;
    }

    private static void signIn(Page page) {
        page.navigate("/");
        page.getByLabel("Name you sign in with").fill("odile");
        page.getByLabel("Password").fill(TestServer.PASSWORD);
        page.keyboard().press("Enter");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Odile: account")).waitFor();
    }

    private static double ready(Page page, long vocabulary) {
        page.navigate("/vocabularies/" + vocabulary + "/talk");
        page.waitForFunction("() => window.readyAt > 0");
        return ((Number) page.evaluate("() => window.readyAt")).doubleValue();
    }

    /** Waits until another pack than this is whole, every word spoken. */
    private static String whole(Page page, long vocabulary, String before) {
        String now = pack(page, vocabulary, before);
        while (now.startsWith("unfinished")) {
            now = pack(page, vocabulary, now);
        }
        return now;
    }

    /** Waits until there is another pack than this. */
    private static String pack(Page page, long vocabulary, String before) {
        String now = String.valueOf(page.evaluate(PACK, (int) vocabulary));
        while (now.isEmpty() || now.equals(before)) {
            page.waitForTimeout(100);
            now = String.valueOf(page.evaluate(PACK, (int) vocabulary));
        }
        return now;
    }

    private static void newer(Page page, Http http, long words, String made) {
        int[] asked = {0};
        http.post("/api/vocabularies/" + words + "/edits",
            "{\"base\":1,\"edit\":{\"type\":\"give-label\",\"board\":\"b7\",\"button\":\"b7-7\",\"label\":\"ebb\"}}");
        page.onRequest(r -> asked[0]++);
        long begin = System.nanoTime();
        page.evaluate("() => window.dispatchEvent(new Event('online'))");
        whole(page, words, made);
        row("a pack brought to a version with one word changed (" + asked[0] + " requests of the page)", since(begin), 0);
    }

    /** Its pack is whole, and the pictures of the next boards had time to be made ready. */
    private static void settle(Page page, long vocabulary) {
        whole(page, vocabulary, "");
        page.waitForTimeout(SETTLED_MS);
    }

    private static double touches(Page page, long vocabulary) {
        ready(page, vocabulary);
        settle(page, vocabulary);
        List<Double> all = new ArrayList<>();
        for (int i = 0; i < READINGS; i++) {
            all.add(((Number) page.evaluate("""
                async () => { const cell = document.querySelector('[data-rows] button[aria-label^="go "]');
                  const was = document.querySelector('[data-rows]').getAttribute('aria-label');
                  const begin = performance.now(); cell.click();
                  while (document.querySelector('[data-rows]').getAttribute('aria-label') === was) await new Promise((next) => setTimeout(next));
                  await new Promise((next) => requestAnimationFrame(() => setTimeout(next)));
                  return performance.now() - begin; }""")).doubleValue());
        }
        row("the same the first time: none of its pictures was shown yet", all.get(0), 0);
        return median(all);
    }

    private static double beat(Page page, long vocabulary) {
        ready(page, vocabulary);
        settle(page, vocabulary);
        return ((Number) page.evaluate("""
            async (beat) => { const at = []; let was = document.querySelector('[data-lit]')?.dataset.lit;
              const watch = new MutationObserver(() => { const lit = document.querySelector('[data-lit]')?.dataset.lit;
                if (lit && lit !== was) { was = lit; at.push(performance.now()); } });
              watch.observe(document.body, { subtree: true, childList: true, attributes: true });
              await new Promise((over) => setTimeout(over, beat * 21));
              watch.disconnect();
              // The first beat is where the others are measured from.
              const [, first, ...others] = at;
              return Math.max(...others.map((t) => Math.abs(t - first - Math.round((t - first) / beat) * beat))); }""", BEAT_MS)).doubleValue();
    }

    private static double turns(Page page, long book) {
        page.navigate("/lists/" + book + "/show");
        page.getByText("page 1 of").waitFor();
        List<Double> all = new ArrayList<>();
        for (int i = 0; i < READINGS; i++) {
            all.add(((Number) page.evaluate("""
                async () => { const begin = performance.now(); const was = document.querySelector('[role=group] img').src;
                  window.dispatchEvent(new KeyboardEvent('keydown', { key: 'ArrowRight' }));
                  while (document.querySelector('[role=group] img').src === was) await new Promise((next) => setTimeout(next));
                  await document.querySelector('[role=group] img').decode();
                  return performance.now() - begin; }""")).doubleValue());
        }
        return median(all);
    }

    private static double since(long begin) {
        return (System.nanoTime() - begin) / 1e6;
    }

    private static void row(String what, double millis, int aim) {
        System.out.printf(Locale.ROOT, "| %s | %.1f ms | %s |%n", what, millis, aim == 0 ? "" : aim + " ms");
    }

    private static double median(List<Double> all) {
        List<Double> sorted = new ArrayList<>(all);
        sorted.sort(null);
        return sorted.get(sorted.size() / 2);
    }
}
