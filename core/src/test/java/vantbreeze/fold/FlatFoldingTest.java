package vantbreeze.fold;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.LineSegment;
import vantbreeze.measure.Length;
import vantbreeze.measure.Ruler;
import vantbreeze.measure.UnitSystem;
import vantbreeze.structure.Bond;
import vantbreeze.structure.FlatMotion;
import vantbreeze.structure.Fold;
import vantbreeze.structure.Piece;
import vantbreeze.structure.PieceBuilder;
import vantbreeze.structure.Point;
import vantbreeze.structure.Side;
import vantbreeze.structure.Stage;
import vantbreeze.structure.StripBuilder;
import vantbreeze.structure.Structure;

class FlatFoldingTest {

    private static final Ruler METRIC = Ruler.of(UnitSystem.METRIC);

    private static Point at(double x, double y) {
        return Point.ofMillimetres(x, y);
    }

    private static Length mm(double mm) {
        return Length.millimetres(mm);
    }

    private static LayerStack stack(Structure structure) {
        FlatStage closed = FlatFolder.closed(structure);
        assertThat(closed.faults()).isEmpty();
        return LayerStack.of(structure, structure.stage(Stage.CLOSED), closed).orElseThrow();
    }

    private static List<String> names(List<FlatStage.Placed> placed) {
        return placed.stream().map(p -> p.panel().name()).toList();
    }

    /** No catalogue fold: five panels of uneven widths, V V M V. Widths walked by hand: 40, back to 10, on to 30 ... */
    @Test
    void aZigzagOfUnevenPanelsClosesWhereTheSignedWalkEnds() {
        Structure strip =
                strip(List.of(40, 30, 20, 25, 15), List.of(Fold.VALLEY, Fold.MOUNTAIN, Fold.VALLEY, Fold.MOUNTAIN));
        FlatStage closed = FlatFolder.closed(strip);
        assertThat(closed.size()).isEqualTo(new vantbreeze.measure.Size(mm(40), mm(50)));
        assertThat(names(stack(strip).spots().stream()
                        .max(java.util.Comparator.comparingInt(
                                s -> s.bottomToTop().size()))
                        .orElseThrow()
                        .bottomToTop()))
                .containsExactly("p1", "p2", "p3", "p4", "p5");
    }

    private static Structure strip(List<Integer> widths, List<Fold> folds) {
        StripBuilder builder = Piece.strip("strip", mm(50));
        for (int i = 0; i < widths.size(); i++) {
            builder.panel("p" + (i + 1), mm(widths.get(i)));
            if (i < folds.size()) {
                builder.score(folds.get(i));
            }
        }
        return Structure.of(builder.build()).anchoredAt("p1");
    }

    /** Independent second method: the signed sum of the widths walked along the strip. */
    @Property(tries = 200)
    void closedWidthOfAnyStripEqualsTheSignedWalk(
            @ForAll @Size(min = 2, max = 9) List<@IntRange(min = 5, max = 60) Integer> widths,
            @ForAll java.util.Random signs) {
        List<Fold> folds = new ArrayList<>();
        for (int i = 1; i < widths.size(); i++) {
            folds.add(signs.nextBoolean() ? Fold.MOUNTAIN : Fold.VALLEY);
        }
        Structure strip = strip(widths, folds);
        int x = 0;
        int low = 0;
        int high = 0;
        for (int i = 0; i < widths.size(); i++) {
            x += (i % 2 == 0 ? 1 : -1) * widths.get(i);
            low = Math.min(low, x);
            high = Math.max(high, x);
        }
        FlatStage closed = FlatFolder.closed(strip);
        assertThat(closed.size().width()).isEqualTo(mm(high - low));
        double area =
                strip.panels().stream().mapToDouble(p -> p.squareMillimetres()).sum();
        assertThat(area).isCloseTo(strip.pieces().get(0).squareMillimetres(), within(1e-6));
        LayerStack.of(strip, strip.stage(Stage.CLOSED), closed).ifPresent(stack -> {
            double stacked = stack.spots().stream()
                    .mapToDouble(s -> s.outline().getArea() * s.bottomToTop().size())
                    .sum();
            assertThat(stacked).isCloseTo(strip.pieces().get(0).polygon().getArea(), within(1.0));
            for (int i = 1; i < widths.size(); i++) {
                requireFoldSense(strip, stack, i, folds.get(i - 1));
            }
        });
    }

    /** A valley brings the faces together: the next panel is above where this one's face looks up. */
    private static void requireFoldSense(Structure strip, LayerStack stack, int i, Fold fold) {
        boolean faceUp = (i - 1) % 2 == 0;
        boolean nextAbove = faceUp == (fold == Fold.VALLEY);
        stack.spots().stream().map(s -> names(s.bottomToTop())).forEach(order -> {
            int here = order.indexOf("p" + i);
            int next = order.indexOf("p" + (i + 1));
            if (here >= 0 && next >= 0) {
                assertThat(next > here).isEqualTo(nextAbove);
            }
        });
    }

    @Test
    void aRollThatWouldPassThroughItselfIsRefused() {
        Structure roll = strip(List.of(50, 10, 50), List.of(Fold.VALLEY, Fold.VALLEY));
        assertThat(LayerStack.of(roll, roll.stage(Stage.CLOSED), FlatFolder.closed(roll)))
                .isEmpty();
        Structure zigzag = strip(List.of(50, 10, 50), List.of(Fold.VALLEY, Fold.MOUNTAIN));
        assertThat(stack(zigzag).mostLayers()).isEqualTo(3);
    }

    @Test
    void ofOverlappingPanelsTheLaterOneLiesOnTop() {
        Structure gates = Structure.of(Piece.strip("base", mm(50))
                        .panel("left", mm(40))
                        .valley()
                        .panel("back", mm(60))
                        .valley()
                        .panel("right", mm(40))
                        .build())
                .anchoredAt("back");
        LayerStack stack = stack(gates);
        assertThat(stack.mostLayers()).isEqualTo(3);
        assertThat(stack.spots().stream()
                        .filter(s -> s.bottomToTop().size() == 3)
                        .map(s -> names(s.bottomToTop())))
                .containsExactly(List.of("back", "left", "right"));
        assertThat(stack.shows(gates.panel("left"), Side.BACK, false)).isTrue();
        assertThat(stack.shows(gates.panel("left"), Side.FACE, false)).isFalse();
        assertThat(stack.shows(gates.panel("back"), Side.BACK, true)).isTrue();
    }

    /** Two slits let the middle row jump; its outer folds lie {@code a} from the spine. */
    private static PieceBuilder rows(double a, double innerFold) {
        return Piece.rectangle("step", mm(100), mm(60))
                .slit("lower slit", at(50 - a, 20), at(50 + a, 20))
                .slit("upper slit", at(50 - a, 40), at(50 + a, 40))
                .valley("outer low", at(50, 0), at(50, 20))
                .valley("outer high", at(50, 40), at(50, 60))
                .valley("in left", at(50 - a, 20), at(50 - a, 40))
                .mountain("in middle", at(innerFold, 20), at(innerFold, 40))
                .valley("in right", at(50 + a, 20), at(50 + a, 40))
                .name("row", at(45, 30));
    }

    @Test
    void slitRowsWithEqualSignedLengthsClose() {
        Structure pop = Structure.of(rows(20, 50).build()).anchoredAt("panel 1");
        FlatStage closed = FlatFolder.closed(pop);
        assertThat(closed.faults()).isEmpty();
        assertThat(closed.size()).isEqualTo(new vantbreeze.measure.Size(mm(50), mm(60)));
        assertThat(stack(pop).mostLayers()).isEqualTo(4);
    }

    /** Common practice, no source: with the hinge at a from the spine and an arm q, nothing projects while a + q <= W. */
    @Test
    void aRowWithTooLongAnArmProjectsWhenClosed() {
        Structure pop = Structure.of(rows(30, 50).build()).anchoredAt("panel 1");
        assertThat(FlatFolder.closed(pop).size().width()).isEqualTo(mm(30 + 30));
        Structure just = Structure.of(rows(25, 50).build()).anchoredAt("panel 1");
        assertThat(FlatFolder.closed(just).size().width()).isEqualTo(mm(50));
    }

    @Test
    void slitRowsThatDisagreeAreNamedWithTheDifference() {
        Structure pop = Structure.of(rows(20, 53).build()).anchoredAt("panel 1");
        List<FoldFault> faults = FlatFolder.closed(pop).faults();
        assertThat(faults).hasOnlyElementsOfType(FoldFault.LoopOpen.class).isNotEmpty();
        FoldFault.LoopOpen open = (FoldFault.LoopOpen) faults.get(0);
        assertThat(open.gap()).isEqualTo(mm(6));
        assertThat(open.text(METRIC)).contains("6 mm apart").contains("row");
        assertThat(open.places()).contains("row");
    }

    /** Waterbomb base: the textbook vertex with two diagonal valleys and a level mountain pair; folds to a triangle. */
    @Test
    void theWaterbombBaseFoldsFlatToATriangle() {
        Structure bomb = Structure.of(Piece.rectangle("square", mm(100), mm(100))
                        .valley("d1", at(0, 0), at(50, 50))
                        .valley("d2", at(50, 50), at(100, 100))
                        .valley("d3", at(0, 100), at(50, 50))
                        .valley("d4", at(50, 50), at(100, 0))
                        .mountain("h1", at(0, 50), at(50, 50))
                        .mountain("h2", at(50, 50), at(100, 50))
                        .name("floor", at(50, 10))
                        .build())
                .anchoredAt("floor");
        FlatStage closed = FlatFolder.closed(bomb);
        assertThat(closed.faults()).isEmpty();
        assertThat(closed.footprint().getArea() / (640.0 * 640)).isCloseTo(2500, within(1e-9));
        assertThat(closed.size()).isEqualTo(new vantbreeze.measure.Size(mm(100), mm(50)));
        LayerStack stack = stack(bomb);
        assertThat(stack.mostLayers()).isEqualTo(4);
        assertThat(stack.spots()).allSatisfy(s -> assertThat(s.bottomToTop()).hasSizeBetween(2, 4));
    }

    /** Miura vertex: four rays, sectors 60, 120, 120, 60 degrees; opposite sectors add to 180. */
    @Test
    void theMiuraVertexFoldsFlat() {
        Structure miura = Structure.of(miura(Fold.MOUNTAIN).build()).anchoredAt("base");
        FlatStage closed = FlatFolder.closed(miura);
        assertThat(closed.faults()).isEmpty();
        assertThat(stack(miura).mostLayers()).isEqualTo(4);
    }

    private static PieceBuilder miura(Fold spineUp) {
        double slope = 30 / Math.tan(Math.toRadians(60));
        return Piece.rectangle("sheet", mm(80), mm(60))
                .score(new vantbreeze.structure.ScoreLine("spine up", at(40, 30), at(40, 60), spineUp))
                .valley("spine down", at(40, 0), at(40, 30))
                .mountain("arm left", at(0, 30 - 40 / Math.tan(Math.toRadians(60))), at(40, 30))
                .mountain("arm right", at(40, 30), at(80, 30 - 40 / Math.tan(Math.toRadians(60))))
                .name("base", at(5, 50 - slope));
    }

    @Test
    void aVertexWithBalancedSignsBreaksMaekawa() {
        List<FoldFault> faults = FlatFolder.closed(
                        Structure.of(miura(Fold.VALLEY).build()).anchoredAt("base"))
                .faults();
        assertThat(faults).hasSize(1).first().isInstanceOfSatisfying(FoldFault.SignsDoNotMatch.class, f -> {
            assertThat(f.mountains()).isEqualTo(2);
            assertThat(f.valleys()).isEqualTo(2);
            assertThat(f.text(METRIC)).contains("Maekawa");
        });
    }

    @Test
    void aVertexWithWrongAnglesBreaksKawasakiAndItsLoopStaysOpen() {
        Structure crooked = Structure.of(Piece.rectangle("sheet", mm(80), mm(80))
                        .mountain("up", at(40, 40), at(40, 80))
                        .mountain("left", at(0, 40), at(40, 40))
                        .mountain("down", at(40, 0), at(40, 40))
                        .valley("right", at(40, 40), at(80, 60))
                        .build())
                .anchoredAt("panel 1");
        List<FoldFault> faults = FlatFolder.closed(crooked).faults();
        assertThat(faults).hasAtLeastOneElementOfType(FoldFault.AnglesDoNotClose.class);
        assertThat(faults).hasAtLeastOneElementOfType(FoldFault.LoopOpen.class);
        assertThat(faults.get(0).text(METRIC)).contains("206.6°").contains("Kawasaki");
    }

    /** Kawasaki: alternate sectors sum to 180. Sectors 45 x 8 do; 90, 90, 100, 80 do not. */
    @Test
    void kawasakiDefectsOfTextbookVertices() {
        assertThat(VertexCheck.kawasakiDefect(new double[] {0, 45, 90, 135, 180, 225, 270, 315}))
                .isZero();
        assertThat(VertexCheck.kawasakiDefect(new double[] {0, 90, 180, 280})).isCloseTo(10, within(1e-12));
        assertThat(VertexCheck.kawasakiDefect(new double[] {0, 60, 120, 240})).isCloseTo(0, within(1e-12));
    }

    /** A band glued at both ends over a book: it closes only if the glue lies where the band's end comes to. */
    @Test
    void bondsMustMeet() {
        assertThat(FlatFolder.closed(bonded(0)).faults()).isEmpty();
        List<FoldFault> faults = FlatFolder.closed(bonded(4)).faults();
        assertThat(faults).hasSize(1);
        assertThat(((FoldFault.LoopOpen) faults.get(0)).gap()).isEqualTo(mm(4));
    }

    private static Structure bonded(double shift) {
        Piece book = Piece.strip("book", mm(60))
                .panel("cover", mm(50))
                .valley()
                .panel("inside", mm(50))
                .build();
        Piece band = Piece.strip("band", mm(20))
                .panel("tab", mm(50))
                .valley()
                .panel("flap", mm(50))
                .build();
        return Structure.of(book, band)
                .bond(new Bond("one", "tab", Side.BACK, "cover", Side.FACE, FlatMotion.shift(0, mm(20).count())))
                .bond(new Bond(
                        "two",
                        "flap",
                        Side.BACK,
                        "inside",
                        Side.FACE,
                        FlatMotion.shift(mm(shift).count(), mm(20).count())))
                .anchoredAt("cover");
    }

    @Test
    void bondedPanelsStayTogether() {
        LayerStack stack = stack(bonded(0));
        assertThat(stack.spots().stream()
                        .filter(s -> s.bottomToTop().size() == 4)
                        .map(s -> names(s.bottomToTop())))
                .containsExactly(List.of("cover", "tab", "flap", "inside"));
    }

    @Test
    void panelsThatRunOnCannotCrossAnotherSheet() {
        Structure cross = Structure.of(Piece.strip("long", mm(40))
                        .panel("one", mm(30))
                        .valley()
                        .panel("two", mm(30))
                        .build())
                .stage(new Stage("half", Map.of("score 1", 90.0)))
                .anchoredAt("one");
        FlatStage flat = FlatFolder.fold(cross, Stage.flat());
        assertThat(LayerStack.of(cross, Stage.flat(), flat).orElseThrow().mostLayers())
                .isEqualTo(1);
        assertThat(flat.size()).isEqualTo(new vantbreeze.measure.Size(mm(60), mm(40)));
        assertThatThrownBy(() -> FlatFolder.fold(cross, cross.stage("half"))).hasMessageContaining("(half)");
    }

    /** Hand-stacked: 3 panels of 0.375 mm and a mat of 0.2 mm on one of them. */
    @Test
    void thicknessIsTheSumOfWhatLiesOnASpot() {
        Structure strip = strip(List.of(30, 30, 60), List.of(Fold.MOUNTAIN, Fold.VALLEY));
        List<StackMap.Layer> layers = new ArrayList<>(FlatFolder.closed(strip).panels().stream()
                .map(p -> new StackMap.Layer(p.outline(), mm(0.375)))
                .toList());
        layers.add(new StackMap.Layer(
                Piece.rectangle("mat", mm(10), mm(10)).build().polygon(), mm(0.2)));
        StackMap map = StackMap.of(layers);
        assertThat(map.thickest().thickness()).isEqualTo(mm(3 * 0.375 + 0.2));
        assertThat(map.thickest().layers()).isEqualTo(4);
        double volume = map.spots().stream()
                .mapToDouble(s -> s.outline().getArea() * s.thickness().count())
                .sum();
        assertThat(volume / Math.pow(640, 3)).isCloseTo(120 * 50 * 0.375 + 100 * 0.2, within(1e-6));
    }

    /** Mirror image: signs swapped, everything else alike, gives the same outline with the order upside down. */
    @Test
    void swappedSignsGiveTheMirroredStack() {
        Structure one = strip(List.of(30, 20, 40), List.of(Fold.MOUNTAIN, Fold.VALLEY));
        Structure other = strip(List.of(30, 20, 40), List.of(Fold.VALLEY, Fold.MOUNTAIN));
        assertThat(FlatFolder.closed(one)
                        .footprint()
                        .equalsTopo(FlatFolder.closed(other).footprint()))
                .isTrue();
        List<String> up = names(thickest(one));
        List<String> down = new ArrayList<>(names(thickest(other)));
        java.util.Collections.reverse(down);
        assertThat(up).isEqualTo(down);
    }

    private static List<FlatStage.Placed> thickest(Structure strip) {
        return stack(strip).spots().stream()
                .max(java.util.Comparator.comparingInt(s -> s.bottomToTop().size()))
                .orElseThrow()
                .bottomToTop();
    }

    @Test
    void foldingOverALineAndBackIsNoMove() {
        LineSegment line = new LineSegment(10, 0, 10, 50);
        assertThat(FlatMotion.reflection(line).apply(line)).isEqualTo(line);
    }
}
