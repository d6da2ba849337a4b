package vantbreeze.operation;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import vantbreeze.layer.Ornament;
import vantbreeze.layer.PlacedOrnament;
import vantbreeze.make.GluedPlace;
import vantbreeze.make.Joint;
import vantbreeze.make.Joints;
import vantbreeze.measure.Ruler;
import vantbreeze.structure.Form;

/** Something on top of the papers. */
@Kind("lay-topper")
public record LayTopper(PlacedOrnament placed, GluedPlace place, Joint joint) implements Operation {

    @Override
    public List<Hazard> hazards() {
        return Stream.concat(Stream.of(Hazard.SMALL_PARTS), Hazard.of(joint)).toList();
    }

    @Override
    public Optional<Joint> gluedWith() {
        return Optional.of(joint);
    }

    @Override
    public List<String> gluedPlaces() {
        return List.of(Joints.place(placed));
    }

    @Override
    public boolean laysParts() {
        return true;
    }

    @Override
    public String title() {
        return "Add the " + placed.ornament().name();
    }

    @Override
    public Wording wording(Ruler ruler) {
        Ornament ornament = placed.ornament();
        String note = Form.of(placed.outline().polygon()).note();
        String panel = placed.face().panel().name();
        boolean free = !placed.crosses().isEmpty() || !placed.overlaps().isEmpty();
        return Wording.plain("Put the %s (%s%s) on the %s. Its place on the %s: %s. Use %s.%s%s"
                .formatted(
                        ornament.name(),
                        ruler.text(placed.outline().size()),
                        note.isEmpty() ? "" : ", " + note,
                        placed.liesOn(),
                        placed.face().label(),
                        place.text(ruler),
                        joint.text(),
                        free
                                ? " Put glue only where it covers the %s: the rest has to come away.".formatted(panel)
                                : "",
                        placed.laid().isTrimmed()
                                ? " Turn it over and trim what hangs over flush with the edge."
                                : ""));
    }

    @Override
    public void draw(SketchPad pad) {
        pad.onFace(placed.face());
        pad.area(Sketch.Surface.LAID, placed.onPiece(), placed.ornament().name());
        if (placed.ornament().paper().hasUp()) {
            pad.top(placed.onPiece(), 0);
        }
    }
}
