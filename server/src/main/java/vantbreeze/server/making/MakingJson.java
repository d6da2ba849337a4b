package vantbreeze.server.making;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;

/**
 * How far a card has come at the table.
 *
 * @param version to be sent back with the next change; -1 where nothing has begun
 */
@Schema(name = "Making")
public record MakingJson(long version, StateJson state) {

    static final int MOST_CARDS = 200;
    static final int MOST_LINES = 500;
    static final int LONGEST_KEY = 300;

    /**
     * @param revision of the project that is being made
     * @param cards how many at once
     * @param byCard whether one card is finished before the next is begun; otherwise each step is done for all
     * @param mockUp whether only the mechanism is made, from scrap
     * @param at id of the task that is looked at; absent at the beginning
     * @param done how many cards each task is done for; tasks not begun are left out
     * @param measured what settings have become
     * @param timers what is drying, and until when
     * @param seconds that the maker has been at it so far
     */
    @Schema(name = "MakingState")
    public record StateJson(
            int revision,
            @Schema(minimum = "1", maximum = "200") int cards,
            boolean byCard,
            boolean mockUp,
            @Schema(nullable = true) String at,
            List<DoneJson> done,
            List<MeasuredJson> measured,
            List<TimerJson> timers,
            long seconds) {}

    @Schema(name = "TaskDone")
    public record DoneJson(String task, int cards) {}

    /** @param value as it was typed, "2 1/16 in" */
    @Schema(name = "Measured")
    public record MeasuredJson(String key, String value) {}

    @Schema(name = "Timer")
    public record TimerJson(String task, Instant until) {}

    static StateJson fresh(int revision) {
        return new StateJson(revision, 1, false, false, null, List.of(), List.of(), List.of(), 0);
    }
}
