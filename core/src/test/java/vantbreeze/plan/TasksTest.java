package vantbreeze.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import vantbreeze.catalogue.FoldCatalogue;
import vantbreeze.catalogue.FoldDesign;
import vantbreeze.catalogue.Parameter;
import vantbreeze.fold.FlatFolder;
import vantbreeze.layer.Mat;
import vantbreeze.layer.Ornament;
import vantbreeze.layer.Outline;
import vantbreeze.make.PlacedBySlits;
import vantbreeze.material.Paper;
import vantbreeze.material.Print;
import vantbreeze.measure.Length;
import vantbreeze.measure.UnitSystem;
import vantbreeze.operation.Close;
import vantbreeze.operation.Crease;
import vantbreeze.operation.CutParts;
import vantbreeze.operation.Dry;
import vantbreeze.operation.FenceSetting;
import vantbreeze.operation.FoldPiece;
import vantbreeze.operation.Glued;
import vantbreeze.operation.LayMats;
import vantbreeze.operation.LayTopper;
import vantbreeze.operation.Operation;
import vantbreeze.operation.OwnRoom;
import vantbreeze.operation.OwnStep;
import vantbreeze.operation.OwnWork;
import vantbreeze.operation.Phase;
import vantbreeze.operation.Prick;
import vantbreeze.operation.Score;
import vantbreeze.operation.Sketch;
import vantbreeze.operation.Span;
import vantbreeze.operation.Task;
import vantbreeze.operation.Tasks;
import vantbreeze.operation.Technique;
import vantbreeze.part.Part;
import vantbreeze.structure.Bond;
import vantbreeze.structure.Fold;
import vantbreeze.structure.Form;
import vantbreeze.structure.Piece;
import vantbreeze.structure.PieceBuilder;
import vantbreeze.structure.Point;
import vantbreeze.structure.ScoreLine;
import vantbreeze.structure.Side;
import vantbreeze.structure.Structure;

/** The tasks by themselves, without their words, make the card that was worked out. */
class TasksTest {

    static Stream<FoldDesign> folds() {
        return FoldCatalogue.all().stream()
                .filter(f -> f.parameters().stream().noneMatch(p -> p.kind() == Parameter.Kind.PANELS));
    }

    private static Plan plan(FoldDesign fold) {
        return Planner.plan(Briefs.closed(fold.id(), "4 1/4", "5 1/2"));
    }

    private static <W extends Operation> List<W> work(Plan plan, Class<W> kind) {
        return plan.tasks().stream()
                .map(Task::operation)
                .filter(kind::isInstance)
                .map(kind::cast)
                .toList();
    }

    @ParameterizedTest
    @MethodSource("folds")
    void everyTaskComesAfterAllItNeeds(FoldDesign fold) {
        Set<String> done = new HashSet<>();
        for (Task task : plan(fold).tasks()) {
            assertThat(done).as(task.id()).containsAll(task.after());
            assertThat(done.add(task.id())).as(task.id()).isTrue();
        }
    }

    private static Set<String> placed(FoldPiece fold) {
        return fold.pushed().isEmpty() ? Set.of() : PlacedBySlits.of(fold.piece());
    }

    @ParameterizedTest
    @MethodSource("folds")
    void everythingIsDoneOnce(FoldDesign fold) {
        Plan plan = plan(fold);
        List<String> scored = new ArrayList<>();
        work(plan, Score.class).stream()
                .filter(s -> !s.across())
                .flatMap(s -> s.ways().stream())
                .forEach(s -> s.settings().forEach(t -> scored.addAll(t.scores())));
        work(plan, Crease.class).forEach(c -> c.scores().forEach(scored::addAll));
        work(plan, Prick.class).forEach(p -> scored.addAll(p.scores()));
        /* What is pushed through between the ends of cuts is never scored. */
        work(plan, FoldPiece.class).forEach(f -> scored.addAll(placed(f)));
        List<String> lines = new ArrayList<>();
        plan.structure().pieces().stream()
                .filter(p -> !p.scoredAcross())
                .forEach(p -> p.scores().forEach(s -> lines.add(s.id())));
        assertThat(scored).containsExactlyInAnyOrderElementsOf(lines);
        assertThat(plan.tasks().stream()
                        .flatMap(t -> t.operation().joints().stream())
                        .map(Glued::bond))
                .containsExactlyInAnyOrderElementsOf(plan.structure().bonds());
        List<Mat> laid = new ArrayList<>();
        work(plan, LayMats.class).forEach(l -> laid.addAll(l.mats()));
        assertThat(laid)
                .hasSameSizeAs(plan.dressing().mats())
                .containsAll(plan.dressing().mats());
        List<String> cut = new ArrayList<>();
        work(plan, CutParts.class).forEach(c -> c.what().forEach(a -> a.parts().forEach(p -> cut.add(p.id()))));
        assertThat(cut)
                .containsExactlyInAnyOrderElementsOf(plan.parts().stream()
                        .filter(p -> p.offcutOf().isEmpty())
                        .map(Part::id)
                        .toList());
    }

    /** Rectangles without slits, cut and scored anew from the numbers of the tasks alone, fold to the same closed card. */
    @ParameterizedTest
    @MethodSource("folds")
    void theNumbersOfTheTasksGiveTheCard(FoldDesign fold) {
        Plan plan = plan(fold);
        Structure planned = plan.structure();
        Structure.Builder made = planned.extended();
        int again = 0;
        for (Piece piece : planned.pieces()) {
            boolean plain = piece.form() == Form.RECTANGLE
                    && piece.slits().isEmpty()
                    && piece.holes().isEmpty()
                    && !piece.scoredAcross()
                    && piece.scores().stream().allMatch(s -> s.isUpright() || s.isLevel());
            if (plain) {
                made.replace(cutAndScored(plan, piece));
                again++;
            }
        }
        Structure card = made.build();
        assertThat(FlatFolder.closed(card).faults()).isEmpty();
        var wanted = FlatFolder.closed(planned).box();
        var got = FlatFolder.closed(card).box();
        assertThat(got.getWidth()).isCloseTo(wanted.getWidth(), within(1.0));
        assertThat(got.getHeight()).isCloseTo(wanted.getHeight(), within(1.0));
        assertThat(again).isLessThanOrEqualTo(planned.pieces().size());
    }

    private static Piece cutAndScored(Plan plan, Piece piece) {
        Part cut = work(plan, CutParts.class).stream()
                .flatMap(c -> c.what().stream())
                .flatMap(a -> a.parts().stream())
                .filter(p -> p.id().equals("piece/" + piece.name()))
                .findFirst()
                .orElseThrow();
        Length width = cut.size().width();
        Length height = cut.size().height();
        PieceBuilder made = Piece.rectangle(piece.name(), width, height);
        for (Score task : work(plan, Score.class)) {
            if (task.pieces().list().stream().noneMatch(p -> p.name().equals(piece.name()))) {
                continue;
            }
            Fold fold = task.side() == Side.FACE ? Fold.MOUNTAIN : Fold.VALLEY;
            for (FenceSetting setting : task.settings()) {
                boolean over = task.side() == Side.BACK;
                Length at = setting.upright() && over ? width.minus(setting.at()) : setting.at();
                List<Span> spans = setting.spans().isEmpty()
                        ? List.of(new Span(Length.ZERO, setting.upright() ? height : width))
                        : setting.spans();
                for (int i = 0; i < spans.size(); i++) {
                    Length from = spans.get(i).from();
                    Length to = spans.get(i).to();
                    if (!setting.upright() && over) {
                        Length begins = width.minus(to);
                        to = width.minus(from);
                        from = begins;
                    }
                    List<String> ids = setting.scores().stream()
                            .filter(s -> piece.scores().stream().anyMatch(l -> l.id().equals(s)))
                            .toList();
                    String id = ids.get(Math.min(i, ids.size() - 1));
                    made.score(line(id, setting.upright(), at, from, to, fold));
                }
            }
        }
        piece.names().forEach(n -> made.name(n.name(), n.inside()));
        return piece.isClear() ? made.clear().build() : made.build();
    }

    private static ScoreLine line(String id, boolean upright, Length at, Length from, Length to, Fold fold) {
        return upright
                ? new ScoreLine(id, new Point(at, from), new Point(at, to), fold)
                : new ScoreLine(id, new Point(from, at), new Point(to, at), fold);
    }

    private static Plan dressed(OwnStep... own) {
        return Planner.plan(Briefs.closed("z-fold", "4 1/4", "5 1/2").withOwnSteps(List.of(own)));
    }

    private static int at(Plan plan, java.util.function.Predicate<Task> wanted) {
        return at(plan.tasks(), wanted);
    }

    private static int at(List<Task> tasks, java.util.function.Predicate<Task> wanted) {
        for (int i = 0; i < tasks.size(); i++) {
            if (wanted.test(tasks.get(i))) {
                return i;
            }
        }
        throw new AssertionError("There is no such task.");
    }

    /** A sentiment is stamped before its mat is laid, and its ink is dry before it is covered. Common practice. */
    @ParameterizedTest
    @EnumSource(Technique.class)
    void anOwnStepStandsWhereItCanStillBeDone(Technique technique) {
        Plan bare = Planner.plan(Briefs.closed("z-fold", "4 1/4", "5 1/2"));
        String mat = bare.parts().stream()
                .filter(p -> p.kind() == Part.Kind.MAT)
                .findFirst()
                .orElseThrow()
                .id();
        Plan plan = dressed(new OwnStep(technique, mat, "With care"));
        int dress = at(plan, t -> t.operation() instanceof OwnWork);
        int laid = at(plan, t -> t.operation() instanceof LayMats && t.parts().contains(mat));
        int cut = at(plan, t -> t.operation() instanceof CutParts && t.parts().contains(mat));
        assertThat(dress).isGreaterThan(cut);
        if (technique.when() == Technique.When.FLAT) {
            assertThat(dress).isLessThan(laid);
        } else {
            assertThat(dress).isGreaterThan(laid);
        }
        assertThat(dress).isLessThan(at(plan, t -> t.operation() instanceof Close));
        assertThat(plan.tasks().get(dress).operation().hazards()).containsAll(technique.hazards());
        if (technique.minutes() > 0) {
            int dry = at(plan, t -> t.id().startsWith("dry/dress"));
            assertThat(dry).isGreaterThan(dress);
            assertThat(plan.tasks().get(dry).operation())
                    .isEqualTo(new Dry(technique.minutes(), "the mat for the front"));
            assertThat(dry)
                    .isLessThan(
                            technique.when() == Technique.When.FLAT
                                    ? laid
                                    : plan.tasks().size());
        }
        assertThat(plan.tasks()).hasSize(bare.tasks().size() + (technique.minutes() > 0 ? 2 : 1));
    }

    /** Each place that is offered is one where the step then stands, and the order of the others stays as it was. */
    @ParameterizedTest
    @MethodSource("folds")
    void anOwnStepStandsWhereTheMakerPutIt(FoldDesign fold) {
        Brief brief = Briefs.closed(fold.id(), "4 1/4", "5 1/2");
        Plan bare = Planner.plan(brief);
        List<String> order = bare.tasks().stream().map(Task::id).toList();
        String face = "face/" + bare.faces().get(bare.faces().size() - 1).key();
        for (Technique technique : List.of(Technique.STAMP, Technique.GEMS)) {
            OwnRoom room = bare.room(new OwnStep(technique, face, "")).orElseThrow();
            assertThat(room.after()).isNotEmpty();
            for (String task : order) {
                for (OwnStep.Beside.Order way : OwnStep.Beside.Order.values()) {
                    boolean isBefore = way == OwnStep.Beside.Order.BEFORE;
                    OwnStep step = new OwnStep(technique, face, "", Optional.of(new OwnStep.Beside(way, task)));
                    List<Task> tasks = with(bare, step, step);
                    List<Task> others = tasks.stream()
                            .filter(t -> !t.id().contains("dress/"))
                            .toList();
                    assertThat(others).extracting(Task::id).isEqualTo(order);
                    boolean offered = (isBefore ? room.before() : room.after()).contains(task);
                    assertThat(Tasks.astray(tasks))
                            .as("%s: %s %s %s", fold.id(), technique, way, task)
                            .hasSize(offered ? 0 : 2);
                    if (offered) {
                        int own = at(tasks, t -> t.operation() instanceof OwnWork);
                        int many = technique.minutes() > 0 ? 4 : 2;
                        assertThat(tasks.get(isBefore ? own + many : own - 1).id())
                                .isEqualTo(task);
                    }
                    assertThat(isInOrder(tasks)).isTrue();
                }
            }
        }
    }

    private static List<Task> with(Plan plan, OwnStep... own) {
        return Tasks.of(
                plan.structure(),
                plan.faces(),
                plan.dressing(),
                plan.ornaments(),
                plan.closure(),
                plan.parts(),
                plan.brief().sheet().name(),
                plan.brief().tools(),
                Map.of(),
                List.of(own));
    }

    /** Each task stands behind all that it needs. */
    private static boolean isInOrder(List<Task> tasks) {
        Set<String> done = new HashSet<>();
        return tasks.stream().allMatch(t -> done.containsAll(t.after()) && done.add(t.id()));
    }

    /** Common practice: gems are set on a topper while it lies in front of the maker, before it goes onto the card. */
    @Test
    void aTopperIsDressedBeforeItIsLaid() {
        Brief brief = Briefs.closed("z-fold", "4 1/4", "5 1/2")
                .withOrnaments(List.of(new Ornament(
                        "star",
                        "front/face",
                        Outline.parse("circle 1 in", UnitSystem.INCH),
                        Length.inches(1, 4),
                        Length.inches(1, 4),
                        Optional.empty(),
                        Briefs.card(200),
                        Ornament.Glue.OWN_PANEL)));
        OwnStep step = new OwnStep(
                Technique.GEMS,
                "topper/star",
                "",
                Optional.of(new OwnStep.Beside(OwnStep.Beside.Order.BEFORE, "lay/topper/star")));
        Plan plan = Planner.plan(brief.withOwnSteps(List.of(step)));
        int own = at(plan, t -> t.operation() instanceof OwnWork);
        assertThat(plan.tasks().get(own + 2).id()).isEqualTo("lay/topper/star");
        assertThat(plan.tasks().get(own + 2).after())
                .contains(plan.tasks().get(own + 1).id());
        assertThat(own).isGreaterThan(at(plan, t -> t.id().equals("cut/toppers/last")));
    }

    private static Plan oneWay(String fold) {
        Brief brief = Briefs.closed(fold, "4 1/4", "5 1/2");
        return Planner.plan(
                brief.withMatting(brief.matting().withEach(p -> new Paper(p.stock(), p.colour(), Print.UPRIGHT))));
    }

    private static String laying(Plan plan) {
        return plan.tasks().stream()
                .filter(t -> t.operation() instanceof LayMats)
                .map(t -> t.step(plan.brief().ruler()).text())
                .collect(Collectors.joining(" "));
    }

    /** A card that opens upwards: the picture on its front is laid on its head while the sheet lies open. Common practice. */
    @Test
    void whatIsLaidUpsideDownIsSaidWhereItIsLaid() {
        assertThat(laying(oneWay("z-fold")))
                .contains("Keep the top of each pattern up.")
                .doesNotContain("upside down");
        assertThat(laying(oneWay("top-fold")))
                .contains(
                        "On the front (back side) lay the pattern upside down: it is the right way up once the card is folded.");
    }

    /** Cut and laid: an arrow in each drawing, towards the top of each mat's pattern. */
    @ParameterizedTest
    @MethodSource("folds")
    void aOneWayPatternHasAnArrow(FoldDesign fold) {
        Plan plan = oneWay(fold.id());
        long arrows = plan.tasks().stream()
                .filter(t -> t.operation() instanceof LayMats)
                .flatMap(t -> t.sketch(plan.structure(), plan.brief().ruler()).strokes().stream())
                .filter(s -> s.line() == Sketch.Line.TOP)
                .count();
        assertThat(arrows)
                .isEqualTo(plan.dressing().mats().stream()
                        .filter(m -> m.paper().hasUp())
                        .count());
        assertThat(plan.steps().stream().filter(s -> s.title().startsWith("Cut the mats")))
                .anyMatch(s -> s.text().contains("pattern"));
    }

    /** What is joined over is done before. */
    @Test
    void aHiddenFaceIsDressedBeforeAssembly() {
        for (FoldDesign fold : folds().toList()) {
            Brief brief = Briefs.closed(fold.id(), "4 1/4", "5 1/2");
            List<OwnStep> own = Planner.plan(brief).faces().stream()
                    .filter(f -> f.beforeAssembly())
                    /* What is dressed over glued feet is dressed after them. */
                    .filter(f -> Planner.plan(brief)
                            .structure()
                            .dressed(f.panel(), f.side())
                            .isEmpty())
                    .flatMap(f -> Stream.of(Technique.STAMP, Technique.MESSAGE)
                            .map(t -> new OwnStep(t, "face/" + f.key(), "")))
                    .limit(OwnStep.MOST_ON_A_CARD)
                    .toList();
            Plan plan = Planner.plan(brief.withOwnSteps(own));
            assertThat(plan.tasks().stream().filter(t -> t.operation() instanceof OwnWork))
                    .hasSameSizeAs(own);
            boolean joined = false;
            for (Task task : plan.tasks()) {
                joined |=
                        task.phase() == Phase.JOIN && !task.operation().joints().isEmpty();
                assertThat(joined && task.operation() instanceof OwnWork)
                        .as(fold.id() + task.id())
                        .isFalse();
            }
        }
    }

    @Test
    void whatIsGoneIsASnagAndNoTask() {
        Plan plan = dressed(new OwnStep(Technique.STAMP, "face/nowhere/face", "A star"));
        assertThat(plan.tasks()).noneMatch(t -> t.operation() instanceof OwnWork);
        assertThat(plan.snags()).anyMatch(s -> s.text().contains("nowhere"));
    }

    /** Of a mock-up only what makes the card move: no mats, no toppers, no own steps, and it still closes. */
    @ParameterizedTest
    @MethodSource("folds")
    void aMockUpIsTheMechanismAlone(FoldDesign fold) {
        List<Task> mock = plan(fold).tasks().stream().filter(Task::mechanism).toList();
        assertThat(mock).noneMatch(t -> t.operation() instanceof LayMats || t.operation() instanceof LayTopper);
        assertThat(mock.get(mock.size() - 1).operation()).isInstanceOf(Close.class);
        assertThat(mock.stream().flatMap(t -> t.operation().joints().stream())).hasSize((int)
                plan(fold).structure().bonds().stream().map(Bond::id).count());
    }

    /** Common practice: for a batch every number is for all of them, with how many a card. */
    @Test
    void aBatchCountsAllOfThem() {
        Plan plan = plan(FoldCatalogue.named("twin-pillar"));
        List<String> told = plan.tasks().stream()
                .map(t -> t.step(plan.brief().ruler(), 3).text())
                .toList();
        assertThat(told.get(0)).contains("both mains to").contains("(6 in all, 2 a card)");
        assertThat(told)
                .anyMatch(t -> t.matches("From grey blue paper, cut: 12 of .*, 4 a card; 36 of .*, 12 a card.*"));
        assertThat(plan.tasks())
                .allSatisfy(t -> assertThat(t.step(plan.brief().ruler(), 1).text())
                        .isEqualTo(t.step(plan.brief().ruler()).text()));
    }

    /** The same card always has the same ids: places kept in a task outlive a restart. */
    @Test
    void idsAreStable() {
        Map<String, List<String>> ids = new HashMap<>();
        for (FoldDesign fold : folds().toList()) {
            ids.put(fold.id(), plan(fold).tasks().stream().map(Task::id).toList());
        }
        for (FoldDesign fold : folds().toList()) {
            assertThat(plan(fold).tasks().stream().map(Task::id)).containsExactlyElementsOf(ids.get(fold.id()));
        }
    }

    /** Every piece that is folded shows how, from flat to closed; a piece that needs others to hold it says nothing. */
    @ParameterizedTest
    @MethodSource("folds")
    void everyPieceShowsHowItIsFolded(FoldDesign fold) {
        Card card = new Card(Briefs.closed(fold.id(), "4 1/4", "5 1/2"));
        for (FoldPiece task : work(card.plan(), FoldPiece.class)) {
            Folding folding = card.folding(task.piece().name());
            if (folding.motions().isEmpty()) {
                /* Its strips hold each other: none lies flat folded by itself. */
                assertThat(fold.id()).isEqualTo("never-ending-card");
                continue;
            }
            assertThat(folding.motions()).as(fold.id() + task.piece().name()).hasSize(1);
            assertThat(folding.motions().get(0).blocked())
                    .as(fold.id() + task.piece().name())
                    .isEmpty();
        }
    }

    /** What is drawn is what is done: lines as long, glue as large, mats as many as the task has. */
    @ParameterizedTest
    @MethodSource("folds")
    void drawingsShowTheirTasks(FoldDesign fold) {
        Plan plan = plan(fold);
        for (Task task : plan.tasks()) {
            Sketch sketch = task.sketch(plan.structure(), plan.brief().ruler());
            if (task.operation() instanceof Score score && !score.across()) {
                double drawn = length(sketch, Sketch.Line.SCORE);
                Piece shown = score.pieces().list().stream()
                        .max(Comparator.comparingDouble(Piece::squareMillimetres))
                        .orElseThrow();
                double wanted = shown.scores().stream()
                        .filter(s -> score.settings().stream()
                                .anyMatch(t -> t.scores().contains(s.id())))
                        .mapToDouble(s -> s.from().coordinate().distance(s.to().coordinate()))
                        .sum();
                assertThat(drawn).as(task.id()).isCloseTo(wanted, within(2.0));
            } else if (!task.operation().joints().isEmpty()) {
                double drawn = sketch.areas().stream()
                        .filter(a -> a.surface() == Sketch.Surface.GLUE)
                        .mapToDouble(a -> a.outline().getArea())
                        .sum();
                assertThat(drawn)
                        .as(task.id())
                        .isPositive()
                        .isCloseTo(
                                task.operation().joints().stream()
                                        .mapToDouble(g -> g.part().area().getArea())
                                        .sum(),
                                within(1.0));
            } else if (task.operation() instanceof LayMats lay) {
                assertThat(sketch.areas().stream().filter(a -> a.surface() == Sketch.Surface.MAT))
                        .hasSameSizeAs(lay.mats());
            } else if (task.operation() instanceof Dry || task.operation() instanceof Close) {
                assertThat(sketch.isEmpty()).isTrue();
            } else if (task.operation().up().isPresent()) {
                assertThat(sketch.isEmpty()).as(task.id()).isFalse();
            }
        }
    }

    private static double length(Sketch sketch, Sketch.Line line) {
        return sketch.strokes().stream()
                .filter(s -> s.line() == line)
                .mapToDouble(s -> s.from().distance(s.firstEnd()))
                .sum();
    }
}
