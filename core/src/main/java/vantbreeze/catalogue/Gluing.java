package vantbreeze.catalogue;

import java.util.List;
import vantbreeze.fold.FlatFolder;
import vantbreeze.fold.FlatStage;
import vantbreeze.fold.LayerStack;
import vantbreeze.structure.Bond;
import vantbreeze.structure.FlatMotion;
import vantbreeze.structure.Panel;
import vantbreeze.structure.Stage;
import vantbreeze.structure.Structure;
import vantbreeze.structure.StructureException;

/** Glues panels as they come to lie on each other on the closed card, so that no one has to say where and on which side. */
final class Gluing {

    private final Structure structure;
    private final FlatStage closed;
    private final LayerStack stack;

    private Gluing(Structure structure) {
        this.structure = structure;
        Stage stage = structure.closed();
        this.closed = FlatFolder.fold(structure, stage);
        this.stack = LayerStack.of(structure, stage, closed)
                .filter(s -> closed.faults().isEmpty())
                .orElseThrow(() -> new StructureException(
                        "card", "Nothing can be glued on a card that does not close: glue nothing and see why."));
    }

    static Parameter parameter(String key) {
        return Parameter.glue(
                key, "glued", "Panels that lie on each other when closed, such as panel 1 on panel 4; or nothing.");
    }

    /** @throws StructureException if a panel is unknown or does not lie next to what it is glued to */
    static Structure glued(Structure structure, GlueList glue) {
        if (glue.joints().isEmpty()) {
            return structure;
        }
        Gluing gluing = new Gluing(structure);
        Structure.Builder builder = structure.extended();
        glue.joints().forEach(j -> builder.bond(gluing.bond(structure.panel(j.panel()), structure.panel(j.onto()))));
        return builder.build();
    }

    private Bond bond(Panel panel, Panel onto) {
        FlatStage.Placed laid = closed.placed(panel);
        FlatStage.Placed under = closed.placed(onto);
        boolean above = isAbove(laid, under);
        FlatMotion placement = under.motion().inverse().after(laid.motion());
        return new Bond(
                panel.name() + " on " + onto.name(),
                panel.name(),
                above ? laid.upSide().other() : laid.upSide(),
                onto.name(),
                above ? under.upSide() : under.upSide().other(),
                placement);
    }

    /** Wherever both lie, nothing may lie between. */
    private boolean isAbove(FlatStage.Placed laid, FlatStage.Placed under) {
        int apart = 0;
        for (LayerStack.Spot spot : stack.spots()) {
            List<FlatStage.Placed> pile = spot.bottomToTop();
            if (pile.contains(laid) && pile.contains(under)) {
                apart = pile.indexOf(laid) - pile.indexOf(under);
                if (Math.abs(apart) != 1) {
                    throw new StructureException(
                            laid.panel().name(),
                            "Something lies between %s and %s when it is closed."
                                    .formatted(
                                            laid.panel().name(), under.panel().name()));
                }
            }
        }
        if (apart == 0) {
            throw new StructureException(
                    laid.panel().name(),
                    "%s and %s do not lie on each other when it is closed."
                            .formatted(laid.panel().name(), under.panel().name()));
        }
        return apart > 0;
    }
}
