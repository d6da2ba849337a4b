package vantbreeze.operation;

import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.measure.Length;
import vantbreeze.measure.Ruler;
import vantbreeze.structure.Piece;
import vantbreeze.structure.Side;

/** A window cut out. */
@Kind("window")
public record CutWindow(Piece piece, Polygon opening) implements Operation {

    @Override
    public Optional<Side> up() {
        return Optional.of(Side.FACE);
    }

    @Override
    public List<Tool> tools() {
        return opening.isRectangle()
                ? List.of(Tool.PENCIL, Tool.RULER, Tool.KNIFE, Tool.CUTTING_MAT)
                : List.of(Tool.TEMPLATE, Tool.KNIFE, Tool.CUTTING_MAT);
    }

    @Override
    public List<Hazard> hazards() {
        return List.of(Hazard.BLADES);
    }

    @Override
    public String title() {
        return "Open the " + piece.name();
    }

    @Override
    public Wording wording(Ruler ruler) {
        if (!opening.isRectangle()) {
            return Wording.plain("Cut out the window of the %s with the template.".formatted(piece.name()));
        }
        Envelope box = opening.getEnvelopeInternal();
        return Wording.plain(
                "Face up, draw a window %s wide and %s high on the %s, %s from the left edge and %s from the bottom edge. Cut it out with a knife, from corner to corner."
                        .formatted(
                                text(box.getWidth(), ruler),
                                text(box.getHeight(), ruler),
                                piece.name(),
                                text(box.getMinX(), ruler),
                                text(box.getMinY(), ruler)));
    }

    private static String text(double counts, Ruler ruler) {
        return ruler.text(Length.nearestTo(counts));
    }

    @Override
    public void draw(SketchPad pad) {
        pad.filled(piece);
        pad.area(Sketch.Surface.GONE, opening, "");
    }
}
