package org.dwimble.core.support;

import java.util.List;
import org.dwimble.core.board.Kind;
import org.dwimble.core.look.Colour;
import org.jspecify.annotations.Nullable;

/**
 * A word as it is printed.
 *
 * @param text   in the language it is printed in; may be empty
 * @param second under it, in the other language; null for none
 * @param told   what it is, for who cannot see it
 */
public record Printed(String text, @Nullable String second, List<String> pictures, boolean not, @Nullable Kind kind, @Nullable Colour paper, String told) {
    public Printed {
        pictures = List.copyOf(pictures);
    }

    /** A word by itself. */
    public static Printed of(String text, @Nullable String picture) {
        return new Printed(text, null, picture == null ? List.of() : List.of(picture), false, null, null, text);
    }

    /** Nothing at all: an empty frame. */
    public static final Printed NOTHING = of("", null);

    public boolean nothing() {
        return text.isEmpty() && pictures.isEmpty();
    }
}
