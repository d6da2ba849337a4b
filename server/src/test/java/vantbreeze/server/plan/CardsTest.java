package vantbreeze.server.plan;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import tools.jackson.databind.json.JsonMapper;
import vantbreeze.plan.Card;
import vantbreeze.server.TestBriefs;
import vantbreeze.server.web.Patience;

/** A card is worked out once for all that is asked of it. */
class CardsTest {

    private static final JsonMapper JSON = JsonMapper.builder().build();
    private final Cards cards = new Cards(new Patience());

    private static BriefJson brief(int tenths) {
        return JSON.readValue(TestBriefs.zFold("%.1f in".formatted(tenths / 10.0), "4 1/4 in"), BriefJson.class);
    }

    @Test
    void theSameBriefIsTheSameCardHoweverItArrives() {
        Card first = cards.of(brief(50));
        Card again = cards.of(brief(50));
        assertThat(again).isSameAs(first);
        assertThat(again.plan()).isSameAs(first.plan());
        assertThat(again.looks()).isSameAs(first.looks());
        assertThat(again.folding()).isSameAs(first.folding());
        assertThat(cards.of(brief(51))).isNotSameAs(first);
    }

    /** Memory stays bounded: what was not asked for lately is let go, what is asked for again and again stays. */
    @Test
    void onlyTheLastFewAreKept() {
        Card first = cards.of(brief(30));
        Card used = cards.of(brief(31));
        for (int i = 0; i < 40; i++) {
            cards.of(brief(32 + i));
            assertThat(cards.of(brief(31))).isSameAs(used);
        }
        assertThat(cards.of(brief(30))).isNotSameAs(first);
    }
}
