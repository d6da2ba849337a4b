package vantbreeze.operation;

import java.util.Collections;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import vantbreeze.material.Material;
import vantbreeze.measure.Size;
import vantbreeze.structure.Form;
import vantbreeze.structure.Grouped;
import vantbreeze.structure.Piece;

/**
 * Pieces that the same is done to in one go.
 *
 * @param materials what they are cut from, each once
 * @param all the names of everything that could be meant, so that "both" is said of no two out of four
 */
public record Pieces(List<Piece> list, Set<Material> materials, List<String> all) {

    public Pieces {
        list = List.copyOf(list);
        materials = Collections.unmodifiableSet(EnumSet.copyOf(materials));
        all = List.copyOf(all);
    }

    static Pieces of(Piece piece, Material material, List<String> all) {
        return new Pieces(List.of(piece), Set.of(material), all);
    }

    public Piece first() {
        return list.get(0);
    }

    Piece largest() {
        return list.stream()
                .max(Comparator.comparingDouble(Piece::squareMillimetres))
                .orElseThrow();
    }

    Pieces with(Pieces more) {
        Set<Material> both = EnumSet.copyOf(materials);
        both.addAll(more.materials);
        return new Pieces(Stream.concat(list.stream(), more.list.stream()).toList(), both, all);
    }

    /** Whether these come out the same when they are turned by a quarter: rectangles, longer than wide. */
    boolean areTurned(Pieces other) {
        Size size = first().size();
        return !size.width().equals(size.height())
                && Stream.concat(list.stream(), other.list.stream())
                        .allMatch(p -> p.form() == Form.RECTANGLE && p.slits().isEmpty())
                && other.list.stream().allMatch(p -> p.size().equals(size.turned()))
                && list.stream().allMatch(p -> p.size().equals(size));
    }

    /** What to mind when they are scored and folded, to follow a sentence; empty where there is nothing. */
    String foldedWithCare() {
        return Phrases.care(materials.stream().map(Material::whenFolded));
    }

    /** "the base", "both doors", "all 4 strips". */
    String named() {
        return Grouped.together(list.stream().map(Piece::name).toList(), all);
    }
}
