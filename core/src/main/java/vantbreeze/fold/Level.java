package vantbreeze.fold;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.IntStream;
import org.locationtech.jts.geom.Coordinate;
import vantbreeze.measure.Length;
import vantbreeze.structure.Panel;
import vantbreeze.structure.Stage;
import vantbreeze.structure.Structure;

/** Which panels stay so nearly in one plane with another while the card moves that one paper may be glued to both. */
public final class Level {

    /** Paper gives so much. Derived, please check: the two fronts of a peaked house part by a little more than four degrees. */
    private static final double A_FEW_DEGREES = Math.toRadians(5);

    /** How far two panels that do not turn may part, in counts. */
    private static final double PARTS = Length.COUNTS_PER_MILLIMETRE;

    private final List<Panel> panels;
    private final Supplier<List<Motion>> solved;
    private List<Motion> ways;

    private Level(Structure structure, Supplier<List<Motion>> solved) {
        this.panels = structure.panels();
        this.solved = solved;
    }

    /** On one part of the way. */
    static Level along(Structure structure, Motion way) {
        return new Level(structure, () -> List.of(way));
    }

    /**
     * All the way from closed on: to every stage that the recipient is shown, and opened out where the card lies flat so. It is
     * found when it is first asked for.
     */
    public static Level of(Structure structure, FlatStage closed, List<Scene> scenes) {
        return new Level(structure, () -> ways(structure, closed, scenes));
    }

    private static List<Motion> ways(Structure structure, FlatStage closed, List<Scene> scenes) {
        List<Motion> ways = new ArrayList<>();
        Stage before = structure.closed();
        for (Scene scene : scenes) {
            if (scene.stage().role() != Stage.Role.MADE) {
                ways.add(way(structure, before, scene));
                before = scene.stage();
            }
        }
        Scene.opened(scenes).ifPresent(flat -> ways.add(jump(structure.closed(), lying(closed), flat)));
        return ways;
    }

    /** Where the way to a stage that lies is not found, it is judged by its end. */
    private static Motion way(Structure structure, Stage before, Scene scene) {
        if (scene instanceof Scene.Raised raised) {
            return raised.way();
        }
        Motion way = PoseSolver.between(structure, before, scene.stage(), PoseSolver.FEW);
        return way.blocked().isEmpty() ? way : jump(before, way.frames().get(0), ((Scene.Lying) scene).layers());
    }

    private static Motion jump(Stage from, List<RigidMotion> start, LayerStack to) {
        return new Motion(from.name(), to.stage().name(), List.of(start, lying(to.stage())), Optional.empty());
    }

    private static List<RigidMotion> lying(FlatStage stage) {
        return stage.panels().stream().map(p -> RigidMotion.of(p.motion())).toList();
    }

    private List<Motion> ways() {
        if (ways == null) {
            ways = solved.get();
        }
        return ways;
    }

    /** @return the panels that stay level with that one throughout, itself left out */
    Set<Panel> with(Panel panel) {
        Set<Panel> level = new HashSet<>(panels);
        level.removeIf(other -> other.equals(panel) || !stay(panel, other));
        return level;
    }

    /** Whether they stay level throughout. Without a way nothing is known to. */
    public boolean stay(Panel one, Panel other) {
        return !ways().isEmpty() && parting(one, other).isEmpty();
    }

    /**
     * Where two panels part.
     *
     * @param from the stage after which they first do
     * @param to the stage that the card is on its way to then
     * @param degrees how far one turns from the other at the most on that way
     * @param apart how far one moves from the other at the most on that way
     */
    public record Parting(String from, String to, double degrees, Length apart) {

        /** Whether turning, rather than moving, is what parts them. */
        public boolean isTurn() {
            return Math.toRadians(degrees) > A_FEW_DEGREES;
        }
    }

    /** @return where they first part; empty if they stay level throughout */
    public Optional<Parting> parting(Panel one, Panel other) {
        if (ways().isEmpty()) {
            return Optional.empty();
        }
        int own = panels.indexOf(one);
        int far = panels.indexOf(other);
        List<RigidMotion> start = ways().get(0).frames().get(0);
        return ways().stream()
                .filter(w -> !w.frames().stream().allMatch(pose -> isLevel(pose, own, far, start)))
                .findFirst()
                .map(w -> new Parting(
                        w.from(),
                        w.to(),
                        w.frames().stream()
                                .mapToDouble(pose -> turned(pose, own, far, start))
                                .max()
                                .orElse(0),
                        Length.nearestTo(w.frames().stream()
                                .mapToDouble(pose -> moved(pose, own, far, start))
                                .max()
                                .orElse(0))));
    }

    private boolean isLevel(List<RigidMotion> pose, int own, int other, List<RigidMotion> start) {
        if (Math.toRadians(turned(pose, own, other, start)) > A_FEW_DEGREES) {
            return false;
        }
        Coordinate now = seen(pose, own, other);
        Coordinate before = seen(start, own, other);
        Coordinate middle = middle(own);
        double apart = Math.hypot(now.x - middle.x, now.y - middle.y);
        return Math.abs(now.getZ()) <= Math.max(PARTS, Math.sin(A_FEW_DEGREES) * apart)
                && Math.hypot(now.x - before.x, now.y - before.y) <= PARTS;
    }

    /** How far the other's face has turned from where it looked, as seen from the own panel. */
    private static double turned(List<RigidMotion> pose, int own, int other, List<RigidMotion> start) {
        double cosine =
                from(pose, own, other).faceNormal().dot(from(start, own, other).faceNormal());
        return Math.toDegrees(Math.acos(Math.max(-1, Math.min(1, cosine))));
    }

    private static RigidMotion from(List<RigidMotion> pose, int own, int other) {
        return pose.get(own).inverse().after(pose.get(other));
    }

    /** The farthest that a corner of the other moves from where it was, as seen from the own panel. */
    private double moved(List<RigidMotion> pose, int own, int other, List<RigidMotion> start) {
        Coordinate[] corners = panels.get(other).outline().getCoordinates();
        RigidMotion now = from(pose, own, other);
        RigidMotion before = from(start, own, other);
        return IntStream.range(0, corners.length)
                .mapToDouble(i -> now.apply(corners[i]).distance3D(before.apply(corners[i])))
                .max()
                .orElse(0);
    }

    /** The other panel's middle from the own one. */
    private Coordinate seen(List<RigidMotion> pose, int own, int other) {
        return pose.get(own).inverse().apply(pose.get(other).apply(middle(other)));
    }

    private Coordinate middle(int panel) {
        return panels.get(panel).outline().getCentroid().getCoordinate();
    }
}
