package vantbreeze.catalogue;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;
import vantbreeze.measure.Length;
import vantbreeze.measure.ToolGrid;
import vantbreeze.structure.Structure;

/** Usual values, ranges and choices, and that the card behind them is built once. */
class ValuesTest {

    private static final Means MEANS = new Means(ToolGrid.MILLIMETRE, Optional.empty());

    /** A Z-fold that counts how often it is built. */
    private record Counted(FoldDesign fold, AtomicInteger built) implements FoldDesign {

        Counted(String id) {
            this(plain(id), new AtomicInteger());
        }

        private static FoldDesign plain(String id) {
            FoldDesign design = FoldCatalogue.named(id);
            while (design instanceof WithExtra more) {
                design = more.fold();
            }
            return design;
        }

        @Override
        public String id() {
            return fold.id();
        }

        @Override
        public String name() {
            return fold.name();
        }

        @Override
        public String summary() {
            return fold.summary();
        }

        @Override
        public List<Parameter> parameters() {
            return fold.parameters();
        }

        @Override
        public Structure build(Values values) {
            built.incrementAndGet();
            return fold.build(values);
        }
    }

    private static Map<String, Object> size(int widthMm, int heightMm) {
        return new HashMap<>(
                Map.of(Parameter.WIDTH, Length.millimetres(widthMm), Parameter.HEIGHT, Length.millimetres(heightMm)));
    }

    private static List<String> choices(FoldDesign design, String key, Values values) {
        return design.parameters().stream()
                .filter(p -> p.key().equals(key))
                .findFirst()
                .orElseThrow()
                .choices()
                .apply(values);
    }

    @Test
    void aCardIsBuiltOnceHoweverOftenItIsAskedFor() {
        Counted counted = new Counted("z-fold");
        FoldDesign design = new WithMount(new WithWindow(counted));
        Values values = Values.resolve(design, size(140, 100), MEANS);
        Structure card = values.structure(design);
        assertThat(values.structure(design)).isSameAs(card);
        assertThat(choices(design, "mount", values)).hasSizeGreaterThan(1);
        assertThat(choices(design, "window", values)).hasSizeGreaterThan(1);
        assertThat(counted.built()).hasValue(1);
    }

    @Test
    void aMountThatIsChosenIsCheckedAndBuiltOnTheSameCard() {
        Counted counted = new Counted("z-fold");
        FoldDesign design = new WithMount(new WithWindow(counted));
        Values plain = Values.resolve(design, size(140, 100), MEANS);
        String panel = choices(design, "mount", plain).get(1);
        counted.built().set(0);
        Map<String, Object> given = size(140, 100);
        given.put("mount", panel);
        Values values = Values.resolve(design, given, MEANS);
        assertThat(values.structure(design).pieces()).hasSize(2);
        assertThat(counted.built()).hasValue(1);
    }

    @Test
    void otherValuesAreAnotherCard() {
        Counted counted = new Counted("z-fold");
        Structure one = Values.resolve(counted, size(140, 100), MEANS).structure(counted);
        Structure other = Values.resolve(counted, size(150, 100), MEANS).structure(counted);
        assertThat(one.pieces().get(0).size())
                .isNotEqualTo(other.pieces().get(0).size());
        assertThat(counted.built()).hasValue(2);
    }

    @Test
    void aPanelThatIsNoneOfTheChoicesIsRefusedWithAllOfThem() {
        FoldDesign design = FoldCatalogue.named("z-fold");
        Map<String, Object> given = size(140, 100);
        given.put("mount", "spine");
        assertThatThrownBy(() -> Values.resolve(design, given, MEANS))
                .isInstanceOfSatisfying(
                        ParameterException.class,
                        e -> assertThat(e.parameter().key()).isEqualTo("mount"));
    }

    @Test
    void whatIsMissingIsNamed() {
        FoldDesign design = FoldCatalogue.named("z-fold");
        assertThatThrownBy(() -> Values.resolve(design, Map.of(Parameter.WIDTH, Length.millimetres(140)), MEANS))
                .isInstanceOf(ParameterException.class)
                .hasMessageContaining("must be given");
    }
}
