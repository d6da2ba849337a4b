package vantbreeze.plan;

import java.util.List;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.catalogue.Handle;
import vantbreeze.catalogue.Parameter;
import vantbreeze.catalogue.Range;
import vantbreeze.fold.StackMap;
import vantbreeze.layer.Dressing;
import vantbreeze.layer.Face;
import vantbreeze.make.ScoreCard;
import vantbreeze.make.Step;
import vantbreeze.measure.Length;
import vantbreeze.measure.Size;
import vantbreeze.post.EnvelopeFit;
import vantbreeze.post.PostalVerdict;
import vantbreeze.structure.Structure;

/**
 * Everything that follows from a brief. Outlines are in counts of 1/640 mm: flat ones on their piece, closed ones with
 * the card's lower left corner at the origin.
 *
 * @param closed null if the card cannot fold flat
 * @param fit how the closed card sits in the brief's envelope; null without one or if it cannot fold
 * @param post what services make of it in that envelope; empty without one
 * @param closest other envelopes that take it, best first
 */
public record Plan(
        Brief brief,
        List<ParameterValue> parameters,
        Structure structure,
        List<ScoreCard> scoreCards,
        List<Handle> handles,
        ClosedCard closed,
        List<Face> faces,
        Dressing dressing,
        List<CutPiece> cutList,
        int basesFromSheet,
        EnvelopeFit fit,
        List<EnvelopeFit> closest,
        List<PostalVerdict> post,
        List<Step> steps,
        List<Snag> snags) {

    Plan withSnags(List<Snag> other) {
        return new Plan(
                brief,
                parameters,
                structure,
                scoreCards,
                handles,
                closed,
                faces,
                dressing,
                cutList,
                basesFromSheet,
                fit,
                closest,
                post,
                steps,
                other);
    }

    /**
     * A parameter as it came out.
     *
     * @param value as {@link vantbreeze.catalogue.Values} holds it
     * @param chosen whether the maker said it; otherwise it is the usual value
     * @param range of a length, or of each of several; otherwise null
     * @param choices of a choice; otherwise empty
     */
    public record ParameterValue(
            Parameter parameter, Object value, boolean chosen, Range range, List<String> choices) {}

    /**
     * The card as posted, seen from the front.
     *
     * @param layers how many papers lie on the thickest spot
     * @param front what is seen, panels first and mats over them
     */
    public record ClosedCard(
            Size size, Length thickness, int layers, double grams, List<Region> front, List<StackMap.Spot> bulk) {}

    /**
     * One visible area.
     *
     * @param layer 0 for the panel itself, 1 or more for its mats
     */
    public record Region(Face face, int layer, Polygon outline) {}

    /**
     * What to cut.
     *
     * @param count how many alike
     * @param name "base", "mat, layer 1"
     * @param goesOn the panels it is for
     * @param note how it is divided, or empty
     * @param isSplit whether one piece is cut first and divided on the line where two faces meet
     */
    public record CutPiece(
            int count, String name, Size size, String goesOn, String note, boolean isMat, boolean isSplit) {}
}
