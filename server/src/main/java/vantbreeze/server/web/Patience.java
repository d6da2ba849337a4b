package vantbreeze.server.web;

import java.time.Duration;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.function.Supplier;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.stereotype.Component;
import org.springframework.web.context.request.RequestAttributes;
import org.springframework.web.context.request.RequestContextHolder;
import vantbreeze.structure.Effort;

/**
 * Long work is done as long as somebody waits for it. How much of it is allowed is counted ({@link Effort}); the clock only ends what
 * no count bounds, and says so as what it is: the machine is busy.
 */
@Component
public class Patience implements DisposableBean {

    private static final long LOOK_EVERY_MILLISECONDS = 25;

    /** Simplifying a long line goes as deep as it has corners. */
    private static final long STACK = 64L << 20;

    /** As many at a time as the machine has processors, and one for what is quick. */
    private final ExecutorService workers =
            Executors.newFixedThreadPool(Runtime.getRuntime().availableProcessors() + 1, work -> {
                Thread worker = new Thread(null, work, "worker", STACK);
                worker.setDaemon(true);
                return worker;
            });

    /** Longer nobody waits. */
    private static final Duration LONGEST = Duration.ofSeconds(60);

    /** There is no answer: it is too much to work out. */
    public static final class Lost extends RuntimeException {

        private static final long serialVersionUID = 1L;

        Lost(String why) {
            super(why);
        }
    }

    /** There is no answer now; there may be one if it is asked for again. */
    public static final class Busy extends RuntimeException {

        private static final long serialVersionUID = 1L;

        Busy(String why) {
            super(why);
        }
    }

    /** Whoever asked closed the connection before there was an answer. */
    public static final class Gone extends RuntimeException {

        private static final long serialVersionUID = 1L;

        Gone() {
            super("The connection was closed before there was an answer.");
        }
    }

    private final Duration longest;

    public Patience() {
        this(LONGEST);
    }

    Patience(Duration longest) {
        this.longest = longest;
    }

    /**
     * What no request asks for, such as filling an empty data folder at the start, may take its time: a cold machine is slow.
     *
     * @param most units of work, as {@link Effort} counts them
     * @param what begins the sentence that says it took too much
     * @param work touches nothing but memory: it is interrupted when nobody waits any more
     * @throws Lost if it takes more work than that
     * @throws Busy if it takes longer than anybody waits; the work ends soon after
     * @throws Gone if whoever asked has gone; the work ends soon after
     */
    public <T> T await(long most, String what, Supplier<T> work) {
        Future<T> working = workers.submit(() -> Effort.within(most, work));
        long until = System.nanoTime() + longest.toNanos();
        try {
            while (true) {
                try {
                    return working.get(LOOK_EVERY_MILLISECONDS, TimeUnit.MILLISECONDS);
                } catch (TimeoutException notYet) {
                    if (isAsked() && System.nanoTime() > until) {
                        throw new Busy("The machine is busy: try again.");
                    }
                    if (askerHasGone()) {
                        throw new Gone();
                    }
                }
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new Busy("The application ends.");
        } catch (ExecutionException e) {
            if (e.getCause() instanceof Effort.TooMuch) {
                throw new Lost(
                        "%s is too much to work out: simplify it, with fewer toppers or plainer ones.".formatted(what));
            }
            throw unchecked(e.getCause());
        } finally {
            working.cancel(true);
        }
    }

    private static RuntimeException unchecked(Throwable failure) {
        if (failure instanceof Error error) {
            throw error;
        }
        return failure instanceof RuntimeException unchecked ? unchecked : new IllegalStateException(failure);
    }

    private static boolean isAsked() {
        return RequestContextHolder.getRequestAttributes() != null;
    }

    private static boolean askerHasGone() {
        RequestAttributes request = RequestContextHolder.getRequestAttributes();
        return request != null
                && request.getAttribute(Asker.class.getName(), RequestAttributes.SCOPE_REQUEST) instanceof Asker asker
                && asker.hasGone();
    }

    @Override
    public void destroy() {
        workers.shutdownNow();
    }
}
