package vantbreeze.plan;

import java.util.List;
import vantbreeze.make.ScoreCard;
import vantbreeze.measure.Ruler;
import vantbreeze.post.EnvelopeFit;

/**
 * A card sized, built and tried in its envelope: all that the findings are drawn from. A proposed fix is tried this far;
 * only the plan that is shown is worked out to the end.
 *
 * @param fit null without an envelope or if the card cannot fold
 */
record Draft(Brief brief, Workpiece work, List<ScoreCard> scoreCards, EnvelopeFit fit, List<EnvelopeFit> closest) {

    private static final int ENVELOPES_OFFERED = 3;

    /** @throws BriefException if no card follows from the brief */
    static Draft of(Brief brief) {
        return of(brief, Sizer.size(brief));
    }

    /** The same for another brief; a card that is made alike is not worked out anew, another one is much as thick. */
    Draft changedTo(Brief other) {
        return of(other, brief.makesTheSameCardAs(other) ? work : Sizer.size(other, work.thickness()));
    }

    private static Draft of(Brief brief, Workpiece work) {
        List<ScoreCard> scoreCards = work.structure().pieces().stream()
                .map(p -> ScoreCard.of(p.untrimmed(), brief.tools().scoring(), work.structure()::isFolded))
                .toList();
        if (!work.foldsFlat()) {
            return new Draft(brief, work, scoreCards, null, List.of());
        }
        EnvelopeFit fit = brief.envelope() == null ? null : EnvelopeFit.of(work.girth(), brief.envelope());
        return new Draft(
                brief, work, scoreCards, fit, EnvelopeFit.closest(work.girth(), brief.units(), ENVELOPES_OFFERED));
    }

    Ruler ruler() {
        return brief.ruler();
    }
}
