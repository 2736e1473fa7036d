package org.dwimble.core.told;

import java.util.Collection;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/** A value or a wish that cannot stand. What is told names the value and the way out; nothing was changed. */
public final class Unacceptable extends IllegalArgumentException {
    private final transient Told told;

    public Unacceptable(Told told) {
        super(told.toString());
        this.told = told;
    }

    /** @param with names and values in turn, as in {@link Told#of} */
    public Unacceptable(String key, Object... with) {
        this(Told.of(key, with));
    }

    /** For parts of a wish that came from outside. @throws Unacceptable if one is missing, or something in a list of them is */
    public static void ifMissing(@Nullable Object... parts) {
        for (Object part : parts) {
            if (part == null || part instanceof Collection<?> several && several.stream().anyMatch(Objects::isNull)) {
                throw new Unacceptable("nothing-to-change");
            }
        }
    }

    /** @throws Unacceptable if there are more of something than may be; the sentence is given {@code most} and {@code has} */
    public static void ifMore(String key, long has, long most) {
        if (has > most) {
            throw new Unacceptable(key, "most", most, "has", has);
        }
    }

    public Told told() {
        return told;
    }
}
