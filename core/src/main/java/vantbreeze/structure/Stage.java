package vantbreeze.structure;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import vantbreeze.measure.Length;

/**
 * One state of the card: the fold angle of every score.
 *
 * @param name flat, closed, displayed or another
 * @param role what the card is looked at for in that state
 * @param rests the panel that stays where it lay at the stage before; empty for the anchor, which lies as it does flat
 * @param runs how far each slide has run, by its id; one that is not listed has not
 * @param degrees by score id, in [-180, 180]; positive valley, negative mountain, 0 unfolded. A score not listed is 0.
 */
public record Stage(
        String name, Role role, Optional<String> rests, Map<String, Length> runs, Map<String, Double> degrees) {

    /** What a stage is for. */
    public enum Role {
        /** As it is cut. */
        MADE,
        /** As it is posted. */
        CLOSED,
        /** As the recipient looks at it, standing or lying. */
        SHOWN
    }

    public static final String FLAT = "flat";
    public static final String CLOSED = "closed";
    public static final String DISPLAYED = "displayed";

    public Stage {
        runs = Map.copyOf(runs);
        degrees = Map.copyOf(degrees);
        degrees.forEach((score, angle) -> {
            if (!(Math.abs(angle) <= 180)) {
                throw new IllegalArgumentException(
                        "The fold angle (%s°) of score (%s) must be in [-180, 180].".formatted(angle, score));
            }
        });
    }

    /** As the recipient looks at it. */
    public Stage(String name, Map<String, Double> degrees) {
        this(name, Role.SHOWN, Optional.empty(), Map.of(), degrees);
    }

    public static Stage flat() {
        return new Stage(FLAT, Role.MADE, Optional.empty(), Map.of(), Map.of());
    }

    /** Every score folded by the same share of its full angle, 0 to 1, each in its own direction. */
    public static Stage folded(String name, Role role, List<ScoreLine> scores, double share) {
        Map<String, Double> degrees = new HashMap<>();
        scores.forEach(s -> degrees.put(s.id(), share * s.fold().fullDegrees()));
        return new Stage(name, role, Optional.empty(), Map.of(), degrees);
    }

    public Stage with(Map<String, Double> more) {
        Map<String, Double> all = new HashMap<>(degrees);
        all.putAll(more);
        return new Stage(name, role, rests, runs, all);
    }

    /** The same, with what it does not say as on the other. */
    Stage over(Stage other) {
        return new Stage(name, role, rests, runs, other.with(degrees).degrees());
    }

    /** @return how far that slide has run */
    public Length run(String slide) {
        return runs.getOrDefault(slide, Length.ZERO);
    }

    /** @return degrees of that score */
    public double degrees(String score) {
        return degrees.getOrDefault(score, 0.0);
    }

    /** @return whether it folds as the other does */
    public boolean foldsLike(Stage other) {
        return runs.equals(other.runs)
                && Stream.concat(degrees.keySet().stream(), other.degrees.keySet().stream())
                        .allMatch(score -> degrees(score) == other.degrees(score));
    }

    /** @return whether every score is either unfolded or folded all the way */
    public boolean isFlat() {
        return degrees.values().stream().allMatch(d -> d == 0 || Math.abs(d) == 180);
    }
}
