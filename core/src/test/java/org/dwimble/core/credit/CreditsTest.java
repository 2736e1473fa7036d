package org.dwimble.core.credit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.BoardJson;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Kind;
import org.dwimble.core.board.Layer;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Says;
import org.dwimble.core.board.Span;
import org.dwimble.core.picture.OwnPicture;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CreditsTest {
    private static final String PHOTO = "own/" + "a".repeat(64);
    private static final String PACKED = "own/" + "b".repeat(64);

    private static Button word(int column, String picture) {
        return Button.word("b" + column, new Cell(0, column), "word", picture, Kind.THING);
    }

    private static OwnPicture own(OwnPicture.Origin origin, String author, String licence) {
        return new OwnPicture(List.of("goats"), List.of(), OwnPicture.Audience.SCHOOL, null, false, origin, author, licence, "");
    }

    @Test
    void eachPictureCountsOnceAndLayersCountToo() {
        Button layered = new Button("x", new Cell(0, 4), Span.ONE, "no kite", Says.LABEL, null, List.of(Layer.whole("base/kite"), Layer.whole("core/not")), null, Kind.THING, Leads.STAYS, List.of(), false, null);
        Board board = new Board("b", "B", 1, 5, List.of(word(0, "base/kite"), word(1, "base/cat"), word(2, "core/want"), word(3, PHOTO), layered), null, null, null);
        Credits credits = Credits.of(List.of(board, board), id -> Credit.of(own(OwnPicture.Origin.OWN_PHOTO, "", "")));
        assertThat(credits.uses()).extracting(u -> u.credit().source() + " " + u.pictures()).containsExactly("Dwimble’s own symbols 2", "Fluent Emoji 2", "own photos of the school 1");
        assertThat(credits.onPaper()).isEqualTo("Pictures: Fluent Emoji, Microsoft, MIT");
    }

    @Test
    void aSheetWithOnlyOwnSymbolsAndPhotosOwesNobodyALine() {
        Board board = new Board("b", "B", 1, 2, List.of(word(0, "core/want"), word(1, PHOTO)), null, null, null);
        assertThat(Credits.of(List.of(board), id -> Credit.of(own(OwnPicture.Origin.OWN_PHOTO, "Odile", ""))).onPaper()).isEmpty();
        assertThat(Credits.of(List.of(), id -> null).uses()).isEmpty();
    }

    @Test
    void whatAPackageSaidOfAPictureCountsIfTheSchoolDidNotTakeItIn() {
        Board said = new Board("b", "B", 1, 1, List.of(word(0, PACKED)), Map.of(PACKED, BoardJson.mapper().readTree("{\"license\":{\"type\":\"CC BY-SA\",\"author_name\":\"A. Gull\"}}")), null, null);
        assertThat(Credits.of(List.of(said), id -> null).onPaper()).isEqualTo("Pictures: brought in with a package, A. Gull, CC BY-SA");
        Board silent = new Board("b", "B", 1, 1, List.of(word(0, PACKED)), null, null, null);
        assertThat(Credits.of(List.of(silent), id -> null).uses().get(0).credit()).isEqualTo(Credit.UNKNOWN);
    }

    @ParameterizedTest
    @CsvSource({"LICENCE, CC BY 4.0, true", "LICENCE, CC0 1.0, false", "LICENCE, public domain, false", "PERMISSION, '', true", "OWN_PHOTO, '', false"})
    void onPaperStandsWhatALicenceAsksFor(OwnPicture.Origin origin, String licence, boolean onPaper) {
        assertThat(Credit.of(own(origin, "R. Tern", licence)).onPaper()).isEqualTo(onPaper);
    }
}
