package vantbreeze.server.export;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.LineSegment;
import vantbreeze.measure.Length;
import vantbreeze.structure.Curve;
import vantbreeze.structure.Stretch;

/** What has been cut straight on a sheet: where another outline runs along it, in whatever direction, nothing is cut again. */
final class CutOnce {

    /** Edges nearer than that are one, in counts: 0.02 mm. */
    private static final double NEAR = 0.02 * Length.COUNTS_PER_MILLIMETRE;

    private final List<LineSegment> cut = new ArrayList<>();

    /** @param from in counts */
    void add(Coordinate from, Coordinate to) {
        cut.add(new LineSegment(from, to));
    }

    /**
     * @param ring of an outline, in counts, each curve beginning where the one before ends
     * @return what of it is still to be cut, in runs that hang together; the ring itself if all of it is
     */
    List<List<Curve>> remaining(List<Curve> ring) {
        List<List<Curve>> runs = new ArrayList<>();
        List<Curve> run = new ArrayList<>();
        List<LineSegment> own = new ArrayList<>();
        for (Curve curve : ring) {
            boolean isStraight = curve instanceof Curve.Straight;
            for (Curve left : isStraight ? uncut(curve.from(), curve.to()) : List.of(curve)) {
                if (!run.isEmpty() && run.get(run.size() - 1).to().distance(left.from()) > NEAR) {
                    runs.add(run);
                    run = new ArrayList<>();
                }
                run.add(left);
                if (isStraight) {
                    own.add(new LineSegment(left.from(), left.to()));
                }
            }
        }
        cut.addAll(own);
        boolean goesOnAtTheBeginning = !run.isEmpty()
                && !runs.isEmpty()
                && run.get(run.size() - 1).to().distance(runs.get(0).get(0).from()) <= NEAR;
        if (goesOnAtTheBeginning) {
            run.addAll(runs.remove(0));
        }
        if (!run.isEmpty()) {
            runs.add(run);
        }
        return runs;
    }

    private List<Curve> uncut(Coordinate from, Coordinate to) {
        LineSegment line = new LineSegment(from, to);
        if (line.getLength() <= NEAR) {
            return List.of();
        }
        List<Stretch> covered = cut.stream()
                .flatMap(other -> Stretch.alongside(line, other, NEAR).stream())
                .filter(stretch -> stretch.of(line) > NEAR)
                .sorted(Comparator.comparingDouble(Stretch::from))
                .toList();
        List<Curve> left = new ArrayList<>();
        double at = 0;
        for (Stretch stretch : covered) {
            add(left, line, new Stretch(at, stretch.from()));
            at = Math.max(at, stretch.to());
        }
        add(left, line, new Stretch(at, 1));
        return left;
    }

    private static void add(List<Curve> left, LineSegment line, Stretch uncut) {
        if (uncut.of(line) > NEAR) {
            LineSegment piece = uncut.on(line);
            left.add(new Curve.Straight(piece.p0, piece.p1));
        }
    }
}
