package org.dwimble.core.doing;

/** Ends the word being spelt. */
public record AddSpace() implements Doing {
}
