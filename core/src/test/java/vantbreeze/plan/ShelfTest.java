package vantbreeze.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import vantbreeze.catalogue.FoldCatalogue;
import vantbreeze.layer.Closure;
import vantbreeze.layer.Matting;
import vantbreeze.material.Sheet;
import vantbreeze.material.Tools;
import vantbreeze.measure.Length;
import vantbreeze.measure.Size;
import vantbreeze.measure.ToolGrid;
import vantbreeze.measure.UnitSystem;
import vantbreeze.post.Envelope;
import vantbreeze.post.EnvelopeFit;

class ShelfTest {

    private static Shelf.Entry entry(List<Shelf.Entry> shelf, String fold) {
        return shelf.stream()
                .filter(e -> e.fold().id().equals(fold))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void everyFoldIsThereWithACardThatFitsOrTheReason() {
        Brief brief = Briefs.forEnvelope("z-fold", "a2us", Orientation.PORTRAIT);
        List<Shelf.Entry> shelf = Shelf.of(brief);
        assertThat(shelf).hasSameSizeAs(FoldCatalogue.all());
        for (Shelf.Entry e : shelf) {
            assertThat(e.canBeMade()).isEqualTo(e.reason().isEmpty());
            if (e.canBeMade()) {
                Plan plan = Planner.plan(e.brief());
                assertThat(plan.closed().size()).isEqualTo(e.closed());
                assertThat(plan.fit().verdict()).isNotEqualTo(EnvelopeFit.Verdict.TOO_SMALL);
                assertThat(plan.structure().pieces())
                        .allMatch(
                                p -> p.size().fitsWithinEitherWay(brief.sheet().size()));
            }
        }
    }

    @Test
    void aSheetThatIsTooSmallForTheEnvelopeLimitsTheCard() {
        Brief brief = Briefs.forEnvelope("z-fold", "a9us", Orientation.LANDSCAPE);
        Shelf.Entry large = entry(Shelf.of(brief.withSheet(Sheet.named("18 x 18 in"))), "z-fold");
        Shelf.Entry small = entry(Shelf.of(brief.withSheet(Sheet.named("8 x 6 in"))), "z-fold");
        assertThat(large.limit()).isEqualTo(Shelf.Limit.ENVELOPE);
        assertThat(small.limit()).isEqualTo(Shelf.Limit.SHEET);
        assertThat(small.closed().squareMillimetres()).isLessThan(large.closed().squareMillimetres());
    }

    @Test
    void whatCanBeMadeComesFirstTheEasiestBeforeTheRest() {
        List<Shelf.Entry> shelf = Shelf.of(
                Briefs.forEnvelope("z-fold", "a7us", Orientation.PORTRAIT).withSheet(Sheet.named("6 x 6 in")));
        assertThat(shelf.stream().map(Shelf.Entry::canBeMade).toList())
                .isSortedAccordingTo(java.util.Comparator.reverseOrder());
        assertThat(shelf.stream().filter(Shelf.Entry::canBeMade).map(Shelf.Entry::effort))
                .isSorted();
    }

    @Test
    void choosingAFoldKeepsWhatTheBriefSays() {
        Brief brief = Briefs.forEnvelope("z-fold", "a2us", Orientation.PORTRAIT).with("front", Briefs.in("1 1/2"));
        Brief gate = entry(Shelf.of(brief), "gatefold").brief();
        assertThat(gate.envelope()).isEqualTo(Envelope.named("a2us"));
        assertThat(gate.sheet()).isEqualTo(brief.sheet());
        assertThat(gate.parameters()).doesNotContainKey("front");
    }

    /** Common practice: a book has its whole inside to write on; a tiny card has none of 2 by 3 in. */
    @Test
    void messageRoomIsTheLargestPlainFace() {
        Brief brief = Briefs.forEnvelope("book", "a2us", Orientation.PORTRAIT);
        Shelf.Entry book = entry(Shelf.of(brief), "book");
        assertThat(book.messageRoom()).isEqualTo(book.closed());
        Brief tiny =
                Briefs.of("book", new Basis.FromSheet(1, Orientation.PORTRAIT)).withSheet(Sheet.named("3 x 2 in"));
        assertThat(entry(Shelf.of(tiny), "book").messageRoom()).isNull();
    }

    private static Brief atHand(UnitSystem units, String sheet, String envelope) {
        boolean metric = units == UnitSystem.METRIC;
        ToolGrid grid = metric ? ToolGrid.MILLIMETRE : ToolGrid.SIXTEENTH_INCH;
        Length step = metric ? Length.millimetres(3L) : Briefs.in("1/8");
        return new Brief(
                FoldCatalogue.named("z-fold"),
                new Basis.ForEnvelope(Orientation.LANDSCAPE, false),
                Map.of(),
                Sheet.named(sheet),
                Briefs.card(300),
                Tools.of(grid, grid, metric ? Length.millimetres(310L) : Briefs.in("12")),
                Briefs.matting(1, step, grid, Matting.Meeting.RUN_ON, Map.of()),
                List.of(),
                Closure.NONE,
                Envelope.named(envelope),
                units);
    }

    /** What remains has its reason in docs/decisions.md. */
    private static final Pattern KNOWN =
            Pattern.compile("(twin-pillar a4 dl|(fan-concertina|never-ending-card) \\w+ \\w+) NO_MESSAGE_ROOM");

    /** No fold taken from the shelf brings a snag, whatever sheet and envelope lie on the table, in inches or millimetres. */
    @ParameterizedTest
    @CsvSource({
        "INCH,letter,a2us", "INCH,letter,a7us", "INCH,letter,a6us",
        "INCH,legal,a2us", "INCH,legal,a7us", "INCH,legal,a6us",
        "INCH,12x12,a2us", "INCH,12x12,a7us", "INCH,12x12,a6us",
        "METRIC,a4,c6", "METRIC,a4,dl", "METRIC,a4,c5",
        "METRIC,a3,c6", "METRIC,a3,dl", "METRIC,a3,c5",
        "METRIC,sra3,c6", "METRIC,sra3,dl", "METRIC,sra3,c5"
    })
    void whatTheShelfProposesHasNoSnags(UnitSystem units, String sheet, String envelope) {
        List<String> snags = Shelf.of(atHand(units, sheet, envelope)).stream()
                .filter(Shelf.Entry::canBeMade)
                .flatMap(e -> Planner.withoutFixes(e.brief()).snags().stream()
                        .filter(s -> s.severity() != Severity.NOTE)
                        .map(s -> "%s %s %s %s".formatted(e.fold().id(), sheet, envelope, s.code())))
                .filter(s -> !KNOWN.matcher(s).matches())
                .toList();
        assertThat(snags).isEmpty();
    }

    /** Largest within both: a tri-fold for A6 from Letter, three panels from 11 in; a double opening for DL from A4. */
    @Test
    void theShelfFillsEnvelopeAndSheet() {
        Size tri = entry(Shelf.of(atHand(UnitSystem.INCH, "letter", "a6us")), "tri-fold")
                .closed();
        assertThat(tri.width()).isGreaterThanOrEqualTo(Briefs.in("3 11/16"));
        assertThat(tri.height()).isGreaterThanOrEqualTo(Briefs.in("6"));
        Size door = entry(Shelf.of(atHand(UnitSystem.METRIC, "a4", "dl")), "double-opening")
                .closed();
        assertThat(door.squareMillimetres()).isGreaterThanOrEqualTo(99 * 205.0);
    }

    /** Makers are offered their own sheets and envelopes first. */
    @ParameterizedTest
    @CsvSource({"INCH,letter,a2us", "METRIC,a4,c6"})
    void fixesKeepToTheMakersUnits(UnitSystem units, String sheet, String envelope) {
        Brief large = atHand(units, sheet, envelope)
                .withBasis(new Basis.ClosedSize(Length.millimetres(165L), Length.millimetres(140L)));
        List<String> labels = Planner.plan(large).snags().stream()
                .flatMap(s -> s.fixes().stream())
                .map(Snag.Fix::label)
                .filter(l -> l.startsWith("Use a sheet of"))
                .toList();
        assertThat(labels)
                .isNotEmpty()
                .allMatch(l -> Sheet.table().stream()
                        .filter(s -> l.endsWith(" " + s.name()))
                        .allMatch(s -> s.system() == units));
    }
}
