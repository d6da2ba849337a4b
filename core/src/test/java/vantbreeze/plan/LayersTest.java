package vantbreeze.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static vantbreeze.plan.Briefs.in;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.catalogue.FoldCatalogue;
import vantbreeze.catalogue.FoldDesign;
import vantbreeze.layer.Closure;
import vantbreeze.layer.Face;
import vantbreeze.layer.Finish;
import vantbreeze.layer.Mat;
import vantbreeze.layer.Matting;
import vantbreeze.layer.MessageRoom;
import vantbreeze.layer.Ornament;
import vantbreeze.layer.Outline;
import vantbreeze.layer.PlacedOrnament;
import vantbreeze.material.Print;
import vantbreeze.measure.Length;
import vantbreeze.measure.Size;
import vantbreeze.measure.UnitSystem;
import vantbreeze.operation.Step;
import vantbreeze.post.Envelope;

/** What is laid on a card: finishes, prints, ornaments, room to write, closures, and how it looks. */
class LayersTest {

    private static final Brief Z_FOLD = Briefs.closed("z-fold", "5 1/2", "4 1/4");
    private static final Brief LATCH = Briefs.closed("latch-gate", "5", "7");

    private static Finish finish(String text) {
        return Finish.parse(text, UnitSystem.INCH);
    }

    private static List<Mat> on(Plan plan, String face) {
        return plan.dressing().mats().stream()
                .filter(m -> m.face().key().equals(face))
                .toList();
    }

    private static Ornament topper(String face, String outline, String x, String y) {
        return new Ornament(
                "topper",
                face,
                Outline.parse(outline, UnitSystem.INCH),
                in(x),
                in(y),
                Optional.empty(),
                Briefs.card(200),
                Ornament.Glue.OWN_PANEL);
    }

    private static Plan with(Brief brief, Ornament... ornaments) {
        return Planner.plan(brief.withOrnaments(List.of(ornaments)));
    }

    private static Optional<Snag> snag(Plan plan, Snag.Code code) {
        return plan.snags().stream().filter(s -> s.code() == code).findFirst();
    }

    /** A mat 1/4 in smaller each way, the next by its own step, a third by the last one (common practice, no source). */
    @Test
    void threeMatsStepInwardsEachByItsOwnStep() {
        Matting m = Z_FOLD.matting();
        Matting stepped =
                new Matting(3, List.of(in("1/8"), in("1/16")), m.grid(), m.meeting(), Map.of(), Matting.USUAL_PAPERS);
        Plan plan = Planner.plan(Z_FOLD.withMatting(stepped));
        assertThat(on(plan, "back/face"))
                .extracting(Mat::size)
                .containsExactly(Briefs.in("5 1/4", "4"), Briefs.in("5 1/8", "3 7/8"), Briefs.in("5", "3 3/4"));
        assertThat(on(plan, "back/face")).allMatch(Mat::hasEvenBorders);
    }

    @Test
    void aGroundCoversThePanelAndAStripCrossesWhatCarriesIt() {
        Plan plan = Planner.plan(Briefs.finished(Z_FOLD, Map.of("back/face", finish("ground + 1 + strip 3/4 in low"))));
        List<Mat> mats = on(plan, "back/face");
        assertThat(mats).extracting(Mat::kind).containsExactly(Mat.Kind.GROUND, Mat.Kind.MAT, Mat.Kind.STRIP);
        assertThat(mats.get(0).size()).isEqualTo(Briefs.in("5 1/2", "4 1/4"));
        assertThat(mats.get(1).size()).isEqualTo(Briefs.in("5 1/4", "4"));
        assertThat(mats.get(2).size()).isEqualTo(Briefs.in("5 1/4", "3/4"));
        assertThat(mats.get(2).bottom().millimetres()).isCloseTo((4.0 / 3 - 0.375) * 25.4, within(0.01));
    }

    /** Whatever is laid on a face stays on its panel. */
    @ParameterizedTest
    @MethodSource("folds")
    void nothingLeavesItsPanel(FoldDesign fold) {
        Matting m = Z_FOLD.matting();
        Brief brief = Briefs.closed(fold.id(), fold.id().equals("free-strip") ? null : "5", "7")
                .withMatting(
                        new Matting(3, List.of(in("1/8")), m.grid(), Matting.Meeting.BORDER, Map.of(), m.papers()));
        Plan plain = Planner.plan(brief);
        Map<String, Finish> all = new java.util.HashMap<>();
        plain.faces().forEach(f -> all.put(f.key(), finish("ground + 2 + note + strip 1/2 in high")));
        Plan plan = Planner.plan(Briefs.finished(brief, all));
        assertThat(plan.dressing().mats()).isNotEmpty().allSatisfy(mat -> {
            Polygon panel = mat.face().panel().outline();
            assertThat(panel.buffer(2).covers(mat.outline()))
                    .as("%s on the %s", mat.kind(), mat.face().label())
                    .isTrue();
            if (mat.outline().isRectangle() && mat.kind() == Mat.Kind.MAT) {
                long step = m.grid().step().count();
                assertThat(Math.abs(mat.left().minus(mat.right()).count())).isLessThan(step);
                assertThat(Math.abs(mat.top().minus(mat.bottom()).count())).isLessThan(step);
            }
        });
    }

    static Stream<FoldDesign> folds() {
        return FoldCatalogue.all().stream();
    }

    /** 300 gsm at a bulk of 1.25 is 0.375 mm, 160 gsm 0.2 mm: stacked by hand, paper by paper. */
    @Test
    void thicknessIsThatOfTheStackByHand() {
        Brief dressed = Briefs.finished(
                Briefs.finished(Z_FOLD, Map.of("back/face", finish("2"), "middle/back", finish("0"))),
                Map.of("front/face", finish("ground + 1"), "middle/face", finish("0")));
        Plan plan = Planner.plan(dressed);
        double card = 3 * 0.375;
        assertThat(plan.closed().thickness().millimetres()).isCloseTo(card + 4 * 0.2, within(0.002));
        Plan lifted = with(
                dressed, topper("front/face", "1 x 1 in", "1/2", "1/2").lifted(Optional.of(Length.millimetres(2))));
        assertThat(lifted.closed().thickness().millimetres()).isCloseTo(card + 4 * 0.2 + 0.25 + 2, within(0.002));
    }

    /** A Z-fold's front panel and back stand upright as they lie; on a card folded at the top the front is turned over. */
    @Test
    void upFollowsTheMomentWhenAFaceIsSeen() {
        Plan top = Planner.plan(Briefs.closed("top-fold", "5 1/2", "4 1/4"));
        Face front = top.faces().stream()
                .filter(f -> f.seen().contains(Face.Seen.CLOSED))
                .findFirst()
                .orElseThrow();
        assertThat(Math.abs(front.up())).isEqualTo(180);
        assertThat(Planner.plan(Z_FOLD).faces())
                .allSatisfy(f -> assertThat(f.up()).isZero());
    }

    @Test
    void aMatTurnedTheWrongWayUpIsASnagAndTurningItIsTheFix() {
        Brief printed = Briefs.printed(Z_FOLD, Print.UPRIGHT);
        Plan plan = Planner.plan(Briefs.finished(printed, Map.of("front/face", finish("1 + turned"))));
        Snag snag = snag(plan, Snag.Code.UPSIDE_DOWN).orElseThrow();
        assertThat(snag.fixes().get(0).label()).isEqualTo("Turn the mat on the front");
        assertThat(snag(Planner.plan(snag.fixes().get(0).brief()), Snag.Code.UPSIDE_DOWN))
                .isEmpty();
        assertThat(plan.cutList().stream().map(Plan.CutPiece::note)).anyMatch(n -> n.contains("pattern along the"));
    }

    @Test
    void whereEverythingIsPatternedThereIsNoRoomToWriteUnlessAWritingMatIsAdded() {
        Brief printed = Briefs.printed(Z_FOLD, Print.SCATTERED);
        Plan all = Planner.plan(printed);
        assertThat(all.messageRoom()).isNotEmpty();
        Map<String, Finish> everywhere = new java.util.HashMap<>();
        all.faces().forEach(f -> everywhere.put(f.key(), finish("1")));
        Plan plan = Planner.plan(Briefs.finished(printed, everywhere));
        assertThat(plan.messageRoom()).isEmpty();
        Snag snag = snag(plan, Snag.Code.NO_MESSAGE_ROOM).orElseThrow();
        assertThat(snag.fixes()).isNotEmpty();
        Plan mended = Planner.plan(snag.fixes().get(0).brief());
        assertThat(mended.messageRoom()).hasSize(1);
        assertThat(MessageRoom.isEnough(mended.messageRoom().get(0).size())).isTrue();
    }

    /** What is laid on a face takes from its room: above a 1 in topper in the middle of 5 1/4 x 4 there is 5 1/4 x 1 5/8, a little
     * more than the 2 1/8 x 4 beside it. */
    @Test
    void roomToWriteIsTheLargestRectangleBesideWhatIsLaidThere() {
        Plan plan = with(Z_FOLD, topper("back/face", "1 x 1 in", "2 1/4", "1 1/2"));
        Size left = plan.messageRoom().stream()
                .filter(r -> r.face().key().equals("back/face"))
                .findFirst()
                .orElseThrow()
                .size();
        assertThat(left).isEqualTo(Briefs.in("5 1/4", "1 5/8"));
    }

    /**
     * Stacked by hand, card 0.375 mm and topper 0.25 mm thick: the lips lie on three cards, 1.125 mm, the middle panel is
     * one, so foam has to fill 0.75 mm and is 1 mm high. On top of it all is 0.375 + 1 + 0.25 = 1.625 mm; a second topper on
     * the first adds its own paper.
     */
    @Test
    void aTopperIsAsHighOverTheFlapsAsOnItsPanel() {
        Matting m = LATCH.matting();
        Brief bare = LATCH.withMatting(new Matting(0, m.steps(), m.grid(), m.meeting(), Map.of(), m.papers()));
        Ornament topper = topper("middle/face", "2 x 2 in", "-1/2", "2 1/2");
        Plan one = with(bare, topper);
        assertThat(one.ornaments().placed().get(0).lift()).isEqualTo(Length.millimetres(1));
        assertThat(one.closed().thickness().millimetres()).isCloseTo(1.625, within(0.005));
        Ornament star = new Ornament(
                "star",
                topper.face(),
                Outline.parse("circle 1 1/2 in", UnitSystem.INCH),
                in("-1/4"),
                in("2 3/4"),
                Optional.empty(),
                topper.paper(),
                Ornament.Glue.WHOLE);
        Plan two = with(bare, topper, star);
        assertThat(two.ornaments().placed().get(1).carrier()).contains("topper");
        assertThat(two.closed().thickness().millimetres()).isCloseTo(1.875, within(0.005));
        assertThat(two.snags().stream().map(s -> s.place().id())).doesNotContain("star");
        assertThat(two.steps().stream().map(Step::text)).anyMatch(t -> t.contains("on the topper. Its place on the"));
    }

    /** No ruler reads below nothing: where a topper reaches over an edge, the step says by how much. */
    @Test
    void aToppersPlaceIsSaidFromEdgesThatAreThere() {
        Plan over = with(LATCH, topper("middle/face", "2 1/2 x 2 in", "-3/4", "2 1/2"));
        assertThat(over.steps().stream().map(Step::text))
                .anyMatch(t -> t.contains("Its place on the middle: ¾ in past the left"));
        Plan right = with(LATCH, topper("left gate/back", "1 x 1 in", "1 1/2", "0"));
        assertThat(right.steps().stream().map(Step::text)).anyMatch(t -> t.contains("bottom edges flush."));
    }

    @Test
    void onATowerAWritingMatGoesWhereItIsWholeEnough() {
        Brief tower = Briefs.finished(Briefs.closed("tower", "5", "7"), Map.of("middle/back", Finish.mats(0)));
        Brief printed = Briefs.printed(tower, Print.SCATTERED).withBase(Briefs.printedOnBothSides(tower.base()));
        Snag snag = snag(Planner.plan(printed), Snag.Code.NO_MESSAGE_ROOM).orElseThrow();
        assertThat(snag.fixes()).extracting(Snag.Fix::label).contains("Add a writing mat on the middle (back side)");
    }

    /** A layer flush with the edge and one 1/16 in inside it; the rest of the card keeps its borders. Common practice, no published source. */
    @Test
    void aFaceMayHaveBordersOfItsOwn() {
        Plan usual = Planner.plan(Briefs.closed("tower", "4 1/4", "5 1/2"));
        Plan plan = Planner.plan(Briefs.finished(
                Briefs.closed("tower", "4 1/4", "5 1/2"),
                Map.of("middle/back", finish("2 + column + borders 0 in, 1/16 in"))));
        assertThat(on(plan, "middle/back"))
                .extracting(Mat::size)
                .containsExactly(in("2 1/4", "5 1/2"), in("2 1/8", "5 3/8"));
        assertThat(on(plan, "middle/back").get(0).left()).isEqualTo(Length.ZERO);
        assertThat(on(plan, "middle/back").get(1).bottom()).isEqualTo(in("1/16"));
        for (Mat mat : usual.dressing().mats()) {
            if (!mat.face().key().equals("middle/back")) {
                assertThat(on(plan, mat.face().key())).extracting(Mat::size).contains(mat.size());
            }
        }
        assertThat(plan.snags()).noneMatch(s -> s.text().contains("covers left slit"));
    }

    /** Behind a tower the links leave gaps; between them a column as high as the card stays whole. */
    @Test
    void roomIsFoundOnAPanelWithPartsCutOut() {
        Plan plan = Planner.plan(Briefs.closed("tower", "5", "7"));
        Size middle = plan.structure().panel("middle").box();
        Size link = plan.structure().panel("left link, row 2").box();
        assertThat(plan.messageRoom().stream()
                        .filter(r -> r.face().key().equals("middle/back"))
                        .map(MessageRoom::size))
                .containsExactly(new Size(middle.width().minus(link.width().times(2)), middle.height()));
    }

    /**
     * A latch topper is mounted on the middle panel and holds both gates behind it; its foam is at least all that lies
     * between it and the panel: gate, lip and their mats (common practice, no source). By hand: 2 cards of 0.375 mm and
     * the mats of 0.2 mm on what it reaches over, less the mat under it.
     */
    @Test
    void aLatchTopperFindsItsFoam() {
        Brief bare = Briefs.finished(LATCH, Map.of());
        Matting m = bare.matting();
        Brief undressed = bare.withMatting(new Matting(0, m.steps(), m.grid(), m.meeting(), Map.of(), m.papers()));
        PlacedOrnament topper = with(undressed, topper("middle/face", "2 1/2 x 2 in", "-3/4", "2 1/2"))
                .ornaments()
                .placed()
                .get(0);
        assertThat(topper.outside()).isTrue();
        assertThat(topper.crosses())
                .extracting(vantbreeze.structure.Panel::name)
                .contains("left lip", "right lip");
        assertThat(topper.needed().millimetres()).isCloseTo(2 * 0.375, within(0.002));
        assertThat(topper.lift().millimetres()).isEqualTo(1.0);
        PlacedOrnament dressed = with(LATCH, topper("middle/face", "2 1/2 x 2 in", "-3/4", "2 1/2"))
                .ornaments()
                .placed()
                .get(0);
        assertThat(dressed.needed()).isGreaterThanOrEqualTo(topper.needed());
    }

    @Test
    void foamThatIsTooLowIsASnagWithItsFix() {
        Plan plan = with(
                LATCH, topper("middle/face", "2 1/2 x 2 in", "-3/4", "2 1/2").lifted(Optional.of(Length.ZERO)));
        Snag snag = snag(plan, Snag.Code.ORNAMENT_TOO_LOW).orElseThrow();
        assertThat(snag(Planner.plan(snag.fixes().get(0).brief()), Snag.Code.ORNAMENT_TOO_LOW))
                .isEmpty();
    }

    @Test
    void glueOnTwoPanelsThatPartIsFoundAndMended() {
        Plan plan = with(
                LATCH, topper("middle/face", "2 1/2 x 2 in", "-3/4", "2 1/2").glued(Ornament.Glue.WHOLE));
        Snag snag = snag(plan, Snag.Code.ORNAMENT_STICKS_PANELS).orElseThrow();
        assertThat(snag.severity()).isEqualTo(Severity.STOP);
        assertThat(snag.text())
                .isEqualTo(
                        "The topper glues the middle to the left lip, the left gate, the right lip and the right gate, and they part:"
                                + " on the way from closed to displayed the left lip turns away by up to 100°.");
        assertThat(snag.fixes().get(0).label()).isEqualTo("Glue it on the middle only");
    }

    @Test
    void aTopperThatReachesOverAFlapByLittleDoesNotHoldIt() {
        Plan plan = with(LATCH, topper("middle/face", "1 1/4 x 2 in", "-1/8", "2 1/2"));
        assertThat(snag(plan, Snag.Code.ORNAMENT_HOLDS_LITTLE)).isPresent();
    }

    @Test
    void whatSticksOutMakesTheCardLargerForTheEnvelope() {
        Plan plan = with(Z_FOLD.withEnvelope(Envelope.named("a7us")), topper("front/face", "1 x 1 in", "-1/2", "1"));
        Snag snag = snag(plan, Snag.Code.ORNAMENT_STICKS_OUT).orElseThrow();
        assertThat(snag.text()).contains("½ in on the left").contains("6 × 4¼ in");
        assertThat(plan.closed().posted()).isEqualTo(Briefs.in("6", "4 1/4"));
        assertThat(plan.closed().size()).isEqualTo(Briefs.in("5 1/2", "4 1/4"));
        assertThat(snag.fixes().get(0).label()).isEqualTo("Move it onto the front");
        Plan mended = Planner.plan(snag.fixes().get(0).brief());
        assertThat(mended.closed().posted()).isEqualTo(mended.closed().size());
    }

    /** On a book's inside a picture across the fold keeps it open: the fold comes towards it. */
    @Test
    void whatLiesAcrossAFoldThatComesTowardsItBlocksTheCard() {
        Plan book = Planner.plan(Briefs.closed("book", "5", "7"));
        Face inside = book.faces().stream()
                .filter(f -> f.seen().contains(Face.Seen.OPENED) && !f.seen().contains(Face.Seen.CLOSED))
                .max(java.util.Comparator.comparingDouble(
                        f -> f.panel().outline().getEnvelopeInternal().getMinX()))
                .orElseThrow();
        Plan plan = with(Briefs.closed("book", "5", "7"), topper(inside.key(), "2 x 2 in", "-1", "2"));
        Snag snag = snag(plan, Snag.Code.ORNAMENT_BLOCKS_FOLD).orElseThrow();
        assertThat(snag.severity()).isEqualTo(Severity.STOP);
        assertThat(Planner.plan(snag.fixes().get(0).brief()).snags())
                .noneMatch(s -> s.code() == Snag.Code.ORNAMENT_BLOCKS_FOLD);
    }

    @Test
    void anOrnamentOfAFoldThatIsGoneSaysSoAndCountsForNothing() {
        Plan plan = with(Z_FOLD, topper("left gate/face", "1 x 1 in", "1", "1"));
        Snag snag = snag(plan, Snag.Code.ORNAMENT_HOMELESS).orElseThrow();
        assertThat(snag.fixes()).isNotEmpty();
        assertThat(plan.ornaments().placed()).isEmpty();
        assertThat(plan.closed().grams())
                .isEqualTo(Planner.plan(Z_FOLD).closed().grams());
    }

    @Test
    void stepsNameAdhesiveReasonAndDryingTime() {
        String steps = String.join(
                "\n",
                with(LATCH, topper("middle/face", "2 1/2 x 2 in", "-3/4", "2 1/2")).steps().stream()
                        .map(Step::text)
                        .toList());
        assertThat(steps).contains("foam pads: it needs to stand").contains("Put glue only where it covers the middle");
        String struts = String.join(
                "\n",
                Planner.plan(Briefs.closed("floating-book", "7", "5")).steps().stream()
                        .map(Step::text)
                        .toList());
        assertThat(struts)
                .contains("Quick-tack glue: this joint takes a lot of pull")
                .contains("Let what is glued dry for 10 minutes before you bend or cover it")
                .contains("let it dry for a day before you post it");
    }

    /** What lies on a panel where another folds over it is shut in: it needs no foam and holds nothing. */
    @Test
    void anOrnamentUnderAFoldedPanelCrossesNothing() {
        PlacedOrnament shutIn = with(Z_FOLD, topper("back/face", "1 x 1 in", "2 1/4", "1 1/2"))
                .ornaments()
                .placed()
                .get(0);
        assertThat(shutIn.crosses()).isEmpty();
        assertThat(shutIn.lift()).isEqualTo(Length.ZERO);
    }

    @Test
    void aRingNeedsFlapsThatMeet() {
        Closure ring = Closure.parse("ring", UnitSystem.INCH);
        assertThat(snag(Planner.plan(Z_FOLD.withClosure(ring)), Snag.Code.CLOSURE_UNFIT))
                .hasValueSatisfying(s -> assertThat(s.fixes()).isNotEmpty());
        assertThat(snag(Planner.plan(Briefs.closed("gatefold", "5", "7").withClosure(ring)), Snag.Code.CLOSURE_UNFIT))
                .isEmpty();
    }

    @Test
    void aClosureIsCutScoredAndMakesTheCardThicker() {
        Plan open = Planner.plan(Z_FOLD);
        Plan shut = Planner.plan(Z_FOLD.withClosure(Closure.parse("belt", UnitSystem.INCH)));
        assertThat(shut.cutList()).anyMatch(c -> c.name().equals("belt"));
        assertThat(shut.steps()).anyMatch(s -> s.title().equals("Cut the belt"));
        assertThat(shut.closed().thickness().minus(open.closed().thickness()).millimetres())
                .isCloseTo(3 * 0.375, within(0.002));
    }

    /** Seen from any side the picture holds no more than the card, and closed exactly its outline. */
    @ParameterizedTest
    @MethodSource("folds")
    void everyFoldHasItsLooks(FoldDesign fold) {
        Brief brief = Briefs.closed(fold.id(), fold.id().equals("free-strip") ? null : "5", "7");
        List<Look> looks = Look.all(brief);
        assertThat(looks).extracting(l -> l.moment().how()).contains(Face.Seen.CLOSED, Face.Seen.BEHIND);
        double closed = Draft.of(brief).work().closed().footprint().getArea();
        for (Look look : looks) {
            double panels = look.regions().stream()
                    .filter(r -> r.layer() == 0)
                    .mapToDouble(r -> r.outline().getArea())
                    .sum();
            assertThat(panels).isGreaterThan(0);
            if (look.moment().how() == Face.Seen.CLOSED || look.moment().how() == Face.Seen.BEHIND) {
                assertThat(panels).isCloseTo(closed, within(closed * 0.3));
                assertThat(panels).isLessThan(closed * 1.001);
            }
        }
    }

    /** As it stands, what is seen of panels that hide each other never adds up to more than the outline of all. */
    @Test
    void aPictureOfTheStandingCardShowsEachSpotOnce() {
        for (String fold : List.of("tower", "side-step", "w-fold", "stage", "floating-book")) {
            Look look = Look.all(Briefs.closed(fold, "5", "7")).stream()
                    .filter(l -> l.moment().how() == Face.Seen.DISPLAYED)
                    .findFirst()
                    .orElseThrow();
            List<Polygon> panels = look.regions().stream()
                    .filter(r -> r.layer() == 0)
                    .map(Look.Region::outline)
                    .toList();
            double sum = panels.stream().mapToDouble(Polygon::getArea).sum();
            assertThat(vantbreeze.structure.Regions.union(panels).getArea())
                    .as(fold)
                    .isCloseTo(sum, within(sum * 1e-3));
        }
    }

    /** By hand: two cards of 0.375 mm, three mats of 0.2 mm, foam of 2 mm and a paper of 0.25 mm; it reaches over the mat. */
    @Test
    void whatLiesUnderAnyPartOfATopperLiftsAllOfIt() {
        Ornament wide = topper("front/back", "3 7/8 x 4 in", "1/16", "1/2")
                .lifted(Optional.of(vantbreeze.measure.Length.millimetres(2L)));
        Plan plan = with(Briefs.closed("book", "4", "5"), wide);
        assertThat(plan.closed().thickness().millimetres()).isCloseTo(0.75 + 0.6 + 2 + 0.25, within(0.01));
    }

    /** Equally dressed gates lie equally high, wherever the topper's edge falls. */
    @ParameterizedTest
    @ValueSource(strings = {"1/16", "1/8", "1/4", "1"})
    void equallyDressedGatesNeedNoFoamBetweenThem(String x) {
        Plan plan = with(Briefs.closed("gatefold", "5", "7"), topper("left gate/back", "3 x 2 in", x, "2"));
        assertThat(snag(plan, Snag.Code.ORNAMENT_TOO_LOW)).isEmpty();
        assertThat(plan.ornaments().placed().get(0).needed()).isEqualTo(vantbreeze.measure.Length.ZERO);
    }

    /** On the gate that lies below it crosses the other one: it is lifted over that one, and it is seen whole. */
    @Test
    void aTopperOnOverlappingGatesLiesAboveBothOfThem() {
        Brief gates = Briefs.closed("gatefold", "5", "7").with("gap", in("-1"));
        int lifted = 0;
        for (String gate : List.of("left gate", "right gate")) {
            /* Half an inch beyond the gate's free edge. */
            Plan plan =
                    with(gates, topper(gate + "/back", "2 x 2 in", gate.startsWith("left") ? "1 1/2" : "-1/2", "2"));
            PlacedOrnament placed = plan.ornaments().placed().get(0);
            double seen = plan.closed().front().stream()
                    .filter(r -> r.layer() == Look.ORNAMENT)
                    .mapToDouble(r -> r.outline().getArea())
                    .sum();
            assertThat(placed.crosses()).hasSize(1);
            assertThat(seen).isCloseTo(placed.onPiece().getArea(), within(1.0));
            lifted += placed.needed().isPositive() ? 1 : 0;
            assertThat(placed.lift()).isGreaterThanOrEqualTo(placed.needed());
        }
        /* On the upper gate it lies flat, over the lower one's edge it hangs; on the lower gate foam lifts it. */
        assertThat(lifted).isEqualTo(1);
    }
}
