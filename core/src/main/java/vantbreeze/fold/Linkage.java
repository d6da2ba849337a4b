package vantbreeze.fold;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.LineSegment;
import vantbreeze.structure.Bond;
import vantbreeze.structure.FlatMotion;
import vantbreeze.structure.Hinge;
import vantbreeze.structure.Panel;
import vantbreeze.structure.Slide;
import vantbreeze.structure.Stage;
import vantbreeze.structure.Structure;

/**
 * A structure as rigid bodies: a tree of joints that reaches every panel from the anchor, and the joints left over, each of
 * which closes a loop.
 *
 * @param hinges all hinges of the structure; their fold angles, and how far slides have run, are all that can move
 * @param order every panel but the anchor with the joint that leads to it, parents first
 * @param loops what has to stay closed
 */
record Linkage(List<Panel> panels, int anchor, List<Hinge> hinges, List<Joint> order, List<Loop> loops) {

    /**
     * Leads from one panel to the next.
     *
     * @param hinge index among the structure's hinges; -1 for a bond
     * @param axis of a hinge, so directed that turning by the fold angle (valley positive) moves {@code to} rightly
     * @param placement of a bond or slide, carrying the panel {@code to} into the flat coordinates of {@code from}
     * @param run of a slide; none for the others
     */
    record Joint(int from, int to, int hinge, LineSegment axis, FlatMotion placement, Run run) {

        Joint back() {
            if (hinge >= 0) {
                return new Joint(to, from, hinge, new LineSegment(axis.p1, axis.p0), null, Run.NONE);
            }
            FlatMotion back = placement.inverse();
            return new Joint(
                    to,
                    from,
                    -1,
                    null,
                    back,
                    new Run(
                            run.slide(),
                            -(back.a() * run.dx() + back.b() * run.dy()),
                            -(back.c() * run.dx() + back.d() * run.dy())));
        }

        /**
         * Carries the panel {@code to} into the flat coordinates of {@code from}.
         *
         * @param runs how far each slide has run, in counts
         */
        RigidMotion move(double[] radians, double[] runs) {
            if (hinge >= 0) {
                return RigidMotion.turn(axis, radians[hinge]);
            }
            double far = run.slide() < 0 ? 0 : runs[run.slide()];
            return RigidMotion.of(
                    far == 0
                            ? placement
                            : FlatMotion.shift(far * run.dx(), far * run.dy()).after(placement));
        }
    }

    /**
     * The way of a slide.
     *
     * @param slide index among the structure's slides; -1 for what does not run
     */
    record Run(int slide, double dx, double dy) {
        static final Run NONE = new Run(-1, 0, 0);
    }

    /**
     * Points that two panels share if the joint between them holds.
     *
     * @param joint leads from one panel to the other
     * @param onTo three corners, well apart, of the panel that it leads to, in its flat coordinates
     */
    record Loop(Joint joint, List<Coordinate> onTo) {}

    static Linkage of(Structure structure) {
        return new Builder(structure).build();
    }

    /** Degrees of every hinge at a stage. */
    double[] degrees(Stage stage) {
        return hinges.stream().mapToDouble(h -> stage.degrees(h.score().id())).toArray();
    }

    /** How far every slide has run at a stage, in counts. */
    static double[] runs(Structure structure, Stage stage) {
        return structure.slides().stream()
                .mapToDouble(s -> stage.run(s.id()).count())
                .toArray();
    }

    private static final class Builder {

        private final Structure structure;
        private final List<Panel> panels;
        private final Map<Panel, Integer> index = new HashMap<>();
        private final List<Joint> open = new ArrayList<>();

        Builder(Structure structure) {
            this.structure = structure;
            this.panels = structure.panels();
            for (int i = 0; i < panels.size(); i++) {
                index.put(panels.get(i), i);
            }
            for (int i = 0; i < structure.hinges().size(); i++) {
                open.add(joint(i, structure.hinges().get(i)));
            }
            structure.bonds().forEach(b -> open.add(joint(b)));
            for (int i = 0; i < structure.slides().size(); i++) {
                open.add(joint(i, structure.slides().get(i)));
            }
        }

        /** Hinges before bonds: then what is glued closes the loops, and is what is named when one cannot move. */
        Linkage build() {
            int anchor = index.get(structure.anchor());
            Set<Integer> reached = new HashSet<>(Set.of(anchor));
            List<Joint> order = new ArrayList<>();
            Optional<Joint> next = nextFrom(reached);
            while (next.isPresent()) {
                Joint joint = next.get();
                order.add(reached.contains(joint.from()) ? joint : joint.back());
                open.remove(joint);
                reached.add(joint.from());
                reached.add(joint.to());
                next = nextFrom(reached);
            }
            List<Loop> loops = open.stream().map(this::loop).toList();
            return new Linkage(panels, anchor, structure.hinges(), List.copyOf(order), loops);
        }

        private Optional<Joint> nextFrom(Set<Integer> reached) {
            return open.stream()
                    .filter(j -> reached.contains(j.from()) != reached.contains(j.to()))
                    .findFirst();
        }

        private Joint joint(int number, Hinge hinge) {
            LineSegment line = hinge.line();
            return new Joint(
                    index.get(hinge.first()),
                    index.get(hinge.second()),
                    number,
                    new LineSegment(line.p1, line.p0),
                    null,
                    Run.NONE);
        }

        private Joint joint(int number, Slide slide) {
            return new Joint(
                    index.get(structure.panel(slide.onto())),
                    index.get(structure.panel(slide.panel())),
                    -1,
                    null,
                    slide.placement(),
                    new Run(number, slide.dx(), slide.dy()));
        }

        private Joint joint(Bond bond) {
            return new Joint(
                    index.get(structure.panel(bond.onto())),
                    index.get(structure.panel(bond.panel())),
                    -1,
                    null,
                    bond.placement(),
                    Run.NONE);
        }

        private Loop loop(Joint joint) {
            Coordinate[] corners =
                    panels.get(joint.to()).outline().getExteriorRing().getCoordinates();
            int third = (corners.length - 1) / 3;
            return new Loop(joint, List.of(corners[0], corners[third], corners[2 * third]));
        }
    }

    /** For every panel the hinges of the tree between it and the anchor. */
    List<int[]> hingesOnTheWay() {
        List<int[]> ways = new ArrayList<>(Collections.nCopies(panels.size(), new int[0]));
        for (Joint joint : order) {
            int[] way = ways.get(joint.from());
            ways.set(
                    joint.to(),
                    joint.hinge() < 0
                            ? way
                            : IntStream.concat(IntStream.of(way), IntStream.of(joint.hinge()))
                                    .toArray());
        }
        return ways;
    }
}
