package vantbreeze.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.OutputStream;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.util.HexFormat;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Backups that are cut short, and backups that mean harm; run by {@code ./vantbreeze torture}. */
class TortureRestore {

    private static final int KILLS = 20;
    private static final int COPIES = 40;
    private static final int EMPTY_ROWS = 13_000_000;
    private static final long SEED = 20_261_201;

    private final Random chance = new Random(SEED);

    private String send(App app, String method, String path, HttpRequest.BodyPublisher body, String type)
            throws IOException, InterruptedException {
        HttpResponse<String> answer = App.send(app.request(method, path, body, type));
        assertThat(answer.statusCode()).as(answer.body()).isLessThan(300);
        return answer.body();
    }

    private String json(App app, String method, String path, String body) throws IOException, InterruptedException {
        return send(app, method, path, HttpRequest.BodyPublishers.ofString(body), "application/json");
    }

    /** @return the id of the job */
    private String restore(App app, Path zip) throws IOException, InterruptedException {
        return Answers.value(
                send(app, "POST", "api/backup/restored", HttpRequest.BodyPublishers.ofFile(zip), "application/zip"),
                "\"id\":\"([^\"]+)\"");
    }

    /** @return what it says in the end */
    private String awaited(App app, String job) throws IOException, InterruptedException {
        while (true) {
            String state = json(app, "GET", "api/backup/jobs/" + job, "");
            if (!state.contains("\"RUNNING\"")) {
                return state;
            }
            Thread.sleep(5);
        }
    }

    private static void copy(Path from, Path to) throws IOException {
        try (Stream<Path> all = Files.walk(from)) {
            for (Path path : all.toList()) {
                Files.copy(path, to.resolve(from.relativize(path).toString()));
            }
        }
    }

    @Test
    void killedWhileItIsBroughtBack(@TempDir Path folder) throws Exception {
        Path zip = folder.resolve("all.zip");
        Path full = folder.resolve("full");
        try (App app = App.start(full)) {
            Matcher ids = Pattern.compile("\"id\":\"([^\"]+)\"").matcher(json(app, "GET", "api/projects", ""));
            while (ids.find()) {
                for (int i = 0; i < COPIES; i++) {
                    json(app, "POST", "api/projects/%s/copy".formatted(ids.group(1)), "");
                }
            }
        }
        assertThat(App.errand(full, "--backup", zip.toString()).exitCode()).isZero();
        Path base = folder.resolve("base");
        try (App app = App.start(base, "--no-demo")) {
            assertThat(json(app, "GET", "api/projects", "")).isEqualTo("[]");
        }
        Map<String, String> none = Archives.kept(base, folder);
        long took = 0;
        Path whole = folder.resolve("whole");
        copy(base, whole);
        try (App app = App.start(whole, "--no-demo")) {
            long begun = System.nanoTime();
            assertThat(awaited(app, restore(app, zip))).contains("\"DONE\"");
            took = (System.nanoTime() - begun) / 1_000_000;
        }
        Map<String, String> all = Archives.kept(whole, folder);
        assertThat(all).isNotEqualTo(none);
        int nothing = 0;
        int everything = 0;
        for (int i = 0; i < KILLS; i++) {
            Path data = folder.resolve("killed" + i);
            copy(base, data);
            App app = App.start(data, "--no-demo");
            restore(app, zip);
            Thread.sleep(chance.nextInt((int) took + 50));
            app.kill();
            Map<String, String> kept = Archives.kept(data, folder);
            nothing += kept.equals(none) ? 1 : 0;
            everything += kept.equals(all) ? 1 : 0;
        }
        Figures.add(
                "Killed %d times at random moments while a backup of %d cards was brought back: %d times nothing of it was there, %d times everything, %d times something else.",
                KILLS, 8 * (COPIES + 1), nothing, everything, KILLS - nothing - everything);
        assertThat(nothing + everything).isEqualTo(KILLS);
    }

    /** 13 million empty rows in 40 kB. */
    @Test
    void aSmallArchiveOfManyRows(@TempDir Path folder) throws Exception {
        Path zip = folder.resolve("rows.zip");
        Map<String, byte[]> entries = new TreeMap<>();
        Archives.content(Path.of("src", "test", "resources", "format-2.zip"))
                .forEach((name, content) -> entries.put(name, content.getBytes(StandardCharsets.ISO_8859_1)));
        entries.put(
                "tables/project.json", ("[{}" + ",{}".repeat(EMPTY_ROWS) + "]").getBytes(StandardCharsets.US_ASCII));
        write(zip, entries);
        try (App app = App.start(folder.resolve("data"))) {
            String id = Answers.value(json(app, "GET", "api/projects", ""), "\"id\":\"([^\"]+)\"");
            String job = restore(app, zip);
            long slowest = 0;
            for (int i = 0; i < 20; i++) {
                long begun = System.nanoTime();
                json(app, "POST", "api/projects/%s/copy".formatted(id), "");
                slowest = Math.max(slowest, (System.nanoTime() - begun) / 1_000_000);
            }
            String said = awaited(app, job);
            Figures.add(
                    "A backup of %d kB that holds %,d empty rows: refused; the slowest of 20 saves beside it took %d ms.",
                    Files.size(zip) / 1024, EMPTY_ROWS + 1, slowest);
            assertThat(said).contains("\"FAILED\"");
            assertThat(json(app, "GET", "api/store", "")).doesNotContain("ran out of memory");
        }
    }

    private static void write(Path zip, Map<String, byte[]> entries) throws Exception {
        try (OutputStream out = Files.newOutputStream(zip);
                ZipOutputStream archive = new ZipOutputStream(out)) {
            StringBuilder manifest = new StringBuilder();
            for (Map.Entry<String, byte[]> entry : entries.entrySet()) {
                archive.putNextEntry(new ZipEntry(entry.getKey()));
                archive.write(entry.getValue());
                manifest.append(manifest.isEmpty() ? "" : ",")
                        .append("{\"name\":\"%s\",\"bytes\":%d,\"sha256\":\"%s\"}"
                                .formatted(
                                        entry.getKey(),
                                        entry.getValue().length,
                                        HexFormat.of()
                                                .formatHex(MessageDigest.getInstance("SHA-256")
                                                        .digest(entry.getValue()))));
            }
            archive.putNextEntry(new ZipEntry("manifest.json"));
            archive.write(
                    "{\"application\":\"Vantbreeze\",\"format\":2,\"made\":\"2026-12-01T00:00:00Z\",\"entries\":[%s]}"
                            .formatted(manifest)
                            .getBytes(StandardCharsets.UTF_8));
        }
    }

    @AfterAll
    static void report() throws IOException {
        Figures.write();
    }
}
