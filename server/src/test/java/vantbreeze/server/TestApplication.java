package vantbreeze.server;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.webmvc.test.autoconfigure.AutoConfigureMockMvc;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import vantbreeze.server.store.FaultyDisk;

/** The whole application without a network, on a data folder of its own, empty at first. Tests extend it. */
@SpringBootTest(classes = Vantbreeze.class, properties = "vantbreeze.demo=false")
@AutoConfigureMockMvc
public abstract class TestApplication {

    protected static final Path DATA = temporaryFolder();

    @DynamicPropertySource
    static void ownData(DynamicPropertyRegistry registry) {
        FaultyDisk.plugIn();
        registry.add("vantbreeze.data", DATA::toString);
        registry.add("vantbreeze.files", () -> FaultyDisk.NAME);
    }

    private static Path temporaryFolder() {
        try {
            return Files.createTempDirectory("vantbreeze-test");
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
