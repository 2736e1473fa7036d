package org.dwimble.server.problem;

import java.util.Map;
import org.dwimble.core.board.Unacceptable;
import org.dwimble.core.obf.Refused;
import org.dwimble.server.database.DatabaseTrouble;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.TypeMismatchException;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.web.ErrorResponse;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.multipart.MaxUploadSizeExceededException;
import org.springframework.web.multipart.MultipartException;

/** Turns whatever was thrown into a problem detail. No stack trace and no path leaves the server. */
@RestControllerAdvice
class Problems {
    private static final Logger LOG = LoggerFactory.getLogger(Problems.class);

    @ExceptionHandler
    ResponseEntity<ProblemDetail> problem(Problem e) {
        return answer(e.status(), e.getMessage(), e.more());
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> unacceptable(Unacceptable e) {
        return answer(HttpStatus.UNPROCESSABLE_CONTENT, e.getMessage(), Map.of());
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> refused(Refused e) {
        return answer(HttpStatus.UNPROCESSABLE_CONTENT, e.getMessage(), Map.of());
    }

    /** JSON that cannot be read; if a value in it was refused by the rules, their sentence is the answer. */
    @ExceptionHandler
    ResponseEntity<ProblemDetail> unreadable(HttpMessageNotReadableException e) {
        for (Throwable cause = e.getCause(); cause != null; cause = cause.getCause()) {
            if (cause instanceof Unacceptable unacceptable) {
                return unacceptable(unacceptable);
            }
        }
        return answer(HttpStatus.BAD_REQUEST, "That request could not be read. Nothing was changed; reload the page and try again.", Map.of());
    }

    /** An address or a choice that is none, such as a paper nobody makes. */
    @ExceptionHandler
    ResponseEntity<ProblemDetail> nonsense(TypeMismatchException e) {
        return answer(HttpStatus.BAD_REQUEST, "That request does not make sense here. Nothing was changed.", Map.of());
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> tooLarge(MaxUploadSizeExceededException e) {
        return answer(HttpStatus.CONTENT_TOO_LARGE, "That is more than is taken at once: a file can have up to 1 GB. Nothing was brought in.", Map.of());
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> brokenUpload(MultipartException e) {
        return answer(HttpStatus.BAD_REQUEST, "The file did not arrive whole. Nothing was brought in; try again.", Map.of());
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> database(DatabaseTrouble e) {
        LOG.warn("Database: {}", e.getMessage());
        return switch (e.what()) {
            case BUSY -> answer(HttpStatus.SERVICE_UNAVAILABLE, "Many people are saving at once. Nothing was lost; try again in a moment.", Map.of());
            case DISK_FULL -> answer(HttpStatus.INSUFFICIENT_STORAGE, "The disk of the school’s machine is full, so this was not kept. Everything before it is safe; tell whoever looks after the machine.", Map.of());
            default -> answer(HttpStatus.INTERNAL_SERVER_ERROR, "That could not be kept. Everything before it is safe; try again.", Map.of());
        };
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> other(Exception e) {
        if (e instanceof ErrorResponse response && response.getStatusCode().is4xxClientError()) {
            HttpStatus status = HttpStatus.valueOf(response.getStatusCode().value());
            return answer(status, status == HttpStatus.NOT_FOUND ? "There is nothing at this address." : "That request does not make sense here. Nothing was changed.", Map.of());
        }
        LOG.error("Unexpected", e);
        return answer(HttpStatus.INTERNAL_SERVER_ERROR, "Something went wrong inside Dwimble. Everything kept before is safe; reload the page and try again.", Map.of());
    }

    private static ResponseEntity<ProblemDetail> answer(HttpStatus status, String sentence, Map<String, Object> more) {
        ProblemDetail detail = ProblemDetail.forStatusAndDetail(status, sentence);
        more.forEach(detail::setProperty);
        return ResponseEntity.status(status).contentType(MediaType.APPLICATION_PROBLEM_JSON).body(detail);
    }
}
