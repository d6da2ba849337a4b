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

/** A ribbon around something: it takes twice the width of that and its ends. */
public record Wrapped(Holder around, Ends ends) implements Fixing {

    private static final Pattern SAID = Pattern.compile("around the (panel|mat|ornament), (taped|bow|knot)");

    /** Of the inch to tape behind a thick piece takes no more than a quarter. */
    private static final Length LEAST_TO_TAPE = Length.inches(3, 4);

    static Optional<Wrapped> read(String said, UnitSystem units) {
        Matcher matcher = SAID.matcher(said);
        return matcher.matches()
                ? Optional.of(new Wrapped(
                        Holder.valueOf(matcher.group(1).toUpperCase(Locale.ROOT)),
                        Ends.valueOf(matcher.group(2).toUpperCase(Locale.ROOT))))
                : Optional.empty();
    }

    @Override
    public String text(UnitSystem units) {
        return "around the %s, %s".formatted(around.word(), ends.word());
    }

    @Override
    public Optional<Holder> holder() {
        return Optional.of(around);
    }

    @Override
    public void require(Shape shape, Paper of) {
        if (of.material().form() != Material.Form.LENGTH) {
            throw new IllegalArgumentException("What goes around the %s (%s) must be ribbon, twine or lace."
                    .formatted(around.word(), of.called()));
        }
        if (!shape.isBand()) {
            throw new IllegalArgumentException(
                    "What goes around the %s must be a band: %s.".formatted(around.word(), Area.FORM));
        }
    }

    @Override
    public Length length(Length along, Length thick) {
        Length once = along.times(2);
        Length twice = along.plus(thick).times(2);
        return ends == Ends.TAPED
                ? Length.max(once.plus(ends.takes()), twice.plus(LEAST_TO_TAPE))
                : twice.plus(ends.takes());
    }

    @Override
    public boolean hasBow() {
        return ends == Ends.BOW;
    }

    /** What is tied goes all the way round. */
    @Override
    public Optional<Length> behind() {
        return Optional.of(ends.behind().orElse(Outline.LARGEST));
    }

    @Override
    public String told(Ornament it, String holder, String place, Ruler ruler) {
        return "Run the %s around %s: %s. %s.".formatted(it.paper().called(), holder, place, ends.told());
    }
}
