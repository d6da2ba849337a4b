package vantbreeze.operation;

/**
 * A task in words.
 *
 * @param title two or three words
 * @param wording plain words with every number in them
 * @param caution what can hurt here, or empty
 */
public record Step(String title, Wording wording, String caution) {

    public String text() {
        return wording.text();
    }
}
