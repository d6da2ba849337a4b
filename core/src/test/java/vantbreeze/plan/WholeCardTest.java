package vantbreeze.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static vantbreeze.plan.Briefs.in;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.locationtech.jts.algorithm.ConvexHull;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.catalogue.FoldCatalogue;
import vantbreeze.fold.StackMap;
import vantbreeze.layer.Closure;
import vantbreeze.layer.Ornament;
import vantbreeze.layer.Outline;
import vantbreeze.measure.Length;
import vantbreeze.measure.Size;
import vantbreeze.measure.UnitSystem;
import vantbreeze.post.ClosureKit;
import vantbreeze.post.EnvelopeFit;
import vantbreeze.post.MadeEnvelope;
import vantbreeze.structure.Piece;

/** What goes around a card, and what it goes into, is never smaller than the whole card with all that sticks out. */
class WholeCardTest {

    private static final GeometryFactory GEOMETRY = new GeometryFactory();

    static Stream<String> folds() {
        return FoldCatalogue.all().stream().map(f -> f.id());
    }

    private static Brief book(Ornament... toppers) {
        return Briefs.closed("book", "5", "5").withOrnaments(List.of(toppers));
    }

    private static Ornament topper(String name, String x, String y) {
        return new Ornament(
                name,
                "front/back",
                Outline.parse("2 x 1 in", UnitSystem.INCH),
                in(x),
                in(y),
                Optional.empty(),
                Briefs.card(200),
                Ornament.Glue.OWN_PANEL);
    }

    private static vantbreeze.post.Envelope envelope(String width, String height) {
        Size size = Briefs.in(width, height);
        return new vantbreeze.post.Envelope(
                "tried", "tried", size.isLandscape() ? size : size.turned(), UnitSystem.INCH, Optional.empty());
    }

    /** A heart of 4 1/4 in is as wide at no single height: it does not go into 4 3/8 x 5 in although every section is shorter. */
    @Test
    void aHeartNeedsItsWholeBox() {
        Plan plan = Planner.plan(Briefs.closed("shaped-gate", "4 1/4", "5 1/2").withEnvelope(envelope("4 3/8", "5")));
        assertThat(plan.closed().posted().height()).isEqualTo(in("5 1/2"));
        assertThat(plan.fit().verdict()).isEqualTo(EnvelopeFit.Verdict.TOO_SMALL);
    }

    /** By hand: 3/4 in to the left at the foot, 3/4 in to the right higher up: 6 1/2 in across, which 6 in do not take. */
    @Test
    void ornamentsAtDifferentHeightsCountTogether() {
        Plan plan = Planner.plan(
                book(topper("low", "-3/4", "1/2"), topper("high", "3 3/4", "3")).withEnvelope(envelope("6", "6")));
        assertThat(plan.closed().posted().width()).isEqualTo(in("6 1/2"));
        assertThat(plan.fit().verdict()).isEqualTo(EnvelopeFit.Verdict.TOO_SMALL);
        assertThat(plan.fit().why(plan.brief().ruler())).startsWith("Across the card it is");
        for (MadeEnvelope made : MadeEnvelope.of(
                plan.closed().girth(),
                plan.closed().thickness(),
                plan.brief().tools().ruler())) {
            assertThat(made.inside().longSide()).as("%s", made.style()).isGreaterThan(in("6 1/2"));
        }
    }

    /** Whatever the fold, envelopes that are offered or made take the box around the closed card. */
    @ParameterizedTest
    @MethodSource("folds")
    void nothingIsOfferedThatIsSmallerThanTheBox(String fold) {
        Plan plan = Planner.withoutFixes(Briefs.closed(fold, "4 1/4", "5 1/2").withClosure(Closure.NONE));
        if (plan.closed() == null) {
            return;
        }
        Size box = plan.closed().posted();
        Posting posting = Posting.of(plan, List.of(), List.of());
        Stream.concat(
                        posting.fits().stream()
                                .filter(EnvelopeFit::goesIn)
                                .map(f -> f.envelope().size()),
                        posting.made().stream().map(MadeEnvelope::inside))
                .forEach(inside -> assertThat(
                                box.fitsWithinEitherWay(inside) || box.fitsWithinEitherWay(inside.turned()))
                        .as("%s in %s", box, inside)
                        .isTrue());
    }

    /** Snug along one side and roomy when turned: the better way is told. By hand: 5 7/32 x 4 in 7 1/4 x 5 1/4. */
    @ParameterizedTest
    @CsvSource({"5 7/32, 4", "4, 5 7/32"})
    void theRoomierWayIsTold(String width, String height) {
        Plan plan =
                Planner.plan(Briefs.closed("book", width, height).withEnvelope(vantbreeze.post.Envelope.named("a7us")));
        assertThat(plan.fit().verdict()).isNotIn(EnvelopeFit.Verdict.SNUG, EnvelopeFit.Verdict.TOO_SMALL);
        assertThat(plan.fit().tightest()).isGreaterThan(in("1"));
    }

    /**
     * Second method: the belt is laid around the hull of the shadow that the card throws along it. Its ends meet with a lap of a
     * quarter of an inch or more, and of no more than is usual with play and rounding.
     */
    @ParameterizedTest
    @MethodSource("folds")
    void everyBeltGoesAroundItsCard(String fold) {
        for (String kind : List.of("belt", "sleeve")) {
            Brief brief = Briefs.closed(fold, "4 1/4", "5 1/2").withClosure(Closure.parse(kind, UnitSystem.INCH));
            Plan plan = Planner.withoutFixes(brief);
            if (plan.closed() == null) {
                continue;
            }
            ClosureKit kit = plan.closure();
            Length width = kit.pieces().get(0).size().height();
            double around =
                    aroundShadow(Planner.withoutFixes(brief.withClosure(Closure.NONE)), width) / Length.COUNTS_PER_INCH;
            double belt = kit.pieces().stream()
                    .map(Piece::size)
                    .mapToDouble(s -> s.width().inches())
                    .sum();
            double laps = kit.pieces().size() == 1 ? 1 : 2;
            assertThat(belt - around).as("%s of %s", kind, fold).isBetween(0.25 * laps - 0.01, laps * 0.5 + 0.75);
        }
    }

    /** In counts; the middle of the card, as high as the belt. */
    private static double aroundShadow(Plan plan, Length width) {
        List<StackMap.Spot> spots = plan.closed().bulk();
        Envelope card = new Envelope();
        spots.forEach(s -> card.expandToInclude(s.outline().getEnvelopeInternal()));
        double middle = card.centre().y;
        Polygon under = (Polygon) GEOMETRY.toGeometry(new Envelope(
                card.getMinX() - 1, card.getMaxX() + 1, middle - width.count() / 2.0, middle + width.count() / 2.0));
        List<Coordinate> shadow = new ArrayList<>();
        for (StackMap.Spot spot : spots) {
            Geometry part = spot.outline().buffer(0).intersection(under);
            if (part.getArea() > 0) {
                for (Coordinate c : part.getCoordinates()) {
                    shadow.add(new Coordinate(c.x, 0));
                    shadow.add(new Coordinate(c.x, spot.thickness().count()));
                }
            }
        }
        return new ConvexHull(shadow.toArray(new Coordinate[0]), GEOMETRY)
                .getConvexHull()
                .getLength();
    }

    /** Where corners touch, rounding piles up more panels than lie anywhere: no place a finger could pinch is so thick. */
    @ParameterizedTest
    @MethodSource("folds")
    void noSliverDecidesTheThickness(String fold) {
        for (String size : List.of("4 1/4 x 5 1/2", "5 x 7", "3 x 4 3/4")) {
            if (!Briefs.allows(fold, size)) {
                continue;
            }
            String[] sides = size.split(" x ");
            Plan plan = Planner.withoutFixes(Briefs.closed(fold, sides[0], sides[1]));
            if (plan.closed() == null) {
                continue;
            }
            Length thickest = plan.closed().thickness();
            Geometry there = org.locationtech.jts.operation.union.UnaryUnionOp.union(plan.closed().bulk().stream()
                    .filter(s -> !s.thickness().isLessThan(thickest))
                    .map(s -> s.outline().buffer(0.01))
                    .toList());
            assertThat(there.buffer(-Length.millimetres(0.49).count()).isEmpty())
                    .as("%s %s: %s", fold, size, thickest)
                    .isFalse();
        }
    }
}
