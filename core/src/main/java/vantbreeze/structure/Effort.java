package vantbreeze.structure;

import java.util.function.Supplier;

/**
 * How much may be worked out before an answer is refused: counted, never timed, so that what is refused is the same on a busy machine
 * and on a fast one. Work also ends when nobody waits for it any more: the thread that does it is interrupted then.
 */
public final class Effort {

    private static final ThreadLocal<Effort> CURRENT = new ThreadLocal<>();

    private final long most;
    private long spent;

    private Effort(long most) {
        this.most = most;
    }

    /** Nobody waits for the answer any more. */
    public static final class GivenUp extends RuntimeException {

        private static final long serialVersionUID = 1L;

        private GivenUp() {
            super("Nobody waits for it any more.");
        }
    }

    /** It would take more than was allowed. */
    public static final class TooMuch extends RuntimeException {

        private static final long serialVersionUID = 1L;

        private TooMuch(long most) {
            super("It takes more than %,d units of work.".formatted(most));
        }
    }

    /**
     * Does something with at most so much work on this thread.
     *
     * @param most in units: about one corner, edge or panel looked at
     * @throws TooMuch if that does not suffice
     */
    public static <T> T within(long most, Supplier<T> work) {
        Effort before = CURRENT.get();
        CURRENT.set(new Effort(most));
        try {
            return work.get();
        } finally {
            CURRENT.set(before);
        }
    }

    /** @return how many units that takes */
    public static long of(Runnable work) {
        return within(Long.MAX_VALUE, () -> {
            work.run();
            return CURRENT.get().spent;
        });
    }

    /**
     * Said wherever much is about to be done.
     *
     * @param units about how much
     * @throws TooMuch if it exceeds what is allowed
     * @throws GivenUp if nobody waits any more
     */
    public static void spend(long units) {
        ifNobodyWaits(Thread.currentThread());
        Effort current = CURRENT.get();
        if (current != null) {
            current.spent += units;
            if (current.spent > current.most) {
                throw new TooMuch(current.most);
            }
        }
    }

    /**
     * @param forWhom does the work, or waits for those that do parts of it
     * @throws GivenUp if it has been interrupted
     */
    public static void ifNobodyWaits(Thread forWhom) {
        if (forWhom.isInterrupted()) {
            throw new GivenUp();
        }
    }
}
