package vantbreeze.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.Map;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * Backups as versions before this one wrote them lie with the tests, made from the demo with a photograph in the logbook and a
 * card that was deleted. Whatever stands in them is there afterwards, byte for byte.
 */
class RestoreTest {

    @ParameterizedTest
    @ValueSource(ints = {1, 2})
    void everythingOfAnEarlierFormatComesBack(int format, @TempDir Path data, @TempDir Path elsewhere)
            throws Exception {
        Path archive = Path.of("src", "test", "resources", "format-%d.zip".formatted(format));
        App.Refused restored =
                App.errand(data, "--restore", archive.toAbsolutePath().toString());
        assertThat(restored.exitCode()).as(restored.said()).isZero();
        assertThat(Archives.content(archive))
                .hasSizeGreaterThan(12)
                .anySatisfy((name, content) -> assertThat(name).startsWith("files/photo/"));
        Map<String, String> kept = Archives.kept(data, elsewhere);
        assertThat(kept).containsAllEntriesOf(Archives.content(archive));
        /* What that version had no table for is there, and empty. */
        kept.keySet().removeAll(Archives.content(archive).keySet());
        assertThat(kept.values()).allMatch(rows -> rows.matches("\\[\\s*\\]\\s*"));
    }
}
