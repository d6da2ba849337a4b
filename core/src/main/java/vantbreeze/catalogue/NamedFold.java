package vantbreeze.catalogue;

import java.util.List;
import java.util.Optional;
import vantbreeze.structure.Structure;

/** A fold that goes by the maker's own name: a free strip that was kept. */
record NamedFold(String name, FoldDesign fold) implements FoldDesign {

    @Override
    public String id() {
        return fold.id();
    }

    @Override
    public String summary() {
        return "Your own fold.";
    }

    @Override
    public List<Parameter> parameters() {
        return fold.parameters();
    }

    @Override
    public Proportions proportions() {
        return fold.proportions();
    }

    @Override
    public Optional<TradeOff> tradeOff(Values values) {
        return fold.tradeOff(values);
    }

    @Override
    public List<Caution> cautions(Values values) {
        return fold.cautions(values);
    }

    @Override
    public Structure build(Values values) {
        return values.structure(fold);
    }
}
