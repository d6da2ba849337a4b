package vantbreeze.sheet;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import vantbreeze.measure.Length;

/**
 * A cutting job in whole counts of 1/640 mm, as the searches read it.
 *
 * @param ways for each supply and blank the layings that suit, each as width and height; empty if it does not go on that sheet
 * @param sort of each blank, counted in the order in which they come first: those of one number stand for each other
 * @param trimmer the longest cut
 */
record Job(List<Blank> blanks, List<Supply> supplies, long trimmer, List<List<List<Way>>> ways, int[] sort) {

    /** @param laying what it is of the blank */
    record Way(long width, long height, Laying laying) {}

    static Job of(List<Blank> blanks, List<Supply> supplies, Length trimmer) {
        List<List<List<Way>>> ways = new ArrayList<>();
        for (Supply supply : supplies) {
            List<List<Way>> onIt = new ArrayList<>();
            for (Blank blank : blanks) {
                onIt.add(ways(blank, supply, trimmer));
            }
            ways.add(onIt);
        }
        Map<String, Integer> sorts = new HashMap<>();
        int[] sort = blanks.stream()
                .mapToInt(b -> sorts.computeIfAbsent(b.sort(), k -> sorts.size()))
                .toArray();
        return new Job(blanks, supplies, trimmer.count(), ways, sort);
    }

    /** Those that lie within the sheet and can be cut out of it; of two the same size one. */
    private static List<Way> ways(Blank blank, Supply supply, Length trimmer) {
        List<Way> ways = new ArrayList<>();
        for (Laying laying : blank.layings()) {
            Way way = new Way(
                    laying.size().width().count(), laying.size().height().count(), laying);
            boolean within = laying.size().fitsWithin(supply.size())
                    && isCut(
                            supply.size().width().count(),
                            supply.size().height().count(),
                            way,
                            trimmer.count());
            if (laying.suits(supply)
                    && within
                    && ways.stream().noneMatch(w -> w.width() == way.width() && w.height() == way.height())) {
                ways.add(way);
            }
        }
        return ways;
    }

    private static boolean isCut(long width, long height, Way way, long trimmer) {
        return isCut(width, height, way.width(), way.height(), true, trimmer)
                || isCut(width, height, way.width(), way.height(), false, trimmer);
    }

    /**
     * Whether the trimmer cuts a smaller rectangle out of the corner of a larger one.
     *
     * @param acrossFirst whether the first cut runs from left to right
     */
    static boolean isCut(long width, long height, long w, long h, boolean acrossFirst, long trimmer) {
        boolean across = h < height;
        boolean along = w < width;
        return acrossFirst
                ? (!across || width <= trimmer) && (!along || h <= trimmer)
                : (!along || height <= trimmer) && (!across || w <= trimmer);
    }

    List<Way> ways(int supply, int blank) {
        return ways.get(supply).get(blank);
    }

    /** How many blanks there are of each sort. */
    int[] copies() {
        int[] copies = new int[Arrays.stream(sort).max().orElse(-1) + 1];
        Arrays.stream(sort).forEach(s -> copies[s]++);
        return copies;
    }

    /** The area of one of each sort. */
    double[] areas() {
        double[] areas = new double[copies().length];
        for (int i = 0; i < size(); i++) {
            areas[sort[i]] = area(i);
        }
        return areas;
    }

    /** The ways of each sort. */
    List<List<Way>> waysOfSorts(int supply) {
        List<List<Way>> ofSorts = new ArrayList<>();
        for (int i = 0; i < size(); i++) {
            if (sort[i] == ofSorts.size()) {
                ofSorts.add(ways(supply, i));
            }
        }
        return ofSorts;
    }

    /** The blanks of each sort; the lists may be taken from. */
    List<List<Blank>> bySort() {
        List<List<Blank>> bySort = new ArrayList<>();
        for (int i = 0; i < size(); i++) {
            if (sort[i] == bySort.size()) {
                bySort.add(new ArrayList<>());
            }
            bySort.get(sort[i]).add(blanks.get(i));
        }
        return bySort;
    }

    boolean goesOnAny(int blank) {
        return ways.stream().anyMatch(w -> !w.get(blank).isEmpty());
    }

    double area(int blank) {
        return blanks.get(blank).area();
    }

    int size() {
        return blanks.size();
    }
}
