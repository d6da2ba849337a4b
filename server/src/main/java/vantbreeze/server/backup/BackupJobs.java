package vantbreeze.server.backup;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.function.Function;
import java.util.stream.Stream;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;
import vantbreeze.server.store.StoreFailure;
import vantbreeze.server.web.FieldsRefused;
import vantbreeze.server.web.NotFound;

/** Writes and brings back one backup at a time, in a folder of its own beside the database. The newest can be asked for. */
@Component
class BackupJobs implements DisposableBean {

    private static final int PATIENCE_SECONDS = 5;

    private final BackupService backups;
    private final Path folder;
    private final ExecutorService worker = Executors.newSingleThreadExecutor(work -> {
        Thread thread = new Thread(work, "backup");
        thread.setDaemon(true);
        return thread;
    });
    private BackupJob newest;

    BackupJobs(BackupService backups, @Value("${vantbreeze.data}") String data) throws IOException {
        this.backups = backups;
        this.folder = Path.of(data).toAbsolutePath().resolve("backup-work");
        tidy();
    }

    /** What an earlier job left, finished or not. */
    private void tidy() throws IOException {
        if (Files.isDirectory(folder)) {
            try (Stream<Path> left = Files.walk(folder)) {
                for (Path path :
                        left.sorted(java.util.Comparator.reverseOrder()).toList()) {
                    Files.delete(path);
                }
            }
        }
    }

    BackupJob write() {
        return begin(null, file -> progress -> {
            try (OutputStream out = Files.newOutputStream(file)) {
                backups.write(out, progress);
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
            return "The backup is ready.";
        });
    }

    /** @param zip is read to its end before this returns */
    BackupJob restore(InputStream zip) {
        return begin(zip, file -> progress -> {
            try {
                return sentence(backups.restore(file, progress));
            } finally {
                delete(file);
            }
        });
    }

    static String sentence(BackupService.Restored done) {
        return "%,d rows were in the backup: %,d of them were not here, %,d were older or deleted here. Nothing was taken away."
                .formatted(done.rows(), done.added(), done.changed());
    }

    private static void delete(Path file) {
        try {
            Files.deleteIfExists(file);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private synchronized BackupJob begin(InputStream sent, Function<Path, Function<Progress, String>> work) {
        if (newest != null && newest.state() == BackupJob.State.RUNNING) {
            throw new FieldsRefused(
                    "backup",
                    "another",
                    "one at a time",
                    "A backup is being written or brought back already: wait until it is done, or cancel it.");
        }
        try {
            tidy();
            Files.createDirectories(folder);
            Path file = folder.resolve("backup.zip");
            if (sent != null) {
                receive(sent, file);
            }
            newest = new BackupJob(file, work.apply(file));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        worker.execute(newest);
        return newest;
    }

    private static void receive(InputStream sent, Path file) throws IOException {
        try {
            Files.copy(sent, file);
        } catch (IOException e) {
            Files.deleteIfExists(file);
            String why = StoreFailure.isFull(e)
                    ? StoreFailure.told(e)
                    : "The backup did not arrive whole (%s). Nothing was changed; send it again."
                            .formatted(StoreFailure.reason(e));
            throw new FieldsRefused("backup", "", "a whole file", why);
        }
    }

    synchronized BackupJob get(String id) {
        return Optional.ofNullable(newest)
                .filter(job -> job.id().equals(id))
                .orElseThrow(() -> new NotFound("backup (%s)".formatted(id)));
    }

    @Override
    public void destroy() throws InterruptedException {
        synchronized (this) {
            if (newest != null) {
                newest.progress().cancel();
            }
        }
        worker.shutdown();
        worker.awaitTermination(PATIENCE_SECONDS, TimeUnit.SECONDS);
    }
}
