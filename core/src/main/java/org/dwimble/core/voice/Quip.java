package org.dwimble.core.voice;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.stream.Stream;

/**
 * A short thing to say that is ready.
 *
 * @param purpose what it is for
 */
public record Quip(String purpose, String text, Manner manner) {
    /** All there are, by what they are for, in English. */
    public static final List<Quip> ALL = read();

    private static List<Quip> read() {
        try (InputStream in = Quip.class.getResourceAsStream("quips.tsv")) {
            if (in == null) {
                throw new IllegalStateException("quips.tsv is missing");
            }
            return new String(in.readAllBytes(), StandardCharsets.UTF_8).lines().filter(line -> !line.startsWith("#")).map(Quip::of).toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Quip of(String line) {
        String[] parts = line.split("\t");
        if (parts.length != 3) {
            throw new IllegalStateException("quips.tsv: what is “" + line + "”?");
        }
        Manner manner = Stream.of(Manner.values()).filter(m -> m.word().equals(parts[2])).findFirst()
            .orElseThrow(() -> new IllegalStateException("quips.tsv: there is no manner " + parts[2]));
        return new Quip(parts[0], parts[1], manner);
    }
}
