package vantbreeze.server.cutter;

import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Line2D;
import java.awt.geom.Path2D;
import java.awt.geom.PathIterator;
import java.awt.geom.Rectangle2D;
import java.awt.geom.RoundRectangle2D;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import org.locationtech.jts.geom.Coordinate;
import org.w3c.dom.Element;
import vantbreeze.cutter.Stroke;
import vantbreeze.server.outline.SvgDrawing;
import vantbreeze.server.outline.SvgLength;
import vantbreeze.server.outline.SvgViewport;

/**
 * A cut file: an SVG whose groups say by their ids what is done along their lines; lines of no such group are cut. Its units
 * are those of its width and height, 96 to the inch where it says none (CSS).
 *
 * @param width in mm
 * @param height in mm
 * @param leftOut what in it is no line that could be followed, in words
 */
record CutFile(double width, double height, List<Stroke> strokes, List<String> leftOut) {

    static final int LONGEST = 1024 * 1024;

    private static final double FLAT_MM = 0.02;
    private static final int MOST_STROKES = 5_000;
    private static final int MOST_POINTS = 100_000;

    private static final Map<String, Stroke.Kind> GROUPS = Map.of(
            "cut", Stroke.Kind.CUT,
            "slit", Stroke.Kind.SLIT,
            "score", Stroke.Kind.SCORE,
            "score-mountain", Stroke.Kind.SCORE,
            "score-valley", Stroke.Kind.SCORE,
            "draw", Stroke.Kind.DRAW);

    /** What may be seen in a drawing and is no line: as it is called where it is listed. */
    private static final Map<String, String> UNREAD = Map.of(
            "text", "text (turn it into paths)",
            "image", "images",
            "foreignobject", "what is no drawing",
            "use", "uses of what is not in the file");

    /** @throws IllegalArgumentException if it is no such file; the message says what to change */
    static CutFile read(String svg) {
        List<Drawn> drawn = new ArrayList<>();
        Map<String, Integer> unread = new TreeMap<>();
        Element root = SvgDrawing.walk(svg, LONGEST, (element, place) -> {
            Shape shape = shape(element, place);
            String name = element.getLocalName().toLowerCase(Locale.ROOT);
            if (shape != null) {
                drawn.add(new Drawn(kind(place.groups(), element), place.here().createTransformedShape(shape)));
            } else if (UNREAD.containsKey(name)) {
                unread.merge(UNREAD.get(name), 1, Integer::sum);
            }
        });
        if (!root.getLocalName().equals("svg")) {
            throw new IllegalArgumentException("The file is no SVG drawing.");
        }
        SvgViewport view = SvgViewport.of(root, 0, 0);
        AffineTransform toMm = AffineTransform.getScaleInstance(SvgLength.MM, SvgLength.MM);
        toMm.concatenate(view.within());
        List<Stroke> strokes = new ArrayList<>();
        int points = 0;
        for (Drawn d : drawn) {
            points += add(strokes, d.kind(), toMm.createTransformedShape(d.shape()));
            if (strokes.size() > MOST_STROKES || points > MOST_POINTS) {
                throw new IllegalArgumentException("The drawing has more than %,d lines or %,d points; simplify it."
                        .formatted(MOST_STROKES, MOST_POINTS));
            }
        }
        return new CutFile(
                view.width() * SvgLength.MM,
                view.height() * SvgLength.MM,
                List.copyOf(strokes),
                unread.entrySet().stream()
                        .map(e -> "%s: %d".formatted(e.getKey(), e.getValue()))
                        .toList());
    }

    private record Drawn(Stroke.Kind kind, Shape shape) {}

    /** The innermost group that says something decides. */
    private static Stroke.Kind kind(List<String> groups, Element element) {
        List<String> ids = new ArrayList<>(groups);
        ids.add(element.getAttribute("id"));
        for (int i = ids.size() - 1; i >= 0; i--) {
            Stroke.Kind kind = GROUPS.get(ids.get(i).toLowerCase(Locale.ROOT));
            if (kind != null) {
                return kind;
            }
        }
        return Stroke.Kind.CUT;
    }

    /** @return nothing for what is not drawn with a line of its own */
    private static Shape shape(Element e, SvgDrawing.Place place) {
        double w = place.width();
        double h = place.height();
        /* What a percentage of neither width nor height is of (SVG 1.1, 7.10). */
        double across = Math.hypot(w, h) / Math.sqrt(2);
        return switch (e.getLocalName().toLowerCase(Locale.ROOT)) {
            case "path" -> SvgDrawing.path(e.getAttribute("d"));
            case "line" ->
                new Line2D.Double(
                        SvgLength.of(e, "x1", w, 0),
                        SvgLength.of(e, "y1", h, 0),
                        SvgLength.of(e, "x2", w, 0),
                        SvgLength.of(e, "y2", h, 0));
            case "rect" -> rectangle(e, w, h);
            case "circle" -> {
                double r = SvgLength.of(e, "r", across, 0);
                yield ellipse(SvgLength.of(e, "cx", w, 0), SvgLength.of(e, "cy", h, 0), r, r);
            }
            case "ellipse" -> {
                double rx = SvgLength.of(e, "rx", w, Double.NaN);
                double ry = SvgLength.of(e, "ry", h, Double.NaN);
                yield ellipse(
                        SvgLength.of(e, "cx", w, 0),
                        SvgLength.of(e, "cy", h, 0),
                        Double.isNaN(rx) ? Double.isNaN(ry) ? 0 : ry : rx,
                        Double.isNaN(ry) ? Double.isNaN(rx) ? 0 : rx : ry);
            }
            case "polyline" -> corners(e.getAttribute("points"), false);
            case "polygon" -> corners(e.getAttribute("points"), true);
            default -> null;
        };
    }

    /** One radius that is not given is as the other, and none is more than half a side (SVG 1.1, 9.2). */
    private static Shape rectangle(Element e, double w, double h) {
        double x = SvgLength.of(e, "x", w, 0);
        double y = SvgLength.of(e, "y", h, 0);
        double width = SvgLength.of(e, "width", w, 0);
        double height = SvgLength.of(e, "height", h, 0);
        double rx = SvgLength.of(e, "rx", w, SvgLength.of(e, "ry", h, 0));
        double ry = SvgLength.of(e, "ry", h, rx);
        if (!(width > 0 && height > 0)) {
            return null;
        }
        return rx > 0 && ry > 0
                ? new RoundRectangle2D.Double(x, y, width, height, Math.min(2 * rx, width), Math.min(2 * ry, height))
                : new Rectangle2D.Double(x, y, width, height);
    }

    private static Shape ellipse(double x, double y, double rx, double ry) {
        return rx > 0 && ry > 0 ? new Ellipse2D.Double(x - rx, y - ry, 2 * rx, 2 * ry) : null;
    }

    private static Shape corners(String points, boolean closed) {
        String[] numbers = points.strip().split("[\\s,]+");
        Path2D path = new Path2D.Double();
        try {
            for (int i = 0; i + 1 < numbers.length; i += 2) {
                double x = Double.parseDouble(numbers[i]);
                double y = Double.parseDouble(numbers[i + 1]);
                if (i == 0) {
                    path.moveTo(x, y);
                } else {
                    path.lineTo(x, y);
                }
            }
        } catch (NumberFormatException e) {
            throw new IllegalArgumentException("The points of a polygon must be numbers.", e);
        }
        if (closed && numbers.length > 3) {
            path.closePath();
        }
        return path;
    }

    /** @return how many points were added */
    private static int add(List<Stroke> strokes, Stroke.Kind kind, Shape shape) {
        List<Coordinate> points = new ArrayList<>();
        double[] c = new double[6];
        int count = 0;
        for (PathIterator i = shape.getPathIterator(null, FLAT_MM); !i.isDone(); i.next()) {
            int segment = i.currentSegment(c);
            if (segment == PathIterator.SEG_MOVETO) {
                keep(strokes, kind, points);
                points = new ArrayList<>(List.of(new Coordinate(c[0], c[1])));
            } else if (segment == PathIterator.SEG_CLOSE) {
                if (points.size() > 1) {
                    points.add(points.get(0).copy());
                }
                Coordinate first = points.isEmpty() ? null : points.get(0);
                keep(strokes, kind, points);
                points = new ArrayList<>();
                if (first != null) {
                    points.add(first.copy());
                }
            } else {
                points.add(new Coordinate(c[0], c[1]));
            }
            if (++count > MOST_POINTS) {
                throw new IllegalArgumentException(
                        "The drawing has more than %,d points; simplify it.".formatted(MOST_POINTS));
            }
        }
        keep(strokes, kind, points);
        return count;
    }

    /** Points that lie on each other are one. */
    private static void keep(List<Stroke> strokes, Stroke.Kind kind, List<Coordinate> points) {
        List<Coordinate> kept = new ArrayList<>();
        for (Coordinate point : points) {
            if (!Double.isFinite(point.x) || !Double.isFinite(point.y)) {
                throw new IllegalArgumentException("The drawing has places that are no numbers.");
            }
            if (kept.isEmpty() || !kept.get(kept.size() - 1).equals2D(point)) {
                kept.add(point);
            }
        }
        if (kept.size() > 1) {
            strokes.add(new Stroke(kind, kept));
        }
    }
}
