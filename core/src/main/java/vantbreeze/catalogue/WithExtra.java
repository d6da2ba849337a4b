package vantbreeze.catalogue;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Envelope;
import vantbreeze.measure.Length;
import vantbreeze.measure.Size;
import vantbreeze.structure.Panel;
import vantbreeze.structure.Side;
import vantbreeze.structure.Structure;

/** A fold that can carry something more on one of its panels. On which one is a choice; usually on none. */
interface WithExtra extends FoldDesign {

    String NONE = "none";

    /** The fold without it. */
    FoldDesign fold();

    /** Of the parameter that names the panel. */
    String key();

    /** The names of the panels that have room for it. */
    Stream<String> panels(Structure plain);

    @Override
    default String id() {
        return fold().id();
    }

    @Override
    default String name() {
        return fold().name();
    }

    @Override
    default String summary() {
        return fold().summary();
    }

    @Override
    default Proportions proportions() {
        return fold().proportions();
    }

    @Override
    default List<Caution> cautions(Values v) {
        return fold().cautions(v);
    }

    @Override
    default Optional<TradeOff> tradeOff(Values v) {
        return fold().tradeOff(v);
    }

    default Parameter panelChoice(String label, String help) {
        return Parameter.choice(
                key(),
                label,
                help,
                v -> NONE,
                v -> Stream.concat(Stream.of(NONE), panels(v.structure(fold()))).toList());
    }

    default boolean isThere(Values v) {
        return !v.choice(key()).equals(NONE);
    }

    /** The box of what carries it, on the flat piece. */
    default Envelope place(Values v) {
        return v.structure(fold()).panel(v.choice(key())).outline().getEnvelopeInternal();
    }

    default Size box(Values v) {
        Envelope place = place(v);
        return new Size(Length.nearestTo(place.getWidth()), Length.nearestTo(place.getHeight()));
    }

    /** A width or height of it. */
    default Parameter measure(
            String key,
            String label,
            String help,
            Function<Values, Object> usual,
            Function<Values, Length> most,
            String why) {
        return Parameter.length(
                        key,
                        label,
                        help,
                        usual,
                        v -> new Range(Parameter.SMALLEST_PANEL, "the least that folds", most.apply(v), why))
                .onlyIf(this::isThere);
    }

    /** Where it lies: in the middle of what is free, on the grid, unless it is said. */
    default Parameter place(String key, String label, String help, Function<Values, Length> free) {
        return Parameter.length(
                        key,
                        label,
                        help,
                        v -> v.onGrid(Values.half(free.apply(v))),
                        v -> new Range(Length.ZERO, "the panel's edge", free.apply(v), "or it leaves the panel"))
                .onlyIf(this::isThere);
    }

    /** A smaller panel has no room for something that stands on it. */
    Size SMALLEST_GROUND = new Size(Length.inches(1), Length.inches(1, 2));

    /** Whether something folded can be glued to the panel's face. */
    static boolean carries(Structure plain, Panel panel) {
        return !panel.isClear()
                && panel.rectangle().filter(WithExtra::isLargeEnough).isPresent()
                && !plain.isGlued(panel, Side.FACE);
    }

    private static boolean isLargeEnough(Size size) {
        return !size.width().isLessThan(SMALLEST_GROUND.width())
                && !size.height().isLessThan(SMALLEST_GROUND.height());
    }
}
