package vantbreeze.bench;

import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import vantbreeze.hand.Forecast;
import vantbreeze.hand.Scatter;
import vantbreeze.operation.Tasks;
import vantbreeze.plan.Briefs;
import vantbreeze.plan.Handiwork;
import vantbreeze.plan.Plan;
import vantbreeze.plan.Planner;

/** How long it takes to find and order a card's tasks, and to forecast how it comes out; warm, on one core. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 3, time = 1)
@Fork(1)
public class HandsBenchmark {

    @Param({"z-fold", "w-fold", "tower", "twin-pillar", "fan-concertina", "woven-gate"})
    private String fold;

    private Plan plan;
    private Handiwork work;

    @Setup
    public void plan() {
        plan = Planner.plan(Briefs.closed(fold, "4 1/4", "5 1/2"));
        work = Handiwork.of(plan).orElseThrow();
    }

    @Benchmark
    public Object tasks() {
        return Tasks.of(
                plan.structure(),
                plan.faces(),
                plan.dressing(),
                plan.ornaments(),
                plan.closure(),
                plan.parts(),
                "a sheet",
                plan.brief().tools(),
                plan.brief().gluedWith(),
                plan.brief().ownSteps());
    }

    @Benchmark
    public Forecast forecast() {
        return work.forecast(Scatter.USUAL);
    }
}
