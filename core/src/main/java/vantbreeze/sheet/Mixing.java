package vantbreeze.sheet;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * The fewest sheets that give so many of each sort, if a way of filling one could be used in fractions, and what one of each sort
 * is worth then: a linear program and its dual by the revised simplex method with an explicit inverse (G. B. Dantzig and W.
 * Orchard-Hays, "The product form for the inverse in the simplex method", Mathematics of Computation 8 (1954)). When there are
 * more fillings it goes on from where it was. One step after another: some filling comes in, another goes.
 */
final class Mixing {

    private static final double ROUNDING = 1e-9;

    /** A sheet with one blank alone, to begin with; dearer than any that is given, so that none of these stays. */
    private static final double ALONE = 2;

    /** Degenerate steps might go round and round; what is there is still right, though not the fewest. */
    private static final int MOST_STEPS = 4_000;

    private static final int BLANK_ALONE = -1;

    private final int sorts;
    private final List<int[]> fillings = new ArrayList<>();

    /** What each row of the basis is: a filling, a blank alone, or {@code -2 - s} for one of a sort too many. */
    private final int[] basis;

    private final double[] used;
    private final double[][] inverse;
    private final double[] worths;

    /** @param wanted of each sort */
    Mixing(int[] wanted) {
        sorts = wanted.length;
        basis = new int[sorts];
        Arrays.fill(basis, BLANK_ALONE);
        used = Arrays.stream(wanted).asDoubleStream().toArray();
        inverse = new double[sorts][sorts];
        for (int s = 0; s < sorts; s++) {
            inverse[s][s] = 1;
        }
        worths = new double[sorts];
    }

    /** @param filling of what is not wanted it has none */
    void add(int[] filling) {
        fillings.add(filling);
    }

    /** With all that were added. */
    Mixture mixed() {
        weigh();
        int coming = dearest();
        for (int step = 0; coming != BLANK_ALONE && step < MOST_STEPS; step++) {
            double[] column = column(coming);
            int going = going(column);
            if (going < 0) {
                break;
            }
            exchange(coming, going, column);
            weigh();
            coming = dearest();
        }
        double[] shares = new double[fillings.size()];
        double sheets = 0;
        for (int row = 0; row < sorts; row++) {
            sheets += cost(row) * used[row];
            if (basis[row] >= 0) {
                shares[basis[row]] = Math.max(0, used[row]);
            }
        }
        double[] noLess = Arrays.stream(worths).map(w -> Math.max(0, w)).toArray();
        return new Mixture(shares, noLess, sheets);
    }

    private static int tooMany(int sort) {
        return -2 - sort;
    }

    private double cost(int row) {
        return basis[row] == BLANK_ALONE ? ALONE : basis[row] >= 0 ? 1 : 0;
    }

    private void weigh() {
        Arrays.fill(worths, 0);
        for (int row = 0; row < sorts; row++) {
            double cost = cost(row);
            for (int s = 0; s < sorts && cost > 0; s++) {
                worths[s] += cost * inverse[row][s];
            }
        }
    }

    /** @return what saves the most, or {@link #BLANK_ALONE} if nothing does */
    private int dearest() {
        int found = BLANK_ALONE;
        double most = ROUNDING;
        for (int f = 0; f < fillings.size(); f++) {
            int[] filling = fillings.get(f);
            double saved = -1;
            for (int s = 0; s < sorts; s++) {
                saved += filling[s] * worths[s];
            }
            if (saved > most) {
                most = saved;
                found = f;
            }
        }
        for (int s = 0; s < sorts; s++) {
            if (-worths[s] > most) {
                most = -worths[s];
                found = tooMany(s);
            }
        }
        return found;
    }

    private double[] column(int coming) {
        double[] column = new double[sorts];
        for (int row = 0; row < sorts; row++) {
            if (coming < 0) {
                column[row] = -inverse[row][tooMany(coming)];
            } else {
                for (int s = 0; s < sorts; s++) {
                    column[row] += inverse[row][s] * fillings.get(coming)[s];
                }
            }
        }
        return column;
    }

    /** @return the row that is used up first, of several the one of the largest number */
    private int going(double[] column) {
        int found = -1;
        double least = Double.POSITIVE_INFINITY;
        for (int row = 0; row < sorts; row++) {
            if (column[row] > ROUNDING) {
                double steps = used[row] / column[row];
                boolean isSame = Math.abs(steps - least) <= ROUNDING;
                if (isSame ? column[row] > column[found] : steps < least) {
                    least = Math.min(steps, least);
                    found = row;
                }
            }
        }
        return found;
    }

    private void exchange(int coming, int going, double[] column) {
        double by = used[going] / column[going];
        for (int s = 0; s < sorts; s++) {
            inverse[going][s] /= column[going];
        }
        for (int row = 0; row < sorts; row++) {
            if (row != going && column[row] != 0) {
                used[row] -= by * column[row];
                for (int s = 0; s < sorts; s++) {
                    inverse[row][s] -= column[row] * inverse[going][s];
                }
            }
        }
        used[going] = by;
        basis[going] = coming;
    }
}
