package vantbreeze.server.store;

import java.nio.file.FileSystemException;

/** The database could not keep or give what it was asked for. Nothing was half saved. */
public final class StoreFailure extends RuntimeException {

    private static final long serialVersionUID = 1L;
    private final boolean full;

    StoreFailure(Throwable cause) {
        super(
                isFull(cause)
                        ? "The disk is full, so nothing was saved. Make room; Vantbreeze goes on by itself then."
                        : "The database does not answer (%s), so nothing was saved. Vantbreeze tries again by itself."
                                .formatted(reason(cause)),
                cause);
        this.full = isFull(cause);
    }

    /** @return a sentence for the maker about a failure of the disk itself */
    public static String told(Throwable cause) {
        return new StoreFailure(cause).getMessage();
    }

    /** Whether there is no room for what was to be kept. */
    public boolean isFull() {
        return full;
    }

    public static boolean isFull(Throwable failure) {
        for (Throwable t = failure; t != null; t = t.getCause()) {
            String message = String.valueOf(t.getMessage());
            if (message.contains("No space left on device") || message.contains("Disk quota exceeded")) {
                return true;
            }
        }
        return false;
    }

    /** @return what lies at the bottom of it, in one line */
    public static String reason(Throwable failure) {
        Throwable deepest = failure;
        while (deepest.getCause() != null && deepest.getCause() != deepest) {
            deepest = deepest.getCause();
        }
        String message = deepest instanceof FileSystemException file && file.getReason() != null
                ? file.getReason()
                : String.valueOf(deepest.getMessage());
        return message.lines()
                .findFirst()
                .orElse("")
                .replaceAll("\\[[\\d/.-]+]", "")
                .strip();
    }
}
