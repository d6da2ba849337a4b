package vantbreeze.server.web;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import tools.jackson.databind.json.JsonMapper;

/** Writes a problem (RFC 9457) where no controller is there to do it: in filters, and for what the container refuses. */
final class ProblemWriter {

    private static final JsonMapper JSON = new JsonMapper();

    private ProblemWriter() {}

    static void write(HttpServletResponse response, int status, String detail) throws IOException {
        HttpStatus known = HttpStatus.resolve(status);
        byte[] body = JSON.writeValueAsString(JSON.createObjectNode()
                        .put("title", known == null ? "Refused" : known.getReasonPhrase())
                        .put("status", status)
                        .put("detail", detail))
                .getBytes(StandardCharsets.UTF_8);
        response.setStatus(status);
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        response.setContentLength(body.length);
        response.getOutputStream().write(body);
    }

    /** What a status alone says, where nobody said more. */
    static String usual(int status) {
        return switch (status) {
            case 400 -> "The request is not proper HTTP: its first line, its path or a header cannot be read.";
            case 404 -> "There is nothing at this address.";
            case 405 -> "This address does not take that method.";
            case 408 -> "The request came too slowly; send it again.";
            case 413 -> "The request is too large.";
            case 414 -> "The address is too long.";
            case 415 -> "The body must be application/json.";
            case 421 -> "This is not the machine that the request names.";
            case 431 -> "The headers are too large.";
            case 501 -> "This method is not known.";
            case 505 -> "This version of HTTP is not known.";
            default -> "The request cannot be answered.";
        };
    }
}
