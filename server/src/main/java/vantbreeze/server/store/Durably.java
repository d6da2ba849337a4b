package vantbreeze.server.store;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;

/** Changes to files that a power cut leaves done or not done, never half done. */
final class Durably {

    private Durably() {}

    /** Puts a finished file in the place of another, or where none was. */
    static void replace(Path finished, Path place) throws IOException {
        force(finished);
        Files.move(finished, place, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
        forceFolder(place);
    }

    /** What was written to a file, new or not, is on the disk from now on, and so is its name. */
    static void keep(Path file) throws IOException {
        force(file);
        forceFolder(file);
    }

    private static void force(Path file) throws IOException {
        try (FileChannel channel = FileChannel.open(file, StandardOpenOption.WRITE)) {
            channel.force(true);
        }
    }

    /** A name stands in its folder only after the folder itself is on the disk. */
    private static void forceFolder(Path file) throws IOException {
        try (FileChannel folder = FileChannel.open(file.toAbsolutePath().getParent(), StandardOpenOption.READ)) {
            folder.force(true);
        }
    }
}
