package org.dwimble.server.limit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Set;
import org.junit.jupiter.api.Test;

class ConnectionsTest {
    private static final long MOST = Limits.HEADER_SECONDS * 1_000L;
    private final Connections connections = new Connections();
    private final String key = Connections.key("10.0.0.7", 4711);

    @Test
    void oneThatNeverAskedIsTooSlowHoweverManyBytesItDrips() {
        connections.opened("10.0.0.7", 4711, 1_000);
        assertThat(connections.tooSlow(key, 1_000 + MOST - 1, 1_000 + MOST)).isFalse();
        assertThat(connections.tooSlow(key, 1_000 + MOST, 1_001 + MOST)).isTrue();
    }

    @Test
    void oneThatIsAnsweredIsNeverTooSlowAndMayRestAfterwards() {
        connections.opened("10.0.0.7", 4711, 0);
        connections.answering(key);
        assertThat(connections.tooSlow(key, 0, 100 * MOST)).isFalse();
        connections.answered(key, 100 * MOST);
        assertThat(connections.tooSlow(key, 100 * MOST, 200 * MOST)).as("how long it rests is the container’s").isFalse();
    }

    @Test
    void aFurtherRequestHasNoMoreTimeThanTheFirst() {
        connections.opened("10.0.0.7", 4711, 0);
        connections.answering(key);
        connections.answered(key, 5_000);
        assertThat(connections.tooSlow(key, 6_000, 7_000)).isFalse();
        assertThat(connections.tooSlow(key, 7_000 + MOST, 7_001 + MOST)).isTrue();
        connections.answering(key);
        assertThat(connections.tooSlow(key, 7_000 + MOST, 7_002 + MOST)).isFalse();
    }

    @Test
    void whatIsClosedIsForgotten() {
        connections.opened("10.0.0.7", 4711, 0);
        connections.keepOnly(Set.of());
        assertThat(connections.tooSlow(key, 0, 10 * MOST)).isFalse();
    }

    @Test
    void aLimitThatIsNoneIsSaidAndNothingStarts() {
        assertThat(Limits.read("A", " 12 ")).isEqualTo(12);
        for (String none : new String[] {"", "0", "-1", "many", "1.5", "99999999999999"}) {
            assertThatThrownBy(() -> Limits.read("DWIMBLE_LIMIT_BOARDS", none)).hasMessageContaining("DWIMBLE_LIMIT_BOARDS is “" + none + "”");
        }
    }
}
