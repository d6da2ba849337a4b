package vantbreeze.post;

import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import vantbreeze.measure.Length;
import vantbreeze.measure.Size;

/**
 * How a closed card sits in an envelope. A filled envelope bows, so twice the card's thickness is taken off both ways.
 *
 * @param turned whether the card goes in turned by a right angle
 * @param spareAcross what is left in total along the envelope's long side; negative by how much it is too small
 * @param spareUp what is left along its short side
 */
public record EnvelopeFit(Envelope envelope, boolean turned, Length spareAcross, Length spareUp, Verdict verdict) {

    /** Of envelopes that take a card equally well the smaller first. */
    public static final Comparator<EnvelopeFit> BEST_FIRST = Comparator.comparing(EnvelopeFit::verdict)
            .thenComparingDouble(f -> f.envelope().size().squareMillimetres());

    /** In the order a maker prefers them. */
    public enum Verdict {
        FITS,
        /** It goes in, with less to spare than it should. */
        SNUG,
        LOOSE,
        TOO_SMALL
    }

    /** The better of both orientations. */
    public static EnvelopeFit of(Size closed, Length thickness, Envelope envelope) {
        return Stream.of(lying(closed, thickness, envelope, false), lying(closed.turned(), thickness, envelope, true))
                .min(Comparator.comparing(EnvelopeFit::verdict)
                        .thenComparing(f -> f.tightest().negated()))
                .orElseThrow();
    }

    private static EnvelopeFit lying(Size card, Length thickness, Envelope envelope, boolean turned) {
        Length bow = thickness.times(2);
        Length across = envelope.size().width().minus(card.width()).minus(bow);
        Length up = envelope.size().height().minus(card.height()).minus(bow);
        Length tightest = Length.min(across, up);
        Length loosest = Length.max(across, up);
        Verdict verdict;
        if (tightest.isNegative()) {
            verdict = Verdict.TOO_SMALL;
        } else if (tightest.isLessThan(envelope.ease())) {
            verdict = Verdict.SNUG;
        } else {
            verdict = loosest.isMoreThan(envelope.slide()) ? Verdict.LOOSE : Verdict.FITS;
        }
        return new EnvelopeFit(envelope, turned, across, up, verdict);
    }

    /** The smaller of the two spares. */
    public Length tightest() {
        return Length.min(spareAcross, spareUp);
    }

    /** @return the envelopes of the table that take the card, best first, at most {@code most} */
    public static List<EnvelopeFit> closest(Size closed, Length thickness, int most) {
        return Envelope.table().stream()
                .map(e -> of(closed, thickness, e))
                .filter(f -> f.verdict() != Verdict.TOO_SMALL)
                .sorted(BEST_FIRST)
                .limit(most)
                .toList();
    }
}
