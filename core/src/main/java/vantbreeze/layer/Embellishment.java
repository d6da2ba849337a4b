package vantbreeze.layer;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.material.Paper;
import vantbreeze.measure.Length;
import vantbreeze.measure.ToolGrid;
import vantbreeze.structure.FlatMotion;

/**
 * An ornament with all that is laid by it: built off the card, kept, and laid onto other cards.
 *
 * @param ornaments the one that carries the others first; each of the others is laid by an earlier one
 */
public record Embellishment(List<Ornament> ornaments) {

    public static final int SMALLEST_PERCENT = 25;
    public static final int LARGEST_PERCENT = 400;

    /** One layer as it lies, from the lower left of the first, in counts of 1/640 mm. */
    public record Layer(Polygon outline, Paper paper) {}

    public Embellishment {
        ornaments = List.copyOf(ornaments);
        if (ornaments.get(0).shape().isPartOfItsFace()) {
            throw new IllegalArgumentException(
                    "The %s is as large as its face makes it, so it cannot be kept for other cards."
                            .formatted(ornaments.get(0).name()));
        }
    }

    /**
     * @param all of a card, in their order
     * @throws IllegalArgumentException if none of them is called so, or its size follows from its face
     */
    public static Embellishment of(List<Ornament> all, String name) {
        Set<String> taken = new HashSet<>();
        List<Ornament> these = new ArrayList<>();
        for (Ornament ornament : all) {
            if (ornament.name().equals(name)
                    || ornament.holder().filter(taken::contains).isPresent()) {
                taken.add(ornament.name());
                these.add(ornament);
            }
        }
        if (these.isEmpty()) {
            throw new IllegalArgumentException("No ornament of the card is called \"%s\".".formatted(name));
        }
        return new Embellishment(these);
    }

    /** In the middle of a face, everything so many per cent as large, to the marks. */
    public List<Ornament> onto(String face, Collection<Ornament> there, int percent, ToolGrid grid) {
        if (percent < SMALLEST_PERCENT || percent > LARGEST_PERCENT) {
            throw new IllegalArgumentException(
                    "The size (%d%%) must be %d to %d%%.".formatted(percent, SMALLEST_PERCENT, LARGEST_PERCENT));
        }
        UnaryOperator<Length> sized = percent == 100
                ? UnaryOperator.identity()
                : length -> grid.nearest(length.times(percent).dividedBy(100).each());
        Set<String> names = new HashSet<>();
        there.forEach(o -> names.add(o.name()));
        Map<String, String> called = new LinkedHashMap<>();
        ornaments.forEach(o -> called.put(o.name(), free(o.name(), names)));
        List<Ornament> laid = new ArrayList<>();
        for (Ornament o : ornaments) {
            boolean first = laid.isEmpty();
            laid.add(new Ornament(
                    called.get(o.name()),
                    face,
                    o.shape().sized(sized, grid.system()),
                    first ? Anchor.middle() : anchor(o.x(), called, sized),
                    first ? Anchor.middle() : anchor(o.y(), called, sized),
                    o.lift(),
                    o.paper(),
                    o.fixing(),
                    o.trimmed()));
        }
        return laid;
    }

    private static Anchor anchor(Anchor by, Map<String, String> called, UnaryOperator<Length> sized) {
        return new Anchor(by.from(), sized.apply(by.by()), by.of().map(called::get));
    }

    private static String free(String name, Set<String> names) {
        String free = name;
        for (int i = 2; !names.add(free); i++) {
            free = "%s %d".formatted(name.replaceAll(" \\d+$", ""), i);
        }
        return free;
    }

    /** As one looks at it. */
    public List<Layer> drawn(ToolGrid grid) {
        List<Layer> layers = new ArrayList<>();
        Map<String, Laid> byName = new HashMap<>();
        List<Ornament> these = onto("", List.of(), 100, grid);
        for (Ornament o : these) {
            Polygon ground = byName.isEmpty()
                    ? ((Outline) o.shape()).polygon()
                    : layers.get(0).outline();
            Optional<Laid> laid = o.holder()
                    .filter(name -> o.shape().isBand())
                    .map(byName::get)
                    .map(held -> o.shape().across(lying(held)))
                    .orElseGet(() -> Laid.of(o, ground, grid, name -> Optional.ofNullable(byName.get(name))));
            laid.ifPresent(l -> {
                byName.put(o.name(), l);
                layers.add(new Layer(with(o, lying(l)), o.paper()));
            });
        }
        return layers;
    }

    private static Polygon lying(Laid laid) {
        return FlatMotion.shift(laid.x().count(), laid.y().count())
                .apply(laid.outline().polygon());
    }

    private static Polygon with(Ornament o, Polygon body) {
        return Held.with(body, Held.bow(o, body));
    }
}
