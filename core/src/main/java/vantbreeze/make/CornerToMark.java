package vantbreeze.make;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.locationtech.jts.algorithm.Orientation;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.LineSegment;
import vantbreeze.measure.Length;
import vantbreeze.measure.Ruler;
import vantbreeze.measure.Size;

/**
 * A fold made by hand: a corner of the piece is brought to a mark, where the fold's line leaves that corner alone on its side.
 *
 * @param atRight whether it is a right corner
 * @param atTop whether it is an upper one
 * @param fromSide from the mark to the left or right edge, whichever is nearer
 * @param toRight whether that is the right one
 * @param fromEnd from the mark to the lower or upper edge, whichever is nearer
 * @param toTop whether that is the upper one
 */
public record CornerToMark(
        boolean atRight, boolean atTop, Length fromSide, boolean toRight, Length fromEnd, boolean toTop) {

    /** @return nothing where two corners turn over, or the corner would come to lie beside the piece */
    static Optional<CornerToMark> of(Coordinate from, Coordinate to, Size size) {
        double width = size.width().count();
        double height = size.height().count();
        List<Coordinate> corners = List.of(
                new Coordinate(0, 0),
                new Coordinate(width, 0),
                new Coordinate(width, height),
                new Coordinate(0, height));
        return Stream.of(Orientation.LEFT, Orientation.RIGHT)
                .map(side -> corners.stream()
                        .filter(c -> Orientation.index(from, to, c) == side)
                        .toList())
                .filter(alone -> alone.size() == 1)
                .flatMap(alone -> to(new LineSegment(from, to).reflect(alone.get(0)), alone.get(0), size).stream())
                .findFirst();
    }

    private static Optional<CornerToMark> to(Coordinate mark, Coordinate corner, Size size) {
        double width = size.width().count();
        double height = size.height().count();
        boolean onPiece = mark.x > -RulerMark.NOTHING
                && mark.x < width + RulerMark.NOTHING
                && mark.y > -RulerMark.NOTHING
                && mark.y < height + RulerMark.NOTHING;
        boolean toRight = mark.x > width / 2;
        boolean toTop = mark.y > height / 2;
        return onPiece
                ? Optional.of(new CornerToMark(
                        corner.x > 0,
                        corner.y > 0,
                        Length.nearestTo(toRight ? width - mark.x : mark.x),
                        toRight,
                        Length.nearestTo(toTop ? height - mark.y : mark.y),
                        toTop))
                : Optional.empty();
    }

    /** The same as the piece lies turned over like a page. */
    CornerToMark turnedOver() {
        return new CornerToMark(!atRight, atTop, fromSide, !toRight, fromEnd, toTop);
    }

    /** "bring the top right corner to a pencil mark 5/8 in from the left edge and 2 in from the lower edge". */
    public String text(Ruler ruler) {
        return "bring the %s %s corner to a pencil mark %s and %s"
                .formatted(
                        atTop ? "top" : "bottom",
                        atRight ? "right" : "left",
                        from(fromSide, toRight ? "right" : "left", ruler),
                        from(fromEnd, toTop ? "upper" : "lower", ruler));
    }

    private static String from(Length far, String edge, Ruler ruler) {
        return far.equals(Length.ZERO)
                ? "on the %s edge".formatted(edge)
                : "%s from the %s edge".formatted(ruler.text(far), edge);
    }
}
