package vantbreeze.server.store;

import com.zaxxer.hikari.HikariConfig;
import com.zaxxer.hikari.HikariDataSource;
import java.io.IOException;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.LocalDate;
import java.util.List;
import java.util.concurrent.atomic.AtomicLong;
import java.util.concurrent.locks.ReadWriteLock;
import java.util.concurrent.locks.ReentrantReadWriteLock;
import java.util.function.Supplier;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.jdbc.datasource.AbstractDataSource;

/**
 * The database while the application runs. What is called kept is on the disk, a database that failed is opened anew by
 * itself, and one that has grown is packed while nobody waits for it.
 */
final class Database extends AbstractDataSource implements AutoCloseable {

    private static final Logger LOG = LoggerFactory.getLogger(Database.class);

    private static final int CONNECTIONS = 10;
    private static final long ALLOWED_WASTE = 4L << 20;
    private static final int WASTEFUL = 4;
    private static final long WASTE_AT_CLOSE = 64L << 10;

    private final DataFolder folder;
    private final DatabaseFile file;
    private final List<String> found;

    /** Shared by whoever uses the database; alone is who closes and opens it. */
    private final ReadWriteLock use = new ReentrantReadWriteLock();

    private final Object syncing = new Object();
    private final AtomicLong syncsAsked = new AtomicLong();
    private long syncsDone;

    private HikariDataSource pool;

    /** Keeps the file open, and syncs it beside the transactions. */
    private Connection keeper;

    private long packed;

    /** Cards and revisions that are surely on the disk. */
    private volatile long rows;

    private volatile Throwable failure;

    /** While the disk is full nothing can be kept, but all of it can be shown. */
    private volatile boolean canOnlyBeRead;

    private volatile long lastUse = System.nanoTime();

    /** @throws StartRefusal if the file cannot be used; it is as it was then */
    Database(DataFolder folder, String files) {
        this.folder = folder;
        this.file = new DatabaseFile(folder, files);
        DatabaseFile.Prepared prepared = file.prepare();
        this.found = prepared.found();
        this.packed = prepared.packed();
        try {
            open(false);
            sync();
        } catch (SQLException | StoreFailure e) {
            throw new StartRefusal(
                    "The database in %s cannot be opened: %s.".formatted(folder.path(), StoreFailure.reason(e)));
        }
    }

    private void open(boolean toRead) throws SQLException {
        keeper = file.connect(toRead);
        HikariConfig config = new HikariConfig();
        config.setDataSource(new AbstractDataSource() {
            @Override
            public Connection getConnection() throws SQLException {
                return file.connect(toRead);
            }

            @Override
            public Connection getConnection(String user, String password) throws SQLException {
                return file.connect(toRead);
            }
        });
        config.setMaximumPoolSize(CONNECTIONS);
        config.setMinimumIdle(1);
        pool = new HikariDataSource(config);
    }

    @Override
    public Connection getConnection() throws SQLException {
        return pool.getConnection();
    }

    @Override
    public Connection getConnection(String user, String password) throws SQLException {
        return getConnection();
    }

    /** What was found when the file was opened. */
    List<String> found() {
        return found;
    }

    /** Why it does not work; null while it does. */
    Throwable failure() {
        return failure;
    }

    DataFolder folder() {
        return folder;
    }

    /** What has gone wrong until it is opened anew; the next who needs it tries that first. */
    StoreFailure failed(Throwable why) {
        if (failure == null) {
            LOG.error("The database failed", why);
        }
        failure = why;
        return new StoreFailure(why);
    }

    /** Runs what reads the database; one that can only be read will do. */
    <T> T reading(Supplier<T> work) {
        if (failure != null && !canOnlyBeRead) {
            reopenToRead();
        }
        return shared(work);
    }

    /** Runs what writes to the database; one that failed is opened anew first. */
    <T> T writing(Supplier<T> work) {
        if (failure != null) {
            reopen();
        }
        return shared(work);
    }

    private void reopenToRead() {
        try {
            reopen();
        } catch (StoreFailure e) {
            if (!canOnlyBeRead) {
                throw e;
            }
        }
    }

    private <T> T shared(Supplier<T> work) {
        use.readLock().lock();
        try {
            lastUse = System.nanoTime();
            return work.get();
        } finally {
            use.readLock().unlock();
        }
    }

    /**
     * Returns when everything committed before is on the disk. A write that returned is only in the machine's memory: the
     * database syncs at a checkpoint alone. Whoever comes while a sync runs shares the next one.
     */
    void sync() {
        long mine = syncsAsked.incrementAndGet();
        synchronized (syncing) {
            if (syncsDone >= mine) {
                return;
            }
            long covered = syncsAsked.get();
            try (Statement statement = keeper.createStatement()) {
                statement.execute("checkpoint sync");
                rows = DatabaseFile.rows(keeper);
                file.seal(packed, rows, false);
            } catch (SQLException | IOException e) {
                throw failed(e);
            }
            syncsDone = covered;
        }
    }

    private void reopen() {
        use.writeLock().lock();
        try {
            if (failure == null) {
                return;
            }
            shut("shutdown immediately");
            canOnlyBeRead = false;
            open(false);
            check();
            failure = null;
            LOG.info("The database works again.");
        } catch (SQLException | RuntimeException e) {
            openToRead();
            throw failed(e);
        } finally {
            use.writeLock().unlock();
        }
    }

    private void openToRead() {
        shut("shutdown immediately");
        try {
            open(true);
            canOnlyBeRead = true;
        } catch (SQLException | RuntimeException e) {
            LOG.debug("It cannot be read either", e);
        }
    }

    private void check() throws SQLException {
        try (Statement statement = keeper.createStatement()) {
            statement.execute("select count(*) from project");
            statement.execute("checkpoint sync");
        }
    }

    /** Whether it answers now; tries to open it anew if it did not. */
    boolean works() {
        try {
            writing(() -> null);
            return failure == null;
        } catch (StoreFailure e) {
            return false;
        }
    }

    private void shut(String how) {
        pool.close();
        try (Connection closing = keeper;
                Statement statement = closing.createStatement()) {
            statement.execute(how);
        } catch (SQLException e) {
            LOG.debug("It was closed already", e);
        }
    }

    boolean isQuietFor(long nanoseconds) {
        return System.nanoTime() - lastUse > nanoseconds;
    }

    boolean isWasteful() throws IOException {
        return file.length() > Math.max(ALLOWED_WASTE, WASTEFUL * packed);
    }

    /** Closes, packs and opens it while everyone waits. */
    void pack() {
        use.writeLock().lock();
        try {
            shut("shutdown");
            try {
                file.pack();
                packed = file.length();
            } finally {
                open(false);
            }
            file.seal(packed, rows, false);
        } catch (SQLException | IOException | RuntimeException e) {
            throw failed(e);
        } finally {
            use.writeLock().unlock();
        }
    }

    /** Makes the copy of that day, unless there is one or something is wrong with what would be copied. */
    void copy(LocalDate day) throws IOException, SQLException {
        use.readLock().lock();
        try (Statement statement = keeper.createStatement()) {
            if (failure == null && found.isEmpty()) {
                Copies.make(folder, day, statement);
            }
        } finally {
            use.readLock().unlock();
        }
    }

    /** Closes and packs it, and seals the file. */
    @Override
    public void close() {
        use.writeLock().lock();
        try {
            boolean worked = failure == null;
            shut("shutdown");
            if (!worked) {
                return;
            }
            if (file.length() > packed + Math.max(WASTE_AT_CLOSE, packed / 4)) {
                file.pack();
                packed = file.length();
            }
            file.seal(packed, rows, true);
        } catch (IOException | RuntimeException e) {
            LOG.error("The database was closed, but not packed and sealed", e);
        } finally {
            use.writeLock().unlock();
        }
    }
}
