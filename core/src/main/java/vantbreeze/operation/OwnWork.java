package vantbreeze.operation;

import java.util.List;
import java.util.Optional;
import vantbreeze.layer.Face;
import vantbreeze.measure.Ruler;
import vantbreeze.part.Part;
import vantbreeze.structure.Side;

/**
 * The maker's own.
 *
 * @param on what it is done to, in words
 * @param face the face it is done to, if it is one
 * @param part the mat or topper it is done to, if it is one
 * @param isAstray whether it cannot stand beside the step that the maker named
 */
@Kind("own")
public record OwnWork(OwnStep step, String on, Optional<Face> face, Optional<Part> part, boolean isAstray)
        implements Operation {

    @Override
    public Optional<OwnStep> own() {
        return Optional.of(step);
    }

    @Override
    public Optional<Side> up() {
        return face.map(Face::side);
    }

    @Override
    public List<Hazard> hazards() {
        return step.technique().hazards();
    }

    @Override
    public String title() {
        return step.technique().title();
    }

    @Override
    public Wording wording(Ruler ruler) {
        String words = step.words().strip();
        String where =
                up().map(side -> "%s: %s".formatted(Phrases.sideUp(side), on)).orElse("On " + on);
        return Wording.plain("%s.%s%s"
                .formatted(
                        where,
                        words.isEmpty() ? "" : " " + words + (words.matches(".*[.!?]$") ? "" : "."),
                        step.technique().when() == Technique.When.FLAT ? " Now, while it lies flat and bare." : ""));
    }

    @Override
    public void draw(SketchPad pad) {
        face.ifPresent(f -> {
            pad.onFace(f);
            pad.area(Sketch.Surface.NOW, f.panel().outline(), f.label());
        });
        part.ifPresent(p -> pad.area(Sketch.Surface.NOW, p.outline(), p.piece().name()));
    }
}
