package vantbreeze.hand;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import vantbreeze.measure.Length;
import vantbreeze.measure.ToolGrid;
import vantbreeze.operation.Effect;
import vantbreeze.operation.Setting;

/**
 * What comes of settings that turned out otherwise than planned.
 *
 * @param faults what is wrong about the closed card if everything else comes out as planned, the worst first
 * @param changes which later settings to set how instead; empty if none helps
 * @param left what is wrong then; how it looks may be all that is left of a card that works
 */
public record Consequence(Verdict verdict, List<Fault> faults, List<Change> changes, List<Fault> left) {

    /** Whether to go on. */
    public enum Verdict {
        GO_ON,
        /** With later settings changed. */
        CHANGE,
        /** A mat that is cut too large is trimmed to what was planned. */
        TRIM,
        CUT_AGAIN
    }

    /** @param by how much it is wrong */
    public record Fault(Check.Kind kind, String about, Length by) {

        /** Whether the card works all the same. */
        public boolean isLookAlone() {
            return kind == Check.Kind.BORDERS;
        }
    }

    /** @param to what to set instead of what is planned */
    public record Change(Setting setting, Length to) {}

    /** Farther than so many marks nobody looks for it. */
    private static final int FARTHEST_MARKS = 16;

    private static final int MOST_CHANGES = 4;

    /** A border that differs by no more looks even: 1/32 in. Common practice, no published source. */
    private static final double EVEN = 25.4 / 32;

    /** Less of a gain is none, in mm. */
    private static final double GAIN = 0.05;

    /**
     * @param measured what settings have become, by key; keys that the card does not have are let be
     * @param board the marks that later settings can be set to
     */
    public static Consequence of(Intended card, Map<String, Length> measured, ToolGrid board) {
        return new Search(card, measured, board).find();
    }

    private static final class Search {
        private final List<Setting> settings;
        private final List<Check> checks;
        private final Map<String, Length> measured;
        private final ToolGrid board;
        private final double[] missed;
        private final List<Fault> tooLarge = new ArrayList<>();
        private final List<Fault> tooSmall = new ArrayList<>();

        Search(Intended card, Map<String, Length> measured, ToolGrid board) {
            this.settings = card.settings();
            Checks.Found found = Checks.of(card);
            this.checks = found.all();
            this.measured = measured;
            this.board = board;
            this.missed = new double[settings.size() + found.more().size()];
            for (int k = 0; k < settings.size(); k++) {
                Length value = measured.get(settings.get(k).key());
                double off = value == null
                        ? 0
                        : value.minus(settings.get(k).planned()).millimetres();
                if (settings.get(k).effect() instanceof Effect.OfMats mat) {
                    mats(settings.get(k), off, border(mat, card.mats()));
                    /* What is cut too large is trimmed: the others are judged as if it were. */
                    off = off > EVEN ? 0 : off;
                }
                missed[k] = off;
            }
        }

        /** What shows beside a mat as planned, in mm. */
        private static double border(Effect.OfMats cut, List<LaidMat> mats) {
            return mats.stream()
                    .filter(m -> cut.parts().contains(m.part()))
                    .map(m -> cut.width() ? m.mat().left() : m.mat().bottom())
                    .mapToDouble(Length::millimetres)
                    .min()
                    .orElse(0);
        }

        private void mats(Setting setting, double off, double border) {
            if (off > EVEN) {
                tooLarge.add(new Fault(
                        Check.Kind.BORDERS, "the %s is too large".formatted(setting.label()), Length.millimetres(off)));
            } else if (-off / 2 > Math.max(border, EVEN)) {
                tooSmall.add(new Fault(
                        Check.Kind.BORDERS,
                        "the %s is so small that its border shows double".formatted(setting.label()),
                        Length.millimetres(-off)));
            }
        }

        Consequence find() {
            if (!tooSmall.isEmpty()) {
                return new Consequence(Verdict.CUT_AGAIN, List.copyOf(tooSmall), List.of(), List.copyOf(tooSmall));
            }
            if (!tooLarge.isEmpty()) {
                return new Consequence(Verdict.TRIM, List.copyOf(tooLarge), List.of(), List.of());
            }
            List<Fault> faults = faults(missed);
            if (faults.isEmpty()) {
                return new Consequence(Verdict.GO_ON, List.of(), List.of(), List.of());
            }
            double[] changed = missed.clone();
            Map<Integer, Length> changes = new LinkedHashMap<>();
            while (changes.size() < MOST_CHANGES && wrong(changed) > 0) {
                Map.Entry<Integer, Length> best = best(changed, changes);
                if (best == null) {
                    break;
                }
                changes.put(best.getKey(), best.getValue());
                changed[best.getKey()] = off(best.getKey(), best.getValue());
            }
            List<Fault> left = faults(changed);
            return new Consequence(
                    left.stream().anyMatch(f -> !f.isLookAlone())
                            ? Verdict.CUT_AGAIN
                            : changes.isEmpty() ? Verdict.GO_ON : Verdict.CHANGE,
                    faults,
                    changes.entrySet().stream()
                            .sorted(Map.Entry.comparingByKey())
                            .map(e -> new Change(settings.get(e.getKey()), e.getValue()))
                            .toList(),
                    left);
        }

        private double off(int setting, Length to) {
            return to.minus(settings.get(setting).planned()).millimetres();
        }

        /** The one later setting, and where to, that mends most. */
        private Map.Entry<Integer, Length> best(double[] missed, Map<Integer, Length> taken) {
            Map<Map.Entry<Integer, Length>, Double> gains = new HashMap<>();
            double before = wrong(missed);
            for (int k = firstLater(); k < settings.size(); k++) {
                Setting setting = settings.get(k);
                if (!setting.measurable() || taken.containsKey(k) || measured.containsKey(setting.key())) {
                    continue;
                }
                double[] tried = missed.clone();
                for (int marks = -FARTHEST_MARKS; marks <= FARTHEST_MARKS; marks++) {
                    Length to =
                            board.nearest(setting.planned()).plus(board.step().times(marks));
                    /* A larger mat would reach over what it is laid on. */
                    boolean isLargerMat = setting.effect() instanceof Effect.OfMats && to.isMoreThan(setting.planned());
                    if (!to.isPositive() || isLargerMat) {
                        continue;
                    }
                    tried[k] = off(k, to);
                    double gain = before - wrong(tried);
                    if (gain > GAIN) {
                        gains.put(Map.entry(k, to), gain);
                    }
                }
            }
            return gains.entrySet().stream()
                    .max(Comparator.<Map.Entry<Map.Entry<Integer, Length>, Double>>comparingDouble(
                                    e -> Math.round(e.getValue() / GAIN))
                            .thenComparingDouble(e -> -Math.abs(
                                    off(e.getKey().getKey(), e.getKey().getValue())))
                            .thenComparingInt(e -> -e.getKey().getKey()))
                    .map(Map.Entry::getKey)
                    .orElse(null);
        }

        /** What was set before the last that was measured cannot be set otherwise any more. */
        private int firstLater() {
            return IntStream.range(0, settings.size())
                            .filter(k -> measured.containsKey(settings.get(k).key()))
                            .max()
                            .orElse(-1)
                    + 1;
        }

        private double wrong(double[] missed) {
            double sum = 0;
            for (Check check : checks) {
                sum += Math.max(0, -check.margin(missed));
            }
            return sum;
        }

        private List<Fault> faults(double[] missed) {
            List<Fault> faults = new ArrayList<>();
            for (Check check : checks) {
                double margin = check.margin(missed);
                if (margin < 0) {
                    faults.add(
                            new Fault(check.kind(), check.about(), Length.millimetres(-margin + slack(check.kind()))));
                }
            }
            faults.sort(Comparator.comparing(Fault::isLookAlone)
                    .thenComparing(Comparator.comparing(Fault::by).reversed()));
            return List.copyOf(faults);
        }

        /** What of the fault is let pass is part of what is said. */
        private static double slack(Check.Kind kind) {
            return switch (kind) {
                case STICKS_OUT, MEETS -> Checks.HAIRLINE;
                case CLOSES -> Checks.BUCKLES;
                case FITS, BORDERS -> 0;
            };
        }
    }
}
