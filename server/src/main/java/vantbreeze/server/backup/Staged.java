package vantbreeze.server.backup;

import java.io.Closeable;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.Map;
import vantbreeze.server.store.Rows;

/** Rows that had to be made anew before they can be brought in; their bytes lie in a folder meanwhile. */
final class Staged implements Closeable {

    private final Path folder;
    private final Map<String, Map<String, Object>> made = new HashMap<>();

    Staged(Path folder) {
        this.folder = folder;
    }

    void keep(Rows rows, Map<String, Object> row) {
        Map<String, Object> kept = new LinkedHashMap<>(row);
        kept.replaceAll((column, value) -> value instanceof byte[] bytes ? written(bytes) : value);
        made.put(name(rows, row), kept);
    }

    private Path written(byte[] bytes) {
        try {
            Files.createDirectories(folder);
            return Files.write(Files.createTempFile(folder, "bytes", ""), bytes);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** @return the row as it was made anew, otherwise as it came */
    Map<String, Object> of(Rows rows, Map<String, Object> row) {
        Map<String, Object> kept = made.get(name(rows, row));
        if (kept == null) {
            return row;
        }
        Map<String, Object> read = new LinkedHashMap<>(kept);
        read.replaceAll((column, value) -> value instanceof Path file ? read(file) : value);
        return read;
    }

    private static byte[] read(Path file) {
        try {
            return Files.readAllBytes(file);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static String name(Rows rows, Map<String, Object> row) {
        return rows.table() + "/" + row.get(rows.key());
    }

    @Override
    public void close() throws IOException {
        if (!Files.exists(folder)) {
            return;
        }
        try (var files = Files.list(folder)) {
            for (Path file : files.toList()) {
                Files.delete(file);
            }
        }
        Files.delete(folder);
    }
}
