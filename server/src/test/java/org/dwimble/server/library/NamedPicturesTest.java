package org.dwimble.server.library;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.List;
import java.util.Objects;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.dwimble.core.dayword.DaySaid;
import org.dwimble.core.dayword.DayWords;
import org.dwimble.core.dayword.Half;
import org.dwimble.core.picture.Appearance;
import org.dwimble.core.showing.Book;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Pictures that are named by rules are in the library: a name that has none is an empty cell. */
class NamedPicturesTest {
    private static Stream<String> named() {
        ZoneId zone = ZoneId.of("Europe/London");
        DayWords words = new DayWords("en", zone, Half.NORTHERN, List.of());
        Stream<String> ofDays = IntStream.range(0, 12 * 24)
            .mapToObj(i -> LocalDateTime.of(2026, 1 + i / 24, 10, i % 24, 0).atZone(zone).toInstant())
            .flatMap(at -> words.at(at).values().stream()).map(DaySaid::picture).filter(Objects::nonNull);
        return Stream.concat(ofDays, Book.USUAL.remarks().stream().map(Book.Remark::picture)).distinct();
    }

    @ParameterizedTest
    @MethodSource("named")
    void isThere(String picture) {
        assertThat(Library.drawing(picture, Appearance.USUAL)).isPresent();
    }
}
