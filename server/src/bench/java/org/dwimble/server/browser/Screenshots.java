package org.dwimble.server.browser;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ReducedMotion;
import com.microsoft.playwright.options.ScreenshotAnimations;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import javax.imageio.ImageIO;
import org.dwimble.server.TestServer;
import org.springframework.boot.web.server.servlet.context.ServletWebServerApplicationContext;
import tools.jackson.databind.JsonNode;

/**
 * Takes one picture of each main view, from a demo school made for it, into the folder given. A picture is taken only
 * when its view says that it is ready, and one whose main part is empty is a failure, not a picture.
 *
 * <pre>Screenshots FOLDER [WIDTHxHEIGHT [still]]</pre>
 */
public final class Screenshots {
    /** Fewer colours than this in the middle of a page mean that nothing is drawn there. */
    private static final int FEWEST_COLOURS = 40;

    private final Path folder;
    private final String address;
    private Page page;

    private Screenshots(Path folder, String address) {
        this.folder = folder;
        this.address = address;
    }

    private static final String RECIPE = """
        Fish soup
        First wash your hands. Cut two potatoes and three carrots into small pieces. Put the fish in the big pot with water and salt. Marit stirs it slowly.
        Cook it for 20 minutes. Don't touch the pot, it's hot! When the potatoes are soft, taste the soup. We eat it with bread. The gulls wanted some too,
        but they didn't get any fish.""";

    public static void main(String[] arguments) throws IOException {
        Path folder = Files.createDirectories(Path.of(arguments[0]));
        String[] size = (arguments.length > 1 ? arguments[1] : "1280x800").split("x");
        boolean still = arguments.length > 2 && arguments[2].equals("still");
        try (ServletWebServerApplicationContext app = TestServer.start(Files.createTempDirectory("dwimble-pictures"), "--spring.profiles.active=demo");
            Playwright playwright = Playwright.create(new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")))) {
            com.microsoft.playwright.Browser chromium = playwright.chromium()
                .launch(new BrowserType.LaunchOptions().setExecutablePath(whole()).setHeadless(true)
                    .setArgs(List.of("--no-sandbox", "--disable-gpu", "--disable-quic", "--no-first-run", "--use-fake-device-for-media-stream",
                        "--use-fake-ui-for-media-stream",
                        "--disable-background-networking",
                        "--disable-component-update", "--disable-sync")));
            com.microsoft.playwright.Browser.NewContextOptions options = new com.microsoft.playwright.Browser.NewContextOptions()
                .setViewportSize(Integer.parseInt(size[0]), Integer.parseInt(size[1]))
                .setReducedMotion(still ? ReducedMotion.REDUCE : ReducedMotion.NO_PREFERENCE);
            Screenshots pictures = new Screenshots(folder, "http://localhost:" + app.getWebServer().getPort());
            try (BrowserContext odile = chromium.newContext(options)) {
                pictures.all(odile);
            }
        }
    }

    private void all(BrowserContext odile) throws IOException {
        page = odile.newPage();
        page.navigate(address + "/");
        signIn(page, "Odile");
        show("/caseload", "caseload", () -> List.of("Ilse", "Mr Adair", "Nour")
            .forEach(name -> page.getByRole(AriaRole.IMG, new Page.GetByRoleOptions().setName(name + "’s home board").setExact(true)).waitFor()));
        show("/students/sefa/start", "starters");
        long ilse = vocabulary("Ilse");
        String harbour = board(ilse, "Harbour");
        show("/vocabularies/" + ilse + "/boards/" + harbour, "bench", () -> page.locator("[role=gridcell][aria-label^='lighthouse,']")
            .or(page.locator("[role=gridcell][aria-label^='school,']")).first().click());
        show("/vocabularies/" + ilse + "/boards/" + board(ilse, "People"), "reach", () -> {
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Reach")).click();
            page.getByText("Words that cost most").waitFor();
        });
        show("/vocabularies/" + ilse + "/map", "map", () -> page.locator(".react-flow__node").filter(new Locator.FilterOptions().setHasText("Harbour"))
            .hover());
        long tomasz = vocabulary("Tomasz");
        show("/vocabularies/" + tomasz + "?lens=Reveal", "reveal", () -> page.locator("[role=gridcell][aria-label^='not,']").waitFor());
        show("/vocabularies/" + ilse + "/boards/" + board(ilse, "Home"), "grow", () -> {
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("let words grow")).click();
            page.getByRole(AriaRole.DIALOG).getByRole(AriaRole.LISTITEM).first().waitFor();
        });
        show("/vocabularies/" + tomasz + "/arrivals?board=" + board(tomasz, "Home") + "&from=" + ilse + "&chosen=" + board(ilse, "Places and getting there"),
            "arrival", () -> {
                page.getByText("with all they open").click();
                page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Would lead nowhere")).waitFor();
            });
        show("/students/nour/pointing", "pointing", () -> page.getByText("What might help").waitFor());
        show("/vocabularies/" + tomasz + "/regrid?board=" + board(tomasz, "Eating and drinking"), "regrid", () -> {
            lines("rows", 4);
            lines("columns", 6);
            page.getByText("4 x 6, cells of").waitFor();
        });
        show("/vocabularies/" + tomasz + "/passage", "said", () -> {
            page.getByLabel("The text").fill(RECIPE);
            page.getByText("% of it can be said now").waitFor();
        });
        show("/students/ilse", "student", () -> page.getByText("allergy: egg").first().waitFor());
        show("/vocabularies/" + ilse + "/talk?board=" + harbour, "talk",
            () -> List.of("ferry,", "crab").forEach(w -> page.getByRole(AriaRole.BUTTON,
                new Page.GetByRoleOptions().setName(w.replace(",", "")).setExact(true)).first().click()));
        long adair = vocabulary("Mr Adair");
        show("/vocabularies/" + adair + "/talk", "scanning", () -> {
            page.locator("[data-lit='row 2']").waitFor();
            page.keyboard().press("Space");
            page.locator("[data-rows] button[aria-label='drink']").waitFor();
        });
        show("/students/wren/first/" + first("Wren’s first board"), "first-board", () -> {
            page.getByText("Say them anew").click();
            page.getByLabel("Recording for many").waitFor();
        });
        show("/lists/" + list("A day at school") + "/show", "day");
        show("/lists/" + list("The seal that slept") + "/show", "book", () -> page.getByTitle("Touch to read it aloud").waitFor());
        show("/lists/" + list("Tide pool bingo"), "print",
            () -> page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Make")).locator("svg").last().waitFor());
        show("/pictures", "pictures", () -> {
            page.getByLabel("Word").or(page.getByRole(AriaRole.TEXTBOX)).first().fill("cat");
            page.locator(".pictures_tile").first().waitFor();
        });
    }

    private void lines(String which, int count) {
        page.getByLabel(which, new Page.GetByLabelOptions().setExact(true)).fill(String.valueOf(count));
        page.keyboard().press("Tab");
    }

    private static void signIn(Page page, String name) {
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(java.util.regex.Pattern.compile("^" + name))).first().click();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name + ": account")).waitFor();
    }

    private long vocabulary(String student) {
        for (JsonNode row : json("/api/students")) {
            if (row.get("student").get("name").asString().equals(student)) {
                return row.get("vocabulary").get("id").asLong();
            }
        }
        throw new IllegalStateException("no student " + student);
    }

    private long first(String name) {
        return json("/api/students/wren/vocabularies").valueStream().filter(v -> v.get("name").asString().equals(name)).findFirst().orElseThrow()
            .get("vocabulary").asLong();
    }

    private long list(String name) {
        return json("/api/lists").valueStream().filter(l -> l.get("name").asString().equals(name)).findFirst().orElseThrow().get("id").asLong();
    }

    private String board(long vocabulary, String name) {
        return json("/api/vocabularies/" + vocabulary).get("boards").valueStream().filter(b -> b.get("name").asString().equals(name)).findFirst()
            .orElseThrow().get("id").asString();
    }

    private JsonNode json(String path) {
        return tools.jackson.databind.json.JsonMapper.shared().readTree(page.request().get(address + path).body());
    }

    private void show(String path, String name) throws IOException {
        show(path, name, () -> {
        });
    }

    private void show(String path, String name, Runnable prepare) throws IOException {
        page.navigate(address + path);
        Locator ready = page.locator("[data-ready]");
        ready.waitFor();
        prepare.run();
        page.waitForFunction(
            "() => !document.querySelector('[aria-busy=true]') && [...document.images].every((i) => i.complete) && document.fonts.status === 'loaded'");
        byte[] png = page.screenshot(new Page.ScreenshotOptions().setAnimations(ScreenshotAnimations.DISABLED));
        refuseEmpty(png, name);
        Files.write(folder.resolve(name + ".png"), png);
        System.out.println(name);
    }

    private static void refuseEmpty(byte[] png, String name) throws IOException {
        BufferedImage image = ImageIO.read(new ByteArrayInputStream(png));
        Set<Integer> colours = new HashSet<>();
        for (int x = image.getWidth() / 6; x < image.getWidth() * 5 / 6; x++) {
            for (int y = image.getHeight() / 6; y < image.getHeight() * 5 / 6; y++) {
                colours.add(image.getRGB(x, y));
            }
        }
        if (colours.size() < FEWEST_COLOURS) {
            throw new IllegalStateException(name + ": the main part is empty (" + colours.size() + " colours in it). Nothing was taken.");
        }
    }

    /** As people have it, letters drawn as on their screens; else the one without a window. */
    static Path whole() {
        Path whole = Path.of("/usr/bin/chromium");
        return Files.isExecutable(whole) ? whole : Browser.chromium();
    }
}
