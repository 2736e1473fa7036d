package org.dwimble.core.doing;

/** Takes the last letter, or the last word, off the message. */
public record TakeLastOff() implements Doing {
}
