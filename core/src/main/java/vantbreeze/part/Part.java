package vantbreeze.part;

import java.util.List;
import java.util.Optional;
import org.locationtech.jts.algorithm.distance.DiscreteHausdorffDistance;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.CoordinateFilter;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.layer.Mat;
import vantbreeze.material.Paper;
import vantbreeze.measure.Length;
import vantbreeze.measure.Size;
import vantbreeze.structure.FlatMotion;
import vantbreeze.structure.Form;
import vantbreeze.structure.Piece;

/**
 * One thing that is cut for a card.
 *
 * @param id the same for the same part as long as the card is built alike: "piece/base", "mat/front/face/1"
 * @param name what makers call it: "base", "mat, layer 1"
 * @param piece as it lies on the table, good side up, with its scores and slits
 * @param up where its paper's up is, in degrees anticlockwise from its own; empty if the paper has none
 * @param grain which way the paper had best run, along its main score; empty where no way is better
 * @param division where it is cut in two afterwards
 * @param goesOn labels of the faces it is for
 * @param offcutOf id of the part whose offcut it is; empty where it is cut from a sheet
 * @param cutFor the mats that it becomes; none for what is no mat
 */
public record Part(
        String id,
        Kind kind,
        String name,
        Paper paper,
        Piece piece,
        Optional<Double> up,
        Optional<Grain> grain,
        Optional<Division> division,
        List<String> goesOn,
        Optional<String> offcutOf,
        List<Mat> cutFor) {

    public Part {
        goesOn = List.copyOf(goesOn);
        cutFor = List.copyOf(cutFor);
    }

    /** What a part is of its card. */
    public enum Kind {
        PIECE,
        MAT,
        TOPPER,
        CLOSURE
    }

    /** Which way paper fibres run: paper folds better along them. */
    public enum Grain {
        /** From the lower edge to the upper one. */
        UPRIGHT,
        /** From left to right. */
        LEVEL;

        public Grain turned() {
            return this == UPRIGHT ? LEVEL : UPRIGHT;
        }
    }

    /** The box it is cut from. */
    public Size size() {
        return piece.size();
    }

    public Form form() {
        return piece.form();
    }

    public boolean isRectangle() {
        return form() == Form.RECTANGLE;
    }

    public double squareMillimetres() {
        return piece.squareMillimetres();
    }

    public double grams() {
        return paper.grams(squareMillimetres());
    }

    /** In counts of 1/640 mm, the lower left corner of its box at the origin. */
    public Polygon outline() {
        return atOrigin(piece.polygon());
    }

    /** The same for all parts that can be laid on each other without turning one over; holes count too. */
    public List<Coordinate> shape() {
        return shape(piece.polygon());
    }

    /** Whether another part has this shape, turned over like a page. */
    public boolean isMirrorImageOf(Part other) {
        return isAlike(mirrored(), other.outline());
    }

    /** Whether a part of this shape is of no use where its mirror image is wanted. */
    public boolean hasHands() {
        return !isRectangle() && !isAlike(mirrored(), outline());
    }

    private Polygon mirrored() {
        return atOrigin(FlatMotion.MIRRORED.apply(piece.polygon()));
    }

    /** To a few counts: both were rounded. */
    private static boolean isAlike(Polygon a, Polygon b) {
        Envelope first = a.getEnvelopeInternal();
        Envelope second = b.getEnvelopeInternal();
        return Math.abs(first.getWidth() - second.getWidth()) <= ROUNDED
                && Math.abs(first.getHeight() - second.getHeight()) <= ROUNDED
                && DiscreteHausdorffDistance.distance(a, b) <= ROUNDED;
    }

    private static final double ROUNDED = 2;

    /** The outline with the lower left corner of its box at the origin. */
    public static Polygon atOrigin(Polygon polygon) {
        Envelope box = polygon.getEnvelopeInternal();
        return FlatMotion.shift(-box.getMinX(), -box.getMinY()).apply(polygon);
    }

    /** To whole counts: what is alike differs by less. */
    private static List<Coordinate> shape(Polygon outline) {
        Polygon whole = (Polygon) atOrigin(outline).copy();
        whole.apply((CoordinateFilter) c -> {
            c.x = Math.rint(c.x);
            c.y = Math.rint(c.y);
        });
        whole.geometryChanged();
        return List.of(whole.norm().getCoordinates());
    }

    /**
     * How far it may be turned on a sheet whose pattern has an up, so that its own up is the sheet's; from 0 up to 360 degrees
     * anticlockwise.
     */
    public Optional<Double> turnedToUp() {
        return up.map(degrees -> ((-degrees % 360) + 360) % 360);
    }

    /** Its outline turned on the table, lower left corner at the origin. */
    public Polygon turned(double degrees) {
        return atOrigin(FlatMotion.rotation(degrees).apply(piece.polygon()));
    }

    /** The box of the turned part. */
    public Size sizeTurned(double degrees) {
        double quarters = degrees / 90;
        if (quarters == Math.rint(quarters)) {
            return ((long) quarters) % 2 == 0 ? size() : size().turned();
        }
        Envelope box = turned(degrees).getEnvelopeInternal();
        return new Size(
                Length.ofCounts((long) Math.ceil(box.getWidth())), Length.ofCounts((long) Math.ceil(box.getHeight())));
    }
}
