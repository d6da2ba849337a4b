package vantbreeze.plan;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import vantbreeze.part.Part;
import vantbreeze.structure.Held;

/** What one part of a card weighs. Glue, foam and ribbon are not weighed: together they are less than the paper varies. */
public record PartWeight(String part, double grams) {

    /** @param held what is put into the card */
    static List<PartWeight> of(List<Part> parts, List<Held> held) {
        List<PartWeight> weights = new ArrayList<>();
        Map<String, Double> mats = new LinkedHashMap<>();
        for (Part part : parts) {
            if (part.kind() == Part.Kind.MAT) {
                mats.merge(kind(part) + "s", part.grams(), Double::sum);
            } else {
                weights.add(new PartWeight(part.name(), part.grams()));
            }
        }
        mats.forEach((part, grams) -> weights.add(new PartWeight(part, grams)));
        held.forEach(h -> weights.add(new PartWeight(h.name(), h.grams())));
        return List.copyOf(weights);
    }

    /** "mat" for "mat, layer 2". */
    private static String kind(Part mat) {
        int comma = mat.name().indexOf(',');
        return comma < 0 ? mat.name() : mat.name().substring(0, comma);
    }
}
