package vantbreeze.fold;

import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.measure.Length;
import vantbreeze.measure.Size;
import vantbreeze.structure.Bond;
import vantbreeze.structure.FlatMotion;
import vantbreeze.structure.Panel;
import vantbreeze.structure.Regions;
import vantbreeze.structure.Side;

/**
 * The panels of a structure as they lie at a flat stage, in the anchor's plane.
 *
 * @param panels one entry for each panel, in the structure's order
 * @param gaps of every loop, also those that close
 * @param faults why the stage cannot be reached; empty if it can, as far as placement goes (the order of layers is
 *     {@link LayerStack}'s matter)
 */
public record FlatStage(String name, List<Placed> panels, List<Gap> gaps, List<FoldFault> faults) {

    /**
     * How far a loop of panels misses itself, where one of its joints was not needed to place them.
     *
     * @param from the panel that the joint holds
     * @param to the panel that is held, which lies where another way leads
     * @param bond the joint, where it is glued
     * @param dx from where it lies to where the joint wants it, in counts; none of it is as large as rounding in a card that
     *     closes
     */
    public record Gap(Panel from, Panel to, Optional<Bond> bond, double dx, double dy) {
        public double counts() {
            return Math.hypot(dx, dy);
        }
    }

    /** @param outline where the panel lies, in counts of 1/640 mm */
    public record Placed(Panel panel, FlatMotion motion, Polygon outline) {

        /** The side of the panel that looks up at this stage. */
        public Side upSide() {
            return motion.turnsOver() ? Side.BACK : Side.FACE;
        }
    }

    /** In counts; nothing where no loop is left to close. */
    double widestGap() {
        return gaps.stream().mapToDouble(Gap::counts).max().orElse(0);
    }

    /** All of it moved at once; where that turns over, the card is turned over. */
    FlatStage moved(FlatMotion by) {
        return new FlatStage(
                name,
                panels.stream()
                        .map(p -> new Placed(p.panel(), by.after(p.motion()), by.apply(p.outline())))
                        .toList(),
                gaps,
                faults);
    }

    /** The card's outline: the union of its panels. */
    public Geometry footprint() {
        return Regions.union(panels.stream().map(Placed::outline).toList());
    }

    /** The box around the card. */
    public Envelope box() {
        Envelope box = new Envelope();
        panels.forEach(p -> box.expandToInclude(p.outline().getEnvelopeInternal()));
        return box;
    }

    public Size size() {
        Envelope box = box();
        return new Size(Length.nearestTo(box.getWidth()), Length.nearestTo(box.getHeight()));
    }

    public Placed placed(Panel panel) {
        return panels.stream()
                .filter(p -> p.panel().equals(panel))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("No panel (%s) lies here.".formatted(panel.name())));
    }
}
