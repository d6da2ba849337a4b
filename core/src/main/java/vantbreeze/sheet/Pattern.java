package vantbreeze.sheet;

import java.util.List;

/**
 * How a sheet can be cut for blanks of some sorts.
 *
 * @param supply the kind of sheet
 * @param set how many of each sort it has places for
 */
record Pattern(int supply, int[] set, Place whole) {

    /** What a rectangle of the sheet is for. */
    sealed interface Place {}

    /** One blank, in the lower left corner. */
    record For(int sort, Job.Way way) implements Place {}

    /**
     * Two others.
     *
     * @param upright whether they lie side by side
     * @param at how far the cut is from the left or the lower edge, in counts
     */
    record Both(boolean upright, long at, Place first, Place second) implements Place {}

    /** Nothing. */
    record Free() implements Place {}

    static Pattern of(int supply, Place whole, int sorts) {
        int[] set = new int[sorts];
        count(whole, set);
        return new Pattern(supply, set, whole);
    }

    private static void count(Place place, int[] set) {
        if (place instanceof For one) {
            set[one.sort()]++;
        } else if (place instanceof Both both) {
            count(both.first(), set);
            count(both.second(), set);
        }
    }

    /** @return the set as far as so many are wanted */
    int[] within(int[] wanted) {
        int[] within = new int[set.length];
        for (int s = 0; s < set.length; s++) {
            within[s] = Math.min(set[s], wanted[s]);
        }
        return within;
    }

    /** @param left blanks of each sort; those that are laid are taken from it */
    CutSheet cut(Job job, List<List<Blank>> left) {
        Supply sheet = job.supplies().get(supply);
        Node node = Node.of(sheet);
        lay(whole, node, left);
        return new CutSheet(sheet, node.cell());
    }

    private static void lay(Place place, Node node, List<List<Blank>> left) {
        if (place instanceof Both both) {
            node.cut(both.upright(), both.at());
            lay(both.first(), node.first(), left);
            lay(both.second(), node.second(), left);
        } else if (place instanceof For one && !left.get(one.sort()).isEmpty()) {
            node.corner(one.way().width(), one.way().height(), true)
                    .take(left.get(one.sort()).remove(0), one.way().laying());
        }
    }
}
