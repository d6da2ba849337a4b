package vantbreeze.server.backup;

import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import org.springframework.stereotype.Component;
import vantbreeze.server.store.StartRefusal;
import vantbreeze.server.store.StoreFailure;

/** A backup in a file of the maker's choice. How far it has come is told on the standard error stream. */
@Component
public class BackupFile {

    private static final int TENTHS = 10;

    private final BackupService backups;

    BackupFile(BackupService backups) {
        this.backups = backups;
    }

    /**
     * Written whole or not at all: until it is finished it has another name, and goes if it is never finished.
     *
     * @return what was done, in a sentence
     */
    public String write(Path file) {
        Path growing = file.resolveSibling(file.getFileName() + ".growing");
        Thread tidier = new Thread(() -> discard(growing));
        Runtime.getRuntime().addShutdownHook(tidier);
        try {
            try (OutputStream out = Files.newOutputStream(growing)) {
                backups.write(out, toldOf("written"));
            }
            Files.move(growing, file, StandardCopyOption.REPLACE_EXISTING);
            return "The backup is in %s (%,d KB).".formatted(file, Files.size(file) / 1024);
        } catch (IOException | UncheckedIOException e) {
            throw new StartRefusal("The backup cannot be written to %s: %s.".formatted(file, StoreFailure.reason(e)));
        } finally {
            discard(growing);
            Runtime.getRuntime().removeShutdownHook(tidier);
        }
    }

    private static void discard(Path file) {
        try {
            Files.deleteIfExists(file);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Progress toldOf(String done) {
        Progress progress = new Progress();
        int[] told = {0};
        progress.tell(() -> {
            int tenths = (int) (TENTHS * progress.done() / Math.max(1, progress.all()));
            if (tenths > told[0]) {
                told[0] = tenths;
                System.err.println("vantbreeze: %d%% %s".formatted(tenths * 100 / TENTHS, done));
            }
        });
        return progress;
    }

    /** @return what was done, in a sentence */
    public String restore(Path file) {
        if (!Files.isReadable(file) || Files.isDirectory(file)) {
            throw new StartRefusal("The backup %s cannot be read.".formatted(file));
        }
        try {
            return BackupJobs.sentence(backups.restore(file, toldOf("brought back")));
        } catch (BackupFault e) {
            throw new StartRefusal(e.getMessage());
        } catch (UncheckedIOException e) {
            throw new StartRefusal("The backup %s cannot be read: %s.".formatted(file, StoreFailure.reason(e)));
        }
    }
}
