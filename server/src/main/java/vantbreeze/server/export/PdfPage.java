package vantbreeze.server.export;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;
import org.apache.pdfbox.util.Matrix;

/** A page drawn in millimetres from its lower left corner. Draws fractions as a maker writes them. */
final class PdfPage implements AutoCloseable {

    /** PDF user space: 72 points to the inch (ISO 32000-1, 8.3.2.3). */
    static final double POINTS_PER_MM = 72 / 25.4;

    private static final double FRACTION_SCALE = 0.62;
    private static final double NUMERATOR_RISE = 0.34;
    private static final Pattern FRACTION = Pattern.compile("(\\d+)\u2044(\\d+)");
    private static final String UNKNOWN_CHARACTER = "?";

    /** The fonts of one document. */
    record Fonts(PDFont plain, PDFont bold) {
        static Fonts load(PDDocument document) {
            return new Fonts(load(document, "Regular"), load(document, "Bold"));
        }

        private static PDFont load(PDDocument document, String weight) {
            String file = "/fonts/PlexSans-%s.ttf".formatted(weight);
            try (InputStream in = PdfPage.class.getResourceAsStream(file)) {
                return PDType0Font.load(document, in);
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }
    }

    /** A stretch of text set in one size and height. */
    private record Run(String text, double scale, double rise) {}

    private final PDPageContentStream content;
    private final Fonts fonts;

    PdfPage(PDDocument document, Fonts fonts, Paper paper) {
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
        for (Run run : runs(text)) {
            PDFont font = bold ? fonts.bold() : fonts.plain();
            float size = pt(sizeMm * run.scale());
            double left = at;
            draw(() -> {
                content.beginText();
                content.setFont(font, size);
                content.setNonStrokingColor(0f);
                content.newLineAtOffset(pt(left), pt(y + run.rise() * sizeMm));
                content.showText(run.text());
                content.endText();
            });
            at += width(run, sizeMm, bold);
        }
    }

    void centred(double x, double y, double sizeMm, boolean bold, String text) {
        text(x - width(text, sizeMm, bold) / 2, y, sizeMm, bold, text);
    }

    /** @return in mm */
    double width(String text, double sizeMm, boolean bold) {
        return runs(text).stream().mapToDouble(r -> width(r, sizeMm, bold)).sum();
    }

    private double width(Run run, double sizeMm, boolean bold) {
        try {
            PDFont font = bold ? fonts.bold() : fonts.plain();
            return font.getStringWidth(run.text()) / 1000 * sizeMm * run.scale();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** @return the lines that the words make at that width; long words are not broken */
    List<String> wrap(String text, double sizeMm, double widthMm) {
        List<String> lines = new ArrayList<>();
        StringBuilder line = new StringBuilder();
        for (String word : text.split(" ")) {
            if (!line.isEmpty() && width(line + " " + word, sizeMm, false) > widthMm) {
                lines.add(line.toString());
                line.setLength(0);
            }
            line.append(line.isEmpty() ? "" : " ").append(word);
        }
        lines.add(line.toString());
        return lines;
    }

    /** Splits at fractions: digits, a fraction slash, digits. A narrow space keeps a whole number out of the fraction. */
    private List<Run> runs(String text) {
        List<Run> runs = new ArrayList<>();
        Matcher fraction = FRACTION.matcher(text);
        int from = 0;
        while (fraction.find()) {
            addRun(runs, text.substring(from, fraction.start()));
            runs.add(new Run(fraction.group(1), FRACTION_SCALE, NUMERATOR_RISE));
            runs.add(new Run("\u2044", 1, 0));
            runs.add(new Run(fraction.group(2), FRACTION_SCALE, 0));
            from = fraction.end();
        }
        addRun(runs, text.substring(from));
        return runs;
    }

    private void addRun(List<Run> runs, String text) {
        if (!text.isEmpty()) {
            runs.add(new Run(drawable(text), 1, 0));
        }
    }

    /** What the shipped font cannot draw is replaced: a name may hold any character. */
    private String drawable(String text) {
        StringBuilder drawable = new StringBuilder();
        text.replace("≈", "~").replace("\u202f", " ").codePoints().forEach(c -> {
            String character = Character.toString(c);
            try {
                fonts.plain().encode(character);
                drawable.append(Character.isISOControl(c) ? " " : character);
            } catch (IllegalArgumentException | IOException notInTheFont) {
                drawable.append(UNKNOWN_CHARACTER);
            }
        });
        return drawable.toString();
    }

    @Override
    public void close() {
        draw(content::close);
    }
}
