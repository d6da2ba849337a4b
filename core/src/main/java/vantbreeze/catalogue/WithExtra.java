package vantbreeze.catalogue;

import java.util.stream.Stream;
import vantbreeze.measure.Size;
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

    /** The box of the panel that carries it. */
    default Size box(Values v) {
        return v.structure(fold()).panel(v.choice(key())).box();
    }
}
