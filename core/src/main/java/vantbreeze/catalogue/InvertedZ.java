package vantbreeze.catalogue;

import java.util.List;
import vantbreeze.measure.Length;
import vantbreeze.structure.Handling;
import vantbreeze.structure.Piece;
import vantbreeze.structure.Point;
import vantbreeze.structure.Structure;

/**
 * A Z-fold whose front is a frame: two slits free a picture inside it, which swings on links as a parallelogram and
 * stands before or behind its frame.
 */
final class InvertedZ implements FoldDesign {

    private static final String DEPTH = "depth";
    private static final String SIDE = "side";
    private static final String EDGE = "edge";

    @Override
    public String id() {
        return "inverted-z";
    }

    @Override
    public String name() {
        return "inverted Z-fold";
    }

    @Override
    public String summary() {
        return "A shadow box: a picture stands out of its own frame when the card is opened.";
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.width(),
                Parameter.height(),
                Parameter.length(
                        DEPTH,
                        "depth",
                        "How far the picture stands from its frame.",
                        v -> v.grid()
                                .nearest(Length.min(
                                        Length.inches(3, 4),
                                        v.width().dividedBy(6).each())),
                        v -> new Range(
                                Parameter.SMALLEST_PANEL,
                                "the least that folds",
                                v.width().dividedBy(4).each(),
                                "or frame and link leave no picture")),
                Parameter.length(
                        SIDE,
                        "frame at the side",
                        "Width of the frame at its free side.",
                        v -> v.length(DEPTH),
                        v -> new Range(
                                v.length(DEPTH),
                                "the depth, or the picture sticks out when closed",
                                Values.half(v.width()),
                                "half the card")),
                Parameter.length(
                        EDGE,
                        "frame above and below",
                        "Height of the frame above and below the picture.",
                        v -> Length.min(v.length(DEPTH), v.height().dividedBy(4).each()),
                        v -> new Range(
                                Parameter.SMALLEST_PANEL,
                                "the least that can be cut",
                                v.height().dividedBy(3).each(),
                                "or little picture is left")));
    }

    @Override
    public Structure build(Values v) {
        Length w = v.width();
        Length h = v.height();
        Length d = v.length(DEPTH);
        Length m = v.length(SIDE);
        Length low = v.length(EDGE);
        Length high = h.minus(low);
        Length half = Values.half(w);
        Length middle = Values.half(h);
        Piece base = Piece.rectangle("base", w.times(2), h)
                .slit("lower slit", new Point(m, low), new Point(w.plus(d), low))
                .slit("upper slit", new Point(m, high), new Point(w.plus(d), high))
                .mountain("score 1", new Point(m, low), new Point(m, high))
                .valley("score 2", new Point(m.plus(d), low), new Point(m.plus(d), high))
                .mountain("score 3, low", new Point(w, Length.ZERO), new Point(w, low))
                .mountain("score 3, high", new Point(w, high), new Point(w, h))
                .mountain("score 4", new Point(w.plus(d), low), new Point(w.plus(d), high))
                .valley("score 5", new Point(w.plus(half), Length.ZERO), new Point(w.plus(half), h))
                .name("frame", new Point(Values.half(m), middle))
                .name("link", new Point(m.plus(Values.half(d)), middle))
                .name("picture", new Point(Values.half(m.plus(w)).plus(d), middle))
                .name("middle", new Point(w.plus(Values.half(half)), Values.half(low)))
                .name("back", new Point(w.plus(half).plus(Values.half(half)), middle))
                .build();
        return Structure.of(base)
                .displayed(0.5)
                .handled(Handling.folded(
                        "Square it",
                        "Press the card flat. The two corners of the frame line up with the right edge. Hold them there "
                                + "and burnish every fold again."))
                .anchoredAt("frame");
    }
}
