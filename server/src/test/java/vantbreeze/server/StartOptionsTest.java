package vantbreeze.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import vantbreeze.server.store.DataFolder;
import vantbreeze.server.store.StartRefusal;

class StartOptionsTest {

    @Test
    void whatIsNotSaidIsUsual() {
        assertThat(StartOptions.parse(new String[0]))
                .isEqualTo(new StartOptions(
                        StartOptions.DEFAULT_PORT, Path.of(".vantbreeze", "data"), true, Optional.empty()));
    }

    @Test
    void everyOptionIsRead() {
        assertThat(StartOptions.parse(new String[] {"--no-demo", "--port", "9000", "--data", "cards"}))
                .isEqualTo(new StartOptions(9000, Path.of("cards"), false, Optional.empty()));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "--port 80 | The port (80) must be a number from 1024 to 65535.",
                "--port x | The port (x) must be a number from 1024 to 65535.",
                "--port --no-demo | The option (--port) needs a value after it.",
                "--data a;b | The data folder (a;b) must not contain ; or ${ or control characters.",
                "--data ${user.home} | The data folder (${user.home}) must not contain ; or ${ or control characters.",
                "--port | The option (--port) needs a value after it.",
                "--colour | The option (--colour) is not known; there are --port N, --data DIR, --no-demo, --backup FILE and --restore FILE."
            })
    void whatCannotBeIsRefusedInOneSentence(String args, String sentence) {
        assertThatThrownBy(() -> StartOptions.parse(args.split(" ")))
                .isInstanceOf(StartRefusal.class)
                .hasMessage(sentence);
    }

    @Test
    void aBlankDataFolderIsRefused() {
        assertThatThrownBy(() -> StartOptions.parse(new String[] {"--data", " "}))
                .isInstanceOf(StartRefusal.class)
                .hasMessage("The data folder ( ) must not be empty.");
    }

    @Test
    void aPortInUseIsRefused() throws IOException {
        try (ServerSocket taken = new ServerSocket(0, 1, InetAddress.getLoopbackAddress())) {
            StartOptions options = new StartOptions(taken.getLocalPort(), Path.of("x"), true, Optional.empty());
            assertThatThrownBy(options::requireFreePort)
                    .isInstanceOf(StartRefusal.class)
                    .hasMessageContaining("Port %d is in use".formatted(taken.getLocalPort()));
        }
    }

    /** A file where the folder should be: refused for everyone, root too. */
    @Test
    void aDataFolderThatCannotBeWrittenIsRefused(@TempDir Path folder) throws IOException {
        Path file = Files.createFile(folder.resolve("a file"));
        assertThatThrownBy(() -> DataFolder.claim(file.resolve("data")))
                .isInstanceOf(StartRefusal.class)
                .hasMessageContaining("cannot be written");
    }
}
