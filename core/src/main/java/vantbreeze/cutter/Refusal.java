package vantbreeze.cutter;

import java.util.List;

/**
 * Why a machine does not begin.
 *
 * @param strokes numbers of the strokes at fault, from 0
 */
public record Refusal(Reason reason, List<Integer> strokes, String text) {

    /** What is wrong. */
    public enum Reason {
        NOTHING,
        OFF_BED,
        OPEN_CUT,
        DOUBLED,
        SCORE_CUT_THROUGH,
        TOO_SHORT
    }
}
