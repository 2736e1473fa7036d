package org.dwimble.server.problem;

import java.io.IOException;
import java.util.Map;
import org.dwimble.core.obf.Refused;
import org.dwimble.core.told.Told;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.server.database.DatabaseTrouble;
import org.dwimble.server.database.Room;
import org.dwimble.server.told.Trace;
import org.dwimble.server.told.Wording;
import org.eclipse.jetty.http.BadMessageException;
import org.eclipse.jetty.io.EofException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.TypeMismatchException;
import org.springframework.core.NestedExceptionUtils;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.web.ErrorResponse;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.async.AsyncRequestNotUsableException;
import org.springframework.web.multipart.MaxUploadSizeExceededException;
import org.springframework.web.multipart.MultipartException;

/** Turns whatever was thrown into a problem detail. No stack trace and no path leaves the server. */
@RestControllerAdvice
class Problems {
    private static final Logger LOG = LoggerFactory.getLogger(Problems.class);

    /** What ought to be free for people to work on, in megabytes. */
    private static final int LEAST_MEGABYTES = 200;

    private final Wording wording;

    Problems(Wording wording) {
        this.wording = wording;
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> problem(Problem e) {
        return answer(e.status(), e.told(), e.more());
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> unacceptable(Unacceptable e) {
        return answer(HttpStatus.UNPROCESSABLE_CONTENT, e.told(), Map.of());
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> refused(Refused e) {
        return answer(HttpStatus.UNPROCESSABLE_CONTENT, e.told(), Map.of());
    }

    /** JSON that cannot be read; if a value in it was refused by the rules, their sentence is the answer. */
    @ExceptionHandler
    ResponseEntity<ProblemDetail> unreadable(HttpMessageNotReadableException e) {
        for (Throwable cause = e.getCause(); cause != null; cause = cause.getCause()) {
            if (cause instanceof Unacceptable unacceptable) {
                return unacceptable(unacceptable);
            }
            if (cause instanceof BodyRefused refused) {
                return answer(refused.status(), refused.told(), Map.of());
            }
        }
        return answer(HttpStatus.BAD_REQUEST, "unreadable");
    }

    /** An address or a choice that is none, such as a paper nobody makes. */
    @ExceptionHandler
    ResponseEntity<ProblemDetail> nonsense(TypeMismatchException e) {
        return answer(HttpStatus.BAD_REQUEST, "nonsense");
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> tooLarge(MaxUploadSizeExceededException e) {
        return answer(HttpStatus.CONTENT_TOO_LARGE, "upload-too-large");
    }

    private ResponseEntity<ProblemDetail> full() {
        return answer(HttpStatus.INSUFFICIENT_STORAGE, Told.of("disk-full", "least", LEAST_MEGABYTES), Map.of());
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> brokenUpload(MultipartException e) {
        if (Room.isNone(e)) {
            return full();
        }
        Throwable cause = NestedExceptionUtils.getMostSpecificCause(e);
        if (cause instanceof BodyRefused refused) {
            return answer(refused.status(), refused.told(), Map.of());
        }
        // The container has no sort of its own for it.
        boolean parts = cause instanceof IllegalStateException && String.valueOf(cause.getMessage()).contains("too many keys");
        return parts ? answer(HttpStatus.CONTENT_TOO_LARGE, "too-many-parts") : answer(HttpStatus.BAD_REQUEST, "upload-broken");
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> database(DatabaseTrouble e) {
        LOG.warn("Database: {}", e.getMessage());
        return switch (e.what()) {
            case BUSY -> answer(HttpStatus.SERVICE_UNAVAILABLE, "busy");
            case DISK_FULL -> full();
            default -> answer(HttpStatus.INTERNAL_SERVER_ERROR, "not-kept");
        };
    }

    /** A query of bytes that are no text. */
    @ExceptionHandler
    ResponseEntity<ProblemDetail> broken(BadMessageException e) {
        return answer(HttpStatus.BAD_REQUEST, "nonsense");
    }

    /** Whoever asked is gone, as people are who close a page: nobody is there to be answered. */
    @ExceptionHandler({AsyncRequestNotUsableException.class, EofException.class})
    void gone(IOException e) {
        LOG.debug("Gone: {}", e.getMessage());
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> other(Exception e) {
        if (e instanceof ErrorResponse response && response.getStatusCode().is4xxClientError()) {
            HttpStatus status = HttpStatus.valueOf(response.getStatusCode().value());
            return answer(status, status == HttpStatus.NOT_FOUND ? "nothing-here" : "nonsense");
        }
        if (Room.isNone(e)) {
            LOG.warn("The disk is full");
            return full();
        }
        LOG.error("Unexpected: {}", Trace.of(e));
        return answer(HttpStatus.INTERNAL_SERVER_ERROR, "unexpected");
    }

    private ResponseEntity<ProblemDetail> answer(HttpStatus status, String key) {
        return answer(status, Told.of(key), Map.of());
    }

    private ResponseEntity<ProblemDetail> answer(HttpStatus status, Told told, Map<String, Object> more) {
        ProblemDetail detail = ProblemDetail.forStatusAndDetail(status, wording.of(told));
        more.forEach(detail::setProperty);
        return ResponseEntity.status(status).contentType(MediaType.APPLICATION_PROBLEM_JSON).body(detail);
    }
}
