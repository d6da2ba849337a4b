package vantbreeze.catalogue;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.measure.Length;
import vantbreeze.structure.Bond;
import vantbreeze.structure.FlatMotion;
import vantbreeze.structure.Fold;
import vantbreeze.structure.Habit;
import vantbreeze.structure.Piece;
import vantbreeze.structure.PieceBuilder;
import vantbreeze.structure.Point;
import vantbreeze.structure.Regions;
import vantbreeze.structure.ScoreLine;
import vantbreeze.structure.Side;
import vantbreeze.structure.Stage;
import vantbreeze.structure.Structure;

/**
 * A concertina that closes to a bar, and a triangle folded over it from a strip twice as high: its four offcuts widen the
 * triangle as wings on both faces. All is laid out with the point down and turned upside down for a fan that stands.
 */
final class FanConcertina implements FoldDesign {

    private static final String PAIRS = "pairs";
    private static final String PANEL = "panel";
    private static final String BASE = "triangle";
    private static final String GAP = "gap";
    private static final String SCHOOL = "wings";
    private static final String POINT = "point";
    private static final String LONG_SIDE = "long side along the slant";
    private static final String LEG = "leg along the slant";
    private static final String DOWN = "down, hanging from the bar";
    private static final String UP = "up, standing on its fold";
    private static final double OPEN = 130;
    /** It leans on its back triangle, the bar still closed; that one is lifted to let the bar open. */
    private static final double LEANING = 140;

    private static final double LIFTED = 80;
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
        return "A thick bar that opens as a concertina under a fan: a folded triangle and its own offcuts as wings.";
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.width(),
                Parameter.height(proportions()),
                Parameter.count(
                        PAIRS, "pairs of panels", "How many the concertina has, so that it ends behind.", 4, 1, 6),
                Parameter.length(
                        PANEL,
                        "panel height",
                        "Of each panel of the concertina: the bar is that high.",
                        v -> v.onGrid(v.height().dividedBy(5).each()),
                        v -> new Range(
                                v.height().dividedBy(8).each(),
                                "or the wings have nothing to be glued to",
                                Values.half(v.height()),
                                "half the fan")),
                Parameter.choice(
                        SCHOOL,
                        "wings",
                        "Which side of an offcut lies along the triangle: there are two ways of it.",
                        LONG_SIDE,
                        LEG),
                Parameter.length(
                        GAP,
                        "gap",
                        "Between triangle and wings.",
                        v -> Length.min(
                                Length.inches(1, 8), v.width().dividedBy(40).each()),
                        v -> new Range(
                                Length.ZERO, "touching", v.width().dividedBy(12).each(), "or the fan falls apart")),
                Parameter.length(
                        BASE,
                        "triangle's base",
                        "How wide the triangle is at its fold.",
                        FanConcertina::usualBase,
                        v -> new Range(
                                v.width().dividedBy(5).each(),
                                "or it is no fan",
                                mostBase(v),
                                "or the wings reach far over the bar")),
                Parameter.choice(POINT, "point", "Down it hangs from the bar or lies; up it stands.", DOWN, UP));
    }

    /** A wider triangle's wings would turn down past its point. */
    private static Length mostBase(Values v) {
        return Length.min(
                v.width().times(3).dividedBy(4).each(),
                v.height().times(7).dividedBy(5).each());
    }

    @Override
    public Proportions proportions() {
        return new Proportions(0.25, Double.POSITIVE_INFINITY, "a quarter of the width, or the fan is no fan");
    }

    /** The widest fan within the card. */
    private static Length usualBase(Values v) {
        double gap = v.length(GAP).count();
        boolean leg = v.choice(SCHOOL).equals(LEG);
        double low = v.width().count() / 5.0;
        double high = mostBase(v).count();
        for (int i = 0; i < 40; i++) {
            double middle = (low + high) / 2;
            if (width(middle, v.height().count(), gap, leg) > v.width().count()) {
                high = middle;
            } else {
                low = middle;
            }
        }
        Length widest = Length.ofCounts((long) Math.floor(low));
        return Length.max(v.width().dividedBy(5).each(), v.onGrid(widest));
    }

    /** Of the fan: the wing's far corner lies at twice the half angle from the axis. */
    private static double width(double base, double high, double gap, boolean leg) {
        double half = Math.atan(base / 2 / high);
        double reach = leg ? Math.hypot(high, base / 2) : high;
        return 2 * (reach * Math.sin(2 * half) + gap * Math.cos(half));
    }

    /** Everything as it lies closed, the fan's fold at height 0 and its axis at 0, the point down. */
    private record Layout(double base, double high, double gap, boolean leg) {

        static Layout of(Values v) {
            return new Layout(
                    v.length(BASE).count(),
                    v.height().count(),
                    v.length(GAP).count(),
                    v.choice(SCHOOL).equals(LEG));
        }

        private double halfAngle() {
            return Math.atan(base / 2 / high);
        }

        /** The right wing, set off square to the slant; what drops below the point is trimmed. */
        Polygon wing() {
            double sin = Math.sin(halfAngle());
            double cos = Math.cos(halfAngle());
            double slant = Math.hypot(high, base / 2);
            Coordinate point = new Coordinate(gap * cos, -high - gap * sin);
            Coordinate along =
                    new Coordinate(point.x + (leg ? high : slant) * sin, point.y + (leg ? high : slant) * cos);
            double twice = 2 * halfAngle();
            double out = leg ? slant : high;
            Coordinate aside = new Coordinate(point.x + out * Math.sin(twice), point.y + out * Math.cos(twice));
            Polygon whole = GEOMETRY.createPolygon(new Coordinate[] {point, aside, along, point});
            return (Polygon)
                    Regions.intersection(whole, GEOMETRY.toGeometry(new Envelope(0, 4 * base + 4 * gap, -high, high)));
        }
    }

    private static FlatMotion upsideDown(Values v, double height) {
        return v.choice(POINT).equals(UP) ? new FlatMotion(1, 0, 0, 0, -1, height) : FlatMotion.IDENTITY;
    }

    @Override
    public Structure build(Values v) {
        Layout layout = Layout.of(v);
        int n = 2 * v.count(PAIRS);
        double s = v.length(PANEL).count();
        double barHigh = n * s;
        double half = Math.floor(v.width().count() / 2.0);
        Piece bar = bar(v, n, s, barHigh);
        Piece fan = fan(v, layout);
        /* The bar's top is the fan's fold; its middle the fan's axis. */
        FlatMotion closedToBar = FlatMotion.shift(half, barHigh);
        Structure.Builder card = Structure.of(bar, fan);
        FlatMotion fanInBar = closedToBar.after(FlatMotion.shift(-Math.floor(layout.base() / 2), -layout.high()));
        FlatMotion barTurn = upsideDown(v, barHigh);
        card.bond(new Bond(
                "fan front on panel 1",
                "fan front",
                Side.BACK,
                "panel 1",
                Side.FACE,
                barTurn.after(fanInBar).after(upsideDown(v, 2 * layout.high()))));
        Polygon wing = layout.wing();
        for (boolean front : new boolean[] {true, false}) {
            for (boolean right : new boolean[] {true, false}) {
                wing(v, card, wing, n, s, closedToBar, front, right);
            }
        }
        Map<String, Double> displayed = new HashMap<>();
        bar.scores().forEach(x -> displayed.put(x.id(), (double) x.fold().fullDegrees()));
        Map<String, Double> opened = new HashMap<>();
        bar.scores().forEach(x -> opened.put(x.id(), OPEN * x.fold().fullDegrees() / 180));
        displayed.put("fan score", -LEANING);
        opened.put("fan score", -LIFTED);
        Map<String, Double> lifted = new HashMap<>(displayed);
        lifted.put("fan score", -LIFTED);
        for (int i = 2; i <= n; i++) {
            card.habit(Habit.BARE, "panel " + i);
        }
        return card.lay("panel " + n, "fan back")
                .staysFolded()
                .habit(Habit.DRESSED, "fan back/face", "fan front/face")
                .displayed(displayed)
                .stage(new Stage("fan lifted", lifted))
                .stage(new Stage("bar opened", opened))
                .anchoredAt("panel 1");
    }

    private static Piece bar(Values v, int n, double s, double barHigh) {
        FlatMotion turn = upsideDown(v, barHigh);
        PieceBuilder bar = Piece.rectangle("bar", v.width(), Length.nearestTo(barHigh));
        for (int i = 1; i <= n; i++) {
            double low = barHigh - i * s;
            bar.name("panel " + i, place(turn.apply(new Coordinate(v.width().count() / 4.0, low + s / 2))));
            if (i < n) {
                bar.score(new ScoreLine(
                        "score " + i,
                        place(turn.apply(new Coordinate(0, low))),
                        place(turn.apply(new Coordinate(v.width().count(), low))),
                        i % 2 == 1 ? Fold.MOUNTAIN : Fold.VALLEY));
            }
        }
        return bar.build();
    }

    /** Two triangles on one fold, the lower one in front. */
    private static Piece fan(Values v, Layout layout) {
        double base = 2 * Math.floor(layout.base() / 2);
        double high = layout.high();
        FlatMotion turn = upsideDown(v, 2 * high);
        Coordinate[] corners = {
            new Coordinate(base / 2, 0), new Coordinate(base, high),
            new Coordinate(base / 2, 2 * high), new Coordinate(0, high)
        };
        Point[] outline = new Point[corners.length];
        for (int i = 0; i < corners.length; i++) {
            outline[i] = place(turn.apply(corners[i]));
        }
        return Piece.outline("fan", outline)
                .mountain("fan score", place(turn.apply(corners[3])), place(turn.apply(corners[1])))
                .name("fan front", place(turn.apply(new Coordinate(base / 2, high / 2))))
                .name("fan back", place(turn.apply(new Coordinate(base / 2, high * 1.5))))
                .build();
    }

    /** On the bar's front, or on its back: there it lies face down, the mirror image of the one before it. */
    private static void wing(
            Values v,
            Structure.Builder card,
            Polygon lies,
            int n,
            double s,
            FlatMotion closedToBar,
            boolean front,
            boolean right) {
        Envelope box = lies.getEnvelopeInternal();
        double wide = Math.rint(box.getWidth());
        double high = Math.rint(box.getHeight());
        /* Rounded once, so that the other hand is its exact mirror image. */
        Polygon hand = rounded(FlatMotion.shift(-box.getMinX(), -box.getMinY()).apply(lies));
        boolean other = front != right;
        FlatMotion turn = upsideDown(v, high);
        Polygon outline = turn.apply(other ? new FlatMotion(-1, 0, wide, 0, 1, 0).apply(hand) : hand);
        String name = "%s %s wing".formatted(front ? "front" : "back", right ? "right" : "left");
        card.piece(Piece.outline(name, outline).name(name, Cut.inside(outline)).build());
        /* From the piece, point down, to where it lies: shifted in front, mirrored behind. */
        FlatMotion inPlace = front
                ? FlatMotion.shift(right ? box.getMinX() : -box.getMinX() - wide, box.getMinY())
                : new FlatMotion(-1, 0, right ? box.getMinX() + wide : -box.getMinX(), 0, 1, box.getMinY());
        FlatMotion onPanel = front ? FlatMotion.IDENTITY : toPanelBehind(n, s);
        card.bond(new Bond(
                        name,
                        name,
                        Side.BACK,
                        front ? "panel 1" : "panel " + n,
                        Side.FACE,
                        upsideDown(v, n * s)
                                .after(onPanel)
                                .after(closedToBar)
                                .after(inPlace)
                                .after(turn)))
                .habit(Habit.DRESSED, name + "/face")
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

    /** From where the last panel lies closed, face down over the first, to where it is on the flat bar. */
    private static FlatMotion toPanelBehind(int n, double s) {
        FlatMotion back = FlatMotion.IDENTITY;
        for (int i = 1; i < n; i++) {
            /* Unfolding score i, the ones before it being open: all beyond is mirrored in its line. */
            back = new FlatMotion(1, 0, 0, 0, -1, 2 * (n - i) * s).after(back);
        }
        return back;
    }

    private static Point place(Coordinate c) {
        return new Point(Length.nearestTo(c.x), Length.nearestTo(c.y));
    }

    @Override
    public List<Caution> cautions(Values v) {
        int n = 2 * v.count(PAIRS);
        return List.of(new Caution(
                "fan front",
                (ruler, sheet) ->
                        "The fan folds over %d layers: score its fold twice, %.1f mm apart, half of it on each side of its middle: so thick is the closed bar."
                                .formatted(n, sheet.times(n).millimetres())));
    }
}
