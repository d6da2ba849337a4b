package vantbreeze.catalogue;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import vantbreeze.measure.Length;
import vantbreeze.structure.Bond;
import vantbreeze.structure.Piece;
import vantbreeze.structure.Point;
import vantbreeze.structure.Side;
import vantbreeze.structure.Structure;

/** Tiers on folded legs before an unscored base, each one step lower and glued on the one behind; all feet level. */
final class TieredPanel implements FoldDesign {

    private static final String TIERS = "tiers";
    private static final String LEG = "leg";
    private static final String FRONT = "front";
    private static final String STEP = "step";

    /** Legs half drawn out, in degrees: each outer score folds half as much as a full turn less this. */
    private static final double HALF_OPEN = 90;

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
        return "Panels that stand before each other in steps, on a plain base.";
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.width(),
                Parameter.height(),
                Parameter.count(TIERS, "tiers", "How many tiers stand before the base.", 2, 1, 4),
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
                        "front",
                        "Width of every tier's front.",
                        v -> v.grid().nearest(v.width().times(7).dividedBy(8).each()),
                        v -> new Range(
                                v.length(LEG).times(2),
                                "or its legs do not lie beside each other",
                                v.width(),
                                "the width of the card")),
                Parameter.length(
                        STEP,
                        "step",
                        "How much lower each tier is than the one behind.",
                        v -> v.grid()
                                .nearest(
                                        v.height().dividedBy(v.count(TIERS) + 2).each()),
                        v -> new Range(
                                Length.ZERO,
                                "where all are alike",
                                v.height()
                                        .minus(Parameter.SMALLEST_PANEL)
                                        .dividedBy(v.count(TIERS))
                                        .each(),
                                "or the last tier is gone")));
    }

    @Override
    public Structure build(Values v) {
        Length k = v.length(LEG);
        Length front = v.length(FRONT);
        List<Piece> pieces = new ArrayList<>();
        List<Bond> bonds = new ArrayList<>();
        Map<String, Double> displayed = new HashMap<>();
        pieces.add(Piece.rectangle("base", v.width(), v.height())
                .name("base", new Point(Values.half(v.width()), Values.half(v.height())))
                .build());
        String behind = "base";
        Length left = Values.half(v.width().minus(front));
        for (int tier = 1; tier <= v.count(TIERS); tier++) {
            String name = "tier " + tier;
            pieces.add(tier(name, v.height().minus(v.length(STEP).times(tier)), k, front, displayed));
            bonds.add(Bond.turned(name + " left tab", Side.FACE, behind, left.plus(k), Length.ZERO));
            bonds.add(Bond.turned(
                    name + " right tab",
                    Side.FACE,
                    behind,
                    left.plus(front.times(2)).plus(k.times(5)),
                    Length.ZERO));
            behind = name + " front";
            left = k.times(3);
        }
        Structure.Builder card = Structure.of(pieces.toArray(new Piece[0]));
        bonds.forEach(card::bond);
        return card.displayed(displayed).anchoredAt("base/base");
    }

    /** A front between two legs of three folds each; the outermost fold is the tab, turned in and glued behind. */
    private static Piece tier(String name, Length height, Length k, Length front, Map<String, Double> displayed) {
        for (int i = 1; i <= 6; i++) {
            boolean edge = i == 2 || i == 5;
            displayed.put(name + " score " + i, edge ? HALF_OPEN : -HALF_OPEN - 45);
        }
        return Piece.strip(name, height)
                .panel(name + " left tab", k)
                .mountain(name + " score 1")
                .panel(name + " left foot", k)
                .valley(name + " score 2")
                .panel(name + " left leg", k)
                .mountain(name + " score 3")
                .panel(name + " front", front)
                .mountain(name + " score 4")
                .panel(name + " right leg", k)
                .valley(name + " score 5")
                .panel(name + " right foot", k)
                .mountain(name + " score 6")
                .panel(name + " right tab", k)
                .build();
    }
}
