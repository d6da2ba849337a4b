package vantbreeze.fold;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.Deque;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.IntStream;

/**
 * Finds which of two overlapping panels lies above the other, for every pair, such that no panel passes through another.
 * Each rule is a small set of panels with the orders it allows; the rules are narrowed against each other and the rest is
 * searched, the later panel first tried on top.
 *
 * <p>The conditions at creases are those of flat origami: no panel between two that share its fold line (taco-tortilla),
 * no two folds interleaved (taco-taco), no crossing where panels run on (tortilla-tortilla). J. Justin, "Toward a
 * mathematical theory of origami", 1997.
 */
final class LayerOrder {

    private static final byte UNKNOWN = 0;
    private static final byte ABOVE = 1;
    private static final byte BELOW = -1;

    /** @param allowed for each allowed order, ABOVE or BELOW for each pair */
    private record Rule(int[] pairs, List<byte[]> allowed) {}

    /** Every height that up to four panels can have among themselves; no rule is about more. */
    private static final List<List<int[]>> ORDERS =
            IntStream.rangeClosed(0, 4).mapToObj(LayerOrder::orders).toList();

    /** For three panels, each pair's order in the six orders they can have. */
    private static final List<byte[]> WITHOUT_CIRCLE = ORDERS.get(3).stream()
            .map(order -> new byte[] {
                order[0] > order[1] ? ABOVE : BELOW,
                order[0] > order[2] ? ABOVE : BELOW,
                order[1] > order[2] ? ABOVE : BELOW
            })
            .toList();

    private final int panels;
    private final BitSet overlapping = new BitSet();
    private final List<Rule> rules = new ArrayList<>();
    private final Set<Long> known = new HashSet<>();
    private final List<List<Rule>> rulesOfPair = new ArrayList<>();

    /** @param panels how many there are; they are called by index */
    LayerOrder(int panels) {
        this.panels = panels;
        for (int i = 0; i < panels * panels; i++) {
            rulesOfPair.add(new ArrayList<>());
        }
    }

    /** Pairs are kept with the smaller index first; their value says whether that one lies above the other. */
    private int pair(int a, int b) {
        return a < b ? a * panels + b : b * panels + a;
    }

    void overlap(int a, int b) {
        overlapping.set(pair(a, b));
    }

    void requireAbove(int upper, int lower) {
        add(new int[] {upper, lower}, order -> order[0] > order[1]);
    }

    /** All of them lie on one spot, so their order has no circle. Given in rising order. */
    void requireStack(int a, int b, int c) {
        if (known.add(((long) a * panels + b) * panels + c)) {
            add(new Rule(new int[] {pair(a, b), pair(a, c), pair(b, c)}, WITHOUT_CIRCLE));
        }
    }

    /** A fold of {@code a} into {@code b} over a line that {@code through} covers on both sides. */
    void requireNotBetween(int a, int b, int through) {
        add(new int[] {a, b, through}, order -> (order[2] > order[0]) == (order[2] > order[1]));
    }

    /** Two folds over the same line, to the same side. */
    void requireNested(int a, int b, int c, int d) {
        add(new int[] {a, b, c, d}, order -> {
            boolean cInside = between(order[2], order[0], order[1]);
            boolean dInside = between(order[3], order[0], order[1]);
            return cInside == dInside;
        });
    }

    private static boolean between(int x, int a, int b) {
        return (x > a) != (x > b);
    }

    /** Where {@code a} runs on into {@code b} and {@code c} into {@code d} over the same line, neither crosses. */
    void requireParallel(int a, int b, int c, int d) {
        int[] pairs = {pair(a, c), pair(b, d)};
        boolean sameSense = (a < c) == (b < d);
        add(new Rule(
                pairs,
                sameSense
                        ? List.of(new byte[] {ABOVE, ABOVE}, new byte[] {BELOW, BELOW})
                        : List.of(new byte[] {ABOVE, BELOW}, new byte[] {BELOW, ABOVE})));
    }

    private void add(int[] members, Predicate<int[]> allows) {
        List<Integer> pairs = new ArrayList<>();
        List<int[]> of = new ArrayList<>();
        for (int i = 0; i < members.length; i++) {
            for (int j = i + 1; j < members.length; j++) {
                if (overlapping.get(pair(members[i], members[j]))) {
                    pairs.add(pair(members[i], members[j]));
                    of.add(members[i] < members[j] ? new int[] {i, j} : new int[] {j, i});
                }
            }
        }
        List<byte[]> allowed = new ArrayList<>();
        for (int[] order : ORDERS.get(members.length)) {
            if (allows.test(order)) {
                byte[] values = new byte[of.size()];
                for (int k = 0; k < values.length; k++) {
                    values[k] = order[of.get(k)[0]] > order[of.get(k)[1]] ? ABOVE : BELOW;
                }
                if (allowed.stream().noneMatch(v -> Arrays.equals(v, values))) {
                    allowed.add(values);
                }
            }
        }
        add(new Rule(pairs.stream().mapToInt(Integer::intValue).toArray(), allowed));
    }

    private void add(Rule rule) {
        rules.add(rule);
        for (int p : rule.pairs()) {
            rulesOfPair.get(p).add(rule);
        }
    }

    /** Every height that {@code n} panels can have among themselves. */
    private static List<int[]> orders(int n) {
        List<int[]> orders = new ArrayList<>();
        permute(new int[n], 0, new BitSet(), orders);
        return orders;
    }

    private static void permute(int[] heights, int at, BitSet used, List<int[]> orders) {
        if (at == heights.length) {
            orders.add(heights.clone());
            return;
        }
        for (int h = used.nextClearBit(0); h < heights.length; h = used.nextClearBit(h + 1)) {
            used.set(h);
            heights[at] = h;
            permute(heights, at + 1, used, orders);
            used.clear(h);
        }
    }

    /** @return for two panels whether the first lies above the second; empty if no order is possible */
    Optional<Order> solve() {
        byte[] values = new byte[panels * panels];
        Deque<Rule> all = new ArrayDeque<>(rules);
        return narrow(values, all) ? search(values) : Optional.empty();
    }

    /** The found order, by index. */
    final class Order {
        private final byte[] values;

        private Order(byte[] values) {
            this.values = values;
        }

        /** Only for panels that overlap. */
        boolean isAbove(int a, int b) {
            return (values[pair(a, b)] == ABOVE) == (a < b);
        }
    }

    private Optional<Order> search(byte[] values) {
        int open = overlapping.stream()
                .filter(p -> values[p] == UNKNOWN)
                .findFirst()
                .orElse(-1);
        if (open < 0) {
            return Optional.of(new Order(values));
        }
        for (byte guess : new byte[] {BELOW, ABOVE}) {
            byte[] tried = values.clone();
            tried[open] = guess;
            if (narrow(tried, new ArrayDeque<>(rulesOfPair.get(open)))) {
                Optional<Order> found = search(tried);
                if (found.isPresent()) {
                    return found;
                }
            }
        }
        return Optional.empty();
    }

    /** Sets every pair on which all still possible orders of a rule agree. @return false if a rule has none left */
    private boolean narrow(byte[] values, Deque<Rule> open) {
        while (!open.isEmpty()) {
            Rule rule = open.removeFirst();
            int n = rule.pairs().length;
            byte[] agreed = null;
            for (byte[] allowed : rule.allowed()) {
                if (!agrees(values, rule.pairs(), allowed)) {
                    continue;
                }
                if (agreed == null) {
                    agreed = allowed.clone();
                } else {
                    for (int k = 0; k < n; k++) {
                        agreed[k] = agreed[k] == allowed[k] ? agreed[k] : UNKNOWN;
                    }
                }
            }
            if (agreed == null) {
                return false;
            }
            for (int k = 0; k < n; k++) {
                if (agreed[k] != UNKNOWN && values[rule.pairs()[k]] == UNKNOWN) {
                    values[rule.pairs()[k]] = agreed[k];
                    open.addAll(rulesOfPair.get(rule.pairs()[k]));
                }
            }
        }
        return true;
    }

    private static boolean agrees(byte[] values, int[] pairs, byte[] allowed) {
        for (int k = 0; k < pairs.length; k++) {
            if (values[pairs[k]] != UNKNOWN && values[pairs[k]] != allowed[k]) {
                return false;
            }
        }
        return true;
    }
}
