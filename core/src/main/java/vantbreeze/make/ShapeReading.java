package vantbreeze.make;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.LineSegment;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.measure.Length;
import vantbreeze.measure.Ruler;
import vantbreeze.measure.Size;
import vantbreeze.structure.FlatMotion;
import vantbreeze.structure.Fold;
import vantbreeze.structure.Piece;
import vantbreeze.structure.Point;
import vantbreeze.structure.Regions;
import vantbreeze.structure.ScoreLine;
import vantbreeze.structure.StraightCuts;

/**
 * How straight cuts take a shape out of a rectangle, told by marks on its edges, corners and the ends of scores.
 *
 * @param cuts as the piece lies face up, folded if it is folded first
 * @param folded the score it is folded on first, so that both halves are cut at once
 */
public record ShapeReading(List<MarkedCut> cuts, Optional<ScoreLine> folded) {

    /** One cut along a ruler; where one of its ends has to be measured or halved, that is the first. */
    public record MarkedCut(RulerMark from, RulerMark to) {}

    public ShapeReading {
        cuts = List.copyOf(cuts);
    }

    /** @return empty for a rectangle, and for what is cut by the template */
    public static Optional<ShapeReading> of(Piece piece) {
        if (piece.corners().size() <= 2 * StraightCuts.MOST + 4
                && !piece.polygon().isRectangle()) {
            return cut(piece);
        }
        return Optional.empty();
    }

    private static Optional<ShapeReading> cut(Piece piece) {
        return StraightCuts.of(piece.polygon())
                .flatMap(all -> all.areFew()
                        ? Optional.of(of(all, piece.scores(), Optional.empty()))
                        : piece.scores().stream()
                                .flatMap(s -> folded(piece, s).stream())
                                .findFirst());
    }

    /** A piece that is the same on both sides of a score right across it: folded over it, half of the cuts will do. */
    private static Optional<ShapeReading> folded(Piece piece, ScoreLine score) {
        Polygon outline = piece.polygon();
        Envelope box = outline.getEnvelopeInternal();
        LineSegment line = new LineSegment(score.from().coordinate(), score.to().coordinate());
        boolean level = score.isLevel() && line.getLength() >= box.getWidth() - RulerMark.NOTHING;
        boolean upright = score.isUpright() && line.getLength() >= box.getHeight() - RulerMark.NOTHING;
        if (!level && !upright || !isEven(outline, line)) {
            return Optional.empty();
        }
        Envelope stays = level
                ? new Envelope(box.getMinX(), box.getMaxX(), box.getMinY(), line.p0.y)
                : new Envelope(box.getMinX(), line.p0.x, box.getMinY(), box.getMaxY());
        return Regions.intersection(outline, outline.getFactory().toGeometry(stays)) instanceof Polygon half
                ? StraightCuts.of(half)
                        .filter(StraightCuts::areFew)
                        .map(cuts -> of(cuts, List.of(), Optional.of(score)))
                : Optional.empty();
    }

    private static boolean isEven(Polygon outline, LineSegment line) {
        Polygon other = FlatMotion.reflection(line).apply(outline);
        return Stream.of(outline.getExteriorRing().getCoordinates())
                .allMatch(c -> Stream.of(other.getExteriorRing().getCoordinates())
                        .anyMatch(o -> o.distance(c) <= 2 * RulerMark.NOTHING));
    }

    private static ShapeReading of(StraightCuts all, List<ScoreLine> scores, Optional<ScoreLine> folded) {
        return new ShapeReading(
                all.cuts().stream().map(c -> marked(c, all.box(), scores)).toList(), folded);
    }

    private static MarkedCut marked(LineSegment cut, Envelope box, List<ScoreLine> scores) {
        RulerMark one = mark(cut.p0, box, scores);
        RulerMark other = mark(cut.p1, box, scores);
        return isMeasured(other) && !isMeasured(one) ? new MarkedCut(other, one) : new MarkedCut(one, other);
    }

    private static boolean isMeasured(RulerMark mark) {
        return mark instanceof RulerMark.Middle || mark instanceof RulerMark.OnEdge edge && !edge.isCorner();
    }

    private static RulerMark mark(Coordinate end, Envelope box, List<ScoreLine> scores) {
        Size size = new Size(Length.nearestTo(box.getWidth()), Length.nearestTo(box.getHeight()));
        Point place = new Point(Length.nearestTo(end.x - box.getMinX()), Length.nearestTo(end.y - box.getMinY()));
        RulerMark mark = RulerMark.at(place, size, scores, scores)
                .orElseGet(() -> RulerMark.of(place.x().count(), place.y().count(), size));
        return mark instanceof RulerMark.OnEdge edge && isMiddle(edge, size)
                ? new RulerMark.Middle(edge.onSide(), edge.onSide() ? edge.atRight() : edge.atTop(), edge.fromCorner())
                : mark;
    }

    private static boolean isMiddle(RulerMark.OnEdge edge, Size size) {
        Length side = edge.onSide() ? size.height() : size.width();
        return !edge.isCorner() && Math.abs(2 * edge.fromCorner().count() - side.count()) <= 2;
    }

    /** "from the middle of the bottom edge to the top left corner, and from there to the top right corner". */
    public String text(Ruler ruler) {
        StringBuilder said = new StringBuilder();
        for (int i = 0; i < cuts.size(); i++) {
            MarkedCut cut = cuts.get(i);
            boolean sameStart = i > 0 && cut.from().equals(cuts.get(i - 1).from());
            said.append(i == 0 ? "" : ", and ");
            said.append(sameStart ? "from there" : "from " + cut.from().text(ruler));
            said.append(" to ").append(cut.to().text(ruler));
        }
        return said.toString();
    }

    /** In a list, beside the size of the rectangle that is cut first. */
    public String note() {
        return folded.isPresent() ? "folded, then " + many() + " through both layers" : "then " + many();
    }

    /** "by 2 straight cuts", without the marks. */
    public String way() {
        return folded.isPresent() ? "folded, by " + many() + " through both layers" : "by " + many();
    }

    private String many() {
        return cuts.size() == 1 ? "one straight cut" : "%d straight cuts".formatted(cuts.size());
    }

    /** Which way the half that is folded over goes, and where the fold then lies. */
    public Optional<String> foldedFirst() {
        return folded.map(score -> "Fold it in half, %s, with the fold %s"
                .formatted(
                        score.fold() == Fold.MOUNTAIN ? "face out" : "face in",
                        score.isLevel() ? "at the top" : "at the right"));
    }
}
