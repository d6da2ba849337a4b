package vantbreeze.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static vantbreeze.plan.Briefs.in;

import net.jqwik.api.Example;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import vantbreeze.layer.Mat;
import vantbreeze.material.Sheet;
import vantbreeze.measure.Length;
import vantbreeze.measure.ToolGrid;

/** Sizes that a maker can hit: where a grid point gives what is asked for, the card lies on the grid. */
class SizerTest {

    /** By hand: a note card's front is two thirds of it, so 2 1/2 in asks for 3 3/4, its back mat a quarter less. */
    @Example
    void aFixedPanelLandsOnTheGrid() {
        Plan note = Planner.plan(Briefs.of("note-card", new Basis.FixedPanel("front", in("2 1/2"), in("5"))));
        assertThat(note.closed().size().width()).isEqualTo(in("3 3/4"));
        assertThat(note.dressing().mats())
                .filteredOn(m -> m.face().key().equals("back/face"))
                .isNotEmpty()
                .extracting(Mat::size)
                .allMatch(s -> s.width().equals(in("3 1/2")));
        Plan latch = Planner.plan(Briefs.of("latch-gate", new Basis.FixedPanel("middle", in("1"), in("7"))));
        assertThat(latch.snags()).noneMatch(s -> s.code() == Snag.Code.SCORE_OFF_BOARD);
        assertThat(ToolGrid.SIXTEENTH_INCH.isOn(latch.closed().size().width())).isTrue();
    }

    /** Half a card that is asked for on the grid makes a whole one on the grid. */
    @Property(tries = 60)
    void aFrontOnTheGridMakesACardOnTheGrid(@ForAll @IntRange(min = 20, max = 90) int sixteenths) {
        Length front = Length.inches(sixteenths, 16);
        Plan plan = Planner.withoutFixes(Briefs.of("z-fold", new Basis.FixedPanel("front", front, in("4")))
                .withSheet(Sheet.named("20 x 24 in")));
        assertThat(plan.structure().panel("front").box().width()).isEqualTo(front);
        assertThat(ToolGrid.SIXTEENTH_INCH.isOn(plan.closed().size().width())).isTrue();
    }

    /** A larger sheet never makes a smaller card. */
    @Property(tries = 40)
    void aLargerSheetMakesNoSmallerCard(
            @ForAll @IntRange(min = 5, max = 20) int width, @ForAll @IntRange(min = 5, max = 20) int height) {
        Brief brief = Briefs.of("gatefold", new Basis.FromSheet(1, Orientation.PORTRAIT));
        double small = area(brief, width, height);
        assertThat(area(brief, width + 1, height)).isGreaterThanOrEqualTo(small * 0.999);
        assertThat(area(brief, width, height + 1)).isGreaterThanOrEqualTo(small * 0.999);
    }

    private static double area(Brief brief, int width, int height) {
        return Planner.withoutFixes(brief.withSheet(Sheet.named(width + " x " + height + " in")))
                .closed()
                .size()
                .squareMillimetres();
    }
}
