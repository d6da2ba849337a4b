package vantbreeze.catalogue;

import java.util.List;
import vantbreeze.measure.Length;
import vantbreeze.structure.Bond;
import vantbreeze.structure.Piece;
import vantbreeze.structure.Structure;

/** Five panels of W/2, W/2, W, W/2, W/2: the gates fold in and back again; both outer panels show on the front. */
final class FoldBackGate implements FoldDesign {

    private static final String BASE = "base";
    private static final String OVERLAP = "overlap";
    private static final String WHOLE = "one piece";
    private static final String JOINED = "joined";

    @Override
    public String id() {
        return "fold-back-gate";
    }

    @Override
    public String name() {
        return "fold-back gate";
    }

    @Override
    public String summary() {
        return "Gates that fold back on themselves, so that one printed sheet shows on the front.";
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.width(),
                Parameter.height(),
                Parameter.choice(
                        BASE,
                        "base",
                        "In one piece, or joined at the edges of the gates, as it must be when it is longer than the sheet.",
                        FoldBackGate::usualBase,
                        v -> List.of(WHOLE, JOINED)),
                Parameter.panelWidth(OVERLAP, "overlap", "Glued behind the gates' edges.", FoldBackGate::usualOverlap)
                        .within(v -> new Range(
                                Parameter.SMALLEST_PANEL,
                                "the least that can be glued",
                                Values.half(v.width()),
                                "the width of a gate"))
                        .onlyIf(v -> v.choice(BASE).equals(JOINED)));
    }

    private static String usualBase(Values v) {
        boolean tooLong =
                v.means().longest().filter(v.width().times(3)::isMoreThan).isPresent();
        return tooLong ? JOINED : WHOLE;
    }

    private static Length usualOverlap(Values v) {
        return Length.min(
                Length.inches(1), v.grid().nearest(v.width().dividedBy(4).each()));
    }

    @Override
    public Structure build(Values v) {
        Length half = Values.half(v.width());
        Length rest = v.width().minus(half);
        return v.choice(BASE).equals(JOINED) ? joined(v, half, rest) : whole(v, half, rest);
    }

    private static Structure whole(Values v, Length half, Length rest) {
        Piece base = Piece.strip("base", v.height())
                .panel("left front", half)
                .mountain()
                .panel("left gate", half)
                .valley()
                .panel("back", v.width())
                .valley()
                .panel("right gate", rest)
                .mountain()
                .panel("right front", rest)
                .build();
        return Structure.of(base).displayed(0.5).anchoredAt("back");
    }

    /** Each outer piece has its score on the gate's edge; what lies beyond it is glued behind the gate. */
    private static Structure joined(Values v, Length half, Length rest) {
        Length overlap = v.length(OVERLAP);
        Piece centre = Piece.strip("centre piece", v.height())
                .panel("left gate", half)
                .valley("score 1")
                .panel("back", v.width())
                .valley("score 2")
                .panel("right gate", rest)
                .build();
        Piece left = Piece.strip("left piece", v.height())
                .panel("left front", half)
                .mountain("left score")
                .panel("left overlap", overlap)
                .build();
        Piece right = Piece.strip("right piece", v.height())
                .panel("right overlap", overlap)
                .mountain("right score")
                .panel("right front", rest)
                .build();
        return Structure.of(centre, left, right)
                .bond(Bond.laid("left gate", "left overlap", half, Length.ZERO))
                .bond(Bond.laid(
                        "right gate", "right overlap", overlap.minus(v.width().times(2)), Length.ZERO))
                .displayed(0.5)
                .anchoredAt("back");
    }
}
