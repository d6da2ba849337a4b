package vantbreeze.catalogue;

import java.util.HashMap;
import java.util.Map;
import vantbreeze.measure.Length;
import vantbreeze.structure.Bond;
import vantbreeze.structure.Habit;
import vantbreeze.structure.Piece;
import vantbreeze.structure.Side;
import vantbreeze.structure.Structure;

/**
 * A front between two legs of three folds each, the outermost turned in and glued to what stands behind: a spring that
 * presses its front forward. Tabs and knees turn in: closed it is as wide as its front.
 *
 * @param leg width of each fold
 */
record LegStrip(String name, Length height, Length leg, Length front) {

    /** Legs half drawn out, in degrees: each outer score folds half as much as a full turn less this. */
    private static final double HALF_OPEN = 90;

    private static final double KNEE = 45;

    /** Where its front is called so. */
    String frontPanel() {
        return name + " front";
    }

    /** Where the front begins on the strip. */
    Length frontAt() {
        return leg.times(3);
    }

    /**
     * Adds the strip, glued to the face of a panel.
     *
     * @param left where its front's left edge lies on the panel's piece, like the height
     */
    void addTo(Structure.Builder card, String behind, Length left, Length low) {
        card.piece(piece())
                .bond(Bond.turned(name + " left tab", Side.FACE, behind, left.plus(leg), low))
                .bond(Bond.turned(
                        name + " right tab",
                        Side.FACE,
                        behind,
                        left.plus(front.times(2)).plus(leg.times(5)),
                        low))
                .habit(
                        Habit.BARE,
                        name + " left tab",
                        name + " left foot",
                        name + " left leg",
                        name + " front",
                        name + " right leg",
                        name + " right foot",
                        name + " right tab");
    }

    Map<String, Double> displayed() {
        Map<String, Double> displayed = new HashMap<>();
        for (int i = 1; i <= 6; i++) {
            boolean edge = i == 2 || i == 5;
            displayed.put(name + " score " + i, edge ? HALF_OPEN : -HALF_OPEN - KNEE);
        }
        return displayed;
    }

    private Piece piece() {
        return Piece.strip(name, height)
                .panel(name + " left tab", leg)
                .mountain(name + " score 1")
                .panel(name + " left foot", leg)
                .valley(name + " score 2")
                .panel(name + " left leg", leg)
                .mountain(name + " score 3")
                .panel(name + " front", front)
                .mountain(name + " score 4")
                .panel(name + " right leg", leg)
                .valley(name + " score 5")
                .panel(name + " right foot", leg)
                .mountain(name + " score 6")
                .panel(name + " right tab", leg)
                .build();
    }
}
