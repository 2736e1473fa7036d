package org.dwimble.core.picture;

/**
 * A picture of pixels.
 *
 * @param argb row by row from the top left, each as alpha, red, green and blue of 8 bits; it is not copied, and is not to be changed
 */
public record Pixels(int width, int height, int[] argb) {
    /** @throws IllegalArgumentException if they are not as many as the picture has */
    public Pixels {
        if (width < 1 || height < 1 || argb.length != width * height) {
            throw new IllegalArgumentException(argb.length + " pixels are no " + width + " by " + height);
        }
    }

    int at(int x, int y) {
        return argb[y * width + x];
    }
}
