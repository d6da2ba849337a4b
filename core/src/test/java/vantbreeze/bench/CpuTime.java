package vantbreeze.bench;

import java.io.IOException;
import java.lang.management.ManagementFactory;
import java.lang.management.ThreadMXBean;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import org.openjdk.jmh.annotations.Level;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.TearDown;
import org.openjdk.jmh.infra.BenchmarkParams;
import org.openjdk.jmh.infra.IterationParams;
import org.openjdk.jmh.profile.InternalProfiler;
import org.openjdk.jmh.results.AggregationPolicy;
import org.openjdk.jmh.results.IterationResult;
import org.openjdk.jmh.results.Result;
import org.openjdk.jmh.results.ResultRole;
import org.openjdk.jmh.results.SampleTimeResult;
import org.openjdk.jmh.results.ScalarResult;
import org.openjdk.jmh.util.SampleBuffer;

/**
 * What each call takes of the processor, beside what the clock says, and which share of the machine was stolen meanwhile:
 * other guests of its host can stop a thread for long in the middle of a call. Figures taken while much was stolen say
 * more of the machine than of the code. Pauses of the collector are left out.
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

    /** Where Linux counts, since its start, what each kind of work and every guest took: proc_stat(5). */
    private static final Path TICKS = Path.of("/proc/stat");

    /** Which of them is what others stole, counted from 0. */
    private static final int STOLEN = 7;

    private long[] ticksBefore = {};

    /** @return empty where the system does not say */
    private static long[] ticks() {
        try (Stream<String> lines = Files.lines(TICKS)) {
            return lines.findFirst().stream()
                    .flatMap(all -> Stream.of(all.split(" +")).skip(1))
                    .mapToLong(Long::parseLong)
                    .toArray();
        } catch (IOException notLinux) {
            return new long[0];
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
        ticksBefore = ticks();
    }

    @Override
    public Collection<? extends Result> afterIteration(
            BenchmarkParams benchmark, IterationParams iteration, IterationResult result) {
        List<Result<?>> results = new ArrayList<>();
        SampleBuffer taken = taken();
        if (taken.count() > 0) {
            results.add(new SampleTimeResult(ResultRole.SECONDARY, "cpu", taken, TimeUnit.MILLISECONDS));
        }
        long[] ticksAfter = ticks();
        if (ticksBefore.length > STOLEN && ticksAfter.length > STOLEN) {
            long all =
                    LongStream.of(ticksAfter).sum() - LongStream.of(ticksBefore).sum();
            long stolen = ticksAfter[STOLEN] - ticksBefore[STOLEN];
            results.add(new ScalarResult("stolen", 100.0 * stolen / all, "%", AggregationPolicy.MAX));
        }
        return results;
    }

    @Override
    public String getDescription() {
        return "Processor time of the measuring thread for each call, and the share of the machine that others took";
    }
}
