package vantbreeze.server.log;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import vantbreeze.hand.Habit;
import vantbreeze.hand.Scatter;
import vantbreeze.operation.Hand;

/**
 * The maker's hands.
 *
 * @param version to be sent back with the next choice; -1 if nothing was chosen yet
 * @param habits what the logbook's measurements say
 */
@Schema(name = "Hands")
public record HandsJson(long version, ChoiceJson chosen, List<HabitJson> habits) {

    /** The most that anybody aims beside a mark, in mm. */
    static final double FARTHEST_AIM = 2;

    /**
     * All in mm.
     *
     * @param cut standard deviation
     * @param score standard deviation
     * @param glue standard deviation
     * @param cutAim how much more to set than planned, because the hand falls short of it by so much
     * @param scoreAim the same for scores
     */
    @Schema(name = "HandsChoice")
    public record ChoiceJson(double cut, double score, double glue, double cutAim, double scoreAim) {

        static final ChoiceJson USUAL =
                new ChoiceJson(Scatter.USUAL.cut(), Scatter.USUAL.score(), Scatter.USUAL.glue(), 0, 0);
    }

    /**
     * @param tool what does it
     * @param count how many measurements count
     * @param slips how many missed by so much that they are wrong numbers
     * @param bias measured less planned, on average, in mm
     * @param scatter standard deviation, in mm
     * @param enough whether there are enough measurements to conclude anything
     * @param biased whether aiming elsewhere would help
     */
    @Schema(name = "Habit")
    public record HabitJson(
            Hand hand, String tool, int count, int slips, double bias, double scatter, boolean enough, boolean biased) {

        static HabitJson of(Habit h) {
            return new HabitJson(
                    h.hand(),
                    h.hand() == Hand.CUT ? "trimmer" : "scoring board",
                    h.count(),
                    h.slips(),
                    h.bias(),
                    h.scatter(),
                    h.isEnough(),
                    h.isBiased());
        }
    }

    @Schema(name = "HandsChange")
    public record ChangeJson(long version, ChoiceJson chosen) {}
}
