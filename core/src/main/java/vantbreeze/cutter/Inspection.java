package vantbreeze.cutter;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.index.strtree.STRtree;
import vantbreeze.structure.Effort;

/** Looks a cut file over before a blade moves. */
public final class Inspection {

    /** Nearer than that two places are one, in mm. */
    private static final double SAME = 0.1;

    /** Lines lie on each other if they do so for longer, in mm: crossings are shorter. */
    private static final double ALONG = 1;

    private final List<Stroke> strokes;
    private final Machine machine;
    private final STRtree index = new STRtree();
    private final List<Refusal> refusals = new ArrayList<>();

    private Inspection(List<Stroke> strokes, Machine machine) {
        this.strokes = strokes;
        this.machine = machine;
        for (int i = 0; i < strokes.size(); i++) {
            index.insert(strokes.get(i).line().getEnvelopeInternal(), i);
        }
        index.build();
    }

    /** @return why it is refused; nothing if it can be cut */
    public static List<Refusal> of(List<Stroke> strokes, Machine machine) {
        Inspection inspection = new Inspection(strokes, machine);
        inspection.look();
        return List.copyOf(inspection.refusals);
    }

    private void look() {
        if (strokes.isEmpty()) {
            add(Refusal.Reason.NOTHING, List.of(), "There is no line in it to follow.");
        }
        offBed();
        tooShort();
        openCuts();
        onEachOther();
        onThemselves();
    }

    private void add(Refusal.Reason reason, List<Integer> at, String text) {
        refusals.add(new Refusal(reason, at, text));
    }

    private List<Integer> where(java.util.function.Predicate<Stroke> wrong) {
        return IntStream.range(0, strokes.size())
                .filter(i -> wrong.test(strokes.get(i)))
                .boxed()
                .toList();
    }

    private void offBed() {
        Envelope bed = new Envelope(-SAME, machine.width() + SAME, -SAME, machine.height() + SAME);
        List<Integer> off = where(s -> !bed.contains(s.line().getEnvelopeInternal()));
        if (!off.isEmpty()) {
            add(
                    Refusal.Reason.OFF_BED,
                    off,
                    "%s beyond the bed of %.0f x %.0f mm: turn it, or divide it."
                            .formatted(counted(off, "reaches", "reach"), machine.width(), machine.height()));
        }
    }

    private void tooShort() {
        List<Integer> small = where(s -> s.length() < machine.step());
        if (!small.isEmpty()) {
            add(
                    Refusal.Reason.TOO_SHORT,
                    small,
                    "%s shorter than the machine's step of %.2f mm: take them out."
                            .formatted(counted(small, "is", "are"), machine.step()));
        }
    }

    /** What is cut out has to come loose; a cut from edge to edge of others does too. */
    private void openCuts() {
        List<Integer> open = IntStream.range(0, strokes.size())
                .filter(i -> strokes.get(i).kind() == Stroke.Kind.CUT
                        && !strokes.get(i).isClosed()
                        && !(isOnAnother(i, strokes.get(i).first())
                                && isOnAnother(i, strokes.get(i).last())))
                .boxed()
                .toList();
        if (!open.isEmpty()) {
            add(
                    Refusal.Reason.OPEN_CUT,
                    open,
                    "%s not closed: what should come loose would hang on. Close it, or call it a slit."
                            .formatted(counted(open, "is", "are")));
        }
    }

    private boolean isOnAnother(int own, Coordinate end) {
        Envelope near = new Envelope(end);
        near.expandBy(SAME);
        Geometry point = Stroke.GEOMETRY.createPoint(end);
        return found(near).stream()
                .anyMatch(k -> k != own
                        && strokes.get(k).kind() == Stroke.Kind.CUT
                        && strokes.get(k).line().distance(point) <= SAME);
    }

    @SuppressWarnings("unchecked")
    private List<Integer> found(Envelope near) {
        return (List<Integer>) index.query(near);
    }

    private void onEachOther() {
        for (int i = 0; i < strokes.size(); i++) {
            Geometry line = strokes.get(i).line();
            Envelope near = new Envelope(line.getEnvelopeInternal());
            near.expandBy(SAME);
            Geometry band = null;
            for (int k : found(near)) {
                if (k <= i) {
                    continue;
                }
                Effort.spend(line.getNumPoints() + strokes.get(k).points().size());
                band = band == null ? line.buffer(SAME, 2) : band;
                double shared = strokes.get(k).line().intersection(band).getLength();
                if (shared > ALONG) {
                    onEachOther(i, k, shared);
                }
            }
        }
    }

    /** A pen may go over its own line: nothing tears. */
    private void onThemselves() {
        for (int i = 0; i < strokes.size(); i++) {
            if (strokes.get(i).kind() == Stroke.Kind.DRAW) {
                continue;
            }
            double again = Retraced.length(strokes.get(i), SAME);
            if (again > ALONG) {
                add(
                        Refusal.Reason.DOUBLED,
                        List.of(i),
                        "One line goes back over itself for %.1f mm: the blade would tear there. Take that stretch out."
                                .formatted(again));
            }
        }
    }

    private void onEachOther(int one, int other, double shared) {
        boolean oneCuts = cuts(strokes.get(one));
        boolean otherCuts = cuts(strokes.get(other));
        boolean scored = strokes.get(one).kind() == Stroke.Kind.SCORE
                || strokes.get(other).kind() == Stroke.Kind.SCORE;
        if (oneCuts != otherCuts && scored) {
            add(
                    Refusal.Reason.SCORE_CUT_THROUGH,
                    List.of(one, other),
                    "A cut runs along a score for %.1f mm: the fold would come off.".formatted(shared));
        } else if (oneCuts && otherCuts
                || scored && strokes.get(one).kind() == strokes.get(other).kind()) {
            add(
                    Refusal.Reason.DOUBLED,
                    List.of(one, other),
                    "Two lines lie on each other for %.1f mm: the blade would tear there. Take one out."
                            .formatted(shared));
        }
    }

    private static boolean cuts(Stroke stroke) {
        return stroke.kind() == Stroke.Kind.CUT || stroke.kind() == Stroke.Kind.SLIT;
    }

    private static String counted(List<Integer> lines, String one, String many) {
        return lines.size() == 1 ? "One line " + one : "%d lines %s".formatted(lines.size(), many);
    }
}
