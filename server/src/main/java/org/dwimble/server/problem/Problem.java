package org.dwimble.server.problem;

import java.util.Map;
import org.dwimble.core.told.Told;
import org.springframework.http.HttpStatus;

/** A request that ends in an answer other than the one asked for, with what to tell the person. */
public class Problem extends RuntimeException {
    private final HttpStatus status;
    private final transient Told told;
    private final transient Map<String, Object> more;

    /** @param with names and values in turn, as in {@link Told#of} */
    public Problem(HttpStatus status, String key, Object... with) {
        this(status, Told.of(key, with));
    }

    public Problem(HttpStatus status, Told told) {
        this(status, told, Map.of());
    }

    /** @param more further members of the problem detail */
    public Problem(HttpStatus status, Told told, Map<String, Object> more) {
        super(told.toString());
        this.status = status;
        this.told = told;
        this.more = more;
    }

    /** Also for what exists but is not this person's to see: the two must look alike. */
    public static Problem notFound(String what) {
        return new Problem(HttpStatus.NOT_FOUND, "not-found", "what", what);
    }

    public HttpStatus status() {
        return status;
    }

    public Told told() {
        return told;
    }

    public Map<String, Object> more() {
        return more;
    }
}
