package vantbreeze.plan;

import vantbreeze.layer.Mat;
import vantbreeze.measure.Ruler;

/** Says how a piece lies on a paper whose pattern has an up. */
final class UpArrow {

    /** Nearer to a side than this the arrow is along it. */
    private static final double ALONG = 0.5;

    private UpArrow() {}

    static String text(Mat mat, Ruler ruler) {
        double up = mat.upAsCut();
        if (!mat.isRectangle()) {
            if (Math.abs(up) < ALONG) {
                return "the paper's up is the template's";
            }
            return "the paper's up at %.0f° from the template's, anticlockwise".formatted(up);
        }
        double across = Math.abs(up) % 180;
        if (across < ALONG || across > 180 - ALONG) {
            return "the paper's up along the %s side"
                    .formatted(ruler.text(mat.size().height()));
        }
        return Math.abs(across - 90) < ALONG
                ? "the paper's up along the %s side"
                        .formatted(ruler.text(mat.size().width()))
                : "the paper's up turned %.0f° anticlockwise".formatted(up);
    }
}
