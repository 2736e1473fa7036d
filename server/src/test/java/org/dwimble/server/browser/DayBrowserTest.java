package org.dwimble.server.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.time.Instant;
import java.time.ZoneId;
import java.util.List;
import java.util.regex.Pattern;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Says;
import org.dwimble.core.dayword.DayWord;
import org.dwimble.core.dayword.DayWords;
import org.dwimble.core.dayword.Half;
import org.dwimble.core.look.ColouredPaper;
import org.junit.jupiter.api.Test;

/** Day words: put on a board, each on its paper, said in talk, and right after midnight. */
class DayBrowserTest extends Counted {
    DayBrowserTest() {
        super("starter-40");
    }

    private void list() {
        click(page.getByLabel("Put here a sound"));
    }

    private static Says says(DayWord day) {
        return new Says.OfDay(day);
    }

    @Test
    void yesterdayTodayAndTomorrowStandEachOnAPaper() throws IOException {
        w.bench(id, "play");
        click(w.cell("empty, row 4, place 2"));
        list();
        enter("yesterday, today");
        assertThat(page.getByRole(AriaRole.GRIDCELL, new Page.GetByRoleOptions().setName(Pattern.compile("^(Mon|Tues|Wednes|Thurs|Fri|Satur|Sun)day, "))))
            .hasCount(3);
        counted("three day words, each on its paper", 8);
        List<Button> put = now().at("play").buttons().stream().filter(b -> b.says() instanceof Says.OfDay).toList();
        assertThat(put).extracting(Button::says).containsExactly(says(DayWord.YESTERDAY), says(DayWord.TODAY), says(DayWord.TOMORROW));
        assertThat(put).extracting(Button::label).as("what they are called stays").containsExactly("yesterday", "today", "tomorrow");
        assertThat(put).extracting(b -> b.look().fill())
            .containsExactly(ColouredPaper.OAT.colour(), ColouredPaper.STRAW.colour(), ColouredPaper.SKY.colour());
        assertThat(w.violations()).isEmpty();
    }

    @Test
    void aBoardThatAsksWhichDayItIsComesFromAnEmptyCell() throws IOException {
        w.bench(id, "play");
        w.cell("empty, row 4, place 2").click();
        list();
        enter("today is");
        assertThat(w.cell("today is, row 4, place 2, opens a board")).isVisible();
        counted("a board “today is …” of a pattern, opened from here", 2);
        Leads.Opens opens = (Leads.Opens) at("play", 3, 1).leads();
        assertThat(now().boards().get(opens.board()).buttons()).extracting(b -> b.says())
            .contains(says(DayWord.CHOICE_1), says(DayWord.CHOICE_2), says(DayWord.CHOICE_3));
    }

    @Test
    void aButtonIsLetSayTheDayAndSaysItInTalkAlsoAfterMidnight() {
        w.bench(id, "play");
        w.cell("ball,").click();
        page.getByTitle("Change what it says").click();
        page.keyboard().type("which day today");
        page.getByTitle("which day today is").click();
        Locator sentence = page.getByLabel("Button sentence");
        assertThat(sentence).containsText("says which day today is as usual");
        assertThat(sentence).containsText("and is called ball");
        w.clock().install();
        page.navigate("/vocabularies/" + id + "/talk?board=play");
        page.locator("main[data-ready]").waitFor();
        ZoneId zone = ZoneId.systemDefault();
        Instant now = Instant.now();
        String today = day(zone, now, DayWord.TODAY);
        String tomorrow = day(zone, now, DayWord.TOMORROW);
        w.button(today).click();
        assertThat(page.getByLabel("Message")).hasText(today);
        w.clock().setFixedTime(java.util.Date.from(now.atZone(zone).toLocalDate().plusDays(1).atStartOfDay(zone).toInstant()));
        page.evaluate("document.dispatchEvent(new Event('visibilitychange'))");
        assertThat(w.button(tomorrow)).isVisible();
        w.button(tomorrow).click();
        assertThat(page.getByLabel("Message")).hasText(today + tomorrow);
    }

    private static String day(ZoneId zone, Instant now, DayWord word) {
        return new DayWords("en", zone, Half.NORTHERN, List.of()).at(now).get(word).label();
    }

    @Test
    void whatIsNotWrittenDownYetIsWrittenDownOnTheStudentsPage() {
        w.bench(id, "play");
        w.cell("ball,").click();
        page.getByTitle("Change what it says").click();
        page.keyboard().type("how old");
        page.getByTitle("how old the student is").click();
        assertThat(page.getByText("Nobody has written down yet when")).isVisible();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("write it down")).click();
        Locator days = page.getByLabel("Days to look forward to");
        days.getByText("add the birthday or another day").click();
        days.getByLabel("Which day").fill("2018-03-04");
        page.keyboard().press("Enter");
        assertThat(days).containsText("birthday: 4 March 2018, the day of birth");
        assertThat(w.violations()).isEmpty();
        w.bench(id, "play");
        assertThat(page.getByRole(AriaRole.GRIDCELL, new Page.GetByRoleOptions().setName("years, row"))).isVisible();
        days.waitFor(new Locator.WaitForOptions().setState(com.microsoft.playwright.options.WaitForSelectorState.DETACHED));
    }
}
