package vantbreeze.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import vantbreeze.measure.Length;
import vantbreeze.measure.Size;

/**
 * Mats of a dozen cards that nobody makes. Cut once before anybody waits, they have the virtual machine compile what a search
 * does most; a maker's first one would spend most of its second on that.
 */
public final class Practice {

    private static final int CARDS = 12;

    private static final Length SHEET = Length.inches(12, 1);

    /** How many on a card, then width and height in sixteenths of an inch: they leave a rest on every sheet. */
    private static final int[][] MATS = {{6, 25, 100}, {1, 10, 100}, {2, 3, 100}};

    private Practice() {}

    /** @param nanos how long it may take at most */
    public static Cutting cut(long nanos, BooleanSupplier isStopped) {
        List<Blank> blanks = new ArrayList<>();
        for (int[] mat : MATS) {
            Size upright = new Size(Length.inches(mat[1], 16), Length.inches(mat[2], 16));
            List<Laying> layings = List.of(
                    new Laying(upright, 0, Optional.empty()), new Laying(upright.turned(), 90, Optional.empty()));
            for (int i = 1; i <= mat[0] * CARDS; i++) {
                String id = "%s, %d".formatted(upright, i);
                blanks.add(new Blank(id, id, upright.toString(), List.of(), layings, Optional.empty()));
            }
        }
        Size whole = new Size(SHEET, SHEET);
        List<Supply> supplies = List.of(
                new Supply("drawer", "drawer", whole, 4, true, Optional.empty()),
                new Supply("offcut", "offcut", new Size(Length.inches(5, 1), SHEET), 1, true, Optional.empty()),
                Supply.bought("shop", "shop", whole));
        return Cutter.plan(blanks, supplies, SHEET, new Deadline(nanos, isStopped), better -> {});
    }
}
