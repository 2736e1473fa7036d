package org.dwimble.server.database;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class PackingTest {
    private static byte[] document(int length, long seed) {
        StringBuilder json = new StringBuilder();
        Random random = new Random(seed);
        while (json.length() < length) {
            json.append("{\"id\":\"").append(random.nextInt(1 << 20)).append("\",\"label\":\"crab\"},");
        }
        return json.substring(0, length).getBytes(StandardCharsets.UTF_8);
    }

    @ParameterizedTest
    @ValueSource(ints = {0, 1, 5_000, 32 * 1024 - 1, 32 * 1024, 32 * 1024 + 1, 200_000})
    void whatIsPackedComesOutAsItWentIn(int length) {
        byte[] document = document(length, 1);
        byte[] other = document(length + 7, 2);
        assertThat(Packing.unpackedAlone(Packing.alone(document))).isEqualTo(document);
        assertThat(Packing.unpackedAgainst(Packing.against(document, other), other)).isEqualTo(document);
    }

    @Test
    void oneChangedLabelTakesNextToNothingAgainstTheDocumentItCameFrom() {
        byte[] before = document(6_000, 1);
        byte[] after = new String(before, StandardCharsets.UTF_8).replaceFirst("crab", "Big Red").getBytes(StandardCharsets.UTF_8);
        assertThat(Packing.against(after, before).length).isLessThan(Packing.alone(after).length / 5);
    }

    @Test
    void whatIsDamagedIsNotTakenForADocument() {
        byte[] packed = Packing.alone(document(5_000, 1));
        assertThatThrownBy(() -> Packing.unpackedAlone(Arrays.copyOf(packed, packed.length / 2))).isInstanceOf(IllegalStateException.class);
    }
}
