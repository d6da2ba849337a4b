package vantbreeze.operation;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Stream;
import vantbreeze.layer.Face;

/** The tasks of a card while they are being found. */
final class TaskGraph {

    /** A task while others still find out that they must come before it. */
    record Draft(
            String id, Phase phase, Operation operation, List<String> parts, Set<String> after, boolean mechanism) {

        Draft after(Stream<String> ids) {
            ids.filter(other -> !other.equals(id)).forEach(after::add);
            return this;
        }

        Task task() {
            return new Task(id, phase, operation, parts, after, mechanism);
        }
    }

    private final Map<String, Draft> byId = new LinkedHashMap<>();

    /** @return what is needed by another task can still be added to it */
    Draft add(String id, Phase phase, Operation operation, List<String> parts, boolean mechanism) {
        Draft draft = new Draft(id, phase, operation, parts, new LinkedHashSet<>(), mechanism);
        byId.put(id, draft);
        return draft;
    }

    static TaskGraph of(List<Task> tasks) {
        TaskGraph graph = new TaskGraph();
        tasks.forEach(graph::add);
        return graph;
    }

    void add(Task task) {
        add(task.id(), task.phase(), task.operation(), task.parts(), task.mechanism())
                .after(task.after().stream());
    }

    /**
     * Does in one go what is done alike to several pieces, unless something lies between the two that needs the one and is needed
     * by the other.
     */
    void joinAlike() {
        for (Draft draft : List.copyOf(byId.values())) {
            for (Draft earlier : List.copyOf(byId.values())) {
                if (earlier.id().equals(draft.id())) {
                    break;
                }
                Optional<Operation> both =
                        isAlike(earlier, draft) ? earlier.operation().together(draft.operation()) : Optional.empty();
                if (both.isPresent() && !isBetween(earlier, draft)) {
                    join(earlier, draft, both.get());
                    break;
                }
            }
        }
    }

    private static boolean isAlike(Draft one, Draft other) {
        return one.phase() == other.phase() && one.mechanism() == other.mechanism();
    }

    private boolean isBetween(Draft one, Draft other) {
        return neededBy(one.after().stream()).contains(other.id())
                || neededBy(other.after().stream()).contains(one.id());
    }

    private void join(Draft earlier, Draft later, Operation both) {
        Set<String> after = new LinkedHashSet<>(earlier.after());
        after.addAll(later.after());
        byId.put(
                earlier.id(),
                new Draft(
                        earlier.id(),
                        earlier.phase(),
                        both,
                        Stream.concat(earlier.parts().stream(), later.parts().stream())
                                .distinct()
                                .toList(),
                        after,
                        earlier.mechanism()));
        byId.remove(later.id());
        for (Draft draft : byId.values()) {
            if (draft.after().remove(later.id())) {
                draft.after(Stream.of(earlier.id()));
            }
        }
    }

    /** An id that is not taken. */
    String own(String id) {
        String own = id;
        for (int i = 2; byId.containsKey(own); i++) {
            own = "%s/%d".formatted(id, i);
        }
        return own;
    }

    Draft get(String id) {
        return byId.get(id);
    }

    List<Task> tasks() {
        return byId.values().stream().map(Draft::task).toList();
    }

    /** Those found so far. */
    Stream<String> where(Predicate<Draft> wanted) {
        return new ArrayList<>(byId.values()).stream().filter(wanted).map(Draft::id);
    }

    /** Everything that is done so far to one part. */
    Stream<String> workedOn(String part) {
        return where(d -> d.parts().contains(part));
    }

    Stream<String> cutOf(String part) {
        return where(d -> d.operation().cutsOut() && d.parts().contains(part));
    }

    Stream<String> foldingOf(String part) {
        return where(d -> d.phase() == Phase.FOLD && d.parts().contains(part));
    }

    /** These and all that must come before them. */
    Set<String> neededBy(Stream<String> ids) {
        Set<String> needed = new LinkedHashSet<>();
        Deque<String> open = new ArrayDeque<>(ids.toList());
        while (!open.isEmpty()) {
            String id = open.pop();
            if (needed.add(id)) {
                open.addAll(byId.get(id).after());
            }
        }
        return needed;
    }

    Stream<String> of(Phase... phases) {
        return where(d -> List.of(phases).contains(d.phase()));
    }

    /** What lays a mat on that face. */
    Stream<String> layingOn(Face face) {
        return where(d -> d.operation().laysOn(face));
    }
}
