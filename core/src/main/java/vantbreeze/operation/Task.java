package vantbreeze.operation;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import vantbreeze.measure.Ruler;
import vantbreeze.structure.Structure;

/**
 * One thing to do at the table.
 *
 * @param id the same as long as the card is built alike: "score/base/face"
 * @param parts ids of the parts that are worked on
 * @param after ids of the tasks that must be done before it
 * @param mechanism whether a mock-up from scrap needs it: what makes the card move, and nothing that only adorns it
 */
public record Task(
        String id, Phase phase, Operation operation, List<String> parts, Set<String> after, boolean mechanism) {

    public Task {
        parts = List.copyOf(parts);
        after = Set.copyOf(after);
    }

    Task alsoAfter(Task other) {
        Set<String> needs = new HashSet<>(after);
        needs.add(other.id());
        return new Task(id, phase, operation, parts, needs, mechanism);
    }

    /** In words. */
    public Step step(Ruler ruler) {
        return step(ruler, 1);
    }

    /** In words, for so many cards at once. */
    public Step step(Ruler ruler, int cards) {
        return new Step(
                operation.title(),
                operation.wording(ruler, cards),
                operation.hazards().stream().map(Hazard::text).collect(Collectors.joining(" ")));
    }

    /** Drawn as the maker looks at it; nothing where no paper lies on the table. */
    public Sketch sketch(Structure structure, Ruler ruler) {
        return SketchPad.drawn(operation, structure, ruler);
    }

    /** Of what is gone through line by line, a drawing for each line; none where one drawing says it. */
    public List<Sketch> sketchEach(Structure structure, Ruler ruler) {
        return operation.drawEach().stream()
                .map(one -> SketchPad.drawn(one, structure, ruler))
                .toList();
    }
}
