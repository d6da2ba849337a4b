package vantbreeze.material;

import vantbreeze.measure.Length;
import vantbreeze.measure.Size;

/** What one sheet gives and the trimmer cuts. */
public record Reach(Sheet sheet, Length trimmer) {

    /** Lying either way. */
    public boolean gives(Size piece) {
        return piece.fitsWithinEitherWay(sheet.size());
    }

    /** Without a knife and a ruler. */
    public boolean trims(Size piece) {
        return !piece.longSide().isMoreThan(trimmer);
    }

    public boolean has(Size piece) {
        return gives(piece) && trims(piece);
    }
}
