package vantbreeze.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Envelope;
import vantbreeze.measure.Size;
import vantbreeze.structure.Piece;
import vantbreeze.structure.Structure;

/**
 * How many bases come out of how many sheets, all pieces of a base counted together, cut from edge to edge. Pieces alike give
 * as many as plain rows do; of several kinds a few ways of laying them are tried, so another could need less.
 *
 * @param bases how many; 0 if a piece is larger than the sheet
 * @param sheets that they take together; 1 if one sheet gives a whole base
 */
public record Yield(int bases, int sheets) {

    /** Nobody cuts more at once; further ones repeat. */
    private static final int MOST_BASES = 24;

    /** Film is cut from film, offcuts from what they fall off. */
    static Yield of(Structure structure, Size sheet) {
        List<Size> sizes = structure.cutPieces().stream()
                .filter(p -> !p.isClear())
                .map(Piece::size)
                .toList();
        if (sizes.stream().anyMatch(s -> !s.fitsWithinEitherWay(sheet))) {
            return new Yield(0, 1);
        }
        if (sizes.size() == 1) {
            return new Yield(
                    Math.max(rows(sizes.get(0), sheet), rows(sizes.get(0).turned(), sheet)), 1);
        }
        int bases = 1;
        int sheets = sheets(sizes, sheet);
        while (sheets == 1 && bases < MOST_BASES && sheets(times(sizes, bases + 1), sheet) == 1) {
            bases++;
        }
        return new Yield(bases, sheets);
    }

    private static int rows(Size piece, Size sheet) {
        return (int) (sheet.width().count() / piece.width().count())
                * (int) (sheet.height().count() / piece.height().count());
    }

    private static List<Size> times(List<Size> sizes, int times) {
        return IntStream.range(0, times).boxed().flatMap(i -> sizes.stream()).toList();
    }

    private static int sheets(List<Size> sizes, Size sheet) {
        return Stream.of(
                        Comparator.comparingDouble(Size::squareMillimetres),
                        Comparator.comparing(Size::longSide),
                        Comparator.comparing(Size::shortSide))
                .flatMap(order -> Stream.of(true, false)
                        .map(across ->
                                sheets(sizes.stream().sorted(order.reversed()).toList(), sheet, across)))
                .min(Comparator.naturalOrder())
                .orElse(1);
    }

    /** Each piece goes into the smallest offcut that takes it; what is left of that is cut in two, across first or along. */
    private static int sheets(List<Size> sizes, Size sheet, boolean across) {
        List<Envelope> free = new ArrayList<>();
        int sheets = 0;
        for (Size size : sizes) {
            Envelope best = smallest(free, size);
            if (best == null) {
                sheets++;
                free.add(
                        new Envelope(0, sheet.width().count(), 0, sheet.height().count()));
                best = smallest(free, size);
            }
            free.remove(best);
            Size laid = lies(size, best) ? size : size.turned();
            double right = best.getMinX() + laid.width().count();
            double top = best.getMinY() + laid.height().count();
            free.add(new Envelope(right, best.getMaxX(), best.getMinY(), across ? top : best.getMaxY()));
            free.add(new Envelope(best.getMinX(), across ? best.getMaxX() : right, top, best.getMaxY()));
        }
        return sheets;
    }

    private static Envelope smallest(List<Envelope> free, Size size) {
        return free.stream()
                .filter(f -> lies(size, f) || lies(size.turned(), f))
                .min(Comparator.comparingDouble(Envelope::getArea))
                .orElse(null);
    }

    private static boolean lies(Size size, Envelope free) {
        return size.width().count() <= free.getWidth() && size.height().count() <= free.getHeight();
    }
}
