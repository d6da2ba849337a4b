package vantbreeze.catalogue;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.LineSegment;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.measure.Length;
import vantbreeze.structure.Bond;
import vantbreeze.structure.FlatMotion;
import vantbreeze.structure.Habit;
import vantbreeze.structure.Handling;
import vantbreeze.structure.Piece;
import vantbreeze.structure.PieceBuilder;
import vantbreeze.structure.Point;
import vantbreeze.structure.Regions;
import vantbreeze.structure.Side;
import vantbreeze.structure.Structure;

/**
 * A gabled front of two slanted panels with a fin behind, from one sheet four panels wide. The two inner panels are glued face
 * to face as the fin; between them their upper corners are tucked in. Gussets at the foot let the fin swing flat to the side.
 */
final class PeakedHouse implements FoldDesign {

    private static final double UPRIGHT = 90;

    @Override
    public String id() {
        return "peaked-house";
    }

    @Override
    public String name() {
        return "peaked house";
    }

    @Override
    public String summary() {
        return "A gabled house front of one sheet that stands on its feet and a fin behind.";
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(Parameter.width(), Parameter.height(proportions()));
    }

    /** Lower than wide no order of layers is possible: the turn-ins of the roof reach into the gussets. */
    @Override
    public Proportions proportions() {
        return new Proportions(
                1, Double.POSITIVE_INFINITY, "as high as wide, or the roof's turn-ins reach into the gussets");
    }

    /** Its lines, counted in panels across and from the foot or the eaves up. */
    private record Lines(Length w, Length high, PieceBuilder sheet) {

        Point at(int panels, Length up) {
            return new Point(w.times(panels), up);
        }

        Length eaves() {
            return high.minus(w);
        }

        void upright(int panels) {
            boolean outer = panels != 2;
            Point foot = at(panels, outer ? w : Length.ZERO);
            Point head = at(panels, outer ? high : eaves());
            if (outer) {
                sheet.mountain("score " + panels, foot, head)
                        .valley("foot score " + panels, at(panels, Length.ZERO), foot);
            } else {
                sheet.valley("score 2", foot, head).mountain("tuck score", head, at(2, high));
            }
        }

        void slants(int panel) {
            boolean rising = panel % 2 == 1;
            Length low = Length.ZERO;
            sheet.mountain("foot slant " + panel, at(panel - 1, rising ? low : w), at(panel, rising ? w : low));
            Point from = at(panel - 1, rising ? eaves() : high);
            Point to = at(panel, rising ? high : eaves());
            if (panel == 1 || panel == 4) {
                sheet.mountain("roof slant " + panel, from, to);
            } else {
                sheet.valley("roof slant " + panel, from, to);
            }
        }

        /** A quarter of a panel inside the triangle beside that place. */
        Point beside(int panels, boolean right, boolean atTop) {
            Length in = w.dividedBy(8).each();
            Length x = w.times(panels);
            return new Point(right ? x.plus(in) : x.minus(in), atTop ? high.minus(in) : in);
        }
    }

    @Override
    public Structure build(Values v) {
        Length w = Values.half(v.width());
        Length high = v.height();
        PieceBuilder sheet = Piece.rectangle("base", w.times(4), high);
        Lines lines = new Lines(w, high, sheet);
        for (int i = 1; i <= 3; i++) {
            lines.upright(i);
        }
        for (int i = 1; i <= 4; i++) {
            lines.slants(i);
        }
        Length middle = Values.half(high);
        String[] panels = {"left front", "left fin", "right fin", "right front"};
        for (int i = 0; i < panels.length; i++) {
            sheet.name(panels[i], new Point(Values.half(w).plus(w.times(i)), middle));
        }
        String[] small = {
            "left turn-in", "left tuck", "right tuck", "right turn-in",
            "left gusset 1", "left gusset 2", "right gusset 1", "right gusset 2"
        };
        sheet.name(small[0], lines.beside(0, true, true))
                .name(small[1], lines.beside(2, false, true))
                .name(small[2], lines.beside(2, true, true))
                .name(small[3], lines.beside(4, false, true))
                .name(small[4], lines.beside(1, false, false))
                .name(small[5], lines.beside(1, true, false))
                .name(small[6], lines.beside(3, false, false))
                .name(small[7], lines.beside(3, true, false));
        Piece base = sheet.build();
        LineSegment ridge = new LineSegment(
                new Coordinate(w.times(2).count(), 0), new Coordinate(w.times(2).count(), high.count()));
        return Structure.of(base)
                .bond(new Bond(
                                "right fin on left fin",
                                "right fin",
                                Side.FACE,
                                "left fin",
                                Side.FACE,
                                FlatMotion.reflection(ridge))
                        .along(List.of(belowTheTuck(base, w, high))))
                .habit(Habit.BARE, small)
                .openWhenClosed("score 3", "foot score 3", "foot slant 3", "foot slant 4")
                .displayed(displayed(base))
                .handled(Handling.folded(
                        "Tuck the top and the feet",
                        "Fold the two outer corners behind. Push the top of the middle fold down between the two middle "
                                + "panels, and burnish when the points meet. Push the foot of the fold on the left in between its "
                                + "two panels, then the one on the right."))
                .handled(Handling.joined(
                        "Collapse the house",
                        "Set the fin square: the house stands on two feet and the fin. Fold the fin flat to the left, "
                                + "then to the right."))
                .anchoredAt("right front");
    }

    private static Polygon belowTheTuck(Piece base, Length w, Length high) {
        Polygon fin = base.panels().stream()
                .filter(p -> p.name().equals("right fin"))
                .findFirst()
                .orElseThrow()
                .outline();
        Geometry low = fin.getFactory()
                .toGeometry(new Envelope(
                        w.times(2).count(), w.times(3).count(), 0, high.minus(w).count()));
        return (Polygon) Regions.intersection(fin, low);
    }

    /** The fin square to the front; the gussets at the foot give half way. */
    private static Map<String, Double> displayed(Piece base) {
        Map<String, Double> degrees = new HashMap<>();
        base.scores().forEach(s -> degrees.put(s.id(), (double) s.fold().fullDegrees()));
        for (int side : List.of(1, 3)) {
            degrees.put("score " + side, -UPRIGHT);
            degrees.put("foot score " + side, UPRIGHT);
            degrees.put("foot slant " + side, -GUSSET);
            degrees.put("foot slant " + (side + 1), -GUSSET);
        }
        return degrees;
    }

    /**
     * Around a vertex of 135, 45, 45 and 135 degrees the slants' angle s follows from the upright's u by tan(s/2) = tan(u/2) /
     * cos 45°, as spherical trigonometry gives: 109.47° for a right angle.
     */
    private static final double GUSSET = 109.47;
}
