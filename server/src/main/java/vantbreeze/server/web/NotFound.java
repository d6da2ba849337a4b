package vantbreeze.server.web;

/** What was asked for is not there. */
public final class NotFound extends RuntimeException {

    private static final long serialVersionUID = 1L;

    /** @param what "project 12" */
    public NotFound(String what) {
        super("There is no %s; it may have been deleted.".formatted(what));
    }
}
