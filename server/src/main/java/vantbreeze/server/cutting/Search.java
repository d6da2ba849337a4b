package vantbreeze.server.cutting;

import java.util.List;
import java.util.concurrent.Future;

/** A plan that is still being looked for: the best so far, and what ends it. */
final class Search {

    private final CuttingJson begun;
    private volatile List<CuttingJson.PaperCutJson> best = List.of();
    private volatile RuntimeException failure;
    private volatile Future<?> work;
    private volatile boolean stopped;

    /** @param begun the plan before anything is found */
    Search(CuttingJson begun) {
        this.begun = begun;
    }

    void found(List<CuttingJson.PaperCutJson> papers) {
        best = papers;
    }

    void failed(RuntimeException e) {
        failure = e;
    }

    void started(Future<?> running) {
        work = running;
    }

    /** Whoever looks takes what it has by then. */
    void stop() {
        stopped = true;
    }

    boolean isStopped() {
        return stopped;
    }

    Future<?> work() {
        return work;
    }

    /**
     * The best so far.
     *
     * @throws RuntimeException if it came to nothing
     */
    CuttingJson best() {
        if (failure != null) {
            throw failure;
        }
        return new CuttingJson(begun.id(), begun.name(), begun.at(), begun.asked(), true, best, List.of(), List.of());
    }
}
