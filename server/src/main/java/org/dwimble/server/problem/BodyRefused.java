package org.dwimble.server.problem;

import java.io.IOException;
import org.dwimble.core.told.Told;
import org.springframework.http.HttpStatus;

/** A body is not read to its end: it is too long, or comes too slowly. */
public final class BodyRefused extends IOException {
    private final transient HttpStatus status;
    private final transient Told told;

    public BodyRefused(HttpStatus status, Told told) {
        super(told.toString());
        this.status = status;
        this.told = told;
    }

    public HttpStatus status() {
        return status;
    }

    public Told told() {
        return told;
    }
}
