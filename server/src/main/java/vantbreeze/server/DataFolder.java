package vantbreeze.server;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;

/** The folder that holds the maker's projects; one running instance has it to itself. */
final class DataFolder {

    /** Held until the process ends, however it ends: the system gives it back. */
    private static FileLock held;

    private DataFolder() {}

    /** @throws StartRefusal if the folder cannot be written or another instance has it */
    static void claim(Path folder) {
        try {
            Files.createDirectories(folder);
            FileChannel channel = FileChannel.open(
                    folder.resolve("in-use.lock"), StandardOpenOption.CREATE, StandardOpenOption.WRITE);
            held = channel.tryLock();
        } catch (IOException unwritable) {
            throw new StartRefusal("The data folder %s cannot be written; choose another with --data."
                    .formatted(folder.toAbsolutePath()));
        }
        if (held == null) {
            throw new StartRefusal(
                    "Vantbreeze is already running on the data folder %s; stop it or choose another with --data."
                            .formatted(folder.toAbsolutePath()));
        }
    }
}
