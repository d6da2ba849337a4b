package vantbreeze.post;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.fold.Girth;
import vantbreeze.fold.StackMap;
import vantbreeze.layer.Bow;
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
 * @param covers the part of the closed card that it makes thicker; empty without one
 * @param seen what of it is seen on the front of the closed card, the lowest first
 * @param adds how much thicker
 * @param text how it goes on
 */
public record ClosureKit(
        Goes goes,
        List<Piece> pieces,
        Optional<Length> ribbon,
        Optional<Polygon> covers,
        List<Polygon> seen,
        Length adds,
        String text) {

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
            new ClosureKit(Goes.NOWHERE, List.of(), Optional.empty(), Optional.empty(), List.of(), Length.ZERO, "");

    /** As wide as usual ribbon is drawn; no measure of it is asked for. */
    private static final Length DRAWN_RIBBON = Length.inches(3, 8);

    /** Common practice, no published source, like all figures here. */
    private static final Length OVERLAP = Length.inches(1, 2);

    /** Is not scored. */
    private static final Stock LIGHT = new Stock(Stock.LIGHTEST_BASE - 1);

    private static final double BELT_SHARE = 2 / 7.0;
    private static final double SLEEVE_SHARE = 5 / 6.0;
    private static final Length LEAST_PLAY = Length.millimetres(0.5);
    private static final Length LEAST_RIM = Length.inches(1, 4);
    private static final Length DISC_PLAY = Length.inches(1, 16);

    /** Closer than this two scores are one. */
    private static final Length LEAST_SPINE = Length.inches(1, 16);

    private static final GeometryFactory GEOMETRY = new GeometryFactory();
    private static final int CIRCLE_CORNERS = 72;

    /** What a kit is made for. */
    private record Card(StackMap bulk, Envelope box, Stock stock, ToolGrid grid, Reach reach, Ruler ruler) {

        Length width() {
            return Length.nearestTo(box.getWidth());
        }

        Length height() {
            return Length.nearestTo(box.getHeight());
        }

        Size size() {
            return new Size(width(), height());
        }

        /** What a band of that width across the middle goes around. */
        Girth.Band under(Length width) {
            double half = width.count() / 2.0;
            return Girth.around(bulk, box.centre().y - half, box.centre().y + half);
        }

        /** As wide as what a band goes around, and half of its play, so that it slides. */
        Length front(Girth.Band around) {
            Length play = Length.max(around.thickness(), LEAST_PLAY);
            return grid.ceiling(around.width().plus(play.dividedBy(2).each()));
        }
    }

    /**
     * @param closed the closed card with all that sticks out of it
     * @param reach what it is cut from: a band that is too long for it is joined from two
     * @param taken names of the card's own pieces: a waterfall has a belt already
     */
    public static ClosureKit of(
            Closure closure, StackMap closed, Stock stock, ToolGrid grid, Reach reach, Ruler ruler, Set<String> taken) {
        Envelope box = new Envelope();
        closed.spots().forEach(s -> box.expandToInclude(s.outline().getEnvelopeInternal()));
        Card card = new Card(closed, box, stock, grid, reach, ruler);
        return switch (closure.kind()) {
            case NONE -> NONE;
            case BELT -> band(taken.contains("belt") ? "closing belt" : "belt", width(closure, card, BELT_SHARE), card);
            case TONGUE ->
                tongue(taken.contains("band") ? "closing band" : "band", width(closure, card, BELT_SHARE), card);
            case SLEEVE -> band("sleeve", width(closure, card, SLEEVE_SHARE), card);
            case RIBBON -> ribbon(card);
            case RING -> ring(closure, card);
        };
    }

    private static Length width(Closure closure, Card card, double share) {
        return closure.width()
                .orElse(card.grid().floor(Length.nearestTo(share * card.box().getHeight())));
    }

    private static ClosureKit ribbon(Card card) {
        Girth.Band around = card.under(DRAWN_RIBBON);
        Polygon bow = Bow.of(
                within(Bow.size(DRAWN_RIBBON), card.size()),
                DRAWN_RIBBON,
                card.box().centre());
        return new ClosureKit(
                Goes.TIED,
                List.of(),
                Optional.of(card.grid().ceiling(around.half().times(2).plus(Bow.TAKES))),
                Optional.of((Polygon) GEOMETRY.toGeometry(bow.getEnvelopeInternal())),
                List.of(across(DRAWN_RIBBON, card, around), bow),
                Bow.THICKNESS,
                "Lay the card on the middle of the ribbon and tie a bow on its front.");
    }

    /** A band of that width over all that it goes around. */
    private static Polygon across(Length width, Card card, Girth.Band around) {
        double half = width.count() / 2.0;
        double middle = card.box().centre().y;
        return (Polygon) GEOMETRY.toGeometry(
                new Envelope(around.box().getMinX(), around.box().getMaxX(), middle - half, middle + half));
    }

    private static Size within(Size it, Size card) {
        return new Size(Length.min(it.width(), card.width()), Length.min(it.height(), card.height()));
    }

    /** The place that it makes thicker. */
    public Optional<StackMap.Layer> layer() {
        return covers.map(place -> new StackMap.Layer(place, adds, StackMap.Lies.BETWEEN, Length.ZERO));
    }

    private static Polygon inTheMiddle(Size size, Envelope card) {
        Envelope box = new Envelope(card.centre());
        box.expandBy(size.width().count() / 2.0, size.height().count() / 2.0);
        return (Polygon) GEOMETRY.toGeometry(box);
    }

    private static Polygon inTheMiddle(Piece piece, Envelope card) {
        Coordinate middle = piece.polygon().getEnvelopeInternal().centre();
        return FlatMotion.shift(card.centre().x - middle.x, card.centre().y - middle.y)
                .apply(piece.polygon());
    }

    /** Whether it is seen on the back as well. */
    public boolean goesAround() {
        return goes == Goes.AROUND || goes == Goes.TIED;
    }

    /**
     * 2 (W + T) and an overlap, with a thickness of play so that it slides. The seam is behind, in the middle; heavy stock
     * is scored at the edges. Around a card that is thin at an edge it is cut twice as long as the card is wide, and the overlap,
     * and wrapped without scores: what the thickness takes of the overlap leaves half of it.
     */
    private static ClosureKit band(String name, Length width, Card card) {
        requireNoWider(name, width, card);
        Girth.Band around = card.under(width);
        Length front = card.front(around);
        Length side = card.grid().ceiling(around.thickness());
        /* The seam need not be in the very middle; a score must be on the ruler. */
        Length half = card.grid().floor(front.dividedBy(2).each());
        Length length = around.tapers()
                ? card.grid()
                        .ceiling(Length.max(
                                around.width().times(2).plus(OVERLAP),
                                around.half().times(2).plus(OVERLAP.dividedBy(2).each())))
                : front.plus(side).times(2).plus(OVERLAP);
        Stock scored = around.tapers() ? LIGHT : card.stock();
        boolean whole = card.reach().has(new Size(length, width));
        List<Piece> pieces = whole
                ? List.of(wrapped(name, new Size(length, width), half, front, side, scored))
                : List.of(
                        wrapped(
                                name,
                                new Size(front.plus(side.times(2)).plus(OVERLAP.times(2)), width),
                                OVERLAP,
                                front,
                                side,
                                scored),
                        Piece.rectangle("back of the " + name, front, width).build());
        String seam = whole
                ? "its ends on each other behind, and glue them to each other"
                : "lay its back on the two ends that come round behind, and glue it to them";
        return new ClosureKit(
                Goes.AROUND,
                pieces,
                Optional.empty(),
                Optional.of(across(width, card, around)),
                List.of(across(width, card, around)),
                card.stock().thickness().times(3),
                "Wrap the %s around the closed card, %s, not to the card: it has to slide.".formatted(name, seam));
    }

    /**
     * Slide and hold: the tongue goes down through one slit and up through the next, on the front, in the middle between two
     * edges, and never through a score.
     */
    private static ClosureKit tongue(String name, Length width, Card card) {
        requireNoWider(name, width, card);
        Length shoulder =
                Length.max(LEAST_SHOULDER, card.grid().floor(width.dividedBy(4).each()));
        Length wide = width.minus(shoulder.times(2));
        if (wide.isLessThan(NARROWEST_TONGUE)) {
            throw new IllegalArgumentException(
                    "The band with a tongue (%.1f mm wide) must be 19.1 mm (3/4 in) or wider: its tongue is 6.35 mm or more."
                            .formatted(width.millimetres()));
        }
        Girth.Band around = card.under(width);
        Length front = card.front(around);
        Length side = card.grid().ceiling(around.thickness());
        Length half = card.grid().floor(front.dividedBy(2).each());
        if (half.isLessThan(SLITS_APART.times(2))) {
            throw new IllegalArgumentException(
                    "A card %.1f mm wide is too narrow for a tongue: its slits would lie on a score."
                            .formatted(around.width().millimetres()));
        }
        Length shoulders = END_OF_BAND.plus(front.plus(side).times(2));
        Size size = new Size(shoulders.plus(TONGUE), width);
        if (!card.reach().has(size)) {
            throw new IllegalArgumentException(
                    "A band with a tongue cannot be joined from two, and this one is %.0f mm long: take a belt, or a longer sheet."
                            .formatted(size.width().millimetres()));
        }
        PieceBuilder band = Piece.outline(
                name,
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
        scoreAtEdges(band, name, width, END_OF_BAND.plus(half), front, side, card.stock());
        return new ClosureKit(
                Goes.AROUND,
                List.of(band.build()),
                Optional.empty(),
                Optional.of(across(width, card, around)),
                List.of(across(width, card, around)),
                card.stock().thickness().times(3),
                "Wrap the %s around the closed card from the front, push the tongue down through the first slit and up through the second, until its shoulders stop it. Nothing is glued."
                        .formatted(name));
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
        Length disc = hole.minus(DISC_PLAY);
        List<Piece> pieces = List.of(
                Piece.outline("ring", circle(outer, outer).toArray(new Point[0]))
                        .hole(circle(hole, outer))
                        .build(),
                Piece.outline("disc", circle(disc, disc).toArray(new Point[0])).build());
        return new ClosureKit(
                Goes.ON,
                pieces,
                Optional.empty(),
                Optional.of(inTheMiddle(within(new Size(outer, outer), card.size()), card.box())),
                pieces.stream().map(p -> inTheMiddle(p, card.box())).toList(),
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
