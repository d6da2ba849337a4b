package vantbreeze.catalogue;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import vantbreeze.fold.FlatFolder;
import vantbreeze.measure.Length;
import vantbreeze.measure.UnitSystem;
import vantbreeze.structure.Panel;
import vantbreeze.structure.Piece;
import vantbreeze.structure.PieceBuilder;
import vantbreeze.structure.Point;
import vantbreeze.structure.ScoreLine;
import vantbreeze.structure.Structure;

/**
 * Any panels the maker types, in one row or in several that are slit apart, glued where the maker says. Asked for another
 * closed width, it keeps its proportions on the tool's grid.
 */
final class FreeStrip implements FoldDesign {

    private static final String PANELS = "panels";
    private static final String SLITS = "slits";
    private static final String ENDS = "slitEnds";
    private static final String GLUE = "glue";
    private static final PanelRows EXAMPLE = PanelRows.parse("1 M 1 1/2 V 3 V 2 in", UnitSystem.INCH);

    private static final Parameter PANELS_PARAMETER = Parameter.panels(
            PANELS,
            "panels",
            "Widths from left to right with M (mountain) or V (valley) between them; rows from the bottom up with a"
                    + " slash between them.",
            EXAMPLE);

    private static final Parameter SLITS_PARAMETER = Parameter.lengths(
                    SLITS,
                    "slits from the bottom",
                    "Where the rows part.",
                    FreeStrip::equalRows,
                    new Parameter.Counts(1, PanelRows.MOST - 1),
                    v -> new Range(
                            Parameter.SMALLEST_PANEL,
                            "the least that can be cut",
                            v.height().minus(Parameter.SMALLEST_PANEL),
                            "or no row is left above"))
            .onlyIf(FreeStrip::hasRows);

    private static final Parameter ENDS_PARAMETER = Parameter.lengths(
                    ENDS,
                    "slits along the strip",
                    "Where every slit begins and ends, begins again and ends again, counted from the left along the panels"
                            + " as typed; what lies between stays whole.",
                    v -> wholeEnds(v.panels(PANELS)),
                    new Parameter.Counts(2, 12),
                    v -> new Range(Length.ZERO, "the left end", v.panels(PANELS).total(), "the right end"))
            .onlyIf(FreeStrip::hasRows);

    private static final Parameter GLUE_PARAMETER = Gluing.parameter(GLUE);

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
        return "Your own rows of panels: type widths with M or V between them and see how it closes.";
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                PANELS_PARAMETER,
                Parameter.width(v -> ownWidth(v.panels(PANELS))),
                Parameter.height(),
                SLITS_PARAMETER,
                ENDS_PARAMETER,
                GLUE_PARAMETER);
    }

    private static boolean hasRows(Values v) {
        return v.panels(PANELS).rows().size() > 1;
    }

    private static LengthList equalRows(Values v) {
        int rows = v.panels(PANELS).rows().size();
        List<Length> slits = new ArrayList<>();
        for (int i = 1; i < rows; i++) {
            slits.add(v.height().times(i).dividedBy(rows).each());
        }
        return new LengthList(slits);
    }

    /** From the end of the first panel to the beginning of the last one, so that all rows hang together at both ends. */
    private static LengthList wholeEnds(PanelRows rows) {
        Length from = rows.total();
        Length to = Length.ZERO;
        for (PanelList row : rows.rows()) {
            from = Length.min(from, row.widths().get(0));
            to = Length.max(to, rows.total().minus(row.widths().get(row.widths().size() - 1)));
        }
        return from.isLessThan(to) ? new LengthList(List.of(from, to)) : new LengthList(List.of());
    }

    /** @throws ParameterException naming the parameter that makes the pattern impossible, and why */
    @Override
    public Structure build(Values v) {
        PanelRows rows = ParameterException.attempt(PANELS_PARAMETER, () -> rows(v));
        if (hasRows(v)) {
            requireSlitForEachRow(v, rows);
            if (v.lengths(ENDS).lengths().size() % 2 != 0) {
                throw new ParameterException(ENDS_PARAMETER, "Every slit needs a beginning and an end.");
            }
        }
        List<Length> slits = hasRows(v) ? v.lengths(SLITS).lengths() : List.of();
        List<Length> ends =
                hasRows(v) ? v.lengths(ENDS).lengths().stream().map(scale(v)).toList() : List.of();
        Structure strip = ParameterException.attempt(PANELS_PARAMETER, () -> strip(rows, v.height(), slits, ends));
        return ParameterException.attempt(GLUE_PARAMETER, () -> Gluing.glued(strip, v.glue(GLUE)));
    }

    private static void requireSlitForEachRow(Values v, PanelRows rows) {
        int slits = v.lengths(SLITS).lengths().size();
        if (slits != rows.rows().size() - 1) {
            throw new ParameterException(
                    SLITS_PARAMETER,
                    "%d rows are parted by %d slits, not %d."
                            .formatted(rows.rows().size(), rows.rows().size() - 1, slits));
        }
    }

    /** The panels as typed, or scaled to the closed width that is asked for. */
    private static PanelRows rows(Values v) {
        UnaryOperator<Length> scale = scale(v);
        return new PanelRows(v.panels(PANELS).rows().stream()
                .map(row -> scaled(row, scale, v.grid().ceiling(Parameter.SMALLEST_PANEL)))
                .toList());
    }

    /**
     * Where a position of the typed strip comes to lie. One row is rounded to the grid position by position; rows that have
     * to close together grow by whole steps of what they are all made of, so that they still do.
     */
    private static UnaryOperator<Length> scale(Values v) {
        PanelRows typed = v.panels(PANELS);
        Length own = ownWidth(typed);
        if (v.width().equals(own)) {
            return UnaryOperator.identity();
        }
        if (!hasRows(v)) {
            return position -> v.grid().nearest(position.scaled(v.width(), own));
        }
        Length unit = Length.commonMeasure(Stream.concat(
                typed.rows().stream().flatMap(r -> r.widths().stream()), v.lengths(ENDS).lengths().stream()));
        Length grown = Length.max(v.grid().step(), v.grid().nearest(unit.scaled(v.width(), own)));
        return position -> grown.times(position.count() / unit.count());
    }

    private static PanelList scaled(PanelList panels, UnaryOperator<Length> scale, Length least) {
        List<Length> widths = new ArrayList<>();
        Length typed = Length.ZERO;
        Length at = Length.ZERO;
        for (Length width : panels.widths()) {
            typed = typed.plus(width);
            Length next = Length.max(scale.apply(typed), at.plus(least));
            widths.add(next.minus(at));
            at = next;
        }
        return new PanelList(widths, panels.folds());
    }

    /** The closed width of the panels as typed. */
    private static Length ownWidth(PanelRows rows) {
        PanelRows first = new PanelRows(rows.rows().subList(0, 1));
        return FlatFolder.closed(strip(first, Parameter.SMALLEST_SIDE, List.of(), List.of()))
                .size()
                .width();
    }

    /** The widest panel stays where it lies, face up: it is what the others close on. */
    private static Structure strip(PanelRows rows, Length height, List<Length> slits, List<Length> ends) {
        PieceBuilder strip = Piece.rectangle("strip", rows.total(), height);
        Length low = Length.ZERO;
        for (int row = 0; row < rows.rows().size(); row++) {
            Length high = row < slits.size() ? slits.get(row) : height;
            String suffix = rows.rows().size() > 1 ? ", row " + (row + 1) : "";
            addScores(strip, rows.rows().get(row), low, high, suffix);
            for (int i = 0; row < slits.size() && i < ends.size(); i += 2) {
                strip.slit(
                        "slit %d%s".formatted(i / 2 + 1, suffix),
                        new Point(ends.get(i), high),
                        new Point(ends.get(i + 1), high));
            }
            low = high;
        }
        Piece piece = strip.build();
        return Structure.of(piece).displayed(0.5).anchoredAt(widest(piece));
    }

    private static void addScores(PieceBuilder strip, PanelList row, Length low, Length high, String suffix) {
        Length x = Length.ZERO;
        for (int i = 0; i < row.folds().size(); i++) {
            x = x.plus(row.widths().get(i));
            strip.score(new ScoreLine(
                    "score %d%s".formatted(i + 1, suffix),
                    new Point(x, low),
                    new Point(x, high),
                    row.folds().get(i)));
        }
    }

    private static String widest(Piece piece) {
        List<Panel> panels = piece.panels();
        Panel widest = panels.get(0);
        for (Panel panel : panels) {
            if (panel.box().width().isMoreThan(widest.box().width())) {
                widest = panel;
            }
        }
        return widest.name();
    }
}
