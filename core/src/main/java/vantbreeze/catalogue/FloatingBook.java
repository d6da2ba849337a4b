package vantbreeze.catalogue;

import java.util.List;
import java.util.Map;
import java.util.Set;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.measure.Length;
import vantbreeze.structure.Bond;
import vantbreeze.structure.Habit;
import vantbreeze.structure.Handling;
import vantbreeze.structure.Piece;
import vantbreeze.structure.Point;
import vantbreeze.structure.Side;
import vantbreeze.structure.Structure;

/** A base, a book over it, and two struts of four panels between them, mirror images of each other. */
final class FloatingBook implements FoldDesign {

    private static final String STRUT = "strut";
    private static final String HALF = "half";
    private static final String HIGH = "high";
    private static final String FILM = "film";
    private static final String BAND = "band";
    private static final String TAB = "tab";
    private static final String WITHOUT = "without";
    private static final String WITH = "with";

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
                        v -> v.grid().nearest(v.width().times(3).dividedBy(14).each()),
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
                        v -> v.grid().nearest(v.height().times(2).dividedBy(5).each())),
                Parameter.choice(FILM, "film band", "A band of floppy clear film before the book.", WITHOUT, WITH),
                Parameter.stripHeight(
                                BAND,
                                "band height",
                                "Height of the film band.",
                                v -> v.grid().nearest(v.height().dividedBy(4).each()))
                        .onlyIf(FloatingBook::hasFilm),
                Parameter.panelWidth(
                                TAB,
                                "band's tab",
                                "Folded under at either end; its tape hides behind the mats.",
                                v -> v.grid()
                                        .nearest(v.length(HALF)
                                                .times(3)
                                                .dividedBy(5)
                                                .each()))
                        .within(v -> new Range(
                                Parameter.SMALLEST_PANEL,
                                "the least that can be taped",
                                v.length(HALF),
                                "half the book"))
                        .onlyIf(FloatingBook::hasFilm));
    }

    private static boolean hasFilm(Values v) {
        return v.choice(FILM).equals(WITH);
    }

    @Override
    public Structure build(Values v) {
        Length s = v.length(STRUT);
        Length q = v.length(HALF);
        Length centre = Values.half(v.width());
        Length up = v.onGrid(Values.half(v.height().minus(v.length(HIGH))));
        Piece base = Piece.rectangle("base", v.width(), v.height())
                .name("base", new Point(centre, Values.half(v.height())))
                .build();
        Piece book = Piece.strip("book", v.height())
                .panel("left half", q)
                .valley("book score")
                .panel("right half", q)
                .build();
        Structure.Builder card = Structure.of(
                        base, book, strut("left", s, v.length(HIGH)), strut("right", s, v.length(HIGH)))
                .bond(Bond.laid("left strut 4", "base", centre.minus(s.times(4)), up))
                .bond(Bond.laid("right strut 1", "base", centre, up))
                .bond(Bond.turned("left strut 1", Side.BACK, "left half", q, up))
                .bond(Bond.turned("right strut 4", Side.BACK, "right half", q.plus(s.times(4)), up))
                .atOnce("left strut 1 on left half", "right strut 4 on right half");
        /* Between the struts' outer folds over their feet, and beside them. */
        card.dressed(
                "base/face",
                new Structure.Dressed(
                        List.of(
                                column(Length.ZERO, centre.minus(s), v),
                                column(centre.minus(s), centre.plus(s), v),
                                column(centre.plus(s), v.width(), v)),
                        Set.of("left strut 4 on base", "right strut 1 on base")));
        if (hasFilm(v)) {
            addFilm(card, v);
        }
        /* Between base and book the struts are looked into from in front and from either side. */
        card.habit(Habit.DRESSED, "right strut 2", "right strut 3/back", "left strut 3", "left strut 2/back");
        return card.creased("book score")
                .openWhenClosed("book score", "left score 1", "left score 3", "right score 1", "right score 3")
                .displayed(Map.of(
                        "left film score",
                        -180.0,
                        "right film score",
                        -180.0,
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
                .handled(Handling.after(
                        "Lift the book",
                        "Raise the book a little while the glue is wet. It comes away from the base everywhere. Open it "
                                + "out, fold it flat, open it out again.",
                        "left strut 1 on left half",
                        "right strut 4 on right half"))
                .anchoredAt("base");
    }

    private static Polygon column(Length left, Length right, Values v) {
        return Rectangles.between(left, Length.ZERO, right, v.height());
    }

    /** From edge to edge before the book, its ends folded under and taped to the two halves. */
    private static void addFilm(Structure.Builder card, Values v) {
        Length q = v.length(HALF);
        Length tab = v.length(TAB);
        Length low = v.onGrid(Values.half(v.height().minus(v.length(BAND))));
        card.piece(Piece.strip("film band", v.length(BAND))
                        .clear()
                        .panel("left film tab", tab)
                        .mountain("left film score")
                        .panel("film", q.times(2))
                        .mountain("right film score")
                        .panel("right film tab", tab)
                        .build())
                .bond(Bond.turned("left film tab", Side.FACE, "left half", tab, low))
                .bond(Bond.turned(
                        "right film tab", Side.FACE, "right half", q.times(4).plus(tab), low));
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
