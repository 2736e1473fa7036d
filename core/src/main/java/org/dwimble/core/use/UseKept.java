package org.dwimble.core.use;

/** What is kept of what a student says. */
public enum UseKept {
    NOTHING,
    /** How often each word was said on a day. */
    COUNTS,
    /** That, and the messages that were said as a whole. */
    MESSAGES;

    public boolean counts() {
        return this != NOTHING;
    }
}
