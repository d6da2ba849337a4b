package vantbreeze.make;

import vantbreeze.measure.Length;
import vantbreeze.structure.ScoreLine;

/** A score that bends, or on a piece without an edge to measure from: its ends and bends are pricked through the template. */
public record TemplateReading(ScoreLine score) implements ScoreReading {

    @Override
    public Lie lie() {
        return score.isUpright() ? Lie.UPRIGHT : score.isLevel() ? Lie.LEVEL : Lie.OBLIQUE;
    }

    @Override
    public boolean runsThrough() {
        return true;
    }

    @Override
    public Length begins() {
        return Length.ZERO;
    }

    @Override
    public Length ends() {
        return Length.nearestTo(score.path().length());
    }
}
