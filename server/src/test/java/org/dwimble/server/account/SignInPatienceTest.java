package org.dwimble.server.account;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Duration;
import java.util.Optional;
import org.dwimble.server.SetClock;
import org.dwimble.server.limit.Limits;
import org.dwimble.server.problem.Problem;
import org.junit.jupiter.api.Test;

class SignInPatienceTest {
    private final SetClock clock = new SetClock("2026-11-27T09:00:00Z");
    private final SignInPatience patience = new SignInPatience(clock);

    private void wrong(String name, String address, int times) {
        for (int i = 0; i < times; i++) {
            patience.begin(name, address, Optional.empty());
        }
    }

    @Test
    void aNameRestsAfterTenAndIsFreeAfterFiveMinutes() {
        wrong("Odile", "1", Limits.GUESSES_BY_NAME);
        assertThatThrownBy(() -> patience.begin(" odile ", "1", Optional.empty())).isInstanceOf(Problem.class);
        assertThatCode(() -> patience.begin("Odile", "2", Optional.empty())).as("from elsewhere").doesNotThrowAnyException();
        assertThatCode(() -> patience.begin("Marit", "1", Optional.empty())).doesNotThrowAnyException();
        clock.on(Duration.ofMinutes(Limits.SIGN_IN_MINUTES).plusSeconds(1));
        assertThatCode(() -> patience.begin("Odile", "1", Optional.empty())).doesNotThrowAnyException();
    }

    @Test
    void manyNamesFromOneAddressRestAndOthersWorkOn() {
        for (int i = 0; i < Limits.GUESSES_BY_ADDRESS; i++) {
            patience.begin("name " + i, "school", Optional.empty());
        }
        assertThatThrownBy(() -> patience.begin("one more", "school", Optional.empty())).isInstanceOf(Problem.class);
        assertThatCode(() -> patience.begin("one more", "home", Optional.empty())).doesNotThrowAnyException();
    }

    @Test
    void whoIsKnownOnADeviceIsKeptOutByNobodyElse() {
        wrong("Odile", "1", Limits.GUESSES_BY_NAME);
        for (int i = Limits.GUESSES_BY_NAME; i < Limits.GUESSES_BY_NAME_ANYWHERE; i++) {
            patience.begin("Odile", "address " + i, Optional.empty());
        }
        assertThatThrownBy(() -> patience.begin("Odile", "another", Optional.empty())).as("from wherever").isInstanceOf(Problem.class);
        for (int i = 0; i < Limits.GUESSES_BY_NAME; i++) {
            patience.begin("Odile", "1", Optional.of("her tablet"));
        }
        assertThatThrownBy(() -> patience.begin("Odile", "1", Optional.of("her tablet"))).as("a known device has its limit too").isInstanceOf(Problem.class);
    }

    @Test
    void allTogetherAreBounded() {
        for (int i = 0; i < Limits.GUESSES_BY_ALL; i++) {
            patience.begin("name " + i, "address " + i, Optional.empty());
        }
        assertThatThrownBy(() -> patience.begin("one more", "one more", Optional.empty())).isInstanceOf(Problem.class);
    }

    @Test
    void whoIsRightIsNotCountedHoweverOften() {
        for (int i = 0; i < 3 * Limits.GUESSES_BY_ALL; i++) {
            patience.begin("Odile", "school", Optional.empty()).wasRight();
        }
        wrong("Odile", "school", Limits.GUESSES_BY_NAME);
        assertThatThrownBy(() -> patience.begin("Odile", "school", Optional.empty())).isInstanceOf(Problem.class);
    }

    @Test
    void aNameOfAnyLengthTakesNoRoom() {
        wrong("x".repeat(8_000_000), "1", Limits.GUESSES_BY_NAME);
        assertThatThrownBy(() -> patience.begin("x".repeat(8_000_000), "1", Optional.empty())).isInstanceOf(Problem.class);
    }

    @Test
    void passwordsOfAnyLengthAreTakenAndToldApart() {
        AnyLength encoder = new AnyLength(4);
        String longOne = "ö".repeat(100);
        String encoded = encoder.encode(longOne + "a");
        assertThat(encoder.matches(longOne + "a", encoded)).isTrue();
        assertThat(encoder.matches(longOne + "b", encoded)).as("different beyond the 72nd byte").isFalse();
    }
}
