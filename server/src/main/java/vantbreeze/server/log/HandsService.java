package vantbreeze.server.log;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import vantbreeze.hand.Habit;
import vantbreeze.hand.Scatter;
import vantbreeze.measure.UnitSystem;
import vantbreeze.operation.Hand;
import vantbreeze.server.store.Inspected;
import vantbreeze.server.store.Store;
import vantbreeze.server.web.Conflict;
import vantbreeze.server.web.FieldReader;

/** What the logbook says about the maker's hands, and what the maker has made of it: nothing is taken without being asked. */
@Service
class HandsService implements Inspected {

    private static final long NOTHING_CHOSEN = -1;

    private final OwnHandsRepository hands;
    private final LogService log;
    private final Store store;

    HandsService(OwnHandsRepository hands, LogService log, Store store) {
        this.hands = hands;
        this.log = log;
        this.store = store;
    }

    HandsJson get() {
        List<LogService.Missed> missed = log.missed();
        List<HandsJson.HabitJson> habits = Stream.of(Hand.CUT, Hand.SCORE)
                .map(hand -> Habit.of(
                        hand,
                        missed.stream()
                                .filter(m -> m.hand() == hand)
                                .map(LogService.Missed::millimetres)
                                .toList()))
                .map(HandsJson.HabitJson::of)
                .toList();
        Optional<OwnHands> own = store.read(() -> hands.findById(OwnHands.ONLY));
        return new HandsJson(
                own.map(OwnHands::version).orElse(NOTHING_CHOSEN),
                own.map(OwnHands::chosen).orElse(HandsJson.ChoiceJson.USUAL),
                habits);
    }

    /**
     * @throws Conflict if they have been changed since that version
     * @throws vantbreeze.server.web.FieldsRefused if a number cannot be so
     */
    HandsJson change(HandsJson.ChangeJson change) {
        FieldReader fields = new FieldReader(UnitSystem.METRIC);
        HandsJson.ChoiceJson chosen = fields.field("chosen", change.chosen(), "numbers in mm", change::chosen);
        fields.done();
        fields.field(
                "chosen",
                chosen,
                "%.2f to %.0f mm each".formatted(Scatter.LEAST, Scatter.MOST),
                () -> new Scatter(chosen.cut(), chosen.score(), chosen.glue()));
        aim(fields, "chosen.cutAim", chosen.cutAim());
        aim(fields, "chosen.scoreAim", chosen.scoreAim());
        fields.done();
        store.write(() -> {
            OwnHands own = hands.findById(OwnHands.ONLY).orElse(null);
            long version = own == null ? NOTHING_CHOSEN : own.version();
            if (version != change.version()) {
                throw new Conflict(
                        "hands", own == null ? HandsJson.ChoiceJson.USUAL : own.chosen(), version, change.version());
            }
            OwnHands kept = own == null ? new OwnHands() : own;
            kept.write(chosen);
            return hands.saveAndFlush(kept).version();
        });
        return get();
    }

    private static void aim(FieldReader fields, String field, double mm) {
        fields.field(field, mm, "-%.0f to %.0f mm".formatted(HandsJson.FARTHEST_AIM, HandsJson.FARTHEST_AIM), () -> {
            if (!(Math.abs(mm) <= HandsJson.FARTHEST_AIM)) {
                throw new IllegalArgumentException(
                        "Nobody aims %.1f mm beside a mark; at most %.0f mm.".formatted(mm, HandsJson.FARTHEST_AIM));
            }
            return mm;
        });
    }

    @Override
    public List<String> damaged() {
        return store.read(() -> hands.findAll().stream()
                .filter(h -> !h.isIntact())
                .map(h -> "the maker's hands")
                .toList());
    }
}
