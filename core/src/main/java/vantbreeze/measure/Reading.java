package vantbreeze.measure;

/**
 * A length as it is read off a ruler.
 *
 * @param text with its unit; begins with "≈" when it was rounded
 * @param exact whether the text says the length without rounding
 */
public record Reading(String text, boolean exact) {}
