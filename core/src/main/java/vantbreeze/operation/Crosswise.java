package vantbreeze.operation;

import java.util.List;
import java.util.Optional;

/**
 * Work that is done in one go to pieces as they lie on the card and to others that lie turned by a quarter: to board and hand they
 * are the same.
 *
 * @param <T> the work itself
 */
interface Crosswise<T extends Crosswise<T>> {

    /** What is done to those that are turned; it has none turned itself. */
    Optional<T> turned();

    T with(Optional<T> other);

    /** The same work on more pieces that lie alike; what is turned is left out. */
    Optional<T> alike(T more);

    boolean isTurned(T more);

    /** Those that lie as on the card, and those that are turned. */
    default List<T> ways() {
        T these = with(Optional.empty());
        return turned().map(t -> List.of(these, t)).orElse(List.of(these));
    }

    /** With what is done alike, whichever way it lies. */
    default Optional<T> joined(T more) {
        Optional<T> alike = alike(more).map(a -> a.with(turned()));
        if (alike.isPresent()) {
            return alike;
        }
        return turned().isPresent()
                ? turned().get().alike(more).map(t -> with(Optional.of(t)))
                : Optional.of(more).filter(this::isTurned).map(m -> with(Optional.of(m)));
    }
}
