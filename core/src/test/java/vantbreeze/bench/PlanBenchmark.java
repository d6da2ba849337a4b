package vantbreeze.bench;

import java.util.HashMap;
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
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import vantbreeze.layer.Closure;
import vantbreeze.layer.Face;
import vantbreeze.layer.Finish;
import vantbreeze.layer.Matting;
import vantbreeze.layer.Ornament;
import vantbreeze.layer.Outline;
import vantbreeze.material.Print;
import vantbreeze.material.Sheet;
import vantbreeze.measure.Length;
import vantbreeze.measure.ToolGrid;
import vantbreeze.measure.UnitSystem;
import vantbreeze.plan.Brief;
import vantbreeze.plan.Briefs;
import vantbreeze.plan.Folding;
import vantbreeze.plan.Orientation;
import vantbreeze.plan.Plan;
import vantbreeze.plan.Planner;
import vantbreeze.post.Envelope;

/**
 * How long one plan takes, warm, on one core, and all poses from stage to stage. With its usual values a card has little to
 * mend; sized for an envelope that needs more than the sheet and the board give, every fix is found by planning it. The clock's time is given, and with {@link CpuTime} the thread's own.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 4, time = 3)
@Measurement(iterations = 2, time = 1)
@Fork(1)
public class PlanBenchmark {

    @Param({
        "z-fold",
        "gatefold",
        "book",
        "top-fold",
        "note-card",
        "tri-fold",
        "double-gate",
        "concertina",
        "double-z",
        "latch-gate",
        "fold-back-gate",
        "double-opening",
        "stage",
        "bridge",
        "w-fold",
        "tiered-panel",
        "floating-book",
        "inverted-z",
        "side-step",
        "centre-step",
        "tower",
        "twin-pillar",
        "interlocking-gatefold",
        "corner-flip",
        "pocket-card",
        "burst-gate",
        "peaked-house",
        "never-ending-card",
        "shaped-gate",
        "nested-figures",
        "fan-concertina",
        "waterfall",
        "woven-gate",
        "free-strip",
        "free-pattern"
    })
    public String fold;

    private Brief byDefault;
    private Brief withSnags;
    private Brief dressed;

    @Setup
    public void briefs() {
        Matting two = Briefs.matting(2, Briefs.in("1/8"), ToolGrid.SIXTEENTH_INCH, Matting.Meeting.RUN_ON, Map.of());
        byDefault = Briefs.closed(fold, fold.equals("free-strip") ? null : "4 1/4", "5 1/2")
                .withSheet(Sheet.named("12 x 20 in"))
                .withEnvelope(Envelope.named("a2us"));
        withSnags = Briefs.matted(Briefs.forEnvelope(fold, "a7us", Orientation.LANDSCAPE), two);
        dressed = dressed(
                Briefs.printed(Briefs.matted(byDefault, two), Print.UPRIGHT).withEnvelope(Envelope.named("a8us")));
    }

    /** Two printed mats on every face, a ground and a strip on those of the front, two toppers there, and a belt. */
    private static Brief dressed(Brief brief) {
        List<Face> front = Planner.plan(brief).faces().stream()
                .filter(f -> f.seen().contains(Face.Seen.CLOSED))
                .toList();
        Map<String, Finish> finishes = new HashMap<>();
        front.forEach(f -> finishes.put(f.key(), Finish.parse("ground + 2 + strip 1/2 in low", UnitSystem.INCH)));
        return Briefs.finished(brief, finishes)
                .withOrnaments(List.of(
                        topper("one", front.get(0), "circle 3/4 in", "1 1/8"),
                        topper("two", front.get(front.size() - 1), "outline 1/2 in: 0,0 4,0 2,3", "2 1/4")))
                .withClosure(Closure.parse("belt", UnitSystem.INCH));
    }

    private static Ornament topper(String name, Face face, String outline, String up) {
        return new Ornament(
                name,
                face.key(),
                Outline.parse(outline, UnitSystem.INCH),
                Briefs.in("1/8"),
                Briefs.in(up),
                Optional.of(Length.millimetres(1)),
                Briefs.card(200),
                Ornament.Glue.OWN_PANEL);
    }

    @Benchmark
    public Plan planByDefault(CpuTime.Watch watch) {
        return Planner.plan(byDefault);
    }

    @Benchmark
    public Plan planWithSnags(CpuTime.Watch watch) {
        return Planner.plan(withSnags);
    }

    @Benchmark
    public Plan planFullyDressed(CpuTime.Watch watch) {
        return Planner.plan(dressed);
    }

    @Benchmark
    public Folding posesFromStageToStage(CpuTime.Watch watch) {
        return Folding.of(byDefault);
    }
}
