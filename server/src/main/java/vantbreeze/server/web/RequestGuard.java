package vantbreeze.server.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.InputStream;
import java.util.Set;
import java.util.regex.Pattern;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Headers for every answer, and refusals before anything is read: other sites, other forms, too much. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class RequestGuard extends OncePerRequestFilter {

    static final int LONGEST_BODY = 2 * 1024 * 1024;

    /** Nothing but the application's own files, and the styles that carry what its page knows. */
    private static final String POLICY = "default-src 'self'; script-src 'self'; style-src 'self'%s;"
            + " img-src 'self' data:; object-src 'none'; base-uri 'none'; form-action 'self'; frame-ancestors 'none'";

    /** Of any size: it goes to the disk as it comes. */
    private static final String STREAMED = "/api/backup/restored";

    private static final MediaType ZIP = MediaType.parseMediaType("application/zip");
    private static final Set<String> LOOPBACK_NAMES = Set.of("127.0.0.1", "localhost", "[::1]");
    private static final Set<String> METHODS = Set.of("GET", "HEAD", "POST", "PUT", "DELETE", "OPTIONS");
    private static final Set<String> WITH_BODY = Set.of("POST", "PUT");
    private static final Set<String> OWN_SITE = Set.of("same-origin", "none");

    /** @param nonce that the page's own styles carry */
    static String policy(String nonce) {
        return POLICY.formatted(" 'nonce-" + nonce + "'");
    }

    /** Why a request is refused; thrown within this class alone. */
    private static final class Refused extends Exception {

        private static final long serialVersionUID = 1L;
        private final int status;

        Refused(int status, String detail) {
            super(detail);
            this.status = status;
        }
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        response.setHeader("Content-Security-Policy", POLICY.formatted(""));
        response.setHeader("X-Content-Type-Options", "nosniff");
        response.setHeader("Referrer-Policy", "no-referrer");
        response.setHeader("Cross-Origin-Resource-Policy", "same-origin");
        if (isOfApi(request)) {
            response.setHeader(HttpHeaders.CACHE_CONTROL, "no-store");
        }
        try {
            requireThisMachine(request);
            requireOwnSite(request);
            if (!METHODS.contains(request.getMethod())) {
                throw new Refused(405, "The method (%s) is not taken here.".formatted(shown(request.getMethod())));
            }
            boolean hasBody = WITH_BODY.contains(request.getMethod()) && isOfApi(request);
            if (hasBody && STREAMED.equals(request.getRequestURI())) {
                require(ZIP, request.getContentType());
                hasBody = false;
            }
            chain.doFilter(hasBody ? withBody(request) : request, response);
        } catch (Refused refused) {
            ProblemWriter.write(response, refused.status, refused.getMessage());
        }
    }

    private static boolean isOfApi(HttpServletRequest request) {
        return request.getRequestURI().startsWith("/api");
    }

    private static void requireThisMachine(HttpServletRequest request) throws Refused {
        if (!LOOPBACK_NAMES.contains(request.getServerName())) {
            throw new Refused(421, ProblemWriter.usual(421));
        }
    }

    /** Another site may link here; it may not read, send, or find out by a picture that the application runs. */
    private static void requireOwnSite(HttpServletRequest request) throws Refused {
        String site = request.getHeader("Sec-Fetch-Site");
        String origin = request.getHeader(HttpHeaders.ORIGIN);
        boolean isLink = !isOfApi(request)
                && "GET".equals(request.getMethod())
                && "navigate".equals(request.getHeader("Sec-Fetch-Mode"));
        boolean isOwn = (site == null || OWN_SITE.contains(site)) && (origin == null || origin.equals(own(request)));
        if (!isOwn && !isLink) {
            throw new Refused(
                    403, "Another site (%s) asks; only Vantbreeze's own pages may.".formatted(shown(origin, site)));
        }
    }

    private static String own(HttpServletRequest request) {
        return request.getScheme() + "://" + request.getHeader(HttpHeaders.HOST);
    }

    private static String shown(String... values) {
        for (String value : values) {
            if (value != null) {
                return Text.upTo(60, value);
            }
        }
        return "";
    }

    /**
     * What a body may be.
     *
     * @param most bytes
     */
    private record Taken(MediaType type, int most) {

        private static final Pattern ENTRIES = Pattern.compile("/api/log(/[^/]+)?");
        static final Taken JSON = new Taken(MediaType.APPLICATION_JSON, LONGEST_BODY);

        /** An entry of the logbook comes with all its photographs. */
        static final Taken ENTRY = new Taken(MediaType.APPLICATION_JSON, 24 * 1024 * 1024);

        /** A table of all sheets that the drawer holds. */
        private static final String TABLE = "/api/papers/table";

        static Taken by(HttpServletRequest request) {
            String address = request.getRequestURI();
            return TABLE.equals(address) || ENTRIES.matcher(address).matches() ? ENTRY : JSON;
        }
    }

    /** Reads the body, and no more of it than is allowed. */
    private static HttpServletRequest withBody(HttpServletRequest request) throws Refused, IOException {
        Taken taken = Taken.by(request);
        if (request.getContentLengthLong() > taken.most()) {
            throw tooLong(taken);
        }
        byte[] body;
        try (InputStream in = new SteadyStream(request.getInputStream(), System::nanoTime)) {
            body = in.readNBytes(taken.most() + 1);
        } catch (IOException e) {
            throw new Refused(408, ProblemWriter.usual(408));
        }
        if (body.length > taken.most()) {
            throw tooLong(taken);
        }
        if (body.length > 0 || request.getContentType() != null) {
            require(taken.type(), request.getContentType());
        }
        return new ReadRequest(request, body);
    }

    private static Refused tooLong(Taken taken) {
        return new Refused(
                413,
                "The body must have at most %,d bytes (%d MB).".formatted(taken.most(), taken.most() / 1024 / 1024));
    }

    private static void require(MediaType wanted, String type) throws Refused {
        try {
            MediaType given = MediaType.parseMediaType(String.valueOf(type));
            if (given.equalsTypeAndSubtype(wanted)
                    && (given.getCharset() == null
                            || "UTF-8".equals(given.getCharset().name()))) {
                return;
            }
        } catch (IllegalArgumentException e) {
            // refused below like any other type
        }
        throw new Refused(
                415,
                "The content type (%s) must be %s%s."
                        .formatted(
                                shown(type, "none"),
                                wanted,
                                wanted.equals(MediaType.APPLICATION_JSON) ? ", in UTF-8" : ""));
    }
}
