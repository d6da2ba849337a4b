package vantbreeze.operation;

import java.util.List;
import vantbreeze.measure.Length;
import vantbreeze.measure.Ruler;

/**
 * One setting of the board's fence.
 *
 * @param upright whether the line is; its position is then read from the left end, otherwise from the bottom
 * @param at as the piece lies then
 * @param spans up from the bottom, or across from the left; empty for all of it
 * @param scores the ids of what is scored there
 */
public record FenceSetting(boolean upright, Length at, List<Span> spans, List<String> scores) {

    public FenceSetting {
        spans = List.copyOf(spans);
        scores = List.copyOf(scores);
    }

    boolean isSetLike(FenceSetting other) {
        return upright == other.upright && at.equals(other.at) && spans.equals(other.spans);
    }

    /** What is scored there of more pieces. */
    FenceSetting with(FenceSetting other) {
        return new FenceSetting(upright, at, spans, Phrases.both(scores, other.scores));
    }

    static String from(boolean upright) {
        return upright ? "from the left edge" : "up from the bottom";
    }

    String text(Ruler ruler) {
        String from = "%s %s".formatted(ruler.text(at), from(upright));
        return spans.isEmpty()
                ? from
                : "%s (only %s, %s)"
                        .formatted(from, Phrases.spans(spans, ruler), upright ? "up from the bottom" : "from the left");
    }
}
