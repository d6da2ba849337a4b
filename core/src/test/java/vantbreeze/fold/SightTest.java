package vantbreeze.fold;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Point;
import org.locationtech.jts.math.Vector3D;
import vantbreeze.catalogue.FoldCatalogue;
import vantbreeze.measure.Length;
import vantbreeze.plan.Briefs;
import vantbreeze.plan.Planner;
import vantbreeze.structure.Piece;
import vantbreeze.structure.Structure;

/** What is seen, against following single rays of light through the card. */
class SightTest {

    private static final GeometryFactory GEOMETRY = new GeometryFactory();
    private static final double MM = Length.COUNTS_PER_MILLIMETRE;

    /** Nearer than that papers touch, and places nearer an edge are left alone: what is seen of them is a matter of taste. */
    private static final double DOUBTFUL = 0.5 * MM;

    private static final int RAYS_PER_PANEL = 25;

    private enum Ray {
        FREE,
        STOPPED,
        DOUBTFUL
    }

    static Stream<String> folds() {
        return FoldCatalogue.all().stream().map(f -> f.id()).filter(id -> !id.equals("free-strip"));
    }

    @ParameterizedTest
    @MethodSource("folds")
    void thePictureShowsExactlyThePlacesFromWhichLightComes(String fold) {
        Structure structure = Planner.plan(Briefs.closed(fold, "5", "7")).structure();
        List<RigidMotion> pose =
                Scene.standing(Scene.of(structure)).map(Scene.Raised::pose).orElseGet(() -> halfWay(structure));
        double[] towards = {Math.sin(0.3), Math.sin(0.4) * Math.cos(0.3), Math.cos(0.4) * Math.cos(0.3)};
        List<Sight.View> views = Sight.of(structure, pose).picture(towards);
        Random random = new Random(fold.hashCode());
        int decided = 0;
        for (int i = 0; i < pose.size(); i++) {
            Geometry outline = structure.panels().get(i).outline();
            int panel = i;
            for (int ray = 0; ray < RAYS_PER_PANEL; ray++) {
                Point place = placeIn(outline, random);
                Ray met = follow(structure, pose, panel, place, towards);
                List<Sight.View> own = views.stream()
                        .filter(v -> v.face().panel().equals(structure.panels().get(panel)))
                        .toList();
                boolean nearEdge = outline.getBoundary().distance(place) < DOUBTFUL
                        || own.stream().anyMatch(v -> v.seen().getBoundary().distance(pictured(v, place)) < DOUBTFUL);
                if (met != Ray.DOUBTFUL && !nearEdge && !isEdgeOn(pose.get(panel), towards)) {
                    decided++;
                    assertThat(own.stream().anyMatch(v -> v.seen().contains(pictured(v, place))))
                            .as(
                                    "%s, %s at %s",
                                    fold, structure.panels().get(panel).name(), place)
                            .isEqualTo(met == Ray.FREE);
                }
            }
        }
        assertThat(decided).as("rays that decide something").isGreaterThan(RAYS_PER_PANEL / 8);
    }

    /** Of a card that is never stood up, on its way from the first face to the second. */
    private static List<RigidMotion> halfWay(Structure structure) {
        return PoseSolver.between(
                        structure, structure.closed(), structure.shown().get(0), 8)
                .frames()
                .get(3);
    }

    private static Geometry pictured(Sight.View view, Point place) {
        return view.toPicture().transform(place);
    }

    private static boolean isEdgeOn(RigidMotion pose, double[] towards) {
        return Math.abs(pose.faceNormal().dot(new Vector3D(towards[0], towards[1], towards[2]))) < 0.15;
    }

    private static Point placeIn(Geometry outline, Random random) {
        Envelope box = outline.getEnvelopeInternal();
        while (true) {
            Point place = GEOMETRY.createPoint(new Coordinate(
                    box.getMinX() + random.nextDouble() * box.getWidth(),
                    box.getMinY() + random.nextDouble() * box.getHeight()));
            if (outline.contains(place)) {
                return place;
            }
        }
    }

    /** A panel that is nearly edge on hides no more than a sliver, which the picture leaves out. */
    private static final double SLIVER = 0.1;

    /** Where the ray meets the plane of every other panel, in that panel's own coordinates. */
    private static Ray follow(Structure structure, List<RigidMotion> pose, int from, Point place, double[] towards) {
        Coordinate start = pose.get(from).apply(place.getCoordinate());
        Ray found = Ray.FREE;
        for (int i = 0; i < pose.size(); i++) {
            if (i == from || structure.panels().get(i).isClear()) {
                continue;
            }
            RigidMotion back = pose.get(i).inverse();
            Coordinate a = back.apply(start);
            Coordinate b = back.apply(new Coordinate(
                    start.x + MM * towards[0], start.y + MM * towards[1], start.getZ() + MM * towards[2]));
            double rise = b.getZ() - a.getZ();
            if (Math.abs(rise) < 0.02 * MM) {
                continue;
            }
            double far = -a.getZ() / rise;
            Point met = GEOMETRY.createPoint(new Coordinate(a.x + far * (b.x - a.x), a.y + far * (b.y - a.y)));
            double beside = structure.panels().get(i).outline().distance(met);
            double inside = structure.panels().get(i).outline().getBoundary().distance(met);
            if (far > -0.5 && beside <= DOUBTFUL && (far < 0.5 || inside < DOUBTFUL)) {
                return Ray.DOUBTFUL;
            }
            if (far >= 0.5 && beside == 0) {
                if (Math.abs(rise) < SLIVER * MM) {
                    return Ray.DOUBTFUL;
                }
                found = Ray.STOPPED;
            }
        }
        return found;
    }

    /** Two walls at a right angle seen from straight before one: the other is edge on, the first is seen whole. */
    @Test
    void aWallSeenEdgeOnHidesNothingAndIsNotSeen() {
        Structure corner = Structure.of(Piece.strip("card", Length.millimetres(100))
                        .panel("wall", Length.millimetres(60))
                        .valley("corner")
                        .panel("side", Length.millimetres(40))
                        .build())
                .displayed(Map.of("corner", 90.0))
                .anchoredAt("wall");
        Sight sight =
                Sight.of(corner, Scene.standing(Scene.of(corner)).orElseThrow().pose());
        assertThat(sight.from(Sight.FRONT)).extracting(s -> s.panel().name()).containsExactly("wall");
        assertThat(sight.picture(Sight.FRONT))
                .singleElement()
                .satisfies(v -> assertThat(v.seen().getArea() / (MM * MM))
                        .isCloseTo(6000, org.assertj.core.api.Assertions.within(1e-6)));
    }
}
