package vantbreeze.structure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.LineSegment;
import vantbreeze.measure.Length;
import vantbreeze.measure.Size;

class StructureTest {

    private static Point mm(double x, double y) {
        return Point.ofMillimetres(x, y);
    }

    private static Length mm(long mm) {
        return Length.millimetres(mm);
    }

    @Test
    void aStripHasItsPanelsInOrderAndAHingeAtEachScore() {
        Piece strip = Piece.strip("base", mm(100))
                .panel("front", mm(30))
                .mountain()
                .panel("middle", mm(30))
                .valley()
                .panel("back", mm(60))
                .build();
        Structure card = Structure.of(strip).anchoredAt("back");
        assertThat(card.panels()).extracting(Panel::name).containsExactly("front", "middle", "back");
        assertThat(card.panels())
                .extracting(p -> p.rectangle().orElseThrow())
                .containsExactly(new Size(mm(30), mm(100)), new Size(mm(30), mm(100)), new Size(mm(60), mm(100)));
        assertThat(card.hinges())
                .hasSize(2)
                .allSatisfy(h -> assertThat(h.line().getLength()).isEqualTo(mm(100).count()));
        assertThat(card.scores()).extracting(ScoreLine::fold).containsExactly(Fold.MOUNTAIN, Fold.VALLEY);
    }

    /** Two slits between three scores: seven panels, and none is hinged across a slit. */
    @Test
    void slitsPartPanelsWithoutHingingThem() {
        Piece piece = Piece.rectangle("base", mm(120), mm(90))
                .slit("lower slit", mm(30, 30), mm(90, 30))
                .slit("upper slit", mm(30, 60), mm(90, 60))
                .mountain("left", mm(30, 0), mm(30, 90))
                .valley("middle", mm(60, 30), mm(60, 60))
                .mountain("right", mm(90, 0), mm(90, 90))
                .build();
        Structure card = Structure.of(piece).anchoredAt("panel 1");
        assertThat(card.panels()).hasSize(6);
        double area =
                card.panels().stream().mapToDouble(Panel::squareMillimetres).sum();
        assertThat(area).isCloseTo(piece.squareMillimetres(), within(1e-9));
        assertThat(card.hinges()).hasSize(7);
        Panel lower = card.panels().stream()
                .filter(p -> p.outline().contains(point(60, 10)))
                .findFirst()
                .orElseThrow();
        assertThat(card.hinges().stream()
                        .filter(h -> h.first().equals(lower) || h.second().equals(lower)))
                .hasSize(2);
    }

    private static org.locationtech.jts.geom.Point point(double x, double y) {
        return Piece.GEOMETRY.createPoint(mm(x, y).coordinate());
    }

    @Test
    void diagonalScoresCrossInAVertex() {
        Piece square = Piece.rectangle("square", mm(100), mm(100))
                .valley("rising", mm(0, 0), mm(100, 100))
                .valley("falling", mm(0, 100), mm(100, 0))
                .mountain("level", mm(0, 50), mm(100, 50))
                .build();
        Structure card = Structure.of(square).anchoredAt("panel 1");
        assertThat(card.panels()).hasSize(6);
        assertThat(card.hinges()).hasSize(6);
        assertThat(card.vertices()).hasSize(1);
        assertThat(card.vertices().get(0).rays()).hasSize(6);
    }

    @Test
    void aSlitThatEndsInAPanelDoesNotPartIt() {
        Piece piece = Piece.rectangle("base", mm(80), mm(40))
                .slit("notch", mm(40, 0), mm(40, 20))
                .build();
        assertThat(Structure.of(piece).anchoredAt("panel 1").panels()).hasSize(1);
    }

    @Test
    void anObliqueOutlineTakesScoresThatEndOnItToTheNearestCount() {
        Piece roof = Piece.outline("roof", mm(0, 0), mm(90, 0), mm(30, 70))
                .mountain("cut across", mm(30, 0), mm(30, 70))
                .valley("slanting", mm(45, 0), mm(61.7, 33.0166666))
                .build();
        assertThat(Structure.of(roof).anchoredAt("panel 1").panels()).hasSize(3);
    }

    @Test
    void impossiblePatternsAreRefusedWithTheLineAtFault() {
        PieceBuilder stops = sheet().mountain("short score", mm(50, 0), mm(50, 20));
        refused(stops, "short score", "ends inside a panel");
        refused(sheet().mountain("wild", mm(50, 0), mm(50, 60)), "wild", "runs outside its piece");
        refused(sheet().mountain("a", mm(50, 0), mm(50, 40)).valley("b", mm(50, 0), mm(50, 20)), "b", "B lies on a");
        refused(sheet().mountain("a", mm(50, 0), mm(50, 40)).slit("s", mm(50, 10), mm(50, 20)), "s", "S lies on a");
        refused(sheet().mountain("rim", mm(0, 0), mm(80, 0)), "rim", "Rim lies on the outline");
        refused(sheet().mountain("a", mm(50, 0), mm(50, 40)).slit("a", mm(10, 10), mm(20, 10)), "a", "Two lines");
        refused(sheet().name("ghost", mm(200, 10)), "ghost", "exactly one panel");
        refused(Piece.outline("bow", mm(0, 0), mm(50, 50), mm(50, 0), mm(0, 50)), "bow", "crosses itself");
        refused(sheet().slit("s", mm(40, 0), mm(40, 40)), "panel 2", "cut loose");
        assertThatThrownBy(() -> sheet().mountain("dot", mm(1, 1), mm(1, 1))).hasMessageContaining("(dot)");
        assertThatThrownBy(() -> Piece.strip("s", mm(10)).panel("none", Length.ZERO))
                .hasMessageContaining("(none)");
    }

    private static PieceBuilder sheet() {
        return Piece.rectangle("base", mm(80), mm(40));
    }

    private static void refused(PieceBuilder piece, String place, String reason) {
        assertThatThrownBy(() -> Structure.of(piece.build()).anchoredAt("panel 1"))
                .isInstanceOfSatisfying(
                        StructureException.class, e -> assertThat(e.place()).isEqualTo(place))
                .hasMessageContaining(reason);
    }

    @Test
    void stagesRefuseImpossibleAngles() {
        assertThatThrownBy(() -> new Stage("odd", java.util.Map.of("score 1", 181.0)))
                .hasMessageContaining("181");
        assertThatThrownBy(() -> new Stage("odd", java.util.Map.of("score 1", Double.NaN)))
                .hasMessageContaining("NaN");
        Structure card = Structure.of(Piece.strip("s", mm(10))
                        .panel("a", mm(5))
                        .valley()
                        .panel("b", mm(5))
                        .build())
                .displayed(0.5)
                .anchoredAt("a");
        assertThat(card.stage(Stage.DISPLAYED).degrees("score 1")).isEqualTo(90);
        assertThat(card.stages()).extracting(Stage::name).containsExactly("flat", "closed", "displayed");
        assertThatThrownBy(() -> card.stage("sideways")).hasMessageContaining("(sideways)");
    }

    /** Plane geometry: two reflections in the same line cancel, and 45 degree reflections of whole counts are exact. */
    @Test
    void reflectionsAreExactOnTheGrid() {
        LineSegment diagonal = new LineSegment(0, 0, 1000, 1000);
        FlatMotion fold = FlatMotion.reflection(diagonal);
        assertThat(fold.apply(new Coordinate(7, 3))).isEqualTo(new Coordinate(3, 7));
        assertThat(fold.turnsOver()).isTrue();
        assertThat(fold.after(fold)).isEqualTo(FlatMotion.IDENTITY);
        FlatMotion oblique = FlatMotion.reflection(new LineSegment(0, 0, 3000, 1000));
        Coordinate there = oblique.apply(new Coordinate(123, 456));
        assertThat(oblique.inverse().apply(there).distance(new Coordinate(123, 456)))
                .isLessThan(1e-9);
    }

    @Test
    void aBondThatCannotLieSoIsRefused() {
        assertThatThrownBy(() -> new Bond("glue", "a", Side.FACE, "b", Side.FACE, FlatMotion.IDENTITY))
                .hasMessageContaining("(glue)");
        assertThat(List.of(Side.FACE.other(), Fold.VALLEY.turned())).containsExactly(Side.BACK, Fold.MOUNTAIN);
    }

    /** A brief calls faces by their panel's name: two of one name would be dressed as one. */
    @Test
    void twoPanelsOfOneNameAreRefused() {
        Piece one = Piece.strip("base", Length.inches(5))
                .panel("front", Length.inches(4))
                .build();
        Piece other = Piece.strip("cover", Length.inches(5))
                .panel("front", Length.inches(4))
                .build();
        assertThatThrownBy(() -> Structure.of(one, other)
                        .bond(Bond.laid("front", "front", Length.ZERO, Length.ZERO))
                        .anchoredAt("front"))
                .isInstanceOf(StructureException.class)
                .hasMessageContaining("Two panels are called (front): in the base and the cover");
    }
}
