package org.dwimble.core.series;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.core.wordline.WordLine;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class FirstTableTest {
    private static final FirstTable.Known WREN = new FirstTable.Known("w", "Wren");
    private static final FirstTable.Known ADAIR = new FirstTable.Known("a", "Mr Adair");
    private static final List<FirstTable.Known> KNOWN = List.of(WREN, ADAIR, new FirstTable.Known("n1", "Nour"), new FirstTable.Known("n2", "Nour"));

    private static FirstTable.Reading read(String table, String... files) {
        return FirstTable.read(table, KNOWN, Map.of(), null, List.of(files));
    }

    private static List<String> words(FirstTable.Line line) {
        return line.words().stream().map(WordLine.Entry::label).toList();
    }

    @ParameterizedTest
    @ValueSource(strings = {"Wren\tcrisps\tbath", "wren\tcrisps, bath", "Wren\t\"crisps, bath\"", "Wren, crisps, bath", "Wren: crisps, bath",
        "Wren; crisps; bath"})
    void aLineIsAStudentAndWhatHeOrSheLikes(String line) {
        FirstTable.Line read = read(line).lines().get(0);
        assertThat(read.student()).isEqualTo("w");
        assertThat(read.board()).isNull();
        assertThat(words(read)).containsExactly("crisps", "bath");
    }

    @Test
    void aNameAndAColonCallTheBoard() {
        FirstTable.Line read = read("Mr Adair\tat the shop: bread, tea").lines().get(0);
        assertThat(read.student()).isEqualTo("a");
        assertThat(read.board()).isEqualTo("at the shop");
        assertThat(words(read)).containsExactly("bread", "tea");
        assertThat(read("Wren, crisps, juice: cold").lines().get(0).board()).isNull();
    }

    @Test
    void aHeadIsNoStudentAndBlankLinesAreNone() {
        assertThat(read("Student\tlikes\n\nWren\tbath\n").lines()).singleElement().extracting(FirstTable.Line::said).isEqualTo("Wren");
        assertThat(read("Wren\tbath\nStudent\tlikes").lines()).hasSize(2);
    }

    @Test
    void whoIsUnknownOrCalledLikeAnotherIsNobodyUntilItIsSaidWhoIsMeant() {
        assertThat(read("Zed, kite\nNour, bee").lines()).extracting(FirstTable.Line::student).containsOnlyNulls();
        assertThat(read("Zed, kite\nNour, bee").lines()).extracting(FirstTable.Line::several).containsExactly(false, true);
        FirstTable.Reading said = FirstTable.read("Zed, kite\nNour, bee", KNOWN, Map.of("Zed", "w", "Nour", "n2"), null, List.of());
        assertThat(said.lines()).extracting(FirstTable.Line::student).containsExactly("w", "n2");
        assertThat(FirstTable.read("Zed, kite", KNOWN, Map.of("Zed", "nobody of mine"), null, List.of()).lines().get(0).student()).isNull();
    }

    @Test
    void forOneStudentTheNameMayBeLeftOut() {
        FirstTable.Reading read = FirstTable.read("snack: crisps, juice\nWren\tbath: duck\nkite", KNOWN, Map.of(), WREN, List.of());
        assertThat(read.lines()).extracting(FirstTable.Line::student).containsOnly("w");
        assertThat(read.lines()).extracting(FirstTable.Line::board).isEqualTo(Arrays.asList("snack", "bath", null));
        assertThat(read.lines()).extracting(l -> l.words().size()).containsExactly(2, 1, 1);
    }

    @Test
    void photosGoToTheWordOrTheStudentTheyAreCalledLike() {
        FirstTable.Reading read = read("Wren, crisps, bath duck\nMr Adair, crisps", "Crisps.JPG", "wren.png", "bath-duck.webp", "IMG_2041.jpg",
            "crisps (2).jpg");
        assertThat(read.lines().get(0).files()).containsExactly(0, 2);
        assertThat(read.lines().get(1).files()).containsExactly(0);
        assertThat(read.photos()).isEqualTo(Map.of("w", 1));
        assertThat(read.nobodys()).containsExactly(3);
        assertThat(read.twice()).containsExactly(4);
    }

    @Test
    void aLineWithoutLikesHasNoWords() {
        assertThat(read("Wren").lines().get(0).words()).isEmpty();
        assertThat(read("Wren\t\t").lines().get(0).words()).isEmpty();
        assertThat(read("").lines()).isEmpty();
    }

    @Test
    void moreThanSixtyLinesAreTooMany() {
        assertThatThrownBy(() -> read("Wren, bath\n".repeat(61))).isInstanceOf(Unacceptable.class).extracting("told.key").isEqualTo("first-table-long");
        assertThat(read("Wren, bath\n".repeat(60)).lines()).hasSize(60);
    }
}
