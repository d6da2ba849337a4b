package vantbreeze.operation;

import java.util.Optional;
import vantbreeze.measure.Ruler;

/**
 * Waiting; other things can be done meanwhile.
 *
 * @param what that is glued or wet
 */
@Kind("dry")
public record Dry(int minutes, String what) implements Operation {

    private static final int AN_HOUR = 60;

    @Override
    public Optional<Dry> waiting() {
        return Optional.of(this);
    }

    @Override
    public String title() {
        return "Let it dry";
    }

    @Override
    public Wording wording(Ruler ruler) {
        return Wording.plain(
                "Let %s dry for %s before you bend or cover it, or as long as the label says. You can do steps that do not touch it."
                        .formatted(what, minutes == AN_HOUR ? "an hour" : "%d minutes".formatted(minutes)));
    }
}
