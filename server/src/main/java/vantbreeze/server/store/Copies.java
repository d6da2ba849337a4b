package vantbreeze.server.store;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** A copy of the database for each day it is used; the last seven are kept. */
final class Copies {

    private static final int KEPT = 7;
    private static final String NAME = "vantbreeze-%s.zip";

    private Copies() {}

    /** Makes the copy of that day if there is none yet. */
    static void make(DataFolder folder, LocalDate day, Statement open) throws IOException, SQLException {
        Path copy = folder.copies().resolve(NAME.formatted(day));
        if (Files.exists(copy)) {
            return;
        }
        Files.createDirectories(folder.copies());
        Path growing = folder.copies().resolve("growing.zip");
        try {
            open.execute("backup to '%s'".formatted(growing.toString().replace("'", "''")));
            Durably.replace(growing, copy);
        } finally {
            Files.deleteIfExists(growing);
        }
        List<Path> all = newestFirst(folder);
        for (Path old : all.subList(Math.min(KEPT, all.size()), all.size())) {
            Files.delete(old);
        }
    }

    static List<Path> newestFirst(DataFolder folder) throws IOException {
        if (!Files.isDirectory(folder.copies())) {
            return List.of();
        }
        try (Stream<Path> files = Files.list(folder.copies())) {
            return files.filter(f -> f.getFileName().toString().matches("vantbreeze-\\d{4}-\\d\\d-\\d\\d\\.zip"))
                    .sorted(Comparator.comparing((Path f) -> f.getFileName().toString())
                            .reversed())
                    .toList();
        }
    }

    static Optional<LocalDate> newest(DataFolder folder) throws IOException {
        return newestFirst(folder).stream()
                .findFirst()
                .map(f -> LocalDate.parse(f.getFileName().toString().substring(11, 21)));
    }

    /** What to do where the database cannot be used. */
    static String advice(DataFolder folder) {
        try {
            return newestFirst(folder).stream()
                    .findFirst()
                    .map(copy -> "Move it and %s away and unpack the copy %s in its place."
                            .formatted(folder.seal().getFileName(), copy))
                    .orElse("There is no copy yet; move it and %s away to begin with an empty table."
                            .formatted(folder.seal().getFileName()));
        } catch (IOException e) {
            return "";
        }
    }
}
