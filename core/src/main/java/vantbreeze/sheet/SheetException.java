package vantbreeze.sheet;

/** What is asked of a sheet cannot be done; the message says what to change. */
public final class SheetException extends RuntimeException {

    private static final long serialVersionUID = 1L;

    public SheetException(String message) {
        super(message);
    }
}
