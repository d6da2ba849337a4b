package vantbreeze.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.http.HttpResponse;
import java.nio.file.FileStore;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * What a maker's machine may do to the application, and worse; run by {@code ./vantbreeze torture}, not with the tests. Its
 * figures go into docs/reliability.md.
 */
class Torture {

    private static final int KILLS = 100;
    private static final int KILLS_TO_A_CHECK = 5;
    private static final int LATEST_KILL_MS = 4000;
    private static final int REQUESTS = 20_000;
    private static final int FLIPS = 30;
    private static final int CUTS = 16;
    private static final int DEMO_CARDS = 8;
    private static final long SEED = 20_261_128;

    private final Random chance = new Random(SEED);

    private static HttpResponse<String> send(App app, String method, String path, String body)
            throws IOException, InterruptedException {
        return App.send(app.json(method, path, body));
    }

    private int cards(App app) throws IOException, InterruptedException {
        Matcher id = Pattern.compile("\"id\":")
                .matcher(send(app, "GET", "api/projects", "").body());
        int count = 0;
        while (id.find()) {
            count++;
        }
        return count;
    }

    private void killAtSomeMoment(Path data) throws InterruptedException {
        Process starting = App.begin(data);
        Thread.sleep(chance.nextInt(LATEST_KILL_MS));
        starting.destroyForcibly().waitFor();
    }

    /** As the version before this one left it. */
    private static void makeOld(Path data) throws Exception {
        try (Connection connection =
                        DriverManager.getConnection("jdbc:h2:file:" + data.resolve("vantbreeze"), "vantbreeze", "");
                Statement sql = connection.createStatement()) {
            for (String column : List.of("board_reach", "bed")) {
                sql.execute("alter table tool_set drop column " + column);
            }
            sql.execute("delete from \"flyway_schema_history\" where \"version\" = '7'");
        }
        Files.delete(data.resolve("vantbreeze.seal"));
    }

    @Test
    void killsWhileItStarts(@TempDir Path folders) throws Exception {
        Path used = Files.createDirectory(folders.resolve("used"));
        App.start(used).close();
        int whole = 0;
        int checks = 0;
        for (int kill = 0; kill < KILLS; kill += KILLS_TO_A_CHECK) {
            boolean first = kill % (3 * KILLS_TO_A_CHECK) == 0;
            Path data = first ? Files.createDirectory(folders.resolve("first" + kill)) : used;
            if (kill % (3 * KILLS_TO_A_CHECK) == KILLS_TO_A_CHECK) {
                makeOld(data);
            }
            for (int i = 0; i < KILLS_TO_A_CHECK; i++) {
                killAtSomeMoment(data);
            }
            try (App app = App.start(data)) {
                checks++;
                whole += cards(app) == DEMO_CARDS ? 1 : 0;
            }
        }
        Figures.add(
                "Killed %d times at random moments of first starts, starts and updates, started properly after every %d: %d of %d starts with all cards.",
                KILLS, KILLS_TO_A_CHECK, whole, checks);
        assertThat(whole).isEqualTo(checks);
    }

    @Test
    void hostileRequests(@TempDir Path data) throws Exception {
        try (App app = App.start(data)) {
            Hostile hostile = new Hostile(app.port(), SEED);
            TreeMap<String, Integer> byClass = new TreeMap<>();
            List<Hostile.Answer> wrong = new ArrayList<>();
            for (int i = 0; i < REQUESTS; i++) {
                Hostile.Answer answer = hostile.next();
                byClass.merge(answer.status() / 100 + "xx", 1, Integer::sum);
                if (!answer.isProper()) {
                    wrong.add(answer);
                }
            }
            Figures.add(
                    "%,d generated bad requests (seed %d): %s (0xx: closed without an answer), %d that are not as promised; %d MB resident afterwards, of a heap of at most 512.",
                    REQUESTS, SEED, byClass, wrong.size(), app.residentMegabytes());
            assertThat(wrong).isEmpty();
            assertThat(cards(app)).isGreaterThanOrEqualTo(DEMO_CARDS);
        }
    }

    private static int run(String... command) throws Exception {
        return new ProcessBuilder(command).inheritIO().start().waitFor();
    }

    /** A small file system is only made for root. */
    @Test
    void fullDisk(@TempDir Path folder) throws Exception {
        if (!"root".equals(System.getProperty("user.name"))
                || run("mount", "-t", "tmpfs", "-o", "size=12m", "tmpfs", folder.toString()) != 0) {
            Figures.add("Full disk: not tried, a small file system could not be mounted.");
            return;
        }
        try (App app = App.start(Files.createDirectory(folder.resolve("data")))) {
            String project = send(app, "GET", "api/projects", "").body();
            String address = "api/projects/" + Answers.value(project, "\"id\":\"([^\"]+)\"");
            Path filler = folder.resolve("filler");
            FileStore store = Files.getFileStore(folder);
            Files.write(filler, new byte[(int) (store.getUsableSpace() - 40_000)]);
            int saved = 0;
            HttpResponse<String> answer = copy(app, address);
            while (answer.statusCode() < 300) {
                saved++;
                answer = copy(app, address);
            }
            assertThat(answer.statusCode()).isEqualTo(507);
            HttpResponse<String> health = send(app, "GET", "actuator/health", "");
            int kept = cards(app);
            Files.delete(filler);
            HttpResponse<String> after = copy(app, address);
            Figures.add(
                    "Full disk: %d saves until it was full, then 507 and health %d; %d of %d cards there; %d after room was made, without a restart.",
                    saved, health.statusCode(), kept, DEMO_CARDS + saved, after.statusCode());
            assertThat(after.statusCode()).isEqualTo(201);
            assertThat(health.statusCode()).isEqualTo(503);
            assertThat(kept).isGreaterThanOrEqualTo(DEMO_CARDS);
        } finally {
            run("umount", folder.toString());
        }
    }

    private static HttpResponse<String> copy(App app, String address) throws IOException, InterruptedException {
        return send(app, "POST", address + "/copy", "");
    }

    /** The demo's file as it was closed, and its seal. */
    private record Closed(Path file, Path seal, byte[] whole, byte[] sealed) {

        static Closed of(Path data) throws IOException {
            App.start(data).close();
            Path file = data.resolve("vantbreeze.mv.db");
            Path seal = data.resolve("vantbreeze.seal");
            return new Closed(file, seal, Files.readAllBytes(file), Files.readAllBytes(seal));
        }

        /** Another one in its place, with the seal as it was or without. */
        void write(byte[] other, boolean withSeal) throws IOException {
            Files.write(file, other);
            if (withSeal) {
                Files.write(seal, sealed);
            } else {
                Files.deleteIfExists(seal);
            }
        }
    }

    @Test
    void flippedBytes(@TempDir Path data) throws Exception {
        Closed closed = Closed.of(data);
        int refused = 0;
        int told = 0;
        List<String> unnoticed = new ArrayList<>();
        for (int i = 0; i < FLIPS; i++) {
            byte[] flipped = closed.whole().clone();
            flipped[chance.nextInt(flipped.length)] ^= (byte) (1 << chance.nextInt(8));
            closed.write(flipped, true);
            try (App app = App.start(data)) {
                String store = send(app, "GET", "api/store", "").body();
                if (store.contains("\"trouble\":[]")) {
                    unnoticed.add(store);
                } else {
                    told++;
                }
            } catch (IllegalStateException notStarted) {
                if (notStarted.getMessage().contains("The database file")) {
                    refused++;
                } else {
                    unnoticed.add(notStarted.getMessage());
                }
            }
        }
        Figures.add(
                "One bit flipped in the closed file, %d times: %d starts refused with the reason, %d told on the screen, %d unnoticed.",
                FLIPS, refused, told, unnoticed.size());
        assertThat(unnoticed).isEmpty();
    }

    /** As a copy that was broken off, or a disk that gave up: the end of the file is gone, with the seal beside it and without. */
    @Test
    void lostEnds(@TempDir Path data) throws Exception {
        Closed closed = Closed.of(data);
        int refused = 0;
        int told = 0;
        int complete = 0;
        for (int i = 0; i < CUTS; i++) {
            closed.write(Arrays.copyOf(closed.whole(), 1 + chance.nextInt(closed.whole().length - 1)), i % 2 == 0);
            try (App app = App.start(data, "--no-demo")) {
                boolean trouble = !send(app, "GET", "api/store", "").body().contains("\"trouble\":[]");
                boolean all = cards(app) == DEMO_CARDS;
                told += trouble ? 1 : 0;
                complete += all && !trouble ? 1 : 0;
            } catch (IllegalStateException notStarted) {
                refused++;
            }
        }
        Figures.add(
                "The end of the closed file cut off, %d times, half of them without its seal: %d starts refused, %d told on the screen, %d with all cards, %d empty or short without a word.",
                CUTS, refused, told, complete, CUTS - refused - told - complete);
        assertThat(refused + told + complete).isEqualTo(CUTS);
    }

    @AfterAll
    static void report() throws IOException {
        Figures.write();
    }
}
