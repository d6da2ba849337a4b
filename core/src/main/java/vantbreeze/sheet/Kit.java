package vantbreeze.sheet;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiPredicate;
import java.util.function.Predicate;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.material.Paper;
import vantbreeze.measure.Length;
import vantbreeze.measure.Size;
import vantbreeze.part.Part;

/**
 * Cards that are cut together.
 *
 * @param keepsGrain whether parts that are scored are cut so that they fold along the grain
 * @param spare how much larger each way the blank of a round part is: a curve that touches its neighbour is cut into
 * @param pins where the maker wants some blanks, by id
 */
public record Kit(List<Card> cards, boolean keepsGrain, Length spare, Map<String, Blank.Pin> pins) {

    /**
     * @param id in the ids of its blanks
     * @param count how many of it
     */
    public record Card(String id, String name, int count, List<Part> parts) {}

    public Kit {
        cards = List.copyOf(cards);
        pins = Map.copyOf(pins);
    }

    /** What is cut from each paper and film, in the order of the parts, on sheets of any size. */
    public Map<Paper, List<Blank>> blanks() {
        return blanks((paper, pair) -> true);
    }

    /** @param isCut whether two parts that are laid together go on some sheet: otherwise each is cut by itself */
    Map<Paper, List<Blank>> blanks(BiPredicate<Paper, Blank> isCut) {
        Map<Paper, List<Loose>> loose = new LinkedHashMap<>();
        for (Card card : cards) {
            List<Loose> once = card.parts().stream()
                    .filter(part -> part.offcutOf().isEmpty())
                    .map(part -> loose(card, part))
                    .toList();
            for (int n = 1; n <= card.count(); n++) {
                for (Loose part : once) {
                    loose.computeIfAbsent(part.part().paper(), k -> new ArrayList<>())
                            .add(part.numbered(n));
                }
            }
        }
        Map<Paper, List<Blank>> blanks = new LinkedHashMap<>();
        loose.forEach((paper, list) -> blanks.put(paper, nested(list, pair -> isCut.test(paper, pair))));
        return blanks;
    }

    /**
     * A part of one card.
     *
     * @param outline null where the whole of its box is cut: a rectangle, or what leaves offcuts that are used
     * @param isRound whether a curve of it runs along a side of its box, touching what lies beside it
     */
    private record Loose(Card card, int number, Part part, Polygon outline, boolean isRound) {

        String id() {
            return "%s/%d/%s".formatted(card.id(), number, part.id());
        }

        Loose numbered(int n) {
            return new Loose(card, n, part, outline, isRound);
        }

        String of() {
            return card.count() == 1 ? "" : String.valueOf(number);
        }
    }

    private static Loose loose(Card card, Part part) {
        boolean cutWhole = part.isRectangle()
                || card.parts().stream().anyMatch(p -> p.offcutOf().equals(Optional.of(part.id())));
        Polygon outline = cutWhole ? null : part.outline();
        return new Loose(card, 1, part, outline, outline != null && Rounding.touchesItsBox(outline));
    }

    /** Shaped parts are laid two and two where that takes less: most often two that are alike, or the two hands of one shape. */
    private List<Blank> nested(List<Loose> loose, Predicate<Blank> isCut) {
        List<Blank> blanks = new ArrayList<>();
        List<Loose> left = new ArrayList<>(loose);
        Map<List<Object>, Optional<Nest>> known = new LinkedHashMap<>();
        while (!left.isEmpty()) {
            Loose first = left.remove(0);
            Optional<Loose> partner = first.outline() == null || pins.containsKey(first.id())
                    ? Optional.empty()
                    : left.stream()
                            .filter(o -> o.outline() != null && !pins.containsKey(o.id()))
                            .filter(o -> isOfAKind(first.part(), o.part()))
                            .filter(o -> nest(known, first, o)
                                    .filter(n -> isCut.test(pair(first, o, n)))
                                    .isPresent())
                            .findFirst();
            if (partner.isPresent()) {
                left.remove(partner.get());
                blanks.add(pair(
                        first, partner.get(), nest(known, first, partner.get()).orElseThrow()));
            } else {
                Blank roomy = single(first, spare(first.isRound()));
                blanks.add(isCut.test(roomy) ? roomy : single(first, Length.ZERO));
            }
        }
        return blanks;
    }

    private static boolean isOfAKind(Part a, Part b) {
        return a.kind() == b.kind()
                && a.up().equals(b.up())
                && a.up().map(u -> u % 90 == 0).orElse(true)
                && (a.shape().equals(b.shape()) || a.isMirrorImageOf(b));
    }

    private Optional<Nest> nest(Map<List<Object>, Optional<Nest>> known, Loose a, Loose b) {
        boolean mayBeTurned = a.part().up().isEmpty();
        return known.computeIfAbsent(
                List.of(a.part().shape(), b.part().shape(), mayBeTurned),
                k -> Nest.of(a.outline(), b.outline(), mayBeTurned, room(a, b)));
    }

    private Length room(Loose a, Loose b) {
        return spare(a.isRound() || b.isRound());
    }

    private Blank pair(Loose a, Loose b, Nest nest) {
        Length room = room(a, b);
        double half = room.count() / 2.0;
        Size size = larger(new Size(Length.ofCounts((long) nest.width()), Length.ofCounts((long) nest.height())), room);
        Blank blank = new Blank(
                a.id() + "+" + b.id(),
                a.part().piece().name() + " and its fellow",
                "pair %s %s %s"
                        .formatted(a.part().shape(), b.part().shape(), a.part().up()),
                List.of(
                        new Blank.Inside(a.part(), a.of(), 0, half, half),
                        new Blank.Inside(b.part(), b.of(), nest.turned(), nest.x() + half, nest.y() + half)),
                layings(size, a.part(), true),
                Optional.empty());
        return pinned(blank);
    }

    private Length spare(boolean isRound) {
        return isRound ? spare : Length.ZERO;
    }

    /** @param room that is left around it, half of it on either side */
    private Blank single(Loose loose, Length room) {
        Part part = loose.part();
        List<Laying> layings = layings(larger(part.size(), room), part, false).stream()
                .map(l ->
                        part.turnedToUp().isPresent() ? new Laying(larger(l.size(), room), l.degrees(), l.grain()) : l)
                .toList();
        Blank blank = new Blank(
                loose.id(),
                part.piece().name(),
                part.isRectangle()
                        ? "%s %s".formatted(layings, part.division())
                        : "%s %s".formatted(part.shape(), part.up()),
                List.of(new Blank.Inside(part, loose.of(), 0, room.count() / 2.0, room.count() / 2.0)),
                layings,
                Optional.empty());
        return pinned(blank);
    }

    private static Size larger(Size size, Length room) {
        return new Size(size.width().plus(room), size.height().plus(room));
    }

    private Blank pinned(Blank blank) {
        return Optional.ofNullable(pins.get(blank.id())).map(blank::at).orElse(blank);
    }

    private List<Laying> layings(Size size, Part part, boolean isPair) {
        if (part.turnedToUp().isPresent()) {
            double degrees = part.turnedToUp().get();
            return List.of(laying(isPair ? turned(size, degrees) : part.sizeTurned(degrees), degrees, part));
        }
        Laying asItIs = laying(size, 0, part);
        return size.width().equals(size.height()) && grain(part, 0).isEmpty()
                ? List.of(asItIs)
                : List.of(asItIs, laying(size.turned(), 90, part));
    }

    /** A pair's box turned by quarters; whatever is turned otherwise is not paired. */
    private static Size turned(Size size, double degrees) {
        return Math.round(degrees / 90) % 2 == 0 ? size : size.turned();
    }

    private Laying laying(Size size, double degrees, Part part) {
        return new Laying(size, degrees, grain(part, degrees));
    }

    private Optional<Part.Grain> grain(Part part, double degrees) {
        return keepsGrain
                ? part.grain().map(g -> Math.round(degrees / 90) % 2 == 0 ? g : g.turned())
                : Optional.empty();
    }
}
