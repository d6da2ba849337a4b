package vantbreeze.operation;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Consumer;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.LineSegment;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.fold.FlatFolder;
import vantbreeze.fold.FlatStage;
import vantbreeze.layer.Face;
import vantbreeze.layer.Mat;
import vantbreeze.make.GluePart;
import vantbreeze.make.ObliqueReading;
import vantbreeze.make.RulerMark;
import vantbreeze.make.ScoreSetting;
import vantbreeze.make.ShapeReading;
import vantbreeze.make.SquareReading;
import vantbreeze.measure.Length;
import vantbreeze.measure.Ruler;
import vantbreeze.structure.Curve;
import vantbreeze.structure.FlatMotion;
import vantbreeze.structure.Fold;
import vantbreeze.structure.Panel;
import vantbreeze.structure.Piece;
import vantbreeze.structure.ScoreLine;
import vantbreeze.structure.Side;
import vantbreeze.structure.Slide;
import vantbreeze.structure.Slit;
import vantbreeze.structure.Stage;
import vantbreeze.structure.Structure;

/** What operations draw on: a table, and the pieces as they lie on it. */
public final class SketchPad {

    /** Between things that lie side by side, of the larger of them. */
    private static final double BESIDE = 0.08;

    /** Half a pencil cross, of the piece's longer side. */
    private static final double CROSS = 0.012;

    private static final int MOST_ARROWS = 6;

    /** How far outside what it is laid on an arrow begins, of the longer side. */
    private static final double COMING = 0.09;

    /** Half an arrow over a fold, of the way from the fold to the middle of its leaf. */
    private static final double TURNING = 0.5;

    /** Of a fold's length, from its end. */
    private static final double ASIDE = 0.15;

    /** Half an arrow to the top of a pattern, of the shorter side. */
    private static final double UPWARDS = 0.22;

    /** Half an arrow, of the piece's shorter side. */
    private static final double ARROW = 0.11;

    private final Structure structure;
    private final Ruler ruler;
    private final List<Sketch.Area> areas = new ArrayList<>();
    private final List<Sketch.Stroke> strokes = new ArrayList<>();

    /** Carries what is drawn next to its place on the table. */
    private FlatMotion lie = FlatMotion.IDENTITY;

    private SketchPad(Structure structure, Ruler ruler) {
        this.structure = structure;
        this.ruler = ruler;
    }

    /** @return nothing where no paper lies on the table */
    static Sketch drawn(Operation operation, Structure structure, Ruler ruler) {
        return drawn(operation::draw, structure, ruler);
    }

    static Sketch drawn(Consumer<SketchPad> drawing, Structure structure, Ruler ruler) {
        SketchPad pad = new SketchPad(structure, ruler);
        drawing.accept(pad);
        return new Sketch(pad.areas, pad.strokes);
    }

    Ruler ruler() {
        return ruler;
    }

    /** Carries all that is drawn from now on. */
    void lie(FlatMotion motion) {
        lie = motion;
    }

    void area(Sketch.Surface surface, Polygon outline, String label) {
        areas.add(new Sketch.Area(surface, lie.apply(outline), label));
    }

    void stroke(Sketch.Line line, LineSegment segment, String label) {
        strokes.add(new Sketch.Stroke(line, straight(List.of(segment)), label));
    }

    private void score(Sketch.Line line, ScoreLine score, String label) {
        strokes.add(new Sketch.Stroke(line, straight(score.path().legs()), label));
    }

    private List<Curve> straight(List<LineSegment> legs) {
        return legs.stream()
                .map(lie::apply)
                .<Curve>map(leg -> new Curve.Straight(leg.p0, leg.p1))
                .toList();
    }

    void slits(Sketch.Line line, Piece piece) {
        for (Slit slit : piece.slits()) {
            strokes.add(new Sketch.Stroke(line, slit.path().curves(lie), ""));
        }
    }

    /** Turned over like a page its left is at the right, but it lies at the same place. */
    private void lieDown(Piece piece, Side up) {
        Envelope box = piece.polygon().getEnvelopeInternal();
        lie = up == Side.FACE ? FlatMotion.IDENTITY : new FlatMotion(-1, 0, box.getMinX() + box.getMaxX(), 0, 1, 0);
    }

    private void paper(Piece piece, Side up) {
        area(up == Side.FACE ? Sketch.Surface.FACE : Sketch.Surface.BACK, piece.polygon(), "");
    }

    /** @param slits whether its slits are there already, or not due */
    void piece(Piece piece, Side up, boolean slits) {
        lieDown(piece, up);
        paper(piece, up);
        lines(piece, Set.of(), slits);
    }

    private void lines(Piece piece, Set<String> without, boolean slits) {
        piece.scores().stream().filter(s -> !without.contains(s.id())).forEach(s -> score(Sketch.Line.OTHER, s, ""));
        if (slits) {
            slits(Sketch.Line.OTHER, piece);
        }
    }

    /** The box that a piece is cut out of, with the cuts; folded first, only the half that stays is seen. */
    void box(Piece piece, ShapeReading shape) {
        Envelope box = piece.polygon().getEnvelopeInternal();
        shape.folded().ifPresent(score -> {
            if (score.isLevel()) {
                box.init(
                        box.getMinX(),
                        box.getMaxX(),
                        box.getMinY(),
                        score.from().y().count());
            } else {
                box.init(box.getMinX(), score.from().x().count(), box.getMinY(), box.getMaxY());
            }
        });
        lieDown(piece, Side.FACE);
        area(Sketch.Surface.FACE, (Polygon) piece.polygon().getFactory().toGeometry(box), "");
        if (shape.folded().isEmpty()) {
            lines(piece, Set.of(), false);
        }
        for (ShapeReading.MarkedCut cut : shape.cuts()) {
            stroke(Sketch.Line.SLIT, new LineSegment(at(cut.from(), box), at(cut.to(), box)), "");
        }
    }

    void crosses(Piece piece, MarkedLine line) {
        line.along().forEach(up -> cross(piece, new Coordinate(line.at().count(), up.count())));
    }

    private void cross(Piece piece, Coordinate at) {
        double half = CROSS * piece.size().longSide().count();
        stroke(Sketch.Line.PENCIL, new LineSegment(at.x - half, at.y - half, at.x + half, at.y + half), "");
        stroke(Sketch.Line.PENCIL, new LineSegment(at.x - half, at.y + half, at.x + half, at.y - half), "");
    }

    void cross(Piece piece, RulerMark mark) {
        cross(piece, at(mark, piece));
    }

    /** Where a mark lies on the piece as it lies on the table; what is drawn there is not turned over again. */
    private Coordinate at(RulerMark mark, Piece piece) {
        return at(mark, piece.polygon().getEnvelopeInternal());
    }

    private Coordinate at(RulerMark mark, Envelope box) {
        double width = Math.rint(box.getWidth());
        double height = Math.rint(box.getHeight());
        if (mark instanceof RulerMark.OnEdge edge) {
            double from = edge.fromCorner().count();
            double x = edge.onSide() ? 0 : from;
            double y = edge.onSide() ? from : 0;
            return unturned(new Coordinate(edge.atRight() ? width - x : x, edge.atTop() ? height - y : y));
        }
        if (mark instanceof RulerMark.Middle middle) {
            double from = middle.fromCorner().count();
            double far = middle.far() ? (middle.onSide() ? width : height) : 0;
            return unturned(middle.onSide() ? new Coordinate(far, from) : new Coordinate(from, far));
        }
        RulerMark.OnScore place = (RulerMark.OnScore) mark;
        double at = place.at().count();
        double along = place.along().count();
        return unturned(place.upright() ? new Coordinate(at, along) : new Coordinate(along, at));
    }

    private Coordinate unturned(Coordinate lying) {
        return lie.inverse().apply(lying);
    }

    /** A piece on the scoring board, without what is scored now. */
    void onBoard(Piece piece, Side side, boolean round, Set<String> now) {
        lieDown(piece, side);
        if (round) {
            Envelope box = piece.polygon().getEnvelopeInternal();
            lie = new FlatMotion(-1, 0, box.getMinX() + box.getMaxX(), 0, -1, box.getMinY() + box.getMaxY()).after(lie);
        }
        paper(piece, side);
        lines(piece, now, false);
        lie = FlatMotion.IDENTITY;
    }

    /** What is scored at one setting, and the edge that lies at the fence. */
    void fenced(Piece piece, FenceSetting setting) {
        double at = setting.at().count();
        double width = piece.size().width().count();
        double height = piece.size().height().count();
        List<Span> spans = setting.spans().isEmpty()
                ? List.of(new Span(
                        Length.ZERO,
                        setting.upright() ? piece.size().height() : piece.size().width()))
                : setting.spans();
        String label = ruler.text(setting.at());
        for (Span span : spans) {
            double from = span.from().count();
            double to = span.to().count();
            stroke(
                    Sketch.Line.SCORE,
                    setting.upright() ? new LineSegment(at, from, at, to) : new LineSegment(from, at, to, at),
                    label);
            label = "";
        }
        Sketch.Stroke fence = new Sketch.Stroke(
                Sketch.Line.FENCE,
                straight(List.of(
                        setting.upright() ? new LineSegment(0, 0, 0, height) : new LineSegment(0, 0, width, 0))),
                "");
        if (!strokes.contains(fence)) {
            strokes.add(fence);
        }
    }

    /** A ruler laid from mark to mark. */
    void ruler(Piece piece, ObliqueReading line, String label) {
        stroke(Sketch.Line.RULER, new LineSegment(at(line.from(), piece), at(line.to(), piece)), label);
    }

    /** As it is before anything is cut out of it. */
    void filled(Piece piece) {
        lieDown(piece, Side.FACE);
        Polygon polygon = piece.polygon();
        area(Sketch.Surface.FACE, polygon.getFactory().createPolygon(polygon.getExteriorRing()), "");
        lines(piece, Set.of(), true);
    }

    /** What is creased now, and what is there besides. */
    void scores(Piece piece, Side side, Set<String> now) {
        lieDown(piece, side);
        paper(piece, side);
        lines(piece, now, false);
        piece.scores().stream().filter(s -> now.contains(s.id())).forEach(s -> score(Sketch.Line.SCORE, s, ""));
    }

    void folds(Piece piece, List<ScoreSetting> settings) {
        lieDown(piece, Side.FACE);
        area(Sketch.Surface.FACE, piece.polygon(), "");
        slits(Sketch.Line.OTHER, piece);
        Map<String, String> labels = new LinkedHashMap<>();
        for (ScoreSetting setting : settings) {
            if (setting.at() instanceof SquareReading square) {
                labels.put(square.score().id(), ruler.text(square.fromStart()));
            }
        }
        piece.scores().stream()
                .filter(s -> structure.isFolded(s.id()))
                .forEach(s -> score(
                        s.fold() == Fold.VALLEY ? Sketch.Line.VALLEY : Sketch.Line.MOUNTAIN,
                        s,
                        labels.getOrDefault(s.id(), "")));
        arrows(piece);
    }

    /** These rows between the slits, with where they fold. */
    void row(Piece piece, FoldedRow row) {
        lieDown(piece, Side.FACE);
        area(Sketch.Surface.FACE, piece.polygon(), "");
        Envelope box = piece.polygon().getEnvelopeInternal();
        for (int number : row.numbers()) {
            double low = box.getMinY() + row.edges().get(number - 1).count();
            double high = box.getMinY() + row.edges().get(number).count();
            Envelope band = new Envelope(box.getMinX(), box.getMaxX(), low, high);
            area(Sketch.Surface.NOW, (Polygon) piece.polygon().getFactory().toGeometry(band), "");
            row.folds().forEach((at, fold) -> {
                double x = box.getMinX() + at.count();
                stroke(
                        fold == Fold.VALLEY ? Sketch.Line.VALLEY : Sketch.Line.MOUNTAIN,
                        new LineSegment(x, low, x, high),
                        "");
            });
        }
        slits(Sketch.Line.OTHER, piece);
    }

    /** From what moves to where it goes, across the middle of a fold; many folds would hide their drawing. */
    private void arrows(Piece piece) {
        List<ScoreLine> folded =
                piece.scores().stream().filter(s -> structure.isFolded(s.id())).toList();
        if (folded.size() > MOST_ARROWS) {
            return;
        }
        double reach = ARROW * piece.size().shortSide().count();
        for (ScoreLine score : folded) {
            List<LineSegment> legs = score.path().legs();
            LineSegment line = legs.get(legs.size() / 2);
            Coordinate middle = line.midPoint();
            double dx = (line.p1.y - line.p0.y) / line.getLength() * reach;
            double dy = (line.p0.x - line.p1.x) / line.getLength() * reach;
            /* The shorter side is the one that is lifted. */
            double sign = isNearerTheEdge(piece, middle, dx, dy) ? 1 : -1;
            stroke(
                    Sketch.Line.WAY,
                    new LineSegment(
                            middle.x + sign * dx, middle.y + sign * dy, middle.x - sign * dx, middle.y - sign * dy),
                    "");
        }
    }

    private static boolean isNearerTheEdge(Piece piece, Coordinate from, double dx, double dy) {
        Coordinate centre = piece.polygon().getEnvelopeInternal().centre();
        return (from.x - centre.x) * dx + (from.y - centre.y) * dy >= 0;
    }

    private record Ground(String piece, Side side) {}

    /** Every piece that takes a mat, that side up, side by side. */
    void mats(List<Mat> mats) {
        Map<Ground, List<Mat>> grounds = new LinkedHashMap<>();
        mats.forEach(m -> grounds.computeIfAbsent(
                        new Ground(m.face().panel().piece(), m.face().side()), k -> new ArrayList<>())
                .add(m));
        double x = 0;
        for (Map.Entry<Ground, List<Mat>> ground : grounds.entrySet()) {
            Piece piece = structure.piece(ground.getKey().piece());
            Envelope box = piece.polygon().getEnvelopeInternal();
            lieDown(piece, ground.getKey().side());
            lie = FlatMotion.shift(x - box.getMinX(), -box.getMinY()).after(lie);
            paper(piece, ground.getKey().side());
            lines(piece, Set.of(), true);
            for (Mat mat : ground.getValue()) {
                area(Sketch.Surface.MAT, mat.outline(), "");
                if (mat.paper().hasUp()) {
                    top(mat.outline(), mat.up());
                }
            }
            x += box.getWidth() + BESIDE * Math.max(box.getWidth(), box.getHeight());
        }
    }

    /** @param degrees where the top of its pattern is, anticlockwise from the top of what is drawn */
    void top(Polygon outline, double degrees) {
        Envelope box = outline.getEnvelopeInternal();
        Coordinate middle = outline.getInteriorPoint().getCoordinate();
        double half = UPWARDS * Math.min(box.getWidth(), box.getHeight());
        double x = -half * Math.sin(Math.toRadians(degrees));
        double y = half * Math.cos(Math.toRadians(degrees));
        stroke(Sketch.Line.TOP, new LineSegment(middle.x - x, middle.y - y, middle.x + x, middle.y + y), "");
    }

    /** Without the piece itself. */
    void lookAt(Face face) {
        lieDown(structure.piece(face.panel().piece()), face.side());
    }

    void onFace(Face face) {
        piece(structure.piece(face.panel().piece()), face.side(), true);
    }

    /** What takes it whole and flat, one piece beside the other; what lies open on it whole too, otherwise the panel that is glued. */
    void glued(List<Glued> joints) {
        Map<Ground, List<Glued>> grounds = new LinkedHashMap<>();
        joints.forEach(g -> grounds.computeIfAbsent(
                        new Ground(g.onto().piece(), g.bond().ontoSide()), k -> new ArrayList<>())
                .add(g));
        double x = 0;
        for (Map.Entry<Ground, List<Glued>> ground : grounds.entrySet()) {
            Piece piece = structure.piece(ground.getKey().piece());
            Envelope box = piece.polygon().getEnvelopeInternal();
            lieDown(piece, ground.getKey().side());
            lie = FlatMotion.shift(x - box.getMinX(), -box.getMinY()).after(lie);
            paper(piece, ground.getKey().side());
            lines(piece, Set.of(), true);
            FlatMotion table = lie;
            Set<String> lying = new LinkedHashSet<>();
            for (Glued glued : ground.getValue()) {
                Piece laid = structure.piece(glued.laid().piece());
                boolean whole = glued.liesOpen() && !laid.name().equals(piece.name());
                lie = table.after(glued.bond().placement());
                if (lying.add(whole ? laid.name() : glued.laid().name())) {
                    area(
                            Sketch.Surface.LAID,
                            whole ? laid.polygon() : glued.laid().outline(),
                            whole ? laid.name() : glued.laid().name());
                }
            }
            for (Glued glued : ground.getValue()) {
                lie = table.after(glued.bond().placement());
                glue(glued.part());
            }
            lie = table;
            comingDown(ground.getValue(), table, box);
            x += box.getWidth() + BESIDE * Math.max(box.getWidth(), box.getHeight());
        }
    }

    /** Each piece comes from the side where it reaches out most of what takes it. */
    private void comingDown(List<Glued> joints, FlatMotion table, Envelope box) {
        Set<String> shown = new LinkedHashSet<>();
        double reach = COMING * Math.max(box.getWidth(), box.getHeight());
        for (Glued glued : joints) {
            Piece piece = structure.piece(glued.laid().piece());
            if (!shown.add(piece.name())) {
                continue;
            }
            Envelope laid = glued.bond()
                    .placement()
                    .apply(glued.liesOpen() ? piece.polygon() : glued.laid().outline())
                    .getEnvelopeInternal();
            Coordinate middle = laid.centre();
            double left = box.getMinX() - laid.getMinX();
            double right = laid.getMaxX() - box.getMaxX();
            double below = box.getMinY() - laid.getMinY();
            double above = laid.getMaxY() - box.getMaxY();
            double most = Math.max(Math.max(left, right), Math.max(below, above));
            double dx = most == right ? 1 : most == left ? -1 : 0;
            double dy = dx != 0 ? 0 : most == below ? -1 : 1;
            Coordinate edge = new Coordinate(
                    dx == 0
                            ? middle.x
                            : dx < 0
                                    ? Math.min(laid.getMinX(), box.getMinX())
                                    : Math.max(laid.getMaxX(), box.getMaxX()),
                    dy == 0
                            ? middle.y
                            : dy < 0
                                    ? Math.min(laid.getMinY(), box.getMinY())
                                    : Math.max(laid.getMaxY(), box.getMaxY()));
            lie = table;
            stroke(
                    Sketch.Line.WAY,
                    new LineSegment(
                            edge.x + dx * reach, edge.y + dy * reach, edge.x - dx * reach / 2, edge.y - dy * reach / 2),
                    "");
        }
    }

    /** The pieces as they lie on the closed card, and what is glued as if seen through. */
    void folded(List<Glued> joints) {
        lying(joints, FlatFolder.closed(structure), 0);
    }

    /** The same, with the leaf that comes down on the glue. */
    void shut(List<Glued> joints) {
        FlatStage closed = FlatFolder.closed(structure);
        lying(joints, closed, 0);
        joints.stream().map(Glued::onto).distinct().forEach(leaf -> turning(leaf, closed, 0));
    }

    /** Each piece folded by itself, one beside the other. */
    void foldedApart(List<Glued> joints) {
        FlatStage closed = FlatFolder.closed(structure);
        double x = 0;
        for (Glued joint : joints) {
            Envelope box = new Envelope();
            closed.panels().stream()
                    .filter(p -> p.panel().piece().equals(joint.laid().piece()))
                    .forEach(p -> box.expandToInclude(p.outline().getEnvelopeInternal()));
            lying(List.of(joint), closed, x - box.getMinX());
            turning(joint.laid(), closed, x - box.getMinX());
            x += box.getWidth() + BESIDE * Math.max(box.getWidth(), box.getHeight());
        }
    }

    /** The pieces open, as they lie on each other. */
    void open(List<Glued> joints) {
        lying(joints, FlatFolder.fold(structure, Stage.flat()), 0);
    }

    private void lying(List<Glued> joints, FlatStage stage, double right) {
        FlatMotion aside = FlatMotion.shift(right, 0);
        Set<String> pieces = new LinkedHashSet<>();
        joints.forEach(g -> pieces.addAll(List.of(g.onto().piece(), g.laid().piece())));
        for (FlatStage.Placed placed : stage.panels()) {
            if (pieces.contains(placed.panel().piece())) {
                lie = aside.after(placed.motion());
                area(
                        placed.upSide() == Side.FACE ? Sketch.Surface.FACE : Sketch.Surface.BACK,
                        placed.panel().outline(),
                        "");
            }
        }
        joints.stream().map(Glued::laid).distinct().forEach(laid -> {
            lie = aside.after(stage.placed(laid).motion());
            area(Sketch.Surface.LAID, laid.outline(), laid.name());
        });
        for (Glued glued : joints) {
            lie = aside.after(stage.placed(glued.laid()).motion());
            glue(glued.part());
        }
        lie = FlatMotion.IDENTITY;
    }

    /** Over the longest fold of a leaf, onto the side where it lies when it is shut. */
    private void turning(Panel leaf, FlatStage closed, double right) {
        structure.hinges().stream()
                .filter(h -> h.first().equals(leaf) || h.second().equals(leaf))
                .filter(h -> structure.isFolded(h.score().id()))
                .max(Comparator.comparingDouble(h -> h.line().getLength()))
                .ifPresent(h -> {
                    lie = FlatMotion.shift(right, 0).after(closed.placed(leaf).motion());
                    /* Beside the middle, where its name stands. */
                    Coordinate middle = h.line().pointAlong(ASIDE);
                    Coordinate inside = leaf.outline().getCentroid().getCoordinate();
                    Coordinate foot = h.line().project(inside);
                    double dx = (inside.x - foot.x) * TURNING;
                    double dy = (inside.y - foot.y) * TURNING;
                    stroke(
                            Sketch.Line.WAY,
                            new LineSegment(middle.x - dx, middle.y - dy, middle.x + dx, middle.y + dy),
                            "");
                    lie = FlatMotion.IDENTITY;
                });
    }

    private void glue(GluePart part) {
        Geometry area = part.area();
        for (int i = 0; i < area.getNumGeometries(); i++) {
            if (area.getGeometryN(i) instanceof Polygon polygon && !polygon.isEmpty()) {
                area(Sketch.Surface.GLUE, polygon, "");
            }
        }
    }

    void threaded(Slide slide, Panel runs, Panel onto) {
        piece(structure.piece(onto.piece()), slide.ontoSide(), true);
        Coordinate middle = runs.outline().getCentroid().getCoordinate();
        Coordinate from = slide.at(Length.ZERO).apply(middle);
        Coordinate to = slide.at(slide.travel()).apply(middle);
        FlatMotion table = lie;
        lie = table.after(slide.at(Length.ZERO));
        area(Sketch.Surface.LAID, runs.outline(), runs.name());
        lie = table;
        stroke(Sketch.Line.WAY, new LineSegment(from, to), ruler.text(slide.travel()));
    }
}
