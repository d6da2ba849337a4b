package vantbreeze.sheet;

import java.util.ArrayList;
import java.util.List;
import vantbreeze.measure.Length;
import vantbreeze.measure.Size;

/** A rectangle while a plan is being made: free, taken or cut in two. In whole counts. */
final class Node {

    final long x;
    final long y;
    final long width;
    final long height;
    private boolean upright;
    private long at;
    private Node first;
    private Node second;
    private Blank blank;
    private Laying laying;

    Node(long x, long y, long width, long height) {
        this.x = x;
        this.y = y;
        this.width = width;
        this.height = height;
    }

    static Node of(Supply supply) {
        return new Node(
                0, 0, supply.size().width().count(), supply.size().height().count());
    }

    /** Cuts it from edge to edge, that far from its own left or lower edge. */
    void cut(boolean isUpright, long distance) {
        upright = isUpright;
        at = distance;
        first = isUpright ? new Node(x, y, distance, height) : new Node(x, y, width, distance);
        second = isUpright
                ? new Node(x + distance, y, width - distance, height)
                : new Node(x, y + distance, width, height - distance);
    }

    /** Cuts a smaller rectangle out of its lower left corner. @return it */
    Node corner(long w, long h, boolean acrossFirst) {
        Node node = this;
        for (boolean across : new boolean[] {acrossFirst, !acrossFirst}) {
            if (across ? h < node.height : w < node.width) {
                node.cut(!across, across ? h : w);
                node = node.first;
            }
        }
        return node;
    }

    void take(Blank taken, Laying lying) {
        blank = taken;
        laying = lying;
    }

    Node first() {
        return first;
    }

    Node second() {
        return second;
    }

    boolean isCut() {
        return first != null;
    }

    boolean isFree() {
        return blank == null && !isCut();
    }

    /** The area of what is taken of it. */
    double taken() {
        return isCut() ? first.taken() + second.taken() : blank == null ? 0 : (double) width * height;
    }

    /** What is taken of it. */
    List<Blank> blanks() {
        if (isCut()) {
            List<Blank> all = new ArrayList<>(first.blanks());
            all.addAll(second.blanks());
            return all;
        }
        return blank == null ? List.of() : List.of(blank);
    }

    Cell cell() {
        Length left = Length.ofCounts(x);
        Length bottom = Length.ofCounts(y);
        Size size = new Size(Length.ofCounts(width), Length.ofCounts(height));
        if (isCut()) {
            return new Cell.Cut(left, bottom, size, upright, Length.ofCounts(at), first.cell(), second.cell());
        }
        return blank == null ? new Cell.Rest(left, bottom, size) : new Cell.Wanted(left, bottom, size, blank, laying);
    }
}
