package vantbreeze.operation;

import java.util.List;
import java.util.stream.Stream;
import vantbreeze.make.Grouped;
import vantbreeze.measure.Ruler;
import vantbreeze.structure.Side;

/** What several operations say alike. */
final class Phrases {

    private Phrases() {}

    static String sideUp(Side side) {
        return side == Side.FACE ? "Face side up" : "Turned over like a page, back up";
    }

    static <T> List<T> both(List<T> some, List<T> more) {
        return Stream.concat(some.stream(), more.stream()).toList();
    }

    static String spans(List<Span> spans, Ruler ruler) {
        return Grouped.joined(spans.stream()
                .map(s -> "%s to %s".formatted(ruler.text(s.from()), ruler.text(s.to())))
                .toList());
    }
}
