package vantbreeze.catalogue;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.locationtech.jts.geom.Coordinate;
import vantbreeze.measure.Length;
import vantbreeze.structure.Bond;
import vantbreeze.structure.FlatMotion;
import vantbreeze.structure.Fold;
import vantbreeze.structure.Habit;
import vantbreeze.structure.Handling;
import vantbreeze.structure.Piece;
import vantbreeze.structure.PieceBuilder;
import vantbreeze.structure.Point;
import vantbreeze.structure.ScoreLine;
import vantbreeze.structure.Side;
import vantbreeze.structure.Structure;

/**
 * Two halves cut alike, a solid cover of 2q and a frame of q with a window, joined at a mountain. Level strips run behind the bar in the
 * middle, out through both windows onto the covers, where their tabs are glued at a distance d from the covers' folds. Closed, a strip's
 * outer fold lies s2 + d from the cover's fold, its valley v = q - d + s1 - s2 from the middle mountain, inside both windows.
 */
final class WovenGate implements FoldDesign {

    private static final String COVERS = "covers";
    private static final String SCORED = "scored in the middle: closes as a concertina";
    private static final String PLAIN = "plain: opens like a book";
    private static final String PANEL = "panel";
    private static final String BORDER = "border";
    private static final String ANCHOR = "anchor";
    private static final String INNER = "innerRun";
    private static final String OUTER = "outerRun";
    private static final String STRIPS = "strips";
    private static final int STEPS = 12;

    /** Of a strip, turned under and glued. Common practice, no published source. */
    private static final Length STRIP_TAB = Length.inches(1, 4);

    /** How its panels lean to the flat as it stands. */
    private static final double LEAN = Math.toRadians(35);

    @Override
    public String id() {
        return "woven-gate";
    }

    @Override
    public String name() {
        return "woven concertina gate";
    }

    @Override
    public String summary() {
        return "Two covers with framed halves between them in a zigzag, and strips woven behind the middle bar that spread as it opens.";
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.width(),
                Parameter.height(),
                Parameter.choice(
                        COVERS,
                        "covers",
                        "Scored, the strips' folds stick out beside the covers when it is closed; behind plain covers they are hidden.",
                        SCORED,
                        PLAIN),
                Parameter.length(
                                PANEL,
                                "panel",
                                "Width of each of the six panels; the strips' folds stick out beside them.",
                                v -> v.onGrid(v.width().times(23).dividedBy(31).each()),
                                v -> new Range(
                                        v.width().times(3).dividedBy(5).each(),
                                        "or the strips stick out far",
                                        v.width().times(17).dividedBy(20).each(),
                                        "or the strips hardly spread"))
                        .onlyIf(WovenGate::isScored),
                Parameter.length(
                        BORDER,
                        "border",
                        "How wide the frames are around their windows.",
                        v -> Length.min(
                                v.grid().ceiling(Length.inches(1, 2)),
                                v.onGrid(shorter(v).times(2).dividedBy(11).each())),
                        v -> new Range(
                                Length.min(
                                        Length.inches(1, 4),
                                        shorter(v).dividedBy(8).each()),
                                "or the frames tear",
                                shorter(v).dividedBy(5).each(),
                                "or the strips have no way through the windows")),
                Parameter.length(
                        INNER,
                        "inner run",
                        "Of a strip, from its middle to the next fold; a panel by custom.",
                        WovenGate::panel,
                        v -> new Range(
                                panel(v).times(19).dividedBy(20).each(),
                                "or the strips stop it before it stands",
                                panel(v).times(21).dividedBy(20).each(),
                                "or the strips hang far out")),
                Parameter.length(
                        OUTER,
                        "outer run",
                        "Of a strip, from there to its tab's fold; a panel by custom.",
                        WovenGate::panel,
                        v -> new Range(
                                Length.max(
                                        panel(v).times(19).dividedBy(20).each(),
                                        v.length(INNER)
                                                .minus(panel(v))
                                                .plus(v.length(BORDER))
                                                .plus(Parameter.SMALLEST_PANEL)),
                                "or the strips do not fold past the border",
                                Length.min(
                                        panel(v).times(21).dividedBy(20).each(),
                                        panel(v).plus(v.length(INNER))
                                                .minus(besideBar(v))
                                                .minus(stripTab(v))),
                                "or the strips have no way past the bar")),
                Parameter.length(
                        ANCHOR,
                        "anchor",
                        "How far from a cover's fold the strips' tabs fold: farther out they spread wider and stick out more.",
                        WovenGate::usualAnchor,
                        v -> new Range(
                                leastAnchor(v),
                                "or the strips' middle folds lie on the frame when it is closed",
                                mostAnchor(v),
                                "or the strips run against the bar as it opens")),
                Parameter.count(STRIPS, "strips", "Level strips, one above the other, evenly spaced.", 2, 1, 4));
    }

    private static boolean isScored(Values v) {
        return v.choice(COVERS).equals(SCORED);
    }

    private static Length panel(Values v) {
        return isScored(v) ? v.length(PANEL) : Values.half(v.width());
    }

    /** Side of a frame. */
    private static Length shorter(Values v) {
        return Length.min(panel(v), v.height());
    }

    /** Scored, so that the closed strips end where the card does; otherwise in the same proportion. */
    private static Length usualAnchor(Values v) {
        Length wanted = isScored(v)
                ? v.width().minus(v.length(OUTER))
                : v.onGrid(panel(v).times(8).dividedBy(23).each());
        return Length.max(leastAnchor(v), Length.min(wanted, mostAnchor(v)));
    }

    /** How far the valley lies from the middle mountain when it is closed, for an anchor at the cover's fold. */
    private static Length valley(Values v) {
        return panel(v).plus(v.length(INNER)).minus(v.length(OUTER));
    }

    private static Length leastAnchor(Values v) {
        Length clear = valley(v).minus(panel(v)).plus(v.length(BORDER));
        return Length.max(clear, stripTab(v));
    }

    private static Length mostAnchor(Values v) {
        return Length.min(
                valley(v).minus(besideBar(v)), panel(v).times(3).dividedBy(7).each());
    }

    /** As it opens a strip passes beside the bar where its middle fold lies behind it by so much: found by folding many of them. */
    private static Length besideBar(Values v) {
        return v.length(BORDER).times(7).dividedBy(2).each();
    }

    private static Length stripTab(Values v) {
        return Length.min(v.grid().ceiling(STRIP_TAB), panel(v).dividedBy(6).each());
    }

    @Override
    public Structure build(Values v) {
        Length q = panel(v);
        boolean scored = isScored(v);
        List<Piece> pieces = new ArrayList<>(List.of(left(v), right(v)));
        int n = v.count(STRIPS);
        Length f = v.length(BORDER);
        Length room = v.height().minus(f.times(2));
        Length high = v.onGrid(room.dividedBy(2 * n + 1).each());
        Length gap = v.grid().nearest(room.minus(high.times(n)).dividedBy(n + 1).each());
        Map<String, Double> displayed = new HashMap<>();
        double turn = Math.toDegrees(2 * LEAN);
        displayed.put("left score", turn);
        displayed.put("middle score", -turn);
        displayed.put("right score", turn);
        displayed.put("left middle", -turn);
        displayed.put("right middle", -turn);
        List<String> straightWhenClosed = new ArrayList<>();
        List<Bond> bonds = new ArrayList<>();
        bonds.add(new Bond(
                "right frame on tab",
                "right frame",
                Side.BACK,
                "tab",
                Side.FACE,
                FlatMotion.shift(q.times(3).count(), 0)));
        Length t = stripTab(v);
        Length d = v.length(ANCHOR);
        String inner = scored ? "cover inner" : "cover";
        Open open = Open.of(
                q.count(), d.count(), v.length(INNER).count(), v.length(OUTER).count());
        for (int i = 1; i <= n; i++) {
            String name = "strip " + i;
            Piece strip = strip(v, name, high);
            pieces.add(strip);
            Length fromBelow = f.plus(gap.times(i)).plus(high.times(i - 1));
            Length fromAbove = f.plus(gap.times(n + 1 - i)).plus(high.times(n - i));
            /* Each is measured from its nearer edge. */
            Length low = 2 * i < n + 1
                    ? fromBelow
                    : 2 * i > n + 1
                            ? v.height().minus(fromAbove).minus(high)
                            : Values.half(v.height().minus(high));
            bonds.add(Bond.turned(
                    name + ", left tab",
                    Side.FACE,
                    "left " + inner,
                    q.times(2).minus(d).plus(t),
                    low));
            /* The right half begins at the joint: its cover's fold lies at q. */
            bonds.add(Bond.turned(
                    name + ", right tab",
                    Side.FACE,
                    "right " + inner,
                    q.plus(d).minus(t).plus(strip.size().width()),
                    low));
            for (String tab : List.of("1", "5")) {
                straightWhenClosed.add(name + ", score " + tab);
                displayed.put(name + ", score " + tab, -open.atTab());
            }
            displayed.put(name + ", score 2", -open.atFold());
            displayed.put(name + ", score 4", -open.atFold());
            displayed.put(name + ", score 3", open.atMiddle());
        }
        Structure.Builder card = Structure.of(pieces.toArray(new Piece[0]));
        bonds.forEach(card::bond);
        for (int i = 1; i <= n; i++) {
            card.lay("strip %d, left inner".formatted(i), "left frame")
                    .lay("right frame", "strip %d, right inner".formatted(i))
                    .habit(Habit.BARE, "strip %d, left tab".formatted(i), "strip %d, right tab".formatted(i));
        }
        return card.openWhenClosed(straightWhenClosed.toArray(new String[0]))
                .habit(Habit.BARE, "tab", "left frame", "right frame")
                .staysFolded()
                .displayed(displayed)
                .handled(Handling.before(
                        "Weave the strips",
                        "Slip each strip behind the middle bar and bring its ends out to the front through both windows. "
                                + "Its middle score sits in the middle fold. Equal gaps above, between and below.",
                        bonds.subList(1, bonds.size()).stream().map(Bond::id).toArray(String[]::new)))
                .handled(Handling.joined(
                        "Open it",
                        "Open the card slowly. The strips spread with it; ease any that catches, then fold it flat "
                                + "again."))
                .anchoredAt(scored ? "left cover outer" : "right cover");
    }

    private static Piece left(Values v) {
        Length q = panel(v);
        PieceBuilder half = half(v, "left", q.times(3).plus(v.length(BORDER)), q.times(2))
                .mountain("middle score", new Point(q.times(3), Length.ZERO), new Point(q.times(3), v.height()))
                .name("tab", new Point(q.times(3).plus(Values.half(v.length(BORDER))), Values.half(v.height())));
        return covered(v, half, "left", Length.ZERO, q, q.times(2)).build();
    }

    private static Piece right(Values v) {
        Length q = panel(v);
        return covered(v, half(v, "right", q.times(3), q), "right", q.times(3), q.times(2), q)
                .build();
    }

    /** A frame beside the cover's fold, towards the joint. */
    private static PieceBuilder half(Values v, String side, Length whole, Length fold) {
        Length f = v.length(BORDER);
        Length high = v.height();
        Length from = side.equals("left") ? fold : Length.ZERO;
        Length to = from.plus(panel(v));
        return Piece.rectangle(side + " half", whole, high)
                .valley(side + " score", new Point(fold, Length.ZERO), new Point(fold, high))
                .hole(List.of(
                        new Point(from.plus(f), f),
                        new Point(to.minus(f), f),
                        new Point(to.minus(f), high.minus(f)),
                        new Point(from.plus(f), high.minus(f))))
                .name(side + " frame", new Point(from.plus(Values.half(f)), Values.half(high)));
    }

    /** From the outer edge over the cover's middle to its fold. */
    private static PieceBuilder covered(
            Values v, PieceBuilder half, String side, Length edge, Length middle, Length fold) {
        Length high = Values.half(v.height());
        if (!isScored(v)) {
            return half.name(side + " cover", new Point(Values.half(edge.plus(fold)), high));
        }
        return half.mountain(side + " middle", new Point(middle, Length.ZERO), new Point(middle, v.height()))
                .name(side + " cover outer", new Point(Values.half(edge.plus(middle)), high))
                .name(side + " cover inner", new Point(Values.half(middle.plus(fold)), high));
    }

    private static Piece strip(Values v, String name, Length high) {
        Length t = stripTab(v);
        Length outer = v.length(OUTER);
        Length inner = v.length(INNER);
        List<Length> widths = List.of(t, outer, inner, inner, outer, t);
        List<String> panels =
                List.of("left tab", "left outer", "left inner", "right inner", "right outer", "right tab");
        List<Length> ends = new ArrayList<>();
        Length at = Length.ZERO;
        for (Length width : widths) {
            at = at.plus(width);
            ends.add(at);
        }
        PieceBuilder strip = Piece.rectangle(name, at, high);
        for (int i = 0; i < widths.size(); i++) {
            strip.name(
                    name + ", " + panels.get(i),
                    new Point(ends.get(i).minus(Values.half(widths.get(i))), Values.half(high)));
            if (i + 1 < widths.size()) {
                strip.score(new ScoreLine(
                        name + ", score " + (i + 1),
                        new Point(ends.get(i), Length.ZERO),
                        new Point(ends.get(i), high),
                        i == 2 ? Fold.VALLEY : Fold.MOUNTAIN));
            }
        }
        return strip.build();
    }

    /** Over the anchor: how wide the strips spread as it stands, and how far they stick out when it is closed. */
    @Override
    public Optional<TradeOff> tradeOff(Values v) {
        double q = panel(v).count();
        double inner = v.length(INNER).count();
        double outer = v.length(OUTER).count();
        double cover = isScored(v) ? q : 2 * q;
        Length least = leastAnchor(v);
        Length most = mostAnchor(v);
        List<TradeOff.Step> steps = new ArrayList<>();
        for (int i = 0; i <= STEPS; i++) {
            Length at = least.plus(most.minus(least).times(i).dividedBy(STEPS).each());
            steps.add(new TradeOff.Step(
                    at,
                    List.of(
                            Length.nearestTo(
                                    2 * Open.of(q, at.count(), inner, outer).spread()),
                            Length.nearestTo(Math.max(0, outer + at.count() - cover)))));
        }
        return Optional.of(new TradeOff(
                ANCHOR,
                isScored(v) ? List.of(PANEL, INNER, OUTER) : List.of(INNER, OUTER),
                List.of("spreads to", "sticks out closed"),
                List.copyOf(steps)));
    }

    /**
     * Half of a strip seen from above as the card stands: from its tab's fold on the cover over its outer fold to its middle behind the
     * bar. In degrees from straight.
     *
     * @param spread from the middle to the outer fold, in counts
     */
    private record Open(double atTab, double atFold, double atMiddle, double spread) {

        private static final int TRIES = 200;

        /** Of all places of its middle behind the ridge the one from which it passes clearest of the bar: nearest to the window's middle. */
        static Open of(double q, double d, double inner, double outer) {
            Coordinate ridge = new Coordinate(0, q * Math.sin(LEAN));
            Coordinate tab = new Coordinate(-(q + d) * Math.cos(LEAN), d * Math.sin(LEAN));
            Open best = null;
            double nearest = Double.POSITIVE_INFINITY;
            for (int i = 1; i < TRIES; i++) {
                Coordinate middle = new Coordinate(0, ridge.y - q * i / TRIES);
                double far = tab.distance(middle);
                if (far >= inner + outer || far <= Math.abs(inner - outer)) {
                    continue;
                }
                Coordinate fold = corner(tab, middle, outer, inner);
                double aside = Math.abs(throughTheFrame(ridge, middle, fold) - q / 2);
                if (aside < nearest) {
                    nearest = aside;
                    best = of(tab, fold, middle);
                }
            }
            return best;
        }

        /** Where two runs from these places meet, on the viewer's side. */
        private static Coordinate corner(Coordinate from, Coordinate to, double first, double second) {
            double far = from.distance(to);
            double along = (first * first - second * second + far * far) / (2 * far);
            double up = Math.sqrt(Math.max(0, first * first - along * along));
            double dx = (to.x - from.x) / far;
            double dy = (to.y - from.y) / far;
            return new Coordinate(from.x + along * dx - up * dy, from.y + along * dy + up * dx);
        }

        /** How far down the frame from its ridge the inner run passes through it: where both lines meet. */
        private static double throughTheFrame(Coordinate ridge, Coordinate middle, Coordinate fold) {
            double dx = fold.x - middle.x;
            double dy = fold.y - middle.y;
            return (ridge.y - middle.y) * dx / (Math.sin(LEAN) * dx - Math.cos(LEAN) * dy);
        }

        private static Open of(Coordinate tab, Coordinate fold, Coordinate middle) {
            double outwards = Math.atan2(Math.sin(LEAN), -Math.cos(LEAN));
            double first = Math.atan2(fold.y - tab.y, fold.x - tab.x);
            double second = Math.atan2(middle.y - fold.y, middle.x - fold.x);
            return new Open(degrees(outwards - first), degrees(first - second), degrees(-2 * second), -fold.x);
        }

        private static double degrees(double radians) {
            return Math.toDegrees(radians);
        }
    }
}
