package vantbreeze.make;

import java.util.Comparator;
import java.util.List;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import vantbreeze.layer.Dressing;
import vantbreeze.layer.Face;
import vantbreeze.layer.Mat;
import vantbreeze.layer.MatCut;
import vantbreeze.layer.Ornaments;
import vantbreeze.layer.PlacedOrnament;
import vantbreeze.material.Adhesive.Quality;
import vantbreeze.material.Adhesive.Use;
import vantbreeze.material.Adhesives;
import vantbreeze.material.Material;
import vantbreeze.material.Material.Trait;
import vantbreeze.measure.Length;
import vantbreeze.part.Part;
import vantbreeze.structure.Bond;
import vantbreeze.structure.Panel;
import vantbreeze.structure.Structure;

/**
 * What everything on a card is glued with: by what the joint has to stand, and by what its papers are made of. Common
 * practice, no published source.
 *
 * @param adhesives what the maker has
 */
public record Joints(
        Structure structure, Dressing dressing, Ornaments ornaments, List<Part> parts, Adhesives adhesives) {

    /** A closed A2 card, 4 1/4 x 5 1/2 in: wet glue warps what is larger. */
    private static final double LARGE_SQUARE_MILLIMETRES =
            Length.inches(17, 4).millimetres() * Length.inches(11, 2).millimetres();

    /** Of two panels. */
    public Joint of(Bond bond) {
        Panel panel = structure.panel(bond.panel());
        Panel onto = structure.panel(bond.onto());
        List<Material> materials = List.of(of(panel), of(onto));
        if (!bond.seams().isEmpty()) {
            return joint(Use.GRIP, materials, "wet glue could seep into what has to stay open");
        }
        if (structure.isLoop(bond)) {
            return joint(Use.PULL, materials, "this joint takes a lot of pull");
        }
        boolean hinged = structure.hinges().stream()
                .anyMatch(h -> h.first().equals(panel) || h.second().equals(panel));
        return hinged
                ? joint(Use.GRIP, materials, "it is pulled each time the card opens")
                : joint(Use.LINE_UP, materials, "it gives you time to line up the edges");
    }

    /** Of a mat. */
    public Joint of(MatCut cut) {
        Mat mat = cut.mats().get(0);
        List<Material> materials = List.of(mat.paper().material(), under(mat));
        if (isSheer(materials)) {
            return joint(Use.SHEER, materials, "");
        }
        if (cut.isSplit()) {
            return joint(Use.LINE_UP, materials, "you can line up both halves");
        }
        return mat.squareMillimetres() > LARGE_SQUARE_MILLIMETRES
                ? joint(Use.LARGE, materials, "wet glue would warp so large a mat")
                : joint(Use.LINE_UP, materials, "you can slide the mat until the border is even");
    }

    /** Of something laid on top. */
    public Joint of(PlacedOrnament ornament) {
        List<Material> materials = List.of(ornament.ornament().paper().material(), under(ornament));
        if (ornament.lift().isPositive()) {
            return joint(
                    Use.LIFT,
                    materials,
                    "it needs to stand %.1f mm off the card"
                            .formatted(ornament.lift().millimetres()));
        }
        if (isSheer(materials)) {
            return joint(Use.SHEER, materials, "");
        }
        return ornament.ornament().paper().material().form() == Material.Form.READY
                ? joint(Use.SHEER, materials, "a dot holds what is small")
                : joint(Use.GRIP, materials, "it grips at once");
    }

    private Joint joint(Use use, List<Material> materials, String reason) {
        Adhesives.Choice choice = adhesives.choose(use, materials);
        boolean shows = isSheer(materials) && choice.adhesive().is(Quality.SHOWS);
        return new Joint(
                choice.adhesive(),
                Stream.of(choice.against().orElse(reason), shows ? "only behind something solid" : "")
                        .filter(s -> !s.isEmpty())
                        .collect(Collectors.joining("; ")));
    }

    private static boolean isSheer(List<Material> materials) {
        return materials.stream().anyMatch(m -> m.is(Trait.TRANSLUCENT));
    }

    private Material of(Panel panel) {
        return parts.stream()
                .filter(p -> p.kind() == Part.Kind.PIECE && p.name().equals(panel.piece()))
                .map(p -> p.paper().material())
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException(
                        "The piece (%s) is no part of the card.".formatted(panel.piece())));
    }

    /** Of what the mat lies on. */
    private Material under(Mat mat) {
        return topmost(mat.face(), m -> m.layer() < mat.layer());
    }

    private Material under(PlacedOrnament ornament) {
        return ornament.carrier()
                .flatMap(ornaments::named)
                .map(o -> o.ornament().paper().material())
                .orElseGet(() -> topmost(ornament.face(), m -> true));
    }

    /** Of the topmost of these mats, or of the panel where none of them lies on the face. */
    private Material topmost(Face face, Predicate<Mat> which) {
        return dressing.mats().stream()
                .filter(m -> m.face().equals(face))
                .filter(which)
                .max(Comparator.comparingInt(Mat::layer))
                .map(m -> m.paper().material())
                .orElseGet(() -> of(face.panel()));
    }
}
