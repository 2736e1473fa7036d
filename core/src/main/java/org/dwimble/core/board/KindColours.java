package org.dwimble.core.board;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.EnumMap;
import java.util.Map;
import java.util.Objects;
import org.dwimble.core.look.Colour;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The colour of each kind's mark, on paper and on the screen: both sides read {@code kinds.json} here. */
public final class KindColours {
    private static final Map<Kind, Colour> ALL = read();

    private KindColours() {
    }

    private static Map<Kind, Colour> read() {
        try (InputStream in = KindColours.class.getResourceAsStream("kinds.json")) {
            JsonNode colours = JsonMapper.shared().readTree(in);
            Map<Kind, Colour> all = new EnumMap<>(Kind.class);
            for (Kind kind : Kind.values()) {
                all.put(kind, Colour.of(colours.path(kind.word()).asString()));
            }
            return all;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    public static Colour of(Kind kind) {
        return Objects.requireNonNull(ALL.get(kind));
    }
}
