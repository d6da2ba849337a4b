package vantbreeze.structure;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Which panels hold which: over hinges, and over what is glued or runs on another. */
final class Links {

    /** @param hinge what holds the other panel; none where it is glued or runs */
    private record Link(Optional<Hinge> hinge, Panel to) {}

    private final Map<Panel, List<Link>> from = new HashMap<>();

    void join(Optional<Hinge> hinge, Panel one, Panel other) {
        from.computeIfAbsent(one, k -> new ArrayList<>()).add(new Link(hinge, other));
        from.computeIfAbsent(other, k -> new ArrayList<>()).add(new Link(hinge, one));
    }

    /** The panels that one holds if these hinges are left out, itself among them. */
    Set<Panel> reached(Panel start, Set<Hinge> left) {
        Set<Panel> reached = new HashSet<>(Set.of(start));
        Deque<Panel> open = new ArrayDeque<>(reached);
        while (!open.isEmpty()) {
            for (Link link : from.getOrDefault(open.pop(), List.of())) {
                if (link.hinge().filter(left::contains).isEmpty() && reached.add(link.to())) {
                    open.push(link.to());
                }
            }
        }
        return reached;
    }

    /** @return whether two panels that are glued to each other hang together without that as well */
    boolean reachesOtherwise(Panel one, Panel other) {
        Set<Panel> joined = Set.of(one, other);
        Set<Panel> reached = new HashSet<>(Set.of(one));
        Deque<Panel> open = new ArrayDeque<>(reached);
        while (!open.isEmpty()) {
            Panel at = open.pop();
            for (Link link : from.getOrDefault(at, List.of())) {
                boolean itself = link.hinge().isEmpty() && joined.contains(at) && joined.contains(link.to());
                if (!itself && reached.add(link.to())) {
                    open.push(link.to());
                }
            }
        }
        return reached.contains(other);
    }
}
