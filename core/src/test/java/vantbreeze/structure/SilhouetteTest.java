package vantbreeze.structure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;
import vantbreeze.measure.Length;

class SilhouetteTest {

    private static final Length WIDE = Length.inches(13, 4);
    private static final Length HIGH = Length.inches(21, 4);

    static List<Silhouette> all() {
        return Silhouette.all();
    }

    @Test
    void thereIsAChoice() {
        assertThat(all()).hasSizeGreaterThanOrEqualTo(12);
        assertThat(all()).extracting(Silhouette::name).doesNotHaveDuplicates();
    }

    @ParameterizedTest
    @MethodSource("all")
    void everyOutlineFillsItsBoxAndIsOnePiece(Silhouette s) {
        Polygon outline = s.scaled(WIDE, HIGH);
        assertThat(outline.isValid()).isTrue();
        assertThat(outline.getEnvelopeInternal().getWidth()).isCloseTo(WIDE.count(), within(1.0));
        assertThat(outline.getEnvelopeInternal().getHeight()).isEqualTo(HIGH.count());
        assertThat(outline.getNumPoints()).as("corners").isLessThan(400);
        assertThat(Silhouette.hasNeck(outline)).as("a neck under 1/4 in").isFalse();
    }

    @ParameterizedTest
    @MethodSource("all")
    void whatIsCalledMirroredEqualsItsMirrorImage(Silhouette s) {
        Polygon outline = s.scaled(WIDE, HIGH);
        Geometry mirrored =
                new AffineTransformation(-1, 0, outline.getEnvelopeInternal().getMaxX(), 0, 1, 0).transform(outline);
        assertThat(outline.equalsTopo(mirrored)).isEqualTo(s.isMirrored());
    }

    /** A straight line between two places of the curve misses it by no more than a blade's width. */
    @ParameterizedTest
    @MethodSource("all")
    void curvesAreFollowedToAFiftiethOfAMillimetre(Silhouette s) {
        for (int inches : new int[] {2, 12}) {
            Length side = Length.inches(inches);
            Geometry ring = s.scaled(side, side).getExteriorRing();
            for (Silhouette.Segment segment : s.segments()) {
                for (double t = 0; t <= 1; t += 0.03) {
                    Coordinate place = place(segment, t, side.count());
                    double missed = ring.distance(ring.getFactory().createPoint(place));
                    assertThat(missed).as(s.name()).isLessThan(Silhouette.TOLERANCE_COUNTS + 1);
                }
            }
        }
    }

    /** De Casteljau's construction: a second method beside the polynomial. */
    private static Coordinate place(Silhouette.Segment segment, double t, double side) {
        List<Coordinate> points = new java.util.ArrayList<>(List.of(segment.from()));
        points.addAll(segment.controls());
        points.add(segment.to());
        while (points.size() > 1) {
            List<Coordinate> between = new java.util.ArrayList<>();
            for (int i = 1; i < points.size(); i++) {
                Coordinate a = points.get(i - 1);
                Coordinate b = points.get(i);
                between.add(new Coordinate(a.x + t * (b.x - a.x), a.y + t * (b.y - a.y)));
            }
            points = between;
        }
        return new Coordinate(points.get(0).x * side, points.get(0).y * side);
    }

    /** For a hinge at its sides an outline touches both over at least a quarter of its height, from level feet up. */
    @Test
    void someTouchTheirSidesAndSomeFoldInWholeFlaps() {
        assertThat(Silhouette.names(s -> s.touch() >= 0.25)).contains("dome", "bell", "rocket", "mitten");
        assertThat(Silhouette.names(s -> s.touch() >= 0.25)).allSatisfy(name -> {
            Silhouette s = Silhouette.named(name).orElseThrow();
            Polygon outline = s.scaled(Length.inches(4), Length.inches(4));
            double side = Length.inches(4).count();
            double left = outline.intersection(outline.getFactory()
                            .createLineString(new Coordinate[] {new Coordinate(0, 0), new Coordinate(0, side)}))
                    .getLength();
            assertThat(left / side).isGreaterThanOrEqualTo(0.25);
            assertThat(s.isLevelAtFoot()).isTrue();
        });
        assertThat(Silhouette.names(Silhouette::hasWholeFlaps))
                .contains("heart", "dome")
                .doesNotContain("star", "fir", "mitten");
    }

    /** What a hand draws nearly even is made so; what is written down is read back as the same. */
    @RepeatedTest(20)
    void aDrawnOutlineIsReadBackAsTheSame(RepetitionInfo at) {
        Random random = new Random(at.getCurrentRepetition());
        StringBuilder corners = new StringBuilder("drawn 0,0 200,0 ");
        StringBuilder left = new StringBuilder();
        double high = 60;
        double wide = 99.8;
        while (wide > 30) {
            double jitter = random.nextDouble() - 0.5;
            corners.append("%.2f,%.2f ".formatted(100 + wide, high));
            left.insert(0, "%.2f,%.2f ".formatted(100 - wide, high + jitter));
            wide -= 5 + random.nextInt(30);
            high += 10 + random.nextInt(30);
        }
        Silhouette drawn = Silhouette.parse(corners.append(left).toString());
        assertThat(drawn.isMirrored()).isTrue();
        assertThat(drawn.touch()).as("touches though it missed by a little").isPositive();
        whatIsCalledMirroredEqualsItsMirrorImage(drawn);
        assertThat(Silhouette.parse(drawn.toString())).isEqualTo(drawn);
    }

    @Test
    void aDrawnOutlineMayBeUnevenAndMustNotCrossItself() {
        Silhouette sail = Silhouette.parse("drawn 0,0 30,0 30,10 0,40");
        assertThat(sail.isMirrored()).isFalse();
        assertThat(sail.hasWholeFlaps()).isFalse();
        assertThat(sail.touch()).isEqualTo(0.25);
        assertThat(sail.scaled(WIDE, HIGH).getArea())
                .isCloseTo(WIDE.count() * (double) HIGH.count() * (0.25 + 0.75 / 2), within((double) HIGH.count()));
        for (String refused :
                List.of("drawn 0,0 10,10 10,0 0,10", "drawn 0,0 1,1", "drawn 0,0 5,5 9,9", "drawn x", "cat")) {
            assertThatThrownBy(() -> Silhouette.parse(refused)).isInstanceOf(IllegalArgumentException.class);
        }
    }
}
