package vantbreeze.catalogue;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import vantbreeze.measure.Length;
import vantbreeze.structure.ScoreLine;
import vantbreeze.structure.Structure;

/**
 * What moves when a score is dragged along its piece. Found by trying: a parameter is changed a little and the score is
 * watched, so no design has to say it.
 *
 * @param parameter the key of the parameter behind the score
 * @param panel for a list of panels the index of the panel left of the score, which grows as its right neighbour shrinks;
 *     -1 for a length
 * @param rate how far the score goes while the parameter grows by 1
 * @param least how far left the score may go
 * @param most how far right
 */
public record Handle(String score, String parameter, int panel, double rate, Length least, Length most) {

    private static final Length NUDGE = Length.ofCounts(128);

    /** @return a handle for each upright score that a parameter moves, in the structure's order */
    public static List<Handle> of(FoldDesign design, Values values, Structure structure) {
        Map<String, Handle> byScore = new LinkedHashMap<>();
        for (Parameter parameter : design.parameters()) {
            List<Handle> moved = parameter.kind() == Parameter.Kind.PANELS
                    ? between(parameter, values, structure)
                    : moved(design, parameter, values, structure);
            moved.forEach(h -> byScore.putIfAbsent(h.score(), h));
        }
        return structure.scores().stream()
                .filter(s -> byScore.containsKey(s.id()))
                .map(s -> byScore.get(s.id()))
                .toList();
    }

    private static List<Handle> moved(FoldDesign design, Parameter parameter, Values values, Structure structure) {
        boolean ofBasis =
                parameter.key().equals(Parameter.WIDTH) || parameter.key().equals(Parameter.HEIGHT);
        if (ofBasis || parameter.kind() != Parameter.Kind.LENGTH) {
            return List.of();
        }
        Length value = values.length(parameter.key());
        if (value == null) {
            return List.of();
        }
        Range range = parameter.range().apply(values);
        Length nudged = range.holds(value.plus(NUDGE)) ? value.plus(NUDGE) : value.minus(NUDGE);
        if (!range.holds(nudged)) {
            return List.of();
        }
        Map<String, Object> given = new HashMap<>(values.byKey());
        given.put(parameter.key(), nudged);
        Optional<Structure> built = tryBuild(design, given, values);
        List<Handle> handles = new ArrayList<>();
        for (ScoreLine score : structure.scores()) {
            Optional<ScoreLine> after = scoreIn(built, score.id());
            if (score.isUpright() && after.isPresent()) {
                double rate =
                        (double) after.get().from().x().minus(score.from().x()).count()
                                / nudged.minus(value).count();
                if (rate != 0) {
                    Length one = reach(score, range.least().minus(value), rate);
                    Length other = reach(score, range.most().minus(value), rate);
                    handles.add(new Handle(
                            score.id(), parameter.key(), -1, rate, Length.min(one, other), Length.max(one, other)));
                }
            }
        }
        return handles;
    }

    private static Optional<Structure> tryBuild(FoldDesign design, Map<String, Object> given, Values values) {
        try {
            return Optional.of(design.build(Values.resolve(design, given, values.means())));
        } catch (ParameterException outOfRange) {
            return Optional.empty();
        }
    }

    private static Optional<ScoreLine> scoreIn(Optional<Structure> structure, String id) {
        return structure.flatMap(
                s -> s.scores().stream().filter(x -> x.id().equals(id)).findFirst());
    }

    private static Length reach(ScoreLine score, Length change, double rate) {
        return score.from().x().plus(Length.nearestTo(change.count() * rate));
    }

    /** Where rows lie side by side, moving a score of one would part it from the next. */
    private static List<Handle> between(Parameter parameter, Values values, Structure structure) {
        if (values.panels(parameter.key()).rows().size() > 1) {
            return List.of();
        }
        List<ScoreLine> scores = structure.pieces().get(0).scores();
        Length least = values.grid().ceiling(Parameter.SMALLEST_PANEL);
        List<Handle> handles = new ArrayList<>();
        for (int i = 0; i < scores.size(); i++) {
            Length before = i == 0 ? Length.ZERO : scores.get(i - 1).from().x();
            Length after = i + 1 < scores.size()
                    ? scores.get(i + 1).from().x()
                    : structure.pieces().get(0).size().width();
            handles.add(new Handle(scores.get(i).id(), parameter.key(), i, 1, before.plus(least), after.minus(least)));
        }
        return handles;
    }
}
