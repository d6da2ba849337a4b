package vantbreeze.catalogue;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.DoublePredicate;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.measure.Length;
import vantbreeze.structure.Bond;
import vantbreeze.structure.FlatMotion;
import vantbreeze.structure.Fold;
import vantbreeze.structure.Habit;
import vantbreeze.structure.Handling;
import vantbreeze.structure.Piece;
import vantbreeze.structure.PieceBuilder;
import vantbreeze.structure.Point;
import vantbreeze.structure.Regions;
import vantbreeze.structure.ScoreLine;
import vantbreeze.structure.Side;
import vantbreeze.structure.Structure;

/**
 * A concertina that closes to a bar at the foot, and a fan over it: a strip folded in half, its fold on top, cut to two triangles that
 * stand on their points, one glued in front of the bar and one behind it. The four offcuts widen them as wings, slid a little way
 * under the slants. Pulled out, the bar parts the two triangles at the foot and they lean together at the fold like a trestle.
 */
final class FanConcertina implements FoldDesign {

    private static final String PAIRS = "pairs";
    private static final String PANEL = "panel";
    private static final String BASE = "triangle";
    private static final String UNDER = "under";
    private static final String SCHOOL = "wings";
    private static final String FOOT = "foot";
    private static final String LONG_SIDE = "long side along the slant";
    private static final String LEG = "leg along the slant";

    /** How far either triangle leans from upright as it stands, if the bar reaches so far. */
    private static final double LEANS = Math.toRadians(25);

    /** Of the steepest that the bar's inner panels may lie: they stay a zigzag. */
    private static final double STRETCHED = 0.85;

    /** In counts: wings are rounded as they are cut, and turned; rounding must not lay them on each other. */
    private static final double ROUNDED = 2;

    private static final GeometryFactory GEOMETRY = new GeometryFactory();

    @Override
    public String id() {
        return "fan-concertina";
    }

    @Override
    public String name() {
        return "fan concertina";
    }

    @Override
    public String summary() {
        return "A fan that stands on its point over a bar: the bar pulls out as a concertina, and the fan leans over it like a trestle.";
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.width(),
                Parameter.height(proportions()),
                Parameter.count(
                        PAIRS, "pairs of panels", "How many the concertina has, so that it ends behind.", 4, 2, 6),
                Parameter.length(
                        PANEL,
                        "panel height",
                        "Of each panel of the concertina: the bar is that high.",
                        v -> v.onGrid(v.height().dividedBy(5).each()),
                        v -> new Range(
                                v.height().dividedBy(8).each(),
                                "or the points have nothing to be glued to",
                                Values.half(v.height()),
                                "half the card")),
                Parameter.choice(
                        SCHOOL,
                        "wings",
                        "Which side of an offcut lies along the triangle: there are two ways of it.",
                        LONG_SIDE,
                        LEG),
                Parameter.length(
                        UNDER,
                        "under the slant",
                        "How far the wings lie under the triangle, for the glue.",
                        v -> v.onGrid(Length.min(
                                Length.inches(1, 8), v.width().dividedBy(40).each())),
                        v -> new Range(
                                Length.min(
                                        Length.inches(1, 32),
                                        v.width().dividedBy(60).each()),
                                "or nothing holds the glue",
                                Length.min(
                                        Length.inches(1, 4),
                                        v.width().dividedBy(12).each()),
                                "or it hides too much of the wings")),
                Parameter.length(
                        FOOT,
                        "points above the edge",
                        "How far the fan's points lie above the bar's lower edges.",
                        v -> Length.ZERO,
                        v -> new Range(
                                Length.ZERO, "level with the edge", Values.half(v.length(PANEL)), "half a panel")),
                Parameter.length(
                        BASE,
                        "triangle's base",
                        "How wide the triangle is at its fold; of a wide one the wings reach beyond the bar.",
                        FanConcertina::usualBase,
                        v -> new Range(
                                v.width().dividedBy(5).each(),
                                "or it is no fan",
                                mostBase(v),
                                "or the wings reach far over the bar")));
    }

    /** A wider triangle's wings would turn down past its point. */
    private static Length mostBase(Values v) {
        return Length.min(
                v.width().times(3).dividedBy(4).each(),
                triangleHigh(v).times(7).dividedBy(5).each());
    }

    @Override
    public Proportions proportions() {
        return new Proportions(0.25, Double.POSITIVE_INFINITY, "a quarter of the width, or the fan is no fan");
    }

    /** Of each triangle, from its point to its fold. */
    private static Length triangleHigh(Values v) {
        return v.height().minus(v.length(FOOT));
    }

    /** Four fifths of the height [common practice: 4 in for 5 in], or the widest fan within the card. */
    private static Length usualBase(Values v) {
        double under = v.length(UNDER).count();
        boolean leg = v.choice(SCHOOL).equals(LEG);
        double low = v.width().count() / 5.0;
        double high = Math.max(
                low,
                Math.min(
                        mostBase(v).count(),
                        triangleHigh(v).times(4).dividedBy(5).each().count()));
        DoublePredicate isWithin = base -> new Layout(base, triangleHigh(v).count(), under, leg).width()
                <= v.width().count();
        if (!isWithin.test(high)) {
            for (int i = 0; i < 40; i++) {
                double middle = (low + high) / 2;
                if (isWithin.test(middle)) {
                    low = middle;
                } else {
                    high = middle;
                }
            }
            high = low;
        }
        return Length.max(v.width().dividedBy(5).each(), v.onGrid(Length.ofCounts((long) Math.floor(high))));
    }

    /** The fan as it lies closed, its point at height 0 and its axis at 0. */
    private record Layout(double base, double high, double under, boolean leg) {

        static Layout of(Values v) {
            return new Layout(
                    2 * Math.floor(v.length(BASE).count() / 2.0),
                    triangleHigh(v).count(),
                    v.length(UNDER).count(),
                    v.choice(SCHOOL).equals(LEG));
        }

        private double halfAngle() {
            return Math.atan(base / 2 / high);
        }

        /** Of the fan: a wing's far corner lies at twice the half angle from the axis, less what lies under the slant. */
        double width() {
            double reach = leg ? Math.hypot(high, base / 2) : high;
            return 2 * (reach * Math.sin(2 * halfAngle()) - under * Math.cos(halfAngle()));
        }

        /** From the offcut, its right angle at the origin and its long leg upright, to where it lies as the right wing. */
        FlatMotion asWing() {
            Coordinate[] lies = lying();
            Coordinate square = leg ? lies[2] : lies[1];
            double up = Math.atan2(lies[0].y - square.y, lies[0].x - square.x);
            return FlatMotion.shift(square.x, square.y)
                    .after(FlatMotion.rotation(Math.toDegrees(up) - 90))
                    .after(FlatMotion.shift(leg ? -base / 2 : 0, 0));
        }

        /** The right wing, slid in square to the slant: its sharp corner at the foot, then anticlockwise. */
        private Coordinate[] lying() {
            double sin = Math.sin(halfAngle());
            double cos = Math.cos(halfAngle());
            double slant = Math.hypot(high, base / 2);
            Coordinate point = new Coordinate(-under * cos, under * sin);
            Coordinate along =
                    new Coordinate(point.x + (leg ? high : slant) * sin, point.y + (leg ? high : slant) * cos);
            double twice = 2 * halfAngle();
            double out = leg ? slant : high;
            Coordinate aside = new Coordinate(point.x + out * Math.sin(twice), point.y + out * Math.cos(twice));
            return new Coordinate[] {point, aside, along};
        }

        /** What is left of the offcut when its tip is trimmed where the other wing begins, and what hangs over the fold. */
        Polygon wing() {
            Coordinate[] lies = lying();
            Polygon whole = GEOMETRY.createPolygon(new Coordinate[] {lies[0], lies[1], lies[2], lies[0]});
            Polygon kept =
                    (Polygon) GEOMETRY.toGeometry(new Envelope(ROUNDED, 4 * (base + high), -high, high - ROUNDED));
            return rounded(asWing().inverse().apply((Polygon) Regions.intersection(whole, kept)));
        }

        /** The front triangle of the flat strip. */
        Polygon triangle() {
            Coordinate foot = new Coordinate(0, 0);
            return GEOMETRY.createPolygon(
                    new Coordinate[] {foot, new Coordinate(base / 2, high), new Coordinate(-base / 2, high), foot});
        }
    }

    @Override
    public Structure build(Values v) {
        Layout layout = Layout.of(v);
        int n = 2 * v.count(PAIRS);
        Length s = v.length(PANEL);
        Piece bar = bar(v, n, s);
        Piece fan = fan(layout);
        Structure.Builder card = Structure.of(bar, fan);
        for (boolean front : new boolean[] {true, false}) {
            wing(card, layout, front, true);
            wing(card, layout, front, false);
        }
        /* From the strip to the bar's front panel, its point on the middle of the lower edge. */
        FlatMotion onBar = FlatMotion.shift(
                Math.floor(v.width().count() / 2.0) - layout.base() / 2,
                v.length(FOOT).count());
        List<Polygon> glue = glue(layout, s.minus(v.length(FOOT)).count());
        FlatMotion toStrip = FlatMotion.shift(layout.base() / 2, 0);
        FlatMotion aboutTheMiddle = new FlatMotion(-1, 0, layout.base(), 0, -1, 2 * layout.high());
        card.bond(new Bond("fan front on panel 1", "fan front", Side.BACK, "panel 1", Side.FACE, onBar)
                .along(glue.stream().map(toStrip::apply).toList()));
        /* Folded over, the back triangle lies face down; the last panel does so too, as far up as the first. */
        FlatMotion folded = new FlatMotion(1, 0, 0, 0, -1, 2 * layout.high());
        card.bond(new Bond(
                        "fan back on panel " + n,
                        "fan back",
                        Side.BACK,
                        "panel " + n,
                        Side.FACE,
                        unfoldedPanel(n, s).after(onBar).after(folded))
                .along(glue.stream()
                        .map(toStrip::apply)
                        .map(aboutTheMiddle::apply)
                        .toList()));
        for (int i = 2; i < n; i++) {
            card.habit(Habit.BARE, "panel " + i);
        }
        return card.habit(Habit.BARE, "panel " + n)
                .staysFolded()
                .habit(Habit.DRESSED, "fan back/face", "fan front/face")
                .displayed(standing(v, bar, n, s))
                .handled(Handling.joined(
                        "Open the fan",
                        "Pull the bar open, front to back. The fan leans together at its fold, and both points meet the "
                                + "lower edge of the bar in the middle. The bar stands on its lower edges."))
                .anchoredAt("panel 1");
    }

    /** The point as high as the bar, but for where wings lie under it. */
    private static List<Polygon> glue(Layout layout, double high) {
        Polygon right = layout.asWing().apply(layout.wing());
        Geometry point = Regions.intersection(
                layout.triangle(), GEOMETRY.toGeometry(new Envelope(-layout.base(), layout.base(), 0, high)));
        Polygon left = FlatMotion.MIRRORED.apply(right);
        Geometry free = Regions.difference(Regions.difference(point, right), left);
        return List.of(Regions.largest(free));
    }

    /**
     * Seen from the side both triangles lean by an angle, and the inner panels zigzag more steeply from the top of the first panel to the
     * top of the last: (n - 2) s sin(inner) = 2 (H - s) sin(lean).
     */
    private static Map<String, Double> standing(Values v, Piece bar, int n, Length s) {
        double inner = (n - 2) * (double) s.count();
        double over = 2 * (double) v.height().minus(s).count();
        double lean = Math.asin(Math.min(Math.sin(LEANS), STRETCHED * inner / over));
        double zigzag = Math.asin(over * Math.sin(lean) / inner);
        Map<String, Double> standing = new HashMap<>();
        for (ScoreLine score : bar.scores()) {
            boolean outer = score.id().equals("score 1") || score.id().equals("score " + (n - 1));
            double open = Math.toDegrees(outer ? lean + zigzag : 2 * zigzag);
            standing.put(score.id(), score.fold().fullDegrees() * (180 - open) / 180);
        }
        standing.put("fan score", -(180 - Math.toDegrees(2 * lean)));
        return standing;
    }

    /** Panel 1 is the lowest: its free edge and that of the last one are the card's feet. */
    private static Piece bar(Values v, int n, Length s) {
        PieceBuilder bar = Piece.rectangle("bar", v.width(), s.times(n));
        Length aside = v.width().dividedBy(4).each();
        for (int i = 1; i <= n; i++) {
            bar.name("panel " + i, new Point(aside, s.times(i).minus(Values.half(s))));
            if (i < n) {
                bar.score(new ScoreLine(
                        "score " + i,
                        new Point(Length.ZERO, s.times(i)),
                        new Point(v.width(), s.times(i)),
                        i % 2 == 1 ? Fold.MOUNTAIN : Fold.VALLEY));
            }
        }
        return bar.build();
    }

    /** Two triangles on one fold, the lower one in front. */
    private static Piece fan(Layout layout) {
        double base = layout.base();
        double high = layout.high();
        return Piece.outline("fan", place(base / 2, 0), place(base, high), place(base / 2, 2 * high), place(0, high))
                .mountain("fan score", place(0, high), place(base, high))
                .name("fan front", place(base / 2, high / 2))
                .name("fan back", place(base / 2, high * 1.5))
                .build();
    }

    /** Right and left as its face is looked at. */
    private static void wing(Structure.Builder card, Layout layout, boolean front, boolean right) {
        Polygon outline = layout.wing();
        FlatMotion lies = layout.asWing();
        if (!right) {
            double wide = outline.getEnvelopeInternal().getMaxX();
            FlatMotion otherHand = new FlatMotion(-1, 0, wide, 0, 1, 0);
            outline = otherHand.apply(outline);
            lies = FlatMotion.MIRRORED.after(lies).after(otherHand);
        }
        String name = "%s %s wing".formatted(front ? "front" : "back", right ? "right" : "left");
        FlatMotion inFront = FlatMotion.shift(layout.base() / 2, 0).after(lies);
        FlatMotion aboutTheMiddle = new FlatMotion(-1, 0, layout.base(), 0, -1, 2 * layout.high());
        card.piece(Piece.outline(name, outline).name(name, Cut.inside(outline)).build())
                .offcut(name, "fan")
                .bond(new Bond(
                        name,
                        name,
                        Side.FACE,
                        front ? "fan front" : "fan back",
                        Side.BACK,
                        front ? inFront : aboutTheMiddle.after(inFront)))
                .habit(Habit.BESIDE_GLUE, name + "/face")
                .habit(Habit.BARE, name + "/back");
    }

    private static Polygon rounded(Polygon polygon) {
        Coordinate[] ring = polygon.getExteriorRing().getCoordinates();
        for (Coordinate c : ring) {
            c.x = Math.rint(c.x);
            c.y = Math.rint(c.y);
        }
        return GEOMETRY.createPolygon(ring);
    }

    /** From where the last panel lies closed, face down behind the first, to where it is on the flat bar. */
    private static FlatMotion unfoldedPanel(int n, Length s) {
        return new FlatMotion(1, 0, 0, 0, -1, n * (double) s.count());
    }

    private static Point place(double x, double y) {
        return new Point(Length.nearestTo(x), Length.nearestTo(y));
    }
}
