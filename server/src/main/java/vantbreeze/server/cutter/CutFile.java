package vantbreeze.server.cutter;

import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Line2D;
import java.awt.geom.Path2D;
import java.awt.geom.PathIterator;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.locationtech.jts.geom.Coordinate;
import org.w3c.dom.Element;
import vantbreeze.cutter.Stroke;
import vantbreeze.server.outline.SvgDrawing;

/**
 * A cut file: an SVG whose groups say by their ids what is done along their lines; lines of no such group are cut. Its units
 * are those of its width and height, 96 to the inch where it says none (CSS).
 *
 * @param width in mm
 * @param height in mm
 */
record CutFile(double width, double height, List<Stroke> strokes) {

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

    private static final Pattern LENGTH = Pattern.compile("\\s*([0-9.eE+-]{1,20})\\s*(mm|cm|in|pt|pc|px|)\\s*");
    private static final Map<String, Double> MM =
            Map.of("mm", 1.0, "cm", 10.0, "in", 25.4, "pt", 25.4 / 72, "pc", 25.4 / 6, "px", 25.4 / 96, "", 25.4 / 96);

    /** @throws IllegalArgumentException if it is no such file; the message says what to change */
    static CutFile read(String svg) {
        List<Drawn> drawn = new ArrayList<>();
        Element root = SvgDrawing.walk(svg, LONGEST, (element, here, groups) -> {
            Shape shape = shape(element);
            if (shape != null) {
                drawn.add(new Drawn(kind(groups, element), here.createTransformedShape(shape)));
            }
        });
        if (!root.getLocalName().equals("svg")) {
            throw new IllegalArgumentException("The file is no SVG drawing.");
        }
        Frame frame = Frame.of(root);
        List<Stroke> strokes = new ArrayList<>();
        int points = 0;
        for (Drawn d : drawn) {
            points += add(strokes, d.kind(), frame.toMm().createTransformedShape(d.shape()));
            if (strokes.size() > MOST_STROKES || points > MOST_POINTS) {
                throw new IllegalArgumentException("The drawing has more than %,d lines or %,d points; simplify it."
                        .formatted(MOST_STROKES, MOST_POINTS));
            }
        }
        return new CutFile(frame.width(), frame.height(), List.copyOf(strokes));
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
    private static Shape shape(Element e) {
        return switch (e.getLocalName().toLowerCase(Locale.ROOT)) {
            case "path" -> SvgDrawing.path(e.getAttribute("d"));
            case "line" -> new Line2D.Double(number(e, "x1"), number(e, "y1"), number(e, "x2"), number(e, "y2"));
            case "rect" ->
                new Rectangle2D.Double(number(e, "x"), number(e, "y"), number(e, "width"), number(e, "height"));
            case "circle" -> ellipse(number(e, "cx"), number(e, "cy"), number(e, "r"), number(e, "r"));
            case "ellipse" -> ellipse(number(e, "cx"), number(e, "cy"), number(e, "rx"), number(e, "ry"));
            case "polyline" -> corners(e.getAttribute("points"), false);
            case "polygon" -> corners(e.getAttribute("points"), true);
            default -> null;
        };
    }

    private static Shape ellipse(double x, double y, double rx, double ry) {
        return new Ellipse2D.Double(x - rx, y - ry, 2 * rx, 2 * ry);
    }

    private static double number(Element e, String attribute) {
        String text = e.getAttribute(attribute);
        if (text.isBlank()) {
            return 0;
        }
        try {
            double value = Double.parseDouble(text.strip().replaceAll("(mm|px)$", ""));
            if (Double.isFinite(value)) {
                return value;
            }
        } catch (NumberFormatException notANumber) {
            // refused below
        }
        throw new IllegalArgumentException("The %s (%s) of a %s must be a number."
                .formatted(attribute, text.substring(0, Math.min(40, text.length())), e.getLocalName()));
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

    /**
     * How the drawing's numbers become mm on the bed.
     *
     * @param width of the drawing in mm
     */
    private record Frame(double width, double height, AffineTransform toMm) {

        static Frame of(Element svg) {
            String[] box = svg.getAttribute("viewBox").strip().split("[\\s,]+");
            double[] view = new double[4];
            boolean hasBox = box.length == 4;
            try {
                for (int i = 0; hasBox && i < 4; i++) {
                    view[i] = Double.parseDouble(box[i]);
                }
            } catch (NumberFormatException e) {
                throw new IllegalArgumentException("The viewBox must be four numbers.", e);
            }
            hasBox &= view[2] > 0 && view[3] > 0;
            double width = millimetres(svg, "width", hasBox ? view[2] * MM.get("") : 0);
            double height = millimetres(svg, "height", hasBox ? view[3] * MM.get("") : 0);
            AffineTransform toMm = hasBox && width > 0 && height > 0
                    ? AffineTransform.getScaleInstance(width / view[2], height / view[3])
                    : AffineTransform.getScaleInstance(MM.get(""), MM.get(""));
            if (hasBox) {
                toMm.translate(-view[0], -view[1]);
            }
            return new Frame(width, height, toMm);
        }

        private static double millimetres(Element svg, String attribute, double otherwise) {
            String text = svg.getAttribute(attribute);
            Matcher m = LENGTH.matcher(text);
            if (text.isBlank() || text.endsWith("%")) {
                return otherwise;
            }
            if (!m.matches()) {
                throw new IllegalArgumentException("The %s (%s) must be a length, such as 200mm."
                        .formatted(attribute, text.substring(0, Math.min(40, text.length()))));
            }
            try {
                return Double.parseDouble(m.group(1)) * MM.get(m.group(2));
            } catch (NumberFormatException e) {
                throw new IllegalArgumentException("The %s (%s) must be a length.".formatted(attribute, text), e);
            }
        }
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
