package vantbreeze.e2e;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.TimeUnit;

/** The packaged application as a process of its own. */
final class App implements AutoCloseable {

    private static final String READY = "Vantbreeze is ready at ";
    private static final String MAIN = "vantbreeze.server.Vantbreeze";

    static final HttpClient HTTP = HttpClient.newHttpClient();

    /** Unpacked once, with an archive of its loaded classes, it starts in a third of the time. */
    private static final Path UNPACKED = unpack();

    private final Process process;
    private final String address;

    private App(Process process, String address) {
        this.process = process;
        this.address = address;
    }

    /** How a start that was refused ended. */
    record Refused(int exitCode, String said) {}

    /** Starts on a free port and waits until it is ready. */
    static App start(Path data, String... options) {
        Process process = launch(freePort(), data, options);
        List<String> said = new ArrayList<>();
        try {
            BufferedReader out = process.inputReader();
            for (String line = out.readLine(); line != null; line = out.readLine()) {
                if (line.startsWith(READY)) {
                    return new App(process, line.substring(READY.length()));
                }
                said.add(line);
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        throw new IllegalStateException("The application did not start: " + String.join("\n", said));
    }

    /** Starts with something to do and be done with, and waits for its end. */
    static Refused errand(Path data, String... options) throws IOException, InterruptedException {
        return ended(launch(freePort(), data, options));
    }

    /** Starts where it cannot run, and waits for its end. */
    static Refused refuse(int port, Path data) throws IOException, InterruptedException {
        return ended(launch(port, data));
    }

    private static Refused ended(Process process) throws IOException, InterruptedException {
        String said = new String(process.getInputStream().readAllBytes()).strip();
        if (!process.waitFor(1, TimeUnit.MINUTES)) {
            process.destroyForcibly();
            throw new IllegalStateException("The application started: " + said);
        }
        return new Refused(process.exitValue(), said);
    }

    /** Starts and does not wait; ended by whoever asked for it. */
    static Process begin(Path data) {
        return launch(freePort(), data);
    }

    /** Asks it to end, as Ctrl+C does, and waits. */
    int interrupt() throws InterruptedException {
        process.destroy();
        return process.waitFor();
    }

    /** In the machine's memory, in MB; Linux alone tells. */
    long residentMegabytes() throws IOException {
        return Files.readAllLines(Path.of("/proc/%d/status".formatted(process.pid()))).stream()
                .filter(line -> line.startsWith("VmRSS:"))
                .mapToLong(line -> Long.parseLong(line.replaceAll("\\D", "")) / 1024)
                .findFirst()
                .orElseThrow();
    }

    private static Process launch(int port, Path data, String... options) {
        List<String> command = new ArrayList<>(List.of(
                "-Xmx512m",
                "-XX:+ExitOnOutOfMemoryError",
                "-XX:TieredStopAtLevel=1",
                "-XX:SharedArchiveFile=app.jsa",
                "-cp",
                "vantbreeze-app.jar",
                MAIN,
                "--port",
                String.valueOf(port),
                "--data",
                data.toString()));
        command.addAll(List.of(options));
        return java(UNPACKED, command);
    }

    private static Process java(Path folder, List<String> arguments) {
        List<String> command = new ArrayList<>(
                List.of(Path.of(System.getProperty("java.home"), "bin", "java").toString()));
        command.addAll(arguments);
        try {
            return new ProcessBuilder(command)
                    .directory(folder.toFile())
                    .redirectErrorStream(true)
                    .start();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Path unpack() {
        try {
            Path folder = Files.createTempDirectory("vantbreeze-app");
            finish(java(
                    folder,
                    List.of(
                            "-Djarmode=tools",
                            "-jar",
                            jar(),
                            "extract",
                            "--force",
                            "--destination",
                            folder.toString())));
            finish(java(
                    folder,
                    List.of(
                            "-XX:ArchiveClassesAtExit=app.jsa",
                            "-Dspring.context.exit=onRefresh",
                            "-cp",
                            "vantbreeze-app.jar",
                            MAIN,
                            "--port",
                            String.valueOf(freePort()),
                            "--data",
                            folder.resolve("training").toString())));
            return folder;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static void finish(Process process) throws IOException {
        process.getInputStream().readAllBytes();
        try {
            process.waitFor();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    private static String jar() {
        return Arrays.stream(System.getProperty("java.class.path").split(java.io.File.pathSeparator))
                .filter(p -> p.endsWith("-app.jar"))
                .findFirst()
                .orElseThrow(() -> new IllegalStateException("The packaged application is not on the class path."));
    }

    static int freePort() {
        try (ServerSocket socket = new ServerSocket(0)) {
            return socket.getLocalPort();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** @param path "api/projects" */
    HttpRequest request(String method, String path, HttpRequest.BodyPublisher body, String type) {
        return HttpRequest.newBuilder(URI.create(address + path))
                .header("Content-Type", type)
                .method(method, body)
                .build();
    }

    HttpRequest json(String method, String path, String body) {
        return request(method, path, HttpRequest.BodyPublishers.ofString(body), "application/json");
    }

    static HttpResponse<String> send(HttpRequest request) throws IOException, InterruptedException {
        return HTTP.send(request, HttpResponse.BodyHandlers.ofString());
    }

    /** Where it lies unpacked. */
    static Path unpacked() {
        return UNPACKED;
    }

    /** Ends with a slash. */
    String address() {
        return address;
    }

    int port() {
        return URI.create(address).getPort();
    }

    /** As a power cut would: nothing is told to it, nothing is finished. */
    void kill() throws InterruptedException {
        process.destroyForcibly().waitFor();
    }

    @Override
    public void close() {
        process.destroy();
        try {
            if (!process.waitFor(20, TimeUnit.SECONDS)) {
                process.destroyForcibly();
            }
        } catch (InterruptedException e) {
            process.destroyForcibly();
            Thread.currentThread().interrupt();
        }
    }
}
