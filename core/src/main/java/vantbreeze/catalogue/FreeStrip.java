package vantbreeze.catalogue;

import java.util.List;
import vantbreeze.fold.FlatFolder;
import vantbreeze.measure.Length;
import vantbreeze.measure.UnitSystem;
import vantbreeze.structure.Piece;
import vantbreeze.structure.StripBuilder;
import vantbreeze.structure.Structure;

/** Any panels the maker types. Asked for another closed width, it keeps its proportions on the tool's grid. */
final class FreeStrip implements FoldDesign {

    private static final String PANELS = "panels";
    private static final PanelList EXAMPLE = PanelList.parse("1 M 1 1/2 V 3 V 2 in", UnitSystem.INCH);

    @Override
    public String id() {
        return "free-strip";
    }

    @Override
    public String name() {
        return "free strip";
    }

    @Override
    public String summary() {
        return "Your own row of panels: type widths with M or V between them and see how it closes.";
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.panels(
                        PANELS,
                        "panels",
                        "Widths from left to right with M (mountain) or V (valley) between them.",
                        EXAMPLE),
                Parameter.width(v -> ownWidth(v.panels(PANELS))),
                Parameter.height());
    }

    @Override
    public Structure build(Values v) {
        PanelList panels = v.panels(PANELS);
        Length own = ownWidth(panels);
        return strip(v.width().equals(own) ? panels : scaled(panels, own, v), v.height());
    }

    private static PanelList scaled(PanelList panels, Length own, Values v) {
        List<Length> widths = panels.widths().stream()
                .map(w -> Length.max(v.grid().nearest(w.scaled(v.width(), own)), least(v)))
                .toList();
        return new PanelList(widths, panels.folds());
    }

    private static Length least(Values v) {
        return v.grid().ceiling(Parameter.SMALLEST_PANEL);
    }

    /** The closed width of the panels as typed. */
    private static Length ownWidth(PanelList panels) {
        return FlatFolder.closed(strip(panels, Parameter.SMALLEST_SIDE)).size().width();
    }

    /** The widest panel stays where it lies, face up: it is what the others close on. */
    private static Structure strip(PanelList panels, Length height) {
        StripBuilder strip = Piece.strip("strip", height);
        int widest = 0;
        for (int i = 0; i < panels.widths().size(); i++) {
            strip.panel("panel " + (i + 1), panels.widths().get(i));
            if (i < panels.folds().size()) {
                strip.score(panels.folds().get(i));
            }
            if (panels.widths().get(i).isMoreThan(panels.widths().get(widest))) {
                widest = i;
            }
        }
        return Structure.of(strip.build()).displayed(0.5).anchoredAt("panel " + (widest + 1));
    }
}
