package vantbreeze.server.export;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.LineSegment;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.operation.Sketch;

/** Draws what lies on the table at one task, as large as a box on the page allows. */
final class SketchDrawing {

    private static final double TYPE_MM = 3.2;

    /** Around the drawing, for numbers. */
    private static final double ROOM_MM = 9;

    private static final double HATCH_MM = 1.6;
    private static final double LEVEL_UP_MM = 1.05 * TYPE_MM;

    private final PdfPage page;
    private final Envelope box = new Envelope();
    private final double scale;
    private final double left;
    private final double bottom;

    /** @param width of the box whose lower left corner is at (x, y), in mm */
    SketchDrawing(PdfPage page, Sketch sketch, double x, double y, double width, double height) {
        this.page = page;
        sketch.areas().forEach(a -> box.expandToInclude(a.outline().getEnvelopeInternal()));
        scale = Math.min((width - 2 * ROOM_MM) / box.getWidth(), (height - 2 * ROOM_MM) / box.getHeight());
        left = x + (width - scale * box.getWidth()) / 2;
        bottom = y + (height - scale * box.getHeight()) / 2;
    }

    void draw(Sketch sketch) {
        sketch.areas().forEach(this::area);
        List<double[]> taken = new ArrayList<>();
        sketch.strokes().forEach(s -> stroke(s, taken));
    }

    private double[] at(Coordinate c) {
        return new double[] {left + scale * (c.x - box.getMinX()), bottom + scale * (c.y - box.getMinY())};
    }

    private void area(Sketch.Area area) {
        switch (area.surface()) {
            case NOW, LAID -> page.stroke(0.5, 0);
            case GONE -> page.stroke(0.35, 0, 1.6, 1);
            case GLUE -> page.stroke(0.3, 0);
            case FACE, BACK, MAT -> page.stroke(0.25, 0.25);
        }
        page.region(area.outline(), this::at);
        if (area.surface() == Sketch.Surface.GLUE) {
            hatch(area.outline());
        } else if (!area.label().isEmpty()) {
            Envelope own = area.outline().getEnvelopeInternal();
            double room = scale * own.getWidth() - 1;
            if (page.width(area.label(), TYPE_MM, true) <= room && scale * own.getHeight() > 1.5 * TYPE_MM) {
                double[] middle = at(own.centre());
                page.centred(middle[0], middle[1] - 0.35 * TYPE_MM, TYPE_MM, true, area.label());
            }
        }
    }

    private static final double HEAD_MM = 2;

    private void hatch(Polygon area) {
        Envelope own = area.getEnvelopeInternal();
        double step = HATCH_MM / scale;
        page.stroke(0.2, 0.3);
        for (double d = own.getMinX() - own.getHeight(); d < own.getMaxX(); d += step) {
            Geometry inside = new LineSegment(d, own.getMinY(), d + own.getHeight(), own.getMaxY())
                    .toGeometry(area.getFactory())
                    .intersection(area);
            for (int i = 0; i < inside.getNumGeometries(); i++) {
                Coordinate[] ends = inside.getGeometryN(i).getCoordinates();
                if (ends.length > 1) {
                    line(ends[0], ends[ends.length - 1]);
                }
            }
        }
    }

    private void line(Coordinate from, Coordinate to) {
        double[] a = at(from);
        double[] b = at(to);
        page.line(a[0], a[1], b[0], b[1]);
    }

    /** @param taken boxes of numbers, each as left and right end: where two would touch, the next goes a line higher */
    private void stroke(Sketch.Stroke stroke, List<double[]> taken) {
        switch (stroke.line()) {
            case OTHER -> page.stroke(0.15, 0.5, 1, 1);
            case SCORE -> page.stroke(0.7, 0);
            case SLIT -> page.stroke(0.9, 0);
            case VALLEY -> page.stroke(0.4, 0, 2.4, 1.4);
            case MOUNTAIN -> page.stroke(0.4, 0, 3.2, 1.1, 0.4, 1.1);
            case PENCIL -> page.stroke(0.3, 0);
            case RULER -> page.stroke(1.6, 0.75);
            case FENCE -> page.stroke(1.2, 0.3);
            case WAY -> page.stroke(0.6, 0);
            case TOP -> page.stroke(0.4, 0.2);
            case SIZE -> page.stroke(0, 1);
        }
        if (stroke.line() != Sketch.Line.SIZE) {
            page.along(stroke.way(), this::at, false);
        }
        if (stroke.line() == Sketch.Line.WAY || stroke.line() == Sketch.Line.TOP) {
            head(at(stroke.from()), at(stroke.firstEnd()));
        }
        if (!stroke.label().isEmpty()) {
            label(stroke, taken);
        }
    }

    /** Of an arrow. */
    private void head(double[] from, double[] to) {
        double length = Math.hypot(to[0] - from[0], to[1] - from[1]);
        double back = Math.min(HEAD_MM, length / 2) / length;
        double x = (to[0] - from[0]) * back;
        double y = (to[1] - from[1]) * back;
        page.line(to[0], to[1], to[0] - x - y / 2, to[1] - y + x / 2);
        page.line(to[0], to[1], to[0] - x + y / 2, to[1] - y - x / 2);
    }

    private void label(Sketch.Stroke stroke, List<double[]> taken) {
        double[] a = at(stroke.from());
        double[] b = at(stroke.firstEnd());
        boolean upright = Math.abs(b[0] - a[0]) < Math.abs(b[1] - a[1]);
        if (stroke.line() == Sketch.Line.SIZE) {
            if (upright) {
                page.turned(90, a[0] - 1.5, (a[1] + b[1]) / 2, () -> page.centred(0, 0, TYPE_MM, true, stroke.label()));
            } else {
                page.centred((a[0] + b[0]) / 2, a[1] - 1.3 * TYPE_MM, TYPE_MM, true, stroke.label());
            }
            return;
        }
        if (stroke.line() == Sketch.Line.RULER) {
            double length = Math.hypot(b[0] - a[0], b[1] - a[1]);
            double beside = 0.95 * TYPE_MM / length;
            page.centred(
                    (a[0] + b[0]) / 2 + (b[1] - a[1]) * beside,
                    (a[1] + b[1]) / 2 - (b[0] - a[0]) * beside - 0.35 * TYPE_MM,
                    TYPE_MM,
                    true,
                    stroke.label());
            return;
        }
        double width = page.width(stroke.label(), TYPE_MM, true);
        if (!upright) {
            page.text(Math.max(a[0], b[0]) - width, Math.max(a[1], b[1]) + 0.8, TYPE_MM, true, stroke.label());
            return;
        }
        double from = a[0] - width / 2;
        int row = 0;
        while (row < taken.size() && taken.get(row)[0] > from - 1) {
            row++;
        }
        if (row == taken.size()) {
            taken.add(new double[1]);
        }
        taken.get(row)[0] = from + width;
        page.centred(a[0], Math.max(a[1], b[1]) + 1.2 + row * LEVEL_UP_MM, TYPE_MM, true, stroke.label());
    }
}
