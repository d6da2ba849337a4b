package vantbreeze.sheet;

import vantbreeze.measure.Length;
import vantbreeze.measure.Size;

/** A rectangle of a sheet as it comes to lie in the hand: cut in two by one straight cut, or not cut any more. */
public sealed interface Cell {

    /** From the sheet's left edge. */
    Length x();

    /** From its lower edge. */
    Length y();

    Size size();

    /** What was wanted. */
    record Wanted(Length x, Length y, Size size, Blank blank, Laying laying) implements Cell {}

    /** What is left over. */
    record Rest(Length x, Length y, Size size) implements Cell {}

    /**
     * One cut from edge to edge.
     *
     * @param upright whether the cut runs from the lower edge to the upper one
     * @param at how far it is from the left edge, or from the lower one
     * @param first what lies left of it, or below
     */
    record Cut(Length x, Length y, Size size, boolean upright, Length at, Cell first, Cell second) implements Cell {

        /** How long the blade's way is. */
        public Length length() {
            return upright ? size.height() : size.width();
        }
    }
}
