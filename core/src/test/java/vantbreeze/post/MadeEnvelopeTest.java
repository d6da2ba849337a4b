package vantbreeze.post;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.fold.FlatFolder;
import vantbreeze.fold.FlatStage;
import vantbreeze.fold.Girth;
import vantbreeze.fold.LayerStack;
import vantbreeze.fold.StackMap;
import vantbreeze.layer.Closure;
import vantbreeze.material.Reach;
import vantbreeze.material.Sheet;
import vantbreeze.material.Stock;
import vantbreeze.measure.Length;
import vantbreeze.measure.Ruler;
import vantbreeze.measure.Size;
import vantbreeze.measure.ToolGrid;
import vantbreeze.structure.Piece;
import vantbreeze.structure.Point;
import vantbreeze.structure.Regions;
import vantbreeze.structure.Stage;

/** Envelopes and closures made to measure. */
class MadeEnvelopeTest {

    private static final ToolGrid SIXTEENTH = ToolGrid.SIXTEENTH_INCH;

    private static MadeEnvelope only(MadeEnvelope.Style style, Size card, Length thickness) {
        return MadeEnvelope.of(Girth.ofSlab(card, thickness), thickness, SIXTEENTH).stream()
                .filter(m -> m.style() == style)
                .findFirst()
                .orElseThrow();
    }

    private static Size inches(int width, int height) {
        return new Size(Length.inches(width), Length.inches(height));
    }

    /** Whatever the card, each envelope closes, its inside takes the card easily, and flat ones fold without crossing. */
    @Property(tries = 60)
    void everyMadeEnvelopeClosesAndTakesItsCard(
            @ForAll @IntRange(min = 32, max = 192) int widthSixteenths,
            @ForAll @IntRange(min = 32, max = 192) int heightSixteenths,
            @ForAll @IntRange(min = 1, max = 60) int thicknessTenths) {
        Size card = new Size(Length.inches(widthSixteenths, 16), Length.inches(heightSixteenths, 16));
        Length thickness = Length.millimetres(thicknessTenths / 10.0);
        List<MadeEnvelope> made = MadeEnvelope.of(Girth.ofSlab(card, thickness), thickness, SIXTEENTH);
        assertThat(made).extracting(MadeEnvelope::style).contains(MadeEnvelope.Style.STRAIGHT, MadeEnvelope.Style.BOX);
        assertThat(made).allSatisfy(m -> {
            assertThat(m.closes()).isTrue();
            if (m.style() == MadeEnvelope.Style.BOX) {
                assertThat(m.depth()).isGreaterThan(thickness);
                assertThat(card.fitsWithin(m.inside())).isTrue();
                return;
            }
            assertThat(EnvelopeFit.of(Girth.ofSlab(card, thickness), m.asEnvelope())
                            .verdict())
                    .isEqualTo(EnvelopeFit.Verdict.FITS);
            Stage shut = m.structure().stage(Stage.CLOSED);
            var flat = FlatFolder.fold(m.structure(), shut);
            assertThat(flat.faults()).isEmpty();
            assertThat(flat.size()).isEqualTo(m.inside());
            assertThat(LayerStack.of(m.structure(), shut, flat)).isPresent();
            assertThat(m.piece().lowerLeft()).isEqualTo(new Point(Length.ZERO, Length.ZERO));
            isClosedOnAllSidesAndGluedWell(m, flat);
        });
    }

    /** No spot of the front is left open behind it, and where the back is glued it overlaps by 3/8 in or more. */
    private static void isClosedOnAllSidesAndGluedWell(MadeEnvelope made, FlatStage shut) {
        Geometry behind = Regions.union(shut.panels().stream()
                .filter(p -> !p.panel().name().equals("front"))
                .map(FlatStage.Placed::outline)
                .toList());
        Polygon front = shut.placed(made.structure().panel("front")).outline();
        assertThat(Regions.difference(front, behind).getArea()).isLessThan(1000);
        Polygon back = shut.placed(made.structure().panel("back")).outline();
        double radius = Length.inches(3, 16).count();
        for (String flap : List.of("left flap", "right flap")) {
            Geometry glued = Regions.intersection(
                    back, shut.placed(made.structure().panel(flap)).outline());
            assertThat(glued.buffer(-radius * 0.999).isEmpty()).as(flap).isFalse();
        }
        Geometry sealed = Regions.intersection(
                back, shut.placed(made.structure().panel("flap")).outline());
        assertThat(sealed.buffer(-radius * 0.999).isEmpty()).isFalse();
    }

    /** A wrong placement of the glue would be found out: with a wall less the same folds do not meet. */
    @Test
    void whatDoesNotMeetDoesNotClose() {
        MadeEnvelope box = only(MadeEnvelope.Style.BOX, inches(5, 7), Length.millimetres(6));
        assertThat(box.closes()).isTrue();
        assertThat(vantbreeze.fold.PoseSolver.closesAt(
                        box.structure(), box.structure().stage(Stage.CLOSED)))
                .isFalse();
    }

    /**
     * A square on its corner whose half diagonal is half of w + h + seam (plane geometry): 7 3/16 x 5 3/16 inside (card, 1/16
     * thick, 1/8 of ease) and a seam of 3/4 give a square of 13 1/8 / sqrt 2 = 9.281 in. The card lies on its side.
     */
    @Test
    void theDiagonalBlankIsASquareOnItsCorner() {
        MadeEnvelope made = only(MadeEnvelope.Style.DIAGONAL, inches(5, 7), Length.inches(1, 16));
        assertThat(made.inside()).isEqualTo(new Size(Length.inches(115, 16), Length.inches(83, 16)));
        assertThat(made.square().orElseThrow().millimetres() / 25.4)
                .isCloseTo((5.1875 + 7.1875 + 0.75) / Math.sqrt(2), within(1e-3));
        double upper = made.marksFromUpperCorners().orElseThrow().millimetres() / 25.4;
        double side = made.marksFromSideCorners().orElseThrow().millimetres() / 25.4;
        assertThat(upper).isCloseTo((7.1875 + 0.75) / Math.sqrt(2), within(1e-3));
        assertThat(side).isCloseTo((5.1875 + 0.75) / Math.sqrt(2), within(1e-3));
        double square = made.square().orElseThrow().count();
        assertThat(made.piece().polygon().getBoundary().getLength()).isGreaterThan(4 * square - 8 * square / 10);
    }

    /** A flap half as high as its side is long would reach past the other side of a long card. */
    @Test
    void aLongCardGetsNoDiagonalEnvelope() {
        assertThat(MadeEnvelope.of(Girth.ofSlab(inches(9, 4), Length.inches(1, 16)), Length.inches(1, 16), SIXTEENTH))
                .extracting(MadeEnvelope::style)
                .doesNotContain(MadeEnvelope.Style.DIAGONAL);
    }

    /** An ID-1 card is 85.60 x 53.98 x 0.76 mm (ISO/IEC 7810, from memory): its envelope takes it. */
    @Test
    void aGiftCardGetsAnEnvelopeOfItsOwn() {
        Size card = new Size(Length.millimetres(85.6), Length.millimetres(54));
        MadeEnvelope made = MadeEnvelope.of(
                        Girth.ofSlab(card, Length.millimetres(0.75)), Length.millimetres(0.75), ToolGrid.MILLIMETRE)
                .get(0);
        assertThat(made.inside()).isEqualTo(new Size(Length.millimetres(90L), Length.millimetres(58L)));
    }

    private static ClosureKit kit(String closure, Size card, Length thickness, int gsm) {
        return ClosureKit.of(
                Closure.parse(closure, vantbreeze.measure.UnitSystem.INCH),
                new StackMap(List.of(new StackMap.Spot(
                        (org.locationtech.jts.geom.Polygon) new org.locationtech.jts.geom.GeometryFactory()
                                .toGeometry(new Envelope(
                                        0,
                                        card.width().count(),
                                        0,
                                        card.height().count())),
                        thickness,
                        2))),
                new Stock(gsm),
                SIXTEENTH,
                new Reach(Sheet.named("12x12"), Length.inches(12)),
                Ruler.of(vantbreeze.measure.UnitSystem.INCH),
                java.util.Set.of());
    }

    /** Belt: 2 (W + T) + 1/2 in overlap and about a thickness of play (common practice, no published source). */
    @Test
    void aBeltGoesAroundTheCardAndSlides() {
        ClosureKit kit = kit("belt 1 1/2 in", inches(5, 7), Length.inches(1, 8), 300);
        Piece belt = kit.pieces().get(0);
        double inches = belt.size().width().millimetres() / 25.4;
        assertThat(inches).isBetween(2 * (5 + 0.125) + 0.5 + 0.125, 2 * (5 + 0.125) + 0.5 + 0.375);
        assertThat(belt.size().height()).isEqualTo(Length.inches(3, 2));
        assertThat(belt.scores()).hasSize(4);
        assertThat(kit("belt", inches(5, 7), Length.inches(1, 8), 120)
                        .pieces()
                        .get(0)
                        .scores())
                .isEmpty();
        Length usual = kit("belt", inches(5, 7), Length.inches(1, 8), 300)
                .pieces()
                .get(0)
                .size()
                .height();
        assertThat(usual).isBetween(Length.inches(7, 4), Length.inches(7, 3));
        assertThatThrownBy(() -> kit("belt 8 in", inches(5, 7), Length.inches(1, 8), 300))
                .hasMessageContaining("no wider than the card is high");
    }

    /** Ribbon: once around and 14 in for the bow (common practice, no published source). */
    @Test
    void aRibbonGoesAroundAndLeavesABow() {
        Optional<Length> ribbon =
                kit("ribbon", inches(5, 7), Length.inches(1, 8), 300).ribbon();
        assertThat(ribbon).contains(Length.inches(2 * 4 * 5 + 1 + 4 * 14, 4));
    }

    /** The rim is at least 1/4 in and the disc drops into the ring with play (common practice, no published source). */
    @Test
    void aDiscDropsIntoItsRing() {
        ClosureKit kit = kit("ring 2 in", inches(5, 7), Length.inches(1, 8), 300);
        Piece ring = kit.pieces().get(0);
        Piece disc = kit.pieces().get(1);
        double hole = ring.polygon().getInteriorRingN(0).getEnvelopeInternal().getWidth();
        assertThat(ring.size().width()).isEqualTo(Length.inches(2));
        assertThat((ring.size().width().count() - hole) / 2)
                .isGreaterThanOrEqualTo(Length.inches(1, 4).count());
        assertThat(hole - disc.size().width().count())
                .isCloseTo(Length.inches(1, 16).count(), within(2.0));
        assertThatThrownBy(() -> kit("ring 3/4 in", inches(5, 7), Length.inches(1, 8), 300))
                .hasMessageContaining("1 in");
    }

    /** Shoulders at least 1/8 wider on each side, slits 1/16 longer than the tongue and 1/4 apart, clear of every score; derived. */
    @org.junit.jupiter.api.Test
    void aTongueSlidesThroughTwoSlitsAndHolds() {
        Size card = new Size(Length.inches(17, 4), Length.inches(11, 2));
        ClosureKit kit = kit("tongue 1 1/2 in", card, Length.millimetres(2L), 300);
        var band = kit.pieces().get(0);
        double tongue =
                band.corners().get(4).y().minus(band.corners().get(3).y()).inches();
        double shoulders = band.corners().get(1).x().inches();
        assertThat((1.5 - tongue) / 2).isGreaterThanOrEqualTo(0.125);
        assertThat(band.slits())
                .hasSize(2)
                .allSatisfy(s ->
                        assertThat(s.to().y().minus(s.from().y()).inches()).isCloseTo(tongue + 0.0625, within(1e-3)));
        double first = band.slits().get(0).from().x().inches();
        double second = band.slits().get(1).from().x().inches();
        assertThat(second - first).isEqualTo(0.25);
        assertThat(band.scores())
                .isNotEmpty()
                .allSatisfy(s -> assertThat(Math.min(
                                Math.abs(s.from().x().inches() - first),
                                Math.abs(s.from().x().inches() - second)))
                        .isGreaterThan(0.1));
        /* Once around the card, from the first slit to the shoulders. */
        assertThat(shoulders - first).isGreaterThanOrEqualTo(2 * (4.25 + 2 / 25.4));
        assertThat(shoulders - first).isLessThan(2 * (4.25 + 2 / 25.4) + 0.5);
        assertThat(second + 0.25).as("the tongue comes up again").isLessThan(first + 1);
    }

    /** A belt crosses the middle of the front and goes on behind; a ring lies in the middle of the front; nothing is seen of none. */
    @Test
    void whatIsSeenOfAClosureLiesInTheMiddle() {
        Envelope card =
                new Envelope(0, Length.inches(5).count(), 0, Length.inches(7).count());
        ClosureKit belt = kit("belt 1 1/2 in", inches(5, 7), Length.inches(1, 8), 300);
        assertThat(belt.seen()).singleElement().satisfies(p -> {
            assertThat(p.getEnvelopeInternal().getHeight())
                    .isEqualTo(Length.inches(3, 2).count());
            assertThat(p.getEnvelopeInternal().getWidth()).isEqualTo(card.getWidth());
            assertThat(p.getEnvelopeInternal().centre()).isEqualTo(card.centre());
        });
        assertThat(belt.goesAround()).isTrue();
        ClosureKit ring = kit("ring 2 in", inches(5, 7), Length.inches(1, 8), 300);
        assertThat(ring.goesAround()).isFalse();
        assertThat(ring.seen())
                .hasSize(2)
                .allSatisfy(p -> assertThat(p.getEnvelopeInternal().centre().distance(card.centre()))
                        .isLessThan(2));
        assertThat(ring.seen().get(0).getNumInteriorRing()).isEqualTo(1);
        ClosureKit ribbon = kit("ribbon", inches(5, 7), Length.inches(1, 8), 300);
        assertThat(ribbon.seen())
                .hasSize(2)
                .allSatisfy(
                        p -> assertThat(card.contains(p.getEnvelopeInternal())).isTrue());
        assertThat(ClosureKit.NONE.seen()).isEmpty();
    }
}
