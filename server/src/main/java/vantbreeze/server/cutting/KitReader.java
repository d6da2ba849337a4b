package vantbreeze.server.cutting;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.springframework.stereotype.Component;
import vantbreeze.measure.UnitSystem;
import vantbreeze.plan.Card;
import vantbreeze.plan.Plan;
import vantbreeze.server.plan.Cards;
import vantbreeze.server.project.ProjectJson;
import vantbreeze.server.project.ProjectService;
import vantbreeze.server.web.FieldReader;
import vantbreeze.server.web.FieldsRefused;

/** Reads what is to be cut. */
@Component
class KitReader {

    private static final int MOST_CARDS = 10;
    private static final int MOST_COPIES = 60;
    private static final int MOST_PARTS = 1500;
    private static final int MOST_SECONDS = 60;
    private static final int MOST_PINS = 200;
    private static final double FARTHEST_MILLIMETRES = 2000;

    private final ProjectService projects;
    private final Cards cards;

    KitReader(ProjectService projects, Cards cards) {
        this.projects = projects;
        this.cards = cards;
    }

    /** @throws FieldsRefused if a field cannot be so */
    List<Wanted> read(CuttingJson.AskJson asked) {
        FieldReader fields = new FieldReader(UnitSystem.METRIC);
        List<CuttingJson.CardJson> all = asked.cards() == null ? List.of() : asked.cards();
        range(fields, "cards", all.size(), 1, MOST_CARDS);
        range(fields, "seconds", asked.seconds(), 1, MOST_SECONDS);
        range(fields, "pins", asked.pins() == null ? 0 : asked.pins().size(), 0, MOST_PINS);
        for (int i = 0; i < all.size(); i++) {
            CuttingJson.CardJson card = all.get(i);
            fields.field(
                    "cards[%d].project".formatted(i),
                    card == null ? null : card.project(),
                    "the id of a project",
                    () -> card.project());
            if (card == null) {
                continue;
            }
            range(fields, "cards[%d].count".formatted(i), card.count(), 1, MOST_COPIES);
        }
        if (asked.pins() != null) {
            for (int i = 0; i < asked.pins().size(); i++) {
                pin(fields, "pins[%d]".formatted(i), asked.pins().get(i));
            }
        }
        fields.done();
        Set<String> seen = new HashSet<>();
        List<Wanted> wanted = new ArrayList<>();
        int parts = 0;
        for (CuttingJson.CardJson card : all) {
            if (!seen.add(String.valueOf(card.project()))) {
                throw new FieldsRefused(
                        "cards", card.project(), "each card once", "The card is in the kit twice; count it higher.");
            }
            ProjectJson project = projects.get(card.project());
            Plan plan = cards.ask(project.brief(), Card::plan);
            parts += card.count() * plan.parts().size();
            wanted.add(new Wanted(project.id(), project.name(), card.count(), plan));
        }
        if (parts > MOST_PARTS) {
            throw new FieldsRefused(
                    "cards",
                    "%d parts".formatted(parts),
                    "at most %d parts in all".formatted(MOST_PARTS),
                    "The kit has %d parts; cut at most %d at once.".formatted(parts, MOST_PARTS));
        }
        return wanted;
    }

    private static void pin(FieldReader fields, String field, CuttingJson.PinJson pin) {
        fields.field(field, pin, "a part, a sheet and where it lies, each 0 to 2000 mm", () -> {
            boolean isSo = pin.blank() != null
                    && pin.sheet() != null
                    && pin.number() >= 0
                    && Math.abs(pin.x()) <= FARTHEST_MILLIMETRES
                    && Math.abs(pin.y()) <= FARTHEST_MILLIMETRES;
            if (!isSo) {
                throw new IllegalArgumentException("The place of a part (%s) cannot be so.".formatted(field));
            }
            return pin;
        });
    }

    private static void range(FieldReader fields, String field, int value, int least, int most) {
        fields.field(field, value, "%d to %d".formatted(least, most), () -> {
            if (value < least || value > most) {
                throw new IllegalArgumentException(
                        "The field (%s) must be %d to %d, not %d.".formatted(field, least, most, value));
            }
            return value;
        });
    }
}
