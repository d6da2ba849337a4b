package vantbreeze.server.outline;

import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Arc2D;
import java.awt.geom.IllegalPathStateException;
import java.awt.geom.PathIterator;
import java.io.StringReader;
import org.apache.batik.parser.AWTPathProducer;
import org.apache.batik.parser.ParseException;
import org.apache.batik.parser.PathParser;

/**
 * Reads the data of a path. The library's own arcs leave a half circle by half a hundredth of its radius, so arcs are
 * worked out here, as SVG 1.1, appendix F.6.5, says.
 */
final class SvgPath extends AWTPathProducer {

    private SvgPath() {
        setWindingRule(PathIterator.WIND_NON_ZERO);
    }

    /** @throws IllegalArgumentException if it is no path */
    static Shape read(String d) {
        SvgPath path = new SvgPath();
        PathParser parser = new PathParser();
        parser.setPathHandler(path);
        try {
            parser.parse(new StringReader(d));
        } catch (ParseException | IllegalPathStateException e) {
            throw new IllegalArgumentException(
                    "The path (%s) cannot be read; it begins with M and holds numbers."
                            .formatted(d.substring(0, Math.min(60, d.length()))),
                    e);
        }
        return path.getShape();
    }

    @Override
    public void arcRel(float rx, float ry, float degrees, boolean large, boolean sweep, float x, float y) {
        arcAbs(rx, ry, degrees, large, sweep, currentX + x, currentY + y);
    }

    @Override
    public void arcAbs(float rx, float ry, float degrees, boolean large, boolean sweep, float x, float y) {
        if (rx == 0 || ry == 0) {
            linetoAbs(x, y);
            return;
        }
        if (x != currentX || y != currentY) {
            curves(arc(currentX, currentY, Math.abs(rx), Math.abs(ry), degrees, large, sweep, x, y));
        }
        currentX = x;
        currentY = y;
        xCenter = x;
        yCenter = y;
        path.lineTo(x, y);
    }

    private void curves(Shape arc) {
        float[] c = new float[6];
        for (PathIterator i = arc.getPathIterator(null); !i.isDone(); i.next()) {
            if (i.currentSegment(c) == PathIterator.SEG_CUBICTO) {
                path.curveTo(c[0], c[1], c[2], c[3], c[4], c[5]);
            }
        }
    }

    /** From end points to centre and angles; radii that are too small grow until they reach. */
    private static Shape arc(
            double x1,
            double y1,
            double rx,
            double ry,
            double degrees,
            boolean large,
            boolean sweep,
            double x2,
            double y2) {
        double phi = Math.toRadians(degrees);
        double dx = (x1 - x2) / 2;
        double dy = (y1 - y2) / 2;
        double u = (Math.cos(phi) * dx + Math.sin(phi) * dy) / rx;
        double v = (-Math.sin(phi) * dx + Math.cos(phi) * dy) / ry;
        double reach = Math.max(1, Math.hypot(u, v));
        double a = rx * reach;
        double b = ry * reach;
        u /= reach;
        v /= reach;
        double away = Math.sqrt(Math.max(0, 1 / (u * u + v * v) - 1)) * (large == sweep ? -1 : 1);
        double cu = away * v;
        double cv = -away * u;
        double start = Math.atan2(v - cv, u - cu);
        double extent = Math.atan2(-v - cv, -u - cu) - start;
        if (sweep && extent < 0) {
            extent += 2 * Math.PI;
        } else if (!sweep && extent > 0) {
            extent -= 2 * Math.PI;
        }
        Arc2D circle = new Arc2D.Double(-1, -1, 2, 2, -Math.toDegrees(start), -Math.toDegrees(extent), Arc2D.OPEN);
        AffineTransform place = AffineTransform.getTranslateInstance((x1 + x2) / 2, (y1 + y2) / 2);
        place.rotate(phi);
        place.scale(a, b);
        place.translate(cu, cv);
        return place.createTransformedShape(circle);
    }
}
