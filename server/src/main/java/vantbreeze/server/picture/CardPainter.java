package vantbreeze.server.picture;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.material.Paper;
import vantbreeze.material.Print;
import vantbreeze.measure.Length;
import vantbreeze.plan.Look;
import vantbreeze.structure.Regions;

/** Paints what is seen of a card: papers in their colours with what is printed on them, a soft shadow below. */
final class CardPainter {

    private static final double MM = 1.0 / Length.COUNTS_PER_MILLIMETRE;
    private static final Color EDGE = new Color(0x26, 0x21, 0x1a, 170);

    /** Repeats of a print, in mm. */
    private static final double REPEAT = 11;

    private static final int SHADOWS = 6;
    private static final double SHADOW_MM = 0.5;

    private final Graphics2D out;

    CardPainter(Graphics2D out) {
        this.out = out;
        out.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        out.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        out.setRenderingHint(RenderingHints.KEY_TEXT_ANTIALIASING, RenderingHints.VALUE_TEXT_ANTIALIAS_ON);
    }

    /**
     * @param left of the picture's lower left corner, in dots
     * @param scale dots for each mm
     */
    void paint(Look look, double left, double bottom, double scale) {
        AffineTransform toDots = new AffineTransform(scale, 0, 0, -scale, left, bottom);
        shadow(look, toDots, scale);
        for (Look.Region region : look.regions()) {
            Shape shape = toDots.createTransformedShape(shape(region.outline()));
            Paper paper = region.paper();
            out.setColor(Color.decode(paper.colour()));
            out.fill(shape);
            if (paper.print() != Print.PLAIN) {
                print(paper, region, toDots, shape);
            }
            out.setColor(EDGE);
            out.setStroke(new BasicStroke((float) Math.max(0.6, 0.25 * scale)));
            out.draw(shape);
        }
    }

    private void shadow(Look look, AffineTransform toDots, double scale) {
        AffineTransform below = AffineTransform.getTranslateInstance(0, SHADOW_MM * 2 * scale);
        below.concatenate(toDots);
        Geometry footprint = Regions.union(look.regions().stream()
                .filter(r -> r.layer() == 0)
                .map(Look.Region::outline)
                .toList());
        out.setColor(new Color(0, 0, 0, 10));
        for (int i = SHADOWS; i > 0; i--) {
            out.setStroke(new BasicStroke((float) (2 * i * SHADOW_MM * scale)));
            for (int k = 0; k < footprint.getNumGeometries(); k++) {
                if (footprint.getGeometryN(k) instanceof Polygon polygon) {
                    out.draw(below.createTransformedShape(shape(polygon)));
                }
            }
        }
    }

    private static Shape shape(Polygon polygon) {
        Path2D path = new Path2D.Double(Path2D.WIND_EVEN_ODD);
        ring(path, polygon.getExteriorRing());
        for (int i = 0; i < polygon.getNumInteriorRing(); i++) {
            ring(path, polygon.getInteriorRingN(i));
        }
        return path;
    }

    private static void ring(Path2D path, LinearRing ring) {
        Coordinate[] corners = ring.getCoordinates();
        path.moveTo(corners[0].x * MM, corners[0].y * MM);
        for (int i = 1; i < corners.length - 1; i++) {
            path.lineTo(corners[i].x * MM, corners[i].y * MM);
        }
        path.closePath();
    }

    /** Dots where it lies any way, little firs where it has an up. */
    private void print(Paper paper, Look.Region region, AffineTransform toDots, Shape clip) {
        Shape before = out.getClip();
        out.clip(clip);
        out.setColor(ink(Color.decode(paper.colour())));
        Rectangle2D box = shape(region.outline()).getBounds2D();
        double reach = Math.hypot(box.getWidth(), box.getHeight());
        AffineTransform turned = new AffineTransform(toDots);
        turned.rotate(Math.toRadians(region.up()), box.getCenterX(), box.getCenterY());
        for (double x = box.getCenterX() - reach; x < box.getCenterX() + reach; x += REPEAT) {
            for (double y = box.getCenterY() - reach; y < box.getCenterY() + reach; y += REPEAT) {
                mark(paper.print(), turned, x + 2.8, y + 5.6);
                mark(paper.print(), turned, x + 8.3, y);
            }
        }
        out.setClip(before);
    }

    private void mark(Print print, AffineTransform toDots, double x, double y) {
        if (print == Print.SCATTERED) {
            out.fill(toDots.createTransformedShape(new Ellipse2D.Double(x - 0.8, y - 0.8, 1.6, 1.6)));
            return;
        }
        Path2D fir = new Path2D.Double();
        fir.moveTo(x, y + 5);
        fir.lineTo(x + 1.5, y + 1.5);
        fir.lineTo(x - 1.5, y + 1.5);
        fir.closePath();
        out.fill(toDots.createTransformedShape(fir));
        out.fill(toDots.createTransformedShape(new Rectangle2D.Double(x - 0.28, y + 0.4, 0.56, 1.2)));
    }

    /** Darker on light paper, lighter on dark; Rec. 709 weights. */
    private static Color ink(Color paper) {
        double light = (0.2126 * paper.getRed() + 0.7152 * paper.getGreen() + 0.0722 * paper.getBlue()) / 255;
        return light > 0.5
                ? new Color(shade(paper.getRed()), shade(paper.getGreen()), shade(paper.getBlue()))
                : new Color(tint(paper.getRed()), tint(paper.getGreen()), tint(paper.getBlue()));
    }

    private static int shade(int channel) {
        return (int) Math.round(channel * 0.62);
    }

    private static int tint(int channel) {
        return (int) Math.round(channel + (255 - channel) * 0.45);
    }
}
