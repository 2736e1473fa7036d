package org.dwimble.core.showing;

/**
 * A walk in pictures: one after the other, each said.
 *
 * @param itself true if the next comes by itself once one is said, false if it is touched
 */
public record Walk(boolean itself) {
    public static final Walk USUAL = new Walk(false);
}
