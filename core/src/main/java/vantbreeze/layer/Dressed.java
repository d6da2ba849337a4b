package vantbreeze.layer;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import vantbreeze.fold.LayerStack;
import vantbreeze.material.Paper;
import vantbreeze.measure.Length;
import vantbreeze.structure.Panel;
import vantbreeze.structure.Structure;

/**
 * A card with its mats.
 *
 * @param closed its panels as they lie closed
 * @param paper what a panel is cut from
 */
public record Dressed(
        List<Face> faces, Structure structure, LayerStack closed, Dressing dressing, Function<Panel, Paper> paper) {

    Optional<Face> face(String key) {
        return faces.stream().filter(f -> f.key().equals(key)).findFirst();
    }

    /** The bare panel, as it is seen and written on from that side. */
    Paper ground(Face face) {
        return face.shows(paper.apply(face.panel()));
    }

    /** The one that nothing lies on; the largest where several do. */
    Optional<Mat> topmostMat(Face face) {
        return dressing.mats().stream()
                .filter(m -> m.face().equals(face))
                .max(Comparator.comparingInt(Mat::layer).thenComparingDouble(Mat::squareMillimetres));
    }

    /** The panel and one mat after the other on both of its sides, wherever they lie. */
    Length thickness(Panel panel) {
        return dressing.mats().stream()
                .filter(m -> m.face().panel().equals(panel))
                .map(m -> m.paper().thickness())
                .reduce(paper.apply(panel).thickness(), Length::plus);
    }
}
