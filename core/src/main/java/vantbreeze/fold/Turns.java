package vantbreeze.fold;

import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import vantbreeze.structure.Hinge;
import vantbreeze.structure.Panel;
import vantbreeze.structure.Structure;

/**
 * Which hinge of a card moves when, so that flaps which lie on each other close one after the other. Hinges that hold each
 * other in a loop move together.
 *
 * @param turn for each hinge of the structure, counted from 0
 * @param count how many turns there are, at least 1
 */
public record Turns(int[] turn, int count) {

    /** Everything moves at once. */
    public static Turns atOnce(Structure structure) {
        return new Turns(new int[structure.hinges().size()], 1);
    }

    /** What lies nearer to the panel that stays at rest closes earlier; of a roll, what hangs on the other closes earlier. */
    public static Turns inTurn(Structure structure, LayerStack closed) {
        List<Hinge> hinges = structure.hinges();
        Coupled coupled = Coupled.of(structure);
        List<Set<Panel>> ofBlock = IntStream.range(0, coupled.count())
                .mapToObj(b -> structure.hangingOn(IntStream.range(0, hinges.size())
                        .filter(i -> coupled.block()[i] == b)
                        .mapToObj(hinges::get)
                        .collect(Collectors.toSet())))
                .toList();
        List<Set<Panel>> hanging = IntStream.range(0, hinges.size())
                .mapToObj(i -> coupled.block()[i] < 0 ? Set.<Panel>of() : ofBlock.get(coupled.block()[i]))
                .toList();
        int n = hinges.size();
        boolean[][] before = new boolean[n][n];
        for (int i = 0; i < n; i++) {
            for (int j = 0; j < n; j++) {
                before[i][j] = i != j
                        && !hanging.get(i).isEmpty()
                        && !hanging.get(j).isEmpty()
                        && (hanging.get(j).containsAll(hanging.get(i))
                                ? !hanging.get(i).containsAll(hanging.get(j))
                                : isNearer(structure, closed, hanging.get(i), hanging.get(j)));
            }
        }
        return of(before);
    }

    /** Of two flaps, whether the first lies between the card and the second. */
    private static boolean isNearer(Structure structure, LayerStack closed, Set<Panel> one, Set<Panel> other) {
        if (one.stream().anyMatch(other::contains)) {
            return false;
        }
        return closed.spots().stream().anyMatch(spot -> {
            List<Panel> pile =
                    spot.bottomToTop().stream().map(FlatStage.Placed::panel).toList();
            int base = pile.indexOf(structure.anchor());
            int first = nearest(pile, base, one);
            int second = nearest(pile, base, other);
            return base >= 0
                    && first >= 0
                    && second >= 0
                    && (first > base) == (second > base)
                    && Math.abs(first - base) < Math.abs(second - base);
        });
    }

    private static int nearest(List<Panel> pile, int base, Set<Panel> wanted) {
        int nearest = -1;
        for (int i = 0; i < pile.size(); i++) {
            if (wanted.contains(pile.get(i)) && (nearest < 0 || Math.abs(i - base) < Math.abs(nearest - base))) {
                nearest = i;
            }
        }
        return nearest;
    }

    /** Each hinge as early as those before it allow; a circle of hinges moves together. */
    private static Turns of(boolean[][] before) {
        int n = before.length;
        int[] turn = new int[n];
        Set<Integer> open = new HashSet<>();
        for (int i = 0; i < n; i++) {
            open.add(i);
        }
        int count = 0;
        while (!open.isEmpty()) {
            List<Integer> free = open.stream()
                    .filter(i -> open.stream().noneMatch(j -> before[j][i]))
                    .toList();
            for (int i : free.isEmpty() ? List.copyOf(open) : free) {
                turn[i] = count;
                open.remove(i);
            }
            count++;
        }
        return new Turns(turn, Math.max(1, count));
    }

    /** The same the other way round, to open what was closed. */
    public Turns reversed() {
        return new Turns(Arrays.stream(turn).map(t -> count - 1 - t).toArray(), count);
    }

    /** @return how far a hinge is on its way, 0 to 1, when the whole card is so far */
    double share(int hinge, double whole) {
        return Math.min(1, Math.max(0, whole * count - turn[hinge]));
    }
}
