package vantbreeze.fold;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.locationtech.jts.algorithm.locate.SimplePointInAreaLocator;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Location;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;
import org.locationtech.jts.geom.util.NoninvertibleTransformationException;
import vantbreeze.measure.Length;
import vantbreeze.structure.Bond;
import vantbreeze.structure.Effort;
import vantbreeze.structure.Fold;
import vantbreeze.structure.Hinge;
import vantbreeze.structure.Panel;
import vantbreeze.structure.Regions;
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
    private final List<Envelope> boxes;
    private final List<Boolean> rectangles;

    /** For either side of a panel the panels that lie on it, glued or folded all the way. */
    private final Map<Seen, Set<Panel>> lyingOn = new HashMap<>();

    /** One side of a panel. */
    public record Seen(Panel panel, Side side) {}

    private Sight(Structure structure, List<RigidMotion> pose) {
        this.panels = structure.panels();
        this.pose = pose;
        this.back = pose.stream().map(RigidMotion::inverse).toList();
        this.boxes = panels.stream().map(p -> p.outline().getEnvelopeInternal()).toList();
        this.rectangles = panels.stream().map(p -> p.outline().isRectangle()).toList();
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
        return from(towards, Set.of());
    }

    /** @param known sides that need no second look; they are left out */
    public Set<Seen> from(double[] towards, Set<Seen> known) {
        Set<Seen> seen = new HashSet<>();
        List<double[]> ways = back.stream().map(m -> turned(m.r(), towards)).toList();
        for (int i = 0; i < panels.size(); i++) {
            double facing = dot(pose.get(i).faceNormal(), towards);
            Seen side = sideSeen(i, towards);
            if (Math.abs(facing) > EDGE_ON
                    && !panels.get(i).isClear()
                    && !known.contains(side)
                    && isSeen(i, side, ways)) {
                seen.add(side);
            }
        }
        return seen;
    }

    /**
     * One side of a panel as it is seen.
     *
     * @param seen what is not hidden, on the picture: x right, y up, in counts of 1/640 mm
     * @param toPicture from the flat piece to the picture
     */
    public record View(Seen face, Geometry seen, AffineTransformation toPicture) {}

    /** Less of a face is a sliver between edges that coincide. */
    private static final double SLIVER = Length.COUNTS_PER_MILLIMETRE * Length.COUNTS_PER_MILLIMETRE;

    /**
     * A picture of the card from far away, exactly: what hides what is found out for each region that the panels' edges cut
     * the picture into. Panels do not pass through each other.
     *
     * @param towards where the viewer is, a unit vector neither straight above nor straight below
     */
    public List<View> picture(double[] towards) {
        double level = Math.hypot(towards[0], towards[2]);
        double[] right = {towards[2] / level, 0, -towards[0] / level};
        double[] up = {towards[1] * right[2], towards[2] * right[0] - towards[0] * right[2], -towards[1] * right[0]};
        List<double[]> ways = back.stream().map(m -> turned(m.r(), towards)).toList();
        List<Integer> shown = new ArrayList<>();
        List<AffineTransformation> pictures = new ArrayList<>();
        List<Polygon> outlines = new ArrayList<>();
        for (int i = 0; i < panels.size(); i++) {
            if (Math.abs(dot(pose.get(i).faceNormal(), towards)) > EDGE_ON
                    && !panels.get(i).isClear()) {
                AffineTransformation toPicture = onto(pose.get(i), right, up);
                shown.add(i);
                pictures.add(toPicture);
                outlines.add((Polygon) toPicture.transform(panels.get(i).outline()));
            }
        }
        Map<Integer, List<Polygon>> seen = new TreeMap<>();
        for (Overlay.Cell cell : Overlay.of(outlines).cells()) {
            if (cell.outline().getArea() > SLIVER) {
                Coordinate at = cell.outline().getInteriorPoint().getCoordinate();
                cell.covers().stream()
                        .filter(k -> isOpen(
                                shown.get(k),
                                flat(pictures.get(k), at),
                                lyingOn.getOrDefault(sideSeen(shown.get(k), towards), Set.of()),
                                ways))
                        .findFirst()
                        .ifPresent(k ->
                                seen.computeIfAbsent(k, n -> new ArrayList<>()).add(cell.outline()));
            }
        }
        List<View> views = new ArrayList<>();
        seen.forEach((k, cells) -> {
            int panel = shown.get(k);
            views.add(new View(sideSeen(panel, towards), Regions.union(cells), pictures.get(k)));
        });
        return views;
    }

    private Seen sideSeen(int panel, double[] towards) {
        boolean face = dot(pose.get(panel).faceNormal(), towards) > 0;
        return new Seen(panels.get(panel), face ? Side.FACE : Side.BACK);
    }

    private static Coordinate flat(AffineTransformation toPicture, Coordinate at) {
        try {
            return toPicture.getInverse().transform(at, new Coordinate());
        } catch (NoninvertibleTransformationException edgeOn) {
            throw new IllegalStateException("What is seen edge on must be left out.", edgeOn);
        }
    }

    private static AffineTransformation onto(RigidMotion m, double[] right, double[] up) {
        double[] r = m.r();
        double[] t = m.t();
        double[] numbers = new double[6];
        double[][] axes = {right, up};
        for (int row = 0; row < 2; row++) {
            double[] axis = axes[row];
            for (int column = 0; column < 2; column++) {
                numbers[3 * row + column] = axis[0] * r[column] + axis[1] * r[3 + column] + axis[2] * r[6 + column];
            }
            numbers[3 * row + 2] = axis[0] * t[0] + axis[1] * t[1] + axis[2] * t[2];
        }
        return new AffineTransformation(numbers);
    }

    /** @param touching the panels that lie on the side that is looked at */
    private boolean isOpen(int panel, Coordinate place, Set<Panel> touching, List<double[]> ways) {
        Effort.spend(panels.size());
        Coordinate at = pose.get(panel).apply(place);
        for (int i = 0; i < panels.size(); i++) {
            if (i != panel && hides(i, at, ways.get(i), touching)) {
                return false;
            }
        }
        return true;
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
        return samples(side.panel()).stream().anyMatch(place -> isOpen(panel, place, touching, ways));
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
     * @param touching the panels that lie on the side that the place is on
     */
    private boolean hides(int panel, Coordinate place, double[] way, Set<Panel> touching) {
        if (panels.get(panel).isClear() || Math.abs(way[2]) < EDGE_ON * EDGE_ON) {
            return false;
        }
        double[] r = back.get(panel).r();
        double[] t = back.get(panel).t();
        double z = place.getZ();
        double far = -(r[6] * place.x + r[7] * place.y + r[8] * z + t[2]) / way[2];
        if (far < -TOUCHES_COUNTS) {
            return false;
        }
        double x = r[0] * place.x + r[1] * place.y + r[2] * z + t[0] + far * way[0];
        double y = r[3] * place.x + r[4] * place.y + r[5] * z + t[1] + far * way[1];
        return boxes.get(panel).contains(x, y)
                && (far > TOUCHES_COUNTS || touching.contains(panels.get(panel)))
                && (rectangles.get(panel)
                        || SimplePointInAreaLocator.locate(
                                        new Coordinate(x, y), panels.get(panel).outline())
                                != Location.EXTERIOR);
    }
}
