package vantbreeze.server.export;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineSegment;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.PrecisionModel;
import org.locationtech.jts.geom.util.AffineTransformation;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;
import org.locationtech.jts.operation.polygonize.Polygonizer;
import tools.jackson.databind.json.JsonMapper;
import vantbreeze.fold.FlatFolder;
import vantbreeze.measure.Length;
import vantbreeze.plan.Plan;
import vantbreeze.plan.Planner;
import vantbreeze.server.TestBriefs;
import vantbreeze.server.plan.BriefJson;
import vantbreeze.structure.Hinge;
import vantbreeze.structure.Panel;
import vantbreeze.structure.Piece;
import vantbreeze.structure.Structure;

/**
 * Paper folded by hand, as it were: the printed template's lines cut the paper into panels, each is mirrored in the line it
 * shares with the one before it, and what lies there is as large as the plan says. Nothing but the print is measured.
 */
class FoldedPaperTest {

    private static final GeometryFactory MM = new GeometryFactory(new PrecisionModel(100));
    private static final double NEAR_MM = 0.05;

    private static Plan plan(String fold, String width, String height) {
        String brief = TestBriefs.zFold(width, height).replace("\"z-fold\"", "\"" + fold + "\"");
        return Planner.plan(new JsonMapper().readValue(brief, BriefJson.class).read());
    }

    @ParameterizedTest
    @CsvSource({
        "peaked-house, base, 3 1/2 in, 5 in",
        "corner-flip, base, 3 1/2 in, 5 in",
        "burst-gate, lining, 3 1/2 in, 3 1/2 in",
        "latch-gate, base, 3 in, 4 in",
        "z-fold, base, 4 in, 5 in"
    })
    void theFoldedPrintIsAsLargeAsThePlanSays(String fold, String name, String width, String height)
            throws IOException {
        Plan plan = plan(fold, width, height);
        Structure card = plan.structure();
        Piece piece = card.piece(name);
        List<Polygon> printed = printed(piece);
        List<Panel> panels =
                card.panels().stream().filter(p -> p.piece().equals(name)).toList();
        assertThat(printed).as("panels cut by the lines").hasSameSizeAs(panels);
        Map<Panel, Polygon> cut = new HashMap<>();
        for (Panel panel : panels) {
            Geometry inside = mm(panel).getInteriorPoint();
            cut.put(
                    panel,
                    printed.stream().filter(p -> p.contains(inside)).findFirst().orElseThrow());
        }
        Map<Panel, AffineTransformation> lies = fold(card, panels, cut);
        Geometry folded = OverlayNGRobust.union(cut.entrySet().stream()
                .map(e -> lies.get(e.getKey()).transform(e.getValue()))
                .toList());
        Geometry planned = OverlayNGRobust.union(FlatFolder.closed(card).panels().stream()
                .filter(p -> p.panel().piece().equals(name))
                .map(p -> AffineTransformation.scaleInstance(
                                1.0 / Length.COUNTS_PER_MILLIMETRE, 1.0 / Length.COUNTS_PER_MILLIMETRE)
                        .transform(p.outline()))
                .toList());
        assertThat(folded.getArea()).isCloseTo(planned.getArea(), org.assertj.core.api.Assertions.within(2.0));
        Envelope one = folded.getEnvelopeInternal();
        Envelope other = planned.getEnvelopeInternal();
        assertThat(one.getWidth()).isCloseTo(other.getWidth(), org.assertj.core.api.Assertions.within(0.3));
        assertThat(one.getHeight()).isCloseTo(other.getHeight(), org.assertj.core.api.Assertions.within(0.3));
        Geometry laid = AffineTransformation.translationInstance(
                        other.getMinX() - one.getMinX(), other.getMinY() - one.getMinY())
                .transform(folded);
        assertThat(OverlayNGRobust.overlay(
                                laid, planned, org.locationtech.jts.operation.overlayng.OverlayNG.SYMDIFFERENCE)
                        .getArea())
                .as("square millimetres that differ")
                .isLessThan(0.01 * planned.getArea());
    }

    /** What the lines of the printed page enclose, from the piece's lower left corner, in mm. */
    private static List<Polygon> printed(Piece piece) throws IOException {
        try (PDDocument pdf = Loader.loadPDF(
                TemplatePdf.of("Paper", List.of(TemplatePdf.Template.of(List.of(piece))), Paper.named("letter")))) {
            assertThat(pdf.getNumberOfPages()).isEqualTo(1);
            List<PdfReading.Line> lines = PdfReading.lines(pdf.getPage(0));
            double wide = piece.size().width().millimetres();
            PdfReading.Line bottom = lines.stream()
                    .filter(l -> Math.abs(l.length() - wide) < NEAR_MM && Math.abs(l.y1() - l.y2()) < NEAR_MM)
                    .min(java.util.Comparator.comparingDouble(PdfReading.Line::y1))
                    .orElseThrow();
            double left = Math.min(bottom.x1(), bottom.x2());
            List<Geometry> drawn = new ArrayList<>();
            Envelope box = new Envelope(
                    -NEAR_MM, wide + NEAR_MM, -NEAR_MM, piece.size().height().millimetres() + NEAR_MM);
            for (PdfReading.Line l : lines) {
                Coordinate a = new Coordinate(snap(l.x1() - left), snap(l.y1() - bottom.y1()));
                Coordinate b = new Coordinate(snap(l.x2() - left), snap(l.y2() - bottom.y1()));
                if (box.contains(a) && box.contains(b) && !a.equals2D(b)) {
                    drawn.add(MM.createLineString(new Coordinate[] {a, b}));
                }
            }
            Polygonizer polygonizer = new Polygonizer();
            polygonizer.add(OverlayNGRobust.union(drawn));
            @SuppressWarnings("unchecked")
            Collection<Polygon> found = polygonizer.getPolygons();
            return found.stream().filter(p -> p.getArea() > 1).toList();
        }
    }

    private static double snap(double mm) {
        return Math.round(mm * 100) / 100.0;
    }

    private static Geometry mm(Panel panel) {
        return AffineTransformation.scaleInstance(
                        1.0 / Length.COUNTS_PER_MILLIMETRE, 1.0 / Length.COUNTS_PER_MILLIMETRE)
                .transform(panel.outline());
    }

    /** From the panel that rests outwards: each is where its neighbour is, mirrored in their common edge if that is folded. */
    private static Map<Panel, AffineTransformation> fold(Structure card, List<Panel> panels, Map<Panel, Polygon> cut) {
        Panel rests = panels.contains(card.anchor())
                ? card.anchor()
                : panels.stream()
                        .filter(p -> card.bonds().stream()
                                .anyMatch(b -> card.panel(b.panel()).equals(p)))
                        .findFirst()
                        .orElseThrow();
        Map<Panel, AffineTransformation> lies = new HashMap<>(Map.of(rests, new AffineTransformation()));
        Deque<Panel> open = new ArrayDeque<>(List.of(rests));
        while (!open.isEmpty()) {
            Panel from = open.pop();
            for (Hinge hinge : card.hinges()) {
                boolean here = hinge.first().equals(from) || hinge.second().equals(from);
                if (!here || lies.containsKey(hinge.across(from))) {
                    continue;
                }
                Panel to = hinge.across(from);
                LineSegment edge = commonEdge(cut.get(from), cut.get(to));
                boolean folded = card.closed().degrees(hinge.score().id()) != 0;
                AffineTransformation own = folded
                        ? AffineTransformation.reflectionInstance(edge.p0.x, edge.p0.y, edge.p1.x, edge.p1.y)
                        : new AffineTransformation();
                lies.put(to, own.compose(lies.get(from)));
                open.add(to);
            }
        }
        return lies;
    }

    private static LineSegment commonEdge(Polygon one, Polygon other) {
        Coordinate[] shared =
                one.getBoundary().intersection(other.getBoundary()).getCoordinates();
        LineSegment longest = new LineSegment(shared[0], shared[0]);
        for (Coordinate a : shared) {
            for (Coordinate b : shared) {
                longest = a.distance(b) > longest.getLength() ? new LineSegment(a, b) : longest;
            }
        }
        return longest;
    }
}
