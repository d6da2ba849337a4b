package vantbreeze.fold;

import java.util.List;
import vantbreeze.measure.Length;
import vantbreeze.measure.Ruler;

/** A reason why a structure cannot lie flat at a stage. */
public sealed interface FoldFault {

    /** @return the ids or names of the panels or scores at fault */
    List<String> places();

    /** Plain words, lengths as the ruler reads them. */
    String text(Ruler ruler);

    /**
     * Two ways from one panel to another do not end at the same place.
     *
     * @param gap how far apart they end; zero when they meet with opposite sides up
     */
    record LoopOpen(List<String> oneWay, List<String> otherWay, Length gap) implements FoldFault {
        @Override
        public List<String> places() {
            return java.util.stream.Stream.concat(oneWay.stream(), otherWay.stream())
                    .distinct()
                    .toList();
        }

        @Override
        public String text(Ruler ruler) {
            String difference = gap.equals(Length.ZERO)
                    ? "they meet with opposite sides up"
                    : "they end %s apart".formatted(ruler.text(gap));
            return "The row %s and the row %s do not close: %s."
                    .formatted(String.join(" – ", oneWay), String.join(" – ", otherWay), difference);
        }
    }

    /** No order of the layers keeps the panels from passing through each other. */
    record PanelsCross(List<String> places) implements FoldFault {
        @Override
        public String text(Ruler ruler) {
            return "It cannot fold flat: %s would pass through each other.".formatted(String.join(", ", places));
        }
    }

    /**
     * On the way between two stages a joint would have to part.
     *
     * @param gap by how much
     */
    record Blocked(List<String> places, Length gap) implements FoldFault {
        @Override
        public String text(Ruler ruler) {
            return "It cannot move on: where %s hold together it would have to part by %s."
                    .formatted(String.join(" and ", places), ruler.text(gap));
        }
    }

    /** The angles around a vertex break Kawasaki's theorem; the scores do not fold flat there. */
    record AnglesDoNotClose(List<String> places, double defectDegrees) implements FoldFault {
        @Override
        public String text(Ruler ruler) {
            return "Where %s meet, every other angle adds up to %.1f°, not 180°: it cannot fold flat (Kawasaki)."
                    .formatted(String.join(", ", places), 180 + defectDegrees);
        }
    }

    /** Mountains and valleys around a vertex do not differ by two. */
    record SignsDoNotMatch(List<String> places, int mountains, int valleys) implements FoldFault {
        @Override
        public String text(Ruler ruler) {
            return "Where %s meet there are %d mountains and %d valleys; they must differ by two (Maekawa)."
                    .formatted(String.join(", ", places), mountains, valleys);
        }
    }
}
