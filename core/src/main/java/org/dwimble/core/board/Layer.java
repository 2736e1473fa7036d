package org.dwimble.core.board;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * One of the pictures on a button. The room for pictures is a square of 1,000 by 1,000; {@code x} and
 * {@code y} are the layer's left and top in it, {@code size} its side, all in thousandths. What would lie outside is
 * moved in.
 *
 * @param size 100 to 1,000
 */
public record Layer(String picture, int x, int y, int size) {
    public static final int ROOM = 1_000;
    private static final int SMALLEST = 100;

    public Layer {
        MediaId.picture(picture);
        size = Math.max(SMALLEST, Math.min(ROOM, size));
        x = Math.max(0, Math.min(ROOM - size, x));
        y = Math.max(0, Math.min(ROOM - size, y));
    }

    /** A picture that takes all the room. */
    public static Layer whole(String picture) {
        return new Layer(picture, 0, 0, ROOM);
    }

    /** One picture that takes all the room, or none. */
    public static List<Layer> only(@Nullable String picture) {
        return picture == null ? List.of() : List.of(whole(picture));
    }

    public boolean takesAllRoom() {
        return size == ROOM;
    }
}
