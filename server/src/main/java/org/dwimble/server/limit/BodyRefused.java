package org.dwimble.server.limit;

import java.io.IOException;

/** A body is not read to its end: it is too long, or comes too slowly. */
final class BodyRefused extends IOException {
    private final transient Answers.Why why;
    private final long most;

    BodyRefused(Answers.Why why, long most) {
        super(why.name());
        this.why = why;
        this.most = most;
    }

    Answers.Why why() {
        return why;
    }

    long megabytes() {
        return most >> 20;
    }
}
