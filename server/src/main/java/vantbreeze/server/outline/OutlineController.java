package vantbreeze.server.outline;

import io.swagger.v3.oas.annotations.media.Schema;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import vantbreeze.layer.Outline;
import vantbreeze.measure.Length;
import vantbreeze.measure.UnitSystem;
import vantbreeze.server.web.FieldReader;
import vantbreeze.server.web.Patience;

/** Turns a drawing into the outline of an ornament. Nothing is stored. */
@RestController
@RequestMapping("/api/outlines")
class OutlineController {

    /** Its corners and crossings are counted as it is read. */
    private static final long MOST = Long.MAX_VALUE;

    private final Patience patience;

    OutlineController(Patience patience) {
        this.patience = patience;
    }

    /**
     * @param svg the text of a drawing
     * @param width of the ornament
     */
    @Schema(name = "Drawing")
    record DrawingJson(String svg, @Schema(example = "2 in") String width, UnitSystem units) {}

    /**
     * @param outline as a brief names it
     * @param leftOut how many smaller shapes and holes of the drawing were left out
     */
    @Schema(name = "DrawnOutline")
    record OutlineJson(String outline, int leftOut) {}

    @PostMapping
    OutlineJson read(@RequestBody DrawingJson drawing) {
        UnitSystem units = drawing.units() == null ? UnitSystem.INCH : drawing.units();
        FieldReader fields = new FieldReader(units);
        Length width = fields.length("width", drawing.width());
        SvgOutline read = fields.fieldUpTo(
                Integer.MAX_VALUE,
                "svg",
                drawing.svg(),
                "a drawing of at most %d characters with a closed path".formatted(SvgOutline.LONGEST),
                () -> patience.await(MOST, "This drawing", () -> SvgOutline.of(drawing.svg())));
        fields.done();
        String text = "outline %s: %s".formatted(width.exactText(units), read.corners());
        fields.fieldUpTo(
                Integer.MAX_VALUE,
                "width",
                drawing.width(),
                "1/4 in (6.35 mm) to 12 in",
                () -> Outline.parse(text, units));
        fields.done();
        return new OutlineJson(text, read.leftOut());
    }
}
