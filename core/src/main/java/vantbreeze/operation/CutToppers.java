package vantbreeze.operation;

import java.util.List;
import java.util.Optional;
import vantbreeze.measure.Ruler;

/**
 * All toppers, whatever they are cut from.
 *
 * @param each what is cut from one paper
 */
@Kind("cut-toppers")
public record CutToppers(List<CutParts> each) implements Operation {

    public CutToppers {
        each = List.copyOf(each);
    }

    @Override
    public List<Tool> tools() {
        return each.stream().flatMap(c -> c.tools().stream()).distinct().toList();
    }

    @Override
    public List<Hazard> hazards() {
        return List.of(Hazard.BLADES);
    }

    @Override
    public boolean cutsOut() {
        return true;
    }

    @Override
    public String title() {
        return each.size() == 1 && each.get(0).what().size() == 1 ? each.get(0).title() : "Cut the toppers";
    }

    @Override
    public Wording wording(Ruler ruler) {
        return wording(ruler, 1);
    }

    @Override
    public Wording wording(Ruler ruler, int cards) {
        return new Wording(
                "Cut from",
                each.stream()
                        .map(c -> "%s: %s".formatted(c.from(), String.join("; ", c.each(ruler, cards))))
                        .toList(),
                ". From ",
                ". Check twice, cut once." + Phrases.care(each.stream().flatMap(CutParts::care)),
                Optional.empty());
    }

    /** Side by side. */
    @Override
    public void draw(SketchPad pad) {
        new CutParts(
                        each.get(0).all(),
                        "",
                        each.stream().flatMap(c -> c.what().stream()).toList())
                .draw(pad);
    }
}
