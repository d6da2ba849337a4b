package vantbreeze.layer;

import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.material.Material;
import vantbreeze.measure.Length;
import vantbreeze.structure.Panel;

/**
 * An ornament where it lies on its card.
 *
 * @param laid its outline and its place on the panel
 * @param onPiece its outline on the flat piece, seen from the piece's face side, in counts of 1/640 mm
 * @param closed its outline on the closed card, in the closed stage's plane
 * @param outside whether it lies on the outside of the closed card
 * @param lift how high foam holds it
 * @param fromBelow whether its side of the closed card is the lower one
 * @param carrier name of an earlier ornament that it lies on wholly; empty if it lies on its panel
 * @param top on the outside, how high above the other side of the card its upper side is; otherwise nothing
 * @param needed how high it has to be held to lie on everything it crosses
 * @param crosses on the closed card the panels under it that part from its own, in the structure's order
 * @param scores names of scores that it crosses and that fold towards it
 * @param run how it is held, if not by glue alone, or comes off a spool
 * @param overlaps panels beyond a score that folds away from it, or flat beside its own
 */
public record PlacedOrnament(
        Ornament ornament,
        Laid laid,
        Face face,
        Polygon onPiece,
        Polygon closed,
        boolean outside,
        boolean fromBelow,
        Optional<String> carrier,
        Length top,
        Length lift,
        Length needed,
        List<Panel> crosses,
        List<String> scores,
        List<Panel> overlaps,
        Optional<Run> run) {

    /**
     * What is run around something or goes through it.
     *
     * @param mat the mat that holds it; empty where something else does
     * @param body what of it lies on top, without its bow, on the flat piece
     * @param on in words what holds it: "the mat for the front"; empty where it is glued on
     * @param ground the outline of that on the flat piece
     * @param behind what of it lies behind that
     * @param bow the bow on top of it
     * @param length how long it is cut, before it is rounded; nothing for what does not come off a spool
     */
    public record Run(
            Optional<Mat> mat,
            Polygon body,
            String on,
            Polygon ground,
            List<Polygon> behind,
            Optional<Polygon> bow,
            Optional<Length> length) {}

    /** As it is cut out. */
    public Outline outline() {
        return laid.cut();
    }

    /** Whether it comes onto what carries it before that comes onto the card. */
    public boolean isBuiltOffTheCard() {
        return carrier.isPresent() && ornament.isLaidByOthers();
    }

    /** Without its bow. */
    public Polygon body() {
        return run.map(Run::body).orElse(onPiece);
    }

    /** What it goes around or through; empty where it is glued on. */
    public Optional<Holder> holder() {
        return ornament.fixing().holder();
    }

    /** What it is glued to, in words. */
    public String liesOn() {
        return carrier.orElse(face.label());
    }

    /** How long it is cut if it comes off a spool; what lies flat is as long as it is seen. */
    public Optional<Length> length() {
        return run.map(Run::length)
                .orElseGet(() -> ornament.paper().material().form() == Material.Form.LENGTH
                        ? Optional.of(laid.outline().size().longSide())
                        : Optional.empty());
    }

    /** Paper and foam. */
    public Length thickness() {
        return ornament.paper().thickness().plus(lift);
    }

    /** Whether foam holds it lower than what it lies on. */
    public boolean isTooLow() {
        return lift.isLessThan(needed);
    }

    /** Whether its glue would hold panels together that have to part. */
    public boolean sticksTogether() {
        return ornament.fixing().glue() == Ornament.Glue.WHOLE && !(crosses.isEmpty() && overlaps.isEmpty());
    }
}
