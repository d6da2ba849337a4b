package vantbreeze.server.ownfold;

/** No fold was kept under that id. */
final class OwnFoldNotFound extends RuntimeException {

    private static final long serialVersionUID = 1L;

    OwnFoldNotFound(String id) {
        super("There is no fold of your own (%s).".formatted(id));
    }
}
