package vantbreeze.structure;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;

/** Corners as they are written: "0,0 4,0 2,3". */
public final class CornerList {

    public static final int FEWEST = 3;

    /** So that a hostile outline does not cost seconds; a hand that cuts follows fewer. */
    public static final int MOST = 400;

    private CornerList() {}

    /**
     * @param text in any unit, y up
     * @throws IllegalArgumentException saying which is no corner, or that there are too few or too many
     */
    public static List<Coordinate> parse(String text) {
        List<Coordinate> corners = new ArrayList<>();
        for (String pair : text.strip().split("\\s+")) {
            String[] numbers = pair.split(",");
            if (numbers.length != 2) {
                throw new IllegalArgumentException(
                        "The corner (%s) must be two numbers such as 1.5,2.".formatted(pair));
            }
            corners.add(new Coordinate(number(numbers[0]), number(numbers[1])));
        }
        if (corners.size() < FEWEST || corners.size() > MOST) {
            throw new IllegalArgumentException(
                    "The outline has %d corners; it must have %d to %d.".formatted(corners.size(), FEWEST, MOST));
        }
        return corners;
    }

    private static double number(String text) {
        try {
            double number = Double.parseDouble(text);
            if (Double.isFinite(number)) {
                return number;
            }
        } catch (NumberFormatException e) {
            // told below, in words that say what to change
        }
        throw new IllegalArgumentException("The corner's coordinate (%s) must be a number.".formatted(text));
    }
}
