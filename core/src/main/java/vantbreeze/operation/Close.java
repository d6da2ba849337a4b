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
                        ? "Close the card: nothing may stick out. Try it in its envelope, then leave it shut under a weight until the glue is dry, a day before you post it."
                        : "Close the card: nothing may stick out. Try it in its envelope.");
    }
}
