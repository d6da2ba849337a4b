package vantbreeze.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.apache.commons.math3.distribution.NormalDistribution;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.LineSegment;
import vantbreeze.catalogue.FoldDesign;
import vantbreeze.catalogue.LinePattern;
import vantbreeze.fold.FlatFolder;
import vantbreeze.fold.FlatStage;
import vantbreeze.hand.Check;
import vantbreeze.hand.Consequence;
import vantbreeze.hand.Forecast;
import vantbreeze.hand.Likelihood;
import vantbreeze.hand.Scatter;
import vantbreeze.material.Scoring;
import vantbreeze.measure.Length;
import vantbreeze.measure.Size;
import vantbreeze.measure.UnitSystem;
import vantbreeze.operation.Crease;
import vantbreeze.operation.Effect;
import vantbreeze.operation.Hand;
import vantbreeze.operation.Setting;
import vantbreeze.post.Envelope;
import vantbreeze.structure.ScoreLine;
import vantbreeze.structure.Side;

/** What hands make of a plan, against closed forms and against the card folded anew. */
class HandTest {

    private static final Scatter EXACT = new Scatter(Scatter.LEAST, Scatter.LEAST, Scatter.LEAST);

    static Stream<FoldDesign> folds() {
        return TasksTest.folds();
    }

    static Handiwork of(String fold) {
        return Handiwork.of(Planner.plan(Briefs.closed(fold, "4 1/4", "5 1/2"))).orElseThrow();
    }

    /** As new cards begin: all scores from one side. */
    static Handiwork inOnePass(String fold) {
        Brief brief = fold.equals("free-pattern")
                ? Briefs.of(fold, new Basis.ClosedSize(null, null))
                : Briefs.closed(fold, "4 1/4", "5 1/2");
        return Handiwork.of(Planner.plan(brief.withTools(brief.tools().with(Scoring.ONE_SIDE))))
                .orElseThrow();
    }

    private static double chance(Forecast forecast, Check.Kind kind) {
        return forecast.chances().stream()
                .filter(c -> c.kind() == kind)
                .findFirst()
                .orElseThrow()
                .probability();
    }

    /** Every ring of panels of every card as planned closes to rounding, and is told all the same. */
    @ParameterizedTest
    @MethodSource("folds")
    void everyRingOfACardAsPlannedCloses(FoldDesign fold) {
        Plan plan = Planner.plan(Briefs.closed(fold.id(), "4 1/4", "5 1/2"));
        FlatStage closed = FlatFolder.closed(plan.structure());
        int rings = plan.structure().hinges().size()
                + plan.structure().bonds().size()
                + plan.structure().slides().size()
                - (plan.structure().panels().size() - 1);
        assertThat(closed.gaps())
                .hasSize(rings)
                .allSatisfy(g -> assertThat(g.counts()).isLessThan(0.5));
    }

    /**
     * A card of two panels: its width misses by c, its score by s, so the one panel looks out beyond the other by c - 2 s:
     * normal, its variance the sum of the variances (any textbook of probability). Either may look out beyond the other by 0.8 mm,
     * about 1/32 in (common practice): 0.63 by hand for 0.4 mm.
     */
    @Test
    void aFoldedSheetAgreesWithTheVarianceOfASum() {
        for (double sigma : new double[] {0.2, 0.4, 0.8}) {
            Handiwork book = of("book");
            Forecast forecast = book.forecast(new Scatter(sigma, sigma, sigma));
            double deviation = Math.sqrt(5) * sigma;
            double expected = 2 * new NormalDistribution(0, deviation).cumulativeProbability(0.8) - 1;
            assertThat(chance(forecast, Check.Kind.STICKS_OUT)).isCloseTo(expected, within(0.03));
            if (sigma == 0.4) {
                assertThat(expected).isCloseTo(0.63, within(0.005));
            }
        }
    }

    /** Borders: laid by eye in the middle, they may differ from side to side by 0.8 mm, about 1/32 in (common practice). */
    @Test
    void bordersOfALaidMatAgreeWithTheNormalDistribution() {
        Handiwork book = of("book");
        Forecast forecast = book.forecast(new Scatter(Scatter.LEAST, Scatter.LEAST, 0.4));
        int mats = book.plan().dressing().mats().size();
        double one = 2 * new NormalDistribution(0, 0.4).cumulativeProbability(0.8) - 1;
        assertThat(chance(forecast, Check.Kind.BORDERS)).isCloseTo(Math.pow(one, 2 * mats), within(0.03));
    }

    /** Common practice: at every table a practised hand's plain cards come out. */
    @ParameterizedTest
    @MethodSource("folds")
    void aPractisedHandMakesEveryFold(FoldDesign fold) {
        assertThat(inOnePass(fold.id()).forecast(Scatter.USUAL).chances())
                .allSatisfy(c -> assertThat(c.likelihood()).as(fold.id() + c).isNotEqualTo(Likelihood.NEEDS_CARE));
    }

    @ParameterizedTest
    @MethodSource("folds")
    void exactHandsMakeItRightAndWorseHandsWorse(FoldDesign fold) {
        Handiwork work = of(fold.id());
        Forecast exact = work.forecast(EXACT);
        assertThat(exact.chances())
                .filteredOn(c -> c.kind() != Check.Kind.FITS)
                .allSatisfy(c -> assertThat(c.probability()).as(fold.id() + c).isGreaterThan(0.99));
        Forecast usual = work.forecast(Scatter.USUAL);
        Forecast worse = work.forecast(new Scatter(1, 1, 1));
        for (Check.Kind kind :
                exact.chances().stream().map(Forecast.Chance::kind).toList()) {
            assertThat(chance(usual, kind)).isLessThanOrEqualTo(chance(exact, kind));
            assertThat(chance(worse, kind)).isLessThanOrEqualTo(chance(usual, kind));
        }
        assertThat(usual).isEqualTo(work.forecast(Scatter.USUAL));
        assertThat(usual.helps()).allSatisfy(h -> assertThat(h.probability()).isGreaterThan(chance(usual, h.kind())));
    }

    /** What hands measured as planned has no consequence, for every fold. */
    @ParameterizedTest
    @MethodSource("folds")
    void asPlannedThereIsNothingToSay(FoldDesign fold) {
        Handiwork work = of(fold.id());
        Map<String, Length> measured = new java.util.HashMap<>();
        work.settings().stream().filter(Setting::measurable).forEach(k -> measured.put(k.key(), k.planned()));
        Consequence none = work.consequence(measured);
        assertThat(none.verdict()).isEqualTo(Consequence.Verdict.GO_ON);
        assertThat(none.faults()).isEmpty();
    }

    /** A panel of a Z-fold made an eighth too wide looks out; the later score moved along with it saves the piece. */
    @Test
    void aScoreSetBesideItsMarkIsSavedByTheNext() {
        Handiwork work = of("z-fold");
        List<Setting> scores =
                work.settings().stream().filter(k -> k.hand() == Hand.SCORE).toList();
        Setting first = scores.get(0);
        Consequence said = work.consequence(Map.of(first.key(), first.planned().plus(Briefs.in("1/8"))));
        assertThat(said.faults()).isNotEmpty();
        assertThat(said.faults().get(0).kind()).isEqualTo(Check.Kind.STICKS_OUT);
        assertThat(said.changes())
                .filteredOn(c -> c.setting().hand() == Hand.SCORE)
                .isNotEmpty()
                .allSatisfy(c -> assertThat(scores.indexOf(c.setting())).isPositive());
        assertThat(said.verdict()).isNotEqualTo(Consequence.Verdict.GO_ON);
    }

    /** A book's score 3 mm short leaves the one cover 6 mm beyond the other, whichever way it is missed. */
    @ParameterizedTest
    @org.junit.jupiter.params.provider.CsvSource({"book,-3", "book,3", "tri-fold,-3", "z-fold,-3"})
    void bothCoversAreJudged(String fold, double mm) {
        Handiwork work = of(fold);
        Setting score = work.settings().stream()
                .filter(k -> k.hand() == Hand.SCORE)
                .reduce((a, b) -> b)
                .orElseThrow();
        Consequence said = work.consequence(Map.of(score.key(), score.planned().plus(Length.millimetres(mm))));
        assertThat(said.verdict()).as(fold).isNotEqualTo(Consequence.Verdict.GO_ON);
        if (fold.equals("book")) {
            assertThat(said.faults().get(0).by().millimetres()).isCloseTo(6, within(0.05));
        }
    }

    /** A mat that is too large is trimmed, one that is a little small is used, one whose border shows double is cut again. */
    @Test
    void matsAreTrimmedUsedOrCutAgain() {
        Handiwork book = of("book");
        Setting mat = book.settings().stream()
                .filter(k -> k.label().startsWith("width") && k.key().contains("mats"))
                .findFirst()
                .orElseThrow();
        Map<String, Consequence.Verdict> said = new java.util.LinkedHashMap<>();
        for (String off : List.of("1/4", "1/64", "0", "-1/16", "-1/2")) {
            said.put(
                    off,
                    book.consequence(Map.of(mat.key(), mat.planned().plus(Briefs.in(off))))
                            .verdict());
        }
        assertThat(said.values())
                .containsExactly(
                        Consequence.Verdict.TRIM,
                        Consequence.Verdict.GO_ON,
                        Consequence.Verdict.GO_ON,
                        Consequence.Verdict.GO_ON,
                        Consequence.Verdict.CUT_AGAIN);
        Consequence large = book.consequence(Map.of(mat.key(), mat.planned().plus(Briefs.in("1/4"))));
        assertThat(large.changes()).isEmpty();
        assertThat(large.faults())
                .singleElement()
                .satisfies(f -> assertThat(f.by()).isEqualTo(Briefs.in("1/4")));
    }

    /** [C] A back mat that came out larger than what it lies on is trimmed: common practice, no published source. */
    @ParameterizedTest
    @CsvSource({
        "tower, 4 1/4, 5 1/2, 2 1/4, 5 1/2, 2 3/4, 5 5/8",
        "z-fold, 5 1/2, 4 1/4, 5 1/4, 4, 5 3/4, 4",
    })
    void aMatLargerThanItsPanelIsTrimmed(
            String fold, String width, String height, String wide, String high, String cutWide, String cutHigh) {
        Handiwork work =
                Handiwork.of(Planner.plan(Briefs.closed(fold, width, height))).orElseThrow();
        Map<String, Length> measured = new java.util.HashMap<>();
        for (Setting setting : work.settings()) {
            if (setting.effect() instanceof Effect.OfMats mat && isOf(work.plan(), mat, Briefs.in(wide, high))) {
                measured.put(setting.key(), Briefs.in(mat.width() ? cutWide : cutHigh));
            }
        }
        assertThat(measured).hasSize(2);
        Consequence said = work.consequence(measured);
        assertThat(said.verdict()).isEqualTo(Consequence.Verdict.TRIM);
        assertThat(said.changes()).isEmpty();
        assertThat(said.left()).isEmpty();
    }

    private static boolean isOf(Plan plan, Effect.OfMats mat, Size size) {
        return plan.parts().stream()
                .filter(p -> mat.parts().contains(p.id()))
                .anyMatch(p -> p.size().equals(size));
    }

    /** The change that is proposed is followed: what is said to be left is what is left then. */
    @ParameterizedTest
    @MethodSource("folds")
    void aProposedChangeDoesWhatItSays(FoldDesign fold) {
        Handiwork work = of(fold.id());
        Random random = new Random(7);
        List<Setting> measurable =
                work.settings().stream().filter(Setting::measurable).toList();
        for (int i = 0; i < 5 && !measurable.isEmpty(); i++) {
            Setting setting = measurable.get(random.nextInt(measurable.size()));
            Map<String, Length> measured = new java.util.HashMap<>();
            measured.put(setting.key(), setting.planned().plus(Length.millimetres(random.nextInt(7) - 3L)));
            Consequence said = work.consequence(measured);
            said.changes().forEach(c -> measured.put(c.setting().key(), c.to()));
            assertThat(said.changes())
                    .filteredOn(c -> c.setting().effect() instanceof Effect.OfMats)
                    .as("no advice makes a mat larger")
                    .allMatch(c -> !c.to().isMoreThan(c.setting().planned()));
            if (said.verdict() == Consequence.Verdict.TRIM) {
                measured.put(setting.key(), setting.planned());
            }
            Consequence then = work.consequence(measured);
            assertThat(then.faults()).as(fold.id()).isEqualTo(said.left());
            if (said.verdict() == Consequence.Verdict.CHANGE) {
                assertThat(then.faults())
                        .allSatisfy(f -> assertThat(f.isLookAlone()).isTrue());
            }
        }
    }

    private static Crease crease(Plan plan, Setting setting) {
        return (Crease) plan.tasks().stream()
                .filter(t -> t.id().equals(setting.task()))
                .findFirst()
                .orElseThrow()
                .operation();
    }

    /** The first of its scores, moved by so many counts of the setting. */
    private static LineSegment moved(Crease crease, Setting setting, double counts) {
        Effect.OfScores shift = (Effect.OfScores) setting.effect();
        ScoreLine score = crease.piece().scores().stream()
                .filter(s -> s.id().equals(shift.scores().get(0)))
                .findFirst()
                .orElseThrow();
        return new LineSegment(
                score.from().coordinate().x + shift.dx() * counts,
                score.from().coordinate().y + shift.dy() * counts,
                score.to().coordinate().x + shift.dx() * counts,
                score.to().coordinate().y + shift.dy() * counts);
    }

    /** A tick measured an eighth farther from its corner: the line, moved as its setting says, meets the edge there. */
    @ParameterizedTest
    @ValueSource(strings = {"peaked-house", "burst-gate", "fan-concertina"})
    void aSlantingScoreIsMeasuredWhereItMeetsTheEdge(String fold) {
        Plan plan = Planner.plan(Briefs.closed(fold, fold.equals("peaked-house") ? "4" : "4 1/4", "6"));
        int found = 0;
        for (Setting setting : Handiwork.of(plan).orElseThrow().settings()) {
            Matcher label = Pattern.compile(
                            "where (.*) meets the (left|right|top|bottom) edge, from the (top|bottom) (left|right) corner")
                    .matcher(setting.label());
            if (!label.matches()) {
                continue;
            }
            found++;
            assertThat(setting.measurable()).isTrue();
            Crease crease = crease(plan, setting);
            boolean turned = crease.side() == Side.BACK;
            double wide = crease.piece().size().width().count();
            double high = crease.piece().size().height().count();
            boolean onSide = List.of("left", "right").contains(label.group(2));
            boolean right = label.group(4).equals("right") != turned;
            boolean top = label.group(3).equals("top");
            double more = Briefs.in("1/8").count();
            double away = setting.planned().count() + more;
            Coordinate tick = new Coordinate(
                    onSide ? (right ? wide : 0) : right ? wide - away : away,
                    onSide ? (top ? high - away : away) : (top ? high : 0));
            LineSegment moved = moved(crease, setting, more);
            assertThat(moved.distancePerpendicular(tick)).as(setting.label()).isLessThan(3);
        }
        assertThat(found).as(fold).isGreaterThanOrEqualTo(fold.equals("fan-concertina") ? 0 : 1);
    }

    /** Measured beside a corner, the line, moved as its setting says, passes there. */
    @ParameterizedTest
    @ValueSource(strings = {"peaked-house", "burst-gate", "free-pattern"})
    void aScoreFromMarkToMarkIsMeasuredBesideOne(String fold) {
        Brief brief = Briefs.closed(fold, "4", "6");
        Plan plan = Planner.plan(
                fold.equals("free-pattern")
                        ? brief.with(
                                "pattern",
                                LinePattern.parse("outline 0,0 4,0 4,6 0,6; valley 4,0 0,6 in", UnitSystem.INCH))
                        : brief);
        int found = 0;
        for (Setting setting : Handiwork.of(plan).orElseThrow().settings()) {
            Matcher label = Pattern.compile(
                            "how far .* runs (to the left of|to the right of|above|below) the (top|bottom) (left|right) corner, less than nothing .*")
                    .matcher(setting.label());
            if (!label.matches()) {
                continue;
            }
            found++;
            Crease crease = crease(plan, setting);
            boolean turned = crease.side() == Side.BACK;
            double wide = crease.piece().size().width().count();
            double high = crease.piece().size().height().count();
            double more = Briefs.in("1/8").count();
            /* As it lies on the table, and then face side up. */
            double x = label.group(3).equals("right") ? wide : 0;
            double y = label.group(2).equals("top") ? high : 0;
            x += label.group(1).contains("left") ? -more : label.group(1).contains("right") ? more : 0;
            y += label.group(1).equals("above") ? more : label.group(1).equals("below") ? -more : 0;
            LineSegment moved = moved(crease, setting, more);
            assertThat(moved.distancePerpendicular(new Coordinate(turned ? wide - x : x, y)))
                    .as(setting.label())
                    .isLessThan(3);
        }
        assertThat(found).as(fold).isGreaterThanOrEqualTo(fold.equals("free-pattern") ? 1 : 0);
    }

    /** A corner folded over and tacked lies where its score puts it. */
    @Test
    void whatIsFoldedOntoItsOwnPieceIsNotPlacedByHand() {
        assertThat(of("corner-flip").settings()).noneMatch(k -> k.hand() == Hand.GLUE);
        assertThat(of("w-fold").settings()).anyMatch(k -> k.hand() == Hand.GLUE);
        assertThat(of("corner-flip").forecast(Scatter.USUAL).chances()).noneMatch(c -> c.kind() == Check.Kind.CLOSES);
    }

    /** What came with a template has a number too. */
    @Test
    void aPrickedScoreIsMeasuredFromTheOutline() {
        Setting first = of("nested-figures").settings().stream()
                .filter(k -> k.hand() == Hand.SCORE && k.measurable())
                .findFirst()
                .orElseThrow();
        assertThat(first.label()).contains("from the outline's left side");
        assertThat(of("nested-figures")
                        .consequence(Map.of(first.key(), first.planned().plus(Briefs.in("1/2"))))
                        .faults())
                .isNotEmpty();
    }

    /** A mat cut a quarter too wide looks uneven where it lies; it is cut at one setting with those that are alike. */
    @Test
    void aMatCutTooWideIsTold() {
        Handiwork work = of("z-fold");
        Setting mat = work.settings().stream()
                .filter(k -> k.task().startsWith("cut/mats") && k.key().endsWith("width"))
                .findFirst()
                .orElseThrow();
        Consequence said = work.consequence(Map.of(mat.key(), mat.planned().plus(Briefs.in("1/4"))));
        assertThat(said.faults())
                .isNotEmpty()
                .allSatisfy(f -> assertThat(f.kind()).isEqualTo(Check.Kind.BORDERS));
    }

    /** A panel that came out narrow keeps its even borders with a narrower mat: that is proposed. */
    @Test
    void aNarrowerPanelIsSavedByItsMat() {
        Handiwork work = of("note-card");
        Setting width = work.settings().stream()
                .filter(k -> k.key().equals("cut/piece/base/width"))
                .findFirst()
                .orElseThrow();
        Map<String, Length> measured = new java.util.HashMap<>();
        work.settings().stream()
                .filter(k -> k.measurable() && !k.task().startsWith("cut/mats"))
                .forEach(k -> measured.put(k.key(), k.planned()));
        measured.put(width.key(), width.planned().minus(Briefs.in("3/16")));
        Consequence said = work.consequence(measured);
        assertThat(said.verdict()).as(said.toString()).isEqualTo(Consequence.Verdict.CHANGE);
        assertThat(said.changes())
                .anySatisfy(c -> assertThat(c.setting().task()).startsWith("cut/mats"));
    }

    /** Two millimetres wider than planned: out of an envelope that has one to spare, and the one kind says so. */
    @Test
    void aCardTooWideForItsEnvelopeIsTold() {
        Brief brief = Briefs.closed("book", "4 1/4", "5 1/2").withEnvelope(Envelope.named("a2us"));
        Handiwork work = Handiwork.of(Planner.plan(brief)).orElseThrow();
        Setting width = work.settings().stream()
                .filter(k -> k.key().endsWith("/height"))
                .findFirst()
                .orElseThrow();
        Consequence said = work.consequence(Map.of(width.key(), width.planned().plus(Briefs.in("1/2"))));
        assertThat(said.faults()).anyMatch(f -> f.kind() == Check.Kind.FITS);
        assertThat(chance(work.forecast(Scatter.USUAL), Check.Kind.FITS)).isGreaterThan(0.99);
    }
}
