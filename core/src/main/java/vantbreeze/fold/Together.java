package vantbreeze.fold;

import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import vantbreeze.structure.Hinge;
import vantbreeze.structure.Panel;
import vantbreeze.structure.Stage;
import vantbreeze.structure.Structure;

/** Which panels never part: glued to each other, or joined by a score that is folded at no stage. */
public final class Together {

    private final Map<Panel, Set<Panel>> groups = new HashMap<>();

    private Together(Structure structure) {
        structure.panels().forEach(p -> groups.put(p, new HashSet<>(Set.of(p))));
        structure.bonds().forEach(b -> join(structure.panel(b.panel()), structure.panel(b.onto())));
        for (Hinge hinge : structure.hinges()) {
            if (structure.stages().stream()
                    .filter(s -> s.role() != Stage.Role.MADE)
                    .allMatch(s -> s.degrees(hinge.score().id()) == 0)) {
                join(hinge.first(), hinge.second());
            }
        }
    }

    public static Together of(Structure structure) {
        return new Together(structure);
    }

    private void join(Panel one, Panel other) {
        Set<Panel> all = groups.get(one);
        if (!all.contains(other)) {
            all.addAll(groups.get(other));
            all.forEach(p -> groups.put(p, all));
        }
    }

    /** @return the panels that move with that one, itself among them */
    public Set<Panel> with(Panel panel) {
        return Set.copyOf(groups.get(panel));
    }
}
