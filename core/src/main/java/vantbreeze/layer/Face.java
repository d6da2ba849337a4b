package vantbreeze.layer;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import vantbreeze.fold.LayerStack;
import vantbreeze.fold.RigidMotion;
import vantbreeze.fold.Sight;
import vantbreeze.structure.Panel;
import vantbreeze.structure.Side;
import vantbreeze.structure.Structure;

/**
 * One side of a panel and when it is seen.
 *
 * @param seen never empty
 * @param beforeAssembly whether it is dressed before the pieces are joined: something is glued over it, or it is out of
 *     reach later
 */
public record Face(Panel panel, Side side, Set<Seen> seen, boolean beforeAssembly) {

    /** When the recipient looks at it. */
    public enum Seen {
        /** On the front of the closed card. */
        CLOSED,
        /** With the card opened out, from its face side. */
        OPENED,
        /** From straight before the card as it stands. */
        DISPLAYED,
        /** From a good way to either side of it, or above it. */
        ASIDE,
        /** On the back of the closed card. */
        BEHIND
    }

    public Face {
        seen = Set.copyOf(seen);
    }

    /** Names the face in a brief: "back/face". */
    public String key() {
        return panel.name() + "/" + side.name().toLowerCase(java.util.Locale.ROOT);
    }

    /** As it is said in a list: "back", or "left gate (back side)". */
    public String label() {
        return panel.name() + (side == Side.BACK ? " (back side)" : "");
    }

    /** Dressed unless the maker says otherwise: what the recipient sees without turning the card round. */
    public boolean isDressed() {
        return seen.contains(Seen.CLOSED) || seen.contains(Seen.OPENED) || seen.contains(Seen.DISPLAYED);
    }

    /** A card that lies open once it is glued can be reached everywhere; of another only what is wholly seen when closed. */
    private static boolean isEarly(Structure structure, LayerStack closed, boolean opens, Sight.Seen face) {
        if (structure.bonds().isEmpty()) {
            return false;
        }
        return structure.isGlued(face.panel(), face.side())
                || (!opens && !closed.showsWhole(face.panel(), face.side()));
    }

    /**
     * @param opened the card opened out, if it lies flat so
     * @param displayed its pose as it stands, if it is displayed
     * @return every face seen at some moment, panels in the structure's order, the face before the back
     */
    public static List<Face> of(
            Structure structure,
            LayerStack closed,
            Optional<LayerStack> opened,
            Optional<List<RigidMotion>> displayed) {
        Optional<Sight> sights = displayed.map(pose -> Sight.of(structure, pose));
        Set<Sight.Seen> before = sights.map(s -> s.from(Sight.FRONT)).orElse(Set.of());
        Set<Sight.Seen> aside = new HashSet<>();
        sights.ifPresent(s -> Sight.ASIDE.forEach(towards -> aside.addAll(s.from(towards))));
        List<Face> faces = new ArrayList<>();
        for (Panel panel : structure.panels()) {
            if (panel.isClear()) {
                continue;
            }
            for (Side side : Side.values()) {
                Set<Seen> seen = EnumSet.noneOf(Seen.class);
                if (closed.shows(panel, side, false)) {
                    seen.add(Seen.CLOSED);
                }
                if (closed.shows(panel, side, true)) {
                    seen.add(Seen.BEHIND);
                }
                if (opened.filter(o -> o.shows(panel, side, false)).isPresent()) {
                    seen.add(Seen.OPENED);
                }
                Sight.Seen sight = new Sight.Seen(panel, side);
                if (before.contains(sight)) {
                    seen.add(Seen.DISPLAYED);
                } else if (aside.contains(sight)) {
                    seen.add(Seen.ASIDE);
                }
                if (!seen.isEmpty()) {
                    faces.add(new Face(panel, side, seen, isEarly(structure, closed, opened.isPresent(), sight)));
                }
            }
        }
        return faces;
    }
}
