package vantbreeze.hand;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.IntStream;
import vantbreeze.measure.Length;
import vantbreeze.measure.UnitSystem;
import vantbreeze.operation.Setting;

/**
 * How likely hands that spread like that make the card right. Each setting misses by itself, normally distributed; the card
 * answers linearly, and what is right or wrong about it is counted over seeded samples: the same card has the same forecast.
 *
 * @param chances for each kind of check that this card has
 * @param all that everything is right at once
 * @param matters the settings that were missed most where something was wrong, the worst first
 * @param helps what would make it likelier, with what it becomes then
 */
public record Forecast(Scatter scatter, List<Chance> chances, double all, List<Matter> matters, List<Help> helps) {

    private static final int SAMPLES = 2000;
    private static final long SEED = 20261129;

    /** From fewer failures nothing is concluded. */
    private static final int ENOUGH = 30;

    private static final int MOST_MATTERS = 2;

    /** Of the variance of a score so much is its own, the rest that of its pass. Derived, please check. */
    private static final double OWN = 0.25;

    /** Below it no setting stands out from the others. */
    private static final double STANDS_OUT = 0.1;

    /** A mark of most rulers is tried as more room. */
    private static final Length MARK_INCH = Length.inches(1, 16);

    private static final Length MARK_METRIC = Length.millimetres(1.5);

    /** Above it there is nothing to help. */
    private static final double SURE = 0.95;

    /**
     * @param probability that nothing of that kind is wrong, 0 to 1
     * @param each that one such thing is not, on average
     * @param weakest what goes wrong most often, in words; empty if nothing did
     */
    public record Chance(Check.Kind kind, double probability, double each, String weakest) {

        /** Borders are looked at one by one, all else has to be right at once. */
        public Likelihood likelihood() {
            return Likelihood.of(kind == Check.Kind.BORDERS ? each : probability);
        }
    }

    /** @param excess how much more than usual it was missed where something was wrong: 1 is twice the variance */
    public record Matter(Setting setting, double excess) {}

    /** @param probability of that kind with a mark more of room */
    public record Help(Check.Kind kind, double probability) {

        public Likelihood likelihood() {
            return Likelihood.of(probability);
        }
    }

    public static Forecast of(Intended card, Scatter scatter, UnitSystem units) {
        List<Setting> settings = card.settings();
        Checks.Found found = Checks.of(card);
        double[] scatters = IntStream.range(0, settings.size() + found.more().size())
                .mapToDouble(i -> scatter.of(
                        i < settings.size()
                                ? settings.get(i).hand()
                                : found.more().get(i - settings.size())))
                .toArray();
        Length mark = units == UnitSystem.INCH ? MARK_INCH : MARK_METRIC;
        return new Samples(found.all(), settings, scatters, mark.millimetres()).forecast(scatter);
    }

    /** What is counted. */
    private static final class Samples {
        private final List<Check> checks;
        private final List<Setting> settings;
        private final double[] scatters;
        private final double mark;
        private final int[] wrong;
        private final Map<Check.Kind, Integer> right = new EnumMap<>(Check.Kind.class);
        private final Map<Check.Kind, Integer> rightWithRoom = new EnumMap<>(Check.Kind.class);
        private final double[] squares;
        private int allRight;

        /** Samples in which the card itself is wrong, whatever lies on it. */
        private int bad;

        Samples(List<Check> checks, List<Setting> settings, double[] scatters, double mark) {
            this.mark = mark;
            this.checks = checks;
            this.settings = settings;
            this.scatters = scatters;
            this.wrong = new int[checks.size()];
            this.squares = new double[settings.size()];
        }

        Forecast forecast(Scatter scatter) {
            Random random = new Random(SEED);
            double[] missed = new double[scatters.length];
            for (int i = 0; i < SAMPLES; i++) {
                Map<String, Double> together = new HashMap<>();
                for (int k = 0; k < missed.length; k++) {
                    missed[k] = scatters[k] * missed(k, random, together);
                }
                count(missed);
            }
            List<Chance> chances = new ArrayList<>();
            List<Help> helps = new ArrayList<>();
            for (Check.Kind kind : Check.Kind.values()) {
                if (checks.stream().anyMatch(c -> c.kind() == kind)) {
                    double chance = share(right.getOrDefault(kind, 0));
                    chances.add(new Chance(kind, chance, each(kind), weakest(kind)));
                    double better = share(rightWithRoom.getOrDefault(kind, 0));
                    if (chance < SURE && better > chance) {
                        helps.add(new Help(kind, better));
                    }
                }
            }
            return new Forecast(scatter, List.copyOf(chances), share(allRight), matters(), List.copyOf(helps));
        }

        /**
         * Of deviation 1. The grooves of a board are as they are: what is scored in one pass misses mostly together, by how the piece
         * lies at the fence.
         */
        private double missed(int k, Random random, Map<String, Double> together) {
            double own = random.nextGaussian();
            String pass = k < settings.size() ? settings.get(k).pass() : "";
            return pass.isEmpty()
                    ? own
                    : Math.sqrt(1 - OWN) * together.computeIfAbsent(pass, p -> random.nextGaussian())
                            + Math.sqrt(OWN) * own;
        }

        private static double share(int count) {
            return (double) count / SAMPLES;
        }

        private void count(double[] missed) {
            Map<Check.Kind, Double> tightest = new EnumMap<>(Check.Kind.class);
            for (int c = 0; c < wrong.length; c++) {
                double margin = checks.get(c).margin(missed);
                tightest.merge(checks.get(c).kind(), margin, Math::min);
                if (margin < 0) {
                    wrong[c]++;
                }
            }
            tightest.forEach((kind, margin) -> {
                right.merge(kind, margin >= 0 ? 1 : 0, Integer::sum);
                rightWithRoom.merge(kind, margin + mark * room(kind) >= 0 ? 1 : 0, Integer::sum);
            });
            allRight += tightest.values().stream().allMatch(m -> m >= 0) ? 1 : 0;
            boolean folded =
                    tightest.entrySet().stream().allMatch(e -> e.getKey() == Check.Kind.BORDERS || e.getValue() >= 0);
            if (!folded) {
                bad++;
                for (int k = 0; k < squares.length; k++) {
                    squares[k] += Math.pow(missed[k] / scatters[k], 2);
                }
            }
        }

        /** How much of a mark's width comes to the check: a third of it to borders, nothing to what has to meet. */
        private static double room(Check.Kind kind) {
            return switch (kind) {
                case STICKS_OUT, FITS -> 1;
                case BORDERS -> 1.0 / 3;
                case CLOSES, MEETS -> 0;
            };
        }

        private double each(Check.Kind kind) {
            return 1
                    - IntStream.range(0, wrong.length)
                            .filter(c -> checks.get(c).kind() == kind)
                            .mapToDouble(c -> share(wrong[c]))
                            .average()
                            .orElse(0);
        }

        private String weakest(Check.Kind kind) {
            return IntStream.range(0, wrong.length)
                    .filter(c -> checks.get(c).kind() == kind && wrong[c] > 0)
                    .boxed()
                    .max(Comparator.comparingInt(c -> wrong[c]))
                    .map(c -> checks.get(c).about())
                    .orElse("");
        }

        /** Where something was wrong the settings that made it so were missed by more than usual. */
        private List<Matter> matters() {
            if (bad < ENOUGH) {
                return List.of();
            }
            return IntStream.range(0, squares.length)
                    .mapToObj(k -> new Matter(settings.get(k), squares[k] / bad - 1))
                    .filter(m -> m.excess() > STANDS_OUT)
                    .sorted(Comparator.comparingDouble(Matter::excess).reversed())
                    .limit(MOST_MATTERS)
                    .toList();
        }
    }
}
