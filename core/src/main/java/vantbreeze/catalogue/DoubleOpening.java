package vantbreeze.catalogue;

import java.util.List;
import java.util.Map;
import vantbreeze.structure.Piece;
import vantbreeze.structure.Structure;

/** Flap f, back and cover: the cover closes from the right, the flap last of all from the left. */
final class DoubleOpening implements FoldDesign {

    private static final String FLAP = "flap";

    @Override
    public String id() {
        return "double-opening";
    }

    @Override
    public String name() {
        return "double opening";
    }

    @Override
    public String summary() {
        return "A cover and a narrow flap that closes over it: two openings, two messages.";
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.width(),
                Parameter.height(),
                Parameter.panelWidth(
                        FLAP,
                        "flap",
                        "Width of the flap that closes last.",
                        v -> v.grid().nearest(v.width().times(3).dividedBy(8).each())));
    }

    @Override
    public Structure build(Values v) {
        Piece base = Piece.strip("base", v.height())
                .panel("flap", v.length(FLAP))
                .valley()
                .panel("back", v.width())
                .valley()
                .panel("cover", v.width())
                .build();
        return Structure.of(base)
                .lay("flap", "cover")
                .displayed(Map.of("score 1", 60.0, "score 2", 100.0))
                .anchoredAt("back");
    }
}
