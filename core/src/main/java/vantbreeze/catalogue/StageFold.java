package vantbreeze.catalogue;

import java.util.List;
import vantbreeze.structure.Structure;

/** Wings in front turned outward, the back behind them, a bar that joins the wings. */
final class StageFold implements FoldDesign {

    @Override
    public String id() {
        return "stage";
    }

    @Override
    public String name() {
        return "stage";
    }

    @Override
    public String summary() {
        return "A back, two links and two wings joined by a bar: a small theatre that folds flat sideways.";
    }

    @Override
    public List<Parameter> parameters() {
        return Proscenium.parameters(
                4,
                v -> v.grid().nearest(v.height().dividedBy(4).each()),
                v -> v.grid().floor(Values.half(Proscenium.free(v))));
    }

    @Override
    public Structure build(Values v) {
        return Proscenium.build(v);
    }
}
