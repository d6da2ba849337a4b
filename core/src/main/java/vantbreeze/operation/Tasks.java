package vantbreeze.operation;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import vantbreeze.layer.Dressing;
import vantbreeze.layer.Face;
import vantbreeze.layer.Mat;
import vantbreeze.layer.Ornaments;
import vantbreeze.layer.PocketRoom;
import vantbreeze.make.Joint;
import vantbreeze.make.Joints;
import vantbreeze.make.PlacedBySlits;
import vantbreeze.make.ScoreCard;
import vantbreeze.make.ScoreSetting;
import vantbreeze.make.ShapeReading;
import vantbreeze.material.Tools;
import vantbreeze.part.CutList;
import vantbreeze.part.PaperNames;
import vantbreeze.part.Part;
import vantbreeze.post.ClosureKit;
import vantbreeze.structure.Bond;
import vantbreeze.structure.Handling;
import vantbreeze.structure.Piece;
import vantbreeze.structure.Slide;
import vantbreeze.structure.Structure;

/** Derives what is to be done for a card, and what of it must come before what. */
public final class Tasks {

    private final Structure structure;
    private final List<Face> faces;
    private final Dressing dressing;
    private final Ornaments ornaments;
    private final ClosureKit closure;
    private final List<Part> parts;
    private final PaperNames names;
    private final Joints joints;
    private final String sheet;
    private final Tools tools;
    private final TaskGraph graph = new TaskGraph();

    private Tasks(
            Structure structure,
            List<Face> faces,
            Dressing dressing,
            Ornaments ornaments,
            ClosureKit closure,
            List<Part> parts,
            String sheet,
            Tools tools,
            Map<String, String> gluedWith) {
        this.structure = structure;
        this.faces = faces;
        this.dressing = dressing;
        this.ornaments = ornaments;
        this.closure = closure;
        this.parts = parts;
        this.names = PaperNames.of(parts);
        this.joints = new Joints(structure, dressing, ornaments, parts, tools.adhesives(), gluedWith);
        this.sheet = sheet;
        this.tools = tools;
    }

    /**
     * In an order that can be worked through.
     *
     * @param sheet what the base is cut from, in words
     * @param tools whose board and habit of scoring count
     * @param gluedWith the key of the adhesive that the maker takes at a place, see {@link Joints}
     * @param own what the maker adds; what it is done to may be gone, then it is left out ({@link #lost})
     */
    public static List<Task> of(
            Structure structure,
            List<Face> faces,
            Dressing dressing,
            Ornaments ornaments,
            ClosureKit closure,
            List<Part> parts,
            String sheet,
            Tools tools,
            Map<String, String> gluedWith,
            List<OwnStep> own) {
        Tasks tasks = new Tasks(structure, faces, dressing, ornaments, closure, parts, sheet, tools, gluedWith);
        tasks.derive();
        tasks.graph.joinAlike();
        OwnTasks more = new OwnTasks(tasks.graph, structure, faces, ornaments, parts);
        own.stream().filter(s -> s.beside().isEmpty()).forEach(more::dress);
        List<Task> order = TaskOrder.of(tasks.graph.tasks());
        for (OwnStep step : own) {
            if (step.beside().isPresent()) {
                order = more.placed(order, step);
            }
        }
        return order;
    }

    private void derive() {
        PieceTasks pieces = new PieceTasks(graph, structure, parts, names, sheet, tools);
        structure.pieces().forEach(piece -> pieces.shape(piece, Phase.SHAPE, true));
        fold(pieces);
        cutMats();
        JoinTasks joins = new JoinTasks(graph, structure, dressing, joints);
        structure.bonds().stream().filter(structure::isFilm).forEach(b -> joins.join(b, Phase.FILM));
        layMats(true);
        TopperTasks toppers = new TopperTasks(graph, structure, ornaments, parts, joints, tools.ruler());
        toppers.lay(true);
        structure.bonds().stream().filter(b -> !structure.isFilm(b)).forEach(b -> joins.join(b, Phase.JOIN));
        layOverFeet();
        HandlingTasks handlings = new HandlingTasks(graph, structure);
        handlings.add(Handling.Moment.FOLDED, Handling.Moment.BEFORE_BONDS, Handling.Moment.AFTER_BONDS);
        dry();
        structure.slides().forEach(this::thread);
        handlings.add(Handling.Moment.JOINED);
        layMats(false);
        toppers.lay(false);
        handlings.add(Handling.Moment.DRESSED);
        PocketRoom.of(structure)
                .forEach(room -> graph.add("fill/" + room.held().name(), Phase.FILL, new Fill(room), List.of(), false)
                        .after(graph.of(Phase.FILM, Phase.JOIN, Phase.CLOSE_ONTO, Phase.THREAD, Phase.LAY)));
        graph.add(
                        "close",
                        Phase.CLOSE,
                        new Close(graph.where(d -> d.operation().isWet())
                                .findAny()
                                .isPresent()),
                        List.of(),
                        true)
                .after(graph.where(d -> true));
        close(pieces);
    }

    private void fold(PieceTasks pieces) {
        for (Piece piece : structure.pieces()) {
            List<ScoreSetting> settings =
                    ScoreCard.of(piece.untrimmed(), tools.scoring(), structure::isFolded).settings().stream()
                            .filter(s -> s.stretches().stream()
                                    .anyMatch(t -> t.fold().isPresent()))
                            .filter(s -> !isFoldedBefore(piece, s))
                            .toList();
            if (!settings.isEmpty()) {
                Set<String> placed = PlacedBySlits.of(piece);
                Map<Boolean, List<ScoreSetting>> byHand = settings.stream()
                        .collect(Collectors.partitioningBy(
                                s -> placed.contains(s.at().score().id())));
                String part = PieceTasks.id(piece, true);
                graph.add(
                                "fold/" + part,
                                Phase.FOLD,
                                new FoldPiece(pieces.these(piece, true), byHand.get(false), byHand.get(true)),
                                List.of(part),
                                true)
                        .after(graph.workedOn(part));
            }
        }
    }

    /** What is cut to shape through both layers is folded by then. */
    private static boolean isFoldedBefore(Piece piece, ScoreSetting setting) {
        return ShapeReading.of(piece)
                .flatMap(ShapeReading::folded)
                .filter(score -> setting.at().score().equals(score))
                .isPresent();
    }

    private void cutMats() {
        Map<String, List<Part>> byPaper = new LinkedHashMap<>();
        parts.stream()
                .filter(p -> p.kind() == Part.Kind.MAT)
                .forEach(p -> byPaper.computeIfAbsent(names.of(p.paper()), k -> new ArrayList<>())
                        .add(p));
        List<String> all = List.copyOf(byPaper.keySet());
        byPaper.forEach((paper, mats) -> graph.add(
                "cut/mats/" + (all.indexOf(paper) + 1),
                Phase.CUT_MATS,
                new CutParts(all, paper, CutList.of(mats)),
                mats.stream().map(Part::id).toList(),
                false));
    }

    /** What is glued to a face and dressed over. */
    private Set<String> feet(Face face) {
        return structure
                .dressed(face.panel(), face.side())
                .map(Structure.Dressed::over)
                .orElse(Set.of());
    }

    private void layMats(boolean first) {
        Phase phase = first ? Phase.LAY_FIRST : Phase.LAY;
        lay(
                        first ? "first" : "last",
                        phase,
                        m -> m.face().beforeAssembly() == first
                                && feet(m.face()).isEmpty())
                .forEach(lay -> lay.after(lay.parts().stream().flatMap(graph::cutOf))
                        .after(lay.parts().stream().flatMap(this::grounds))
                        .after(
                                first
                                        ? Stream.empty()
                                        : graph.of(Phase.FILM, Phase.JOIN, Phase.CLOSE_ONTO, Phase.THREAD)));
    }

    /** What is done to the pieces that this mat comes onto. */
    private Stream<String> grounds(String mat) {
        return parts.stream()
                .filter(p -> p.id().equals(mat))
                .flatMap(p -> p.cutFor().stream())
                .flatMap(m -> graph.workedOn(PieceTasks.partOf(m.face().panel())));
    }

    /** Once the feet are glued, and before what is joined after them closes the place. */
    private void layOverFeet() {
        List<String> order = structure.bonds().stream().map(Bond::id).toList();
        Set<String> feet =
                dressing.mats().stream().flatMap(m -> feet(m.face()).stream()).collect(Collectors.toSet());
        int last = feet.stream().mapToInt(order::indexOf).max().orElse(-1);
        lay("over", Phase.JOIN, m -> !feet(m.face()).isEmpty()).forEach(lay -> {
            lay.after(lay.parts().stream().flatMap(graph::cutOf))
                    .after(feet.stream().map(b -> "glue/" + b));
            order.subList(last + 1, order.size())
                    .forEach(b -> graph.get("glue/" + b).after(Stream.of(lay.id())));
        });
    }

    /**
     * A task for all mats that are glued alike; what lies on a paper that is glued otherwise comes after it.
     *
     * @return in an order in which every layer comes after the one below it
     */
    private List<TaskGraph.Draft> lay(String when, Phase phase, Predicate<Mat> which) {
        record Group(Joint joint, String proposed, List<Mat> mats) {
            boolean hasBelow(Mat mat) {
                return mats.stream()
                        .anyMatch(m -> m.face().key().equals(mat.face().key()) && m.layer() < mat.layer());
            }
        }
        record Glued(Mat mat, Joint joint, String proposed) {}
        Joints usual = joints.proposed();
        List<Group> groups = new ArrayList<>();
        dressing.cuts().stream()
                .flatMap(cut -> cut.mats().stream()
                        .filter(which)
                        .map(m -> new Glued(
                                m, joints.of(cut), usual.of(cut).adhesive().key())))
                .sorted(Comparator.comparingInt(g -> g.mat().layer()))
                .forEach(g -> {
                    int below = IntStream.range(0, groups.size())
                            .filter(i -> groups.get(i).hasBelow(g.mat()))
                            .max()
                            .orElse(0);
                    Group group = groups.subList(below, groups.size()).stream()
                            .filter(same -> same.joint().equals(g.joint()))
                            .findFirst()
                            .orElseGet(() -> {
                                Group other = new Group(g.joint(), g.proposed(), new ArrayList<>());
                                groups.add(other);
                                return other;
                            });
                    group.mats().add(g.mat());
                });
        List<String> labels =
                dressing.mats().stream().map(m -> m.face().label()).distinct().toList();
        List<TaskGraph.Draft> laid = new ArrayList<>();
        for (Group group : groups) {
            /* Where the maker takes another adhesive it stays the same task. */
            String id = graph.own("lay/%s/%s".formatted(when, group.proposed()));
            List<Mat> mats = group.mats();
            laid.add(graph.add(
                            id,
                            phase,
                            new LayMats(when.equals("first"), group.joint(), mats, labels, mirrored(mats)),
                            partsOf(mats),
                            false)
                    .after(IntStream.range(0, laid.size())
                            .filter(i -> mats.stream().anyMatch(groups.get(i)::hasBelow))
                            .mapToObj(i -> laid.get(i).id())));
        }
        return laid;
    }

    /** Those of which another one laid with them is the mirror image. */
    private List<Mat> mirrored(List<Mat> mats) {
        List<Part> these = parts.stream()
                .filter(p -> p.cutFor().stream().anyMatch(mats::contains))
                .toList();
        return these.stream()
                .filter(p -> CutList.hasMirrorImage(p, these))
                .flatMap(p -> p.cutFor().stream())
                .toList();
    }

    /** The parts that these mats are cut as. */
    private List<String> partsOf(List<Mat> mats) {
        return parts.stream()
                .filter(p -> p.cutFor().stream().anyMatch(mats::contains))
                .map(Part::id)
                .toList();
    }

    /** One wait for all that was joined. */
    private void dry() {
        List<Task> wet = graph.tasks().stream()
                .filter(d -> d.phase() == Phase.JOIN && d.operation().dryMinutes() > 0)
                .toList();
        int minutes =
                wet.stream().mapToInt(d -> d.operation().dryMinutes()).max().orElse(0);
        if (minutes > 0) {
            graph.add("dry/join", Phase.JOIN, new Dry(minutes, "what is glued"), List.of(), true)
                    .after(wet.stream().map(Task::id));
        }
    }

    private void thread(Slide slide) {
        graph.add(
                        "thread/" + slide.id(),
                        Phase.THREAD,
                        new ThreadSlider(
                                slide,
                                structure.panel(slide.panel()),
                                structure.panel(slide.onto()),
                                structure.panel(slide.band())),
                        Stream.of(slide.panel(), slide.onto())
                                .map(p -> PieceTasks.partOf(structure.panel(p)))
                                .distinct()
                                .toList(),
                        true)
                .after(graph.of(Phase.JOIN, Phase.CLOSE_ONTO));
    }

    private void close(PieceTasks pieces) {
        for (Piece piece : closure.pieces()) {
            pieces.shape(piece, Phase.SHUT, false);
        }
        closure.ribbon()
                .ifPresent(length ->
                        graph.add("cut/ribbon", Phase.SHUT, CutRibbon.of("ribbon", length), List.of(), false));
        if (!closure.text().isEmpty()) {
            graph.add("shut", Phase.SHUT, new Shut(closure.text()), List.of(), false)
                    .after(Stream.concat(Stream.of("close"), graph.of(Phase.SHUT)));
        }
    }

    /** Where in an order of work a step can be put; empty where what it is done to is not there. */
    public static Optional<OwnRoom> room(
            List<Task> order,
            Structure structure,
            List<Face> faces,
            Ornaments ornaments,
            List<Part> parts,
            OwnStep step) {
        return new OwnTasks(TaskGraph.of(order), structure, faces, ornaments, parts).room(order, step);
    }

    /** The own steps that do not stand beside the step they name: it is gone, or it comes too early or too late. */
    public static List<OwnStep> astray(List<Task> order) {
        return order.stream()
                .map(Task::operation)
                .filter(Operation::isAstray)
                .flatMap(o -> o.own().stream())
                .toList();
    }

    /** The own steps whose face, mat or topper this card does not have. */
    public static List<OwnStep> lost(List<OwnStep> own, List<Face> faces, List<Part> parts) {
        Set<String> there = new HashSet<>();
        faces.forEach(f -> there.add("face/" + f.key()));
        parts.stream()
                .filter(p -> p.kind() == Part.Kind.MAT || p.kind() == Part.Kind.TOPPER)
                .forEach(p -> there.add(p.id()));
        return own.stream().filter(s -> !there.contains(s.on())).toList();
    }
}
