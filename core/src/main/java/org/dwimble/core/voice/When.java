package org.dwimble.core.voice;

/** When what a button says is heard. */
public enum When {
    /** When it is tapped, and again with the message. */
    BOTH("both"),
    /** When it is tapped; it does not go into the message. */
    AT_ONCE("at-once"),
    /** Only when the message is said, into which it goes unheard. */
    WITH_MESSAGE("with-message");

    private final String word;

    When(String word) {
        this.word = word;
    }

    /** The word by which documents and packages know it. */
    public String word() {
        return word;
    }
}
