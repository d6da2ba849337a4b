package vantbreeze.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static vantbreeze.plan.Briefs.in;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.fold.FlatFolder;
import vantbreeze.fold.FlatStage;
import vantbreeze.fold.LayerStack;
import vantbreeze.fold.Motion;
import vantbreeze.measure.Length;
import vantbreeze.measure.Ruler;
import vantbreeze.measure.UnitSystem;
import vantbreeze.structure.Bond;
import vantbreeze.structure.Side;
import vantbreeze.structure.Slide;
import vantbreeze.structure.Stage;
import vantbreeze.structure.Structure;

class WaterfallTest {

    private static final double INCH = Length.COUNTS_PER_INCH;

    private static Brief brief(int pages) {
        return Briefs.closed("waterfall", "5", "7").with("pages", pages);
    }

    /** Derived, with no published source: n 4, p 3/4, h 2 1/2, grip 1/2 give scores 3/4, 1 1/2, 2 1/4, 3, strip 8 1/4, travel 2 1/4. */
    @Test
    void theUsualCardHasTheUsualStrip() {
        Plan plan = Planner.plan(brief(4));
        Structure card = plan.structure();
        assertThat(card.piece("strip").size().height()).isEqualTo(in("8 1/4"));
        assertThat(card.piece("strip").scores())
                .extracting(s -> s.from().y())
                .containsExactlyInAnyOrder(in("3/4"), in("1 1/2"), in("2 1/4"), in("3"));
        assertThat(card.slides())
                .singleElement()
                .satisfies(s -> assertThat(s.travel()).isEqualTo(in("2 1/4")));
        assertThat(plan.snags()).isEmpty();
        /* Base at least 2h + (n - 2) p. */
        assertThat(2 * 2.5 + 2 * 0.75)
                .isLessThanOrEqualTo(card.piece("base").size().height().inches());
    }

    /** The strip is cut to the grid, and what that adds reaches below the card as well. */
    @Test
    void aTailThatReachesBelowIsSaidToByAsMuchAsItDoes() {
        for (int sixtyFourths = 0; sixtyFourths <= 28; sixtyFourths++) {
            Length low = in("4 3/4").plus(Length.inches(sixtyFourths, 64));
            Plan plan = Planner.plan(
                    brief(4).with("page", in("2 1/2")).with("pitch", in("0.70")).with("beltEdge", low));
            Length out = FlatFolder.closed(plan.structure()).size().height().minus(in("7"));
            assertThat(plan.snags().stream().filter(s -> s.text().contains("The tail reaches")))
                    .as("with the belt at %s", low)
                    .hasSize(out.isPositive() ? 1 : 0)
                    .allSatisfy(s -> assertThat(s.text())
                            .contains(Ruler.of(UnitSystem.INCH).text(out)));
        }
    }

    /** Pages step down by the pitch; each one that is turned shows its back, h - p above the belt's edge. */
    @ParameterizedTest
    @ValueSource(ints = {2, 3, 4, 6})
    void onePageAfterTheOtherTurnsUp(int pages) {
        Plan plan = Planner.plan(brief(pages));
        Structure card = plan.structure();
        double pitch = card.slides().get(0).travel().count() / (double) (pages - 1);
        double page = card.piece("page 1").size().height().count();
        double edge = box(FlatFolder.closed(card), card, "page 1").getMaxY();
        List<Stage> shown = card.shown();
        assertThat(shown).hasSize(pages - 1);
        for (int i = 1; i <= pages; i++) {
            assertThat(box(FlatFolder.closed(card), card, "page " + i).getMinY())
                    .isCloseTo(edge - page - (i - 1) * pitch, within(2.0));
        }
        double pulled = 0;
        for (int turned = 1; turned < pages; turned++) {
            FlatStage stage = FlatFolder.fold(card, shown.get(turned - 1));
            LayerStack stack = LayerStack.of(card, shown.get(turned - 1), stage).orElseThrow();
            FlatStage.Placed up = stage.placed(card.panel("page " + turned));
            assertThat(up.upSide()).isEqualTo(Side.BACK);
            assertThat(up.outline().getEnvelopeInternal().getMaxY() - edge).isCloseTo(page - pitch, within(2.0));
            assertThat(stack.shows(up.panel(), Side.BACK, false)).isTrue();
            assertThat(stage.placed(card.panel("page " + (turned + 1))).upSide())
                    .as("the next one hangs before you")
                    .isEqualTo(Side.FACE);
            pulled += pitch;
        }
        /* The travel is the sum of the pitches. */
        assertThat(card.slides().get(0).travel().count()).isCloseTo(Math.round(pulled), within(2L));
    }

    private static Envelope box(FlatStage stage, Structure card, String page) {
        return stage.placed(card.panel(page)).outline().getEnvelopeInternal();
    }

    /** The tail moves straight down while the next segment turns through half a circle. */
    @Test
    void theTailRunsWhileThePageTurns() {
        Plan plan = Planner.plan(brief(4));
        Structure card = plan.structure();
        Folding folding = Folding.of(plan.brief());
        assertThat(folding.motions())
                .hasSize(3)
                .allSatisfy(m -> assertThat(m.blocked()).isEmpty());
        assertThat(folding.crossing()).isEmpty();
        Motion first = folding.motions().get(0);
        int tail = card.panels().indexOf(card.panel("tail"));
        Coordinate corner = card.panel("tail").outline().getCoordinates()[0];
        int last = first.frames().size() - 1;
        for (int frame = 0; frame <= last; frame++) {
            Coordinate at = first.frames().get(frame).get(tail).apply(corner);
            Coordinate begin = first.frames().get(0).get(tail).apply(corner);
            assertThat(begin.y - at.y).isCloseTo(0.75 * INCH * frame / last, within(1.0));
            assertThat(Math.hypot(at.x - begin.x, at.getZ() - begin.getZ())).isLessThan(1);
        }
    }

    /** Where the belt is glued nothing passes: pages wider than its free length have no order of layers once they turn. */
    @Test
    void pagesMustPassUnderTheBelt() {
        assertThatThrownBy(() -> Planner.plan(brief(4).with("pageWidth", in("4 1/2"))))
                .isInstanceOf(BriefException.class)
                .hasMessageContaining("glued ends of the belt");
        Structure card = Planner.plan(brief(4)).structure();
        Stage turned = card.shown().get(0);
        assertThat(LayerStack.of(card, turned, FlatFolder.fold(card, turned))).isPresent();
        Structure.Builder tight = Structure.of(card.pieces().toArray(new vantbreeze.structure.Piece[0]));
        for (Bond bond : card.bonds()) {
            tight.bond(bond.seams().isEmpty() ? bond : bond.along(List.of()));
        }
        card.slides().forEach(tight::slide);
        tight.pulled(turned.name(), turned.runs(), turned.degrees());
        for (int i = 2; i <= 4; i++) {
            tight.lay("segment " + i, "belt", java.util.Set.of(turned.name()));
        }
        tight.lay("belt", "segment 1", java.util.Set.of(turned.name()));
        Structure jammed = tight.anchoredAt("base");
        assertThat(LayerStack.of(
                        jammed,
                        jammed.shown().get(0),
                        FlatFolder.fold(jammed, jammed.shown().get(0))))
                .as("glued all along")
                .isEmpty();
    }

    /** The stud stands at one end of the slot when nothing is pulled and at the other when all is. */
    @ParameterizedTest
    @CsvSource({"4", "3"})
    void theSlotStopsTheTail(int pages) {
        Structure card = Planner.plan(brief(pages)).structure();
        Slide slide = card.slides().get(0);
        Polygon tail = card.panel("tail").outline();
        Envelope slot = tail.getInteriorRingN(0).getEnvelopeInternal();
        Coordinate stud = slide.stud().orElseThrow().coordinate();
        double radius = slot.getWidth() / 2;
        Coordinate atRest = slide.at(Length.ZERO).inverse().apply(stud);
        Coordinate pulled = slide.at(slide.travel()).inverse().apply(stud);
        assertThat(Math.abs(atRest.y - pulled.y)).isCloseTo(slide.travel().count(), within(1.0));
        assertThat(slot.getMaxY() - Math.max(atRest.y, pulled.y)).isCloseTo(radius, within(2.0));
        assertThat(Math.min(atRest.y, pulled.y) - slot.getMinY()).isCloseTo(radius, within(2.0));
        assertThat(atRest.x).isCloseTo(slot.centre().x, within(2.0));
    }

    @Test
    void theStepsSayHowItIsThreaded() {
        assertThat(Planner.plan(brief(4)).steps())
                .filteredOn(s -> s.title().equals("Thread the tail"))
                .singleElement()
                .satisfies(s -> assertThat(s.text())
                        .contains("No glue here: it must slide 2¼ in")
                        .contains("flat brad"));
    }

    /** What runs is marked where it runs, as long as its way is, and straight along the strip. */
    @Test
    void theWayOfTheTailIsMarked() {
        Structure card = Planner.plan(Briefs.closed("waterfall", "5", "7")).structure();
        assertThat(vantbreeze.make.RunMark.of(card))
                .hasSameSizeAs(card.slides())
                .allSatisfy(run -> {
                    assertThat(run.way().getLength()).isCloseTo(run.travel().count(), within(1e-6));
                    assertThat(card.pieces()).anyMatch(p -> p.name().equals(run.piece()));
                });
    }
}
