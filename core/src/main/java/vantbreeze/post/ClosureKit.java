package vantbreeze.post;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.fold.Girth;
import vantbreeze.fold.StackMap;
import vantbreeze.layer.Closure;
import vantbreeze.material.Reach;
import vantbreeze.material.Stock;
import vantbreeze.measure.Length;
import vantbreeze.measure.Ruler;
import vantbreeze.measure.Size;
import vantbreeze.measure.ToolGrid;
import vantbreeze.structure.FlatMotion;
import vantbreeze.structure.Piece;
import vantbreeze.structure.PieceBuilder;
import vantbreeze.structure.Point;

/**
 * The pieces of a closure.
 *
 * @param goes how it holds the card
 * @param pieces of card
 * @param ribbon how long a ribbon; empty without one
 * @param covers the middle of the card that it makes thicker; empty without one
 * @param adds how much thicker
 * @param text how it goes on
 */
public record ClosureKit(
        Goes goes, List<Piece> pieces, Optional<Length> ribbon, Optional<Size> covers, Length adds, String text) {

    /** How it holds the card. */
    public enum Goes {
        NOWHERE,
        /** A band, across front and back. */
        AROUND,
        /** The same, with a bow on the front. */
        TIED,
        /** On the front alone. */
        ON
    }

    public static final ClosureKit NONE =
            new ClosureKit(Goes.NOWHERE, List.of(), Optional.empty(), Optional.empty(), Length.ZERO, "");

    /** As wide as usual ribbon is drawn; no measure of it is asked for. */
    private static final Length DRAWN_RIBBON = Length.inches(3, 8);

    /** Common practice, no published source, like all figures here. */
    private static final Length OVERLAP = Length.inches(1, 2);

    private static final Length BOW = Length.inches(14);
    private static final Length BOW_THICKNESS = Length.millimetres(3);
    private static final Size BOW_SIZE = new Size(Length.inches(3), Length.inches(3, 2));
    private static final Length LEAST_RIM = Length.inches(1, 4);
    private static final Length DISC_PLAY = Length.inches(1, 16);

    /** Closer than this two scores are one. */
    private static final Length LEAST_SPINE = Length.inches(1, 16);

    private static final GeometryFactory GEOMETRY = new GeometryFactory();
    private static final int CIRCLE_CORNERS = 72;

    /** What a kit is made for. */
    private record Card(Size size, Length thickness, Stock stock, ToolGrid grid, Reach reach, Ruler ruler) {}

    /**
     * @param closed the closed card with all that sticks out of it; what goes around it is as if it were an even stack as far
     *     around
     * @param reach what it is cut from: a band that is too long for it is joined from two
     */
    public static ClosureKit of(Closure closure, Girth closed, Stock stock, ToolGrid grid, Reach reach, Ruler ruler) {
        Size size = closed.size();
        Length thickness = closed.thicknessAcross();
        Card card = new Card(size, thickness, stock, grid, reach, ruler);
        return switch (closure.kind()) {
            case NONE -> NONE;
            case BELT ->
                band(
                        "belt",
                        closure.width()
                                .orElse(grid.floor(
                                        size.height().times(2).dividedBy(7).each())),
                        card);
            case TONGUE ->
                tongue(
                        closure.width()
                                .orElse(grid.floor(
                                        size.height().times(2).dividedBy(7).each())),
                        card);
            case SLEEVE ->
                band(
                        "sleeve",
                        closure.width()
                                .orElse(grid.floor(
                                        size.height().times(4).dividedBy(5).each())),
                        card);
            case RIBBON ->
                new ClosureKit(
                        Goes.TIED,
                        List.of(),
                        Optional.of(grid.ceiling(around(size.width(), thickness).plus(BOW))),
                        Optional.of(within(BOW_SIZE, size)),
                        BOW_THICKNESS,
                        "Lay the card on the middle of the ribbon and tie a bow on its front.");
            case RING -> ring(closure, card);
        };
    }

    private static Size within(Size it, Size card) {
        return new Size(Length.min(it.width(), card.width()), Length.min(it.height(), card.height()));
    }

    /** The place that it makes thicker, in the middle of the closed card. */
    public Optional<StackMap.Layer> layer(Envelope card) {
        return covers.map(
                size -> new StackMap.Layer(inTheMiddle(size, card), adds, StackMap.Lies.BETWEEN, Length.ZERO));
    }

    private static Polygon inTheMiddle(Size size, Envelope card) {
        Envelope box = new Envelope(card.centre());
        box.expandBy(size.width().count() / 2.0, size.height().count() / 2.0);
        return (Polygon) GEOMETRY.toGeometry(box);
    }

    /** What of it is seen on the front of the closed card, the lowest first. */
    public List<Polygon> seenOn(Envelope card) {
        return switch (goes) {
            case NOWHERE -> List.of();
            case AROUND -> List.of(inTheMiddle(covers.orElseThrow(), card));
            case TIED ->
                List.of(
                        inTheMiddle(new Size(Length.nearestTo(card.getWidth()), DRAWN_RIBBON), card),
                        bow(covers.orElseThrow(), card.centre()));
            case ON ->
                pieces.stream()
                        .map(Piece::polygon)
                        .map(p -> FlatMotion.shift(
                                        card.centre().x
                                                - p.getEnvelopeInternal().centre().x,
                                        card.centre().y
                                                - p.getEnvelopeInternal().centre().y)
                                .apply(p))
                        .toList();
        };
    }

    private static Polygon bow(Size size, Coordinate knot) {
        double across = size.width().count() / 2.0;
        double up = size.height().count() / 2.0;
        double narrow = DRAWN_RIBBON.count() / 2.0;
        Coordinate first = new Coordinate(knot.x - across, knot.y - up);
        return GEOMETRY.createPolygon(new Coordinate[] {
            first,
            new Coordinate(knot.x, knot.y - narrow),
            new Coordinate(knot.x + across, knot.y - up),
            new Coordinate(knot.x + across, knot.y + up),
            new Coordinate(knot.x, knot.y + narrow),
            new Coordinate(knot.x - across, knot.y + up),
            first
        });
    }

    /** Whether it is seen on the back as well. */
    public boolean goesAround() {
        return goes == Goes.AROUND || goes == Goes.TIED;
    }

    /** Once around: twice the width and twice the thickness. */
    private static Length around(Length width, Length thickness) {
        return width.plus(thickness).times(2);
    }

    /**
     * 2 (W + T) and an overlap, with a thickness of play so that it slides. The seam is behind, in the middle; heavy stock
     * is scored at the edges.
     */
    private static ClosureKit band(String name, Length width, Card card) {
        requireNoWider(name, width, card);
        Length play = Length.max(card.thickness(), Length.millimetres(0.5));
        Length front =
                card.grid().ceiling(card.size().width().plus(play.dividedBy(2).each()));
        Length side = card.grid().ceiling(card.thickness());
        /* The seam need not be in the very middle; a score must be on the ruler. */
        Length half = card.grid().floor(front.dividedBy(2).each());
        Length length = front.plus(side).times(2).plus(OVERLAP);
        boolean whole = card.reach().has(new Size(length, width));
        List<Piece> pieces = whole
                ? List.of(wrapped(name, new Size(length, width), half, front, side, card.stock()))
                : List.of(
                        wrapped(
                                name,
                                new Size(front.plus(side.times(2)).plus(OVERLAP.times(2)), width),
                                OVERLAP,
                                front,
                                side,
                                card.stock()),
                        Piece.rectangle("back of the " + name, front, width).build());
        String seam = whole
                ? "its ends on each other behind, and glue them to each other"
                : "lay its back on the two ends that come round behind, and glue it to them";
        return new ClosureKit(
                Goes.AROUND,
                pieces,
                Optional.empty(),
                Optional.of(new Size(card.size().width(), width)),
                card.stock().thickness().times(3),
                "Wrap the %s around the closed card, %s, not to the card: it has to slide.".formatted(name, seam));
    }

    /**
     * Slide and hold: the tongue goes down through one slit and up through the next, on the front, in the middle between two
     * edges, and never through a score.
     */
    private static ClosureKit tongue(Length width, Card card) {
        requireNoWider("band", width, card);
        Length shoulder =
                Length.max(LEAST_SHOULDER, card.grid().floor(width.dividedBy(4).each()));
        Length wide = width.minus(shoulder.times(2));
        if (wide.isLessThan(NARROWEST_TONGUE)) {
            throw new IllegalArgumentException(
                    "The band with a tongue (%.1f mm wide) must be 19.1 mm (3/4 in) or wider: its tongue is 6.35 mm or more."
                            .formatted(width.millimetres()));
        }
        Length play = Length.max(card.thickness(), Length.millimetres(0.5));
        Length front =
                card.grid().ceiling(card.size().width().plus(play.dividedBy(2).each()));
        Length side = card.grid().ceiling(card.thickness());
        Length half = card.grid().floor(front.dividedBy(2).each());
        if (half.isLessThan(SLITS_APART.times(2))) {
            throw new IllegalArgumentException(
                    "A card %.1f mm wide is too narrow for a tongue: its slits would lie on a score."
                            .formatted(card.size().width().millimetres()));
        }
        Length around = front.plus(side).times(2);
        Length shoulders = END_OF_BAND.plus(around);
        Size size = new Size(shoulders.plus(TONGUE), width);
        if (!card.reach().has(size)) {
            throw new IllegalArgumentException(
                    "A band with a tongue cannot be joined from two, and this one is %.0f mm long: take a belt, or a longer sheet."
                            .formatted(size.width().millimetres()));
        }
        PieceBuilder band = Piece.outline(
                "band",
                new Point(Length.ZERO, Length.ZERO),
                new Point(shoulders, Length.ZERO),
                new Point(shoulders, shoulder),
                new Point(size.width(), shoulder),
                new Point(size.width(), width.minus(shoulder)),
                new Point(shoulders, width.minus(shoulder)),
                new Point(shoulders, width),
                new Point(Length.ZERO, width));
        Length slit = wide.plus(SLIT_PLAY);
        Length low = width.minus(slit).dividedBy(2).each();
        for (int i = 0; i < 2; i++) {
            Length at = END_OF_BAND.plus(SLITS_APART.times(i));
            band.slit("slit " + (i + 1), new Point(at, low), new Point(at, low.plus(slit)));
        }
        scoreAtEdges(band, "band", width, END_OF_BAND.plus(half), front, side, card.stock());
        return new ClosureKit(
                Goes.AROUND,
                List.of(band.build()),
                Optional.empty(),
                Optional.of(new Size(card.size().width(), width)),
                card.stock().thickness().times(3),
                "Wrap the band around the closed card from the front, push the tongue down through the first slit and up through the second, until its shoulders stop it. Nothing is glued.");
    }

    /** Common practice would be to try it; derived, please check. */
    private static final Length LEAST_SHOULDER = Length.inches(1, 8);

    private static final Length SLIT_PLAY = Length.inches(1, 16);
    private static final Length SLITS_APART = Length.inches(1, 4);
    private static final Length END_OF_BAND = Length.inches(1, 2);
    private static final Length TONGUE = Length.inches(1);
    private static final Length NARROWEST_TONGUE = Length.inches(1, 4);

    private static void requireNoWider(String name, Length width, Card card) {
        if (width.isMoreThan(card.size().height())) {
            throw new IllegalArgumentException("The %s (%.1f mm wide) must be no wider than the card is high (%.1f mm)."
                    .formatted(name, width.millimetres(), card.size().height().millimetres()));
        }
    }

    /**
     * A strip that goes around the edges of the card; of heavy stock it is scored there.
     *
     * @param begins how much of it lies behind before the first edge
     */
    private static Piece wrapped(String name, Size size, Length begins, Length front, Length side, Stock stock) {
        PieceBuilder band = Piece.rectangle(name, size.width(), size.height());
        scoreAtEdges(band, name, size.height(), begins, front, side, stock);
        return band.build();
    }

    private static void scoreAtEdges(
            PieceBuilder band, String name, Length high, Length begins, Length front, Length side, Stock stock) {
        if (stock.gramsPerSquareMetre() < Stock.LIGHTEST_BASE) {
            return;
        }
        List<Length> scores = side.isLessThan(LEAST_SPINE)
                ? List.of(
                        begins.plus(side.dividedBy(2).each()),
                        begins.plus(front).plus(side))
                : List.of(
                        begins,
                        begins.plus(side),
                        begins.plus(side).plus(front),
                        begins.plus(side.times(2)).plus(front));
        for (int i = 0; i < scores.size(); i++) {
            band.valley(
                    "%s score %d".formatted(name, i + 1),
                    new Point(scores.get(i), Length.ZERO),
                    new Point(scores.get(i), high));
        }
    }

    private static ClosureKit ring(Closure closure, Card card) {
        Length outer = closure.width()
                .orElse(card.grid()
                        .floor(Length.min(
                                card.size().width().dividedBy(2).each(),
                                card.size().height().dividedBy(3).each())));
        Length rim = Length.max(LEAST_RIM, card.grid().floor(outer.dividedBy(6).each()));
        Length hole = outer.minus(rim.times(2));
        if (!hole.isMoreThan(LEAST_RIM.times(2))) {
            throw new IllegalArgumentException(
                    "The ring (%.1f mm across) must be 25.4 mm (1 in) or more: its rim is at least 6.35 mm."
                            .formatted(outer.millimetres()));
        }
        PieceBuilder ring = Piece.outline("ring", circle(outer, outer).toArray(new Point[0]));
        ring.hole(circle(hole, outer));
        Length disc = hole.minus(DISC_PLAY);
        return new ClosureKit(
                Goes.ON,
                List.of(
                        ring.build(),
                        Piece.outline("disc", circle(disc, disc).toArray(new Point[0]))
                                .build()),
                Optional.empty(),
                Optional.of(within(new Size(outer, outer), card.size())),
                card.stock().thickness(),
                "Glue the left half of the ring, %s from its left edge, to the left flap, and the right half of the disc, %s from its right edge, to the right flap, the disc in the middle of the ring; both other halves have to come away, so keep glue off the line where the flaps meet. Closing, the disc drops into the ring."
                        .formatted(
                                card.ruler().text(outer.dividedBy(2).each()),
                                card.ruler().text(disc.dividedBy(2).each())));
    }

    /** A circle in the middle of a square box. */
    private static List<Point> circle(Length diameter, Length box) {
        List<Point> corners = new ArrayList<>();
        double radius = diameter.count() / 2.0;
        double middle = box.count() / 2.0;
        for (int i = 0; i < CIRCLE_CORNERS; i++) {
            double angle = 2 * Math.PI * i / CIRCLE_CORNERS;
            corners.add(new Point(
                    Length.nearestTo(middle + radius * Math.cos(angle)),
                    Length.nearestTo(middle + radius * Math.sin(angle))));
        }
        return corners;
    }
}
