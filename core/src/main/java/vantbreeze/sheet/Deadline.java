package vantbreeze.sheet;

import java.util.function.BooleanSupplier;
import vantbreeze.structure.Effort;

/** How long something may still be looked for. */
final class Deadline {

    private final long at;
    private final BooleanSupplier isStopped;

    /** @param isStopped whether whoever waits takes what there is */
    Deadline(long nanos, BooleanSupplier isStopped) {
        this.at = System.nanoTime() + nanos;
        this.isStopped = isStopped;
    }

    /** One that ends sooner. */
    Deadline within(long nanos) {
        return new Deadline(Math.min(nanos, left()), isStopped);
    }

    /** @throws Effort.GivenUp if nobody waits for it any more */
    boolean isOver() {
        Effort.spend(1);
        return isStopped.getAsBoolean() || System.nanoTime() - at > 0;
    }

    long left() {
        return isStopped.getAsBoolean() ? 0 : at - System.nanoTime();
    }
}
