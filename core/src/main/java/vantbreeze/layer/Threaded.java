package vantbreeze.layer;

import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import vantbreeze.material.Material;
import vantbreeze.material.Paper;
import vantbreeze.measure.Length;
import vantbreeze.measure.Ruler;
import vantbreeze.measure.UnitSystem;

/**
 * A ribbon or twine through two holes, tied on the front.
 *
 * @param apart the middles of the holes
 */
public record Threaded(Holder through, Length apart, Ends ends) implements Fixing {

    public static final Length CLOSEST = Length.inches(1, 8);
    public static final Length FARTHEST = Length.inches(2);
    private static final Pattern SAID =
            Pattern.compile("through the (panel|mat|ornament), holes (.+) apart, (bow|knot)");

    public Threaded {
        if (apart.isLessThan(CLOSEST) || apart.isMoreThan(FARTHEST)) {
            throw new IllegalArgumentException(
                    "The holes (%.1f mm apart) must be 1/8 in (3.2 mm) to 2 in (50.8 mm) apart."
                            .formatted(apart.millimetres()));
        }
    }

    static Optional<Threaded> read(String said, UnitSystem units) {
        Matcher matcher = SAID.matcher(said);
        return matcher.matches()
                ? Optional.of(new Threaded(
                        Holder.valueOf(matcher.group(1).toUpperCase(Locale.ROOT)),
                        Length.parse(matcher.group(2), units),
                        Ends.valueOf(matcher.group(3).toUpperCase(Locale.ROOT))))
                : Optional.empty();
    }

    @Override
    public String text(UnitSystem units) {
        return "through the %s, holes %s apart, %s".formatted(through.word(), apart.exactText(units), ends.word());
    }

    @Override
    public Optional<Holder> holder() {
        return Optional.of(through);
    }

    @Override
    public void require(Shape shape, Paper of) {
        if (of.material().form() != Material.Form.LENGTH) {
            throw new IllegalArgumentException(
                    "What is tied through holes (%s) must be ribbon, twine or lace.".formatted(of.called()));
        }
    }

    /** What lies behind, between the holes, is within what a bow takes. */
    @Override
    public Length length(Length along, Length thick) {
        return ends.takes();
    }

    @Override
    public String told(Ornament it, String holder, String place, Ruler ruler) {
        return ("Punch two holes %s apart through %s, side by side, for the middle of the %s: %s. Push both ends through"
                        + " from behind. %s.")
                .formatted(ruler.text(apart), holder, it.paper().called(), place, ends.told());
    }
}
