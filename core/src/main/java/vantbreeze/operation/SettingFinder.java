package vantbreeze.operation;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import vantbreeze.measure.Length;
import vantbreeze.structure.Piece;
import vantbreeze.structure.ScoreLine;
import vantbreeze.structure.Structure;

/** Goes through the tasks of a card, and takes down what each says that a hand sets there. */
public final class SettingFinder {

    private final List<Task> tasks;
    private final Structure structure;
    private final List<Setting> settings = new ArrayList<>();
    private final Map<String, Integer> scored = new HashMap<>();
    private Task task;

    SettingFinder(List<Task> tasks, Structure structure) {
        this.tasks = tasks;
        this.structure = structure;
    }

    List<Setting> found() {
        for (Task next : tasks) {
            task = next;
            next.operation().settings(this);
        }
        return List.copyOf(settings);
    }

    Structure structure() {
        return structure;
    }

    /** Whether the task that is looked at is of what makes the card move. */
    boolean isMechanism() {
        return task.mechanism();
    }

    /** What all operations of the card answer. */
    List<String> all(Function<Operation, List<String>> asked) {
        return tasks.stream().flatMap(t -> asked.apply(t.operation()).stream()).toList();
    }

    /** @return its number among the scores of that piece, from 1 */
    int nextScoreOf(Piece piece) {
        return scored.merge(piece.name(), 1, Integer::sum);
    }

    /** A number that a ruler tells afterwards. */
    void measured(Hand hand, String what, String label, Length planned, Effect effect) {
        settings.add(new Setting(task.id() + "/" + what, hand, task.id(), label, planned, "", true, effect));
    }

    /** The same of one part of several that are cut here. */
    void measuredOf(String part, String what, String label, Length planned, Effect effect) {
        settings.add(
                new Setting("cut/%s/%s".formatted(part, what), Hand.CUT, task.id(), label, planned, "", true, effect));
    }

    /** A place that is found by eye. */
    void judged(String bond, String what, String label, Effect effect) {
        settings.add(new Setting(
                "glue/%s/%s".formatted(bond, what), Hand.GLUE, task.id(), label, Length.ZERO, "", false, effect));
    }

    /** The same, against an edge that others are set against too. */
    void setInPass(String what, String label, Length planned, Effect effect) {
        settings.add(
                new Setting(task.id() + "/" + what, Hand.SCORE, task.id(), label, planned, task.id(), true, effect));
    }

    /**
     * Which way is into the piece, as it lies.
     *
     * @param turned whether it lies on its face
     */
    record Beside(boolean leftwards, boolean downwards, boolean turned) {}

    /** How far a score misses a mark, across it. */
    void beside(String what, String runs, String mark, ScoreLine score, List<String> scores, Beside way) {
        double across = Math.abs(score.to().x().minus(score.from().x()).count());
        double up = Math.abs(score.to().y().minus(score.from().y()).count());
        boolean level = across > 2 * up;
        String said = level
                ? (way.downwards() ? "below %s, less than nothing above" : "above %s, less than nothing below")
                : (way.leftwards()
                        ? "to the left of %s, less than nothing to its right"
                        : "to the right of %s, less than nothing to its left");
        measured(
                Hand.SCORE,
                what,
                "how far %s %s".formatted(runs, said.formatted(mark)),
                Length.ZERO,
                level
                        ? new Effect.OfScores(scores, 0, way.downwards() ? -1 : 1)
                        : new Effect.OfScores(scores, way.leftwards() != way.turned() ? -1 : 1, 0));
    }
}
