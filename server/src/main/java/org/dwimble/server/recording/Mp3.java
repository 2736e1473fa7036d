package org.dwimble.server.recording;

import de.sciss.jump3r.lowlevel.LameEncoder;
import java.io.ByteArrayOutputStream;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import javax.sound.sampled.AudioFormat;
import org.dwimble.core.recording.Wave;
import org.dwimble.core.recording.WaveFile;

/**
 * Sounds as they are kept: MP3, which Chromium, Firefox and Safari have always played on every device (Ogg Opus, smaller, needs a Safari of 2025), by LAME in
 * Java, the encoder everybody else is measured by. Mono, {@value #KBITS} kbit/s, {@value #RATE} Hz: speech has nothing above 12 kHz that is missed.
 */
final class Mp3 {
    static final String TYPE = "audio/mpeg";
    static final int RATE = 24_000;
    private static final int KBITS = 48;
    /** Of a frame of MPEG-2 Layer III. */
    private static final int SAMPLES_IN_FRAME = 576;
    /** Samples of silence that LAME puts before the sound. */
    private static final int DELAY = 576;
    /** A frame header of 64 kbit/s in mono at {@link #RATE}, and how long that frame is. */
    private static final int INFO_HEADER = 0xfff384c4;
    private static final int INFO_LENGTH = 192;
    /** After header and side information. */
    private static final int INFO_AT = 4 + 9;
    private static final int FRAMES_AND_BYTES = 3;
    private static final int WAV_HEADER = 44;

    private Mp3() {
    }

    /** @param wave at {@link #RATE} */
    static byte[] of(Wave wave) {
        if (wave.rate() != RATE) {
            throw new IllegalArgumentException("at " + wave.rate() + " Hz");
        }
        byte[] wav = WaveFile.write(wave);
        byte[] samples = Arrays.copyOfRange(wav, WAV_HEADER, wav.length);
        LameEncoder encoder = new LameEncoder(new AudioFormat(RATE, 16, 1, true, false), KBITS, LameEncoder.CHANNEL_MODE_MONO, LameEncoder.QUALITY_HIGH, false);
        ByteArrayOutputStream sound = new ByteArrayOutputStream();
        byte[] some = new byte[encoder.getMP3BufferSize()];
        int step = encoder.getPCMBufferSize();
        for (int at = 0; at < samples.length; at += step) {
            sound.write(some, 0, encoder.encodeBuffer(samples, at, Math.min(step, samples.length - at), some));
        }
        sound.write(some, 0, encoder.encodeFinish(some));
        encoder.close();
        byte[] info = info(sound.size(), wave.samples().length);
        return ByteBuffer.allocate(info.length + sound.size()).put(info).put(sound.toByteArray()).array();
    }

    /**
     * A first frame that is not heard and says how much of what follows is not the sound: what the encoder put before it and behind it, in the tag of Xing and
     * LAME ("mp3 info tag, rev. 1"). Without it each recording would begin with a twentieth of a second of silence.
     */
    private static byte[] info(int bytes, int samples) {
        int frames = bytes / (72 * KBITS * 1000 / RATE);
        int behind = Math.max(0, Math.min(0xfff, frames * SAMPLES_IN_FRAME - DELAY - samples));
        ByteBuffer out = ByteBuffer.allocate(INFO_LENGTH);
        out.putInt(INFO_HEADER).position(INFO_AT);
        out.put("Info".getBytes(StandardCharsets.ISO_8859_1)).putInt(FRAMES_AND_BYTES).putInt(frames).putInt(bytes + INFO_LENGTH);
        out.put("LAME3.98 ".getBytes(StandardCharsets.ISO_8859_1)).position(out.position() + 12);
        out.put((byte) (DELAY >> 4)).put((byte) ((DELAY & 0xf) << 4 | behind >> 8)).put((byte) behind);
        return out.array();
    }
}
