package vantbreeze.catalogue;

import java.util.List;
import java.util.Map;
import vantbreeze.measure.Length;
import vantbreeze.structure.Bond;
import vantbreeze.structure.Piece;
import vantbreeze.structure.Point;
import vantbreeze.structure.Side;
import vantbreeze.structure.Structure;

/** A base, a book over it, and two struts of four panels between them, mirror images of each other. */
final class FloatingBook implements FoldDesign {

    private static final String STRUT = "strut";
    private static final String HALF = "half";
    private static final String HIGH = "high";

    @Override
    public String id() {
        return "floating-book";
    }

    @Override
    public String name() {
        return "floating book";
    }

    @Override
    public String summary() {
        return "A small book on two folded struts that lifts off its base.";
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.width(),
                Parameter.height(),
                Parameter.length(
                        STRUT,
                        "strut panel",
                        "Width of one of a strut's four panels; the book lifts up to twice that.",
                        v -> v.grid().nearest(v.width().dividedBy(7).each()),
                        v -> new Range(
                                Parameter.SMALLEST_PANEL,
                                "the least that folds",
                                Values.half(Values.half(v.width())),
                                "or the strut sticks out: two panels lie within half the base")),
                Parameter.length(
                        HALF,
                        "half of the book",
                        "Width of one half of the book.",
                        v -> v.grid().nearest(v.width().times(5).dividedBy(14).each()),
                        v -> new Range(
                                v.length(STRUT),
                                "or its strut cannot be glued",
                                Values.half(v.width()),
                                "half the base")),
                Parameter.stripHeight(
                        HIGH,
                        "strut height",
                        "Height of the struts.",
                        v -> v.grid().nearest(v.height().times(2).dividedBy(5).each())));
    }

    @Override
    public Structure build(Values v) {
        Length s = v.length(STRUT);
        Length q = v.length(HALF);
        Length centre = Values.half(v.width());
        Length up = Values.half(v.height().minus(v.length(HIGH)));
        Piece base = Piece.rectangle("base", v.width(), v.height())
                .name("base", new Point(centre, Values.half(v.height())))
                .build();
        Piece book = Piece.strip("book", v.height())
                .panel("left half", q)
                .valley("book score")
                .panel("right half", q)
                .build();
        return Structure.of(base, book, strut("left", s, v.length(HIGH)), strut("right", s, v.length(HIGH)))
                .bond(Bond.laid("right strut 1", "base/base", centre, up))
                .bond(Bond.turned("right strut 4", Side.BACK, "right half", q.plus(s.times(4)), up))
                .bond(Bond.laid("left strut 4", "base/base", centre.minus(s.times(4)), up))
                .bond(Bond.turned("left strut 1", Side.BACK, "left half", q, up))
                .openWhenClosed("book score", "left score 1", "left score 3", "right score 1", "right score 3")
                .displayed(Map.of(
                        "book score",
                        0.0,
                        "left score 1",
                        45.0,
                        "left score 2",
                        90.0,
                        "left score 3",
                        45.0,
                        "right score 1",
                        45.0,
                        "right score 2",
                        90.0,
                        "right score 3",
                        45.0))
                .anchoredAt("base/base");
    }

    private static Piece strut(String side, Length s, Length height) {
        return Piece.strip(side + " strut", height)
                .panel(side + " strut 1", s)
                .valley(side + " score 1")
                .panel(side + " strut 2", s)
                .valley(side + " score 2")
                .panel(side + " strut 3", s)
                .valley(side + " score 3")
                .panel(side + " strut 4", s)
                .build();
    }
}
