package vantbreeze.server.store;

/** What is brought up to date after the start, while the maker works already. */
public interface Tidied {

    void tidy();
}
