package vantbreeze.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Locale;
import java.util.Random;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.LineSegment;
import org.locationtech.jts.geom.LinearRing;
import vantbreeze.catalogue.FoldCatalogue;
import vantbreeze.catalogue.LinePattern;
import vantbreeze.fold.FlatFolder;
import vantbreeze.fold.FlatStage;
import vantbreeze.fold.LayerStack;
import vantbreeze.fold.PoseSolver;
import vantbreeze.make.TemplateReading;
import vantbreeze.measure.Length;
import vantbreeze.measure.UnitSystem;
import vantbreeze.operation.CutSlits;
import vantbreeze.operation.Sketch;
import vantbreeze.structure.Curve;
import vantbreeze.structure.Effort;
import vantbreeze.structure.Path;
import vantbreeze.structure.Piece;
import vantbreeze.structure.ScoreLine;
import vantbreeze.structure.Structure;

/** Sheets that are written down line by line. */
class FreePatternTest {

    private static Brief brief(String pattern) {
        return Briefs.of("free-pattern", new Basis.ClosedSize(null, null))
                .with("pattern", LinePattern.parse(pattern, UnitSystem.INCH));
    }

    private static Plan plan(String pattern) {
        return Planner.plan(brief(pattern));
    }

    /** Columns of a sheet that is folded in zigzags, a level fold between every two rows. */
    private static String zigzags(int columns, int rows, double wide, double high, double lean) {
        StringBuilder text = new StringBuilder(
                String.format(Locale.ROOT, "outline 0,0 %1$s,0 %1$s,%2$s 0,%2$s", columns * wide, rows * high));
        for (int c = 1; c < columns; c++) {
            text.append(c % 2 == 1 ? "; mountain" : "; valley");
            for (int r = 0; r <= rows; r++) {
                text.append(String.format(Locale.ROOT, " %s,%s", c * wide + (r % 2) * lean, r * high));
            }
        }
        for (int r = 1; r < rows; r++) {
            for (int c = 0; c < columns; c++) {
                text.append(String.format(
                        Locale.ROOT,
                        "; %s %s,%s %s,%s",
                        (r + c) % 2 == 0 ? "mountain" : "valley",
                        c == 0 ? 0 : c * wide + (r % 2) * lean,
                        r * high,
                        c == columns - 1 ? columns * wide : (c + 1) * wide + (r % 2) * lean,
                        r * high));
            }
        }
        return text + " in";
    }

    @Test
    void theUsualOneClosesToItsSize() {
        Plan plan = Planner.plan(Briefs.of("free-pattern", new Basis.ClosedSize(null, null)));
        assertThat(plan.closed().size()).isEqualTo(Briefs.in("4", "6"));
        assertFolds(
                LinePattern.parse("outline 0,0 8,0 8,6 0,6; valley 4,0 4,6; mountain 6.5,6 8,4.5 in", UnitSystem.INCH)
                        .exactText(UnitSystem.INCH));
    }

    /** Pulled at two corners a sheet of zigzags opens and closes at once: its poses are searched, none is given. */
    @Test
    void aSheetOfZigzagsMovesAtOnce() {
        Structure sheet = plan(zigzags(3, 2, 2, 3, 0.25)).structure();
        assertThat(LayerStack.of(sheet, sheet.closed(), FlatFolder.closed(sheet)))
                .isPresent();
        assertThat(sheet.panels()).hasSize(6);
        assertThat(sheet.scores()).extracting(ScoreLine::id).hasSize(5);
        assertThat(PoseSolver.between(sheet, sheet.closed(), sheet.shown().get(0), 20)
                        .blocked())
                .isEmpty();
        assertThat(PoseSolver.between(sheet, sheet.stages().get(0), sheet.closed(), 20)
                        .blocked())
                .isEmpty();
    }

    /**
     * Each row is the mirror image of the one below it in their level fold, so all of them come to lie on the first: the closed
     * card is that of one row, whose scores are straight.
     */
    @ParameterizedTest
    @CsvSource({"2, 2", "3, 2", "4, 3", "5, 4"})
    void zigzagsCloseToOneRow(int columns, int rows) {
        Plan plan = plan(zigzags(columns, rows, 2, 3, 0.25));
        assertThat(FlatFolder.closed(plan.structure()).faults()).isEmpty();
        assertThat(plan.closed().size())
                .isEqualTo(plan(zigzags(columns, 1, 2, 3, 0.25)).closed().size());
        assertThat(plan.structure().panels()).hasSize(columns * rows);
        assertThat(LayerStack.of(plan.structure(), plan.structure().closed(), FlatFolder.closed(plan.structure())))
                .isPresent();
    }

    /** One zigzag is one line of the score card, pricked at its ends and bends, and one step. */
    @Test
    void aBentScoreIsOneLineAndOneStep() {
        Plan plan = plan(zigzags(3, 3, 2, 3, 0.25));
        assertThat(plan.scoreCards().get(0).readings())
                .filteredOn(r -> r instanceof TemplateReading)
                .extracting(r -> r.score().id())
                .containsExactlyInAnyOrder("score 1", "score 2");
        assertThat(plan.steps().stream().filter(s -> s.text().contains("ends and bends")))
                .hasSize(2);
    }

    /** Twice as large it is the same pattern, every place at twice its numbers. */
    @ParameterizedTest
    @ValueSource(strings = {"1", "2", "0.5", "0.77"})
    void anotherSizeKeepsTheProportions(String factor) {
        Plan own = plan(zigzags(3, 2, 2, 3, 0.25));
        double f = Double.parseDouble(factor);
        Length wide = Length.nearestTo(own.closed().size().width().count() * f);
        Brief other = brief(zigzags(3, 2, 2, 3, 0.25)).withBasis(new Basis.ClosedSize(wide, null));
        Plan grown = Planner.plan(other);
        assertThat(FlatFolder.closed(grown.structure()).faults()).isEmpty();
        double by = (double) grown.closed().size().width().count()
                / own.closed().size().width().count();
        assertThat(by).isBetween(f * 7 / 8, f * (1 + 1e-4));
        double wasHigh = own.structure().pieces().get(0).size().height().count();
        assertThat((double) grown.structure().pieces().get(0).size().height().count())
                .isCloseTo(wasHigh * by, within(wasHigh / 2000));
    }

    @Test
    void windowsAndBentSlitsAreCutAndListed() {
        Plan plan = plan("outline 0,0 8,0 8,4 0,4; mountain 4,0 4,4; window 1,1 2,1 2,2 1,2; slit 5,1 6,2 5,3 in");
        assertThat(plan.structure().pieces().get(0).holes()).hasSize(1);
        assertThat(plan.structure().panels()).hasSize(2);
        assertThat(plan.steps().stream().map(s -> s.text())).anyMatch(t -> t.contains("ut slit 1 with a knife"));
        assertThat(plan.closed().size().width().inches()).isEqualTo(4);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "outline 1,2 5,2 5,6 1,6; valley 3,2 3,6 in",
                "outline 0,0 40,0 40,70.5 0,70.5; mountain 20,0 18.0015625,35 20,70.5; slit 3,3 3.7,4; window 4,4 5,4 5,5 mm",
                "outline 9,1 49,1 arc 59.37,41.1 49,71 arc -3.7,40 9,1; valley 29,1 29,71; slit 14,9 curve 20,3.3 21,40 14,50 mm"
            })
    void textReadsBackAsThePattern(String text) {
        LinePattern pattern = LinePattern.parse(text, UnitSystem.METRIC);
        for (UnitSystem units : UnitSystem.values()) {
            assertThat(LinePattern.parse(pattern.exactText(units), UnitSystem.INCH))
                    .isEqualTo(pattern);
        }
        assertThat(pattern.piece("sheet").lowerLeft().x().count()).isBetween(-2L, 2L);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "mountain 1,0 1,2 | one outline, not 0",
                "outline 0,0 1,0 | 2 corners",
                "outline 0,0 4,0 4,4; hill 1,1 2,2 | not with (hill)",
                "outline 0,0 4,0 4,4; valley 1,x 2,2 | (x) must be a number",
                "outline 0,0 4,0 4,4; valley 1 2,2 | two numbers",
                "outline 0,0 4,0 4,4; valley 1,1 1,1 | twice in a row",
                "outline 0,0 4,0 4,4; valley 1,1 arc 2,3 3,1 | only slits, windows and the outline",
                "outline 0,0 4,0 4,4; slit 1,1 arc 2,3 | needs two places",
                "outline 0,0 4,0 4,4; slit 1,1 curve 2,3 3,3 | needs three places",
                "outline 0,0 4,0 4,4; slit 1,1 arc 2,2 3,3 | must not lie on one line",
                "outline 0,0 4,0 4,4; slit 1,1 arc 2,2 1,1 | end elsewhere",
                "outline 0,0 40,0 40,40; slit 1,0 arc 20,0.00003 39,0.0001 in | must not lie on one line",
                "outline 0,0 40,0 40,40; slit 1,0 arc 39,0.0002 20,0 arc 1,0.0002 39,0 in | too long or too many",
                "outline 0,0 4,0 4,4; slit 0,0 arc 40,0.001 20,0 in | too long or too many",
                "outline 0,0 4000,0 4000,4 | at most 160 in",
                "outline 0,0 41,0 41,4 in | at most 40 in"
            })
    void whatCannotBeReadIsNamed(String text, String why) {
        assertThatThrownBy(() -> LinePattern.parse(text, UnitSystem.INCH))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining(why);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "outline 0,0 4,0 4,4 0,4; valley 1,1 2,2 | ends inside a panel",
                "outline 0,0 4,0 4,4 0,4; valley 2,0 2,5 | outside its piece",
                "outline 0,0 4,4 4,0 0,4; valley 2,0 2,4 | crosses itself"
            })
    void whatCannotBeBuiltIsBlamedOnThePattern(String text, String why) {
        assertThatThrownBy(() -> plan(text))
                .isInstanceOfSatisfying(
                        BriefException.class,
                        e -> assertThat(e.faults())
                                .singleElement()
                                .satisfies(f -> assertThat(f.field()).isEqualTo("parameters.pattern"))
                                .satisfies(f -> assertThat(f.text()).contains(why)));
    }

    /** Angles that do not add up are told as a snag, not refused: the maker sees where. */
    @Test
    void aVertexThatCannotFoldIsASnag() {
        Plan plan = plan(
                "outline 0,0 6,0 6,6 0,6; mountain 3,0 2,3; mountain 2,3 3,6; mountain 0,3 2,3; valley 2,3 6,4 in");
        assertThat(plan.snags()).anyMatch(s -> s.text().contains("Kawasaki"));
    }

    /** A half disc and a round window: areas and chords of circles (Euclid III, Archimedes), and the arcs are such again. */
    @Test
    void arcsAreCutAsArcs() {
        Plan plan = plan("outline 0,0 8,0 8,3 arc 4,7 0,3; valley 4,0 4,7; window 1,1 arc 2,2 3,1 arc 2,0 1,1;"
                + " slit 5,1 arc 6,2 7,1; slit 5,0.5 curve 5,1 7,0 7,0.5 in");
        Piece sheet = plan.structure().pieces().get(0);
        double inch = Length.COUNTS_PER_INCH;
        assertThat(sheet.polygon().getArea() / inch / inch).isCloseTo(24 + 8 * Math.PI - Math.PI, within(0.005));
        assertThat(Curve.of((LinearRing) sheet.polygon().getExteriorRing()))
                .filteredOn(c -> c instanceof Curve.Arc)
                .isNotEmpty()
                .allSatisfy(c -> assertThat(((Curve.Arc) c).radius()).isCloseTo(4 * inch, within(1.5)));
        assertThat(sheet.slits().get(0).path().curves())
                .hasSize(2)
                .allSatisfy(c -> assertThat(c)
                        .isInstanceOfSatisfying(
                                Curve.Arc.class, a -> assertThat(a.radius()).isCloseTo(inch, within(1.5))));
        assertThat(sheet.slits().get(1).path().curves())
                .allSatisfy(c -> assertThat(c).isInstanceOf(Curve.Cubic.class));
        assertThat(sheet.slits()).hasSize(2);
        assertThat(plan.steps().stream().map(s -> s.text()))
                .anyMatch(t -> t.contains("cut the curved slit 1 and slit 2 through both with a knife"))
                .noneMatch(t -> t.contains("the slanting slits end"));
        assertThat(plan.tasks())
                .filteredOn(t -> t.operation() instanceof CutSlits)
                .singleElement()
                .satisfies(t -> assertThat(
                                t.sketch(plan.structure(), plan.brief().ruler()).strokes())
                        .filteredOn(s -> s.line() == Sketch.Line.SLIT)
                        .as("one stroke for each slit, turned or not")
                        .hasSize(2)
                        .allSatisfy(s -> assertThat(s.way()).noneMatch(c -> c instanceof Curve.Straight)));
        assertThat(plan.snags())
                .filteredOn(s -> s.code() == Snag.Code.MAT_OVER_SLIT)
                .extracting(Snag::text)
                .hasSize(2)
                .allSatisfy(t -> assertThat(t).containsPattern("panel 2 .*covers slit [12]: cut it through the paper"));
    }

    /** A slit that is square to its piece is read off the trimmer; only where a slanting one ends there is a pencil mark. */
    @Test
    void onlySlantingSlitsAreMarked() {
        Plan plan = Planner.plan(brief("outline 0,0 8,0 8,4 0,4; valley 4,0 4,4; slit 5,1 6,2; slit 1,1 1,3 in"));
        assertThat(plan.steps())
                .filteredOn(s -> s.title().startsWith("Mark"))
                .singleElement()
                .satisfies(s -> assertThat(s.text())
                        .isEqualTo(
                                "Face up, make light pencil marks where the slanting slits end: 5 in from the left end, at 1 in"
                                        + " from the bottom; 6 in from the left end, at 2 in from the bottom."));
    }

    /** Wherever three places lie, all corners of their arc are on their circle and no chord leaves it by more than 0.02 mm. */
    @Test
    void anyArcIsFollowedClosely() {
        Random random = new Random(5);
        for (int i = 0; i < 300; i++) {
            double r = 1.5 + random.nextInt(60);
            double begin = random.nextDouble() * 2 * Math.PI;
            double turn = (0.2 + random.nextDouble() * 5.5) * (random.nextBoolean() ? 1 : -1);
            double[] at = {begin, begin + turn * (0.2 + 0.6 * random.nextDouble()), begin + turn};
            String[] places = new String[3];
            for (int k = 0; k < 3; k++) {
                places[k] = String.format(Locale.ROOT, "%.6f,%.6f", 75 + r * Math.cos(at[k]), 75 + r * Math.sin(at[k]));
            }
            Path slit = LinePattern.parse(
                            "outline 0,0 150,0 150,150 0,150; slit %s arc %s %s mm".formatted((Object[]) places),
                            UnitSystem.METRIC)
                    .piece("sheet")
                    .slits()
                    .get(0)
                    .path();
            Coordinate middle = new Coordinate(75 * 640, 75 * 640);
            /* Three rounded places fix a circle the worse the shorter its arc is. */
            double fixed = 3 + 20 / (turn * turn);
            double length = 0;
            for (LineSegment leg : slit.legs()) {
                assertThat(leg.p0.distance(middle)).isCloseTo(r * 640, within(fixed));
                assertThat(leg.distance(middle)).isCloseTo(r * 640, within(fixed + 12.8));
                length += leg.getLength();
            }
            assertThat(length).isCloseTo(Math.abs(turn) * r * 640, within(Math.abs(turn) * (fixed + 13) + 3));
            assertThat(slit.isCurved()).isTrue();
        }
    }

    /** A tongue: scored across the foot of an arc it stands up, and the score ends where the arc does or on its way. */
    @ParameterizedTest
    @ValueSource(strings = {"5,1 7,1", "5.2,1.6 6.8,1.6"})
    void aScoreEndsOnACurvedSlit(String score) {
        Plan plan =
                plan("outline 0,0 8,0 8,4 0,4; mountain 4,0 4,4; slit 5,1 arc 6,2 7,1; valley %s in".formatted(score));
        Structure sheet = plan.structure();
        assertThat(sheet.pieces().get(0).slits()).hasSize(1);
        assertThat(sheet.panels()).hasSize(3);
        assertThat(sheet.pieces().get(0).slits().get(0).path().isCurved()).isTrue();
    }

    /** As heavy as it may be: hundreds of corners on curves. */
    @Test
    void theHeaviestCurvesTakeLittleWork() {
        StringBuilder text = new StringBuilder("outline 0,0 40,0 40,30 0,30; mountain 20,0 20,30");
        for (int i = 0; i < 20; i++) {
            text.append(String.format(Locale.ROOT, "; slit 1,%1$d.2 arc 8,%1$d.9 15,%1$d.2", i + 1));
        }
        assertThat(Effort.of(() -> plan(text + " in"))).as("units of work").isLessThan(1_000_000);
    }

    @Test
    void itIsOnTheShelf() {
        assertThat(FoldCatalogue.named("free-pattern").summary()).contains("aslant or bend");
    }

    /**
     * The three bisectors of a triangle meet in one point (Euclid IV 4); creased along them and square to one side it folds flat
     * (Hull, as in VertexCheck). Every place is rounded to a whole count, and it closes all the same.
     */
    @Test
    void anyTriangleFoldsFlatAlongItsBisectors() {
        Random random = new Random(3);
        for (int i = 0; i < 60; i++) {
            double bx = 60 + random.nextInt(80);
            double cx = 10 + random.nextInt(60);
            double cy = 50 + random.nextInt(80);
            double a = Math.hypot(bx - cx, cy);
            double b = Math.hypot(cx, cy);
            double x = (b * bx + bx * cx) / (a + b + bx);
            double y = bx * cy / (a + b + bx);
            assertFolds(String.format(
                    Locale.ROOT,
                    "outline 0,0 %1$f,0 %2$f,%3$f; mountain 0,0 %4$f,%5$f; mountain %2$f,%3$f %4$f,%5$f;"
                            + " mountain %1$f,0 %4$f,%5$f; valley %4$f,%5$f %4$f,0 mm",
                    bx,
                    cx,
                    cy,
                    x,
                    y));
        }
    }

    /** Turned by any angle a pattern is the same sheet of paper: it still closes, and to as large a card. */
    @ParameterizedTest
    @ValueSource(ints = {7, 19, 33, 45, 58})
    void aTurnedPatternFoldsAsBefore(int degrees) {
        double turn = Math.toRadians(degrees);
        for (int n = 2; n <= 4; n++) {
            String turned = Pattern.compile("([\\d.]+),([\\d.]+)")
                    .matcher(zigzags(n, n, 2, 2.3, 0.31))
                    .replaceAll(m -> {
                        double x = Double.parseDouble(m.group(1));
                        double y = Double.parseDouble(m.group(2));
                        return String.format(
                                Locale.ROOT,
                                "%.7f,%.7f",
                                x * Math.cos(turn) - y * Math.sin(turn),
                                x * Math.sin(turn) + y * Math.cos(turn));
                    });
            assertFolds(turned);
        }
    }

    private static void assertFolds(String pattern) {
        Structure sheet = plan(pattern).structure();
        FlatStage closed = FlatFolder.closed(sheet);
        assertThat(closed.faults()).as(pattern).isEmpty();
        assertThat(LayerStack.of(sheet, sheet.closed(), closed)).as(pattern).isPresent();
    }
}
