package vantbreeze.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static vantbreeze.plan.Briefs.in;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import vantbreeze.catalogue.GlueList;
import vantbreeze.catalogue.LengthList;
import vantbreeze.catalogue.PanelRows;
import vantbreeze.layer.Matting;
import vantbreeze.make.SquareReading;
import vantbreeze.measure.Length;
import vantbreeze.measure.Size;
import vantbreeze.measure.ToolGrid;
import vantbreeze.measure.UnitSystem;
import vantbreeze.structure.Bond;
import vantbreeze.structure.Panel;
import vantbreeze.structure.Side;

/** What a maker types: rows of panels, slits between them, panels glued to panels. */
class FreeStripTest {

    private static final String TOWER =
            "1 V 1 M 4 1/4 M 1 V 1 / 2 V 1 M 2 1/4 M 1 V 2 / 1 V 1 M 4 1/4 M 1 V 1 / 2 V 1 M 2 1/4 M 1 V 2"
                    + " / 1 V 1 M 4 1/4 M 1 V 1 in";

    private static Brief strip(String panels, String height) {
        return Briefs.closed("free-strip", null, height).with("panels", PanelRows.parse(panels, UnitSystem.INCH));
    }

    private static Brief plain(Brief brief) {
        return Briefs.matted(
                brief,
                Briefs.matting(0, in("1/8"), ToolGrid.SIXTEENTH_INCH, Matting.Meeting.RUN_ON, java.util.Map.of()));
    }

    private static LengthList lengths(String text) {
        return LengthList.parse(text, UnitSystem.INCH);
    }

    /** The same card as the tower of the catalogue, typed row by row. */
    @Test
    void aTowerCanBeTyped() {
        Brief typed = strip(TOWER, "5 1/2")
                .with("slits", lengths("1, 2, 3 1/2, 4 1/2"))
                .with("slitEnds", lengths("1, 3, 5 1/4, 7 1/4"));
        Plan plan = Planner.plan(plain(typed));
        Plan tower = Planner.plan(plain(Briefs.closed("tower", "4 1/4", "5 1/2")
                .with("side", in("1"))
                .with("slits", lengths("1, 2, 3 1/2, 4 1/2"))));
        assertThat(plan.closed().size()).isEqualTo(tower.closed().size());
        assertThat(plan.closed().layers()).isEqualTo(tower.closed().layers());
        assertThat(plan.structure().pieces().get(0).slits()).hasSize(8);
        assertThat(Folding.of(typed).motions())
                .hasSize(2)
                .allMatch(m -> m.blocked().isEmpty());
    }

    /** Asked for another width, slits go along with the panels. */
    @Test
    void aTypedTowerGrowsWithItsSlits() {
        Brief typed = strip(TOWER, "5 1/2")
                .with("slits", lengths("1, 2, 3 1/2, 4 1/2"))
                .with("slitEnds", lengths("1, 3, 5 1/4, 7 1/4"))
                .withBasis(new Basis.ClosedSize(in("6 3/8"), in("5 1/2")));
        Plan plan = Planner.plan(typed);
        assertThat(plan.closed().size().width()).isEqualTo(in("6 3/8"));
        assertThat(plan.structure().pieces().get(0).slits().get(0).to().x()).isEqualTo(in("4 1/2"));
    }

    @Test
    void rowsShareTheirEndPanelsUnlessTheMakerSaysOtherwise() {
        Plan plan = Planner.plan(strip("2 V 1 M 1 M 1 V 3 / 2 V 2 M 2 M 1 V 1 in", "4"));
        assertThat(plan.structure().pieces().get(0).slits()).singleElement().satisfies(s -> {
            assertThat(s.from().x()).isEqualTo(in("2"));
            assertThat(s.to().x()).isEqualTo(in("7"));
            assertThat(s.from().y()).isEqualTo(in("2"));
        });
    }

    /** Rows that do not come out at the same place are named with the difference, never sized wrongly. */
    @Test
    void rowsThatDoNotCloseAreNamed() {
        Plan plan = Planner.plan(strip("2 V 1 M 3 V 2 / 2 V 2 M 2 V 2 in", "4").with("slitEnds", lengths("2, 6")));
        assertThat(plan.closed()).isNull();
        assertThat(plan.snags()).anySatisfy(s -> assertThat(s.text()).contains("do not close"));
    }

    /** A zigzag glued upon itself is found to be glued where it lies: panel 3 by its back on the back of panel 2. */
    @Test
    void panelsAreGluedAsTheyLie() {
        Plan plan = Planner.plan(strip("4 V 2 M 2 in", "3").with("glue", GlueList.parse("panel 3 on panel 2")));
        assertThat(plan.structure().bonds()).singleElement().satisfies(bond -> {
            assertThat(List.of(bond.side(), bond.ontoSide())).containsOnly(Side.BACK);
            assertThat(bond.placement().turnsOver()).isTrue();
        });
        assertThat(plan.closed().size()).isEqualTo(new Size(in("4"), in("3")));
    }

    /** A glued loop holds while the rest moves: the poses keep both panels together. */
    @Test
    void whatIsGluedStaysTogetherAsItMoves() {
        Brief brief = strip("4 V 2 M 2 in", "3").with("glue", GlueList.parse("panel 3 on panel 2"));
        Folding folding = Folding.of(brief);
        Bond bond = folding.structure().bonds().get(0);
        List<Panel> panels = folding.structure().panels();
        int laid = panels.indexOf(folding.structure().panel(bond.panel()));
        int onto = panels.indexOf(folding.structure().panel(bond.onto()));
        assertThat(folding.motions())
                .isNotEmpty()
                .allSatisfy(motion -> motion.frames().forEach(frame -> {
                    for (var corner : panels.get(laid).outline().getCoordinates()) {
                        var here = frame.get(laid).apply(corner);
                        var there = frame.get(onto).apply(bond.placement().apply(corner));
                        assertThat(Math.hypot(here.distance(there), here.getZ() - there.getZ())
                                        / Length.COUNTS_PER_MILLIMETRE)
                                .isLessThan(0.01);
                    }
                }));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "parameters.glue | panel 1 on panel 9 | There is no panel called (panel 9)",
                "parameters.glue | panel 1 on panel 3 | do not lie on each other",
                "parameters.slits | 1, 2 in | 2 rows are parted by 1 slits, not 2",
                "parameters.slitEnds | 1, 2, 3 in | Every slit needs a beginning and an end",
            })
    void whatCannotBeIsRefusedByName(String field, String value, String reason) {
        String key = field.substring("parameters.".length());
        boolean glue = key.equals("glue");
        Brief brief = strip(glue ? "1 M 3 V 2 M 3 in" : "1 V 1 M 1 V 1 / 1 V 1 M 1 V 1 in", "4")
                .with(key, glue ? GlueList.parse(value) : lengths(value));
        assertThatThrownBy(() -> Planner.plan(brief))
                .isInstanceOfSatisfying(
                        BriefException.class,
                        e -> assertThat(e.faults().get(0).field()).isEqualTo(field))
                .hasMessageContaining(reason);
    }

    @Test
    void rowsMustBeEquallyLong() {
        assertThatThrownBy(() -> PanelRows.parse("1 V 2 / 1 V 3 in", UnitSystem.INCH))
                .hasMessageContaining("Row 2 is 4 in long and row 1 is 3 in");
    }

    /** Check value: common practice, no published source. */
    @Test
    void aPopMountIsScoredAsTheTradeDoes() {
        Plan plan = Planner.plan(Briefs.closed("book", "5", "7")
                .with("mount", "back")
                .with("mountTop", in("1/2"))
                .with("mountTab", in("1/2"))
                .with("mountRise", in("3/4"))
                .with("mountHeight", in("1")));
        var mount = plan.scoreCards().get(1);
        assertThat(mount.piece().size()).isEqualTo(new Size(in("3"), in("1")));
        assertThat(mount.readings().stream().map(r -> ((SquareReading) r).fromStart()))
                .containsExactly(in("1/2"), in("1 1/4"), in("1 3/4"), in("2 1/2"));
        assertThat(plan.closed().size()).isEqualTo(new Size(in("5"), in("7")));
    }

    /** Displayed, the mount's top stands its lift above the panel it is glued on (plane geometry of a box). */
    @Test
    void aPopMountLiftsItsTop() {
        Folding folding =
                Folding.of(Briefs.closed("book", "5", "7").with("mount", "back").with("mountRise", in("3/4")));
        var structure = folding.structure();
        var shown = folding.motions().get(0).frames().get(Folding.FRAMES);
        var top = structure.panel("mount's top");
        var corner = top.outline().getCoordinates()[0];
        var at = shown.get(structure.panels().indexOf(top)).apply(corner);
        assertThat(Math.abs(at.getZ()) / Length.COUNTS_PER_INCH)
                .isCloseTo(0.75, org.assertj.core.api.Assertions.within(1e-4));
    }
}
