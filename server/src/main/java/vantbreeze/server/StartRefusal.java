package vantbreeze.server;

/** Why the application does not start, in one sentence for the maker. */
class StartRefusal extends RuntimeException {

    private static final long serialVersionUID = 1L;

    StartRefusal(String sentence) {
        super(sentence);
    }
}
