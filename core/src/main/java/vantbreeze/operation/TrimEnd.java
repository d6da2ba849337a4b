package vantbreeze.operation;

import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.LineSegment;
import vantbreeze.measure.Length;
import vantbreeze.measure.Ruler;
import vantbreeze.structure.Side;

/**
 * A sliver off the right end of what was scored whole, so that no reading is counted from a trimmed edge. Common practice, no
 * published source.
 *
 * @param pieces as they were scored
 */
@Kind("trim-end")
public record TrimEnd(Pieces pieces, Length sliver) implements Operation {

    @Override
    public Optional<Operation> together(Operation other) {
        return other instanceof TrimEnd more && sliver.equals(more.sliver)
                ? Optional.of(new TrimEnd(pieces.with(more.pieces), sliver))
                : Optional.empty();
    }

    @Override
    public Optional<Side> up() {
        return Optional.of(Side.FACE);
    }

    @Override
    public List<Tool> tools() {
        return List.of(Tool.TRIMMER);
    }

    @Override
    public List<Hazard> hazards() {
        return List.of(Hazard.BLADES);
    }

    @Override
    public String title() {
        return "Trim " + pieces.named();
    }

    @Override
    public Wording wording(Ruler ruler) {
        return Wording.plain(
                "Face up, trim a sliver of %s off the right end%s. It lets what folds over there lie flat and close square."
                        .formatted(ruler.text(sliver), pieces.list().size() == 1 ? "" : " of each"));
    }

    @Override
    public void draw(SketchPad pad) {
        pad.piece(pieces.first(), Side.FACE, true);
        Envelope box = pieces.first().polygon().getEnvelopeInternal();
        double at = box.getMaxX() - sliver.count();
        pad.stroke(
                Sketch.Line.SLIT,
                new LineSegment(at, box.getMinY(), at, box.getMaxY()),
                pad.ruler().text(sliver));
    }
}
