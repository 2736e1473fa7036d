package org.dwimble.core.recording;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.util.Arrays;
import java.util.Random;
import org.dwimble.core.told.Unacceptable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class RecordingTest {
    private static final int RATE = 24_000;

    /** A tone. @param level its peak */
    private static float[] tone(double seconds, double hertz, double level, int rate) {
        float[] samples = new float[(int) Math.round(seconds * rate)];
        for (int i = 0; i < samples.length; i++) {
            samples[i] = (float) (level * Math.sin(2 * Math.PI * hertz * i / rate));
        }
        return samples;
    }

    private static float[] noise(double seconds, double level) {
        Random random = new Random(7);
        float[] samples = new float[(int) Math.round(seconds * RATE)];
        for (int i = 0; i < samples.length; i++) {
            samples[i] = (float) (level * (2 * random.nextDouble() - 1));
        }
        return samples;
    }

    private static Wave joined(float[]... parts) {
        float[] all = new float[Arrays.stream(parts).mapToInt(p -> p.length).sum()];
        int at = 0;
        for (float[] part : parts) {
            System.arraycopy(part, 0, all, at, part.length);
            at += part.length;
        }
        return new Wave(all, RATE);
    }

    @ParameterizedTest
    @CsvSource({
        // The compliance signals of EBU Tech 3341, tests 1 and 2, in one channel: 3 LU below the two of a stereo signal.
        "48000, 1000, -23, -26", "48000, 1000, -33, -36", "24000, 1000, -23, -26", "44100, 1000, -23, -26", "8000, 1000, -23, -26",
        // What the ear hears less of counts less: by the coefficients that the recommendation prints for 48 kHz.
        "48000, 50, -23, -30.64", "48000, 100, -23, -27.84", "48000, 4000, -23, -22.73", "48000, 10000, -23, -22.66"
    })
    void aToneIsAsLoudAsTheRecommendationSays(int rate, double hertz, double dbfs, double lufs) {
        assertThat(Loudness.of(new Wave(tone(20, hertz, Math.pow(10, dbfs / 20), rate), rate))).isCloseTo(lufs, within(0.15));
    }

    @Test
    void pausesDoNotMakeAWordSofter() {
        Wave word = joined(tone(1, 1000, 0.1, RATE));
        Wave paused = joined(tone(1, 1000, 0.1, RATE), new float[5 * RATE], tone(1, 1000, 0.1, RATE));
        assertThat(Loudness.of(paused)).isCloseTo(Loudness.of(word), within(1.5));
    }

    @Test
    void aWordOfATenthOfASecondHasALoudnessAndSilenceHasTheLeast() {
        assertThat(Loudness.of(joined(tone(0.1, 1000, 0.1, RATE)))).isBetween(-26.0, -22.0);
        assertThat(Loudness.of(joined(new float[RATE]))).isEqualTo(Loudness.SILENT);
        assertThat(Loudness.of(joined(new float[0]))).isEqualTo(Loudness.SILENT);
    }

    @ParameterizedTest
    @ValueSource(doubles = {0.01, 0.02, 0.1, 0.5, 1.0})
    void allAreAsLoudHoweverFarTheMicrophoneWas(double level) {
        Recording made = Recording.of(joined(noise(0.6, level / 400), tone(0.8, 400, level, RATE), noise(0.9, level / 400)));
        assertThat(Loudness.of(made.sound())).isCloseTo(Recording.LOUDNESS, within(0.5));
        assertThat(made.sound().peak()).isLessThanOrEqualTo((float) Recording.PEAK + 0.001f);
    }

    @Test
    void silenceAtBothEndsIsCutAndThePauseBetweenTwoWordsIsNot() {
        Recording made = Recording.of(joined(noise(1, 0.001), tone(0.4, 300, 0.3, RATE), noise(0.7, 0.001), tone(0.4, 300, 0.3, RATE), noise(2, 0.001)));
        assertThat(made.sound().seconds()).isCloseTo(1.5 + 0.06 + 0.15, within(0.03));
        assertThat(made.cutBefore()).isCloseTo(0.94, within(0.02));
        assertThat(made.cutAfter()).isCloseTo(1.85, within(0.02));
    }

    @Test
    void aSoftBeginningIsKept() {
        Recording made = Recording.of(joined(noise(0.5, 0.0005), noise(0.15, 0.02), tone(0.4, 300, 0.3, RATE), noise(0.5, 0.0005)));
        assertThat(made.cutBefore()).as("the s of “seal”").isCloseTo(0.44, within(0.02));
    }

    @Test
    void whatIsHeardThroughoutIsNotCut() {
        assertThat(Recording.of(joined(tone(1, 500, 0.2, RATE))).sound().seconds()).isEqualTo(1);
        assertThat(Recording.of(joined(noise(3, 0.3))).sound().seconds()).isEqualTo(3);
    }

    @Test
    void aPeakIsTurnedDownAndTheRestIsNot() {
        float[] word = tone(1, 400, 0.05, RATE);
        word[RATE / 2] = 1;
        Wave made = Recording.of(joined(word)).sound();
        assertThat(made.peak()).isLessThanOrEqualTo((float) Recording.PEAK + 0.001f);
        float[] first = Arrays.copyOf(made.samples(), RATE / 4);
        float[] last = Arrays.copyOfRange(made.samples(), made.samples().length - RATE / 4, made.samples().length - RATE / 20);
        assertThat(new Wave(first, RATE).peak()).isCloseTo(new Wave(last, RATE).peak(), within(0.01f));
    }

    @Test
    void nothingHeardIsRefusedAndSoIsTooMuch() {
        assertThatThrownBy(() -> Recording.of(joined(new float[RATE]))).isInstanceOf(Unacceptable.class).hasMessage("sound-silent");
        assertThatThrownBy(() -> Recording.of(joined(noise(2, 0.001)))).hasMessage("sound-silent");
        assertThatThrownBy(() -> Recording.of(joined(new float[0]))).hasMessage("sound-silent");
        assertThatThrownBy(() -> Recording.of(joined(tone(31, 300, 0.3, RATE)))).hasMessageContaining("sound-too-long");
        assertThat(Recording.of(joined(new float[20 * RATE], tone(29, 300, 0.3, RATE))).sound().seconds()).isCloseTo(29.06, within(0.02));
    }

    /** A file in any of the forms there are. */
    private static byte[] file(int code, int channels, int bits, int rate, int toldLength, byte[] data) {
        ByteBuffer out = ByteBuffer.allocate(12 + 8 + 16 + 8 + 4 + 8 + data.length).order(ByteOrder.LITTLE_ENDIAN);
        out.put("RIFF".getBytes()).putInt(toldLength).put("WAVE".getBytes()).put("fmt ".getBytes()).putInt(16).putShort((short) code)
            .putShort((short) channels).putInt(rate).putInt(0).putShort((short) 0).putShort((short) bits);
        out.put("LIST".getBytes()).putInt(4).put("INFO".getBytes());
        return out.put("data".getBytes()).putInt(toldLength).put(data).array();
    }

    @ParameterizedTest
    @CsvSource({"1, 8, 'c0', 0.5", "1, 16, '0040', 0.5", "1, 24, '000040', 0.5", "1, 32, '00000040', 0.5", "3, 32, '0000003f', 0.5", "1, 24, '0000c0', -0.5",
        "3, 32, '0000c07f', 0", "3, 32, '00000041', 1"})
    void samplesAreReadInEveryForm(int code, int bits, String hex, float value) {
        byte[] frame = java.util.HexFormat.of().parseHex(hex + hex);
        Wave read = WaveFile.read(file(code, 2, bits, 8_000, frame.length, frame), 1);
        assertThat(read.samples()).hasSize(1);
        assertThat(read.samples()[0]).isCloseTo(value, within(0.01f));
    }

    @ParameterizedTest
    @ValueSource(ints = {8_000, 16_000, 44_100, 48_000, 96_000})
    void anotherRateSoundsTheSame(int rate) {
        Wave made = new Wave(tone(1, 1000, 0.5, rate), rate).at(RATE);
        assertThat(made.rate()).isEqualTo(RATE);
        assertThat(made.seconds()).isCloseTo(1, within(0.001));
        assertThat(made.samples()[RATE / 2 + 6]).isCloseTo((float) (0.5 * Math.sin(2 * Math.PI * 1000 * (RATE / 2 + 6) / RATE)), within(0.01f));
    }

    @Test
    void whatTheSlowerRateCannotHoldIsGoneAndNoOtherTone() {
        Wave made = new Wave(tone(1, 15_000, 0.5, 48_000), 48_000).at(RATE);
        assertThat(new Wave(Arrays.copyOfRange(made.samples(), 1000, RATE - 1000), RATE).peak()).isLessThan(0.01f);
    }

    @Test
    void whatIsWrittenIsReadBack() {
        Wave wave = joined(tone(0.5, 300, 0.9, RATE));
        Wave back = WaveFile.read(WaveFile.write(wave), 1);
        assertThat(back.rate()).isEqualTo(RATE);
        assertThat(back.samples()).hasSameSizeAs(wave.samples());
        assertThat(back.samples()[100]).isCloseTo(wave.samples()[100], within(0.0001f));
    }

    @Test
    void aFileIsNotBelieved() {
        byte[] second = new byte[16_000];
        assertThat(WaveFile.read(file(1, 1, 16, 8_000, -1, second), 60).seconds()).as("it says a day").isEqualTo(1);
        assertThat(WaveFile.read(file(1, 1, 16, 8_000, Integer.MAX_VALUE, second), 60).seconds()).isEqualTo(1);
        assertThatThrownBy(() -> WaveFile.read(file(1, 1, 16, 8_000, 0, new byte[0]), 60)).hasMessage("sound-empty");
        assertThatThrownBy(() -> WaveFile.read(file(1, 1, 16, 8_000, 16_000, second), 0.5)).hasMessageContaining("sound-too-long");
        for (byte[] no : new byte[][] {new byte[0], "no sound at all, in a file that is called one.mp3".getBytes(), file(2, 1, 4, 8_000, 9, second),
            file(1, 0, 16, 8_000, 9, second), file(1, 9, 16, 8_000, 9, second), file(1, 1, 17, 8_000, 9, second),
            Arrays.copyOf(file(1, 1, 16, 8_000, 9, second), 44)}) {
            assertThatThrownBy(() -> WaveFile.read(no, 60)).isInstanceOf(Unacceptable.class).hasMessage("sound-unknown");
        }
        assertThatThrownBy(() -> WaveFile.read(file(1, 1, 16, 1, 9, second), 60)).hasMessageContaining("sound-rate");
        assertThatThrownBy(() -> WaveFile.read(file(1, 1, 16, -5, 9, second), 60)).hasMessageContaining("sound-rate");
    }

    @Test
    void whateverStandsInAFileItIsASoundOrToldToBeNone() {
        Random random = new Random(11);
        byte[] whole = WaveFile.write(joined(tone(0.05, 300, 0.5, RATE)));
        int told = 0;
        for (int round = 0; round < 3_000; round++) {
            byte[] file = Arrays.copyOf(whole, 20 + random.nextInt(whole.length - 20));
            for (int change = 0; change < 4; change++) {
                file[random.nextInt(Math.min(60, file.length))] = (byte) random.nextInt(256);
            }
            try {
                Recording.of(WaveFile.read(file, 60).at(RATE));
            } catch (Unacceptable no) {
                told++;
            }
        }
        assertThat(told).isBetween(1_000, 3_000);
    }
}
