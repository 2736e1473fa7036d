package org.dwimble.server.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import java.util.concurrent.CountDownLatch;
import org.dwimble.core.grant.Role;
import org.dwimble.server.Http;
import org.dwimble.server.TestServer;
import org.dwimble.server.account.Account;
import org.dwimble.server.account.AccountStore;
import org.dwimble.server.job.Jobs;
import org.junit.jupiter.api.Test;

/** Boards on paper, long work, and looking after Dwimble, as people do them. */
class PaperBrowserTest extends SignedIn {
    PaperBrowserTest() {
        super("first-choices");
    }

    private Locator sheet() {
        return page.locator("main svg[role=img]");
    }

    private Locator dialog() {
        return page.getByRole(AriaRole.DIALOG);
    }

    @Test
    void aWholeVocabularyBecomesABookAndItsPdfIsKeptForADay() {
        page.navigate("/vocabularies/" + id + "/print");
        w.choose("Which boards", "all boards");
        assertThat(page.getByText("sheet 1 of 7")).isVisible();
        w.button("without tabs").click();
        w.button("without an index of words").click();
        assertThat(page.getByText("sheet 1 of 8")).isVisible();
        w.button("The next sheet").click();
        assertThat(sheet()).containsText("page 2");
        assertThat(w.violations()).isEmpty();
        w.button("Make the PDF").click();
        assertThat(dialog()).containsText("Ilse’s words on paper");
        Page pdf = page.context().waitForPage(() -> w.link("Open the PDF").click());
        pdf.close();
        w.choose("Odile: account", "Work of today");
        assertThat(dialog()).containsText("Ilse’s words on paper");
        assertThat(w.link("Open it")).isVisible();
        assertThat(w.violations()).isEmpty();
        w.button("Forget Ilse’s words on paper").click();
        assertThat(dialog()).containsText("are kept here for a day");
    }

    @Test
    void aSizeIsTypedAndWhatIsNoneChangesNothing() {
        page.navigate("/vocabularies/" + id + "/print");
        w.choose("How large", "scaled");
        w.button("Percent of true size").click();
        page.keyboard().type("200");
        page.keyboard().press("Enter");
        assertThat(page.getByText("sheets to glue together")).isVisible();
        w.button("Percent of true size").click();
        page.keyboard().type("9000");
        page.keyboard().press("Enter");
        assertThat(w.button("Percent of true size")).hasText("200 percent");
        w.choose("What is printed", "as a keyguard, with openings to cut out");
        assertThat(sheet()).containsText("message");
        assertThat(w.button("How large")).hasCount(0);
        assertThat(w.violations()).isEmpty();
    }

    @Test
    void workThatTakesLongIsLeftAloneAndEnded() {
        CountDownLatch go = new CountDownLatch(1);
        TestServer.bean(Jobs.class).start(odile.id(), java.util.List.of(), "A very long book", (out, progress) -> {
            for (int i = 0; i < 3; i++) {
                progress.told(i, 3);
            }
            go.await();
            progress.told(3, 3);
            return Jobs.Result.file("book.pdf", "application/pdf");
        });
        page.navigate("/caseload");
        w.choose("Odile: account", "Work of today");
        assertThat(dialog()).containsText("A very long book, 2 of 3 done");
        page.waitForResponse(answer -> answer.request().method().equals("DELETE"), () -> w.button("End A very long book").click());
        go.countDown();
        assertThat(dialog()).containsText("ended before it was done; nothing was changed");
    }

    @Test
    void aDamagedPackageIsToldAndAWholeOneOpens() {
        page.navigate("/students/" + ilse.id() + "/start");
        page.getByLabel("A package or board file").setInputFiles(new FilePayload("crab.obz", "application/zip", "crab".getBytes(StandardCharsets.UTF_8)));
        assertThat(dialog()).containsText("crab.obz");
        assertThat(dialog().getByRole(AriaRole.STATUS)).containsText(".");
        w.button("Close").last().click();
        assertThat(dialog()).hasCount(0);
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Start Ilse’s vocabulary"))).isVisible();
    }

    @Test
    void holidaysComeFromACalendarFileAndStayLinesThatCanBeChanged() {
        page.navigate("/lists");
        page.getByLabel("Words of a new list").fill("lighthouse");
        page.keyboard().press("Enter");
        page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Make")).getByText("Month or week").click();
        w.button("What is on which day").click();
        Locator file = page.getByLabel("A calendar file");
        file.setInputFiles(new FilePayload("school.ics", "text/calendar", "BEGIN:VCALENDAR".getBytes(StandardCharsets.UTF_8)));
        assertThat(dialog().getByRole(AriaRole.STATUS)).containsText("This is no calendar file (.ics), or it is damaged.");
        file.setInputFiles(new FilePayload("school.ics", "text/calendar", ("BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:x\r\nBEGIN:VEVENT\r\nUID:1\r\n"
            + "DTSTAMP:20261101T080000Z\r\nSUMMARY:Winter holidays\r\nDTSTART;VALUE=DATE:20261221\r\nDTEND;"
            + "VALUE=DATE:20270104\r\nEND:VEVENT\r\nEND:VCALENDAR\r\n")
            .getBytes(StandardCharsets.UTF_8)));
        assertThat(page.getByLabel("Days, one a line")).hasValue("2026-12-21 - 2027-01-03: Winter holidays");
        assertThat(w.violations()).isEmpty();
        w.button("Keep").click();
        assertThat(w.button("What is on which day")).hasText("1 line typed into days");
    }

    @Test
    void boardsAreCarriedAway() {
        w.bench(id, "eat");
        w.choose("More to do with these boards", "Carry away all boards (.obz)");
        Download obz = page.waitForDownload(() -> w.link("Save the package").click());
        assertThat(obz.suggestedFilename()).isEqualTo("Ilse’s words.obz");
    }

    @Test
    void whoeverLooksAfterDwimbleMakesABackupAndOthersDoNotSeeIt() {
        page.navigate("/caseload");
        w.button("Odile: account").click();
        assertThat(page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("Looking after Dwimble"))).hasCount(0);
        page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("Sign out")).click();
        page.getByLabel("Name you sign in with").waitFor();
        Account keeper = TestServer.bean(AccountStore.class).create("keeper " + System.nanoTime(), "Keeper", "", TestServer.PASSWORD, true);
        w.as(keeper);
        page.navigate("/caseload");
        w.button("Add a student").hover();
        assertThat(w.violations()).isEmpty();
        w.choose("Keeper: account", "Looking after Dwimble");
        w.button("Make a backup now").click();
        assertThat(dialog()).containsText("The last good backup was made");
        assertThat(page.locator(".ant-btn-loading")).hasCount(0);
        w.button("Make a backup now").hover();
        assertThat(w.violations()).isEmpty();
    }

    @Test
    void aVersionOfAListIsNamedAndItsPicturesSayWhoseTheyAre() {
        page.navigate("/lists");
        page.getByLabel("Words of a new list").fill("ferry, seal");
        page.keyboard().press("Enter");
        w.choose("More to do with this list", "What happened");
        w.button("Name of version 1").click();
        page.keyboard().type("for the trip");
        page.keyboard().press("Enter");
        assertThat(dialog()).containsText("“for the trip”");
        page.keyboard().press("Escape");
        assertThat(dialog()).hasCount(0);
        w.choose("More to do with this list", "Whose the pictures are");
        assertThat(dialog()).containsText("Licence");
    }

    @Test
    void aBookIsMadeWithNoMouseAtAll() {
        page.navigate("/vocabularies/" + id + "/print");
        w.tabTo(w.button("Which boards"));
        page.keyboard().press("Enter");
        w.chooseByKeys("all boards");
        assertThat(page.getByText("sheet 1 of 7")).isVisible();
        w.tabTo(w.button("without tabs"));
        page.keyboard().press("Enter");
        w.tabTo(w.button("The next sheet"));
        page.keyboard().press("Enter");
        assertThat(page.getByText("sheet 2 of 7")).isVisible();
        w.tabTo(w.button("Make the PDF"));
        page.keyboard().press("Enter");
        w.link("Open the PDF").waitFor();
        w.tabTo(w.link("Open the PDF"));
        Page pdf = page.context().waitForPage(() -> page.keyboard().press("Enter"));
        pdf.close();
    }

    @Test
    void twoPeopleOnOneListSeeWhatTheOtherDidAndNeitherLosesAnything() {
        Account marit = TestServer.account("Marit");
        TestServer.join(ilse, marit, Role.EDITOR);
        long list = Http.as(odile).post("/api/lists", "{\"name\":\"Trip\",\"text\":\"ferry\",\"student\":\"" + ilse.id() + "\"}").json().get("id").asLong();
        Browser.Window hers = new Browser.Window();
        try {
            hers.as(marit);
            page.navigate("/lists/" + list);
            hers.page.navigate("/lists/" + list);
            type(hers.page, "seal");
            assertThat(words(page)).hasCount(2);
            type(page, "crab");
            type(hers.page, "gull");
            assertThat(words(page)).hasCount(4);
            assertThat(words(hers.page)).hasCount(4);
            assertThat(hers.errors).isEmpty();
        } finally {
            hers.close();
        }
    }

    private static Locator words(Page of) {
        return of.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Words of the list")).locator("> li");
    }

    private static void type(Page into, String word) {
        Locator field = into.getByPlaceholder("type or paste words …");
        field.fill(word);
        field.press("Enter");
    }
}
