package org.dwimble.server.limit;

import java.nio.ByteBuffer;
import java.util.Map;
import org.dwimble.core.document.Json;
import org.dwimble.core.told.Told;
import org.dwimble.server.problem.BodyRefused;
import org.dwimble.server.told.Wording;
import org.eclipse.jetty.http.HttpFields;
import org.eclipse.jetty.http.HttpHeader;
import org.eclipse.jetty.server.Request;
import org.eclipse.jetty.server.Response;
import org.eclipse.jetty.server.handler.ErrorHandler;
import org.eclipse.jetty.util.Callback;
import org.springframework.core.NestedExceptionUtils;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;

/**
 * What is answered before a request reaches any of our own addresses, or of errors the container met while our own were answering: a sentence, as everywhere.
 */
final class Answers extends ErrorHandler {
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

    private final Map<String, String> headers;
    private final Wording wording;

    Answers(Map<String, String> headers, Wording wording) {
        this.headers = headers;
        this.wording = wording;
    }

    @Override
    public boolean errorPageForMethod(String method) {
        return true;
    }

    void give(Response response, Callback callback, Why why, long megabytes) {
        if (why == Why.TOO_MANY_FILES) {
            response.getHeaders().put(HttpHeader.RETRY_AFTER, "10");
        }
        refuse(response, callback, why.status(), why.told(megabytes));
    }

    /** What else is sent on this connection is not read. */
    private void refuse(Response response, Callback callback, HttpStatus status, Told told) {
        response.getHeaders().put(HttpHeader.CONNECTION, "close");
        response.setStatus(status.value());
        write(response, callback, body(status, told));
    }

    private static void write(Response response, Callback callback, ByteBuffer body) {
        response.getHeaders().put(HttpHeader.CONTENT_TYPE, MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        response.write(true, body, callback);
    }

    @Override
    protected void generateResponse(Request request, Response response, int code, String message, Throwable thrown, Callback callback) {
        headers.forEach(response.getHeaders()::put);
        if (thrown != null && NestedExceptionUtils.getRootCause(thrown) instanceof BodyRefused refused) {
            refuse(response, callback, refused.status(), refused.told());
            return;
        }
        write(response, callback, usual(code));
    }

    @Override
    public ByteBuffer badMessageError(int status, String reason, HttpFields.Mutable fields) {
        headers.forEach(fields::put);
        fields.put(HttpHeader.CONTENT_TYPE, MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        return usual(status);
    }

    /** For a status that the container gives by itself, such as for an address that is none. */
    private ByteBuffer usual(int status) {
        HttpStatus known = HttpStatus.resolve(status);
        HttpStatus told = known == null ? HttpStatus.INTERNAL_SERVER_ERROR : known;
        return body(told, Told.of(SENTENCES.getOrDefault(told, told.is4xxClientError() ? "no-request" : "unexpected")));
    }

    private ByteBuffer body(HttpStatus status, Told told) {
        return ByteBuffer.wrap(Json.mapper().writeValueAsBytes(new Problem(status.getReasonPhrase(), status.value(), wording.of(told))));
    }
}
