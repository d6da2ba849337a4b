package vantbreeze.hand;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.LineSegment;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.fold.Displaced;
import vantbreeze.operation.Effect;
import vantbreeze.operation.Setting;
import vantbreeze.structure.Bond;
import vantbreeze.structure.FlatMotion;
import vantbreeze.structure.Hinge;
import vantbreeze.structure.Panel;
import vantbreeze.structure.Side;
import vantbreeze.structure.Structure;

/**
 * A card whose settings were missed by a little. Lines move in parallel, so nothing turns and everything depends linearly on
 * what was missed.
 */
final class Drift implements Displaced {

    private static final double[] STILL = {0, 0};

    /** Parallel lines: their cross product is rounding. */
    private static final double PARALLEL = 1e-6;

    /** An edge lies on a line of the piece if it is no farther away: rounding of oblique lines. */
    private static final double ON_LINE = 2;

    private final Structure structure;
    private final Map<String, double[]> scores = new HashMap<>();
    private final Map<String, double[]> edges = new HashMap<>();
    private final Map<String, double[]> bonds = new HashMap<>();
    private final Map<String, List<Hinge>> hingesOf = new HashMap<>();
    private final Map<Panel, Polygon> outlines = new HashMap<>();
    private final Map<String, Envelope> boxes = new HashMap<>();

    /** @param missed by how many counts each setting is more than planned */
    Drift(Structure structure, Map<Setting, Double> missed) {
        this.structure = structure;
        for (Hinge hinge : structure.hinges()) {
            hingesOf.computeIfAbsent(hinge.first().name(), k -> new ArrayList<>())
                    .add(hinge);
            hingesOf.computeIfAbsent(hinge.second().name(), k -> new ArrayList<>())
                    .add(hinge);
        }
        missed.forEach((setting, counts) -> miss(setting.effect(), counts));
    }

    private void miss(Effect effect, double counts) {
        if (effect instanceof Effect.OfScores moved) {
            moved.scores().forEach(s -> add(scores, s, moved.dx() * counts, moved.dy() * counts));
        } else if (effect instanceof Effect.OfEdge edge) {
            edge.pieces().forEach(p -> add(edges, p, edge.right() ? counts : 0, edge.right() ? 0 : counts));
            edge.with().forEach(s -> add(scores, s, counts, 0));
        } else if (effect instanceof Effect.OfBond glued) {
            add(bonds, glued.bond(), glued.dx() * counts, glued.dy() * counts);
        }
    }

    private static void add(Map<String, double[]> to, String what, double dx, double dy) {
        double[] sum = to.computeIfAbsent(what, k -> new double[2]);
        sum[0] += dx;
        sum[1] += dy;
    }

    @Override
    public LineSegment line(Hinge hinge) {
        double[] by = scores.getOrDefault(hinge.score().id(), STILL);
        return FlatMotion.shift(by[0], by[1]).apply(hinge.line());
    }

    @Override
    public Polygon outline(Panel panel) {
        return outlines.computeIfAbsent(panel, this::displaced);
    }

    private Polygon displaced(Panel panel) {
        Polygon outline = panel.outline();
        LinearRing[] holes = new LinearRing[outline.getNumInteriorRing()];
        for (int i = 0; i < holes.length; i++) {
            holes[i] = displaced(panel, outline.getInteriorRingN(i));
        }
        return outline.getFactory().createPolygon(displaced(panel, outline.getExteriorRing()), holes);
    }

    private LinearRing displaced(Panel panel, LinearRing ring) {
        Coordinate[] c = ring.getCoordinates();
        int n = c.length - 1;
        double[][] by = new double[n][];
        for (int i = 0; i < n; i++) {
            by[i] = movedBy(panel, c[i], c[i + 1]);
        }
        Coordinate[] moved = new Coordinate[c.length];
        for (int i = 0; i < n; i++) {
            int before = (i + n - 1) % n;
            moved[i] = corner(c[before], c[i], c[i + 1], by[before], by[i]);
        }
        moved[n] = moved[0].copy();
        return ring.getFactory().createLinearRing(moved);
    }

    /** How far the line of an edge moves. */
    private double[] movedBy(Panel panel, Coordinate a, Coordinate b) {
        for (Hinge hinge : hingesOf.getOrDefault(panel.name(), List.of())) {
            if (hinge.line().distance(a) < ON_LINE && hinge.line().distance(b) < ON_LINE) {
                return scores.getOrDefault(hinge.score().id(), STILL);
            }
        }
        double[] edge = edges.get(panel.piece());
        if (edge != null) {
            Envelope box = boxes.computeIfAbsent(
                    panel.piece(), p -> structure.piece(p).polygon().getEnvelopeInternal());
            if (a.x == box.getMaxX() && b.x == box.getMaxX()) {
                return new double[] {edge[0], 0};
            }
            if (a.y == box.getMaxY() && b.y == box.getMaxY()) {
                return new double[] {0, edge[1]};
            }
        }
        return STILL;
    }

    /** Where two moved lines meet; of two parallel ones the one that moves farther takes the corner along. */
    private static Coordinate corner(Coordinate before, Coordinate at, Coordinate after, double[] one, double[] other) {
        double ux = at.x - before.x;
        double uy = at.y - before.y;
        double vx = after.x - at.x;
        double vy = after.y - at.y;
        double cross = ux * vy - uy * vx;
        if (Math.abs(cross) <= PARALLEL * Math.hypot(ux, uy) * Math.hypot(vx, vy)) {
            double[] by = Math.hypot(one[0], one[1]) >= Math.hypot(other[0], other[1]) ? one : other;
            return new Coordinate(at.x + by[0], at.y + by[1]);
        }
        double first = one[0] * uy - one[1] * ux;
        double second = other[0] * vy - other[1] * vx;
        return new Coordinate(at.x + (second * ux - first * vx) / cross, at.y + (second * uy - first * vy) / cross);
    }

    /**
     * The maker measures from the edges that are there: where these moved, so does what is glued. What lands by itself is not
     * asked for its place.
     */
    @Override
    public FlatMotion placement(Bond bond) {
        Panel laid = structure.panel(bond.panel());
        Panel onto = structure.panel(bond.onto());
        double[] by = bonds.getOrDefault(bond.id(), STILL);
        boolean turned = bond.ontoSide() == Side.BACK;
        Envelope taking = onto.outline().getEnvelopeInternal();
        Envelope takingNow = outline(onto).getEnvelopeInternal();
        Envelope lying = bond.placement().apply(laid.outline()).getEnvelopeInternal();
        Envelope lyingNow = bond.placement().apply(outline(laid)).getEnvelopeInternal();
        boolean atMaximum = turned ? lying.getMaxX() <= taking.getMaxX() : lying.getMinX() < taking.getMinX();
        double dx = atMaximum
                ? (takingNow.getMaxX() - taking.getMaxX()) - (lyingNow.getMaxX() - lying.getMaxX())
                : (takingNow.getMinX() - taking.getMinX()) - (lyingNow.getMinX() - lying.getMinX());
        double dy = lying.getMinY() < taking.getMinY()
                ? (takingNow.getMaxY() - taking.getMaxY()) - (lyingNow.getMaxY() - lying.getMaxY())
                : (takingNow.getMinY() - taking.getMinY()) - (lyingNow.getMinY() - lying.getMinY());
        return FlatMotion.shift(dx + by[0], dy + by[1]).after(bond.placement());
    }
}
