package vantbreeze.operation;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import vantbreeze.layer.Mat;
import vantbreeze.structure.Grouped;
import vantbreeze.structure.Heading;

/**
 * Where the tops of one-way patterns go, as the pieces lie flat in front of the maker: it is at this step that they are laid upside
 * down.
 *
 * @param byWay in the order of the mats; those that lie aslant under nothing
 * @param all the labels of all faces that are dressed, so that many are counted
 */
record TopOfMats(Map<Optional<Heading>, List<Mat>> byWay, List<String> all) {

    private static final Optional<Heading> UP = Optional.of(Heading.UP);

    /** Patterns without a top do not matter. */
    static TopOfMats of(List<Mat> mats, List<String> all) {
        return new TopOfMats(
                mats.stream()
                        .filter(m -> m.paper().hasUp())
                        .collect(Collectors.groupingBy(
                                m -> Heading.of(m.upAsCut()), LinkedHashMap::new, Collectors.toList())),
                all);
    }

    /** Begins with a space; empty where no paper has a top. */
    String text() {
        if (byWay.isEmpty()) {
            return "";
        }
        List<String> said = new ArrayList<>();
        for (Map.Entry<Optional<Heading>, List<Mat>> way : byWay.entrySet()) {
            if (!way.getKey().equals(UP)) {
                boolean meant = way.getValue().stream().noneMatch(Mat::turned);
                said.add("On %s lay the pattern %s%s."
                        .formatted(
                                LayMats.the(Grouped.names(LayMats.labels(way.getValue()), all)),
                                words(way.getKey()),
                                meant ? ": it is the right way up once the card is folded" : ""));
            }
        }
        if (byWay.containsKey(UP)) {
            said.add(
                    said.isEmpty()
                            ? "Keep the top of each pattern up."
                            : "On all others the top of the pattern goes up.");
        }
        return " " + String.join(" ", said);
    }

    private static String words(Optional<Heading> top) {
        return top.map(t -> switch (t) {
                    case UP -> "";
                    case LEFT -> "with its top to the left";
                    case DOWN -> "upside down";
                    case RIGHT -> "with its top to the right";
                })
                .orElse("with its top where the arrow points");
    }
}
