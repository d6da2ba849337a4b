package vantbreeze.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.google.ortools.Loader;
import com.google.ortools.linearsolver.MPConstraint;
import com.google.ortools.linearsolver.MPSolver;
import com.google.ortools.linearsolver.MPVariable;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** The mixture of fillings, against the linear solver GLOP of OR-Tools (Apache licence) and against its own dual. */
class MixtureTest {

    static {
        Loader.loadNativeLibraries();
    }

    /** A random program: a filling of each sort alone, so that there is an answer, and up to forty others. */
    private record Program(int[][] fillings, int[] wanted) {

        static Program random(long seed) {
            Random random = new Random(seed);
            int sorts = 1 + random.nextInt(12);
            int[] wanted = IntStream.range(0, sorts).map(s -> random.nextInt(5)).toArray();
            List<int[]> fillings = new ArrayList<>();
            for (int s = 0; s < sorts; s++) {
                int[] alone = new int[sorts];
                alone[s] = 1;
                fillings.add(alone);
            }
            for (int f = random.nextInt(40); f > 0; f--) {
                fillings.add(IntStream.range(0, sorts)
                        .map(s -> Math.max(0, random.nextInt(6) - 2))
                        .toArray());
            }
            return new Program(fillings.toArray(int[][]::new), wanted);
        }

        /** Every second time looked at before all fillings are there. */
        Mixture mixed() {
            Mixing mixing = new Mixing(wanted);
            for (int f = 0; f < fillings.length; f++) {
                if (f % 2 == 1 && fillings.length % 2 == 1) {
                    mixing.mixed();
                }
                mixing.add(fillings[f]);
            }
            return mixing.mixed();
        }

        double bySolver() {
            MPSolver solver = MPSolver.createSolver("GLOP");
            MPConstraint[] enough = new MPConstraint[wanted.length];
            for (int s = 0; s < wanted.length; s++) {
                enough[s] = solver.makeConstraint(wanted[s], MPSolver.infinity());
            }
            for (int[] filling : fillings) {
                MPVariable share = solver.makeNumVar(0, MPSolver.infinity(), "");
                solver.objective().setCoefficient(share, 1);
                for (int s = 0; s < wanted.length; s++) {
                    enough[s].setCoefficient(share, filling[s]);
                }
            }
            assertThat(solver.solve()).isEqualTo(MPSolver.ResultStatus.OPTIMAL);
            double sheets = solver.objective().value();
            solver.delete();
            return sheets;
        }
    }

    @Test
    void noMixtureOfFewerSheetsIsEnough() {
        for (int seed = 0; seed < 300; seed++) {
            Program program = Program.random(seed);
            Mixture mixture = program.mixed();
            assertThat(mixture.sheets()).as("program %d", seed).isCloseTo(program.bySolver(), within(1e-7));
        }
    }

    /** By duality: what is mixed gives all that is wanted, no filling is worth more than 1, and both come to as many sheets. */
    @Test
    void sharesAndWorthsProveEachOther() {
        for (int seed = 300; seed < 600; seed++) {
            Program program = Program.random(seed);
            Mixture mixture = program.mixed();
            double worth = 0;
            for (int s = 0; s < program.wanted().length; s++) {
                double given = 0;
                for (int f = 0; f < program.fillings().length; f++) {
                    given += mixture.shares()[f] * program.fillings()[f][s];
                }
                assertThat(given).isGreaterThanOrEqualTo(program.wanted()[s] - 1e-7);
                assertThat(mixture.worths()[s]).isNotNegative();
                worth += mixture.worths()[s] * program.wanted()[s];
            }
            for (int[] filling : program.fillings()) {
                assertThat(IntStream.range(0, filling.length)
                                .mapToDouble(s -> filling[s] * mixture.worths()[s])
                                .sum())
                        .isLessThanOrEqualTo(1 + 1e-7);
            }
            assertThat(worth).as("program %d", seed).isCloseTo(mixture.sheets(), within(1e-7));
            assertThat(Arrays.stream(mixture.shares()).sum()).isCloseTo(mixture.sheets(), within(1e-7));
        }
    }
}
