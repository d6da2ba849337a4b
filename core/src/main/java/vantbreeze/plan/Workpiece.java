package vantbreeze.plan;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.locationtech.jts.geom.Envelope;
import vantbreeze.catalogue.Values;
import vantbreeze.fold.FlatFolder;
import vantbreeze.fold.FlatStage;
import vantbreeze.fold.FoldFault;
import vantbreeze.fold.Girth;
import vantbreeze.fold.LayerStack;
import vantbreeze.fold.Level;
import vantbreeze.fold.Scene;
import vantbreeze.fold.StackMap;
import vantbreeze.layer.Dressed;
import vantbreeze.layer.Dressing;
import vantbreeze.layer.Face;
import vantbreeze.layer.Mat;
import vantbreeze.layer.MessageRoom;
import vantbreeze.layer.Ornaments;
import vantbreeze.measure.Length;
import vantbreeze.measure.Size;
import vantbreeze.part.Part;
import vantbreeze.part.Parts;
import vantbreeze.post.ClosureKit;
import vantbreeze.structure.Panel;
import vantbreeze.structure.Piece;
import vantbreeze.structure.Stage;
import vantbreeze.structure.Structure;

/**
 * A card built from resolved values, folded and dressed.
 *
 * @param closed where the panels lie closed
 * @param stack the closed card's layers in order; empty if it cannot fold flat
 * @param faults why it cannot
 * @param bulk how thick the closed card is where, with all that is laid on it and what holds it shut
 * @param girth how far it is around it
 * @param parts all that is cut for it
 * @param scenes how the open card is looked at; empty if it cannot fold flat
 */
record Workpiece(
        Values values,
        Structure structure,
        FlatStage closed,
        Optional<LayerStack> stack,
        List<FoldFault> faults,
        List<Scene> scenes,
        List<Face> faces,
        Dressing dressing,
        Ornaments ornaments,
        List<MessageRoom> messageRoom,
        StackMap bulk,
        Girth girth,
        ClosureKit closure,
        List<Part> parts) {

    static Workpiece of(Brief brief, Values values) {
        Structure structure = values.structure(brief.fold());
        Stage stage = structure.closed();
        FlatStage closed = FlatFolder.fold(structure, stage);
        List<FoldFault> faults = new ArrayList<>(closed.faults());
        Optional<LayerStack> stack = faults.isEmpty() ? LayerStack.of(structure, stage, closed) : Optional.empty();
        if (faults.isEmpty() && stack.isEmpty()) {
            faults.add(new FoldFault.PanelsCross(
                    structure.panels().stream().map(Panel::name).toList()));
        }
        List<Scene> scenes = stack.isPresent() ? Scene.of(structure) : List.of();
        List<Face> faces = stack.map(s -> Face.of(structure, s, scenes)).orElse(List.of());
        Dressing dressing = stack.map(s -> Dressing.of(faces, structure, s, brief.matting()))
                .orElse(Dressing.NONE);
        List<StackMap.Layer> papers = papers(brief, structure, closed, dressing);
        Optional<Dressed> card = stack.map(s -> new Dressed(
                faces,
                structure,
                s,
                dressing,
                panel -> Parts.cutFrom(structure, structure.piece(panel.piece()), brief.papers())));
        Ornaments ornaments = card.map(c -> Ornaments.of(
                        brief.ornaments(), brief.matting().grid(), c, papers, Level.of(structure, closed, scenes)))
                .orElse(Ornaments.NONE);
        papers.addAll(ornaments.layers(closed));
        StackMap open = StackMap.of(papers);
        ClosureKit closure = closure(brief, open, structure);
        closure.layer().ifPresent(papers::add);
        StackMap bulk = closure.covers().isPresent() ? StackMap.of(papers) : open;
        return new Workpiece(
                values,
                structure,
                closed,
                stack,
                List.copyOf(faults),
                scenes,
                faces,
                dressing,
                ornaments,
                card.map(c -> MessageRoom.of(c, ornaments)).orElse(List.of()),
                bulk,
                Girth.of(bulk),
                closure,
                Parts.of(structure, faces, dressing, ornaments, closure.pieces(), brief.papers()));
    }

    private static ClosureKit closure(Brief brief, StackMap card, Structure structure) {
        try {
            return ClosureKit.of(
                    brief.closure(),
                    card,
                    brief.base().stock(),
                    brief.tools().ruler(),
                    brief.reach(),
                    brief.ruler(),
                    structure.pieces().stream().map(Piece::name).collect(Collectors.toSet()));
        } catch (IllegalArgumentException e) {
            throw new BriefException(
                    "closure", brief.closure().text(brief.units()), "one that suits the card's size", e.getMessage());
        }
    }

    /** What stays level with what from closed on. */
    Level level() {
        return Level.of(structure, closed, scenes);
    }

    private static Size size(Envelope box) {
        return new Size(Length.nearestTo(box.getWidth()), Length.nearestTo(box.getHeight()));
    }

    private static List<StackMap.Layer> papers(Brief brief, Structure structure, FlatStage closed, Dressing dressing) {
        List<StackMap.Layer> papers = new ArrayList<>();
        Map<String, Length> thick = new HashMap<>();
        structure
                .pieces()
                .forEach(p -> thick.put(
                        p.name(), Parts.cutFrom(structure, p, brief.papers()).thickness()));
        closed.panels()
                .forEach(p -> papers.add(
                        new StackMap.Layer(p.outline(), thick.get(p.panel().piece()))));
        for (Mat mat : dressing.mats()) {
            papers.add(new StackMap.Layer(
                    closed.placed(mat.face().panel()).motion().apply(mat.outline()),
                    mat.paper().thickness()));
        }
        structure
                .held()
                .forEach(h -> papers.add(new StackMap.Layer(
                        closed.placed(structure.panel(h.behind())).motion().apply(h.outline()), h.thickness())));
        return papers;
    }

    boolean foldsFlat() {
        return stack.isPresent();
    }

    Size closedSize() {
        return closed.size();
    }

    /** What goes into the envelope: the closed card with all that sticks out of it. */
    Size postedSize() {
        return size(ornaments.closedWith(closed));
    }

    /** Where it is thickest, with what holds it shut. */
    Length thickness() {
        return bulk.thickest().thickness();
    }
}
