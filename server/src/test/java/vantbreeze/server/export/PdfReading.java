package vantbreeze.server.export;

import java.awt.geom.Point2D;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.contentstream.PDFGraphicsStreamEngine;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.graphics.image.PDImage;
import org.apache.pdfbox.text.PDFTextStripper;
import org.apache.pdfbox.text.TextPosition;

/** What a page really draws, read back with Apache PDFBox: lines in mm from the lower left corner, and its text. */
final class PdfReading extends PDFGraphicsStreamEngine {

    private static final double MM_PER_POINT = 25.4 / 72;

    /** In mm. */
    record Line(double x1, double y1, double x2, double y2) {
        double length() {
            return Math.hypot(x2 - x1, y2 - y1);
        }

        Line movedBy(double dx, double dy) {
            return new Line(x1 + dx, y1 + dy, x2 + dx, y2 + dy);
        }

        /** Whether both ends lie within that many mm, in either order. */
        boolean isWithin(double mm, Line other) {
            return near(mm, x1, y1, other.x1, other.y1) && near(mm, x2, y2, other.x2, other.y2)
                    || near(mm, x1, y1, other.x2, other.y2) && near(mm, x2, y2, other.x1, other.y1);
        }

        private static boolean near(double mm, double x, double y, double otherX, double otherY) {
            return Math.hypot(x - otherX, y - otherY) <= mm;
        }
    }

    private final List<Line> lines = new ArrayList<>();
    private final List<Line> clips = new ArrayList<>();
    private final List<Line> open = new ArrayList<>();
    private Point2D at = new Point2D.Double();
    private Line box;

    private PdfReading(PDPage page) throws IOException {
        super(page);
        processPage(page);
    }

    static List<Line> lines(PDPage page) throws IOException {
        return new PdfReading(page).lines;
    }

    /** Diagonals of the boxes that drawing is clipped to. */
    static List<Line> clips(PDPage page) throws IOException {
        return new PdfReading(page).clips;
    }

    /** All text with single spaces, line by line down the page; a fraction's small digits are kept apart from a whole number before them. */
    static String text(PDDocument document) throws IOException {
        return text(document, true);
    }

    /** The same in the order in which it was written: what stands beside a drawing is not mixed with what stands in it. */
    static String written(PDDocument document) throws IOException {
        return text(document, false);
    }

    private static String text(PDDocument document, boolean downThePage) throws IOException {
        StringBuilder text = new StringBuilder();
        PDFTextStripper stripper = new PDFTextStripper() {
            private float sizeBefore;

            @Override
            protected void writeString(String string, List<TextPosition> positions) {
                for (TextPosition p : positions) {
                    boolean wholeBefore = !text.isEmpty() && Character.isDigit(text.charAt(text.length() - 1));
                    if (wholeBefore && p.getFontSizeInPt() < sizeBefore) {
                        text.append(' ');
                    }
                    text.append(p.getUnicode());
                    sizeBefore = p.getFontSizeInPt();
                }
            }

            @Override
            protected void writeLineSeparator() {
                text.append(' ');
            }

            @Override
            protected void writeWordSeparator() {
                text.append(' ');
            }
        };
        stripper.setSortByPosition(downThePage);
        stripper.getText(document);
        return text.toString().replaceAll("(?<=\u2044)\\s+|\\s+(?=\u2044)", "").replaceAll("[\\s\u00a0]+", " ");
    }

    private static double mm(double points) {
        return points * MM_PER_POINT;
    }

    @Override
    public void moveTo(float x, float y) {
        at = new Point2D.Double(mm(x), mm(y));
    }

    @Override
    public void lineTo(float x, float y) {
        open.add(new Line(at.getX(), at.getY(), mm(x), mm(y)));
        moveTo(x, y);
    }

    @Override
    public void appendRectangle(Point2D p0, Point2D p1, Point2D p2, Point2D p3) {
        box = new Line(mm(p0.getX()), mm(p0.getY()), mm(p2.getX()), mm(p2.getY()));
    }

    @Override
    public void clip(int windingRule) {
        clips.add(box);
    }

    @Override
    public void strokePath() {
        lines.addAll(open);
        open.clear();
    }

    @Override
    public Point2D getCurrentPoint() {
        return at;
    }

    @Override
    public void endPath() {
        open.clear();
    }

    @Override
    public void curveTo(float x1, float y1, float x2, float y2, float x3, float y3) {
        throw new AssertionError("The plan draws straight lines only.");
    }

    @Override
    public void drawImage(PDImage image) {}

    @Override
    public void closePath() {}

    @Override
    public void fillPath(int windingRule) {}

    @Override
    public void fillAndStrokePath(int windingRule) {}

    @Override
    public void shadingFill(COSName name) {}
}
