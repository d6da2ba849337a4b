package vantbreeze.server.store;

import java.util.Map;

/** Makes rows of one table anew that come from outside, before anything is changed. */
public interface Received {

    Rows rows();

    /**
     * @param row values by column; the columns that must be there are
     * @return what is kept of it: the same, or another where it had to be made anew
     * @throws RuntimeException if it cannot be kept; the message says why
     */
    Map<String, Object> received(Map<String, Object> row);
}
