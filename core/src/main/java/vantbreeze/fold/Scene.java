package vantbreeze.fold;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import vantbreeze.structure.Stage;
import vantbreeze.structure.Structure;

/** A stage at which the open card is looked at: lying, or standing. */
public sealed interface Scene {

    Stage stage();

    /** Flat on the table, its layers in order. */
    record Lying(Stage stage, LayerStack layers) implements Scene {}

    /** @param way how it gets there from the stage before, in a few steps */
    record Raised(Stage stage, Motion way) implements Scene {

        public List<RigidMotion> pose() {
            return PoseSolver.last(way);
        }
    }

    /**
     * @param closable a card that folds flat
     * @return the card opened out, if it lies flat so, then each stage that the recipient is shown and that it can reach;
     *     without those that fold as the closed card does
     */
    static List<Scene> of(Structure closable) {
        List<Scene> scenes = new ArrayList<>();
        Stage before = closable.closed();
        closable.opened()
                .filter(flat -> !flat.foldsLike(closable.closed()))
                .flatMap(flat -> lying(closable, flat))
                .ifPresent(scenes::add);
        for (Stage stage : closable.shown()) {
            if (stage.foldsLike(closable.closed())) {
                before = stage;
                continue;
            }
            if (stage.isFlat()) {
                lying(closable, stage).ifPresent(scenes::add);
            } else {
                Motion way = PoseSolver.between(closable, before, stage, PoseSolver.FEW);
                if (way.blocked().isEmpty()) {
                    scenes.add(new Raised(stage, way));
                }
            }
            before = stage;
        }
        return List.copyOf(scenes);
    }

    private static Optional<Lying> lying(Structure structure, Stage stage) {
        FlatStage flat = FlatFolder.fold(structure, stage);
        return flat.faults().isEmpty()
                ? LayerStack.of(structure, stage, flat).map(layers -> new Lying(stage, layers))
                : Optional.empty();
    }

    /** Those at which it stands, in their order. */
    static Stream<Raised> raised(List<Scene> scenes) {
        return scenes.stream().filter(Raised.class::isInstance).map(Raised.class::cast);
    }

    /** @return the first at which it stands */
    static Optional<Raised> standing(List<Scene> scenes) {
        return raised(scenes).findFirst();
    }

    /** @return the card opened out, if it lies flat so */
    static Optional<LayerStack> opened(List<Scene> scenes) {
        return scenes.stream()
                .filter(s -> s.stage().role() == Stage.Role.MADE)
                .map(s -> ((Lying) s).layers())
                .findFirst();
    }
}
