package vantbreeze.server.plan;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import vantbreeze.catalogue.Handle;
import vantbreeze.make.GlueArea;
import vantbreeze.make.ObliqueReading;
import vantbreeze.make.RunMark;
import vantbreeze.make.ScoreCard;
import vantbreeze.make.ScoreReading;
import vantbreeze.make.ScoreSetting;
import vantbreeze.make.SquareReading;
import vantbreeze.measure.Length;
import vantbreeze.measure.Ruler;
import vantbreeze.measure.UnitSystem;
import vantbreeze.server.outline.PathData;
import vantbreeze.server.plan.LengthJson.SizeJson;
import vantbreeze.structure.Fold;
import vantbreeze.structure.Panel;
import vantbreeze.structure.Path;
import vantbreeze.structure.Piece;
import vantbreeze.structure.Side;

/** A flat piece as it is drawn and scored. Points are [x, y] in mm, x right, y up, face side up. */
@Schema(name = "Piece")
public record PieceJson(
        String name,
        SizeJson size,

        @Schema(description = "SVG path data of the outline and what is cut out inside, mm, y down from the lower edge")
        String cut,

        List<PanelJson> panels,
        List<ScoreJson> scores,

        @Schema(description = "the scores by position, as the board is set")
        List<SettingJson> settings,

        List<SlitJson> slits,

        @Schema(description = "where glue goes on this piece")
        List<GlueJson> glue,

        @Schema(description = "where another panel runs on this piece")
        List<RunJson> runs,

        @Schema(description = "for each side whose scores lie the same when the piece is turned round, how to score it")
        List<BothEndsJson> sameFromBothEnds) {

    /**
     * @param panel what runs
     * @param from where its middle lies
     * @param to where it ends
     */
    @Schema(name = "Run")
    public record RunJson(String panel, double[] from, double[] to, LengthJson travel) {

        private static RunJson of(RunMark run, UnitSystem units) {
            return new RunJson(
                    run.panel().name(), point(run.way().p0), point(run.way().p1), LengthJson.of(run.travel(), units));
        }
    }

    /** "score at 2 in. Turn the piece round and score at 2 in again". */
    @Schema(name = "BothEnds")
    public record BothEndsJson(Side scoreOn, String text) {}

    @Schema(name = "Panel")
    public record PanelJson(
            String name,
            SizeJson size,
            List<double[]> points,

            @Schema(description = "SVG path data in mm, y down from the piece's lower edge")
            String path,

            @Schema(description = "a place well inside it") double[] inside) {}

    /** Positions are absent for an oblique score; the handle is absent where nothing moves it. */
    @Schema(name = "Score")
    public record ScoreJson(
            String id,
            Fold fold,
            Side scoreOn,
            ScoreReading.Lie lie,

            @Schema(description = "from end to end, over its bends")
            List<double[]> path,

            boolean runsThrough,
            @Schema(nullable = true) LengthJson fromStart,
            @Schema(nullable = true) LengthJson fromEnd,

            @Schema(description = "along itself, or along the ruler from where that begins")
            LengthJson begins,

            LengthJson ends,
            @Schema(nullable = true) HandleJson handle) {

        private static ScoreJson of(ScoreReading reading, ScoreCard card, List<Handle> handles, UnitSystem units) {
            HandleJson handle = handles.stream()
                    .filter(h -> h.score().equals(reading.score().id()))
                    .findFirst()
                    .map(HandleJson::of)
                    .orElse(null);
            return new ScoreJson(
                    reading.score().id(),
                    reading.score().fold(),
                    card.scoreOn(reading),
                    reading.lie(),
                    points(reading.score().path()),
                    reading.runsThrough(),
                    reading instanceof SquareReading square ? LengthJson.of(square.fromStart(), units) : null,
                    reading instanceof SquareReading square ? LengthJson.of(square.fromEnd(), units) : null,
                    LengthJson.of(reading.begins(), units),
                    LengthJson.of(reading.ends(), units),
                    handle);
        }
    }

    /**
     * What dragging a score changes: the parameter's value grows by the drag divided by the rate. For a list of panels
     * the panel at {@code panel} grows and the next one shrinks.
     */
    @Schema(name = "Handle")
    public record HandleJson(
            String parameter,
            int panel,
            double rate,
            double leastMm,
            double mostMm,

            @Schema(description = "usual values to give as they are, or they follow and the score lies elsewhere")
            List<String> held) {

        private static HandleJson of(Handle h) {
            return new HandleJson(
                    h.parameter(),
                    h.panel(),
                    h.rate(),
                    h.least().millimetres(),
                    h.most().millimetres(),
                    h.held());
        }
    }

    /**
     * One position on the board.
     *
     * @param guide where the ruler lies, or the template; absent for what is set on a board
     * @param how what of the line folds which way
     * @param scoreOn absent where stretches of it have their ridges on either side
     */
    @Schema(name = "ScoreSetting")
    public record SettingJson(
            String name,
            ScoreReading.Lie lie,
            @Schema(nullable = true) LengthJson fromStart,
            @Schema(nullable = true) LengthJson fromEnd,
            @Schema(nullable = true) String guide,
            String how,
            @Schema(nullable = true) Side scoreOn) {

        private static SettingJson of(ScoreSetting setting, ScoreCard card, UnitSystem units) {
            return new SettingJson(
                    setting.name(),
                    setting.lie(),
                    setting.at() instanceof SquareReading square ? LengthJson.of(square.fromStart(), units) : null,
                    setting.at() instanceof SquareReading square ? LengthJson.of(square.fromEnd(), units) : null,
                    ruler(setting.at(), Ruler.of(units)),
                    setting.how(Ruler.of(units)),
                    card.scoreOn(setting).orElse(null));
        }
    }

    /** What guides a score that no fence does. */
    private static String ruler(ScoreReading reading, Ruler ruler) {
        if (reading instanceof ObliqueReading oblique) {
            return "ruler " + oblique.along(ruler);
        }
        return reading instanceof SquareReading ? null : "by the template";
    }

    /** @param path of SVG 1.1 in mm, y down from the piece's lower edge, arcs and curves as such */
    @Schema(name = "Slit")
    public record SlitJson(String id, String path) {}

    /** @param path like that of a slit */
    @Schema(name = "Glue")
    public record GlueJson(Side side, String path) {

        private static GlueJson of(GlueArea area) {
            return new GlueJson(area.side(), PathData.FROM_ZERO.of(area.outline()));
        }
    }

    /**
     * @param panels of all pieces
     * @param glue of all pieces
     * @param runs of all pieces
     */
    public static PieceJson of(
            ScoreCard card,
            List<Panel> panels,
            List<GlueArea> glue,
            List<RunMark> runs,
            List<Handle> handles,
            UnitSystem units) {
        Piece piece = card.piece();
        return new PieceJson(
                piece.name(),
                SizeJson.of(piece.size(), units),
                PathData.FROM_ZERO.of(piece.polygon()),
                panels.stream()
                        .filter(p -> p.piece().equals(piece.name()))
                        .map(p -> new PanelJson(
                                p.name(),
                                SizeJson.of(p.box(), units),
                                LengthJson.corners(p.outline()),
                                PathData.FROM_ZERO.of(p.outline()),
                                LengthJson.inside(p.outline())))
                        .toList(),
                card.readings().stream()
                        .map(r -> ScoreJson.of(r, card, handles, units))
                        .toList(),
                card.settings().stream()
                        .map(s -> SettingJson.of(s, card, units))
                        .toList(),
                piece.slits().stream()
                        .map(s -> new SlitJson(
                                s.id(), PathData.FROM_ZERO.along(s.path().curves())))
                        .toList(),
                glue.stream()
                        .filter(g -> g.panel().piece().equals(piece.name()))
                        .map(GlueJson::of)
                        .toList(),
                runs.stream()
                        .filter(r -> r.piece().equals(piece.name()))
                        .map(r -> RunJson.of(r, units))
                        .toList(),
                card.sameFromBothEnds().stream()
                        .map(b -> new BothEndsJson(b.side(), b.text(Ruler.of(units))))
                        .toList());
    }

    private static double[] point(Coordinate c) {
        return new double[] {c.x / Length.COUNTS_PER_MILLIMETRE, c.y / Length.COUNTS_PER_MILLIMETRE};
    }

    private static List<double[]> points(Path path) {
        return path.points().stream().map(p -> point(p.coordinate())).toList();
    }
}
