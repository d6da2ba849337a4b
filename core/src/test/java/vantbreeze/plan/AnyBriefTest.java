package vantbreeze.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.LongRange;
import vantbreeze.catalogue.FoldCatalogue;
import vantbreeze.catalogue.FoldDesign;
import vantbreeze.catalogue.Parameter;
import vantbreeze.catalogue.Values;
import vantbreeze.layer.Closure;
import vantbreeze.layer.Matting;
import vantbreeze.material.Sheet;
import vantbreeze.material.Tools;
import vantbreeze.measure.Length;
import vantbreeze.measure.Size;
import vantbreeze.measure.ToolGrid;
import vantbreeze.measure.UnitSystem;
import vantbreeze.post.Envelope;

/** Whatever a maker asks for, there is a plan or a refusal that names a field; never an exception that nobody foresaw. */
class AnyBriefTest {

    private static final List<String> CLOSURES = List.of("none", "belt", "belt 1 in", "sleeve", "ribbon", "ring");

    @Provide
    Arbitrary<FoldDesign> folds() {
        return Arbitraries.of(FoldCatalogue.all());
    }

    private static <T> T any(List<T> list, Random random) {
        return list.get(random.nextInt(list.size()));
    }

    private static Basis basis(int widthMm, int heightMm, Random random) {
        Orientation held = random.nextBoolean() ? Orientation.PORTRAIT : Orientation.LANDSCAPE;
        return switch (random.nextInt(4)) {
            case 0 -> new Basis.ForEnvelope(held, random.nextBoolean());
            case 1 -> new Basis.FromSheet(1 + random.nextInt(Basis.FromSheet.MOST_SHARES), held);
            default ->
                new Basis.ClosedSize(
                        Length.ofCounts(widthMm * 640L + random.nextInt(640)),
                        Length.ofCounts(heightMm * 640L + random.nextInt(640)));
        };
    }

    /** Some of the parameters, most within reach and some far out of it. */
    private static Brief chosen(Brief brief, Random random) {
        Brief changed = brief;
        for (Parameter p : brief.fold().parameters()) {
            boolean isFree = !p.key().equals(Parameter.WIDTH) && !p.key().equals(Parameter.HEIGHT);
            if (isFree && random.nextInt(3) == 0) {
                switch (p.kind()) {
                    case COUNT -> changed = changed.with(p.key(), random.nextInt(12));
                    case LENGTH -> changed = changed.with(p.key(), Length.millimetres(random.nextInt(150)));
                    case CHOICE, OUTLINE -> {
                        Map<String, Object> usual = Values.resolve(
                                        brief.fold(),
                                        sizes(),
                                        new vantbreeze.catalogue.Means(ToolGrid.MILLIMETRE, Optional.empty()))
                                .byKey();
                        if (usual.containsKey(p.key())) {
                            changed = changed.with(p.key(), usual.get(p.key()));
                        }
                    }
                    default -> {
                        // panels and lists have their own tests
                    }
                }
            }
        }
        return changed;
    }

    private static Map<String, Object> sizes() {
        return Map.of(Parameter.WIDTH, Length.millimetres(150), Parameter.HEIGHT, Length.millimetres(150));
    }

    @Property(tries = 300)
    void thereIsAPlanOrARefusalThatNamesAField(
            @ForAll("folds") FoldDesign fold,
            @ForAll @IntRange(min = 3, max = 700) int widthMm,
            @ForAll @IntRange(min = 3, max = 700) int heightMm,
            @ForAll @LongRange(min = 0, max = 1_000_000) long seed) {
        Random random = new Random(seed);
        UnitSystem units = any(List.of(UnitSystem.values()), random);
        Brief brief = Briefs.of(fold.id(), basis(widthMm, heightMm, random))
                .withSheet(any(
                        List.of(
                                Sheet.named("a3"),
                                Sheet.named("letter"),
                                Sheet.named("40 x 40 in"),
                                Sheet.named("3 x 3 in")),
                        random))
                .withEnvelope(random.nextInt(3) == 0 ? Envelope.named("dl") : any(Envelope.table(), random))
                .withClosure(Closure.parse(any(CLOSURES, random), units))
                .withMatting(Briefs.matting(
                        random.nextInt(4),
                        Length.millimetres(random.nextInt(25)),
                        any(ToolGrid.ALL, random),
                        any(List.of(Matting.Meeting.values()), random),
                        Map.of()));
        Brief asked = chosen(
                new Brief(
                        brief.fold(),
                        brief.basis(),
                        brief.parameters(),
                        brief.sheet(),
                        brief.base(),
                        Tools.of(
                                any(ToolGrid.ALL, random),
                                any(ToolGrid.ALL, random),
                                Length.inches(4 + random.nextInt(50))),
                        brief.matting(),
                        brief.ornaments(),
                        brief.closure(),
                        brief.envelope(),
                        units),
                random);
        try {
            Card card = new Card(asked);
            assertThat(card.plan().structure().panels()).isNotEmpty();
            card.looks();
        } catch (BriefException refused) {
            assertThat(refused.faults())
                    .isNotEmpty()
                    .allSatisfy(f -> assertThat(f.field()).isNotBlank())
                    .allSatisfy(f -> assertThat(f.text()).isNotBlank());
        }
    }

    /** Sizes of cards that are made, so that most become plans. */
    @Property(tries = 150)
    void usualSizesAreHardlyEverRefused(
            @ForAll("folds") FoldDesign fold, @ForAll @LongRange(min = 0, max = 1_000_000) long seed) {
        Random random = new Random(seed);
        Size size = any(
                List.of(
                        new Size(Length.inches(5), Length.inches(7)),
                        new Size(Length.millimetres(105), Length.millimetres(148)),
                        new Size(Length.inches(6), Length.inches(6))),
                random);
        Brief brief = Briefs.of(fold.id(), new Basis.ClosedSize(size.width(), size.height()));
        if (fold.parameters().stream().noneMatch(p -> p.kind() == Parameter.Kind.PANELS)) {
            assertThat(Planner.plan(brief).closed()).isNotNull();
        }
    }
}
