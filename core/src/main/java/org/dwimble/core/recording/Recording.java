package org.dwimble.core.recording;

import java.util.Arrays;
import org.dwimble.core.told.Unacceptable;

/**
 * A recording as it is kept for a button: without the silence at both ends, as loud as all others.
 *
 * @param sound      what is heard
 * @param cutBefore  seconds of silence cut before it
 * @param cutAfter   seconds of silence cut after it
 * @param loudBefore LUFS as it came
 */
public record Recording(Wave sound, double cutBefore, double cutAfter, double loudBefore) {
    /** At most so long on a button, in seconds. */
    public static final int MOST_SECONDS = 30;
    /** With the silence that is cut. */
    public static final int MOST_BROUGHT_SECONDS = 60;
    /** As loud as all are made, in LUFS: the stand-in voices speak about as loud. */
    public static final double LOUDNESS = -18;
    /** -1 dBFS. */
    static final double PEAK = 0.891;
    /** Nothing is turned up by more, in dB: what is that soft is noise. */
    private static final double MOST_GAIN = 30;

    private static final double FRAME_MS = 10;
    /** Below this, in dBFS, a frame is silent in the quietest room. */
    private static final double QUIETEST = -55;
    /** Louder than the room by so many dB, a frame is no silence, */
    private static final double ABOVE_ROOM = 12;
    /** nor when it is at most so many dB below the loudest. */
    private static final double BELOW_LOUDEST = 25;
    /** A recording whose loudest frame is below this, in dBFS, is silence. */
    private static final double NOTHING_HEARD = -54;
    private static final double KEPT_BEFORE_MS = 60;
    private static final double KEPT_AFTER_MS = 150;
    private static final double FADE_IN_MS = 4;
    private static final double FADE_OUT_MS = 25;

    /**
     * Made of what was recorded or brought.
     *
     * @throws Unacceptable if nothing is heard in it, or more than {@value #MOST_SECONDS} seconds are
     */
    public static Recording of(Wave brought) {
        double[] frames = frames(brought);
        double loudest = Arrays.stream(frames).max().orElse(Double.NEGATIVE_INFINITY);
        if (loudest < NOTHING_HEARD) {
            throw new Unacceptable("sound-silent");
        }
        double[] sorted = frames.clone();
        Arrays.sort(sorted);
        double room = sorted[sorted.length / 10];
        double silent = Math.max(QUIETEST, Math.min(room + ABOVE_ROOM, loudest - BELOW_LOUDEST));
        int first = 0;
        while (frames[first] < silent) {
            first++;
        }
        int last = frames.length - 1;
        while (frames[last] < silent) {
            last--;
        }
        int frame = brought.in(FRAME_MS);
        int length = brought.samples().length;
        int from = Math.max(0, first * frame - brought.in(KEPT_BEFORE_MS));
        int to = Math.min(length, (last + 1) * frame + brought.in(KEPT_AFTER_MS));
        Wave cut = faded(new Wave(Arrays.copyOfRange(brought.samples(), from, to), brought.rate()));
        if (cut.seconds() > MOST_SECONDS) {
            throw new Unacceptable("sound-too-long", "most", MOST_SECONDS, "has", (int) Math.ceil(cut.seconds()));
        }
        double loud = Loudness.of(cut);
        return new Recording(evened(cut, loud), from / (double) brought.rate(), (length - to) / (double) brought.rate(), loud);
    }

    /** As loud as all others are: by one gain for all of it, and less where it would go beyond the highest peak. */
    static Wave evened(Wave wave, double loud) {
        double gain = Math.pow(10, Math.min(MOST_GAIN, LOUDNESS - loud) / 20);
        return Limiter.turned(wave, gain, PEAK);
    }

    /** The level of each frame in dBFS, as root of the mean square; the last may be shorter. */
    private static double[] frames(Wave wave) {
        int frame = wave.in(FRAME_MS);
        float[] samples = wave.samples();
        double[] levels = new double[(samples.length + frame - 1) / frame];
        for (int i = 0; i < levels.length; i++) {
            double sum = 0;
            int end = Math.min(samples.length, (i + 1) * frame);
            for (int j = i * frame; j < end; j++) {
                sum += samples[j] * samples[j];
            }
            levels[i] = 10 * Math.log10(Math.max(1e-12, sum / (end - i * frame)));
        }
        return levels;
    }

    /** Begun and ended without a click. */
    private static Wave faded(Wave wave) {
        float[] samples = wave.samples();
        int in = Math.min(samples.length, wave.in(FADE_IN_MS));
        for (int i = 0; i < in; i++) {
            samples[i] *= i / (float) in;
        }
        int out = Math.min(samples.length, wave.in(FADE_OUT_MS));
        for (int i = 0; i < out; i++) {
            samples[samples.length - 1 - i] *= i / (float) out;
        }
        return wave;
    }
}
