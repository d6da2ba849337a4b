package vantbreeze.catalogue;

import java.util.List;
import java.util.Map;
import vantbreeze.measure.Length;
import vantbreeze.structure.Handling;
import vantbreeze.structure.Piece;
import vantbreeze.structure.Structure;

/** Seven panels f b b c b b f with b = (W - c)/2: the gates fold over and stop at the middle, their lips fold back. */
final class LatchGate implements FoldDesign {

    private static final String MIDDLE = "middle";
    private static final String LIP = "lip";

    @Override
    public String id() {
        return "latch-gate";
    }

    @Override
    public String name() {
        return "latch gate";
    }

    @Override
    public String summary() {
        return "Two gates with lips stop at a standing middle; a topper on it latches them.";
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.width(),
                Parameter.height(),
                Parameter.length(
                        MIDDLE,
                        "middle",
                        "Width of the middle panel that carries the topper.",
                        v -> v.grid().nearest(v.width().dividedBy(5).each()),
                        v -> new Range(
                                Parameter.SMALLEST_PANEL,
                                "the least that can be cut",
                                v.width().minus(Parameter.SMALLEST_PANEL.times(2)),
                                "or no gates are left")),
                Parameter.length(
                        LIP,
                        "lip",
                        "Width of the lips that fold back on the gates.",
                        v -> Values.half(v.length(MIDDLE)),
                        v -> new Range(
                                Parameter.SMALLEST_PANEL,
                                "the least that can be cut",
                                Values.half(v.width().minus(v.length(MIDDLE))),
                                "the width of a gate")));
    }

    @Override
    public Structure build(Values v) {
        Length b = Values.half(v.width().minus(v.length(MIDDLE)));
        Length lip = v.length(LIP);
        Piece base = Piece.strip("base", v.height())
                .panel("left lip", lip)
                .mountain()
                .panel("left gate", b)
                .valley()
                .panel("left side", b)
                .mountain()
                .panel("middle", v.length(MIDDLE))
                .mountain()
                .panel("right side", b)
                .valley()
                .panel("right gate", b)
                .mountain()
                .panel("right lip", lip)
                .build();
        return Structure.of(base)
                .openWhenClosed("score 3", "score 4")
                .displayed(Map.of(
                        "score 1", -150.0, "score 2", 100.0, "score 3", -50.0, "score 4", -50.0, "score 5", 100.0,
                        "score 6", -150.0))
                .handled(Handling.dressed(
                        "Slip the gates",
                        "Shut the card: gates in, lips back. Both gates slip behind what is laid over the middle panel. "
                                + "They go without force and do not fall out."))
                .anchoredAt("middle");
    }
}
