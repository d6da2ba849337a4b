package vantbreeze.catalogue;

import java.util.Comparator;
import java.util.List;
import vantbreeze.fold.FlatFolder;
import vantbreeze.measure.Length;
import vantbreeze.measure.Size;
import vantbreeze.measure.UnitSystem;
import vantbreeze.structure.Panel;
import vantbreeze.structure.Piece;
import vantbreeze.structure.Structure;

/**
 * Any sheet that the maker writes down or brings as a flat pattern: outline, windows, slits, and scores that run aslant or bend.
 * Asked for another closed size it keeps its proportions.
 */
final class FreePattern implements FoldDesign {

    private static final String PATTERN = "pattern";
    private static final String GLUE = "glue";

    /** A book card with the corner of its cover turned over. */
    private static final LinePattern EXAMPLE =
            LinePattern.parse("outline 0,0 8,0 8,6 0,6; valley 4,0 4,6; mountain 6.5,6 8,4.5 in", UnitSystem.INCH);

    private static final Parameter PATTERN_PARAMETER = Parameter.pattern(
            PATTERN,
            "pattern",
            "Its outline from corner to corner, then mountains, valleys, slits and windows from place to place: each x,y from the"
                    + " lower left. A score that lies flat on the closed card is a \"valley flat\" or a \"mountain flat\".",
            EXAMPLE);

    private static final Parameter GLUE_PARAMETER = Gluing.parameter(GLUE);

    @Override
    public String id() {
        return "free-pattern";
    }

    @Override
    public String name() {
        return "free pattern";
    }

    @Override
    public String summary() {
        return "Your own sheet: any outline, scores that run aslant or bend, slits and windows, as you write them down.";
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                PATTERN_PARAMETER,
                Parameter.width(v -> ownSize(v).width()),
                Parameter.height(v -> {
                    Size own = ownSize(v);
                    return own.height().scaled(v.width(), own.width());
                }),
                GLUE_PARAMETER);
    }

    /** Of the closed card, as the pattern is written. */
    private static Size ownSize(Values v) {
        return ParameterException.attempt(
                PATTERN_PARAMETER,
                () -> FlatFolder.closed(structure(v.pattern(PATTERN))).size());
    }

    private static Structure structure(LinePattern pattern) {
        Piece sheet = pattern.piece("sheet");
        Panel largest = sheet.panels().stream()
                .max(Comparator.comparingDouble(p -> p.outline().getArea()))
                .orElseThrow();
        return Structure.of(sheet)
                .openWhenClosed(pattern.openScores().toArray(String[]::new))
                .displayed(0.5)
                .anchoredAt(largest.name());
    }

    /** @throws ParameterException naming the parameter that makes the pattern impossible, and why */
    @Override
    public Structure build(Values v) {
        Size own = ownSize(v);
        boolean byWidth = v.width().count() * own.height().count()
                <= v.height().count() * own.width().count();
        Length to = byWidth ? v.width() : v.height();
        Length from = byWidth ? own.width() : own.height();
        Structure sheet = ParameterException.attempt(
                PATTERN_PARAMETER, () -> structure(v.pattern(PATTERN).scaled(to, from, v.grid())));
        return ParameterException.attempt(GLUE_PARAMETER, () -> Gluing.glued(sheet, v.glue(GLUE)));
    }
}
