package vantbreeze.catalogue;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.function.UnaryOperator;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.locationtech.jts.geom.LineSegment;
import vantbreeze.measure.Length;
import vantbreeze.measure.ToolGrid;
import vantbreeze.measure.UnitSystem;
import vantbreeze.structure.Fold;
import vantbreeze.structure.Path;
import vantbreeze.structure.Piece;
import vantbreeze.structure.PieceBuilder;
import vantbreeze.structure.Point;
import vantbreeze.structure.ScoreLine;
import vantbreeze.structure.Slit;

/**
 * Any flat sheet as it is written down, "outline 0,0 4,0 4,3 0,3; mountain 2,0 2,3 in": its outline, what is cut out of it, and
 * its lines from place to place. Its lower left is at the origin.
 *
 * @param outline at least 3 corners
 * @param windows cut out, each at least 3 corners
 */
public record LinePattern(List<Point> outline, List<List<Point>> windows, List<Line> lines) {

    /** So that a hostile pattern costs no time: more lines no hand scores. */
    public static final int MOST_LINES = 60;

    public static final int MOST_PLACES = 400;

    /** What is done along a line. */
    public enum Kind {
        MOUNTAIN,
        VALLEY,
        SLIT;

        private String word() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /** @param path not straight where it bends on its way */
    public record Line(Kind kind, Path path) {}

    private static final String OUTLINE = "outline";
    private static final String WINDOW = "window";
    private static final Pattern UNIT = Pattern.compile("(?:\\s|;)(mm|in)\\s*$");

    /** More digits than a count has. */
    private static final int DIGITS = 5;

    /** 0.1 mm: of whole counts of less, sizes would lie too far apart. */
    private static final Length FINEST_MEASURE = Length.ofCounts(64);

    /** Nearer than this a place lies on a line: what rounding to whole counts moves the three by. */
    private static final double ON_LINE = 2;

    public LinePattern {
        outline = List.copyOf(outline);
        windows = List.copyOf(windows);
        lines = List.copyOf(lines);
        requireRing(OUTLINE, outline);
        windows.forEach(w -> requireRing(WINDOW, w));
        if (lines.size() > MOST_LINES) {
            throw new IllegalArgumentException(
                    "The pattern has %d lines; at most %d.".formatted(lines.size(), MOST_LINES));
        }
        long places = places(outline, windows, lines).count();
        if (places > MOST_PLACES) {
            throw new IllegalArgumentException("The pattern has %d places; at most %d.".formatted(places, MOST_PLACES));
        }
        for (Point corner : outline) {
            Length reach = Length.max(corner.x(), corner.y());
            if (reach.isMoreThan(Parameter.LARGEST_SIDE)) {
                throw new IllegalArgumentException("The pattern reaches %s; at most %s."
                        .formatted(reach, Parameter.LARGEST_SIDE.exactText(UnitSystem.INCH)));
            }
        }
    }

    private static void requireRing(String what, List<Point> corners) {
        if (corners.size() < 3) {
            throw new IllegalArgumentException(
                    "The %s has %d corners; it needs at least 3.".formatted(what, corners.size()));
        }
    }

    private static Stream<Point> places(List<Point> outline, List<List<Point>> windows, List<Line> lines) {
        return Stream.of(
                        outline.stream(),
                        windows.stream().flatMap(List::stream),
                        lines.stream().flatMap(l -> l.path().points().stream()))
                .flatMap(points -> points);
    }

    /** The same moved so that its box begins at the origin. */
    public static LinePattern atOrigin(List<Point> outline, List<List<Point>> windows, List<Line> lines) {
        requireRing(OUTLINE, outline);
        Length left = outline.stream().map(Point::x).reduce(Length::min).orElseThrow();
        Length low = outline.stream().map(Point::y).reduce(Length::min).orElseThrow();
        return new LinePattern(outline, windows, lines).moved(p -> new Point(p.x().minus(left), p.y().minus(low)));
    }

    /**
     * @param bareUnit of numbers, where the text does not end in mm or in
     * @throws IllegalArgumentException saying which part cannot be read
     */
    public static LinePattern parse(String text, UnitSystem bareUnit) {
        Matcher unit = UNIT.matcher(text);
        boolean said = unit.find();
        boolean inch = said ? unit.group(1).equals("in") : bareUnit == UnitSystem.INCH;
        Reader reader = new Reader(inch ? Length.COUNTS_PER_INCH : Length.COUNTS_PER_MILLIMETRE);
        Arrays.stream((said ? text.substring(0, unit.start()) : text).split("[;\\n]"))
                .map(String::strip)
                .filter(s -> !s.isEmpty())
                .forEach(reader::read);
        if (reader.outlines.size() != 1) {
            throw new IllegalArgumentException("A pattern has one outline, not %d.".formatted(reader.outlines.size()));
        }
        return atOrigin(reader.outlines.get(0), reader.windows, reader.lines);
    }

    /** Takes one part after the other. */
    private static final class Reader {

        private final long counts;
        private final List<List<Point>> outlines = new ArrayList<>();
        private final List<List<Point>> windows = new ArrayList<>();
        private final List<Line> lines = new ArrayList<>();

        Reader(long counts) {
            this.counts = counts;
        }

        void read(String part) {
            String[] words = part.split("\\s+");
            List<Point> points = Arrays.stream(words).skip(1).map(this::point).toList();
            String word = words[0].toLowerCase(Locale.ROOT);
            switch (word) {
                case OUTLINE -> outlines.add(points);
                case WINDOW -> windows.add(points);
                default -> lines.add(line(kind(words[0]), points, part));
            }
        }

        private static Kind kind(String word) {
            return Arrays.stream(Kind.values())
                    .filter(k -> k.word().equals(word.toLowerCase(Locale.ROOT)))
                    .findFirst()
                    .orElseThrow(() -> new IllegalArgumentException(
                            "A part of a pattern begins with outline, window, mountain, valley or slit, not with (%s)."
                                    .formatted(word)));
        }

        private static Line line(Kind kind, List<Point> points, String part) {
            try {
                return new Line(kind, new Path(points));
            } catch (IllegalArgumentException impossible) {
                throw new IllegalArgumentException("%s (%s)".formatted(impossible.getMessage(), part));
            }
        }

        private Point point(String pair) {
            String[] numbers = pair.split(",", -1);
            if (numbers.length != 2) {
                throw new IllegalArgumentException("The place (%s) must be two numbers such as 1.5,2.".formatted(pair));
            }
            return new Point(length(numbers[0]), length(numbers[1]));
        }

        private Length length(String number) {
            try {
                double counted = Double.parseDouble(number) * counts;
                if (Math.abs(counted) <= 4.0 * Parameter.LARGEST_SIDE.count()) {
                    return Length.nearestTo(counted);
                }
            } catch (NumberFormatException e) {
                // told below, in words that say what to change
            }
            throw new IllegalArgumentException("The place's (%s) must be a number of at most %s."
                    .formatted(number, Parameter.LARGEST_SIDE.times(4).exactText(UnitSystem.INCH)));
        }
    }

    /** Text that reads back to exactly this pattern. */
    public String exactText(UnitSystem wanted) {
        long counts = wanted == UnitSystem.INCH ? Length.COUNTS_PER_INCH : Length.COUNTS_PER_MILLIMETRE;
        List<String> parts = new ArrayList<>();
        parts.add(text(OUTLINE, outline, counts));
        windows.forEach(w -> parts.add(text(WINDOW, w, counts)));
        lines.forEach(l -> parts.add(text(l.kind().word(), l.path().points(), counts)));
        return String.join("; ", parts) + (wanted == UnitSystem.INCH ? " in" : " mm");
    }

    private static String text(String word, List<Point> points, long counts) {
        return word + " "
                + points.stream()
                        .map(p -> number(p.x(), counts) + "," + number(p.y(), counts))
                        .collect(Collectors.joining(" "));
    }

    private static String number(Length length, long counts) {
        return BigDecimal.valueOf(length.count())
                .divide(BigDecimal.valueOf(counts), DIGITS, RoundingMode.HALF_EVEN)
                .stripTrailingZeros()
                .toPlainString();
    }

    /**
     * Larger or smaller, keeping its proportions. What it is all made of grows by whole counts, so that it closes as exactly as it
     * is written; where that misses the size anyway, its square scores lie on the grid if that costs no more than an eighth of it.
     * Only a pattern without a common measure is rounded place by place.
     */
    LinePattern scaled(Length to, Length from, ToolGrid grid) {
        if (to.equals(from)) {
            return this;
        }
        Length unit = Length.commonMeasure(places(outline, windows, lines).flatMap(p -> Stream.of(p.x(), p.y())));
        if (unit.isLessThan(FINEST_MEASURE)) {
            return moved(p -> new Point(p.x().scaled(to, from), p.y().scaled(to, from)));
        }
        long wanted = Math.multiplyExact(unit.count(), to.count());
        long most = wanted / from.count();
        long onGrid = most - most % onGrid(unit, grid);
        boolean asAsked = wanted % from.count() == 0 || 8 * onGrid < 7 * most;
        Length grown = Length.ofCounts(asAsked ? most : onGrid);
        return moved(
                p -> new Point(grown.times(p.x().count() / unit.count()), grown.times(p.y().count() / unit.count())));
    }

    /** The least counts of a unit, and each multiple of them, with which all scores that a board sets lie on the grid. */
    private long onGrid(Length unit, ToolGrid grid) {
        Length positions = Length.commonMeasure(lines.stream()
                .filter(l -> l.kind() != Kind.SLIT)
                .map(Line::path)
                .flatMap(path -> path.isUpright()
                        ? Stream.of(path.from().x())
                        : path.isLevel() ? Stream.of(path.from().y()) : Stream.empty()));
        Length units = Length.ofCounts(positions.count() / unit.count());
        return grid.step().count()
                / Length.commonMeasure(Stream.of(units, grid.step())).count();
    }

    private LinePattern moved(UnaryOperator<Point> motion) {
        return new LinePattern(
                moved(outline, motion),
                windows.stream().map(w -> moved(w, motion)).toList(),
                lines.stream()
                        .map(l -> new Line(l.kind(), new Path(moved(l.path().points(), motion))))
                        .toList());
    }

    private static List<Point> moved(List<Point> points, UnaryOperator<Point> motion) {
        return points.stream().map(motion).toList();
    }

    /** Where the end of one line lies on another, that one has a place too: rounded alike, they still meet. */
    private LinePattern meeting() {
        List<Point> ends = lines.stream()
                .flatMap(l -> Stream.of(l.path().from(), l.path().to()))
                .distinct()
                .toList();
        return new LinePattern(
                through(outline, true, ends),
                windows.stream().map(w -> through(w, true, ends)).toList(),
                lines.stream()
                        .map(l -> new Line(l.kind(), new Path(through(l.path().points(), false, ends))))
                        .toList());
    }

    private static List<Point> through(List<Point> points, boolean closed, List<Point> ends) {
        List<Point> all = new ArrayList<>();
        for (int i = 0; i < points.size(); i++) {
            all.add(points.get(i));
            if (closed || i + 1 < points.size()) {
                Point next = points.get((i + 1) % points.size());
                all.addAll(between(points.get(i), next, ends));
            }
        }
        return all;
    }

    /** Upright and level stretches stay so, whatever meets them. */
    private static List<Point> between(Point from, Point to, List<Point> ends) {
        if (from.x().equals(to.x()) || from.y().equals(to.y())) {
            return List.of();
        }
        LineSegment leg = new LineSegment(from.coordinate(), to.coordinate());
        return ends.stream()
                .filter(e -> !e.equals(from) && !e.equals(to) && leg.distance(e.coordinate()) <= ON_LINE)
                .sorted((a, b) -> Double.compare(leg.p0.distance(a.coordinate()), leg.p0.distance(b.coordinate())))
                .toList();
    }

    /** Its lines numbered in the order they are written. */
    Piece piece(String name) {
        return meeting().drawn(name);
    }

    private Piece drawn(String name) {
        PieceBuilder piece = Piece.outline(name, outline.toArray(new Point[0]));
        windows.forEach(piece::hole);
        int scores = 0;
        int slits = 0;
        for (Line line : lines) {
            if (line.kind() == Kind.SLIT) {
                slits++;
                piece.slit(new Slit("slit " + slits, line.path()));
            } else {
                scores++;
                piece.score(new ScoreLine(
                        "score " + scores, line.path(), line.kind() == Kind.MOUNTAIN ? Fold.MOUNTAIN : Fold.VALLEY));
            }
        }
        return piece.build();
    }
}
