package vantbreeze.operation;

import java.util.List;
import vantbreeze.measure.Ruler;

/** The card closed and looked at. */
@Kind("close")
public record Close() implements Operation {

    @Override
    public List<Tool> tools() {
        return List.of(Tool.WEIGHT);
    }

    @Override
    public String title() {
        return "Close and check";
    }

    @Override
    public Wording wording(Ruler ruler) {
        return Wording.plain(
                "Close the card: nothing may stick out. Let it dry closed under a weight, then try it in its envelope.");
    }
}
