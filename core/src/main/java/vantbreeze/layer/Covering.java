package vantbreeze.layer;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import vantbreeze.measure.Length;
import vantbreeze.measure.Ruler;
import vantbreeze.measure.Size;
import vantbreeze.structure.Bond;
import vantbreeze.structure.Grouped;
import vantbreeze.structure.Panel;
import vantbreeze.structure.Regions;
import vantbreeze.structure.Structure;

/**
 * What a part that is glued over a face hides of it. Clear film hides nothing.
 *
 * @param part the piece
 * @param size the box around what it hides; empty where that is the whole face
 */
public record Covering(String part, Optional<Size> size) {

    /** In the order in which the parts are glued. */
    public static List<Covering> of(Face face, Structure structure) {
        Map<String, List<Geometry>> byPart = new LinkedHashMap<>();
        Geometry panel = face.panel().outline();
        for (Bond bond : structure.bonds()) {
            if (structure.panel(bond.onto()).equals(face.panel())
                    && bond.ontoSide() == face.side()
                    && !structure.isFilm(bond)) {
                Panel laid = structure.panel(bond.panel());
                Geometry hidden = Regions.intersection(bond.placement().apply(laid.outline()), panel);
                if (hidden.getArea() > Regions.TOUCH) {
                    byPart.computeIfAbsent(laid.piece(), k -> new ArrayList<>()).add(hidden);
                }
            }
        }
        return byPart.entrySet().stream()
                .map(e -> new Covering(e.getKey(), size(panel, e.getValue())))
                .toList();
    }

    private static Optional<Size> size(Geometry panel, List<Geometry> hidden) {
        double area = hidden.stream().mapToDouble(Geometry::getArea).sum();
        if (area >= panel.getArea() - Regions.TOUCH) {
            return Optional.empty();
        }
        Envelope box = new Envelope();
        hidden.forEach(h -> box.expandToInclude(h.getEnvelopeInternal()));
        return Optional.of(new Size(Length.nearestTo(box.getWidth()), Length.nearestTo(box.getHeight())));
    }

    /** "the band covers 1½ × 4¼ in of it". */
    public String text(Ruler ruler) {
        return "%s covers %s of it"
                .formatted(Grouped.the(part), size.map(ruler::about).orElse("all"));
    }
}
