package vantbreeze.sheet;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Which sets of blanks one sheet gives by straight cuts from edge to edge, exactly: for every set the boxes that hold it, none of
 * which fits into another. A box of a set is that of one of its parts beside or above that of the others.
 *
 * <p>Blanks of one sort stand for each other, so a set is how many of each sort are in it.
 */
final class Fronts {

    /** A set of more boxes than that is not proven any more. */
    private static final int MOST_SETS = 400_000;

    private static final int LOOK_EVERY = 256;

    /**
     * A box that holds a set.
     *
     * @param sort of a single blank, otherwise -1
     * @param first the parts' boxes; null of a single blank
     * @param beside whether they lie side by side rather than above each other
     */
    private record Box(long width, long height, int sort, Job.Way way, Box first, Box second, boolean beside) {}

    private static final class TooMany extends RuntimeException {

        private static final long serialVersionUID = 1L;

        TooMany() {
            super(null, null, false, false);
        }
    }

    private final long width;
    private final long height;
    private final long trimmer;
    private final List<List<Job.Way>> ways;
    private final double[] areas;

    /** Mixed radix of the counts; empty where they do not go into a long: then a set is its own key. */
    private final Optional<long[]> radix;

    private final Deadline deadline;
    private final Map<Object, List<Box>> known = new HashMap<>();
    private long divisions;

    /**
     * @param ways of each sort
     * @param copies how many there are of each sort
     */
    Fronts(long width, long height, long trimmer, List<List<Job.Way>> ways, int[] copies, Deadline deadline) {
        this.width = width;
        this.height = height;
        this.trimmer = trimmer;
        this.ways = ways;
        this.deadline = deadline;
        this.areas = ways.stream()
                .mapToDouble(w -> w.isEmpty()
                        ? Double.POSITIVE_INFINITY
                        : (double) w.get(0).width() * w.get(0).height())
                .toArray();
        this.radix = radix(copies);
    }

    private static Optional<long[]> radix(int[] copies) {
        long[] radix = new long[copies.length];
        long product = 1;
        for (int i = 0; i < copies.length; i++) {
            radix[i] = product;
            if (product > Long.MAX_VALUE / (copies[i] + 1L)) {
                return Optional.empty();
            }
            product *= copies[i] + 1L;
        }
        return Optional.of(radix);
    }

    private Object key(int[] set) {
        if (radix.isEmpty()) {
            return Arrays.stream(set).boxed().toList();
        }
        long key = 0;
        for (int i = 0; i < set.length; i++) {
            key += radix.get()[i] * set[i];
        }
        return key;
    }

    /**
     * @param set how many of each sort
     * @return whether the sheet gives them; empty if it would take too long to tell
     */
    Optional<Boolean> fits(int[] set) {
        try {
            return Optional.of(boxes(set).stream().anyMatch(this::isCutOut));
        } catch (TooMany tooMany) {
            return Optional.empty();
        }
    }

    private boolean isCutOut(Box box) {
        return Job.isCut(width, height, box.width(), box.height(), true, trimmer)
                || Job.isCut(width, height, box.width(), box.height(), false, trimmer);
    }

    private List<Box> boxes(int[] set) {
        Object key = key(set);
        List<Box> there = known.get(key);
        if (there == null) {
            there = work(set);
            if (known.size() > MOST_SETS || (known.size() % 64 == 0 && deadline.isOver())) {
                throw new TooMany();
            }
            known.put(key, there);
        }
        return there;
    }

    private List<Box> work(int[] set) {
        int blanks = Arrays.stream(set).sum();
        double area = 0;
        for (int i = 0; i < set.length; i++) {
            area += set[i] == 0 ? 0 : set[i] * areas[i];
        }
        if (area > (double) width * height) {
            return List.of();
        }
        List<Box> front = new ArrayList<>();
        if (blanks == 1) {
            int sort = 0;
            while (set[sort] == 0) {
                sort++;
            }
            for (Job.Way way : ways.get(sort)) {
                add(front, way.width(), way.height(), sort, way, null, null, false);
            }
            return front;
        }
        parts(set, new int[set.length], set.length - 1, true, front);
        return front;
    }

    /** Every way of dividing the set in two; of each and its opposite one. */
    private void parts(int[] set, int[] part, int sort, boolean isHalf, List<Box> front) {
        if (sort < 0) {
            join(set, part, front);
            return;
        }
        /* The part has no more of the highest sort than the rest has; where they have as many, the next one decides. */
        int most = isHalf ? set[sort] / 2 : set[sort];
        for (int n = 0; n <= most; n++) {
            part[sort] = n;
            parts(set, part, sort - 1, isHalf && 2 * n == set[sort], front);
        }
        part[sort] = 0;
    }

    private void join(int[] set, int[] part, List<Box> front) {
        /* A set of many sorts is divided in very many ways: the clock is looked at among them. */
        if (++divisions % LOOK_EVERY == 0 && deadline.isOver()) {
            throw new TooMany();
        }
        int[] rest = new int[set.length];
        int inPart = 0;
        int inRest = 0;
        for (int i = 0; i < set.length; i++) {
            rest[i] = set[i] - part[i];
            inPart += part[i];
            inRest += rest[i];
        }
        if (inPart == 0 || inRest == 0) {
            return;
        }
        List<Box> first = boxes(part.clone());
        if (first.isEmpty()) {
            return;
        }
        for (Box b : boxes(rest)) {
            for (Box a : first) {
                beside(a, b, front);
                above(a, b, front);
            }
        }
    }

    private void beside(Box a, Box b, List<Box> front) {
        long high = Math.max(a.height(), b.height());
        if (high <= trimmer && isLevelled(a, high) && isLevelled(b, high)) {
            add(front, a.width() + b.width(), high, -1, null, a, b, true);
        }
    }

    private boolean isLevelled(Box box, long high) {
        return box.height() == high || box.width() <= trimmer;
    }

    private void above(Box a, Box b, List<Box> front) {
        long wide = Math.max(a.width(), b.width());
        if (wide <= trimmer && isTrimmed(a, wide) && isTrimmed(b, wide)) {
            add(front, wide, a.height() + b.height(), -1, null, a, b, false);
        }
    }

    private boolean isTrimmed(Box box, long wide) {
        return box.width() == wide || box.height() <= trimmer;
    }

    private void add(List<Box> front, long w, long h, int sort, Job.Way way, Box first, Box second, boolean beside) {
        if (w > width || h > height) {
            return;
        }
        for (Box box : front) {
            if (box.width() <= w && box.height() <= h) {
                return;
            }
        }
        front.removeIf(box -> box.width() >= w && box.height() >= h);
        front.add(new Box(w, h, sort, way, first, second, beside));
    }

    /**
     * Lays a set that fits on the sheet.
     *
     * @param blanks of each sort those that are to be taken, the first ones first
     */
    Node lay(int[] set, List<List<Blank>> blanks) {
        Node whole = new Node(0, 0, width, height);
        List<List<Blank>> left =
                blanks.stream().map(l -> (List<Blank>) new ArrayList<>(l)).toList();
        for (Box box : boxes(set)) {
            for (boolean across : new boolean[] {true, false}) {
                if (Job.isCut(width, height, box.width(), box.height(), across, trimmer)) {
                    lay(box, whole.corner(box.width(), box.height(), across), left);
                    return whole;
                }
            }
        }
        throw new SheetException("No cuts of the trimmer give these parts.");
    }

    private void lay(Box box, Node node, List<List<Blank>> left) {
        if (box.first() == null) {
            Node lies = node.corner(box.width(), box.height(), node.width <= trimmer);
            lies.take(left.get(box.sort()).remove(0), box.way().laying());
            return;
        }
        long at = box.beside() ? box.first().width() : box.first().height();
        node.cut(box.beside(), at);
        within(box.first(), node.first(), left);
        within(box.second(), node.second(), left);
    }

    private void within(Box box, Node node, List<List<Blank>> left) {
        boolean across = Job.isCut(node.width, node.height, box.width(), box.height(), true, trimmer);
        lay(box, node.corner(box.width(), box.height(), across), left);
    }

    /** The best of all sets that the sheet gives, each sort worth so much. */
    double best(int[] copies, double[] worth) {
        double best = 0;
        int[] set = new int[copies.length];
        while (true) {
            int i = 0;
            while (i < set.length && set[i] == copies[i]) {
                set[i++] = 0;
            }
            if (i == set.length) {
                return best;
            }
            set[i]++;
            double value = 0;
            for (int k = 0; k < set.length; k++) {
                value += set[k] * worth[k];
            }
            if (value > best && !boxes(set.clone()).isEmpty()) {
                best = value;
            }
        }
    }
}
