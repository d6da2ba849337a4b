package vantbreeze.catalogue;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import vantbreeze.measure.Length;
import vantbreeze.structure.Bond;
import vantbreeze.structure.Handling;
import vantbreeze.structure.Piece;
import vantbreeze.structure.Point;
import vantbreeze.structure.Structure;

/**
 * Plates before an unscored base, each on a strip with folded legs and lower than the one behind; all feet level. The strips
 * are springs that nobody sees, the plates are the picture.
 */
final class TieredPanel implements FoldDesign {

    private static final String TIERS = "tiers";
    private static final String LEG = "leg";
    private static final String FRONT = "front";
    private static final String PLATE = "plate";
    private static final String PLATE_HIGH = "plateHeight";
    private static final String PLATE_STEP = "step";
    private static final String STRIP_HIGH = "stripHeight";
    private static final String STRIP_STEP = "stripStep";

    @Override
    public String id() {
        return "tiered-panel";
    }

    @Override
    public String name() {
        return "tiered panel";
    }

    @Override
    public String summary() {
        return "Plates that stand before each other in steps, on a plain base.";
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.width(),
                Parameter.height(),
                Parameter.count(TIERS, "tiers", "How many plates stand before the base.", 3, 1, 4),
                Parameter.length(
                        LEG,
                        "leg",
                        "Width of a leg's folds; a tier stands up to twice that before the one behind.",
                        v -> v.grid()
                                .nearest(Length.min(
                                        Length.inches(1, 2),
                                        v.width().dividedBy(8).each())),
                        v -> new Range(
                                Parameter.SMALLEST_PANEL,
                                "the least that folds",
                                v.width().dividedBy(4).each(),
                                "or both legs do not lie beside each other")),
                Parameter.length(
                        FRONT,
                        "strip's front",
                        "Width of a strip's front, the same for all of them.",
                        v -> Length.max(
                                v.length(LEG).times(4),
                                v.grid().nearest(v.width().times(3).dividedBy(4).each())),
                        v -> new Range(
                                v.length(LEG).times(4),
                                "or its legs meet behind it",
                                v.width(),
                                "the width of the card")),
                Parameter.length(
                        PLATE,
                        "plate",
                        "Width of the plates on the strips' fronts.",
                        v -> Length.max(
                                v.length(FRONT),
                                v.grid()
                                        .nearest(
                                                v.width().times(9).dividedBy(10).each())),
                        v -> new Range(
                                v.length(FRONT), "or its strip shows beside it", v.width(), "the width of the card")),
                Parameter.stripHeight(
                        PLATE_HIGH,
                        "tallest plate",
                        "Height of the plate that stands next to the base.",
                        v -> v.grid().nearest(v.height().times(11).dividedBy(14).each())),
                Parameter.length(
                                PLATE_STEP,
                                "plates' step",
                                "How much lower each plate is than the one behind.",
                                v -> Length.min(
                                        mostStep(v, PLATE_HIGH),
                                        v.grid()
                                                .nearest(v.height()
                                                        .times(3)
                                                        .dividedBy(14)
                                                        .each())),
                                v -> new Range(
                                        Length.ZERO,
                                        "where all are alike",
                                        mostStep(v, PLATE_HIGH),
                                        "or the last plate is gone"))
                        .onlyIf(TieredPanel::isStepped),
                Parameter.length(
                        STRIP_HIGH,
                        "tallest strip",
                        "Height of the strip behind the tallest plate; a plate hides its strip.",
                        v -> Length.min(v.length(PLATE_HIGH), v.grid().nearest(Values.half(v.height()))),
                        v -> new Range(
                                Parameter.SMALLEST_PANEL,
                                "the least that can be cut",
                                v.length(PLATE_HIGH),
                                "the height of its plate")),
                Parameter.length(
                                STRIP_STEP,
                                "strips' step",
                                "How much lower each strip is than the one behind.",
                                v -> Length.max(
                                        leastStripStep(v),
                                        Length.min(
                                                mostStep(v, STRIP_HIGH),
                                                v.grid()
                                                        .nearest(v.height()
                                                                .dividedBy(7)
                                                                .each()))),
                                v -> new Range(
                                        leastStripStep(v),
                                        "or the last strip is taller than its plate",
                                        mostStep(v, STRIP_HIGH),
                                        "or the last strip is gone"))
                        .onlyIf(TieredPanel::isStepped));
    }

    private static boolean isStepped(Values v) {
        return v.count(TIERS) > 1;
    }

    private static Length mostStep(Values v, String tallest) {
        return Length.max(Length.ZERO, v.length(tallest).minus(Parameter.SMALLEST_PANEL))
                .dividedBy(v.count(TIERS) - 1)
                .each();
    }

    /** Every strip stays behind its plate if the last one does. */
    private static Length leastStripStep(Values v) {
        Length last = v.length(PLATE_HIGH)
                .minus(v.length(PLATE_STEP).times(v.count(TIERS) - 1))
                .minus(v.length(STRIP_HIGH));
        return last.isNegative()
                ? Length.min(
                        mostStep(v, STRIP_HIGH),
                        last.negated()
                                .plus(Length.ofCounts(v.count(TIERS) - 2L))
                                .dividedBy(v.count(TIERS) - 1)
                                .each())
                : Length.ZERO;
    }

    private static Length fallen(Values v, String tallest, String step, int tier) {
        return tier == 1
                ? v.length(tallest)
                : v.length(tallest).minus(v.length(step).times(tier - 1));
    }

    @Override
    public Structure build(Values v) {
        Length front = v.length(FRONT);
        Length plate = v.length(PLATE);
        Piece base = Piece.rectangle("base", v.width(), v.height())
                .name("base", new Point(Values.half(v.width()), Values.half(v.height())))
                .build();
        Structure.Builder card = Structure.of(base);
        Map<String, Double> displayed = new HashMap<>();
        String behind = "base";
        Length wide = v.width();
        for (int tier = 1; tier <= v.count(TIERS); tier++) {
            LegStrip strip =
                    new LegStrip("strip " + tier, fallen(v, STRIP_HIGH, STRIP_STEP, tier), v.length(LEG), front);
            strip.addTo(card, behind, Values.half(wide.minus(front)), Length.ZERO);
            displayed.putAll(strip.displayed());
            String name = "plate " + tier;
            Length high = fallen(v, PLATE_HIGH, PLATE_STEP, tier);
            card.piece(Piece.rectangle(name, plate, high)
                            .name(name, new Point(Values.half(plate), Values.half(high)))
                            .build())
                    .bond(Bond.laid(
                            name,
                            strip.frontPanel(),
                            strip.frontAt().minus(Values.half(plate.minus(front))),
                            Length.ZERO))
                    .handled(Handling.after(
                            "Stand the card",
                            "Pull the tiers out and stand the card. The tabs hold, the plate is straight and nothing rocks."
                                    + " Fold it flat again.",
                            name + " on " + strip.frontPanel()));
            behind = name;
            wide = plate;
        }
        return card.displayed(displayed).anchoredAt("base");
    }
}
