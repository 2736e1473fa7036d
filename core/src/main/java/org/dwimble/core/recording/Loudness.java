package org.dwimble.core.recording;

import java.util.ArrayList;
import java.util.List;

/**
 * How loud a sound is heard: integrated loudness by ITU-R BS.1770-4 (10/2015), in LUFS. Samples go through the two filters of its Annex 1 (a shelf for the
 * head, a high-pass), their mean square is taken in blocks of 400 ms that overlap by three quarters, and blocks below -70 LUFS, then those more
 * than 10 LU below the mean, do not count. What is shorter than a block is one block: the recommendation leaves that open.
 */
public final class Loudness {
    /** Of what nothing can be heard. */
    public static final double SILENT = -70;
    private static final double BLOCK_MS = 400;
    private static final double STEP_MS = 100;
    private static final double RELATIVE = -10;
    private static final double OFFSET = -0.691;

    private Loudness() {
    }

    /** {@link #SILENT} at least. */
    public static double of(Wave wave) {
        List<Double> blocks = blocks(wave);
        double all = mean(blocks, SILENT);
        return all <= SILENT ? SILENT : Math.max(SILENT, mean(blocks, all + RELATIVE));
    }

    /** Loudness of what lies above a gate. */
    private static double mean(List<Double> blocks, double gate) {
        double power = blocks.stream().filter(p -> loudness(p) > gate).mapToDouble(p -> p).average().orElse(0);
        return loudness(power);
    }

    private static double loudness(double power) {
        return power <= 0 ? Double.NEGATIVE_INFINITY : OFFSET + 10 * Math.log10(power);
    }

    /** The mean square of each block, weighted as the ear does. */
    private static List<Double> blocks(Wave wave) {
        double[] weighted = weighted(wave);
        int block = Math.min(weighted.length, wave.in(BLOCK_MS));
        int step = wave.in(STEP_MS);
        List<Double> blocks = new ArrayList<>();
        for (int from = 0; block > 0 && from + block <= weighted.length; from += step) {
            double sum = 0;
            for (int i = from; i < from + block; i++) {
                sum += weighted[i] * weighted[i];
            }
            blocks.add(sum / block);
        }
        return blocks;
    }

    /** The filters of the recommendation, which gives them for 48 kHz, worked out for any rate by the bilinear transform of what they stand for. */
    private static double[] weighted(Wave wave) {
        double shelf = Math.tan(Math.PI * 1681.974450955533 / wave.rate());
        double q = 0.7071752369554196;
        double high = Math.pow(10, 3.999843853973347 / 20);
        double band = Math.pow(high, 0.4996667741545416);
        double a0 = 1 + shelf / q + shelf * shelf;
        double[] head = filtered(wave.samples(), (high + band * shelf / q + shelf * shelf) / a0, 2 * (shelf * shelf - high) / a0,
            (high - band * shelf / q + shelf * shelf) / a0, 2 * (shelf * shelf - 1) / a0, (1 - shelf / q + shelf * shelf) / a0);
        double pass = Math.tan(Math.PI * 38.13547087602444 / wave.rate());
        double p = 0.5003270373238773;
        double b0 = 1 + pass / p + pass * pass;
        return filtered(head, 1, -2, 1, 2 * (pass * pass - 1) / b0, (1 - pass / p + pass * pass) / b0);
    }

    private static double[] filtered(float[] samples, double b0, double b1, double b2, double a1, double a2) {
        double[] in = new double[samples.length];
        for (int i = 0; i < in.length; i++) {
            in[i] = samples[i];
        }
        return filtered(in, b0, b1, b2, a1, a2);
    }

    private static double[] filtered(double[] in, double b0, double b1, double b2, double a1, double a2) {
        double[] out = new double[in.length];
        double z1 = 0;
        double z2 = 0;
        for (int i = 0; i < in.length; i++) {
            out[i] = b0 * in[i] + z1;
            z1 = b1 * in[i] - a1 * out[i] + z2;
            z2 = b2 * in[i] - a2 * out[i];
        }
        return out;
    }
}
