package vantbreeze.server.web;

/** A change made to a version that is no longer the newest. Keeps the newest, so that the maker can choose. */
public final class Conflict extends RuntimeException {

    private static final long serialVersionUID = 1L;
    private final transient Object current;
    private final long yours;

    /** @param current the newest as it goes over the wire */
    public Conflict(String name, Object current, long newest, long yours) {
        super("Version (%d) of \"%s\" was changed elsewhere; the newest is %d.".formatted(yours, name, newest));
        this.current = current;
        this.yours = yours;
    }

    Object current() {
        return current;
    }

    long yours() {
        return yours;
    }
}
