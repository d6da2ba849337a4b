package vantbreeze.catalogue;

import java.util.function.Function;
import vantbreeze.measure.Ruler;

/**
 * What the maker of this fold should know of it at the table.
 *
 * @param panel where it is met
 * @param text worded for a ruler
 */
public record Caution(String panel, Function<Ruler, String> text) {}
