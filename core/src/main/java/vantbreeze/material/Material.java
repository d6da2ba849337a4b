package vantbreeze.material;

import java.util.Optional;
import java.util.Set;
import vantbreeze.measure.Length;

/**
 * What a sheet is made of, and what follows from it. Common practice, no published source; bulks from memory: what the
 * maker measured counts.
 */
public enum Material {
    PAPER("paper", 1.25, ""),
    VELLUM("vellum", 0.85, "What glues it shows through, and wet glue makes it cockle.", Trait.TRANSLUCENT),
    /** Cellulose acetate has about 1.3 g/cm3 (from memory), so 0.1 mm of it weighs 130 g per square metre. */
    FILM(
            "clear film",
            1 / 1.3,
            "What glues it shows through, and wet glue smears on it.",
            Trait.TRANSLUCENT,
            Trait.CLEAR,
            Trait.SLICK),
    GLITTER("glitter card", 1.4, "It sheds, and tape and dots hold badly on it.", Trait.ROUGH, Trait.FACED),
    FOIL(
            "foil card",
            1.15,
            "It is slick: wet glue slides off it. It cracks where it folds.",
            Trait.SLICK,
            Trait.BRITTLE,
            Trait.FACED),
    MIRROR(
            "mirror card",
            1.15,
            "It is slick, and it scratches. It cracks where it folds.",
            Trait.SLICK,
            Trait.BRITTLE,
            Trait.FACED),
    FABRIC("fabric", 2, "Wet glue soaks through it, and it frays where it is cut.", Trait.POROUS),
    RIBBON(Form.LENGTH, "ribbon", 1.7, "0.3 mm", "Its ends fray: cut them aslant, or seal them.", Trait.POROUS),
    TWINE(Form.LENGTH, "twine", 1.5, "1.5 mm", "Wet glue soaks into it.", Trait.POROUS),
    LACE(Form.LENGTH, "lace", 3, "0.8 mm", "Glue shows through its holes.", Trait.POROUS, Trait.TRANSLUCENT),
    BOW(Form.READY, "bow", 8, "5 mm", "Tape does not hold it: use glue dots.", Trait.POROUS),
    GEM(Form.READY, "gem", 1.2, "2 mm", "Wet glue slides off its flat back.", Trait.SLICK),
    BUTTON(Form.READY, "button", 1.2, "2.5 mm", "Wet glue slides off it.", Trait.SLICK),
    BRAD(Form.READY, "brad", 0.4, "2 mm", "Its prongs scratch: cover them behind.", Trait.SLICK),
    STAPLE(Form.READY, "staple", 0.2, "0.6 mm", "Its points show behind.", Trait.SLICK),
    TWIG(Form.READY, "twig", 2, "4 mm", "It is uneven: glue it where it touches.", Trait.ROUGH);

    /** How it comes. */
    public enum Form {
        /** On sheets that parts are cut from. */
        SHEET,
        /** On a spool. */
        LENGTH,
        /** Ready to be put on. */
        READY
    }

    /** What decides how a material is glued, folded and written on. */
    public enum Trait {
        /** What glues it shows through. */
        TRANSLUCENT,
        /** It is seen through as if it were not there. */
        CLEAR,
        /** Wet glue does not hold on it. */
        SLICK,
        /** Tape and dots hold on its grains alone. */
        ROUGH,
        /** Wet glue soaks through. */
        POROUS,
        /** Its face cracks where it folds. */
        BRITTLE,
        /** It is so on its good side alone; behind it is plain card. */
        FACED
    }

    /** Nothing thinner or thicker is sold. Common practice, no published source. */
    private static final Length THINNEST = Length.millimetres(0.03);

    private static final Length THICKEST = Length.millimetres(1.5);
    private static final Length THICKEST_FILM = Length.millimetres(1);
    private static final Length THICKEST_TRIMMING = Length.millimetres(10);

    private final Form form;
    private final String word;
    private final double cubicCentimetresPerGram;
    private final String usualTrimming;
    private final String advice;
    private final Set<Trait> traits;

    Material(String word, double cubicCentimetresPerGram, String advice, Trait... traits) {
        this(Form.SHEET, word, cubicCentimetresPerGram, "", advice, traits);
    }

    Material(
            Form form,
            String word,
            double cubicCentimetresPerGram,
            String usualTrimming,
            String advice,
            Trait... traits) {
        this.form = form;
        this.usualTrimming = usualTrimming;
        this.word = word;
        this.cubicCentimetresPerGram = cubicCentimetresPerGram;
        this.advice = advice;
        this.traits = Set.of(traits);
    }

    public Form form() {
        return form;
    }

    /** Whether parts are cut from sheets of it. */
    public boolean isSheet() {
        return form == Form.SHEET;
    }

    /** Whether it is said by its thickness: nobody knows what a square metre of it weighs. */
    private boolean isThick() {
        return this == FILM || !isSheet();
    }

    /** "vellum", "glitter card". */
    public String word() {
        return word;
    }

    /** What a maker has to know of it, in a sentence or two; empty where there is nothing. */
    public String advice() {
        return advice;
    }

    /** What to mind when it is cut, a sentence; empty where there is nothing. Common practice, no published source. */
    public String whenCut() {
        return switch (this) {
            case GLITTER -> "Glitter card sheds: cut it over scrap paper.";
            case FABRIC -> "Fabric frays: cut it once, with a sharp blade.";
            case MIRROR -> "Mirror card scratches: keep its face off the table.";
            default -> "";
        };
    }

    /** The same when it is scored and folded. */
    public String whenFolded() {
        return switch (this) {
            case FOIL, MIRROR ->
                "%s cracks where it folds: score it gently two or three times, fold it slowly."
                        .formatted(Character.toUpperCase(word.charAt(0)) + word.substring(1));
            case VELLUM -> "Vellum creases white and for good: score it lightly, fold it once.";
            default -> "";
        };
    }

    public boolean is(Trait trait) {
        return traits.contains(trait);
    }

    /** Why that adhesive is not for this material, to stand after a colon; empty where it is. */
    Optional<String> against(Adhesive adhesive) {
        boolean wet = adhesive.is(Adhesive.Quality.WET);
        String glue = adhesive.name();
        if (wet && is(Trait.TRANSLUCENT)) {
            return Optional.of(is(Trait.CLEAR) ? glue + " smears on film" : "%s makes %s cockle".formatted(glue, word));
        }
        if (wet && is(Trait.POROUS)) {
            return Optional.of("%s soaks through %s".formatted(glue, word));
        }
        if (is(Trait.SLICK) && !adhesive.is(Adhesive.Quality.HOLDS_ON_SLICK)) {
            return Optional.of("%s does not hold on %s".formatted(glue, word));
        }
        return is(Trait.ROUGH) && !adhesive.is(Adhesive.Quality.HOLDS_ON_ROUGH)
                ? Optional.of("%s holds badly on %s".formatted(glue, word))
                : Optional.empty();
    }

    /** What is usually bought, as a maker says it. Common practice, no published source. */
    public String usualStock() {
        return switch (this) {
            case FILM -> "0.1 mm";
            case VELLUM -> "112 gsm";
            case PAPER, FABRIC -> "160 gsm";
            case GLITTER, FOIL, MIRROR -> "250 gsm";
            default -> usualTrimming;
        };
    }

    /** Whether a pen writes on it. */
    public boolean takesInk() {
        return this == PAPER;
    }

    /** Of one layer that weighs so much, to the nearest 1/640 mm. */
    Length thickness(double gramsPerSquareMetre) {
        return Length.millimetres(gramsPerSquareMetre * cubicCentimetresPerGram / 1000);
    }

    int grams(Length thickness) {
        return (int) Math.round(thickness.millimetres() * 1000 / cubicCentimetresPerGram);
    }

    public Length thickest() {
        return isSheet() ? this == FILM ? THICKEST_FILM : THICKEST : THICKEST_TRIMMING;
    }

    /** In words: "40 to 600 gsm, or 0.03 to 1.5 mm". */
    public String range() {
        return isThick()
                ? "0.03 to %.0f mm".formatted(thickest().millimetres())
                : "%d to %d gsm, or 0.03 to 1.5 mm".formatted(Stock.LIGHTEST, Stock.HEAVIEST);
    }

    /** @throws IllegalArgumentException if nothing of this material is as heavy or as thick */
    void require(Stock stock) {
        boolean weighs = isThick()
                || stock.gramsPerSquareMetre() >= Stock.LIGHTEST && stock.gramsPerSquareMetre() <= Stock.HEAVIEST;
        if (!weighs) {
            throw new IllegalArgumentException("The %s (%d gsm) must weigh %d to %d gsm."
                    .formatted(
                            this == PAPER ? "stock" : word,
                            stock.gramsPerSquareMetre(),
                            Stock.LIGHTEST,
                            Stock.HEAVIEST));
        }
        if (stock.thickness().isLessThan(THINNEST) || stock.thickness().isMoreThan(thickest())) {
            throw new IllegalArgumentException("The %s (%.3f mm thick) must be %.2f to %.2f mm thick."
                    .formatted(
                            this == PAPER ? "stock" : word,
                            stock.thickness().millimetres(),
                            THINNEST.millimetres(),
                            thickest().millimetres()));
        }
    }
}
