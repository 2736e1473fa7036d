package org.dwimble.core.recording;

import org.dwimble.core.told.Unacceptable;

/**
 * A sound as its samples.
 *
 * @param samples mono, usually -1 to 1; never changed
 * @param rate    samples a second, {@value #SLOWEST} to {@value #FASTEST}
 */
public record Wave(float[] samples, int rate) {
    public static final int SLOWEST = 8_000;
    public static final int FASTEST = 96_000;
    private static final int LOBES = 16;

    public Wave {
        if (rate < SLOWEST || rate > FASTEST) {
            throw new Unacceptable("sound-rate", "rate", rate);
        }
    }

    public double seconds() {
        return samples.length / (double) rate;
    }

    /**
     * The same at another rate, by a windowed sinc (Hann, {@value #LOBES} lobes a side): what the slower of the two cannot hold is filtered out.
     */
    public Wave at(int other) {
        if (other == rate) {
            return this;
        }
        double step = rate / (double) other;
        double cutoff = Math.min(1, 1 / step);
        double reach = LOBES / cutoff;
        float[] made = new float[(int) Math.round(samples.length / step)];
        for (int i = 0; i < made.length; i++) {
            double at = i * step;
            double sum = 0;
            for (int j = (int) Math.ceil(at - reach); j <= at + reach; j++) {
                if (j >= 0 && j < samples.length) {
                    double x = (at - j) * cutoff;
                    double sinc = x == 0 ? 1 : Math.sin(Math.PI * x) / (Math.PI * x);
                    sum += samples[j] * sinc * (0.5 + 0.5 * Math.cos(Math.PI * (at - j) / reach));
                }
            }
            made[i] = (float) (sum * cutoff);
        }
        return new Wave(made, other);
    }

    /** The samples of so many milliseconds, at least one. */
    int in(double milliseconds) {
        return Math.max(1, (int) Math.round(milliseconds * rate / 1000));
    }

    /** The largest sample, whatever its sign; 0 if there is none. */
    public float peak() {
        float peak = 0;
        for (float sample : samples) {
            peak = Math.max(peak, Math.abs(sample));
        }
        return peak;
    }
}
