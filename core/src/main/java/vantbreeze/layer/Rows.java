package vantbreeze.layer;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import org.locationtech.jts.algorithm.locate.SimplePointInAreaLocator;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Location;
import org.locationtech.jts.geom.Polygon;

/** A face that slits notch, cut into level rows: makers lay a plain strip on each rather than one paper cut to shape. */
final class Rows {

    private Rows() {}

    /** @return all of them from the bottom up; empty for a rectangle and for anything with slanting edges, curves or openings */
    static List<Envelope> of(Polygon outline) {
        if (outline.isRectangle() || outline.getNumInteriorRing() > 0 || !isUpright(outline)) {
            return List.of();
        }
        double[] xs = distinct(outline, true);
        double[] ys = distinct(outline, false);
        List<Envelope> rows = new ArrayList<>();
        for (int j = 1; j < ys.length; j++) {
            for (Envelope part : across(outline, xs, ys[j - 1], ys[j])) {
                int below = IntStream.range(0, rows.size())
                        .filter(i -> continues(rows.get(i), part))
                        .findFirst()
                        .orElse(-1);
                if (below < 0) {
                    rows.add(part);
                } else {
                    rows.get(below).expandToInclude(part);
                }
            }
        }
        return List.copyOf(rows);
    }

    /** Those that get a strip: a row drawn in on both sides between two wider ones is left bare. Common practice, no source. */
    static List<Envelope> dressed(List<Envelope> rows) {
        return rows.stream().filter(r -> !isWaist(r, rows)).toList();
    }

    /** The largest upright rectangle over the whole height, if there is one as high: what can be written on in one go. */
    static Envelope core(List<Envelope> rows, Envelope whole) {
        double left = rows.stream().mapToDouble(Envelope::getMinX).max().orElseThrow();
        double right = rows.stream().mapToDouble(Envelope::getMaxX).min().orElseThrow();
        return left < right
                ? new Envelope(left, right, whole.getMinY(), whole.getMaxY())
                : rows.stream()
                        .max(java.util.Comparator.comparingDouble(Envelope::getArea))
                        .orElseThrow();
    }

    private static boolean isUpright(Polygon outline) {
        Coordinate[] ring = outline.getExteriorRing().getCoordinates();
        return IntStream.range(1, ring.length).allMatch(i -> ring[i].x == ring[i - 1].x || ring[i].y == ring[i - 1].y);
    }

    private static double[] distinct(Polygon outline, boolean across) {
        return Arrays.stream(outline.getCoordinates())
                .mapToDouble(c -> across ? c.x : c.y)
                .sorted()
                .distinct()
                .toArray();
    }

    private static List<Envelope> across(Polygon outline, double[] xs, double low, double high) {
        List<Envelope> parts = new ArrayList<>();
        for (int i = 1; i < xs.length; i++) {
            Envelope cell = new Envelope(xs[i - 1], xs[i], low, high);
            if (SimplePointInAreaLocator.locate(cell.centre(), outline) == Location.INTERIOR) {
                if (!parts.isEmpty() && parts.get(parts.size() - 1).getMaxX() == cell.getMinX()) {
                    parts.get(parts.size() - 1).expandToInclude(cell);
                } else {
                    parts.add(cell);
                }
            }
        }
        return parts;
    }

    private static boolean continues(Envelope below, Envelope above) {
        return below.getMaxY() == above.getMinY()
                && below.getMinX() == above.getMinX()
                && below.getMaxX() == above.getMaxX();
    }

    private static boolean isWaist(Envelope row, List<Envelope> rows) {
        return rows.stream().anyMatch(r -> r.getMaxY() == row.getMinY() && isWider(r, row))
                && rows.stream().anyMatch(r -> r.getMinY() == row.getMaxY() && isWider(r, row));
    }

    private static boolean isWider(Envelope one, Envelope other) {
        return one.getMinX() < other.getMinX() && one.getMaxX() > other.getMaxX();
    }
}
