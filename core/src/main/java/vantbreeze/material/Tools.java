package vantbreeze.material;

import vantbreeze.measure.Length;
import vantbreeze.measure.ToolGrid;

/**
 * The tools a plan must suit.
 *
 * @param ruler the marks that sizes are derived and rounded to
 * @param board the grooves of the scoring board
 * @param trimmer the longest cut the trimmer makes
 */
public record Tools(ToolGrid ruler, ToolGrid board, Length trimmer) {}
