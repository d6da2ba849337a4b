package vantbreeze.e2e;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.TreeMap;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;

/** What is kept, read out of backups by the JDK's own reader. */
final class Archives {

    private Archives() {}

    /** Every table and every photograph by its name; the manifest tells when it was made and is left out. */
    static Map<String, String> content(Path zip) {
        Map<String, String> content = new TreeMap<>();
        try (ZipInputStream in = new ZipInputStream(Files.newInputStream(zip))) {
            for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
                if (!entry.getName().equals("manifest.json")) {
                    content.put(entry.getName(), new String(in.readAllBytes(), StandardCharsets.ISO_8859_1));
                }
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return content;
    }

    /** All that a data folder keeps, deleted cards too. */
    static Map<String, String> kept(Path data, Path elsewhere) throws IOException, InterruptedException {
        Path zip = elsewhere.resolve("kept.zip");
        Files.deleteIfExists(zip);
        App.Refused written = App.errand(data, "--backup", zip.toString());
        if (written.exitCode() != 0) {
            throw new IllegalStateException(written.said());
        }
        return content(zip);
    }
}
