package org.dwimble.core.board;

/**
 * How a button is shown.
 *
 * @param hidden true if the student does not see it; its cell stays empty
 */
public record Shown(boolean hidden) {
    public static final Shown YES = new Shown(false);
    public static final Shown NO = new Shown(true);
}
