package vantbreeze.operation;

import java.util.stream.Stream;
import vantbreeze.make.Joint;
import vantbreeze.material.Adhesive;

/**
 * What can hurt at a task, and the usual caution. Common practice, no published source; the tool's maker and local rules come
 * first.
 */
public enum Hazard {
    BLADES(
            "Blades are sharp: cut away from your hand, knives along a metal ruler, cap them, keep children off. Follow"
                    + " the tool maker's instructions and your local rules.",
            "Mind the blade."),
    SMALL_PARTS("Small parts are not for small children.", "Small parts: not for small children."),
    HEAT(
            "A heat tool burns skin and scorches paper: hold the paper with tweezers, keep moving, set it down where nothing"
                    + " catches fire, switch it off. Follow its maker's instructions.",
            "Hot tool: tweezers, keep it moving."),
    SOLVENT(
            "Solvent glue, alcohol inks and their cleaner give off vapour that burns: open a window, no flame or heat tool near, gloves on."
                    + " Read the label.",
            "Vapour: window open, no flame, no heat."),
    SPRAY(
            "Spray in a box, away from food and faces, with the window open; do not breathe the mist. Read the label.",
            "Spray into a box, do not breathe it."),
    DIES(
            "Dies have sharp edges and a machine's rollers pinch: fingers off the plates while it turns. Follow its maker's"
                    + " order of plates.",
            "Fingers off the rollers.");

    private final String text;
    private final String shortly;

    Hazard(String text, String shortly) {
        this.text = text;
        this.shortly = shortly;
    }

    public String text() {
        return text;
    }

    /** What can hurt where something is glued so. */
    static Stream<Hazard> of(Joint joint) {
        return joint.adhesive().is(Adhesive.Quality.BURNS) ? Stream.of(SOLVENT) : Stream.empty();
    }

    /** For everybody who has read the whole of it once. */
    public String shortly() {
        return shortly;
    }
}
