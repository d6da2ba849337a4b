package vantbreeze.catalogue;

import java.util.function.BiFunction;
import vantbreeze.measure.Length;
import vantbreeze.measure.Ruler;

/**
 * What the maker of this fold should know of it at the table.
 *
 * @param panel where it is met
 * @param text worded for a ruler and the thickness of the sheet that the base is cut from
 */
public record Caution(String panel, BiFunction<Ruler, Length, String> text) {}
