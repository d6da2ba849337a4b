package vantbreeze.server.plan;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import vantbreeze.catalogue.LengthList;
import vantbreeze.catalogue.LinePattern;
import vantbreeze.catalogue.PanelRows;
import vantbreeze.layer.Anchor;
import vantbreeze.layer.Finish;
import vantbreeze.layer.Fixing;
import vantbreeze.layer.Matting;
import vantbreeze.layer.Ornament;
import vantbreeze.layer.Shape;
import vantbreeze.material.Adhesive;
import vantbreeze.material.Adhesives;
import vantbreeze.material.Material;
import vantbreeze.material.Paper;
import vantbreeze.material.Print;
import vantbreeze.material.Scoring;
import vantbreeze.measure.Length;
import vantbreeze.measure.UnitSystem;
import vantbreeze.operation.OwnStep;
import vantbreeze.operation.Technique;
import vantbreeze.plan.Basis;
import vantbreeze.plan.Brief;
import vantbreeze.plan.BriefException;
import vantbreeze.plan.Orientation;

/**
 * A brief as it crosses the wire. Lengths are text with a unit, "5 1/2 in" or "140 mm"; a bare number counts in
 * {@code units}.
 */
@Schema(name = "Brief")
public record BriefJson(
        @Schema(description = "id of a fold", example = "z-fold")
        String fold,

        BasisJson basis,

        @Schema(description = "what was chosen about the fold, by key, as text; the rest takes its usual value")
        Map<String, String> parameters,

        @Schema(description = "id of a sheet, or a size such as \"10 x 8 in\"", example = "letter")
        String sheet,

        @Schema(description = "id of an envelope, or a size; none when absent", example = "a2us", nullable = true)
        String envelope,

        @Schema(description = "what the pieces are folded from")
        PaperJson base,

        @Schema(
                description = "papers of single pieces by their name, where they differ from the base's",
                nullable = true)
        Map<String, PaperJson> piecePapers,

        ToolsJson tools,
        MattingJson matting,

        @Schema(description = "what is laid on top of the mats, each under its own name; none when absent")
        List<OrnamentJson> ornaments,

        @Schema(
                description = "none, belt, sleeve, ribbon or ring, with a width if it is not the usual one",
                example = "ribbon",
                nullable = true)
        String closure,

        @Schema(description = "how thick clear film is; 0.1 mm when absent", example = "0.1 mm", nullable = true)
        String film,

        @Schema(
                description = "where the first piece lies on its photographed sheet; anywhere when absent",
                nullable = true)
        PlaceJson baseAt,

        @Schema(description = "what the maker adds to the order of work; nothing when absent", nullable = true)
        List<OwnStepJson> ownSteps,

        @Schema(
                description = "what the maker glues with at a place: its adhesive's key; nothing when absent",
                nullable = true)
        Map<String, String> gluedWith,

        @Schema(description = "what the maker reads") UnitSystem units) {

    /** What the maker starts from. */
    public enum BasisKind {
        CLOSED,
        ENVELOPE,
        SHEET,
        PANEL
    }

    /** Which fields count follows from the kind. */
    @Schema(name = "Basis")
    public record BasisJson(
            BasisKind kind,

            @Schema(description = "CLOSED: closed width; a free strip may leave it out", nullable = true)
            String width,

            @Schema(description = "CLOSED, PANEL: closed height", nullable = true)
            String height,

            @Schema(description = "ENVELOPE, SHEET", nullable = true)
            Orientation orientation,

            @Schema(
                    description =
                            "ENVELOPE: the very largest card that goes in, to the last mark; otherwise its usual card",
                    nullable = true)
            Boolean utmost,

            @Schema(
                    description = "SHEET: equal parts the sheet is cut into first",
                    minimum = "1",
                    maximum = "6",
                    nullable = true)
            Integer share,

            @Schema(description = "PANEL: name of the panel", nullable = true)
            String panel,

            @Schema(description = "PANEL: its width", nullable = true)
            String panelWidth) {}

    /** From the lower left corner. */
    @Schema(name = "Place")
    public record PlaceJson(
            @Schema(example = "1 in") String x,
            @Schema(example = "2 in") String y) {}

    /** Grids are one of 1/64, 1/32, 1/16, 1/8, 1/4 in, 0.5, 1, 2, 5 and 10 mm. */
    @Schema(name = "Tools")
    public record ToolsJson(
            @Schema(example = "1/16 in") String ruler,
            @Schema(example = "1/8 in") String board,

            @Schema(
                    nullable = true,
                    example = "12 in",
                    description = "from its fence to its last groove; the usual 12 in if left out")
            String boardReach,

            @Schema(example = "12 in") String trimmer,

            @Schema(
                    nullable = true,
                    example = "12 x 24 in",
                    description = "of the cutting machine, width by length; the usual 12 x 24 in if left out")
            String bed,

            @Schema(
                    nullable = true,
                    description = "all scores from one side, or each on the side of its ridge, which it is if left out")
            Scoring scoring,

            @Schema(
                    nullable = true,
                    description =
                            "what there is to glue with, what is reached for first before the others; the usual ones if left out")
            List<AdhesiveJson> adhesives) {

        public ToolsJson with(List<AdhesiveJson> other) {
            return new ToolsJson(ruler, board, boardReach, trimmer, bed, scoring, other);
        }
    }

    /**
     * What joins two papers.
     *
     * @param key the same for the same adhesive whatever it is called
     * @param gripSeconds until it holds by itself
     * @param minutes until the joint may be bent
     */
    @Schema(name = "Adhesive")
    public record AdhesiveJson(
            String key,
            @Schema(example = "wet glue") String name,
            List<Adhesive.Use> uses,
            int gripSeconds,
            int minutes,
            List<Adhesive.Quality> qualities) {

        public static List<AdhesiveJson> of(Adhesives adhesives) {
            return adhesives.list().stream()
                    .map(a -> new AdhesiveJson(
                            a.key(),
                            a.name(),
                            a.uses().stream().sorted().toList(),
                            a.gripSeconds(),
                            a.minutes(),
                            a.qualities().stream().sorted().toList()))
                    .toList();
        }

        Adhesive read() {
            if (key == null || name == null || uses == null || qualities == null) {
                throw new IllegalArgumentException("An adhesive needs its key, its name, its uses and its qualities.");
            }
            return new Adhesive(key, name, new HashSet<>(uses), gripSeconds, minutes, new HashSet<>(qualities));
        }
    }

    @Schema(name = "Paper")
    public record PaperJson(
            @Schema(
                    description = "a weight, a thickness or both; a basis weight with its grade",
                    example = "300 gsm, 0.38 mm")
            String stock,

            @Schema(example = "#f4efe3") String colour,
            Print print,

            @Schema(description = "the maker's own; absent where it has none", example = "lamp yellow", nullable = true)
            String name,

            @Schema(description = "what it is made of; paper when absent", nullable = true)
            Material material,

            @Schema(
                    description = "what is on its back; when absent white behind a pattern or a coat, else as in front",
                    nullable = true)
            BackJson back) {

        public static PaperJson of(Paper paper) {
            return new PaperJson(
                    paper.stock().text(),
                    paper.colour(),
                    paper.print(),
                    paper.name().isEmpty() ? null : paper.name(),
                    paper.material() == Material.PAPER ? null : paper.material(),
                    paper.back().map(BackJson::of).orElse(null));
        }
    }

    /** The back of a paper that is printed or coloured on both sides. */
    @Schema(name = "PaperBack")
    public record BackJson(@Schema(example = "#f4efe3") String colour, Print print) {

        public static BackJson of(Paper.Back back) {
            return new BackJson(back.colour(), back.print());
        }

        /** @throws IllegalArgumentException if the colour is none */
        public Paper.Back read() {
            return new Paper.Back(colour == null ? "" : colour, print == null ? Print.PLAIN : print);
        }
    }

    @Schema(name = "Matting")
    public record MattingJson(
            @Schema(description = "on every dressed face", minimum = "0", maximum = "3")
            int layers,

            @Schema(
                    description = "for each mat, the lowest first; the last holds for those above",
                    example = "[\"1/8 in\"]")
            List<String> steps,

            @Schema(example = "1/16 in") String grid,
            Matting.Meeting meeting,

            @Schema(
                    description = "what single faces get by key, \"back/face\", where it differs: " + Finish.FORM,
                    example = "{\"back/face\": \"ground + 1\"}")
            Map<String, String> byFace,

            @Schema(description = "for each layer, the lowest first; the last holds for those above")
            List<PaperJson> papers,

            @Schema(description = "the same for single faces by key, where it differs", nullable = true)
            Map<String, List<PaperJson>> papersByFace) {}

    @Schema(name = "Ornament")
    public record OrnamentJson(
            String name,

            @Schema(description = "key of the face it is glued to", example = "front/face")
            String face,

            @Schema(description = Shape.FORM, example = "circle 1 1/2 in")
            String outline,

            @Schema(
                    description = "from the panel's left edge, looking at the face, or as across says",
                    example = "1/2 in")
            String x,

            @Schema(description = "from the panel's lower edge, or as up says", example = "1/2 in")
            String y,

            @Schema(description = "how high foam holds it; as high as it has to be when absent", nullable = true)
            String lift,

            PaperJson paper,

            @Schema(description = "what of it is glued, where nothing else holds it")
            Ornament.Glue glue,

            @Schema(description = "what holds it instead of glue: " + Fixing.FORM, nullable = true)
            String fixing,

            @Schema(description = "what x is counted from; from the panel's left edge when absent", nullable = true)
            AnchorJson across,

            @Schema(description = "what y is counted from; from the panel's lower edge when absent", nullable = true)
            AnchorJson up,

            @Schema(description = "whether what hangs over its panel is trimmed off flush", nullable = true)
            Boolean trimmed) {

        public static OrnamentJson of(Ornament o, UnitSystem units) {
            return new OrnamentJson(
                    o.name(),
                    o.face(),
                    o.shape().text(units),
                    o.x().by().exactText(units),
                    o.y().by().exactText(units),
                    o.lift().map(l -> l.exactText(units)).orElse(null),
                    PaperJson.of(o.paper()),
                    o.fixing().glue(),
                    o.fixing().holder().map(h -> o.fixing().text(units)).orElse(null),
                    AnchorJson.of(o.x()),
                    AnchorJson.of(o.y()),
                    o.trimmed() ? true : null);
        }
    }

    /**
     * What something is laid by.
     *
     * @param from near is left or below
     * @param of the name of an earlier ornament on the same face; absent for the panel
     */
    @Schema(name = "Anchor")
    public record AnchorJson(
            Anchor.From from, @Schema(nullable = true) String of) {

        /** Absent for what is measured from the panel's near edge. */
        static AnchorJson of(Anchor anchor) {
            return anchor.from() == Anchor.From.NEAR && anchor.of().isEmpty()
                    ? null
                    : new AnchorJson(anchor.from(), anchor.of().orElse(null));
        }
    }

    @Schema(name = "OwnStep")
    public record OwnStepJson(
            Technique technique,

            @Schema(description = "what it is done to: a face, or a part by its id", example = "face/front/face")
            String on,

            @Schema(description = "the maker's own words", nullable = true)
            String words,

            @Schema(description = "where it stands; absent: where it is best done", nullable = true)
            BesideJson beside) {

        static OwnStepJson of(OwnStep step) {
            return new OwnStepJson(
                    step.technique(),
                    step.on(),
                    step.words(),
                    step.beside().map(b -> new BesideJson(b.order(), b.task())).orElse(null));
        }

        OwnStep read() {
            return new OwnStep(
                    technique,
                    on,
                    words,
                    Optional.ofNullable(beside).map(b -> new OwnStep.Beside(b.order(), b.task())));
        }
    }

    /**
     * Directly before or after another step.
     *
     * @param task its id
     */
    @Schema(name = "Beside")
    public record BesideJson(OwnStep.Beside.Order order, String task) {}

    /** @throws BriefException naming every field that cannot be read */
    public Brief read() {
        return new BriefReader(this).read();
    }

    /** The brief as it is written down: lengths in the maker's units where those say them exactly. */
    public static BriefJson of(Brief brief) {
        UnitSystem units = brief.units();
        Map<String, String> parameters = new LinkedHashMap<>();
        brief.fold().parameters().stream()
                .filter(p -> brief.parameters().containsKey(p.key()))
                .forEach(p -> parameters.put(p.key(), text(brief.parameters().get(p.key()), units)));
        return new BriefJson(
                brief.fold().id(),
                basis(brief.basis(), units),
                parameters,
                brief.sheet().id(),
                brief.envelope() == null ? null : brief.envelope().id(),
                PaperJson.of(brief.base()),
                brief.papers().own().isEmpty()
                        ? null
                        : brief.papers().own().entrySet().stream()
                                .collect(Collectors.toMap(
                                        Map.Entry::getKey, e -> PaperJson.of(e.getValue()), (a, b) -> a, TreeMap::new)),
                new ToolsJson(
                        brief.tools().ruler().name(),
                        brief.tools().board().name(),
                        brief.tools().boardReach().exactText(units),
                        brief.tools().trimmer().exactText(units),
                        brief.tools().bed().exactText(units),
                        brief.tools().scoring(),
                        brief.tools().adhesives().equals(Adhesives.USUAL)
                                ? null
                                : AdhesiveJson.of(brief.tools().adhesives())),
                matting(brief.matting(), units),
                brief.ornaments().stream().map(o -> OrnamentJson.of(o, units)).toList(),
                brief.closure().text(units),
                brief.papers().film().thickness().exactText(UnitSystem.METRIC),
                brief.baseAt()
                        .map(p -> new PlaceJson(p.x().exactText(units), p.y().exactText(units)))
                        .orElse(null),
                brief.ownSteps().stream().map(OwnStepJson::of).toList(),
                brief.gluedWith().isEmpty() ? null : new TreeMap<>(brief.gluedWith()),
                units);
    }

    private static MattingJson matting(Matting matting, UnitSystem units) {
        Map<String, String> byFace = new TreeMap<>();
        matting.byFace().forEach((face, finish) -> byFace.put(face, finish.text(units)));
        Map<String, List<PaperJson>> papersByFace = new TreeMap<>();
        matting.papersByFace()
                .forEach((face, papers) -> papersByFace.put(
                        face, papers.stream().map(PaperJson::of).toList()));
        return new MattingJson(
                matting.layers(),
                matting.steps().stream().map(s -> s.exactText(units)).toList(),
                matting.grid().name(),
                matting.meeting(),
                byFace,
                matting.papers().stream().map(PaperJson::of).toList(),
                papersByFace);
    }

    /** @param value what a parameter may be */
    public static String text(Object value, UnitSystem units) {
        if (value instanceof Length length) {
            return length.exactText(units);
        }
        if (value instanceof LengthList list) {
            return list.exactText(units);
        }
        if (value instanceof LinePattern pattern) {
            return pattern.exactText(units);
        }
        return value instanceof PanelRows panels ? panels.exactText(units) : value.toString();
    }

    private static String textIfGiven(Length length, UnitSystem units) {
        return length == null ? null : length.exactText(units);
    }

    private static BasisJson basis(Basis basis, UnitSystem units) {
        if (basis instanceof Basis.ClosedSize closed) {
            return new BasisJson(
                    BasisKind.CLOSED,
                    textIfGiven(closed.width(), units),
                    textIfGiven(closed.height(), units),
                    null,
                    null,
                    null,
                    null,
                    null);
        }
        if (basis instanceof Basis.ForEnvelope envelope) {
            return new BasisJson(
                    BasisKind.ENVELOPE, null, null, envelope.orientation(), envelope.utmost(), null, null, null);
        }
        if (basis instanceof Basis.FromSheet sheet) {
            return new BasisJson(BasisKind.SHEET, null, null, sheet.orientation(), null, sheet.share(), null, null);
        }
        Basis.FixedPanel fixed = (Basis.FixedPanel) basis;
        return new BasisJson(
                BasisKind.PANEL,
                null,
                fixed.height().exactText(units),
                null,
                null,
                null,
                fixed.panel(),
                fixed.width().exactText(units));
    }
}
