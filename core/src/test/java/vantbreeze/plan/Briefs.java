package vantbreeze.plan;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import vantbreeze.catalogue.FoldCatalogue;
import vantbreeze.catalogue.Proportions;
import vantbreeze.layer.Closure;
import vantbreeze.layer.Finish;
import vantbreeze.layer.Matting;
import vantbreeze.material.Paper;
import vantbreeze.material.Print;
import vantbreeze.material.Sheet;
import vantbreeze.material.Stock;
import vantbreeze.material.Tools;
import vantbreeze.measure.Length;
import vantbreeze.measure.Size;
import vantbreeze.measure.ToolGrid;
import vantbreeze.measure.UnitSystem;
import vantbreeze.post.Envelope;

/** Briefs for tests: one layer of mats, 300 gsm, a 1/16 in ruler and board. */
public final class Briefs {

    private Briefs() {}

    public static Length in(String text) {
        return Length.parse(text, UnitSystem.INCH);
    }

    public static Size in(String width, String height) {
        return new Size(in(width), in(height));
    }

    /** @param size such as "5 x 7"
     *  @return whether the fold can have these proportions */
    public static boolean allows(String fold, String size) {
        String[] sides = size.split(" x ");
        Proportions proportions = FoldCatalogue.named(fold).proportions();
        return !in(sides[1]).isLessThan(proportions.lowest(in(sides[0])))
                && !in(sides[1]).isMoreThan(proportions.highest(in(sides[0])));
    }

    public static Brief closed(String fold, String width, String height) {
        return of(fold, new Basis.ClosedSize(width == null ? null : in(width), in(height)));
    }

    public static Brief of(String fold, Basis basis) {
        return new Brief(
                FoldCatalogue.named(fold),
                basis,
                Map.of(),
                Sheet.named("12x12"),
                card(300),
                Tools.of(ToolGrid.SIXTEENTH_INCH, ToolGrid.SIXTEENTH_INCH, in("12")),
                matting(1, in("1/8"), ToolGrid.SIXTEENTH_INCH, Matting.Meeting.RUN_ON, Map.of()),
                List.of(),
                Closure.NONE,
                null,
                UnitSystem.INCH);
    }

    public static Paper card(int gsm) {
        return new Paper(new Stock(gsm), "#fbf8f0", Print.PLAIN);
    }

    /** The same step for every layer, usual papers. */
    public static Matting matting(
            int layers, Length step, ToolGrid grid, Matting.Meeting meeting, Map<String, Integer> byFace) {
        Map<String, Finish> finishes = new HashMap<>();
        byFace.forEach((face, mats) -> finishes.put(face, Finish.mats(mats)));
        return new Matting(layers, List.of(step), grid, meeting, finishes, Matting.USUAL_PAPERS);
    }

    public static Brief matted(Brief b, Matting matting) {
        return b.withMatting(matting);
    }

    /** Dressed like that, by face; the rest as it is. */
    public static Brief finished(Brief b, Map<String, Finish> byFace) {
        Matting m = b.matting();
        Map<String, Finish> all = new HashMap<>(m.byFace());
        all.putAll(byFace);
        return b.withMatting(new Matting(m.layers(), m.steps(), m.grid(), m.meeting(), all, m.papers()));
    }

    /** With a pattern like that on every mat. */
    public static Brief printed(Brief b, Print print) {
        Matting m = b.matting();
        List<Paper> papers = m.papers().stream()
                .map(p -> new Paper(p.stock(), p.colour(), print))
                .toList();
        return b.withMatting(new Matting(m.layers(), m.steps(), m.grid(), m.meeting(), m.byFace(), papers));
    }

    /** The same with a pattern on both sides: there is no plain side to write on. */
    public static Paper printedOnBothSides(Paper p) {
        return new Paper(
                p.name(),
                p.material(),
                p.stock(),
                p.colour(),
                Print.SCATTERED,
                Optional.of(new Paper.Back(p.colour(), Print.SCATTERED)));
    }

    /** As a maker with metric tools plans it. */
    public static Brief metric(Brief b) {
        return new Brief(
                b.fold(),
                b.basis(),
                b.parameters(),
                Sheet.named("a4"),
                b.base(),
                Tools.of(ToolGrid.MILLIMETRE, ToolGrid.MILLIMETRE, Length.millimetres(300L)),
                matting(1, Length.millimetres(3L), ToolGrid.MILLIMETRE, Matting.Meeting.RUN_ON, Map.of()),
                b.ornaments(),
                b.closure(),
                b.envelope(),
                UnitSystem.METRIC);
    }

    public static Brief board(Brief b, ToolGrid board) {
        return b.withTools(Tools.of(b.tools().ruler(), board, b.tools().trimmer()));
    }

    public static Brief forEnvelope(String fold, String envelope, Orientation orientation) {
        return of(fold, new Basis.ForEnvelope(orientation, false)).withEnvelope(Envelope.named(envelope));
    }
}
