package vantbreeze.fold;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.algorithm.ConvexHull;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;
import vantbreeze.measure.Length;
import vantbreeze.measure.Size;

class GirthTest {

    private static final GeometryFactory GEOMETRY = new GeometryFactory();

    private static StackMap.Layer box(double x, double y, double w, double h, double thick) {
        double n = Length.COUNTS_PER_MILLIMETRE;
        return new StackMap.Layer(
                (Polygon) GEOMETRY.toGeometry(new Envelope(x * n, (x + w) * n, y * n, (y + h) * n)),
                Length.millimetres(thick));
    }

    /** Plane geometry: for a slab half the perimeter of the hull is width + thickness, each way. */
    @Test
    void aroundAnEvenStackItIsWidthAndThicknessOnce() {
        Girth girth = Girth.of(StackMap.of(List.of(box(3, 4, 100, 50, 1.5))));
        assertThat(girth.across().half()).isEqualTo(Length.millimetres(101.5));
        assertThat(girth.up().half()).isEqualTo(Length.millimetres(51.5));
        assertThat(Girth.ofSlab(new Size(Length.millimetres(100L), Length.millimetres(50L)), Length.millimetres(1.5)))
                .isEqualTo(girth);
    }

    /** By hand: 100 wide, 1 thick, 3 thicker from 40 to 60: the hull's upper side is 2 sqrt(40^2 + 3^2) + 20. */
    @Test
    void aBulgeAwayFromTheEdgeCountsLessThanItsThickness() {
        Girth girth = Girth.of(StackMap.of(List.of(box(0, 0, 100, 50, 1), box(40, 10, 20, 20, 3))));
        double around = (100 + 1 + 1 + 2 * Math.hypot(40, 3) + 20) / 2;
        assertThat(girth.across().half().millimetres()).isCloseTo(around, within(0.001));
        assertThat(girth.across().half()).isLessThan(Length.millimetres(100 + 1 + 3.0));
        assertThat(girth.across().at()).contains(Length.millimetres(20L));
        assertThat(girth.up().at()).contains(Length.millimetres(50L));
    }

    /** Two ornaments that stick out to the left and to the right at different heights: no section is as wide as the card. */
    @Test
    void whatNoSectionSpansIsNeverLessThanItsBox() {
        Girth girth = Girth.of(
                StackMap.of(List.of(box(0, 0, 100, 100, 0.4), box(-20, 10, 30, 20, 0.2), box(90, 70, 30, 20, 0.2))));
        assertThat(girth.across()).isEqualTo(new Girth.Section(Length.millimetres(140L), Optional.empty()));
        assertThat(girth.up().at()).isPresent();
    }

    /** Second method for a stiff band: JTS's hull of the shadow that all between its edges throws along it. */
    @Property(tries = 60)
    void aBandIsAsLongAsTheHullOfTheShadow(@ForAll Random random) {
        List<StackMap.Layer> layers = new ArrayList<>();
        for (int i = 0; i < 5; i++) {
            layers.add(
                    box(random.nextInt(60), random.nextInt(60), 5 + random.nextInt(60), 5 + random.nextInt(60), 0.5));
        }
        StackMap bulk = StackMap.of(layers);
        double n = Length.COUNTS_PER_MILLIMETRE;
        Girth.Band band = Girth.around(bulk, 20 * n, 70 * n);
        List<Coordinate> shadow = new ArrayList<>();
        for (StackMap.Spot spot : bulk.spots()) {
            Envelope box = spot.outline().getEnvelopeInternal();
            Geometry part = OverlayNGRobust.overlay(
                    spot.outline(),
                    GEOMETRY.toGeometry(new Envelope(box.getMinX(), box.getMaxX(), 20 * n, 70 * n)),
                    OverlayNG.INTERSECTION);
            for (Coordinate c : part.getDimension() == 2 ? part.getCoordinates() : new Coordinate[0]) {
                shadow.add(new Coordinate(c.x, 0));
                shadow.add(new Coordinate(c.x, spot.thickness().count()));
            }
        }
        Geometry hull = new ConvexHull(shadow.toArray(new Coordinate[0]), GEOMETRY).getConvexHull();
        assertThat(band.half().count() - hull.getLength() / 2).isBetween(-0.01, 1.01);
        assertThat(band.width())
                .isEqualTo(Length.nearestTo(hull.getEnvelopeInternal().getWidth()));
    }

    /** Second method: JTS's convex hull of each of many sections cut by JTS. */
    @Property(tries = 60)
    void noSectionIsLongerThanTheWorst(@ForAll Random random) {
        List<StackMap.Layer> layers = new ArrayList<>();
        for (int i = 0; i < 6; i++) {
            layers.add(box(
                    random.nextInt(60),
                    random.nextInt(60),
                    5 + random.nextInt(60),
                    5 + random.nextInt(60),
                    0.1 + random.nextInt(20) / 10.0));
        }
        double n = Length.COUNTS_PER_MILLIMETRE;
        layers.add(new StackMap.Layer(
                GEOMETRY.createPolygon(new Coordinate[] {
                    new Coordinate(10 * n, 10 * n),
                    new Coordinate((40 + random.nextInt(40)) * n, (20 + random.nextInt(30)) * n),
                    new Coordinate(20 * n, (60 + random.nextInt(30)) * n),
                    new Coordinate(10 * n, 10 * n)
                }),
                Length.millimetres(0.7)));
        StackMap bulk = StackMap.of(layers);
        Girth girth = Girth.of(bulk);
        Envelope box = new Envelope();
        layers.forEach(l -> box.expandToInclude(l.outline().getEnvelopeInternal()));
        double longest = 0;
        for (double y = box.getMinY() + 0.37 * n; y < box.getMaxY(); y += 0.5 * n) {
            longest = Math.max(longest, halfHullByJts(bulk, y, box));
        }
        assertThat(girth.across().half().count()).isGreaterThanOrEqualTo((long) longest - 1);
        assertThat((double) girth.across().half().count()).isGreaterThanOrEqualTo(Math.rint(box.getWidth()));
        if (girth.across().at().isEmpty()) {
            assertThat(girth.across().half()).isEqualTo(Length.nearestTo(box.getWidth()));
            return;
        }
        double worst =
                halfHullByJts(bulk, box.getMinY() + girth.across().at().get().count(), box);
        assertThat(worst).isGreaterThan(girth.across().half().count() - 2.0 * n);
        /* Between two sections that are looked at here a flat slant may reach much farther: the worst is looked at as well. */
        assertThat((double) girth.across().half().count()).isLessThan(Math.max(longest, worst) + 0.8 * n);
    }

    private static double halfHullByJts(StackMap bulk, double y, Envelope box) {
        LineString cut = GEOMETRY.createLineString(
                new Coordinate[] {new Coordinate(box.getMinX() - 1, y), new Coordinate(box.getMaxX() + 1, y)});
        List<Coordinate> points = new ArrayList<>();
        for (StackMap.Spot spot : bulk.spots()) {
            for (Coordinate c : OverlayNGRobust.overlay(spot.outline(), cut, OverlayNG.INTERSECTION)
                    .getCoordinates()) {
                points.add(new Coordinate(c.x, 0));
                points.add(new Coordinate(c.x, spot.thickness().count()));
            }
        }
        return new ConvexHull(points.toArray(new Coordinate[0]), GEOMETRY)
                        .getConvexHull()
                        .getLength()
                / 2;
    }
}
