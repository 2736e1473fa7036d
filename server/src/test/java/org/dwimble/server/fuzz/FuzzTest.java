package org.dwimble.server.fuzz;

import static org.assertj.core.api.Assertions.assertThatCode;

import java.util.Random;
import java.util.function.BiConsumer;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import org.dwimble.server.TestServer;
import org.junit.jupiter.api.Named;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** A little of what {@code ./dwimble bench} does for ten minutes each, with the same chances every time and those that once found something. */
@ExtendWith(TestServer.class)
class FuzzTest {
    private static final int TRIES = 150;
    /** Chances that found something once: 60, a button moved to no cell; 84, a picture whose packing is damaged. */
    private static final long[] FOUND = {60, 84};

    static Stream<Named<BiConsumer<Targets, Random>>> targets() {
        return Stream.of(Named.of("packages", Targets::packages), Named.of("drawings", Targets::drawings), Named.of("pictures", Targets::pictures),
            Named.of("sounds", Targets::sounds), Named.of("edits", Targets::edits));
    }

    @ParameterizedTest
    @MethodSource("targets")
    void whateverComesIsTakenOrRefusedWithASentence(BiConsumer<Targets, Random> target) {
        Targets targets = new Targets();
        LongStream.concat(LongStream.of(FOUND), LongStream.range(0, TRIES))
            .forEach(chance -> assertThatCode(() -> target.accept(targets, new Random(chance))).as("chance " + chance).doesNotThrowAnyException());
    }
}
