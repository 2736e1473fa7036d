package org.dwimble.core.reveal;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.List;
import org.dwimble.core.told.Told;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

class ShownOverTimeTest {
    private static ShownOverTime.Moment at(String at, int shown, String told, @Nullable String name) {
        return new ShownOverTime.Moment(Instant.parse(at), shown, 100, Told.of(told), name, "Odile");
    }

    private static List<String> line(int most, ShownOverTime.Moment... moments) {
        return ShownOverTime.line(List.of(moments), most).stream().map(p -> p.moment().shown() + " " + p.mark()).toList();
    }

    @Test
    void oneADayAndOneForWhatIsMarkedInOrder() {
        assertThat(
            line(9, at("2026-11-03T09:00:00Z", 7, "put", null), at("2026-11-02T10:00:00Z", 5, "put", null), at("2026-11-02T09:00:00Z", 4, "moved-on", null),
                at("2026-11-02T11:00:00Z", 6, "put", null), at("2026-11-04T09:00:00Z", 8, "put", "before the holidays"),
                at("2026-11-05T09:00:00Z", 9, "added-people", null)))
            .containsExactly("4 STEP", "6 null", "7 null", "8 NAMED", "9 PEOPLE");
    }

    @Test
    void theOldestAreLeftOut() {
        assertThat(
            line(2, at("2026-11-03T09:00:00Z", 7, "put", null), at("2026-11-02T10:00:00Z", 5, "put", null), at("2026-11-04T10:00:00Z", 6, "laid-plan", null)))
            .containsExactly("7 null", "6 STEP");
        assertThat(line(2)).isEmpty();
    }
}
