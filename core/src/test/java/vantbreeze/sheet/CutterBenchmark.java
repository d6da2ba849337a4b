package vantbreeze.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import vantbreeze.catalogue.FoldCatalogue;
import vantbreeze.catalogue.FoldDesign;
import vantbreeze.layer.Matting;
import vantbreeze.measure.Length;
import vantbreeze.measure.ToolGrid;
import vantbreeze.plan.Brief;
import vantbreeze.plan.Briefs;
import vantbreeze.plan.Plan;
import vantbreeze.plan.Planner;

/**
 * How long the cutting of a kit is planned, a second at the most, on one core; each call another kit. With a main method that says
 * how many kits are proven and compares with the exact model on the same kits.
 */
@State(Scope.Thread)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 3)
@Measurement(iterations = 3, time = 5)
@Fork(1)
public class CutterBenchmark {

    private static final long SECOND = 1_000_000_000L;
    private static final int KITS = 200;

    @Param({"12", "20", "60"})
    public int parts;

    private int seed;

    private static Cutting cut(List<Blank> blanks) {
        return Cutter.plan(blanks, List.of(Kits.SQUARE), Kits.TRIMMER, new Deadline(SECOND, () -> false), c -> {});
    }

    @Benchmark
    public Cutting plan() {
        seed = (seed + 1) % KITS;
        return cut(Kits.random(seed, parts));
    }

    /** Kits of some sixty parts of every fold with two layers, in two sizes: each paper on 12 x 12 in sheets. */
    private static void sayKitsOfCards() {
        Matting two = Briefs.matting(2, Briefs.in("1/8"), ToolGrid.SIXTEENTH_INCH, Matting.Meeting.RUN_ON, Map.of());
        List<Cutting> cuttings = new ArrayList<>();
        for (FoldDesign fold : FoldCatalogue.all()) {
            for (String[] size : new String[][] {{"5", "5"}, {"4 1/4", "5 1/2"}}) {
                Optional<Plan> plan = planned(Briefs.matted(Briefs.closed(fold.id(), size[0], size[1]), two));
                plan.stream()
                        .flatMap(p -> sixty(p).stream())
                        .map(KitPlan.Of::cutting)
                        .filter(c -> c.count() > 0)
                        .forEach(cuttings::add);
            }
        }
        long proven = cuttings.stream().filter(Cutting::isProven).count();
        System.out.printf("kits of cards with about 60 parts: proven %d of %d papers%n", proven, cuttings.size());
    }

    /** Not every fold closes to every size. */
    private static Optional<Plan> planned(Brief brief) {
        try {
            return Optional.of(Planner.plan(brief));
        } catch (IllegalArgumentException e) {
            return Optional.empty();
        }
    }

    private static List<KitPlan.Of> sixty(Plan plan) {
        int cards = (59 + plan.parts().size()) / plan.parts().size();
        Kit kit = new Kit(
                List.of(new Kit.Card("c", "card", cards, plan.parts())),
                false,
                vantbreeze.measure.Length.ZERO,
                Map.of());
        return KitPlan.of(kit, s -> List.of(Kits.SQUARE), Kits.TRIMMER, false, SECOND, () -> false, k -> {})
                .papers();
    }

    /** @param arguments "exact" to compare small kits with the exact model as well */
    public static void main(String[] arguments) {
        for (int parts : new int[] {12, 20, 60}) {
            int proven = 0;
            int near = 0;
            int either = 0;
            for (int seed = 0; seed < KITS; seed++) {
                List<Blank> blanks = Kits.random(seed, parts);
                Cutting cutting = cut(blanks);
                proven += cutting.isProven() ? 1 : 0;
                double area = blanks.stream().mapToDouble(Blank::area).sum() / Kits.SQUARE.area();
                double taken = cutting.count() - Cutting.largestRest(cutting.sheets()) / Kits.SQUARE.area();
                boolean isNear = taken <= area * 1.05 || cutting.count() <= Math.ceil(area);
                near += isNear ? 1 : 0;
                either += isNear || cutting.isProven() ? 1 : 0;
            }
            System.out.printf(
                    "%d parts: proven %d of %d, at the area bound or within 5 %% of it %d, one or the other %d%n",
                    parts, proven, KITS, near, either);
        }
        sayKitsOfCards();
        for (int parts : arguments.length > 0 ? new int[] {6, 8, 10, 12} : new int[0]) {
            for (int seed = 0; seed < 5; seed++) {
                List<Blank> blanks = Kits.random(100L * parts + seed, parts);
                long begun = System.nanoTime();
                int own = cut(blanks).count();
                long between = System.nanoTime();
                String exact = ExactModel.fewestSheets(blanks, Kits.SQUARE, Length.COUNTS_PER_INCH / 4)
                        .map(String::valueOf)
                        .orElse("not known");
                System.out.printf(
                        "%d parts, kit %d: %d sheets in %.0f ms; CP-SAT %s in %.0f ms%n",
                        parts, seed, own, (between - begun) / 1e6, exact, (System.nanoTime() - between) / 1e6);
            }
        }
    }
}
