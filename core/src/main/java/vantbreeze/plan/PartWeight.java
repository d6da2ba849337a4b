package vantbreeze.plan;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import vantbreeze.part.Part;
import vantbreeze.part.Trimming;
import vantbreeze.structure.Held;

/** What one part of a card weighs. Glue, foam and what ties the card are not weighed: together they are less than the paper varies. */
public record PartWeight(String part, double grams) {

    /** @param held what is put into the card */
    static List<PartWeight> of(List<Part> parts, List<Trimming> trimmings, List<Held> held) {
        List<PartWeight> weights = new ArrayList<>(weights(parts, Part.Kind.PIECE));
        Map<String, Double> mats = new LinkedHashMap<>();
        parts.stream()
                .filter(p -> p.kind() == Part.Kind.MAT)
                .forEach(p -> mats.merge(kind(p) + "s", p.grams(), Double::sum));
        mats.forEach((part, grams) -> weights.add(new PartWeight(part, grams)));
        weights.addAll(weights(parts, Part.Kind.TOPPER));
        trimmings.forEach(t -> weights.add(new PartWeight(t.name(), t.grams())));
        held.forEach(h -> weights.add(new PartWeight(h.name(), h.grams())));
        weights.addAll(weights(parts, Part.Kind.CLOSURE));
        return List.copyOf(weights);
    }

    private static List<PartWeight> weights(List<Part> parts, Part.Kind kind) {
        return parts.stream()
                .filter(p -> p.kind() == kind)
                .map(p -> new PartWeight(p.name(), p.grams()))
                .toList();
    }

    /** "mat" for "mat, layer 2". */
    private static String kind(Part mat) {
        int comma = mat.name().indexOf(',');
        return comma < 0 ? mat.name() : mat.name().substring(0, comma);
    }
}
