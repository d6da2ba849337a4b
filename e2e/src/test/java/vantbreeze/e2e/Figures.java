package vantbreeze.e2e;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** What torture found, at the end of docs/reliability.md. */
final class Figures {

    private static final Path REPORT = Path.of("..", "docs", "reliability.md");
    private static final String BEGIN = "<!-- figures of ./vantbreeze torture -->";
    private static final List<String> FOUND = new ArrayList<>();

    private Figures() {}

    static void add(String sentence, Object... numbers) {
        FOUND.add(String.format(Locale.ROOT, sentence, numbers));
    }

    /** All that has been found so far. */
    static void write() throws IOException {
        String page = Files.readString(REPORT);
        int at = page.indexOf(BEGIN);
        StringBuilder figures = new StringBuilder(BEGIN)
                .append("\n\nOf ")
                .append(LocalDate.now())
                .append(":\n\n");
        FOUND.stream().sorted().forEach(f -> figures.append("- ").append(f).append('\n'));
        Files.writeString(REPORT, page.substring(0, at < 0 ? page.length() : at) + figures);
    }
}
