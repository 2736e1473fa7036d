package org.dwimble.core.board;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import org.dwimble.core.dayword.DaySaid;
import org.dwimble.core.dayword.DayWord;
import org.dwimble.core.dayword.DayWords;
import org.dwimble.core.dayword.Half;
import org.dwimble.core.document.BoardDocument;
import org.dwimble.core.edit.ways.LeadTo;
import org.dwimble.core.edit.ways.PutOpener;
import org.dwimble.core.edit.words.GiveWords;
import org.dwimble.core.told.Unacceptable;
import org.junit.jupiter.api.Test;

class OnTheDayTest {
    private static final Map<DayWord, DaySaid> MONDAY = new DayWords("en-GB", ZoneId.of("Europe/London"), Half.NORTHERN, List.of())
        .at(Instant.parse("2026-11-30T10:00:00Z"));

    private static Button saying(String label, DayWord day) {
        Button button = Button.word(label, new Cell(0, day.ordinal()), label, null, Kind.THING);
        return button.withActs(button.acts().withSays(new Says.OfDay(day)));
    }

    @Test
    void aDayWordIsShownAndSaidAsItIsOnThatDay() {
        Button today = OnTheDay.shown(saying("today", DayWord.TODAY), MONDAY);
        assertThat(today.label()).isEqualTo("Monday");
        assertThat(today.spoken()).isEqualTo("Monday");
        assertThat(OnTheDay.shown(saying("season", DayWord.SEASON), MONDAY).picture()).isEqualTo("core/autumn");
    }

    @Test
    void itsOwnPictureStays() {
        Button season = saying("season", DayWord.SEASON);
        assertThat(OnTheDay.shown(season.withFace(Face.of("season", "base/kite", Kind.THING)), MONDAY).picture()).isEqualTo("base/kite");
    }

    @Test
    void whatCannotBeSaidIsShownAsItIsCalled() {
        Button age = saying("how old I am", DayWord.AGE);
        assertThat(OnTheDay.shown(age, MONDAY)).isSameAs(age);
        assertThat(age.spoken()).isEqualTo("how old I am");
        assertThat(age.isWord()).isTrue();
    }

    @Test
    void aBoardWithoutAnyIsLeftAlone() {
        Board kites = Board.empty("b", "Kites", new Shape(1, 4)).with(Button.word("k", new Cell(0, 0), "kite", null, Kind.THING));
        assertThat(OnTheDay.isOn(kites)).isFalse();
        assertThat(OnTheDay.shown(kites, MONDAY)).isSameAs(kites);
    }

    @Test
    void documentsKeepEveryDayWordByItsWord() {
        for (DayWord day : DayWord.values()) {
            Board board = Board.empty("b", "Days", new Shape(1, DayWord.values().length)).with(saying("d", day));
            byte[] kept = BoardDocument.write(board);
            assertThat(new String(kept, StandardCharsets.UTF_8)).contains("\"says\":{\"day\":\"" + day.word() + "\"}");
            assertThat(BoardDocument.read(kept)).isEqualTo(board);
        }
    }

    @Test
    void whatALaterReleaseSaysOrLeadsToIsCarriedAlongAndNobodyBringsItIn() {
        Button odd = Button.word("o", new Cell(0, 0), "odd", null, Kind.THING).withActs(new Acts(new Says.OfLater("{\"day\":\"tide\"}"), null, List.of(),
            new Leads.OfLater("{\"glows\":1.5}")));
        Board board = Board.empty("b", "Later", new Shape(1, 1)).with(odd);
        byte[] kept = BoardDocument.write(board);
        assertThat(new String(kept, StandardCharsets.UTF_8)).contains("\"leads\":{\"glows\":1.5}", "\"says\":{\"day\":\"tide\"}");
        assertThat(BoardDocument.read(kept)).isEqualTo(board);
        assertThat(odd.spoken()).isEqualTo("odd");
        assertThatThrownBy(() -> new GiveWords("b", "o", new Says.OfLater("{\"day\":\"tide\"}"))).isInstanceOf(Unacceptable.class);
        assertThatThrownBy(() -> new LeadTo("b", "o", new Leads.OfLater("\"up\""))).isInstanceOf(Unacceptable.class);
        assertThatThrownBy(() -> new PutOpener("b", null, "up", null, new Leads.OfLater("\"up\""))).isInstanceOf(Unacceptable.class);
    }
}
