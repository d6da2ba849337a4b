package vantbreeze.structure;

/** Long work ends when nobody waits for it any more: the thread that does it is interrupted then. */
public final class GivenUp extends RuntimeException {

    private static final long serialVersionUID = 1L;

    private GivenUp() {
        super("Nobody waits for it any more.");
    }

    /** Asked wherever much is about to be done. */
    public static void ifNobodyWaits() {
        ifNobodyWaits(Thread.currentThread());
    }

    /** @param forWhom does the work, or waits for those that do parts of it */
    public static void ifNobodyWaits(Thread forWhom) {
        if (forWhom.isInterrupted()) {
            throw new GivenUp();
        }
    }
}
