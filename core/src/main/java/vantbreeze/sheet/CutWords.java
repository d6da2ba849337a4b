package vantbreeze.sheet;

import vantbreeze.measure.Ruler;

/** Words a cut as it is made at the trimmer. */
public final class CutWords {

    private final Ruler ruler;

    public CutWords(Ruler ruler) {
        this.ruler = ruler;
    }

    /** What is in hand and which edge of it lies at the fence. */
    public String text(CutSheet.Pass pass) {
        Cell.Cut cut = pass.cell();
        return "%s, %s edge to the fence".formatted(ruler.text(cut.size()), cut.upright() ? "left" : "lower");
    }
}
