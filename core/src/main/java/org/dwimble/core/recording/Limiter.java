package org.dwimble.core.recording;

/** Keeps a sound below a peak without a click: it is turned down before what would be too loud, and up again after it. */
final class Limiter {
    private static final double AHEAD_MS = 3;
    private static final double BACK_MS = 60;

    private Limiter() {
    }

    /** @param gain by which all is turned up, or down @param most the highest peak afterwards, above 0 */
    static Wave turned(Wave wave, double gain, double most) {
        float[] in = wave.samples();
        int ahead = wave.in(AHEAD_MS);
        double back = Math.pow(10, -3.0 / wave.in(BACK_MS));
        double[] allowed = new double[in.length];
        for (int i = 0; i < in.length; i++) {
            double loud = Math.abs(in[i]) * gain;
            allowed[i] = loud > most ? most / loud : 1;
        }
        float[] out = new float[in.length];
        double held = 1;
        for (int i = 0; i < in.length; i++) {
            double lowest = 1;
            for (int j = i; j < Math.min(in.length, i + ahead); j++) {
                // Turned down along a line that is there when the loud sample is.
                lowest = Math.min(lowest, allowed[j] + (1 - allowed[j]) * (j - i) / ahead);
            }
            held = Math.min(lowest, 1 - (1 - held) * back);
            out[i] = (float) (in[i] * gain * held);
        }
        return new Wave(out, wave.rate());
    }
}
