package vantbreeze.server.store;

/** Rows of one table that are read the way they are shown, before a row from outside is kept. */
public interface ReadBack {

    Rows rows();

    /**
     * Within the transaction that brought the row in.
     *
     * @throws RuntimeException if it cannot be read; the message says why
     */
    void readBack(String key);
}
