package vantbreeze.measure;

/**
 * A length shared into equal parts.
 *
 * @param each one part, rounded down
 * @param remainder what is left when all parts are taken, never negative
 */
public record Division(Length each, Length remainder) {}
