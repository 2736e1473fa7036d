package org.dwimble.core.doing;

/** Says the whole message. */
public record SayMessage() implements Doing {
}
