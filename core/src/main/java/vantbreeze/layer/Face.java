package vantbreeze.layer;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import vantbreeze.fold.LayerStack;
import vantbreeze.fold.Opening;
import vantbreeze.fold.RigidMotion;
import vantbreeze.fold.Scene;
import vantbreeze.fold.Sight;
import vantbreeze.material.Paper;
import vantbreeze.structure.FlatMotion;
import vantbreeze.structure.Habit;
import vantbreeze.structure.Mirror;
import vantbreeze.structure.Panel;
import vantbreeze.structure.Side;
import vantbreeze.structure.Stage;
import vantbreeze.structure.Structure;

/**
 * One side of a panel and when it is seen.
 *
 * @param ups for each moment when it is seen where up is on the flat piece then, in degrees anticlockwise from the piece's
 *     own up, seen from its face side; never empty
 * @param beforeAssembly whether it is dressed before the pieces are joined: something is glued over it, or it is out of
 *     reach later
 * @param isDressed unless the maker says otherwise: what the recipient sees without turning the card round, and what equals
 *     it in a mirror
 * @param isSigned whether makers lay one plain paper on it, to write on
 */
public record Face(
        Panel panel, Side side, Map<Moment, Double> ups, boolean beforeAssembly, boolean isDressed, boolean isSigned) {

    /** When the recipient looks at it. */
    public enum Seen {
        /** On the front of the closed card. */
        CLOSED,
        /** With the card opened out, from its face side. */
        OPENED,
        /** While one flap after the other is turned back. */
        OPENING,
        /** From straight before the card as it stands. */
        DISPLAYED,
        /** From a good way to either side of it, or above it. */
        ASIDE,
        /** On the back of the closed card. */
        BEHIND
    }

    /**
     * @param how from where, or in which state
     * @param stage the name of the stage it is looked at
     */
    public record Moment(Seen how, String stage) {

        public static final Moment CLOSED = new Moment(Seen.CLOSED, Stage.CLOSED);
        public static final Moment BEHIND = new Moment(Seen.BEHIND, Stage.CLOSED);
        public static final Moment OPENING = new Moment(Seen.OPENING, Stage.CLOSED);

        /** The open card as it lies or stands. */
        public static Moment of(Scene scene) {
            return new Moment(
                    scene instanceof Scene.Lying ? Seen.OPENED : Seen.DISPLAYED,
                    scene.stage().name());
        }
    }

    public Face {
        ups = Collections.unmodifiableMap(new LinkedHashMap<>(ups));
    }

    /** What counts most first: as it stands it is looked at longest, then as it is taken out. */
    private static final List<Seen> BY_WEIGHT =
            List.of(Seen.DISPLAYED, Seen.CLOSED, Seen.OPENED, Seen.OPENING, Seen.ASIDE, Seen.BEHIND);

    /** A face of which so little is seen that nobody dresses it. */
    public static Face hardlySeen(Panel panel, Side side) {
        return new Face(panel, side, Map.of(new Moment(Seen.DISPLAYED, Stage.DISPLAYED), 0.0), false, true, false);
    }

    public Set<Seen> seen() {
        return ups.keySet().stream().map(Moment::how).collect(Collectors.toSet());
    }

    /** The moments when it is seen, closed first, then as the recipient meets them. */
    public List<Moment> moments() {
        return List.copyOf(ups.keySet());
    }

    /** The moment that a pattern's up is laid for. */
    public Moment mostSeen() {
        return ups.keySet().stream()
                .min(Comparator.comparing(m -> BY_WEIGHT.indexOf(m.how())))
                .orElseThrow();
    }

    /** Where up is at that moment, in degrees anticlockwise from the flat piece's own up. */
    public double up() {
        return ups.get(mostSeen());
    }

    /** The moments when what is up at the most important one is seen upside down, or nearly. */
    public List<Moment> upsideDown() {
        return moments().stream()
                .filter(m -> Math.cos(Math.toRadians(ups.get(m) - up())) < -SIDEWAYS)
                .toList();
    }

    /** Turned by more than about 100 degrees a pattern is no longer just tilted. */
    private static final double SIDEWAYS = 0.2;

    /** Whether slits notch it, so that it gets a strip on each row unless the maker wants one paper cut to its shape. */
    public boolean isNotched() {
        return !Rows.of(panel.outline()).isEmpty();
    }

    /** That side of the paper that its panel is cut from. */
    public Paper shows(Paper paper) {
        return side == Side.FACE ? paper : paper.behind();
    }

    /** Names the face in a brief: "back/face". */
    public String key() {
        return panel.name() + "/" + side.word();
    }

    /** As it is said in a list: "back", or "left gate (back side)". */
    public String label() {
        return panel.name() + (side == Side.BACK ? " (back side)" : "");
    }

    /** What only the one sees who turns the card round. */
    private static boolean isBehindOnly(Map<Moment, Double> ups) {
        return ups.keySet().equals(Set.of(Moment.BEHIND));
    }

    private static boolean isLookedAt(Map<Moment, Double> ups) {
        return ups.keySet().stream().anyMatch(m -> m.how() != Seen.ASIDE && m.how() != Seen.BEHIND);
    }

    /** A card that lies open once it is glued can be reached everywhere; of another only what is wholly seen when closed. */
    private static boolean isEarly(Structure structure, LayerStack closed, boolean opens, At face) {
        if (structure.bonds().isEmpty()) {
            return false;
        }
        return structure.isCovered(face.panel(), face.side())
                || (!opens && !closed.showsWhole(face.panel(), face.side()));
    }

    /** A side of a panel. */
    private record At(Panel panel, Side side) {}

    /** What is seen of a standing card: from before, and from a good way to either side of it. */
    private record Stood(Scene.Raised scene, Set<Sight.Seen> before, Set<Sight.Seen> known) {

        static Stood of(Structure structure, Scene.Raised scene) {
            Sight sight = Sight.of(structure, scene.pose());
            Set<Sight.Seen> before = sight.from(Sight.FRONT);
            Set<Sight.Seen> known = new HashSet<>(before);
            Sight.ASIDE.forEach(towards -> known.addAll(sight.from(towards, known)));
            return new Stood(scene, before, known);
        }
    }

    /**
     * @param scenes the open card as it is looked at
     * @return every face seen at some moment, panels in the structure's order, the face before the back
     */
    public static List<Face> of(Structure structure, LayerStack closed, List<Scene> scenes) {
        List<Stood> stood =
                Scene.raised(scenes).map(s -> Stood.of(structure, s)).toList();
        List<LayerStack> opening = Opening.of(structure, closed);
        Map<At, Map<Moment, Double>> seen = new LinkedHashMap<>();
        for (Panel panel : structure.panels()) {
            if (panel.isClear()) {
                continue;
            }
            int index = structure.panels().indexOf(panel);
            for (Side side : Side.values()) {
                Map<Moment, Double> ups = new LinkedHashMap<>();
                if (closed.shows(panel, side, false)) {
                    ups.put(Moment.CLOSED, up(closed, panel));
                }
                for (Scene scene : scenes) {
                    if (scene instanceof Scene.Lying lying && lying.layers().shows(panel, side, false)) {
                        ups.put(Moment.of(scene), up(lying.layers(), panel));
                    }
                }
                opening.stream()
                        .filter(o -> o.shows(panel, side, false))
                        .findFirst()
                        .ifPresent(o -> ups.put(Moment.OPENING, up(o, panel)));
                Sight.Seen sight = new Sight.Seen(panel, side);
                for (Stood s : stood) {
                    double up = up(s.scene().pose().get(index));
                    if (s.before().contains(sight)) {
                        ups.put(Moment.of(s.scene()), up);
                    } else if (s.known().contains(sight)) {
                        ups.put(new Moment(Seen.ASIDE, s.scene().stage().name()), up);
                    }
                }
                if (closed.shows(panel, side, true)) {
                    ups.put(Moment.BEHIND, up(closed, panel));
                }
                if (ups.isEmpty()
                        && structure.habit(panel, side).filter(Habit::isDressed).isPresent()) {
                    ups.put(
                            new Moment(Seen.ASIDE, Stage.CLOSED),
                            stood.stream()
                                    .findFirst()
                                    .map(s -> up(s.scene().pose().get(index)))
                                    .orElseGet(() -> up(closed, panel)));
                }
                seen.put(new At(panel, side), ups);
            }
        }
        return alike(structure, closed, Scene.opened(scenes).isPresent(), seen);
    }

    /** Panels that change places in a mirror are dressed alike: front and back of the closed card are not alike. */
    private static List<Face> alike(
            Structure structure, LayerStack closed, boolean opens, Map<At, Map<Moment, Double>> seen) {
        List<Map<Panel, Panel>> mirrors = Mirror.of(structure);
        List<Face> faces = new ArrayList<>();
        seen.forEach((at, ups) -> {
            List<At> twins = mirrors.stream()
                    .map(m -> new At(m.get(at.panel()), at.side()))
                    .filter(t -> !t.equals(at))
                    .toList();
            Optional<Habit> habit = structure.habit(at.panel(), at.side());
            boolean dressed = habit.map(Habit::isDressed)
                    .orElseGet(() -> isLookedAt(ups)
                            || (!isBehindOnly(ups)
                                    && twins.stream().anyMatch(t -> isLookedAt(seen.get(t)))
                                    && (!ups.isEmpty() || !structure.isCovered(at.panel(), at.side()))));
            if (dressed && ups.isEmpty()) {
                ups.put(new Moment(Seen.ASIDE, Stage.CLOSED), up(closed, at.panel()));
            }
            if (!ups.isEmpty()) {
                boolean early = Stream.concat(Stream.of(at), twins.stream())
                        .anyMatch(a -> isEarly(structure, closed, opens, a));
                faces.add(
                        new Face(at.panel(), at.side(), ups, early, dressed, habit.equals(Optional.of(Habit.SIGNED))));
            }
        });
        return List.copyOf(faces);
    }

    /** Turned over like a page, up stays up: it is the same from before and from behind. */
    private static double up(LayerStack stack, Panel panel) {
        FlatMotion motion = stack.stage().placed(panel).motion();
        return degrees(motion.c(), motion.d());
    }

    /** On a panel that lies like a floor, up is away from whoever looks. */
    private static double up(RigidMotion pose) {
        double[] r = pose.r();
        return Math.hypot(r[3], r[4]) > LIES_FLAT ? degrees(r[3], r[4]) : degrees(-r[6], -r[7]);
    }

    /** Under about 6 degrees it lies. */
    private static final double LIES_FLAT = 0.1;

    /** To a hundredth of a degree: what is level or upright is exactly so. */
    private static double degrees(double x, double y) {
        double degrees = Math.round(100 * Math.toDegrees(Math.atan2(-x, y))) / 100.0;
        return degrees == 0 ? 0.0 : degrees;
    }
}
