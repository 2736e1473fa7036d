package org.dwimble.core.recording;

import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import org.dwimble.core.told.Unacceptable;

/**
 * WAV files (RIFF, "WAVE"): linear samples of 8, 16, 24 or 32 bits, or 32-bit floating point, of one channel to {@value #MOST_CHANNELS}, which are mixed to
 * one. Nothing that a file says of its length is believed: what is there is counted. What else a file carries, such as where and by whom it was made, is not
 * read.
 */
public final class WaveFile {
    private static final int MOST_CHANNELS = 8;
    private static final int HEADER = 44;
    private static final int LINEAR = 1;
    private static final int FLOATING = 3;
    private static final int EXTENSIBLE = 0xfffe;

    private WaveFile() {
    }

    /** How the samples of a file stand there. */
    private record Form(int code, int channels, int rate, int bits) {
        int frame() {
            return channels * bits / 8;
        }

        boolean isRead() {
            boolean linear = code == LINEAR && (bits == 8 || bits == 16 || bits == 24 || bits == 32);
            return channels >= 1 && channels <= MOST_CHANNELS && (linear || code == FLOATING && bits == 32);
        }
    }

    /**
     * The sound of a file.
     *
     * @param mostSeconds longer ones are refused before their samples are read
     * @throws Unacceptable if it is no such file, is empty, or is longer
     */
    public static Wave read(byte[] file, double mostSeconds) {
        ByteBuffer in = ByteBuffer.wrap(file).order(ByteOrder.LITTLE_ENDIAN);
        if (file.length < HEADER || !text(file, 0).equals("RIFF") || !text(file, 8).equals("WAVE")) {
            throw new Unacceptable("sound-unknown");
        }
        Form form = null;
        int at = 12;
        while (at <= file.length - 8) {
            String chunk = text(file, at);
            long told = in.getInt(at + 4) & 0xffff_ffffL;
            int from = at + 8;
            int there = (int) Math.min(told, file.length - from);
            if (chunk.equals("fmt ") && there >= 16) {
                form = form(in, from, there);
            } else if (chunk.equals("data") && form != null) {
                return samples(in, from, there, form, mostSeconds);
            }
            at = from + there + (there & 1);
        }
        throw new Unacceptable("sound-unknown");
    }

    private static Form form(ByteBuffer in, int at, int length) {
        int code = in.getShort(at) & 0xffff;
        Form form = new Form(code == EXTENSIBLE && length >= 26 ? in.getShort(at + 24) & 0xffff : code, in.getShort(at + 2) & 0xffff, in.getInt(at + 4),
            in.getShort(at + 14) & 0xffff);
        if (!form.isRead()) {
            throw new Unacceptable("sound-unknown");
        }
        return form;
    }

    private static Wave samples(ByteBuffer in, int at, int length, Form form, double mostSeconds) {
        int frames = length / form.frame();
        if (frames == 0) {
            throw new Unacceptable("sound-empty");
        }
        new Wave(new float[0], form.rate);
        if (frames > mostSeconds * form.rate) {
            throw new Unacceptable("sound-too-long", "most", (int) mostSeconds, "has", frames / form.rate);
        }
        float[] mono = new float[frames];
        int bytes = form.bits / 8;
        for (int frame = 0; frame < frames; frame++) {
            float sum = 0;
            for (int channel = 0; channel < form.channels; channel++) {
                sum += sample(in, at + frame * form.frame() + channel * bytes, form);
            }
            mono[frame] = sum / form.channels;
        }
        return new Wave(mono, form.rate);
    }

    private static float sample(ByteBuffer in, int at, Form form) {
        if (form.code == FLOATING) {
            float sample = in.getFloat(at);
            return Float.isFinite(sample) ? Math.max(-1, Math.min(1, sample)) : 0;
        }
        return switch (form.bits) {
            case 8 -> ((in.get(at) & 0xff) - 128) / 128f;
            case 16 -> in.getShort(at) / 32_768f;
            case 24 -> ((in.get(at) & 0xff) << 8 | (in.get(at + 1) & 0xff) << 16 | in.get(at + 2) << 24) / 2_147_483_648f;
            default -> in.getInt(at) / 2_147_483_648f;
        };
    }

    private static String text(byte[] file, int at) {
        return new String(file, at, 4, StandardCharsets.ISO_8859_1);
    }

    /** As a file of 16 bits a sample; what goes beyond -1 to 1 is cut off. */
    public static byte[] write(Wave wave) {
        ByteBuffer out = ByteBuffer.allocate(HEADER + wave.samples().length * 2).order(ByteOrder.LITTLE_ENDIAN);
        out.put(bytes("RIFF")).putInt(HEADER - 8 + wave.samples().length * 2).put(bytes("WAVE")).put(bytes("fmt ")).putInt(16).putShort((short) LINEAR)
            .putShort((short) 1).putInt(wave.rate()).putInt(wave.rate() * 2).putShort((short) 2).putShort((short) 16).put(bytes("data"))
            .putInt(wave.samples().length * 2);
        for (float sample : wave.samples()) {
            out.putShort((short) Math.round(Math.max(-1, Math.min(1, sample)) * 32_767));
        }
        return out.array();
    }

    private static byte[] bytes(String text) {
        return text.getBytes(StandardCharsets.ISO_8859_1);
    }
}
