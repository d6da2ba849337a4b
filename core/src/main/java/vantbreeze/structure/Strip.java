package vantbreeze.structure;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.measure.Length;

/**
 * A rectangle that is scored from edge to edge and nowhere else: most pieces are, and their panels follow at once.
 *
 * @param folds where the scores are, rising
 */
record Strip(Piece piece, List<Length> folds) {

    /** @return the strip, or empty if the piece is none */
    static Optional<Strip> of(Piece piece) {
        Polygon outline = piece.polygon();
        if (!piece.slits().isEmpty() || !piece.holes().isEmpty() || !outline.isRectangle()) {
            return Optional.empty();
        }
        Envelope box = outline.getEnvelopeInternal();
        boolean acrossAll = piece.scores().stream()
                .allMatch(s -> s.isUpright()
                        && Math.min(s.from().y().count(), s.to().y().count()) == box.getMinY()
                        && Math.max(s.from().y().count(), s.to().y().count()) == box.getMaxY()
                        && s.from().x().count() > box.getMinX()
                        && s.from().x().count() < box.getMaxX());
        List<Length> folds = piece.scores().stream()
                .map(s -> s.from().x())
                .distinct()
                .sorted()
                .toList();
        return acrossAll && folds.size() == piece.scores().size()
                ? Optional.of(new Strip(piece, folds))
                : Optional.empty();
    }

    /** The panels from left to right. */
    List<Polygon> outlines() {
        Envelope box = piece.polygon().getEnvelopeInternal();
        List<Polygon> outlines = new ArrayList<>();
        double left = box.getMinX();
        for (int i = 0; i <= folds.size(); i++) {
            double right = i < folds.size() ? folds.get(i).count() : box.getMaxX();
            outlines.add(rectangle(left, right, box.getMinY(), box.getMaxY()));
            left = right;
        }
        return outlines;
    }

    private static Polygon rectangle(double left, double right, double bottom, double top) {
        Coordinate first = new Coordinate(left, bottom);
        return Piece.GEOMETRY.createPolygon(new Coordinate[] {
            first, new Coordinate(right, bottom), new Coordinate(right, top), new Coordinate(left, top), first
        });
    }

    /** @return the index of the panel to the right of that score */
    int panelAfter(ScoreLine score) {
        return folds.indexOf(score.from().x()) + 1;
    }
}
