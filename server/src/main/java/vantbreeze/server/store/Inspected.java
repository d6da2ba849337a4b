package vantbreeze.server.store;

import java.util.List;

/** Rows that can be looked through for damage. */
public interface Inspected {

    /** @return those that are not as they were written, as the maker calls them */
    List<String> damaged();
}
