package org.dwimble.core.words;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.dwimble.core.Boards.board;
import static org.dwimble.core.Boards.picture;

import java.util.List;
import java.util.Map;
import org.dwimble.core.ShippedLibrary;
import org.dwimble.core.board.Kind;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class WordsTest {
    private final Kinds kinds = ShippedLibrary.KINDS;

    @ParameterizedTest
    @CsvSource({"want,do", "I,who", "please,social", "big,describing", "where,question", "under,where", "of,little", "don’t,little", "thank you,social"})
    void commonWordsHaveTheirKindByHand(String word, String kind) {
        assertThat(kinds.of(word, null).word()).isEqualTo(kind);
    }

    @Test
    void otherWordsGoByTheDrawerOfTheirPicture() {
        assertThat(kinds.of("bistro", picture("base/cafe", "café", "", "", "place-building"))).isEqualTo(Kind.WHERE);
        assertThat(kinds.of("sprint", picture("base/running", "run", "", "", "person-activity"))).isEqualTo(Kind.DO);
        assertThat(kinds.of("grommet", null)).isEqualTo(Kind.THING);
    }

    @ParameterizedTest
    @CsvSource({"arrive,do", "enormous,describing", "plumber,who", "kettle,thing", "london,where", "zzyzx,thing"})
    void aWordWithNoPictureGoesByItsCommonestSense(String word, String kind) {
        assertThat(kinds.of(word, null).word()).isEqualTo(kind);
    }

    @Test
    void thePictureWinsOverTheSenseMetMostOften() {
        assertThat(kinds.of("brush", picture("base/paintbrush", "paintbrush", "brush", "", "arts-crafts"))).isEqualTo(Kind.THING);
        assertThat(kinds.of("brush", null)).isEqualTo(Kind.DO);
    }

    @Test
    void aBadLineOfAListIsNamed() {
        assertThatThrownBy(() -> Kinds.read(List.of("# comment", "do want"), "kinds.txt")).hasMessage("kinds.txt line 2: no colon after the kind");
        assertThatThrownBy(() -> Kinds.read(List.of("do: want", "who: want"), "kinds.txt")).hasMessage("kinds.txt line 2: “want” stands twice");
    }

    @ParameterizedTest
    @CsvSource({"running,run", "mice,mouse", "goes,go", "wanted,want", "babies,baby", "bigger,big", "making,make", "m,be", "didn,do",
        "happiest,happy", "boxes,box", "tried,try", "drying,dry", "skiing,ski"})
    void aFormBelongsToItsWord(String form, String word) {
        assertThat(Forms.english().wordsOf(form)).contains(word);
    }

    @ParameterizedTest
    @CsvSource({"his,hi", "thing,th", "is,i", "miss,mis", "as,a", "went,wen", "skiing,sky", "moped,mop", "fencing,fence"})
    void aWordThatOnlyLooksLikeAFormIsNone(String form, String notThis) {
        assertThat(Forms.english().wordsOf(form)).doesNotContain(notThis);
    }

    @Test
    void coverageCountsRunningWordsAndTheirForms() {
        Map<String, Long> counts = Map.of("I", 50L, "wanted", 20L, "crab", 10L, "xylophone", 20L);
        assertThat(Coverage.of(List.of(board("b", "i want crab>crab")), counts, Forms.english())).isEqualTo(0.70);
        assertThat(Coverage.of(List.of(board("b", "i")), Map.of(), Forms.english())).isZero();
    }
}
