package vantbreeze.operation;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import vantbreeze.layer.Face;
import vantbreeze.layer.Ornaments;
import vantbreeze.part.Part;
import vantbreeze.structure.Structure;

/** Puts the maker's own steps where they can still be done. */
record OwnTasks(TaskGraph graph, Structure structure, List<Face> faces, Ornaments ornaments, List<Part> parts) {

    /** The maker's own step, where it can still be done. */
    void dress(OwnStep step) {
        Optional<Target> found = target(step.on());
        if (found.isEmpty()) {
            return;
        }
        Target target = found.get();
        boolean flat = step.technique().when() == Technique.When.FLAT;
        String id = graph.own(
                "dress/%s/%s".formatted(step.technique().name().toLowerCase(java.util.Locale.ROOT), step.on()));
        List<String> covering = (flat ? target.covering() : target.hiding()).toList();
        TaskGraph.Draft draft = graph.add(
                        id,
                        flat ? target.flat() : target.isFirst() ? Phase.LAY_FIRST : Phase.FINISH,
                        new OwnWork(step, target.called(), target.face(), target.part()),
                        target.worked(),
                        false)
                .after(flat ? target.ready() : target.laid());
        String last = id;
        if (step.technique().minutes() > 0) {
            last = "dry/" + id;
            graph.add(last, draft.phase(), new Dry(step.technique().minutes(), target.called()), draft.parts(), false)
                    .after(Stream.of(id));
        }
        for (String covers : covering) {
            graph.get(covers).after().add(last);
        }
        graph.get("close").after().add(last);
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
                "the " + face.label(),
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
        List<String> lay = graph.where(
                        d -> d.operation().laysParts() && d.parts().contains(part.id()))
                .toList();
        boolean first = lay.stream().anyMatch(l -> graph.get(l).phase() == Phase.LAY_FIRST);
        return new Target(
                "the " + part.piece().name(),
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
        TaskGraph.Draft lay = graph.get("lay/" + part.id());
        return new Target(
                "the " + part.name(),
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
                .map(o -> "lay/topper/" + o.ornament().name());
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
