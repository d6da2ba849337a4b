package vantbreeze.server.export;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.PrecisionModel;
import org.locationtech.jts.operation.linemerge.LineMerger;
import org.locationtech.jts.operation.union.UnaryUnionOp;
import org.locationtech.jts.precision.GeometryPrecisionReducer;
import vantbreeze.measure.Length;
import vantbreeze.part.Part;
import vantbreeze.server.cutting.CuttingJson;
import vantbreeze.server.outline.PathData;
import vantbreeze.structure.Curve;
import vantbreeze.structure.FlatMotion;
import vantbreeze.structure.Fold;
import vantbreeze.structure.Path;
import vantbreeze.structure.Point;
import vantbreeze.structure.ScoreLine;
import vantbreeze.structure.Slit;

/**
 * A file for a cutting machine: Scalable Vector Graphics 1.1 in real millimetres, a group for everything that is done alike.
 * Circles and their stretches are arcs.
 */
final class CutSvg {

    /** What is done along a line, in the order of work: a part that is cut loose shifts. */
    private enum Layer {
        DRAW("draw", "#8d8577"),
        MOUNTAIN("score-mountain", "#0e6470"),
        VALLEY("score-valley", "#8a4b00"),
        SLIT("slit", "#9c2f17"),
        CUT("cut", "#26211a");

        private final String id;
        private final String colour;

        Layer(String id, String colour) {
            this.id = id;
            this.colour = colour;
        }
    }

    /**
     * How scores are perforated.
     *
     * @param dash how long each cut is, in mm; 0 for a line
     * @param gap what is left between two
     */
    record Perforation(double dash, double gap) {

        static final Perforation NONE = new Perforation(0, 0);
        static final double LONGEST = 50;

        Perforation {
            boolean none = dash == 0 && gap == 0;
            if (!none && !(dash >= 0.1 && dash <= LONGEST && gap >= 0.1 && gap <= LONGEST)) {
                throw new IllegalArgumentException(
                        "Dashes (%.2f mm) and gaps (%.2f mm) must be 0.1 to %.0f mm each, or both 0."
                                .formatted(dash, gap, LONGEST));
            }
        }
    }

    /** Edges that near each other are one. */
    private static final double NEAR_MM = 0.01;

    private final double width;
    private final double height;
    private final PathData data;
    private final Perforation perforation;
    private final CutOnce once = new CutOnce();
    private final Map<Layer, StringBuilder> paths = new EnumMap<>(Layer.class);

    private CutSvg(double width, double height, Perforation perforation) {
        this.width = width;
        this.height = height;
        data = new PathData(height);
        this.perforation = perforation;
    }

    /**
     * One part, its good side up, its lower left corner at the drawing's.
     *
     * @param pencilled outlines that a pen draws on it, as they lie on the piece
     */
    static String of(Part part, List<Polygon> pencilled, Perforation perforation) {
        Polygon outline = part.outline();
        double w = outline.getEnvelopeInternal().getWidth() / Length.COUNTS_PER_MILLIMETRE;
        double h = outline.getEnvelopeInternal().getHeight() / Length.COUNTS_PER_MILLIMETRE;
        CutSvg svg = new CutSvg(w, h, perforation);
        Point corner = part.piece().lowerLeft();
        svg.outline(outline);
        for (Slit slit : part.piece().slits()) {
            svg.curved(Layer.SLIT, mm(slit.path(), corner));
        }
        for (ScoreLine score : part.piece().scores()) {
            svg.score(score.fold() == Fold.MOUNTAIN ? Layer.MOUNTAIN : Layer.VALLEY, mm(score.path(), corner));
        }
        FlatMotion toCorner = FlatMotion.shift(-corner.x().count(), -corner.y().count());
        for (Polygon area : pencilled) {
            svg.add(Layer.DRAW, svg.data.of(toCorner.apply(area)));
        }
        part.division().ifPresent(d -> {
            double at = d.at().millimetres();
            svg.line(
                    Layer.CUT,
                    List.of(
                            d.alongWidth() ? new double[] {at, 0} : new double[] {0, at},
                            d.alongWidth() ? new double[] {at, h} : new double[] {w, at}));
        });
        return svg.document();
    }

    private static List<double[]> mm(Path path, Point corner) {
        return path.points().stream()
                .map(p -> new double[] {
                    p.x().minus(corner.x()).millimetres(),
                    p.y().minus(corner.y()).millimetres()
                })
                .toList();
    }

    /** A sheet of a cutting plan: every part where it lies. */
    static String of(CuttingJson.SheetCutJson sheet, Perforation perforation) {
        double w = sheet.size().width().mm();
        double h = sheet.size().height().mm();
        CutSvg svg = new CutSvg(w, h, perforation);
        sheet.parts().forEach(p -> p.windows().forEach(o -> svg.outline(o.polygon())));
        svg.rectangles(sheet.parts().stream()
                .filter(p -> p.outlines().isEmpty())
                .map(p -> new Envelope(p.x(), p.x() + p.width(), p.y(), p.y() + p.height()))
                .toList());
        for (CuttingJson.LaidJson part : sheet.parts()) {
            part.outlines().forEach(o -> svg.beside(o.polygon()));
            svg.lines(part.lines());
            if (part.division() != null) {
                boolean upright = Boolean.TRUE.equals(part.divisionUpright());
                double at = part.division();
                svg.line(
                        Layer.CUT,
                        List.of(
                                new double[] {part.x() + (upright ? at : 0), part.y() + (upright ? 0 : at)},
                                new double[] {
                                    part.x() + (upright ? at : part.width()), part.y() + (upright ? part.height() : at)
                                }));
            }
        }
        return svg.document();
    }

    /** What goes on from one stretch into the next is one line. */
    private void lines(List<CuttingJson.LineJson> lines) {
        List<double[]> points = new ArrayList<>();
        for (int i = 0; i < lines.size(); i++) {
            CuttingJson.LineJson line = lines.get(i);
            if (points.isEmpty()) {
                points.add(new double[] {line.x1(), line.y1()});
            }
            points.add(new double[] {line.x2(), line.y2()});
            boolean goesOn = i + 1 < lines.size() && line.goesOnIn(lines.get(i + 1));
            if (!goesOn) {
                switch (line.kind()) {
                    case SLIT -> curved(Layer.SLIT, points);
                    case MOUNTAIN -> score(Layer.MOUNTAIN, points);
                    case VALLEY -> score(Layer.VALLEY, points);
                    case DRAWN -> curved(Layer.DRAW, points);
                }
                points = new ArrayList<>();
            }
        }
    }

    private StringBuilder path(Layer layer) {
        return paths.computeIfAbsent(layer, l -> new StringBuilder());
    }

    private void outline(Polygon polygon) {
        for (int i = 0; i < polygon.getNumInteriorRing(); i++) {
            add(Layer.CUT, data.of(polygon.getInteriorRingN(i)));
        }
        add(Layer.CUT, data.of(withoutCusps(polygon)));
    }

    private LinearRing withoutCusps(Polygon polygon) {
        Cusps.Cut cut = Cusps.once(polygon.getExteriorRing());
        cut.slits().forEach(slit -> add(Layer.SLIT, data.along(Curve.of(slit))));
        return cut.ring();
    }

    /** As {@link #outline}, but for what is cut already beside it. */
    private void beside(Polygon polygon) {
        for (int i = 0; i < polygon.getNumInteriorRing(); i++) {
            add(Layer.CUT, data.of(polygon.getInteriorRingN(i)));
        }
        List<Curve> ring = Curve.of(withoutCusps(polygon));
        for (List<Curve> run : once.remaining(ring)) {
            boolean isClosed =
                    run.get(0).from().equals2D(run.get(run.size() - 1).to());
            add(Layer.CUT, data.along(run) + (isClosed ? " Z" : ""));
        }
    }

    /** An edge that two of them share is cut once. */
    private void rectangles(List<Envelope> boxes) {
        /* Places are whole counts; thousandths of a millimetre would part some edges that are one. */
        GeometryFactory geometry = new GeometryFactory(new PrecisionModel(Length.COUNTS_PER_MILLIMETRE));
        List<Geometry> shared = new ArrayList<>();
        for (Envelope box : boxes) {
            Envelope near = new Envelope(box);
            near.expandBy(NEAR_MM);
            Geometry ring = GeometryPrecisionReducer.reduce(
                    geometry.toGeometry(box).getBoundary(), geometry.getPrecisionModel());
            if (boxes.stream().filter(near::intersects).count() > 1) {
                shared.add(ring);
            } else {
                line(Layer.CUT, ring.getCoordinates(), true);
            }
        }
        LineMerger lines = new LineMerger();
        lines.add(UnaryUnionOp.union(shared, geometry));
        for (Object line : lines.getMergedLineStrings()) {
            Coordinate[] points = ((Geometry) line).getCoordinates();
            line(Layer.CUT, points, points[0].equals2D(points[points.length - 1]));
        }
    }

    private void line(Layer layer, Coordinate[] points, boolean closed) {
        for (int i = 1; i < points.length; i++) {
            once.add(counts(points[i - 1]), counts(points[i]));
        }
        int count = points.length - (closed ? 1 : 0);
        String d = data.through(Arrays.stream(points, 0, count)
                .map(c -> new double[] {c.x, c.y})
                .toList());
        add(layer, closed ? d + " Z" : d);
    }

    private static Coordinate counts(Coordinate mm) {
        return new Coordinate(mm.x * Length.COUNTS_PER_MILLIMETRE, mm.y * Length.COUNTS_PER_MILLIMETRE);
    }

    /** Along arcs and curves as such. */
    private void curved(Layer layer, List<double[]> points) {
        Coordinate[] counts = points.stream()
                .map(p -> new Coordinate(p[0] * Length.COUNTS_PER_MILLIMETRE, p[1] * Length.COUNTS_PER_MILLIMETRE))
                .toArray(Coordinate[]::new);
        add(layer, data.along(Curve.of(counts)));
    }

    private void line(Layer layer, List<double[]> points) {
        add(layer, data.through(points));
    }

    private void score(Layer layer, List<double[]> points) {
        if (perforation.dash() == 0) {
            line(layer, points);
            return;
        }
        for (int i = 1; i < points.size(); i++) {
            perforate(layer, points.get(i - 1), points.get(i));
        }
    }

    /** It begins and ends with a gap or a dash alike, so that it does not tear at the edge. */
    private void perforate(Layer layer, double[] from, double[] to) {
        double length = Math.hypot(to[0] - from[0], to[1] - from[1]);
        if (length <= perforation.dash()) {
            line(layer, List.of(from, to));
            return;
        }
        int dashes =
                Math.max(1, (int) Math.floor((length + perforation.gap()) / (perforation.dash() + perforation.gap())));
        double rest = (length - dashes * perforation.dash() - (dashes - 1) * perforation.gap()) / 2;
        for (int i = 0; i < dashes; i++) {
            double a = (rest + i * (perforation.dash() + perforation.gap())) / length;
            double b = a + perforation.dash() / length;
            line(layer, List.of(between(from, to, a), between(from, to, b)));
        }
    }

    private static double[] between(double[] from, double[] to, double share) {
        return new double[] {from[0] + share * (to[0] - from[0]), from[1] + share * (to[1] - from[1])};
    }

    private void add(Layer layer, String d) {
        path(layer).append("    <path d=\"").append(d).append("\"/>\n");
    }

    private String document() {
        StringBuilder svg = new StringBuilder("""
                <?xml version="1.0" encoding="UTF-8"?>
                <svg xmlns="http://www.w3.org/2000/svg" version="1.1" width="%smm" height="%smm" viewBox="0 0 %s %s">
                """.formatted(
                PathData.number(width), PathData.number(height), PathData.number(width), PathData.number(height)));
        paths.forEach((layer, d) -> svg.append("  <g id=\"%s\" fill=\"none\" stroke=\"%s\" stroke-width=\"0.1\">\n"
                        .formatted(layer.id, layer.colour))
                .append(d)
                .append("  </g>\n"));
        return svg.append("</svg>\n").toString();
    }
}
