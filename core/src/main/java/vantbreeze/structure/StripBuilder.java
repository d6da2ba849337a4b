package vantbreeze.structure;

import java.util.ArrayList;
import java.util.List;
import vantbreeze.measure.Length;

/** Builds a strip as the trade says it: panel, mountain, panel, valley, panel. */
public final class StripBuilder {

    private final String name;
    private final Length height;
    private final List<ScoreLine> scores = new ArrayList<>();
    private final List<Piece.PanelName> names = new ArrayList<>();
    private boolean clear;
    private Length end = Length.ZERO;
    private Length sliver = Length.ZERO;

    StripBuilder(String name, Length height) {
        this.name = name;
        this.height = height;
    }

    /** Of clear film: what lies behind it is seen through it. */
    public StripBuilder clear() {
        clear = true;
        return this;
    }

    public StripBuilder panel(String panel, Length width) {
        if (!width.isPositive()) {
            throw new StructureException(
                    panel, "The panel (%s) is %s wide; it must be more than 0.".formatted(panel, width));
        }
        Length middle = end.plus(width.dividedBy(2).each());
        names.add(
                new Piece.PanelName(panel, new Point(middle, height.dividedBy(2).each())));
        end = end.plus(width);
        return this;
    }

    public StripBuilder mountain(String id) {
        return score(id, Fold.MOUNTAIN);
    }

    public StripBuilder valley(String id) {
        return score(id, Fold.VALLEY);
    }

    public StripBuilder mountain() {
        return score(Fold.MOUNTAIN);
    }

    public StripBuilder valley() {
        return score(Fold.VALLEY);
    }

    /** A score across the whole height where the last panel ends. */
    public StripBuilder score(Fold fold) {
        return score("score " + (scores.size() + 1), fold);
    }

    private StripBuilder score(String id, Fold fold) {
        scores.add(new ScoreLine(id, new Point(end, Length.ZERO), new Point(end, height), fold));
        return this;
    }

    /** So much is trimmed off its right end once it is scored. */
    public StripBuilder trimmed(Length off) {
        sliver = off;
        return this;
    }

    public Piece build() {
        PieceBuilder piece = Piece.rectangle(name, end, height).clear(clear).trimmed(sliver);
        scores.forEach(piece::score);
        names.forEach(n -> piece.name(n.name(), n.inside()));
        return piece.build();
    }
}
