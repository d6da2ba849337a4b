package vantbreeze.material;

import vantbreeze.measure.Length;

/** What a part is cut from. */
public sealed interface Stuff permits Paper, Film {

    Length thickness();

    /** @return grams of a part of that many square millimetres */
    double grams(double squareMillimetres);

    /** What makers call it. */
    String called();

    /** Whether the one may be cut off a sheet of the other. */
    default boolean isLike(Stuff other) {
        return equals(other);
    }

    /** Whether it matters which way it lies: a pattern with an up. */
    boolean hasUp();
}
