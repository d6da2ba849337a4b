package vantbreeze.operation;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import vantbreeze.layer.Face;
import vantbreeze.layer.Ornaments;
import vantbreeze.part.Part;
import vantbreeze.structure.Grouped;
import vantbreeze.structure.Structure;

/** Puts the maker's own steps where they can still be done, or where the maker wants them. */
record OwnTasks(TaskGraph graph, Structure structure, List<Face> faces, Ornaments ornaments, List<Part> parts) {

    /** Where it is best done; nothing where what it is done to is not there. */
    void dress(OwnStep step) {
        target(step.on()).ifPresent(target -> dress(step, target));
    }

    private void dress(OwnStep step, Target target) {
        boolean flat = isFlat(step);
        Phase phase = flat ? target.flat() : target.isFirst() ? Phase.LAY_FIRST : Phase.FINISH;
        List<String> covering = (flat ? target.covering() : target.hiding()).toList();
        Set<String> ready = (flat ? target.ready() : target.laid()).collect(Collectors.toSet());
        List<Task> work = work(graph.own(id(step)), phase, step, target, ready, false);
        work.forEach(graph::add);
        String last = work.get(work.size() - 1).id();
        covering.forEach(covers -> graph.get(covers).after().add(last));
        graph.get("close").after().add(last);
    }

    /**
     * An order of work with the step beside the one it names, or where that cannot be, as late as it can; as it was where what it
     * is done to is not there.
     */
    List<Task> placed(List<Task> order, OwnStep step) {
        OwnStep.Beside beside =
                step.beside().orElseThrow(() -> new IllegalArgumentException("The step names no place."));
        return target(step.on())
                .map(target -> {
                    OwnRoom room = room(order, step, target);
                    Optional<Integer> wanted = room.at(beside);
                    int at = wanted.orElse(room.last());
                    Phase phase = order.get(Math.max(0, at - 1)).phase();
                    return room.with(
                            at, work(room.free(id(step)), phase, step, target, room.needs(), wanted.isEmpty()), beside);
                })
                .orElse(order);
    }

    /** Where in an order of work a step can be put; empty where what it is done to is not there. */
    Optional<OwnRoom> room(List<Task> order, OwnStep step) {
        return target(step.on()).map(target -> room(order, step, target));
    }

    /** It need not lie in its place: a topper is dressed before it is laid or after. */
    private OwnRoom room(List<Task> order, OwnStep step, Target target) {
        Stream<String> covering = isFlat(step) ? target.covering() : target.hiding();
        return new OwnRoom(
                order,
                target.ready().collect(Collectors.toSet()),
                Stream.concat(covering, Stream.of("close")).collect(Collectors.toSet()));
    }

    private static boolean isFlat(OwnStep step) {
        return step.technique().when() == Technique.When.FLAT;
    }

    private static String id(OwnStep step) {
        return "dress/%s/%s".formatted(step.technique().name().toLowerCase(Locale.ROOT), step.on());
    }

    /** What is done, and the waiting that it brings. */
    private static List<Task> work(
            String id, Phase phase, OwnStep step, Target target, Set<String> after, boolean isAstray) {
        OwnWork work = new OwnWork(step, target.called(), target.face(), target.part(), isAstray);
        Task own = new Task(id, phase, work, target.worked(), after, false);
        int minutes = step.technique().minutes();
        return minutes == 0
                ? List.of(own)
                : List.of(
                        own,
                        new Task(
                                "dry/" + id,
                                phase,
                                new Dry(minutes, target.called()),
                                target.worked(),
                                Set.of(id),
                                false));
    }

    /**
     * What an own step is done to.
     *
     * @param ready tasks after which it lies flat
     * @param covering tasks after which it is not flat or not bare any more
     * @param laid tasks after which it is in its place
     * @param hiding tasks after which it cannot be reached at all
     */
    private record Target(
            String called,
            Optional<Face> face,
            Optional<Part> part,
            List<String> worked,
            Phase flat,
            boolean isFirst,
            Stream<String> ready,
            Stream<String> covering,
            Stream<String> laid,
            Stream<String> hiding) {}

    private Optional<Target> target(String on) {
        if (on.startsWith("face/")) {
            return faces.stream()
                    .filter(f -> on.equals("face/" + f.key()))
                    .findFirst()
                    .map(this::face);
        }
        return parts.stream()
                .filter(p -> p.id().equals(on))
                .filter(p -> p.kind() == Part.Kind.MAT || p.kind() == Part.Kind.TOPPER)
                .findFirst()
                .map(p -> p.kind() == Part.Kind.MAT ? mat(p) : topper(p));
    }

    private Target face(Face face) {
        String piece = PieceTasks.partOf(face.panel());
        List<String> laid = Stream.concat(graph.layingOn(face), toppersOn(face)).toList();
        List<String> joined = joining(face);
        return new Target(
                Grouped.the(face.label()),
                Optional.of(face),
                Optional.empty(),
                List.of(piece),
                Phase.DRESS_FLAT,
                face.beforeAssembly(),
                graph.cutOf(piece),
                Stream.of(graph.foldingOf(piece), laid.stream(), joined.stream())
                        .flatMap(s -> s),
                Stream.of(graph.foldingOf(piece), graph.cutOf(piece), laid.stream())
                        .flatMap(s -> s),
                joined.stream());
    }

    private Target mat(Part part) {
        List<String> lay = laying(part.id()).toList();
        boolean first = lay.stream().anyMatch(l -> graph.get(l).phase() == Phase.LAY_FIRST);
        return new Target(
                Grouped.the(part.piece().name()),
                Optional.empty(),
                Optional.of(part),
                List.of(part.id()),
                Phase.DRESS_MATS,
                first,
                graph.cutOf(part.id()),
                lay.stream(),
                lay.stream(),
                first ? joins() : Stream.empty());
    }

    private Target topper(Part part) {
        TaskGraph.Draft lay = graph.get(laying(part.id())
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("Nothing lays the part (%s).".formatted(part.id()))));
        return new Target(
                Grouped.the(part.name()),
                Optional.empty(),
                Optional.of(part),
                List.of(part.id()),
                lay.phase(),
                lay.phase() == Phase.LAY_FIRST,
                graph.cutOf(part.id()),
                Stream.of(lay.id()),
                Stream.of(lay.id()),
                lay.phase() == Phase.LAY_FIRST ? joins() : Stream.empty());
    }

    private Stream<String> joins() {
        return graph.of(Phase.JOIN, Phase.CLOSE_ONTO);
    }

    private Stream<String> toppersOn(Face face) {
        return ornaments.placed().stream()
                .filter(o -> o.face().key().equals(face.key()))
                .flatMap(o -> laying("topper/" + o.ornament().name()));
    }

    private Stream<String> laying(String part) {
        return graph.where(d -> d.operation().laysParts() && d.parts().contains(part));
    }

    /** The joints after which a face that has to be dressed first is out of reach. */
    private List<String> joining(Face face) {
        if (!face.beforeAssembly()) {
            return List.of();
        }
        /* What its papers lie over is joined before them. */
        Set<String> before = graph.neededBy(graph.layingOn(face));
        return joins().filter(j -> !before.contains(j)).toList();
    }
}
