package vantbreeze.fold;

import org.locationtech.jts.geom.LineSegment;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.structure.Bond;
import vantbreeze.structure.FlatMotion;
import vantbreeze.structure.Hinge;
import vantbreeze.structure.Panel;

/** Where the lines, outlines and glued places of a card really are, when hands have missed the planned ones by a little. */
public interface Displaced {

    /** As planned. */
    Displaced NOT = new Displaced() {};

    /** The line that a hinge folds along, in its piece's flat coordinates. */
    default LineSegment line(Hinge hinge) {
        return hinge.line();
    }

    default FlatMotion placement(Bond bond) {
        return bond.placement();
    }

    default Polygon outline(Panel panel) {
        return panel.outline();
    }
}
