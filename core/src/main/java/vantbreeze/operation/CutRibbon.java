package vantbreeze.operation;

import java.util.List;
import java.util.stream.Collectors;
import vantbreeze.measure.Length;
import vantbreeze.measure.Ruler;
import vantbreeze.structure.Grouped;

/** Lengths off their spools. */
@Kind("cut-ribbon")
public record CutRibbon(List<Cut> cuts) implements Operation {

    /** @param of what it is, in words: "white ribbon" */
    public record Cut(String of, Length length) {

        private String text(Ruler ruler, int cards) {
            return cards == 1
                    ? "%s of %s".formatted(ruler.text(length), of)
                    : "%d pieces of %s of %s, 1 a card".formatted(cards, of, ruler.text(length));
        }
    }

    public CutRibbon {
        cuts = List.copyOf(cuts);
    }

    static CutRibbon of(String what, Length length) {
        return new CutRibbon(List.of(new Cut(what, length)));
    }

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
        return "Cut "
                + Grouped.joined(
                        cuts.stream().map(c -> Grouped.the(c.of())).distinct().toList());
    }

    @Override
    public Wording wording(Ruler ruler) {
        return wording(ruler, 1);
    }

    @Override
    public Wording wording(Ruler ruler, int cards) {
        return Wording.plain(
                cuts.stream().map(c -> c.text(ruler, cards)).collect(Collectors.joining("; ", "Cut ", ".")));
    }
}
