package vantbreeze.catalogue;

import java.util.Optional;
import vantbreeze.measure.Length;
import vantbreeze.measure.ToolGrid;

/**
 * What a maker has at hand, as far as a design depends on it.
 *
 * @param grid the marks that a design rounds to when it must share a length out
 * @param longest the longest piece that the sheet gives; empty where the card is fitted to the sheet anyway
 */
public record Means(ToolGrid grid, Optional<Length> longest) {}
