package vantbreeze.post;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import vantbreeze.material.DataTable;
import vantbreeze.measure.Length;
import vantbreeze.measure.Size;
import vantbreeze.measure.UnitSystem;

/**
 * One class of letter of one service. The table's figures are from memory and change; the post's own table counts.
 *
 * @param least long side first; empty if there is no least size
 * @param most long side first
 * @param aspect what the long side over the short one may be; outside it the letter is taken but dearer
 */
public record PostalClass(
        String service,
        String name,
        Optional<Size> least,
        Size most,
        Length thickness,
        double grams,
        Optional<Aspect> aspect,
        UnitSystem system) {

    private static final int COLUMNS = 11;

    /** Where the table's figures are from, and when. */
    public static final String ORIGIN = "from memory";

    public static final LocalDate AS_OF = LocalDate.of(2026, 11, 1);
    public static final Length THICKEST = Length.inches(4);
    public static final double HEAVIEST = 5000;

    public PostalClass {
        if (thickness.isMoreThan(THICKEST) || !thickness.isPositive()) {
            throw new IllegalArgumentException("The thickness (%.1f mm) must be more than 0 and at most %.0f mm."
                    .formatted(thickness.millimetres(), THICKEST.millimetres()));
        }
        if (!(grams > 0) || grams > HEAVIEST) {
            throw new IllegalArgumentException(
                    "The weight (%s g) must be more than 0 and at most %.0f g.".formatted(grams, HEAVIEST));
        }
    }

    private static final List<PostalClass> TABLE = DataTable.read(PostalClass.class, "postal.csv", COLUMNS).stream()
            .map(PostalClass::read)
            .toList();

    /** Both ends included. */
    public record Aspect(double least, double most) {

        private static final int SLIMMEST = 100;

        public Aspect {
            if (!(least >= 1) || !(most >= least) || most > SLIMMEST) {
                throw new IllegalArgumentException("The aspect (%s to %s) must be 1 to %d, the smaller number first."
                        .formatted(least, most, SLIMMEST));
            }
        }
    }

    /** How much the largest letter of the class holds, in cubic millimetres. */
    double roomiest() {
        return most.squareMillimetres() * thickness.millimetres();
    }

    public static List<PostalClass> table() {
        return TABLE;
    }

    private static PostalClass read(List<String> row) {
        UnitSystem unit = UnitSystem.valueOf(row.get(10));
        return new PostalClass(
                row.get(0),
                row.get(1),
                row.get(2).isEmpty()
                        ? Optional.empty()
                        : Optional.of(new Size(Length.parse(row.get(2), unit), Length.parse(row.get(3), unit))),
                new Size(Length.parse(row.get(4), unit), Length.parse(row.get(5), unit)),
                Length.parse(row.get(6), unit),
                Double.parseDouble(row.get(7)),
                row.get(8).isEmpty()
                        ? Optional.empty()
                        : Optional.of(new Aspect(Double.parseDouble(row.get(8)), Double.parseDouble(row.get(9)))),
                unit);
    }
}
