package vantbreeze.post;

import vantbreeze.measure.Length;
import vantbreeze.measure.Size;

/**
 * A card in its envelope, as the post sees it.
 *
 * @param size of the envelope, long side first
 * @param thickness of the card and both walls of the envelope
 * @param grams of the card and the envelope
 */
public record Letter(Size size, Length thickness, double grams) {

    /** Envelope paper of 100 gsm, estimated like any stock at a bulk of 1.25 cm3/g (from memory). */
    private static final Length WALL = Length.millimetres(0.125);

    private static final double ENVELOPE_GSM = 100;

    /** Two walls, a flap and seams: about two and a half times its face. Common practice, no published source. */
    private static final double FACES_OF_PAPER = 2.5;

    private static final double SQUARE_MILLIMETRES_PER_SQUARE_METRE = 1e6;

    public static Letter of(Envelope envelope, Length cardThickness, double cardGrams) {
        double paper = envelope.size().squareMillimetres() * FACES_OF_PAPER * ENVELOPE_GSM;
        return new Letter(
                envelope.size(),
                cardThickness.plus(WALL.times(2)),
                cardGrams + paper / SQUARE_MILLIMETRES_PER_SQUARE_METRE);
    }

    /** Long side over short side. */
    public double aspect() {
        return (double) size.longSide().count() / size.shortSide().count();
    }
}
