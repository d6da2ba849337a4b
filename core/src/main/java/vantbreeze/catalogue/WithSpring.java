package vantbreeze.catalogue;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Envelope;
import vantbreeze.measure.Length;
import vantbreeze.structure.Panel;
import vantbreeze.structure.Structure;

/** A fold that can carry a spring: a short strip folded like a tier on one of its panels, behind a topper. */
record WithSpring(FoldDesign fold) implements WithExtra {

    private static final String SPRING = "spring";
    private static final String FRONT = "springFront";
    private static final String LEG = "springLeg";
    private static final String TALL = "springHeight";
    private static final String LEFT = "springLeft";
    private static final String LOW = "springLow";

    @Override
    public String key() {
        return SPRING;
    }

    @Override
    public List<Parameter> parameters() {
        List<Parameter> all = new ArrayList<>(fold.parameters());
        all.add(panelChoice(SPRING, "A short folded strip on one panel that presses a topper forward."));
        all.add(measure(
                        FRONT,
                        "spring's front",
                        "Width of the part that carries the topper.",
                        v -> Length.min(Length.inches(1), v.grid().floor(Values.half(box(v).width()))),
                        v -> box(v).width(),
                        "the width of the panel")
                .within(v -> new Range(
                        Parameter.SMALLEST_PANEL.times(2),
                        "or its legs cannot be folded",
                        box(v).width(),
                        "the width of the panel")));
        all.add(measure(
                LEG,
                "spring's leg",
                "Width of each fold of its legs; it presses forward by up to twice that.",
                v -> Length.min(Length.inches(1, 2), v.onGrid(Values.half(v.length(FRONT)))),
                v -> Values.half(v.length(FRONT)),
                "or its legs do not lie beside each other"));
        all.add(measure(
                TALL,
                "spring's height",
                "Along its folds.",
                v -> Length.min(Length.inches(2), v.onGrid(Values.half(box(v).height()))),
                v -> box(v).height(),
                "the height of the panel"));
        all.add(place(
                LEFT,
                "spring from the left",
                "Where its front begins on the panel.",
                v -> box(v).width().minus(v.length(FRONT))));
        all.add(place(
                LOW,
                "spring from the bottom",
                "How high it sits on the panel.",
                v -> box(v).height().minus(v.length(TALL))));
        return all;
    }

    @Override
    public Stream<String> panels(Structure plain) {
        return plain.panels().stream().filter(p -> WithExtra.carries(plain, p)).map(Panel::name);
    }

    @Override
    public Structure build(Values v) {
        Structure plain = v.structure(fold);
        if (!isThere(v)) {
            return plain;
        }
        Envelope box = place(v);
        LegStrip spring = new LegStrip(SPRING, v.length(TALL), v.length(LEG), v.length(FRONT));
        Structure.Builder card = plain.extended();
        spring.addTo(
                card,
                plain.panel(v.choice(SPRING)).name(),
                Length.nearestTo(box.getMinX()).plus(v.length(LEFT)),
                Length.nearestTo(box.getMinY()).plus(v.length(LOW)));
        return card.displayedWith(spring.displayed()).build();
    }
}
