package vantbreeze.catalogue;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Predicate;
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
 * @param held the keys of usual values that would follow the parameter; they are kept as they are, or the score would come
 *     to lie elsewhere
 */
public record Handle(
        String score, String parameter, int panel, double rate, Length least, Length most, List<String> held) {

    private static final Length NUDGE = Length.ofCounts(128);

    /**
     * @param chosen the keys of what the maker chose; the rest are usual values
     * @return a handle for each upright score that a parameter moves, in the structure's order
     */
    public static List<Handle> of(FoldDesign design, Values values, Structure structure, Set<String> chosen) {
        Map<String, Handle> byScore = new LinkedHashMap<>();
        for (Parameter parameter : design.parameters()) {
            List<Handle> moved = parameter.kind() == Parameter.Kind.PANELS
                    ? between(parameter, values, structure)
                    : new Tries(design, parameter, values, chosen).moved(structure);
            moved.forEach(h -> byScore.putIfAbsent(h.score(), h));
        }
        return structure.scores().stream()
                .filter(s -> byScore.containsKey(s.id()))
                .map(s -> byScore.get(s.id()))
                .toList();
    }

    /** One parameter changed, everything else kept. */
    private record Tries(FoldDesign design, Parameter parameter, Values values, Set<String> chosen) {

        List<Handle> moved(Structure structure) {
            if (isOfBasis(parameter.key())
                    || parameter.kind() != Parameter.Kind.LENGTH
                    || values.length(parameter.key()) == null) {
                return List.of();
            }
            Length value = values.length(parameter.key());
            Range range = parameter.range().apply(values);
            Length nudged = range.holds(value.plus(NUDGE)) ? value.plus(NUDGE) : value.minus(NUDGE);
            Map<String, Double> rates = rates(structure, nudged);
            if (rates.isEmpty()) {
                return List.of();
            }
            Length low = farthest(value, range.least());
            Length high = farthest(value, range.most());
            List<String> held = followers(low, high);
            return structure.scores().stream()
                    .filter(score -> rates.containsKey(score.id()))
                    .map(score -> {
                        double rate = rates.get(score.id());
                        Length one = reach(score, low.minus(value), rate);
                        Length other = reach(score, high.minus(value), rate);
                        return new Handle(
                                score.id(),
                                parameter.key(),
                                -1,
                                rate,
                                Length.min(one, other),
                                Length.max(one, other),
                                held);
                    })
                    .toList();
        }

        /** @return how far each score goes for each count of the parameter; without those that stay */
        private Map<String, Double> rates(Structure structure, Length nudged) {
            Optional<Structure> built = withOthersKept(nudged).map(v -> v.structure(design));
            Map<String, Double> rates = new HashMap<>();
            for (ScoreLine score : structure.scores()) {
                Optional<ScoreLine> after = scoreIn(built, score.id());
                if (score.isUpright() && after.isPresent()) {
                    Length moved = after.get().from().x().minus(score.from().x());
                    if (!moved.equals(Length.ZERO)) {
                        rates.put(
                                score.id(),
                                (double) moved.count()
                                        / nudged.minus(values.length(parameter.key()))
                                                .count());
                    }
                }
            }
            return rates;
        }

        /** The end of the range, or as far towards it as what is kept allows: another part may get in the way before. */
        private Length farthest(Length value, Length end) {
            if (withOthersKept(end).isPresent()) {
                return end;
            }
            long good = value.count();
            long bad = end.count();
            while (Math.abs(bad - good) > 1) {
                long middle = (good + bad) / 2;
                if (withOthersKept(Length.ofCounts(middle)).isPresent()) {
                    good = middle;
                } else {
                    bad = middle;
                }
            }
            return Length.ofCounts(good);
        }

        /** The usual values that would become others at either end. */
        private List<String> followers(Length low, Length high) {
            Set<String> followers = new TreeSet<>();
            for (Length end : List.of(low, high)) {
                Optional<Values> free = resolved(end, key -> chosen.contains(key) || isOfBasis(key));
                values.byKey().forEach((key, value) -> {
                    boolean stays =
                            free.map(v -> value.equals(v.byKey().get(key))).orElse(chosen.contains(key));
                    if (!stays && !key.equals(parameter.key()) && !isOfBasis(key)) {
                        followers.add(key);
                    }
                });
            }
            return List.copyOf(followers);
        }

        private static boolean isOfBasis(String key) {
            return key.equals(Parameter.WIDTH) || key.equals(Parameter.HEIGHT);
        }

        /** Usual choices stay by themselves, as far as they do; giving them would mean to list them. */
        private Optional<Values> withOthersKept(Length tried) {
            return resolved(
                            tried,
                            key -> chosen.contains(key) || !(values.byKey().get(key) instanceof String))
                    .filter(v -> values.byKey().entrySet().stream()
                            .filter(e -> e.getValue() instanceof String)
                            .allMatch(e -> e.getValue().equals(v.byKey().get(e.getKey()))));
        }

        private Optional<Values> resolved(Length tried, Predicate<String> isGiven) {
            Map<String, Object> given = new HashMap<>(values.byKey());
            given.keySet().removeIf(isGiven.negate());
            given.put(parameter.key(), tried);
            try {
                return Optional.of(Values.resolve(design, given, values.means()));
            } catch (ParameterException outOfRange) {
                return Optional.empty();
            }
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
            handles.add(new Handle(
                    scores.get(i).id(), parameter.key(), i, 1, before.plus(least), after.minus(least), List.of()));
        }
        return handles;
    }
}
