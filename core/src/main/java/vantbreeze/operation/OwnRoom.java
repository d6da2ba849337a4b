package vantbreeze.operation;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;

/**
 * Where in an order of work a step of the maker's own can be put: after all it needs, and before what covers or hides what it is
 * done to.
 *
 * @param needs ids of tasks
 * @param covering ids of tasks
 */
public record OwnRoom(List<Task> order, Set<String> needs, Set<String> covering) {

    public OwnRoom {
        order = List.copyOf(order);
        needs = Set.copyOf(needs);
        covering = Set.copyOf(covering);
    }

    /** The first place in the order. */
    int first() {
        return 1 + indices(needs).max().orElse(-1);
    }

    /** The last place in the order. */
    int last() {
        return indices(covering).min().orElse(order.size());
    }

    private IntStream indices(Set<String> ids) {
        return IntStream.range(0, order.size())
                .filter(i -> ids.contains(order.get(i).id()));
    }

    /** Ids of the tasks that it can be done directly before. */
    public List<String> before() {
        return IntStream.rangeClosed(first(), Math.min(last(), order.size() - 1))
                .mapToObj(i -> order.get(i).id())
                .toList();
    }

    /** Ids of the tasks that it can be done directly after. */
    public List<String> after() {
        return IntStream.range(Math.max(0, first() - 1), last())
                .mapToObj(i -> order.get(i).id())
                .toList();
    }

    /** The place it is wanted at, behind what was put there before it; empty where it cannot be. */
    Optional<Integer> at(OwnStep.Beside wanted) {
        int beside = indices(Set.of(wanted.task())).findFirst().orElse(-1);
        if (beside < 0) {
            return Optional.empty();
        }
        int at = beside;
        if (wanted.order() == OwnStep.Beside.Order.AFTER) {
            do {
                at++;
            } while (at < order.size() && isBeside(order.get(at), wanted));
        }
        return at < first() || at > last() ? Optional.empty() : Optional.of(at);
    }

    /** Whether a task, or the work that it waits for, was put beside the same step. */
    private boolean isBeside(Task task, OwnStep.Beside wanted) {
        return order.stream()
                .filter(t -> t == task
                        || task.operation().waiting().isPresent()
                                && task.after().contains(t.id()))
                .anyMatch(t -> t.operation()
                        .own()
                        .flatMap(OwnStep::beside)
                        .filter(wanted::equals)
                        .isPresent());
    }

    /** An id that is not taken. */
    String free(String id) {
        return TaskGraph.of(order).own(id);
    }

    /** The order with these in it; what covers waits for the last of them, and so does the step that they are put before. */
    List<Task> with(int at, List<Task> more, OwnStep.Beside wanted) {
        List<Task> all = new ArrayList<>(order.subList(0, at));
        all.addAll(more);
        Task last = more.get(more.size() - 1);
        Set<String> waiting = new HashSet<>(covering);
        if (wanted.order() == OwnStep.Beside.Order.BEFORE) {
            waiting.add(wanted.task());
        }
        order.subList(at, order.size()).forEach(t -> all.add(waiting.contains(t.id()) ? t.alsoAfter(last) : t));
        return List.copyOf(all);
    }
}
