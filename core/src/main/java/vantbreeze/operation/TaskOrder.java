package vantbreeze.operation;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.PriorityQueue;
import java.util.Set;

/**
 * Puts tasks in an order in which each comes after all it needs, and what is left open as makers are used to (Kahn's
 * topological sort, 1962, with a priority queue).
 */
final class TaskOrder {

    private TaskOrder() {}

    private record Waiting(Task task, int given) {}

    private static final Comparator<Waiting> BY_PHASE =
            Comparator.comparing((Waiting w) -> w.task().phase()).thenComparingInt(Waiting::given);

    /** @throws IllegalArgumentException if tasks need each other in a circle, need one that is missing, or share an id */
    static List<Task> of(List<Task> tasks) {
        Map<String, Waiting> byId = new HashMap<>();
        Map<String, List<Waiting>> needing = new HashMap<>();
        Map<String, Integer> open = new HashMap<>();
        for (int i = 0; i < tasks.size(); i++) {
            Waiting waiting = new Waiting(tasks.get(i), i);
            if (byId.put(waiting.task().id(), waiting) != null) {
                throw new IllegalArgumentException(
                        "Two tasks are called (%s).".formatted(waiting.task().id()));
            }
        }
        PriorityQueue<Waiting> ready = new PriorityQueue<>(BY_PHASE);
        for (Waiting waiting : byId.values()) {
            Set<String> needs = waiting.task().after();
            needs.forEach(
                    n -> needing.computeIfAbsent(n, k -> new ArrayList<>()).add(waiting));
            if (!byId.keySet().containsAll(needs)) {
                throw new IllegalArgumentException("The task (%s) needs %s, which is no task of this card."
                        .formatted(waiting.task().id(), missing(needs, byId.keySet())));
            }
            open.put(waiting.task().id(), needs.size());
            if (needs.isEmpty()) {
                ready.add(waiting);
            }
        }
        List<Task> order = new ArrayList<>();
        while (!ready.isEmpty()) {
            Task next = ready.poll().task();
            order.add(next);
            for (Waiting waiting : needing.getOrDefault(next.id(), List.of())) {
                if (open.merge(waiting.task().id(), -1, Integer::sum) == 0) {
                    ready.add(waiting);
                }
            }
        }
        if (order.size() < tasks.size()) {
            Set<String> circle = new HashSet<>(byId.keySet());
            order.forEach(t -> circle.remove(t.id()));
            throw new IllegalArgumentException("These tasks need each other: %s.".formatted(circle));
        }
        return List.copyOf(order);
    }

    private static Set<String> missing(Set<String> needs, Set<String> there) {
        Set<String> missing = new HashSet<>(needs);
        missing.removeAll(there);
        return missing;
    }
}
