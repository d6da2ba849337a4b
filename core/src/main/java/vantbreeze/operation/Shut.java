package vantbreeze.operation;

import vantbreeze.measure.Ruler;

/** Its belt, sleeve, ribbon or band on. */
@Kind("shut")
public record Shut(String text) implements Operation {

    @Override
    public String title() {
        return "Close it for good";
    }

    @Override
    public Wording wording(Ruler ruler) {
        return Wording.plain(text);
    }
}
