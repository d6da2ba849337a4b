package vantbreeze.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import vantbreeze.fold.Crossing;
import vantbreeze.fold.FlatFolder;
import vantbreeze.fold.FlatStage;
import vantbreeze.fold.LayerStack;
import vantbreeze.fold.Motion;
import vantbreeze.fold.PoseSolver;
import vantbreeze.fold.Standing;
import vantbreeze.fold.Turns;
import vantbreeze.structure.Stage;
import vantbreeze.structure.Structure;

/**
 * How a card moves: from flat to closed where the whole card can lie flat, and from closed to displayed where its fold says
 * how it is displayed.
 *
 * @param layers for each panel, in the structure's order, how many lie below it on the closed card; empty if it cannot close
 * @param displayed how it stands; empty if it is not displayed
 * @param crossing where panels pass through each other on the way, whether they move at once or in turn
 */
public record Folding(
        Structure structure,
        List<Motion> motions,
        List<Integer> layers,
        Optional<Standing> displayed,
        Optional<Crossing> crossing) {

    /** Steps from one stage to the next; the screen draws what lies between them. */
    public static final int FRAMES = 30;

    /** @throws BriefException if no card follows from the brief */
    public static Folding of(Brief brief) {
        return of(Sizer.size(brief), FRAMES);
    }

    static Folding of(Workpiece work, int frames) {
        Structure structure = work.structure();
        List<Motion> motions = new ArrayList<>();
        Optional<Crossing> crossing = Optional.empty();
        if (work.foldsFlat()) {
            Optional<Motion> known = work.toDisplayed().filter(m -> m.frames().size() == frames + 1);
            motions.addAll(motions(structure, frames, Turns.atOnce(structure), known));
            crossing = crossing(structure, motions);
            if (crossing.isPresent()) {
                Turns turns = Turns.inTurn(structure, work.stack().orElseThrow());
                List<Motion> inTurn = motions(structure, frames * turns.count(), turns, Optional.empty());
                Optional<Crossing> left = crossing(structure, inTurn);
                if (turns.count() > 1 && left.isEmpty()) {
                    motions = inTurn;
                    crossing = left;
                }
            }
        }
        int last = motions.stream().mapToInt(m -> m.frames().size()).max().orElse(1) - 1;
        Optional<Standing> displayed = motions.stream()
                .filter(m -> m.to().equals(Stage.DISPLAYED) && m.blocked().isEmpty())
                .findFirst()
                .map(m -> Standing.of(structure, m.frames().get(last)));
        List<Integer> layers = work.stack().map(s -> layers(structure, s)).orElse(List.of());
        return new Folding(structure, List.copyOf(motions), layers, displayed, crossing);
    }

    /** @param toDisplayed the second motion, where it has been found already */
    private static List<Motion> motions(Structure structure, int frames, Turns turns, Optional<Motion> toDisplayed) {
        List<Motion> motions = new ArrayList<>();
        Stage flat = structure.stage(Stage.FLAT);
        Stage closed = structure.stage(Stage.CLOSED);
        if (FlatFolder.fold(structure, flat).faults().isEmpty()) {
            motions.add(PoseSolver.between(structure, flat, closed, frames, turns));
        }
        structure.stages().stream()
                .filter(s -> s.name().equals(Stage.DISPLAYED))
                .findFirst()
                .ifPresent(shown -> motions.add(toDisplayed.orElseGet(
                        () -> PoseSolver.between(structure, closed, shown, frames, turns.reversed()))));
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
