package vantbreeze.fold;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.Collections;
import java.util.Deque;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import vantbreeze.structure.Effort;

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

    /** Every height that up to four panels can have among themselves; no rule is about more. */
    private static final List<List<int[]>> ORDERS =
            IntStream.rangeClosed(0, 4).mapToObj(LayerOrder::orders).toList();

    /** What a rule says of the heights of its panels. */
    private enum Kind {
        ABOVE(order -> order[0] > order[1]),
        STACK(order -> true),
        NOT_BETWEEN(order -> (order[2] > order[0]) == (order[2] > order[1])),
        NESTED(order -> between(order[2], order[0], order[1]) == between(order[3], order[0], order[1])),
        /** About two pairs, not about the heights of four. */
        PARALLEL(order -> true);

        private final Predicate<int[]> allows;

        Kind(Predicate<int[]> allows) {
            this.allows = allows;
        }

        private static boolean between(int x, int a, int b) {
            return (x > a) != (x > b);
        }
    }

    /**
     * @param pairs which orders it is about
     * @param allowed for each allowed order the bits of the pairs whose first panel lies above
     */
    private record Rule(int[] pairs, int[] allowed) {}

    /**
     * The orders that a kind allows depend only on which of its pairs overlap and which are kept the other way round.
     *
     * @param overlapping a bit for each pair of members
     * @param turned the same
     */
    private record Table(Kind kind, int members, int overlapping, int turned) {

        private static final Map<Table, int[]> KNOWN = new ConcurrentHashMap<>();

        int[] allowed() {
            return KNOWN.computeIfAbsent(this, Table::work);
        }

        private int[] work() {
            return ORDERS.get(members).stream()
                    .filter(kind.allows)
                    .mapToInt(this::bits)
                    .distinct()
                    .toArray();
        }

        private int bits(int[] order) {
            int bits = 0;
            int pair = 0;
            int kept = 0;
            for (int i = 0; i < members; i++) {
                for (int j = i + 1; j < members; j++, pair++) {
                    if ((overlapping >> pair & 1) == 1) {
                        boolean above = (order[i] > order[j]) != ((turned >> pair & 1) == 1);
                        bits |= above ? 1 << kept : 0;
                        kept++;
                    }
                }
            }
            return bits;
        }
    }

    private final int panels;
    private final BitSet overlapping = new BitSet();
    private final List<Rule> rules = new ArrayList<>();
    private final Set<Long> known = new HashSet<>();

    /** By their numbers. */
    private final List<List<Integer>> rulesOfPair;

    /** @param panels how many there are; they are called by index */
    LayerOrder(int panels) {
        this.panels = panels;
        this.rulesOfPair = new ArrayList<>(Collections.nCopies(panels * panels, List.of()));
    }

    /** Pairs are kept with the smaller index first; their value says whether that one lies above the other. */
    private int pair(int a, int b) {
        return a < b ? a * panels + b : b * panels + a;
    }

    void overlap(int a, int b) {
        overlapping.set(pair(a, b));
    }

    void requireAbove(int upper, int lower) {
        require(Kind.ABOVE, upper, lower);
    }

    /** All of them lie on one spot, so their order has no circle. Given in rising order. */
    void requireStack(int a, int b, int c) {
        require(Kind.STACK, a, b, c);
    }

    /** A fold of {@code a} into {@code b} over a line that {@code through} covers on both sides. */
    void requireNotBetween(int a, int b, int through) {
        require(Kind.NOT_BETWEEN, a, b, through);
    }

    /** Two folds over the same line, to the same side. */
    void requireNested(int a, int b, int c, int d) {
        require(Kind.NESTED, a, b, c, d);
    }

    /** Where {@code a} runs on into {@code b} and {@code c} into {@code d} over the same line, neither crosses. */
    void requireParallel(int a, int b, int c, int d) {
        if (isNew(Kind.PARALLEL, a, b, c, d)) {
            boolean sameSense = (a < c) == (b < d);
            add(new Rule(new int[] {pair(a, c), pair(b, d)}, sameSense ? new int[] {0, 3} : new int[] {1, 2}));
        }
    }

    private void require(Kind kind, int... members) {
        if (!isNew(kind, members)) {
            return;
        }
        int[] pairs = new int[members.length * (members.length - 1) / 2];
        int kept = 0;
        int pair = 0;
        int overlap = 0;
        int turned = 0;
        for (int i = 0; i < members.length; i++) {
            for (int j = i + 1; j < members.length; j++, pair++) {
                if (overlapping.get(pair(members[i], members[j]))) {
                    pairs[kept++] = pair(members[i], members[j]);
                    overlap |= 1 << pair;
                }
                turned |= members[i] > members[j] ? 1 << pair : 0;
            }
        }
        add(new Rule(Arrays.copyOf(pairs, kept), new Table(kind, members.length, overlap, turned).allowed()));
    }

    /** Cells and edges side by side often ask for the same. */
    private boolean isNew(Kind kind, int... members) {
        long key = kind.ordinal();
        for (int member : members) {
            key = key * panels + member;
        }
        return known.add(key);
    }

    private void add(Rule rule) {
        for (int p : rule.pairs()) {
            if (rulesOfPair.get(p).isEmpty()) {
                rulesOfPair.set(p, new ArrayList<>());
            }
            rulesOfPair.get(p).add(rules.size());
        }
        rules.add(rule);
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
        List<Integer> all = IntStream.range(0, rules.size()).boxed().toList();
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
        Effort.spend(panels);
        for (byte guess : new byte[] {BELOW, ABOVE}) {
            byte[] tried = values.clone();
            tried[open] = guess;
            if (narrow(tried, rulesOfPair.get(open))) {
                Optional<Order> found = search(tried);
                if (found.isPresent()) {
                    return found;
                }
            }
        }
        return Optional.empty();
    }

    /** Sets every pair on which all still possible orders of a rule agree. @return false if a rule has none left */
    private boolean narrow(byte[] values, List<Integer> first) {
        Deque<Integer> open = new ArrayDeque<>(first);
        BitSet waiting = new BitSet();
        first.forEach(waiting::set);
        while (!open.isEmpty()) {
            int number = open.removeFirst();
            waiting.clear(number);
            Rule rule = rules.get(number);
            int set = 0;
            int above = 0;
            for (int k = 0; k < rule.pairs().length; k++) {
                byte value = values[rule.pairs()[k]];
                set |= value == UNKNOWN ? 0 : 1 << k;
                above |= value == ABOVE ? 1 << k : 0;
            }
            int inAll = -1;
            int inAny = 0;
            boolean possible = false;
            for (int allowed : rule.allowed()) {
                if (((allowed ^ above) & set) == 0) {
                    possible = true;
                    inAll &= allowed;
                    inAny |= allowed;
                }
            }
            if (!possible) {
                return false;
            }
            for (int k = 0; k < rule.pairs().length; k++) {
                boolean agreed = (inAll >> k & 1) == (inAny >> k & 1);
                if (agreed && (set >> k & 1) == 0) {
                    values[rule.pairs()[k]] = (inAll >> k & 1) == 1 ? ABOVE : BELOW;
                    for (int next : rulesOfPair.get(rule.pairs()[k])) {
                        if (!waiting.get(next)) {
                            waiting.set(next);
                            open.addLast(next);
                        }
                    }
                }
            }
        }
        return true;
    }
}
