package vantbreeze.server.store;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;

/**
 * The folder that holds everything the maker keeps; one running instance has it to itself.
 *
 * @param path an absolute path
 */
public record DataFolder(Path path) {

    /** Held until the process ends, however it ends: the system gives it back. */
    private static FileLock held;

    /** @throws StartRefusal if the folder cannot be written or another instance has it */
    public static void claim(Path folder) {
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

    Path database() {
        return path.resolve("vantbreeze.mv.db");
    }

    /** What is worked on while the database itself is left as it was; of no use to anyone afterwards. */
    Path workingCopy() {
        return path.resolve("vantbreeze-working-copy.mv.db");
    }

    Path seal() {
        return path.resolve("vantbreeze.seal");
    }

    Path copies() {
        return path.resolve("copies");
    }
}
