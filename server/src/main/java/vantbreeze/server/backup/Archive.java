package vantbreeze.server.backup;

import java.io.Closeable;
import java.io.FilterInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import vantbreeze.server.store.Digest;

/** A backup in a file, read entry by entry. What its manifest lists is all there is in it. */
final class Archive implements Closeable {

    private static final int OLDEST = 1;

    /** The photographs of a lifetime and more. */
    private static final int MOST_ENTRIES = 500_000;

    /** What is kept in tables is text; more of it is no work of hands. */
    private static final long MOST_TABLE_BYTES = 4L << 30;

    /** A picture is made anew before it is kept, and is small then. */
    private static final int MOST_FILE_BYTES = 64 << 20;

    private static final JsonMapper JSON = JsonMapper.builder().build();

    private record Listed(long bytes, String sha256) {}

    private final ZipFile zip;
    private final Map<String, Listed> listed;

    private Archive(ZipFile zip, Map<String, Listed> listed) {
        this.zip = zip;
        this.listed = listed;
    }

    /** @throws BackupFault naming the entry that is missing, unknown or too much */
    static Archive open(Path file) {
        ZipFile zip;
        try {
            zip = new ZipFile(file.toFile());
        } catch (IOException | IllegalArgumentException e) {
            throw new BackupFault("the zip itself", "there is nothing in it, or it is no zip");
        }
        try {
            Archive archive = new Archive(zip, manifest(zip));
            archive.requireThoseListed();
            return archive;
        } catch (BackupFault e) {
            try (zip) {
                throw e;
            } catch (IOException unclosed) {
                throw e;
            }
        }
    }

    private static Map<String, Listed> manifest(ZipFile zip) {
        ZipEntry entry = zip.getEntry(ArchiveWriter.MANIFEST);
        if (entry == null) {
            throw new BackupFault(ArchiveWriter.MANIFEST, "it is not there, so this is no backup of Vantbreeze");
        }
        try (JsonParser in = JSON.createParser(zip.getInputStream(entry))) {
            Map<String, Listed> listed = new LinkedHashMap<>();
            String application = "";
            JsonNode format = null;
            require(in.nextToken() == JsonToken.START_OBJECT);
            while (in.nextToken() == JsonToken.PROPERTY_NAME) {
                String name = in.currentName();
                JsonToken value = in.nextToken();
                switch (name) {
                    case "application" -> application = in.getValueAsString("");
                    case "format" -> format = value.isScalarValue() ? in.readValueAsTree() : null;
                    case "entries" -> readList(in, listed);
                    default -> in.skipChildren();
                }
            }
            requireReadable(application, format);
            return listed;
        } catch (JacksonException | IOException e) {
            throw new BackupFault(ArchiveWriter.MANIFEST, "it cannot be read");
        }
    }

    private static void readList(JsonParser in, Map<String, Listed> listed) {
        require(in.currentToken() == JsonToken.START_ARRAY);
        while (in.nextToken() == JsonToken.START_OBJECT) {
            String name = "";
            long bytes = -1;
            String sha256 = "";
            while (in.nextToken() == JsonToken.PROPERTY_NAME) {
                String field = in.currentName();
                in.nextToken();
                switch (field) {
                    case "name" -> name = in.getValueAsString("");
                    case "bytes" -> bytes = in.getValueAsLong(-1);
                    case "sha256" -> sha256 = in.getValueAsString("");
                    default -> in.skipChildren();
                }
            }
            if (listed.size() >= MOST_ENTRIES) {
                throw new BackupFault(ArchiveWriter.MANIFEST, "it lists more than %,d entries".formatted(MOST_ENTRIES));
            }
            if (listed.put(name, new Listed(bytes, sha256)) != null) {
                throw new BackupFault(name, "it is listed twice");
            }
        }
    }

    private static void require(boolean good) {
        if (!good) {
            throw new BackupFault(ArchiveWriter.MANIFEST, "it is no list of entries");
        }
    }

    private static void requireReadable(String application, JsonNode format) {
        if (!"Vantbreeze".equals(application)) {
            throw new BackupFault(ArchiveWriter.MANIFEST, "it is not of Vantbreeze");
        }
        boolean readable = format != null
                && format.isInt()
                && format.intValue() >= OLDEST
                && format.intValue() <= ArchiveWriter.FORMAT;
        if (!readable) {
            throw new BackupFault(
                    ArchiveWriter.MANIFEST,
                    "its format is %s; this version reads the whole numbers %d to %d"
                            .formatted(format, OLDEST, ArchiveWriter.FORMAT));
        }
    }

    /** Lengths are told by the zip's own list; what does not hold to it cannot be unpacked. */
    private void requireThoseListed() {
        zip.stream().map(ZipEntry::getName).forEach(name -> {
            if (!name.equals(ArchiveWriter.MANIFEST) && !listed.containsKey(name)) {
                throw new BackupFault(name, "the manifest does not list it, or the zip has it twice");
            }
        });
        if (zip.size() != listed.size() + 1) {
            String missing = listed.keySet().stream()
                    .filter(name -> zip.getEntry(name) == null)
                    .findFirst()
                    .orElse("the zip itself");
            throw new BackupFault(missing, "it is missing, or there twice");
        }
        long tables = 0;
        for (Map.Entry<String, Listed> entry : listed.entrySet()) {
            long bytes = zip.getEntry(entry.getKey()).getSize();
            if (bytes != entry.getValue().bytes()) {
                throw new BackupFault(entry.getKey(), "its length is not the one of the manifest");
            }
            boolean isFile = entry.getKey().startsWith(BackupService.FILES);
            tables += isFile ? 0 : bytes;
            if (bytes > (isFile ? MOST_FILE_BYTES : MOST_TABLE_BYTES) || tables > MOST_TABLE_BYTES) {
                throw new BackupFault(entry.getKey(), "it is more than anybody keeps");
            }
        }
    }

    /** Bytes of all entries as they are unpacked. */
    long bytes() {
        return listed.values().stream().mapToLong(Listed::bytes).sum();
    }

    boolean has(String name) {
        return listed.containsKey(name);
    }

    /** @throws BackupFault naming the first entry whose content is not what the manifest says */
    void verify(Progress progress) {
        listed.forEach((name, entry) -> {
            try (InputStream in = open(name)) {
                if (!Digest.of(counted(in, progress)).equals(entry.sha256())) {
                    throw new BackupFault(name, "its SHA-256 sum is not the one of the manifest");
                }
            } catch (IOException e) {
                throw new BackupFault(name, "it cannot be unpacked");
            }
        });
    }

    InputStream open(String name) throws IOException {
        return zip.getInputStream(zip.getEntry(name));
    }

    /** @return a file of the backup whole; null where there is none */
    byte[] file(String name) {
        Listed entry = listed.get(name);
        if (entry == null || !name.startsWith(BackupService.FILES)) {
            return null;
        }
        try (InputStream in = open(name)) {
            return in.readNBytes(MOST_FILE_BYTES);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Tells the progress of what is read through it. */
    static InputStream counted(InputStream in, Progress progress) {
        return new FilterInputStream(in) {
            @Override
            public int read() throws IOException {
                int read = super.read();
                progress.did(read < 0 ? 0 : 1);
                return read;
            }

            @Override
            public int read(byte[] bytes, int from, int length) throws IOException {
                int read = super.read(bytes, from, length);
                progress.did(Math.max(0, read));
                return read;
            }
        };
    }

    @Override
    public void close() throws IOException {
        zip.close();
    }
}
