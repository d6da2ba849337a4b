package vantbreeze.bench;

import java.lang.management.ManagementFactory;
import java.lang.management.ThreadMXBean;
import java.util.Collection;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Level;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.TearDown;
import org.openjdk.jmh.infra.BenchmarkParams;
import org.openjdk.jmh.infra.IterationParams;
import org.openjdk.jmh.profile.InternalProfiler;
import org.openjdk.jmh.results.IterationResult;
import org.openjdk.jmh.results.Result;
import org.openjdk.jmh.results.ResultRole;
import org.openjdk.jmh.results.SampleTimeResult;
import org.openjdk.jmh.util.SampleBuffer;

/**
 * What each call takes of the processor, beside what the clock says. Another guest of the machine can stop a thread for long
 * in the middle of a call; the clock goes on then, the thread's own time does not. Pauses of the collector are left out too.
 */
public final class CpuTime implements InternalProfiler {

    private static final ThreadMXBean THREADS = ManagementFactory.getThreadMXBean();

    private static SampleBuffer samples = new SampleBuffer();

    /** To be taken by a benchmark that is measured so. */
    @State(Scope.Thread)
    public static class Watch {

        private long begun;

        @Setup(Level.Invocation)
        public void begin() {
            begun = THREADS.getCurrentThreadCpuTime();
        }

        @TearDown(Level.Invocation)
        public void end() {
            add(THREADS.getCurrentThreadCpuTime() - begun);
        }
    }

    private static synchronized void add(long nanoseconds) {
        samples.add(nanoseconds);
    }

    private static synchronized SampleBuffer taken() {
        SampleBuffer taken = samples;
        samples = new SampleBuffer();
        return taken;
    }

    @Override
    public void beforeIteration(BenchmarkParams benchmark, IterationParams iteration) {
        taken();
    }

    @Override
    public Collection<? extends Result> afterIteration(
            BenchmarkParams benchmark, IterationParams iteration, IterationResult result) {
        SampleBuffer taken = taken();
        return taken.count() == 0
                ? List.of()
                : List.of(new SampleTimeResult(ResultRole.SECONDARY, "cpu", taken, TimeUnit.MILLISECONDS));
    }

    @Override
    public String getDescription() {
        return "Processor time of the measuring thread for each call";
    }
}
