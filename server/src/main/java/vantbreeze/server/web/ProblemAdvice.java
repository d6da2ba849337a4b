package vantbreeze.server.web;

import java.util.List;
import java.util.NoSuchElementException;
import org.locationtech.jts.geom.TopologyException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.orm.ObjectOptimisticLockingFailureException;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.DatabindException;
import vantbreeze.plan.BriefException;
import vantbreeze.server.store.StoreFailure;

/** Turns refusals into problem responses that name field, value and allowed range. */
@RestControllerAdvice
class ProblemAdvice extends ResponseEntityExceptionHandler {

    private static final String CHANGED_ELSEWHERE = "Changed elsewhere";

    @ExceptionHandler(BriefException.class)
    ProblemDetail brief(BriefException e) {
        return refused("No plan follows from this brief", e.faults());
    }

    @ExceptionHandler(FieldsRefused.class)
    ProblemDetail fields(FieldsRefused e) {
        return refused("Some fields cannot be as they are", e.faults());
    }

    private static final Logger LOG = LoggerFactory.getLogger(ProblemAdvice.class);

    /** What nobody thought of is a refusal as well: nothing has changed, and the log says where it happened. */
    @ExceptionHandler({
        IllegalArgumentException.class,
        IllegalStateException.class,
        ArithmeticException.class,
        IndexOutOfBoundsException.class,
        NullPointerException.class,
        NoSuchElementException.class,
        ClassCastException.class,
        TopologyException.class
    })
    ProblemDetail unexpected(RuntimeException e) {
        LOG.error("A request could not be answered", e);
        return Problem.of(
                HttpStatus.UNPROCESSABLE_CONTENT,
                "This cannot be worked out",
                "Something in it was not foreseen: %s Nothing has changed; undo the last change, or choose another measure."
                        .formatted(e.getMessage() == null ? "" : "(" + e.getMessage() + ")."));
    }

    /** What was kept could not be read or written: the maker learns what to do, the log how it came. */
    @ExceptionHandler(StoreFailure.class)
    ProblemDetail store(StoreFailure e) {
        return Problem.of(
                e.isFull() ? HttpStatus.INSUFFICIENT_STORAGE : HttpStatus.SERVICE_UNAVAILABLE,
                "Not kept",
                e.getMessage());
    }

    @ExceptionHandler(Unreadable.class)
    ProblemDetail unreadable(Unreadable e) {
        ProblemDetail problem = Problem.of(HttpStatus.UNPROCESSABLE_CONTENT, "It cannot be read", e.getMessage());
        problem.setProperty("saved", e.saved());
        return problem;
    }

    private static ProblemDetail refused(String title, List<BriefException.Fault> faults) {
        return Problem.of(
                HttpStatus.UNPROCESSABLE_CONTENT,
                title,
                faults.stream()
                        .map(f -> new Problem.Field(f.field(), f.value(), f.allowed(), f.text()))
                        .toList());
    }

    @ExceptionHandler(NotFound.class)
    ProblemDetail missing(NotFound e) {
        return Problem.of(HttpStatus.NOT_FOUND, "Not found", e.getMessage());
    }

    /** What was asked for as it is now is in the answer, yours by its version. */
    @ExceptionHandler(Conflict.class)
    ProblemDetail conflict(Conflict e) {
        ProblemDetail problem = Problem.of(HttpStatus.CONFLICT, CHANGED_ELSEWHERE, e.getMessage());
        problem.setProperty("current", e.current());
        problem.setProperty("yours", e.yours());
        return problem;
    }

    @ExceptionHandler(ObjectOptimisticLockingFailureException.class)
    ProblemDetail race(ObjectOptimisticLockingFailureException e) {
        return Problem.of(HttpStatus.CONFLICT, CHANGED_ELSEWHERE, "It was changed at the same moment; load it again.");
    }

    @Override
    protected ResponseEntity<Object> handleHttpMessageNotReadable(
            HttpMessageNotReadableException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        ProblemDetail problem = e.getCause() instanceof DatabindException mismatch
                ? Problem.of(
                        HttpStatus.BAD_REQUEST, "The request does not have the right form", List.of(field(mismatch)))
                : Problem.of(HttpStatus.BAD_REQUEST, "The request is not JSON", "The body must be a JSON document.");
        return ResponseEntity.badRequest().body(problem);
    }

    private static Problem.Field field(DatabindException mismatch) {
        String path = String.join(
                ".",
                mismatch.getPath().stream()
                        .map(JacksonException.Reference::getPropertyName)
                        .filter(java.util.Objects::nonNull)
                        .toList());
        return new Problem.Field(
                path,
                "",
                "see /api/openapi",
                "The field (%s) is not known or has the wrong kind of value.".formatted(path));
    }

    @Override
    protected ResponseEntity<Object> handleMethodArgumentNotValid(
            MethodArgumentNotValidException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        List<Problem.Field> fields = e.getFieldErrors().stream()
                .map(f -> new Problem.Field(
                        f.getField(),
                        String.valueOf(f.getRejectedValue()),
                        String.valueOf(f.getDefaultMessage()),
                        "The %s (%s) %s.".formatted(f.getField(), f.getRejectedValue(), f.getDefaultMessage())))
                .toList();
        return ResponseEntity.badRequest().body(Problem.of(HttpStatus.BAD_REQUEST, "A field is out of range", fields));
    }
}
