package vantbreeze.cutter;

import vantbreeze.measure.Size;

/**
 * What a cutting machine can do. Not one machine's numbers but usual ones; common practice, no published source.
 *
 * @param width of its bed in mm
 * @param height of its bed in mm
 * @param cutting mm each second with the blade down
 * @param scoring mm each second with the scoring wheel or the pen down
 * @param travel mm each second with everything up
 * @param lift seconds that it takes to lower a tool, and to raise it again
 * @param step the shortest stroke it makes, in mm
 */
public record Machine(
        double width, double height, double cutting, double scoring, double travel, double lift, double step) {

    public static final Machine USUAL = new Machine(305, 610, 40, 80, 200, 0.25, 0.1);

    public Machine {
        require("bed's width", width, 50, 2000);
        require("bed's height", height, 50, 2000);
        require("cutting speed", cutting, 1, 2000);
        require("scoring speed", scoring, 1, 2000);
        require("travel speed", travel, 1, 5000);
        require("lift", lift, 0, 10);
        require("step", step, 0.005, 5);
    }

    /** The same with another bed. */
    public Machine withBed(Size bed) {
        return new Machine(bed.width().millimetres(), bed.height().millimetres(), cutting, scoring, travel, lift, step);
    }

    private static void require(String what, double value, double least, double most) {
        if (!(value >= least && value <= most)) {
            throw new IllegalArgumentException("The %s (%s) must be %s to %s.".formatted(what, value, least, most));
        }
    }

    double speed(Stroke.Kind kind) {
        return kind == Stroke.Kind.CUT || kind == Stroke.Kind.SLIT ? cutting : scoring;
    }
}
