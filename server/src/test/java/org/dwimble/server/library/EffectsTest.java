package org.dwimble.server.library;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.dwimble.core.board.MediaId;
import org.dwimble.core.recording.Loudness;
import org.dwimble.core.recording.Recording;
import org.dwimble.core.recording.Wave;
import org.dwimble.core.recording.WaveFile;
import org.junit.jupiter.api.Test;

class EffectsTest {
    private final Effects effects = new Effects();

    @Test
    void eachShipsAndIsAsLoudAsARecordingAsCoreMeasuresIt() {
        assertThat(effects.all()).hasSizeGreaterThanOrEqualTo(36);
        for (Effects.Effect effect : effects.all()) {
            assertThat(MediaId.sound(effect.id())).isEqualTo(effect.id());
            Wave wave = WaveFile.read(Effects.sound(effect.id()).orElseThrow(), 2.1);
            assertThat(Loudness.of(wave)).as(effect.name()).isCloseTo(Recording.LOUDNESS, within(1.0));
        }
    }

    @Test
    void thereIsNoneButThese() {
        assertThat(Effects.sound("effect/none-such")).isEmpty();
        assertThat(Effects.sound("effect/../library/effects")).isEmpty();
        assertThat(Effects.isSoundOf("effect/whistle", Effects.sound("effect/gull").orElseThrow())).isFalse();
        assertThat(Effects.isSoundOf("effect/gull", Effects.sound("effect/gull").orElseThrow())).isTrue();
    }
}
