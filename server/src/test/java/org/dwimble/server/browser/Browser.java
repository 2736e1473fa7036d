package org.dwimble.server.browser;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Clock;
import com.microsoft.playwright.ConsoleMessage;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.Cookie;
import com.microsoft.playwright.options.ServiceWorkerPolicy;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.CopyOnWriteArraySet;
import java.util.stream.Stream;
import org.dwimble.server.AtTheEnd;
import org.dwimble.server.Http;
import org.dwimble.server.TestServer;
import org.dwimble.server.account.Account;
import org.dwimble.server.recording.Voices;
import org.junit.jupiter.api.extension.BeforeAllCallback;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.TestExecutionExceptionHandler;

/** Debian's Chromium, started once for all tests of a process; each test has a context of its own at the size practitioners use. */
public final class Browser implements BeforeAllCallback, TestExecutionExceptionHandler {
    private static final Path FAILED = Path.of("target", "failed");
    private static final String STATE = """
        () => [location.pathname, 'focus: ' + document.activeElement?.outerHTML.slice(0, 200),
            ...[...document.querySelectorAll('input')].map(e => (e.getAttribute('aria-label') ?? e.id) + ': ' + e.value),
            ...[...document.querySelectorAll('[role=alert], [role=status]')].map(e => e.textContent)].join('\\n  ')""";
    private static final String AXE = """
        async () => {
            const tags = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'];
            const found = await axe.run(document, { runOnly: { type: 'tag', values: tags }, resultTypes: ['violations'] });
            return found.violations.map((rule) => rule.id + ': ' + rule.nodes[0].html);
        }""";
    private static final Set<Window> OPEN = new CopyOnWriteArraySet<>();
    private static com.microsoft.playwright.Browser chromium;
    private static Playwright playwright;

    /** What every open window showed when a test failed: one that fails once by chance may not do so again for weeks. */
    @Override
    public void handleTestExecutionException(ExtensionContext context, Throwable failed) throws Throwable {
        int number = 0;
        for (Window window : OPEN) {
            try {
                Path picture = FAILED
                    .resolve(context.getRequiredTestClass().getSimpleName() + "." + context.getRequiredTestMethod().getName() + "-" + ++number + ".png");
                System.out.println(
                    "Failed, see " + picture + ":\n  " + window.page.evaluate(STATE) + "\n  refused: " + window.refused + "\n  asked last: "
                        + window.asked + "\n  errors: " + window.errors);
                window.page.screenshot(new Page.ScreenshotOptions().setPath(picture));
            } catch (RuntimeException gone) {
                System.out.println("A window could not be seen any more: " + gone.getMessage());
            }
        }
        throw failed;
    }

    @Override
    public void beforeAll(ExtensionContext context) {
        if (chromium == null) {
            AtTheEnd.of(start());
        }
    }

    /** Debian's without a window, which takes less of the processor, or else the whole one. */
    static Path chromium() {
        return Stream.of("/usr/bin/chromium-headless-shell", "/usr/bin/chromium").map(Path::of).filter(Files::isExecutable).findFirst()
            .orElseThrow(() -> new IllegalStateException("./dwimble test installs chromium-headless-shell, which is missing here"));
    }

    private static AutoCloseable start() {
        com.microsoft.playwright.assertions.PlaywrightAssertions.setDefaultAssertionTimeout(30_000);
        playwright = Playwright.create(new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
        chromium = playwright.chromium().launch(new BrowserType.LaunchOptions().setExecutablePath(chromium()).setHeadless(true)
            .setArgs(
                List.of("--no-sandbox", "--font-render-hinting=none", "--disable-gpu", "--disable-quic", "--no-first-run", "--disable-background-networking",
                    "--disable-component-update",
                    "--disable-sync", "--autoplay-policy=no-user-gesture-required", "--use-fake-device-for-media-stream", "--use-fake-ui-for-media-stream",
                    "--use-file-for-fake-audio-capture=" + spoken())));
        return playwright::close;
    }

    /** A browser of its own that keeps what it keeps in a folder, as a tablet does: closed and opened again it goes on with that. */
    static BrowserContext tablet(Path folder, int port) {
        BrowserContext tablet = playwright.chromium().launchPersistentContext(folder, new BrowserType.LaunchPersistentContextOptions()
            .setExecutablePath(chromium()).setHeadless(true).setViewportSize(1024, 768).setBaseURL("http://localhost:" + port)
            .setArgs(List.of("--no-sandbox", "--disable-gpu", "--no-first-run", "--disable-background-networking", "--disable-component-update",
                "--disable-sync", "--autoplay-policy=no-user-gesture-required")));
        tablet.setDefaultTimeout(40_000);
        return tablet;
    }

    /** What the microphone hears, over and over: a second of silence, half a second of a voice, a second and a half of silence. */
    private static Path spoken() {
        try {
            Path file = Files.createTempFile("dwimble-spoken", ".wav");
            file.toFile().deleteOnExit();
            return Files.write(file, Voices.saying(1, 0.5, 1.5));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** A window, and what went wrong in it. */
    static final class Window implements AutoCloseable {
        private static final int MOST_TABS = 120;
        private static final int MOST_ASKED = 40;
        /** Kept with what it has fetched and compiled, for the next window: as a person's browser has it who was here yesterday. */
        private static final Deque<BrowserContext> KEPT = new ArrayDeque<>();
        private final BrowserContext context;
        private boolean usual;
        final Page page;
        final List<String> errors = new ArrayList<>();
        /** What the server did not do, for whoever looks for the cause of a failure. */
        private final List<String> refused = new ArrayList<>();
        /** What was asked of the server last, and answered: what is missing at its end was never asked for or is waited for. */
        private final Deque<String> asked = new ArrayDeque<>();

        Window() {
            this(KEPT.isEmpty() ? context(new com.microsoft.playwright.Browser.NewContextOptions().setViewportSize(1280, 800)) : KEPT.pop(), true);
        }

        /** A telephone in the hand, upright, which is touched. */
        static Window telephone() {
            return new Window(
                context(new com.microsoft.playwright.Browser.NewContextOptions().setViewportSize(390, 844).setHasTouch(true).setIsMobile(true)), false);
        }

        /** What a device keeps for talking without network has its own test; here each page is the server’s. */
        private static BrowserContext context(com.microsoft.playwright.Browser.NewContextOptions screen) {
            BrowserContext context = chromium
                .newContext(screen.setBaseURL(TestServer.address()).setServiceWorkers(ServiceWorkerPolicy.BLOCK)
                    .setPermissions(List.of("clipboard-read", "clipboard-write", "camera", "microphone")));
            context.setDefaultTimeout(40_000);
            return context;
        }

        private Window(BrowserContext context, boolean usual) {
            this.context = context;
            this.usual = usual;
            page = context.newPage();
            page.onPageError(error -> errors.add(error));
            page.onConsoleMessage(message -> note(message));
            page.onResponse(response -> {
                if (response.status() >= 400) {
                    refused.add(response.status() + " " + response.url());
                }
            });
            page.onRequest(request -> noteAsked(request.method() + " " + request.url()));
            page.onRequestFinished(request -> noteAsked("answered " + request.method() + " " + request.url()));
            page.onRequestFailed(request -> refused.add(request.failure() + " " + request.url()));
            OPEN.add(this);
        }

        private void noteAsked(String request) {
            if (asked.size() == MOST_ASKED) {
                asked.remove();
            }
            asked.add(request.replace(TestServer.address(), ""));
        }

        private void note(ConsoleMessage message) {
            if (message.type().equals("error") && !message.text().startsWith("Failed to load resource")) {
                errors.add(message.text());
            }
        }

        /** The clock of the page, for a test to set. It stays so: no other test gets what this window has. */
        Clock clock() {
            usual = false;
            return page.clock();
        }

        /** Signed in, with no page open yet. */
        Window as(Account account) {
            return as(Http.as(account));
        }

        Window as(Http signedIn) {
            context.addCookies(Stream.of("dwimble", "XSRF-TOKEN")
                .map(name -> new Cookie(name, signedIn.cookie(name)).setUrl(TestServer.address())).toList());
            return this;
        }

        /** Signs in as a person would, by typing. */
        Window signIn(Account account) {
            page.navigate("/");
            page.getByLabel("Name you sign in with").fill(account.signIn());
            page.getByLabel("Password").fill(TestServer.PASSWORD);
            page.keyboard().press("Enter");
            button(account.name() + ": account").waitFor();
            return this;
        }

        Window bench(long vocabulary, String board) {
            page.navigate("/vocabularies/" + vocabulary + "/boards/" + board);
            grid().waitFor();
            return this;
        }

        Locator grid() {
            return page.getByRole(AriaRole.GRID);
        }

        /** The cell whose name begins so, such as "crab," or "empty, row 1, place 3". */
        Locator cell(String begins) {
            return page.locator("[role=gridcell][aria-label^='" + begins + "']");
        }

        Locator button(String name) {
            return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true))
                .or(page.locator("button.parts_dotted[title='" + name.replace("'", "\\'") + "']"));
        }

        Locator link(String name) {
            return page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(name).setExact(true));
        }

        Locator heading(String name) {
            return page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName(name).setExact(true));
        }

        /** Chooses from the list a dotted word or a button opens. */
        void choose(String from, String item) {
            button(from).click();
            Locator chosen = page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName(item).setExact(true));
            chosen.waitFor();
            still();
            chosen.click();
        }

        /** Comes to something by Tab alone. */
        void tabTo(Locator wanted) {
            wanted.waitFor();
            for (int i = 0; i < MOST_TABS; i++) {
                if (Boolean.TRUE.equals(wanted.evaluate("e => e === document.activeElement"))) {
                    return;
                }
                page.keyboard().press("Tab");
            }
            throw new AssertionError("Tab does not lead to " + wanted);
        }

        /** Chooses from an open menu, which Tab leads into, by its arrows. */
        void chooseByKeys(String item) {
            Locator wanted = page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName(item)).last();
            wanted.waitFor();
            page.keyboard().press("Tab");
            for (int i = 0; i < MOST_TABS; i++) {
                page.keyboard().press("ArrowDown");
                if (Boolean.TRUE.equals(wanted.evaluate("e => e === document.activeElement"))) {
                    page.keyboard().press("Enter");
                    return;
                }
            }
            throw new AssertionError("the arrows do not lead to " + item);
        }

        /**
         * Waits until nothing moves, nor begins to in the next frames, as a button does that is busy no more: an item of a list that still
         * unfolds is pressed in one place and let go in another.
         */
        void still() {
            page.evaluate(
                """
                    async () => {
                        const moving = () => document.getAnimations()
                            .filter(a => a.playState === 'running' && a.effect?.getComputedTiming().iterations !== Infinity);
                        const frame = () => new Promise(requestAnimationFrame);
                        for (let quiet = 0; quiet < 3; quiet++) {
                            if (moving().length > 0) quiet = 0;
                            await Promise.all(moving().map(a => a.finished.catch(() => {})));
                            await frame();
                        }
                    }""");
        }

        /** Says where the marked button leads, by typing. */
        void lead(String typed) {
            button("Change where it leads").click();
            page.keyboard().type(typed);
            page.keyboard().press("Enter");
        }

        /** The marked cell's name. */
        String marked() {
            return page.locator("[role=gridcell][aria-selected=true]").getAttribute("aria-label");
        }

        /** What axe finds against WCAG 2.2 A and AA, as rule and first element, once nothing moves: what is half faded in has no contrast yet. */
        @SuppressWarnings("unchecked")
        List<String> violations() {
            still();
            if (Boolean.TRUE.equals(page.evaluate("() => window.axe === undefined"))) {
                page.evaluate(AxeBuilder.getAxeScript());
            }
            return (List<String>) page.evaluate(AXE);
        }

        @Override
        public void close() {
            OPEN.remove(this);
            if (!usual) {
                context.close();
                return;
            }
            context.unrouteAll();
            context.setOffline(false);
            context.pages().forEach(Page::close);
            context.clearCookies();
            try (Page nowhere = context.newPage()) {
                nowhere.navigate("/mark.svg");
                nowhere.evaluate("() => localStorage.clear()");
            }
            KEPT.push(context);
        }
    }
}
