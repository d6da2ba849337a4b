package vantbreeze.server.store;

/** Why the application does not start, in one sentence for the maker. */
public class StartRefusal extends RuntimeException {

    private static final long serialVersionUID = 1L;

    public StartRefusal(String sentence) {
        super(sentence);
    }
}
