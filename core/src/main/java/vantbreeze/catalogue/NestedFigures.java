package vantbreeze.catalogue;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;
import vantbreeze.fold.FlatFolder;
import vantbreeze.fold.FlatStage;
import vantbreeze.measure.Length;
import vantbreeze.structure.Fold;
import vantbreeze.structure.Piece;
import vantbreeze.structure.PieceBuilder;
import vantbreeze.structure.Point;
import vantbreeze.structure.Regions;
import vantbreeze.structure.ScoreLine;
import vantbreeze.structure.Silhouette;
import vantbreeze.structure.Structure;

/** Copies of one outline, each smaller than the one behind it, in one concertina that stands on level feet. */
final class NestedFigures implements FoldDesign {

    private static final String OUTLINE = "outline";
    private static final String SMALLER = "smaller";
    private static final Parameter.Counts FIGURES = new Parameter.Counts(1, 5);
    private static final double HALF_OPEN = 0.6;

    /** Of the smaller figure's height; less does not hold. Common practice, no published source. */
    private static final double LEAST_TOUCH = 0.25;

    @Override
    public String id() {
        return "nested-figures";
    }

    @Override
    public String name() {
        return "nested figures";
    }

    @Override
    public String summary() {
        return "One outline in several sizes, hinged side by side: they stand in a zigzag and nest when closed.";
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.width(),
                Parameter.height(),
                Parameter.outline(
                        OUTLINE,
                        "outline",
                        "What is cut in every size; its sides touch at the foot, where the hinges are.",
                        "dome",
                        new Parameter.Shape(
                                s -> s.touch() >= LEAST_TOUCH,
                                "an outline that touches both sides of its box from the foot up over a quarter of its height")),
                Parameter.lengths(
                        SMALLER,
                        "heights of the smaller figures",
                        "From the smallest; the largest is as high as the card.",
                        NestedFigures::usual,
                        FIGURES,
                        v -> new Range(
                                v.height().dividedBy(3).each(),
                                "a third of the largest",
                                v.height().minus(Parameter.SMALLEST_PANEL),
                                "or it is no smaller than the largest")));
    }

    /** On the maker's marks, where these are fine enough to tell the figures apart. */
    private static LengthList usual(Values v) {
        boolean isFine = v.grid().step().times(24).isLessThan(v.height());
        return new LengthList(Stream.of(8, 10, 11)
                .map(twelfths -> v.height().times(twelfths).dividedBy(12).each())
                .map(height -> isFine ? v.grid().floor(height) : height)
                .toList());
    }

    /** Heights from the largest to the smallest. */
    private static List<Length> heights(Values v) {
        List<Length> heights = new ArrayList<>(List.of(v.height()));
        List<Length> smaller = v.lengths(SMALLER).lengths();
        for (int i = smaller.size() - 1; i >= 0; i--) {
            heights.add(smaller.get(i));
        }
        return heights;
    }

    @Override
    public Structure build(Values v) {
        Silhouette shape = v.outline(OUTLINE);
        List<Length> heights = heights(v);
        List<Polygon> figures = new ArrayList<>();
        List<Length> joints = new ArrayList<>();
        double at = 0;
        for (int i = 0; i < heights.size(); i++) {
            Polygon figure = shape.scaled(v.width().scaled(heights.get(i), v.height()), heights.get(i));
            double wide = figure.getEnvelopeInternal().getMaxX();
            boolean turned = i % 2 == 1;
            figures.add((Polygon) (turned
                            ? new AffineTransformation(-1, 0, at + wide, 0, 1, 0)
                            : AffineTransformation.translationInstance(at, 0))
                    .transform(figure));
            at += wide;
            joints.add(Length.nearestTo(at));
        }
        PieceBuilder piece = Piece.outline("figures", (Polygon) Regions.union(figures));
        for (int i = 0; i < figures.size(); i++) {
            piece.name("figure " + (i + 1), Cut.inside(figures.get(i)));
            if (i + 1 < figures.size()) {
                Length high = Length.nearestTo(
                        Math.rint(shape.touch() * heights.get(i + 1).count()));
                piece.score(new ScoreLine(
                        "score " + (i + 1),
                        new Point(joints.get(i), Length.ZERO),
                        new Point(joints.get(i), high),
                        i % 2 == 0 ? Fold.VALLEY : Fold.MOUNTAIN));
            }
        }
        return Structure.of(piece.build()).displayed(HALF_OPEN).anchoredAt("figure 1");
    }

    @Override
    public List<Caution> cautions(Values v) {
        List<Caution> cautions = new ArrayList<>();
        Structure structure = v.structure(this);
        FlatStage closed = FlatFolder.closed(structure);
        Polygon largest = closed.placed(structure.panel("figure 1")).outline();
        for (int i = 2; i <= heights(v).size(); i++) {
            String name = "figure " + i;
            Geometry beside =
                    Regions.difference(closed.placed(structure.panel(name)).outline(), largest);
            Length by = Length.nearestTo(beside.isEmpty() ? 0 : depth(beside, largest));
            if (by.isMoreThan(Length.millimetres(0.1))) {
                cautions.add(new Caution(
                        name,
                        (ruler, sheet) ->
                                "Closed, %s reaches past the outline of the largest by up to %s: it shows from behind."
                                        .formatted(name, ruler.about(by))));
            }
        }
        if (Silhouette.hasNeck(structure.panel("figure " + heights(v).size()).outline())) {
            cautions.add(Necks.caution(
                    "figure " + heights(v).size(),
                    "smallest " + v.outline(OUTLINE).name()));
        }
        return cautions;
    }

    /** The farthest that any of it lies from the other. */
    private static double depth(Geometry part, Polygon from) {
        double deepest = 0;
        for (var corner : part.getCoordinates()) {
            deepest = Math.max(deepest, from.distance(part.getFactory().createPoint(corner)));
        }
        return deepest;
    }
}
