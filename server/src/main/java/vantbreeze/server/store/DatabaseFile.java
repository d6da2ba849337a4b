package vantbreeze.server.store;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFileAttributeView;
import java.nio.file.attribute.PosixFilePermission;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.MigrationVersion;
import org.h2.mvstore.MVStore;

/**
 * The file of the database while nobody has it open: looked at, brought up to date, packed. Whatever is done to it is done
 * to a copy that takes its place when it is finished, so an update that is cut short has never begun.
 */
final class DatabaseFile {

    /**
     * WRITE_DELAY=0: each commit is in the file before it returns. REUSE_SPACE=FALSE: nothing that a commit wrote is
     * written over. No packing while closing: that is done to a copy, by {@link #pack}.
     */
    private static final String SETTINGS =
            ";WRITE_DELAY=0;REUSE_SPACE=FALSE;MAX_COMPACT_TIME=0;DB_CLOSE_ON_EXIT=FALSE;LOCK_TIMEOUT=20000";

    private static final String USER = "vantbreeze";
    private static final String SUFFIX = ".mv.db";

    private static final String CHANGED =
            "The database file was changed by something else than Vantbreeze since it was last"
                    + " closed. It could be read; look at your cards, and keep the copies in %s.";

    /** Two store headers; a database without them has lost its beginning (H2, MVStore file format). */
    private static final long SHORTEST = 2 * 4096;

    private final DataFolder folder;
    private final String files;
    private final String schema = newestSchema();

    /** @param files the database's name for the file system, such as "file" for the machine's own */
    DatabaseFile(DataFolder folder, String files) {
        this.folder = folder;
        this.files = files;
    }

    /** @param toRead where there is no room to write */
    Connection connect(boolean toRead) throws SQLException {
        return DriverManager.getConnection(
                address(folder.database()) + (toRead ? ";ACCESS_MODE_DATA=r" : ""), USER, "");
    }

    private Connection connect(Path file) throws SQLException {
        return DriverManager.getConnection(address(file), USER, "");
    }

    private String address(Path file) {
        String stem = file.toString();
        return "jdbc:h2:%s:%s%s".formatted(files, stem.substring(0, stem.length() - SUFFIX.length()), SETTINGS);
    }

    /**
     * A file that is ready to be opened.
     *
     * @param found what the maker has to know about it; usually nothing
     * @param packed bytes it had when it held nothing but what counts; 0 if nobody knows
     */
    record Prepared(List<String> found, long packed) {}

    /**
     * Makes the file ready to be opened: there, whole, with the tables of this version.
     *
     * @throws StartRefusal if it cannot be used; the file is as it was then
     */
    Prepared prepare() {
        try {
            Files.deleteIfExists(folder.workingCopy());
            Optional<Seal> seal = Seal.read(folder.seal());
            requireUsable(seal);
            Optional<Seal> closed = seal.filter(Seal::isClosed);
            boolean untouched = closed.isPresent() && isAsClosed(closed.get());
            boolean isShorter = seal.isPresent()
                    && Files.size(folder.database()) < seal.get().length();
            long rows = seal.map(Seal::rows).orElse(0L);
            if (!untouched || !closed.get().schema().equals(schema)) {
                rows = workOnCopy(seal);
            }
            long packed = seal.map(Seal::packed).orElse(0L);
            seal(packed, rows, false);
            Durably.keep(folder.seal());
            return new Prepared(
                    untouched || closed.isEmpty() && !isShorter
                            ? List.of()
                            : List.of(CHANGED.formatted(folder.copies())),
                    packed);
        } catch (IOException e) {
            throw new StartRefusal(
                    "The data folder %s cannot be used: %s.".formatted(folder.path(), StoreFailure.reason(e)));
        }
    }

    private boolean isAsClosed(Seal seal) throws IOException {
        return Files.size(folder.database()) == seal.length()
                && Digest.of(folder.database()).equals(seal.sha256());
    }

    /** Looks without changing anything. */
    private void requireUsable(Optional<Seal> seal) throws IOException {
        Path file = folder.database();
        if (!Files.exists(file)) {
            if (seal.isPresent()) {
                throw damaged("is missing");
            }
            return;
        }
        long length = Files.size(file);
        if (length == 0) {
            throw damaged("is empty");
        }
        if (length < SHORTEST) {
            throw damaged("is cut short: it has %d bytes".formatted(length));
        }
        if (seal.isPresent() && length < seal.get().length() && !StoreHeader.tellsOfAProperEnd(file)) {
            throw damaged("is cut short: it has %,d of %,d bytes"
                    .formatted(length, seal.get().length()));
        }
        if (seal.isEmpty() && !StoreHeader.endsWithAWholePart(file)) {
            throw damaged("has lost its end");
        }
        if (!isWritable(file)) {
            throw new StartRefusal(
                    "The database file %s may not be written; allow its owner to read and write it, and start again."
                            .formatted(file));
        }
    }

    /** Root may write what is marked as not to be written; it should not. */
    private static boolean isWritable(Path file) throws IOException {
        PosixFileAttributeView marks = Files.getFileAttributeView(file, PosixFileAttributeView.class);
        return Files.isWritable(file)
                && (marks == null || marks.readAttributes().permissions().contains(PosixFilePermission.OWNER_WRITE));
    }

    private StartRefusal damaged(String how) {
        return new StartRefusal("The database file %s %s; nothing was changed. %s"
                .formatted(folder.database(), how, Copies.advice(folder)));
    }

    private static final int OPENED_AGAIN = 3;

    /** @return how many cards and revisions are in it */
    private long workOnCopy(Optional<Seal> seal) throws IOException {
        Path copy = folder.workingCopy();
        boolean isNew = !Files.exists(folder.database());
        long rows;
        try {
            if (!isNew) {
                Files.copy(folder.database(), copy);
            }
            try (Connection held = connect(copy)) {
                migrate(copy);
                readEverything(held);
                rows = rows(held);
            }
            /* Some damage shows only when it is opened once more, or once more again: each opening tidies up a little. */
            for (int i = 0; i < OPENED_AGAIN; i++) {
                try (Connection again = connect(copy)) {
                    readEverything(again);
                }
            }
            requireNotEmptied(isNew, seal, rows);
            Durably.replace(copy, folder.database());
            return rows;
        } catch (StartRefusal e) {
            throw e;
        } catch (SQLException | RuntimeException e) {
            String reason = StoreFailure.reason(e);
            throw StoreFailure.isFull(e)
                    ? new StartRefusal("The disk of %s is full (%s); nothing was changed. Make room and start again."
                            .formatted(folder.path(), reason))
                    : damaged("cannot be read (%s)".formatted(reason));
        } finally {
            Files.deleteIfExists(copy);
        }
    }

    /** What held cards does not begin again without any: an end that was lost leaves a table that is whole, and older. */
    private void requireNotEmptied(boolean isNew, Optional<Seal> seal, long rows) throws IOException {
        long before = seal.map(Seal::rows).orElse(0L);
        if (rows == 0 && before > 0) {
            throw damaged("has lost all of its %,d cards and revisions".formatted(before));
        }
        if (rows == 0 && !isNew && seal.isEmpty() && Copies.newest(folder).isPresent()) {
            throw damaged("holds no card");
        }
        if (rows < before && !StoreHeader.tellsOfAProperEnd(folder.database())) {
            throw damaged("has lost its end: %,d of %,d cards and revisions are in it".formatted(rows, before));
        }
    }

    /** Cards and revisions: none of them is ever taken away. */
    static long rows(Connection connection) throws SQLException {
        try (Statement statement = connection.createStatement();
                ResultSet counted = statement.executeQuery(
                        "select (select count(*) from project) + (select count(*) from revision)")) {
            counted.next();
            return counted.getLong(1);
        }
    }

    /** Failed marks of earlier versions are taken out first: every script can be run again. */
    private void migrate(Path file) {
        Flyway flyway = Flyway.configure().dataSource(address(file), USER, "").load();
        flyway.repair();
        flyway.migrate();
    }

    /** A damaged page shows when it is read. */
    private static void readEverything(Connection connection) throws SQLException {
        List<String> tables = new ArrayList<>();
        try (Statement statement = connection.createStatement();
                ResultSet names = statement.executeQuery(
                        "select table_name from information_schema.tables where table_schema = 'PUBLIC'")) {
            while (names.next()) {
                tables.add(names.getString(1));
            }
        }
        for (String table : tables) {
            try (Statement statement = connection.createStatement();
                    ResultSet rows = statement.executeQuery("select * from \"%s\"".formatted(table))) {
                while (rows.next()) {
                    for (int column = 1; column <= rows.getMetaData().getColumnCount(); column++) {
                        rows.getString(column);
                    }
                }
            }
        }
    }

    /** @return the version of the tables that this application brings */
    static String newestSchema() {
        MigrationVersion newest = MigrationVersion.EMPTY;
        for (var migration : Flyway.configure()
                .dataSource("jdbc:h2:mem:", USER, "")
                .load()
                .info()
                .all()) {
            if (migration.getVersion().isNewerThan(newest.getVersion())) {
                newest = migration.getVersion();
            }
        }
        return newest.getVersion();
    }

    long length() throws IOException {
        return Files.size(folder.database());
    }

    /** Writes the file anew without what no longer counts. It must be closed. */
    void pack() throws IOException {
        Path packed = folder.workingCopy();
        try {
            MVStore.compact(files + ":" + folder.database(), files + ":" + packed, false, null);
            Durably.replace(packed, folder.database());
        } finally {
            Files.deleteIfExists(packed);
        }
    }

    /** The seal of an open file is written at every commit, that of a closed one once. */
    void seal(long packed, long rows, boolean closed) throws IOException {
        new Seal(length(), packed, schema, rows, closed ? Digest.of(folder.database()) : "").write(folder.seal());
    }
}
