package vantbreeze.operation;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.fold.FlatFolder;
import vantbreeze.fold.FlatStage;
import vantbreeze.layer.Dressing;
import vantbreeze.layer.Face;
import vantbreeze.layer.Mat;
import vantbreeze.layer.Ornaments;
import vantbreeze.layer.PlacedOrnament;
import vantbreeze.layer.PocketRoom;
import vantbreeze.make.GluePart;
import vantbreeze.make.GluedPlace;
import vantbreeze.make.Grouped;
import vantbreeze.make.Joint;
import vantbreeze.make.PlacedBySlits;
import vantbreeze.make.ScoreCard;
import vantbreeze.make.ScoreSetting;
import vantbreeze.make.ShapeReading;
import vantbreeze.material.Adhesive;
import vantbreeze.material.Stuff;
import vantbreeze.material.Tools;
import vantbreeze.measure.Length;
import vantbreeze.part.CutList;
import vantbreeze.part.Part;
import vantbreeze.post.ClosureKit;
import vantbreeze.structure.Bond;
import vantbreeze.structure.Handling;
import vantbreeze.structure.Panel;
import vantbreeze.structure.Piece;
import vantbreeze.structure.Side;
import vantbreeze.structure.Slide;
import vantbreeze.structure.Stage;
import vantbreeze.structure.Structure;

/** Derives what is to be done for a card, and what of it must come before what. */
public final class Tasks {

    private static final int SHAPED_CORNERS = 12;
    private static final double SHARED = 0.5;

    /** A few thousandths of a millimetre: rounding, never a measure. */
    private static final double NEAR = 4;

    private final Structure structure;
    private final List<Face> faces;
    private final Dressing dressing;
    private final Ornaments ornaments;
    private final ClosureKit closure;
    private final List<Part> parts;
    private final String sheet;
    private final Tools tools;
    private final FlatStage open;
    private final TaskGraph graph = new TaskGraph();

    private Tasks(
            Structure structure,
            List<Face> faces,
            Dressing dressing,
            Ornaments ornaments,
            ClosureKit closure,
            List<Part> parts,
            String sheet,
            Tools tools) {
        this.structure = structure;
        this.faces = faces;
        this.dressing = dressing;
        this.ornaments = ornaments;
        this.closure = closure;
        this.parts = parts;
        this.sheet = sheet;
        this.tools = tools;
        this.open = FlatFolder.fold(structure, Stage.flat());
    }

    /**
     * In an order that can be worked through.
     *
     * @param sheet what the base is cut from, in words
     * @param tools whose board and habit of scoring count
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
            List<OwnStep> own) {
        Tasks tasks = new Tasks(structure, faces, dressing, ornaments, closure, parts, sheet, tools);
        tasks.derive();
        tasks.graph.joinAlike();
        OwnTasks more = new OwnTasks(tasks.graph, structure, faces, ornaments, parts);
        own.forEach(more::dress);
        return TaskOrder.of(tasks.graph.tasks());
    }

    private void derive() {
        PieceTasks pieces = new PieceTasks(graph, structure, parts, sheet, tools);
        structure.pieces().forEach(piece -> pieces.shape(piece, Phase.SHAPE, true));
        fold(pieces);
        cutMats();
        structure.bonds().stream().filter(structure::isFilm).forEach(b -> join(b, Phase.FILM));
        layMats(true);
        toppers(true);
        structure.bonds().stream().filter(b -> !structure.isFilm(b)).forEach(b -> join(b, Phase.JOIN));
        layOverFeet();
        handle(Handling.Moment.FOLDED, Handling.Moment.BEFORE_BONDS, Handling.Moment.AFTER_BONDS);
        dry();
        structure.slides().forEach(this::thread);
        handle(Handling.Moment.JOINED);
        layMats(false);
        toppers(false);
        handle(Handling.Moment.DRESSED);
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
        Map<Stuff, List<Part>> byPaper = new LinkedHashMap<>();
        parts.stream()
                .filter(p -> p.kind() == Part.Kind.MAT)
                .forEach(p -> byPaper.computeIfAbsent(p.stuff(), k -> new ArrayList<>())
                        .add(p));
        int number = 0;
        for (List<Part> mats : byPaper.values()) {
            number++;
            String from = byPaper.size() == 1 ? "" : "paper %d of %d".formatted(number, byPaper.size());
            graph.add(
                    "cut/mats/" + number,
                    Phase.CUT_MATS,
                    new CutParts(List.of(), from, CutList.of(mats)),
                    mats.stream().map(Part::id).toList(),
                    false);
        }
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
        record Group(Joint joint, List<Mat> mats) {
            boolean hasBelow(Mat mat) {
                return mats.stream()
                        .anyMatch(m -> m.face().key().equals(mat.face().key()) && m.layer() < mat.layer());
            }
        }
        record Glued(Mat mat, Joint joint) {}
        List<Group> groups = new ArrayList<>();
        dressing.cuts().stream()
                .flatMap(cut -> cut.mats().stream().filter(which).map(m -> new Glued(m, Joint.of(cut))))
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
                                Group other = new Group(g.joint(), new ArrayList<>());
                                groups.add(other);
                                return other;
                            });
                    group.mats().add(g.mat());
                });
        List<String> labels =
                dressing.mats().stream().map(m -> m.face().label()).distinct().toList();
        List<TaskGraph.Draft> laid = new ArrayList<>();
        for (Group group : groups) {
            String id = graph.own(
                    "lay/%s/%s".formatted(when, group.joint().adhesive().key()));
            List<Mat> mats = group.mats();
            laid.add(graph.add(
                            id,
                            phase,
                            new LayMats(when.equals("first"), group.joint(), mats, labels),
                            partsOf(mats),
                            false)
                    .after(IntStream.range(0, laid.size())
                            .filter(i -> mats.stream().anyMatch(groups.get(i)::hasBelow))
                            .mapToObj(i -> laid.get(i).id())));
        }
        return laid;
    }

    /** The parts that these mats are cut as. */
    private List<String> partsOf(List<Mat> mats) {
        return parts.stream()
                .filter(p -> p.cutFor().stream().anyMatch(mats::contains))
                .map(Part::id)
                .toList();
    }

    private void toppers(boolean first) {
        Phase phase = first ? Phase.LAY_FIRST : Phase.LAY;
        for (PlacedOrnament placed : ornaments.placed()) {
            if (placed.face().beforeAssembly() != first) {
                continue;
            }
            String part = "topper/" + placed.ornament().name();
            graph.add(
                    "cut/" + part,
                    phase,
                    new CutParts(
                            List.of(),
                            "its paper",
                            parts.stream()
                                    .filter(p -> p.id().equals(part))
                                    .map(p -> new CutList.Alike(List.of(p)))
                                    .toList()),
                    List.of(part),
                    false);
            GluedPlace place = GluedPlace.of(
                    placed.onPiece(),
                    placed.face().panel().outline(),
                    placed.face().side());
            graph.add("lay/" + part, phase, new LayTopper(placed, place, Joint.of(placed)), List.of(part), false)
                    .after(Stream.of("cut/" + part))
                    .after(placed.carrier().stream().map(c -> "lay/topper/" + c))
                    .after(graph.layingOn(placed.face()))
                    .after(
                            first
                                    ? graph.workedOn(
                                            PieceTasks.partOf(placed.face().panel()))
                                    : graph.of(Phase.FILM, Phase.JOIN, Phase.CLOSE_ONTO, Phase.THREAD));
        }
    }

    private void handle(Handling.Moment... moments) {
        for (Handling handling : structure.handlings()) {
            if (List.of(moments).contains(handling.moment())) {
                handle(handling);
            }
        }
    }

    private void handle(Handling handling) {
        List<String> order =
                structure.gluedInOrder().stream().map(b -> "glue/" + b.id()).toList();
        List<String> near = handling.bonds().stream().map(b -> "glue/" + b).toList();
        Phase phase = switch (handling.moment()) {
            case FOLDED -> Phase.FOLD;
            case BEFORE_BONDS -> Phase.JOIN;
            case AFTER_BONDS ->
                near.stream()
                        .map(id -> graph.get(id).phase())
                        .max(Comparator.naturalOrder())
                        .orElse(Phase.JOIN);
            case JOINED -> Phase.WORK;
            case DRESSED -> Phase.FINISH;
        };
        TaskGraph.Draft draft = graph.add(
                graph.own("handle/" + handling.title().toLowerCase(Locale.ROOT).replace(' ', '-')),
                phase,
                new Handle(handling),
                List.of(),
                handling.moment() != Handling.Moment.DRESSED);
        switch (handling.moment()) {
            case FOLDED -> draft.after(graph.of(Phase.FOLD));
            case BEFORE_BONDS -> {
                int first = near.stream().mapToInt(order::indexOf).min().orElse(0);
                draft.after(graph.of(Phase.FOLD))
                        .after(order.subList(0, first).stream()
                                .filter(id -> graph.get(id).phase() == Phase.JOIN));
                near.forEach(id -> graph.get(id).after(Stream.of(draft.id())));
            }
            case AFTER_BONDS -> {
                int last = near.stream().mapToInt(order::indexOf).max().orElse(-1);
                draft.after(near.stream());
                order.subList(last + 1, order.size()).stream()
                        .filter(id -> graph.get(id).phase() == phase)
                        .forEach(id -> graph.get(id).after(Stream.of(draft.id())));
            }
            case JOINED -> draft.after(graph.of(Phase.FILM, Phase.JOIN, Phase.CLOSE_ONTO, Phase.THREAD));
            case DRESSED ->
                draft.after(graph.of(
                        Phase.FILM,
                        Phase.JOIN,
                        Phase.CLOSE_ONTO,
                        Phase.THREAD,
                        Phase.WORK,
                        Phase.LAY_FIRST,
                        Phase.LAY));
        }
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

    /** Each bond with where the glued panel comes to lie, measured on the panel that takes it. */
    private void join(Bond bond, Phase phase) {
        Glued glued = glued(bond);
        Joint joint = Joint.of(bond, structure);
        List<String> touched = Stream.of(glued.laid(), glued.onto())
                .map(PieceTasks::partOf)
                .distinct()
                .toList();
        boolean lands = structure.landsByItself(bond)
                && !glued.place().isLocatedByMat()
                && structure.bonds().stream().noneMatch(b -> isLaidWith(bond, b));
        boolean last = lands && touched.size() > 1 && phase == Phase.JOIN;
        List<String> pieces = structure.pieces().stream().map(Piece::name).toList();
        List<String> before = graph.where(d -> d.phase() == phase
                        && d.id().startsWith("glue/")
                        && d.parts().stream().anyMatch(touched::contains))
                .toList();
        graph.add(
                        "glue/" + bond.id(),
                        last ? Phase.CLOSE_ONTO : phase,
                        lands
                                ? new CloseOnto(List.of(glued), joint, pieces)
                                : new Glue(
                                        List.of(glued),
                                        joint,
                                        structure.anchor().piece(),
                                        structure),
                        touched,
                        true)
                .after(touched.stream()
                        .flatMap(graph::workedOn)
                        .filter(earlier -> !earlier.startsWith("glue/") && !earlier.startsWith("dry/")))
                .after(before.stream().filter(earlier -> !isLaidWith(earlier, bond)))
                .after(phase == Phase.JOIN ? graph.of(Phase.LAY_FIRST) : Stream.empty())
                .after(last ? graph.of(Phase.JOIN) : Stream.empty());
    }

    private boolean isLaidWith(String task, Bond bond) {
        return structure.bonds().stream()
                .filter(b -> task.equals("glue/" + b.id()))
                .anyMatch(b -> isLaidWith(b, bond) || isAlike(b, bond));
    }

    /** What is done alike at another place need not wait for it. */
    private boolean isAlike(Bond one, Bond other) {
        String laid = structure.panel(one.panel()).piece();
        String otherLaid = structure.panel(other.panel()).piece();
        return !laid.equals(otherLaid)
                && Grouped.isAlike(laid, otherLaid)
                && Grouped.isAlike(
                        structure.panel(one.onto()).piece(),
                        structure.panel(other.onto()).piece());
    }

    /** Whether both come down in one go. */
    private boolean isLaidWith(Bond one, Bond other) {
        boolean onePiece = structure
                        .panel(one.panel())
                        .piece()
                        .equals(structure.panel(other.panel()).piece())
                && one.onto().equals(other.onto());
        return !one.equals(other)
                && (one.panel().equals(other.panel()) || onePiece || structure.isMadeWith(one, other));
    }

    private Glued glued(Bond bond) {
        Panel laid = structure.panel(bond.panel());
        Panel onto = structure.panel(bond.onto());
        GluePart part = GluePart.of(structure, bond);
        GluedPlace place = GluedPlace.of(bond.placement().apply(laid.outline()), onto.outline(), bond.ontoSide())
                .beside(lying(onto, bond.ontoSide()));
        Joint joint = Joint.of(bond, structure);
        return new Glued(
                bond,
                laid,
                onto,
                OpenLaying.of(bond, structure).map(place::along).orElse(place),
                part,
                joint.adhesive().equals(Adhesive.TAPE) && bond.seams().isEmpty() ? tapeOn(part) : Optional.empty(),
                isOnOutline(laid),
                liesOpen(bond),
                isHidden(onto, bond.ontoSide()));
    }

    /** The mat that lies there before anything is joined. */
    private Optional<Polygon> lying(Panel panel, Side side) {
        return dressing.mats().stream()
                .filter(m -> m.layer() == 1 && m.face().beforeAssembly())
                .filter(m -> m.face().panel().equals(panel) && m.face().side() == side)
                .filter(m -> feet(m.face()).isEmpty())
                .map(Mat::outline)
                .findFirst();
    }

    private boolean liesOpen(Bond bond) {
        return open.gaps().stream().noneMatch(g -> g.bond().filter(bond::equals).isPresent() && g.counts() > NEAR);
    }

    /** As long as the rectangle that takes glue, less what it keeps off its ends. */
    private static Optional<Length> tapeOn(GluePart part) {
        if (!part.area().isRectangle()) {
            return Optional.empty();
        }
        Envelope box = part.area().getEnvelopeInternal();
        Length longest = Length.nearestTo(Math.max(box.getWidth(), box.getHeight()));
        return Optional.of(longest.minus(Joint.TAPE_INSET.times(2))).filter(Length::isPositive);
    }

    /** Whether a shaped piece lies on the card's own outline when closed: then it needs no measuring. */
    private boolean isOnOutline(Panel laid) {
        if (laid.outline().getNumPoints() <= SHAPED_CORNERS) {
            return false;
        }
        Polygon lying = FlatFolder.closed(structure).placed(laid).outline();
        Polygon card = structure.piece(structure.anchor().piece()).polygon();
        return lying.getExteriorRing()
                        .intersection(card.getExteriorRing().buffer(NEAR))
                        .getLength()
                >= SHARED * lying.getLength();
    }

    private boolean isHidden(Panel panel, Side side) {
        return structure.isFilmOn(panel, side)
                && dressing.mats().stream()
                        .map(Mat::face)
                        .anyMatch(f -> f.panel().equals(panel) && f.side() == side);
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
        boolean dries =
                graph.where(d -> d.operation().dryMinutes() > 0).findAny().isPresent();
        for (Piece piece : closure.pieces()) {
            pieces.shape(piece, Phase.SHUT, false);
        }
        closure.ribbon()
                .ifPresent(length -> graph.add("cut/ribbon", Phase.SHUT, new CutRibbon(length), List.of(), false));
        if (!closure.text().isEmpty()) {
            graph.add("shut", Phase.SHUT, new Shut(closure.text()), List.of(), false)
                    .after(Stream.concat(Stream.of("close"), graph.of(Phase.SHUT)));
        }
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
