package vantbreeze.operation;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import vantbreeze.layer.Face;
import vantbreeze.layer.Mat;
import vantbreeze.make.Joint;
import vantbreeze.measure.Ruler;
import vantbreeze.structure.Piece;
import vantbreeze.structure.Side;

/**
 * What is done at one task, with everything that a sentence, a drawing or a measurement needs. A new kind of work is one more
 * class in this list.
 */
public sealed interface Operation
        permits CutParts,
                CutToppers,
                CutRibbon,
                Mark,
                Erase,
                Score,
                Crease,
                Prick,
                Trim,
                TrimEnd,
                CutSlits,
                CutWindow,
                FoldPiece,
                LayMats,
                BuildTopper,
                LayTopper,
                FixTrimming,
                Glue,
                CloseOnto,
                ThreadSlider,
                Handle,
                Dry,
                Fill,
                Close,
                Shut,
                OwnWork {

    /** All that {@link #kind} can be, in the order of the list above. */
    static List<String> kinds() {
        return Arrays.stream(Operation.class.getPermittedSubclasses())
                .map(Operation::kindOf)
                .toList();
    }

    private static String kindOf(Class<?> operation) {
        return operation.getAnnotation(Kind.class).value();
    }

    default String kind() {
        return kindOf(getClass());
    }

    /** Two or three words. */
    String title();

    /** Plain words with every number in them. */
    Wording wording(Ruler ruler);

    /**
     * The same for several cards at once: what is counted says all of them, and how many a card.
     *
     * @param cards at least 1
     */
    default Wording wording(Ruler ruler, int cards) {
        return wording(ruler);
    }

    /** What lies on the table; nothing where no paper does. */
    default void draw(SketchPad pad) {}

    /** Of what is gone through line by line, a drawing for each; none where one drawing says it. */
    default List<Consumer<SketchPad>> drawEach() {
        return List.of();
    }

    /**
     * The same done to more pieces in one go: what is cut from one sheet, scored at one setting or folded alike.
     *
     * @return nothing where the two are better done one after the other
     */
    default Optional<Operation> together(Operation other) {
        return Optional.empty();
    }

    /** Finds the numbers that a hand sets here. */
    default void settings(SettingFinder found) {}

    /** The side of the piece that lies up; empty where no piece lies on the table. */
    default Optional<Side> up() {
        return Optional.empty();
    }

    /** What is taken into the hand. */
    default List<Tool> tools() {
        return List.of();
    }

    /** What can hurt. */
    default List<Hazard> hazards() {
        return gluedWith().stream().flatMap(Hazard::of).toList();
    }

    /** What panels are glued here, and how. */
    default List<Glued> joints() {
        return List.of();
    }

    /** What it is glued with, and why. */
    default Optional<Joint> gluedWith() {
        return Optional.empty();
    }

    /** The places where that glue goes, as {@link vantbreeze.make.Joints} names them. */
    default List<String> gluedPlaces() {
        return List.of();
    }

    /** Whether glue is used that has to dry before the card is posted. */
    default boolean isWet() {
        return gluedWith().filter(j -> j.adhesive().dries()).isPresent();
    }

    /** How long a joint made here must not be bent, in minutes; 0 where it may at once. What lies flat can wait for itself. */
    default int dryMinutes() {
        return 0;
    }

    /** The waiting that it consists of. */
    default Optional<Dry> waiting() {
        return Optional.empty();
    }

    /** The step of the maker's own that it is. */
    default Optional<OwnStep> own() {
        return Optional.empty();
    }

    /** Whether it cannot stand beside the step that the maker named. */
    default boolean isAstray() {
        return false;
    }

    /** Whether parts come off a sheet. */
    default boolean cutsOut() {
        return false;
    }

    /** Whether parts come into their place for good. */
    default boolean laysParts() {
        return false;
    }

    /** Whether a mat comes onto that face. */
    default boolean lays(Mat mat) {
        return false;
    }

    /** Whether it lays papers on the other side of that panel. */
    default boolean laysBehind(Face face) {
        return false;
    }

    default boolean laysOn(Face face) {
        return false;
    }

    /** The scores of a piece that are set from its right edge, and move with it when it is cut wrong. */
    default List<String> setFromTheRight(Piece piece) {
        return List.of();
    }

    /** Those that are set from its upper edge. */
    default List<String> setFromTheTop(Piece piece) {
        return List.of();
    }
}
