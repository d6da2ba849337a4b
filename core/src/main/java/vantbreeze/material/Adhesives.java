package vantbreeze.material;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import vantbreeze.material.Adhesive.Use;

/**
 * What lies on the maker's table to glue with.
 *
 * @param list what is reached for first before the others
 */
public record Adhesives(List<Adhesive> list) {

    public static final Adhesives USUAL = new Adhesives(Adhesive.USUAL);

    public static final int MOST = 20;

    public Adhesives {
        list = List.copyOf(list);
        if (list.isEmpty() || list.size() > MOST) {
            throw new IllegalArgumentException("There must be 1 to %d adhesives, not %d.".formatted(MOST, list.size()));
        }
        if (list.stream().map(Adhesive::key).distinct().count() < list.size()
                || list.stream().map(Adhesive::name).distinct().count() < list.size()) {
            throw new IllegalArgumentException("Every adhesive needs its own name.");
        }
    }

    /**
     * What to take for something.
     *
     * @param against why not the first that is good for it, to stand after a colon; empty where it is that one
     */
    public record Choice(Adhesive adhesive, Optional<String> against) {}

    /**
     * The first that is good for this and holds on all of these; where there is none, the first that holds on them.
     *
     * @param materials of everything that it touches
     */
    public Choice choose(Use use, Collection<Material> materials) {
        Optional<Adhesive> first = list.stream().filter(a -> a.isFor(use)).findFirst();
        Adhesive chosen = suiting(list, use, materials)
                .or(() -> suiting(Adhesive.USUAL, use, materials))
                .orElseThrow(() -> new IllegalStateException("Nothing usual holds on %s.".formatted(materials)));
        return new Choice(
                chosen,
                first.filter(f -> !f.equals(chosen))
                        .flatMap(f -> materials.stream()
                                .flatMap(m -> m.against(f).stream())
                                .findFirst()));
    }

    /** All of the list that none of these materials forbids; to lift something, what lifts. */
    public List<Adhesive> holding(Use use, Collection<Material> materials) {
        return holding(list, use, materials);
    }

    private static List<Adhesive> holding(List<Adhesive> list, Use use, Collection<Material> materials) {
        return list.stream()
                .filter(a -> a.isFor(Use.LIFT) == (use == Use.LIFT))
                .filter(a -> materials.stream().allMatch(m -> m.against(a).isEmpty()))
                .toList();
    }

    private static Optional<Adhesive> suiting(List<Adhesive> list, Use use, Collection<Material> materials) {
        List<Adhesive> holding = holding(list, use, materials);
        return holding.stream()
                .filter(a -> a.isFor(use))
                .findFirst()
                .or(() -> holding.stream().findFirst());
    }
}
