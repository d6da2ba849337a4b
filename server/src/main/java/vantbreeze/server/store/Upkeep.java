package vantbreeze.server.store;

import java.io.IOException;
import java.sql.SQLException;
import java.time.Clock;
import java.time.Duration;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** What is done for the database while the maker does something else. */
@Component
class Upkeep implements DisposableBean {

    private static final Logger LOG = LoggerFactory.getLogger(Upkeep.class);
    private static final Duration PATIENCE = Duration.ofSeconds(3);
    private static final Duration QUIET = Duration.ofSeconds(30);

    private final Database database;
    private final List<Tidied> tidied;
    private final List<Inspected> inspected;
    private final Clock clock;
    private final ScheduledExecutorService thread = Executors.newSingleThreadScheduledExecutor(work -> {
        Thread worker = new Thread(work, "upkeep");
        worker.setDaemon(true);
        worker.setPriority(Thread.MIN_PRIORITY);
        return worker;
    });

    private volatile List<String> damaged = List.of();
    private volatile boolean ending;

    Upkeep(Database database, List<Tidied> tidied, List<Inspected> inspected, Clock clock) {
        this.database = database;
        this.tidied = tidied;
        this.inspected = inspected;
        this.clock = clock;
    }

    @EventListener(ApplicationReadyEvent.class)
    void begin() {
        inspected.forEach(i -> thread.execute(() -> quietly("looking through what is kept", () -> inspect(i))));
        tidied.forEach(t -> thread.execute(() -> quietly("bringing lists up to date", t::tidy)));
        thread.scheduleWithFixedDelay(this::everyMinute, 0, 1, TimeUnit.MINUTES);
    }

    private interface Work {
        void run() throws IOException, SQLException;
    }

    /** Upkeep that fails is told in the log and tried again; nobody waits for it. */
    private void quietly(String what, Work work) {
        if (ending) {
            return;
        }
        try {
            work.run();
        } catch (IOException | SQLException | RuntimeException e) {
            LOG.warn("Failed while {}", what, e);
        }
    }

    private void inspect(Inspected rows) {
        List<String> found = rows.damaged();
        found.forEach(d -> LOG.error("Damaged on the disk: {}", d));
        damaged = Stream.concat(damaged.stream(), found.stream()).toList();
    }

    private void everyMinute() {
        quietly("making the copy of the day", () -> {
            if (damaged.isEmpty()) {
                database.copy(LocalDate.ofInstant(clock.instant(), ZoneId.systemDefault()));
            }
        });
        quietly("packing the database", () -> {
            if (database.isQuietFor(QUIET.toNanos()) && database.works() && database.isWasteful()) {
                database.pack();
            }
        });
    }

    /** What is not as it was written; empty as it should be. */
    List<String> damaged() {
        return damaged;
    }

    /** Never interrupted: a thread that is, within the database, takes its file away from all others. */
    @Override
    public void destroy() throws InterruptedException {
        ending = true;
        thread.shutdown();
        if (!thread.awaitTermination(PATIENCE.toSeconds(), TimeUnit.SECONDS)) {
            LOG.warn("Something was left undone at the end.");
        }
    }
}
