package vantbreeze.server.backup;

/** A backup cannot be taken: which entry is at fault, and why. Nothing of it was kept. */
final class BackupFault extends RuntimeException {

    private static final long serialVersionUID = 1L;
    private final String entry;

    BackupFault(String entry, String why) {
        super("The backup is damaged at (%s): %s. Nothing was changed.".formatted(entry, why));
        this.entry = entry;
    }

    String entry() {
        return entry;
    }
}
