package vantbreeze.operation;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import vantbreeze.make.SlitReading;
import vantbreeze.measure.Ruler;
import vantbreeze.structure.Path;
import vantbreeze.structure.Piece;
import vantbreeze.structure.Side;
import vantbreeze.structure.Slit;

/** Cuts inside pieces that are slit alike. */
@Kind("slit")
public record CutSlits(Pieces pieces) implements Operation {

    private Piece piece() {
        return pieces.first();
    }

    @Override
    public Optional<Operation> together(Operation other) {
        return other instanceof CutSlits more
                        && piece().size().equals(more.piece().size())
                        && paths(piece()).equals(paths(more.piece()))
                ? Optional.of(new CutSlits(pieces.with(more.pieces)))
                : Optional.empty();
    }

    private static List<Path> paths(Piece piece) {
        return piece.slits().stream().map(Slit::path).toList();
    }

    @Override
    public Optional<Side> up() {
        return Optional.of(Side.FACE);
    }

    private boolean byTrimmer() {
        return piece().slits().stream().anyMatch(s -> !s.path().isCurved());
    }

    @Override
    public List<Tool> tools() {
        boolean curved = piece().slits().stream().anyMatch(s -> s.path().isCurved());
        List<Tool> tools = new ArrayList<>(curved ? List.of(Tool.TEMPLATE) : List.of());
        tools.addAll(
                byTrimmer()
                        ? List.of(Tool.TRIMMER, Tool.KNIFE, Tool.RULER, Tool.CUTTING_MAT)
                        : List.of(Tool.KNIFE, Tool.CUTTING_MAT));
        return tools;
    }

    @Override
    public List<Hazard> hazards() {
        return List.of(Hazard.BLADES);
    }

    @Override
    public String title() {
        return "Slit " + pieces.named();
    }

    @Override
    public Wording wording(Ruler ruler) {
        return Wording.plain("Face up. %s.%s"
                .formatted(
                        new SlitReading(piece(), ruler).text(),
                        byTrimmer()
                                ? " Stop the trimmer just before each end. Finish the last bit with a knife, exactly to it."
                                : " Do not cut past the ends."));
    }

    @Override
    public void draw(SketchPad pad) {
        pad.piece(piece(), Side.FACE, false);
        pad.slits(Sketch.Line.SLIT, piece());
    }
}
