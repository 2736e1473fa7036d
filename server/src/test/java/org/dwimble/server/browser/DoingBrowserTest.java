package org.dwimble.server.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Mouse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.FilePayload;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import org.dwimble.core.board.Says;
import org.dwimble.core.doing.Doing;
import org.dwimble.core.doing.SayText;
import org.dwimble.core.voice.Manner;
import org.dwimble.server.obf.Zips;
import org.dwimble.server.recording.Voices;
import org.junit.jupiter.api.Test;

/** What a button says and does: changed in its sentence, counted, and then talked with. */
class DoingBrowserTest extends Counted {
    DoingBrowserTest() {
        super("starter-40");
    }

    private Locator sentence() {
        return page.getByLabel("Button sentence");
    }

    private Locator lines() {
        return sentence().getByRole(AriaRole.LISTITEM);
    }

    private void talk(String board) {
        page.navigate("/vocabularies/" + id + "/talk?board=" + board);
        page.locator("main[data-ready]").waitFor();
    }

    @Test
    void aButtonSaysAnotherText() throws IOException {
        w.bench(id, "play");
        w.cell("ball,").click();
        click(page.getByTitle("Change what it says"));
        enter("Throw it to me");
        assertThat(sentence()).containsText("says “Throw it to me” as usual");
        counted("what a button says changed to another text", 2);
        assertThat(at("play", 1, 0).says()).isEqualTo(new Says.Words("Throw it to me"));
        assertThat(at("play", 1, 0).isWord()).isTrue();
    }

    @Test
    void aSayItAndAClearButtonAreTalkedWith() throws IOException {
        w.bench(id, "play");
        click(w.cell("empty, row 4, place 2"));
        click(w.button("say it"));
        assertThat(w.cell("say it, row 4, place 2")).isVisible();
        click(w.button("clear"));
        assertThat(w.cell("clear, row")).isVisible();
        counted("a say-it and a clear button on a board", 4);
        assertThat(at("play", 3, 1).doings()).containsExactly(Doing.SAY);
        talk("play");
        w.button("ball").click();
        Locator message = page.getByLabel("Message");
        assertThat(message).hasText("ball");
        page.waitForResponse(r -> r.url().contains("/api/speech?text=ball"), () -> page.locator("main").getByRole(AriaRole.GROUP).getByRole(AriaRole.BUTTON,
            new Locator.GetByRoleOptions().setName("say it").setExact(true)).click());
        page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Play")).getByRole(AriaRole.BUTTON,
            new Locator.GetByRoleOptions().setName("clear").setExact(true)).click();
        assertThat(message).hasText("");
    }

    @Test
    void severalDoingsAreAddedMovedByKeysAndByMouseAndDoneInTheirOrder() {
        w.bench(id, "play");
        w.cell("ball,").click();
        w.button("something more…").click();
        enter("clear");
        assertThat(lines()).hasCount(2);
        w.button("something more…").click();
        enter("Look out");
        assertThat(lines().nth(2)).hasText("⠿ and says “Look out” at once");
        sentence().getByLabel("Move: clears the message").focus();
        page.keyboard().press("ArrowDown");
        assertThat(lines().nth(2)).containsText("clears the message");
        // The focus goes with it.
        assertThat(sentence().getByLabel("Move: clears the message")).isFocused();
        page.keyboard().press("ArrowUp");
        assertThat(lines().nth(1)).containsText("clears the message");
        page.keyboard().press("ArrowUp");
        assertThat(lines().first()).containsText("clears the message");
        BoundingBox grip = sentence().getByLabel("Move: says “Look out” at once").boundingBox();
        BoundingBox first = lines().first().boundingBox();
        page.mouse().move(grip.x + grip.width / 2, grip.y + grip.height / 2);
        page.mouse().down();
        page.mouse().move(grip.x + grip.width / 2, first.y + first.height / 2, new Mouse.MoveOptions().setSteps(8));
        page.mouse().up();
        assertThat(lines().first()).containsText("Look out");
        assertThat(w.violations()).isEmpty();
        assertThat(at("play", 1, 0).doings()).isEqualTo(List.of(new SayText("Look out"), Doing.CLEAR, Doing.OWN_WORD));
        page.getByTitle("Change how it says it").click();
        page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("crossly")).click();
        assertThat(sentence()).containsText("says its own label crossly");
        assertThat(at("play", 1, 0).how().manner()).isEqualTo(Manner.CROSSLY);
        page.waitForResponse(r -> r.url().contains("/api/speech?text=ball"),
            () -> page.waitForResponse(r -> r.url().contains("/api/speech?text=Look+out"), () -> w.button("▶ hear it").click()));
        talk("play");
        page.waitForResponse(r -> r.url().contains("/api/speech?text=ball"),
            () -> page.waitForResponse(r -> r.url().contains("/api/speech?text=Look+out"), () -> w.button("ball").click()));
        assertThat(page.getByLabel("Message")).hasText("ball");
    }

    @Test
    void aRecordingIsMadeKeptAndHeardInTalk() throws IOException {
        w.bench(id, "play");
        w.cell("ball,").click();
        click(page.getByTitle("Change what it says"));
        click(page.getByTitle("a recording…"));
        Locator dialog = page.getByRole(AriaRole.DIALOG);
        assertThat(dialog).containsText("Record “ball”");
        // Spoken; it stops by itself.
        Locator keep = dialog.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Keep it"));
        assertThat(keep).isFocused();
        assertThat(dialog).containsText("It is Odile’s voice.");
        assertThat(w.violations()).isEmpty();
        press("Enter");
        assertThat(sentence()).containsText("says “ball”, recorded");
        counted("a recording on a button", 3);
        assertThat(at("play", 1, 0).sound()).startsWith("own/");
        talk("play");
        page.waitForResponse(r -> r.url().contains("/sounds/" + at("play", 1, 0).sound().substring(4)) && r.ok(), () -> w.button("ball").click());
        assertThat(page.getByLabel("Message")).hasText("ball");
    }

    @Test
    void aSoundFromAFileIsWhatItsBytesAreAndATextIsNone() {
        w.bench(id, "play");
        w.cell("ball,").click();
        page.getByTitle("Change what it says").click();
        page.getByTitle("a recording…").click();
        Locator dialog = page.getByRole(AriaRole.DIALOG);
        page.getByLabel("A sound from a file").setInputFiles(new FilePayload("song.mp3", "audio/mpeg", "no sound".getBytes(StandardCharsets.UTF_8)));
        assertThat(dialog.getByRole(AriaRole.ALERT))
            .hasText("“song.mp3” is no sound this browser can read. Nothing was changed; bring it as mp3, wav, ogg, m4a or webm.");
        page.getByLabel("A sound from a file").setInputFiles(new FilePayload("bell.txt", "text/plain", Voices.wav(1, 500)));
        Locator keep = dialog.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Keep it"));
        keep.click();
        assertThat(sentence()).containsText("says “ball”, recorded");
        page.getByTitle("Change what it says").click();
        page.getByTitle("it by the voice again").click();
        assertThat(sentence()).containsText("says its own label");
        assertThat(at("play", 1, 0).sound()).isNull();
    }

    @Test
    void aSoundThatCameInAPackageIsHeardAndPutOnAnotherButton() throws IOException {
        String board = "{\"format\":\"open-board-0.1\",\"id\":\"b\",\"name\":\"Ferry\",\"locale\":\"en\","
            + "\"buttons\":[{\"id\":\"1\",\"label\":\"horn\","
            + "\"sound_id\":\"s\"},{\"id\":\"2\",\"label\":\"boat\"}],\"sounds\":[{\"id\":\"s\",\"path\":\"s.wav\","
            + "\"license\":{\"type\":\"CC BY\",\"author_name\":\"Marta\"}}],"
            + "\"grid\":{\"rows\":1,\"columns\":2,\"order\":[[\"1\",\"2\"]]}}";
        byte[] obz = Zips.of(Map.of("manifest.json", "{\"format\":\"open-board-0.1\",\"root\":\"b.obf\",\"paths\":{\"boards\":{\"b\":\"b.obf\"}}}".getBytes(
            StandardCharsets.UTF_8), "b.obf", board.getBytes(StandardCharsets.UTF_8), "s.wav", Voices.wav(0.4, 300)));
        long came = http.upload("/api/students/" + ilse.id() + "/packages", "ferry.obz", obz).json().get("vocabulary").asLong();
        w.bench(came, "b");
        w.cell("boat,").click();
        page.getByTitle("Change what it says").click();
        page.keyboard().type("horn");
        page.getByTitle("“horn”, as it sounds here").click();
        assertThat(sentence()).containsText("says “boat”, recorded");
        page.navigate("/vocabularies/" + came + "/talk?board=b");
        page.locator("main[data-ready]").waitFor();
        for (String word : List.of("horn", "boat")) {
            page.waitForResponse(r -> r.url().contains("/vocabularies/" + came + "/sounds/") && r.ok(), () -> w.button(word).click());
        }
    }

    @Test
    void aWordIsWrittenAsItSoundsAndSaidByTheVoiceThatCan() {
        w.bench(id, "play");
        w.cell("ball,").click();
        page.getByTitle("Change how it says it").click();
        page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("spoken otherwise than written…")).click();
        Locator field = page.getByLabel("How it is spoken");
        assertThat(field).isFocused();
        Locator signs = page.getByLabel("Signs for sounds");
        signs.getByText("ˈ", new Locator.GetByTextOptions().setExact(true)).click();
        page.keyboard().type("b");
        signs.getByText("ɔ", new Locator.GetByTextOptions().setExact(true)).click();
        page.keyboard().type(":l");
        assertThat(field).hasValue("/ˈbɔ:l/");
        page.keyboard().press("Enter");
        assertThat(sentence()).containsText("spoken “/ˈbɔ:l/”");
        assertThat(at("play", 1, 0).how().as()).isEqualTo("/ˈbɔ:l/");
        page.waitForResponse(r -> r.url().contains("/api/speech?text=%2F%CB%88b%C9%94%3Al%2F") && r.ok(), () -> w.button("▶ hear it").click());
    }

    @Test
    void tenWordsAreRecordedInTurnAndStoppingHalfWayKeepsWhatWasSaid() throws IOException {
        w.bench(id, "play");
        click(w.button("Sounds"));
        click(page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Record the \\d+ that have no recording$"))));
        Locator many = page.getByLabel("Recording for many");
        assertThat(many.getByText("✓ recorded")).hasCount(3, new LocatorAssertions.HasCountOptions().setTimeout(60_000));
        assertThat(w.violations()).isEmpty();
        counted("words of a board recorded, beside saying them", 2);
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Stop here")).click();
        assertThat(now().boards().get("play").buttons().stream().filter(b -> b.sound() != null).count()).isBetween(3L, 5L);
    }

    @Test
    void aSoundEffectIsPutIntoACellAndGivenToAButton() throws IOException {
        w.bench(id, "play");
        w.cell("empty, row 4, place 2").click();
        click(page.getByLabel("Put here a sound"));
        enter("seagull");
        assertThat(w.cell("gull, row 4, place 2")).isVisible();
        counted("a sound put on a board", 2);
        assertThat(at("play", 3, 1).sound()).isEqualTo("effect/gull");
        assertThat(at("play", 3, 1).picture()).isNotNull();
        w.cell("ball,").click();
        page.getByTitle("Change what it says").click();
        page.keyboard().type("boin");
        page.waitForResponse(r -> r.url().endsWith("/effects/boing.wav"), () -> page.keyboard().press("ArrowDown"));
        page.keyboard().press("Enter");
        assertThat(sentence()).containsText("says the sound ♪ boing");
        talk("play");
        page.waitForResponse(r -> r.url().endsWith("/effects/gull.wav") && r.ok(), () -> w.button("gull").click());
        assertThat(page.getByLabel("Message")).hasText("gull");
    }

    @Test
    void aBoardOfQuipsIsOpenedFromACell() throws IOException {
        w.bench(id, "play");
        w.cell("empty, row 4, place 2").click();
        click(page.getByLabel("Put here a sound"));
        page.keyboard().type("not again");
        assertThat(page.getByTitle("“not again”")).isVisible();
        page.getByLabel("Put here a sound").fill("");
        page.keyboard().press("ArrowUp");
        // The last of the list is the last group as a whole.
        press("Enter");
        assertThat(w.cell("quips to be funny, row 4, place 2, opens a board")).isVisible();
        counted("a board of sounds or quips, opened from here", 3);
        assertThat(now().boards().values().stream().flatMap(b -> b.buttons().stream())).anyMatch(b -> b.label().equals("guess what")
            && b.how().manner() == Manner.WHISPERED);
    }

    @Test
    void aVoiceIsTriedChosenAndTalkedWith() {
        page.navigate("/students/" + ilse.id());
        w.button("choose the voice").click();
        Locator dialog = page.getByRole(AriaRole.DIALOG);
        page.waitForResponse(r -> r.url().contains("variant=f2") && r.ok(), () -> dialog.getByLabel("Dwimble’s own voice, another (2)").check());
        assertThat(w.violations()).isEmpty();
        dialog.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Keep")).click();
        assertThat(dialog).isHidden();
        assertThat(page.getByLabel("Screen and look")).containsText("Talks with Dwimble’s own voice.");
        talk("play");
        page.waitForResponse(r -> r.url().contains("/api/speech?text=ball") && r.url().contains("variant=f2") && r.ok(), () -> w.button("ball").click());
    }
}
