package vantbreeze.server.web;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.security.SecureRandom;
import java.util.HexFormat;
import org.springframework.core.io.ClassPathResource;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;

/** The one page of the application, at all its addresses. Styles that its libraries make carry what only this page knows. */
@Controller
class IndexPage {

    private static final ClassPathResource PAGE = new ClassPathResource("static/index.html");
    private static final String NONCE = "%style-nonce%";
    private static final int NONCE_BYTES = 16;

    private final SecureRandom chance = new SecureRandom();

    @GetMapping({
        "/",
        "/index.html",
        "/projects",
        "/papers",
        "/log",
        "/cutter",
        "/bench/{id}",
        "/bench/{id}/layers",
        "/bench/{id}/post",
        "/bench/{id}/cutting",
        "/bench/{id}/make"
    })
    ResponseEntity<String> page(HttpServletResponse response) throws IOException {
        if (!PAGE.exists()) {
            throw new NotFound("page; the front end has not been built");
        }
        byte[] bytes = new byte[NONCE_BYTES];
        chance.nextBytes(bytes);
        String nonce = HexFormat.of().formatHex(bytes);
        response.setHeader("Content-Security-Policy", RequestGuard.policy(nonce));
        return ResponseEntity.ok()
                .cacheControl(CacheControl.noStore())
                .contentType(new MediaType(MediaType.TEXT_HTML, StandardCharsets.UTF_8))
                .body(PAGE.getContentAsString(StandardCharsets.UTF_8).replace(NONCE, nonce));
    }
}
