package vantbreeze.layer;

import java.util.EnumMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import vantbreeze.material.Material;
import vantbreeze.material.Paper;
import vantbreeze.measure.Length;
import vantbreeze.measure.Ruler;
import vantbreeze.measure.UnitSystem;

/** By its own prongs, through what holds it. */
public record Pierced(Holder through) implements Fixing {

    private static final Pattern SAID = Pattern.compile("through the (panel|mat|ornament)");

    private static final Map<Material, String> TOLD = new EnumMap<>(Map.of(
            Material.BRAD,
            "Prick a hole through %2$s for the %1$s: %3$s. Push the %1$s through and open its prongs behind.",
            Material.STAPLE,
            "Staple through %2$s: %3$s. Press the points of the staple flat behind."));

    static Optional<Pierced> read(String said, UnitSystem units) {
        Matcher matcher = SAID.matcher(said);
        return matcher.matches()
                ? Optional.of(new Pierced(Holder.valueOf(matcher.group(1).toUpperCase(Locale.ROOT))))
                : Optional.empty();
    }

    @Override
    public String text(UnitSystem units) {
        return "through the " + through.word();
    }

    @Override
    public Optional<Holder> holder() {
        return Optional.of(through);
    }

    @Override
    public void require(Shape shape, Paper of) {
        if (!TOLD.containsKey(of.material())) {
            throw new IllegalArgumentException(
                    "What goes through the %s (%s) must be a brad or a staple.".formatted(through.word(), of.called()));
        }
    }

    @Override
    public Length length(Length along, Length thick) {
        return along;
    }

    @Override
    public String told(Ornament it, String holder, String place, Ruler ruler) {
        return TOLD.get(it.paper().material()).formatted(it.paper().called(), holder, place);
    }
}
