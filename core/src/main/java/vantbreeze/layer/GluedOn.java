package vantbreeze.layer;

import java.util.Optional;
import vantbreeze.material.Paper;
import vantbreeze.measure.Length;
import vantbreeze.measure.Ruler;
import vantbreeze.measure.UnitSystem;

/** With glue, or on foam. */
public record GluedOn(Ornament.Glue glue) implements Fixing {

    @Override
    public String text(UnitSystem units) {
        return "";
    }

    @Override
    public Optional<Holder> holder() {
        return Optional.empty();
    }

    @Override
    public void require(Shape shape, Paper of) {
        // everything can be glued
    }

    @Override
    public Length length(Length along, Length thick) {
        return along;
    }

    @Override
    public String told(Ornament it, String holder, String place, Ruler ruler) {
        return "Glue the %s on %s: %s.".formatted(it.name(), holder, place);
    }
}
