package org.dwimble.core.compose;

import java.util.List;
import org.dwimble.core.board.Layer;
import org.dwimble.core.told.Told;
import org.jspecify.annotations.Nullable;

/** Ways to tell one thing by several pictures: the picture at hand in its place, signs about it, and a gap for what is chosen next. */
public enum Arrangement {
    HOLDING("arrangement-holding", List.of(sign("holding", 0, 0, 1_000), it(580, 220, 420)), null),
    BEFORE_AFTER("arrangement-before-after", List.of(it(0, 40, 500), sign("arrow-bent", 420, 60, 460)), it(460, 480, 520)),
    TWO("arrangement-two", List.of(it(0, 250, 500), it(500, 250, 500)), null),
    MORE("arrangement-more", List.of(it(0, 200, 800), sign("plus", 640, 0, 360)), null),
    TOWARD("arrangement-toward", List.of(it(340, 100, 660), sign("arrow-right", 0, 620, 380)), null),
    THOUGHT("arrangement-thought", List.of(sign("cloud", 0, 0, 1_000), it(240, 120, 480)), null),
    FRAME("arrangement-frame", List.of(sign("frame", 0, 0, 1_000), it(160, 160, 680)), null);

    /**
     * A place in the square, as of a {@link Layer}.
     *
     * @param picture the sign that stands there; null for the picture at hand
     */
    public record Part(@Nullable String picture, int x, int y, int size) {
    }

    private final String key;
    private final List<Part> parts;
    private final @Nullable Part gap;

    Arrangement(String key, List<Part> parts, @Nullable Part gap) {
        this.key = key;
        this.parts = parts;
        this.gap = gap;
    }

    private static Part sign(String name, int x, int y, int size) {
        return new Part("core/sign-" + name, x, y, size);
    }

    private static Part it(int x, int y, int size) {
        return new Part(null, x, y, size);
    }

    /** The first lowest. */
    public List<Part> parts() {
        return parts;
    }

    /** Where another picture belongs, which is chosen next; null if nothing is missing. */
    public @Nullable Part gap() {
        return gap;
    }

    public Told told() {
        return Told.of(key);
    }
}
