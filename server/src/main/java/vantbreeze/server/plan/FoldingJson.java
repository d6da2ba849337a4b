package vantbreeze.server.plan;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.List;
import vantbreeze.fold.Crossing;
import vantbreeze.fold.Motion;
import vantbreeze.fold.RigidMotion;
import vantbreeze.fold.Standing;
import vantbreeze.measure.Length;
import vantbreeze.measure.Ruler;
import vantbreeze.measure.UnitSystem;
import vantbreeze.plan.Folding;
import vantbreeze.structure.Panel;

/**
 * A card as it moves. Coordinates are in mm: x right, y up, z towards you, the anchor panel at rest.
 *
 * @param panels in the order of the poses
 */
@Schema(name = "Folding")
public record FoldingJson(
        List<BodyJson> panels,
        List<MotionJson> motions,
        @Schema(nullable = true) StandingJson standing,
        @Schema(nullable = true) FastenedJson fastened,

        @Schema(nullable = true, description = "what would have to pass through each other on the way")
        String crossing) {

    /** @param layer how many panels lie below it on the closed card */
    @Schema(name = "Body")
    public record BodyJson(String name, int layer, List<double[]> points, List<List<double[]>> holes, boolean clear) {}

    /**
     * What holds the closed card, as it lies on its front.
     *
     * @param around whether the first of it goes on behind
     */
    @Schema(name = "Fastened")
    public record FastenedJson(List<AreaJson> onFront, boolean around) {

        @Schema(name = "FlatArea")
        public record AreaJson(List<double[]> points, List<List<double[]>> holes) {}

        private static FastenedJson of(Folding.Fastened fastened) {
            return new FastenedJson(
                    fastened.onFront().stream()
                            .map(p -> new AreaJson(LengthJson.corners(p), LengthJson.holes(p)))
                            .toList(),
                    fastened.around());
        }
    }

    /**
     * @param frames for each frame and panel twelve numbers: the rotation row by row, then the shift in mm
     * @param blocked why it goes no further
     */
    @Schema(name = "Motion")
    public record MotionJson(
            String from,
            String to,
            List<List<double[]>> frames,
            @Schema(nullable = true) String blocked) {}

    @Schema(name = "Standing")
    public record StandingJson(LengthJson width, LengthJson height, LengthJson depth, boolean stands) {}

    static FoldingJson of(Folding folding, UnitSystem units) {
        List<BodyJson> panels = new ArrayList<>();
        for (int i = 0; i < folding.structure().panels().size(); i++) {
            Panel panel = folding.structure().panels().get(i);
            int layer = folding.layers().isEmpty() ? 0 : folding.layers().get(i);
            panels.add(new BodyJson(
                    panel.name(),
                    layer,
                    LengthJson.corners(panel.outline()),
                    LengthJson.holes(panel.outline()),
                    panel.isClear()));
        }
        return new FoldingJson(
                panels,
                folding.motions().stream().map(m -> motion(m, units)).toList(),
                folding.standing().map(s -> standing(s, units)).orElse(null),
                folding.fastened().map(FastenedJson::of).orElse(null),
                folding.crossing().map(c -> crossing(folding, c)).orElse(null));
    }

    private static String crossing(Folding folding, Crossing crossing) {
        int frames = folding.motions().stream()
                .filter(m -> m.from().equals(crossing.from()))
                .findFirst()
                .orElseThrow()
                .frames()
                .size();
        return "On the way from %s to %s, about %d%% along, the %s would pass through the %s if card were stiff: bend one past the other by hand. Lying flat it is as shown."
                .formatted(
                        crossing.from(),
                        crossing.to(),
                        100 * crossing.frame() / (frames - 1),
                        crossing.one().name(),
                        crossing.other().name());
    }

    private static MotionJson motion(Motion motion, UnitSystem units) {
        return new MotionJson(
                motion.from(),
                motion.to(),
                motion.frames().stream()
                        .map(pose -> pose.stream().map(FoldingJson::numbers).toList())
                        .toList(),
                motion.blocked().map(f -> f.text(Ruler.of(units))).orElse(null));
    }

    /** A micrometre and a millionth are more than a screen shows. */
    private static double[] numbers(RigidMotion motion) {
        double[] numbers = new double[12];
        for (int i = 0; i < 9; i++) {
            numbers[i] = Math.round(motion.r()[i] * 1e6) / 1e6;
        }
        for (int i = 0; i < 3; i++) {
            numbers[9 + i] = Math.round(motion.t()[i] / Length.COUNTS_PER_MILLIMETRE * 1e3) / 1e3;
        }
        return numbers;
    }

    private static StandingJson standing(Standing s, UnitSystem units) {
        return new StandingJson(
                LengthJson.judged(s.width(), units),
                LengthJson.judged(s.height(), units),
                LengthJson.judged(s.depth(), units),
                s.stands());
    }
}
