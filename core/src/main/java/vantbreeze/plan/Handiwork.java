package vantbreeze.plan;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import vantbreeze.hand.Consequence;
import vantbreeze.hand.Forecast;
import vantbreeze.hand.Intended;
import vantbreeze.hand.LaidMat;
import vantbreeze.hand.Scatter;
import vantbreeze.layer.Face;
import vantbreeze.measure.Length;
import vantbreeze.operation.Setting;
import vantbreeze.structure.Panel;

/**
 * What hands make of a plan.
 *
 * @param settings every number that is set while the card is made, in the order of the work
 */
public record Handiwork(Plan plan, List<Setting> settings) {

    /** @return empty for a card that cannot close: nothing can be said about it */
    public static Optional<Handiwork> of(Plan plan) {
        return plan.closed() == null
                ? Optional.empty()
                : Optional.of(new Handiwork(plan, Setting.of(plan.tasks(), plan.structure())));
    }

    public Forecast forecast(Scatter scatter) {
        return Forecast.of(intended(), scatter, plan.brief().units());
    }

    /** @param measured what settings have become, by key */
    public Consequence consequence(Map<String, Length> measured) {
        return Consequence.of(intended(), measured, plan.brief().tools().board());
    }

    private Intended intended() {
        return new Intended(
                plan.structure(),
                settings,
                seen(Face.Seen.CLOSED),
                seen(Face.Seen.BEHIND),
                mats(),
                Optional.ofNullable(plan.fit()));
    }

    private List<LaidMat> mats() {
        return plan.parts().stream()
                .flatMap(part -> part.cutFor().stream().map(mat -> new LaidMat(mat, part.id())))
                .toList();
    }

    private Set<Panel> seen(Face.Seen how) {
        return plan.faces().stream()
                .filter(f -> f.seen().contains(how))
                .map(Face::panel)
                .collect(Collectors.toUnmodifiableSet());
    }
}
