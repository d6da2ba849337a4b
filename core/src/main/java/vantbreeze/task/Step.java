package vantbreeze.task;

/**
 * A task in words.
 *
 * @param title two or three words
 * @param text plain words with every number in it
 * @param caution what can hurt here, or empty
 */
public record Step(String title, String text, String caution) {}
