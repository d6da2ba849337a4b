package vantbreeze.operation;

import vantbreeze.measure.Length;

/** Where a score or a cut begins and ends along its line. */
public record Span(Length from, Length to) {}
