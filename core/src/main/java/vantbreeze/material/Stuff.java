package vantbreeze.material;

import vantbreeze.measure.Length;

/** What a part is cut from. */
public sealed interface Stuff permits Paper, Film {

    Length thickness();

    /** @return grams of a part of that many square millimetres */
    double grams(double squareMillimetres);

    /** Whether it matters which way it lies: a pattern with an up. */
    boolean hasUp();
}
