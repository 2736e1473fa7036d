package org.dwimble.core.doing;

/** Empties the message. */
public record ClearMessage() implements Doing {
}
