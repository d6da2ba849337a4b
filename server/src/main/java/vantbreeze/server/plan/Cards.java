package vantbreeze.server.plan;

import java.util.List;
import java.util.function.Function;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;
import vantbreeze.plan.Card;
import vantbreeze.plan.Shelf;
import vantbreeze.server.web.FieldsRefused;
import vantbreeze.server.web.Patience;

/** The cards asked for last: plan, looks, folding and posting of the same brief are asked for one after the other. */
@Component
public class Cards {

    /** A drag leaves one each few pixels; what is shown is always among the last. */
    private static final int MOST = 24;

    /** Three times what the heaviest card known takes, in units of {@link vantbreeze.structure.Effort}. */
    private static final long CARD = 5_000_000;

    /** The shelf plans usual cards only, on as many threads as there are. */
    private static final long SHELF = Long.MAX_VALUE;

    private final Patience patience;
    private final Recent<BriefJson, Card> cards = new Recent<>(MOST);
    private final Recent<OnShelf, List<ShelfJson>> shelves = new Recent<>(MOST);

    Cards(Patience patience) {
        this.patience = patience;
    }

    /** @param own the maker's own folds, as they are written */
    private record OnShelf(BriefJson brief, Object own) {}

    Card of(BriefJson brief) {
        if (brief == null) {
            throw new FieldsRefused("brief", "", "the brief of a card", "The field (brief) must be given.");
        }
        return cards.get(brief, () -> new Card(brief.read()));
    }

    /**
     * Works something out about the card of a brief, as long as somebody waits for it.
     *
     * @throws vantbreeze.server.web.FieldsRefused if the brief cannot be read
     * @throws vantbreeze.plan.BriefException if no card follows from it
     * @throws Patience.Lost if it is too much
     */
    public <T> T ask(BriefJson brief, Function<Card, T> question) {
        Card card = of(brief);
        return patience.await(CARD, "This card", () -> question.apply(card));
    }

    /** All folds for that brief, worked out once for the same own folds. */
    public List<ShelfJson> shelf(BriefJson brief, Object ownAsWritten, Supplier<List<Shelf.Own>> own) {
        return shelves.get(new OnShelf(brief, ownAsWritten), () -> {
            List<Shelf.Own> kept = own.get();
            return patience.await(
                    SHELF,
                    "The shelf",
                    () -> Shelf.of(brief.read(), kept).stream()
                            .map(ShelfJson::of)
                            .toList());
        });
    }
}
