package vantbreeze.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import vantbreeze.catalogue.Values;
import vantbreeze.fold.FlatFolder;
import vantbreeze.fold.FlatStage;
import vantbreeze.fold.FoldFault;
import vantbreeze.fold.LayerStack;
import vantbreeze.fold.PoseSolver;
import vantbreeze.fold.StackMap;
import vantbreeze.layer.Dressing;
import vantbreeze.layer.Face;
import vantbreeze.layer.Mat;
import vantbreeze.material.Film;
import vantbreeze.measure.Length;
import vantbreeze.measure.Size;
import vantbreeze.structure.Panel;
import vantbreeze.structure.Stage;
import vantbreeze.structure.Structure;

/**
 * A card built from resolved values, folded and dressed.
 *
 * @param closed where the panels lie closed
 * @param stack the closed card's layers in order; empty if it cannot fold flat
 * @param faults why it cannot
 */
record Workpiece(
        Values values,
        Structure structure,
        FlatStage closed,
        Optional<LayerStack> stack,
        List<FoldFault> faults,
        List<Face> faces,
        Dressing dressing,
        StackMap bulk) {

    static Workpiece of(Brief brief, Values values) {
        Structure structure = brief.fold().build(values);
        Stage stage = structure.stage(Stage.CLOSED);
        FlatStage closed = FlatFolder.fold(structure, stage);
        List<FoldFault> faults = new ArrayList<>(closed.faults());
        Optional<LayerStack> stack = faults.isEmpty() ? LayerStack.of(structure, stage, closed) : Optional.empty();
        if (faults.isEmpty() && stack.isEmpty()) {
            faults.add(new FoldFault.PanelsCross(
                    structure.panels().stream().map(Panel::name).toList()));
        }
        List<Face> faces = stack.map(s -> Face.of(structure, s, opened(structure), PoseSolver.displayed(structure)))
                .orElse(List.of());
        Dressing dressing = stack.map(s -> Dressing.of(faces, structure, s, brief.matting()))
                .orElse(Dressing.NONE);
        StackMap bulk = StackMap.of(papers(brief, closed, dressing));
        return new Workpiece(values, structure, closed, stack, List.copyOf(faults), faces, dressing, bulk);
    }

    private static Optional<LayerStack> opened(Structure structure) {
        Stage flat = structure.stage(Stage.FLAT);
        FlatStage lying = FlatFolder.fold(structure, flat);
        return lying.faults().isEmpty() ? LayerStack.of(structure, flat, lying) : Optional.empty();
    }

    private static List<StackMap.Layer> papers(Brief brief, FlatStage closed, Dressing dressing) {
        List<StackMap.Layer> papers = new ArrayList<>();
        closed.panels()
                .forEach(p -> papers.add(new StackMap.Layer(
                        p.outline(),
                        p.panel().isClear() ? Film.THICKNESS : brief.base().thickness())));
        for (Mat mat : dressing.mats()) {
            papers.add(new StackMap.Layer(
                    closed.placed(mat.face().panel()).motion().apply(mat.outline()),
                    brief.mat().thickness()));
        }
        return papers;
    }

    boolean foldsFlat() {
        return stack.isPresent();
    }

    Size closedSize() {
        return closed.size();
    }

    Length thickness() {
        return bulk.thickest().thickness();
    }
}
