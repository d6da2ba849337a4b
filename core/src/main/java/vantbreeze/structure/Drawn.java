package vantbreeze.structure;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.locationtech.jts.algorithm.Orientation;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.CoordinateArrays;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.PrecisionModel;
import org.locationtech.jts.geom.util.AffineTransformation;
import org.locationtech.jts.operation.valid.IsValidOp;
import org.locationtech.jts.precision.GeometryPrecisionReducer;

/** Reads an outline that a maker drew: into a box of 1 by 1, onto its sides where it nearly touches them, and even where it nearly is. */
final class Drawn {

    /** Places along a side: a power of two, so that a place and its mirror image are both exact. */
    private static final int PLACES = 1 << 14;

    /** Nobody cuts so near a side without meaning to touch it: half a millimetre on a card of 100. */
    private static final double TOUCHES = 0.005 * PLACES;

    /** Share of its area by which a hand misses the mirror image of what it drew. */
    private static final double MISSED = 0.02;

    private static final GeometryFactory GEOMETRY = new GeometryFactory(new PrecisionModel(1));
    private static final AffineTransformation OVER = new AffineTransformation(-1, 0, PLACES, 0, 1, 0);

    private Drawn() {}

    /** @throws IllegalArgumentException if these are no corners of an outline */
    static Silhouette read(String corners) {
        Polygon drawn = inItsBox(CornerList.parse(corners));
        Optional<Polygon> even = even(drawn);
        return new Silhouette(Silhouette.DRAWN, even.isPresent(), segments(even.orElse(drawn)));
    }

    /** Reads back as the same. */
    static String text(Silhouette drawn) {
        return drawn.segments().stream()
                .map(s -> "%d,%d".formatted(Math.round(s.from().x * PLACES), Math.round(s.from().y * PLACES)))
                .collect(Collectors.joining(" "));
    }

    private static Polygon inItsBox(List<Coordinate> corners) {
        Envelope box = new Envelope();
        corners.forEach(box::expandToInclude);
        if (!(box.getWidth() > 0 && box.getHeight() > 0)) {
            throw new IllegalArgumentException("The outline's corners must not lie on one line.");
        }
        List<Coordinate> ring = new ArrayList<>();
        for (Coordinate c : corners) {
            ring.add(new Coordinate(
                    place((c.x - box.getMinX()) / box.getWidth()), place((c.y - box.getMinY()) / box.getHeight())));
        }
        ring.add(ring.get(0).copy());
        Coordinate[] apart = CoordinateArrays.removeRepeatedPoints(ring.toArray(new Coordinate[0]));
        if (apart.length < 4 || !new IsValidOp(GEOMETRY.createPolygon(apart)).isValid()) {
            throw new IllegalArgumentException("The outline must not cross or touch itself.");
        }
        return Corners.withoutStraight(GEOMETRY.createPolygon(apart));
    }

    private static double place(double share) {
        double place = Math.rint(share * PLACES);
        return place < TOUCHES ? 0 : place > PLACES - TOUCHES ? PLACES : place;
    }

    /** Its left half and the mirror image of that, where the whole is nearly its own mirror image. */
    private static Optional<Polygon> even(Polygon drawn) {
        Geometry turned = OVER.transform(drawn);
        if (drawn.symDifference(turned).getArea() > MISSED * drawn.getArea()) {
            return Optional.empty();
        }
        Geometry left = GeometryPrecisionReducer.reduce(
                drawn.intersection(GEOMETRY.toGeometry(new Envelope(0, PLACES / 2.0, 0, PLACES))),
                GEOMETRY.getPrecisionModel());
        Geometry whole = left.union(OVER.transform(left));
        return whole instanceof Polygon polygon && polygon.getNumInteriorRing() == 0
                ? Optional.of(Corners.withoutStraight(polygon))
                : Optional.empty();
    }

    /** Anticlockwise from the lowest corner, of those the one at the left, so that what is read back begins alike. */
    private static List<Silhouette.Segment> segments(Polygon outline) {
        Coordinate[] all = outline.getExteriorRing().getCoordinates();
        if (!Orientation.isCCW(all)) {
            CoordinateArrays.reverse(all);
        }
        List<Coordinate> ring = Arrays.asList(all).subList(0, all.length - 1);
        Coordinate lowest = ring.stream()
                .min(Comparator.<Coordinate>comparingDouble(c -> c.y).thenComparingDouble(c -> c.x))
                .orElseThrow();
        int first = ring.indexOf(lowest);
        List<Silhouette.Segment> segments = new ArrayList<>();
        for (int i = 0; i < ring.size(); i++) {
            segments.add(new Silhouette.Segment(
                    share(ring.get((first + i) % ring.size())),
                    List.of(),
                    share(ring.get((first + i + 1) % ring.size()))));
        }
        return List.copyOf(segments);
    }

    private static Coordinate share(Coordinate place) {
        return new Coordinate(place.x / PLACES, place.y / PLACES);
    }
}
