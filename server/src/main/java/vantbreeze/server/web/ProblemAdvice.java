package vantbreeze.server.web;

import java.util.List;
import org.apache.tomcat.util.http.InvalidParameterException;
import org.springframework.beans.TypeMismatchException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.orm.ObjectOptimisticLockingFailureException;
import org.springframework.web.HttpRequestMethodNotSupportedException;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.MissingServletRequestParameterException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.RequestAttributes;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;
import org.springframework.web.servlet.resource.NoResourceFoundException;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.exc.MismatchedInputException;
import vantbreeze.plan.BriefException;
import vantbreeze.server.store.StoreFailure;

/** Turns refusals into problem responses that name field, value and allowed range. */
@RestControllerAdvice
class ProblemAdvice extends ResponseEntityExceptionHandler {

    private static final int MOST_FAULTS = 50;
    private static final int LONGEST_VALUE = 200;
    private static final int LONGEST_TEXT = 500;
    private static final String CHANGED_ELSEWHERE = "Changed elsewhere";

    @ExceptionHandler(BriefException.class)
    ProblemDetail brief(BriefException e) {
        return refused("No plan follows from this brief", e.faults());
    }

    @ExceptionHandler(FieldsRefused.class)
    ProblemDetail fields(FieldsRefused e) {
        return refused("Some fields cannot be as they are", e.faults());
    }

    /** A value of the address that does not say which characters it means. */
    @ExceptionHandler(InvalidParameterException.class)
    ProblemDetail unclear(InvalidParameterException e, WebRequest request) {
        String address = request.getDescription(false).replace("uri=", "");
        return Problem.of(
                HttpStatus.BAD_REQUEST,
                "The address cannot be read",
                List.of(
                        new Problem.Field(
                                "query",
                                Text.upTo(LONGEST_VALUE, address),
                                "a percent sign before two hexadecimal digits",
                                "What stands after the question mark of the address cannot be read: a percent sign must stand before two hexadecimal digits (%25 for the sign itself).")));
    }

    /** What nobody thought of is a refusal as well: nothing has changed, and the log says where it happened. */
    @ExceptionHandler({RuntimeException.class, StackOverflowError.class})
    ProblemDetail unexpected(Throwable failure) {
        return Problem.of(HttpStatus.UNPROCESSABLE_CONTENT, "This cannot be worked out", Unforeseen.logged(failure));
    }

    /** The machine's own failures. */
    @ExceptionHandler({Exception.class, Error.class})
    ProblemDetail failed(Throwable failure) {
        return Problem.of(HttpStatus.INTERNAL_SERVER_ERROR, "It failed", Unforeseen.logged(failure));
    }

    /** What was kept could not be read or written: the maker learns what to do, the log how it came. */
    @ExceptionHandler(StoreFailure.class)
    ProblemDetail store(StoreFailure e) {
        return Problem.of(
                e.isFull() ? HttpStatus.INSUFFICIENT_STORAGE : HttpStatus.SERVICE_UNAVAILABLE,
                "Not kept",
                e.getMessage());
    }

    @ExceptionHandler(Patience.Lost.class)
    ProblemDetail lost(Patience.Lost e) {
        return Problem.of(HttpStatus.UNPROCESSABLE_CONTENT, "It is too much", e.getMessage());
    }

    /** The sender ended the connection, not the server: 4xx, for whoever closed only his half of it and still reads. */
    @ExceptionHandler(Patience.Gone.class)
    ProblemDetail gone(Patience.Gone e) {
        return Problem.of(HttpStatus.BAD_REQUEST, "Closed", e.getMessage());
    }

    @ExceptionHandler(Patience.Busy.class)
    ProblemDetail busy(Patience.Busy e) {
        return Problem.of(HttpStatus.SERVICE_UNAVAILABLE, "Busy", e.getMessage());
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
                        .limit(MOST_FAULTS)
                        .map(f -> new Problem.Field(
                                f.field(),
                                Text.upTo(LONGEST_VALUE, f.value()),
                                f.allowed(),
                                Text.upTo(LONGEST_TEXT, f.text())))
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

    /** The rules of the tables are the last to refuse; what they say is of no use to a maker. */
    @ExceptionHandler(DataIntegrityViolationException.class)
    ProblemDetail unfit(DataIntegrityViolationException e) {
        return Problem.of(
                HttpStatus.UNPROCESSABLE_CONTENT,
                "It cannot be kept",
                "Something in it is longer or larger than can be kept; shorten names and notes. Nothing was saved.");
    }

    @Override
    protected ResponseEntity<Object> handleHttpMessageNotReadable(
            HttpMessageNotReadableException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        ProblemDetail problem;
        if (e.getCause() instanceof JacksonException mismatch
                && (mismatch instanceof MismatchedInputException
                        || !mismatch.getPath().isEmpty())) {
            byte[] body = ReadRequest.bodyOf(name -> request.getAttribute(name, RequestAttributes.SCOPE_REQUEST));
            problem = Problem.of(
                    HttpStatus.BAD_REQUEST,
                    "The request does not have the right form",
                    List.of(BodyFault.of(mismatch, body)));
        } else if (e.getCause() instanceof JacksonException malformed && malformed.getLocation() != null) {
            problem = Problem.of(
                    HttpStatus.BAD_REQUEST,
                    "The request is not JSON",
                    "The body is not JSON at line %d, column %d: %s"
                            .formatted(
                                    malformed.getLocation().getLineNr(),
                                    malformed.getLocation().getColumnNr(),
                                    Text.upTo(LONGEST_VALUE, String.valueOf(malformed.getOriginalMessage()))));
        } else {
            problem = Problem.of(
                    HttpStatus.BAD_REQUEST, "The request is not JSON", "The body must be given, as a JSON document.");
        }
        return ResponseEntity.badRequest().body(problem);
    }

    @Override
    protected ResponseEntity<Object> handleTypeMismatch(
            TypeMismatchException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        String allowed = e.getRequiredType() == null ? "" : BodyFault.form(e.getRequiredType());
        return badField(e.getPropertyName(), String.valueOf(e.getValue()), allowed);
    }

    @Override
    protected ResponseEntity<Object> handleMissingServletRequestParameter(
            MissingServletRequestParameterException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        return badField(e.getParameterName(), "", "it must be given");
    }

    private static ResponseEntity<Object> badField(String name, String value, String allowed) {
        String shown = Text.upTo(LONGEST_VALUE, value);
        Problem.Field field = new Problem.Field(name, shown, allowed, "%s (%s): %s.".formatted(name, shown, allowed));
        return ResponseEntity.badRequest()
                .body(Problem.of(HttpStatus.BAD_REQUEST, "A field is out of range", List.of(field)));
    }

    @Override
    protected ResponseEntity<Object> handleNoResourceFoundException(
            NoResourceFoundException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        return ResponseEntity.status(status)
                .body(Problem.of(HttpStatus.NOT_FOUND, "Not found", ProblemWriter.usual(status.value())));
    }

    @Override
    protected ResponseEntity<Object> handleHttpRequestMethodNotSupported(
            HttpRequestMethodNotSupportedException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        String taken = e.getSupportedMethods() == null ? "none" : String.join(", ", e.getSupportedMethods());
        return ResponseEntity.status(status)
                .headers(headers)
                .body(Problem.of(
                        HttpStatus.METHOD_NOT_ALLOWED,
                        "Method not allowed",
                        "This address does not take the method (%s); it takes %s.".formatted(e.getMethod(), taken)));
    }

    @Override
    protected ResponseEntity<Object> handleMethodArgumentNotValid(
            MethodArgumentNotValidException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        List<Problem.Field> fields = e.getFieldErrors().stream()
                .map(f -> new Problem.Field(
                        f.getField(),
                        Text.upTo(LONGEST_VALUE, String.valueOf(f.getRejectedValue())),
                        String.valueOf(f.getDefaultMessage()),
                        "The %s (%s) %s."
                                .formatted(
                                        f.getField(),
                                        Text.upTo(LONGEST_VALUE, String.valueOf(f.getRejectedValue())),
                                        f.getDefaultMessage())))
                .toList();
        return ResponseEntity.badRequest().body(Problem.of(HttpStatus.BAD_REQUEST, "A field is out of range", fields));
    }
}
