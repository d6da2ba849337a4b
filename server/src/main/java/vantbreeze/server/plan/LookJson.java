package vantbreeze.server.plan;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import vantbreeze.layer.Face;
import vantbreeze.measure.Length;
import vantbreeze.plan.Look;
import vantbreeze.server.outline.PathData;
import vantbreeze.structure.Side;

/**
 * The card as it is seen at one moment; points in mm from the picture's lower left corner.
 *
 * @param regions to draw one over the other
 */
@Schema(name = "Look")
public record LookJson(MomentJson moment, double widthMm, double heightMm, List<RegionJson> regions) {

    /** @param stage the name of the stage that is looked at */
    @Schema(name = "Moment")
    public record MomentJson(Face.Seen how, String stage) {

        static MomentJson of(Face.Moment moment) {
            return new MomentJson(moment.how(), moment.stage());
        }
    }

    /** One visible area. */
    @Schema(name = "Region")
    public record RegionJson(
            String panel,
            Side side,

            @Schema(description = "0 for the panel itself, 1 or more for its mats, 100 for an ornament")
            int layer,

            BriefJson.PaperJson paper,

            @Schema(description = "where its pattern's up is in the picture, degrees anticlockwise from straight up")
            double up,

            @Schema(description = "SVG path data in mm, y down from the picture's lower edge")
            String path,

            @Schema(description = "a place well inside it") double[] inside) {

        static RegionJson of(Look.Region r) {
            return new RegionJson(
                    r.face().panel().name(),
                    r.face().side(),
                    r.layer(),
                    BriefJson.PaperJson.of(r.paper()),
                    r.up(),
                    PathData.FROM_ZERO.of(r.outline()),
                    LengthJson.inside(r.outline()));
        }
    }

    static LookJson of(Look look) {
        return new LookJson(
                MomentJson.of(look.moment()),
                look.box().getWidth() / Length.COUNTS_PER_MILLIMETRE,
                look.box().getHeight() / Length.COUNTS_PER_MILLIMETRE,
                look.regions().stream().map(RegionJson::of).toList());
    }
}
