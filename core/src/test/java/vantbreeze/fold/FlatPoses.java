package vantbreeze.fold;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import vantbreeze.measure.Length;
import vantbreeze.structure.Structure;

/** Compares poses found on the way with where the panels lie exactly. */
public final class FlatPoses {

    private static final double TOLERANCE_MM = 0.01;

    private FlatPoses() {}

    /** Every corner of every panel is where the flat stage has it, to a hundredth of a millimetre. */
    public static void assertLies(Structure structure, List<RigidMotion> pose, String stage) {
        FlatStage flat = FlatFolder.fold(structure, structure.stage(stage));
        for (int i = 0; i < pose.size(); i++) {
            for (Coordinate corner : structure.panels().get(i).outline().getCoordinates()) {
                Coordinate posed = pose.get(i).apply(corner);
                Coordinate exact = flat.panels().get(i).motion().apply(corner);
                double apart = Math.hypot(posed.distance(exact), posed.getZ());
                assertThat(apart / Length.COUNTS_PER_MILLIMETRE).isLessThan(TOLERANCE_MM);
            }
        }
    }
}
