package vantbreeze.fold;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.ejml.data.DMatrixRMaj;
import org.ejml.dense.row.factory.LinearSolverFactory_DDRM;
import org.ejml.interfaces.linsol.LinearSolverDense;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.math.Vector3D;
import vantbreeze.measure.Length;
import vantbreeze.structure.Effort;
import vantbreeze.structure.Stage;
import vantbreeze.structure.Structure;

/**
 * Poses between two stages. A straight line in the fold angles is the guide; each frame is the pose nearest to it in which
 * every loop closes. Without loops that is the guide itself. Mountains and valleys give the guide its direction, so it
 * leaves a singular flat state on the right side.
 *
 * <p>Each frame is found from the one before by damped Gauss-Newton steps: with closure errors c, their Jacobian J and the
 * way g still to go to the guide, a step minimises |c + J d|^2 + e |d - g|^2 (Levenberg and Marquardt's damping, drawn
 * towards the guide; J. Nocedal and S. J. Wright, "Numerical Optimization", section 10.3). The damping e only matters in
 * directions in which every loop stays closed.
 */
public final class PoseSolver {

    /** What a loop may stay open by: a tenth of the thinnest paper. */
    public static final double CLOSURE_MM = 0.01;

    /** Three points of three coordinates each. */
    private static final int NUMBERS_PER_LOOP = 9;

    /** A guide in which every loop closes to rounding is the pose itself, also where a taut strip leaves no way to search. */
    private static final double EXACT_COUNTS = 2;

    private static final double SETTLED_RADIANS = 1e-9;

    /** A flat stage that is missed by more has not been reached: a tip 1 m away would be 0.1 mm off. */
    private static final double ARRIVED_RADIANS = 1e-4;

    private static final int MOST_STEPS = 60;

    /** Steps to a standing pose: enough to leave the singular closed state on the right side. */
    public static final int FEW = 8;

    /** Share of the squared size of the card: directions in which 1 radian opens loops by less count as free. */
    private static final double DAMPING = 1e-7;

    private final Structure structure;
    private final Linkage linkage;
    private final List<int[]> ways;

    /** For each loop the hinges that move what it joins. */
    private final List<int[]> movers;

    private final double damping;
    private double[] radians;

    /** How far slides have run: always as far as the guide says. */
    private double[] runs;

    private RigidMotion[] pose;

    private PoseSolver(Structure structure) {
        this.structure = structure;
        this.runs = new double[structure.slides().size()];
        this.linkage = Linkage.of(structure);
        this.ways = linkage.hingesOnTheWay();
        this.movers = linkage.loops().stream()
                .map(Linkage.Loop::joint)
                .map(joint -> Stream.of(ways.get(joint.from()), ways.get(joint.to()), new int[] {joint.hinge()})
                        .flatMapToInt(IntStream::of)
                        .filter(hinge -> hinge >= 0)
                        .distinct()
                        .toArray())
                .toList();
        double size = structure.pieces().stream()
                .mapToDouble(p -> p.size().longSide().count())
                .max()
                .orElseThrow();
        this.damping = DAMPING * size * size;
    }

    /**
     * @param frames how many steps to take, at least 1; there is one pose more than that
     * @return deterministic; at a flat stage the pose is the exact one
     */
    public static Motion between(Structure structure, Stage from, Stage to, int frames) {
        return between(structure, from, to, frames, Turns.atOnce(structure));
    }

    /** @param turns which hinge moves when */
    public static Motion between(Structure structure, Stage from, Stage to, int frames, Turns turns) {
        Motion motion = new PoseSolver(structure).move(from, to, frames, turns);
        return from.rests().isEmpty() && to.rests().isEmpty() ? motion : resting(structure, from, to, motion);
    }

    /** The same motion with another panel at rest than the anchor, from where the card lies at the first stage. */
    private static Motion resting(Structure structure, Stage from, Stage to, Motion motion) {
        RigidMotion lies = from.isFlat()
                ? RigidMotion.of(FlatFolder.fold(structure, from)
                        .placed(structure.anchor())
                        .motion())
                : RigidMotion.IDENTITY;
        int resting = to.rests()
                .map(structure::panel)
                .map(structure.panels()::indexOf)
                .orElse(structure.panels().indexOf(structure.anchor()));
        List<List<RigidMotion>> frames = new ArrayList<>();
        for (List<RigidMotion> frame : motion.frames()) {
            RigidMotion back = lies.after(motion.frames().get(0).get(resting))
                    .after(frame.get(resting).inverse());
            frames.add(frame.stream().map(back::after).toList());
        }
        return new Motion(motion.from(), motion.to(), List.copyOf(frames), motion.blocked());
    }

    /** @return whether everything that is joined meets when each score has the angle that the stage gives it */
    public static boolean closesAt(Structure structure, Stage stage) {
        PoseSolver solver = new PoseSolver(structure);
        solver.radians = solver.radians(stage);
        solver.runs = Linkage.runs(structure, stage);
        solver.pose = solver.place();
        return widest(solver.gaps()) <= CLOSURE_MM * Length.COUNTS_PER_MILLIMETRE;
    }

    /** @return the pose that a motion ends with */
    public static List<RigidMotion> last(Motion motion) {
        return motion.frames().get(motion.frames().size() - 1);
    }

    private Motion move(Stage from, Stage to, int frames, Turns turns) {
        double[] start = radians(from);
        double[] end = radians(to);
        double[] begin = Linkage.runs(structure, from);
        double[] finish = Linkage.runs(structure, to);
        radians = start.clone();
        List<List<RigidMotion>> poses = new ArrayList<>();
        for (int frame = 0; frame <= frames; frame++) {
            Effort.spend(structure.panels().size());
            double share = (double) frame / frames;
            double[] guide = new double[start.length];
            for (int i = 0; i < guide.length; i++) {
                double own = turns.share(i, share);
                guide[i] = (1 - own) * start[i] + own * end[i];
            }
            for (int i = 0; i < runs.length; i++) {
                runs[i] = (1 - share) * begin[i] + share * finish[i];
            }
            boolean mustArrive = frame == frames && to.isFlat();
            if (!solve(guide) || (mustArrive && farthest(guide) > ARRIVED_RADIANS)) {
                return new Motion(from.name(), to.name(), List.copyOf(poses), Optional.of(blocked(guide)));
            }
            poses.add(List.of(pose.clone()));
        }
        return new Motion(from.name(), to.name(), List.copyOf(poses), Optional.empty());
    }

    private double[] radians(Stage stage) {
        double[] angles = linkage.degrees(stage);
        for (int i = 0; i < angles.length; i++) {
            angles[i] = Math.toRadians(angles[i]);
        }
        return angles;
    }

    /** @return whether every loop closes in the pose found */
    private boolean solve(double[] guide) {
        if (linkage.loops().isEmpty()) {
            radians = guide.clone();
            pose = place();
            return true;
        }
        double[] before = radians;
        radians = guide.clone();
        pose = place();
        if (widest(gaps()) <= EXACT_COUNTS) {
            return true;
        }
        radians = before;
        for (int step = 0; step < MOST_STEPS; step++) {
            pose = place();
            double[] gaps = gaps();
            double[] change = step(gaps, guide);
            double largest = 0;
            for (int i = 0; i < change.length; i++) {
                radians[i] += change[i];
                largest = Math.max(largest, Math.abs(change[i]));
            }
            if (largest < SETTLED_RADIANS) {
                break;
            }
        }
        pose = place();
        return widest(gaps()) <= CLOSURE_MM * Length.COUNTS_PER_MILLIMETRE;
    }

    private double farthest(double[] guide) {
        double farthest = 0;
        for (int i = 0; i < guide.length; i++) {
            farthest = Math.max(farthest, Math.abs(radians[i] - guide[i]));
        }
        return farthest;
    }

    private static double widest(double[] gaps) {
        double widest = 0;
        for (double gap : gaps) {
            widest = Math.max(widest, Math.abs(gap));
        }
        return widest;
    }

    private RigidMotion[] place() {
        RigidMotion[] placed = new RigidMotion[linkage.panels().size()];
        placed[linkage.anchor()] = RigidMotion.IDENTITY;
        for (Linkage.Joint joint : linkage.order()) {
            placed[joint.to()] = placed[joint.from()].after(joint.move(radians, runs));
        }
        return placed;
    }

    /** Three numbers for each shared point: where the joint wants it less where its panel has it, in counts. */
    private double[] gaps() {
        double[] gaps = new double[NUMBERS_PER_LOOP * linkage.loops().size()];
        int at = 0;
        for (Linkage.Loop loop : linkage.loops()) {
            RigidMotion wanted = pose[loop.joint().from()].after(loop.joint().move(radians, runs));
            RigidMotion there = pose[loop.joint().to()];
            for (Coordinate point : loop.onTo()) {
                Coordinate a = wanted.apply(point);
                Coordinate b = there.apply(point);
                gaps[at++] = a.x - b.x;
                gaps[at++] = a.y - b.y;
                gaps[at++] = a.getZ() - b.getZ();
            }
        }
        return gaps;
    }

    /**
     * Only the hinges between the anchor and either panel of a loop move its gaps, so the normal matrix is summed from those alone.
     * A point turned about an axis moves at right angles to both.
     */
    private double[] step(double[] gaps, double[] guide) {
        int n = radians.length;
        DMatrixRMaj normal = new DMatrixRMaj(n, n);
        DMatrixRMaj right = new DMatrixRMaj(n, 1);
        for (int i = 0; i < n; i++) {
            normal.set(i, i, damping);
            right.set(i, 0, damping * (guide[i] - radians[i]));
        }
        Axis[] axes = axes();
        double[][] moves = new double[n][3];
        int gap = 0;
        for (int l = 0; l < movers.size(); l++) {
            Linkage.Joint joint = linkage.loops().get(l).joint();
            RigidMotion wanted = pose[joint.from()].after(joint.move(radians, runs));
            for (Coordinate point : linkage.loops().get(l).onTo()) {
                for (int hinge : movers.get(l)) {
                    Arrays.fill(moves[hinge], 0);
                }
                Coordinate a = wanted.apply(point);
                for (int hinge : ways.get(joint.from())) {
                    axes[hinge].addMove(moves[hinge], 1, a);
                }
                if (joint.hinge() >= 0) {
                    axes[joint.hinge()].addMove(moves[joint.hinge()], 1, a);
                }
                Coordinate b = pose[joint.to()].apply(point);
                for (int hinge : ways.get(joint.to())) {
                    axes[hinge].addMove(moves[hinge], -1, b);
                }
                for (int i : movers.get(l)) {
                    double[] m = moves[i];
                    for (int j : movers.get(l)) {
                        normal.add(i, j, m[0] * moves[j][0] + m[1] * moves[j][1] + m[2] * moves[j][2]);
                    }
                    right.add(i, 0, -(m[0] * gaps[gap] + m[1] * gaps[gap + 1] + m[2] * gaps[gap + 2]));
                }
                gap += 3;
            }
        }
        Effort.spend((long) n * n);
        DMatrixRMaj change = new DMatrixRMaj(n, 1);
        LinearSolverDense<DMatrixRMaj> solver = LinearSolverFactory_DDRM.chol(n);
        if (!solver.setA(normal)) {
            throw new IllegalStateException("The damped normal matrix of %d hinges must be positive.".formatted(n));
        }
        solver.solve(right, change);
        return change.getData();
    }

    /** A hinge in space. */
    private record Axis(Vector3D direction, Coordinate origin) {

        /** How a place moves while the hinge turns. */
        void addMove(double[] move, int sign, Coordinate at) {
            double dx = at.x - origin.x;
            double dy = at.y - origin.y;
            double dz = at.getZ() - origin.getZ();
            move[0] += sign * (direction.getY() * dz - direction.getZ() * dy);
            move[1] += sign * (direction.getZ() * dx - direction.getX() * dz);
            move[2] += sign * (direction.getX() * dy - direction.getY() * dx);
        }
    }

    private Axis[] axes() {
        Axis[] axes = new Axis[radians.length];
        Stream.concat(linkage.order().stream(), linkage.loops().stream().map(Linkage.Loop::joint))
                .filter(joint -> joint.hinge() >= 0)
                .forEach(joint -> {
                    double[] along = RigidMotion.along(joint.axis());
                    axes[joint.hinge()] = new Axis(
                            pose[joint.from()].turned(along[0], along[1]), pose[joint.from()].apply(joint.axis().p0));
                });
        return axes;
    }

    /** The joint that would part the most if the card went on to where it is guided. */
    private FoldFault blocked(double[] guide) {
        radians = guide.clone();
        pose = place();
        double[] gaps = gaps();
        int worst = 0;
        for (int i = 0; i < gaps.length; i++) {
            worst = Math.abs(gaps[i]) > Math.abs(gaps[worst]) ? i : worst;
        }
        Linkage.Joint joint = linkage.loops().get(worst / NUMBERS_PER_LOOP).joint();
        List<String> places = Stream.of(joint.from(), joint.to())
                .map(i -> structure.panels().get(i).name())
                .toList();
        return new FoldFault.Blocked(places, Length.nearestTo(Math.abs(gaps[worst])));
    }
}
