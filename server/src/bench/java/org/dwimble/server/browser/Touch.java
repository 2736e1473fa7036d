package org.dwimble.server.browser;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.io.IOException;
import java.nio.file.Files;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Pattern;
import org.dwimble.core.board.Acts;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Extras;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Says;
import org.dwimble.core.board.Shape;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.board.Whole;
import org.dwimble.core.told.Told;
import org.dwimble.server.TestServer;
import org.dwimble.server.board.VocabularyStore;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.web.server.servlet.context.ServletWebServerApplicationContext;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * What a student waits for in Chromium: from a touch until the sound begins to play, of a recording, of a word our voice said before, and of one it says
 * for the first time; a pad drawn on with 10,000 points. Prints rows of a table; medians.
 */
public final class Touch {
    private static final int READINGS = 15;
    private static final int POINTS = 10_000;
    private static final int RECORDED = 200;
    private static final int COLUMNS = 20;
    private static final String HEARD = """
        () => { const play = HTMLMediaElement.prototype.play;
          HTMLMediaElement.prototype.play = function () {
            this.addEventListener('playing', () => { window.heardAt = performance.now(); }, { once: true });
            return play.call(this); };
          addEventListener('click', (e) => { window.touchedAt = e.timeStamp; }, true);
          new MutationObserver(() => { if (!window.readyAt && document.querySelector('main[data-ready]')) window.readyAt = performance.now(); })
            .observe(document, { subtree: true, childList: true, attributes: true });
        }""";

    private final Page page;
    private final String address;

    private Touch(Page page, String address) {
        this.page = page;
        this.address = address;
    }

    public static void main(String[] arguments) throws IOException {
        try (ServletWebServerApplicationContext app = TestServer.start(Files.createTempDirectory("dwimble-touch"), "--spring.profiles.active=demo");
            Playwright playwright = Playwright.create(new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")))) {
            com.microsoft.playwright.Browser chromium = playwright.chromium().launch(new BrowserType.LaunchOptions().setExecutablePath(Screenshots.whole())
                .setHeadless(true).setArgs(List.of("--no-sandbox", "--disable-gpu", "--autoplay-policy=no-user-gesture-required")));
            try (BrowserContext context = chromium.newContext()) {
                context.addInitScript("(" + HEARD + ")()");
                new Touch(context.newPage(), "http://localhost:" + app.getWebServer().getPort()).all(app.getBean(VocabularyStore.class));
            }
        }
    }

    private void all(VocabularyStore store) {
        page.navigate(address + "/");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Odile"))).first().click();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Odile: account")).waitFor();
        long wren = vocabulary("Wren");
        talk(wren, "Eat");
        touched("more");
        row("touch to sound: a recording", many(() -> touched("more")), 50);
        long ilse = vocabulary("Ilse");
        talk(ilse, "Animals");
        String[] words = words(ilse, "Animals");
        List<Double> first = new ArrayList<>();
        for (String word : words) {
            first.add(touched(word));
        }
        row("touch to sound: our voice, the first time", median(first), 400);
        row("touch to sound: our voice, said before", many(() -> touched(words[0])), 150);
        opened(store, wren);
        pad();
    }

    /** In turns, as the machine is faster at one time than at another. */
    private void opened(VocabularyStore store, long wren) {
        JsonNode buttons = json("/api/vocabularies/" + wren + "/boards/" + board(wren, "Eat")).get("buttons");
        String sound = buttons.valueStream().filter(b -> b.has("sound")).findFirst().orElseThrow().get("sound").asString();
        long none = many(store, wren, null);
        long all = many(store, wren, sound);
        List<Double> without = new ArrayList<>();
        List<Double> with = new ArrayList<>();
        for (int i = 0; i < READINGS; i++) {
            without.add(ready(none));
            with.add(ready(all));
        }
        row("a board of " + RECORDED + " words opened to talk, none of them recorded", median(without), 0);
        row("the same, all of them recorded", median(with), 0);
    }

    private double ready(long vocabulary) {
        page.navigate(address + "/vocabularies/" + vocabulary + "/talk");
        page.locator("main[data-ready]").waitFor();
        return ((Number) page.evaluate("() => window.readyAt")).doubleValue();
    }

    private static long many(VocabularyStore store, long like, @Nullable String sound) {
        List<Button> buttons = new ArrayList<>();
        for (int i = 0; i < RECORDED; i++) {
            buttons.add(Button.word("b" + i, new Cell(i / COLUMNS, i % COLUMNS), "word " + i, null, null).withActs(new Acts(Says.LABEL, sound, List.of(),
                Leads.STAYS)));
        }
        Board board = Board.empty("b", "Many", new Shape(RECORDED / COLUMNS, COLUMNS)).withButtons(buttons);
        return store.create(new Vocabulary(new Whole("Many", "b", "en", Extras.NONE), Map.of("b", board)), store.there(like).student(), 1L, Instant.now(),
            Told.of("copied", "name", "bench"));
    }

    private void pad() {
        long adair = vocabulary("Mr Adair");
        talk(adair, "my drawings");
        // Mr Adair scans: his pad is opened before it is drawn on.
        page.locator("[data-rows] button[data-stop]").first().click();
        BoundingBox box = page.locator("canvas").boundingBox();
        page.evaluate("() => { window.frames_ = []; let last = performance.now(); const next = (now) => { window.frames_.push(now - last); last = now; "
            + "requestAnimationFrame(next); }; requestAnimationFrame(next); }");
        page.mouse().move(box.x + 10, box.y + 10);
        page.mouse().down();
        for (int i = 0; i < POINTS; i++) {
            if (i % 500 == 499) {
                page.mouse().up();
                page.mouse().down();
            }
            page.mouse().move(box.x + 10 + (i * 7 % (int) (box.width - 20)), box.y + 10 + (i * 3 % (int) (box.height - 20)));
        }
        page.mouse().up();
        JsonNode frames = JsonMapper.shared().readTree(JsonMapper.shared().writeValueAsString(page.evaluate("() => window.frames_")));
        List<Double> all = new ArrayList<>(frames.valueStream().map(JsonNode::asDouble).toList());
        row("a pad while 10,000 points are drawn: from frame to frame", median(all), 17);
        all.sort(null);
        row("the 99th of 100 frames", all.get((int) (all.size() * 0.99)), 0);
    }

    private static void row(String what, double millis, int aim) {
        System.out.printf(Locale.ROOT, "| %s | %.1f ms | %s |%n", what, millis, aim == 0 ? "" : aim + " ms");
    }

    private static double many(java.util.function.DoubleSupplier reading) {
        List<Double> all = new ArrayList<>();
        for (int i = 0; i < READINGS; i++) {
            all.add(reading.getAsDouble());
        }
        return median(all);
    }

    private static double median(List<Double> all) {
        List<Double> sorted = new ArrayList<>(all);
        sorted.sort(null);
        return sorted.get(sorted.size() / 2);
    }

    private double touched(String word) {
        page.evaluate("() => { window.heardAt = 0; }");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(word).setExact(true)).first().click();
        page.waitForFunction("() => window.heardAt > 0");
        return ((Number) page.evaluate("() => window.heardAt - window.touchedAt")).doubleValue();
    }

    private void talk(long vocabulary, String board) {
        page.navigate(address + "/vocabularies/" + vocabulary + "/talk?board=" + board(vocabulary, board));
        page.locator("main[data-ready]").waitFor();
    }

    /** Words of the board that is open that are said by a voice. */
    private String[] words(long vocabulary, String board) {
        JsonNode buttons = json("/api/vocabularies/" + vocabulary + "/boards/" + board(vocabulary, board)).get("buttons");
        return buttons.valueStream().filter(b -> !b.has("sound") && !b.path("hidden").asBoolean() && b.get("leads").get("type").asString().equals("stays")
            && b.get("says").get("type").asString().equals("label")).map(b -> b.get("label").asString())
            .filter(word -> page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(word).setExact(true)).count() == 1).limit(READINGS)
            .toArray(String[]::new);
    }

    private long vocabulary(String student) {
        return json("/api/students").valueStream().filter(row -> row.get("student").get("name").asString().equals(student)).findFirst().orElseThrow()
            .get("vocabulary").get("id").asLong();
    }

    private String board(long vocabulary, String name) {
        return json("/api/vocabularies/" + vocabulary).get("boards").valueStream().filter(b -> b.get("name").asString().equals(name)).findFirst()
            .orElseThrow().get("id").asString();
    }

    private JsonNode json(String path) {
        return JsonMapper.shared().readTree(page.request().get(address + path).body());
    }
}
