package vantbreeze.operation;

import java.util.List;
import vantbreeze.measure.Ruler;

/**
 * The card closed and looked at.
 *
 * @param wet whether there is glue in it that has to dry
 */
@Kind("close")
public record Close(boolean wet) implements Operation {

    @Override
    public List<Tool> tools() {
        return wet ? List.of(Tool.WEIGHT) : List.of();
    }

    @Override
    public String title() {
        return "Close and check";
    }

    @Override
    public Wording wording(Ruler ruler) {
        return Wording.plain(
                wet
                        ? "Close the card and check that nothing sticks out. Try it in its envelope. Press it under a weight until the glue is dry, and let it dry for a day before you post it."
                        : "Close the card and check that nothing sticks out. Try it in its envelope.");
    }
}
