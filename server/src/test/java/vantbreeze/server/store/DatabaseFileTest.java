package vantbreeze.server.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.PosixFilePermissions;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.LocalDate;
import java.util.Random;
import java.util.stream.IntStream;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.MigrationVersion;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What becomes of a database file that is old, cut short, changed or half brought up to date. */
class DatabaseFileTest {

    @TempDir
    private Path path;

    private DataFolder folder;

    @BeforeEach
    void aFolder() {
        folder = new DataFolder(path);
    }

    private static void run(Connection connection, String sql) throws SQLException {
        try (Statement statement = connection.createStatement()) {
            statement.execute(sql);
        }
    }

    private static int count(Connection connection, String table) throws SQLException {
        try (Statement statement = connection.createStatement();
                ResultSet count = statement.executeQuery("select count(*) from " + table)) {
            count.next();
            return count.getInt(1);
        }
    }

    private static void keep(Database database, String id) throws SQLException {
        try (Connection connection = database.getConnection()) {
            run(
                    connection,
                    "insert into project (id, name, version, created_at, updated_at)"
                            + " values ('%s', '%s', 0, now(), now())".formatted(id, "x".repeat(80)));
        }
        database.sync();
    }

    /** @return the file as it is after a proper end */
    private byte[] filled() throws SQLException, IOException {
        try (Database database = new Database(folder, "file")) {
            for (int i = 0; i < 20; i++) {
                keep(database, "p" + i);
            }
        }
        return Files.readAllBytes(folder.database());
    }

    /** The start is refused in one sentence with these words, and nothing in the folder changes. */
    private void assertRefused(String... words) throws IOException {
        byte[] before = Files.exists(folder.database()) ? Files.readAllBytes(folder.database()) : null;
        assertThatThrownBy(() -> new Database(folder, "file"))
                .isInstanceOf(StartRefusal.class)
                .message()
                .contains(words)
                .hasLineCount(1);
        assertThat(Files.exists(folder.database()) ? Files.readAllBytes(folder.database()) : null)
                .isEqualTo(before);
        assertThat(folder.workingCopy()).doesNotExist();
    }

    @Test
    void aFileThatLostItsContentIsNoNewTable() throws Exception {
        filled();
        Files.write(folder.database(), new byte[0]);
        assertRefused("is empty", "There is no copy yet");
        Files.write(folder.database(), new byte[100]);
        assertRefused("is cut short: it has 100 bytes");
        Files.delete(folder.database());
        assertRefused("is missing");
    }

    @Test
    void aFileThatWasCutIsToldWhetherItWasClosedOrNot() throws Exception {
        byte[] closed = filled();
        Files.write(folder.database(), java.util.Arrays.copyOf(closed, closed.length - 4096));
        assertRefused("is cut short", "%,d bytes".formatted(closed.length));
        Files.write(folder.database(), closed);
        try (Database running = new Database(folder, "file")) {
            keep(running, "later");
            byte[] open = Files.readAllBytes(folder.database());
            DataFolder other = new DataFolder(Files.createDirectory(path.resolve("other")));
            Files.write(other.database(), java.util.Arrays.copyOf(open, open.length - 1));
            Files.copy(folder.seal(), other.seal());
            assertThatThrownBy(() -> new Database(other, "file")).hasMessageContaining("is cut short");
        }
    }

    /** Cut anywhere, with its seal or without, a file that held cards never begins again without any. */
    @Test
    void aFileThatLostItsEndNeverStartsEmpty() throws Exception {
        byte[] closed = filled();
        byte[] seal = Files.readAllBytes(folder.seal());
        byte[] open;
        byte[] openSeal;
        try (Database running = new Database(folder, "file")) {
            keep(running, "later");
            open = Files.readAllBytes(folder.database());
            openSeal = Files.readAllBytes(folder.seal());
        }
        Random chance = new Random(22);
        for (int round = 0; round < 32; round++) {
            boolean wasClosed = chance.nextBoolean();
            boolean isSealed = round % 2 == 0;
            byte[] whole = wasClosed ? closed : open;
            int length = chance.nextInt(whole.length);
            boolean atBlock = chance.nextBoolean();
            byte[] cut = java.util.Arrays.copyOf(whole, atBlock ? length / 4096 * 4096 : length);
            DataFolder other = new DataFolder(Files.createDirectory(path.resolve("cut" + round)));
            Files.write(other.database(), cut);
            if (isSealed) {
                Files.write(other.seal(), wasClosed ? seal : openSeal);
            }
            Files.createDirectories(other.copies());
            Files.write(other.copies().resolve("vantbreeze-2026-11-30.zip"), new byte[1]);
            try (Database started = new Database(other, "file");
                    Connection connection = started.getConnection()) {
                assertThat(count(connection, "project")).as("round %d", round).isPositive();
            } catch (StartRefusal refused) {
                assertThat(refused).message().contains("nothing was changed", "vantbreeze-2026-11-30.zip");
                assertThat(Files.readAllBytes(other.database())).isEqualTo(cut);
            }
        }
    }

    /** The copy of a day is of a file that is open: unpacked in its place, without a seal, it is taken. */
    @Test
    void theCopyOfADayIsTaken() throws Exception {
        try (Database database = new Database(folder, "file")) {
            keep(database, "a");
            database.copy(LocalDate.parse("2026-11-30"));
        }
        DataFolder other = new DataFolder(Files.createDirectory(path.resolve("other")));
        try (java.util.zip.ZipFile zip = new java.util.zip.ZipFile(
                folder.copies().resolve("vantbreeze-2026-11-30.zip").toFile())) {
            Files.copy(zip.getInputStream(zip.entries().nextElement()), other.database());
        }
        try (Database database = new Database(other, "file");
                Connection connection = database.getConnection()) {
            assertThat(count(connection, "project")).isEqualTo(1);
        }
    }

    /** Somebody opened it with the database's own tools and closed it properly: it is shorter, but whole. */
    @Test
    void aFileThatAnotherProgramClosedIsOpenedAndTold() throws Exception {
        byte[] closed = filled();
        try (Connection connection = open()) {
            run(connection, "delete from project where id <> 'p1'");
            run(connection, "shutdown compact");
        }
        assertThat(Files.size(folder.database())).isLessThan(closed.length);
        try (Database database = new Database(folder, "file");
                Connection connection = database.getConnection()) {
            assertThat(count(connection, "project")).isEqualTo(1);
            assertThat(database.found()).singleElement().asString().contains("was changed by something else");
        }
    }

    /** A bad sector somewhere: the start is refused, or it is said that the file was changed; never silence. */
    @Test
    void flippedBytesAreFoundAndTold() throws Exception {
        byte[] whole = filled();
        Random chance = new Random(7);
        int told = 0;
        for (int round = 0; round < 40; round++) {
            byte[] flipped = whole.clone();
            flipped[chance.nextInt(flipped.length)] ^= (byte) (1 << chance.nextInt(8));
            Files.write(folder.database(), flipped);
            byte[] seal = Files.readAllBytes(folder.seal());
            try (Database database = new Database(folder, "file")) {
                assertThat(database.found()).singleElement().asString().contains("was changed");
                told++;
            } catch (StartRefusal refused) {
                assertThat(refused)
                        .message()
                        .containsAnyOf("cannot be read", "has lost")
                        .hasLineCount(1);
                assertThat(Files.readAllBytes(folder.database())).isEqualTo(flipped);
            }
            Files.write(folder.seal(), seal);
        }
        assertThat(told).isBetween(1, 39);
    }

    @Test
    void aFileThatMayNotBeWrittenIsRefused() throws Exception {
        filled();
        Files.setPosixFilePermissions(folder.database(), PosixFilePermissions.fromString("r--r--r--"));
        assertRefused("may not be written");
    }

    @Test
    void rubbishIsRefused() throws Exception {
        byte[] rubbish = new byte[100_000];
        new Random(3).nextBytes(rubbish);
        Files.write(folder.database(), rubbish);
        assertRefused("has lost its end");
    }

    private void atVersion(String version) throws SQLException {
        Flyway.configure()
                .dataSource("jdbc:h2:file:" + path.resolve("vantbreeze"), "vantbreeze", "")
                .target(MigrationVersion.fromVersion(version))
                .load()
                .migrate();
    }

    private Connection open() throws SQLException {
        return DriverManager.getConnection("jdbc:h2:file:" + path.resolve("vantbreeze"), "vantbreeze", "");
    }

    /** Versions before this one worked on the file itself: killed in between they left tables without their mark. */
    @Test
    void anUpdateThatAnEarlierVersionLeftHalfDoneIsFinished() throws Exception {
        atVersion("1");
        try (Connection connection = open()) {
            run(
                    connection,
                    "insert into project (id, name, version, created_at, updated_at) values ('a', 'Kept', 0, now(), now())");
            run(
                    connection,
                    "create table own_fold (id varchar(36) primary key, name varchar(80) not null,"
                            + " parameters varchar(20000) not null, created_at timestamp with time zone not null,"
                            + " deleted_at timestamp with time zone)");
            run(
                    connection,
                    "insert into \"flyway_schema_history\" values"
                            + " (2, '2', 'own folds', 'SQL', 'V2__own_folds.sql', 0, 'vantbreeze', now(), 1, false)");
        }
        try (Database database = new Database(folder, "file");
                Connection connection = database.getConnection()) {
            assertThat(count(connection, "project")).isEqualTo(1);
            assertThat(count(connection, "postal_row")).isZero();
            assertThat(database.found()).isEmpty();
        }
    }

    /** Whatever moment of an update a kill leaves: the old file is as it was, and the next start does the update. */
    @Test
    void anUpdateThatIsCutShortHasNeverBegun() throws Exception {
        atVersion("2");
        try (Connection connection = open()) {
            run(
                    connection,
                    "insert into project (id, name, version, created_at, updated_at) values ('a', 'Kept', 0, now(), now())");
        }
        byte[] old = Files.readAllBytes(folder.database());
        FaultyDisk.plugIn();
        FaultyDisk.fill();
        try {
            assertThatThrownBy(() -> new Database(folder, FaultyDisk.NAME)).hasMessageContaining("is full");
        } finally {
            FaultyDisk.makeRoom();
        }
        assertThat(Files.readAllBytes(folder.database())).isEqualTo(old);
        Files.write(folder.workingCopy(), java.util.Arrays.copyOf(old, old.length / 2));
        try (Database database = new Database(folder, "file");
                Connection connection = database.getConnection()) {
            assertThat(count(connection, "project")).isEqualTo(1);
        }
    }

    @Test
    void anUntouchedFileIsOpenedAsItIs() throws Exception {
        filled();
        Seal seal = Seal.read(folder.seal()).orElseThrow();
        assertThat(seal.isClosed()).isTrue();
        assertThat(seal.schema()).isEqualTo(DatabaseFile.newestSchema());
        assertThat(new DatabaseFile(folder, "file").prepare().found()).isEmpty();
        assertThat(Digest.of(folder.database())).isEqualTo(seal.sha256());
    }

    /** SHA-256 of "abc": FIPS 180-2, appendix B.1. */
    @Test
    void digestsAreThoseOfTheStandard() throws IOException {
        String abc = "ba7816bf8f01cfea414140de5dae2223b00361a396177a9cb410ff61f20015ad";
        assertThat(Digest.of("abc")).isEqualTo(abc);
        Path file = Files.writeString(path.resolve("abc"), "abc", StandardOpenOption.CREATE);
        assertThat(Digest.of(file)).isEqualTo(abc);
    }

    @Test
    void sevenDaysOfUseAreKept() throws Exception {
        try (Database database = new Database(folder, "file")) {
            keep(database, "a");
            LocalDate first = LocalDate.of(2026, 2, 20);
            for (int day : IntStream.range(0, 10).toArray()) {
                database.copy(first.plusDays(day));
                database.copy(first.plusDays(day));
            }
            assertThat(Copies.newestFirst(folder))
                    .extracting(copy -> copy.getFileName().toString())
                    .hasSize(7)
                    .startsWith("vantbreeze-2026-03-01.zip")
                    .endsWith("vantbreeze-2026-02-23.zip");
        }
        assertCopyIsWhole(Copies.newestFirst(folder).get(0));
    }

    /** Each commit grows the file; closed, it holds little but what counts. */
    @Test
    void itIsPackedWhenItIsClosed() throws Exception {
        long open;
        try (Database database = new Database(folder, "file")) {
            for (int i = 0; i < 60; i++) {
                keep(database, "p" + i);
            }
            open = Files.size(folder.database());
            assertThat(database.isWasteful()).isFalse();
        }
        assertThat(Files.size(folder.database())).isLessThan(open / 4);
        try (Database database = new Database(folder, "file");
                Connection connection = database.getConnection()) {
            assertThat(count(connection, "project")).isEqualTo(60);
        }
    }

    private void assertCopyIsWhole(Path copy) throws IOException, SQLException {
        DataFolder other = new DataFolder(Files.createDirectory(path.resolve("other")));
        try (var zip = java.nio.file.FileSystems.newFileSystem(copy)) {
            Files.copy(zip.getPath("/vantbreeze.mv.db"), other.database());
        }
        try (Database database = new Database(other, "file");
                Connection connection = database.getConnection()) {
            assertThat(count(connection, "project")).isEqualTo(1);
        }
    }
}
