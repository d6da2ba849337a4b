package vantbreeze.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import vantbreeze.hand.Consequence;
import vantbreeze.hand.Forecast;
import vantbreeze.hand.Intended;
import vantbreeze.hand.Knob;
import vantbreeze.hand.Knobs;
import vantbreeze.hand.LaidMat;
import vantbreeze.hand.Scatter;
import vantbreeze.layer.Face;
import vantbreeze.measure.Length;
import vantbreeze.part.Part;
import vantbreeze.structure.Panel;

/**
 * What hands make of a plan.
 *
 * @param knobs every number that is set while the card is made, in the order of the work
 */
public record Handiwork(Plan plan, List<Knob> knobs) {

    /** @return empty for a card that cannot close: nothing can be said about it */
    public static Optional<Handiwork> of(Plan plan) {
        return plan.closed() == null
                ? Optional.empty()
                : Optional.of(new Handiwork(plan, Knobs.of(plan.tasks(), plan.structure())));
    }

    public Forecast forecast(Scatter scatter) {
        return Forecast.of(intended(), scatter, plan.brief().units());
    }

    /** @param measured what settings have become, by the key of their knob */
    public Consequence consequence(Map<String, Length> measured) {
        return Consequence.of(intended(), measured, plan.brief().tools().board());
    }

    private Intended intended() {
        return new Intended(
                plan.structure(),
                knobs,
                seen(Face.Seen.CLOSED),
                seen(Face.Seen.BEHIND),
                mats(),
                Optional.ofNullable(plan.fit()));
    }

    /** Parts list mats as the dressing cuts them. */
    private List<LaidMat> mats() {
        List<Part> cut =
                plan.parts().stream().filter(p -> p.kind() == Part.Kind.MAT).toList();
        List<LaidMat> mats = new ArrayList<>();
        for (int i = 0; i < cut.size(); i++) {
            String id = cut.get(i).id();
            plan.dressing().cuts().get(i).mats().forEach(m -> mats.add(new LaidMat(m, id)));
        }
        return mats;
    }

    private Set<Panel> seen(Face.Seen how) {
        return plan.faces().stream()
                .filter(f -> f.seen().contains(how))
                .map(Face::panel)
                .collect(Collectors.toUnmodifiableSet());
    }
}
