package vantbreeze.server.backup;

import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.util.UUID;
import java.util.function.Function;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import vantbreeze.server.store.StoreFailure;

/** One backup being written or brought back, and what became of it. */
final class BackupJob implements Runnable {

    enum State {
        RUNNING,
        DONE,
        FAILED,
        CANCELLED
    }

    private static final Logger LOG = LoggerFactory.getLogger(BackupJob.class);

    private final String id = UUID.randomUUID().toString();
    private final Progress progress = new Progress();
    private final Path file;
    private final Function<Progress, String> work;
    private volatile String says = "";
    private volatile State state = State.RUNNING;

    /**
     * @param file that is written or read
     * @param work returns what was done, in a sentence
     */
    BackupJob(Path file, Function<Progress, String> work) {
        this.file = file;
        this.work = work;
    }

    @Override
    public void run() {
        try {
            end(State.DONE, work.apply(progress));
        } catch (Progress.Cancelled e) {
            end(State.CANCELLED, e.getMessage());
        } catch (BackupFault | StoreFailure e) {
            end(State.FAILED, e.getMessage());
        } catch (UncheckedIOException e) {
            LOG.warn("A backup failed", e);
            end(State.FAILED, StoreFailure.told(e));
        } catch (RuntimeException e) {
            LOG.error("A backup failed", e);
            end(State.FAILED, "The backup could not be worked through; the log says why. Nothing was changed.");
        }
    }

    private void end(State how, String sentence) {
        says = sentence;
        state = how;
    }

    String id() {
        return id;
    }

    Path file() {
        return file;
    }

    State state() {
        return state;
    }

    Progress progress() {
        return progress;
    }

    String says() {
        return says;
    }
}
