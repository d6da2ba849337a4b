package vantbreeze.server.cutting;

import com.fasterxml.jackson.annotation.JsonCreator;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.material.Material;
import vantbreeze.material.Print;
import vantbreeze.part.Part.Grain;
import vantbreeze.server.outline.PathData;
import vantbreeze.server.paper.SheetJson.PhotoJson;
import vantbreeze.server.plan.BriefJson.BackJson;
import vantbreeze.server.plan.LengthJson;
import vantbreeze.server.plan.LengthJson.SizeJson;

/**
 * How a card or several are cut out of sheets.
 *
 * @param running whether something better is still looked for
 * @param paid what of the prices in the drawer goes into it, by currency: "1.60 EUR"; empty if none is known
 * @param besides what is bought besides paper, for all cards; absent from plans made before it was said
 */
@Schema(name = "Cutting")
public record CuttingJson(
        String id,
        String name,
        Instant at,
        AskJson asked,
        boolean running,
        List<PaperCutJson> papers,
        List<String> paid,
        @Schema(nullable = true) List<String> besides) {

    /**
     * What is to be cut.
     *
     * @param keepsGrain whether parts that are scored fold along the grain
     * @param twoAtOnce whether sheets that are cut alike are cut two at a time
     * @param seconds how long may be looked for, on each paper
     * @param pins where the maker wants some parts
     */
    @Schema(name = "CuttingAsked")
    public record AskJson(
            List<CardJson> cards,
            boolean keepsGrain,
            boolean twoAtOnce,

            @Schema(minimum = "1", maximum = "60", example = "1")
            int seconds,

            List<PinJson> pins) {}

    /** @param project id of a project */
    @Schema(name = "CardCount")
    public record CardJson(
            String project,
            @Schema(minimum = "1", maximum = "60") int count) {}

    /**
     * A part that stays where the maker put it.
     *
     * @param sheet id of the sheet in the drawer, or of the table
     * @param number which of those, from 0
     * @param x from the sheet's left edge, in mm
     * @param y from its lower edge, in mm
     * @param laying which of the ways it may lie
     */
    @Schema(name = "PinnedPart")
    public record PinJson(String blank, String sheet, int number, double x, double y, int laying) {}

    /**
     * What is cut from one paper.
     *
     * @param use what for: "base, mat, layer 1"
     * @param back what is on its back, where that is not as usual
     * @param sheetCount how many sheets
     * @param fewest fewer will not do, whoever cuts them
     * @param proven whether no fewer sheets would do
     * @param unplaced names of parts that no sheet gives
     * @param name what makers call it; absent from plans made before papers had names
     */
    @Schema(name = "PaperCutting")
    public record PaperCutJson(
            String use,
            String stock,
            String colour,
            Print print,
            @Schema(nullable = true) BackJson back,
            Material material,
            int sheetCount,
            int fewest,
            boolean proven,
            List<SheetCutJson> sheets,
            List<String> unplaced,
            String name) {}

    /**
     * One sheet, or two that lie on each other.
     *
     * @param number among all sheets of this plan, from 1
     * @param sheet id of the sheet in the drawer, or of the table
     * @param owned whether it lies in the drawer; otherwise it has to be bought
     * @param ordinal which of the sheets of that kind, from 0
     * @param settings how often the fence is set
     * @param shapes how parts that are no rectangles get their shapes, a sentence for each way
     * @param cut whether it has been cut already
     */
    @Schema(name = "SheetCutting")
    public record SheetCutJson(
            int number,
            String sheet,
            String name,
            boolean owned,
            int ordinal,
            SizeJson size,
            int together,
            @Schema(nullable = true) Grain grain,
            @Schema(nullable = true) PhotoJson photo,
            List<LaidJson> parts,
            List<PassJson> passes,
            List<RestJson> rests,
            int settings,
            List<String> shapes,
            boolean cut) {

        public SheetCutJson {
            /* Plans of earlier versions do not say. */
            shapes = shapes == null ? List.of() : List.copyOf(shapes);
        }

        SheetCutJson cut(boolean done) {
            return new SheetCutJson(
                    number, sheet, name, owned, ordinal, size, together, grain, photo, parts, passes, rests, settings,
                    shapes, done);
        }
    }

    /**
     * What is cut out at one place; all in mm from the sheet's lower left corner.
     *
     * @param label short, for a drawing: "mat, layer 1"
     * @param name long: "mat for the front"
     * @param card which card of the kit it is for; empty if there is one
     * @param layings how many ways it may lie
     * @param outlines of what is no rectangle
     * @param windows what is cut out inside
     * @param division where it is cut in two afterwards, from its left or its lower edge; absent if it is not
     */
    @Schema(name = "LaidPart")
    public record LaidJson(
            String blank,
            String label,
            String name,
            String card,
            SizeJson size,
            double x,
            double y,
            double width,
            double height,
            int laying,
            int layings,
            boolean pinned,
            List<OutlineJson> outlines,
            List<OutlineJson> windows,
            @Schema(nullable = true) Double division,
            @Schema(nullable = true) Boolean divisionUpright,
            List<LineJson> lines) {

        public LaidJson {
            /* Plans of earlier versions have neither. */
            windows = windows == null ? List.of() : List.copyOf(windows);
            lines = lines == null ? List.of() : List.copyOf(lines);
        }
    }

    /**
     * An outline where it lies on its sheet, in mm from the lower left corner, y up.
     *
     * @param path the same as SVG path data, y down from the sheet's lower edge, arcs and curves as such
     */
    @Schema(name = "LaidOutline")
    public record OutlineJson(List<double[]> points, String path) {

        @JsonCreator
        public OutlineJson {}

        /** As plans of earlier versions have it: corners alone. */
        @JsonCreator(mode = JsonCreator.Mode.DELEGATING)
        static OutlineJson of(List<double[]> points) {
            return of(LengthJson.polygon(points).getExteriorRing());
        }

        /** @param ring in counts */
        static OutlineJson of(LinearRing ring) {
            return new OutlineJson(LengthJson.corners(ring), PathData.FROM_ZERO.of(ring));
        }

        /** @return in counts */
        public Polygon polygon() {
            return LengthJson.polygon(points);
        }
    }

    /** What a line of a part is. */
    public enum LineKind {
        SLIT,
        MOUNTAIN,
        VALLEY,
        /** Of an outline that a pen marks. */
        DRAWN
    }

    /** A score, slit or mark of a part where it lies on its sheet, in mm. */
    @Schema(name = "LaidLine")
    public record LineJson(LineKind kind, double x1, double y1, double x2, double y2) {

        /** Whether the next one is the next stretch of the same line. */
        public boolean goesOnIn(LineJson next) {
            return next.kind() == kind && next.x1() == x2 && next.y1() == y2;
        }
    }

    /**
     * A cut from edge to edge of what is in hand; the line in mm from the sheet's lower left corner.
     *
     * @param text as it is made at the trimmer
     * @param newSetting whether the fence is set anew for it
     */
    @Schema(name = "CutPass")
    public record PassJson(
            int number,
            String text,
            SizeJson inHand,
            LengthJson fence,
            boolean newSetting,
            double x1,
            double y1,
            double x2,
            double y2) {}

    /** @param kept whether it goes into the drawer */
    @Schema(name = "Rest")
    public record RestJson(double x, double y, SizeJson size, boolean kept) {}

    /** A plan in a list. */
    @Schema(name = "CuttingHead")
    public record HeadJson(String id, String name, Instant at, int sheets, int cut, List<String> projects) {}
}
