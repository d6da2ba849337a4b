package vantbreeze.part;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import org.locationtech.jts.geom.Coordinate;
import vantbreeze.material.Paper;
import vantbreeze.measure.Size;

/** Parts alike, counted together. */
public final class CutList {

    private CutList() {}

    /** What is cut alike: the same shape from the same paper, lying the same way. */
    public record Alike(List<Part> parts) {

        public Part first() {
            return parts.get(0);
        }

        public int count() {
            return parts.size();
        }
    }

    private record Sort(
            Part.Kind kind, String name, Paper paper, Size size, List<Coordinate> shape, double up, String alone) {

        static Sort of(Part part, String name, boolean alone) {
            return new Sort(
                    part.kind(),
                    name,
                    part.paper(),
                    part.size(),
                    part.isRectangle() ? List.of() : part.shape(),
                    part.up().map(u -> side(part, u)).orElse(0.0),
                    alone || part.division().isPresent() ? part.id() : "");
        }
    }

    /** A rectangle can be laid either way round, so only its side counts; any other outline has one up. */
    private static double side(Part part, double up) {
        return part.isRectangle() ? Math.abs(Math.sin(Math.toRadians(up))) : up;
    }

    /** In the order of the parts; only mats are alike, everything else has its own name. */
    public static List<Alike> of(List<Part> parts) {
        return by(p -> Sort.of(p, p.name(), p.kind() != Part.Kind.MAT), parts);
    }

    /** Whatever they are called, what comes out of the same cuts is alike. */
    public static List<Alike> ofShapes(List<Part> parts) {
        return by(p -> Sort.of(p, "", false), parts);
    }

    private static List<Alike> by(Function<Part, Sort> sort, List<Part> parts) {
        Map<Sort, List<Part>> alike = new LinkedHashMap<>();
        parts.forEach(p ->
                alike.computeIfAbsent(sort.apply(p), s -> new ArrayList<>()).add(p));
        return alike.values().stream().map(l -> new Alike(List.copyOf(l))).toList();
    }

    /** Whether one of the parts is the mirror image of this one and of no use in its place. */
    public static boolean hasMirrorImage(Part part, List<Part> parts) {
        return part.hasHands()
                && parts.stream().filter(p -> p.kind() == part.kind()).anyMatch(part::isMirrorImageOf);
    }
}
