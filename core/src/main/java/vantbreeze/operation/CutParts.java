package vantbreeze.operation;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.LineSegment;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.make.ShapeReading;
import vantbreeze.measure.Ruler;
import vantbreeze.part.CutList;
import vantbreeze.part.Division;
import vantbreeze.part.Part;
import vantbreeze.structure.FlatMotion;
import vantbreeze.structure.Piece;

/**
 * Parts off a sheet, all alike in their paper.
 *
 * @param from what they are cut from, in words
 */
@Kind("cut")
public record CutParts(String from, List<CutList.Alike> what) implements Operation {

    /** Between things that lie side by side with a number between them, of the larger of them. */
    private static final double NUMBERED = 0.16;

    private Part first() {
        return what.get(0).first();
    }

    private boolean isOfMats() {
        return first().kind() == Part.Kind.MAT;
    }

    @Override
    public List<Tool> tools() {
        return what.stream().allMatch(a -> a.first().isRectangle())
                ? List.of(Tool.TRIMMER)
                : List.of(Tool.TEMPLATE, Tool.KNIFE, Tool.CUTTING_MAT);
    }

    @Override
    public List<Hazard> hazards() {
        return List.of(Hazard.BLADES);
    }

    @Override
    public boolean cutsOut() {
        return true;
    }

    @Override
    public String title() {
        return isOfMats() ? "Cut the mats" + (from.isEmpty() ? "" : ", " + from) : "Cut the " + first().name();
    }

    @Override
    public Wording wording(Ruler ruler) {
        return Wording.plain(isOfMats() ? mats(ruler) : piece(ruler));
    }

    private String piece(Ruler ruler) {
        Part part = first();
        String name = part.name();
        if (ShapeReading.of(part.piece()).isPresent()) {
            return "Cut a rectangle of %s for the %s from %s. It is cut to shape once it is scored."
                    .formatted(ruler.text(part.size()), name, from);
        }
        return switch (part.form()) {
            case RECTANGLE ->
                "Cut the %s to %s from %s. Check twice, cut once.".formatted(name, ruler.text(part.size()), from);
            case ROUND ->
                "Cut the %s out of %s by the template: it is round, %s across."
                        .formatted(name, from, ruler.text(part.size().width()));
            case SHAPED ->
                "Cut the %s out of %s by the template; its box is %s.".formatted(name, from, ruler.text(part.size()));
        };
    }

    private String mats(Ruler ruler) {
        List<String> cuts = new ArrayList<>();
        List<String> splits = new ArrayList<>();
        for (CutList.Alike alike : what) {
            Part mat = alike.first();
            cuts.add("%d of %s%s".formatted(alike.count(), ruler.text(mat.size()), how(alike, ruler)));
            mat.division().ifPresent(d -> splits.add(split(mat, d, ruler)));
        }
        return "Cut the mats as listed: %s.%s".formatted(String.join("; ", cuts), String.join("", splits));
    }

    private static String how(CutList.Alike alike, Ruler ruler) {
        Part mat = alike.first();
        return mat.isRectangle()
                ? ""
                : ShapeReading.of(mat.piece())
                        .map(shape -> ", %scut %s".formatted(alike.count() == 1 ? "" : "each ", shape.text(ruler)))
                        .orElse(" by the template");
    }

    private static String split(Part mat, Division division, Ruler ruler) {
        return " Cut one piece %s for the %s, then split it %s from its %s so that the pattern runs on."
                .formatted(
                        ruler.text(mat.size()),
                        String.join(" and the ", mat.goesOn()),
                        ruler.text(division.at()),
                        division.alongWidth() ? "left edge" : "lower edge");
    }

    /** One of each kind, side by side. */
    @Override
    public void draw(SketchPad pad) {
        double longest = what.stream()
                .mapToDouble(a -> a.first().size().longSide().count())
                .max()
                .orElse(0);
        double x = 0;
        for (CutList.Alike alike : what) {
            Part part = alike.first();
            Polygon outline = part.outline();
            Envelope box = outline.getEnvelopeInternal();
            pad.lie(FlatMotion.shift(x, 0));
            pad.area(Sketch.Surface.NOW, outline, alike.count() == 1 ? "" : alike.count() + " ×");
            pad.stroke(
                    Sketch.Line.SIZE,
                    new LineSegment(0, 0, box.getWidth(), 0),
                    pad.ruler().text(part.size().width()));
            pad.stroke(
                    Sketch.Line.SIZE,
                    new LineSegment(0, 0, 0, box.getHeight()),
                    pad.ruler().text(part.size().height()));
            part.division().ifPresent(d -> {
                double at = d.at().count();
                pad.stroke(
                        Sketch.Line.SLIT,
                        d.alongWidth()
                                ? new LineSegment(at, 0, at, box.getHeight())
                                : new LineSegment(0, at, box.getWidth(), at),
                        pad.ruler().text(d.at()));
            });
            x += box.getWidth() + NUMBERED * longest;
        }
    }

    @Override
    public void settings(SettingFinder found) {
        for (int i = 0; i < what.size(); i++) {
            Part part = what.get(i).first();
            if (!part.isRectangle()) {
                continue;
            }
            if (part.kind() == Part.Kind.PIECE) {
                ofPiece(part.piece(), found);
            } else if (part.kind() == Part.Kind.MAT && part.division().isEmpty()) {
                ofMats(what.get(i), i + 1, found);
            }
        }
    }

    private static void ofPiece(Piece piece, SettingFinder found) {
        found.measured(
                Hand.CUT,
                "width",
                "width of the " + piece.name(),
                piece.size().width(),
                new Effect.OfEdge(piece.name(), true, found.all(o -> o.setFromTheRight(piece))));
        found.measured(
                Hand.CUT,
                "height",
                "height of the " + piece.name(),
                piece.size().height(),
                new Effect.OfEdge(piece.name(), false, found.all(o -> o.setFromTheTop(piece))));
    }

    /** Those that are cut alike are set once. */
    private static void ofMats(CutList.Alike alike, int number, SettingFinder found) {
        List<String> ids = alike.parts().stream().map(Part::id).toList();
        String name = alike.count() == 1
                ? alike.first().piece().name()
                : "%d mats for the %s, and so on"
                        .formatted(alike.count(), alike.first().goesOn().get(0));
        found.measured(
                Hand.CUT,
                number + "/width",
                "width of the " + name,
                alike.first().size().width(),
                new Effect.OfMats(ids, true));
        found.measured(
                Hand.CUT,
                number + "/height",
                "height of the " + name,
                alike.first().size().height(),
                new Effect.OfMats(ids, false));
    }
}
