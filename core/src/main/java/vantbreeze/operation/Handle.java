package vantbreeze.operation;

import vantbreeze.measure.Ruler;
import vantbreeze.structure.Handling;

/** The decisive move of a fold, as its own step. */
@Kind("handle")
public record Handle(Handling handling) implements Operation {

    @Override
    public String title() {
        return handling.title();
    }

    @Override
    public Wording wording(Ruler ruler) {
        return Wording.plain(handling.words());
    }
}
