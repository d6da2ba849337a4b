package vantbreeze.catalogue;

import java.util.List;
import java.util.Optional;
import vantbreeze.structure.Structure;

/** A fold: what can be chosen about it and the structure that follows. */
public interface FoldDesign {

    /** Lower case letters and hyphens; never changes, since saved briefs hold it. */
    String id();

    /** As makers call it, to stand inside a sentence. */
    String name();

    /** One line: what it looks like and what it is good for. */
    String summary();

    /** In the order they are resolved: a range or fallback may use the values before it. */
    List<Parameter> parameters();

    /** @param values resolved against {@link #parameters()}, every one present */
    Structure build(Values values);

    /** Which heights suit which widths. */
    default Proportions proportions() {
        return Proportions.ANY;
    }

    /** What to know of it at the table with these values. */
    default List<Caution> cautions(Values values) {
        return List.of();
    }

    /** What one of its choices decides at once, where makers have to weigh it. */
    default Optional<TradeOff> tradeOff(Values values) {
        return Optional.empty();
    }

    /** The same under a maker's own name. */
    default FoldDesign called(String ownName) {
        return new NamedFold(ownName, this);
    }
}
