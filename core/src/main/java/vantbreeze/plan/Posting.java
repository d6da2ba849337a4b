package vantbreeze.plan;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import vantbreeze.fold.StackMap;
import vantbreeze.material.Reach;
import vantbreeze.material.Sheet;
import vantbreeze.measure.Length;
import vantbreeze.measure.Ruler;
import vantbreeze.measure.Size;
import vantbreeze.post.ClosureKit;
import vantbreeze.post.Envelope;
import vantbreeze.post.EnvelopeFit;
import vantbreeze.post.Letter;
import vantbreeze.post.MadeEnvelope;
import vantbreeze.post.PostalClass;
import vantbreeze.post.PostalVerdict;

/**
 * A card on its way: every envelope that could take it, some made to measure, and what services make of it.
 *
 * @param card the closed card with all that sticks out of it
 * @param uneven how much thicker it is in one place than in another
 * @param chosen how it sits in the brief's envelope; empty without one
 * @param fits all envelopes at hand, those that take it best first
 * @param letter the envelope that the verdicts are about: the chosen one if the card goes into it, else the first that takes
 *     it, else one made
 * @param letterName what that envelope is called
 */
public record Posting(
        Size card,
        Length thickness,
        Length uneven,
        double grams,
        Optional<EnvelopeFit> chosen,
        List<EnvelopeFit> fits,
        List<MadeEnvelope> made,
        Reach reach,
        ClosureKit closure,
        Letter letter,
        String letterName,
        List<PostalVerdict> post) {

    /**
     * @param drawer envelopes that the maker has besides those of the table
     * @param table the classes of all services
     * @throws BriefException if no card follows from the brief, or it cannot close
     */
    public static Posting of(Brief brief, List<Envelope> drawer, List<PostalClass> table) {
        return of(Planner.withoutFixes(brief), drawer, table);
    }

    static Posting of(Plan plan, List<Envelope> drawer, List<PostalClass> table) {
        Brief brief = plan.brief();
        if (plan.closed() == null) {
            throw new BriefException(
                    "fold",
                    brief.fold().id(),
                    "a fold that closes",
                    "This card does not fold flat, so it cannot be posted.");
        }
        Plan.ClosedCard closed = plan.closed();
        Size card = closed.posted();
        List<EnvelopeFit> fits = Stream.concat(drawer.stream(), Envelope.table().stream())
                .map(e -> EnvelopeFit.of(closed.girth(), e))
                .sorted(EnvelopeFit.bestFirst(brief.units()))
                .toList();
        List<MadeEnvelope> made = MadeEnvelope.of(
                closed.girth(), closed.thickness(), brief.tools().ruler());
        Envelope letter = Optional.ofNullable(plan.fit())
                .filter(EnvelopeFit::goesIn)
                .map(EnvelopeFit::envelope)
                .or(() -> fits.stream()
                        .filter(f -> f.verdict() != EnvelopeFit.Verdict.TOO_SMALL)
                        .map(EnvelopeFit::envelope)
                        .findFirst())
                .orElseGet(() -> made.get(0).asEnvelope());
        Letter posted = Letter.of(letter, closed.thickness(), closed.grams());
        return new Posting(
                card,
                closed.thickness(),
                uneven(closed),
                closed.grams(),
                Optional.ofNullable(plan.fit()),
                fits,
                made,
                brief.reach(),
                plan.closure(),
                posted,
                letter.name(),
                PostalVerdict.of(posted, table));
    }

    /** What stands in the way of cutting that envelope from the sheet at hand, and what to do; empty if nothing does. */
    public Optional<String> remark(MadeEnvelope envelope, Ruler ruler) {
        Size blank = envelope.piece().size();
        if (!reach.gives(blank)) {
            return Optional.of(Sheet.table().stream()
                    .filter(s -> blank.fitsWithinEitherWay(s.size()))
                    .min(Comparator.comparing(
                                    (Sheet s) -> s.system() != reach.sheet().system())
                            .thenComparingDouble(s -> s.size().squareMillimetres()))
                    .map(s -> "Its blank (%s) is larger than a sheet of %s: take a sheet of %s."
                            .formatted(ruler.text(blank), reach.sheet().name(), s.name()))
                    .orElseGet(() -> "Its blank (%s) is larger than any sheet in the table: join two with an overlap."
                            .formatted(ruler.text(blank))));
        }
        return reach.trims(blank)
                ? Optional.empty()
                : Optional.of("Its blank is %s long and your trimmer cuts %s: cut it with a knife along a ruler."
                        .formatted(ruler.text(blank.longSide()), ruler.text(reach.trimmer())));
    }

    /** Above this machines may crush or refuse it. Common practice, no published source. */
    private static final Length MUCH = Length.inches(1, 16);

    /** Whether some services will call it lumpy, and charge for sorting it by hand. */
    public boolean isLumpy() {
        return uneven.isMoreThan(MUCH);
    }

    private static Length uneven(Plan.ClosedCard closed) {
        Length thinnest = closed.bulk().stream()
                .map(StackMap.Spot::thickness)
                .reduce(Length::min)
                .orElse(Length.ZERO);
        return closed.thickness().minus(thinnest);
    }
}
