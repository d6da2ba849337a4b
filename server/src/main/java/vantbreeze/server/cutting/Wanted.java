package vantbreeze.server.cutting;

import java.util.List;
import java.util.stream.Collectors;
import vantbreeze.plan.Brief;
import vantbreeze.plan.Plan;

/** A card to be cut, with what follows from its brief. */
record Wanted(String id, String name, int count, Plan plan) {

    private static final int LONGEST_NAME = 200;

    Brief brief() {
        return plan.brief();
    }

    /** "12 × Lantern walk, Raffle card". */
    static String names(List<Wanted> wanted) {
        String name = wanted.stream()
                .map(w -> w.count() == 1 ? w.name() : w.count() + " × " + w.name())
                .collect(Collectors.joining(", "));
        return name.length() > LONGEST_NAME ? name.substring(0, LONGEST_NAME - 1) + "…" : name;
    }
}
