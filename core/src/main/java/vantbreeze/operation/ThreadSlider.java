package vantbreeze.operation;

import java.util.Optional;
import org.locationtech.jts.geom.Envelope;
import vantbreeze.measure.Length;
import vantbreeze.measure.Ruler;
import vantbreeze.structure.Panel;
import vantbreeze.structure.Side;
import vantbreeze.structure.Slide;

/** What runs is passed under its band and kept by its stud. */
@Kind("thread")
public record ThreadSlider(Slide slide, Panel runs, Panel onto, Panel band) implements Operation {

    @Override
    public Optional<Side> up() {
        return Optional.of(slide.ontoSide());
    }

    @Override
    public String title() {
        return "Thread the " + runs.name();
    }

    @Override
    public Wording wording(Ruler ruler) {
        Envelope box = onto.outline().getEnvelopeInternal();
        String stud = slide.stud()
                .map(at ->
                        " Push a flat brad through the slot and the %s, %s from the left edge and %s up. Leave it loose."
                                .formatted(
                                        onto.name(),
                                        ruler.text(Length.nearestTo(at.x().count() - box.getMinX())),
                                        ruler.text(Length.nearestTo(at.y().count() - box.getMinY()))))
                .orElse("");
        return Wording.plain(
                "Slide the %s down between the %s and the %s. Stop when the next score reaches the edge of the %s. No glue here: it must slide %s.%s Pull it to try it, before the last mats go on."
                        .formatted(
                                runs.name(), band.name(), onto.name(), band.name(), ruler.text(slide.travel()), stud));
    }

    @Override
    public void draw(SketchPad pad) {
        pad.threaded(slide, runs, onto);
    }
}
