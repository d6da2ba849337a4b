package vantbreeze.task;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.LineSegment;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.layer.Face;
import vantbreeze.layer.Mat;
import vantbreeze.make.ObliqueReading;
import vantbreeze.make.RulerMark;
import vantbreeze.make.ScoreSetting;
import vantbreeze.make.ShapeReading;
import vantbreeze.make.SquareReading;
import vantbreeze.measure.Length;
import vantbreeze.measure.Ruler;
import vantbreeze.part.CutList;
import vantbreeze.part.Part;
import vantbreeze.structure.Curve;
import vantbreeze.structure.FlatMotion;
import vantbreeze.structure.Fold;
import vantbreeze.structure.Piece;
import vantbreeze.structure.ScoreLine;
import vantbreeze.structure.Side;
import vantbreeze.structure.Slit;
import vantbreeze.structure.Structure;

/** Draws tasks. */
public final class Sketcher {

    /** Between things that lie side by side, of the larger of them. */
    private static final double BESIDE = 0.08;

    /** The same where a number stands between them. */
    private static final double NUMBERED = 0.16;

    /** Half a pencil cross, of the piece's longer side. */
    private static final double CROSS = 0.012;

    private static final int MOST_ARROWS = 6;

    /** Half an arrow, of the piece's shorter side. */
    private static final double ARROW = 0.11;

    private final Structure structure;
    private final Ruler ruler;
    private final List<Sketch.Area> areas = new ArrayList<>();
    private final List<Sketch.Stroke> strokes = new ArrayList<>();

    /** Carries what is drawn next to its place on the table. */
    private FlatMotion lie = FlatMotion.IDENTITY;

    private Sketcher(Structure structure, Ruler ruler) {
        this.structure = structure;
        this.ruler = ruler;
    }

    /** @return nothing where no paper lies on the table */
    public static Sketch of(Task task, Structure structure, Ruler ruler) {
        Sketcher sketcher = new Sketcher(structure, ruler);
        sketcher.draw(task.work());
        return new Sketch(sketcher.areas, sketcher.strokes);
    }

    private void draw(Work work) {
        if (work instanceof Work.Cut cut) {
            cut(cut);
        } else if (work instanceof Work.Mark mark) {
            piece(mark.piece(), mark.side(), true);
            mark.slits().forEach(line -> slitMarks(mark.piece(), line));
            mark.ruler().forEach(m -> cross(mark.piece(), at(m, mark.piece())));
        } else if (work instanceof Work.RubOut rub) {
            piece(rub.piece(), rub.side(), true);
        } else if (work instanceof Work.Score score) {
            score(score);
        } else if (work instanceof Work.Crease crease) {
            crease(crease);
        } else if (work instanceof Work.Prick prick) {
            scores(prick.piece(), prick.side(), prick.scores());
        } else if (work instanceof Work.Trim trim) {
            trim(trim);
        } else if (work instanceof Work.Slit slit) {
            piece(slit.piece(), Side.FACE, false);
            slits(Sketch.Line.SLIT, slit.piece());
        } else if (work instanceof Work.Open open) {
            area(Sketch.Surface.FACE, filled(open.piece()), "");
            lines(open.piece(), Set.of(), true);
            area(Sketch.Surface.GONE, open.opening(), "");
        } else if (work instanceof Work.Fold fold) {
            fold(fold);
        } else if (work instanceof Work.Lay lay) {
            lay(lay);
        } else if (work instanceof Work.LayTopper topper) {
            onFace(topper.placed().face());
            area(
                    Sketch.Surface.LAID,
                    topper.placed().onPiece(),
                    topper.placed().ornament().name());
        } else if (work instanceof Work.Glue glue) {
            glue(glue);
        } else if (work instanceof Work.Thread thread) {
            thread(thread);
        } else if (work instanceof Work.Dress dress) {
            dress.face().ifPresent(face -> {
                onFace(face);
                area(Sketch.Surface.NOW, face.panel().outline(), face.label());
            });
            dress.part()
                    .ifPresent(part -> area(
                            Sketch.Surface.NOW, part.outline(), part.piece().name()));
        }
    }

    private void area(Sketch.Surface surface, Polygon outline, String label) {
        areas.add(new Sketch.Area(surface, lie.apply(outline), label));
    }

    private void stroke(Sketch.Line line, LineSegment segment, String label) {
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

    private void slits(Sketch.Line line, Piece piece) {
        for (Slit slit : piece.slits()) {
            strokes.add(new Sketch.Stroke(line, slit.path().curves(lie), ""));
        }
    }

    /** Turned over like a page its left is at the right, but it lies at the same place. */
    private void lieDown(Piece piece, Side up) {
        Envelope box = piece.polygon().getEnvelopeInternal();
        lie = up == Side.FACE ? FlatMotion.IDENTITY : new FlatMotion(-1, 0, box.getMinX() + box.getMaxX(), 0, 1, 0);
    }

    /** @param slits whether its slits are there already, or not due */
    private void piece(Piece piece, Side up, boolean slits) {
        lieDown(piece, up);
        area(up == Side.FACE ? Sketch.Surface.FACE : Sketch.Surface.BACK, piece.polygon(), "");
        lines(piece, Set.of(), slits);
    }

    private void lines(Piece piece, Set<String> without, boolean slits) {
        piece.scores().stream().filter(s -> !without.contains(s.id())).forEach(s -> score(Sketch.Line.OTHER, s, ""));
        if (slits) {
            slits(Sketch.Line.OTHER, piece);
        }
    }

    /** As it is before anything is cut out of it. */
    private static Polygon filled(Piece piece) {
        Polygon polygon = piece.polygon();
        return polygon.getFactory().createPolygon(polygon.getExteriorRing());
    }

    /** One of each kind, side by side. */
    private void cut(Work.Cut cut) {
        double longest = cut.what().stream()
                .mapToDouble(a -> a.first().size().longSide().count())
                .max()
                .orElse(0);
        double x = 0;
        for (CutList.Alike alike : cut.what()) {
            Part part = alike.first();
            Polygon outline = part.outline();
            Envelope box = outline.getEnvelopeInternal();
            lie = FlatMotion.shift(x, 0);
            area(Sketch.Surface.NOW, outline, alike.count() == 1 ? "" : alike.count() + " ×");
            stroke(
                    Sketch.Line.SIZE,
                    new LineSegment(0, 0, box.getWidth(), 0),
                    ruler.text(part.size().width()));
            stroke(
                    Sketch.Line.SIZE,
                    new LineSegment(0, 0, 0, box.getHeight()),
                    ruler.text(part.size().height()));
            part.division().ifPresent(d -> {
                double at = d.at().count();
                stroke(
                        Sketch.Line.SLIT,
                        d.alongWidth()
                                ? new LineSegment(at, 0, at, box.getHeight())
                                : new LineSegment(0, at, box.getWidth(), at),
                        ruler.text(d.at()));
            });
            x += box.getWidth() + NUMBERED * longest;
        }
    }

    /** Folded first, only the half that stays is seen. */
    private void trim(Work.Trim trim) {
        Piece piece = trim.piece();
        Envelope box = piece.polygon().getEnvelopeInternal();
        trim.shape().folded().ifPresent(score -> {
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
        if (trim.shape().folded().isEmpty()) {
            lines(piece, Set.of(), false);
        }
        for (ShapeReading.MarkedCut cut : trim.shape().cuts()) {
            stroke(Sketch.Line.SLIT, new LineSegment(at(cut.from(), box), at(cut.to(), box)), "");
        }
    }

    private void slitMarks(Piece piece, Work.MarkedLine line) {
        double at = line.at().count();
        for (Length along : line.along()) {
            cross(piece, line.upright() ? new Coordinate(at, along.count()) : new Coordinate(along.count(), at));
        }
    }

    private void cross(Piece piece, Coordinate at) {
        double half = CROSS * piece.size().longSide().count();
        stroke(Sketch.Line.PENCIL, new LineSegment(at.x - half, at.y - half, at.x + half, at.y + half), "");
        stroke(Sketch.Line.PENCIL, new LineSegment(at.x - half, at.y + half, at.x + half, at.y - half), "");
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

    private void score(Work.Score score) {
        Piece piece = score.piece();
        Set<String> now = new HashSet<>();
        score.settings().forEach(s -> now.addAll(s.scores()));
        lieDown(piece, score.side());
        if (score.round()) {
            Envelope box = piece.polygon().getEnvelopeInternal();
            lie = new FlatMotion(-1, 0, box.getMinX() + box.getMaxX(), 0, -1, box.getMinY() + box.getMaxY()).after(lie);
        }
        area(score.side() == Side.FACE ? Sketch.Surface.FACE : Sketch.Surface.BACK, piece.polygon(), "");
        lines(piece, now, false);
        lie = FlatMotion.IDENTITY;
        double width = piece.size().width().count();
        double height = piece.size().height().count();
        boolean upright = false;
        boolean level = false;
        for (Work.Setting s : score.settings()) {
            double at = s.at().count();
            upright |= s.upright();
            level |= !s.upright();
            List<Work.Span> spans = s.spans().isEmpty()
                    ? List.of(new Work.Span(
                            Length.ZERO,
                            s.upright() ? piece.size().height() : piece.size().width()))
                    : s.spans();
            String label = ruler.text(s.at());
            for (Work.Span span : spans) {
                double from = span.from().count();
                double to = span.to().count();
                stroke(
                        Sketch.Line.SCORE,
                        s.upright() ? new LineSegment(at, from, at, to) : new LineSegment(from, at, to, at),
                        label);
                label = "";
            }
        }
        if (upright) {
            stroke(Sketch.Line.FENCE, new LineSegment(0, 0, 0, height), "");
        }
        if (level) {
            stroke(Sketch.Line.FENCE, new LineSegment(0, 0, width, 0), "");
        }
    }

    private void crease(Work.Crease crease) {
        Set<String> now = new HashSet<>();
        crease.scores().forEach(now::addAll);
        scores(crease.piece(), crease.side(), List.copyOf(now));
        int number = 0;
        for (ObliqueReading line : crease.lines()) {
            number++;
            stroke(
                    Sketch.Line.RULER,
                    new LineSegment(at(line.from(), crease.piece()), at(line.to(), crease.piece())),
                    crease.lines().size() > 1 ? String.valueOf(number) : "");
        }
    }

    private void scores(Piece piece, Side side, List<String> now) {
        lieDown(piece, side);
        area(side == Side.FACE ? Sketch.Surface.FACE : Sketch.Surface.BACK, piece.polygon(), "");
        lines(piece, Set.copyOf(now), false);
        piece.scores().stream().filter(s -> now.contains(s.id())).forEach(s -> score(Sketch.Line.SCORE, s, ""));
    }

    private void fold(Work.Fold fold) {
        Piece piece = fold.piece();
        lieDown(piece, Side.FACE);
        area(Sketch.Surface.FACE, piece.polygon(), "");
        slits(Sketch.Line.OTHER, piece);
        Map<String, String> labels = new LinkedHashMap<>();
        for (ScoreSetting setting : fold.settings()) {
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
    private void lay(Work.Lay lay) {
        Map<Ground, List<Mat>> grounds = new LinkedHashMap<>();
        lay.mats()
                .forEach(m -> grounds.computeIfAbsent(
                                new Ground(m.face().panel().piece(), m.face().side()), k -> new ArrayList<>())
                        .add(m));
        double x = 0;
        for (Map.Entry<Ground, List<Mat>> ground : grounds.entrySet()) {
            Piece piece = structure.piece(ground.getKey().piece());
            Envelope box = piece.polygon().getEnvelopeInternal();
            lieDown(piece, ground.getKey().side());
            lie = FlatMotion.shift(x - box.getMinX(), -box.getMinY()).after(lie);
            area(ground.getKey().side() == Side.FACE ? Sketch.Surface.FACE : Sketch.Surface.BACK, piece.polygon(), "");
            lines(piece, Set.of(), true);
            ground.getValue().forEach(m -> area(Sketch.Surface.MAT, m.outline(), ""));
            x += box.getWidth() + BESIDE * Math.max(box.getWidth(), box.getHeight());
        }
    }

    private void onFace(Face face) {
        piece(structure.piece(face.panel().piece()), face.side(), true);
    }

    private void glue(Work.Glue glue) {
        piece(structure.piece(glue.onto().piece()), glue.bond().ontoSide(), true);
        FlatMotion table = lie;
        lie = table.after(glue.bond().placement());
        area(Sketch.Surface.LAID, glue.laid().outline(), glue.laid().name());
        Geometry area = glue.part().area();
        for (int i = 0; i < area.getNumGeometries(); i++) {
            if (area.getGeometryN(i) instanceof Polygon polygon && !polygon.isEmpty()) {
                area(Sketch.Surface.GLUE, polygon, "");
            }
        }
    }

    private void thread(Work.Thread thread) {
        piece(structure.piece(thread.onto().piece()), thread.slide().ontoSide(), true);
        Coordinate middle = thread.runs().outline().getCentroid().getCoordinate();
        Coordinate from = thread.slide().at(Length.ZERO).apply(middle);
        Coordinate to = thread.slide().at(thread.slide().travel()).apply(middle);
        FlatMotion table = lie;
        lie = table.after(thread.slide().at(Length.ZERO));
        area(Sketch.Surface.LAID, thread.runs().outline(), thread.runs().name());
        lie = table;
        stroke(
                Sketch.Line.WAY,
                new LineSegment(from, to),
                ruler.text(thread.slide().travel()));
    }
}
