package vantbreeze.server;

import java.io.IOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.Optional;
import vantbreeze.server.store.StartRefusal;

/**
 * What the maker asks for at the start.
 *
 * @param port 1024 to 65535
 * @param data folder of the database
 * @param demo whether an empty data folder is filled with the demo projects
 * @param errand what is done instead of waiting for a browser
 */
record StartOptions(int port, Path data, boolean demo, Optional<Errand> errand) {

    /**
     * Something to do and be done with.
     *
     * @param restores whether the file is read, not written
     */
    record Errand(boolean restores, Path file) {}

    static final int DEFAULT_PORT = 8117;
    private static final int LOWEST_PORT = 1024;
    private static final int HIGHEST_PORT = 65_535;

    /** @throws StartRefusal for an option that is not known or has no proper value */
    static StartOptions parse(String[] args) {
        int port = DEFAULT_PORT;
        Path data = Path.of(".vantbreeze", "data");
        boolean demo = true;
        Optional<Errand> errand = Optional.empty();
        for (int i = 0; i < args.length; i++) {
            switch (args[i]) {
                case "--port" -> port = port(value(args, ++i));
                case "--data" -> data = data(value(args, ++i));
                case "--no-demo" -> demo = false;
                case "--backup" -> errand = Optional.of(new Errand(false, file(value(args, ++i))));
                case "--restore" -> errand = Optional.of(new Errand(true, file(value(args, ++i))));
                default ->
                    throw new StartRefusal(
                            "The option (%s) is not known; there are --port N, --data DIR, --no-demo, --backup FILE and --restore FILE."
                                    .formatted(args[i]));
            }
        }
        return new StartOptions(port, data, demo, errand);
    }

    private static String value(String[] args, int i) {
        if (i >= args.length || args[i].startsWith("--")) {
            throw new StartRefusal("The option (%s) needs a value after it.".formatted(args[i - 1]));
        }
        return args[i];
    }

    /** The database and the framework give these characters a meaning of their own. */
    private static Path data(String text) {
        if (text.isBlank()) {
            throw new StartRefusal("The data folder (%s) must not be empty.".formatted(text));
        }
        if (text.contains(";") || text.contains("${") || text.chars().anyMatch(Character::isISOControl)) {
            throw new StartRefusal(
                    "The data folder (%s) must not contain ; or ${ or control characters.".formatted(text));
        }
        try {
            return Path.of(text);
        } catch (InvalidPathException e) {
            throw new StartRefusal("The data folder (%s) is not a path.".formatted(text));
        }
    }

    private static Path file(String text) {
        try {
            return Path.of(text).toAbsolutePath();
        } catch (InvalidPathException e) {
            throw new StartRefusal("The file (%s) is not a path.".formatted(text));
        }
    }

    private static int port(String text) {
        try {
            int port = Integer.parseInt(text);
            if (port >= LOWEST_PORT && port <= HIGHEST_PORT) {
                return port;
            }
        } catch (NumberFormatException notANumber) {
            // refused below like any other value
        }
        throw new StartRefusal(
                "The port (%s) must be a number from %d to %d.".formatted(text, LOWEST_PORT, HIGHEST_PORT));
    }

    /** @throws StartRefusal if something listens there already */
    void requireFreePort() {
        if (errand.isPresent()) {
            return;
        }
        try (ServerSocket probe = new ServerSocket(port, 1, InetAddress.getLoopbackAddress())) {
            probe.setReuseAddress(true);
        } catch (IOException inUse) {
            throw new StartRefusal(
                    "Port %d is in use; choose another with --port, or stop what uses it.".formatted(port));
        }
    }
}
