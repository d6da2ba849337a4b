package vantbreeze.catalogue;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import vantbreeze.measure.Length;
import vantbreeze.structure.Bond;
import vantbreeze.structure.FlatMotion;
import vantbreeze.structure.Fold;
import vantbreeze.structure.Habit;
import vantbreeze.structure.Piece;
import vantbreeze.structure.PieceBuilder;
import vantbreeze.structure.Point;
import vantbreeze.structure.ScoreLine;
import vantbreeze.structure.Side;
import vantbreeze.structure.Structure;

/**
 * A concertina of two framed halves with strips woven across behind it: glued behind the outer borders, free behind the middle
 * bar. Opening it pulls the strips taut, which stops it. Seen from above half of it is two panels of length q, leaning by phi,
 * and a strip of reach L from the anchor, e along the first panel, to the middle: taut when L² = e² + 4 q (q - e) cos² phi.
 */
final class WovenGate implements FoldDesign {

    private static final String BORDER = "border";
    private static final String ANCHOR = "anchor";
    private static final String REACH = "reach";
    private static final String RUN = "run";
    private static final String TOP = "top";
    private static final String STRIPS = "strips";
    private static final int STEPS = 12;

    /** Flatter it does not stand: it is shown short of where the strips stop it, at that other lean. */
    private static final double STANDS = Math.toRadians(8);

    private static final double LEANING = Math.toRadians(25);

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
        return "Two framed halves in a zigzag, held by strips woven across that stop it where it stands.";
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.width(),
                Parameter.height(),
                Parameter.length(
                        BORDER,
                        "border",
                        "How wide the frames are around their windows.",
                        v -> Length.min(
                                v.grid().ceiling(Length.inches(1, 2)),
                                v.shorter().dividedBy(4).each()),
                        v -> new Range(
                                Length.min(
                                        Length.inches(1, 4),
                                        v.shorter().dividedBy(16).each()),
                                "or the frames tear",
                                v.shorter().dividedBy(4).each(),
                                "or no window is left")),
                Parameter.length(
                        ANCHOR,
                        "anchor",
                        "How far from a frame's outer edge the strips leave it: it decides how far the card opens and how deep it stands.",
                        v -> Length.min(v.length(BORDER), v.grid().ceiling(Values.half(v.length(BORDER)))),
                        v -> new Range(
                                Values.half(v.length(BORDER)),
                                "or too little of the strips is glued",
                                v.length(BORDER),
                                "the border that hides them")),
                Parameter.length(
                        REACH,
                        "strip's reach",
                        "From the anchor to the middle. Twice the panel less the anchor opens flat.",
                        v -> v.length(ANCHOR)
                                .plus(v.onGrid(Values.half(v.width()
                                                .times(2)
                                                .minus(v.length(BORDER))
                                                .minus(v.length(ANCHOR))))
                                        .times(2)),
                        v -> new Range(
                                v.width().times(3).dividedBy(2).each(),
                                "or it hardly opens",
                                v.width().times(2).minus(v.length(ANCHOR)),
                                "or it hangs loose when the card is flat")),
                Parameter.length(
                        RUN,
                        "first fold",
                        "From the anchor to the strip's first fold: half the way from anchor to middle closes flush.",
                        v -> mostRun(v),
                        v -> new Range(
                                Values.half(mostRun(v)),
                                "or the strips stand out far when it is closed",
                                mostRun(v),
                                "or the strips do not pass round the middle bar when it is closed")),
                Parameter.length(
                        TOP,
                        "second fold",
                        "From the first fold to the second, which lets the strips give while the card moves.",
                        v -> v.onGrid(v.width().dividedBy(3).each()),
                        v -> new Range(
                                v.width().dividedBy(12).each(),
                                "or it does not fold",
                                v.width().dividedBy(2).each(),
                                "half a panel")),
                Parameter.count(STRIPS, "strips", "Level strips, one above the other, evenly spaced.", 2, 1, 4));
    }

    /** Then the strip lies from fold to fold within the panel and passes round the middle bar at its edge. */
    private static Length mostRun(Values v) {
        return Values.half(v.length(REACH).minus(v.length(ANCHOR)));
    }

    /** How far the panels lean when the strips are taut, in radians; 0 where it opens flat. */
    private static double taut(double q, double e, double reach) {
        double square = (reach * reach - e * e) / (4 * q * (q - e));
        return square >= 1 ? 0 : Math.acos(Math.sqrt(square));
    }

    @Override
    public Structure build(Values v) {
        Length q = v.width();
        Length f = v.length(BORDER);
        Length high = v.height();
        Length tab = f;
        Piece left = frame(v, "left half", "left outer", "left inner", true)
                .name("tab", new Point(q.times(2).plus(Values.half(tab)), Values.half(high)))
                .build();
        Piece right =
                frame(v, "right half", "right inner", "right outer", false).build();
        List<Piece> pieces = new ArrayList<>(List.of(left, right));
        int n = v.count(STRIPS);
        Length inside = high.minus(f.times(2));
        Length strip = inside.dividedBy(2 * n + 1).each();
        List<Bond> bonds = new ArrayList<>();
        bonds.add(new Bond(
                "right inner on tab",
                "right inner",
                Side.BACK,
                "tab",
                Side.FACE,
                FlatMotion.shift(q.times(2).count(), 0)));
        Map<String, Double> displayed = new HashMap<>();
        List<String> openWhenClosed = new ArrayList<>();
        double e = v.length(ANCHOR).count();
        double stops = taut(q.count(), e, v.length(REACH).count());
        double lean = stops < STANDS ? LEANING : stops;
        double base = Math.toDegrees(2 * lean);
        for (String score : List.of("left score, low", "left score, high", "right score, low", "right score, high")) {
            displayed.put(score, -base);
        }
        displayed.put("middle score", base);
        for (int i = 1; i <= n; i++) {
            String name = "strip " + i;
            Piece piece = strip(v, name, strip);
            pieces.add(piece);
            Length low = f.plus(strip.times(2 * i - 1));
            bonds.add(glued(name + ", left tab", "left outer", 0, low));
            bonds.add(glued(
                    name + ", right tab",
                    "right outer",
                    q.times(2).minus(piece.size().width()).count(),
                    low));
            weave(v, name, lean, displayed, openWhenClosed);
        }
        Structure.Builder card = Structure.of(pieces.toArray(new Piece[0]));
        bonds.forEach(card::bond);
        pieces.stream().skip(2).forEach(p -> p.panels().forEach(panel -> card.habit(Habit.BARE, panel.name())));
        return card.openWhenClosed(openWhenClosed.toArray(new String[0]))
                .habit(Habit.BARE, "tab", "left outer", "left inner", "right outer", "right inner")
                .displayed(displayed)
                .anchoredAt("left outer");
    }

    /** Two panels with a window across the score between them, which is left on its borders alone. */
    private static PieceBuilder frame(Values v, String name, String first, String second, boolean hasTab) {
        Length q = v.width();
        Length f = v.length(BORDER);
        Length high = v.height();
        Length whole = q.times(2);
        String score = name.replace(" half", " score");
        PieceBuilder frame = Piece.rectangle(name, hasTab ? whole.plus(f) : whole, high)
                .mountain(score + ", low", new Point(q, Length.ZERO), new Point(q, f))
                .mountain(score + ", high", new Point(q, high.minus(f)), new Point(q, high))
                .hole(List.of(
                        new Point(f, f),
                        new Point(whole.minus(f), f),
                        new Point(whole.minus(f), high.minus(f)),
                        new Point(f, high.minus(f))))
                .name(first, new Point(Values.half(f), Values.half(f)))
                .name(second, new Point(whole.minus(Values.half(f)), Values.half(f)));
        return hasTab ? frame.valley("middle score", new Point(whole, Length.ZERO), new Point(whole, high)) : frame;
    }

    private static Piece strip(Values v, String name, Length high) {
        Length e = v.length(ANCHOR);
        Length run = v.length(RUN);
        Length top = v.length(TOP);
        Length dip = v.length(REACH).minus(run).minus(top);
        List<Length> widths = List.of(e, run, top, dip, dip, top, run, e);
        List<String> panels = List.of(
                "left tab", "left run", "left top", "left dip", "right dip", "right top", "right run", "right tab");
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
                        i == 3 ? Fold.VALLEY : Fold.MOUNTAIN));
            }
        }
        return strip.build();
    }

    private static Bond glued(String tab, String frame, double right, Length up) {
        return new Bond(
                tab + " behind " + frame, tab, Side.FACE, frame, Side.BACK, FlatMotion.shift(right, up.count()));
    }

    /**
     * Closed, only the first folds and the middle are folded. As it stands the strips run straight from anchor to middle, or
     * where they are slack by a triangle whose corner, at the first fold, is towards the viewer.
     */
    private static void weave(
            Values v, String name, double lean, Map<String, Double> displayed, List<String> openWhenClosed) {
        double q = v.width().count();
        double e = v.length(ANCHOR).count();
        double down = Math.atan2(e * Math.sin(lean), (2 * q - e) * Math.cos(lean));
        double far = Math.sqrt(e * e + 4 * q * (q - e) * Math.pow(Math.cos(lean), 2));
        double run = v.length(RUN).count();
        double rest = v.length(REACH).count() - run;
        double atAnchor = far >= run + rest ? 0 : angle(run, far, rest);
        double atMiddle = far >= run + rest ? 0 : angle(rest, far, run);
        for (int score : List.of(1, 3, 5, 7)) {
            openWhenClosed.add(name + ", score " + score);
        }
        for (int score : List.of(1, 7)) {
            displayed.put(name + ", score " + score, -Math.toDegrees(lean + down - atAnchor));
        }
        for (int score : List.of(2, 6)) {
            displayed.put(name + ", score " + score, -Math.toDegrees(atAnchor + atMiddle));
        }
        for (int score : List.of(3, 5)) {
            displayed.put(name + ", score " + score, 0.0);
        }
        displayed.put(name + ", score 4", Math.toDegrees(2 * (down + atMiddle)));
    }

    /** In a triangle the angle between two sides, opposite the third. */
    private static double angle(double one, double other, double opposite) {
        return Math.acos((one * one + other * other - opposite * opposite) / (2 * one * other));
    }

    /** Over the anchor: how wide it opens, how deep it stands then, and how far the strips stick out when it is closed. */
    @Override
    public Optional<TradeOff> tradeOff(Values v) {
        double q = v.width().count();
        double reach = v.length(REACH).count();
        double run = v.length(RUN).count();
        Length least = Values.half(v.length(BORDER));
        Length most = v.length(BORDER);
        List<TradeOff.Step> steps = new ArrayList<>();
        for (int i = 0; i <= STEPS; i++) {
            Length at = least.plus(most.minus(least).times(i).dividedBy(STEPS).each());
            double e = at.count();
            double lean = taut(q, e, reach);
            double folds = Math.min(run, (reach - e) / 2);
            double right = Math.max(0, e + folds - q);
            double left = Math.max(0, reach - e - 2 * folds);
            steps.add(new TradeOff.Step(
                    at,
                    List.of(
                            Length.nearestTo(4 * q * Math.cos(lean)),
                            Length.nearestTo(q * Math.sin(lean)),
                            Length.nearestTo(right + left))));
        }
        return Optional.of(new TradeOff(
                ANCHOR, List.of(REACH), List.of("opens to", "stands deep", "sticks out closed"), List.copyOf(steps)));
    }
}
