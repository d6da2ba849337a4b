package vantbreeze.make;

import vantbreeze.measure.Length;
import vantbreeze.measure.Ruler;
import vantbreeze.measure.Size;

/**
 * Where a ruler leaves a rectangular piece: at a corner, or at a pencil tick on an edge.
 *
 * @param onSide whether the edge is the left or the right one, not the lower or the upper one
 * @param atRight whether the nearest corner is a right one
 * @param atTop whether it is an upper one
 * @param fromCorner along the edge; nothing at the corner itself
 */
public record RulerMark(boolean onSide, boolean atRight, boolean atTop, Length fromCorner) {

    /** Half a count: rounding, never a measure. */
    private static final double NOTHING = 0.5;

    /** @param x in counts from the left, on the border of the piece
     *  @param y in counts from the bottom */
    static RulerMark of(double x, double y, Size size) {
        double width = size.width().count();
        double height = size.height().count();
        boolean onSide = x < NOTHING || x > width - NOTHING;
        boolean atRight = x > width / 2;
        boolean atTop = y > height / 2;
        double from = onSide ? (atTop ? height - y : y) : (atRight ? width - x : x);
        return new RulerMark(onSide, atRight, atTop, Length.nearestTo(from));
    }

    /** As it lies when the piece is turned over like a page. */
    RulerMark turnedOver() {
        return new RulerMark(onSide, !atRight, atTop, fromCorner);
    }

    boolean isCorner() {
        return fromCorner.equals(Length.ZERO);
    }

    public String text(Ruler ruler) {
        String corner = "%s %s corner".formatted(atTop ? "top" : "bottom", atRight ? "right" : "left");
        if (isCorner()) {
            return "the " + corner;
        }
        String edge = onSide ? (atRight ? "right" : "left") : (atTop ? "top" : "bottom");
        return "the tick %s from the %s on the %s edge".formatted(ruler.text(fromCorner), corner, edge);
    }
}
