package vantbreeze.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.BiFunction;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.LineSegment;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.catalogue.FoldCatalogue;
import vantbreeze.catalogue.FoldDesign;
import vantbreeze.catalogue.Parameter;
import vantbreeze.fold.FlatFolder;
import vantbreeze.make.PlacedBySlits;
import vantbreeze.material.Scoring;
import vantbreeze.measure.Length;
import vantbreeze.measure.UnitSystem;
import vantbreeze.operation.Glued;
import vantbreeze.operation.Step;
import vantbreeze.operation.Task;
import vantbreeze.structure.Bond;
import vantbreeze.structure.Fold;
import vantbreeze.structure.Grouped;
import vantbreeze.structure.Piece;
import vantbreeze.structure.Point;
import vantbreeze.structure.Side;
import vantbreeze.structure.Structure;

/**
 * A maker who takes every step at its word must get the card that was worked out. Common practice, no published source: a
 * score is set on the side that becomes the ridge; a piece is turned over like a page of a book, and turned round on the
 * table.
 */
class FollowedStepsTest {

    private static final String LENGTH = "≈?[\\d¼½¾⁄\u202f ]+ in";

    /** What reads as "≈" is rounded to 1/64 in. */
    private static final double ROUNDED_MM = 0.4;

    /** A stretch on the flat piece, face side up, in mm. */
    private record Stretch(Side side, boolean upright, double at, double from, double to) {

        static Stretch of(Side side, Point a, Point b) {
            boolean upright = a.x().equals(b.x());
            double one = (upright ? a.y() : a.x()).millimetres();
            double other = (upright ? b.y() : b.x()).millimetres();
            double at = (upright ? a.x() : a.y()).millimetres();
            return new Stretch(side, upright, at, Math.min(one, other), Math.max(one, other));
        }

        boolean covers(Stretch other) {
            return side == other.side
                    && upright == other.upright
                    && Math.abs(at - other.at) <= ROUNDED_MM
                    && from <= other.from + ROUNDED_MM
                    && to >= other.to - ROUNDED_MM;
        }

        Stretch turnedRound(double width, double height) {
            double across = upright ? width : height;
            double along = upright ? height : width;
            return new Stretch(side, upright, across - at, along - to, along - from);
        }

        /** Like a page: left and right change places. */
        Stretch turnedOver(double width) {
            return upright
                    ? new Stretch(side, true, width - at, from, to)
                    : new Stretch(side, false, at, width - to, width - from);
        }
    }

    static Stream<FoldDesign> folds() {
        return FoldCatalogue.all().stream()
                .filter(f -> f.parameters().stream().noneMatch(p -> p.kind() == Parameter.Kind.PANELS));
    }

    private static Plan plan(FoldDesign fold) {
        return plan(fold, Scoring.RIDGE_SIDE);
    }

    private static Plan plan(FoldDesign fold, Scoring scoring) {
        Brief brief = brief(fold);
        return Planner.plan(brief.withTools(brief.tools().with(scoring)));
    }

    private static Brief brief(FoldDesign fold) {
        /* What keeps its proportions would miss the ruler's marks at any size but its own. */
        return fold.id().equals("free-pattern")
                ? Briefs.of(fold.id(), new Basis.ClosedSize(null, null))
                : Briefs.closed(fold.id(), "4 1/4", "5 1/2");
    }

    private static double mm(String length) {
        return Length.parse(length.replace("≈", "").trim(), UnitSystem.INCH).millimetres();
    }

    private static List<double[]> spans(String text) {
        return Pattern.compile("(%s) to (%s)".formatted(LENGTH, LENGTH))
                .matcher(text)
                .results()
                .map(m -> new double[] {mm(m.group(1)), mm(m.group(2))})
                .toList();
    }

    /** What is said of that work on that piece, alone or with others that are worked on alike. */
    private static List<String> texts(Plan plan, String verb, Piece piece) {
        return plan.tasks().stream()
                .filter(t -> t.parts().contains("piece/" + piece.name()))
                .map(t -> t.step(plan.brief().ruler()))
                .filter(s -> s.title().startsWith(verb + " "))
                .map(Step::text)
                .toList();
    }

    private static void assertSame(List<Stretch> done, List<Stretch> wanted, double longest) {
        assertThat(wanted).allSatisfy(w -> assertThat(done).anyMatch(d -> d.covers(w)));
        assertThat(done.stream().mapToDouble(d -> d.to() - d.from()).sum())
                .isCloseTo(wanted.stream().mapToDouble(w -> w.to() - w.from()).sum(), within(longest));
    }

    @ParameterizedTest
    @MethodSource("folds")
    void everyScoreIsSetWhereItIsOnTheSideOfItsRidge(FoldDesign fold) {
        assertScored(plan(fold), Scoring.RIDGE_SIDE);
    }

    /** Who scores all from one side never turns a piece over. */
    @ParameterizedTest
    @MethodSource("folds")
    void everyScoreIsSetWhereItIsFromOneSide(FoldDesign fold) {
        Plan plan = plan(fold, Scoring.ONE_SIDE);
        assertScored(plan, Scoring.ONE_SIDE);
        assertThat(plan.steps())
                .filteredOn(s -> s.title().startsWith("Score"))
                .allSatisfy(s -> assertThat(s.text()).startsWith("Face up"));
    }

    private static void assertScored(Plan plan, Scoring scoring) {
        for (Piece piece : plan.structure().pieces()) {
            Set<String> pricked = pricked(plan, piece, scoring);
            List<Stretch> wanted = piece.scores().stream()
                    .filter(s -> s.isUpright() || s.isLevel())
                    .filter(s -> !pricked.contains(s.id()))
                    .map(s -> Stretch.of(
                            scoring == Scoring.ONE_SIDE || s.fold() == Fold.MOUNTAIN ? Side.FACE : Side.BACK,
                            s.from(),
                            s.to()))
                    .toList();
            List<Stretch> done = new ArrayList<>();
            texts(plan, "Score", piece).forEach(text -> done.addAll(scored(text, piece)));
            if (piece.scoredAcross()) {
                /* From edge to edge, whichever way it folds. */
                assertThat(wanted)
                        .allSatisfy(w -> assertThat(done)
                                .anyMatch(d -> d.covers(new Stretch(d.side(), w.upright(), w.at(), w.from(), w.to()))));
                assertThat(done).hasSize((int)
                        wanted.stream().map(Stretch::at).distinct().count());
            } else {
                assertSame(done, wanted, ROUNDED_MM);
            }
        }
    }

    /** What is trimmed after scoring is read before it. */
    private static List<Stretch> scored(String text, Piece trimmed) {
        Piece piece = trimmed.untrimmed();
        double width = piece.size().width().millimetres();
        double height = piece.size().height().millimetres();
        Side side = text.startsWith("Face up") ? Side.FACE : Side.BACK;
        boolean round =
                text.startsWith("Face up, turned round") || text.startsWith("Face down, turned over top to bottom");
        BiFunction<Boolean, Double, Stretch> through =
                (upright, at) -> new Stretch(side, upright, at, 0, upright ? height : width);
        List<Stretch> lying = new ArrayList<>();
        if (!text.contains("score at") && !text.contains("score right across at")) {
            return lying;
        }
        Matcher alongTop = Pattern.compile("the (long|short) side along the top of the board, score at (.*?)\\.")
                .matcher(text);
        if (alongTop.find()) {
            boolean upright = alongTop.group(1).equals("long") == width > height;
            for (String at : alongTop.group(2).split(" and |, ")) {
                lying.add(through.apply(upright, mm(at)));
            }
            return lying;
        }
        Matcher both = Pattern.compile(
                        "score (?:right across )?at (.*?)\\. Turn the piece round and score (?:right across )?at \\1 again(?:\\. Score the middle at (.*?))?\\.")
                .matcher(text);
        if (both.find()) {
            for (String at : both.group(1).split(" and |, ")) {
                Stretch stretch = through.apply(true, mm(at));
                lying.add(stretch);
                lying.add(stretch.turnedRound(width, height));
            }
            if (both.group(2) != null) {
                lying.add(through.apply(true, mm(both.group(2))));
            }
        } else {
            Matcher each = Pattern.compile(
                            "((?:%1$s(?:, | and )?)+) (from the left edge|up from the bottom)(?: \\(only (.*?), (?:up from the bottom|from the left)\\))?"
                                    .formatted(LENGTH))
                    .matcher(text);
            while (each.find()) {
                boolean upright = each.group(2).equals("from the left edge");
                for (String one : each.group(1).split(", | and ")) {
                    double at = mm(one);
                    if (each.group(3) == null) {
                        lying.add(through.apply(upright, at));
                    } else {
                        spans(each.group(3)).forEach(s -> lying.add(new Stretch(side, upright, at, s[0], s[1])));
                    }
                }
            }
        }
        List<Stretch> upright =
                round ? lying.stream().map(s -> s.turnedRound(width, height)).toList() : lying;
        return side == Side.FACE
                ? upright
                : upright.stream().map(s -> s.turnedOver(width)).toList();
    }

    /** The scores whose ends are pricked through the template, each said with the side up on which its ridge is. */
    private static Set<String> pricked(Plan plan, Piece piece, Scoring scoring) {
        Set<String> pricked = new HashSet<>();
        Pattern said = Pattern.compile("^Face (up|down).*Prick through the ends(?: and bends)? of (.*?)\\. Take");
        for (String text : texts(plan, "Score", piece)) {
            Matcher ends = said.matcher(text);
            if (ends.find()) {
                Fold fold = ends.group(1).equals("up") ? Fold.MOUNTAIN : Fold.VALLEY;
                List<String> names = List.of(ends.group(2).split(", | and "));
                assertThat(piece.scores())
                        .filteredOn(s -> names.contains(s.id()))
                        .hasSameSizeAs(names)
                        .allSatisfy(s -> assertThat(scoring == Scoring.ONE_SIDE ? Fold.MOUNTAIN : s.fold())
                                .isEqualTo(fold));
                pricked.addAll(names);
            }
        }
        return pricked;
    }

    private static final String MARK =
            ("the (?:(?:tick (%1$s) from the )?(top|bottom) (left|right) corner(?: on the (left|right|top|bottom) edge)?"
                            + "|(top|foot|right end|left end) of the (%1$s) (level )?score"
                            + "|(%1$s) (level )?score, (%1$s) from the (?:bottom|left end))")
                    .formatted(LENGTH);
    private static final int GROUPS = 10;

    /** Where a mark of a ruler lies on the piece as it lies then, in mm. */
    private static Coordinate mark(Matcher m, int group, Piece piece, boolean turned, Scoring scoring) {
        double width = piece.size().width().millimetres();
        double height = piece.size().height().millimetres();
        if (m.group(group + 5) != null) {
            return end(m.group(group + 4), mm(m.group(group + 5)), piece, turned, scoring);
        }
        if (m.group(group + 7) != null) {
            double at = mm(m.group(group + 7));
            double along = mm(m.group(group + 9));
            Coordinate place = m.group(group + 8) == null ? new Coordinate(at, along) : new Coordinate(along, at);
            assertThat(seen(piece, turned, scoring))
                    .as("a score that ends at %s", place)
                    .anyMatch(l -> l.p0.distance(place) <= ROUNDED_MM || l.p1.distance(place) <= ROUNDED_MM);
            return place;
        }
        double from = m.group(group) == null ? 0 : mm(m.group(group));
        boolean top = m.group(group + 1).equals("top");
        boolean right = m.group(group + 2).equals("right");
        boolean onSide = List.of("left", "right").contains(String.valueOf(m.group(group + 3)));
        double x = onSide ? 0 : from;
        double y = onSide ? from : 0;
        return new Coordinate(right ? width - x : x, top ? height - y : y);
    }

    /** With only the words a hand finds the one score on that line; were there two, it could take the other's end. */
    private static Coordinate end(String which, double at, Piece piece, boolean turned, Scoring scoring) {
        boolean level = which.endsWith("end");
        List<LineSegment> there = lines(seen(piece, turned, scoring)).stream()
                .filter(l -> Math.abs(level ? l.p1.y - l.p0.y : l.p1.x - l.p0.x) <= ROUNDED_MM)
                .filter(l -> Math.abs((level ? l.p0.y : l.p0.x) - at) <= ROUNDED_MM)
                .toList();
        assertThat(there).as("%s of the score at %.2f mm", which, at).hasSize(1);
        LineSegment line = there.get(0);
        boolean firstIsFar = level ? line.p0.x > line.p1.x : line.p0.y > line.p1.y;
        boolean far = which.equals("top") || which.equals("right end");
        return far == firstIsFar ? line.p0 : line.p1;
    }

    /** On the face only what is scored there by then; from behind every score. As the piece lies. */
    private static List<LineSegment> seen(Piece piece, boolean turned, Scoring scoring) {
        double width = piece.size().width().millimetres();
        return piece.scores().stream()
                .filter(s -> turned || scoring == Scoring.ONE_SIDE || s.fold() == Fold.MOUNTAIN)
                .map(s -> new LineSegment(
                        turned
                                ? width - s.from().x().millimetres()
                                : s.from().x().millimetres(),
                        s.from().y().millimetres(),
                        turned ? width - s.to().x().millimetres() : s.to().x().millimetres(),
                        s.to().y().millimetres()))
                .toList();
    }

    /** What runs on straight is scored as one line. */
    private static List<LineSegment> lines(List<LineSegment> segments) {
        List<LineSegment> lines = new ArrayList<>(segments);
        for (int i = 0; i < lines.size(); i++) {
            for (int j = i + 1; j < lines.size(); j++) {
                LineSegment a = lines.get(i);
                LineSegment b = lines.get(j);
                boolean onOneLine = a.p0.x == a.p1.x && b.p0.x == a.p0.x && b.p1.x == a.p0.x
                        || a.p0.y == a.p1.y && b.p0.y == a.p0.y && b.p1.y == a.p0.y;
                if (onOneLine && a.distance(b) <= ROUNDED_MM) {
                    Envelope both = new Envelope(a.p0, a.p1);
                    both.expandToInclude(new Envelope(b.p0, b.p1));
                    lines.set(i, new LineSegment(both.getMinX(), both.getMinY(), both.getMaxX(), both.getMaxY()));
                    lines.remove(j);
                    j = i;
                }
            }
        }
        return lines;
    }

    /** What has no fence is creased along a ruler: the marks and spans of the words lead to the scores' own ends. */
    @ParameterizedTest
    @MethodSource("folds")
    void everyScoreAslantIsCreasedWhereItIs(FoldDesign fold) {
        assertCreased(plan(fold), Scoring.RIDGE_SIDE);
        assertCreased(plan(fold, Scoring.ONE_SIDE), Scoring.ONE_SIDE);
    }

    private static void assertCreased(Plan plan, Scoring scoring) {
        for (Piece piece : plan.structure().pieces()) {
            Set<String> pricked = pricked(plan, piece, scoring);
            List<LineSegment> done = new ArrayList<>();
            texts(plan, "Score", piece).forEach(text -> done.addAll(creased(text, piece, scoring)));
            List<LineSegment> wanted = piece.scores().stream()
                    .filter(s -> !s.isUpright() && !s.isLevel() && !pricked.contains(s.id()))
                    /* Slits place them: what they say is followed with the slits. */
                    .filter(s -> !PlacedBySlits.of(piece).contains(s.id()))
                    .map(s -> new LineSegment(
                            s.from().x().millimetres(),
                            s.from().y().millimetres(),
                            s.to().x().millimetres(),
                            s.to().y().millimetres()))
                    .toList();
            assertThat(done).hasSameSizeAs(wanted);
            assertThat(wanted)
                    .allSatisfy(w -> assertThat(done)
                            .anyMatch(d -> Math.max(d.p0.distance(w.p0), d.p1.distance(w.p1)) <= 2 * ROUNDED_MM
                                    || Math.max(d.p0.distance(w.p1), d.p1.distance(w.p0)) <= 2 * ROUNDED_MM));
        }
    }

    /** A corner brought to a mark folds along their perpendicular bisector (Huzita's second axiom): it holds the score's ends. */
    @ParameterizedTest
    @ValueSource(strings = {"burst-gate"})
    void aCornerBroughtToItsMarkFoldsWhereTheRulerWould(String fold) {
        Plan plan = plan(FoldCatalogue.named(fold));
        int folds = 0;
        for (Piece piece : plan.structure().pieces()) {
            double width = piece.size().width().millimetres();
            double height = piece.size().height().millimetres();
            for (String text : texts(plan, "Score", piece)) {
                boolean turned = !text.startsWith("Face up");
                Matcher hand = Pattern.compile(
                                "the (top|bottom) (left|right) corner to a pencil mark "
                                        + "(?:on|(\\S.*?) from) the (left|right) edge and (?:on|(\\S.*?) from) the (lower|upper) edge")
                        .matcher(text);
                while (hand.find()) {
                    Coordinate corner = new Coordinate(
                            hand.group(2).equals("right") ? width : 0,
                            hand.group(1).equals("top") ? height : 0);
                    double side = hand.group(3) == null ? 0 : mm(hand.group(3));
                    double end = hand.group(5) == null ? 0 : mm(hand.group(5));
                    Coordinate mark = new Coordinate(
                            hand.group(4).equals("right") ? width - side : side,
                            hand.group(6).equals("upper") ? height - end : end);
                    assertThat(piece.scores().stream()
                                    .filter(s -> !s.isUpright() && !s.isLevel())
                                    .flatMap(s -> Stream.of(s.from(), s.to()))
                                    .filter(p -> {
                                        Coordinate at = new Coordinate(
                                                turned ? width - p.x().millimetres() : p.x().millimetres(),
                                                p.y().millimetres());
                                        return Math.abs(at.distance(corner) - at.distance(mark)) <= 2 * ROUNDED_MM;
                                    })
                                    .count())
                            .isGreaterThanOrEqualTo(2);
                    folds++;
                }
            }
        }
        assertThat(folds).isPositive();
    }

    private static List<LineSegment> creased(String text, Piece piece, Scoring scoring) {
        List<LineSegment> creased = new ArrayList<>();
        double width = piece.size().width().millimetres();
        boolean turned = !text.startsWith("Face up");
        Matcher ruler = Pattern.compile(
                        "(?:lay a ruler|then) from %s to %s(?: \\(only from (.*?) along the ruler[^)]*\\))?(?=;|\\. Crease)"
                                .formatted(MARK, MARK))
                .matcher(text);
        while (ruler.find()) {
            Coordinate from = mark(ruler, 1, piece, turned, scoring);
            Coordinate to = mark(ruler, 1 + GROUPS, piece, turned, scoring);
            double whole = from.distance(to);
            String only = ruler.group(1 + 2 * GROUPS);
            List<double[]> spans = only == null ? List.of(new double[] {0, whole}) : spans(only);
            for (double[] s : spans) {
                creased.add(new LineSegment(
                        along(from, to, s[0] / whole, turned ? width : 0),
                        along(from, to, s[1] / whole, turned ? width : 0)));
            }
        }
        return creased;
    }

    /** @param over the width of a piece that lies turned over like a page, 0 of one that lies face up */
    private static Coordinate along(Coordinate from, Coordinate to, double share, double over) {
        double x = from.x + share * (to.x - from.x);
        return new Coordinate(over > 0 ? over - x : x, from.y + share * (to.y - from.y));
    }

    @ParameterizedTest
    @MethodSource("folds")
    void everySlitIsCutWhereItIs(FoldDesign fold) {
        Plan plan = plan(fold);
        for (Piece piece : plan.structure().pieces()) {
            List<Stretch> wanted = piece.slits().stream()
                    .map(s -> Stretch.of(Side.FACE, s.from(), s.to()))
                    .toList();
            List<Stretch> done = new ArrayList<>();
            texts(plan, "Slit", piece).forEach(text -> done.addAll(slit(text, piece)));
            assertSame(done, wanted, ROUNDED_MM);
        }
    }

    private static List<Stretch> slit(String text, Piece piece) {
        List<Stretch> cut = new ArrayList<>();
        Matcher each = Pattern.compile(
                        "(?i)set the trimmer to (%s), (left|bottom) edge against the fence, and cut (.*?), counted from the"
                                .formatted(LENGTH))
                .matcher(text);
        while (each.find()) {
            double at = mm(each.group(1));
            boolean upright = each.group(2).equalsIgnoreCase("left");
            spans(each.group(3)).forEach(s -> cut.add(new Stretch(Side.FACE, upright, at, s[0], s[1])));
        }
        if (text.contains("Turn the piece round and do the same")) {
            List.copyOf(cut).stream()
                    .map(s -> s.turnedRound(
                            piece.size().width().millimetres(),
                            piece.size().height().millimetres()))
                    .filter(s -> cut.stream().noneMatch(c -> c.covers(s)))
                    .forEach(cut::add);
        }
        return cut;
    }

    @ParameterizedTest
    @MethodSource("folds")
    void everyPanelIsGluedWhereItBelongs(FoldDesign fold) {
        Plan plan = plan(fold);
        Structure structure = plan.structure();
        Set<String> glued = new HashSet<>();
        for (Task task : plan.tasks()) {
            String text = task.step(plan.brief().ruler()).text();
            for (Glued joint : task.operation().joints()) {
                glued.add(joint.bond().id());
                assertThat(text)
                        .containsPattern("the %s of [^;.]*%s"
                                .formatted(
                                        joint.bond().side().word(),
                                        Pattern.quote(Grouped.the(joint.laid().name()))));
                if (text.contains("nothing is measured")) {
                    assertLands(structure, joint.bond());
                    assertThat(text).contains(Grouped.the(joint.onto().name()));
                } else {
                    assertLaid(plan, joint.bond(), laying(text, joint));
                }
            }
        }
        assertThat(glued).hasSameSizeAs(structure.bonds());
    }

    /** What is said of one joint of several. */
    private static String laying(String text, Glued joint) {
        String begin = "on %s%s: "
                .formatted(
                        joint.bond().ontoSide() == Side.BACK ? "the back of " : "",
                        Grouped.the(joint.onto().name()));
        Matcher said = Pattern.compile("(?:%s |Lay it )%s(.*?)(?:; |\\. Press)"
                        .formatted(Pattern.quote(Grouped.the(joint.laid().name())), begin))
                .matcher(text);
        if (said.find()) {
            return said.group(1);
        }
        Matcher alike = Pattern.compile("%s %s(?:, .*?)?: each (.*?)\\. Press"
                        .formatted(Pattern.quote(Grouped.the(joint.laid().name())), begin.replaceFirst(": $", "")))
                .matcher(text);
        assertThat(alike.find()).as(text).isTrue();
        return alike.group(1);
    }

    /** On the card folded as it is closed the two sides lie on each other without this joint. */
    private static void assertLands(Structure structure, Bond bond) {
        var closed = FlatFolder.closed(structure);
        var there = closed.placed(structure.panel(bond.onto())).motion().after(bond.placement());
        var lying = closed.placed(structure.panel(bond.panel())).motion();
        for (Coordinate corner : structure.panel(bond.panel()).outline().getCoordinates()) {
            assertThat(lying.apply(corner).distance(there.apply(corner))).isLessThan(13);
        }
        List<Bond> order = structure.gluedInOrder();
        Set<String> joined = new HashSet<>(Set.of(bond.panel()));
        for (boolean grows = true; grows; ) {
            grows = false;
            for (var hinge : structure.hinges()) {
                grows |= joins(joined, hinge.first().name(), hinge.second().name());
            }
            for (Bond other : order.subList(0, order.indexOf(bond))) {
                grows |= joins(joined, other.panel(), other.onto());
            }
            for (var slide : structure.slides()) {
                grows |= joins(joined, slide.panel(), slide.onto());
            }
        }
        assertThat(joined).as("held by folds and by what is glued before").contains(bond.onto());
    }

    private static boolean joins(Set<String> joined, String one, String other) {
        return joined.contains(one) != joined.contains(other) && joined.addAll(List.of(one, other));
    }

    private static void assertLaid(Plan plan, Bond bond, String said) {
        Structure structure = plan.structure();
        Envelope onto = structure.panel(bond.onto()).outline().getEnvelopeInternal();
        Envelope laid =
                bond.placement().apply(structure.panel(bond.panel()).outline()).getEnvelopeInternal();
        /* Seen from the back, left is right. */
        boolean turned = bond.ontoSide() == Side.BACK;
        double left = turned ? onto.getMaxX() - laid.getMaxX() : laid.getMinX() - onto.getMinX();
        double right = turned ? laid.getMinX() - onto.getMinX() : onto.getMaxX() - laid.getMaxX();
        if (said.contains("edge on edge with the outline of the ")) {
            var lying = FlatFolder.closed(structure)
                    .placed(structure.panel(bond.panel()))
                    .outline();
            var card = structure.piece(structure.anchor().piece()).polygon();
            assertThat(lying.difference(card.buffer(2)).getArea()).as("on it").isZero();
            assertThat(lying.getExteriorRing()
                            .intersection(card.getExteriorRing().buffer(2))
                            .getLength())
                    .isGreaterThan(lying.getLength() / 2);
            return;
        }
        Matcher slid =
                Pattern.compile("slid (%s) under its slant".formatted(LENGTH)).matcher(said);
        if (slid.find()) {
            assertUnderSlant(structure, bond, mm(slid.group(1)));
            return;
        }
        if (said.equals("edges flush all round")) {
            assertThat(List.of(left, right, laid.getMinY() - onto.getMinY(), onto.getMaxY() - laid.getMaxY()))
                    .allSatisfy(d -> assertThat(d).isCloseTo(0, within(1.0)));
            return;
        }
        double[] mat = mat(plan, bond, onto);
        assertPlace(
                said,
                List.of("left", "right", "from the left edge", "from the right edge"),
                left,
                right,
                laid.getWidth(),
                new double[] {mat[0], mat[1]});
        assertPlace(
                said,
                List.of("bottom", "top", "up from the bottom", "down from the top"),
                laid.getMinY() - onto.getMinY(),
                onto.getMaxY() - laid.getMaxY(),
                laid.getHeight(),
                new double[] {mat[2], mat[3]});
    }

    /** How far inside its panel the first mat there lies: left, right, lower, upper; nothing where there is none. */
    private static double[] mat(Plan plan, Bond bond, Envelope onto) {
        return plan.dressing().mats().stream()
                .filter(m -> m.layer() == 1
                        && m.face().panel().name().equals(bond.onto())
                        && m.face().side() == bond.ontoSide())
                .map(m -> m.outline().getEnvelopeInternal())
                .map(m -> {
                    double first = m.getMinX() - onto.getMinX();
                    double other = onto.getMaxX() - m.getMaxX();
                    boolean turned = bond.ontoSide() == Side.BACK;
                    return new double[] {
                        turned ? other : first,
                        turned ? first : other,
                        m.getMinY() - onto.getMinY(),
                        onto.getMaxY() - m.getMaxY()
                    };
                })
                .findFirst()
                .orElse(new double[] {Double.NaN, Double.NaN, Double.NaN, Double.NaN});
    }

    /** What lies under the other panel is a strip so wide along its slant: nothing of it is deeper in. */
    private static void assertUnderSlant(Structure structure, Bond bond, double mm) {
        Polygon onto = structure.panel(bond.onto()).outline();
        Geometry under =
                bond.placement().apply(structure.panel(bond.panel()).outline()).intersection(onto);
        double rounded = ROUNDED_MM * Length.COUNTS_PER_MILLIMETRE;
        double by = mm * Length.COUNTS_PER_MILLIMETRE;
        assertThat(onto.buffer(-by - rounded).intersects(under)).isFalse();
        assertThat(onto.buffer(-by + rounded).intersects(under)).isTrue();
    }

    /** @param words what the two edges are called, and how a distance from each is said */
    private static void assertPlace(
            String said, List<String> words, double fromOne, double fromOther, double length, double[] mats) {
        double rounded = ROUNDED_MM * Length.COUNTS_PER_MILLIMETRE;
        String one = words.get(0);
        String other = words.get(1);
        String edge = "(%s|%s)".formatted(one, other);
        if (said.contains("%s and %s edges flush".formatted(one, other))) {
            assertThat(Math.max(Math.abs(fromOne), Math.abs(fromOther)))
                    .as(said)
                    .isLessThan(1);
            return;
        }
        Matcher line =
                Pattern.compile("its middle on the %s edge".formatted(edge)).matcher(said);
        if (line.find()) {
            /* As much of it lies beyond that edge as within. */
            double beyond = line.group(1).equals(one) ? fromOne : fromOther;
            assertThat(beyond).as(said).isCloseTo(-length / 2, within(1.0));
            return;
        }
        Matcher flush = Pattern.compile(edge + " edges flush").matcher(said);
        Matcher level =
                Pattern.compile("%s edge level with the mat's".formatted(edge)).matcher(said);
        Matcher middle = Pattern.compile("centred %s(?: \\((%s) on each side\\))?"
                        .formatted(one.equals("left") ? "left to right" : "top to bottom", LENGTH))
                .matcher(said);
        Matcher over = Pattern.compile("(%s) past the %s and past the %s edge".formatted(LENGTH, one, other))
                .matcher(said);
        Matcher beyond =
                Pattern.compile("(%s) past the %s edge".formatted(LENGTH, one)).matcher(said);
        Matcher from = Pattern.compile("(%s) (%s|%s)".formatted(LENGTH, words.get(2), words.get(3)))
                .matcher(said);
        if (flush.find()) {
            assertThat(flush.group(1).equals(one) ? fromOne : fromOther)
                    .as(said)
                    .isCloseTo(0, within(1.0));
        } else if (level.find()) {
            boolean first = level.group(1).equals(one);
            assertThat(first ? fromOne : fromOther).as(said).isCloseTo(mats[first ? 0 : 1], within(1.0));
        } else if (middle.find()) {
            assertThat(fromOne).as(said).isCloseTo(fromOther, within(1.0));
            assertThat(middle.group(1) == null ? fromOne : counts(middle))
                    .as(said)
                    .isCloseTo(fromOne, within(rounded));
        } else if (over.find()) {
            assertThat(fromOne).as(said).isCloseTo(-counts(over), within(rounded));
            assertThat(fromOther).as(said).isCloseTo(-counts(over), within(rounded));
        } else if (beyond.find()) {
            assertThat(fromOne).as(said).isCloseTo(-counts(beyond), within(rounded));
        } else {
            assertThat(from.find()).as(said).isTrue();
            assertThat(from.group(2).equals(words.get(2)) ? fromOne : fromOther)
                    .as(said)
                    .isCloseTo(counts(from), within(rounded));
        }
    }

    private static double counts(Matcher length) {
        return mm(length.group(1)) * Length.COUNTS_PER_MILLIMETRE;
    }
}
