package glanzen.app.web;

import glanzen.measure.BadInput;
import java.sql.SQLException;
import java.util.List;
import java.util.Set;
import org.h2.api.ErrorCode;
import org.h2.mvstore.MVStoreException;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.dao.ConcurrencyFailureException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.multipart.MaxUploadSizeExceededException;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;
import tools.jackson.core.JacksonException;

/** Every error as RFC 9457 problem details: what is wrong, where, and what would be accepted. */
@RestControllerAdvice
class Problems extends ResponseEntityExceptionHandler {

    private static final Logger LOG = LoggerFactory.getLogger(Problems.class);

    private static final Set<Integer> UNWRITTEN = Set.of(
            ErrorCode.DATABASE_IS_CLOSED,
            ErrorCode.DATABASE_CALLED_AT_SHUTDOWN,
            ErrorCode.IO_EXCEPTION_1,
            ErrorCode.IO_EXCEPTION_2,
            ErrorCode.OBJECT_CLOSED);

    private final ApplicationEventPublisher events;

    Problems(ApplicationEventPublisher events) {
        this.events = events;
    }

    @ExceptionHandler
    ProblemDetail badInput(BadInput bad) {
        ProblemDetail problem = problem(HttpStatus.UNPROCESSABLE_CONTENT, "Something cannot be used", sentence(bad));
        problem.setProperty("errors", bad.problems());
        return problem;
    }

    @ExceptionHandler
    ProblemDetail notFound(NotFound gone) {
        return problem(HttpStatus.NOT_FOUND, "Not here", gone.getMessage());
    }

    @ExceptionHandler
    ProblemDetail conflict(Conflict conflict) {
        return problem(HttpStatus.CONFLICT, "Not saved", conflict.getMessage());
    }

    /** Two wrote the same at the same moment, or waited too long for each other. */
    @ExceptionHandler({ConcurrencyFailureException.class, DataIntegrityViolationException.class})
    ProblemDetail stale() {
        return problem(
                HttpStatus.CONFLICT, "Not saved", "This was changed elsewhere at the same moment. Nothing was saved.");
    }

    @ExceptionHandler
    ProblemDetail unexpected(Exception unexpected) {
        if (unwritten(unexpected)) {
            events.publishEvent(new NotWritten(String.valueOf(unexpected.getMessage())));
            return problem(
                    HttpStatus.INSUFFICIENT_STORAGE,
                    "Cannot be kept",
                    "The disk is full, or the folder of your data cannot be written to. Nothing was saved; make room, and "
                            + "go on in a moment.");
        }
        LOG.error("Unexpected", unexpected);
        return problem(
                HttpStatus.INTERNAL_SERVER_ERROR,
                "Something went wrong here",
                "Nothing was saved. Try again; the log on this machine says more.");
    }

    /** The database could not write, or has closed itself since it could not. */
    private static boolean unwritten(Throwable broken) {
        for (Throwable cause = broken; cause != null; cause = cause.getCause()) {
            if (cause instanceof MVStoreException
                    || cause instanceof SQLException sql && UNWRITTEN.contains(sql.getErrorCode())) {
                return true;
            }
        }
        return false;
    }

    @Override
    protected @Nullable ResponseEntity<Object> handleHttpMessageNotReadable(
            HttpMessageNotReadableException unread, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        for (Throwable cause = unread; cause != null; cause = cause.getCause()) {
            if (cause instanceof BadInput bad) {
                return ResponseEntity.unprocessableContent().body(badInput(bad));
            }
            if (cause instanceof SmallBodies.TooLong) {
                return ResponseEntity.status(HttpStatus.CONTENT_TOO_LARGE)
                        .body(problem(HttpStatus.CONTENT_TOO_LARGE, "Too large", SmallBodies.SAYS));
            }
        }
        String where = unread.getCause() instanceof JacksonException json ? path(json) : "";
        ProblemDetail problem = problem(HttpStatus.BAD_REQUEST, "Cannot be read", "The request is not as expected.");
        problem.setProperty(
                "errors",
                List.of(new BadInput.Problem(where, "cannot be read", "a value of the kind the document names")));
        return ResponseEntity.badRequest().body(problem);
    }

    @Override
    protected @Nullable ResponseEntity<Object> handleMaxUploadSizeExceededException(
            MaxUploadSizeExceededException big, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        ProblemDetail problem = problem(HttpStatus.CONTENT_TOO_LARGE, "Too large", "The file is too large.");
        problem.setProperty("errors", List.of(new BadInput.Problem("file", "is too large", "up to 20 MB")));
        return ResponseEntity.status(HttpStatus.CONTENT_TOO_LARGE).body(problem);
    }

    private static String path(JacksonException json) {
        StringBuilder path = new StringBuilder();
        for (JacksonException.Reference step : json.getPath()) {
            if (step.getPropertyName() != null) {
                path.append(path.isEmpty() ? "" : ".").append(step.getPropertyName());
            } else {
                path.append('[').append(step.getIndex()).append(']');
            }
        }
        return path.toString();
    }

    private static String sentence(BadInput bad) {
        BadInput.Problem first = bad.problems().get(0);
        return first.field() + " " + first.message() + ". Accepted: " + first.accepted() + ".";
    }

    private static ProblemDetail problem(HttpStatus status, String title, @Nullable String detail) {
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(status, detail);
        problem.setTitle(title);
        return problem;
    }
}
