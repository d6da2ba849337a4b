package vantbreeze.server.log;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import vantbreeze.server.store.Kept;

/** How the maker's hands spread, as the maker has chosen. */
@Entity
class OwnHands extends Kept {

    static final String ONLY = "hands";

    @Id
    private String id;

    @Version
    private Long version;

    private double cut;
    private double score;
    private double glue;
    private double cutAim;
    private double scoreAim;

    OwnHands() {
        this.id = ONLY;
    }

    @Override
    protected String content() {
        return "%s %s %s %s %s".formatted(cut, score, glue, cutAim, scoreAim);
    }

    final void write(HandsJson.ChoiceJson chosen) {
        cut = chosen.cut();
        score = chosen.score();
        glue = chosen.glue();
        cutAim = chosen.cutAim();
        scoreAim = chosen.scoreAim();
        seal();
    }

    HandsJson.ChoiceJson chosen() {
        return new HandsJson.ChoiceJson(cut, score, glue, cutAim, scoreAim);
    }

    long version() {
        return version;
    }
}
