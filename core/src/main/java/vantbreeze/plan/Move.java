package vantbreeze.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import vantbreeze.catalogue.Handle;
import vantbreeze.catalogue.PanelList;
import vantbreeze.catalogue.PanelRows;
import vantbreeze.measure.Length;
import vantbreeze.structure.ScoreLine;

/**
 * What it means to move a score: the parameter behind it changes by what its handle says, and usual values that would follow
 * that parameter are said from then on, or the score would come to lie elsewhere.
 */
public final class Move {

    private final Plan plan;
    private final Handle handle;

    private Move(Plan plan, Handle handle) {
        this.plan = plan;
        this.handle = handle;
    }

    /** @return how that score moves; empty where nothing moves it */
    public static Optional<Move> of(Plan plan, String score) {
        return plan.handles().stream()
                .filter(h -> h.score().equals(score))
                .findFirst()
                .map(h -> new Move(plan, h));
    }

    /** @return whether it can come to lie there, from the left end of its piece */
    boolean reaches(Length at) {
        return !at.isLessThan(handle.least()) && !at.isMoreThan(handle.most());
    }

    /**
     * @param at from the left end of the piece
     * @return the brief in which the score lies there
     * @throws BriefException if it cannot lie there; it says how far it goes
     */
    public Brief to(Length at) {
        if (!reaches(at)) {
            String allowed = plan.brief().ruler().text(handle.least()) + " to "
                    + plan.brief().ruler().text(handle.most());
            throw new BriefException(
                    "to",
                    plan.brief().ruler().text(at),
                    allowed,
                    "%s goes from %s.".formatted(handle.score(), allowed));
        }
        Length change = at.minus(score().from().x());
        return handle.panel() < 0 ? withParameter(change) : withPanelsAsBuilt(plan, handle, change);
    }

    private ScoreLine score() {
        return plan.structure().scores().stream()
                .filter(s -> s.id().equals(handle.score()))
                .findFirst()
                .orElseThrow();
    }

    private Brief withParameter(Length change) {
        Brief moved = plan.brief();
        for (String key : handle.held()) {
            moved = moved.with(key, value(plan, key));
        }
        Length value = (Length) value(plan, handle.parameter());
        return moved.with(handle.parameter(), value.plus(Length.nearestTo(change.count() / handle.rate())));
    }

    private static Object value(Plan plan, String parameter) {
        return plan.parameters().stream()
                .filter(p -> p.parameter().key().equals(parameter))
                .findFirst()
                .orElseThrow()
                .value();
    }

    /** A list of panels taken as it was built, so that what is seen is what is kept. */
    static Brief withPanelsAsBuilt(Plan plan, Handle handle, Length change) {
        PanelList typed = ((PanelRows) value(plan, handle.parameter())).rows().get(0);
        String strip = plan.structure().pieces().get(0).name();
        List<Length> widths = new ArrayList<>(plan.structure().panels().stream()
                .filter(p -> p.piece().equals(strip))
                .map(p -> p.box().width())
                .toList());
        widths.set(handle.panel(), widths.get(handle.panel()).plus(change));
        widths.set(handle.panel() + 1, widths.get(handle.panel() + 1).minus(change));
        return plan.brief()
                .with(handle.parameter(), new PanelRows(List.of(new PanelList(widths, typed.folds()))))
                .withBasis(new Basis.ClosedSize(
                        null,
                        plan.closed() == null
                                ? plan.structure().pieces().get(0).size().height()
                                : plan.closed().size().height()));
    }
}
