package vantbreeze.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import vantbreeze.layer.Anchor;
import vantbreeze.layer.Fixing;
import vantbreeze.layer.GluedOn;
import vantbreeze.layer.Ornament;
import vantbreeze.layer.Shape;
import vantbreeze.material.Material;
import vantbreeze.material.Paper;
import vantbreeze.material.Print;
import vantbreeze.material.Stock;
import vantbreeze.measure.Length;
import vantbreeze.measure.Ruler;
import vantbreeze.measure.Size;
import vantbreeze.measure.UnitSystem;
import vantbreeze.part.Trimming;
import vantbreeze.part.TrimmingTotal;

/** Ribbon, twine, brads and buttons. What hands do with them is common practice, no published source. */
class TrimmingTest {

    private static final String LEVEL = "band 3/8 in wide, 1 in from lower, border 0 in";
    private static final String UPRIGHT = "band 3/8 in wide, 0 in from right, border 0 in";

    private static Paper of(Material material, String name) {
        return new Paper(name, material, Stock.parse(material.usualStock(), material), "#ffffff", Print.PLAIN);
    }

    private static Ornament it(String name, Material material, String face, String shape, Anchor by, String fixing) {
        return new Ornament(
                name,
                face,
                Shape.parse(shape, UnitSystem.INCH),
                by,
                by,
                Optional.empty(),
                of(material, "white " + material.word()),
                fixing.isEmpty() ? new GluedOn(Ornament.Glue.OWN_PANEL) : Fixing.parse(fixing, UnitSystem.INCH),
                false);
    }

    private static Ornament ribbon(String face, String band, String fixing) {
        return it("ribbon", Material.RIBBON, face, band, Anchor.middle(), fixing);
    }

    private static Plan plan(Ornament... ornaments) {
        Brief brief = Briefs.closed("z-fold", "4 1/4", "5 1/2");
        return Planner.withoutFixes(brief.withOrnaments(List.of(ornaments)));
    }

    private static Length length(Plan plan, String name) {
        return plan.trimmings().stream()
                .filter(t -> t.name().equals(name))
                .findFirst()
                .flatMap(Trimming::length)
                .orElseThrow();
    }

    private static List<String> titles(Plan plan) {
        return plan.steps().stream().map(s -> s.title()).toList();
    }

    private static String text(Plan plan, String title) {
        return plan.steps().stream()
                .filter(s -> s.title().equals(title))
                .findFirst()
                .orElseThrow()
                .text();
    }

    /** [C] Around a mat 4 in wide: twice its width and an inch to tape behind; tied, 14 in more than goes around. */
    @Test
    void aRibbonTakesTwiceTheWidthAndItsEnds() {
        assertThat(length(plan(ribbon("back/face", LEVEL, "around the mat, taped")), "ribbon"))
                .isEqualTo(Length.inches(9));
        assertThat(length(plan(ribbon("back/face", LEVEL, "around the mat, bow")), "ribbon"))
                .isEqualTo(Length.inches(89, 4));
        assertThat(length(plan(ribbon("back/face", LEVEL, "")), "ribbon")).isEqualTo(Length.inches(17, 4));
    }

    /** It goes around the mat before that is glued, and its ends make the card thicker. */
    @Test
    void aRibbonGoesAroundAMatBeforeItIsLaid() {
        Plan plan = plan(ribbon("back/face", LEVEL, "around the mat, taped"));
        List<String> titles = titles(plan);
        assertThat(titles.indexOf("Cut the white ribbon")).isNotNegative();
        assertThat(titles.indexOf("Add the ribbon"))
                .isBetween(titles.indexOf("Cut the white ribbon"), titles.indexOf("Lay the mats") - 1);
        assertThat(titles.indexOf("Cut the mats")).isLessThan(titles.indexOf("Add the ribbon"));
        assertThat(text(plan, "Add the ribbon"))
                .startsWith("Run the white ribbon around the mat for the back:")
                .contains("1 in up")
                .endsWith("tape them down there.");
        Length bare = plan().closed().thickness();
        Length ribbon = of(Material.RIBBON, "").thickness();
        assertThat(plan.closed().thickness()).isEqualTo(bare.plus(ribbon.times(2)));
        assertThat(plan.parts()).noneMatch(p -> p.name().equals("ribbon"));
        assertThat(plan.cutList())
                .anyMatch(c -> c.name().equals("ribbon") && c.paper().equals("white ribbon"));
        assertThat(plan.closed().grams()).isGreaterThan(plan().closed().grams());
    }

    /** Across the score it hangs on by, nothing gets behind a panel; along that score many a ribbon is tied. */
    @Test
    void aRibbonCannotGoThroughAFold() {
        Plan across = plan(ribbon("back/face", LEVEL, "around the panel, taped"));
        Plan along = plan(ribbon("back/face", UPRIGHT, "around the panel, taped"));
        assertThat(across.snags()).anyMatch(s -> s.code() == Snag.Code.ORNAMENT_THROUGH_FOLD);
        assertThat(along.snags()).noneMatch(s -> s.code() == Snag.Code.ORNAMENT_THROUGH_FOLD);
        assertThat(length(along, "ribbon")).isEqualTo(Length.inches(12));
        assertThat(titles(along).indexOf("Lay the mats"))
                .isLessThan(titles(along).indexOf("Add the ribbon"));
        Plan mended = Planner.plan(across.brief());
        assertThat(mended.snags().stream()
                        .filter(s -> s.code() == Snag.Code.ORNAMENT_THROUGH_FOLD)
                        .findFirst()
                        .orElseThrow()
                        .fixes())
                .extracting(Snag.Fix::label)
                .contains("Run it around the mat of the back", "Cut it off at the edges and glue it on");
    }

    /** A focal piece with ribbon round it: built off the card as one. */
    @Test
    void aRibbonGoesAroundAFocalPieceOffTheCard() {
        Ornament plate = it("plate", Material.PAPER, "back/face", "3 x 2 in", Anchor.middle(), "");
        Anchor by = Anchor.middle().of("plate");
        Plan plan = plan(
                plate,
                it(
                        "ribbon",
                        Material.RIBBON,
                        "back/face",
                        "band 1/4 in wide, 1/2 in from lower, border 0 in",
                        by,
                        "around the ornament, knot"),
                it("button", Material.BUTTON, "back/face", "circle 1/2 in", by, ""));
        assertThat(length(plan, "ribbon")).isGreaterThan(Length.inches(12)).isLessThan(Length.inches(25, 2));
        assertThat(titles(plan))
                .containsOnlyOnce("Cut the plate", "Cut the white ribbon", "Build the plate", "Add the plate");
        assertThat(text(plan, "Build the plate"))
                .contains("run the white ribbon around the plate", "put the button on the plate", "glue dots");
        assertThat(plan.trimmings()).extracting(Trimming::name).containsExactly("ribbon", "button");
    }

    @Test
    void twineIsTiedThroughHolesAndABradIsOpenedBehind() {
        Plan tied = plan(it(
                "bow",
                Material.TWINE,
                "back/face",
                "1 x 1/2 in",
                Anchor.middle(),
                "through the mat, holes 1/4 in apart, bow"));
        assertThat(text(tied, "Add the bow"))
                .contains("Punch two holes ¼ in apart through the mat for the back", "Tie a bow");
        assertThat(length(tied, "bow")).isEqualTo(Length.inches(14));
        Plan brad = plan(it("brad", Material.BRAD, "back/face", "circle 1/4 in", Anchor.middle(), "through the mat"));
        assertThat(text(brad, "Add the brad")).contains("open its prongs behind");
        assertThat(titles(brad).indexOf("Add the brad")).isLessThan(titles(brad).indexOf("Lay the mats"));
        Plan staple =
                plan(it("staple", Material.STAPLE, "back/face", "1/2 x 1/16 in", Anchor.middle(), "through the panel"));
        assertThat(titles(staple).indexOf("Lay the mats"))
                .isLessThan(titles(staple).indexOf("Add the staple"));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "around the mat, taped",
                "around the panel, bow",
                "through the panel, holes 3/8 in apart, knot",
                "through the mat"
            })
    void aFixingIsReadAsItIsSaid(String said) {
        assertThat(Fixing.parse(said, UnitSystem.INCH).text(UnitSystem.INCH)).isEqualTo(said);
    }

    @Test
    void whatCannotBeHeldSoIsRefused() {
        assertThatThrownBy(() -> it("x", Material.PAPER, "back/face", LEVEL, Anchor.middle(), "around the mat, taped"))
                .hasMessageContaining("must be ribbon, twine or lace");
        assertThatThrownBy(() -> ribbon("back/face", "1 x 1 in", "around the mat, taped"))
                .hasMessageContaining("must be a band");
        assertThatThrownBy(() -> ribbon("back/face", LEVEL, "through the mat"))
                .hasMessageContaining("brad or a staple");
        assertThatThrownBy(() -> ribbon("back/face", LEVEL, "around the ornament, bow"))
                .hasMessageContaining("laid by that one");
        assertThatThrownBy(() -> Fixing.parse("on the moon", UnitSystem.INCH)).hasMessageContaining("on the moon");
        Brief brief = Briefs.closed("z-fold", "4 1/4", "5 1/2");
        assertThatThrownBy(() -> brief.withBase(of(Material.RIBBON, "")))
                .hasMessageContaining("cannot be cut from white ribbon");
        assertThatThrownBy(() -> brief.withMatting(brief.matting().withEach(p -> of(Material.LACE, ""))))
                .hasMessageContaining("cannot be cut from white lace");
    }

    /** Wherever a ribbon lies and however it is held: it is long enough to go around, and no shorter than it is seen. */
    @Property(tries = 30)
    void aRibbonIsLongEnough(
            @ForAll @IntRange(min = 2, max = 8) int sixteenths,
            @ForAll @IntRange(max = 32) int from,
            @ForAll boolean level,
            @ForAll @IntRange(max = 2) int ends) {
        String band = "band %d/16 in wide, %d/16 in from %s, border 0 in"
                .formatted(sixteenths, from, level ? "lower" : "left");
        String[] how = {"taped", "bow", "knot"};
        Plan plan = plan(ribbon("back/face", band, "around the mat, " + how[ends]));
        Length seen = level ? Length.inches(4) : Length.inches(21, 4);
        assertThat(length(plan, "ribbon")).isGreaterThanOrEqualTo(seen.times(2).plus(Length.inches(1)));
        /* Upright it may lie where the card is thin. */
        Length bare = plan().closed().thickness();
        assertThat(plan.closed().thickness()).isGreaterThanOrEqualTo(level ? bare.plus(Length.ofCounts(1)) : bare);
        for (Look look : Look.all(plan.brief())) {
            assertThat(look.regions())
                    .filteredOn(r -> r.layer() == Look.ORNAMENT)
                    .allMatch(r -> r.paper().material() == Material.RIBBON);
        }
    }

    /** Twelve cards with 9 in each and two with 4 1/2 in: by hand 117 in off the spool. */
    @Test
    void ribbonForSeveralCardsIsBoughtInOneLength() {
        Paper satin = of(Material.RIBBON, "white satin");
        Paper button = of(Material.BUTTON, "pearl");
        Size seen = new Size(Length.inches(4), Length.inches(3, 8));
        Size half = new Size(Length.inches(1, 2), Length.inches(1, 2));
        Trimming long9 = new Trimming("ribbon", satin, seen, Optional.of(Length.inches(9)), "the mat");
        Trimming short4 = new Trimming("ribbon", satin, seen, Optional.of(Length.inches(9, 2)), "the mat");
        Trimming pearl = new Trimming("button", button, half, Optional.empty(), "the front");
        List<TrimmingTotal> totals = TrimmingTotal.of(
                List.of(new TrimmingTotal.Of(List.of(long9, pearl), 12), new TrimmingTotal.Of(List.of(short4), 2)));
        assertThat(totals).hasSize(2);
        assertThat(totals.get(0).length()).isEqualTo(Length.inches(117));
        assertThat(totals.get(0).text(Ruler.of(UnitSystem.INCH)))
                .isEqualTo("117 in of white satin, 3⁄8 in wide (12 × 9 in and 2 × 4½ in)");
        assertThat(totals.get(1).text(Ruler.of(UnitSystem.INCH))).isEqualTo("12 × pearl, ½ × ½ in");
    }
}
