package vantbreeze.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Random;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Example;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.LongRange;
import vantbreeze.catalogue.FoldCatalogue;
import vantbreeze.layer.Face;
import vantbreeze.layer.Ornament;
import vantbreeze.layer.Outline;
import vantbreeze.measure.Length;
import vantbreeze.measure.UnitSystem;
import vantbreeze.post.PostalClass;

/** Toppers of any shape, anywhere, on any fold: there is always a card, and it is worked out in time. */
class AnyToppersTest {

    private static final int MOST_MILLIMETRES_OFF = 40;

    @Provide
    Arbitrary<String> folds() {
        return Arbitraries.of(FoldCatalogue.all().stream().map(f -> f.id()).toList());
    }

    /** A star with that many points, more or less frayed: it never crosses itself. */
    private static String star(Random random, int corners) {
        StringBuilder text = new StringBuilder("outline %d mm:".formatted(10 + random.nextInt(60)));
        double depth = 0.1 + 0.7 * random.nextDouble();
        for (int i = 0; i < corners; i++) {
            double angle = 2 * Math.PI * i / corners;
            double radius = 1000 * (i % 2 == 0 ? 1 : 1 - depth * random.nextDouble());
            text.append(String.format(Locale.ROOT, " %.0f,%.0f", radius * Math.cos(angle), radius * Math.sin(angle)));
        }
        return text.toString();
    }

    private static String shape(Random random) {
        return switch (random.nextInt(4)) {
            case 0 -> "%d x %d mm".formatted(8 + random.nextInt(100), 8 + random.nextInt(100));
            case 1 -> "circle %d mm".formatted(8 + random.nextInt(100));
            case 2 -> star(random, 2 * (2 + random.nextInt(6)));
            default -> star(random, 2 * (10 + random.nextInt(190)));
        };
    }

    private static Optional<Outline> outline(String text) {
        try {
            return Optional.of(Outline.parse(text, UnitSystem.METRIC));
        } catch (IllegalArgumentException tooSlim) {
            return Optional.empty();
        }
    }

    static Brief frayed(Brief bare, int count, Random random) {
        return withToppers(bare, count, random, r -> star(r, 390));
    }

    private static Brief withToppers(
            Brief bare, int count, Random random, java.util.function.Function<Random, String> shape) {
        List<Face> faces = Planner.withoutFixes(bare).faces();
        List<Ornament> toppers = new ArrayList<>();
        for (int i = 0; i < count && !faces.isEmpty(); i++) {
            Face face = faces.get(random.nextInt(faces.size()));
            Length width = face.panel().box().width();
            Length height = face.panel().box().height();
            String name = "topper " + i;
            outline(shape.apply(random))
                    .ifPresent(outline -> toppers.add(new Ornament(
                            name,
                            face.key(),
                            outline,
                            anywhere(random, width),
                            anywhere(random, height),
                            random.nextInt(3) == 0
                                    ? Optional.of(Length.millimetres(random.nextInt(5)))
                                    : Optional.empty(),
                            Briefs.card(200),
                            random.nextBoolean() ? Ornament.Glue.OWN_PANEL : Ornament.Glue.WHOLE)));
        }
        return bare.withOrnaments(toppers);
    }

    private static Length anywhere(Random random, Length side) {
        int whole = (int) side.millimetres() + MOST_MILLIMETRES_OFF;
        return Length.millimetres(random.nextInt(whole) - MOST_MILLIMETRES_OFF / 2.0);
    }

    private static void workOut(Brief brief) {
        Card card = new Card(brief);
        assertThat(card.plan().ornaments().placed().size()
                        + card.plan().ornaments().homeless().size())
                .isEqualTo(brief.ornaments().size());
        card.looks();
        card.folding();
        if (card.plan().closed() != null) {
            card.posting(List.of(), PostalClass.table());
        }
    }

    @Property(tries = 60)
    void thereIsAlwaysACard(
            @ForAll("folds") String fold,
            @ForAll @IntRange(min = 0, max = 20) int count,
            @ForAll @IntRange(min = 0, max = 3) int layers,
            @ForAll @LongRange(min = 0, max = 1_000_000) long seed) {
        Brief bare = Briefs.closed(fold, "5 1/2", "5 1/2");
        Brief dressed = bare.withMatting(Briefs.matting(
                layers, Briefs.in("1/8"), bare.matting().grid(), bare.matting().meeting(), java.util.Map.of()));
        workOut(withToppers(dressed, count, new Random(seed), AnyToppersTest::shape));
    }

    /** As many as a card may have, frayed all over, on the fold with most panels: two seconds are allowed, warm. */
    @Example
    void theHeaviestCardIsWorkedOutInTime() {
        Brief tower = Briefs.closed("tower", "12", "12");
        Brief dressed = tower.withMatting(Briefs.matting(
                3, Briefs.in("1/16"), tower.matting().grid(), tower.matting().meeting(), java.util.Map.of()));
        Plan plan = Planner.plan(frayed(dressed, Brief.MOST_ORNAMENTS, new Random(5)));
        assertThat(plan.ornaments().placed()).hasSizeGreaterThan(15);
        assertThat(plan.closed().bulk()).as("what takes the time").hasSizeLessThan(1500);
    }
}
