package vantbreeze.operation;

import java.util.List;
import vantbreeze.measure.Length;
import vantbreeze.measure.Ruler;

/** A length of ribbon. */
@Kind("cut-ribbon")
public record CutRibbon(Length length) implements Operation {

    @Override
    public List<Tool> tools() {
        return List.of(Tool.SCISSORS);
    }

    @Override
    public List<Hazard> hazards() {
        return List.of(Hazard.BLADES);
    }

    @Override
    public String title() {
        return "Cut the ribbon";
    }

    @Override
    public Wording wording(Ruler ruler) {
        return Wording.plain("Cut %s of ribbon.".formatted(ruler.text(length)));
    }

    @Override
    public Wording wording(Ruler ruler, int cards) {
        return cards == 1
                ? wording(ruler)
                : Wording.plain("Cut %d pieces of ribbon of %s, 1 a card.".formatted(cards, ruler.text(length)));
    }
}
