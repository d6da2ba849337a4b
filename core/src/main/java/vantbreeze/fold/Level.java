package vantbreeze.fold;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.locationtech.jts.geom.Coordinate;
import vantbreeze.measure.Length;
import vantbreeze.structure.Panel;
import vantbreeze.structure.Structure;

/** Which panels stay so nearly in one plane with another while the card moves that one paper may be glued to both. */
public final class Level {

    /** Paper gives so much. Derived, please check: the two fronts of a peaked house part by a little more than four degrees. */
    private static final double A_FEW_DEGREES = Math.toRadians(5);

    /** How far two panels may part within the plane, in counts. */
    private static final double PARTS = Length.COUNTS_PER_MILLIMETRE;

    private Level() {}

    /**
     * @param poses all that the card goes through, the first as it is closed
     * @return the panels that stay level with that one throughout, itself left out
     */
    public static Set<Panel> with(Panel panel, Structure structure, List<List<RigidMotion>> poses) {
        List<Panel> panels = structure.panels();
        int own = panels.indexOf(panel);
        Set<Panel> level = new HashSet<>();
        for (int i = 0; i < panels.size(); i++) {
            int other = i;
            boolean stays = i != own
                    && !poses.isEmpty()
                    && poses.stream().allMatch(pose -> isLevel(pose, own, other, panels, poses.get(0)));
            if (stays) {
                level.add(panels.get(i));
            }
        }
        return level;
    }

    /** What a card goes through from closed on: every stage that lies, and the way to every one that stands. */
    public static List<List<RigidMotion>> poses(FlatStage closed, List<Scene> scenes) {
        List<List<RigidMotion>> poses = new ArrayList<>(List.of(lying(closed)));
        for (Scene scene : scenes) {
            if (scene instanceof Scene.Raised raised) {
                poses.addAll(raised.way().frames());
            } else if (scene instanceof Scene.Lying lying) {
                poses.add(lying(lying.layers().stage()));
            }
        }
        return poses;
    }

    private static List<RigidMotion> lying(FlatStage stage) {
        return stage.panels().stream().map(p -> RigidMotion.of(p.motion())).toList();
    }

    private static boolean isLevel(
            List<RigidMotion> pose, int own, int other, List<Panel> panels, List<RigidMotion> closed) {
        if (pose.get(own).faceNormal().dot(pose.get(other).faceNormal()) < Math.cos(A_FEW_DEGREES)) {
            return false;
        }
        Coordinate middle = panels.get(other).outline().getCentroid().getCoordinate();
        Coordinate now = pose.get(own).inverse().apply(pose.get(other).apply(middle));
        Coordinate before = closed.get(own).inverse().apply(closed.get(other).apply(middle));
        Coordinate ownMiddle = panels.get(own).outline().getCentroid().getCoordinate();
        double apart = Math.hypot(now.x - ownMiddle.x, now.y - ownMiddle.y);
        return Math.abs(now.getZ()) <= Math.sin(A_FEW_DEGREES) * apart
                && Math.hypot(now.x - before.x, now.y - before.y) <= PARTS;
    }
}
