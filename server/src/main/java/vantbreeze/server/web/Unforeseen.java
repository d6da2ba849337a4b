package vantbreeze.server.web;

import java.util.UUID;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** Failures that nobody thought of: told with a reference that stands in the log too. */
final class Unforeseen {

    private static final Logger LOG = LoggerFactory.getLogger(Unforeseen.class);
    private static final int SHORT = 8;

    private Unforeseen() {}

    /** @return a sentence for the maker */
    static String logged(Throwable failure) {
        String reference = UUID.randomUUID().toString().substring(0, SHORT);
        LOG.error("Reference {}: a request could not be answered", reference, failure);
        return "Something in it was not foreseen (reference %s in the log). Nothing has changed; undo the last change, or choose another measure."
                .formatted(reference);
    }
}
