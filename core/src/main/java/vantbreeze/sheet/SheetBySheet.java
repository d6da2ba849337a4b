package vantbreeze.sheet;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashSet;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import java.util.stream.IntStream;

/**
 * Fills one sheet after another as full as many tries find, the largest part that is left always among what is laid. Then the
 * emptiest sheet and a few others are filled anew, again and again, so that what is left over gathers on one of them
 * (ruin and recreate).
 */
final class SheetBySheet {

    private static final int TRIES = 40;

    /** Of sheets that are filled anew: many quick goes find more than a few long ones. */
    private static final int TRIES_ANEW = 16;

    private static final int MOST_ANEW = 2;

    /** By so much less may be gathered from one go to the next: sheets squared that are full. */
    private static final double STEP_BACK = 0.02;

    /** Goes without anything better after which it is begun anew. */
    private static final int PATIENCE = 2_000;

    private static final Filling.Split[] SPLITS = Filling.Split.values();
    private static final Filling.Place[] PLACES = {Filling.Place.LEAST_AREA_LEFT, Filling.Place.LEAST_SIDE_LEFT};

    private final Job job;
    private final Random random;
    private final Map<Blank, Integer> index = new IdentityHashMap<>();

    /**
     * What was laid on one sheet.
     *
     * @param supply which kind of sheet
     * @param full share of it that is taken
     */
    private record Filled(int supply, Node node, double full) {}

    SheetBySheet(Job job, Random random) {
        this.job = job;
        this.random = random;
        for (int i = 0; i < job.size(); i++) {
            index.put(job.blanks().get(i), i);
        }
    }

    /** @param goOn asked before every go */
    void run(BooleanSupplier goOn, Consumer<List<CutSheet>> found) {
        while (goOn.getAsBoolean()) {
            Optional<List<Filled>> begun =
                    filled(IntStream.range(0, job.size()).boxed().toList(), List.of(), TRIES);
            if (begun.isEmpty()) {
                return;
            }
            List<Filled> sheets = begun.get();
            found.accept(cut(sheets));
            double most = gathered(sheets);
            int idle = 0;
            while (idle < PATIENCE && sheets.size() > 1 && goOn.getAsBoolean()) {
                List<Filled> anew = anew(sheets);
                double now = gathered(anew);
                idle++;
                if (now >= gathered(sheets) - STEP_BACK * random.nextDouble()) {
                    sheets = anew;
                }
                if (now > most) {
                    most = now;
                    idle = 0;
                    found.accept(cut(anew));
                }
            }
        }
    }

    /** The same parts on fewer sheets count most, then full ones beside an empty one. */
    private static double gathered(List<Filled> sheets) {
        return sheets.stream().mapToDouble(s -> s.full() * s.full()).sum() - 2.0 * sheets.size();
    }

    private List<CutSheet> cut(List<Filled> sheets) {
        return sheets.stream()
                .map(s -> new CutSheet(job.supplies().get(s.supply()), s.node().cell()))
                .toList();
    }

    /** With the emptiest sheet and a few others filled anew; the same if that cannot be done. */
    private List<Filled> anew(List<Filled> sheets) {
        List<Filled> kept = new ArrayList<>(sheets);
        Collections.shuffle(kept, random);
        Filled emptiest = Collections.min(sheets, Comparator.comparingDouble(Filled::full));
        kept.sort(Comparator.comparing(s -> s != emptiest));
        int taken = Math.min(kept.size(), 2 + random.nextInt(MOST_ANEW));
        List<Filled> again = kept.subList(0, taken);
        List<Integer> left = again.stream()
                .flatMap(s -> s.node().blanks().stream())
                .map(index::get)
                .toList();
        List<Filled> rest = kept.subList(taken, kept.size());
        return filled(left, rest, TRIES_ANEW)
                .map(anew -> {
                    List<Filled> all = new ArrayList<>(rest);
                    all.addAll(anew);
                    return all;
                })
                .orElse(sheets);
    }

    /**
     * @param blanks what is to be laid
     * @param others sheets that are used already
     * @return empty if there are not enough sheets
     */
    private Optional<List<Filled>> filled(List<Integer> blanks, List<Filled> others, int tries) {
        List<Integer> left = new ArrayList<>(blanks);
        left.sort(Comparator.comparingDouble(i -> -job.area(i)));
        int[] supplies = job.supplies().stream().mapToInt(Supply::count).toArray();
        others.forEach(s -> supplies[s.supply()]--);
        List<Filled> sheets = new ArrayList<>();
        while (!left.isEmpty()) {
            Filled best = fullest(left, supplies, tries);
            if (best == null) {
                return Optional.empty();
            }
            supplies[best.supply()]--;
            sheets.add(best);
            Set<Integer> laid = new HashSet<>();
            best.node().blanks().forEach(b -> laid.add(index.get(b)));
            left.removeIf(laid::contains);
        }
        return Optional.of(sheets);
    }

    /** @return null if no sheet at hand takes the largest blank */
    private Filled fullest(List<Integer> left, int[] supplies, int tries) {
        Filled best = null;
        double fullest = -1;
        for (int supply = 0; supply < supplies.length; supply++) {
            if (supplies[supply] <= 0 || job.ways(supply, left.get(0)).isEmpty()) {
                continue;
            }
            double area = job.supplies().get(supply).size().width().count()
                    * (double) job.supplies().get(supply).size().height().count();
            for (int t = 0; t < tries; t++) {
                Node sheet = Filling.oneSheet(job, order(left), rule(), supply);
                double share = sheet.taken() / area;
                /* A larger sheet takes more; how much of it is taken counts as well. */
                double full = sheet.taken() * (0.5 + 0.5 * share);
                if (full > fullest) {
                    fullest = full;
                    best = new Filled(supply, sheet, share);
                }
            }
        }
        return best;
    }

    private Filling.Rule rule() {
        return new Filling.Rule(
                PLACES[random.nextInt(PLACES.length)], SPLITS[random.nextInt(SPLITS.length)], Filling.Begin.LARGEST);
    }

    /** The largest first; a few others are moved to the front, the rest by size. */
    private int[] order(List<Integer> left) {
        List<Integer> rest = new ArrayList<>(left.subList(1, left.size()));
        int moved = Math.min(rest.size(), 1 + random.nextInt(6));
        for (int m = 0; m < moved; m++) {
            Collections.swap(rest, m, m + random.nextInt(rest.size() - m));
        }
        if (rest.size() > moved) {
            rest.subList(moved, rest.size()).sort(Comparator.comparingDouble(i -> -job.area(i)));
        }
        int[] order = new int[left.size()];
        order[0] = left.get(0);
        for (int i = 0; i < rest.size(); i++) {
            order[i + 1] = rest.get(i);
        }
        return order;
    }
}
