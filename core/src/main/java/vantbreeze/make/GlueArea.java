package vantbreeze.make;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.part.Part;
import vantbreeze.structure.Bond;
import vantbreeze.structure.Panel;
import vantbreeze.structure.Regions;
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

    /** Where a pen marks a part's good side: what is glued there covers the mark. As it lies on the piece. */
    public static List<Polygon> pencilled(Structure structure, Part part) {
        if (part.kind() != Part.Kind.PIECE) {
            return List.of();
        }
        List<Polygon> glued = of(structure).stream()
                .filter(g -> g.side() == Side.FACE
                        && g.panel().piece().equals(part.piece().name()))
                .map(GlueArea::outline)
                .toList();
        if (glued.isEmpty()) {
            return List.of();
        }
        /* Neighbours in one: their border is drawn once. */
        Geometry marked = Regions.union(glued);
        return IntStream.range(0, marked.getNumGeometries())
                .mapToObj(marked::getGeometryN)
                .filter(g -> g instanceof Polygon && !g.isEmpty())
                .map(Polygon.class::cast)
                .toList();
    }
}
