package vantbreeze.sheet;

import java.util.Arrays;

/**
 * The fewest sheets that give so many of each sort, if a way of filling one could be used in fractions, and what one of each sort
 * is worth then: a linear program and its dual by the revised simplex method with an explicit inverse (G. B. Dantzig and W.
 * Orchard-Hays, "The product form for the inverse in the simplex method", Mathematics of Computation 8 (1954)).
 *
 * @param shares how much of each filling is used
 * @param worths of each sort, no less than 0: no filling that was given is worth more than 1
 * @param sheets in all
 */
record Mixture(double[] shares, double[] worths, double sheets) {

    private static final double ROUNDING = 1e-9;

    /** A sheet with one blank alone, to begin with; dearer than any that is given, so that none of these stays. */
    private static final double ALONE = 2;

    /** Degenerate steps might go round and round; what is there is still right, though not the fewest. */
    private static final int MOST_STEPS = 4_000;

    /** @param wanted of each sort; of what is not wanted a filling has none */
    static Mixture of(int[][] fillings, int[] wanted) {
        return new Steps(fillings, wanted).mixed();
    }

    /** One step after another: some filling comes in, another goes. */
    private static final class Steps {

        private final int[][] fillings;
        private final int sorts;

        /** What each row of the basis is: a filling, {@code fillings + s} for one of a sort too many, -1 for a blank alone. */
        private final int[] basis;

        private final double[] used;
        private final double[][] inverse;
        private final double[] worths;

        Steps(int[][] fillings, int[] wanted) {
            this.fillings = fillings;
            sorts = wanted.length;
            basis = new int[sorts];
            Arrays.fill(basis, -1);
            used = Arrays.stream(wanted).asDoubleStream().toArray();
            inverse = new double[sorts][sorts];
            for (int s = 0; s < sorts; s++) {
                inverse[s][s] = 1;
            }
            worths = new double[sorts];
        }

        Mixture mixed() {
            weigh();
            int coming = dearest();
            for (int step = 0; coming >= 0 && step < MOST_STEPS; step++) {
                double[] column = column(coming);
                int going = going(column);
                if (going < 0) {
                    break;
                }
                exchange(coming, going, column);
                weigh();
                coming = dearest();
            }
            double[] shares = new double[fillings.length];
            double sheets = 0;
            for (int row = 0; row < sorts; row++) {
                sheets += cost(row) * used[row];
                if (basis[row] >= 0 && basis[row] < fillings.length) {
                    shares[basis[row]] = Math.max(0, used[row]);
                }
            }
            double[] noLess = Arrays.stream(worths).map(w -> Math.max(0, w)).toArray();
            return new Mixture(shares, noLess, sheets);
        }

        private double cost(int row) {
            return basis[row] < 0 ? ALONE : basis[row] < fillings.length ? 1 : 0;
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

        /** @return what saves the most, or -1 if nothing does */
        private int dearest() {
            int found = -1;
            double most = ROUNDING;
            for (int f = 0; f < fillings.length; f++) {
                double saved = -1;
                for (int s = 0; s < sorts; s++) {
                    saved += fillings[f][s] * worths[s];
                }
                if (saved > most) {
                    most = saved;
                    found = f;
                }
            }
            for (int s = 0; s < sorts; s++) {
                if (-worths[s] > most) {
                    most = -worths[s];
                    found = fillings.length + s;
                }
            }
            return found;
        }

        private double[] column(int coming) {
            double[] column = new double[sorts];
            for (int row = 0; row < sorts; row++) {
                if (coming >= fillings.length) {
                    column[row] = -inverse[row][coming - fillings.length];
                } else {
                    for (int s = 0; s < sorts; s++) {
                        column[row] += inverse[row][s] * fillings[coming][s];
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
}
