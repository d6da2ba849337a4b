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
import org.locationtech.jts.geom.LineSegment;
import vantbreeze.catalogue.TradeOff;
import vantbreeze.fold.FlatFolder;
import vantbreeze.fold.FlatStage;
import vantbreeze.fold.LayerStack;
import vantbreeze.fold.Motion;
import vantbreeze.fold.RigidMotion;
import vantbreeze.layer.Closure;
import vantbreeze.measure.Length;
import vantbreeze.measure.Size;
import vantbreeze.measure.UnitSystem;
import vantbreeze.structure.Piece;
import vantbreeze.structure.Structure;

/** The woven gate with covers outside its frames, against sums by hand and the trade's usual figures. */
class WovenGateTest {

    private static final double INCH = Length.COUNTS_PER_INCH;
    private static final String PLAIN = "plain: opens like a book";

    private static Brief scored() {
        return Briefs.closed("woven-gate", "3 7/8", "6");
    }

    private static Brief plain() {
        return Briefs.closed("woven-gate", "5 3/4", "6").with("covers", PLAIN);
    }

    /** Common practice, no published source: bases, windows, strips and scores for panels of 2 7/8. */
    @Test
    void theUsualCardHasTheUsualPieces() {
        Structure card = Planner.plan(scored()).structure();
        assertThat(card.piece("left half").size()).isEqualTo(Briefs.in("9 1/8", "6"));
        assertThat(card.piece("right half").size()).isEqualTo(Briefs.in("8 5/8", "6"));
        assertThat(xs(card.piece("left half"))).containsExactlyInAnyOrder(in("2 7/8"), in("5 3/4"), in("8 5/8"));
        for (String half : List.of("left half", "right half")) {
            Piece window = Piece.outline(
                            "window", card.piece(half).holes().get(0).toArray(new vantbreeze.structure.Point[0]))
                    .build();
            assertThat(window.size()).isEqualTo(Briefs.in("1 7/8", "5"));
        }
        assertThat(card.piece("strip 1").size()).isEqualTo(Briefs.in("12", "1"));
        assertThat(xs(card.piece("strip 2")))
                .containsExactly(in("1/4"), in("3 1/8"), in("6"), in("8 7/8"), in("11 3/4"));
        assertThat(card.pieces()).hasSize(4);
    }

    private static List<Length> xs(Piece piece) {
        return piece.scores().stream().map(s -> s.from().x()).toList();
    }

    /** Common practice: covers scored in the middle close to q and the strips' folds stick out by an inch; the sleeve is 8 1/4 x 5. */
    @Test
    void scoredCoversLeaveTheStripsSticksOut() {
        Plan plan = Planner.plan(scored().withMatting(Briefs.matting(
                        0,
                        in("1/8"),
                        vantbreeze.measure.ToolGrid.SIXTEENTH_INCH,
                        vantbreeze.layer.Matting.Meeting.RUN_ON,
                        java.util.Map.of()))
                .withClosure(Closure.parse("sleeve", UnitSystem.INCH)));
        FlatStage closed = FlatFolder.closed(plan.structure());
        Envelope cover = closed.placed(plan.structure().panel("left cover outer"))
                .outline()
                .getEnvelopeInternal();
        assertThat(cover.getWidth() / INCH).isCloseTo(2.875, within(1e-3));
        assertThat(closed.box().getMaxX() - cover.getMaxX()).isCloseTo(INCH, within(1.0));
        assertThat(plan.closed().size()).isEqualTo(Briefs.in("3 7/8", "6"));
        assertThat(plan.closure().pieces().get(0).size()).isEqualTo(Briefs.in("8 1/4", "5"));
        assertThat(plan.closure().pieces().get(0).scores()).isEmpty();
    }

    /** Behind plain covers the strips are hidden while s2 + d is at most 2 q: it opens like a book. */
    @Test
    void plainCoversHideTheStrips() {
        Plan plan = Planner.plan(plain());
        FlatStage closed = FlatFolder.closed(plan.structure());
        assertThat(plan.closed().size()).isEqualTo(Briefs.in("5 3/4", "6"));
        for (String cover : List.of("left cover", "right cover")) {
            assertThat(closed.placed(plan.structure().panel(cover)).outline().getEnvelopeInternal())
                    .isEqualTo(closed.box());
        }
        assertThat(plan.structure().scores())
                .noneMatch(s -> s.id().contains("middle") && !s.id().equals("middle score"));
    }

    /**
     * From the left half's outside in: cover, cover's inside, tab and outer run in one plane, inner run, frame, and the same mirrored.
     * The valley lies v = q - d + s1 - s2 from the middle mountain, in both windows.
     */
    @ParameterizedTest
    @CsvSource({"1, 2 7/8, 2 7/8", "3/4, 2 7/8, 2 7/8", "1 3/16, 3, 2 7/8", "1, 2 3/4, 2 7/8"})
    void closedTheLayersLieAsTheyMust(String anchor, String inner, String outer) {
        Brief brief = scored().with("panel", in("2 7/8"))
                .with("anchor", in(anchor))
                .with("innerRun", in(inner))
                .with("outerRun", in(outer));
        Structure card = Planner.plan(brief).structure();
        FlatStage closed = FlatFolder.closed(card);
        assertThat(closed.faults()).isEmpty();
        LayerStack stack = LayerStack.of(card, card.closed(), closed).orElseThrow();
        double mountain = closed.placed(card.panel("left frame"))
                .outline()
                .getEnvelopeInternal()
                .getMaxX();
        double valley = closed.placed(card.panel("strip 1, left inner"))
                .outline()
                .getEnvelopeInternal()
                .getMinX();
        double v = 2.875 - in(anchor).inches() + in(inner).inches() - in(outer).inches();
        assertThat((mountain - valley) / INCH).isCloseTo(v, within(1e-3));
        assertThat(v).isBetween(0.5, 2.375);
        double out = in(outer).inches() + in(anchor).inches() - 2.875;
        assertThat((closed.box().getMaxX() - mountain) / INCH).isCloseTo(Math.max(0, out), within(1e-3));
        /* On the bar, in the first strip's row. */
        List<String> there = at(stack, new Coordinate(mountain - 0.25 * INCH, 2 * INCH));
        assertThat(there)
                .containsExactly(
                        "right cover outer",
                        "right cover inner",
                        "strip 1, right outer",
                        "strip 1, right inner",
                        "right frame",
                        "left frame",
                        "strip 1, left inner",
                        "strip 1, left outer",
                        "left cover inner",
                        "left cover outer");
        List<String> byTheTab =
                at(stack, new Coordinate(mountain - (2.875 - in(anchor).inches() + 0.1) * INCH, 2 * INCH));
        assertThat(byTheTab).contains("strip 1, left tab").doesNotContain("strip 1, left outer");
    }

    private static List<String> at(LayerStack stack, Coordinate place) {
        return stack.spots().stream()
                .filter(s -> s.outline().contains(s.outline().getFactory().createPoint(place)))
                .findFirst()
                .orElseThrow()
                .bottomToTop()
                .stream()
                .map(p -> p.panel().name())
                .filter(n -> !n.equals("tab"))
                .toList();
    }

    /** Without the strips woven behind the bar there is another order; with them behind, the bar lies in the mouth of their valley. */
    @Test
    void theBarLiesInTheMouthOfTheStripsValley() {
        Structure card = Planner.plan(scored()).structure();
        Structure before =
                card.extended().lay("left frame", "strip 1, left inner").build();
        assertThat(LayerStack.of(before, before.closed(), FlatFolder.closed(before)))
                .isEmpty();
    }

    /** All the way from closed to standing no panel passes through another: the inner runs go through the windows. */
    @ParameterizedTest
    @ValueSource(strings = {"scored", "plain"})
    void itOpensAndTheStripsRunThroughTheWindows(String covers) {
        Brief brief = covers.equals("plain") ? plain() : scored();
        Folding folding = Folding.of(brief);
        assertThat(folding.motions()).allSatisfy(m -> assertThat(m.blocked()).isEmpty());
        assertThat(folding.crossing()).isEmpty();
        Structure card = Planner.plan(brief).structure();
        Motion opening = folding.motions().get(0);
        for (List<RigidMotion> pose :
                opening.frames().subList(1, opening.frames().size())) {
            double r = downTheFrame(card, pose) / INCH;
            assertThat(r)
                    .as("from the ridge to where the strip passes the frame")
                    .isBetween(0.5, 2.375);
        }
        assertThat(folding.standing())
                .hasValueSatisfying(s -> assertThat(s.stands()).isTrue());
    }

    /** Second method: where the inner run's middle line meets the frame's plane, measured from the ridge. */
    private static double downTheFrame(Structure card, List<RigidMotion> pose) {
        int frame = card.panels().indexOf(card.panel("left frame"));
        int run = card.panels().indexOf(card.panel("strip 1, left inner"));
        Envelope f = card.panel("left frame").outline().getEnvelopeInternal();
        Envelope s = card.panel("strip 1, left inner").outline().getEnvelopeInternal();
        LineSegment across = seenFromAbove(pose.get(frame), f);
        LineSegment along = seenFromAbove(pose.get(run), s);
        Coordinate meet = across.lineIntersection(along);
        return meet.distance(across.p1);
    }

    private static LineSegment seenFromAbove(RigidMotion motion, Envelope panel) {
        Coordinate left = motion.apply(new Coordinate(panel.getMinX(), panel.getMinY()));
        Coordinate right = motion.apply(new Coordinate(panel.getMaxX(), panel.getMinY()));
        return new LineSegment(left.x, left.getZ(), right.x, right.getZ());
    }

    /** By hand: a strip is never taut before (q + d) cos phi = s1 + s2, which usual runs of q each never are. */
    @Test
    void theUsualStripsAreNeverTaut() {
        Structure card = Planner.plan(scored()).structure();
        double runs = card.piece("strip 1").size().width().inches() - 2 * 0.25;
        assertThat(runs / 2).isGreaterThan(2.875 + 1);
    }

    /** What the curve says is what comes when its point is picked: farther out they stick out more. */
    @Test
    void theCurveWeighsSpreadAgainstSticksOut() {
        Brief brief = scored().with("panel", in("2 7/8"))
                .with("innerRun", in("2 7/8"))
                .with("outerRun", in("2 7/8"));
        TradeOff trade = Planner.plan(brief).tradeOff().orElseThrow();
        assertThat(trade.parameter()).isEqualTo("anchor");
        assertThat(trade.said()).containsExactly("spreads to", "sticks out closed");
        List<TradeOff.Step> steps = trade.steps();
        assertThat(steps).extracting(s -> s.lengths().get(1)).isSorted();
        for (TradeOff.Step step : List.of(steps.get(1), steps.get(6))) {
            Plan picked = Planner.withoutFixes(brief.with("anchor", step.chosen()));
            assertThat(picked.closed().size().width())
                    .isEqualTo(in("2 7/8").plus(step.lengths().get(1)));
        }
    }

    /** The valley must clear border and bar, open and closed: outside of that the anchor is refused with the range. */
    @ParameterizedTest
    @CsvSource({"1/8, lie on the frame when it is closed", "2 1/2, run against the bar as it opens"})
    void anAnchorThatLeavesTheWindowIsRefused(String anchor, String why) {
        assertThatThrownBy(() -> Planner.plan(scored().with("anchor", in(anchor))))
                .isInstanceOf(BriefException.class)
                .hasMessageContaining(why);
    }

    /** Common practice, no published source: covers' insides are dressed before the strips lie on them, frames and tabs stay bare. */
    @Test
    void theCoversInsidesAreDressedFirst() {
        Plan plan = Planner.plan(scored());
        assertThat(plan.faces())
                .filteredOn(
                        f -> f.key().equals("left cover inner/face") || f.key().equals("right cover inner/face"))
                .hasSize(2)
                .allSatisfy(f -> assertThat(f.beforeAssembly() && f.isDressed()).isTrue());
        assertThat(plan.dressing().mats())
                .noneMatch(m -> m.face().panel().name().contains("frame")
                        || m.face().panel().name().contains("tab"));
        assertThat(new Size(in("2 5/8"), in("5 3/4")))
                .isIn(plan.dressing().mats().stream().map(m -> m.size()).toList());
    }
}
