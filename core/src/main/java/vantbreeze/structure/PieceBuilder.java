package vantbreeze.structure;

import java.util.ArrayList;
import java.util.List;
import vantbreeze.measure.Length;

/** Collects the lines of a piece. */
public final class PieceBuilder {

    private final String name;
    private final List<Point> corners;
    private boolean clear;
    private boolean scoredAcross;
    private Length sliver = Length.ZERO;
    private final List<ScoreLine> scores = new ArrayList<>();
    private final List<Slit> slits = new ArrayList<>();
    private final List<List<Point>> holes = new ArrayList<>();
    private final List<Piece.PanelName> names = new ArrayList<>();

    PieceBuilder(String name, List<Point> corners) {
        this.name = name;
        this.corners = corners;
    }

    public PieceBuilder mountain(String id, Point from, Point to) {
        return score(new ScoreLine(id, from, to, Fold.MOUNTAIN));
    }

    public PieceBuilder valley(String id, Point from, Point to) {
        return score(new ScoreLine(id, from, to, Fold.VALLEY));
    }

    public PieceBuilder score(ScoreLine score) {
        scores.add(score);
        return this;
    }

    public PieceBuilder slit(String id, Point from, Point to) {
        return slit(new Slit(id, from, to));
    }

    public PieceBuilder slit(Slit slit) {
        slits.add(slit);
        return this;
    }

    /** Cuts out what these corners enclose. */
    public PieceBuilder hole(List<Point> around) {
        holes.add(List.copyOf(around));
        return this;
    }

    /** Of clear film: what lies behind it is seen through it. */
    public PieceBuilder clear() {
        return clear(true);
    }

    PieceBuilder clear(boolean is) {
        clear = is;
        return this;
    }

    /** Names the panel around a place. */
    public PieceBuilder name(String panel, Point inside) {
        names.add(new Piece.PanelName(panel, inside));
        return this;
    }

    /** Scoring from edge to edge does no harm: makers do it in one go and fold only what folds. */
    public PieceBuilder scoredAcross() {
        scoredAcross = true;
        return this;
    }

    /** It is cut so much wider, scored at its round numbers, and trimmed at its right end afterwards. */
    public PieceBuilder trimmed(Length off) {
        sliver = off;
        return this;
    }

    public Piece build() {
        return new Piece(name, clear, corners, holes, scores, slits, names, scoredAcross, sliver);
    }
}
