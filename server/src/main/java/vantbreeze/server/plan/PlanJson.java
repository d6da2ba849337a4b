package vantbreeze.server.plan;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import vantbreeze.catalogue.Parameter;
import vantbreeze.catalogue.TradeOff;
import vantbreeze.layer.Mat;
import vantbreeze.material.Paper;
import vantbreeze.measure.Length;
import vantbreeze.measure.Ruler;
import vantbreeze.measure.UnitSystem;
import vantbreeze.part.Part;
import vantbreeze.plan.Severity;
import vantbreeze.plan.Snag;
import vantbreeze.post.EnvelopeFit;
import vantbreeze.server.plan.LengthJson.SizeJson;
import vantbreeze.structure.Grouped;
import vantbreeze.structure.Side;

/**
 * Everything the screen shows of a plan. Points are [x, y] in mm, x right, y up: on the flat piece face side up, or on
 * the closed card from its lower left corner.
 *
 * @param closed absent if the card cannot fold flat
 * @param fit absent without an envelope, or if the card cannot fold
 */
@Schema(name = "Plan")
public record PlanJson(
        BriefJson brief,
        List<ParameterJson> parameters,
        List<PieceJson> pieces,
        BaseAtJson baseAt,
        @Schema(nullable = true) ClosedJson closed,
        List<FaceJson> faces,
        List<MatJson> mats,
        List<PlacedJson> ornaments,
        List<RoomJson> messageRoom,

        @Schema(description = "what its pockets hold and how much of that shows, a sentence each")
        List<String> pockets,

        @Schema(nullable = true, description = "what one choice of the fold decides at once")
        TradeOffJson tradeOff,

        List<CutJson> cutList,

        @Schema(description = "what comes onto it besides paper, as it is bought")
        List<String> trimmings,

        @Schema(description = "all that is cut for it, piece by piece")
        List<PartJson> parts,

        @Schema(description = "what its parts are cut from, each once")
        List<CalledJson> papers,

        SheetUseJson sheet,
        @Schema(nullable = true) FitJson fit,
        List<FitJson> closest,
        List<TaskJson> tasks,
        List<SnagJson> snags) {

    /**
     * @param value as it came out, exact text
     * @param shown as the ruler reads it
     * @param mm for a length; absent for a list of panels
     */
    @Schema(name = "ParameterValue")
    public record ParameterJson(
            String key,
            String label,
            String help,
            Parameter.Kind kind,
            String value,
            String shown,
            @Schema(nullable = true) Double mm,
            boolean chosen,
            @Schema(nullable = true) LengthJson least,
            @Schema(nullable = true) LengthJson most,
            @Schema(nullable = true) String limits,
            @Schema(description = "of a choice; else empty") List<String> choices) {}

    /**
     * A paper of the card.
     *
     * @param called its name, or what its look makes of it; no two are called alike
     * @param behind what its back shows
     */
    @Schema(name = "CalledPaper")
    public record CalledJson(BriefJson.PaperJson paper, String called, BriefJson.BackJson behind) {

        static CalledJson of(Paper paper, String called) {
            Paper behind = paper.behind();
            return new CalledJson(
                    BriefJson.PaperJson.of(paper), called, new BriefJson.BackJson(behind.colour(), behind.print()));
        }
    }

    /**
     * One part.
     *
     * @param label as it is told from the others: "mat, layer 1, on the front"
     * @param name what makers call it: "strip 1"
     * @param sort what it is called with others like it: "strip"
     */
    @Schema(name = "Part")
    public record PartJson(
            String id,
            Part.Kind kind,
            String label,
            String name,
            String sort,

            @Schema(description = "what it is cut from") BriefJson.PaperJson paper) {

        static PartJson of(Part part) {
            return new PartJson(
                    part.id(),
                    part.kind(),
                    part.goesOn().isEmpty()
                            ? part.name()
                            : "%s, on the %s".formatted(part.name(), String.join(" and the ", part.goesOn())),
                    part.name(),
                    Grouped.kind(part.name()),
                    BriefJson.PaperJson.of(part.paper()));
        }
    }

    /** @param said what each of the lengths of a step is */
    @Schema(name = "TradeOff")
    public record TradeOffJson(String parameter, List<String> held, List<String> said, List<StepJson> steps) {

        @Schema(name = "TradeOffStep")
        public record StepJson(LengthJson chosen, List<LengthJson> lengths) {}

        static TradeOffJson of(TradeOff t, UnitSystem units) {
            return new TradeOffJson(
                    t.parameter(),
                    t.held(),
                    t.said(),
                    t.steps().stream()
                            .map(s -> new StepJson(
                                    LengthJson.of(s.chosen(), units),
                                    s.lengths().stream()
                                            .map(l -> LengthJson.judged(l, units))
                                            .toList()))
                            .toList());
        }
    }

    /** @param posted with all that sticks out of it; what is drawn is drawn in it */
    @Schema(name = "ClosedCard")
    public record ClosedJson(
            SizeJson size,
            SizeJson posted,
            LengthJson thickness,
            int layers,
            double grams,
            List<WeightJson> weights,
            List<LookJson.RegionJson> front,
            List<SpotJson> bulk) {}

    @Schema(name = "Weight")
    public record WeightJson(String part, double grams) {}

    /** @param path of SVG 1.1 in mm, y down from the closed card's lower edge */
    @Schema(name = "Spot")
    public record SpotJson(double thicknessMm, int layers, String path) {}

    @Schema(name = "Face")
    public record FaceJson(
            String key,
            String name,

            @Schema(description = "what it is called with others like it: \"wall (back side)\"")
            String sort,

            String panel,
            Side side,
            List<LookJson.MomentJson> seen,

            @Schema(description = "how it is dressed, as in the brief's byFace")
            String finish,

            @Schema(description = "how many papers lie on it")
            int layers,

            @Schema(description = "where up is when it is seen most, degrees anticlockwise from the flat piece's up")
            double up,

            @Schema(description = "dressed before the pieces are joined")
            boolean beforeAssembly,

            @Schema(
                    description =
                            "what is glued over it, and how much that hides: \"the band covers 1½ × 4¼ in of it\"")
            List<String> covers,

            @Schema(description = "slits notch it: it gets a strip on each row unless it is to be shaped")
            boolean notched) {}

    /** @param up where its pattern's up is, degrees anticlockwise from the flat piece's up */
    @Schema(name = "Mat")
    public record MatJson(
            String face,
            String panel,
            Side side,
            Mat.Kind kind,
            int layer,
            BriefJson.PaperJson paper,
            double up,
            SizeJson size,
            LengthJson left,
            LengthJson right,
            LengthJson top,
            LengthJson bottom,
            List<double[]> points,
            List<List<double[]>> holes,

            @Schema(description = "the same as SVG path data, y down from the piece's lower edge")
            String path) {}

    /** An ornament where it lies. */
    @Schema(name = "PlacedOrnament")
    public record PlacedJson(
            String name,

            @Schema(description = "key of its face") String face,

            @Schema(description = "id of the panel it is glued to")
            String panel,

            Side side,

            @Schema(description = "on the flat piece, face side up, in mm")
            List<double[]> points,

            @Schema(description = "the same as SVG path data, y down from the piece's lower edge")
            String path,

            LengthJson lift,

            @Schema(description = "how high foam has to hold it to lie on all that it crosses")
            LengthJson needed,

            @Schema(description = "on the outside of the closed card")
            boolean outside,

            @Schema(description = "panels under it that part from its own: no glue there")
            List<String> crosses) {}

    /** @param size the largest plain rectangle */
    @Schema(name = "MessageRoom")
    public record RoomJson(String face, String name, SizeJson size) {}

    /** Where the first piece lies on its sheet, in mm from the lower left corner. */
    @Schema(name = "BaseAt")
    public record BaseAtJson(double x, double y) {}

    /** @param paper what it is cut from, as makers call it */
    @Schema(name = "CutPiece")
    public record CutJson(
            int count,
            String name,
            SizeJson size,
            String paper,
            String goesOn,
            String note,
            boolean mat,
            boolean split) {}

    /**
     * @param bases how many bases come out of that many sheets, all pieces of a base counted together; 0 if one is too large
     * @param sheets 1 if one sheet gives a whole base
     */
    @Schema(name = "SheetUse")
    public record SheetUseJson(String name, SizeJson size, int bases, int sheets) {}

    /**
     * How the closed card sits in an envelope.
     *
     * @param spareAcross along its long side
     * @param why one sentence
     * @param lacks by how much it is too small; empty if it is not
     * @param tight where the card is farthest around in the tighter way
     * @param usualCard what the envelope is made for; absent for one of the maker's own
     */
    @Schema(name = "Fit")
    public record FitJson(
            String envelope,
            String name,
            SizeJson size,
            boolean turned,
            LengthJson spareAcross,
            LengthJson spareUp,
            EnvelopeFit.Verdict verdict,
            String why,
            String lacks,
            TightJson tight,
            @Schema(nullable = true) SizeJson usualCard) {

        public static FitJson of(EnvelopeFit fit, UnitSystem units) {
            Ruler ruler = Ruler.of(units);
            return new FitJson(
                    fit.envelope().id(),
                    fit.envelope().name(),
                    SizeJson.of(fit.envelope().size(), units),
                    fit.turned(),
                    LengthJson.judged(fit.spareAcross(), units),
                    LengthJson.judged(fit.spareUp(), units),
                    fit.verdict(),
                    fit.why(ruler),
                    fit.lacks(ruler),
                    new TightJson(
                            fit.isTighterAcross() != fit.turned(),
                            fit.tightSection().at().map(Length::millimetres).orElse(null)),
                    fit.envelope().usualCard().map(c -> SizeJson.of(c, units)).orElse(null));
        }
    }

    /**
     * A section of the closed card as it is held.
     *
     * @param level whether it runs from left to right
     * @param atMm how far up a level one is, how far from the left an upright one; null where the whole card counts, not a section
     */
    @Schema(name = "Tight")
    public record TightJson(
            boolean level, @Schema(nullable = true) Double atMm) {}

    @Schema(name = "Snag")
    public record SnagJson(
            Snag.Code code, Severity severity, Snag.Kind kind, String place, String text, List<FixJson> fixes) {}

    @Schema(name = "Fix")
    public record FixJson(String label, BriefJson brief) {}
}
