package vantbreeze.server.outline;

import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.PathIterator;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import org.locationtech.jts.algorithm.LineIntersector;
import org.locationtech.jts.algorithm.RobustLineIntersector;
import org.locationtech.jts.awt.ShapeReader;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.noding.MCIndexNoder;
import org.locationtech.jts.noding.NodedSegmentString;
import org.locationtech.jts.noding.SegmentIntersector;
import org.locationtech.jts.noding.SegmentString;
import org.locationtech.jts.operation.union.UnaryUnionOp;
import org.locationtech.jts.simplify.TopologyPreservingSimplifier;

/**
 * The outer line of a drawing, W3C Scalable Vector Graphics 1.1: all its paths together, the largest shape of them.
 *
 * @param corners "x,y x,y ...", y up, {@link #WIDTH} wide
 * @param leftOut how many smaller shapes and holes were left out
 */
record SvgOutline(String corners, int leftOut) {

    static final int LONGEST = 256 * 1024;

    /** Whole numbers are fine enough: on the largest ornament one of them is 0.03 mm. */
    private static final double WIDTH = 10_000;

    private static final int MOST_CORNERS = 400;

    /** Curves first come out as straight as the eye sees them; drawings with many are taken coarser step by step. */
    private static final double FINEST = 2;

    /** A fiftieth of the width: what is simplified further is another shape. */
    private static final double COARSEST = 200;

    private static final int MOST_SEGMENTS = 10_000;
    private static final int MOST_CROSSINGS = 2_000;

    private static final GeometryFactory GEOMETRY = new GeometryFactory();

    /** @throws IllegalArgumentException if there is no outline in it; the message says what to change */
    static SvgOutline of(String svg) {
        List<Polygon> rings = new ArrayList<>();
        SvgDrawing.walk(svg, LONGEST, (element, place) -> {
            if (element.getLocalName().equalsIgnoreCase("path")) {
                addRings(SvgPath.read(element.getAttribute("d")), place.here(), rings);
            }
        });
        requireUntangled(rings);
        List<Geometry> shapes = rings.stream().map(ring -> ring.buffer(0)).toList();
        Geometry union = shapes.isEmpty() ? GEOMETRY.createPolygon() : UnaryUnionOp.union(shapes);
        Polygon largest = null;
        int parts = 0;
        for (int i = 0; i < union.getNumGeometries(); i++) {
            if (union.getGeometryN(i) instanceof Polygon polygon && polygon.getArea() > 0) {
                parts += 1 + polygon.getNumInteriorRing();
                largest = largest == null || polygon.getArea() > largest.getArea() ? polygon : largest;
            }
        }
        if (largest == null) {
            throw new IllegalArgumentException(
                    "The drawing must have a closed path; turn shapes and text into paths first.");
        }
        return new SvgOutline(corners(largest), parts - 1);
    }

    /** Each line closed; curves as fine as 1/5000 of the drawing. */
    private static void addRings(Shape shape, AffineTransform transform, List<Polygon> rings) {
        Shape drawn = transform.createTransformedShape(shape);
        double size =
                Math.max(drawn.getBounds2D().getWidth(), drawn.getBounds2D().getHeight());
        if (!(size > 0) || !Double.isFinite(size)) {
            return;
        }
        double fine = FINEST / WIDTH * size;
        requireFew(drawn.getPathIterator(null, fine), rings);
        for (Object line : ShapeReader.toCoordinates(drawn.getPathIterator(null, fine))) {
            List<Coordinate> ring = new ArrayList<>(Arrays.asList((Coordinate[]) line));
            if (!ring.isEmpty() && !ring.get(0).equals2D(ring.get(ring.size() - 1))) {
                ring.add(ring.get(0).copy());
            }
            if (ring.size() > 3) {
                rings.add(GEOMETRY.createPolygon(ring.toArray(new Coordinate[0])));
            }
        }
    }

    /** Counted before they are kept. */
    private static void requireFew(PathIterator flat, List<Polygon> before) {
        int count = before.stream().mapToInt(Polygon::getNumPoints).sum();
        for (; !flat.isDone(); flat.next()) {
            count++;
            if (count > MOST_SEGMENTS) {
                throw new IllegalArgumentException(
                        "The drawing has more than %,d corners; simplify its paths.".formatted(MOST_SEGMENTS));
            }
        }
    }

    /** A scribble that crosses itself everywhere has no outline that anybody would cut. */
    private static void requireUntangled(List<Polygon> rings) {
        MCIndexNoder noder = new MCIndexNoder(new Crossings());
        noder.computeNodes(rings.stream()
                .map(ring -> new NodedSegmentString(ring.getCoordinates(), null))
                .toList());
    }

    /** Counts where lines cross, and stops at too many. */
    private static final class Crossings implements SegmentIntersector {

        private final LineIntersector lines = new RobustLineIntersector();
        private int count;

        @Override
        public void processIntersections(SegmentString a, int i, SegmentString b, int j) {
            if (a == b && i == j) {
                return;
            }
            lines.computeIntersection(
                    a.getCoordinate(i), a.getCoordinate(i + 1), b.getCoordinate(j), b.getCoordinate(j + 1));
            if (lines.isProper() && ++count > MOST_CROSSINGS) {
                throw new IllegalArgumentException(
                        "The drawing's lines cross more than %,d times; draw the outline alone."
                                .formatted(MOST_CROSSINGS));
            }
        }

        @Override
        public boolean isDone() {
            return false;
        }
    }

    private static String corners(Polygon outer) {
        Envelope box = outer.getEnvelopeInternal();
        double scale = WIDTH / box.getWidth();
        Coordinate[] upright = Arrays.stream(outer.getExteriorRing().getCoordinates())
                .map(c -> new Coordinate((c.x - box.getMinX()) * scale, (box.getMaxY() - c.y) * scale))
                .toArray(Coordinate[]::new);
        Polygon turned = GEOMETRY.createPolygon(upright);
        double coarse = FINEST;
        Geometry simple = TopologyPreservingSimplifier.simplify(turned, coarse);
        while (simple.getNumPoints() > MOST_CORNERS + 1) {
            coarse *= 2;
            if (coarse > COARSEST) {
                throw new IllegalArgumentException(
                        "The outline has %,d corners and does not get simpler; draw one of at most %d."
                                .formatted(outer.getNumPoints() - 1, MOST_CORNERS));
            }
            simple = TopologyPreservingSimplifier.simplify(turned, coarse);
        }
        Coordinate[] ring = simple.getCoordinates();
        return Arrays.stream(ring, 0, ring.length - 1)
                .map(c -> "%d,%d".formatted(Math.round(c.x), Math.round(c.y)))
                .collect(Collectors.joining(" "));
    }
}
