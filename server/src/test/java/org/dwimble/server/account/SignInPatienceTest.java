package org.dwimble.server.account;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Duration;
import org.dwimble.server.SetClock;
import org.dwimble.server.limit.Limits;
import org.dwimble.server.problem.Problem;
import org.junit.jupiter.api.Test;

class SignInPatienceTest {
    private final SetClock clock = new SetClock("2026-11-27T09:00:00Z");
    private final SignInPatience patience = new SignInPatience(clock);

    private void wrong(String name, String address, int times) {
        for (int i = 0; i < times; i++) {
            patience.begin(name, address);
        }
    }

    @Test
    void aNameRestsAfterTenAndIsFreeAfterFiveMinutes() {
        wrong("Odile", "1", Limits.GUESSES_BY_NAME);
        assertThatThrownBy(() -> patience.begin(" odile ", "2")).isInstanceOf(Problem.class);
        assertThatCode(() -> patience.begin("Marit", "1")).doesNotThrowAnyException();
        clock.on(Duration.ofMinutes(Limits.SIGN_IN_MINUTES).plusSeconds(1));
        assertThatCode(() -> patience.begin("Odile", "1")).doesNotThrowAnyException();
    }

    @Test
    void manyNamesFromOneAddressRestAndOthersWorkOn() {
        for (int i = 0; i < Limits.GUESSES_BY_ADDRESS; i++) {
            patience.begin("name " + i, "school");
        }
        assertThatThrownBy(() -> patience.begin("one more", "school")).isInstanceOf(Problem.class);
        assertThatCode(() -> patience.begin("one more", "home")).doesNotThrowAnyException();
    }

    @Test
    void allTogetherAreBounded() {
        for (int i = 0; i < Limits.GUESSES_BY_ALL; i++) {
            patience.begin("name " + i, "address " + i);
        }
        assertThatThrownBy(() -> patience.begin("one more", "one more")).isInstanceOf(Problem.class);
    }

    @Test
    void whoIsRightIsNotCountedHoweverOften() {
        for (int i = 0; i < 3 * Limits.GUESSES_BY_ALL; i++) {
            patience.begin("Odile", "school").wasRight();
        }
        wrong("Odile", "school", Limits.GUESSES_BY_NAME);
        assertThatThrownBy(() -> patience.begin("Odile", "school")).isInstanceOf(Problem.class);
    }

    @Test
    void aNameOfAnyLengthTakesNoRoom() {
        wrong("x".repeat(8_000_000), "1", Limits.GUESSES_BY_NAME);
        assertThatThrownBy(() -> patience.begin("x".repeat(8_000_000), "1")).isInstanceOf(Problem.class);
    }

    @Test
    void passwordsOfAnyLengthAreTakenAndToldApart() {
        AnyLength encoder = new AnyLength();
        String longOne = "ö".repeat(100);
        String encoded = encoder.encode(longOne + "a");
        assertThat(encoder.matches(longOne + "a", encoded)).isTrue();
        assertThat(encoder.matches(longOne + "b", encoded)).as("different beyond the 72nd byte").isFalse();
    }
}
