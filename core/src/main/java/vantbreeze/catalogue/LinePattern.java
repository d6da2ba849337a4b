package vantbreeze.catalogue;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import vantbreeze.measure.Excerpt;
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
 * @param outline goes straight back to where it begins unless it ends there; at least 3 corners
 * @param windows cut out, each like the outline
 */
public record LinePattern(Track outline, List<Track> windows, List<Line> lines) {

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

    /**
     * @param track of a score without arcs and curves: its panels stay flat
     * @param liesOpen a score that is scored and lies flat again on the closed card
     */
    public record Line(Kind kind, Track track, boolean liesOpen) {

        public Line {
            if (kind == Kind.SLIT && liesOpen) {
                throw new IllegalArgumentException("A slit is not folded: only a mountain or a valley may be flat.");
            }
            if (kind != Kind.SLIT && !track.isStraightFromPlaceToPlace()) {
                throw new IllegalArgumentException(
                        "A %s runs straight from place to place; only slits, windows and the outline may have arcs and curves."
                                .formatted(kind.word()));
            }
            path(track, List.of());
        }

        private static Path path(Track track, List<Point> ends) {
            return new Path(track.corners(ends));
        }
    }

    private static final String OUTLINE = "outline";
    private static final String WINDOW = "window";

    /** After the word of a score that lies flat on the closed card. */
    private static final String FLAT = "flat";

    private static final Pattern UNIT = Pattern.compile("(?:\\s|;)(mm|in)\\s*$");

    /** More digits than a count has. */
    private static final int DIGITS = 5;

    /** 0.1 mm: of whole counts of less, sizes would lie too far apart. */
    private static final Length FINEST_MEASURE = Length.ofCounts(64);

    public LinePattern {
        windows = List.copyOf(windows);
        lines = List.copyOf(lines);
        if (lines.size() > MOST_LINES) {
            throw new IllegalArgumentException(
                    "The pattern has %d lines; at most %d.".formatted(lines.size(), MOST_LINES));
        }
        long places = tracks(outline, windows, lines).flatMap(Track::places).count();
        if (places > MOST_PLACES) {
            throw new IllegalArgumentException("The pattern has %d places; at most %d.".formatted(places, MOST_PLACES));
        }
        Track.requireFew(tracks(outline, windows, lines).mapToLong(Track::parts).sum());
        requireRing(OUTLINE, outline);
        windows.forEach(w -> requireRing(WINDOW, w));
        for (Point corner : corners(outline, List.of())) {
            Length reach = Length.max(corner.x(), corner.y());
            if (reach.isMoreThan(Parameter.LARGEST_SIDE)) {
                throw new IllegalArgumentException("The pattern reaches %s; at most %s."
                        .formatted(reach, Parameter.LARGEST_SIDE.exactText(UnitSystem.INCH)));
            }
        }
    }

    private static void requireRing(String what, Track track) {
        int corners = corners(track, List.of()).size();
        if (corners < 3) {
            throw new IllegalArgumentException("The %s has %d corners; it needs at least 3.".formatted(what, corners));
        }
    }

    private static Stream<Track> tracks(Track outline, List<Track> windows, List<Line> lines) {
        return Stream.of(Stream.of(outline), windows.stream(), lines.stream().map(Line::track))
                .flatMap(tracks -> tracks);
    }

    /** Around a ring, the first not repeated. */
    private static List<Point> corners(Track ring, List<Point> ends) {
        List<Point> corners = ring.closed().corners(ends);
        return corners.subList(0, corners.size() - 1);
    }

    /** The same moved so that its box begins at the origin. */
    public static LinePattern atOrigin(Track outline, List<Track> windows, List<Line> lines) {
        List<Point> corners = corners(outline, List.of());
        Length left = aside(corners.stream().map(Point::x));
        Length low = aside(corners.stream().map(Point::y));
        return new LinePattern(outline, windows, lines).moved(p -> new Point(p.x().minus(left), p.y().minus(low)));
    }

    /** A curve that is rounded may come back a count beside the origin: it is not moved for that. */
    private static Length aside(Stream<Length> places) {
        Length least = places.reduce(Length::min).orElseThrow();
        return Math.abs(least.count()) <= 2 ? Length.ZERO : least;
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
        private final List<Track> outlines = new ArrayList<>();
        private final List<Track> windows = new ArrayList<>();
        private final List<Line> lines = new ArrayList<>();

        Reader(long counts) {
            this.counts = counts;
        }

        void read(String part) {
            List<String> words = List.of(part.toLowerCase(Locale.ROOT).split("\\s+"));
            try {
                String word = words.get(0);
                boolean encloses = word.equals(OUTLINE) || word.equals(WINDOW);
                Optional<Kind> kind = encloses ? Optional.empty() : Optional.of(kind(word));
                boolean liesOpen = !encloses && words.size() > 1 && words.get(1).equals(FLAT);
                Track track = Track.parse(words.subList(liesOpen ? 2 : 1, words.size()), this::point);
                if (kind.isPresent()) {
                    lines.add(new Line(kind.get(), track, liesOpen));
                } else {
                    (word.equals(OUTLINE) ? outlines : windows).add(track);
                }
            } catch (IllegalArgumentException impossible) {
                throw new IllegalArgumentException("%s (%s)".formatted(impossible.getMessage(), Excerpt.of(part)));
            }
        }

        private static Kind kind(String word) {
            return Arrays.stream(Kind.values())
                    .filter(k -> k.word().equals(word))
                    .findFirst()
                    .orElseThrow(() -> new IllegalArgumentException(
                            "A part of a pattern begins with outline, window, mountain, valley or slit, not with (%s)."
                                    .formatted(word)));
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
            throw new IllegalArgumentException("In a place (%s) must be a number of at most %s."
                    .formatted(number, Parameter.LARGEST_SIDE.times(4).exactText(UnitSystem.INCH)));
        }
    }

    /** Text that reads back to exactly this pattern. */
    public String exactText(UnitSystem wanted) {
        long counts = wanted == UnitSystem.INCH ? Length.COUNTS_PER_INCH : Length.COUNTS_PER_MILLIMETRE;
        List<String> parts = new ArrayList<>();
        Function<Point, String> place = p -> number(p.x(), counts) + "," + number(p.y(), counts);
        parts.add(OUTLINE + " " + outline.text(place));
        windows.forEach(w -> parts.add(WINDOW + " " + w.text(place)));
        lines.forEach(l -> parts.add(l.kind().word() + " " + (l.liesOpen() ? FLAT + " " : "")
                + l.track().text(place)));
        return String.join("; ", parts) + (wanted == UnitSystem.INCH ? " in" : " mm");
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
        Length unit = Length.commonMeasure(
                tracks(outline, windows, lines).flatMap(Track::places).flatMap(p -> Stream.of(p.x(), p.y())));
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
                .map(l -> Line.path(l.track(), List.of()))
                .flatMap(path -> path.isUpright()
                        ? Stream.of(path.from().x())
                        : path.isLevel() ? Stream.of(path.from().y()) : Stream.empty()));
        Length units = Length.ofCounts(positions.count() / unit.count());
        return grid.step().count()
                / Length.commonMeasure(Stream.of(units, grid.step())).count();
    }

    private LinePattern moved(UnaryOperator<Point> motion) {
        return new LinePattern(
                outline.moved(motion),
                windows.stream().map(w -> w.moved(motion)).toList(),
                lines.stream()
                        .map(l -> new Line(l.kind(), l.track().moved(motion), l.liesOpen()))
                        .toList());
    }

    /** @return the names of the scores that lie flat on the closed card */
    List<String> openScores() {
        List<String> open = new ArrayList<>();
        int scores = 0;
        for (Line line : lines) {
            scores += line.kind() == Kind.SLIT ? 0 : 1;
            if (line.liesOpen()) {
                open.add(scoreName(scores));
            }
        }
        return open;
    }

    private static String scoreName(int number) {
        return "score " + number;
    }

    /** Its lines numbered in the order they are written. */
    public Piece piece(String name) {
        List<Point> ends = lines.stream()
                .flatMap(l -> Stream.of(l.track().from(), l.track().to()))
                .distinct()
                .toList();
        PieceBuilder piece = Piece.outline(name, corners(outline, ends).toArray(new Point[0]));
        windows.forEach(w -> piece.hole(corners(w, ends)));
        int scores = 0;
        int slits = 0;
        for (Line line : lines) {
            Path path = Line.path(line.track(), ends);
            if (line.kind() == Kind.SLIT) {
                slits++;
                piece.slit(new Slit("slit " + slits, path));
            } else {
                scores++;
                piece.score(new ScoreLine(
                        scoreName(scores), path, line.kind() == Kind.MOUNTAIN ? Fold.MOUNTAIN : Fold.VALLEY));
            }
        }
        return piece.build();
    }
}
