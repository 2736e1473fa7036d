package org.dwimble.core.board;

/**
 * One of several pictures on a button. The room for pictures is a square of 1,000 by 1,000; {@code x} and
 * {@code y} are the layer's left and top in it, {@code size} its side, all in thousandths.
 *
 * @param size 100 to 1,000
 */
public record Layer(String picture, int x, int y, int size) {
    public static final int ROOM = 1_000;
    private static final int SMALLEST = 100;

    public Layer {
        if (picture == null || !Button.isMedia(picture)) {
            throw new Unacceptable("“" + Text.cut(picture == null ? "" : picture, 40) + "” is not a picture Dwimble knows.");
        }
        size = Math.max(SMALLEST, Math.min(ROOM, size));
        x = Math.max(0, Math.min(ROOM - size, x));
        y = Math.max(0, Math.min(ROOM - size, y));
    }

    /** A picture that takes all the room. */
    public static Layer whole(String picture) {
        return new Layer(picture, 0, 0, ROOM);
    }
}
