package vantbreeze.plan;

import vantbreeze.measure.Ruler;
import vantbreeze.part.Part;

/** Says how a piece lies on a paper whose pattern has an up. */
final class UpArrow {

    /** Nearer to a side than this the arrow is along it. */
    private static final double ALONG = 0.5;

    private UpArrow() {}

    static String text(Part part, double up, Ruler ruler) {
        if (!part.isRectangle()) {
            if (Math.abs(up) < ALONG) {
                return "the paper's up is the template's";
            }
            return "the paper's up at %.0f° from the template's, anticlockwise".formatted(up);
        }
        double across = Math.abs(up) % 180;
        if (across < ALONG || across > 180 - ALONG) {
            return "the paper's up along the %s side"
                    .formatted(ruler.text(part.size().height()));
        }
        return Math.abs(across - 90) < ALONG
                ? "the paper's up along the %s side"
                        .formatted(ruler.text(part.size().width()))
                : "the paper's up turned %.0f° anticlockwise".formatted(up);
    }
}
