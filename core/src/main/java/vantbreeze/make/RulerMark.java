package vantbreeze.make;

import java.util.List;
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

    /** Whether a corner or the end of a score shows it: nothing has to be marked there. */
    boolean isThere();

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
        public boolean isThere() {
            return isCorner();
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
     * The middle of an edge.
     *
     * @param onSide whether the edge is the left or the right one, not the lower or the upper one
     * @param far whether it is the right or the upper one
     * @param fromCorner half of the edge
     */
    record Middle(boolean onSide, boolean far, Length fromCorner) implements RulerMark {

        @Override
        public RulerMark turnedOver() {
            return onSide ? new Middle(true, !far, fromCorner) : this;
        }

        @Override
        public boolean isThere() {
            return false;
        }

        @Override
        public Optional<String> landmark() {
            return Optional.of("the middle of the %s edge"
                    .formatted(onSide ? (far ? "right" : "left") : (far ? "top" : "bottom")));
        }

        @Override
        public String text(Ruler ruler) {
            return landmark().orElseThrow();
        }
    }

    /**
     * A place on a score that a board sets. It is told by where the score is and how far along it the place lies: several scores may
     * lie on one line, and each of them has ends.
     *
     * @param upright whether the score is; otherwise it is level
     * @param at how far the score lies from the left end, or from the bottom
     * @param fromEnd how far from the right end, or from the top
     * @param along how far up it the place lies, or how far from the left end
     * @param fromFar how far below the top, or from the right end
     * @param isThere whether the line that is scored ends there
     */
    record OnScore(boolean upright, Length at, Length fromEnd, Length along, Length fromFar, boolean isThere)
            implements RulerMark {

        @Override
        public RulerMark turnedOver() {
            return upright
                    ? new OnScore(true, fromEnd, at, along, fromFar, isThere)
                    : new OnScore(false, at, fromEnd, fromFar, along, isThere);
        }

        @Override
        public Optional<String> landmark() {
            return Optional.of("the %s score that it meets".formatted(upright ? "upright" : "level"));
        }

        @Override
        public String text(Ruler ruler) {
            String score = "the %s %sscore".formatted(ruler.text(at), upright ? "" : "level ");
            if (along.equals(Length.ZERO)) {
                return "the %s of %s".formatted(upright ? "foot" : "left end", score);
            }
            if (fromFar.equals(Length.ZERO)) {
                return "the %s of %s".formatted(upright ? "top" : "right end", score);
            }
            return "%s, %s from the %s".formatted(score, ruler.text(along), upright ? "bottom" : "left end");
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

    /**
     * A corner, the end of a score that a board sets, or a tick on an edge; empty where none of these is there. An end on the border
     * is told by its score only where no other line that is scored lies on it: else a hand would look for it at the other's end.
     *
     * @param scores those that are seen by then
     * @param lines the same as they are scored: what runs on straight is one
     */
    static Optional<RulerMark> at(Point place, Size size, List<ScoreLine> scores, List<ScoreLine> lines) {
        boolean onBorder = place.x().equals(Length.ZERO)
                || place.y().equals(Length.ZERO)
                || place.x().equals(size.width())
                || place.y().equals(size.height());
        Optional<RulerMark> onEdge =
                onBorder ? Optional.of(of(place.x().count(), place.y().count(), size)) : Optional.empty();
        if (onEdge.filter(m -> ((OnEdge) m).isCorner()).isPresent()) {
            return onEdge;
        }
        return scores.stream()
                .filter(s -> s.isUpright() || s.isLevel())
                .filter(s -> s.from().equals(place) || s.to().equals(place))
                .filter(s -> !onBorder
                        || lines.stream().filter(line -> isOnOneLine(s, line)).count() == 1)
                .findFirst()
                .<RulerMark>map(s -> of(s, place, size, ends(place, lines)))
                .or(() -> onEdge);
    }

    private static boolean ends(Point place, List<ScoreLine> lines) {
        return lines.stream()
                .anyMatch(line -> line.from().equals(place) || line.to().equals(place));
    }

    private static boolean isOnOneLine(ScoreLine s, ScoreLine other) {
        return s.isUpright()
                ? other.isUpright() && other.from().x().equals(s.from().x())
                : other.isLevel() && other.from().y().equals(s.from().y());
    }

    /** @param place on that score */
    private static OnScore of(ScoreLine score, Point place, Size size, boolean isThere) {
        boolean upright = score.isUpright();
        Length at = upright ? place.x() : place.y();
        Length along = upright ? place.y() : place.x();
        Length across = upright ? size.width() : size.height();
        Length whole = upright ? size.height() : size.width();
        return new OnScore(upright, at, across.minus(at), along, whole.minus(along), isThere);
    }
}
