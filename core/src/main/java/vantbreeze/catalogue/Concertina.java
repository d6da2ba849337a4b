package vantbreeze.catalogue;

import java.util.List;
import vantbreeze.structure.Fold;
import vantbreeze.structure.Piece;
import vantbreeze.structure.StripBuilder;
import vantbreeze.structure.Structure;

/** n panels as wide as the card, mountain and valley in turn. */
final class Concertina implements FoldDesign {

    private static final String PANELS = "count";

    @Override
    public String id() {
        return "concertina";
    }

    @Override
    public String name() {
        return "concertina";
    }

    @Override
    public String summary() {
        return "A zigzag of equal panels; it stands by itself and grows as long as you like.";
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.width(),
                Parameter.height(),
                Parameter.count(PANELS, "panels", "How many panels, all as wide as the card.", 4, 2, 12));
    }

    @Override
    public Structure build(Values v) {
        int panels = v.count(PANELS);
        StripBuilder strip = Piece.strip("base", v.height());
        for (int i = 1; i <= panels; i++) {
            strip.panel("panel " + i, v.width());
            if (i < panels) {
                strip.score((panels - i) % 2 == 0 ? Fold.MOUNTAIN : Fold.VALLEY);
            }
        }
        return Structure.of(strip.build()).displayed(0.5).anchoredAt("panel " + panels);
    }
}
