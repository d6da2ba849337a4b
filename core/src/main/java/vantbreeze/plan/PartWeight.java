package vantbreeze.plan;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.layer.Mat;
import vantbreeze.layer.PlacedOrnament;
import vantbreeze.material.Film;
import vantbreeze.measure.Length;
import vantbreeze.structure.Material;
import vantbreeze.structure.Piece;

/** What one part of a card weighs. Glue, foam and ribbon are not weighed: together they are less than the paper varies. */
public record PartWeight(String part, double grams) {

    static List<PartWeight> of(Brief brief, Workpiece work) {
        List<PartWeight> weights = new ArrayList<>();
        for (Piece piece : work.structure().pieces()) {
            weights.add(new PartWeight(
                    piece.name(),
                    piece.material() == Material.FILM
                            ? Film.grams(piece.squareMillimetres())
                            : brief.base().grams(piece.squareMillimetres())));
        }
        Map<String, Double> mats = new LinkedHashMap<>();
        for (Mat mat : work.dressing().mats()) {
            mats.merge(mat.kind().word() + "s", mat.paper().grams(mat.squareMillimetres()), Double::sum);
        }
        mats.forEach((part, grams) -> weights.add(new PartWeight(part, grams)));
        for (PlacedOrnament o : work.ornaments().placed()) {
            weights.add(
                    new PartWeight(o.ornament().name(), o.ornament().paper().grams(squareMillimetres(o.onPiece()))));
        }
        work.structure().held().forEach(h -> weights.add(new PartWeight(h.name(), h.grams())));
        for (Piece piece : work.closure().pieces()) {
            weights.add(new PartWeight(piece.name(), brief.base().grams(piece.squareMillimetres())));
        }
        return List.copyOf(weights);
    }

    private static double squareMillimetres(Polygon outline) {
        return outline.getArea() / (Length.COUNTS_PER_MILLIMETRE * Length.COUNTS_PER_MILLIMETRE);
    }
}
