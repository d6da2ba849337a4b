package vantbreeze.fold;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import org.locationtech.jts.algorithm.locate.SimplePointInAreaLocator;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.LineSegment;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Location;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.structure.Effort;
import vantbreeze.structure.Subdivision;

/**
 * Polygons lying on each other, cut into cells that are covered by the same polygons throughout.
 *
 * @param cells every region covered by at least one polygon
 * @param edges every stretch of a boundary between two cells, or between a cell and the outside
 */
record Overlay(List<Cell> cells, List<Edge> edges) {

    /** Reflecting oblique lines rounds by about 1e-9 counts; a thousandth joins what is meant to coincide. */
    static final double SNAP_COUNTS = 1e-3;

    /** How far beside an edge a cell is looked for, in snaps: more than one, far less than any paper. */
    private static final double ASIDE = 10;

    private static final BitSet OUTSIDE = new BitSet();

    /** @param covers the indices of the polygons that lie over the whole cell */
    record Cell(Polygon outline, BitSet covers) {}

    /** @param left the indices of the polygons just left of it, seen along the line */
    record Edge(LineSegment line, BitSet left, BitSet right) {}

    static Overlay of(List<Polygon> polygons) {
        return of(polygons, SNAP_COUNTS);
    }

    /** @param snap in counts: corners and edges that near each other are meant to coincide */
    static Overlay of(List<Polygon> polygons, double snap) {
        List<Subdivision.Line<Polygon>> boundaries = new ArrayList<>();
        for (Polygon polygon : polygons) {
            addRing(boundaries, polygon, polygon.getExteriorRing());
            for (int i = 0; i < polygon.getNumInteriorRing(); i++) {
                addRing(boundaries, polygon, polygon.getInteriorRingN(i));
            }
        }
        Subdivision<Polygon> plane = Subdivision.of(boundaries, snap, ASIDE * snap);
        List<Boolean> rectangles = polygons.stream().map(Polygon::isRectangle).toList();
        List<Cell> all = plane.faces().stream()
                .map(face -> new Cell(face.outline(), covers(polygons, rectangles, face.beside())))
                .toList();
        List<Edge> edges = plane.edges().stream()
                .map(e -> new Edge(e.stretch().segment(), covers(all, e.left()), covers(all, e.right())))
                .toList();
        return new Overlay(all.stream().filter(c -> !c.covers().isEmpty()).toList(), edges);
    }

    private static void addRing(List<Subdivision.Line<Polygon>> lines, Polygon polygon, LinearRing ring) {
        Coordinate[] corners = ring.getCoordinates();
        for (int i = 1; i < corners.length; i++) {
            lines.add(new Subdivision.Line<>(corners[i - 1], corners[i], polygon));
        }
    }

    private static BitSet covers(List<Cell> cells, int face) {
        return face < 0 ? OUTSIDE : cells.get(face).covers();
    }

    private static BitSet covers(List<Polygon> polygons, List<Boolean> rectangles, Coordinate at) {
        BitSet covers = new BitSet();
        Effort.spend(polygons.size());
        for (int i = 0; i < polygons.size(); i++) {
            Polygon polygon = polygons.get(i);
            if (polygon.getEnvelopeInternal().contains(at)
                    && (rectangles.get(i) || SimplePointInAreaLocator.locate(at, polygon) == Location.INTERIOR)) {
                covers.set(i);
            }
        }
        return covers;
    }
}
