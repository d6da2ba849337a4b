package vantbreeze.server.plan;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import vantbreeze.catalogue.FoldCatalogue;
import vantbreeze.catalogue.FoldDesign;
import vantbreeze.catalogue.Parameter;
import vantbreeze.catalogue.Preset;
import vantbreeze.hand.Scatter;
import vantbreeze.material.Material;
import vantbreeze.material.Sheet;
import vantbreeze.measure.Length;
import vantbreeze.measure.Ruler;
import vantbreeze.measure.Size;
import vantbreeze.measure.ToolGrid;
import vantbreeze.measure.UnitSystem;
import vantbreeze.operation.OwnStep;
import vantbreeze.plan.Brief;
import vantbreeze.plan.BriefException;
import vantbreeze.plan.Card;
import vantbreeze.plan.Handiwork;
import vantbreeze.plan.Move;
import vantbreeze.plan.Plan;
import vantbreeze.post.Envelope;
import vantbreeze.server.plan.LengthJson.SizeJson;
import vantbreeze.server.web.FieldReader;

/** Plans and the tables they draw on. Nothing here is stored. */
@RestController
@RequestMapping("/api")
class PlanController {

    private final Cards cards;

    PlanController(Cards cards) {
        this.cards = cards;
    }

    /** A fold on offer. */
    record FoldJson(
            String id, String name, String summary, List<FoldParameterJson> parameters, List<PresetJson> presets) {}

    /**
     * A usual size.
     *
     * @param name "5½ × 4¼ in", with what is chosen besides
     * @param width closed, absent for a fold that has a width of its own
     */
    @Schema(name = "Preset")
    record PresetJson(
            String name,
            UnitSystem units,
            @Schema(nullable = true) String width,
            String height,
            Map<String, String> parameters) {

        static PresetJson of(Preset preset) {
            Ruler ruler = Ruler.of(preset.units());
            Map<String, String> parameters = new LinkedHashMap<>();
            preset.parameters().forEach((key, value) -> parameters.put(key, BriefJson.text(value, preset.units())));
            String size = preset.width() == null
                    ? ruler.text(preset.height()) + " high"
                    : ruler.text(new Size(preset.width(), preset.height()));
            return new PresetJson(
                    size,
                    preset.units(),
                    preset.width() == null ? null : preset.width().exactText(preset.units()),
                    preset.height().exactText(preset.units()),
                    parameters);
        }
    }

    record FoldParameterJson(String key, String label, String help, Parameter.Kind kind) {}

    /** A sheet or an envelope of the tables. */
    record TableEntryJson(String id, String name, UnitSystem system, SizeJson size) {}

    /**
     * @param grids every grid that a ruler, a board or mats may have, finest first, inches before metric
     * @param materials what papers can be made of
     */
    record ToolTableJson(List<GridJson> grids, List<MaterialJson> materials) {}

    /**
     * What a paper can be made of.
     *
     * @param advice what has to be known of it; empty where that is nothing
     * @param form whether it comes on sheets, off a spool or ready
     * @param folds whether pieces that fold can be cut from it
     * @param stock what is usually bought
     */
    record MaterialJson(
            Material material, String word, String advice, Material.Form form, boolean folds, String stock) {

        static MaterialJson of(Material material) {
            return new MaterialJson(
                    material,
                    material.word(),
                    material.advice(),
                    material.form(),
                    material.isSheet() && !material.is(Material.Trait.CLEAR),
                    material.usualStock());
        }
    }

    record GridJson(String name, UnitSystem system, double mm) {}

    /** No sheet is as long: where a score is dragged to may lie beyond its piece, and stops at the end of its range. */
    private static final int FARTHEST_MM = 10_000;

    /** A brief in, everything the screen shows out. */
    @PostMapping("/plans")
    PlanJson plan(@RequestBody BriefJson brief) {
        return PlanWriter.write(cards.ask(brief, Card::plan));
    }

    /** @param cards how many are made at once, 1 to 200 */
    @Schema(name = "Batch")
    record BatchJson(BriefJson brief, int cards) {

        private static final int MOST = 200;

        private int read() {
            FieldReader fields = new FieldReader(UnitSystem.METRIC);
            fields.field("cards", cards, "1 to %d".formatted(MOST), () -> {
                if (cards < 1 || cards > MOST) {
                    throw new IllegalArgumentException(
                            "The number of cards (%d) must be 1 to %d.".formatted(cards, MOST));
                }
                return cards;
            });
            fields.done();
            return cards;
        }
    }

    /** The order of work for several cards made at once: what is counted says all of them. */
    @PostMapping("/tasks")
    List<TaskJson> tasks(@RequestBody BatchJson asked) {
        int number = asked.read();
        return PlanWriter.tasks(cards.ask(asked.brief(), Card::plan), number);
    }

    /** @param step that is to be put into the order of work */
    @Schema(name = "OwnStepAsked")
    record OwnStepAskedJson(BriefJson brief, BriefJson.OwnStepJson step) {}

    /**
     * The steps of the card beside which a step of the maker's own can be done.
     *
     * @param before ids of tasks
     * @param after ids of tasks
     */
    @Schema(name = "OwnPlaces")
    record OwnPlacesJson(List<String> before, List<String> after) {}

    /** Beside which steps a step of the maker's own can be done; none where the card has nothing that it is done to. */
    @PostMapping("/own-places")
    OwnPlacesJson ownPlaces(@RequestBody OwnStepAskedJson asked) {
        FieldReader fields = new FieldReader(UnitSystem.METRIC);
        OwnStep step = fields.field("step", asked.step(), "a technique and what it is done to", () -> {
            if (asked.step() == null) {
                throw new IllegalArgumentException("The step is missing.");
            }
            return asked.step().read();
        });
        fields.done();
        return cards.ask(asked.brief(), Card::plan)
                .room(step)
                .map(room -> new OwnPlacesJson(room.before(), room.after()))
                .orElse(new OwnPlacesJson(List.of(), List.of()));
    }

    /**
     * A score moved.
     *
     * @param brief of the card as it is
     * @param toMm where the score is to lie, from the left end of its piece
     */
    @Schema(name = "ScoreMove")
    record MoveJson(BriefJson brief, String score, double toMm) {}

    /** A brief and where one of its scores is to lie in, the plan in which it lies there out. */
    @PostMapping("/moves")
    PlanJson move(@RequestBody MoveJson json) {
        Plan plan = cards.ask(json.brief(), Card::plan);
        if (!(Math.abs(json.toMm()) <= FARTHEST_MM)) {
            String allowed = "%d to %d".formatted(-FARTHEST_MM, FARTHEST_MM);
            throw new BriefException(
                    "toMm",
                    String.valueOf(json.toMm()),
                    allowed,
                    "The place of the score (%s mm) must be %s.".formatted(json.toMm(), allowed));
        }
        Brief moved = Move.of(plan, json.score())
                .orElseThrow(() ->
                        new BriefException("score", json.score(), "a score with a handle", "Nothing moves this score."))
                .to(Length.millimetres(json.toMm()));
        return PlanWriter.write(cards.ask(BriefJson.of(moved), Card::plan));
    }

    /** A brief in, the card as it moves out. Apart from the plan, which has to be quicker. */
    @PostMapping("/foldings")
    FoldingJson folding(@RequestBody BriefJson json) {
        return cards.ask(
                json, card -> FoldingJson.of(card.folding(), card.brief().units()));
    }

    /** One piece of a card. */
    @Schema(name = "PieceAsked")
    record PieceAskJson(BriefJson brief, String piece) {}

    /** A brief and a piece of its card in, the piece as it is folded by itself out; without motions if it cannot be. */
    @PostMapping("/foldings/pieces")
    FoldingJson pieceFolding(@RequestBody PieceAskJson asked) {
        if (asked.piece() == null) {
            throw new BriefException("piece", "", "a piece of the card", "The field (piece) must be given.");
        }
        return cards.ask(
                asked.brief(),
                card -> FoldingJson.of(card.folding(asked.piece()), card.brief().units()));
    }

    /** A brief in, the card as it is seen closed, opened, displayed and from behind out; none if it cannot fold. */
    @PostMapping("/looks")
    List<LookJson> looks(@RequestBody BriefJson brief) {
        return cards.ask(brief, Card::looks).stream().map(LookJson::of).toList();
    }

    /** A brief in, a drawing of every task at which paper lies on the table out. */
    @PostMapping("/sketches")
    List<SketchJson> sketches(@RequestBody BriefJson brief) {
        Plan plan = cards.ask(brief, Card::plan);
        return plan.tasks().stream()
                .map(t -> SketchJson.of(
                        t.id(),
                        t.sketch(plan.structure(), plan.brief().ruler()),
                        t.sketchEach(plan.structure(), plan.brief().ruler())))
                .filter(s -> !s.areas().isEmpty())
                .toList();
    }

    /** How likely hands that spread like that make the card right; nothing of a card that cannot close. */
    @PostMapping("/forecasts")
    HandJson.ForecastJson forecast(@RequestBody HandJson.AskJson asked) {
        Scatter hands = asked.hands();
        return cards.ask(
                asked.brief(),
                card -> Handiwork.of(card.plan())
                        .map(h -> HandJson.ForecastJson.of(
                                h.forecast(hands), card.brief().units()))
                        .orElseGet(() -> new HandJson.ForecastJson(
                                HandJson.ScatterJson.of(hands), List.of(), List.of(), List.of())));
    }

    /** What comes of settings that turned out otherwise than planned. */
    @PostMapping("/consequences")
    HandJson.ConsequenceJson consequence(@RequestBody HandJson.MeasuredJson asked) {
        return cards.ask(asked.brief(), card -> {
            Map<String, Length> measured = asked.read(card.brief().units());
            return Handiwork.of(card.plan())
                    .map(h -> HandJson.ConsequenceJson.of(
                            h.consequence(measured), card.brief().units()))
                    .orElseThrow(() -> new BriefException(
                            "measured", "", "a card that closes", "This card cannot close: nothing can be said."));
        });
    }

    @GetMapping("/folds")
    List<FoldJson> folds() {
        return FoldCatalogue.all().stream().map(PlanController::fold).toList();
    }

    private static FoldJson fold(FoldDesign fold) {
        return new FoldJson(
                fold.id(),
                fold.name(),
                fold.summary(),
                fold.parameters().stream()
                        .map(p -> new FoldParameterJson(p.key(), p.label(), p.help(), p.kind()))
                        .toList(),
                Preset.of(fold).stream().map(PresetJson::of).toList());
    }

    @GetMapping("/sheets")
    List<TableEntryJson> sheets() {
        return Sheet.table().stream()
                .map(s -> new TableEntryJson(s.id(), s.name(), s.system(), SizeJson.of(s.size(), s.system())))
                .toList();
    }

    @GetMapping("/envelopes")
    List<TableEntryJson> envelopes() {
        return Envelope.table().stream()
                .map(e -> new TableEntryJson(e.id(), e.name(), e.system(), SizeJson.of(e.size(), e.system())))
                .toList();
    }

    @GetMapping("/tools")
    ToolTableJson tools() {
        return new ToolTableJson(
                ToolGrid.ALL.stream()
                        .map(g -> new GridJson(g.name(), g.system(), g.step().millimetres()))
                        .toList(),
                Stream.of(Material.values()).map(MaterialJson::of).toList());
    }
}
