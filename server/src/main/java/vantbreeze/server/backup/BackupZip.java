package vantbreeze.server.backup;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;
import vantbreeze.server.store.Digest;

/** Entries in a zip, with a manifest of what they are: each one's length and SHA-256 sum (FIPS 180-4). */
final class BackupZip {

    static final String MANIFEST = "manifest.json";
    static final int FORMAT = 1;

    /** More is no backup of cards. */
    static final int MOST_BYTES = 200 * 1024 * 1024;

    private static final int MOST_ENTRIES = 20_000;
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private BackupZip() {}

    static byte[] write(Map<String, byte[]> entries, Instant now) {
        ObjectNode manifest = JSON.createObjectNode()
                .put("application", "Vantbreeze")
                .put("format", FORMAT)
                .put("made", now.toString());
        ArrayNode listed = manifest.putArray("entries");
        entries.forEach((name, bytes) ->
                listed.addObject().put("name", name).put("bytes", bytes.length).put("sha256", Digest.of(bytes)));
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(out)) {
            add(zip, MANIFEST, JSON.writerWithDefaultPrettyPrinter().writeValueAsBytes(manifest), now);
            for (Map.Entry<String, byte[]> entry : entries.entrySet()) {
                add(zip, entry.getKey(), entry.getValue(), now);
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toByteArray();
    }

    private static void add(ZipOutputStream zip, String name, byte[] bytes, Instant now) throws IOException {
        ZipEntry entry = new ZipEntry(name);
        entry.setTime(now.toEpochMilli());
        zip.putNextEntry(entry);
        zip.write(bytes);
        zip.closeEntry();
    }

    /**
     * @return every entry but the manifest
     * @throws BackupFault naming the entry that is missing, damaged or too much
     */
    static Map<String, byte[]> read(byte[] zip) {
        Map<String, byte[]> entries = unpacked(zip);
        byte[] manifest = entries.remove(MANIFEST);
        if (manifest == null) {
            throw new BackupFault(MANIFEST, "it is not there, so this is no backup of Vantbreeze");
        }
        Map<String, byte[]> listed = new LinkedHashMap<>();
        try {
            JsonNode read = JSON.readTree(manifest);
            if (!"Vantbreeze".equals(read.path("application").asString(""))) {
                throw new BackupFault(MANIFEST, "it is not of Vantbreeze");
            }
            if (read.path("format").asInt(0) != FORMAT) {
                throw new BackupFault(
                        MANIFEST,
                        "its format is %s; this version reads %d"
                                .formatted(read.path("format").toString(), FORMAT));
            }
            for (JsonNode entry : read.path("entries")) {
                String name = entry.path("name").asString("");
                byte[] bytes = entries.remove(name);
                if (bytes == null) {
                    throw new BackupFault(name, "it is missing");
                }
                if (!Digest.of(bytes).equals(entry.path("sha256").asString(""))) {
                    throw new BackupFault(name, "its SHA-256 sum is not the one of the manifest");
                }
                listed.put(name, bytes);
            }
        } catch (JacksonException e) {
            throw new BackupFault(MANIFEST, "it is no JSON");
        }
        if (!entries.isEmpty()) {
            throw new BackupFault(entries.keySet().iterator().next(), "the manifest does not list it");
        }
        return listed;
    }

    private static Map<String, byte[]> unpacked(byte[] zip) {
        Map<String, byte[]> entries = new LinkedHashMap<>();
        String name = "the zip itself";
        long all = 0;
        try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(zip))) {
            for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
                name = entry.getName();
                byte[] bytes = in.readNBytes((int) Math.max(1, MOST_BYTES - all + 1));
                all += bytes.length;
                if (all > MOST_BYTES || entries.size() >= MOST_ENTRIES) {
                    throw new BackupFault(
                            name, "it is more than %d MB or %d entries".formatted(MOST_BYTES >> 20, MOST_ENTRIES));
                }
                if (entries.put(name, bytes) != null) {
                    throw new BackupFault(name, "it is there twice");
                }
            }
        } catch (IOException | IllegalArgumentException e) {
            throw new BackupFault(name, "it cannot be unpacked");
        }
        if (entries.isEmpty()) {
            throw new BackupFault(name, "there is nothing in it, or it is no zip");
        }
        return entries;
    }
}
