package vantbreeze.sheet;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;

/**
 * Whether so many sheets are enough, exactly: the largest part that is left goes on some sheet, with every set of others that
 * the sheet gives and that leaves no more than the other sheets hold.
 */
final class Cover {

    /** So many choices may hang on each other, each a call within a call; a card's kits need tens. */
    private static final int DEEPEST = 1000;

    /** A set on a sheet of that supply. */
    private record Filled(int supply, int[] set) {}

    private static final class NotKnown extends RuntimeException {

        private static final long serialVersionUID = 1L;

        NotKnown() {
            super(null, null, false, false);
        }
    }

    private final Job job;
    private final Deadline deadline;
    private final double[] areas;
    private final int[] copies;
    private final int[] bySize;
    private final Map<Integer, Fronts> fronts = new HashMap<>();
    private final Set<List<Integer>> hopeless = new HashSet<>();
    private final int[] left;
    private int depth;

    private Cover(Job job, Deadline deadline) {
        this.job = job;
        this.deadline = deadline;
        copies = job.copies();
        areas = job.areas();
        bySize = IntStream.range(0, copies.length)
                .boxed()
                .sorted(Comparator.comparingDouble(s -> -areas[s]))
                .mapToInt(Integer::intValue)
                .toArray();
        left = job.supplies().stream().mapToInt(Supply::count).toArray();
    }

    /** @param sheets the fewest, or null if so many are not enough; {@code known} is false if it takes too long or too much to know */
    record Answer(boolean known, List<CutSheet> sheets) {}

    /** @param most how many sheets may be used */
    static Answer within(Job job, int most, Deadline deadline) {
        Cover cover = new Cover(job, deadline);
        List<Filled> filled = new ArrayList<>();
        try {
            return new Answer(true, cover.fill(cover.copies.clone(), most, filled) ? cover.sheets(filled) : null);
        } catch (NotKnown notKnown) {
            return new Answer(false, null);
        }
    }

    private List<CutSheet> sheets(List<Filled> filled) {
        List<List<Blank>> rest = job.bySort();
        List<CutSheet> sheets = new ArrayList<>();
        for (Filled f : filled) {
            sheets.add(new CutSheet(
                    job.supplies().get(f.supply()),
                    fronts(f.supply()).lay(f.set(), rest).cell()));
            for (int s = 0; s < rest.size(); s++) {
                rest.get(s).subList(0, f.set()[s]).clear();
            }
        }
        return sheets;
    }

    private Fronts fronts(int supply) {
        return fronts.computeIfAbsent(
                supply,
                s -> new Fronts(
                        job.supplies().get(s).size().width().count(),
                        job.supplies().get(s).size().height().count(),
                        job.trimmer(),
                        job.waysOfSorts(s),
                        copies,
                        deadline));
    }

    private double area(int[] set) {
        double area = 0;
        for (int s = 0; s < set.length; s++) {
            area += set[s] * areas[s];
        }
        return area;
    }

    /** What the largest sheets that are left hold. */
    private double room(int sheets) {
        List<double[]> supplies = new ArrayList<>();
        for (int s = 0; s < left.length; s++) {
            supplies.add(new double[] {job.supplies().get(s).area(), left[s]});
        }
        supplies.sort((a, b) -> Double.compare(b[0], a[0]));
        double room = 0;
        int taken = 0;
        for (double[] supply : supplies) {
            int here = (int) Math.min(supply[1], sheets - taken);
            room += here * supply[0];
            taken += here;
        }
        return room;
    }

    private static final double ROUNDING = 1e-6;

    private boolean fill(int[] rest, int sheets, List<Filled> filled) {
        if (Arrays.stream(rest).allMatch(n -> n == 0)) {
            return true;
        }
        if (sheets == 0 || area(rest) > room(sheets) * (1 + ROUNDING)) {
            return false;
        }
        List<Integer> state = new ArrayList<>();
        Arrays.stream(rest).forEach(state::add);
        Arrays.stream(left).forEach(state::add);
        state.add(sheets);
        if (hopeless.contains(state)) {
            return false;
        }
        if (deadline.isOver()) {
            throw new NotKnown();
        }
        int first = 0;
        while (rest[bySize[first]] == 0) {
            first++;
        }
        for (int supply = 0; supply < left.length; supply++) {
            if (left[supply] == 0 || isLikeAnEarlierOne(supply)) {
                continue;
            }
            left[supply]--;
            double least = area(rest) - room(sheets - 1) * (1 + ROUNDING);
            int[] set = new int[rest.length];
            set[bySize[first]] = 1;
            boolean done = choose(rest, set, first, supply, least, sheets, filled);
            left[supply]++;
            if (done) {
                return true;
            }
        }
        hopeless.add(state);
        return false;
    }

    /** Sheets of the same size and grain need not be tried twice. */
    private boolean isLikeAnEarlierOne(int supply) {
        Supply mine = job.supplies().get(supply);
        for (int s = 0; s < supply; s++) {
            Supply other = job.supplies().get(s);
            if (left[s] > 0 && other.size().equals(mine.size()) && other.grain().equals(mine.grain())) {
                return true;
            }
        }
        return false;
    }

    /** Adds more of the sorts from {@code from} on, as many as go, the largest first. */
    private boolean choose(int[] rest, int[] set, int from, int supply, double least, int sheets, List<Filled> filled) {
        if (!fits(supply, set)) {
            return false;
        }
        int at = from;
        int most = 0;
        while (at < bySize.length && (most = most(rest, set, bySize[at], supply)) == set[bySize[at]]) {
            at++;
        }
        if (at == bySize.length) {
            return area(set) >= least && fillOthers(rest, set, supply, sheets, filled);
        }
        int sort = bySize[at];
        int there = set[sort];
        double after = 0;
        for (int i = at + 1; i < bySize.length; i++) {
            after += rest[bySize[i]] * areas[bySize[i]];
        }
        double room = job.supplies().get(supply).area();
        if (++depth > DEEPEST) {
            throw new NotKnown();
        }
        for (int n = most; n >= there; n--) {
            set[sort] = n;
            if (Math.min(area(set) + after, room) >= least
                    && choose(rest, set, at + 1, supply, least, sheets, filled)) {
                return true;
            }
        }
        depth--;
        set[sort] = there;
        return false;
    }

    /** How many of a sort go on the sheet with the others. */
    private int most(int[] rest, int[] set, int sort, int supply) {
        int there = set[sort];
        int most = there;
        while (most < rest[sort]) {
            set[sort] = most + 1;
            if (!fits(supply, set)) {
                break;
            }
            most++;
        }
        set[sort] = there;
        return most;
    }

    private boolean fillOthers(int[] rest, int[] set, int supply, int sheets, List<Filled> filled) {
        int[] after = rest.clone();
        for (int s = 0; s < set.length; s++) {
            after[s] -= set[s];
        }
        if (++depth > DEEPEST) {
            throw new NotKnown();
        }
        filled.add(new Filled(supply, set.clone()));
        if (fill(after, sheets - 1, filled)) {
            return true;
        }
        depth--;
        filled.remove(filled.size() - 1);
        return false;
    }

    private boolean fits(int supply, int[] set) {
        if (area(set) > job.supplies().get(supply).area() * (1 + ROUNDING)) {
            return false;
        }
        Optional<Boolean> fits = fronts(supply).fits(set);
        if (fits.isEmpty() || deadline.isOver()) {
            throw new NotKnown();
        }
        return fits.get();
    }
}
