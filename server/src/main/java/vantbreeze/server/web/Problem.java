package vantbreeze.server.web;

import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;

/** Builds answers of RFC 9457, "Problem Details for HTTP APIs". */
public final class Problem {

    private Problem() {}

    /**
     * One field at fault.
     *
     * @param field its path in the request
     * @param value as given
     * @param allowed the range or the choices
     * @param text what to change
     */
    public record Field(String field, String value, String allowed, String text) {}

    public static ProblemDetail of(HttpStatus status, String title, String detail) {
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(status, detail);
        problem.setTitle(title);
        return problem;
    }

    public static ProblemDetail of(HttpStatus status, String title, List<Field> fields) {
        ProblemDetail problem = of(
                status, title, String.join(" ", fields.stream().map(Field::text).toList()));
        problem.setProperty("fields", fields);
        return problem;
    }
}
