package vantbreeze.plan;

import java.util.List;
import java.util.Optional;
import vantbreeze.catalogue.Handle;
import vantbreeze.catalogue.Parameter;
import vantbreeze.catalogue.Range;
import vantbreeze.catalogue.TradeOff;
import vantbreeze.fold.Girth;
import vantbreeze.fold.StackMap;
import vantbreeze.layer.Dressing;
import vantbreeze.layer.Face;
import vantbreeze.layer.MessageRoom;
import vantbreeze.layer.Ornaments;
import vantbreeze.layer.PocketRoom;
import vantbreeze.make.ScoreCard;
import vantbreeze.measure.Length;
import vantbreeze.measure.Size;
import vantbreeze.operation.OwnRoom;
import vantbreeze.operation.OwnStep;
import vantbreeze.operation.Step;
import vantbreeze.operation.Task;
import vantbreeze.operation.Tasks;
import vantbreeze.part.Part;
import vantbreeze.part.Trimming;
import vantbreeze.post.ClosureKit;
import vantbreeze.post.EnvelopeFit;
import vantbreeze.structure.Structure;

/**
 * Everything that follows from a brief. Outlines are in counts of 1/640 mm: flat ones on their piece, closed ones with
 * the card's lower left corner at the origin.
 *
 * @param closed null if the card cannot fold flat
 * @param messageRoom where there is room to write, the largest first
 * @param pockets what is put into it, and how much of that shows
 * @param tradeOff what one choice of this fold decides at once
 * @param parts all that is cut for it
 * @param tasks what is to be done, in an order in which it can be
 * @param fromSheet how many bases the sheet gives
 * @param fit how the closed card sits in the brief's envelope; null without one or if it cannot fold
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
        Ornaments ornaments,
        List<MessageRoom> messageRoom,
        List<PocketRoom> pockets,
        Optional<TradeOff> tradeOff,
        ClosureKit closure,
        List<Part> parts,
        List<CutPiece> cutList,
        Yield fromSheet,
        EnvelopeFit fit,
        List<EnvelopeFit> closest,
        List<Task> tasks,
        List<Snag> snags) {

    /** What comes onto it without being cut from a sheet. */
    public List<Trimming> trimmings() {
        return Trimming.of(ornaments, brief.tools().ruler());
    }

    /** The tasks in words. */
    public List<Step> steps() {
        return tasks.stream().map(t -> t.step(brief.ruler())).toList();
    }

    /** Where a step of the maker's own can be put; empty where the card has nothing that it is done to. */
    public Optional<OwnRoom> room(OwnStep step) {
        return Tasks.room(tasks, structure, faces, ornaments, parts, step);
    }

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
                ornaments,
                messageRoom,
                pockets,
                tradeOff,
                closure,
                parts,
                cutList,
                fromSheet,
                fit,
                closest,
                tasks,
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
     * @param posted with all that sticks out of it
     * @param girth how far it is around it, each way
     * @param layers how many papers lie on the thickest spot
     * @param grams of all parts
     * @param front what is seen, from the lower left corner of all of it
     */
    public record ClosedCard(
            Size size,
            Size posted,
            Girth girth,
            Length thickness,
            int layers,
            double grams,
            List<PartWeight> weights,
            List<Look.Region> front,
            List<StackMap.Spot> bulk) {}

    /**
     * What to cut.
     *
     * @param count how many alike
     * @param name "base", "mat, layer 1"
     * @param paper what it is cut from, as makers call it
     * @param goesOn the panels it is for
     * @param note how it is divided, or empty
     * @param isSplit whether one piece is cut first and divided on the line where two faces meet
     */
    public record CutPiece(
            int count,
            String name,
            Size size,
            String paper,
            String goesOn,
            String note,
            boolean isMat,
            boolean isSplit) {}
}
