package vantbreeze.fold;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Deque;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.locationtech.jts.geom.Coordinate;
import vantbreeze.measure.Length;
import vantbreeze.structure.Bond;
import vantbreeze.structure.FlatMotion;
import vantbreeze.structure.Panel;
import vantbreeze.structure.Stage;
import vantbreeze.structure.Structure;

/**
 * Folds a structure flat: panels are reflected across folded hinges, walking out from the anchor, and every loop through
 * hinges and bonds must close.
 */
public final class FlatFolder {

    /**
     * 0.02 mm, which no hand sees. The catalogue's folds close to 1e-8 counts; in a maker's own pattern every place is rounded to
     * a whole count, and a loop around a vertex multiplies that.
     */
    private static final double CLOSURE_COUNTS = 12.8;

    /**
     * A way to get from one panel's flat coordinates to a neighbour's place relative to it.
     *
     * @param bond what holds it, where it is glued
     * @param aslant whether it is a fold that no board squares: another way is taken where there is one
     * @param number the same forth and back
     */
    private record Joint(Panel from, Panel to, FlatMotion motion, Optional<Bond> bond, boolean aslant, int number) {
        Joint back() {
            return new Joint(to, from, motion.inverse(), bond, aslant, number);
        }
    }

    private final Map<Panel, FlatMotion> motions = new LinkedHashMap<>();
    private final Map<Panel, Panel> cameFrom = new LinkedHashMap<>();

    private final Set<Integer> cameThrough = new HashSet<>();
    private final Displaced made;

    private FlatFolder(Displaced made) {
        this.made = made;
    }

    /**
     * @throws IllegalArgumentException if a score of the stage is neither unfolded nor folded all the way
     */
    public static FlatStage fold(Structure structure, Stage stage) {
        return fold(structure, stage, Displaced.NOT);
    }

    /**
     * The same as hands have made it; angles are not touched.
     *
     * @throws IllegalArgumentException if a score of the stage is neither unfolded nor folded all the way
     */
    public static FlatStage fold(Structure structure, Stage stage, Displaced made) {
        if (!stage.isFlat()) {
            throw new IllegalArgumentException(
                    "The stage (%s) has scores between 0° and 180°.".formatted(stage.name()));
        }
        FlatStage walked = new FlatFolder(made).walk(structure, stage);
        return stage.rests()
                .map(structure::panel)
                .map(resting -> {
                    FlatMotion there = fold(structure, structure.before(stage), made)
                            .placed(resting)
                            .motion();
                    return walked.moved(
                            there.after(walked.placed(resting).motion().inverse()));
                })
                .orElse(walked);
    }

    public static FlatStage closed(Structure structure) {
        return fold(structure, structure.closed());
    }

    private FlatStage walk(Structure structure, Stage stage) {
        List<Joint> joints = joints(structure, stage);
        Map<Panel, List<Joint>> leaving = new LinkedHashMap<>();
        for (Joint joint : joints) {
            leaving.computeIfAbsent(joint.from(), k -> new ArrayList<>()).add(joint);
            leaving.computeIfAbsent(joint.to(), k -> new ArrayList<>()).add(joint.back());
        }
        motions.put(structure.anchor(), FlatMotion.IDENTITY);
        Deque<Panel> open = new ArrayDeque<>(List.of(structure.anchor()));
        /* What a board squares places first, then what lands by itself; folds aslant find their own place. */
        List<Deque<Joint>> later = List.of(new ArrayDeque<>(), new ArrayDeque<>());
        while (!open.isEmpty() || later.stream().anyMatch(d -> !d.isEmpty())) {
            if (open.isEmpty()) {
                Deque<Joint> next = later.get(0).isEmpty() ? later.get(1) : later.get(0);
                place(next.removeFirst(), open);
                continue;
            }
            for (Joint joint : leaving.getOrDefault(open.removeFirst(), List.of())) {
                if (joint.aslant()) {
                    later.get(1).addLast(joint);
                } else if (joint.bond().filter(structure::landsByItself).isPresent()) {
                    later.get(0).addLast(joint);
                } else {
                    place(joint, open);
                }
            }
        }
        List<FlatStage.Gap> gaps = new ArrayList<>();
        List<FoldFault> faults = new ArrayList<>(VertexCheck.faults(structure, stage));
        for (Joint joint : joints) {
            Double gap = gap(joint);
            if (gap == null || gap > CLOSURE_COUNTS) {
                faults.add(loopOpen(joint, gap == null ? Length.ZERO : Length.nearestTo(gap)));
            }
            if (gap != null && !isPlacing(joint)) {
                gaps.add(apart(joint));
            }
        }
        List<FlatStage.Placed> placed = structure.panels().stream()
                .map(p -> new FlatStage.Placed(p, motions.get(p), motions.get(p).apply(made.outline(p))))
                .toList();
        return new FlatStage(stage.name(), placed, List.copyOf(gaps), List.copyOf(faults));
    }

    /** The panel that it leads to, unless that lies already. */
    private void place(Joint joint, Deque<Panel> open) {
        if (!motions.containsKey(joint.to())) {
            motions.put(joint.to(), motions.get(joint.from()).after(joint.motion()));
            cameFrom.put(joint.to(), joint.from());
            cameThrough.add(joint.number());
            open.addLast(joint.to());
        }
    }

    private List<Joint> joints(Structure structure, Stage stage) {
        List<Joint> joints = new ArrayList<>();
        structure
                .hinges()
                .forEach(h -> joints.add(new Joint(
                        h.first(),
                        h.second(),
                        stage.degrees(h.score().id()) == 0 ? FlatMotion.IDENTITY : FlatMotion.reflection(made.line(h)),
                        Optional.empty(),
                        !h.score().isUpright() && !h.score().isLevel(),
                        joints.size())));
        structure
                .bonds()
                .forEach(b -> joints.add(new Joint(
                        structure.panel(b.onto()),
                        structure.panel(b.panel()),
                        made.placement(b),
                        Optional.of(b),
                        false,
                        joints.size())));
        structure
                .slides()
                .forEach(s -> joints.add(new Joint(
                        structure.panel(s.onto()),
                        structure.panel(s.panel()),
                        s.at(stage.run(s.id())),
                        Optional.empty(),
                        false,
                        joints.size())));
        return joints;
    }

    /** @return the widest distance between the two places the joint asks for, or null if their sides differ */
    private Double gap(Joint joint) {
        FlatMotion here = motions.get(joint.to());
        FlatMotion there = motions.get(joint.from()).after(joint.motion());
        if (here.turnsOver() != there.turnsOver()) {
            return null;
        }
        double widest = 0;
        for (Coordinate corner : joint.to().outline().getCoordinates()) {
            widest = Math.max(widest, here.apply(corner).distance(there.apply(corner)));
        }
        return widest;
    }

    /** Whether one of its panels was placed by it. */
    private boolean isPlacing(Joint joint) {
        return cameThrough.contains(joint.number());
    }

    /** Where the joint wants its panel, seen from where that lies: measured at the middle. */
    private FlatStage.Gap apart(Joint joint) {
        Coordinate middle = joint.to().outline().getEnvelopeInternal().centre();
        Coordinate here = motions.get(joint.to()).apply(middle);
        Coordinate there = motions.get(joint.from()).after(joint.motion()).apply(middle);
        return new FlatStage.Gap(joint.from(), joint.to(), joint.bond(), there.x - here.x, there.y - here.y);
    }

    /** The loop that the joint would close, as the two ways between the panels where it parts and meets. */
    private FoldFault loopOpen(Joint joint, Length gap) {
        List<Panel> one = wayFromAnchor(joint.from());
        List<Panel> other = wayFromAnchor(joint.to());
        int shared = 0;
        while (shared < one.size() && shared < other.size() && one.get(shared).equals(other.get(shared))) {
            shared++;
        }
        return new FoldFault.LoopOpen(
                names(one.subList(Math.max(0, shared - 1), one.size())),
                names(other.subList(Math.max(0, shared - 1), other.size())),
                gap);
    }

    private List<Panel> wayFromAnchor(Panel panel) {
        List<Panel> way = new ArrayList<>();
        for (Panel p = panel; p != null; p = cameFrom.get(p)) {
            way.add(p);
        }
        Collections.reverse(way);
        return way;
    }

    private static List<String> names(List<Panel> panels) {
        return panels.stream().map(Panel::name).toList();
    }
}
