package vantbreeze.server;

import org.hibernate.tool.schema.spi.SchemaManagementException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.SpringBootExceptionReporter;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import vantbreeze.server.store.StartRefusal;

/** Tells why the application did not start in one sentence, where the framework would tell it in fifty lines. */
@Order(Ordered.HIGHEST_PRECEDENCE)
class StartFailure implements SpringBootExceptionReporter {

    private static final Logger LOG = LoggerFactory.getLogger(StartFailure.class);

    /** @param context asked for by the framework, which makes the reporter */
    StartFailure(ConfigurableApplicationContext context) {
        LOG.trace("Ready to report on {}", context);
    }

    @Override
    public boolean reportException(Throwable failure) {
        LOG.debug("It did not start", failure);
        return true;
    }

    static String sentence(Throwable failure) {
        Throwable deepest = failure;
        for (Throwable t = failure; t != null; t = t.getCause()) {
            if (t instanceof StartRefusal) {
                return t.getMessage();
            }
            if (t instanceof SchemaManagementException) {
                return "The database file is damaged: %s. Bring back a day from the folder copies beside it, or move vantbreeze.mv.db and vantbreeze.seal away to begin with an empty table."
                        .formatted(firstLine(t));
            }
            deepest = t;
        }
        return "Vantbreeze did not start: %s (%s)."
                .formatted(firstLine(deepest), deepest.getClass().getSimpleName());
    }

    private static String firstLine(Throwable failure) {
        return String.valueOf(failure.getMessage()).lines().findFirst().orElse("");
    }
}
