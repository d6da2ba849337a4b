package vantbreeze.operation;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import vantbreeze.layer.Mat;
import vantbreeze.make.Grouped;

/**
 * Where the tops of one-way patterns go, as the pieces lie flat in front of the maker: it is at this step that they are laid upside
 * down.
 *
 * @param byWay in the order of the mats
 * @param all the labels of all faces that are dressed, so that many are counted
 */
record TopOfMats(Map<Way, List<Mat>> byWay, List<String> all) {

    private static final double FULL_TURN = 360;

    /** Nearer to a side than this it is along it, in degrees. */
    private static final double ALONG = 0.5;

    /** Where the top goes. */
    enum Way {
        UP(""),
        LEFT("with its top to the left"),
        DOWN("upside down"),
        RIGHT("with its top to the right"),
        ASLANT("with its top where the arrow points");

        private final String words;

        Way(String words) {
            this.words = words;
        }

        private static Way of(double degrees) {
            double quarters = Math.rint(degrees / (FULL_TURN / 4));
            return Math.abs(degrees - quarters * FULL_TURN / 4) > ALONG
                    ? ASLANT
                    : List.of(UP, LEFT, DOWN, RIGHT).get(Math.floorMod((int) quarters, 4));
        }
    }

    /** Patterns without a top do not matter. */
    static TopOfMats of(List<Mat> mats, List<String> all) {
        return new TopOfMats(
                mats.stream()
                        .filter(m -> m.paper().hasUp())
                        .collect(Collectors.groupingBy(
                                m -> Way.of(m.upAsCut()), LinkedHashMap::new, Collectors.toList())),
                all);
    }

    /** Begins with a space; empty where no paper has a top. */
    String text() {
        if (byWay.isEmpty()) {
            return "";
        }
        List<String> said = new ArrayList<>();
        for (Map.Entry<Way, List<Mat>> way : byWay.entrySet()) {
            if (way.getKey() != Way.UP) {
                boolean meant = way.getValue().stream().noneMatch(Mat::turned);
                said.add("On %s lay the pattern %s%s."
                        .formatted(
                                LayMats.the(Grouped.names(LayMats.labels(way.getValue()), all)),
                                way.getKey().words,
                                meant ? ": it is the right way up once the card is folded" : ""));
            }
        }
        if (byWay.containsKey(Way.UP)) {
            said.add(
                    said.isEmpty()
                            ? "Keep the top of each pattern up."
                            : "On all others the top of the pattern goes up.");
        }
        return " " + String.join(" ", said);
    }
}
