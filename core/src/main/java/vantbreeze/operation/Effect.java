package vantbreeze.operation;

import java.util.List;

/** What moves when a setting is missed by one count. */
public sealed interface Effect {

    /**
     * Scores move in parallel.
     *
     * @param dx on the flat piece, face side up, for each count
     */
    record OfScores(List<String> scores, double dx, double dy) implements Effect {}

    /**
     * The right or the upper edge of pieces that are cut alike.
     *
     * @param with scores that were set from that edge and move with it
     */
    record OfEdge(List<String> pieces, boolean right, List<String> with) implements Effect {}

    /**
     * A side of mats that are cut alike; nothing of the card itself.
     *
     * @param parts their ids
     * @param width whether it is their width, otherwise their height
     */
    record OfMats(List<String> parts, boolean width) implements Effect {}

    /** Where a panel is glued, on the panel that takes it. */
    record OfBond(String bond, double dx, double dy) implements Effect {}
}
