package vantbreeze.fold;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import vantbreeze.structure.Hinge;
import vantbreeze.structure.Panel;
import vantbreeze.structure.Structure;

/**
 * Which hinges hold each other in loops and so move together: the blocks of the graph whose nodes are what is glued
 * together and whose edges are the hinges (J. Hopcroft and R. Tarjan, "Efficient algorithms for graph manipulation", 1973).
 * A hinge in no loop is a block by itself.
 *
 * @param block for each hinge of the structure, counted from 0
 */
record Coupled(int[] block, int count) {

    static Coupled of(Structure structure) {
        return new Finder(structure).find();
    }

    private static final class Finder {
        private final List<Hinge> hinges;
        private final Map<Object, List<Integer>> around = new HashMap<>();
        private final List<List<Panel>> ends = new ArrayList<>();
        private final Map<Panel, Panel> body = new HashMap<>();
        private final Map<Panel, Integer> depth = new HashMap<>();
        private final Map<Panel, Integer> low = new HashMap<>();
        private final Deque<Integer> way = new ArrayDeque<>();
        private final int[] block;
        private int count;

        Finder(Structure structure) {
            hinges = structure.hinges();
            block = new int[hinges.size()];
            java.util.Arrays.fill(block, -1);
            structure.panels().forEach(p -> body.put(p, p));
            structure.bonds().forEach(b -> join(structure.panel(b.panel()), structure.panel(b.onto())));
            for (int i = 0; i < hinges.size(); i++) {
                Panel one = head(hinges.get(i).first());
                Panel other = head(hinges.get(i).second());
                ends.add(List.of(one, other));
                around.computeIfAbsent(one, k -> new ArrayList<>()).add(i);
                around.computeIfAbsent(other, k -> new ArrayList<>()).add(i);
            }
        }

        private Panel head(Panel panel) {
            Panel at = panel;
            while (!body.get(at).equals(at)) {
                at = body.get(at);
            }
            return at;
        }

        private void join(Panel one, Panel other) {
            body.put(head(one), head(other));
        }

        Coupled find() {
            for (Hinge hinge : hinges) {
                Panel start = head(hinge.first());
                if (!depth.containsKey(start)) {
                    visit(start, -1, 0);
                }
            }
            return new Coupled(block, count);
        }

        private void visit(Panel at, int from, int deep) {
            depth.put(at, deep);
            low.put(at, deep);
            for (int i : around.getOrDefault(at, List.of())) {
                Panel next = ends.get(i).get(0).equals(at)
                        ? ends.get(i).get(1)
                        : ends.get(i).get(0);
                if (i == from || block[i] >= 0 || next.equals(at)) {
                    continue;
                }
                if (!depth.containsKey(next)) {
                    way.push(i);
                    visit(next, i, deep + 1);
                    low.merge(at, low.get(next), Math::min);
                    if (low.get(next) >= deep) {
                        close(i);
                    }
                } else if (depth.get(next) < deep) {
                    way.push(i);
                    low.merge(at, depth.get(next), Math::min);
                }
            }
        }

        /** All edges since that one are one block. */
        private void close(int first) {
            int edge;
            do {
                edge = way.pop();
                block[edge] = count;
            } while (edge != first);
            count++;
        }
    }
}
