package org.dwimble.core.credit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Face;
import org.dwimble.core.board.Kind;
import org.dwimble.core.board.Layer;
import org.dwimble.core.board.Shape;
import org.dwimble.core.document.Json;
import org.dwimble.core.obf.PackedLicence;
import org.dwimble.core.picture.OwnPicture;
import org.dwimble.core.picture.Shows;
import org.dwimble.core.told.Told;
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
        return new OwnPicture(List.of("goats"), List.of(), OwnPicture.Audience.SCHOOL, null, Shows.NOBODY, origin, author, licence, "");
    }

    @Test
    void eachPictureCountsOnceAndLayersCountToo() {
        Button layered = Button.word("x", new Cell(0, 4), "no kite", null, Kind.THING)
            .withFace(new Face("no kite", List.of(Layer.whole("base/kite"), Layer.whole("core/not")), Kind.THING));
        Board board = Board.empty("b", "B", new Shape(1, 5))
            .withButtons(List.of(word(0, "base/kite"), word(1, "base/cat"), word(2, "core/want"), word(3, PHOTO), layered));
        Credits credits = Credits.of(List.of(board, board), id -> Credit.of(own(OwnPicture.Origin.OWN_PHOTO, "", "")), PackedLicence::read);
        assertThat(credits.uses()).containsExactly(new Credits.Use(Credit.BASE, 2), new Credits.Use(Credit.CORE, 2),
            new Credits.Use(Credit.of(own(OwnPicture.Origin.OWN_PHOTO, "", "")), 1));
        assertThat(credits.onPaper()).hasValue(Told.of("credit-on-paper", "lines", Credit.BASE.line()));
        assertThat(Credit.BASE.line())
            .isEqualTo(Told.of("credit", "parts", List.of(Credit.written("Fluent Emoji"), "Microsoft", Credit.written("MIT"))));
    }

    @Test
    void aSheetWithOnlyOwnSymbolsAndPhotosOwesNobodyALine() {
        Board board = Board.empty("b", "B", new Shape(1, 2)).withButtons(List.of(word(0, "core/want"), word(1, PHOTO)));
        assertThat(Credits.of(List.of(board), id -> Credit.of(own(OwnPicture.Origin.OWN_PHOTO, "Odile", "")), PackedLicence::read).onPaper()).isEmpty();
        assertThat(Credits.of(List.of(), id -> null, PackedLicence::read).uses()).isEmpty();
    }

    @Test
    void whatAPackageSaidOfAPictureCountsIfTheSchoolDidNotTakeItIn() {
        Board said = Board.empty("b", "B", new Shape(1, 1)).with(word(0, PACKED))
            .withFacts(new Board.Facts(Map.of(PACKED, Json.mapper().readTree("{\"license\":{\"type\":\"CC BY-SA\",\"author_name\":\"A. Gull\"}}")), Map.of()));
        Credit packed = new Credit(Credit.UNKNOWN.source(), "A. Gull", Credit.written("CC BY-SA"), true);
        assertThat(Credits.of(List.of(said), id -> null, PackedLicence::read).onPaper()).hasValue(Told.of("credit-on-paper", "lines", packed.line()));
        assertThat(packed.line().toString()).contains("A. Gull").contains("CC BY-SA");
        Board silent = Board.empty("b", "B", new Shape(1, 1)).withButtons(List.of(word(0, PACKED)));
        assertThat(Credits.of(List.of(silent), id -> null, PackedLicence::read).uses().get(0).credit()).isEqualTo(Credit.UNKNOWN);
    }

    @ParameterizedTest
    @CsvSource({"LICENCE, CC BY 4.0, true", "LICENCE, CC0 1.0, false", "LICENCE, public domain, false", "PERMISSION, '', true", "OWN_PHOTO, '', false"})
    void onPaperStandsWhatALicenceAsksFor(OwnPicture.Origin origin, String licence, boolean onPaper) {
        assertThat(Credit.of(own(origin, "R. Tern", licence)).onPaper()).isEqualTo(onPaper);
    }
}
