package vantbreeze.task;

import java.util.List;
import java.util.Set;

/**
 * One thing to do at the table.
 *
 * @param id the same as long as the card is built alike: "score/base/face"
 * @param parts ids of the parts that are worked on
 * @param after ids of the tasks that must be done before it
 * @param mechanism whether a mock-up from scrap needs it: what makes the card move, and nothing that only adorns it
 */
public record Task(
        String id,
        Custom custom,
        Work work,
        List<String> parts,
        Set<String> after,
        List<Hazard> hazards,
        boolean mechanism) {

    public Task {
        parts = List.copyOf(parts);
        after = Set.copyOf(after);
        hazards = List.copyOf(hazards);
    }
}
