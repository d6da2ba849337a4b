package vantbreeze.server.backup;

import java.io.Closeable;
import java.io.IOException;
import java.io.OutputStream;
import java.security.DigestOutputStream;
import java.time.Instant;
import java.util.zip.Deflater;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.StreamWriteFeature;
import tools.jackson.databind.json.JsonMapper;
import vantbreeze.server.store.Digest;

/**
 * Writes a backup entry by entry, none of them held whole. The manifest, with each one's length and SHA-256 sum (FIPS 180-4),
 * comes last: only then is it known.
 */
final class ArchiveWriter implements Closeable {

    static final String MANIFEST = "manifest.json";

    /** From 2 on the manifest may come last and there is no limit to the size; what the entries hold is the same. */
    static final int FORMAT = 2;

    private static final JsonMapper JSON =
            JsonMapper.builder().disable(StreamWriteFeature.AUTO_CLOSE_TARGET).build();

    /** Writes what one entry holds. */
    interface Content {
        void writeTo(OutputStream out) throws IOException;
    }

    private record Listed(String name, long bytes, String sha256) {}

    private final ZipOutputStream zip;
    private final Instant made;
    private final java.util.List<Listed> listed = new java.util.ArrayList<>();

    ArchiveWriter(OutputStream out, Instant made) {
        this.zip = new ZipOutputStream(out);
        this.made = made;
    }

    /** @return bytes of the entry as it is unpacked */
    long add(String name, Content content) throws IOException {
        zip.setLevel(Deflater.DEFAULT_COMPRESSION);
        return entry(name, content);
    }

    /** What is packed already, such as a photograph. */
    long addPacked(String name, byte[] bytes) throws IOException {
        zip.setLevel(Deflater.NO_COMPRESSION);
        return entry(name, out -> out.write(bytes));
    }

    private long entry(String name, Content content) throws IOException {
        begin(name);
        CountingStream counting = new CountingStream(zip);
        DigestOutputStream summing = new DigestOutputStream(counting, Digest.sha256());
        content.writeTo(summing);
        zip.closeEntry();
        listed.add(new Listed(name, counting.count(), Digest.of(summing.getMessageDigest())));
        return counting.count();
    }

    private void begin(String name) throws IOException {
        ZipEntry entry = new ZipEntry(name);
        entry.setTime(made.toEpochMilli());
        zip.putNextEntry(entry);
    }

    /** Without it the backup is not finished, and is refused. */
    void finish() throws IOException {
        zip.setLevel(Deflater.DEFAULT_COMPRESSION);
        begin(MANIFEST);
        try (JsonGenerator manifest = JSON.createGenerator(zip)) {
            manifest.writeStartObject();
            manifest.writeStringProperty("application", "Vantbreeze");
            manifest.writeNumberProperty("format", FORMAT);
            manifest.writeStringProperty("made", made.toString());
            manifest.writeArrayPropertyStart("entries");
            for (Listed entry : listed) {
                manifest.writeStartObject();
                manifest.writeStringProperty("name", entry.name());
                manifest.writeNumberProperty("bytes", entry.bytes());
                manifest.writeStringProperty("sha256", entry.sha256());
                manifest.writeEndObject();
            }
            manifest.writeEndArray();
            manifest.writeEndObject();
        }
        zip.closeEntry();
        zip.finish();
    }

    @Override
    public void close() throws IOException {
        zip.close();
    }

    /** Counts what goes through it. */
    private static final class CountingStream extends java.io.FilterOutputStream {
        private long count;

        CountingStream(OutputStream out) {
            super(out);
        }

        @Override
        public void write(int b) throws IOException {
            out.write(b);
            count++;
        }

        @Override
        public void write(byte[] bytes, int from, int length) throws IOException {
            out.write(bytes, from, length);
            count += length;
        }

        @Override
        public void close() {
            // the zip goes on
        }

        long count() {
            return count;
        }
    }
}
