package vantbreeze.server.store;

import jakarta.persistence.PersistenceException;
import java.util.concurrent.locks.Lock;
import java.util.concurrent.locks.ReentrantLock;
import java.util.function.Supplier;
import org.springframework.dao.ConcurrencyFailureException;
import org.springframework.dao.DataAccessException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.TransactionException;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * The one door to what is kept. Reading is one transaction, writing too; one writer at a time, and what it wrote is on the
 * disk when it returns. Nothing long belongs in either: a card is worked out before.
 */
@Component
public class Store {

    private final Database database;
    private final TransactionTemplate reading;
    private final TransactionTemplate readingAsOfNow;
    private final TransactionTemplate writing;
    private final Lock writer = new ReentrantLock(true);

    Store(Database database, PlatformTransactionManager transactions) {
        this.database = database;
        this.reading = new TransactionTemplate(transactions);
        this.reading.setReadOnly(true);
        this.readingAsOfNow = new TransactionTemplate(transactions);
        this.readingAsOfNow.setReadOnly(true);
        this.readingAsOfNow.setIsolationLevel(TransactionDefinition.ISOLATION_REPEATABLE_READ);
        this.writing = new TransactionTemplate(transactions);
    }

    /** @throws StoreFailure if the database does not answer */
    public <T> T read(Supplier<T> work) {
        return database.reading(guarded(() -> reading.execute(status -> work.get())));
    }

    /**
     * All that is read is of one moment, however long it takes and whatever is written meanwhile.
     *
     * @throws StoreFailure if the database does not answer
     */
    public <T> T readAsOfNow(Supplier<T> work) {
        return database.reading(guarded(() -> readingAsOfNow.execute(status -> work.get())));
    }

    /** @throws StoreFailure if it could not be kept; nothing of it is then */
    public <T> T write(Supplier<T> work) {
        return database.writing(guarded(() -> {
            T written;
            writer.lock();
            try {
                written = writing.execute(status -> work.get());
            } finally {
                writer.unlock();
            }
            database.sync();
            return written;
        }));
    }

    private <T> Supplier<T> guarded(Supplier<T> work) {
        return () -> {
            try {
                return work.get();
            } catch (DataIntegrityViolationException | ConcurrencyFailureException e) {
                /* What was written was at fault, or came at the same moment as something else: the database is whole. */
                throw e;
            } catch (DataAccessException | TransactionException | PersistenceException e) {
                throw database.failed(e);
            }
        };
    }
}
