package vantbreeze.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static vantbreeze.plan.Briefs.in;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.catalogue.FoldCatalogue;
import vantbreeze.layer.Closure;
import vantbreeze.layer.Mat;
import vantbreeze.layer.Matting;
import vantbreeze.layer.MessageRoom;
import vantbreeze.layer.Ornament;
import vantbreeze.layer.Outline;
import vantbreeze.material.Sheet;
import vantbreeze.measure.Length;
import vantbreeze.measure.Size;
import vantbreeze.measure.ToolGrid;
import vantbreeze.measure.UnitSystem;
import vantbreeze.operation.FoldPiece;
import vantbreeze.operation.Glued;
import vantbreeze.operation.LayMats;
import vantbreeze.operation.Task;
import vantbreeze.operation.Trim;
import vantbreeze.part.Part;
import vantbreeze.post.Envelope;
import vantbreeze.structure.Grouped;
import vantbreeze.structure.Hinge;
import vantbreeze.structure.Panel;
import vantbreeze.structure.ScoreLine;

/** What screens and steps state of whole cards, each held against a second way of telling. */
class ClaimsTest {

    static Stream<String> folds() {
        return FoldCatalogue.all().stream().map(f -> f.id());
    }

    private static Ornament topper(String name, String face, String size, String x, String y, Ornament.Glue glue) {
        return new Ornament(
                name,
                face,
                Outline.parse(size, UnitSystem.INCH),
                in(x),
                in(y),
                Optional.empty(),
                Briefs.card(200),
                glue);
    }

    private static Brief layered(Brief brief, int layers) {
        return Briefs.matted(
                brief, Briefs.matting(layers, in("1/8"), ToolGrid.SIXTEENTH_INCH, Matting.Meeting.RUN_ON, Map.of()));
    }

    // ---- pictures

    private static String topAt(Look look, double x, double y) {
        String top = "";
        for (Look.Region r : look.regions()) {
            if (r.outline().contains(r.outline().getFactory().createPoint(new Coordinate(x, y)))) {
                top = r.face().key() + (r.layer() == Look.ORNAMENT ? " topper" : "");
            }
        }
        return top;
    }

    /** A topper on the front that reaches beyond its panel lies over what is on the panels behind it, whichever was laid first. */
    @ParameterizedTest
    @CsvSource({"true", "false"})
    void aTopperInFrontIsPaintedOverPapersAndToppersBehind(boolean frontFirst) {
        Ornament front = topper("front", "front/face", "4 x 1 in", "1/2", "1 1/2", Ornament.Glue.OWN_PANEL);
        Ornament behind = topper("behind", "back/face", "2 x 3 in", "1/4", "1/2", Ornament.Glue.OWN_PANEL);
        Brief brief = Briefs.closed("z-fold", "5 1/2", "4 1/4")
                .withOrnaments(frontFirst ? List.of(front, behind) : List.of(behind, front));
        Plan plan = Planner.plan(brief);
        Panel panel = plan.structure().panel("front");
        assertThat(panel.box().width()).as("the topper reaches 1 3/4 in beyond").isEqualTo(in("2 3/4"));
        Look closed = Look.all(brief).get(0);
        double n = Length.COUNTS_PER_INCH;
        assertThat(closed.moment().stage()).isEqualTo("closed");
        for (double x : new double[] {1, 2, 3, 4, 4.4}) {
            assertThat(topAt(closed, x * n, 2 * n)).as("at %.1f in", x).isEqualTo("front/face topper");
        }
        for (Look look : Look.all(brief)) {
            List<Look.Region> toppers = look.regions().stream()
                    .filter(r -> r.layer() == Look.ORNAMENT)
                    .toList();
            int last = -1;
            int of = -1;
            for (int i = 0; i < toppers.size(); i++) {
                if (toppers.get(i).face().key().equals("front/face")) {
                    last = i;
                } else {
                    of = i;
                }
            }
            if (last >= 0
                    && of >= 0
                    && toppers.get(last).outline().overlaps(toppers.get(of).outline())) {
                assertThat(last).as("in front of the other, %s", look.moment()).isGreaterThan(of);
            }
        }
    }

    /** What is inside does not shine through the panel in front of it, also where it reaches beyond its own. */
    @Test
    void aTopperBehindIsHiddenByThePanelInFront() {
        Ornament behind = topper("behind", "back/face", "2 1/4 x 3 in", "-1", "1/2", Ornament.Glue.OWN_PANEL);
        Brief brief = Briefs.closed("z-fold", "5 1/2", "4 1/4").withOrnaments(List.of(behind));
        Look closed = Look.all(brief).get(0);
        double n = Length.COUNTS_PER_INCH;
        assertThat(topAt(closed, 1.5 * n, 2 * n)).isEqualTo("front/face");
    }

    @Test
    void aTopperHalfUnderAGluedBandIsSaid() {
        Brief card = Briefs.closed("double-z", "5 1/2", "4 1/4");
        Ornament half = topper("leaf", "front/face", "1 x 1 in", "1/2", "2", Ornament.Glue.OWN_PANEL);
        Plan plan = Planner.plan(card.withOrnaments(List.of(half)));
        assertThat(plan.snags())
                .filteredOn(s -> s.code() == Snag.Code.ORNAMENT_UNDER)
                .singleElement()
                .satisfies(s -> assertThat(s.text()).contains("lies under the band"));
        Ornament clear = topper("leaf", "front/face", "1 x 1 in", "1/2", "3", Ornament.Glue.OWN_PANEL);
        assertThat(Planner.plan(card.withOrnaments(List.of(clear))).snags())
                .noneMatch(s -> s.code() == Snag.Code.ORNAMENT_UNDER);
    }

    /** The two fronts of a peaked house stay within four degrees of one plane; the two gates of a gatefold part. */
    @Test
    void onlyPanelsThatPartAreStopped() {
        Brief house = Briefs.closed("peaked-house", "4", "6")
                .withOrnaments(
                        List.of(topper("door", "left front/face", "2 x 1 1/2 in", "1", "3", Ornament.Glue.WHOLE)));
        assertThat(Planner.plan(house).snags())
                .noneMatch(s -> s.severity() == Severity.STOP && s.place().id().equals("door"));
        Brief gates = Briefs.closed("gatefold", "5", "5")
                .withOrnaments(
                        List.of(topper("door", "left gate/back", "2 x 1 1/2 in", "1 1/2", "2", Ornament.Glue.WHOLE)));
        assertThat(Planner.plan(gates).snags()).anyMatch(s -> s.code() == Snag.Code.ORNAMENT_STICKS_PANELS);
    }

    // ---- room to write

    /** No room runs from one panel to another over a score that ever folds. */
    @ParameterizedTest
    @MethodSource("folds")
    void noRoomRunsAcrossALiveFold(String fold) {
        for (int mats : new int[] {0, 1}) {
            Plan plan = Planner.withoutFixes(layered(Briefs.closed(fold, "4 1/4", "5 1/2"), mats));
            for (MessageRoom room : plan.messageRoom()) {
                Set<Panel> together = new HashSet<>(List.of(room.face().panel()));
                room.across().forEach(f -> together.add(f.panel()));
                for (Hinge hinge : plan.structure().hinges()) {
                    if (together.contains(hinge.first()) && together.contains(hinge.second())) {
                        assertThat(plan.structure().stages().stream()
                                        .filter(s -> s.role() != vantbreeze.structure.Stage.Role.MADE)
                                        .allMatch(s -> s.degrees(hinge.score().id()) == 0))
                                .as("%s: %s", fold, room.label())
                                .isTrue();
                    }
                }
                if (room.across().isEmpty()) {
                    Polygon own = room.face().panel().outline();
                    assertThat(room.size().squareMillimetres())
                            .as("%s: %s", fold, room.label())
                            .isLessThanOrEqualTo(own.getArea() / Math.pow(Length.COUNTS_PER_MILLIMETRE, 2) * 1.35);
                }
            }
        }
    }

    /** A white paper of 2 1/8 x 5 3/8 glued on a patterned back is for writing: it is 11 square inches. */
    @Test
    void aPlainPaperThatIsGluedOnCounts() {
        Brief tower =
                Briefs.printed(layered(Briefs.closed("tower", "4 1/4", "5 1/2"), 1), vantbreeze.material.Print.UPRIGHT);
        Ornament white = topper("white paper", "middle/back", "2 1/8 x 5 3/8 in", "1/16", "1/16", Ornament.Glue.WHOLE);
        Plan plan = Planner.plan(tower.withOrnaments(List.of(white)));
        assertThat(plan.snags()).noneMatch(s -> s.code() == Snag.Code.NO_MESSAGE_ROOM);
        assertThat(plan.messageRoom()).anyMatch(r -> r.size().equals(Briefs.in("2 1/8", "5 3/8")));
    }

    // ---- order and words

    /** Of one face every layer is laid after the one below it, in the same step or a later one. */
    @ParameterizedTest
    @MethodSource("folds")
    void everyLayerIsLaidAfterTheOneBelow(String fold) {
        for (String size : List.of("4 1/4 x 5 1/2", "6 x 4 3/4", "8 x 8")) {
            if (!Briefs.allows(fold, size)) {
                continue;
            }
            String[] sides = size.split(" x ");
            Plan plan = Planner.withoutFixes(layered(Briefs.closed(fold, sides[0], sides[1]), 3));
            Map<String, Integer> highest = new HashMap<>();
            for (Task task : plan.tasks()) {
                if (task.operation() instanceof LayMats lay) {
                    Map<String, Integer> lowest = new HashMap<>();
                    lay.mats().forEach(m -> lowest.merge(m.face().key(), m.layer(), Math::min));
                    lowest.forEach((face, layer) -> assertThat(layer)
                            .as("%s %s: %s", fold, size, face)
                            .isGreaterThanOrEqualTo(highest.getOrDefault(face, 0)));
                    lay.mats().forEach(m -> highest.merge(m.face().key(), m.layer(), Math::max));
                }
            }
        }
    }

    /** However the tasks are put in order, they depend on each other: the stack is safe in any order that keeps what comes after what. */
    @Test
    void layersDependOnEachOther() {
        Plan plan = Planner.plan(layered(Briefs.closed("bridge", "6", "4 3/4"), 2));
        List<Task> lays = plan.tasks().stream()
                .filter(t -> t.operation() instanceof LayMats)
                .toList();
        for (Task upper : lays) {
            for (Task lower : lays) {
                boolean over = ((LayMats) upper.operation())
                        .mats().stream()
                                .anyMatch(m -> ((LayMats) lower.operation())
                                        .mats().stream()
                                                .anyMatch(b -> b.face()
                                                                .key()
                                                                .equals(m.face().key())
                                                        && b.layer() < m.layer()));
                if (over && upper != lower) {
                    assertThat(upper.after()).contains(lower.id());
                }
            }
        }
    }

    /** Tape is never longer than the area that takes it, less what it keeps off its ends. */
    @ParameterizedTest
    @MethodSource("folds")
    void tapeIsNoLongerThanItsPlace(String fold) {
        List<Brief> briefs = new ArrayList<>(List.of(
                Briefs.closed(fold, "4 1/4", "5 1/2"), Briefs.closed(fold, "7", "5"), Briefs.closed(fold, "9", "4")));
        if (fold.equals("fold-back-gate")) {
            briefs.add(Briefs.closed(fold, "9", "4").with("base", "joined"));
        }
        for (Brief brief : briefs) {
            Plan plan;
            try {
                plan = Planner.withoutFixes(brief);
            } catch (BriefException notSoLong) {
                continue;
            }
            for (Task task : plan.tasks()) {
                for (Glued glue : task.operation().joints()) {
                    if (glue.tape().isEmpty()) {
                        continue;
                    }
                    Polygon laid = glue.bond().placement().apply(glue.laid().outline());
                    var shared = laid.intersection(glue.onto().outline()).getEnvelopeInternal();
                    double longest = Math.max(shared.getWidth(), shared.getHeight());
                    assertThat((double) glue.tape().get().count())
                            .as("%s: %s", fold, glue.bond().id())
                            .isLessThanOrEqualTo(longest - in("1/4").count() + 1);
                }
            }
        }
    }

    /** Every score is folded in some step, or is told to stay flat. */
    @ParameterizedTest
    @MethodSource("folds")
    void everyScoreIsFoldedInSomeStep(String fold) {
        Plan plan = Planner.withoutFixes(Briefs.closed(fold, "4 1/4", "5 1/2"));
        Set<String> folded = new HashSet<>();
        for (Task task : plan.tasks()) {
            if (task.operation() instanceof FoldPiece all) {
                all.ways()
                        .forEach(f -> f.settings()
                                .forEach(s -> assertThat(s.stretches()).isNotEmpty()));
                all.ways().stream()
                        .flatMap(f -> f.pieces().list().stream())
                        .flatMap(p -> p.scores().stream())
                        .map(ScoreLine::id)
                        .filter(plan.structure()::isFolded)
                        .forEach(folded::add);
            } else if (task.operation() instanceof Trim trim) {
                trim.shape().folded().ifPresent(s -> folded.add(s.id()));
            }
        }
        for (ScoreLine score : plan.structure().scores()) {
            boolean toldFlat = plan.structure().pieces().stream()
                    .anyMatch(p -> p.scores().contains(score)
                            && p.scoredAcross()
                            && plan.steps().stream().anyMatch(s -> s.text().contains("The rest stays flat")));
            assertThat(folded.contains(score.id()) || toldFlat)
                    .as("%s of %s", score.id(), fold)
                    .isTrue();
        }
    }

    /** No two panels are told apart by the order of their words alone. */
    @ParameterizedTest
    @MethodSource("folds")
    void noTwoPanelsAreNamedWithTheSameWords(String fold) {
        Plan plan = Planner.withoutFixes(Briefs.closed(fold, "4 1/4", "5 1/2"));
        assertThat(plan.structure().panels().stream().map(p -> words(p.name()))).doesNotHaveDuplicates();
    }

    /** What stands between commas is one thing: "tread 2, row 1" is none of "tread 1, row 2". */
    private static Set<List<String>> words(String name) {
        return Stream.of(name.split(", "))
                .map(part -> Stream.of(part.split(" ")).sorted().toList())
                .collect(java.util.stream.Collectors.toSet());
    }

    /** Names of pieces, toppers and closures are each of one thing. */
    @ParameterizedTest
    @MethodSource("folds")
    void noTwoPartsHaveOneName(String fold) {
        for (String closure : List.of("belt", "sleeve", "tongue")) {
            Plan plan;
            try {
                plan = Planner.withoutFixes(
                        Briefs.closed(fold, "4 1/4", "5 1/2").withClosure(Closure.parse(closure, UnitSystem.INCH)));
            } catch (BriefException noSuchClosure) {
                continue;
            }
            List<String> names = plan.parts().stream()
                    .filter(p -> p.kind() != Part.Kind.MAT)
                    .map(Part::name)
                    .toList();
            assertThat(names).as("%s with a %s", fold, closure).doesNotHaveDuplicates();
        }
    }

    @Test
    void aGroupSaysWhatItHolds() {
        List<String> all =
                List.of("figure 1", "figure 2", "figure 3", "figure 4", "figure 1 (back side)", "figure 2 (back side)");
        assertThat(Grouped.names(
                        List.of("figure 1", "figure 2", "figure 4", "figure 1 (back side)", "figure 2 (back side)"),
                        all))
                .containsExactly("both figures (back side)", "figure 1", "figure 2", "figure 4");
        List<String> many =
                Stream.iterate(1, i -> i + 1).limit(12).map(i -> "page " + i).toList();
        assertThat(Grouped.names(many.subList(0, 6), many)).containsExactly("6 of the 12 pages");
    }

    // ---- refusals

    /** As large as its envelope takes, with a topper that reaches out of every card: it plans, and says what is true. */
    @Test
    void aTopperThatReachesOutIsNoReasonToRefuse() {
        Ornament wide = topper("wide", "front/back", "7 x 1 in", "-1", "1", Ornament.Glue.OWN_PANEL);
        Brief brief = Briefs.forEnvelope("book", "a2us", Orientation.PORTRAIT).withOrnaments(List.of(wide));
        Plan plan = Planner.plan(brief);
        assertThat(plan.closed().size()).isEqualTo(Briefs.in("4 1/4", "5 1/2"));
        assertThat(plan.snags())
                .anyMatch(s -> s.code() == Snag.Code.ENVELOPE_TOO_SMALL)
                .anyMatch(s -> s.code() == Snag.Code.ORNAMENT_STICKS_OUT);
    }

    @Test
    void withoutAnEnvelopeTheSheetDecides() {
        Brief brief = Briefs.forEnvelope("book", "a2us", Orientation.PORTRAIT)
                .withEnvelope((Envelope) null)
                .withSheet(Sheet.named("letter"));
        Size size = Planner.plan(brief).closed().size();
        assertThat(size)
                .isEqualTo(Planner.plan(brief.withBasis(new Basis.FromSheet(1, Orientation.PORTRAIT)))
                        .closed()
                        .size());
    }

    // ---- mats

    /** Common practice, no published source: the turned corner of 3 in gets squares of 2 3/4 and 2 1/2. */
    @Test
    void theTurnedCornersMatsAreSquares() {
        Plan plan = Planner.plan(layered(Briefs.closed("corner-flip", "4 1/4", "5 1/2"), 2));
        assertThat(plan.dressing().mats())
                .filteredOn(m -> m.face().key().equals("corner/face"))
                .extracting(Mat::size)
                .containsExactly(Briefs.in("2 3/4", "2 3/4"), Briefs.in("2 1/2", "2 1/2"));
    }

    /** Common practice: mats of 1 3/4, 2 3/4 and 1 3/4 x 4 3/4 on a floating book's base, laid when the struts' feet are glued. */
    @Test
    void theFloatingBooksBaseHasThreeMats() {
        Plan plan = Planner.plan(layered(Briefs.closed("floating-book", "7", "5"), 1));
        assertThat(plan.dressing().mats())
                .filteredOn(m -> m.face().key().equals("base/face"))
                .extracting(Mat::size)
                .containsExactlyInAnyOrder(
                        Briefs.in("1 3/4", "4 3/4"), Briefs.in("2 3/4", "4 3/4"), Briefs.in("1 3/4", "4 3/4"));
        List<String> ids = plan.tasks().stream().map(Task::id).toList();
        int laid = ids.indexOf("lay/over/wet");
        assertThat(laid).isGreaterThan(ids.indexOf("glue/right strut 1 on base"));
        assertThat(laid).isLessThan(ids.indexOf("glue/left strut 1 on left half"));
        assertThat(plan.steps()).anyMatch(s -> s.title().equals("Fold the book"));
    }

    /** By hand: ends an eighth inside, arms of half the card: hinge at W/2 - 1/8, and the closed peak as far inside. */
    @Test
    void theWFoldsPeakLiesInsideTheEdge() {
        Plan plan = Planner.plan(Briefs.closed("w-fold", "5", "5"));
        assertThat(plan.structure().piece("strip").size()).isEqualTo(Briefs.in("10", "1 3/4"));
        assertThat(plan.structure().piece("strip").scores())
                .extracting(s -> s.from().x())
                .containsExactly(in("2 1/2"), in("5"), in("7 1/2"));
        var closed = vantbreeze.fold.FlatFolder.closed(plan.structure());
        var arm = closed.placed(plan.structure().panel("right arm")).outline().getEnvelopeInternal();
        assertThat(closed.box().getMaxX() - arm.getMaxX())
                .isCloseTo(in("1/8").count(), org.assertj.core.api.Assertions.within(1.0));
    }
}
