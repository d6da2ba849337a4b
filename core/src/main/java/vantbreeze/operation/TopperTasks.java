package vantbreeze.operation;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import vantbreeze.layer.Holder;
import vantbreeze.layer.Mat;
import vantbreeze.layer.Ornaments;
import vantbreeze.layer.PlacedOrnament;
import vantbreeze.make.GluedPlace;
import vantbreeze.make.Joints;
import vantbreeze.measure.ToolGrid;
import vantbreeze.part.CutList;
import vantbreeze.part.PaperNames;
import vantbreeze.part.Part;
import vantbreeze.part.Trimming;
import vantbreeze.structure.Panel;
import vantbreeze.structure.Structure;

/** What is done for what is laid on top: cut, built off the card, glued or fixed. */
final class TopperTasks {

    private final TaskGraph graph;
    private final Structure structure;
    private final Ornaments ornaments;
    private final List<Part> parts;
    private final Joints joints;
    private final ToolGrid grid;

    TopperTasks(
            TaskGraph graph, Structure structure, Ornaments ornaments, List<Part> parts, Joints joints, ToolGrid grid) {
        this.graph = graph;
        this.structure = structure;
        this.ornaments = ornaments;
        this.parts = parts;
        this.joints = joints;
        this.grid = grid;
    }

    /** @param first those that something is joined over later, or the others */
    void lay(boolean first) {
        Phase phase = first ? Phase.LAY_FIRST : Phase.LAY;
        List<PlacedOrnament> these =
                ornaments.placed().stream().filter(o -> isEarly(o) == first).toList();
        List<String> cut = Stream.concat(
                        cutOut(these, first, phase).stream(), cutToLength(these, first, phase).stream())
                .toList();
        for (PlacedOrnament placed : these) {
            if (!placed.isBuiltOffTheCard()) {
                List<String> before = Stream.concat(cut.stream(), build(placed, phase, cut).stream())
                        .toList();
                TaskGraph.Draft laid = isOnAMat(placed) ? onItsMat(placed, phase) : onThePanel(placed, first, phase);
                laid.after(before.stream());
            }
        }
    }

    /** What goes around or through its panel is in reach only until that panel's other side is covered. */
    private boolean isEarly(PlacedOrnament placed) {
        Panel panel = placed.face().panel();
        return placed.face().beforeAssembly()
                || placed.holder().filter(Holder.PANEL::equals).isPresent()
                        && structure.isCovered(panel, placed.face().side().other());
    }

    private static boolean isOnAMat(PlacedOrnament placed) {
        return placed.holder().filter(Holder.MAT::equals).isPresent();
    }

    /** Of the parts' own papers, in one go. */
    private Optional<String> cutOut(List<PlacedOrnament> these, boolean first, Phase phase) {
        List<String> ids = these.stream().map(TopperTasks::part).toList();
        List<Part> cut = parts.stream().filter(p -> ids.contains(p.id())).toList();
        if (cut.isEmpty()) {
            return Optional.empty();
        }
        PaperNames names = PaperNames.of(parts);
        Map<String, List<Part>> byPaper = new LinkedHashMap<>();
        cut.forEach(p -> byPaper.computeIfAbsent(names.of(p.paper()), k -> new ArrayList<>())
                .add(p));
        String id = "cut/toppers/" + (first ? "first" : "last");
        graph.add(
                id,
                phase,
                new CutToppers(byPaper.entrySet().stream()
                        .map(e -> new CutParts(List.of(), e.getKey(), CutList.ofShapes(e.getValue())))
                        .toList()),
                cut.stream().map(Part::id).toList(),
                false);
        return Optional.of(id);
    }

    private Optional<String> cutToLength(List<PlacedOrnament> these, boolean first, Phase phase) {
        List<CutRibbon.Cut> cuts = these.stream()
                .map(o -> Trimming.of(o, grid))
                .flatMap(t -> t.length().map(l -> new CutRibbon.Cut(t.paper().called(), l)).stream())
                .toList();
        if (cuts.isEmpty()) {
            return Optional.empty();
        }
        String id = "cut/ribbons/" + (first ? "first" : "last");
        graph.add(id, phase, new CutRibbon(cuts), List.of(), false);
        return Optional.of(id);
    }

    /** Before the mat is glued. */
    private TaskGraph.Draft onItsMat(PlacedOrnament placed, Phase phase) {
        TaskGraph.Draft laid = add(placed, phase);
        List<Mat> mats = placed.run().flatMap(PlacedOrnament.Run::mat).stream().toList();
        laid.after(parts.stream()
                .filter(p -> p.cutFor().stream().anyMatch(mats::contains))
                .flatMap(p -> graph.cutOf(p.id())));
        mats.forEach(mat -> layingOf(mat).forEach(id -> graph.get(id).after(Stream.of(laid.id()))));
        return laid;
    }

    private Stream<String> layingOf(Mat mat) {
        return graph.where(d -> d.operation().lays(mat));
    }

    private TaskGraph.Draft onThePanel(PlacedOrnament placed, boolean first, Phase phase) {
        TaskGraph.Draft laid = add(placed, phase)
                .after(placed.carrier().stream().map(this::root).map(c -> laying(c)))
                .after(graph.layingOn(placed.face()))
                .after(
                        first
                                ? graph.workedOn(PieceTasks.partOf(placed.face().panel()))
                                : graph.of(Phase.FILM, Phase.JOIN, Phase.CLOSE_ONTO, Phase.THREAD));
        if (placed.run().isPresent()) {
            /* Its ends lie under what covers the panel's other side. */
            graph.where(d -> d.operation().laysBehind(placed.face()))
                    .filter(id -> !graph.neededBy(Stream.of(laid.id())).contains(id))
                    .forEach(id -> graph.get(id).after(Stream.of(laid.id())));
        }
        return laid;
    }

    private TaskGraph.Draft add(PlacedOrnament placed, Phase phase) {
        Operation how = placed.run()
                .<Operation>map(run -> new FixTrimming(
                        placed,
                        run.on(),
                        GluedPlace.of(placed.body(), run.ground(), placed.face().side())))
                .orElseGet(() -> new LayTopper(
                        placed,
                        GluedPlace.of(
                                placed.onPiece(),
                                placed.face().panel().outline(),
                                placed.face().side()),
                        joints.of(placed)));
        return graph.add(laying(placed.ornament().name()), phase, how, partsOf(placed), false);
    }

    private static String laying(String name) {
        return "lay/topper/" + name;
    }

    private static String part(PlacedOrnament placed) {
        return "topper/" + placed.ornament().name();
    }

    private List<String> partsOf(PlacedOrnament placed) {
        return parts.stream().map(Part::id).filter(part(placed)::equals).toList();
    }

    /** What comes onto it before it comes onto the card: their cuts come before. */
    private Optional<String> build(PlacedOrnament root, Phase phase, List<String> cut) {
        String name = root.ornament().name();
        List<PlacedOrnament> on = ornaments.placed().stream()
                .filter(o -> o.isBuiltOffTheCard() && root(o.ornament().name()).equals(name))
                .toList();
        if (on.isEmpty()) {
            return Optional.empty();
        }
        String id = "build/topper/" + name;
        graph.add(
                        id,
                        phase,
                        new BuildTopper(
                                root,
                                on.stream()
                                        .map(o -> new BuildTopper.Layer(
                                                o,
                                                GluedPlace.of(
                                                        o.body(),
                                                        named(o.liesOn()).onPiece(),
                                                        o.face().side()),
                                                joints.of(o)))
                                        .toList()),
                        on.stream().flatMap(o -> partsOf(o).stream()).toList(),
                        false)
                .after(cut.stream());
        return Optional.of(id);
    }

    private PlacedOrnament named(String name) {
        return ornaments
                .named(name)
                .orElseThrow(() -> new IllegalArgumentException("There is no ornament (%s).".formatted(name)));
    }

    /** What of a stack comes onto the card with all that it carries. */
    private String root(String name) {
        PlacedOrnament placed = named(name);
        return placed.isBuiltOffTheCard() ? root(placed.liesOn()) : name;
    }
}
