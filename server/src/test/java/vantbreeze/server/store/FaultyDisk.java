package vantbreeze.server.store;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.atomic.AtomicInteger;
import org.h2.store.fs.FileBase;
import org.h2.store.fs.FilePath;
import org.h2.store.fs.FilePathWrapper;

/** Files as the database sees them, on a disk that fills up, loses its power and counts how often it is synced. */
public final class FaultyDisk extends FilePathWrapper {

    public static final String NAME = "faulty";

    static final AtomicInteger SYNCS = new AtomicInteger();
    private static volatile boolean full;

    /** By path: the file as it was surely on the disk, and what was written since. */
    private static final Map<String, byte[]> SYNCED = new HashMap<>();

    private static final Map<String, List<Write>> PENDING = new HashMap<>();

    private record Write(long at, byte[] bytes) {}

    /** Known to the database from then on. */
    public static void plugIn() {
        FilePath.register(new FaultyDisk());
    }

    static void fill() {
        full = true;
    }

    static void makeRoom() {
        full = false;
    }

    /** Writes the file as it may be found after the power went: what was synced, and any of what was not. */
    static synchronized void cutPower(Path file, Path found, Random chance) throws IOException {
        byte[] disk = SYNCED.getOrDefault(file.toString(), new byte[0]);
        for (Write write : PENDING.getOrDefault(file.toString(), List.of())) {
            if (chance.nextBoolean()) {
                int end = (int) write.at() + write.bytes().length;
                disk = disk.length < end ? Arrays.copyOf(disk, end) : disk.clone();
                System.arraycopy(write.bytes(), 0, disk, (int) write.at(), write.bytes().length);
            }
        }
        Files.write(found, disk);
    }

    @Override
    public String getScheme() {
        return NAME;
    }

    @Override
    public FileChannel open(String mode) throws IOException {
        return new Channel(super.open(mode), getBase().name);
    }

    private static final class Channel extends FileBase {

        private final FileChannel file;
        private final String name;

        Channel(FileChannel file, String name) {
            this.file = file;
            this.name = name;
        }

        @Override
        public int write(ByteBuffer bytes, long at) throws IOException {
            if (full) {
                throw new IOException("No space left on device");
            }
            byte[] written = new byte[bytes.remaining()];
            bytes.duplicate().get(written);
            synchronized (FaultyDisk.class) {
                PENDING.computeIfAbsent(name, n -> new ArrayList<>()).add(new Write(at, written));
            }
            return file.write(bytes, at);
        }

        @Override
        public int write(ByteBuffer bytes) throws IOException {
            int written = write(bytes, file.position());
            file.position(file.position() + written);
            return written;
        }

        @Override
        public void force(boolean metadata) throws IOException {
            file.force(metadata);
            SYNCS.incrementAndGet();
            synchronized (FaultyDisk.class) {
                SYNCED.put(name, Files.readAllBytes(Path.of(name)));
                PENDING.remove(name);
            }
        }

        @Override
        public FileChannel truncate(long size) throws IOException {
            file.truncate(size);
            return this;
        }

        @Override
        public int read(ByteBuffer bytes, long at) throws IOException {
            return file.read(bytes, at);
        }

        @Override
        public int read(ByteBuffer bytes) throws IOException {
            return file.read(bytes);
        }

        @Override
        public long position() throws IOException {
            return file.position();
        }

        @Override
        public FileChannel position(long at) throws IOException {
            file.position(at);
            return this;
        }

        @Override
        public long size() throws IOException {
            return file.size();
        }

        @Override
        public FileLock tryLock(long position, long size, boolean shared) throws IOException {
            return file.tryLock(position, size, shared);
        }

        @Override
        protected void implCloseChannel() throws IOException {
            file.close();
        }
    }
}
