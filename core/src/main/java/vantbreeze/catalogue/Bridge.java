package vantbreeze.catalogue;

import java.util.List;
import vantbreeze.measure.Length;
import vantbreeze.structure.Structure;

/** A stage with a tall bar set a little up, because a bar set level looks low. */
final class Bridge implements FoldDesign {

    @Override
    public String id() {
        return "bridge";
    }

    @Override
    public String name() {
        return "bridge";
    }

    @Override
    public String summary() {
        return "A stage whose bar is the picture, nearly as tall as the card.";
    }

    @Override
    public List<Parameter> parameters() {
        return Proscenium.parameters(
                6,
                v -> v.grid().nearest(v.height().times(2).dividedBy(3).each()),
                v -> Length.min(v.grid().nearest(Length.inches(1, 4)), Proscenium.free(v)));
    }

    @Override
    public Structure build(Values v) {
        return Proscenium.build(v);
    }
}
