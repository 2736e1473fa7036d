package org.dwimble.core.board;

import java.util.List;
import org.dwimble.core.text.Text;
import org.dwimble.core.told.Unacceptable;
import org.jspecify.annotations.Nullable;

/**
 * What a button shows: a label, a picture, or both.
 *
 * @param label  what is written on it; empty only if there is a picture
 * @param layers its pictures drawn over each other, the first lowest; at most {@value #MOST_LAYERS}
 * @param kind   the word's kind; null if it is no word
 */
public record Face(String label, List<Layer> layers, @Nullable Kind kind) {
    /** The longest label, in characters. */
    public static final int LONGEST_LABEL = 100;
    /** The most pictures drawn over each other. */
    public static final int MOST_LAYERS = 6;

    public Face {
        label = Text.tidy(label);
        Text.atMost(LONGEST_LABEL, "label", label);
        layers = layers == null ? List.of() : List.copyOf(layers);
        if (layers.size() > MOST_LAYERS) {
            throw new Unacceptable("too-many-layers", "most", MOST_LAYERS);
        }
        if (label.isEmpty() && layers.isEmpty()) {
            throw new Unacceptable("no-label-no-picture");
        }
    }

    /** With one picture, or none. */
    public static Face of(String label, @Nullable String picture, @Nullable Kind kind) {
        return new Face(label, Layer.only(picture), kind);
    }

    public Face withLabel(String label) {
        return new Face(label, layers, kind);
    }

    public Face withLayers(List<Layer> layers) {
        return new Face(label, layers, kind);
    }

    public Face withKind(@Nullable Kind kind) {
        return new Face(label, layers, kind);
    }
}
