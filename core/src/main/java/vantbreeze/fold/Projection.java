package vantbreeze.fold;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Envelope;
import vantbreeze.measure.Length;
import vantbreeze.measure.Size;
import vantbreeze.structure.Panel;

/**
 * What sticks out of the closed card beyond the size it is meant to have.
 *
 * @param panels which
 * @param by how far the farthest of them does
 */
public record Projection(Edge edge, Length by, List<Panel> panels) {

    /** A side of the closed card as it lies before you. */
    public enum Edge {
        LEFT,
        RIGHT,
        BOTTOM,
        TOP;

        private double beyond(Envelope panel, Envelope card) {
            return switch (this) {
                case LEFT -> card.getMinX() - panel.getMinX();
                case RIGHT -> panel.getMaxX() - card.getMaxX();
                case BOTTOM -> card.getMinY() - panel.getMinY();
                case TOP -> panel.getMaxY() - card.getMaxY();
            };
        }
    }

    /** Rounding shares leaves a count or two; a hundredth of a millimetre is no projection. */
    private static final double NOTHING_COUNTS = 0.01 * Length.COUNTS_PER_MILLIMETRE;

    /** @return for each edge that something sticks out of; the card is taken to lie where the least paper is outside it */
    public static List<Projection> of(FlatStage closed, Size card) {
        Envelope box = closed.box();
        double dx = box.getWidth() - card.width().count();
        double dy = box.getHeight() - card.height().count();
        return Stream.of(new double[] {0, 0}, new double[] {dx, 0}, new double[] {0, dy}, new double[] {dx, dy})
                .map(shift -> new Envelope(
                        box.getMinX() + shift[0],
                        box.getMinX() + shift[0] + card.width().count(),
                        box.getMinY() + shift[1],
                        box.getMinY() + shift[1] + card.height().count()))
                .min(Comparator.comparingDouble(place -> outside(closed, place)))
                .map(place -> beyond(closed, place))
                .orElseThrow();
    }

    private static double outside(FlatStage closed, Envelope card) {
        return closed.panels().stream()
                .map(p -> p.outline().getEnvelopeInternal())
                .mapToDouble(p -> p.getArea() - p.intersection(card).getArea())
                .sum();
    }

    private static List<Projection> beyond(FlatStage closed, Envelope card) {
        List<Projection> found = new ArrayList<>();
        for (Edge edge : Edge.values()) {
            List<FlatStage.Placed> out = closed.panels().stream()
                    .filter(p -> edge.beyond(p.outline().getEnvelopeInternal(), card) > NOTHING_COUNTS)
                    .toList();
            if (!out.isEmpty()) {
                double by = out.stream()
                        .mapToDouble(p -> edge.beyond(p.outline().getEnvelopeInternal(), card))
                        .max()
                        .orElseThrow();
                found.add(new Projection(
                        edge,
                        Length.nearestTo(by),
                        out.stream().map(FlatStage.Placed::panel).toList()));
            }
        }
        return found;
    }
}
