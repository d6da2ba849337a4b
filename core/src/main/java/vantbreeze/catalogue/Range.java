package vantbreeze.catalogue;

import vantbreeze.measure.Length;
import vantbreeze.measure.Ruler;

/**
 * What a length parameter may be, both ends included, and why.
 *
 * @param whyLeast ends the sentence "at least 1/4 in, ..."
 */
public record Range(Length least, String whyLeast, Length most, String whyMost) {

    public boolean holds(Length value) {
        return !value.isLessThan(least) && !value.isMoreThan(most);
    }

    /** "¼ in to 5½ in". */
    public String text(Ruler ruler) {
        return ruler.text(least) + " to " + ruler.text(most);
    }

    /** "The front panel can be at most 5½ in, the width of the card." */
    public String refusal(String label, Length value, Ruler ruler) {
        return value.isMoreThan(most)
                ? "The %s can be at most %s, %s.".formatted(label, ruler.text(most), whyMost)
                : "The %s must be at least %s, %s.".formatted(label, ruler.text(least), whyLeast);
    }
}
