package vantbreeze.catalogue;

import java.util.List;
import vantbreeze.measure.Length;

/**
 * How one choice decides several things at once, for the maker to pick a point.
 *
 * @param parameter the key of what is chosen
 * @param held the keys of what must stay as it is while that is chosen, or the curve would not hold
 * @param said what each of the lengths of a step is
 */
public record TradeOff(String parameter, List<String> held, List<String> said, List<Step> steps) {

    /** @param lengths what follows from that choice, in the order in which they are said */
    public record Step(Length chosen, List<Length> lengths) {}
}
