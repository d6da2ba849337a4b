package vantbreeze.make;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.structure.Bond;
import vantbreeze.structure.Panel;
import vantbreeze.structure.Side;
import vantbreeze.structure.Structure;

/**
 * Where glue goes on a flat piece.
 *
 * @param panel the panel that carries it
 * @param outline in counts of 1/640 mm on the flat piece
 */
public record GlueArea(Panel panel, Side side, Polygon outline) {

    /** @return one or more for each bond */
    public static List<GlueArea> of(Structure structure) {
        List<GlueArea> areas = new ArrayList<>();
        for (Bond bond : structure.bonds()) {
            Geometry area = GluePart.of(structure, bond).area();
            for (int i = 0; i < area.getNumGeometries(); i++) {
                if (area.getGeometryN(i) instanceof Polygon polygon && !polygon.isEmpty()) {
                    areas.add(new GlueArea(structure.panel(bond.panel()), bond.side(), polygon));
                }
            }
        }
        return List.copyOf(areas);
    }
}
