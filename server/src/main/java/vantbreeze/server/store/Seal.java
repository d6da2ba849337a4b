package vantbreeze.server.store;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * What was last known of the database file, kept beside it in one line. While the application runs the file only grows, so
 * a shorter one has been cut; a file that was closed has to be the same to the byte.
 *
 * @param length bytes that were surely on the disk
 * @param packed bytes that it had when it held nothing but what counts; 0 if nobody knows
 * @param schema version of the tables
 * @param sha256 of the closed file; empty while the application runs
 */
record Seal(long length, long packed, String schema, String sha256) {

    private static final Pattern LINE =
            Pattern.compile("length=(\\d{1,18}) packed=(\\d{1,18}) schema=(\\w*) sha256=([0-9a-f]*)\\s*");

    boolean isClosed() {
        return !sha256.isEmpty();
    }

    /** @return none also where a power cut left nothing readable */
    static Optional<Seal> read(Path file) throws IOException {
        if (!Files.exists(file)) {
            return Optional.empty();
        }
        Matcher line = LINE.matcher(new String(Files.readAllBytes(file), StandardCharsets.ISO_8859_1));
        return line.matches()
                ? Optional.of(new Seal(
                        Long.parseLong(line.group(1)), Long.parseLong(line.group(2)), line.group(3), line.group(4)))
                : Optional.empty();
    }

    /** In one write: a process that is killed leaves the line before it or this one. */
    void write(Path file) throws IOException {
        Files.writeString(file, "length=%d packed=%d schema=%s sha256=%s%n".formatted(length, packed, schema, sha256));
    }
}
