package vantbreeze.post;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import vantbreeze.fold.Girth;
import vantbreeze.fold.PoseSolver;
import vantbreeze.measure.Length;
import vantbreeze.measure.Ruler;
import vantbreeze.measure.Size;
import vantbreeze.measure.ToolGrid;
import vantbreeze.measure.UnitSystem;
import vantbreeze.structure.Bond;
import vantbreeze.structure.FlatMotion;
import vantbreeze.structure.Piece;
import vantbreeze.structure.PieceBuilder;
import vantbreeze.structure.Point;
import vantbreeze.structure.Side;
import vantbreeze.structure.Stage;
import vantbreeze.structure.Structure;

/**
 * An envelope made to measure: a blank with its scores, folded and glued behind.
 *
 * @param inside the room it gives, as the card lies in it: in a diagonal one on its side
 * @param depth of a box, otherwise nothing
 * @param structure one piece, inside up, and what is glued
 * @param square the side of the square it is cut from, for the diagonal one; otherwise empty
 */
public record MadeEnvelope(Style style, Size inside, Length depth, Structure structure, Optional<Length> square) {

    /** How the blank lies to the card. */
    public enum Style {
        /** Flaps as wide as the card. */
        STRAIGHT,
        /** A square on its corner, four pointed flaps. */
        DIAGONAL,
        /** With walls as deep as the card is thick. */
        BOX
    }

    /** Shut, every fold all the way or, for a box, at right angles. */
    private static final String SHUT = "shut";

    /** Common practice, no published source, like all figures here. */
    private static final Length SIDE_FLAP = Length.inches(3, 4);

    private static final Length FLAP_OVERLAP = Length.inches(3, 4);

    /** How far pointed flaps reach over each other, along a side. */
    private static final Length SEAM = Length.inches(3, 4);

    private static final double RIGHT_ANGLE = 90;
    private static final double ALL_THE_WAY = 180;
    private static final double QUARTER = 0.25;

    /**
     * @param card the closed card with all that sticks out of it
     * @return every style that this card can have, each of which closes and takes it
     */
    public static List<MadeEnvelope> of(Girth card, Length thickness, ToolGrid grid) {
        Size flat = roomFor(card.across().half(), card.up().half(), grid);
        List<MadeEnvelope> made = new ArrayList<>();
        made.add(straight(flat, Length.ZERO, grid, Style.STRAIGHT));
        diagonal(flat.isLandscape() ? flat : flat.turned()).ifPresent(made::add);
        made.add(straight(
                roomFor(card.size().width(), card.size().height(), grid),
                grid.ceiling(thickness.plus(grid.step())),
                grid,
                Style.BOX));
        return List.copyOf(made);
    }

    /** The card and ease, up to the grid. */
    private static Size roomFor(Length width, Length height, ToolGrid grid) {
        return new Size(grid.ceiling(width.plus(ease(grid))), grid.ceiling(height.plus(ease(grid))));
    }

    private static Length ease(ToolGrid grid) {
        return grid.system() == UnitSystem.INCH ? Length.inches(1, 8) : Length.millimetres(3);
    }

    public Piece piece() {
        return structure.pieces().get(0);
    }

    /** As an envelope that a card is tried in. */
    public Envelope asEnvelope() {
        return new Envelope(
                "made",
                "made to measure",
                inside.isLandscape() ? inside : inside.turned(),
                UnitSystem.INCH,
                Optional.empty());
    }

    /** How it is made, in order. */
    public List<String> how(Ruler ruler) {
        List<String> how = new ArrayList<>();
        if (square.isPresent()) {
            how.add(
                    "Cut a square of %s and lay it on one corner, the side that becomes the outside up. The card will lie on its side."
                            .formatted(ruler.text(square.get())));
            how.add(
                    "On its edges mark %s from the upper and lower corners and %s from the side corners; score from mark to mark, straight across and straight up."
                            .formatted(
                                    ruler.text(marksFromUpperCorners().orElseThrow()),
                                    ruler.text(marksFromSideCorners().orElseThrow())));
            how.add(
                    "Cut out the small corners between two scores, and the tips of side flaps where the template shows it.");
        } else {
            how.add("Cut a piece of %s and cut its corners away by the template."
                    .formatted(ruler.text(piece().size())));
            how.add("Turn it over, the side that becomes the outside up, and score every line.");
        }
        how.add(
                depth.isPositive()
                        ? "Fold all scores to a right angle, the side flaps in and the back over them; glue the back to the flaps only."
                        : "Fold the side flaps in and the back up over them; glue the back to the flaps only, nothing inside.");
        how.add("When the glue is dry put the card in, fold the flap over and hold it with glue or a seal.");
        return how;
    }

    /** @return whether its glued panels come to lie on each other when it is folded */
    public boolean closes() {
        return PoseSolver.closesAt(structure, structure.stage(SHUT));
    }

    /** The front with walls of that depth around it, side flaps, a back and a flap. Without depth the walls are one fold. */
    private static MadeEnvelope straight(Size inside, Length depth, ToolGrid grid, Style style) {
        Length w = inside.width();
        Length h = inside.height();
        Length side = Length.min(SIDE_FLAP, grid.floor(w.dividedBy(3).each()));
        Length back = grid.floor(h.minus(Length.nearestTo(h.count() * QUARTER)));
        Length flap =
                h.minus(back).plus(Length.min(FLAP_OVERLAP, back.dividedBy(2).each()));
        Length x0 = side;
        Length x1 = x0.plus(depth);
        Length x2 = x1.plus(w);
        Length x3 = x2.plus(depth);
        Length x4 = x3.plus(side);
        Length y0 = back;
        Length y1 = y0.plus(depth);
        Length y2 = y1.plus(h);
        Length y3 = y2.plus(depth);
        Length y4 = y3.plus(flap);
        PieceBuilder piece = Piece.outline(
                "envelope",
                new Point(x1, Length.ZERO),
                new Point(x2, Length.ZERO),
                new Point(x2, y1),
                new Point(x4, y1),
                new Point(x4, y2),
                new Point(x2, y2),
                new Point(x2, y4),
                new Point(x1, y4),
                new Point(x1, y2),
                new Point(Length.ZERO, y2),
                new Point(Length.ZERO, y1),
                new Point(x1, y1));
        boolean box = depth.isPositive();
        piece.valley("left fold", new Point(x1, y1), new Point(x1, y2))
                .valley("right fold", new Point(x2, y1), new Point(x2, y2))
                .valley("lower fold", new Point(x1, y1), new Point(x2, y1))
                .valley("upper fold", new Point(x1, y2), new Point(x2, y2));
        if (box) {
            piece.valley("left outer fold", new Point(x0, y1), new Point(x0, y2))
                    .valley("right outer fold", new Point(x3, y1), new Point(x3, y2))
                    .valley("lower outer fold", new Point(x1, y0), new Point(x2, y0))
                    .valley("upper outer fold", new Point(x1, y3), new Point(x2, y3));
            name(piece, "left wall", x0, x1, y1, y2);
            name(piece, "right wall", x2, x3, y1, y2);
            name(piece, "lower wall", x1, x2, y0, y1);
            name(piece, "upper wall", x1, x2, y2, y3);
        }
        name(piece, "front", x1, x2, y1, y2);
        name(piece, "left flap", Length.ZERO, x0, y1, y2);
        name(piece, "right flap", x3, x4, y1, y2);
        name(piece, "back", x1, x2, Length.ZERO, y0);
        name(piece, "flap", x1, x2, y3, y4);
        return made(
                style,
                inside,
                depth,
                piece.build(),
                over(x0.plus(x1), true),
                over(x2.plus(x3), true),
                over(y0.plus(y1), false),
                box ? RIGHT_ANGLE : ALL_THE_WAY,
                Optional.empty());
    }

    private static void name(PieceBuilder piece, String panel, Length left, Length right, Length low, Length high) {
        piece.name(
                panel,
                new Point(
                        left.plus(right).dividedBy(2).each(),
                        low.plus(high).dividedBy(2).each()));
    }

    /** Folded over a line, or over the two of a wall: seen from above that is a reflection over the middle of both. */
    private static FlatMotion over(Length twiceTheMiddle, boolean upright) {
        return upright
                ? new FlatMotion(-1, 0, twiceTheMiddle.count(), 0, 1, 0)
                : new FlatMotion(1, 0, 0, 0, -1, twiceTheMiddle.count());
    }

    /** The back is glued to both side flaps. */
    private static MadeEnvelope made(
            Style style,
            Size inside,
            Length depth,
            Piece piece,
            FlatMotion left,
            FlatMotion right,
            FlatMotion back,
            double degrees,
            Optional<Length> square) {
        Map<String, Double> angles = new java.util.HashMap<>();
        piece.scores().forEach(s -> angles.put(s.id(), degrees));
        Structure structure = Structure.of(piece)
                .bond(new Bond(
                        "back on left flap",
                        "back",
                        Side.FACE,
                        "left flap",
                        Side.BACK,
                        left.inverse().after(back)))
                .bond(new Bond(
                        "back on right flap",
                        "back",
                        Side.FACE,
                        "right flap",
                        Side.BACK,
                        right.inverse().after(back)))
                .stage(new Stage(SHUT, angles))
                .anchoredAt("front");
        return new MadeEnvelope(style, inside, depth, structure, square);
    }

    /**
     * A square standing on its corner around the front, the card on its side. Its half diagonal is (w + h + seam) / 2, so that
     * each flap is as wide as its side and neighbouring flaps reach over each other by the seam along the diagonals; what lies
     * between two flaps is cut out. Side flaps that would lie on each other lose their tips: the back could not be glued to
     * both. On an upright card that would leave a slit between them, which neither back nor flap reaches.
     *
     * @param inside no higher than it is wide
     * @return empty if the card is so long that a flap would reach beyond the opposite side
     */
    private static Optional<MadeEnvelope> diagonal(Size inside) {
        Length w = inside.width();
        Length h = inside.height();
        Length upper = w.plus(SEAM).dividedBy(2).each();
        Length sideways = h.plus(SEAM).dividedBy(2).each();
        if (upper.isMoreThan(h) || sideways.isMoreThan(w)) {
            return Optional.empty();
        }
        Length notch = SEAM.dividedBy(2).each();
        Length reach = Length.min(sideways, w.dividedBy(2).each());
        Length blunt = sideways.minus(reach);
        Length x0 = reach;
        Length x1 = x0.plus(w);
        Length y0 = upper;
        Length y1 = y0.plus(h);
        Length middleX = x0.plus(w.dividedBy(2).each());
        Length middleY = y0.plus(h.dividedBy(2).each());
        PieceBuilder piece = Piece.outline(
                "envelope",
                new Point(middleX, Length.ZERO),
                new Point(x1, y0.minus(notch)),
                new Point(x1, y0),
                new Point(x1.plus(notch), y0),
                new Point(x1.plus(reach), middleY.minus(blunt)),
                new Point(x1.plus(reach), middleY.plus(blunt)),
                new Point(x1.plus(notch), y1),
                new Point(x1, y1),
                new Point(x1, y1.plus(notch)),
                new Point(middleX, y1.plus(upper)),
                new Point(x0, y1.plus(notch)),
                new Point(x0, y1),
                new Point(x0.minus(notch), y1),
                new Point(x0.minus(reach), middleY.plus(blunt)),
                new Point(x0.minus(reach), middleY.minus(blunt)),
                new Point(x0.minus(notch), y0),
                new Point(x0, y0),
                new Point(x0, y0.minus(notch)));
        piece.valley("left fold", new Point(x0, y0), new Point(x0, y1))
                .valley("right fold", new Point(x1, y0), new Point(x1, y1))
                .valley("lower fold", new Point(x0, y0), new Point(x1, y0))
                .valley("upper fold", new Point(x0, y1), new Point(x1, y1));
        name(piece, "front", x0, x1, y0, y1);
        name(piece, "left flap", x0.minus(reach), x0, y0, y1);
        name(piece, "right flap", x1, x1.plus(reach), y0, y1);
        name(piece, "back", x0, x1, Length.ZERO, y0);
        name(piece, "flap", x0, x1, y1, y1.plus(upper));
        Length diagonal = w.plus(h).plus(SEAM);
        return Optional.of(made(
                Style.DIAGONAL,
                inside,
                Length.ZERO,
                piece.build(),
                over(x0.times(2), true),
                over(x1.times(2), true),
                over(y0.times(2), false),
                ALL_THE_WAY,
                Optional.of(Length.nearestTo(diagonal.count() / Math.sqrt(2)))));
    }

    /** On the square's edges, from its upper and lower corners, where the upper and lower folds meet them. */
    public Optional<Length> marksFromUpperCorners() {
        return square.map(s -> alongTheEdge(inside.width()));
    }

    /** On the square's edges, from its left and right corners, where the side folds meet them. */
    public Optional<Length> marksFromSideCorners() {
        return square.map(s -> alongTheEdge(inside.height()));
    }

    /** A flap of a side that wide is half as high as it is wide, and its edges slant by 45 degrees. */
    private static Length alongTheEdge(Length side) {
        return Length.nearestTo(side.plus(SEAM).count() / 2.0 * Math.sqrt(2));
    }
}
