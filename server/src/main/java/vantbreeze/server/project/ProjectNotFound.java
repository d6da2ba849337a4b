package vantbreeze.server.project;

/** No project, or no revision, has that name. */
class ProjectNotFound extends RuntimeException {

    private static final long serialVersionUID = 1L;

    ProjectNotFound(String what) {
        super("There is no %s; it may have been deleted.".formatted(what));
    }
}
