package vantbreeze.plan;

import vantbreeze.measure.Length;

/** What the maker starts from; everything else follows. */
public sealed interface Basis {

    /**
     * @param width may be null for a fold that has a width of its own
     * @param height may be null for a fold that has a height of its own
     */
    record ClosedSize(Length width, Length height) implements Basis {}

    /**
     * The card that the brief's envelope is made for, where the fold and the sheet give it and it goes in; otherwise the largest
     * whose lengths hands can hit.
     *
     * @param utmost the very largest instead, to the last mark
     */
    record ForEnvelope(Orientation orientation, boolean utmost) implements Basis {}

    /**
     * The largest card that the brief's sheet gives.
     *
     * @param share the sheet is first cut into that many equal parts, 1 to {@link #MOST_SHARES}
     */
    record FromSheet(int share, Orientation orientation) implements Basis {
        public static final int MOST_SHARES = 6;

        public FromSheet {
            if (share < 1 || share > MOST_SHARES) {
                throw new IllegalArgumentException(
                        "The sheet is cut into (%d) parts; 1 to %d.".formatted(share, MOST_SHARES));
            }
        }
    }

    /** One panel has this width, for instance because of a picture; the card follows. */
    record FixedPanel(String panel, Length width, Length height) implements Basis {}
}
