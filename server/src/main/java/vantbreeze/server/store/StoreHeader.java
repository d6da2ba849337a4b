package vantbreeze.server.store;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** The beginning and the end of a database file, as far as they tell whether it is whole (H2 documentation, MVStore, file format). */
final class StoreHeader {

    private static final int BLOCK = 4096;
    private static final int FOOTER = 128;
    private static final int HEX = 16;

    private StoreHeader() {}

    /** Whether the database was closed properly and the last part it wrote then is still in the file. */
    static boolean tellsOfAProperEnd(Path file) throws IOException {
        try (FileChannel channel = FileChannel.open(file, StandardOpenOption.READ)) {
            String header = text(channel, 0);
            long block = number(header, "block");
            if (number(header, "clean") != 1 || block < 0) {
                return false;
            }
            String chunk = text(channel, block * BLOCK);
            long blocks = number(chunk, "len");
            return number(chunk, "chunk") == number(header, "chunk")
                    && blocks > 0
                    && (block + blocks) * BLOCK == channel.size();
        }
    }

    /** Whether the last part that was written is there to its end. */
    static boolean endsWithAWholePart(Path file) throws IOException {
        try (FileChannel channel = FileChannel.open(file, StandardOpenOption.READ)) {
            long size = channel.size();
            if (size % BLOCK != 0) {
                return false;
            }
            String footer = text(channel, size - FOOTER);
            long blocks = number(footer, "len");
            return blocks > 0
                    && blocks * BLOCK < size
                    && number(footer, "chunk") >= 0
                    && number(text(channel, size - blocks * BLOCK), "chunk") == number(footer, "chunk");
        }
    }

    private static String text(FileChannel channel, long at) throws IOException {
        ByteBuffer bytes = ByteBuffer.allocate(BLOCK);
        int length = Math.max(0, channel.read(bytes, at));
        String text = new String(bytes.array(), 0, length, StandardCharsets.ISO_8859_1);
        return text.lines().findFirst().orElse("");
    }

    /** @return -1 where it is not there */
    private static long number(String header, String key) {
        Matcher number = Pattern.compile("(?:^|,)%s:([0-9a-f]{1,15})(?:,|$)".formatted(key))
                .matcher(header);
        return number.find() ? Long.parseLong(number.group(1), HEX) : -1;
    }
}
