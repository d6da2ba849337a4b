package vantbreeze.catalogue;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.LineSegment;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.measure.Length;
import vantbreeze.measure.Size;
import vantbreeze.structure.Bond;
import vantbreeze.structure.FlatMotion;
import vantbreeze.structure.Habit;
import vantbreeze.structure.Held;
import vantbreeze.structure.Piece;
import vantbreeze.structure.Point;
import vantbreeze.structure.Regions;
import vantbreeze.structure.Side;
import vantbreeze.structure.Structure;

/**
 * Cover, inside and a slanted pocket from one piece: the pocket folds over the inside and is seamed along the bottom and
 * along the cover's score. The inside's back is mounted on a base.
 */
final class PocketCard implements FoldDesign {

    private static final String BORDER = "border";
    private static final String MOUTH = "mouth";
    private static final String SEAM = "seam";
    private static final String HOLDS = "holds";
    private static final String LONG = "heldWidth";
    private static final String TALL = "heldHeight";
    private static final String THICK = "heldThickness";
    private static final String WAY = "way";
    private static final String SHAVE = "shave";
    private static final String BOTTOM = "bottomSeam";
    private static final String STOP = "stop";
    private static final String NOTHING = "nothing yet";
    private static final String OTHER = "another size";
    private static final String LYING = "lying";
    private static final String UPRIGHT = "upright";
    private static final String WITH = "with";
    private static final String WITHOUT = "without";
    private static final double AJAR = 110;

    /** What is put in needs a little room beside it. Common practice, no published source. */
    private static final Length PLAY = Length.inches(1, 16);

    /** Enough of it to be pulled out. Common practice, no published source. */
    private static final Length ENOUGH = Length.inches(1, 2);

    /** Of what is held in another size: as dense as soft board, 0.8 g/cm3. From memory. */
    private static final double SOFT_BOARD = 0.8e-3;

    /**
     * What makers put into pockets. ISO/IEC 7810 ID-1: 85.60 x 53.98 x 0.76 mm, of PVC of about 1.4 g/cm3 (5 g). The note is a
     * letter sheet folded three times; the tea bag is one in its paper envelope: both from memory, please check.
     */
    private enum Thing {
        PAYMENT_CARD("a payment card (ID-1)", "payment card", 85.60, 53.98, 0.76, 5),
        NOTE("a folded note", "folded note", 108, 70, 0.9, 4.5),
        TEA_BAG("a tea bag", "tea bag", 75, 65, 4, 3);

        private final String choice;
        private final String called;
        private final Size size;
        private final Length thickness;
        private final double grams;

        Thing(String choice, String called, double width, double height, double thickness, double grams) {
            this.choice = choice;
            this.called = called;
            this.size = new Size(Length.millimetres(width), Length.millimetres(height));
            this.thickness = Length.millimetres(thickness);
            this.grams = grams;
        }
    }

    @Override
    public String id() {
        return "pocket-card";
    }

    @Override
    public String name() {
        return "pocket card";
    }

    @Override
    public String summary() {
        return "A cover over a slanted pocket that holds a gift card, a note or a tea bag.";
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.width(),
                Parameter.height(),
                Parameter.length(
                        BORDER,
                        "border",
                        "What shows of the base all round.",
                        PocketCard::usualBorder,
                        v -> new Range(
                                Length.ZERO, "flush", v.shorter().dividedBy(4).each(), "a quarter of the card")),
                Parameter.length(
                        MOUTH,
                        "low end of the mouth",
                        "How high the pocket is at its outer edge; from there it rises to the fold.",
                        v -> v.grid().nearest(tall(v).times(8).dividedBy(21).each()),
                        v -> new Range(
                                tall(v).dividedBy(4).each(),
                                "or it holds nothing",
                                tall(v),
                                "the height of the pocket")),
                Parameter.length(
                        SEAM,
                        "seam",
                        "Width of the glue along the pocket's outer edge, and along its bottom.",
                        v -> Length.min(
                                Length.inches(1, 8), v.shorter().dividedBy(16).each()),
                        v -> new Range(
                                Parameter.SMALLEST_PANEL,
                                "the least that holds",
                                v.shorter().dividedBy(6).each(),
                                "a sixth of the card")),
                Parameter.length(
                        SHAVE,
                        "shaved off",
                        "What is taken off the pocket's outer edge, so that it does not catch in the cover's score.",
                        v -> Length.ZERO,
                        v -> new Range(
                                Length.ZERO,
                                "the full strip",
                                v.width().dividedBy(24).each(),
                                "or the pocket's seam misses the edge")),
                Parameter.choice(
                        HOLDS,
                        "holds",
                        "What goes into the pocket.",
                        v -> choices(v).get(0),
                        PocketCard::choices),
                heldSide(LONG, "its width", Size::width),
                heldSide(TALL, "its height", Size::height),
                Parameter.length(
                                THICK,
                                "its thickness",
                                "How thick it is.",
                                v -> Length.millimetres(1),
                                v -> new Range(
                                        Length.ofCounts(64),
                                        "a sheet of paper",
                                        Length.millimetres(10),
                                        "more bursts the seams"))
                        .onlyIf(v -> v.choice(HOLDS).equals(OTHER)),
                Parameter.choice(WAY, "it is put in", "Which way up it goes in.", v -> ways(v).get(0), PocketCard::ways)
                        .onlyIf(PocketCard::isFilled),
                Parameter.length(
                                BOTTOM,
                                "bottom seam",
                                "How high the glue reaches at the bottom: it raises what is in the pocket.",
                                PocketCard::usualBottom,
                                v -> new Range(
                                        v.length(SEAM),
                                        "as wide as the other seam",
                                        most(v),
                                        "or it stands out above the card or out of its pocket"))
                        .onlyIf(PocketCard::isFilled),
                Parameter.choice(
                                STOP,
                                "side stop",
                                "A third line of glue beside it, so that it cannot slide to the fold, where the pocket is deep.",
                                v -> ways(v).isEmpty() || showsEnough(v) || !canStop(v) ? WITHOUT : WITH,
                                v -> canStop(v) ? List.of(WITHOUT, WITH) : List.of(WITHOUT))
                        .onlyIf(PocketCard::isFilled));
    }

    private static Parameter heldSide(String key, String label, java.util.function.Function<Size, Length> along) {
        return Parameter.length(
                        key,
                        label,
                        "Of what goes into the pocket, as it lies.",
                        v -> v.grid()
                                .floor(along.apply(room(v))
                                        .times(3)
                                        .dividedBy(4)
                                        .each()),
                        v -> new Range(
                                Length.min(Length.inches(1, 2), Values.half(along.apply(room(v)))),
                                "or it is lost in there",
                                along.apply(room(v)),
                                "the room between the seams"))
                .onlyIf(v -> v.choice(HOLDS).equals(OTHER));
    }

    private static Length usualBorder(Values v) {
        return v.onGrid(
                Length.min(Length.inches(1, 8), v.shorter().dividedBy(16).each()));
    }

    /** The width of one panel. */
    private static Length wide(Values v) {
        return v.width().minus(v.length(BORDER).times(2));
    }

    private static Length tall(Values v) {
        return v.height().minus(v.length(BORDER).times(2));
    }

    /** Between the seam and the fold, above the narrowest bottom seam. */
    private static Size room(Values v) {
        return new Size(wide(v).minus(v.length(SEAM)).minus(v.length(SHAVE)), tall(v).minus(v.length(SEAM)));
    }

    private static boolean fits(Values v, Size size) {
        Size room = room(v);
        return !size.width().plus(PLAY).isMoreThan(room.width())
                && !size.height().isMoreThan(room.height())
                && size.height()
                        .plus(v.length(SEAM))
                        .isMoreThan(v.length(MOUTH).dividedBy(2).each());
    }

    private static List<String> choices(Values v) {
        List<String> choices = new ArrayList<>();
        for (Thing thing : Thing.values()) {
            if (fits(v, thing.size) || fits(v, thing.size.turned())) {
                choices.add(thing.choice);
            }
        }
        choices.add(NOTHING);
        if (room(v).shortSide().isMoreThan(Length.inches(1))) {
            choices.add(OTHER);
        }
        return choices;
    }

    private static boolean isFilled(Values v) {
        return !v.choice(HOLDS).equals(NOTHING);
    }

    private static Size lying(Values v) {
        return Stream.of(Thing.values())
                .filter(t -> t.choice.equals(v.choice(HOLDS)))
                .map(t -> t.size)
                .findFirst()
                .orElseGet(() -> new Size(v.length(LONG), v.length(TALL)));
    }

    private static List<String> ways(Values v) {
        if (v.choice(HOLDS).equals(OTHER)) {
            return List.of(LYING);
        }
        return Stream.of(LYING, UPRIGHT)
                .filter(w -> fits(v, w.equals(LYING) ? lying(v) : lying(v).turned()))
                .toList();
    }

    private static Size held(Values v) {
        return v.choice(WAY).equals(LYING) ? lying(v) : lying(v).turned();
    }

    /** The mouth stands that much higher at the fold than at the outer edge, over the panel's width. */
    private static Length mouthAt(Values v, Length fromSeamedEdge) {
        return v.length(MOUTH)
                .plus(tall(v).minus(v.length(MOUTH))
                        .scaled(fromSeamedEdge.minus(v.length(SHAVE)), wide(v).minus(v.length(SHAVE))));
    }

    /** Where its near edge lies when it has slid to the fold. */
    private static Length slid(Values v) {
        return wide(v).minus(held(v).width());
    }

    private static Length most(Values v) {
        return Length.max(
                v.length(SEAM),
                Length.min(tall(v).minus(held(v).height()), v.length(MOUTH).minus(Parameter.SMALLEST_PANEL)));
    }

    /** So that enough of it shows wherever it slides to, as far as the pocket goes. */
    private static Length usualBottom(Values v) {
        Length asked = v.grid().ceiling(mouthAt(v, slid(v)).plus(ENOUGH).minus(held(v).height()));
        return Length.max(v.length(SEAM), Length.min(asked, most(v)));
    }

    private static boolean showsEnough(Values v) {
        return !v.length(BOTTOM)
                .plus(held(v).height())
                .minus(mouthAt(v, slid(v)))
                .isLessThan(PocketCard.ENOUGH);
    }

    private static boolean canStop(Values v) {
        return !stopAt(v).plus(v.length(SEAM)).isMoreThan(wide(v));
    }

    private static Length stopAt(Values v) {
        return v.length(SHAVE).plus(v.length(SEAM)).plus(held(v).width()).plus(PLAY);
    }

    @Override
    public Structure build(Values v) {
        Length u = wide(v);
        Length tall = tall(v);
        Length outer = u.times(3).minus(v.length(SHAVE));
        Length fold = u.times(2);
        Piece folder = Piece.outline(
                        "pocket piece",
                        new Point(Length.ZERO, Length.ZERO),
                        new Point(outer, Length.ZERO),
                        new Point(outer, v.length(MOUTH)),
                        new Point(fold, tall),
                        new Point(Length.ZERO, tall))
                .valley("score 1", new Point(u, Length.ZERO), new Point(u, tall))
                .valley("score 2", new Point(fold, Length.ZERO), new Point(fold, tall))
                .name("cover", new Point(Values.half(u), Values.half(tall)))
                .name("inside", new Point(u.plus(Values.half(u)), Values.half(tall)))
                .name(
                        "pocket",
                        new Point(
                                fold.plus(Values.half(u)),
                                v.length(MOUTH).dividedBy(4).each()))
                .build();
        Piece base = Piece.rectangle("base", v.width(), v.height())
                .name("base", new Point(Values.half(v.width()), Values.half(v.height())))
                .build();
        LineSegment score =
                new LineSegment(new Coordinate(fold.count(), 0), new Coordinate(fold.count(), tall.count()));
        Structure.Builder card = Structure.of(folder, base)
                .bond(Bond.laid("inside", "base", v.length(BORDER).minus(u), v.length(BORDER)))
                .bond(new Bond(
                                "pocket on inside",
                                "pocket",
                                Side.FACE,
                                "inside",
                                Side.FACE,
                                FlatMotion.reflection(score))
                        .along(seams(v, folder.polygon(), outer)))
                .habit(Habit.BARE, "inside/face", "base");
        if (isFilled(v)) {
            card.holds(thing(v, u));
        }
        return card.displayed(Map.of("score 1", AJAR, "score 2", 180.0))
                .lying("opened", Map.of("score 1", 0.0))
                .anchoredAt("base");
    }

    /** Along the bottom, along the outer edge up to the mouth, never across it, and where something is stopped. */
    private static List<Polygon> seams(Values v, Polygon folder, Length outer) {
        Length high = isFilled(v) ? v.length(BOTTOM) : v.length(SEAM);
        Length left = wide(v).times(2);
        List<Polygon> seams = new ArrayList<>();
        seams.add(Rectangles.between(left, Length.ZERO, outer, high));
        seams.add(Rectangles.between(outer.minus(v.length(SEAM)), high, outer, tall(v)));
        if (isFilled(v) && v.choice(STOP).equals(WITH)) {
            Length at = outer.plus(v.length(SHAVE)).minus(stopAt(v)).minus(v.length(SEAM));
            Length top = Length.min(mouthAt(v, stopAt(v)), high.plus(Values.half(held(v).height())));
            seams.add(Rectangles.between(at, high, at.plus(v.length(SEAM)), top));
        }
        List<Polygon> clipped = new ArrayList<>();
        for (Polygon seam : seams) {
            Geometry part = Regions.intersection(seam, folder);
            if (part instanceof Polygon polygon && !polygon.isEmpty()) {
                clipped.add(polygon);
            }
        }
        return clipped;
    }

    /** Resting on the bottom seam, its near edge against the other. */
    private static Held thing(Values v, Length u) {
        Size size = held(v);
        Length left = u.plus(v.length(SHAVE)).plus(v.length(SEAM));
        Length play = v.choice(STOP).equals(WITH)
                ? PLAY
                : wide(v).minus(v.length(SHAVE)).minus(v.length(SEAM)).minus(size.width());
        Thing known = Stream.of(Thing.values())
                .filter(t -> t.choice.equals(v.choice(HOLDS)))
                .findFirst()
                .orElse(null);
        Length thickness = known == null ? v.length(THICK) : known.thickness;
        return new Held(
                known == null ? "what it holds" : known.called,
                "pocket",
                "inside",
                Rectangles.between(
                        left,
                        v.length(BOTTOM),
                        left.plus(size.width()),
                        v.length(BOTTOM).plus(size.height())),
                play,
                thickness,
                known == null ? size.squareMillimetres() * thickness.millimetres() * SOFT_BOARD : known.grams);
    }
}
