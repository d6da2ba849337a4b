package vantbreeze.make;

import vantbreeze.layer.Mat;
import vantbreeze.layer.MatCut;
import vantbreeze.layer.PlacedOrnament;
import vantbreeze.material.Adhesive;
import vantbreeze.measure.Length;
import vantbreeze.structure.Bond;
import vantbreeze.structure.Panel;
import vantbreeze.structure.Structure;

/**
 * What to glue with, and why. Common practice, no published source.
 *
 * @param reason to stand after a colon
 */
public record Joint(Adhesive adhesive, String reason) {

    /** Tape stops this far from a score, or the fold goes stiff. Common practice, no published source. */
    public static final Length TAPE_INSET = Length.inches(1, 8);

    /** A closed A2 card, 4 1/4 x 5 1/2 in: wet glue warps what is larger. */
    private static final double LARGE_SQUARE_MILLIMETRES =
            Length.inches(17, 4).millimetres() * Length.inches(11, 2).millimetres();

    /** Of two panels. */
    public static Joint of(Bond bond, Structure structure) {
        Panel panel = structure.panel(bond.panel());
        Panel onto = structure.panel(bond.onto());
        if (panel.isClear() || onto.isClear()) {
            return new Joint(Adhesive.TAPE, "wet glue smears on film; hide the tape behind paper");
        }
        if (!bond.seams().isEmpty()) {
            return new Joint(Adhesive.TAPE, "wet glue could seep into what has to stay open");
        }
        if (structure.isLoop(bond)) {
            return new Joint(Adhesive.QUICK, "this joint takes a lot of pull");
        }
        boolean hinged = structure.hinges().stream()
                .anyMatch(h -> h.first().equals(panel) || h.second().equals(panel));
        return hinged
                ? new Joint(Adhesive.TAPE, "it is pulled each time the card opens")
                : new Joint(Adhesive.WET, "it gives you time to line up the edges");
    }

    /** Of a mat. */
    public static Joint of(MatCut cut) {
        Mat mat = cut.mats().get(0);
        if (cut.isSplit()) {
            return new Joint(Adhesive.WET, "you can line up both halves");
        }
        return mat.squareMillimetres() > LARGE_SQUARE_MILLIMETRES
                ? new Joint(Adhesive.TAPE, "wet glue would warp so large a mat")
                : new Joint(Adhesive.WET, "you can slide the mat until the border is even");
    }

    /** Of something laid on top. */
    public static Joint of(PlacedOrnament ornament) {
        if (ornament.lift().isPositive()) {
            return new Joint(
                    Adhesive.FOAM,
                    "it needs to stand %.1f mm off the card"
                            .formatted(ornament.lift().millimetres()));
        }
        return ornament.face().panel().isClear()
                ? new Joint(Adhesive.DOTS, "hide the dots behind something solid")
                : new Joint(Adhesive.TAPE, "it grips at once");
    }

    /** "Wet glue: it gives you time." */
    public String sentence() {
        String text = text();
        return Character.toUpperCase(text.charAt(0)) + text.substring(1) + ".";
    }

    /** "wet glue: it gives you time". */
    public String text() {
        return "%s: %s".formatted(adhesive.name(), reason);
    }
}
