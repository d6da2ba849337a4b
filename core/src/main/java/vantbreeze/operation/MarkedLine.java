package vantbreeze.operation;

import java.util.List;
import vantbreeze.make.Grouped;
import vantbreeze.measure.Length;
import vantbreeze.measure.Ruler;

/**
 * Marks on one line.
 *
 * @param upright whether the line is
 * @param at from the left end, or from the bottom
 * @param along where on it, from the bottom, or from the left end
 */
public record MarkedLine(boolean upright, Length at, List<Length> along) {

    String text(Ruler ruler) {
        List<String> places = along.stream().map(ruler::text).toList();
        return upright
                ? "%s from the left end, at %s from the bottom".formatted(ruler.text(at), Grouped.joined(places))
                : "%s from the bottom, at %s from the left end".formatted(ruler.text(at), Grouped.joined(places));
    }
}
