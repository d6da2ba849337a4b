package vantbreeze.make;

import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.LineSegment;
import vantbreeze.structure.Piece;
import vantbreeze.structure.ScoreLine;

/**
 * The creases that need no ruler: the ends of two slits lie on their line, and what the slits free is pushed through there.
 * Common practice, no published source.
 */
public final class PlacedBySlits {

    /** Rounding to whole counts, never a measure. */
    private static final double NEAR = 4;

    private PlacedBySlits() {}

    /** @return the ids of those scores of a piece that run aslant between ends of its slits, or from such an end on */
    public static Set<String> of(Piece piece) {
        return piece.scores().stream()
                .filter(s -> s.path().isStraight() && !s.isUpright() && !s.isLevel())
                .filter(s -> beginsAtASlit(piece, s) && ends(piece, s) >= 2)
                .map(ScoreLine::id)
                .collect(Collectors.toUnmodifiableSet());
    }

    /** The ends of slits on the line of a score, far beyond its own ends too. */
    private static long ends(Piece piece, ScoreLine score) {
        LineSegment line = score.path().legs().get(0);
        return slitEnds(piece)
                .filter(end -> line.distancePerpendicular(end) <= NEAR)
                .map(end -> new Coordinate(Math.rint(end.x), Math.rint(end.y)))
                .distinct()
                .count();
    }

    private static boolean beginsAtASlit(Piece piece, ScoreLine score) {
        return slitEnds(piece)
                .anyMatch(end -> end.distance(score.from().coordinate()) <= NEAR
                        || end.distance(score.to().coordinate()) <= NEAR);
    }

    private static Stream<Coordinate> slitEnds(Piece piece) {
        return piece.slits().stream()
                .filter(s -> !s.path().isCurved())
                .flatMap(s -> Stream.of(s.from().coordinate(), s.to().coordinate()));
    }
}
