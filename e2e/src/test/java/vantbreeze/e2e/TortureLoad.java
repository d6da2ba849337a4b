package vantbreeze.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.Socket;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Base64;
import java.util.List;
import java.util.TreeMap;
import java.util.concurrent.CompletableFuture;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** All that takes memory at once, and requests that never end; run by {@code ./vantbreeze torture}. */
class TortureLoad {

    private static final int SIDE = 8000;
    private static final int HALF_REQUESTS = 250;

    /** They take the most work of all designs with six toppers one upon another. */
    private static final List<String> HEAVIEST = List.of(
            "twin-pillar",
            "burst-gate",
            "interlocking-gatefold",
            "peaked-house",
            "woven-gate",
            "never-ending-card",
            "double-z",
            "fold-back-gate",
            "shaped-gate",
            "latch-gate",
            "note-card",
            "gatefold");

    private static final String BRIEF = """
            {"fold": "%s", "basis": {"kind": "CLOSED", "width": "4 1/4 in", "height": "5 1/2 in"}, "parameters": {},
             "sheet": "12x12", "envelope": "a2us", "base": {"stock": "300 gsm", "colour": "#fbf8f0", "print": "PLAIN"},
             "tools": {"ruler": "1/16 in", "board": "1/16 in", "trimmer": "40 in"},
             "matting": {"layers": 2, "steps": ["1/8 in"], "grid": "1/16 in", "meeting": "RUN_ON", "byFace": {},
              "papers": [{"stock": "160 gsm", "colour": "#7e93a8", "print": "PLAIN"}]},
             "ornaments": [%s], "closure": null, "units": "INCH"}""";

    private static final String TOPPER = """
            {"name": "topper %d", "face": "%s", "outline": "heart 1 1/4 x 1 1/4 in", "x": "2 in", "y": "2 in", "lift": null,
             "paper": {"stock": "200 gsm", "colour": "#112233", "print": "PLAIN"}, "glue": "WHOLE"}""";

    private static String got(App app, String path) throws IOException, InterruptedException {
        return App.send(app.json("GET", path, "")).body();
    }

    private static CompletableFuture<Integer> sent(App app, String path, String body) {
        return App.HTTP
                .sendAsync(app.json("POST", path, body), HttpResponse.BodyHandlers.discarding())
                .thenApply(HttpResponse::statusCode);
    }

    private static String heavy(App app, String fold) throws IOException, InterruptedException {
        String plain = App.send(app.json("POST", "api/plans", BRIEF.formatted(fold, "")))
                .body();
        String face = Answers.value(plain, "\"faces\":\\[\\{\"key\":\"([^\"]+)\"");
        List<String> toppers = new ArrayList<>();
        for (int i = 1; i <= 6; i++) {
            toppers.add(TOPPER.formatted(i, face));
        }
        return BRIEF.formatted(fold, String.join(",", toppers));
    }

    private static String picture(String format) throws IOException {
        BufferedImage image = new BufferedImage(SIDE, SIDE, BufferedImage.TYPE_BYTE_GRAY);
        Graphics2D out = image.createGraphics();
        for (int i = 0; i < SIDE; i += 7) {
            out.setColor(new Color(i % 255, i % 255, i % 255));
            out.drawLine(i, 0, SIDE - i, SIDE);
        }
        out.dispose();
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        ImageIO.write(image, format, bytes);
        return Base64.getEncoder().encodeToString(bytes.toByteArray());
    }

    @Test
    void everythingAtOnce(@TempDir Path data) throws Exception {
        try (App app = App.start(data)) {
            String project = Answers.value(got(app, "api/projects"), "\"id\":\"([^\"]+)\"");
            String entry =
                    "{\"content\": {\"project\": null, \"revision\": 1, \"card\": \"Card\", \"fold\": \"Z-fold\", \"madeOn\": \"2026-12-01\", \"occasion\": \"\", \"cards\": 1, \"minutes\": null, \"recipients\": [], \"envelope\": \"\", \"postage\": \"\", \"papers\": [], \"changeNext\": \"\", \"measured\": []}, \"brief\": %s, \"photos\": [\"%s\"]}";
            List<String> pictures = List.of(picture("png"), picture("jpg"), picture("png"));
            List<String> cards = new ArrayList<>();
            for (String fold : HEAVIEST) {
                cards.add(heavy(app, fold));
            }
            long before = app.residentMegabytes();
            List<CompletableFuture<Integer>> answers = new ArrayList<>();
            for (String card : cards) {
                answers.add(sent(app, "api/plans", card));
                answers.add(sent(app, "api/shelf", card));
                answers.add(sent(app, "api/pictures", card));
            }
            answers.add(sent(app, "api/backup/written", ""));
            for (String picture : pictures) {
                answers.add(sent(app, "api/log", entry.formatted(BRIEF.formatted("z-fold", ""), picture)));
            }
            answers.add(sent(
                    app,
                    "api/cuttings",
                    "{\"cards\": [{\"project\": \"%s\", \"count\": 40}], \"keepsGrain\": true, \"twoAtOnce\": true, \"seconds\": 20, \"pins\": []}"
                            .formatted(project)));
            long most = 0;
            CompletableFuture<Void> all = CompletableFuture.allOf(answers.toArray(new CompletableFuture<?>[0]));
            while (!all.isDone()) {
                most = Math.max(most, app.residentMegabytes());
                Thread.sleep(50);
            }
            TreeMap<Integer, Integer> statuses = new TreeMap<>();
            for (CompletableFuture<Integer> answer : answers) {
                statuses.merge(answer.join(), 1, Integer::sum);
            }
            Figures.add(
                    "Twelve heaviest cards with their shelves and pictures, a backup, three photographs of %d by %d dots and a cutting search at once, with a heap of at most 512 MB: answers %s; %d MB resident before, %d at the most.",
                    SIDE, SIDE, statuses, before, most);
            assertThat(statuses.keySet()).allMatch(s -> s < 500 || s == 503);
            assertThat(got(app, "api/projects")).contains(project);
        }
    }

    @Test
    void halfRequests(@TempDir Path data) throws Exception {
        try (App app = App.start(data)) {
            got(app, "api/projects");
            List<Socket> sockets = new ArrayList<>();
            for (int i = 0; i < HALF_REQUESTS; i++) {
                Socket socket = new Socket("127.0.0.1", app.port());
                sockets.add(socket);
                socket.getOutputStream()
                        .write(
                                ("POST /api/plans HTTP/1.1\r\nHost: 127.0.0.1:%d\r\nContent-Type: application/json\r\nContent-Length: 5000\r\n\r\n{"
                                                .formatted(app.port()))
                                        .getBytes(StandardCharsets.US_ASCII));
            }
            long slowest = 0;
            for (int i = 0; i < 20; i++) {
                for (Socket socket : sockets) {
                    trickle(socket);
                }
                long begun = System.nanoTime();
                got(app, "api/projects");
                slowest = Math.max(slowest, (System.nanoTime() - begun) / 1_000_000);
                Thread.sleep(1000);
            }
            int soon = 0;
            int later = 0;
            for (Socket socket : sockets) {
                socket.setSoTimeout(1000);
                boolean isSoon = isEnded(socket);
                soon += isSoon ? 1 : 0;
                socket.setSoTimeout(60_000);
                later += !isSoon && isEnded(socket) ? 1 : 0;
                socket.close();
            }
            Figures.add(
                    "%d half requests that go on by a byte each second: the slowest of 20 lists of all cards beside them took %d ms; %d of them were ended after 20 seconds, all but %d within a minute more.",
                    HALF_REQUESTS, slowest, soon, HALF_REQUESTS - soon - later);
            assertThat(soon + later).isEqualTo(HALF_REQUESTS);
        }
    }

    private static void trickle(Socket socket) {
        try {
            socket.getOutputStream().write(' ');
        } catch (IOException ended) {
            /* It was given up, as it should be. */
        }
    }

    private static boolean isEnded(Socket socket) {
        try {
            return new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8).isEmpty()
                    || socket.getInputStream().read() < 0;
        } catch (java.net.SocketTimeoutException open) {
            return false;
        } catch (IOException reset) {
            return true;
        }
    }

    @AfterAll
    static void report() throws IOException {
        Figures.write();
    }
}
