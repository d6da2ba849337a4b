package vantbreeze.sheet;

import com.google.ortools.Loader;
import com.google.ortools.sat.BoolVar;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverStatus;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.LinearExpr;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Guillotine cutting as OR-Tools CP-SAT (Apache licence, a constraint solver of general use) understands it, written without a
 * look at how the product searches: n parts on k sheets are the leaves of k trees with n - k joints, and every joint puts two
 * boxes side by side or one above the other.
 */
final class ExactModel {

    /** In the solver's own units, so that it gives up at the same point on any machine. */
    private static final double EFFORT = 5;

    static {
        Loader.loadNativeLibraries();
    }

    private ExactModel() {}

    /**
     * Begins with as many sheets as the parts' area takes.
     *
     * @param unit counts of which all sides are whole multiples
     * @return empty if it was not known in time
     */
    static Optional<Integer> fewestSheets(List<Blank> blanks, Supply supply, long unit) {
        double area = blanks.stream().mapToDouble(Blank::area).sum() / supply.area();
        int sheets = (int) Math.ceil(area - 1e-9);
        Optional<Boolean> fits = fit(blanks, supply, unit, sheets);
        while (fits.isPresent() && !fits.get()) {
            sheets++;
            fits = fit(blanks, supply, unit, sheets);
        }
        int found = sheets;
        return fits.map(f -> found);
    }

    private static Optional<Boolean> fit(List<Blank> blanks, Supply supply, long unit, int sheets) {
        int n = blanks.size();
        if (sheets >= n) {
            return Optional.of(true);
        }
        int wide = (int) (supply.size().width().count() / unit);
        int high = (int) (supply.size().height().count() / unit);
        int joints = n - sheets;
        int boxes = n + joints;
        CpModel model = new CpModel();
        IntVar[] w = new IntVar[boxes];
        IntVar[] h = new IntVar[boxes];
        for (int i = 0; i < boxes; i++) {
            w[i] = model.newIntVar(1, wide, "w" + i);
            h[i] = model.newIntVar(1, high, "h" + i);
        }
        for (int i = 0; i < n; i++) {
            BoolVar[] lies = new BoolVar[blanks.get(i).layings().size()];
            for (int l = 0; l < lies.length; l++) {
                Laying laying = blanks.get(i).layings().get(l);
                lies[l] = model.newBoolVar("lies" + i + "/" + l);
                model.addEquality(w[i], laying.size().width().count() / unit).onlyEnforceIf(lies[l]);
                model.addEquality(h[i], laying.size().height().count() / unit).onlyEnforceIf(lies[l]);
            }
            model.addExactlyOne(lies);
        }
        List<List<BoolVar>> taken = new ArrayList<>();
        for (int i = 0; i < boxes; i++) {
            taken.add(new ArrayList<>());
        }
        for (int j = n; j < boxes; j++) {
            BoolVar beside = model.newBoolVar("beside" + j);
            List<BoolVar> first = new ArrayList<>();
            List<BoolVar> second = new ArrayList<>();
            IntVar[] side = {model.newIntVar(1, wide, ""), model.newIntVar(1, wide, "")};
            IntVar[] up = {model.newIntVar(1, high, ""), model.newIntVar(1, high, "")};
            IntVar[] which = {model.newIntVar(0, boxes, ""), model.newIntVar(0, boxes, "")};
            for (int c = 0; c < j; c++) {
                BoolVar a = model.newBoolVar("first" + j + "/" + c);
                BoolVar b = model.newBoolVar("second" + j + "/" + c);
                first.add(a);
                second.add(b);
                taken.get(c).add(a);
                taken.get(c).add(b);
                model.addEquality(side[0], w[c]).onlyEnforceIf(a);
                model.addEquality(up[0], h[c]).onlyEnforceIf(a);
                model.addEquality(which[0], c).onlyEnforceIf(a);
                model.addEquality(side[1], w[c]).onlyEnforceIf(b);
                model.addEquality(up[1], h[c]).onlyEnforceIf(b);
                model.addEquality(which[1], c).onlyEnforceIf(b);
            }
            model.addExactlyOne(first.toArray(new BoolVar[0]));
            model.addExactlyOne(second.toArray(new BoolVar[0]));
            model.addLessThan(which[0], which[1]);
            model.addEquality(w[j], LinearExpr.sum(side)).onlyEnforceIf(beside);
            model.addEquality(h[j], LinearExpr.sum(up)).onlyEnforceIf(beside.not());
            for (int s = 0; s < 2; s++) {
                model.addGreaterOrEqual(h[j], up[s]).onlyEnforceIf(beside);
                model.addGreaterOrEqual(w[j], side[s]).onlyEnforceIf(beside.not());
            }
        }
        List<BoolVar> roots = new ArrayList<>();
        for (int i = 0; i < boxes; i++) {
            BoolVar root = model.newBoolVar("root" + i);
            List<BoolVar> once = new ArrayList<>(taken.get(i));
            once.add(root);
            model.addExactlyOne(once.toArray(new BoolVar[0]));
            roots.add(root);
        }
        model.addEquality(LinearExpr.sum(roots.toArray(new BoolVar[0])), sheets);
        CpSolver solver = new CpSolver();
        solver.getParameters().setMaxDeterministicTime(EFFORT);
        solver.getParameters().setNumWorkers(2);
        CpSolverStatus status = solver.solve(model);
        return status == CpSolverStatus.UNKNOWN
                ? Optional.empty()
                : Optional.of(status == CpSolverStatus.OPTIMAL || status == CpSolverStatus.FEASIBLE);
    }
}
