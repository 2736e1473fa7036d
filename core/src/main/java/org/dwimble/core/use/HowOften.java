package org.dwimble.core.use;

/** How often a word was said, and for how long. @param times 0 or more @param days from the first day it was said to the last, 0 or more */
public record HowOften(int times, int days) {
    public static final HowOften NEVER = new HowOften(0, 0);
}
