package vantbreeze.fold;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import vantbreeze.structure.Fold;
import vantbreeze.structure.Hinge;
import vantbreeze.structure.Panel;
import vantbreeze.structure.Side;
import vantbreeze.structure.Stage;
import vantbreeze.structure.Structure;

/** The closed card with one flap turned back: what lay under the flap is seen before the next one opens. */
public final class Opening {

    private Opening() {}

    /** @return one for each flap under which the back of a panel that nothing is folded behind comes to light */
    public static List<LayerStack> of(Structure structure, LayerStack closed) {
        Set<Panel> rolled = Set.copyOf(structure.panels().stream()
                .filter(p -> closed.stage().placed(p).upSide() == Side.BACK
                        && !closed.shows(p, Side.BACK, false)
                        && structure.hinges().stream().noneMatch(h -> folds(structure, h, p, Fold.MOUNTAIN)))
                .toList());
        return rolled.isEmpty()
                ? List.of()
                : structure.hinges().stream()
                        .filter(h -> h.score().fold() == Fold.VALLEY
                                && structure.closed().degrees(h.score().id()) != 0
                                && structure.isFlap(h))
                        .flatMap(h -> turnedBack(structure, h).stream())
                        .toList();
    }

    private static boolean folds(Structure structure, Hinge hinge, Panel panel, Fold fold) {
        return (hinge.first().equals(panel) || hinge.second().equals(panel))
                && hinge.score().fold() == fold
                && structure.closed().degrees(hinge.score().id()) != 0;
    }

    private static Optional<LayerStack> turnedBack(Structure structure, Hinge hinge) {
        Stage stage = structure.closed().with(java.util.Map.of(hinge.score().id(), 0.0));
        FlatStage lying = FlatFolder.fold(structure, stage);
        return lying.faults().isEmpty() ? LayerStack.of(structure, stage, lying) : Optional.empty();
    }
}
