package vantbreeze.operation;

import java.util.List;
import vantbreeze.measure.Length;
import vantbreeze.measure.Ruler;
import vantbreeze.structure.Grouped;

/**
 * Marks above one another.
 *
 * @param at from the left end
 * @param along how far up, from the bottom
 */
public record MarkedLine(Length at, List<Length> along) {

    String text(Ruler ruler) {
        return "%s from the left end, at %s from the bottom"
                .formatted(
                        ruler.text(at),
                        Grouped.joined(along.stream().map(ruler::text).toList()));
    }
}
