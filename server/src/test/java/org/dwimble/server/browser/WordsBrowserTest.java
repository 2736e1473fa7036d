package org.dwimble.server.browser;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.PlaywrightException;
import com.microsoft.playwright.Request;
import com.microsoft.playwright.Response;
import com.microsoft.playwright.TimeoutError;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Path;
import java.time.DayOfWeek;
import java.time.Month;
import java.time.format.TextStyle;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.dwimble.core.document.Json;
import org.dwimble.server.TestServer;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.boot.web.server.servlet.context.ServletWebServerApplicationContext;
import tools.jackson.databind.JsonNode;

/**
 * The demo school in a language that is none: each sentence of a catalogue stands in accents, a third longer. What stands plain and is no word of the school
 * was never put into one; what ends before its end has no room for longer languages.
 */
@ExtendWith({TestServer.class, Browser.class})
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class WordsBrowserTest {
    private static final Pattern PLAIN = Pattern.compile("(?<!\\p{L})[A-Za-z]{2,}(?!\\p{L})");
    private static final Pattern WORD = Pattern.compile("[A-Za-z]{2,}");
    private static final String SHOWN = """
        () => {
            const said = new Set(), cut = new Set();
            const walk = (e) => {
                if (['SCRIPT', 'STYLE'].includes(e.tagName) || e.classList.contains('anticon')) return;
                for (const a of ['aria-label', 'title', 'placeholder', 'alt']) if (e.getAttribute(a)) said.add(e.getAttribute(a));
                let own = '';
                for (const c of e.childNodes) {
                    if (c.nodeType === Node.TEXT_NODE) { own += c.textContent; said.add(c.textContent.trim()); }
                    else if (c.nodeType === Node.ELEMENT_NODE) walk(c);
                }
                const style = getComputedStyle(e), box = e.getBoundingClientRect();
                const hides = style.overflowX !== 'visible' && style.overflowX !== 'auto' && style.position !== 'absolute' && box.width > 1;
                if (hides && /[\\u0100-\\u024f\\u1e00-\\u1eff]{2}/.test(own) && e.scrollWidth > e.clientWidth + 1) cut.add(own.trim());
            };
            walk(document.body);
            if (document.documentElement.scrollWidth > innerWidth) cut.add('the page is wider than the window');
            return { said: [...said], cut: [...cut] };
        }""";

    private ServletWebServerApplicationContext own;
    private Browser.Window w;
    private Page page;
    /** Words of the school's data are in no catalogue: those of the answers since the page was opened. */
    private final List<Response> answers = new ArrayList<>();
    /** Those that came to their end: the text of one that a page broke off would be waited for without end. */
    private final Set<Request> ended = new HashSet<>();
    /** What is written alike anywhere. */
    private final Set<String> always = new HashSet<>(Set.of("dwimble", "mm", "cm"));

    @BeforeAll
    void open(@TempDir Path home) {
        own = TestServer.start(home, "--spring.profiles.active=demo", "--dwimble.language=pseudo");
        w = new Browser.Window();
        page = w.page;
        page.onResponse(response -> {
            if (response.url().contains("/api/") && response.headers().getOrDefault("content-type", "").contains("json")) {
                answers.add(response);
            }
        });
        page.onRequestFinished(ended::add);
        Stream.of(Month.values()).forEach(m -> always.add(m.getDisplayName(TextStyle.FULL, Locale.UK)));
        Stream.of(DayOfWeek.values()).forEach(d -> always.add(d.getDisplayName(TextStyle.FULL, Locale.UK)));
        page.navigate(at("/"));
        page.locator("input").first().fill("odile");
        page.locator("input[type=password]").fill("low tide at nine");
        page.keyboard().press("Enter");
        page.waitForURL(Pattern.compile(".*/caseload"));
        page.locator("[data-ready]").waitFor();
    }

    @AfterAll
    void close() {
        w.close();
        own.close();
    }

    private String at(String path) {
        return "http://localhost:" + own.getWebServer().getPort() + path;
    }

    private String text(Response answer) {
        try {
            return ended.contains(answer.request()) ? answer.text() : "";
        } catch (PlaywrightException ofAPageThatWasLeft) {
            return "";
        }
    }

    private static void gather(JsonNode json, Set<String> words) {
        if (json.isString()) {
            Matcher word = WORD.matcher(json.asString());
            while (word.find()) {
                words.add(word.group());
            }
        }
        json.forEach(inner -> gather(inner, words));
    }

    private Set<String> words(List<Response> answers) {
        Set<String> words = new HashSet<>();
        for (Response answer : List.copyOf(answers)) {
            String text = text(answer);
            if (!text.isEmpty()) {
                gather(Json.mapper().readTree(text), words);
            }
        }
        return words;
    }

    /** What is plain and no word of the school, and what ends before its end. */
    @SuppressWarnings("unchecked")
    private List<String> trouble() {
        Map<String, List<String>> shown = (Map<String, List<String>>) page.evaluate(SHOWN);
        Set<String> known = words(answers);
        known.addAll(always);
        Stream<String> plain = shown.get("said").stream()
            .filter(text -> PLAIN.matcher(text).results().anyMatch(word -> !known.contains(word.group())));
        return Stream.concat(plain.map(text -> "plain: " + text), shown.get("cut").stream().map(text -> "cut off: " + text)).toList();
    }

    private void look(String what) {
        assertThat(page.locator("body").innerText()).as("%s is said in that language", what).containsPattern("[\\x{100}-\\x{24f}\\x{1e00}-\\x{1eff}]{2}");
        try {
            page.waitForCondition(() -> trouble().isEmpty(), new Page.WaitForConditionOptions().setTimeout(30_000));
        } catch (TimeoutError stays) {
            assertThat(trouble()).as(what).isEmpty();
        }
    }

    private void go(String path) {
        answers.clear();
        page.navigate(at(path));
        page.locator("[data-ready]").first().waitFor();
    }

    @Test
    void noMainViewSaysAnythingThatIsInNoCatalogueNorCutsItOff() {
        for (String path : List.of("/caseload", "/students/ilse", "/students/sefa/start", "/lists", "/pictures", "/pictures/own")) {
            go(path);
            look(path);
        }
    }

    @Test
    void noViewOfAVocabularyDoes() {
        go("/students/tomasz");
        page.locator("a[href^='/vocabularies/']").first().click();
        page.locator("[role=grid]").waitFor();
        String vocabulary = page.url().replaceAll(".*(/vocabularies/[0-9]+).*", "$1");
        look("bench");
        Locator lenses = page.locator("nav [aria-pressed]");
        assertThat(lenses.count()).isGreaterThan(4);
        for (int i = 0; i < lenses.count(); i++) {
            lenses.nth(i).click();
            look("lens " + (i + 1));
        }
        for (String path : List.of("/map", "/talk", "/print")) {
            go(vocabulary + path);
            look(path);
        }
    }

    /** Started in another language, the program may not leave a browser with the page it has. */
    @Test
    void aBrowserThatHasThePageInAnotherLanguageGetsItAnew() throws Exception {
        HttpClient client = HttpClient.newHttpClient();
        HttpResponse<String> had = client.send(HttpRequest.newBuilder(URI.create(TestServer.address() + "/")).build(), HttpResponse.BodyHandlers.ofString());
        assertThat(had.body()).contains("<html lang=\"en-GB\"");
        HttpRequest again = HttpRequest.newBuilder(URI.create(at("/"))).header("If-Modified-Since", had.headers().firstValue("Last-Modified").orElseThrow())
            .build();
        HttpResponse<String> now = client.send(again, HttpResponse.BodyHandlers.ofString());
        assertThat(now.statusCode()).isEqualTo(200);
        assertThat(now.body()).contains("<html lang=\"en-x-pseudo\"");
    }

    @Test
    void noListDoes() {
        go("/lists");
        List<String> lists = page.locator("a[href^='/lists/']").all().stream().map(a -> a.getAttribute("href")).distinct().toList();
        assertThat(lists).hasSizeGreaterThan(10);
        for (String list : lists) {
            go(list);
            look(list);
        }
    }
}
