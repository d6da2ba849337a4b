package vantbreeze.layer;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.structure.Habit;
import vantbreeze.structure.Regions;
import vantbreeze.structure.Structure;

/** The places on a face that mats are laid on. */
final class Grounds {

    private Grounds() {}

    /** Cut across the long side. */
    static List<Polygon> halves(Polygon rectangle) {
        Envelope box = rectangle.getEnvelopeInternal();
        Coordinate middle = box.centre();
        boolean wide = box.getWidth() > box.getHeight();
        return Stream.of(
                        new Envelope(
                                box.getMinX(),
                                wide ? middle.x : box.getMaxX(),
                                box.getMinY(),
                                wide ? box.getMaxY() : middle.y),
                        new Envelope(
                                wide ? middle.x : box.getMinX(),
                                box.getMaxX(),
                                wide ? box.getMinY() : middle.y,
                                box.getMaxY()))
                .map(half -> (Polygon) rectangle.getFactory().toGeometry(half))
                .toList();
    }

    /** What of the face is dressed: all of it, or the larger part beside what is glued to it. */
    static Polygon of(Face face, Structure structure) {
        Polygon whole = face.panel().outline();
        if (!structure.habit(face.panel(), face.side()).equals(Optional.of(Habit.BESIDE_GLUE))) {
            return whole;
        }
        List<Polygon> glued = structure.glued(face.panel(), face.side());
        return whole.isRectangle()
                ? beside(whole, glued)
                : Regions.largest(Regions.difference(whole, Regions.union(glued)));
    }

    private static Polygon beside(Polygon rectangle, List<Polygon> glued) {
        Envelope box = rectangle.getEnvelopeInternal();
        Envelope taken = new Envelope();
        glued.stream().map(Polygon::getEnvelopeInternal).map(box::intersection).forEach(taken::expandToInclude);
        return taken.isNull() ? rectangle : (Polygon) rectangle.getFactory().toGeometry(beside(box, taken));
    }

    /** The largest upright rectangle at one edge of the box that leaves out what is taken. */
    private static Envelope beside(Envelope box, Envelope taken) {
        return Stream.of(
                        new Envelope(box.getMinX(), taken.getMinX(), box.getMinY(), box.getMaxY()),
                        new Envelope(taken.getMaxX(), box.getMaxX(), box.getMinY(), box.getMaxY()),
                        new Envelope(box.getMinX(), box.getMaxX(), box.getMinY(), taken.getMinY()),
                        new Envelope(box.getMinX(), box.getMaxX(), taken.getMaxY(), box.getMaxY()))
                .max(Comparator.comparingDouble(Envelope::getArea))
                .orElseThrow();
    }
}
