package vantbreeze.catalogue;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import vantbreeze.measure.Length;
import vantbreeze.measure.UnitSystem;
import vantbreeze.structure.Fold;

/**
 * Panels as the maker types them, left to right: widths with M or V between them, "2 3/4 M 2 3/4 V 5 1/2 in".
 *
 * @param widths each more than 0; at least 2 and at most 24
 * @param folds one fewer than widths
 */
public record PanelList(List<Length> widths, List<Fold> folds) {

    public static final int FEWEST = 2;
    public static final int MOST = 24;

    private static final Pattern SIGN = Pattern.compile("(?<![a-zA-Z])([MVmv])(?![a-zA-Z])");

    public PanelList {
        widths = List.copyOf(widths);
        folds = List.copyOf(folds);
        if (widths.size() < FEWEST || widths.size() > MOST) {
            throw new IllegalArgumentException(
                    "A strip has %d to %d panels, not %d.".formatted(FEWEST, MOST, widths.size()));
        }
        if (folds.size() != widths.size() - 1) {
            throw new IllegalArgumentException("Between %d panels there are %d scores, not %d."
                    .formatted(widths.size(), widths.size() - 1, folds.size()));
        }
        for (int i = 0; i < widths.size(); i++) {
            if (widths.get(i).isLessThan(Parameter.SMALLEST_PANEL)
                    || widths.get(i).isMoreThan(Parameter.LARGEST_SIDE)) {
                throw new IllegalArgumentException("Panel %d (%s) must be %s to %s wide."
                        .formatted(
                                i + 1,
                                widths.get(i),
                                Parameter.SMALLEST_PANEL.exactText(UnitSystem.INCH),
                                Parameter.LARGEST_SIDE.exactText(UnitSystem.INCH)));
            }
        }
    }

    /**
     * @param bareUnit the unit of widths without one; a unit after the last width counts for all bare ones
     * @throws IllegalArgumentException saying which part is no width
     */
    public static PanelList parse(String text, UnitSystem bareUnit) {
        List<String> parts = new ArrayList<>();
        List<Fold> folds = new ArrayList<>();
        Matcher sign = SIGN.matcher(text);
        int from = 0;
        while (sign.find()) {
            parts.add(text.substring(from, sign.start()).strip());
            folds.add(sign.group().equalsIgnoreCase("M") ? Fold.MOUNTAIN : Fold.VALLEY);
            from = sign.end();
        }
        parts.add(text.substring(from));
        return new PanelList(CommonUnit.parse(parts, bareUnit), folds);
    }

    /** Text that reads back to exactly this list. */
    public String exactText(UnitSystem wanted) {
        StringBuilder text = new StringBuilder();
        for (int i = 0; i < widths.size(); i++) {
            text.append(widths.get(i).exactText(wanted));
            if (i < folds.size()) {
                text.append(folds.get(i) == Fold.MOUNTAIN ? " M " : " V ");
            }
        }
        return text.toString();
    }

    public Length total() {
        return widths.stream().reduce(Length.ZERO, Length::plus);
    }
}
