package org.dwimble.server.speech;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import com.sun.speech.freetts.audio.AudioPlayer;
import com.sun.speech.freetts.en.us.cmu_us_kal.KevinVoiceDirectory;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.text.Normalizer;
import java.util.List;
import java.util.Objects;
import javax.sound.sampled.AudioFileFormat;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioInputStream;
import javax.sound.sampled.AudioSystem;
import org.dwimble.core.voice.Spoken;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/**
 * The voice that ships, for where there is no better one: 16 kHz, English, the same text always the same sound. It reads plain Latin letters, so
 * accents and curly quotes are folded first. The engine is not safe to share, so one phrase is made at a time.
 */
@Component
class StandInVoice implements Voice {
    private static final long REMEMBERED_BYTES = 32L << 20;
    private static final int USUAL_WORDS_A_MINUTE = 120;
    private static final int USUAL_HERTZ = 100;
    /** The engine shares tables between its voices while they are made, so the lock is one for all. */
    private static final Object ONE_AT_A_TIME = new Object();

    private final Cache<String, byte[]> said = Caffeine.newBuilder().maximumWeight(REMEMBERED_BYTES)
        .weigher((String text, byte[] wav) -> wav.length + 2 * text.length() + 64).build();
    private com.sun.speech.freetts.@Nullable Voice engine;

    @Override
    public boolean speaks(String language) {
        return language.equals("en") || language.startsWith("en-");
    }

    @Override
    public List<String> variants(String language) {
        return List.of();
    }

    /** In its one manner; rate and pitch it can. */
    @Override
    public byte[] speak(Spoken spoken) {
        String plain = plain(spoken.text());
        if (plain.chars().noneMatch(Character::isLetterOrDigit)) {
            return new byte[0];
        }
        String key = spoken.rate() + " " + spoken.pitch() + " " + plain;
        byte[] known = said.getIfPresent(key);
        if (known != null) {
            return known;
        }
        byte[] made = make(plain, spoken.rate(), spoken.pitch());
        said.put(key, made);
        return made;
    }

    private byte[] make(String plain, int rate, int pitch) {
        synchronized (ONE_AT_A_TIME) {
            if (engine == null) {
                engine = new KevinVoiceDirectory().getVoices()[1];
                engine.allocate();
            }
            engine.setRate(USUAL_WORDS_A_MINUTE * rate / 100f);
            engine.setPitch(USUAL_HERTZ * (50 + pitch) / 100f);
            Gathering gathering = new Gathering();
            engine.setAudioPlayer(gathering);
            engine.speak(plain);
            return gathering.wav();
        }
    }

    static String plain(String text) {
        return Normalizer.normalize(text, Normalizer.Form.NFKD).replaceAll("\\p{M}+", "")
            .replace('’', '\'').replace('‘', '\'').replaceAll("[“”]", "\"").replaceAll("[–—…]", ", ")
            .replaceAll("[^\\x20-\\x7e]", " ").trim();
    }

    /** Gathers samples instead of playing them. */
    private static final class Gathering implements AudioPlayer {
        private final ByteArrayOutputStream samples = new ByteArrayOutputStream();
        private @Nullable AudioFormat format;

        byte[] wav() {
            if (format == null || samples.size() == 0) {
                return new byte[0];
            }
            byte[] bytes = samples.toByteArray();
            ByteArrayOutputStream wav = new ByteArrayOutputStream();
            try (AudioInputStream in = new AudioInputStream(new ByteArrayInputStream(bytes), format, bytes.length / format.getFrameSize())) {
                AudioSystem.write(in, AudioFileFormat.Type.WAVE, wav);
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
            return wav.toByteArray();
        }

        @Override
        public void setAudioFormat(AudioFormat format) {
            this.format = format;
        }

        @Override
        public AudioFormat getAudioFormat() {
            return Objects.requireNonNull(format);
        }

        @Override
        public boolean write(byte[] audio) {
            return write(audio, 0, audio.length);
        }

        @Override
        public boolean write(byte[] audio, int offset, int length) {
            samples.write(audio, offset, length);
            return true;
        }

        @Override
        public boolean end() {
            return true;
        }

        @Override
        public boolean drain() {
            return true;
        }

        @Override
        public void begin(int size) {
        }

        @Override
        public void cancel() {
        }

        @Override
        public void close() {
        }

        @Override
        public void pause() {
        }

        @Override
        public void reset() {
        }

        @Override
        public void resume() {
        }

        @Override
        public void startFirstSampleTimer() {
        }

        @Override
        public void resetTime() {
        }

        @Override
        public long getTime() {
            return 0;
        }

        @Override
        public float getVolume() {
            return 1;
        }

        @Override
        public void setVolume(float volume) {
        }

        @Override
        public void showMetrics() {
        }
    }
}
