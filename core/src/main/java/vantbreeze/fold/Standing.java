package vantbreeze.fold;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.locationtech.jts.algorithm.ConvexHull;
import org.locationtech.jts.algorithm.MinimumDiameter;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import vantbreeze.measure.Length;
import vantbreeze.structure.Panel;
import vantbreeze.structure.Structure;

/**
 * A pose set up on a table. Its y is upright, unless it rests better leaning: a tent settles on its two lower edges.
 *
 * @param width left to right
 * @param height bottom to top
 * @param depth front to back
 * @param margin how far the centre of mass lies inside what the card stands on, seen from above; negative by how far it
 *     lies outside, and zero when it stands on a line
 */
public record Standing(Length width, Length height, Length depth, Length margin) {

    /** Bottom corners this close to the lowest one touch the table: paper gives by more. */
    private static final double TOUCHES_COUNTS = 0.1 * Length.COUNTS_PER_MILLIMETRE;

    /** Leaning further is lying down. */
    private static final double MOST_LEAN_RADIANS = Math.toRadians(60);

    private static final GeometryFactory GEOMETRY = new GeometryFactory();

    /** Panels weigh by their area; mats and ornaments are not counted. */
    public static Standing of(Structure structure, List<RigidMotion> pose) {
        List<Coordinate> corners = new ArrayList<>();
        Coordinate centre = new Coordinate(0, 0, 0);
        double mass = 0;
        for (int i = 0; i < pose.size(); i++) {
            Panel panel = structure.panels().get(i);
            for (Coordinate corner : panel.outline().getCoordinates()) {
                corners.add(pose.get(i).apply(corner));
            }
            Coordinate middle = pose.get(i).apply(panel.outline().getCentroid().getCoordinate());
            double area = panel.outline().getArea();
            mass += area;
            centre = new Coordinate(
                    centre.x + area * middle.x, centre.y + area * middle.y, centre.getZ() + area * middle.getZ());
        }
        Coordinate heavy = new Coordinate(centre.x / mass, centre.y / mass, centre.getZ() / mass);
        double turn = facing(corners);
        if (turn != 0) {
            corners.replaceAll(c -> turnedRound(c, turn));
            heavy = turnedRound(heavy, turn);
        }
        return settled(corners, heavy);
    }

    /** A card whose resting panel stands askew is set square: it is turned so that it is least deep, if that is much less. */
    private static final double MUCH_LESS = 0.8;

    /** What is farther round is meant so. */
    private static final double MOST_ASKEW = Math.toRadians(30);

    /** @return by how much to turn it about an upright line, in radians */
    private static double facing(List<Coordinate> corners) {
        Geometry plan = new ConvexHull(
                        corners.stream().map(c -> new Coordinate(c.x, c.getZ())).toArray(Coordinate[]::new), GEOMETRY)
                .getConvexHull();
        MinimumDiameter least = new MinimumDiameter(plan, true);
        if (least.getLength() >= MUCH_LESS * plan.getEnvelopeInternal().getHeight()) {
            return 0;
        }
        Coordinate[] along = least.getSupportingSegment().getCoordinates();
        double angle = Math.atan2(along[1].y - along[0].y, along[1].x - along[0].x);
        double turn = Math.abs(angle) > Math.PI / 2 ? angle - Math.signum(angle) * Math.PI : angle;
        return Math.abs(turn) <= MOST_ASKEW ? turn : 0;
    }

    private static Coordinate turnedRound(Coordinate c, double radians) {
        double cos = Math.cos(radians);
        double sin = Math.sin(radians);
        return new Coordinate(c.x * cos + c.getZ() * sin, c.y, c.getZ() * cos - c.x * sin);
    }

    private static Standing settled(List<Coordinate> corners, Coordinate heavy) {
        Standing upright = leaning(corners, heavy, 0);
        return leans(corners).stream()
                .sorted(Comparator.comparingDouble(Math::abs))
                .map(lean -> leaning(corners, heavy, lean))
                .filter(Standing::stands)
                .findFirst()
                .orElse(upright);
    }

    /** The angles by which the card could settle on an edge of its outline, seen from the side. */
    private static List<Double> leans(List<Coordinate> corners) {
        Coordinate[] side =
                corners.stream().map(c -> new Coordinate(c.getZ(), c.y)).toArray(Coordinate[]::new);
        Coordinate[] hull = new ConvexHull(side, GEOMETRY).getConvexHull().getCoordinates();
        List<Double> leans = new ArrayList<>(List.of(0.0));
        for (int i = 1; i < hull.length; i++) {
            double dz = hull[i].x - hull[i - 1].x;
            double dy = hull[i].y - hull[i - 1].y;
            double lean = Math.atan2(dy, dz);
            double leanBack = Math.atan2(-dy, -dz);
            leans.add(Math.abs(lean) < Math.abs(leanBack) ? lean : leanBack);
        }
        return leans.stream().filter(l -> Math.abs(l) <= MOST_LEAN_RADIANS).toList();
    }

    private static Standing leaning(List<Coordinate> upright, Coordinate heavy, double lean) {
        List<Coordinate> corners = upright.stream().map(c -> turned(c, lean)).toList();
        Coordinate centre = turned(heavy, lean);
        double lowest = corners.stream().mapToDouble(c -> c.y).min().orElseThrow();
        Coordinate[] feet = corners.stream()
                .filter(c -> c.y - lowest <= TOUCHES_COUNTS)
                .map(c -> new Coordinate(c.x, c.getZ()))
                .toArray(Coordinate[]::new);
        Geometry ground = new ConvexHull(feet, GEOMETRY).getConvexHull();
        Geometry over = GEOMETRY.createPoint(new Coordinate(centre.x, centre.getZ()));
        double inside = ground.getDimension() < 2
                ? 0
                : ground.contains(over) ? ground.getBoundary().distance(over) : -ground.distance(over);
        return new Standing(
                extent(corners.stream().map(c -> c.x).toList()),
                extent(corners.stream().map(c -> c.y).toList()),
                extent(corners.stream().map(Coordinate::getZ).toList()),
                Length.nearestTo(inside));
    }

    /** Turned about the x axis, so that a line rising by that angle from back to front comes to lie level. */
    private static Coordinate turned(Coordinate c, double lean) {
        double cos = Math.cos(lean);
        double sin = Math.sin(lean);
        return new Coordinate(c.x, c.y * cos - c.getZ() * sin, c.y * sin + c.getZ() * cos);
    }

    private static Length extent(List<Double> values) {
        double least = values.stream().mapToDouble(Double::doubleValue).min().orElseThrow();
        double most = values.stream().mapToDouble(Double::doubleValue).max().orElseThrow();
        return Length.nearestTo(most - least);
    }

    /** A card that stands on a line, or whose weight lies beside its feet, tips over. */
    public boolean stands() {
        return margin.isPositive();
    }
}
