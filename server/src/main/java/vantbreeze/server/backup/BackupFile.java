package vantbreeze.server.backup;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import org.springframework.stereotype.Component;
import vantbreeze.server.store.StartRefusal;

/** A backup in a file of the maker's choice. */
@Component
public class BackupFile {

    private final BackupService backups;

    BackupFile(BackupService backups) {
        this.backups = backups;
    }

    /**
     * Written whole or not at all.
     *
     * @return what was done, in a sentence
     */
    public String write(Path file) {
        byte[] zip = backups.write();
        Path growing = file.resolveSibling(file.getFileName() + ".growing");
        try {
            Files.write(growing, zip);
            Files.move(growing, file, StandardCopyOption.REPLACE_EXISTING);
        } catch (IOException e) {
            throw new StartRefusal("The backup cannot be written to %s.".formatted(file));
        }
        return "The backup is in %s (%d KB).".formatted(file, zip.length / 1024);
    }

    /** @return what was done, in a sentence */
    public String restore(Path file) {
        byte[] zip;
        try {
            if (Files.size(file) > BackupZip.MOST_BYTES) {
                throw new StartRefusal("The file %s is too large to be a backup.".formatted(file));
            }
            zip = Files.readAllBytes(file);
        } catch (IOException e) {
            throw new StartRefusal("The backup %s cannot be read.".formatted(file));
        }
        try {
            BackupService.Restored done = backups.restore(zip);
            return "%d rows were in the backup: %d of them were not here, %d were older or deleted here."
                    .formatted(done.rows(), done.added(), done.changed());
        } catch (BackupFault e) {
            throw new StartRefusal(e.getMessage());
        }
    }
}
