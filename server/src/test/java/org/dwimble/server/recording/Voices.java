package org.dwimble.server.recording;

import org.dwimble.core.recording.Wave;
import org.dwimble.core.recording.WaveFile;

/** Made-up recordings: a tone for a voice. */
public final class Voices {
    private Voices() {
    }

    /** @param hertz tells one from another */
    public static byte[] wav(double seconds, double hertz) {
        return wav(seconds, hertz, 0.3);
    }

    /** @param level its peak; 0 for silence */
    public static byte[] wav(double seconds, double hertz, double level) {
        float[] samples = new float[(int) (seconds * Mp3.RATE)];
        for (int i = 0; i < samples.length; i++) {
            samples[i] = (float) (level * Math.sin(2 * Math.PI * hertz * i / Mp3.RATE));
        }
        return WaveFile.write(new Wave(samples, Mp3.RATE));
    }

    /** A voice between two silences, in seconds, as a microphone hears it. */
    public static byte[] saying(double before, double spoken, double after) {
        int rate = 48_000;
        float[] samples = new float[(int) ((before + spoken + after) * rate)];
        for (int i = 0; i < spoken * rate; i++) {
            samples[(int) (before * rate) + i] = (float) (0.3 * Math.sin(2 * Math.PI * 260 * i / rate));
        }
        return WaveFile.write(new Wave(samples, rate));
    }
}
