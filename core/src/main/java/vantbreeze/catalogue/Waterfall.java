package vantbreeze.catalogue;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.LineSegment;
import vantbreeze.measure.Length;
import vantbreeze.structure.Bond;
import vantbreeze.structure.FlatMotion;
import vantbreeze.structure.Habit;
import vantbreeze.structure.Piece;
import vantbreeze.structure.PieceBuilder;
import vantbreeze.structure.Point;
import vantbreeze.structure.Side;
import vantbreeze.structure.Slide;
import vantbreeze.structure.Stage;
import vantbreeze.structure.Structure;

/**
 * Pages on a strip that hangs over the upper edge of a belt: its tail runs down behind the belt. Pulled by one pitch, the
 * strip turns one page up. A slot round a stud stops it before the last page goes over.
 */
final class Waterfall implements FoldDesign {

    private static final String PAGES = "pages";
    private static final String PAGE = "page";
    private static final String WIDE = "pageWidth";
    private static final String PITCH = "pitch";
    private static final String STRIP = "strip";
    private static final String BELT = "belt";
    private static final String EDGE = "beltEdge";
    private static final String SLIDE = "tail";

    /** To take hold of. Common practice, no published source. */
    private static final Length GRIP = Length.inches(1, 2);

    /** Wider than what passes, or it jams. Common practice, no published source. */
    private static final Length PLAY = Length.inches(1, 16);

    /** Of a flat paper fastener. From memory. */
    private static final Length STUD = Length.inches(1, 8);

    @Override
    public String id() {
        return "waterfall";
    }

    @Override
    public String name() {
        return "waterfall";
    }

    @Override
    public String summary() {
        return "Pull the tab: one page after the other turns up over a belt.";
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.width(),
                Parameter.height(),
                Parameter.count(PAGES, "pages", "How many hang on the strip; the last one stays down.", 4, 2, 8),
                Parameter.length(
                        PAGE,
                        "page height",
                        "Of every page.",
                        v -> usualPage(v),
                        v -> new Range(
                                leastPage(v),
                                "or nothing shows of it",
                                mostPage(v),
                                "or a page that is turned up stands out above the card")),
                Parameter.length(
                        PITCH,
                        "pitch",
                        "How far it is pulled for each page, and how much of each page shows below the one before.",
                        v -> usualPitch(v),
                        v -> new Range(
                                Length.min(leastPitch(v), mostPitch(v)),
                                "or there is too little to glue the pages by",
                                mostPitch(v),
                                "or the pages do not fit one above the other")),
                Parameter.length(
                        WIDE,
                        "page width",
                        "Of every page.",
                        v -> v.onGrid(v.width().times(3).dividedBy(4).each().minus(PLAY)),
                        v -> new Range(
                                v.width().dividedBy(4).each(),
                                "or it is lost on the card",
                                v.width().minus(end(v).times(2)).minus(PLAY),
                                "or it does not pass between the glued ends of the belt")),
                Parameter.length(
                        STRIP,
                        "strip width",
                        "Of the strip that is pulled; narrower than the pages.",
                        v -> v.onGrid(v.length(WIDE).times(2).dividedBy(5).each()),
                        v -> new Range(
                                v.width().dividedBy(10).each(),
                                "or it tears",
                                v.length(WIDE),
                                "or it is seen beside the pages")),
                Parameter.length(
                        BELT,
                        "belt height",
                        "Of the band that the strip hangs over; the first page hides it.",
                        v -> v.onGrid(v.length(PAGE).dividedBy(2).each()),
                        v -> new Range(
                                v.length(PAGE).dividedBy(8).each(),
                                "or it bends",
                                v.length(PAGE).times(7).dividedBy(8).each(),
                                "or the first page does not hide it")),
                Parameter.length(
                        EDGE,
                        "belt's upper edge from the bottom",
                        "The pages hang from there.",
                        v -> Length.min(mostEdge(v), v.grid().ceiling(tail(v))),
                        v -> new Range(
                                leastEdge(v),
                                "or the last page hangs below the card",
                                mostEdge(v),
                                "or a page that is turned up stands out above it")));
    }

    /** The least of the belt that is glued at either end. Common practice, no published source. */
    private static Length end(Values v) {
        return Length.min(Length.inches(1, 2), v.width().dividedBy(10).each());
    }

    private static Length leastPage(Values v) {
        return v.height().dividedBy(12).each();
    }

    private static Length grip(Values v) {
        return Length.min(GRIP, v.height().dividedBy(12).each());
    }

    /** Pages three tenths of their height apart fill the card: two heights and n - 2 pitches, and the grip. */
    private static Length usualPage(Values v) {
        Length room = v.height().minus(grip(v));
        Length page = room.times(10).dividedBy(20 + 3 * (v.count(PAGES) - 2)).each();
        return Length.max(leastPage(v), v.onGrid(page));
    }

    /** So that the least pitch is left between all of them. */
    private static Length mostPage(Values v) {
        return v.height()
                .minus(leastPitch(v).times(v.count(PAGES) - 2))
                .dividedBy(2)
                .each();
    }

    private static Length leastPitch(Values v) {
        return Length.min(Length.inches(1, 4), v.height().dividedBy(40).each());
    }

    private static Length usualPitch(Values v) {
        Length share = v.length(PAGE).times(3).dividedBy(10).each();
        Length onGrid = v.grid().floor(share);
        return Length.min(mostPitch(v), onGrid.isLessThan(leastPitch(v)) ? share : onGrid);
    }

    /** Two page heights and n - 2 pitches fill the card; of two pages nothing but their own height limits it. */
    private static Length mostPitch(Values v) {
        Length within = v.length(PAGE).times(7).dividedBy(8).each();
        int between = v.count(PAGES) - 2;
        Length free = v.height().minus(v.length(PAGE).times(2));
        return between == 0
                ? within
                : Length.min(within, free.dividedBy(between).each());
    }

    private static Length leastEdge(Values v) {
        return v.length(PITCH).times(v.count(PAGES) - 1).plus(v.length(PAGE));
    }

    /** From the belt's edge down, something to take hold of included; the whole strip is cut to the grid. */
    private static Length tail(Values v) {
        Length front = front(v);
        return v.grid().ceiling(front.plus(leastEdge(v)).plus(grip(v))).minus(front);
    }

    /** From the strip's lower end to the belt's edge, which it hangs over. */
    private static Length front(Values v) {
        return v.length(PITCH).times(v.count(PAGES));
    }

    private static Length mostEdge(Values v) {
        return v.height().minus(v.length(PAGE)).plus(v.length(PITCH));
    }

    private static Length travel(Values v) {
        return v.length(PITCH).times(v.count(PAGES) - 1);
    }

    @Override
    public Structure build(Values v) {
        int n = v.count(PAGES);
        Length pitch = v.length(PITCH);
        Length edge = v.length(EDGE);
        Length wide = v.length(STRIP);
        Length left = Values.half(v.width().minus(wide));
        Length front = front(v);
        Piece base = Piece.rectangle("base", v.width(), v.height())
                .name("base", new Point(Length.ofCounts(64), Length.ofCounts(64)))
                .build();
        Length beltLow = edge.minus(v.length(BELT));
        Piece belt = Piece.rectangle("belt", v.width(), v.length(BELT))
                .name("belt", new Point(Values.half(v.width()), Values.half(v.length(BELT))))
                .build();
        Piece strip = strip(v, front);
        /* Pages that are turned up run under the belt with their strip: it must be free over their whole width. */
        Length ends = Values.half(v.width().minus(v.length(WIDE)).minus(PLAY));
        Structure.Builder card = Structure.of(base, belt, strip)
                .bond(Bond.laid("belt", "base", Length.ZERO, beltLow)
                        .along(List.of(
                                Rectangles.between(Length.ZERO, Length.ZERO, ends, v.length(BELT)),
                                Rectangles.between(v.width().minus(ends), Length.ZERO, v.width(), v.length(BELT)))))
                .habit(Habit.BARE, "belt", "tail");
        FlatMotion down = FlatMotion.shift(left.count(), edge.minus(front).count());
        FlatMotion overTheEdge = FlatMotion.reflection(
                new LineSegment(new Coordinate(0, front.count()), new Coordinate(1, front.count())));
        card.slide(new Slide(
                SLIDE,
                "tail",
                Side.FACE,
                "base",
                Side.FACE,
                down.after(overTheEdge),
                0,
                -1,
                travel(v),
                "belt",
                Optional.of(new Point(left.plus(Values.half(wide)), studAt(v)))));
        pages(v, card, left, front);
        stages(n, pitch, card);
        return card.staysFolded().anchoredAt("base");
    }

    /** Face up, its front run below and its tail above; the slot is round the stud when nothing has been pulled yet. */
    private static Piece strip(Values v, Length front) {
        Length wide = v.length(STRIP);
        PieceBuilder strip = Piece.rectangle("strip", wide, front.plus(tail(v)));
        int n = v.count(PAGES);
        for (int i = 1; i <= n; i++) {
            Length at = v.length(PITCH).times(n - i + 1);
            strip.mountain("score " + i, new Point(Length.ZERO, at), new Point(wide, at))
                    .name("segment " + i, new Point(Values.half(wide), at.minus(Values.half(v.length(PITCH)))));
        }
        strip.name("tail", new Point(Length.ofCounts(64), front.plus(Length.ofCounts(64))));
        Length fromEdge = v.length(EDGE).minus(studAt(v));
        Length stud = stud(v);
        Length left = Values.half(wide.minus(stud));
        /* The stud passes from the slot's far end to its near one as the tail runs down. */
        Length high = front.plus(fromEdge).plus(Values.half(stud));
        Length low = high.minus(travel(v)).minus(stud);
        strip.hole(List.of(
                new Point(left, low),
                new Point(left.plus(stud), low),
                new Point(left.plus(stud), high),
                new Point(left, high)));
        return strip.build();
    }

    private static Length stud(Values v) {
        return Length.min(STUD, v.length(STRIP).dividedBy(4).each());
    }

    /** Far enough below the belt's edge for the slot to end before the first score. */
    private static Length studAt(Values v) {
        return v.length(EDGE).minus(travel(v)).minus(stud(v)).minus(Values.half(stud(v)));
    }

    private static void pages(Values v, Structure.Builder card, Length left, Length front) {
        Length page = v.length(PAGE);
        Length aside = Values.half(v.width().minus(v.length(WIDE)));
        for (int i = 1; i <= v.count(PAGES); i++) {
            String name = "page " + i;
            card.piece(Piece.rectangle(name, v.length(WIDE), page)
                            .name(name, new Point(Values.half(v.length(WIDE)), Values.half(page)))
                            .build())
                    .bond(Bond.laid(
                            name,
                            "segment " + i,
                            aside.minus(left),
                            front.minus(v.length(PITCH).times(i - 1)).minus(page)))
                    .habit(Habit.DRESSED, name + "/face");
            if (i < v.count(PAGES)) {
                card.habit(Habit.BESIDE_GLUE, name + "/back");
            }
        }
    }

    private static void stages(int n, Length pitch, Structure.Builder card) {
        for (int i = 2; i <= n; i++) {
            card.openWhenClosed("score " + i);
        }
        for (int turned = 0; turned < n; turned++) {
            Set<String> here = Set.of(turned == 0 ? Stage.CLOSED : name(turned));
            for (int i = 1; i <= turned; i++) {
                card.lay("belt", "segment " + i, here);
            }
            for (int i = turned + 1; i <= n; i++) {
                card.lay("segment " + i, "belt", here);
                if (i < n) {
                    card.lay("page " + i, "page " + (i + 1), here);
                }
            }
            if (turned > 0) {
                Map<String, Double> changes = new HashMap<>();
                for (int i = 1; i <= n; i++) {
                    changes.put("score " + i, i == turned + 1 ? -180.0 : 0.0);
                }
                card.pulled(name(turned), Map.of(SLIDE, pitch.times(turned)), changes);
            }
        }
    }

    private static String name(int turned) {
        return "%d %s turned".formatted(turned, turned == 1 ? "page" : "pages");
    }

    @Override
    public List<Caution> cautions(Values v) {
        Length below = tail(v).minus(v.length(EDGE));
        List<Caution> cautions = new ArrayList<>();
        if (below.isPositive()) {
            String mend = tail(v).isMoreThan(mostEdge(v))
                    ? "hang lower pages, or post it in a larger envelope"
                    : "raise the belt by that much, or post it in a larger envelope";
            cautions.add(new Caution(
                    "tail",
                    (ruler, sheet) -> "The tail reaches %s below the card to be taken hold of; %s."
                            .formatted(ruler.text(below), mend)));
        }
        return cautions;
    }
}
