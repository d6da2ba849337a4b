package vantbreeze.plan;

import java.util.Map;
import vantbreeze.catalogue.FoldCatalogue;
import vantbreeze.layer.Matting;
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

    public static Brief closed(String fold, String width, String height) {
        return of(fold, new Basis.ClosedSize(width == null ? null : in(width), in(height)));
    }

    public static Brief of(String fold, Basis basis) {
        return new Brief(
                FoldCatalogue.named(fold),
                basis,
                Map.of(),
                Sheet.named("12x12"),
                new Stock(300),
                new Stock(160),
                new Tools(ToolGrid.SIXTEENTH_INCH, ToolGrid.SIXTEENTH_INCH, in("12")),
                new Matting(1, in("1/8"), ToolGrid.SIXTEENTH_INCH, Matting.Meeting.RUN_ON, Map.of()),
                null,
                UnitSystem.INCH);
    }

    public static Brief matted(Brief b, Matting matting) {
        return new Brief(
                b.fold(),
                b.basis(),
                b.parameters(),
                b.sheet(),
                b.base(),
                b.mat(),
                b.tools(),
                matting,
                b.envelope(),
                b.units());
    }

    public static Brief board(Brief b, ToolGrid board) {
        Tools tools = new Tools(b.tools().ruler(), board, b.tools().trimmer());
        return new Brief(
                b.fold(),
                b.basis(),
                b.parameters(),
                b.sheet(),
                b.base(),
                b.mat(),
                tools,
                b.matting(),
                b.envelope(),
                b.units());
    }

    public static Brief forEnvelope(String fold, String envelope, Orientation orientation) {
        return of(fold, new Basis.ForEnvelope(orientation)).withEnvelope(Envelope.named(envelope));
    }
}
