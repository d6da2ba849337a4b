package vantbreeze.fold;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.locationtech.jts.algorithm.locate.SimplePointInAreaLocator;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Location;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.measure.Length;
import vantbreeze.structure.Effort;
import vantbreeze.structure.Panel;
import vantbreeze.structure.Structure;

/**
 * Two panels pass through each other on the way between two stages.
 *
 * @param frame the first in which they do, counted from 0
 */
public record Crossing(String from, String to, Panel one, Panel other, int frame) {

    /** Paper gives by this much, and panels that touch along an edge are drawn without thickness. */
    private static final double GIVES_COUNTS = 1.0 * Length.COUNTS_PER_MILLIMETRE;

    /** Where along a cut it is looked at: a border may lie at any one of them. */
    private static final double[] PLACES = {0.25, 0.5, 0.75};

    /** @return the first crossing of that motion, if there is one */
    public static Optional<Crossing> firstOf(Structure structure, Motion motion) {
        List<List<RigidMotion>> frames = motion.frames();
        List<int[]> pairs = apart(structure);
        List<Panel> panels = structure.panels();
        for (int frame = 0; frame < frames.size(); frame++) {
            List<Placed> placed = new ArrayList<>();
            for (int i = 0; i < panels.size(); i++) {
                placed.add(Placed.of(panels.get(i).outline(), frames.get(frame).get(i)));
            }
            Effort.spend(pairs.size());
            for (int[] pair : pairs) {
                Placed a = placed.get(pair[0]);
                Placed b = placed.get(pair[1]);
                if (a.near(b) && a.piercedBy(b)) {
                    return Optional.of(
                            new Crossing(motion.from(), motion.to(), panels.get(pair[0]), panels.get(pair[1]), frame));
                }
            }
        }
        return Optional.empty();
    }

    /**
     * Something flat and stiff that lies in a panel's plane and moves with it, leaving it perhaps.
     *
     * @param outline on the flat piece, in counts of 1/640 mm
     */
    public record Attached(Panel panel, Polygon outline) {}

    /**
     * @return the first panel that something attached to another goes through on that way, if there is one; panels that hang
     *     on its own by a score, or never part from it, are left out
     */
    public static Optional<Crossing> firstOf(Structure structure, Motion motion, Attached attached) {
        List<Panel> panels = structure.panels();
        Set<Panel> near = new HashSet<>(Together.of(structure).with(attached.panel()));
        structure.hinges().stream()
                .filter(h -> h.first().equals(attached.panel()) || h.second().equals(attached.panel()))
                .forEach(h -> near.add(h.across(attached.panel())));
        near.addAll(Level.along(structure, motion).with(attached.panel()));
        int own = panels.indexOf(attached.panel());
        for (int frame = 0; frame < motion.frames().size(); frame++) {
            List<RigidMotion> pose = motion.frames().get(frame);
            Placed it = Placed.of(attached.outline(), pose.get(own));
            Effort.spend(panels.size());
            for (int i = 0; i < panels.size(); i++) {
                Placed other = Placed.of(panels.get(i).outline(), pose.get(i));
                if (!near.contains(panels.get(i)) && it.near(other) && (it.piercedBy(other) || other.piercedBy(it))) {
                    return Optional.of(
                            new Crossing(motion.from(), motion.to(), attached.panel(), panels.get(i), frame));
                }
            }
        }
        return Optional.empty();
    }

    /** Panels that hang together at a hinge or are glued meet on purpose. */
    private static List<int[]> apart(Structure structure) {
        List<Panel> panels = structure.panels();
        Set<List<Integer>> together = new HashSet<>();
        structure.hinges().forEach(h -> {
            together.add(List.of(panels.indexOf(h.first()), panels.indexOf(h.second())));
            together.add(List.of(panels.indexOf(h.second()), panels.indexOf(h.first())));
        });
        structure.bonds().forEach(b -> {
            int panel = panels.indexOf(structure.panel(b.panel()));
            int onto = panels.indexOf(structure.panel(b.onto()));
            together.add(List.of(panel, onto));
            together.add(List.of(onto, panel));
        });
        List<int[]> pairs = new ArrayList<>();
        for (int i = 0; i < panels.size(); i++) {
            for (int j = i + 1; j < panels.size(); j++) {
                if (!together.contains(List.of(i, j))) {
                    pairs.add(new int[] {i, j});
                }
            }
        }
        return pairs;
    }

    /** A panel in space with the box around it. */
    private record Placed(Polygon outline, RigidMotion motion, Coordinate[] corners, double[] least, double[] most) {

        static Placed of(Polygon outline, RigidMotion motion) {
            Coordinate[] flat = outline.getExteriorRing().getCoordinates();
            Coordinate[] corners = new Coordinate[flat.length];
            double[] least = {Double.MAX_VALUE, Double.MAX_VALUE, Double.MAX_VALUE};
            double[] most = {-Double.MAX_VALUE, -Double.MAX_VALUE, -Double.MAX_VALUE};
            for (int i = 0; i < flat.length; i++) {
                corners[i] = motion.apply(flat[i]);
                double[] at = {corners[i].x, corners[i].y, corners[i].getZ()};
                for (int axis = 0; axis < 3; axis++) {
                    least[axis] = Math.min(least[axis], at[axis]);
                    most[axis] = Math.max(most[axis], at[axis]);
                }
            }
            return new Placed(outline, motion, corners, least, most);
        }

        boolean near(Placed other) {
            for (int axis = 0; axis < 3; axis++) {
                if (least[axis] > other.most[axis] || other.least[axis] > most[axis]) {
                    return false;
                }
            }
            return true;
        }

        /** Whether the other one goes through the inside of this one, well clear of the borders of both. */
        boolean piercedBy(Placed other) {
            RigidMotion here = motion.inverse();
            RigidMotion there = other.motion.inverse();
            List<Coordinate> cuts = cuts(here, other.corners);
            for (int i = 1; i < cuts.size(); i += 2) {
                for (double share : PLACES) {
                    Coordinate at = between(cuts.get(i - 1), cuts.get(i), share);
                    if (isWellInside(at) && other.isWellInside(there.apply(motion.apply(at)))) {
                        return true;
                    }
                }
            }
            return false;
        }

        /** Where the border of the other one goes through the plane of this one, in this one's flat coordinates, in order. */
        private static List<Coordinate> cuts(RigidMotion here, Coordinate[] border) {
            List<Coordinate> cuts = new ArrayList<>();
            Coordinate before = here.apply(border[0]);
            double least = before.getZ();
            double most = before.getZ();
            for (int i = 1; i < border.length; i++) {
                Coordinate next = here.apply(border[i]);
                least = Math.min(least, next.getZ());
                most = Math.max(most, next.getZ());
                if (before.getZ() < 0 != next.getZ() < 0) {
                    cuts.add(between(before, next, before.getZ() / (before.getZ() - next.getZ())));
                }
                before = next;
            }
            if (least > -GIVES_COUNTS || most < GIVES_COUNTS) {
                return List.of();
            }
            cuts.sort(Comparator.naturalOrder());
            return cuts;
        }

        private static Coordinate between(Coordinate a, Coordinate b, double share) {
            return new Coordinate(a.x + share * (b.x - a.x), a.y + share * (b.y - a.y));
        }

        private boolean isWellInside(Coordinate at) {
            return outline.getEnvelopeInternal().contains(at)
                    && SimplePointInAreaLocator.locate(at, outline) == Location.INTERIOR
                    && outline.getBoundary().distance(outline.getFactory().createPoint(at)) > GIVES_COUNTS;
        }
    }
}
