package vantbreeze.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.http.HttpResponse;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The application as a process: refusals at the start, and what is left when it is killed. */
class ProcessTest {

    private static final String BRIEF = """
            {"fold": "z-fold", "basis": {"kind": "CLOSED", "width": "%d mm", "height": "100 mm"}, "parameters": {},
             "sheet": "a3", "envelope": null, "base": {"stock": "300 gsm", "colour": "#fbf8f0", "print": "PLAIN"},
             "tools": {"ruler": "1 mm", "board": "1 mm", "trimmer": "310 mm"},
             "matting": {"layers": 1, "steps": ["3 mm"], "grid": "1 mm", "meeting": "RUN_ON", "byFace": {},
                         "papers": [{"stock": "160 gsm", "colour": "#7e93a8", "print": "PLAIN"}]},
             "ornaments": [], "closure": null,
             "units": "METRIC"}""";

    private static final int REQUESTS = 1500;
    private static final int NARROWEST = 40;
    private static final int WIDEST = 180;

    private String send(App app, String method, String path, String body) throws IOException, InterruptedException {
        HttpResponse<String> answer = App.send(app.json(method, "api" + path, body));
        assertThat(answer.statusCode()).as(answer.body()).isLessThan(300);
        return answer.body();
    }

    /** Saves run on as fast as they can while the process is killed at a moment nobody chose. */
    @ParameterizedTest
    @ValueSource(ints = {137, 411, 923})
    void whatWasCalledSavedIsThereAfterAKill(int afterMilliseconds, @TempDir Path data) throws Exception {
        AtomicInteger lastSaved = new AtomicInteger();
        String id;
        try (App app = App.start(data, "--no-demo")) {
            String created = send(
                    app,
                    "POST",
                    "/projects",
                    "{\"name\": \"Card\", \"brief\": %s}".formatted(BRIEF.formatted(NARROWEST)));
            id = Answers.value(created, "\"id\":\"([^\"]+)\"");
            lastSaved.set(NARROWEST);
            CompletableFuture<Void> saving = CompletableFuture.runAsync(() -> {
                try {
                    for (int width = NARROWEST + 1; width <= WIDEST; width++) {
                        String version = String.valueOf(width - NARROWEST - 1);
                        send(
                                app,
                                "PUT",
                                "/projects/" + id,
                                "{\"version\": %s, \"name\": \"Card\", \"brief\": %s}"
                                        .formatted(version, BRIEF.formatted(width)));
                        lastSaved.set(width);
                    }
                } catch (IOException | InterruptedException killed) {
                    // the answer never came, so nobody was told that it was saved
                }
            });
            Thread.sleep(afterMilliseconds);
            app.kill();
            saving.join();
        }
        try (App app = App.start(data, "--no-demo")) {
            String project = send(app, "GET", "/projects/" + id, "");
            int kept = Integer.parseInt(Answers.value(project, "\"width\":\"(\\d+) mm\""));
            assertThat(kept).isBetween(lastSaved.get(), lastSaved.get() + 1);
            String revisions = send(app, "GET", "/projects/" + id + "/revisions", "");
            assertThat(Answers.value(revisions, "\"number\":(\\d+)")).isEqualTo(String.valueOf(kept - NARROWEST + 1));
        }
    }

    @Test
    void aSecondInstanceOnTheSameDataAndATakenPortAreRefusedInOneSentence(@TempDir Path data, @TempDir Path other)
            throws Exception {
        try (App app = App.start(data)) {
            App.Refused second = App.refuse(App.freePort(), data);
            assertThat(second.exitCode()).isEqualTo(2);
            assertThat(second.said())
                    .startsWith("Vantbreeze is already running on the data folder")
                    .hasLineCount(1);
            App.Refused taken = App.refuse(app.port(), other);
            assertThat(taken.exitCode()).isEqualTo(2);
            assertThat(taken.said())
                    .startsWith("Port %d is in use".formatted(app.port()))
                    .hasLineCount(1);
        }
    }

    /** Out of one data folder and into an empty one by the command line: everything as it was, byte by byte. */
    @Test
    void everythingComesBackInAnEmptyFolder(@TempDir Path data, @TempDir Path empty, @TempDir Path elsewhere)
            throws Exception {
        List<String> lists = List.of(
                "/projects",
                "/papers",
                "/log?words=",
                "/hands",
                "/own-folds",
                "/drawer",
                "/postal-classes",
                "/tools/own");
        List<String> before = new ArrayList<>();
        try (App app = App.start(data)) {
            for (String list : lists) {
                before.add(send(app, "GET", list, ""));
            }
        }
        String zip = elsewhere.resolve("all.zip").toString();
        App.Refused written = App.errand(data, "--backup", zip);
        assertThat(written.exitCode()).as(written.said()).isZero();
        assertThat(written.said()).contains("The backup is in " + zip);
        Process unzip = new ProcessBuilder("jar", "tf", zip).start();
        assertThat(new String(unzip.getInputStream().readAllBytes()))
                .contains("manifest.json", "tables/log_entry.json");
        assertThat(new ProcessBuilder("unzip", "-tqq", zip).start().waitFor())
                .as("unzip finds every sum right")
                .isZero();
        App.Refused restored = App.errand(empty, "--restore", zip);
        assertThat(restored.exitCode()).as(restored.said()).isZero();
        try (App app = App.start(empty, "--no-demo")) {
            for (int i = 0; i < lists.size(); i++) {
                assertThat(send(app, "GET", lists.get(i), "")).as(lists.get(i)).isEqualTo(before.get(i));
            }
        }
        java.nio.file.Files.write(Path.of(zip), new byte[] {1, 2, 3});
        App.Refused damaged = App.errand(empty, "--restore", zip);
        assertThat(damaged.exitCode()).isEqualTo(2);
        assertThat(damaged.said()).contains("The backup is damaged at").hasLineCount(1);
    }

    /** Only the loopback address answers; the machine's others do not. */
    @Test
    void onlyThisMachineIsServed(@TempDir Path data) throws Exception {
        try (App app = App.start(data, "--no-demo")) {
            assertThat(send(app, "GET", "/projects", "")).isEqualTo("[]");
            for (var network : java.util.Collections.list(java.net.NetworkInterface.getNetworkInterfaces())) {
                for (var address : java.util.Collections.list(network.getInetAddresses())) {
                    if (!address.isLoopbackAddress()) {
                        try (java.net.Socket socket = new java.net.Socket()) {
                            assertThat(connects(socket, address, app.port())).isFalse();
                        }
                    }
                }
            }
        }
    }

    /** Stopped while it starts, it ends and never says that it is ready; stopped at work, it ends too. The limit is for a hang. */
    @Test
    @Timeout(value = 5, unit = TimeUnit.MINUTES)
    void itEndsWhenItIsTold(@TempDir Path data) throws Exception {
        Process starting = App.begin(data);
        Thread.sleep(900);
        starting.toHandle().destroy();
        String said = new String(starting.getInputStream().readAllBytes());
        starting.waitFor();
        assertThat(said).doesNotContain("ready");
        try (App app = App.start(data)) {
            CompletableFuture<HttpResponse<Void>> shelf = App.HTTP.sendAsync(
                    app.json("POST", "api/shelf", BRIEF.formatted(100)), HttpResponse.BodyHandlers.discarding());
            Thread.sleep(50);
            app.interrupt();
            shelf.handle((answer, failure) -> null).join();
        }
    }

    /** An empty database file is no new table: it is told, and left as it is. */
    @Test
    void aDatabaseThatLostItsContentIsToldInOneSentence(@TempDir Path data) throws Exception {
        try (App app = App.start(data, "--no-demo")) {
            assertThat(send(app, "GET", "/projects", "")).isEqualTo("[]");
        }
        Path file = data.resolve("vantbreeze.mv.db");
        java.nio.file.Files.write(file, new byte[0]);
        App.Refused refused = App.refuse(App.freePort(), data);
        assertThat(refused.exitCode()).isEqualTo(2);
        assertThat(refused.said())
                .startsWith("The database file " + file + " is empty")
                .hasLineCount(1);
        assertThat(file).isEmptyFile();
    }

    /** On data of its own: what happens to be legal is kept. The same seed each time; torture sends more of them. */
    @Test
    void noBadRequestIsAnsweredWithAnythingButAProblem(@TempDir Path data) throws Exception {
        try (App app = App.start(data)) {
            Hostile hostile = new Hostile(app.port(), 20_261_128);
            List<Hostile.Answer> wrong = new ArrayList<>();
            for (int i = 0; i < REQUESTS; i++) {
                Hostile.Answer answer = hostile.next();
                if (!answer.isProper()) {
                    wrong.add(answer);
                }
            }
            assertThat(wrong).isEmpty();
        }
    }

    private static boolean connects(java.net.Socket socket, java.net.InetAddress address, int port) {
        try {
            socket.connect(new java.net.InetSocketAddress(address, port), 2000);
            return true;
        } catch (IOException refused) {
            return false;
        }
    }
}
