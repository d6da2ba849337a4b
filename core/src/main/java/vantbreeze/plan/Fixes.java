package vantbreeze.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import vantbreeze.material.Reach;
import vantbreeze.material.Sheet;
import vantbreeze.material.Stock;
import vantbreeze.measure.Length;
import vantbreeze.measure.Ruler;
import vantbreeze.measure.Size;
import vantbreeze.measure.ToolGrid;
import vantbreeze.post.EnvelopeFit;
import vantbreeze.structure.Hinge;
import vantbreeze.structure.Piece;
import vantbreeze.structure.ScoreLine;

/** Proposes changes to a brief and keeps those that were planned and found to mend the snag. */
final class Fixes {

    private static final int MOST = 2;

    private final Plan plan;
    private final Brief brief;
    private final Ruler ruler;
    private final List<Snag.Fix> proposed = new ArrayList<>();

    private Fixes(Plan plan) {
        this.plan = plan;
        this.brief = plan.brief();
        this.ruler = brief.ruler();
    }

    /** How many other cards may still be worked out: of a card with much on it each takes long, so they are fewer. */
    static final class Trials {

        /** A card has tens of spots and a few ornaments, one that is laden all over hundreds and twenty. */
        private static final int SPOTS_AND_ORNAMENTS = 12_000;

        private int left;

        private Trials(int left) {
            this.left = left;
        }

        static Trials of(Draft draft) {
            int spots = Math.max(1, draft.work().bulk().spots().size());
            return new Trials(
                    SPOTS_AND_ORNAMENTS / spots / (1 + draft.brief().ornaments().size()));
        }

        private boolean take() {
            return left-- > 0;
        }
    }

    /** @return at most two fixes after which the snag is gone and nothing as bad or worse has come */
    static List<Snag.Fix> proven(Plan plan, Draft draft, Snag snag, Trials trials) {
        Fixes fixes = new Fixes(plan);
        fixes.propose(snag);
        return fixes.proposed.stream()
                .filter(fix -> plan.brief().makesTheSameCardAs(fix.brief()) || trials.take())
                .filter(fix -> mends(plan, draft, snag, fix.brief()))
                .limit(MOST)
                .toList();
    }

    private static boolean mends(Plan before, Draft draft, Snag snag, Brief brief) {
        try {
            List<Snag> after = Snags.of(draft.changedTo(brief));
            return after.stream().noneMatch(s -> s.isSameAs(snag))
                    && after.stream()
                            .filter(s -> s.severity().compareTo(snag.severity()) <= 0)
                            .allMatch(s -> before.snags().stream().anyMatch(s::isSameAs));
        } catch (BriefException noPlan) {
            return false;
        }
    }

    private void propose(Snag snag) {
        switch (snag.code()) {
            case SCORE_OFF_BOARD -> toGroove(snag.place().id());
            case PANEL_TOO_NARROW -> {
                widen(snag.place().id());
                usualParameters();
            }
            case PANELS_OVERLAP, STICKS_OUT -> usualParameters();
            case LONGER_THAN_SHEET -> {
                largestFromSheet();
                largerSheet();
            }
            case ENVELOPE_TOO_SMALL, ENVELOPE_SNUG -> {
                largestForEnvelope();
                otherEnvelopes();
            }
            case ENVELOPE_LOOSE -> otherEnvelopes();
            case CLOSES_DIFFERENTLY -> asItCloses();
            case STOCK_WEIGHT -> usualStock();
            default -> proposed.addAll(LayerFixes.of(plan, snag));
        }
    }

    private void add(String label, Brief changed) {
        proposed.add(new Snag.Fix(label, changed));
    }

    private void toGroove(String score) {
        ToolGrid board = brief.tools().board();
        Length at = scoreLine(score).from().x();
        List<Length> grooves = new ArrayList<>(List.of(board.floor(at), board.ceiling(at)));
        grooves.sort(Comparator.comparing(g -> Math.abs(g.minus(at).count())));
        for (Length groove : grooves) {
            moveTo(score, groove, "Move %s to %s".formatted(score, ruler.text(groove)));
        }
    }

    private void widen(String panelId) {
        for (Hinge hinge : plan.structure().hinges()) {
            boolean left = hinge.second().name().equals(panelId)
                    || hinge.first().name().equals(panelId);
            if (left && hinge.score().isUpright()) {
                Length at = hinge.score().from().x();
                Length grow = brief.tools().ruler().ceiling(Snags.NARROWEST_PANEL);
                String label = "Make it %s wide".formatted(ruler.text(grow));
                Length change = grow.minus(plan.structure().panel(panelId).box().width());
                moveTo(hinge.score().id(), at.plus(change), label);
                moveTo(hinge.score().id(), at.minus(change), label);
            }
        }
    }

    private ScoreLine scoreLine(String id) {
        return plan.structure().scores().stream()
                .filter(s -> s.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private void moveTo(String score, Length to, String label) {
        Move.of(plan, score).filter(m -> m.reaches(to)).ifPresent(m -> add(label, m.to(to)));
    }

    private void usualParameters() {
        for (Plan.ParameterValue parameter : plan.parameters()) {
            if (parameter.chosen() && parameter.range() != null) {
                add(
                        "Use the usual " + parameter.parameter().label(),
                        brief.without(parameter.parameter().key()));
            }
        }
    }

    private void largestFromSheet() {
        Orientation orientation = plan.closed() == null
                ? Orientation.LANDSCAPE
                : Orientation.of(plan.closed().size());
        add(
                "Make the largest card from %s".formatted(brief.sheet().name()),
                brief.withBasis(new Basis.FromSheet(1, orientation)));
    }

    private void largerSheet() {
        Sheet.table().stream()
                .filter(s -> Stream.concat(plan.structure().pieces().stream(), plan.closure().pieces().stream())
                        .filter(p -> !p.isClear())
                        .map(Piece::size)
                        .allMatch(new Reach(s, brief.tools().trimmer())::gives))
                .min(Comparator.comparing((Sheet s) -> s.system() != brief.units())
                        .thenComparingDouble(s -> s.size().squareMillimetres()))
                .ifPresent(s -> add("Use a sheet of " + s.name(), brief.withSheet(s)));
    }

    private void largestForEnvelope() {
        if (!(brief.basis() instanceof Basis.ForEnvelope)) {
            add(
                    "Make the largest card for %s".formatted(brief.envelope().name()),
                    brief.withBasis(
                            new Basis.ForEnvelope(Orientation.of(plan.closed().size()), false)));
        }
    }

    private void otherEnvelopes() {
        if (!(brief.basis() instanceof Basis.ForEnvelope)) {
            for (EnvelopeFit fit : plan.closest()) {
                if (fit.verdict() == EnvelopeFit.Verdict.SNUG
                        || (fit.verdict() == EnvelopeFit.Verdict.LOOSE && goesIn())) {
                    continue;
                }
                add("Use envelope " + fit.envelope().name(), brief.withEnvelope(fit.envelope()));
            }
        }
    }

    private boolean goesIn() {
        return plan.fit().goesIn();
    }

    private void asItCloses() {
        Size size = plan.closed().size();
        Brief asBuilt = plan.handles().stream()
                .filter(h -> h.panel() >= 0)
                .findFirst()
                .map(h -> Move.withPanelsAsBuilt(plan, h, Length.ZERO))
                .orElseGet(() -> brief.withBasis(new Basis.ClosedSize(size.width(), size.height())));
        add("Take %s as it is".formatted(ruler.text(size)), asBuilt);
    }

    private void usualStock() {
        int gsm = brief.base().stock().gramsPerSquareMetre();
        Stock nearest = new Stock(gsm < Stock.LIGHTEST_BASE ? Stock.LIGHTEST_BASE : Stock.HEAVIEST_BASE);
        add(
                "Use %d gsm".formatted(nearest.gramsPerSquareMetre()),
                brief.withBase(brief.base().with(nearest)));
    }
}
