package vantbreeze.server.cutting;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.make.ShapeWords;
import vantbreeze.material.Paper;
import vantbreeze.material.Sheet;
import vantbreeze.measure.Length;
import vantbreeze.measure.Ruler;
import vantbreeze.measure.Size;
import vantbreeze.measure.UnitSystem;
import vantbreeze.part.PaperNames;
import vantbreeze.part.Part;
import vantbreeze.server.paper.SheetJson.PhotoJson;
import vantbreeze.server.plan.BriefJson.BackJson;
import vantbreeze.server.plan.LengthJson;
import vantbreeze.server.plan.LengthJson.SizeJson;
import vantbreeze.sheet.Blank;
import vantbreeze.sheet.Cell;
import vantbreeze.sheet.CutSheet;
import vantbreeze.sheet.CutWords;
import vantbreeze.sheet.KitPlan;
import vantbreeze.structure.FlatMotion;
import vantbreeze.structure.Fold;
import vantbreeze.structure.Path;
import vantbreeze.structure.Piece;

/** Writes a cutting plan as it crosses the wire. */
final class CuttingWriter {

    private final UnitSystem units;
    private final Function<String, Optional<PhotoJson>> photos;
    private final Function<Part, List<Polygon>> pencilled;
    private final Map<String, String> cards;
    private final Length trimmer;
    private final CutWords words;
    private int number;

    /**
     * @param photos of a sheet in the drawer
     * @param cards names by the ids that blanks begin with
     * @param trimmer the longest cut
     * @param pencilled outlines that a pen marks on a part, as they lie on its piece
     */
    CuttingWriter(
            UnitSystem units,
            Map<String, String> cards,
            Length trimmer,
            Function<String, Optional<PhotoJson>> photos,
            Function<Part, List<Polygon>> pencilled) {
        this.units = units;
        this.cards = cards;
        this.trimmer = trimmer;
        this.photos = photos;
        this.pencilled = pencilled;
        this.words = new CutWords(Ruler.of(units));
    }

    List<CuttingJson.PaperCutJson> write(KitPlan plan) {
        number = 0;
        PaperNames names = PaperNames.of(plan.papers().stream()
                .flatMap(p -> p.blanks().stream())
                .flatMap(b -> b.inside().stream())
                .map(i -> i.part())
                .toList());
        return plan.papers().stream().map(p -> paper(p, names)).toList();
    }

    private CuttingJson.PaperCutJson paper(KitPlan.Of of, PaperNames names) {
        Paper paper = of.paper();
        Map<String, Integer> ordinals = new HashMap<>();
        return new CuttingJson.PaperCutJson(
                use(of.blanks()),
                paper.stock().text(),
                paper.colour(),
                paper.print(),
                paper.back().map(BackJson::of).orElse(null),
                paper.material(),
                of.cutting().count(),
                of.cutting().fewest(),
                of.cutting().isProven(),
                of.cutting().sheets().stream()
                        .map(s -> sheet(s, ordinals.merge(s.supply().id(), 1, Integer::sum) - 1))
                        .toList(),
                unplaced(of.cutting().unplaced()),
                names.of(paper));
    }

    /** Of which card, how many of what size, and a sheet that would do. */
    private List<String> unplaced(List<Blank> blanks) {
        record Wanted(String card, String part, Size size) {}
        Map<Wanted, Integer> counts = new LinkedHashMap<>();
        for (Blank blank : blanks) {
            String card = blank.id().substring(0, Math.max(0, blank.id().indexOf('/')));
            blank.inside()
                    .forEach(i -> counts.merge(
                            new Wanted(
                                    cards.getOrDefault(card, card),
                                    i.part().name(),
                                    i.part().size()),
                            1,
                            Integer::sum));
        }
        return counts.entrySet().stream()
                .map(e -> "%s: %d × %s, %s; %s"
                        .formatted(
                                e.getKey().card(),
                                e.getValue(),
                                e.getKey().part(),
                                Ruler.of(units).text(e.getKey().size()),
                                wouldDo(e.getKey().size())))
                .toList();
    }

    private String wouldDo(Size size) {
        return Sheet.table().stream()
                .filter(s ->
                        size.fitsWithinEitherWay(s.size()) && !size.longSide().isMoreThan(trimmer))
                .min(Comparator.comparing((Sheet s) -> s.system() != units)
                        .thenComparingDouble(s -> s.size().squareMillimetres()))
                .map(s -> "a sheet of %s would do".formatted(s.name()))
                .orElseGet(() -> size.longSide().isMoreThan(trimmer)
                        ? "longer than your trimmer cuts (%s): cut it with a knife"
                                .formatted(Ruler.of(units).text(trimmer))
                        : "larger than any sheet in the table");
    }

    /** What the paper is for, each kind once. */
    private static String use(List<Blank> blanks) {
        Set<String> uses = new LinkedHashSet<>();
        blanks.stream().flatMap(b -> b.inside().stream()).map(i -> i.part()).forEach(p -> uses.add(p.name()));
        List<String> list = List.copyOf(uses);
        return list.size() <= 4
                ? String.join("; ", list)
                : String.join("; ", list.subList(0, 3)) + " and " + (list.size() - 3) + " more";
    }

    private CuttingJson.SheetCutJson sheet(CutSheet sheet, int ordinal) {
        List<CutSheet.Pass> passes = sheet.passes();
        List<CuttingJson.PassJson> written = new ArrayList<>();
        Length fence = null;
        for (int i = 0; i < passes.size(); i++) {
            written.add(pass(i + 1, passes.get(i), fence));
            fence = passes.get(i).fence();
        }
        return new CuttingJson.SheetCutJson(
                ++number,
                sheet.supply().id(),
                sheet.supply().name(),
                sheet.supply().owned(),
                ordinal,
                SizeJson.of(sheet.supply().size(), units),
                sheet.together(),
                sheet.supply().grain().orElse(null),
                photos.apply(sheet.supply().id()).orElse(null),
                sheet.wanted().stream().map(this::laid).toList(),
                written,
                sheet.rests().stream()
                        .map(r -> new CuttingJson.RestJson(
                                r.x().millimetres(),
                                r.y().millimetres(),
                                SizeJson.of(r.size(), units),
                                CutSheet.isKept(r.size())))
                        .toList(),
                sheet.settings(),
                ShapeWords.of(sheet),
                false);
    }

    private CuttingJson.PassJson pass(int place, CutSheet.Pass pass, Length before) {
        Cell.Cut cut = pass.cell();
        double x = cut.x().millimetres();
        double y = cut.y().millimetres();
        double at = cut.at().millimetres();
        return new CuttingJson.PassJson(
                place,
                words.text(pass),
                SizeJson.of(cut.size(), units),
                LengthJson.of(pass.fence(), units),
                !pass.fence().equals(before),
                cut.upright() ? x + at : x,
                cut.upright() ? y : y + at,
                cut.upright() ? x + at : x + cut.size().width().millimetres(),
                cut.upright() ? y + cut.size().height().millimetres() : y + at);
    }

    private CuttingJson.LaidJson laid(Cell.Wanted wanted) {
        Blank blank = wanted.blank();
        Part first = blank.inside().get(0).part();
        FlatMotion there = FlatMotion.shift(wanted.x().count(), wanted.y().count());
        Function<Blank.Inside, Polygon> outline = p -> there.apply(blank.outline(p, wanted.laying()));
        boolean isTurned = Math.round(wanted.laying().degrees() / 90) % 2 != 0;
        return new CuttingJson.LaidJson(
                blank.id(),
                first.name(),
                blank.name(),
                blank.inside().stream()
                        .map(Blank.Inside::of)
                        .filter(n -> !n.isEmpty())
                        .distinct()
                        .collect(Collectors.joining(", ")),
                SizeJson.of(blank.inside().size() == 1 ? first.size() : wanted.size(), units),
                wanted.x().millimetres(),
                wanted.y().millimetres(),
                wanted.size().width().millimetres(),
                wanted.size().height().millimetres(),
                blank.layings().indexOf(wanted.laying()),
                blank.layings().size(),
                blank.pin().isPresent(),
                blank.inside().stream()
                        .filter(p -> !p.part().isRectangle())
                        .map(p -> CuttingJson.OutlineJson.of(outline.apply(p).getExteriorRing()))
                        .toList(),
                blank.inside().stream()
                        .map(outline)
                        .flatMap(o -> IntStream.range(0, o.getNumInteriorRing()).mapToObj(o::getInteriorRingN))
                        .map(CuttingJson.OutlineJson::of)
                        .toList(),
                first.division().map(d -> d.at().millimetres()).orElse(null),
                first.division().map(d -> d.alongWidth() != isTurned).orElse(null),
                blank.inside().stream()
                        .flatMap(i -> lines(i.part(), there.after(blank.motion(i, wanted.laying()))))
                        .toList());
    }

    private Stream<CuttingJson.LineJson> lines(Part part, FlatMotion there) {
        return Stream.concat(
                lines(part.piece(), there), pencilled.apply(part).stream().flatMap(area -> {
                    Coordinate[] ring = area.getExteriorRing().getCoordinates();
                    return IntStream.range(1, ring.length)
                            .mapToObj(i -> line(CuttingJson.LineKind.DRAWN, ring[i - 1], ring[i], there));
                }));
    }

    private static Stream<CuttingJson.LineJson> lines(Piece piece, FlatMotion there) {
        return Stream.concat(
                piece.slits().stream().flatMap(s -> lines(CuttingJson.LineKind.SLIT, s.path(), there)),
                piece.scores().stream()
                        .flatMap(s -> lines(
                                s.fold() == Fold.MOUNTAIN ? CuttingJson.LineKind.MOUNTAIN : CuttingJson.LineKind.VALLEY,
                                s.path(),
                                there)));
    }

    private static Stream<CuttingJson.LineJson> lines(CuttingJson.LineKind kind, Path path, FlatMotion there) {
        return path.legs().stream().map(leg -> line(kind, leg.p0, leg.p1, there));
    }

    private static CuttingJson.LineJson line(
            CuttingJson.LineKind kind, Coordinate from, Coordinate to, FlatMotion there) {
        Coordinate a = there.apply(from);
        Coordinate b = there.apply(to);
        return new CuttingJson.LineJson(
                kind,
                a.x / Length.COUNTS_PER_MILLIMETRE,
                a.y / Length.COUNTS_PER_MILLIMETRE,
                b.x / Length.COUNTS_PER_MILLIMETRE,
                b.y / Length.COUNTS_PER_MILLIMETRE);
    }
}
