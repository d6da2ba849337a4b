package vantbreeze.fold;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.locationtech.jts.algorithm.locate.SimplePointInAreaLocator;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Location;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.measure.Length;
import vantbreeze.structure.Bond;
import vantbreeze.structure.Fold;
import vantbreeze.structure.Hinge;
import vantbreeze.structure.Panel;
import vantbreeze.structure.Side;
import vantbreeze.structure.Structure;

/** What can be seen of a card in one pose by someone far away. */
public final class Sight {

    /** From straight before the card as it stands. */
    public static final double[] FRONT = {0, 0, 1};

    /** From before it, a good way to either side or above. */
    public static final List<double[]> ASIDE = List.of(
            new double[] {Math.sin(Math.toRadians(40)), 0, Math.cos(Math.toRadians(40))},
            new double[] {-Math.sin(Math.toRadians(40)), 0, Math.cos(Math.toRadians(40))},
            new double[] {0, Math.sin(Math.toRadians(40)), Math.cos(Math.toRadians(40))});

    /** Sample places along either side of a panel. */
    private static final int SAMPLES = 5;

    /** What is seen under a flatter angle is seen edge on: 0.1 is about 6 degrees. */
    private static final double EDGE_ON = 0.1;

    /** What lies on a panel closer than this touches it. */
    private static final double TOUCHES_COUNTS = 0.05 * Length.COUNTS_PER_MILLIMETRE;

    private final List<Panel> panels;
    private final List<RigidMotion> pose;
    private final List<RigidMotion> back;

    /** For either side of a panel the panels that lie on it, glued or folded all the way. */
    private final Map<Seen, Set<Panel>> lyingOn = new HashMap<>();

    /** One side of a panel. */
    public record Seen(Panel panel, Side side) {}

    private Sight(Structure structure, List<RigidMotion> pose) {
        this.panels = structure.panels();
        this.pose = pose;
        this.back = pose.stream().map(RigidMotion::inverse).toList();
        for (Bond bond : structure.bonds()) {
            Panel panel = structure.panel(bond.panel());
            Panel onto = structure.panel(bond.onto());
            layOn(panel, bond.side(), onto);
            layOn(onto, bond.ontoSide(), panel);
        }
        for (Hinge hinge : structure.hinges()) {
            Side inner = hinge.score().fold() == Fold.VALLEY ? Side.FACE : Side.BACK;
            layOn(hinge.first(), inner, hinge.second());
            layOn(hinge.second(), inner, hinge.first());
        }
    }

    private void layOn(Panel panel, Side side, Panel other) {
        lyingOn.computeIfAbsent(new Seen(panel, side), k -> new HashSet<>()).add(other);
    }

    public static Sight of(Structure structure, List<RigidMotion> pose) {
        return new Sight(structure, pose);
    }

    /**
     * @param towards where the viewer is, a unit vector
     * @return every side of which some of the sample places are seen
     */
    public Set<Seen> from(double[] towards) {
        Set<Seen> seen = new HashSet<>();
        List<double[]> ways = back.stream().map(m -> turned(m.r(), towards)).toList();
        for (int i = 0; i < panels.size(); i++) {
            double facing = dot(pose.get(i).faceNormal(), towards);
            Seen side = new Seen(panels.get(i), facing > 0 ? Side.FACE : Side.BACK);
            if (Math.abs(facing) > EDGE_ON && !panels.get(i).isClear() && isSeen(i, side, ways)) {
                seen.add(side);
            }
        }
        return seen;
    }

    private static double[] turned(double[] r, double[] v) {
        return new double[] {
            r[0] * v[0] + r[1] * v[1] + r[2] * v[2],
            r[3] * v[0] + r[4] * v[1] + r[5] * v[2],
            r[6] * v[0] + r[7] * v[1] + r[8] * v[2]
        };
    }

    private static double dot(org.locationtech.jts.math.Vector3D a, double[] b) {
        return a.getX() * b[0] + a.getY() * b[1] + a.getZ() * b[2];
    }

    private boolean isSeen(int panel, Seen side, List<double[]> ways) {
        Set<Panel> touching = lyingOn.getOrDefault(side, Set.of());
        for (Coordinate place : samples(side.panel())) {
            Coordinate at = pose.get(panel).apply(place);
            boolean open = true;
            for (int i = 0; open && i < panels.size(); i++) {
                open = i == panel
                        || panels.get(i).isClear()
                        || !hides(i, at, ways.get(i), touching.contains(panels.get(i)));
            }
            if (open) {
                return true;
            }
        }
        return false;
    }

    private static List<Coordinate> samples(Panel panel) {
        Envelope box = panel.outline().getEnvelopeInternal();
        List<Coordinate> samples = new ArrayList<>();
        for (int i = 0; i < SAMPLES; i++) {
            for (int j = 0; j < SAMPLES; j++) {
                Coordinate at = new Coordinate(
                        box.getMinX() + (i + 0.5) * box.getWidth() / SAMPLES,
                        box.getMinY() + (j + 0.5) * box.getHeight() / SAMPLES);
                if (panel.outline().isRectangle()
                        || SimplePointInAreaLocator.locate(at, panel.outline()) == Location.INTERIOR) {
                    samples.add(at);
                }
            }
        }
        return samples.isEmpty() ? List.of(panel.outline().getInteriorPoint().getCoordinate()) : samples;
    }

    /**
     * Whether a panel stands between a place and the viewer.
     *
     * @param way to the viewer, in that panel's flat coordinates
     * @param touching whether it lies on the side that the place is on
     */
    private boolean hides(int panel, Coordinate place, double[] way, boolean touching) {
        if (Math.abs(way[2]) < EDGE_ON * EDGE_ON) {
            return false;
        }
        double[] r = back.get(panel).r();
        double[] t = back.get(panel).t();
        double z = place.getZ();
        double far = -(r[6] * place.x + r[7] * place.y + r[8] * z + t[2]) / way[2];
        if (far < -TOUCHES_COUNTS || (far <= TOUCHES_COUNTS && !touching)) {
            return false;
        }
        Polygon outline = panels.get(panel).outline();
        double x = r[0] * place.x + r[1] * place.y + r[2] * z + t[0] + far * way[0];
        double y = r[3] * place.x + r[4] * place.y + r[5] * z + t[1] + far * way[1];
        return outline.getEnvelopeInternal().contains(x, y)
                && (outline.isRectangle()
                        || SimplePointInAreaLocator.locate(new Coordinate(x, y), outline) != Location.EXTERIOR);
    }
}
