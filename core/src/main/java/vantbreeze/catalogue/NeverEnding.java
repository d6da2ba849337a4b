package vantbreeze.catalogue;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import vantbreeze.measure.Length;
import vantbreeze.structure.Bond;
import vantbreeze.structure.FlatMotion;
import vantbreeze.structure.Fold;
import vantbreeze.structure.Habit;
import vantbreeze.structure.Handling;
import vantbreeze.structure.Piece;
import vantbreeze.structure.PieceBuilder;
import vantbreeze.structure.Point;
import vantbreeze.structure.ScoreLine;
import vantbreeze.structure.Side;
import vantbreeze.structure.Structure;

/**
 * Two upright strips before two level ones, glued to each other only at the four outer corners. The outer quarters turn
 * behind, sideways and up and down by turns, and each turn brings another face to the front, until the first is back.
 */
final class NeverEnding implements FoldDesign {

    private static final String ENDS = "ends";
    private static final String HALVED = "in squares";
    private static final String WHOLE = "whole";

    @Override
    public String id() {
        return "never-ending-card";
    }

    @Override
    public String name() {
        return "never-ending card";
    }

    @Override
    public String summary() {
        return "Four strips glued at their corners that turn through four faces and come back to the first.";
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.width(),
                Parameter.height(),
                Parameter.choice(
                        ENDS,
                        "strips on the last face",
                        "Its narrow mats whole, or in two squares each.",
                        HALVED,
                        WHOLE));
    }

    /** Where a strip lies when the first face shows. */
    private record Strip(String name, boolean upright, Length left, Length low) {

        List<String> panels() {
            return upright
                    ? List.of(name + ", lower end", name + ", middle", name + ", upper end")
                    : List.of(name + ", left end", name + ", middle", name + ", right end");
        }

        String score(int number) {
            return name + ", score " + number;
        }

        String end(boolean far) {
            return panels().get(far ? 2 : 0);
        }

        String middle() {
            return panels().get(1);
        }

        Piece piece(Length wide, Length high) {
            PieceBuilder piece = Piece.rectangle(name, wide, high);
            Length along = upright ? high : wide;
            Length across = upright ? wide : high;
            Length quarter = along.dividedBy(4).each();
            List<Length> places = List.of(quarter, along.minus(quarter));
            List<Length> inside = List.of(Values.half(quarter), Values.half(along), along.minus(Values.half(quarter)));
            for (int i = 0; i < places.size(); i++) {
                Length at = places.get(i);
                piece.score(new ScoreLine(
                        score(i + 1),
                        upright ? new Point(Length.ZERO, at) : new Point(at, Length.ZERO),
                        upright ? new Point(across, at) : new Point(at, across),
                        upright ? Fold.VALLEY : Fold.MOUNTAIN));
            }
            for (int i = 0; i < inside.size(); i++) {
                Length middle = Values.half(across);
                piece.name(
                        panels().get(i), upright ? new Point(middle, inside.get(i)) : new Point(inside.get(i), middle));
            }
            return piece.build();
        }
    }

    @Override
    public Structure build(Values v) {
        Length half = Values.half(v.width());
        Length low = Values.half(v.height());
        List<Strip> uprights = List.of(
                new Strip("strip A", true, Length.ZERO, Length.ZERO), new Strip("strip B", true, half, Length.ZERO));
        List<Strip> levels = List.of(
                new Strip("strip C", false, Length.ZERO, Length.ZERO), new Strip("strip D", false, Length.ZERO, low));
        List<Piece> pieces = new ArrayList<>();
        uprights.forEach(
                s -> pieces.add(s.piece(s.left().isPositive() ? v.width().minus(half) : half, v.height())));
        levels.forEach(s ->
                pieces.add(s.piece(v.width(), s.low().isPositive() ? v.height().minus(low) : low)));
        Structure.Builder card = Structure.of(pieces.toArray(new Piece[0]));
        List<String> corners = new ArrayList<>();
        for (Strip upright : uprights) {
            for (Strip level : levels) {
                String laid = upright.end(level.low().isPositive());
                String onto = level.end(upright.left().isPositive());
                String corner = laid + " on " + onto;
                corners.add(corner);
                card.bond(new Bond(
                                corner,
                                laid,
                                Side.BACK,
                                onto,
                                Side.FACE,
                                FlatMotion.shift(
                                        upright.left().count(),
                                        level.low().negated().count())))
                        .habit(Habit.BESIDE_GLUE, laid + "/back", onto + "/face");
            }
        }
        card.atOnce(corners.toArray(new String[0]));
        List<Strip> all = new ArrayList<>(uprights);
        all.addAll(levels);
        for (Strip strip : all) {
            card.openWhenClosed(strip.score(1), strip.score(2));
            card.habit(Habit.DRESSED, strip.middle());
            Habit outer = !strip.upright() && v.choice(ENDS).equals(HALVED) ? Habit.HALVED : Habit.DRESSED;
            String side = strip.upright() ? "/face" : "/back";
            card.habit(outer, strip.end(false) + side, strip.end(true) + side);
        }
        Map<String, Double> sideways = turned(levels, -180);
        Map<String, Double> both = new HashMap<>(sideways);
        both.putAll(turned(uprights, 180));
        return card.turned("face 2", levels.get(0).middle(), sideways)
                .turned("face 3", uprights.get(0).middle(), both)
                .turned("face 4", levels.get(0).middle(), turned(uprights, 180))
                .turned("face 1 again", uprights.get(0).middle(), Map.of())
                .handled(Handling.joined(
                        "Turn it through",
                        "Put your thumbs in the upright seam and fold both halves away behind. Now the level seam: fold "
                                + "up and down, behind. Do the upright seam again, then the level one, and the first face is back. "
                                + "Press every seam flat on every face, until it turns by itself."))
                .handled(Handling.dressed(
                        "Go round once more", "Turn it through all four faces again. No mat may catch at a seam."))
                .anchoredAt(levels.get(0).middle());
    }

    private static Map<String, Double> turned(List<Strip> strips, double degrees) {
        Map<String, Double> turned = new HashMap<>();
        strips.forEach(s -> {
            turned.put(s.score(1), degrees);
            turned.put(s.score(2), degrees);
        });
        return turned;
    }
}
