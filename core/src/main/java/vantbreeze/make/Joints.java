package vantbreeze.make;

import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import vantbreeze.layer.Dressing;
import vantbreeze.layer.Face;
import vantbreeze.layer.Mat;
import vantbreeze.layer.MatCut;
import vantbreeze.layer.Ornaments;
import vantbreeze.layer.PlacedOrnament;
import vantbreeze.material.Adhesive;
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
 * @param chosen the key of the adhesive that the maker takes at a place
 */
public record Joints(
        Structure structure,
        Dressing dressing,
        Ornaments ornaments,
        List<Part> parts,
        Adhesives adhesives,
        Map<String, String> chosen) {

    /** A closed A2 card, 4 1/4 x 5 1/2 in: wet glue warps what is larger. */
    private static final double LARGE_SQUARE_MILLIMETRES =
            Length.inches(17, 4).millimetres() * Length.inches(11, 2).millimetres();

    /** What a joint has to stand, and the reason for what is best for it. */
    private record Wanted(Use use, List<Material> materials, String reason) {}

    /** Of two panels. */
    public Joint of(Bond bond) {
        return joint(place(bond), wanted(bond));
    }

    /** Of a mat. */
    public Joint of(MatCut cut) {
        return joint(place(cut.mats().get(0)), wanted(cut));
    }

    /** Of something laid on top. */
    public Joint of(PlacedOrnament ornament) {
        return joint(place(ornament), wanted(ornament));
    }

    /** With what is proposed everywhere. */
    public Joints proposed() {
        return new Joints(structure, dressing, ornaments, parts, adhesives, Map.of());
    }

    public static String place(Bond bond) {
        return "panels/" + bond.id();
    }

    public static String place(Mat mat) {
        return "mat/%s/%d".formatted(mat.face().key(), mat.layer());
    }

    public static String place(PlacedOrnament ornament) {
        return "topper/" + ornament.ornament().name();
    }

    /**
     * What a place is glued with.
     *
     * @param choices all that may be taken there; nothing that a paper forbids
     */
    public record Glued(Adhesive with, List<Adhesive> choices) {}

    /** All places of the card. */
    public Map<String, Glued> places() {
        Map<String, Glued> places = new LinkedHashMap<>();
        structure.bonds().forEach(b -> places.put(place(b), glued(place(b), wanted(b))));
        dressing.cuts()
                .forEach(c -> c.mats()
                        .forEach(m -> places.put(place(m), glued(place(c.mats().get(0)), wanted(c)))));
        ornaments.placed().forEach(o -> places.put(place(o), glued(place(o), wanted(o))));
        return places;
    }

    private Glued glued(String place, Wanted wanted) {
        return new Glued(joint(place, wanted).adhesive(), choices(wanted));
    }

    private List<Adhesive> choices(Wanted wanted) {
        return adhesives.holding(wanted.use(), wanted.materials());
    }

    private Wanted wanted(Bond bond) {
        Panel panel = structure.panel(bond.panel());
        Panel onto = structure.panel(bond.onto());
        List<Material> materials = List.of(of(panel), of(onto));
        if (!bond.seams().isEmpty()) {
            return new Wanted(Use.GRIP, materials, "wet glue could seep into what has to stay open");
        }
        if (structure.isLoop(bond)) {
            return new Wanted(Use.PULL, materials, "this joint takes a lot of pull");
        }
        boolean hinged = structure.hinges().stream()
                .anyMatch(h -> h.first().equals(panel) || h.second().equals(panel));
        return hinged
                ? new Wanted(Use.GRIP, materials, "it is pulled each time the card opens")
                : new Wanted(Use.LINE_UP, materials, "it gives you time to line up the edges");
    }

    private Wanted wanted(MatCut cut) {
        Mat mat = cut.mats().get(0);
        List<Material> materials = List.of(mat.paper().material(), under(mat));
        if (isSheer(materials)) {
            return new Wanted(Use.SHEER, materials, "");
        }
        if (cut.isSplit()) {
            return new Wanted(Use.LINE_UP, materials, "you can line up both halves");
        }
        return mat.squareMillimetres() > LARGE_SQUARE_MILLIMETRES
                ? new Wanted(Use.LARGE, materials, "wet glue would warp so large a mat")
                : new Wanted(Use.LINE_UP, materials, "you can slide the mat until the border is even");
    }

    private Wanted wanted(PlacedOrnament ornament) {
        List<Material> materials = List.of(ornament.ornament().paper().material(), under(ornament));
        if (ornament.lift().isPositive()) {
            return new Wanted(
                    Use.LIFT,
                    materials,
                    "it needs to stand %.1f mm off the card"
                            .formatted(ornament.lift().millimetres()));
        }
        if (isSheer(materials)) {
            return new Wanted(Use.SHEER, materials, "");
        }
        return ornament.ornament().paper().material().form() == Material.Form.READY
                ? new Wanted(Use.SHEER, materials, "a dot holds what is small")
                : new Wanted(Use.GRIP, materials, "it grips at once");
    }

    private Joint joint(String place, Wanted wanted) {
        List<Material> materials = wanted.materials();
        Optional<Adhesive> own = choices(wanted).stream()
                .filter(a -> a.key().equals(chosen.get(place)))
                .findFirst();
        Adhesives.Choice choice = own.map(a -> new Adhesives.Choice(a, Optional.of("as you chose")))
                .orElseGet(() -> adhesives.choose(wanted.use(), materials));
        boolean shows = isSheer(materials) && choice.adhesive().is(Quality.SHOWS);
        return new Joint(
                choice.adhesive(),
                Stream.of(choice.against().orElse(wanted.reason()), shows ? "only behind something solid" : "")
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
