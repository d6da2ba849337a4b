package vantbreeze.part;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import vantbreeze.material.Paper;
import vantbreeze.measure.Length;
import vantbreeze.measure.Ruler;
import vantbreeze.measure.Size;
import vantbreeze.structure.Grouped;

/**
 * What is bought of one ribbon, or of one kind of button, for several cards.
 *
 * @param size of what of the first is seen; its short side is how wide a ribbon is
 * @param lengths how often it is cut how long; empty for what comes ready
 */
public record TrimmingTotal(Paper paper, Size size, int count, Map<Length, Integer> lengths) {

    /** Trimmings of a card, and for how many cards. */
    public record Of(List<Trimming> trimmings, int cards) {}

    private record Same(Paper paper, Length wide, Optional<Size> ready) {}

    /** In the order in which they are first needed. */
    public static List<TrimmingTotal> of(List<Of> cards) {
        Map<Same, Map<Length, Integer>> lengths = new LinkedHashMap<>();
        Map<Same, Integer> counts = new LinkedHashMap<>();
        Map<Same, Size> sizes = new LinkedHashMap<>();
        for (Of card : cards) {
            for (Trimming one : card.trimmings()) {
                Same same = new Same(
                        one.paper(), one.wide(), one.length().isPresent() ? Optional.empty() : Optional.of(one.size()));
                sizes.putIfAbsent(same, one.size());
                counts.merge(same, card.cards(), Integer::sum);
                Map<Length, Integer> cut = lengths.computeIfAbsent(same, k -> new LinkedHashMap<>());
                one.length().ifPresent(l -> cut.merge(l, card.cards(), Integer::sum));
            }
        }
        List<TrimmingTotal> totals = new ArrayList<>();
        counts.forEach((same, count) ->
                totals.add(new TrimmingTotal(same.paper(), sizes.get(same), count, lengths.get(same))));
        return totals;
    }

    /** All of it in one length; nothing for what comes ready. */
    public Length length() {
        return lengths.entrySet().stream()
                .map(e -> e.getKey().times(e.getValue()))
                .reduce(Length.ZERO, Length::plus);
    }

    /** "108 in of white ribbon, 3/8 in wide (12 × 9 in)", "24 × white button, 1/2 × 1/2 in". */
    public String text(Ruler ruler) {
        if (lengths.isEmpty()) {
            return "%s%s, %s".formatted(count == 1 ? "" : count + " × ", paper.called(), ruler.text(size));
        }
        String cut = Grouped.joined(lengths.entrySet().stream()
                .map(e -> "%d × %s".formatted(e.getValue(), ruler.text(e.getKey())))
                .toList());
        return "%s of %s, %s wide%s"
                .formatted(
                        ruler.text(length()),
                        paper.called(),
                        ruler.text(size.shortSide()),
                        count == 1 ? "" : " (%s)".formatted(cut));
    }
}
