package vantbreeze.operation;

import java.util.Optional;
import vantbreeze.make.GluePart;
import vantbreeze.make.GluedPlace;
import vantbreeze.make.Joint;
import vantbreeze.measure.Length;
import vantbreeze.measure.Ruler;
import vantbreeze.structure.Bond;
import vantbreeze.structure.Panel;
import vantbreeze.structure.Side;

/**
 * One panel onto another.
 *
 * @param tape how long the tape is cut; empty where it matters not
 * @param onOutline whether it lies edge on edge with the closed card, so that nothing is measured
 * @param hidden whether a mat hides its tape
 */
@Kind("glue")
public record Glue(
        Bond bond,
        Panel laid,
        Panel onto,
        GluedPlace place,
        GluePart part,
        Joint joint,
        Optional<Length> tape,
        boolean onOutline,
        String card,
        boolean hidden)
        implements Operation {

    @Override
    public Optional<Side> up() {
        return Optional.of(bond.ontoSide());
    }

    @Override
    public boolean isWet() {
        return joint.adhesive().dries();
    }

    @Override
    public int dryMinutes() {
        return joint.adhesive().minutes();
    }

    @Override
    public String title() {
        return "Glue the " + laid.name();
    }

    @Override
    public Wording wording(Ruler ruler) {
        String where = onOutline
                ? "with the %s closed, edge on edge with the outline of the %s".formatted(onto.name(), card)
                : place.text(ruler);
        String length = tape.map(t -> " Cut the tape %s long: it ends %s before the edges."
                        .formatted(ruler.about(t), ruler.about(Joint.TAPE_INSET)))
                .orElse("");
        return Wording.plain("Glue the %s of the %s to the %s of the %s, %s.%s Use %s.%s%s"
                .formatted(
                        bond.side().word(),
                        laid.name(),
                        bond.ontoSide().word(),
                        onto.name(),
                        where,
                        part.text(ruler),
                        joint.text(),
                        length,
                        hidden ? " The mat that goes over it hides the tape." : ""));
    }

    @Override
    public void draw(SketchPad pad) {
        pad.glued(bond, laid, onto, part);
    }

    /** What folds onto its place by a hinge cannot be missed. */
    @Override
    public void settings(SettingFinder found) {
        if (found.isMechanism() && found.structure().foldedOnto(bond).isEmpty()) {
            found.judged(
                    Hand.GLUE,
                    "x",
                    "how far across the %s is glued".formatted(laid.name()),
                    new Effect.OfBond(bond.id(), 1, 0));
            found.judged(
                    Hand.GLUE,
                    "y",
                    "how high the %s is glued".formatted(laid.name()),
                    new Effect.OfBond(bond.id(), 0, 1));
        }
    }
}
