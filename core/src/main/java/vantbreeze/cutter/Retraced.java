package vantbreeze.cutter;

import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.LineSegment;
import org.locationtech.jts.index.strtree.STRtree;
import vantbreeze.structure.Effort;
import vantbreeze.structure.Stretch;

/** How far a line runs along what it has been before: there and back, or round and round again. */
final class Retraced {

    /** Nearer along the line than so many times the distance, stretches lie beside each other anyway. */
    private static final int APART = 20;

    private final List<Coordinate> points;
    private final double near;
    private final boolean closed;
    private final STRtree index = new STRtree();

    /** How far along the line each point lies. */
    private final double[] along;

    private Retraced(Stroke stroke, double near) {
        this.points = stroke.points();
        this.near = near;
        this.closed = stroke.isClosed();
        along = new double[points.size()];
        for (int i = 1; i < points.size(); i++) {
            along[i] = along[i - 1] + points.get(i).distance(points.get(i - 1));
            index.insert(new Envelope(points.get(i - 1), points.get(i)), i - 1);
        }
        index.build();
    }

    /**
     * @param near two places that are no farther apart, in mm, are one
     * @return in mm
     */
    static double length(Stroke stroke, double near) {
        return new Retraced(stroke, near).length();
    }

    @SuppressWarnings("unchecked")
    private double length() {
        double again = 0;
        for (int later = 1; later + 1 < points.size(); later++) {
            LineSegment line = segment(later);
            Envelope around = new Envelope(line.p0, line.p1);
            around.expandBy(near);
            double most = 0;
            for (int earlier : (List<Integer>) index.query(around)) {
                Effort.spend(1);
                if (earlier < later && (isBack(earlier, later) || isFar(earlier, later))) {
                    most = Math.max(
                            most,
                            Stretch.alongside(line, segment(earlier), near)
                                    .map(stretch -> stretch.of(line))
                                    .orElse(0.0));
                }
            }
            again += most;
        }
        return again;
    }

    private LineSegment segment(int i) {
        return new LineSegment(points.get(i), points.get(i + 1));
    }

    private boolean isBack(int one, int other) {
        LineSegment a = segment(one);
        LineSegment b = segment(other);
        double dot = (a.p1.x - a.p0.x) * (b.p1.x - b.p0.x) + (a.p1.y - a.p0.y) * (b.p1.y - b.p0.y);
        return dot < 0;
    }

    private boolean isFar(int earlier, int later) {
        double between = along[later] - along[earlier + 1];
        double round = along[earlier] + along[along.length - 1] - along[later + 1];
        return (closed ? Math.min(between, round) : between) > APART * near;
    }
}
