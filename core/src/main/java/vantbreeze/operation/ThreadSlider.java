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
                        " Fix a stud, such as a flat paper fastener, through its slot to the %s, %s from the left edge and %s from the lower edge, loose enough to run."
                                .formatted(
                                        onto.name(),
                                        ruler.text(Length.nearestTo(at.x().count() - box.getMinX())),
                                        ruler.text(Length.nearestTo(at.y().count() - box.getMinY()))))
                .orElse("");
        return Wording.plain(
                "Pass the %s between the %s and the %s until the next score lies on the edge of the %s. No glue there: it runs %s.%s Try it before the last mats go on."
                        .formatted(
                                runs.name(), band.name(), onto.name(), band.name(), ruler.text(slide.travel()), stud));
    }

    @Override
    public void draw(SketchPad pad) {
        pad.threaded(slide, runs, onto);
    }
}
