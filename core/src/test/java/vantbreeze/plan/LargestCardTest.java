package vantbreeze.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import vantbreeze.catalogue.FoldCatalogue;
import vantbreeze.catalogue.FoldDesign;
import vantbreeze.catalogue.Means;
import vantbreeze.catalogue.Parameter;
import vantbreeze.catalogue.ParameterException;
import vantbreeze.catalogue.Values;
import vantbreeze.layer.Matting;
import vantbreeze.material.Sheet;
import vantbreeze.material.Tools;
import vantbreeze.measure.Length;
import vantbreeze.measure.Size;
import vantbreeze.measure.ToolGrid;
import vantbreeze.measure.UnitSystem;
import vantbreeze.post.Envelope;
import vantbreeze.post.EnvelopeFit;
import vantbreeze.structure.Piece;
import vantbreeze.structure.Structure;

/** The largest card for an envelope and a sheet, against trying every size of the ruler that would be larger. */
class LargestCardTest {

    private static Brief brief(FoldDesign fold, String envelope, String sheet, ToolGrid ruler, boolean utmost) {
        boolean metric = ruler.system() == UnitSystem.METRIC;
        Length trimmer = metric ? Length.millimetres(300L) : Length.inches(12);
        return new Brief(
                fold,
                new Basis.ForEnvelope(Orientation.PORTRAIT, utmost),
                Map.of(),
                Sheet.named(sheet),
                Briefs.card(300),
                Tools.of(ruler, ruler, trimmer),
                Briefs.matting(0, Length.inches(1, 8), ruler, Matting.Meeting.RUN_ON, Map.of()),
                List.of(),
                vantbreeze.layer.Closure.NONE,
                Envelope.named(envelope),
                ruler.system());
    }

    private static Stream<FoldDesign> folds() {
        return FoldCatalogue.all().stream()
                .filter(f -> f.parameters().stream()
                        .noneMatch(p -> p.kind() == Parameter.Kind.PANELS || p.kind() == Parameter.Kind.PATTERN));
    }

    /** In steps of a quarter inch or of five millimetres, held upright and on its side by turns. */
    @ParameterizedTest
    @CsvSource({
        "a2us,letter,INCH",
        "a7us,12x12,INCH",
        "no10,letter,INCH",
        "dl,a4,METRIC",
        "c6,a4,METRIC",
        "c7,a5,METRIC",
        "4bar,letter,INCH",
        "sq6,12x12,INCH",
        "c5,a3,METRIC",
        "b6,a4,METRIC"
    })
    void noLargerCardOfTheRulersGridGoes(String envelope, String sheet, UnitSystem units) {
        ToolGrid ruler = units == UnitSystem.INCH ? ToolGrid.QUARTER_INCH : ToolGrid.FIVE_MILLIMETRES;
        List<String> missed = folds().parallel()
                .flatMap(fold -> Stream.of(Orientation.values())
                        .flatMap(held -> missed(
                                brief(fold, envelope, sheet, ruler, true).withBasis(new Basis.ForEnvelope(held, true)))
                                .stream()))
                .toList();
        assertThat(missed).isEmpty();
    }

    /** What would have been larger, each with what was found. */
    private static List<String> missed(Brief brief) {
        Orientation held = ((Basis.ForEnvelope) brief.basis()).orientation();
        double found = 0;
        String said = "none";
        try {
            Size size = Planner.withoutFixes(brief).closed().size();
            found = size.squareMillimetres();
            said = brief.ruler().text(size);
        } catch (BriefException none) {
            /* Then nothing may go. */
        }
        List<String> missed = new ArrayList<>();
        Size inside = held.hold(brief.envelope().size());
        Length step = brief.tools().ruler().step();
        for (Length w = step.times(4); !w.isMoreThan(inside.width()); w = w.plus(step)) {
            for (Length h = step.times(4); !h.isMoreThan(inside.height()); h = h.plus(step)) {
                Size size = new Size(w, h);
                if (held.holds(size) && size.squareMillimetres() > found * 1.000001 && goes(brief, size)) {
                    missed.add("%s %s: %s goes, found %s"
                            .formatted(brief.fold().id(), held, brief.ruler().text(size), said));
                    found = size.squareMillimetres();
                }
            }
        }
        return missed;
    }

    /** Second method: the card of that size planned for itself, its pieces held against sheet and trimmer, itself put in its envelope. */
    private static boolean goes(Brief brief, Size size) {
        try {
            Means means = new Means(
                    brief.tools().ruler(), Optional.of(brief.sheet().size().longSide()));
            Structure card = Values.resolve(
                            brief.fold(), Map.of(Parameter.WIDTH, size.width(), Parameter.HEIGHT, size.height()), means)
                    .structure(brief.fold());
            for (Piece piece : card.pieces()) {
                boolean cut = piece.isClear()
                        || card.offcutOf(piece).isPresent()
                        || piece.size().fitsWithinEitherWay(brief.sheet().size());
                if (!cut || piece.size().longSide().isMoreThan(brief.tools().trimmer())) {
                    return false;
                }
            }
            Plan plan = Planner.withoutFixes(brief.withBasis(new Basis.ClosedSize(size.width(), size.height())));
            if (plan.closed() == null
                    || plan.closed().size().squareMillimetres() < size.squareMillimetres() * 0.999999) {
                return false;
            }
            EnvelopeFit lying = plan.fit();
            return lying.goesInWith(brief.envelope().ease());
        } catch (BriefException | ParameterException refused) {
            return false;
        }
    }

    /** The three that an earlier search missed. */
    @ParameterizedTest
    @CsvSource({"dl,a4,METRIC,80,200", "c6,a4,METRIC,80,148", "sq6,12x12,INCH,3 1/4,5 1/2"})
    void nestedFiguresFillTheirEnvelope(String envelope, String sheet, UnitSystem units, String width, String height) {
        ToolGrid ruler = units == UnitSystem.INCH ? ToolGrid.SIXTEENTH_INCH : ToolGrid.MILLIMETRE;
        Size size = Planner.withoutFixes(brief(FoldCatalogue.named("nested-figures"), envelope, sheet, ruler, false))
                .closed()
                .size();
        assertThat(size.width()).isGreaterThanOrEqualTo(Length.parse(width, units));
        assertThat(size.height()).isGreaterThanOrEqualTo(Length.parse(height, units));
    }

    @Test
    void whatNothingAllowsIsNone() {
        assertThat(LargestCard.of(
                        ToolGrid.SIXTEENTH_INCH,
                        Briefs.in("5", "7"),
                        vantbreeze.catalogue.Proportions.ANY,
                        Orientation.PORTRAIT,
                        (w, h) -> 1))
                .isEmpty();
    }
}
