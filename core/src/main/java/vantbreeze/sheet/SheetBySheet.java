package vantbreeze.sheet;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;

/** Fills one sheet after another as full as many tries find, the largest part that is left always among what is laid. */
final class SheetBySheet {

    private static final int TRIES = 40;
    private static final Filling.Split[] SPLITS = Filling.Split.values();
    private static final Filling.Place[] PLACES = {Filling.Place.LEAST_AREA_LEFT, Filling.Place.LEAST_SIDE_LEFT};

    private final Job job;
    private final Random random;

    SheetBySheet(Job job, Random random) {
        this.job = job;
        this.random = random;
    }

    /** @param goOn asked before every run */
    void run(BooleanSupplier goOn, Consumer<List<CutSheet>> found) {
        while (goOn.getAsBoolean()) {
            List<CutSheet> sheets = once();
            if (sheets != null) {
                found.accept(sheets);
            }
        }
    }

    /** @return null if there are not enough sheets */
    private List<CutSheet> once() {
        List<Integer> left = new ArrayList<>();
        for (int i = 0; i < job.size(); i++) {
            left.add(i);
        }
        left.sort(Comparator.comparingDouble(i -> -job.area(i)));
        int[] supplies = job.supplies().stream().mapToInt(Supply::count).toArray();
        List<CutSheet> sheets = new ArrayList<>();
        while (!left.isEmpty()) {
            Node best = null;
            double fullest = -1;
            int chosen = -1;
            for (int supply = 0; supply < supplies.length; supply++) {
                if (supplies[supply] == 0 || job.ways(supply, left.get(0)).isEmpty()) {
                    continue;
                }
                double area = job.supplies().get(supply).size().width().count()
                        * (double) job.supplies().get(supply).size().height().count();
                for (int t = 0; t < TRIES; t++) {
                    Node sheet = Filling.oneSheet(job, order(left), rule(), supply);
                    /* A larger sheet takes more; how much of it is taken counts as well. */
                    double full = sheet.taken() * (0.5 + 0.5 * sheet.taken() / area);
                    if (full > fullest) {
                        fullest = full;
                        best = sheet;
                        chosen = supply;
                    }
                }
            }
            if (best == null) {
                return null;
            }
            supplies[chosen]--;
            sheets.add(new CutSheet(job.supplies().get(chosen), best.cell()));
            Set<Blank> laid = new HashSet<>(best.blanks());
            left.removeIf(i -> laid.contains(job.blanks().get(i)));
        }
        return sheets;
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
