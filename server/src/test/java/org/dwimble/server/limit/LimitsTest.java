package org.dwimble.server.limit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;

class LimitsTest {
    @Test
    void aLimitThatIsNoneIsSaidAndNothingStarts() {
        assertThat(Limits.read("A", " 12 ")).isEqualTo(12);
        for (String none : new String[] {"", "0", "-1", "many", "1.5", "99999999999999"}) {
            assertThatThrownBy(() -> Limits.read("DWIMBLE_LIMIT_BOARDS", none)).hasMessageContaining("DWIMBLE_LIMIT_BOARDS is “" + none + "”");
        }
    }
}
