package vantbreeze.operation;

import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import vantbreeze.measure.Ruler;
import vantbreeze.structure.Grouped;
import vantbreeze.structure.Side;

/** What several operations say alike. */
final class Phrases {

    private Phrases() {}

    /** What to mind, each once, to follow a sentence; nothing where there is nothing. */
    static String care(Stream<String> sentences) {
        return sentences.filter(s -> !s.isEmpty()).distinct().map(s -> " " + s).collect(Collectors.joining());
    }

    static String sideUp(Side side) {
        return side == Side.FACE ? "Face up" : "Face down, turned over like a page";
    }

    static <T> List<T> both(List<T> some, List<T> more) {
        return Stream.concat(some.stream(), more.stream()).toList();
    }

    /** @param round whether it is turned round on the table as well */
    static String sideUp(Side side, boolean round) {
        return !round
                ? sideUp(side)
                : side == Side.FACE ? "Face up, turned round" : "Face down, turned over top to bottom";
    }

    static String spans(List<Span> spans, Ruler ruler) {
        return Grouped.joined(spans.stream()
                .map(s -> "%s to %s".formatted(ruler.text(s.from()), ruler.text(s.to())))
                .toList());
    }
}
