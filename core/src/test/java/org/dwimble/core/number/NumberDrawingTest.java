package org.dwimble.core.number;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.dwimble.core.number.Numbered.Sort;
import org.junit.jupiter.api.Test;

class NumberDrawingTest {
    private static final Pattern NUMBER = Pattern.compile("\"[^\"a-zA-Z#]*\"");

    private static Stream<Numbered> some() {
        return Stream.of(IntStream.of(0, 7, 10, 99, 347, 1000).mapToObj(n -> new Numbered(Sort.COUNT, n, "")),
            IntStream.rangeClosed(0, 20).mapToObj(n -> new Numbered(
                Sort.DOTS, n, "")),
            IntStream.of(1, 13, 100, 1000).mapToObj(n -> new Numbered(Sort.ORDINAL, n, "")), IntStream.rangeClosed(2, 12).mapToObj(n -> new Numbered(
                Sort.SHARE, n - 1, String.valueOf(n))),
            Stream.of(new Numbered(Sort.MONEY, 520, "GBP"), new Numbered(Sort.MONEY, 87, "USD")), IntStream.of(0, 210, 719)
                .mapToObj(n -> new Numbered(Sort.CLOCK, n, "")),
            IntStream.rangeClosed(1, 12).mapToObj(n -> new Numbered(Sort.MONTH, n, "")), IntStream.of(0, 7, 100)
                .mapToObj(n -> new Numbered(Sort.AGE, n, "")),
            Stream.of(new Numbered(Sort.SIZE, 12, ""))).flatMap(s -> s);
    }

    @Test
    void everySortIsDrawnInBothLooksWithoutWritingAndInInkAndWhiteAloneInContrast() {
        some().forEach(n -> {
            String contrast = NumberDrawing.svg(n, true);
            for (String svg : List.of(NumberDrawing.svg(n, false), contrast)) {
                assertThat(svg).as(n.id()).startsWith("<svg ").endsWith("</svg>").doesNotContain("<text", "NaN", "Infinity", "-0\"");
                assertThat(NUMBER.matcher(svg).results().map(MatchResult::group)).allMatch(v -> Arrays.stream(v.replace("\"", "").strip().split("[ ,]+"))
                    .allMatch(x -> Double.parseDouble(x) <= 32));
            }
            assertThat(Pattern.compile("(?:fill|stroke)=\"(#[^\"]+)\"").matcher(contrast).results().map(r -> r.group(1)).distinct()).as(n.id())
                .isSubsetOf("#212121", "#fff");
        });
    }

    @Test
    void asManyDotsAreInColourAsAreMeant() {
        for (int n = 0; n <= 20; n++) {
            String svg = NumberDrawing.svg(new Numbered(Sort.DOTS, n, ""), false);
            assertThat(count(svg, "#0074ba") + count(svg, "#ff6723")).isEqualTo(n);
            assertThat(count(svg, "<circle")).isEqualTo(n > 10 ? 20 : 10);
        }
    }

    @Test
    void asManyPartsAreInColourAsAreMeant() {
        String svg = NumberDrawing.svg(new Numbered(Sort.SHARE, 3, "4"), false);
        assertThat(count(svg, "#ff6723")).isEqualTo(3);
        assertThat(count(svg, "#e6e6e6")).isEqualTo(1);
    }

    @Test
    void theFewestPiecesMakeAnAmount() {
        assertThat(Coins.pieces(new Numbered(Sort.MONEY, 520, "GBP"))).containsExactly(new Coins.Piece(500, true), new Coins.Piece(20, false));
        assertThat(Coins.pieces(new Numbered(Sort.MONEY, 30, "USD"))).containsExactly(new Coins.Piece(25, false), new Coins.Piece(5, false));
        assertThat(Coins.pieces(new Numbered(Sort.MONEY, 3, "CNY"))).as("there is no such piece").isEmpty();
        assertThat(Numbered.of(Sort.MONEY, 99_999, "GBP")).as("too many pieces to tell apart").isEmpty();
        assertThat(new Numbered(Sort.MONEY, 101, "GBP").name()).isEqualTo("1 pound 1 penny");
        assertThat(new Numbered(Sort.MONEY, 520, "EUR").name()).isEqualTo("5 euros 20 cents");
    }

    @Test
    void theHandsStandWhereTheTimeIs() {
        assertThat(NumberDrawing.svg(new Numbered(Sort.CLOCK, 180, ""), false)).as("three o’clock").contains("M16 16L22 16", "M16 16L16 7");
        assertThat(NumberDrawing.svg(new Numbered(Sort.CLOCK, 210, ""), false)).as("half past three").contains("M16 16L16 25");
    }

    private static int count(String text, String part) {
        return (text.length() - text.replace(part, "").length()) / part.length();
    }
}
