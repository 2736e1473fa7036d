package org.dwimble.core.board;

/** A value that cannot stand on a board. The message is a sentence for the person, naming the value and the way out. */
public final class Unacceptable extends IllegalArgumentException {
    public Unacceptable(String sentence) {
        super(sentence);
    }
}
