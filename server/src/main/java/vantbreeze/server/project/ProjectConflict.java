package vantbreeze.server.project;

/** A save made to a version that is no longer the newest. Keeps the newest, so that the maker can choose. */
class ProjectConflict extends RuntimeException {

    private static final long serialVersionUID = 1L;
    private final transient ProjectJson current;
    private final long yours;

    ProjectConflict(ProjectJson current, long yours) {
        super("Version (%d) of \"%s\" was changed elsewhere; the newest is %d."
                .formatted(yours, current.name(), current.version()));
        this.current = current;
        this.yours = yours;
    }

    ProjectJson current() {
        return current;
    }

    long yours() {
        return yours;
    }
}
