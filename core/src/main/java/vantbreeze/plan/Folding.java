package vantbreeze.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.fold.Crossing;
import vantbreeze.fold.FlatFolder;
import vantbreeze.fold.FlatStage;
import vantbreeze.fold.LayerStack;
import vantbreeze.fold.Motion;
import vantbreeze.fold.PoseSolver;
import vantbreeze.fold.Scene;
import vantbreeze.fold.Standing;
import vantbreeze.fold.Turns;
import vantbreeze.structure.Piece;
import vantbreeze.structure.ScoreLine;
import vantbreeze.structure.Stage;
import vantbreeze.structure.Structure;

/**
 * How a card moves: from flat to closed where the whole card can lie flat, and from closed through all that the recipient is
 * shown.
 *
 * @param layers for each panel, in the structure's order, how many lie below it on the closed card; empty if it cannot close
 * @param standing how it stands where it is first set up; empty if it only lies
 * @param fastened what holds the closed card; empty without it, or if the card cannot close
 * @param crossing where panels pass through each other on the way, whether they move at once or in turn
 */
public record Folding(
        Structure structure,
        List<Motion> motions,
        List<Integer> layers,
        Optional<Standing> standing,
        Optional<Fastened> fastened,
        Optional<Crossing> crossing) {

    /**
     * What is seen of a closure, on the closed card with its anchor at rest.
     *
     * @param onFront the lowest first
     * @param around whether the first of it goes on behind
     */
    public record Fastened(List<Polygon> onFront, boolean around) {}

    /** Steps from one stage to the next; the screen draws what lies between them. */
    public static final int FRAMES = 30;

    /** @throws BriefException if no card follows from the brief */
    public static Folding of(Brief brief) {
        return of(Sizer.size(brief), FRAMES);
    }

    /** One piece of a card by itself, from flat to folded as it is in the closed card; without motions if it cannot be folded so alone. */
    static Folding ofPiece(Structure card, Piece piece) {
        Stage closed = card.closed();
        String[] open = piece.scores().stream()
                .map(ScoreLine::id)
                .filter(s -> closed.degrees(s) == 0 && !card.isCreased(s))
                .toArray(String[]::new);
        Structure alone = Structure.of(piece)
                .openWhenClosed(open)
                .anchoredAt(piece.panels().get(0).name());
        List<Motion> motions = FlatFolder.closed(alone).faults().isEmpty()
                ? motions(alone, FRAMES, Turns.atOnce(alone), List.of())
                : List.of();
        return new Folding(alone, motions, List.of(), Optional.empty(), Optional.empty(), Optional.empty());
    }

    static Folding of(Workpiece work, int frames) {
        Structure structure = work.structure();
        List<Motion> motions = new ArrayList<>();
        Optional<Crossing> crossing = Optional.empty();
        if (work.foldsFlat()) {
            motions.addAll(motions(structure, frames, Turns.atOnce(structure), work.scenes()));
            crossing = crossing(structure, motions);
            if (crossing.isPresent()) {
                Turns turns = Turns.inTurn(structure, work.stack().orElseThrow());
                List<Motion> inTurn = motions(structure, frames * turns.count(), turns, List.of());
                Optional<Crossing> left = crossing(structure, inTurn);
                if (turns.count() > 1 && left.isEmpty()) {
                    motions = inTurn;
                    crossing = left;
                }
            }
        }
        Optional<Standing> standing = motions.stream()
                .filter(m -> m.blocked().isEmpty()
                        && structure.stage(m.to()).role() == Stage.Role.SHOWN
                        && !structure.stage(m.to()).isFlat())
                .findFirst()
                .map(m -> Standing.of(structure, PoseSolver.last(m)));
        List<Integer> layers = work.stack().map(s -> layers(structure, s)).orElse(List.of());
        return new Folding(structure, List.copyOf(motions), layers, standing, fastened(work), crossing);
    }

    private static Optional<Fastened> fastened(Workpiece work) {
        List<Polygon> seen = work.foldsFlat() ? work.closure().seen() : List.of();
        return seen.isEmpty()
                ? Optional.empty()
                : Optional.of(new Fastened(seen, work.closure().goesAround()));
    }

    /** @param known where some of the way has been found already */
    private static List<Motion> motions(Structure structure, int frames, Turns turns, List<Scene> known) {
        List<Motion> motions = new ArrayList<>();
        Stage closed = structure.closed();
        structure
                .opened()
                .filter(flat -> !flat.foldsLike(closed)
                        && FlatFolder.fold(structure, flat).faults().isEmpty())
                .ifPresent(flat -> motions.add(PoseSolver.between(structure, flat, closed, frames, turns)));
        Stage before = closed;
        Turns opening = turns.reversed();
        for (Stage shown : structure.shown()) {
            Stage from = before;
            Turns moved = opening;
            motions.add(Scene.raised(known)
                    .filter(r -> r.stage().equals(shown) && r.way().frames().size() == frames + 1)
                    .map(Scene.Raised::way)
                    .findFirst()
                    .orElseGet(() -> PoseSolver.between(structure, from, shown, frames, moved)));
            before = shown;
            opening = Turns.atOnce(structure);
        }
        return motions;
    }

    private static Optional<Crossing> crossing(Structure structure, List<Motion> motions) {
        return motions.stream()
                .flatMap(m -> Crossing.firstOf(structure, m).stream())
                .findFirst();
    }

    private static List<Integer> layers(Structure structure, LayerStack stack) {
        return structure.panels().stream()
                .map(panel -> stack.spots().stream()
                        .mapToInt(spot -> spot.bottomToTop().stream()
                                .map(FlatStage.Placed::panel)
                                .toList()
                                .indexOf(panel))
                        .max()
                        .orElse(0))
                .map(i -> Math.max(i, 0))
                .toList();
    }
}
