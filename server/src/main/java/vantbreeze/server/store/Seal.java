package vantbreeze.server.store;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
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
 * @param rows cards and their revisions that were surely in it: there are never fewer of them; 0 if nobody knows
 * @param sha256 of the closed file; empty while the application runs
 */
record Seal(long length, long packed, String schema, long rows, String sha256) {

    /** All seals are of one length, so that one is written over another in one piece. */
    private static final int BYTES = 256;

    private static final Pattern LINE = Pattern.compile(
            "length=(\\d{1,18}) packed=(\\d{1,18}) schema=(\\w*)(?: rows=(\\d{1,18}))? sha256=([0-9a-f]*)\\s*");

    boolean isClosed() {
        return !sha256.isEmpty();
    }

    /** @return none also where there is nothing readable */
    static Optional<Seal> read(Path file) throws IOException {
        if (!Files.exists(file)) {
            return Optional.empty();
        }
        Matcher line = LINE.matcher(new String(Files.readAllBytes(file), StandardCharsets.ISO_8859_1));
        return line.matches()
                ? Optional.of(new Seal(
                        Long.parseLong(line.group(1)),
                        Long.parseLong(line.group(2)),
                        line.group(3),
                        line.group(4) == null ? 0 : Long.parseLong(line.group(4)),
                        line.group(5)))
                : Optional.empty();
    }

    /** In one write, over what was there: a process that is killed and a power cut leave the line before it or this one. */
    void write(Path file) throws IOException {
        String line = "length=%d packed=%d schema=%s rows=%d sha256=%s".formatted(length, packed, schema, rows, sha256);
        byte[] bytes = "%%-%ds%%n".formatted(BYTES - 1).formatted(line).getBytes(StandardCharsets.ISO_8859_1);
        try (FileChannel channel = FileChannel.open(file, StandardOpenOption.CREATE, StandardOpenOption.WRITE)) {
            channel.write(ByteBuffer.wrap(bytes), 0);
        }
    }
}
