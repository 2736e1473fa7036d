package org.dwimble.server.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.JSHandle;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.Base64;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import org.dwimble.core.board.Button;
import org.dwimble.server.TestServer;
import org.dwimble.server.board.VocabularyStore;
import org.dwimble.server.media.Photos;
import org.dwimble.server.outside.SimulatedService;
import org.junit.jupiter.api.Test;

/** Finding pictures, taking own ones in, and putting them on boards, as a therapist does. */
class PicturesBrowserTest extends SignedIn {
    PicturesBrowserTest() {
        super("first-choices");
    }

    private Locator tiles() {
        return page.locator(".pictures_tile");
    }

    private void search(String word) {
        page.navigate("/pictures");
        page.getByLabel("Find a picture by its word").fill(word);
    }

    private List<Button> buttons(String board) {
        return TestServer.bean(VocabularyStore.class).find(id).orElseThrow().vocabulary().boards().values().stream()
            .filter(b -> b.name().equals(board)).findFirst().orElseThrow().buttons();
    }

    private static FilePayload file(String name) {
        return new FilePayload(name, "image/jpeg", Photos.jpeg(320, 200));
    }

    @Test
    void aWordFindsItsPictureSaysWhyAndTellsAboutIt() {
        search("mice");
        assertThat(tiles().first()).containsText("mouse");
        assertThat(tiles().first()).containsText("a form of mouse");
        assertThat(page.getByLabel("About mouse")).containsText("Fluent Emoji, Microsoft, MIT");
        assertThat(w.violations()).isEmpty();
        page.getByLabel("Find a picture by its word").fill("latawiec");
        assertThat(tiles().first()).containsText("Polish: latawiec");
        page.getByLabel("Find a picture by its word").fill("zzqqx");
        assertThat(page.getByText("No picture answers to “zzqqx”.")).isVisible();
    }

    @Test
    void wordsWithASoundAreGatheredAndPutOnANewBoardInOneGo() {
        search("kite");
        w.button("starts with k").click();
        assertThat(page.getByText("American sounds")).isVisible();
        assertThat(tiles().filter(new Locator.FilterOptions().setHasText(Pattern.compile("^cup/")))).hasCount(1);
        assertThat(tiles().filter(new Locator.FilterOptions().setHasText(Pattern.compile("^knee/")))).hasCount(0);
        for (int i = 0; i < 3; i++) {
            tiles().nth(i).dblclick();
        }
        assertThat(w.heading("The list, 3 words")).isVisible();
        w.button("Put on a board, or print").click();
        page.getByText("on a new board").click();
        page.getByLabel("Name of the new board").fill(" ");
        assertThat(w.button("Put them there")).isDisabled();
        page.getByLabel("Name of the new board").fill("My k words");
        w.button("Put them there").click();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Print it")).click();
        assertThat(page).hasURL(Pattern.compile("/boards/.+/print"));
        assertThat(buttons("My k words").stream().map(Button::label)).hasSize(4).contains("home");
    }

    @Test
    void droppedFilesAreTakenInWithTheirNamesAsWordsAndTheRefusedOnesAreSaid() {
        page.navigate("/pictures/own");
        JSHandle files = page.evaluateHandle(
            "list => { const d = new DataTransfer(); for (const [name, data] of list) d.items.add(new File([Uint8Array.from(atob(data), c => "
                + "c.charCodeAt(0))], name)); return d; }",
            List.of(List.of("two_brown-goats.jpg", Base64.getEncoder().encodeToString(Photos.jpeg(90, 60))),
                List.of("plan.png", Base64.getEncoder().encodeToString("%PDF-1.7".getBytes()))));
        for (String event : List.of("dragenter", "dragover", "drop")) {
            page.dispatchEvent("main.pictures_pictures", event, Map.of("dataTransfer", files));
        }
        assertThat(page.getByText("About these 2 pictures")).isVisible();
        assertThat(w.violations()).isEmpty();
        page.getByRole(AriaRole.DIALOG).getByText("the whole school").click();
        w.button("Take them in").click();
        assertThat(page.getByText("1 of 2 taken in.")).isVisible();
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("“plan.png” is a PDF");
        assertThat(tiles().filter(new Locator.FilterOptions().setHasText("two brown goats"))).containsText("the whole school");
        assertThat(w.violations()).isEmpty();
    }

    @Test
    void aPastedPictureIsTakenIn() {
        page.navigate("/pictures/own");
        w.heading("Our own pictures").waitFor();
        page.evaluate(
            "async () => { const c = document.createElement('canvas'); c.width = 40; c.height = 30; c.getContext('2d').fillRect(0, 0, 20, 20); const "
                + "b = await new Promise(r => c.toBlob(r, 'image/png')); await navigator.clipboard.write([new ClipboardItem({ 'image/png': b })]); }");
        page.keyboard().press("Control+V");
        assertThat(page.getByText("About this picture")).isVisible();
        page.locator(".pictures_facts input").first().fill("washing line");
        page.keyboard().press("Enter");
        w.button("Take it in").click();
        assertThat(tiles().filter(new Locator.FilterOptions().setHasText("washing line"))).hasCount(1);
    }

    @Test
    void aDrawingIsCalledAsItsFileIsAndWhatWasTakenOutOfItIsSaid() {
        page.navigate("/pictures/own");
        String drawing = "<svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 9 9'><script>alert(1)</script><path d='M1 6h8z'/></svg>";
        page.getByLabel("Picture files").setInputFiles(new FilePayload("rowing boat.svg", "image/svg+xml", drawing.getBytes(StandardCharsets.UTF_8)));
        assertThat(page.getByText("as the file is called: rowing boat")).isVisible();
        w.button("Take it in").click();
        assertThat(page.getByText("A program in it was taken out.")).isVisible();
        assertThat(tiles().filter(new Locator.FilterOptions().setHasText("rowing boat"))).hasCount(1);
    }

    @Test
    void theCameraTakesAPhotoAndARefusedCameraIsSaid() {
        page.navigate("/pictures/own");
        w.button("Take a photo").click();
        w.button("Take the photo").click();
        w.button("Take it in").click();
        assertThat(page.getByText("1 of 1 taken in.")).isVisible();
        page.addInitScript("navigator.mediaDevices.getUserMedia = () => Promise.reject(new DOMException('no', 'NotAllowedError'))");
        page.reload();
        w.button("Take a photo").click();
        assertThat(page.getByText("The camera was not allowed. Nothing was taken; allow it beside the address of this page, or choose a file instead."))
            .isVisible();
    }

    @Test
    void aPhotoIsNotTakenBeforeTheCameraShowsAnything() {
        page.addInitScript("navigator.mediaDevices.getUserMedia = () => Promise.resolve(new MediaStream())");
        page.navigate("/pictures/own");
        w.button("Take a photo").click();
        page.waitForFunction("() => document.querySelector('video')?.srcObject");
        assertThat(w.button("Take the photo")).isDisabled();
        page.evaluate("""
            () => {
                const seen = document.createElement('canvas');
                const [track] = seen.captureStream().getTracks();
                document.querySelector('video').srcObject.addTrack(track);
                const drawn = () => { seen.getContext('2d').fillRect(0, 0, 9, 9); if (document.querySelector('video')) requestAnimationFrame(drawn); };
                drawn();
            }""");
        w.button("Take the photo").click();
        w.button("Take it in").waitFor();
    }

    @Test
    void manyFilesAreTakenInWithProgressAndTheSameFileOnce() {
        page.navigate("/pictures/own");
        FilePayload twice = file("same.jpg");
        List<FilePayload> files = new java.util.ArrayList<>(IntStream.range(0, 30).mapToObj(i -> file("word " + i + ".jpg")).toList());
        files.add(twice);
        page.setInputFiles("input[type=file]", files.toArray(FilePayload[]::new));
        w.button("Take them in").click();
        assertThat(page.getByText("31 of 31 taken in.")).isVisible();
        w.button("done").click();
        page.setInputFiles("input[type=file]", twice);
        w.button("Take it in").click();
        assertThat(page.getByText("1 of 1 taken in, 1 of them known before.")).isVisible();
        assertThat(tiles().filter(new Locator.FilterOptions().setHasText(Pattern.compile("^(word \\d+|same)")))).hasCount(31);
    }

    @Test
    void takingInGoesOnBesideOtherWorkAndIsTriedAgainWhereTheServerWasNotThere() {
        page.navigate("/pictures/own");
        boolean[] there = {false};
        page.route("**/api/own-pictures", route -> {
            if (there[0] || !route.request().method().equals("POST")) {
                route.resume();
            } else {
                route.abort();
            }
        });
        page.setInputFiles("input[type=file]", IntStream.range(0, 5).mapToObj(i -> file("shell " + i + ".jpg")).toArray(FilePayload[]::new));
        w.button("Take them in").waitFor();
        w.still();
        w.button("Take them in").click();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("The library")).click();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Our own pictures")).click();
        assertThat(page.getByText("0 of 5 taken in.")).isVisible();
        assertThat(page.getByRole(AriaRole.ALERT))
            .hasText("The server cannot be reached. Nothing kept before is lost; check the network, then try again. (5 files)");
        there[0] = true;
        w.button("Try those 5 again").click();
        assertThat(page.getByText("5 of 5 taken in.")).isVisible();
        assertThat(tiles().filter(new Locator.FilterOptions().setHasText(Pattern.compile("^shell \\d")))).hasCount(5);
        w.errors.removeIf(e -> e.contains("net::ERR_FAILED"));
    }

    /** One photo taken in, and its tile opened. */
    private Locator opened(String file) {
        page.navigate("/pictures/own");
        page.setInputFiles("input[type=file]", file(file));
        w.button("Take it in").click();
        Locator tile = tiles().filter(new Locator.FilterOptions().setHasText(file.replaceAll("\\..*", "")));
        tile.click();
        return tile;
    }

    @Test
    void thePaperAThingLiesOnIsTakenAwayAndPutBackBeforeItIsTakenIn() {
        page.navigate("/pictures/own");
        page.setInputFiles("input[type=file]", new FilePayload("razor shell.png", "image/png", Photos.onPaper(320, 240)));
        Locator preview = page.locator(".pictures_previews img");
        String before = preview.getAttribute("src");
        Locator away = page.getByText("take its ground away, set it straight, cut it to its edges");
        away.click();
        assertThat(preview).not().hasAttribute("src", before);
        page.getByText("put its ground back").click();
        assertThat(away).isVisible();
        away.click();
        assertThat(page.getByText("put its ground back")).isVisible();
        w.button("Take it in").click();
        tiles().filter(new Locator.FilterOptions().setHasText("razor shell")).click();
        byte[] kept = http.get(page.locator(".pictures_about-large img").getAttribute("src")).body();
        assertThat(size(kept)).as("the thing is a third of the photo, with a margin").isEqualTo("115 x 88");
    }

    @Test
    void anOwnPictureIsCutToASquareAndTurned() {
        opened("bramble.jpg");
        String before = page.locator(".pictures_about-large img").getAttribute("src");
        w.button("Cut, turn, brighten").click();
        page.locator(".pictures_retouch img").waitFor();
        w.button("Turn a quarter").click();
        w.button("Keep it so").click();
        assertThat(page.locator(".pictures_about-large img")).not().hasAttribute("src", before);
        byte[] kept = http.get(page.locator(".pictures_about-large img").getAttribute("src")).body();
        assertThat(size(kept)).as("of 320 x 200 turned, the largest square").isEqualTo("200 x 200");
        page.locator(".pictures_facts input").first().fill("Thistledown");
        page.keyboard().press("Enter");
        page.waitForResponse(answer -> answer.request().method().equals("PUT") && answer.ok(), () -> w.button("Keep").click());
        search("Thistledown");
        assertThat(tiles().first()).containsText("bramble");
        assertThat(tiles().first()).containsText("also called so");
    }

    /** Taken away and put back with a press each, before anything is kept. */
    @Test
    void aPictureInTheCollectionLosesItsGroundToo() {
        page.navigate("/pictures/own");
        page.setInputFiles("input[type=file]", new FilePayload("razor clam.png", "image/png", Photos.onPaper(320, 240)));
        w.button("Take it in").click();
        tiles().filter(new Locator.FilterOptions().setHasText("razor clam")).click();
        String before = page.locator(".pictures_about-large img").getAttribute("src");
        w.button("Cut, turn, brighten").click();
        Locator shown = page.locator(".pictures_retouch img");
        assertThat(shown).hasAttribute("src", Pattern.compile("/api/own-pictures/.*"));
        Locator away = page.getByText("take its ground away, set it straight, cut it to its edges");
        away.click();
        assertThat(page.getByText("put its ground back")).isVisible();
        assertThat(shown).hasAttribute("src", Pattern.compile("blob:.*"));
        page.getByText("put its ground back").click();
        away.click();
        assertThat(page.getByText("put its ground back")).isVisible();
        w.button("Keep it so").click();
        assertThat(page.locator(".pictures_about-large img")).not().hasAttribute("src", before);
        byte[] kept = http.get(page.locator(".pictures_about-large img").getAttribute("src")).body();
        assertThat(size(kept)).isEqualTo("115 x 88");
    }

    @Test
    void anOwnPictureIsDeletedAfterAskingAndIsGoneFromThePage() {
        Locator tile = opened("periwinkle.jpg");
        w.button("Delete").click();
        w.button("Leave it").click();
        assertThat(tile).hasCount(1);
        w.button("Delete").click();
        w.button("Delete it").click();
        assertThat(tile).hasCount(0);
        assertThat(page.getByText("A picture you choose is told about here, and can be changed.")).isVisible();
    }

    private static String size(byte[] picture) {
        try {
            var image = javax.imageio.ImageIO.read(new java.io.ByteArrayInputStream(picture));
            return image.getWidth() + " x " + image.getHeight();
        } catch (java.io.IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }

    @Test
    void aButtonGetsTwoPicturesAndANotMarkMovedByKeyboardAndUndone() {
        w.bench(id, "play");
        w.cell("ball,").click();
        w.button("another picture").click();
        w.button("put a not mark across").click();
        w.button("add another picture").click();
        page.getByLabel("Find a picture by its word").fill("rain");
        page.locator(".chooser_picture-list button").first().click();
        Locator added = page.locator(".pictures_layer.pictures_at");
        added.focus();
        page.keyboard().press("ArrowLeft");
        page.keyboard().press("-");
        assertThat(w.violations()).isEmpty();
        w.button("Keep").click();
        assertThat(w.cell("ball,").locator(".art_layers img")).hasCount(3);
        Button ball = buttons("Play").stream().filter(b -> b.label().equals("ball")).findFirst().orElseThrow();
        assertThat(ball.layers()).extracting(org.dwimble.core.board.Layer::picture).containsExactly("base/soccer-ball", "base/cloud-with-rain", "core/not");
        assertThat(ball.layers().get(1)).isEqualTo(new org.dwimble.core.board.Layer("base/cloud-with-rain", 480, 500, 460));
        page.keyboard().press("Control+Z");
        assertThat(w.cell("ball,").locator("img")).hasCount(1);
    }

    @Test
    void aLayerIsDraggedWithTheMouse() {
        w.bench(id, "play");
        w.cell("ball,").click();
        w.button("another picture").click();
        w.button("add another picture").click();
        page.getByLabel("Find a picture by its word").fill("rain");
        page.locator(".chooser_picture-list button").first().click();
        var at = page.locator(".pictures_layer.pictures_at").boundingBox();
        page.mouse().move(at.x + 30, at.y + 30);
        page.mouse().down();
        page.mouse().move(at.x - 200, at.y - 200);
        page.mouse().up();
        w.button("Keep").click();
        assertThat(w.cell("ball,").locator(".art_layers img")).hasCount(2);
        assertThat(buttons("Play").stream().filter(b -> b.label().equals("ball")).findFirst().orElseThrow().layers().get(1))
            .isEqualTo(new org.dwimble.core.board.Layer("base/cloud-with-rain", 0, 0, 500));
    }

    @Test
    void allPicturesOfAStudentFollowTheLookAndSkinChosen() {
        page.navigate("/caseload");
        w.choose("More for Ilse", "About Ilse");
        page.getByText("black on white").click();
        w.button("Keep").click();
        w.bench(id, "home");
        assertThat(w.cell("help,").locator("img")).hasAttribute("src", "/art/contrast.yellow.usual/core/help.svg");
        page.navigate("/vocabularies/" + id + "/talk");
        assertThat(page.locator(".talk_talk-grid img").first()).hasAttribute("src", Pattern.compile("^/art/contrast"));
    }

    @Test
    void whoseThePicturesAreIsToldOnDemand() {
        w.bench(id, "home");
        w.choose("More to do with these boards", "Whose the pictures are");
        assertThat(page.getByRole(AriaRole.ROW, new Page.GetByRoleOptions().setName(Pattern.compile("Fluent Emoji Microsoft MIT")))).isVisible();
        assertThat(w.violations()).isEmpty();
    }

    private void trouble(String how) {
        try {
            HttpClient.newHttpClient().send(HttpRequest.newBuilder(URI.create(TestServer.bean(SimulatedService.class).address() + "/trouble?" + how))
                .PUT(HttpRequest.BodyPublishers.noBody()).build(), HttpResponse.BodyHandlers.discarding());
        } catch (java.io.IOException | InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    @Test
    void aServiceOutsideIsSlowBrokenEmptyAndWellAndThePageGoesOn() {
        try {
            search("castle");
            trouble("how=error");
            w.button("look outside for “castle”").click();
            assertThat(page.getByText("answered with something that is no answer. Nothing was lost")).isVisible();
            trouble("slow=1500");
            w.button("Try again").click();
            assertThat(page.getByText("You can go on meanwhile.")).isVisible();
            assertThat(w.violations()).isEmpty();
            assertThat(page.locator(".pictures_outside .pictures_tile")).containsText("Mozilla, FxEmoji, Apache-2.0");
            trouble("how=none");
            page.locator(".pictures_outside .pictures_tile").click();
            assertThat(page.getByText("The picture is kept, with its licence.")).isVisible();
            assertThat(tiles().filter(new Locator.FilterOptions().setHasText("this word")).first().locator("img"))
                .hasAttribute("src", Pattern.compile("own-pictures"));
            page.getByLabel("Find a picture by its word").fill("zzqqx");
            w.button("look outside for “zzqqx”").click();
            assertThat(page.getByText("It has no picture for “zzqqx” that is fit for a school.")).isVisible();
        } finally {
            trouble("how=none");
        }
    }
}
