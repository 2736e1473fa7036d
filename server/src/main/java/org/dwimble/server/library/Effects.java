package org.dwimble.server.library;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.dwimble.core.board.MediaId;
import org.springframework.stereotype.Component;

/** The sound effects that ship, which the module {@code library} makes. */
@Component
public class Effects {
    public static final String TYPE = "audio/wav";

    /**
     * One of them.
     *
     * @param id     what buttons know it by
     * @param words  it is looked for by, besides its name
     * @param drawer it lies in
     */
    public record Effect(String id, String name, List<String> words, String drawer) {
    }

    private final List<Effect> all = read();

    private static List<Effect> read() {
        byte[] table = file("/library/effects.tsv").orElseThrow(() -> new IllegalStateException("no sound effects in the library"));
        return new String(table, StandardCharsets.UTF_8).lines().map(line -> line.split("\t")).map(row -> new Effect("effect/" + row[0], row[1],
            List.of(row[2].split("\\|")), row[3])).toList();
    }

    /** In their drawers, in the order in which they are offered. */
    public List<Effect> all() {
        return all;
    }

    /** The WAV of one, by its id; empty if there is none. */
    public static Optional<byte[]> sound(String id) {
        return MediaId.isEffect(id) ? file("/effects/" + MediaId.effect(id) + ".wav") : Optional.empty();
    }

    /** True if the bytes are this effect. */
    public static boolean isSoundOf(String id, byte[] wav) {
        return sound(id).filter(sound -> Arrays.equals(sound, wav)).isPresent();
    }

    private static Optional<byte[]> file(String name) {
        try (InputStream in = Effects.class.getResourceAsStream(name)) {
            return in == null ? Optional.empty() : Optional.of(in.readAllBytes());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
