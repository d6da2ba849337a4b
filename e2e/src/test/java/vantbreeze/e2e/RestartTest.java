package vantbreeze.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The script when the application has no memory left. */
class RestartTest {

    /**
     * Stands for Java: the first time it runs the application until it is told to, then a program that takes memory until there
     * is none; from then on it is Java.
     */
    private static final String JAVA = """
            #!/usr/bin/env bash
            if [ -e "%1$s/once" ]; then exec "%2$s" "$@"; fi
            touch "%1$s/once"
            "%2$s" "$@" & child=$!
            trap 'kill $child; exit 1' TERM
            until [ -e "%1$s/now" ]; do sleep 0.2; done
            kill -9 $child; wait $child
            exec "%2$s" -Xmx64m -XX:+ExitOnOutOfMemoryError "%1$s/Full.java"
            """;

    private static final String FULL = """
            class Full {
                public static void main(String[] none) {
                    java.util.List<byte[]> all = new java.util.ArrayList<>();
                    while (true) { all.add(new byte[1 << 20]); }
                }
            }
            """;

    /** The script as it is, but for building the application, which has been built. */
    private static final String RUN =
            "set --; source ./vantbreeze >/dev/null; build() { :; }; app=%s; run --port %d --data %s --no-demo";

    private final HttpClient http = HttpClient.newHttpClient();

    private String got(int port, String path) throws Exception {
        return http.send(
                        HttpRequest.newBuilder(URI.create("http://127.0.0.1:%d/%s".formatted(port, path)))
                                .build(),
                        HttpResponse.BodyHandlers.ofString())
                .body();
    }

    private static void awaitReady(BufferedReader said, List<String> lines) throws Exception {
        for (String line = said.readLine(); line != null; line = said.readLine()) {
            lines.add(line);
            if (line.startsWith("Vantbreeze is ready")) {
                return;
            }
        }
        throw new AssertionError("It did not start: " + lines);
    }

    @Test
    void itIsStartedAnewAndTold(@TempDir Path folder) throws Exception {
        Path java = Files.writeString(
                folder.resolve("java"),
                JAVA.formatted(folder, Path.of(System.getProperty("java.home"), "bin", "java")));
        Files.setPosixFilePermissions(java, PosixFilePermissions.fromString("rwxr-xr-x"));
        Files.writeString(folder.resolve("Full.java"), FULL);
        int port = App.freePort();
        ProcessBuilder script = new ProcessBuilder(
                        "bash", "-c", RUN.formatted(App.unpacked(), port, folder.resolve("data")))
                .directory(Path.of("..").toFile())
                .redirectErrorStream(true);
        script.environment().merge("PATH", folder + ":", (path, before) -> before + path);
        Process running = script.start();
        try {
            List<String> said = new ArrayList<>();
            BufferedReader out = running.inputReader();
            awaitReady(out, said);
            assertThat(got(port, "api/store")).doesNotContain("ran out of memory");
            /* What runs out of memory sooner is not started again and again. */
            Thread.sleep(11_000);
            Files.createFile(folder.resolve("now"));
            awaitReady(out, said);
            assertThat(said).contains("vantbreeze: it ran out of memory and is started anew; what was saved is kept");
            assertThat(got(port, "api/store")).contains("Vantbreeze ran out of memory and was started anew at");
            assertThat(got(port, "actuator/health")).contains("UP");
        } finally {
            running.destroy();
            running.waitFor();
        }
    }
}
