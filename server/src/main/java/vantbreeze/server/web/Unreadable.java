package vantbreeze.server.web;

/** What was saved cannot be read any more: it is damaged, or of a newer version of the application. */
public final class Unreadable extends RuntimeException {

    private static final long serialVersionUID = 1L;
    private final String saved;

    /** @param saved the text as it was saved, so that it is not lost */
    public Unreadable(String message, String saved, Throwable cause) {
        super(message, cause);
        this.saved = saved;
    }

    String saved() {
        return saved;
    }
}
