package vantbreeze.server.export;

import java.awt.geom.AffineTransform;
import java.awt.geom.Point2D;
import java.io.IOException;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import org.apache.pdfbox.contentstream.operator.Operator;
import org.apache.pdfbox.cos.COSNumber;
import org.apache.pdfbox.pdfparser.PDFStreamParser;
import org.apache.pdfbox.pdmodel.PDPage;

/** The stroked straight lines of a page, from its operators alone (ISO 32000-1, 8.4 and 8.5), in mm. */
final class OperatorReading {

    private static final double MM_PER_POINT = 25.4 / 72;

    private final List<PdfReading.Line> stroked = new ArrayList<>();
    private final List<PdfReading.Line> path = new ArrayList<>();
    private final Deque<AffineTransform> kept = new ArrayDeque<>();
    private final List<Object> operands = new ArrayList<>();
    private AffineTransform matrix = AffineTransform.getScaleInstance(MM_PER_POINT, MM_PER_POINT);
    private Point2D at = new Point2D.Double();
    private Point2D start = at;

    private OperatorReading() {}

    static List<PdfReading.Line> stroked(PDPage page) throws IOException {
        OperatorReading reading = new OperatorReading();
        for (Object token : new PDFStreamParser(page).parse()) {
            if (token instanceof Operator operator) {
                reading.does(operator.getName());
                reading.operands.clear();
            } else {
                reading.operands.add(token);
            }
        }
        return reading.stroked;
    }

    private double number(int i) {
        return ((COSNumber) operands.get(i)).floatValue();
    }

    private Point2D place(int i) {
        return matrix.transform(new Point2D.Double(number(i), number(i + 1)), null);
    }

    private void does(String operator) {
        switch (operator) {
            case "q" -> kept.push(new AffineTransform(matrix));
            case "Q" -> matrix = kept.pop();
            case "cm" ->
                matrix.concatenate(
                        new AffineTransform(number(0), number(1), number(2), number(3), number(4), number(5)));
            case "m" -> at = start = place(0);
            case "l" -> to(place(0));
            case "c" -> at = place(4);
            case "h" -> to(start);
            case "S" -> stroke();
            case "s" -> {
                to(start);
                stroke();
            }
            case "f", "f*", "n" -> path.clear();
            default -> {
                /* Colours, widths, text and boxes that are clipped to are no lines. */
            }
        }
    }

    private void to(Point2D next) {
        path.add(new PdfReading.Line(at.getX(), at.getY(), next.getX(), next.getY()));
        at = next;
    }

    private void stroke() {
        stroked.addAll(path);
        path.clear();
    }
}
