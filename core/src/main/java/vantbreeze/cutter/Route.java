package vantbreeze.cutter;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.prep.PreparedGeometry;
import org.locationtech.jts.geom.prep.PreparedGeometryFactory;
import vantbreeze.structure.Effort;

/**
 * The way a machine goes: what is drawn and scored before what is cut, what lies inside before what lies around it, and of
 * what is left the nearest next.
 *
 * @param legs in the order in which they are gone, from the bed's origin and back
 */
public record Route(List<Leg> legs) {

    /**
     * Some way in one go.
     *
     * @param stroke its number; -1 with everything up
     * @param seconds with lowering and raising the tool
     */
    public record Leg(int stroke, List<Coordinate> points, double seconds) {

        public boolean isTravel() {
            return stroke < 0;
        }
    }

    public static Route of(List<Stroke> strokes, Machine machine) {
        return new Planner(strokes, machine).plan();
    }

    public double seconds() {
        return legs.stream().mapToDouble(Leg::seconds).sum();
    }

    private static final class Planner {
        private final List<Stroke> strokes;
        private final Machine machine;
        private final int[] depth;
        private final List<Leg> legs = new ArrayList<>();
        private Coordinate head = new Coordinate(0, 0);

        Planner(List<Stroke> strokes, Machine machine) {
            this.strokes = strokes;
            this.machine = machine;
            this.depth = depths(strokes);
        }

        /** How many closed cuts lie around each stroke. */
        private static int[] depths(List<Stroke> strokes) {
            int[] depth = new int[strokes.size()];
            for (int k = 0; k < strokes.size(); k++) {
                Stroke around = strokes.get(k);
                if (around.kind() != Stroke.Kind.CUT
                        || !around.isClosed()
                        || around.points().size() < 4) {
                    continue;
                }
                Polygon polygon = Stroke.GEOMETRY.createPolygon(around.points().toArray(new Coordinate[0]));
                if (!polygon.isValid()) {
                    continue;
                }
                Effort.spend(strokes.size());
                PreparedGeometry area = PreparedGeometryFactory.prepare(polygon);
                for (int i = 0; i < depth.length; i++) {
                    if (i != k
                            && polygon.getEnvelopeInternal()
                                    .contains(strokes.get(i).line().getEnvelopeInternal())
                            && area.contains(Stroke.GEOMETRY.createPoint(strokes.get(i)
                                    .points()
                                    .get(strokes.get(i).points().size() / 2)))) {
                        depth[i]++;
                    }
                }
            }
            return depth;
        }

        Route plan() {
            List<Integer> left = new ArrayList<>();
            for (int i = 0; i < strokes.size(); i++) {
                left.add(i);
            }
            while (!left.isEmpty()) {
                Stroke.Kind kind = left.stream()
                        .map(i -> strokes.get(i).kind())
                        .min(Comparator.naturalOrder())
                        .orElseThrow();
                int deepest = left.stream()
                        .filter(i -> strokes.get(i).kind() == kind)
                        .mapToInt(i -> depth[i])
                        .max()
                        .orElseThrow();
                int next = left.stream()
                        .filter(i -> strokes.get(i).kind() == kind && depth[i] == deepest)
                        .min(Comparator.comparingDouble(this::away))
                        .orElseThrow();
                Effort.spend(left.size());
                follow(next);
                left.remove(Integer.valueOf(next));
            }
            travel(new Coordinate(0, 0));
            return new Route(List.copyOf(legs));
        }

        /** To the nearest place where the stroke can be begun. */
        private double away(int number) {
            Stroke stroke = strokes.get(number);
            return stroke.isClosed()
                    ? stroke.points().stream().mapToDouble(head::distance).min().orElseThrow()
                    : Math.min(head.distance(stroke.first()), head.distance(stroke.last()));
        }

        private void follow(int number) {
            Stroke stroke = strokes.get(number);
            List<Coordinate> points = stroke.isClosed() ? fromNearest(stroke) : fromNearerEnd(stroke);
            travel(points.get(0));
            legs.add(new Leg(
                    number, List.copyOf(points), 2 * machine.lift() + stroke.length() / machine.speed(stroke.kind())));
            head = points.get(points.size() - 1);
        }

        private List<Coordinate> fromNearest(Stroke stroke) {
            List<Coordinate> ring = stroke.points().subList(0, stroke.points().size() - 1);
            int nearest = 0;
            for (int i = 1; i < ring.size(); i++) {
                if (head.distance(ring.get(i)) < head.distance(ring.get(nearest))) {
                    nearest = i;
                }
            }
            List<Coordinate> points = new ArrayList<>(ring.subList(nearest, ring.size()));
            points.addAll(ring.subList(0, nearest));
            points.add(points.get(0));
            return points;
        }

        private List<Coordinate> fromNearerEnd(Stroke stroke) {
            List<Coordinate> points = new ArrayList<>(stroke.points());
            if (head.distance(stroke.last()) < head.distance(stroke.first())) {
                Collections.reverse(points);
            }
            return points;
        }

        private void travel(Coordinate to) {
            double way = head.distance(to);
            if (way > 0) {
                legs.add(new Leg(-1, List.of(head, to), way / machine.travel()));
            }
            head = to;
        }
    }
}
