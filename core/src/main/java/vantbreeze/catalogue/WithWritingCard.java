package vantbreeze.catalogue;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Envelope;
import vantbreeze.measure.Length;
import vantbreeze.structure.Bond;
import vantbreeze.structure.Habit;
import vantbreeze.structure.Panel;
import vantbreeze.structure.Piece;
import vantbreeze.structure.Side;
import vantbreeze.structure.Structure;

/** A fold that can carry a small folded card to write in, glued on one of its panels by its back. */
record WithWritingCard(FoldDesign fold) implements WithExtra {

    private static final String WRITING = "writing";
    private static final String SIDE = "writingSide";
    private static final String LEFT = "writingLeft";
    private static final String LOW = "writingLow";
    private static final String BEHIND = " (back side)";

    /** Folded to a square: 2 1/8 by 4 1/4 in flat. Common practice, no published source. */
    private static final Length USUAL = Length.inches(17, 8);

    /** Smaller ones have no room for a sentence. */
    private static final Length SMALLEST = Length.inches(7, 4);

    private static final double HALF_OPEN = 140;

    @Override
    public String key() {
        return WRITING;
    }

    @Override
    public List<Parameter> parameters() {
        List<Parameter> all = new ArrayList<>(fold.parameters());
        all.add(panelChoice("writing card", "A small folded card to write in, glued on a panel."));
        all.add(Parameter.length(
                        SIDE,
                        "writing card's side",
                        "Width and height of it, folded to a square.",
                        v -> Length.min(USUAL, v.grid().floor(box(v).shortSide())),
                        v -> new Range(SMALLEST, "or there is no room in it to write", box(v).shortSide(), "the panel"))
                .onlyIf(this::isThere));
        all.add(place(
                LEFT,
                "writing card from the left",
                "Where it begins on the panel.",
                v -> box(v).width().minus(v.length(SIDE))));
        all.add(place(
                LOW,
                "writing card from the bottom",
                "How high it sits on the panel.",
                v -> box(v).height().minus(v.length(SIDE))));
        return all;
    }

    @Override
    public Stream<String> panels(Structure plain) {
        return plain.panels().stream()
                .filter(p -> !p.isClear()
                        && p.rectangle()
                                .filter(r -> !r.shortSide().isLessThan(SMALLEST))
                                .isPresent())
                .flatMap(p -> Stream.of(Side.values())
                        .filter(side -> !plain.isGlued(p, side))
                        .map(side -> p.name() + (side == Side.BACK ? BEHIND : "")));
    }

    @Override
    public Envelope place(Values v) {
        return panel(v).outline().getEnvelopeInternal();
    }

    private Panel panel(Values v) {
        String choice = v.choice(WRITING);
        return v.structure(fold).panel(choice.endsWith(BEHIND) ? choice.replace(BEHIND, "") : choice);
    }

    @Override
    public Structure build(Values v) {
        Structure plain = v.structure(fold);
        if (!isThere(v)) {
            return plain;
        }
        Length u = v.length(SIDE);
        Envelope box = place(v);
        Panel panel = panel(v);
        Length low = Length.nearestTo(box.getMinY()).plus(v.length(LOW));
        boolean behind = v.choice(WRITING).endsWith(BEHIND);
        Bond bond = behind
                ? Bond.turned(
                        "writing back",
                        Side.BACK,
                        panel.name(),
                        Length.nearestTo(box.getMaxX()).minus(v.length(LEFT)).plus(u),
                        low)
                : Bond.laid(
                        "writing back",
                        panel.name(),
                        Length.nearestTo(box.getMinX()).plus(v.length(LEFT)).minus(u),
                        low);
        return plain.extended()
                .piece(Piece.strip("writing card", u)
                        .panel("writing front", u)
                        .valley("writing score")
                        .panel("writing back", u)
                        .build())
                .bond(bond)
                .habit(Habit.BARE, "writing front/back", "writing back/back")
                .habit(Habit.WRITTEN, "writing front/face", "writing back/face")
                .displayedWith(Map.of("writing score", HALF_OPEN))
                .build();
    }
}
