package org.dwimble.server.problem;

import java.util.Map;
import org.springframework.http.HttpStatus;

/** A request that ends in an answer other than the one asked for. The message is a sentence for the person. */
public class Problem extends RuntimeException {
    private final HttpStatus status;
    private final Map<String, Object> more;

    public Problem(HttpStatus status, String sentence) {
        this(status, sentence, Map.of());
    }

    /** @param more further members of the problem detail */
    public Problem(HttpStatus status, String sentence, Map<String, Object> more) {
        super(sentence);
        this.status = status;
        this.more = more;
    }

    /** Also for what exists but is not this person's to see: the two must look alike. */
    public static Problem notFound(String what) {
        return new Problem(HttpStatus.NOT_FOUND, "There is no such " + what + ", or it is not shared with you.");
    }

    public HttpStatus status() {
        return status;
    }

    public Map<String, Object> more() {
        return more;
    }
}
