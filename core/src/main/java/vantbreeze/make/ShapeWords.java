package vantbreeze.make;

import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import vantbreeze.part.Part;
import vantbreeze.sheet.Blank;
import vantbreeze.sheet.CutSheet;
import vantbreeze.structure.Grouped;

/** Words how parts that are no rectangles get their shapes, once they are out of their sheet. */
public final class ShapeWords {

    private ShapeWords() {}

    /** @return a sentence for each way; empty where all parts are rectangles */
    public static List<String> of(CutSheet sheet) {
        Map<String, Set<String>> byWay = new LinkedHashMap<>();
        sheet.wanted().stream()
                .flatMap(w -> w.blank().inside().stream())
                .map(Blank.Inside::part)
                .filter(p -> !p.isRectangle())
                .forEach(p -> byWay.computeIfAbsent(way(p), w -> new LinkedHashSet<>())
                        .add(p.name()));
        return byWay.entrySet().stream()
                .map(e ->
                        "%s: cut to shape later, %s.".formatted(Grouped.joined(List.copyOf(e.getValue())), e.getKey()))
                .toList();
    }

    private static String way(Part part) {
        return ShapeReading.of(part.piece()).map(ShapeReading::way).orElse("by the template");
    }
}
