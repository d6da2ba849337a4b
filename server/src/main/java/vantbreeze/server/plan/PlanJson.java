package vantbreeze.server.plan;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import vantbreeze.catalogue.Parameter;
import vantbreeze.layer.Face;
import vantbreeze.make.ScoreReading;
import vantbreeze.make.Step;
import vantbreeze.plan.Severity;
import vantbreeze.plan.Snag;
import vantbreeze.post.EnvelopeFit;
import vantbreeze.server.plan.LengthJson.SizeJson;
import vantbreeze.structure.Fold;
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
        @Schema(nullable = true) ClosedJson closed,
        List<FaceJson> faces,
        List<MatJson> mats,
        List<CutJson> cutList,
        SheetUseJson sheet,
        @Schema(nullable = true) FitJson fit,
        List<FitJson> closest,

        @Schema(description = "what services make of it in that envelope; empty without one")
        List<PostJson> post,

        List<Step> steps,
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

    @Schema(name = "Piece")
    public record PieceJson(
            String name,
            SizeJson size,
            List<double[]> outline,

            @Schema(description = "what is cut out inside, each like the outline")
            List<List<double[]>> holes,

            List<PanelJson> panels,
            List<ScoreJson> scores,

            @Schema(description = "the scores as they are scored: what runs on straight is one line, without a handle")
            List<ScoreJson> lines,

            List<SlitJson> slits,

            @Schema(description = "positions to score at, turn the piece round, and score at again; else empty")
            List<LengthJson> sameFromBothEnds) {}

    @Schema(name = "Panel")
    public record PanelJson(
            String id,
            String name,
            SizeJson size,
            List<double[]> points,
            List<List<double[]>> holes,
            @Schema(description = "a place well inside it") double[] inside) {}

    /** Positions are absent for an oblique score; the handle is absent where nothing moves it. */
    @Schema(name = "Score")
    public record ScoreJson(
            String id,
            Fold fold,
            Side scoreOn,
            ScoreReading.Lie lie,
            double[] from,
            double[] to,
            boolean runsThrough,
            @Schema(nullable = true) LengthJson fromStart,
            @Schema(nullable = true) LengthJson fromEnd,
            @Schema(nullable = true) LengthJson begins,
            @Schema(nullable = true) LengthJson ends,
            @Schema(nullable = true) HandleJson handle) {}

    /**
     * What dragging a score changes: the parameter's value grows by the drag divided by the rate. For a list of panels
     * the panel at {@code panel} grows and the next one shrinks.
     */
    @Schema(name = "Handle")
    public record HandleJson(String parameter, int panel, double rate, double leastMm, double mostMm) {}

    @Schema(name = "Slit")
    public record SlitJson(String id, double[] from, double[] to) {}

    @Schema(name = "ClosedCard")
    public record ClosedJson(
            SizeJson size,
            LengthJson thickness,
            int layers,
            double grams,
            List<RegionJson> front,
            List<SpotJson> bulk) {}

    /** @param layer 0 for the panel itself, 1 or more for its mats */
    @Schema(name = "Region")
    public record RegionJson(String panel, Side side, int layer, List<double[]> points, List<List<double[]>> holes) {}

    @Schema(name = "Spot")
    public record SpotJson(double thicknessMm, int layers, List<double[]> points, List<List<double[]>> holes) {}

    @Schema(name = "Face")
    public record FaceJson(
            String key,
            String name,
            String panel,
            Side side,
            List<Face.Seen> seen,
            int layers,

            @Schema(description = "dressed before the pieces are joined")
            boolean beforeAssembly) {}

    @Schema(name = "Mat")
    public record MatJson(
            String face,
            String panel,
            Side side,
            int layer,
            SizeJson size,
            LengthJson left,
            LengthJson right,
            LengthJson top,
            LengthJson bottom,
            List<double[]> points,
            List<List<double[]>> holes) {}

    @Schema(name = "CutPiece")
    public record CutJson(
            int count, String name, SizeJson size, String goesOn, String note, boolean mat, boolean split) {}

    /** @param bases how many bases one sheet gives in plain rows */
    @Schema(name = "SheetUse")
    public record SheetUseJson(String name, SizeJson size, int bases) {}

    @Schema(name = "Fit")
    public record FitJson(
            String envelope,
            String name,
            SizeJson size,
            boolean turned,
            LengthJson spareAcross,
            LengthJson spareUp,
            EnvelopeFit.Verdict verdict) {}

    /**
     * @param taken name of the smallest class that takes it; absent if none in the table does
     * @param text which limit decides
     */
    @Schema(name = "Post")
    public record PostJson(
            String service, @Schema(nullable = true) String taken, String text, boolean dearer) {}

    @Schema(name = "Snag")
    public record SnagJson(
            Snag.Code code, Severity severity, Snag.Kind kind, String place, String text, List<FixJson> fixes) {}

    @Schema(name = "Fix")
    public record FixJson(String label, BriefJson brief) {}
}
