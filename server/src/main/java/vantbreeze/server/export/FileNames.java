package vantbreeze.server.export;

import java.nio.charset.StandardCharsets;
import org.springframework.http.ContentDisposition;

/** Names of files made from what a maker calls a card, that every system takes. */
final class FileNames {

    private static final int LONGEST = 80;

    private FileNames() {}

    /** Without what some file system gives a meaning of its own, and never one of its reserved names. */
    static String safe(String name) {
        String safe = name.replaceAll("[\\p{Cntrl}<>:\"/\\\\|?*]", " ")
                .replaceAll("\\s+", " ")
                .strip()
                .replaceAll("[. ]+$", "")
                .replaceAll("^\\.+", "");
        String cut = vantbreeze.server.web.Text.upTo(LONGEST, safe).strip();
        return cut.isEmpty() || cut.matches("(?i)(con|prn|aux|nul|com\\d|lpt\\d)(\\..*)?") ? "card " + cut : cut;
    }

    /** @param how inline or attachment */
    static String disposition(String how, String name, String what) {
        return ContentDisposition.builder(how)
                .filename(safe(name) + ", " + safe(what), StandardCharsets.UTF_8)
                .build()
                .toString();
    }
}
