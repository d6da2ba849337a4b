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
 * @param reason to stand after "because"
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
            return new Joint(Adhesive.TAPE, "wet glue smears on film; keep it where paper hides it");
        }
        if (!bond.seams().isEmpty()) {
            return new Joint(Adhesive.TAPE, "it stays within the seams; wet glue would run into what has to stay open");
        }
        if (structure.isLoop(bond)) {
            return new Joint(Adhesive.QUICK, "it closes a ring of panels that pulls at it all the time");
        }
        boolean hinged = structure.hinges().stream()
                .anyMatch(h -> h.first().equals(panel) || h.second().equals(panel));
        return hinged
                ? new Joint(Adhesive.TAPE, "the fold beside it pulls at it each time the card opens")
                : new Joint(Adhesive.WET, "it leaves a moment to bring the edges level");
    }

    /** Of a mat. */
    public static Joint of(MatCut cut) {
        Mat mat = cut.mats().get(0);
        if (cut.isSplit()) {
            return new Joint(Adhesive.WET, "both halves have to meet exactly");
        }
        return mat.squareMillimetres() > LARGE_SQUARE_MILLIMETRES
                ? new Joint(Adhesive.TAPE, "wet glue would warp so large a sheet")
                : new Joint(Adhesive.WET, "it can be slid until the border is even");
    }

    /** Of something laid on top. */
    public static Joint of(PlacedOrnament ornament) {
        if (ornament.lift().isPositive()) {
            return new Joint(
                    Adhesive.FOAM,
                    "it has to stand off by %.1f mm".formatted(ornament.lift().millimetres()));
        }
        return ornament.face().panel().isClear()
                ? new Joint(Adhesive.DOTS, "they are hidden behind it")
                : new Joint(Adhesive.TAPE, "it holds at once");
    }

    /** "wet glue, because ...". */
    public String text() {
        return "%s, because %s".formatted(adhesive.name(), reason);
    }
}
