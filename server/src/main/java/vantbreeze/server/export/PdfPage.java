package vantbreeze.server.export;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.util.Matrix;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.server.type.Typesetter;
import vantbreeze.server.web.Text;
import vantbreeze.structure.Curve;

/** A page drawn in millimetres from its lower left corner. Draws fractions as a maker writes them. */
final class PdfPage implements AutoCloseable {

    /** PDF user space: 72 points to the inch (ISO 32000-1, 8.3.2.3). */
    static final double POINTS_PER_MM = 72 / 25.4;

    private static final double FRACTION_SCALE = 0.62;
    private static final double NUMERATOR_RISE = 0.34;
    private static final Pattern FRACTION = Pattern.compile("(\\d+)\u2044(\\d+)");

    /** A stretch of text set in one font, size and height. */
    private record Run(String text, PDFont font, double scale, double rise) {}

    private final PDPageContentStream content;
    private final Typesetter<PDFont> fonts;

    PdfPage(PDDocument document, Typesetter<PDFont> fonts, Paper paper) {
        this.fonts = fonts;
        try {
            PDPage page = new PDPage(new PDRectangle(
                    (float) (paper.widthMm() * POINTS_PER_MM), (float) (paper.heightMm() * POINTS_PER_MM)));
            document.addPage(page);
            content = new PDPageContentStream(document, page);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private interface Drawing {
        void run() throws IOException;
    }

    private void draw(Drawing drawing) {
        try {
            drawing.run();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static float pt(double mm) {
        return (float) (mm * POINTS_PER_MM);
    }

    /** @param dashMm lengths of strokes and gaps in turn; none for a solid line */
    void stroke(double widthMm, double grey, double... dashMm) {
        draw(() -> {
            float[] dash = new float[dashMm.length];
            for (int i = 0; i < dash.length; i++) {
                dash[i] = pt(dashMm[i]);
            }
            content.setLineDashPattern(dash, 0);
            content.setLineWidth(pt(widthMm));
            content.setStrokingColor((float) grey);
        });
    }

    void line(double x1, double y1, double x2, double y2) {
        draw(() -> {
            content.moveTo(pt(x1), pt(y1));
            content.lineTo(pt(x2), pt(y2));
            content.stroke();
        });
    }

    /** @param corners in mm as [x, y] */
    void polygon(List<double[]> corners) {
        for (int i = 0; i < corners.size(); i++) {
            double[] a = corners.get(i);
            double[] b = corners.get((i + 1) % corners.size());
            line(a[0], a[1], b[0], b[1]);
        }
    }

    /**
     * The outline and holes of a region, arcs and curves as such.
     *
     * @param at where a point of it lies on the page, in mm as [x, y]; whatever moves, turns and scales
     */
    void region(Polygon region, Function<Coordinate, double[]> at) {
        ring(region.getExteriorRing(), at);
        for (int i = 0; i < region.getNumInteriorRing(); i++) {
            ring(region.getInteriorRingN(i), at);
        }
    }

    private void ring(LinearRing ring, Function<Coordinate, double[]> at) {
        along(Curve.of(ring), at, true);
    }

    /** @param curves each beginning where the one before ends */
    void along(List<Curve> curves, Function<Coordinate, double[]> at, boolean closed) {
        draw(() -> {
            double[] begin = at.apply(curves.get(0).from());
            content.moveTo(pt(begin[0]), pt(begin[1]));
            for (Curve curve : curves) {
                if (curve instanceof Curve.Arc arc) {
                    for (Curve.Cubic cubic : arc.cubics()) {
                        curve(cubic, at);
                    }
                } else if (curve instanceof Curve.Cubic cubic) {
                    curve(cubic, at);
                } else {
                    double[] end = at.apply(curve.to());
                    content.lineTo(pt(end[0]), pt(end[1]));
                }
            }
            if (closed) {
                content.closePath();
            }
            content.stroke();
        });
    }

    private void curve(Curve.Cubic cubic, Function<Coordinate, double[]> at) throws IOException {
        double[] a = at.apply(cubic.leaving());
        double[] b = at.apply(cubic.arriving());
        double[] end = at.apply(cubic.to());
        content.curveTo(pt(a[0]), pt(a[1]), pt(b[0]), pt(b[1]), pt(end[0]), pt(end[1]));
    }

    /** Everything until {@link #unclip} shows only inside the box. */
    void clip(double x, double y, double width, double height) {
        draw(() -> {
            content.saveGraphicsState();
            content.addRect(pt(x), pt(y), pt(width), pt(height));
            content.clip();
        });
    }

    void unclip() {
        draw(content::restoreGraphicsState);
    }

    /** What is drawn lies in coordinates that begin at (x, y) and are turned by that angle. */
    void turned(double degrees, double x, double y, Runnable drawing) {
        draw(() -> {
            content.saveGraphicsState();
            content.transform(Matrix.getRotateInstance(Math.toRadians(degrees), pt(x), pt(y)));
        });
        drawing.run();
        draw(content::restoreGraphicsState);
    }

    /** @param sizeMm height of the type; the line begins at x with its baseline at y */
    void text(double x, double y, double sizeMm, boolean bold, String text) {
        double at = x;
        for (Run run : runs(text, bold)) {
            float size = pt(sizeMm * run.scale());
            double left = at;
            draw(() -> {
                content.beginText();
                content.setFont(run.font(), size);
                content.setNonStrokingColor(0f);
                content.newLineAtOffset(pt(left), pt(y + run.rise() * sizeMm));
                content.showText(run.text());
                content.endText();
            });
            at += width(run, sizeMm);
        }
    }

    void centred(double x, double y, double sizeMm, boolean bold, String text) {
        text(x - width(text, sizeMm, bold) / 2, y, sizeMm, bold, text);
    }

    /** @return in mm */
    double width(String text, double sizeMm, boolean bold) {
        return runs(text, bold).stream().mapToDouble(r -> width(r, sizeMm)).sum();
    }

    private static double width(Run run, double sizeMm) {
        try {
            return run.font().getStringWidth(run.text()) / 1000 * sizeMm * run.scale();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** @return the lines that the words make at that width; a word that is longer is broken */
    List<String> wrap(String text, double sizeMm, boolean bold, double widthMm) {
        List<String> lines = new ArrayList<>();
        StringBuilder line = new StringBuilder();
        for (String word : text.split(" ")) {
            if (!line.isEmpty() && width(line + " " + word, sizeMm, bold) > widthMm) {
                lines.add(line.toString());
                line.setLength(0);
            }
            String rest = word;
            String fits = beginning(rest, sizeMm, bold, widthMm);
            while (fits.length() < rest.length() && !fits.isEmpty()) {
                lines.add(fits);
                rest = rest.substring(fits.length());
                fits = beginning(rest, sizeMm, bold, widthMm);
            }
            line.append(line.isEmpty() ? "" : " ").append(rest);
        }
        lines.add(line.toString());
        return lines;
    }

    /** @return the text, or as much of its beginning as the width takes, with dots */
    String fitting(String text, double sizeMm, boolean bold, double widthMm) {
        return Text.fitting(text, t -> width(t, sizeMm, bold), widthMm);
    }

    private String beginning(String text, double sizeMm, boolean bold, double widthMm) {
        return Text.beginning(text, t -> width(t, sizeMm, bold), widthMm);
    }

    /** Splits at fractions: digits, a fraction slash, digits. A narrow space keeps a whole number out of the fraction. */
    private List<Run> runs(String text, boolean bold) {
        List<Run> runs = new ArrayList<>();
        Matcher fraction = FRACTION.matcher(text);
        int from = 0;
        while (fraction.find()) {
            addRuns(runs, text.substring(from, fraction.start()), bold, 1, 0);
            addRuns(runs, fraction.group(1), bold, FRACTION_SCALE, NUMERATOR_RISE);
            addRuns(runs, "\u2044", bold, 1, 0);
            addRuns(runs, fraction.group(2), bold, FRACTION_SCALE, 0);
            from = fraction.end();
        }
        addRuns(runs, text.substring(from), bold, 1, 0);
        return runs;
    }

    private void addRuns(List<Run> runs, String text, boolean bold, double scale, double rise) {
        fonts.runs(text, bold).forEach(s -> runs.add(new Run(s.text(), s.font(), scale, rise)));
    }

    @Override
    public void close() {
        draw(content::close);
    }
}
