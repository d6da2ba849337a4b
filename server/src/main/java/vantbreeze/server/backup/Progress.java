package vantbreeze.server.backup;

import java.util.concurrent.atomic.AtomicLong;

/** How far long work has come, told by the one who does it and asked by another; either may end it. */
final class Progress {

    /** Whoever asked for it does not want it any more. */
    static final class Cancelled extends RuntimeException {

        private static final long serialVersionUID = 1L;

        Cancelled() {
            super("It was cancelled. Nothing was changed.");
        }
    }

    private final AtomicLong done = new AtomicLong();
    private volatile long all;
    private volatile boolean cancelled;
    private volatile Runnable moved = () -> {};

    /** @param bytes of what is to be done in all, as far as is known */
    void expect(long bytes) {
        all = bytes;
        done.set(0);
    }

    /** @throws Cancelled if nobody wants it any more */
    void did(long bytes) {
        if (cancelled) {
            throw new Cancelled();
        }
        done.addAndGet(bytes);
        moved.run();
    }

    void cancel() {
        cancelled = true;
    }

    /** @param teller is run at every step, by the one who works */
    void tell(Runnable teller) {
        moved = teller;
    }

    long done() {
        return Math.min(done.get(), all);
    }

    long all() {
        return all;
    }
}
