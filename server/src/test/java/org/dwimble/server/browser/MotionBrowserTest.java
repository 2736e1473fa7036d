package org.dwimble.server.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.google.gson.JsonObject;
import com.microsoft.playwright.CDPSession;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ReducedMotion;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Every dialog, drop-down and message is to be seen, whether or not the system asks for less motion. */
class MotionBrowserTest extends SignedIn {
    MotionBrowserTest() {
        super("starter-40");
    }

    /** Waits until something is not only there but seen: nothing round it is see-through, it has a size, and it moves no more. */
    private void seen(Locator what) {
        what.waitFor();
        page.waitForFunction("""
            e => { const seen = (n) => !n || (Number(getComputedStyle(n).opacity) > 0.99 && getComputedStyle(n).visibility !== 'hidden'
                && seen(n.parentElement));
                const r = e.getBoundingClientRect(); return seen(e) && r.width > 20 && r.height > 10 && e.getAnimations({ subtree: true })
                    .every((a) => a.playState !== 'running'); }""", what.elementHandle());
    }

    private Locator dialog() {
        return page.getByRole(AriaRole.DIALOG).last();
    }

    private Locator item(String name) {
        return page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private void leave() {
        page.keyboard().press("Escape");
        page.waitForFunction("() => ![...document.querySelectorAll('[role=dialog]')].some((d) => d.checkVisibility())");
    }

    /** On a slow machine a menu can still be going when the dialog it opened is there; Escape is for the dialog. */
    @Test
    void escapeClosesADialogThatAMenuOpenedHoweverSlowlyTheMenuGoes() {
        w.bench(id, "eating");
        CDPSession slow = page.context().newCDPSession(page);
        for (String name : List.of("Keys of the bench", "Make a chain of boards…")) {
            w.button("More to do with these boards").click();
            item(name).waitFor();
            slow.send("Animation.enable");
            slow.send("Animation.setPlaybackRate", playback(0.05));
            item(name).click();
            dialog().waitFor();
            page.keyboard().press("Escape");
            slow.send("Animation.setPlaybackRate", playback(1));
            page.waitForFunction("() => ![...document.querySelectorAll('[role=dialog]')].some((d) => d.checkVisibility())");
        }
    }

    /** Between two fields the focus is for a moment nowhere; a dialog that has just finished opening then takes it for lost and asks for it. */
    @Test
    void theFocusGoesToTheNextFieldThoughTheDialogAsksForItOnTheWay() {
        w.bench(id, "home");
        for (String taken : List.of("[role=dialog]", ".ant-modal-close")) {
            w.button("add a person").click();
            assertThat(page.getByLabel("Name or nickname")).isFocused();
            page.keyboard().type("Tove");
            page.evaluate("taken => document.addEventListener('focusout', () => document.querySelector(taken).focus(), { once: true, capture: true })", taken);
            page.keyboard().press("Tab");
            page.keyboard().type("aunt");
            assertThat(page.getByLabel("Who they are")).hasValue("aunt");
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Leave it")).click();
        }
    }

    private static JsonObject playback(double rate) {
        JsonObject told = new JsonObject();
        told.addProperty("playbackRate", rate);
        return told;
    }

    @ParameterizedTest
    @EnumSource(value = ReducedMotion.class)
    void whatIsTypedGoesIntoTheFieldOfTheDialogThatOpened(ReducedMotion motion) {
        page.emulateMedia(new Page.EmulateMediaOptions().setReducedMotion(motion));
        w.bench(id, "home");
        page.keyboard().press("=");
        seen(dialog());
        page.keyboard().type("bike");
        assertThat(page.getByLabel("Another spoken text")).isVisible();
        leave();
    }

    @ParameterizedTest
    @EnumSource(value = ReducedMotion.class)
    void everythingThatOpensIsSeen(ReducedMotion motion) {
        page.emulateMedia(new Page.EmulateMediaOptions().setReducedMotion(motion));
        page.navigate("/caseload");
        w.button("Add a student").click();
        seen(dialog());
        leave();
        w.button("Odile: account").click();
        seen(page.getByRole(AriaRole.MENU).last());
        page.keyboard().press("Escape");

        w.bench(id, "eating");
        w.cell("apple,").click();
        w.button("More to do with these boards").click();
        seen(item("Whose the pictures are"));
        item("Whose the pictures are").click();
        seen(dialog());
        leave();
        w.button("another picture").click();
        seen(dialog());
        leave();
        w.button("Change the kind").click();
        seen(item("a who word"));
        page.keyboard().press("Escape");
        w.choose("More to do with these boards", "Delete this board…");
        seen(dialog());
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Leave it")).click();
        page.waitForFunction("() => ![...document.querySelectorAll('[role=dialog]')].some((d) => d.checkVisibility())");
        page.locator("#word-line").fill("captain, ".repeat(400) + "captain");
        page.keyboard().press("Enter");
        seen(dialog());
        assertThat(dialog().innerText()).contains("Put 401 words here and on new boards?");
        leave();
        page.locator("#word-line").fill("");
        for (String door : List.of("find a word", "add a person", "what happened", "add a board")) {
            w.button(door).click();
            seen(dialog());
            leave();
        }
        for (String dialog : List.of("Keys of the bench", "Make a chain of boards…", "Copy for another student, or with a note…")) {
            w.choose("More to do with these boards", dialog);
            seen(dialog());
            leave();
        }
        w.cell("apple,").click();
        for (String words : List.of("Change the shape", "Change the row", "choose more with it")) {
            w.button(words).click();
            seen(page.getByRole(AriaRole.MENU).last());
            page.keyboard().press("Escape");
        }

        w.button("Reveal").click();
        for (String door : List.of("A plan proposed for Ilse", "Hold words by a fact…", "hold it", "hold all")) {
            w.button(door).click();
            seen(dialog());
            leave();
        }
        w.button("Words").click();

        page.route("**/events*", route -> route.abort());
        w.bench(id, "play");
        w.cell("ball,").click();
        http.post("/api/vocabularies/" + id + "/edits",
            "{\"base\":1,\"edit\":{\"type\":\"give-label\",\"board\":\"play\",\"button\":\"play-ball\",\"label\":\"bat " + motion + "\"}}");
        w.button("Change the label").click();
        page.getByRole(AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName("Change the label")).fill("beach ball");
        page.keyboard().press("Enter");
        seen(dialog());
        assertThat(dialog().innerText()).contains("You changed the same thing since, in another window");
        leave();

        page.navigate("/pictures");
        page.getByLabel("Category").or(page.getByRole(AriaRole.COMBOBOX)).first().click();
        seen(page.locator(".ant-select-dropdown").last());
        page.keyboard().press("Escape");

        page.context().clearCookies(new com.microsoft.playwright.BrowserContext.ClearCookiesOptions().setName("dwimble"));
        page.navigate("/caseload");
        page.getByLabel("Password").waitFor();
    }
}
