package vantbreeze.make;

import java.util.Optional;
import vantbreeze.measure.Length;
import vantbreeze.measure.Ruler;
import vantbreeze.measure.Size;
import vantbreeze.structure.Point;
import vantbreeze.structure.ScoreLine;

/** A place on a piece that a ruler is laid to. */
public sealed interface RulerMark {

    String text(Ruler ruler);

    /** As it lies when the piece is turned over like a page. */
    RulerMark turnedOver();

    /** What it is called where no number is needed to find it: a corner, or the end of another score. */
    Optional<String> landmark();

    /**
     * Where the ruler leaves a rectangular piece: at a corner, or at a pencil tick on an edge.
     *
     * @param onSide whether the edge is the left or the right one, not the lower or the upper one
     * @param atRight whether the nearest corner is a right one
     * @param atTop whether it is an upper one
     * @param fromCorner along the edge; nothing at the corner itself
     */
    record OnEdge(boolean onSide, boolean atRight, boolean atTop, Length fromCorner) implements RulerMark {

        public boolean isCorner() {
            return fromCorner.equals(Length.ZERO);
        }

        @Override
        public RulerMark turnedOver() {
            return new OnEdge(onSide, !atRight, atTop, fromCorner);
        }

        @Override
        public Optional<String> landmark() {
            return isCorner() ? Optional.of("the " + corner()) : Optional.empty();
        }

        @Override
        public String text(Ruler ruler) {
            return isCorner()
                    ? "the " + corner()
                    : "the tick %s from the %s on the %s edge".formatted(ruler.text(fromCorner), corner(), edge());
        }

        /** "left edge, from the top left corner". */
        public String edgeAndCorner() {
            return "%s edge, from the %s".formatted(edge(), corner());
        }

        private String corner() {
            return "%s %s corner".formatted(atTop ? "top" : "bottom", atRight ? "right" : "left");
        }

        private String edge() {
            return onSide ? (atRight ? "right" : "left") : (atTop ? "top" : "bottom");
        }
    }

    /**
     * Where another score ends.
     *
     * @param upright whether that one is upright; otherwise it is level
     * @param far whether it is its upper or right end
     * @param at how far that score lies from the left end, or from the bottom
     * @param fromEnd how far from the right end, or from the top
     */
    record EndOf(String score, boolean upright, boolean far, Length at, Length fromEnd) implements RulerMark {

        @Override
        public RulerMark turnedOver() {
            return upright ? new EndOf(score, true, far, fromEnd, at) : new EndOf(score, false, !far, at, fromEnd);
        }

        @Override
        public Optional<String> landmark() {
            return Optional.of("the %s of %s"
                    .formatted(upright ? (far ? "top" : "foot") : (far ? "right end" : "left end"), score));
        }

        @Override
        public String text(Ruler ruler) {
            return "%s at %s".formatted(landmark().orElseThrow(), ruler.text(at));
        }
    }

    /** Half a count: rounding, never a measure. */
    double NOTHING = 0.5;

    /** @param x in counts from the left, on the border of the piece
     *  @param y in counts from the bottom */
    static OnEdge of(double x, double y, Size size) {
        double width = size.width().count();
        double height = size.height().count();
        boolean onSide = x < NOTHING || x > width - NOTHING;
        boolean atRight = x > width / 2;
        boolean atTop = y > height / 2;
        double from = onSide ? (atTop ? height - y : y) : (atRight ? width - x : x);
        return new OnEdge(onSide, atRight, atTop, Length.nearestTo(from));
    }

    /** @param end that is an end of that score */
    static EndOf of(ScoreLine score, Point end, Size size) {
        boolean first = score.from().equals(end);
        Point other = first ? score.to() : score.from();
        boolean far =
                score.isUpright() ? end.y().isMoreThan(other.y()) : end.x().isMoreThan(other.x());
        Length at = score.isUpright() ? end.x() : end.y();
        Length whole = score.isUpright() ? size.width() : size.height();
        return new EndOf(score.id(), score.isUpright(), far, at, whole.minus(at));
    }
}
