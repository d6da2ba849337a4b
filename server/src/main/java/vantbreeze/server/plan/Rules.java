package vantbreeze.server.plan;

import java.io.IOException;
import java.net.URISyntaxException;
import java.nio.file.Files;
import java.nio.file.Path;
import vantbreeze.plan.Planner;
import vantbreeze.server.store.Digest;

/** By which rules plans are made: what was worked out by others may differ. */
public final class Rules {

    /** The same for the same core; while it is being worked on, the same for all. */
    public static final String EDITION = edition();

    private Rules() {}

    private static String edition() {
        try {
            Path core = Path.of(Planner.class
                    .getProtectionDomain()
                    .getCodeSource()
                    .getLocation()
                    .toURI());
            return Files.isRegularFile(core) ? Digest.of(core) : "unpacked";
        } catch (IOException | URISyntaxException | IllegalArgumentException e) {
            return "unknown";
        }
    }
}
