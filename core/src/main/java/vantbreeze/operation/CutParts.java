package vantbreeze.operation;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.LineSegment;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.make.ShapeReading;
import vantbreeze.measure.Ruler;
import vantbreeze.measure.Size;
import vantbreeze.part.CutList;
import vantbreeze.part.Division;
import vantbreeze.part.Part;
import vantbreeze.part.PatternTop;
import vantbreeze.structure.FlatMotion;
import vantbreeze.structure.Form;
import vantbreeze.structure.Grouped;
import vantbreeze.structure.Piece;

/**
 * Parts off a sheet, all alike in their paper.
 *
 * @param all the names of all pieces of the card; of mats, the papers that all of them are cut from
 * @param from what they are cut from, in words
 */
@Kind("cut")
public record CutParts(List<String> all, String from, List<CutList.Alike> what) implements Operation {

    /** Between things that lie side by side with a number between them, of the larger of them. */
    private static final double NUMBERED = 0.16;

    private Part first() {
        return what.get(0).first();
    }

    /** Off the same sheet. */
    @Override
    public Optional<Operation> together(Operation other) {
        return other instanceof CutParts more
                        && from.equals(more.from)
                        && first().kind() == Part.Kind.PIECE
                        && more.first().kind() == Part.Kind.PIECE
                ? Optional.of(new CutParts(all, from, CutList.ofShapes(Phrases.both(parts(), more.parts()))))
                : Optional.empty();
    }

    private List<Part> parts() {
        return what.stream().flatMap(a -> a.parts().stream()).toList();
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
        return isOfMats()
                ? "Cut the mats" + (all.size() > 1 ? ", " + from : "")
                : what.size() == 1 ? "Cut " + these(what.get(0)) : "Cut the pieces";
    }

    @Override
    public Wording wording(Ruler ruler) {
        return wording(ruler, 1);
    }

    @Override
    public Wording wording(Ruler ruler, int cards) {
        return isOfMats()
                ? mats(ruler, cards)
                : new Wording(
                        "From %s, cut".formatted(from),
                        each(ruler, cards),
                        "; ",
                        ". Check twice, cut once." + Phrases.care(care()),
                        Optional.empty());
    }

    /** What is cut, one kind after the other. */
    List<String> each(Ruler ruler, int cards) {
        return evenWhenTurned().stream()
                .map(a -> piece(a, ruler) + inAll(a, cards))
                .toList();
    }

    /** Plain rectangles come out of the same cuts whichever way they lie on the card. */
    private List<CutList.Alike> evenWhenTurned() {
        Map<Object, List<Part>> bySize = new LinkedHashMap<>();
        for (CutList.Alike alike : what) {
            Part part = alike.first();
            boolean turns = part.isRectangle() && part.up().isEmpty();
            Size size = part.size();
            bySize.computeIfAbsent(
                            turns ? List.of(size.shortSide(), size.longSide(), part.paper()) : alike,
                            k -> new ArrayList<>())
                    .addAll(alike.parts());
        }
        return bySize.values().stream().map(CutList.Alike::new).toList();
    }

    /** "(12 in all, 4 a card)"; nothing for a single card. */
    private static String inAll(CutList.Alike alike, int cards) {
        return cards == 1 ? "" : " (%d in all, %d a card)".formatted(cards * alike.count(), alike.count());
    }

    private String these(CutList.Alike alike) {
        return Grouped.together(alike.parts().stream().map(Part::name).toList(), all);
    }

    private String piece(CutList.Alike alike, Ruler ruler) {
        Part part = alike.first();
        String size = ruler.text(part.size());
        String each = alike.count() == 1 ? "" : " each";
        if (ShapeReading.of(part.piece()).isPresent()) {
            return "a rectangle of %s for %s, cut to shape once it is scored%s"
                    .formatted(size, these(alike), pattern(part, ruler));
        }
        String pattern = pattern(part, ruler);
        return part.isRectangle()
                ? "%s to %s%s%s".formatted(these(alike), size, each, pattern)
                : "%s by the template, %s%s%s".formatted(these(alike), box(part, ruler), each, pattern);
    }

    /** Of a one-way paper; nothing of any other. */
    private static String pattern(Part part, Ruler ruler) {
        return part.up().map(up -> ", " + PatternTop.text(part, up, ruler)).orElse("");
    }

    /** What a shape is cut out of; it is not measured, so marks that a person reads at a glance will do. */
    private static String box(Part part, Ruler ruler) {
        return part.form() == Form.ROUND
                ? "round, %s across".formatted(ruler.text(part.size().width()))
                : "from a piece of %s".formatted(ruler.text(ruler.everyday().ceiling(part.size())));
    }

    private Wording mats(Ruler ruler, int cards) {
        List<String> cuts = new ArrayList<>();
        List<String> splits = new ArrayList<>();
        for (CutList.Alike alike : what) {
            Part mat = alike.first();
            String each = cards == 1 ? "" : ", %d a card".formatted(alike.count());
            cuts.add("%d %s".formatted(cards * alike.count(), each(alike, ruler, each)));
            mat.division().ifPresent(d -> splits.add(split(mat, d, ruler)));
        }
        return new Wording(
                "From %s, cut:".formatted(from),
                cuts,
                "; ",
                "." + String.join("", splits) + pairs() + Phrases.care(care()),
                Optional.empty());
    }

    /** What to mind of the papers that they are cut from. */
    Stream<String> care() {
        return parts().stream().map(p -> p.paper().material().whenCut());
    }

    private String pairs() {
        List<Part> all = parts();
        return all.stream().anyMatch(p -> CutList.hasMirrorImage(p, all))
                ? " Mirror images: lay two papers back to back and cut both at once, the slanted cuts first."
                : "";
    }

    /** "of 4 × 5¼ in"; with the cuts that make its shape, or by the template. */
    private static String each(CutList.Alike alike, Ruler ruler, String many) {
        Part mat = alike.first();
        String size = "of %s%s%s".formatted(ruler.text(mat.size()), many, pattern(mat, ruler));
        return mat.isRectangle()
                ? size
                : ShapeReading.of(mat.piece())
                        .map(shape ->
                                "%s, %scut %s".formatted(size, alike.count() == 1 ? "" : "each ", shape.text(ruler)))
                        .orElseGet(
                                () -> "by the template, %s%s%s".formatted(box(mat, ruler), many, pattern(mat, ruler)));
    }

    private static String split(Part mat, Division division, Ruler ruler) {
        return " Cut one piece %s for %s, then split it %s from its %s so that the pattern runs on."
                .formatted(
                        ruler.text(mat.size()),
                        mat.goesOn().stream().map(Grouped::the).collect(Collectors.joining(" and ")),
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
            part.up().ifPresent(up -> pad.top(outline, up));
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
                ofPieces(what.get(i), found);
            } else if (part.kind() == Part.Kind.MAT && part.division().isEmpty()) {
                ofMats(what.get(i), i + 1, found);
            }
        }
    }

    private void ofPieces(CutList.Alike alike, SettingFinder found) {
        String id = alike.first().id();
        List<Piece> pieces = alike.parts().stream().map(Part::piece).toList();
        List<String> names = pieces.stream().map(Piece::name).toList();
        found.measuredOf(
                id,
                "width",
                "width of " + these(alike),
                alike.first().size().width(),
                new Effect.OfEdge(names, true, found.all(o -> all(pieces, o::setFromTheRight))));
        found.measuredOf(
                id,
                "height",
                "height of " + these(alike),
                alike.first().size().height(),
                new Effect.OfEdge(names, false, found.all(o -> all(pieces, o::setFromTheTop))));
    }

    private static List<String> all(List<Piece> pieces, Function<Piece, List<String>> asked) {
        return pieces.stream().flatMap(p -> asked.apply(p).stream()).toList();
    }

    /** Those that are cut alike are set once. */
    private static void ofMats(CutList.Alike alike, int number, SettingFinder found) {
        List<String> ids = alike.parts().stream().map(Part::id).toList();
        String name = alike.count() == 1
                ? alike.first().piece().name()
                : "%d mats for %s, and so on"
                        .formatted(
                                alike.count(),
                                Grouped.the(alike.first().goesOn().get(0)));
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
