package org.dwimble.server.limit;

import java.io.IOException;
import java.util.Map;
import org.apache.catalina.connector.Response;
import org.dwimble.core.document.Json;
import org.dwimble.core.told.Told;
import org.dwimble.server.told.Wording;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;

/** What is answered before a request reaches any of our own addresses: a sentence, as everywhere. */
final class Answers {
    /** Why something is not read. */
    enum Why {
        TOO_LONG(HttpStatus.CONTENT_TOO_LARGE, "body-too-long"),
        TOO_SLOW(HttpStatus.REQUEST_TIMEOUT, "body-too-slow"),
        TOO_MANY_FILES(HttpStatus.SERVICE_UNAVAILABLE, "too-many-files-at-once");

        private final HttpStatus status;
        private final String sentence;

        Why(HttpStatus status, String sentence) {
            this.status = status;
            this.sentence = sentence;
        }

        HttpStatus status() {
            return status;
        }

        Told told(long megabytes) {
            return Told.of(sentence, "most", megabytes);
        }
    }

    /** RFC 9457. */
    private record Problem(String title, int status, String detail) {
    }

    private static final Map<HttpStatus, String> SENTENCES = Map.of(HttpStatus.NOT_FOUND, "nothing-here", HttpStatus.REQUEST_TIMEOUT, "body-too-slow",
        HttpStatus.METHOD_NOT_ALLOWED, "nonsense", HttpStatus.NOT_IMPLEMENTED, "no-request", HttpStatus.HTTP_VERSION_NOT_SUPPORTED, "no-request");

    private final Wording wording;

    Answers(Wording wording) {
        this.wording = wording;
    }

    void give(Response response, Why why, long megabytes) throws IOException {
        response.setHeader("Connection", "close");
        if (why == Why.TOO_MANY_FILES) {
            response.setHeader("Retry-After", "10");
        }
        write(response, why.status(), why.told(megabytes));
    }

    /** For a status that the container gives by itself, such as for an address that is none. */
    void give(Response response, int status) throws IOException {
        HttpStatus known = HttpStatus.resolve(status);
        HttpStatus told = known == null ? HttpStatus.INTERNAL_SERVER_ERROR : known;
        String usual = told.is4xxClientError() ? "no-request" : "unexpected";
        write(response, told, Told.of(SENTENCES.getOrDefault(told, usual)));
    }

    private void write(Response response, HttpStatus status, Told told) throws IOException {
        response.setStatus(status.value());
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        byte[] body = Json.mapper().writeValueAsBytes(new Problem(status.getReasonPhrase(), status.value(), wording.of(told)));
        response.setContentLength(body.length);
        response.getOutputStream().write(body);
        response.finishResponse();
    }
}
