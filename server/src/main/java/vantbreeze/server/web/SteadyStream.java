package vantbreeze.server.web;

import java.io.FilterInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.util.function.LongSupplier;

/** What is sent too slowly to be meant is given up: byte by byte, a request would never end. */
public final class SteadyStream extends FilterInputStream {

    private static final long GRACE_NANOS = 10_000_000_000L;
    private static final long NANOS_IN_SECOND = 1_000_000_000L;
    private static final long LEAST_BYTES_IN_SECOND = 1000;

    private final LongSupplier clock;
    private final long begun;
    private long read;

    /** @param clock tells nanoseconds */
    public SteadyStream(InputStream in, LongSupplier clock) {
        super(in);
        this.clock = clock;
        this.begun = clock.getAsLong();
    }

    @Override
    public int read() throws IOException {
        int next = super.read();
        requireSteady(next < 0 ? 0 : 1);
        return next;
    }

    @Override
    public int read(byte[] bytes, int from, int length) throws IOException {
        int count = super.read(bytes, from, length);
        requireSteady(Math.max(0, count));
        return count;
    }

    private void requireSteady(int more) throws IOException {
        read += more;
        long after = clock.getAsLong() - begun - GRACE_NANOS;
        if (after > 0 && read < after / NANOS_IN_SECOND * LEAST_BYTES_IN_SECOND) {
            throw new IOException("It is sent too slowly.");
        }
    }
}
