package vantbreeze.operation;

import java.util.List;
import vantbreeze.layer.PlacedOrnament;
import vantbreeze.make.GluedPlace;
import vantbreeze.measure.Ruler;
import vantbreeze.structure.Grouped;

/**
 * A ribbon around something, a brad through it.
 *
 * @param on what holds it, in words
 * @param place on that
 */
@Kind("fix-trimming")
public record FixTrimming(PlacedOrnament placed, String on, GluedPlace place) implements Operation {

    @Override
    public List<Hazard> hazards() {
        return List.of(Hazard.SMALL_PARTS);
    }

    @Override
    public String title() {
        return "Add " + Grouped.the(placed.ornament().name());
    }

    @Override
    public Wording wording(Ruler ruler) {
        return Wording.plain(placed.ornament().fixing().told(placed.ornament(), on, place.text(ruler), ruler));
    }

    @Override
    public void draw(SketchPad pad) {
        pad.onFace(placed.face());
        pad.area(Sketch.Surface.LAID, placed.onPiece(), placed.ornament().name());
    }
}
