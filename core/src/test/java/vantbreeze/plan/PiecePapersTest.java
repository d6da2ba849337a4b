package vantbreeze.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import vantbreeze.catalogue.FoldCatalogue;
import vantbreeze.catalogue.FoldDesign;
import vantbreeze.catalogue.Parameter;
import vantbreeze.layer.Matting;
import vantbreeze.material.Material;
import vantbreeze.material.Paper;
import vantbreeze.material.PiecePapers;
import vantbreeze.material.Print;
import vantbreeze.material.Stock;
import vantbreeze.part.PaperNames;
import vantbreeze.part.Part;
import vantbreeze.structure.Piece;
import vantbreeze.structure.Side;

/** A card whose pieces are cut from papers of their own. */
class PiecePapersTest {

    private static final Paper YELLOW = new Paper("lamp yellow", new Stock(160), "#e8c547", Print.PLAIN);

    private static Stream<FoldDesign> folds() {
        return FoldCatalogue.all().stream()
                .filter(f -> f.parameters().stream().noneMatch(p -> p.kind() == Parameter.Kind.PANELS));
    }

    private static Plan plan(Brief brief, Map<String, Paper> own) {
        return Planner.withoutFixes(brief.withPapers(new PiecePapers(brief.base(), Paper.USUAL_FILM, own)));
    }

    /** A band lies twice over itself on the closed double Z: what its stock is thinner the card is thinner, as often. */
    @Test
    void thicknessAndWeightAreThoseOfItsPapers() {
        Brief brief = Briefs.closed("double-z", "5 1/2", "4 1/4");
        Plan bare = Planner.withoutFixes(brief);
        Plan plan = plan(brief, Map.of("band", YELLOW));
        double band = bare.structure().piece("band").squareMillimetres();
        int base = brief.base().stock().gramsPerSquareMetre();
        assertThat(bare.closed().grams() - plan.closed().grams()).isCloseTo(band * (base - 160) / 1e6, within(1e-6));
        long thinner = brief.base().thickness().minus(YELLOW.thickness()).count();
        long less = bare.closed().thickness().minus(plan.closed().thickness()).count();
        assertThat(less).isPositive();
        assertThat(less % thinner).isZero();
    }

    /** Cut list, steps and pictures say and show the same paper for each piece; random papers, every design. */
    @ParameterizedTest
    @MethodSource("folds")
    void everyPieceIsOfItsPaperEverywhere(FoldDesign fold) {
        Random random = new Random(fold.id().hashCode());
        Brief brief = Briefs.closed(fold.id(), "4 1/4", "5 1/2");
        List<Piece> pieces = Planner.withoutFixes(brief).structure().pieces();
        Map<String, Paper> own = new HashMap<>();
        for (Piece piece : pieces) {
            if (random.nextBoolean() && !piece.isClear()) {
                own.put(
                        piece.name(),
                        new Paper(
                                "paper for the " + piece.name(),
                                new Stock(160 + random.nextInt(5) * 20),
                                "#%06x".formatted(random.nextInt(0x1000000)),
                                Print.PLAIN));
            }
        }
        Plan plan = plan(brief, own);
        PaperNames names = PaperNames.of(plan.parts());
        for (Part part : plan.parts()) {
            if (part.kind() == Part.Kind.PIECE && own.containsKey(part.name())) {
                assertThat(part.paper()).isEqualTo(own.get(part.name()));
                assertThat(plan.cutList()).anySatisfy(c -> {
                    assertThat(c.name()).isEqualTo(part.name());
                    assertThat(c.paper()).isEqualTo(names.of(part.paper()));
                });
                boolean isOffcut = part.offcutOf().isPresent();
                if (!isOffcut) {
                    assertThat(plan.steps()).anyMatch(s -> s.text().contains("From " + names.of(part.paper())));
                }
            }
        }
        plan.closed().front().stream()
                .filter(r -> r.layer() == 0)
                .forEach(r -> assertThat(r.paper())
                        .isEqualTo(own.getOrDefault(
                                plan.structure().panel(r.face().panel().name()).piece(), brief.base())));
        assertThat(names.byPaper().values()).doesNotHaveDuplicates();
    }

    /** No two papers of a card are called alike, whatever the maker calls them. */
    @Test
    void namesTellPapersApart() {
        Brief brief = Briefs.closed("tiered-panel", "5", "7");
        Paper same = new Paper("blue", new Stock(160), "#3a5f8a", Print.PLAIN);
        Plan plan = plan(
                brief,
                Map.of(
                        "strip 1", same,
                        "strip 2", new Paper("blue", new Stock(200), "#3a5f8a", Print.PLAIN),
                        "strip 3", new Paper("blue", new Stock(160), "#3a5f8a", Print.UPRIGHT),
                        "plate 1", new Paper("blue", new Stock(160), "#3a5f8b", Print.PLAIN),
                        "plate 2", new Paper("", new Stock(160), "#3a5f8a", Print.PLAIN)));
        assertThat(PaperNames.of(plan.parts()).byPaper().values())
                .doesNotHaveDuplicates()
                .contains("blue, 200 gsm");
    }

    /** Everyday words; a maker would not call them otherwise. Derived. */
    @ParameterizedTest
    @CsvSource({
        "#ffffff, white",
        "#000000, black",
        "#808080, grey",
        "#fbf8f0, off-white",
        "#e9dcc3, beige",
        "#c0392b, red",
        "#1f3d7a, dark blue",
        "#7e93a8, grey blue",
        "#f5d9e2, pink",
        "#2e8b57, green",
        "#e8c547, yellow",
        "#5b3a1e, brown",
        "#40c4c4, turquoise"
    })
    void aColourHasAPlainWord(String colour, String word) {
        assertThat(new Paper(new Stock(120), colour, Print.PLAIN).called()).isEqualTo(word + " paper");
        assertThat(new Paper(new Stock(300), colour, Print.PLAIN).called()).isEqualTo(word + " card");
    }

    @Test
    void aNameDoesNotPartAPaperFromItsSheet() {
        Paper unnamed = new Paper(YELLOW.stock(), YELLOW.colour(), YELLOW.print());
        assertThat(unnamed.isLike(YELLOW)).isTrue();
        assertThat(unnamed).isNotEqualTo(YELLOW);
        assertThat(new Paper(new Stock(200), YELLOW.colour(), YELLOW.print()).isLike(YELLOW))
                .isFalse();
    }

    @Test
    void tooManyPapersAndTooLongNamesAreRefused() {
        Map<String, Paper> many = new HashMap<>();
        IntStream.rangeClosed(0, PiecePapers.MOST).forEach(i -> many.put("piece " + i, YELLOW));
        assertThatThrownBy(() -> new PiecePapers(YELLOW, Paper.USUAL_FILM, many))
                .hasMessageContaining("At most 60");
        assertThatThrownBy(() -> new Paper("x".repeat(61), new Stock(160), "#ffffff", Print.PLAIN))
                .hasMessageContaining("at most 60 characters");
    }

    /** A patterned Z-fold has no room on its good side, but the white behind it takes a pen; a second print takes that too. */
    @Test
    void theBackOfAPatternedCardIsWrittenOn() {
        Brief card = Briefs.closed("book", "5", "7");
        Brief bare = card.withMatting(new Matting(
                0,
                card.matting().steps(),
                card.matting().grid(),
                card.matting().meeting(),
                Map.of(),
                card.matting().papers()));
        Paper pattern = bare.base().with(Print.SCATTERED);
        Plan oneSide = Planner.plan(bare.withBase(pattern));
        assertThat(oneSide.messageRoom()).isNotEmpty().allMatch(r -> r.face().side() == Side.BACK);
        Paper both = Briefs.printedOnBothSides(pattern);
        assertThat(Planner.plan(bare.withBase(both)).messageRoom()).isEmpty();
        assertThat(Look.all(bare.withBase(both)))
                .anySatisfy(look -> assertThat(look.regions())
                        .anyMatch(r -> r.face().side() == Side.BACK && r.paper().print() == Print.SCATTERED));
    }

    /** Foil cracks at a score, glitter sheds where it is cut: said once, where it happens. Common practice, no source. */
    @Test
    void whatAMaterialDoesIsSaidAtItsStep() {
        Brief card = Briefs.closed("z-fold", "5 1/2", "4 1/4");
        Paper foil =
                new Paper("copper foil", Material.FOIL, Stock.parse("300 gsm", Material.FOIL), "#b87333", Print.PLAIN);
        Plan plan = Planner.plan(card.withBase(foil));
        assertThat(plan.steps())
                .filteredOn(s -> s.text().contains("cracks where it folds"))
                .isNotEmpty()
                .allMatch(s -> s.title().startsWith("Fold"));
    }
}
