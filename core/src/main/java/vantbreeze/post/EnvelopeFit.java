package vantbreeze.post;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import vantbreeze.fold.Girth;
import vantbreeze.measure.Length;
import vantbreeze.measure.Ruler;
import vantbreeze.measure.UnitSystem;

/**
 * How a closed card sits in an envelope. The envelope's two faces are joined at its edges and cannot stretch: what goes in must be
 * no farther around than the envelope is, each way.
 *
 * @param around the card as it lies in the envelope
 * @param turned whether it goes in turned by a right angle
 * @param spareAcross what is left along the envelope's long side; negative by how much it is too small
 * @param spareUp what is left along its short side
 */
public record EnvelopeFit(
        Envelope envelope, Girth around, boolean turned, Length spareAcross, Length spareUp, Verdict verdict) {

    /** What a maker would pick first, then the smaller one. */
    private static final Comparator<EnvelopeFit> BEST_FIRST = Comparator.comparingInt(EnvelopeFit::rank)
            .thenComparingDouble(f -> f.envelope().size().squareMillimetres());

    /** What goes in, and how well. */
    public enum Verdict {
        FITS,
        /** It goes in, with less to spare than it should. */
        SNUG,
        LOOSE,
        TOO_SMALL
    }

    /**
     * The better of both orientations: one that goes in with ease before one that is snug, however loose it lies; of equals the
     * one with more to spare where it is tightest.
     */
    public static EnvelopeFit of(Girth closed, Envelope envelope) {
        return Stream.of(lying(closed, envelope, false), lying(closed.turned(), envelope, true))
                .min(Comparator.comparing((EnvelopeFit f) -> !f.goesIn())
                        .thenComparing(f -> f.verdict() == Verdict.SNUG)
                        .thenComparingInt(EnvelopeFit::rank)
                        .thenComparing(f -> f.tightest().negated()))
                .orElseThrow();
    }

    private static EnvelopeFit lying(Girth card, Envelope envelope, boolean turned) {
        Length across = envelope.size().width().minus(card.across().half());
        Length up = envelope.size().height().minus(card.up().half());
        return new EnvelopeFit(envelope, card, turned, across, up, verdict(across, up, envelope));
    }

    private static Verdict verdict(Length across, Length up, Envelope envelope) {
        Length tightest = Length.min(across, up);
        if (tightest.isNegative()) {
            return Verdict.TOO_SMALL;
        }
        if (tightest.isLessThan(envelope.ease())) {
            return Verdict.SNUG;
        }
        return Length.max(across, up).isMoreThan(envelope.slide()) ? Verdict.LOOSE : Verdict.FITS;
    }

    /** Fits, then loose by little, then snug, then very loose. */
    private int rank() {
        return switch (verdict) {
            case FITS -> 0;
            case LOOSE -> loosest().isMoreThan(envelope.slide().times(2)) ? 3 : 1;
            case SNUG -> 2;
            case TOO_SMALL -> 4;
        };
    }

    /** Whether it goes in at all. */
    public boolean goesIn() {
        return verdict != Verdict.TOO_SMALL;
    }

    /** Whether it goes in with so much to spare. */
    public boolean goesInWith(Length ease) {
        return !tightest().isLessThan(ease);
    }

    /** Whether the way along the envelope's long side is the tighter one. */
    public boolean isTighterAcross() {
        return spareAcross.isLessThan(spareUp);
    }

    /** The smaller of the two spares. */
    public Length tightest() {
        return Length.min(spareAcross, spareUp);
    }

    /** The larger of the two. */
    public Length loosest() {
        return Length.max(spareAcross, spareUp);
    }

    /** How far it is around the card where the envelope is tighter. */
    public Girth.Section tightSection() {
        return isTighterAcross() ? around.across() : around.up();
    }

    /** Why, in one sentence: how far it is around or across the card there, and what the envelope gives. */
    public String why(Ruler ruler) {
        String measured = tightSection().at().isPresent() ? "Around" : "Across";
        Length gives =
                isTighterAcross() ? envelope.size().width() : envelope.size().height();
        Length needs = tightSection().half();
        String side = isTighterAcross() ? "long" : "short";
        String given = ruler.text(gives);
        if (ruler.everyday().nearest(needs).equals(ruler.everyday().nearest(gives))) {
            return tightest().isNegative()
                    ? "%s the card it is a little more than the %s that the envelope gives along its %s side."
                            .formatted(measured, given, side)
                    : "%s the card it is nearly the %s that the envelope gives along its %s side."
                            .formatted(measured, given, side);
        }
        return "%s the card it is %s, the envelope gives %s along its %s side."
                .formatted(measured, ruler.about(needs), given, side);
    }

    /** By how much it is too small: "about 1/4 in along its long side"; empty if it is not. */
    public String lacks(Ruler ruler) {
        List<String> sides = new ArrayList<>();
        if (spareAcross.isNegative()) {
            sides.add(ruler.about(spareAcross.negated()) + " along its long side");
        }
        if (spareUp.isNegative()) {
            sides.add(ruler.about(spareUp.negated()) + " along its short side");
        }
        return String.join(" and ", sides);
    }

    /** The same, but of envelopes that take it well those that a maker with such rulers can buy come first. */
    public static Comparator<EnvelopeFit> bestFirst(UnitSystem units) {
        return Comparator.comparingInt((EnvelopeFit f) -> f.rank() > 1 ? f.rank() : 0)
                .thenComparing(f -> f.envelope().system() != units)
                .thenComparing(BEST_FIRST);
    }

    /** @return the envelopes of the table that take the card, best first, at most {@code most} */
    public static List<EnvelopeFit> closest(Girth closed, UnitSystem units, int most) {
        return Envelope.table().stream()
                .map(e -> of(closed, e))
                .filter(EnvelopeFit::goesIn)
                .sorted(bestFirst(units))
                .limit(most)
                .toList();
    }
}
