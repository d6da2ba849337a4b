package vantbreeze.catalogue;

import java.util.List;
import vantbreeze.structure.Piece;
import vantbreeze.structure.Structure;

/** A front narrower than the back; what it leaves open is the writing panel. */
final class NoteCard implements FoldDesign {

    private static final String FRONT = "front";

    @Override
    public String id() {
        return "note-card";
    }

    @Override
    public String name() {
        return "note card";
    }

    @Override
    public String summary() {
        return "A short front flap over a back that leaves room to write.";
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.width(),
                Parameter.height(),
                Parameter.panelWidth(
                        FRONT,
                        "front flap",
                        "Width of the front; the rest of the back stays in sight.",
                        v -> v.grid().nearest(v.width().times(2).dividedBy(3).each())));
    }

    @Override
    public Structure build(Values v) {
        Piece base = Piece.strip("base", v.height())
                .panel("front", v.length(FRONT))
                .valley()
                .panel("back", v.width())
                .build();
        return Structure.of(base).displayed(0.6).anchoredAt("back");
    }
}
