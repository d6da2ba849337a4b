package vantbreeze.layer;

import java.util.Map;
import vantbreeze.measure.Length;
import vantbreeze.measure.ToolGrid;

/**
 * How the maker layers.
 *
 * @param layers on every dressed face, 0 to {@link #MOST_LAYERS}
 * @param step what each layer is smaller on every side, 0 to 1 in
 * @param grid the marks that mats are rounded down to
 * @param meeting how mats of two faces that meet are cut
 * @param byFace layers of single faces by {@link Face#key()}, where they differ
 */
public record Matting(int layers, Length step, ToolGrid grid, Meeting meeting, Map<String, Integer> byFace) {

    public static final int MOST_LAYERS = 2;
    public static final Length WIDEST_STEP = Length.inches(1);

    /** What happens at the line where two gates meet. */
    public enum Meeting {
        /** One mat lies over both and is split on the meeting line: the pattern runs on up to the edge. */
        RUN_ON,
        /** Each half keeps the border on all four sides; the two are still cut from one piece. */
        BORDER
    }

    public Matting {
        byFace = Map.copyOf(byFace);
        requireLayers(layers);
        byFace.values().forEach(Matting::requireLayers);
        if (step.isNegative() || step.isMoreThan(WIDEST_STEP)) {
            throw new IllegalArgumentException("The step (%s) must be 0 to 1 in.".formatted(step));
        }
    }

    private static void requireLayers(int layers) {
        if (layers < 0 || layers > MOST_LAYERS) {
            throw new IllegalArgumentException("The layers (%d) must be 0 to %d.".formatted(layers, MOST_LAYERS));
        }
    }

    /** @return how many layers that face gets */
    public int layersOn(Face face) {
        return byFace.getOrDefault(face.key(), face.isDressed() ? layers : 0);
    }
}
