package org.dwimble.server.recording;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import org.dwimble.core.recording.Wave;
import org.dwimble.core.recording.WaveFile;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class Mp3Test {
    private static final int INFO_LENGTH = 192;
    private static final int FRAME_LENGTH = 144;
    private static final int FRAME_SAMPLES = 576;

    @ParameterizedTest
    @ValueSource(doubles = {0.02, 0.5, 1.234, 30})
    void theFirstFrameSaysHowMuchOfTheRestIsTheSound(double seconds) {
        Wave wave = WaveFile.read(Voices.wav(seconds, 300), 31);
        ByteBuffer mp3 = ByteBuffer.wrap(Mp3.of(wave));
        byte[] tag = new byte[4];
        mp3.get(13, tag);
        assertThat(new String(tag, StandardCharsets.ISO_8859_1)).isEqualTo("Info");
        int frames = mp3.getInt(21);
        assertThat(mp3.getInt(25)).as("bytes").isEqualTo(mp3.capacity());
        assertThat(mp3.capacity()).isEqualTo(INFO_LENGTH + frames * FRAME_LENGTH);
        for (int at = INFO_LENGTH; at < mp3.capacity(); at += FRAME_LENGTH) {
            assertThat(mp3.getShort(at) & 0xfffe).as("a frame at %d", at).isEqualTo(0xfff2);
        }
        int delays = mp3.getInt(29 + 20) & 0xff_ffff;
        assertThat(frames * FRAME_SAMPLES - (delays >> 12) - (delays & 0xfff)).as("what is left is the sound").isEqualTo(wave.samples().length);
    }

    @Test
    void anotherRateIsRefused() {
        assertThatThrownBy(() -> Mp3.of(new Wave(new float[10], 48_000))).hasMessageContaining("48000");
    }
}
