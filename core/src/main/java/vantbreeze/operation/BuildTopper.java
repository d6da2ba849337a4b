package vantbreeze.operation;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import vantbreeze.layer.PlacedOrnament;
import vantbreeze.make.GluedPlace;
import vantbreeze.make.Joint;
import vantbreeze.make.Joints;
import vantbreeze.measure.Ruler;
import vantbreeze.structure.Grouped;

/**
 * A topper of several layers, put together before it comes onto the card.
 *
 * @param root what carries all of it
 * @param layers what comes onto it, one after the other
 */
@Kind("build-topper")
public record BuildTopper(PlacedOrnament root, List<Layer> layers) implements Operation {

    /** @param place on what carries it */
    public record Layer(PlacedOrnament placed, GluedPlace place, Joint joint) {

        private String text(Ruler ruler) {
            return placed.run().isPresent() ? fixed(ruler) : glued(ruler);
        }

        private String fixed(Ruler ruler) {
            String told = placed.ornament()
                    .fixing()
                    .told(placed.ornament(), Grouped.the(placed.liesOn()), place.text(ruler), ruler);
            return told.substring(0, 1).toLowerCase(Locale.ROOT) + told.substring(1, told.length() - 1);
        }

        private String glued(Ruler ruler) {
            return "put %s on %s: %s, with %s"
                    .formatted(
                            Grouped.the(placed.ornament().name()),
                            Grouped.the(placed.liesOn()),
                            place.text(ruler),
                            joint.text());
        }
    }

    public BuildTopper {
        layers = List.copyOf(layers);
    }

    @Override
    public List<Hazard> hazards() {
        return Stream.concat(Stream.of(Hazard.SMALL_PARTS), layers.stream().flatMap(l -> Hazard.of(l.joint())))
                .distinct()
                .toList();
    }

    /** A ribbon takes none. */
    @Override
    public List<String> gluedPlaces() {
        return layers.stream()
                .map(Layer::placed)
                .filter(p -> p.run().isEmpty())
                .map(Joints::place)
                .toList();
    }

    @Override
    public boolean isWet() {
        return layers.stream().anyMatch(l -> l.joint().adhesive().dries());
    }

    @Override
    public boolean laysParts() {
        return true;
    }

    @Override
    public String title() {
        return "Build " + Grouped.the(root.ornament().name());
    }

    @Override
    public Wording wording(Ruler ruler) {
        return new Wording(
                "Off the card:", layers.stream().map(l -> l.text(ruler)).toList(), "; then ", ".", Optional.empty());
    }

    @Override
    public void draw(SketchPad pad) {
        pad.lookAt(root.face());
        pad.area(Sketch.Surface.FACE, root.onPiece(), root.ornament().name());
        layers.forEach(l -> pad.area(
                Sketch.Surface.LAID, l.placed().onPiece(), l.placed().ornament().name()));
    }
}
