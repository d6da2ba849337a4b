package vantbreeze.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import vantbreeze.catalogue.FoldCatalogue;
import vantbreeze.material.Sheet;
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
}
