package vantbreeze.catalogue;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import vantbreeze.material.DataTable;
import vantbreeze.measure.Length;
import vantbreeze.measure.UnitSystem;

/**
 * A usual size of a fold, where a maker may begin.
 *
 * @param fold id of the fold
 * @param width closed; null for a fold that has a width of its own
 * @param parameters what it chooses besides, by key
 */
public record Preset(String fold, UnitSystem units, Length width, Length height, Map<String, Object> parameters) {

    private static final List<Preset> TABLE = DataTable.read(Preset.class, "presets.csv", 5).stream()
            .map(Preset::read)
            .toList();

    /** @return the fold's usual sizes, in the table's order */
    public static List<Preset> of(FoldDesign fold) {
        return TABLE.stream().filter(p -> p.fold.equals(fold.id())).toList();
    }

    private static Preset read(List<String> row) {
        UnitSystem units = UnitSystem.valueOf(row.get(1));
        FoldDesign fold = FoldCatalogue.named(row.get(0));
        Map<String, Object> parameters = new LinkedHashMap<>();
        for (String part : row.get(4).isEmpty() ? new String[0] : row.get(4).split(";")) {
            String[] words = part.strip().split(" ", 2);
            parameters.put(words[0], parameter(fold, words[0]).read(words[1].replace(':', ','), units));
        }
        return new Preset(
                fold.id(),
                units,
                row.get(2).isEmpty() ? null : Length.parse(row.get(2), units),
                Length.parse(row.get(3), units),
                parameters);
    }

    private static Parameter parameter(FoldDesign fold, String key) {
        return fold.parameters().stream()
                .filter(p -> p.key().equals(key))
                .findFirst()
                .orElseThrow(() -> new IllegalStateException(
                        "The table presets.csv names a parameter (%s) that the fold %s does not have."
                                .formatted(key, fold.id())));
    }
}
