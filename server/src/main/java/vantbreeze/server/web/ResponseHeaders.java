package vantbreeze.server.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Set;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Headers for every answer, and a refusal for other sites that point their name at this machine. */
@Component
class ResponseHeaders extends OncePerRequestFilter {

    /** No script but the application's own files; styles may be set by scripts that place menus. */
    private static final String POLICY = "default-src 'self'; script-src 'self'; style-src 'self' 'unsafe-inline';"
            + " img-src 'self' data:; object-src 'none'; base-uri 'none'; form-action 'self'; frame-ancestors 'none'";

    private static final Set<String> LOOPBACK_NAMES = Set.of("127.0.0.1", "localhost", "[::1]");

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        response.setHeader("Content-Security-Policy", POLICY);
        response.setHeader("X-Content-Type-Options", "nosniff");
        response.setHeader("Referrer-Policy", "no-referrer");
        if (!LOOPBACK_NAMES.contains(request.getServerName())) {
            response.sendError(HttpStatus.MISDIRECTED_REQUEST.value());
            return;
        }
        chain.doFilter(request, response);
    }
}
