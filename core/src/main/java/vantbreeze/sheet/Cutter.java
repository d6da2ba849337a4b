package vantbreeze.sheet;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.function.Consumer;
import java.util.stream.IntStream;
import vantbreeze.measure.Length;

/** Plans the cutting of blanks: many quick fillings, then, where they are not proven to be the fewest sheets, an exact search. */
public final class Cutter {

    /** So many orders are tried before it is looked for exactly, and as many again for a better rest. */
    private static final int ORDERS = 60;

    /** Many are laid better sheet by sheet. */
    private static final int ORDERS_OF_MANY = 10;

    /** With the fewest sheets already, so many orders show what rests there may be. */
    private static final int ENOUGH = 8;

    private static final int POLISHED = 12;

    /** So few are mostly proven sooner than found by chance. */
    private static final int FEW = 24;

    /** Fewer parts on a sheet than that are large ones. */
    private static final double MANY_ON_A_SHEET = 7;

    /** Long enough for everything. */
    private static final long LONG = 3_000_000_000L;

    /** Shares of the time that are left for what comes after it. */
    private static final double TO_PROVE_FEW = 0.85;

    private static final double AFTER_SOME_FILLING = 0.85;
    private static final double AFTER_MUCH_FILLING = 0.5;
    private static final double AFTER_WEIGHING = 0.15;
    private static final double TO_POLISH = 0.08;

    /** Share of the time after which the exact search ends, so that the best found is still polished. */
    private static final double FOR_PROOF = 0.7;

    /** Share of the time that is left for a bound. */
    private static final double FOR_BOUND = 0.5;

    private final Job job;
    private final List<Blank> unplaced;
    private final List<Started> started;
    private final int[] free;
    private final Deadline deadline;
    private final long nanos;
    private final Consumer<Cutting> progress;
    private final Random random = new Random(20_261_129L);
    private List<CutSheet> best;
    private int fewest;

    private Cutter(
            List<Blank> blanks, List<Supply> supplies, Length trimmer, Deadline deadline, Consumer<Cutting> progress) {
        Job all = Job.of(blanks, supplies, trimmer);
        List<Blank> placeable = new ArrayList<>();
        unplaced = new ArrayList<>();
        for (int i = 0; i < blanks.size(); i++) {
            (all.goesOnAny(i) ? placeable : unplaced).add(blanks.get(i));
        }
        job = unplaced.isEmpty() ? all : Job.of(placeable, supplies, trimmer);
        started = Started.of(job);
        free = IntStream.range(0, job.size())
                .filter(i -> job.blanks().get(i).pin().isEmpty())
                .toArray();
        this.nanos = deadline.left();
        this.deadline = deadline;
        this.progress = progress;
    }

    /**
     * @param trimmer the longest cut
     * @param deadline until when is looked for
     * @param progress is told of everything better that is found
     * @throws SheetException if what is pinned cannot be cut so, or the sheets at hand do not suffice
     */
    static Cutting plan(
            List<Blank> blanks, List<Supply> supplies, Length trimmer, Deadline deadline, Consumer<Cutting> progress) {
        return new Cutter(blanks, supplies, trimmer, deadline, progress).plan();
    }

    /** How many sheets are needed at the least. */
    static int fewest(List<Blank> blanks, List<Supply> supplies, Length trimmer) {
        Cutter cutter = new Cutter(blanks, supplies, trimmer, new Deadline(1, () -> false), c -> {});
        return cutter.job.size() == 0 ? 0 : Bound.of(cutter.job);
    }

    private Cutting plan() {
        fewest = job.size() == 0 ? 0 : Math.max(Bound.of(job), started.size());
        if (job.size() == 0) {
            return new Cutting(List.of(), 0, unplaced);
        }
        fill(job.size() <= FEW ? ORDERS : ORDERS_OF_MANY);
        if (best == null) {
            throw new SheetException(
                    "There are not enough sheets for all parts; take fewer cards, or let sheets be bought.");
        }
        if (best.size() > fewest && started.isEmpty()) {
            fewest = Math.max(
                    fewest, Worths.bound(job, best.size(), deadline.within((long) (FOR_BOUND * deadline.left()))));
            if (best.size() > fewest) {
                look();
                prove();
            }
        }
        polish();
        return new Cutting(best, fewest, unplaced);
    }

    /** @throws IllegalStateException if a part is missing or lies twice: nothing is offered that does not cut the whole job */
    private void offer(List<CutSheet> sheets) {
        requireWhole(sheets);
        if (best == null || Cutting.BETTER.compare(sheets, best) < 0) {
            best = sheets;
            progress.accept(new Cutting(best, fewest, unplaced));
        }
    }

    private void requireWhole(List<CutSheet> sheets) {
        List<String> wanted = job.blanks().stream().map(Blank::id).sorted().toList();
        List<String> cut = sheets.stream()
                .flatMap(s -> s.wanted().stream())
                .map(w -> w.blank().id())
                .sorted()
                .toList();
        if (!cut.equals(wanted)) {
            throw new IllegalStateException("A cutting plan cuts %d parts where %d are wanted, or not the same ones."
                    .formatted(cut.size(), wanted.size()));
        }
    }

    private void fill(int orders) {
        for (int round = 0; round < orders; round++) {
            int[] order = order(round);
            for (Filling.Begin begin : Filling.Begin.values()) {
                for (Filling.Place place : Filling.Place.values()) {
                    for (Filling.Split split : Filling.Split.values()) {
                        int most = best == null ? Integer.MAX_VALUE : best.size();
                        Filling.of(job, order, new Filling.Rule(place, split, begin), started, most)
                                .ifPresent(this::offer);
                    }
                }
            }
            boolean isEnough = best != null && best.size() == fewest && round >= ENOUGH;
            if (best != null && (isEnough || deadline.left() < nanos * 2 / 3)) {
                return;
            }
        }
    }

    /** The first few by size in different ways, the others these with some blanks moved. */
    private int[] order(int round) {
        List<Comparator<Integer>> orders = List.of(
                Comparator.comparingDouble(i -> -job.area(i)),
                Comparator.comparingLong(i -> -longSide(i)),
                Comparator.comparingLong(i -> -shortSide(i)),
                Comparator.comparingLong(i -> -longSide(i) - shortSide(i)));
        List<Integer> order = new ArrayList<>(Arrays.stream(free).boxed().toList());
        order.sort(orders.get(round % orders.size()).thenComparing(i -> job.sort()[i]));
        if (round >= orders.size()) {
            int moves = 1 + random.nextInt(Math.max(1, order.size() / 3));
            for (int m = 0; m < moves && order.size() > 1; m++) {
                Integer moved = order.remove(random.nextInt(order.size()));
                order.add(random.nextInt(order.size() + 1), moved);
            }
        }
        return order.stream().mapToInt(Integer::intValue).toArray();
    }

    private long longSide(int i) {
        return job.blanks().get(i).layings().get(0).size().longSide().count();
    }

    private long shortSide(int i) {
        return job.blanks().get(i).layings().get(0).size().shortSide().count();
    }

    /**
     * Sheets that hold many parts are filled by luck; where few large parts leave little choice, what is chosen has to be weighed.
     * Given long enough, both are tried.
     */
    private void look() {
        SheetBySheet filling = new SheetBySheet(job, random);
        if (job.size() <= FEW) {
            filling.run(() -> isLookedFor(TO_PROVE_FEW), this::offer);
            return;
        }
        boolean isWeighed = job.size() < MANY_ON_A_SHEET * fewest;
        if (isWeighed || nanos >= LONG) {
            filling.run(() -> isLookedFor(isWeighed ? AFTER_SOME_FILLING : AFTER_MUCH_FILLING), this::offer);
            if (best.size() > fewest) {
                Dive.within(job, fewest, deadline.within(deadline.left() - (long) (AFTER_WEIGHING * nanos)))
                        .ifPresent(this::offer);
            }
        }
        filling.run(() -> isLookedFor(TO_POLISH), this::offer);
    }

    /** @param share of the time that is left for what comes then */
    private boolean isLookedFor(double share) {
        return best.size() > fewest && deadline.left() > share * nanos;
    }

    private void prove() {
        while (best.size() > fewest) {
            Deadline forProof = deadline.within((long) (deadline.left() * FOR_PROOF));
            Cover.Answer answer = Cover.within(job, fewest, forProof);
            if (!answer.known()) {
                return;
            }
            if (answer.sheets() != null) {
                offer(answer.sheets());
            } else {
                fewest++;
            }
        }
    }

    /** Each sheet by itself: a smaller one or one from the drawer that will do, a larger rest, fewer settings. */
    private void polish() {
        for (int round = 0; round < 2 && !deadline.isOver(); round++) {
            for (int i = 0; i < best.size(); i++) {
                again(i);
            }
        }
    }

    private void again(int index) {
        CutSheet sheet = best.get(index);
        List<Blank> blanks = sheet.wanted().stream().map(Cell.Wanted::blank).toList();
        if (blanks.stream().anyMatch(b -> b.pin().isPresent())) {
            return;
        }
        Map<String, Integer> used = new HashMap<>();
        best.forEach(s -> used.merge(s.supply().id(), 1, Integer::sum));
        List<Supply> supplies = job.supplies().stream()
                .filter(s -> s.id().equals(sheet.supply().id()) || used.getOrDefault(s.id(), 0) < s.count())
                .toList();
        Job one = Job.of(blanks, supplies, Length.ofCounts(job.trimmer()));
        Cutter alone = new Cutter(one.blanks(), supplies, Length.ofCounts(job.trimmer()), deadline, c -> {});
        for (int round = 0; round < POLISHED && !deadline.isOver(); round++) {
            int[] order = alone.order(round);
            for (Filling.Begin begin : Filling.Begin.values()) {
                for (Filling.Split split : Filling.Split.values()) {
                    Optional<List<CutSheet>> filled = Filling.of(
                            one, order, new Filling.Rule(Filling.Place.LEAST_AREA_LEFT, split, begin), List.of(), 1);
                    filled.ifPresent(f -> {
                        List<CutSheet> changed = new ArrayList<>(best);
                        changed.set(index, f.get(0));
                        offer(changed);
                    });
                }
            }
        }
    }
}
