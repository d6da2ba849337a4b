package vantbreeze.server.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.util.concurrent.atomic.AtomicLong;
import org.junit.jupiter.api.Test;

/** A request sent byte by byte ends; one that comes steadily does not, however long it is. */
class SteadyStreamTest {

    private static final long SECOND = 1_000_000_000L;

    private static int readAll(int bytes, int atOnce, long nanosBetween) throws IOException {
        AtomicLong now = new AtomicLong();
        int read = 0;
        try (InputStream in = new SteadyStream(new ByteArrayInputStream(new byte[bytes]), now::get)) {
            byte[] buffer = new byte[atOnce];
            for (int n = in.read(buffer); n >= 0; n = in.read(buffer)) {
                read += n;
                now.addAndGet(nanosBetween);
            }
        }
        return read;
    }

    @Test
    void whatTricklesIsGivenUp() {
        assertThatThrownBy(() -> readAll(500, 1, 3 * SECOND)).hasMessageContaining("too slowly");
    }

    @Test
    void whatComesSteadilyIsRead() throws IOException {
        assertThat(readAll(10_000_000, 10_000, SECOND)).isEqualTo(10_000_000);
        assertThat(readAll(5, 1, 2 * SECOND)).isEqualTo(5);
    }
}
