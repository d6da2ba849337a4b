package vantbreeze.layer;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.function.Predicate;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.locationtech.jts.algorithm.Angle;
import org.locationtech.jts.algorithm.locate.SimplePointInAreaLocator;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Location;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.prep.PreparedGeometry;
import org.locationtech.jts.geom.prep.PreparedGeometryFactory;
import vantbreeze.material.Paper;
import vantbreeze.measure.Length;
import vantbreeze.measure.Size;
import vantbreeze.structure.Panel;
import vantbreeze.structure.Piece;
import vantbreeze.structure.Regions;
import vantbreeze.structure.Side;
import vantbreeze.structure.Structure;

/**
 * A plain rectangle to write on.
 *
 * @param size the largest on that face
 * @param across faces that it runs on to, over scores that lie flat on the closed card; most often none
 */
public record MessageRoom(Face face, Size size, List<Face> across) {

    MessageRoom(Face face, Size size) {
        this(face, size, List.of());
    }

    /** A message needs about 6 square inches (40 cm2) of plain face, not too narrow to write on. Common practice, no source. */
    private static final double LEAST_SQUARE_INCHES = 6;

    public static final Length NARROWEST = Length.inches(3, 2);

    private static final double SQUARE_INCH = 25.4 * 25.4;

    private static final int MOST_CORNERS = 24;

    /** @return every face with room enough, the largest first; the front of the closed card is no place for it */
    public static List<MessageRoom> of(Dressed card, Ornaments ornaments) {
        List<Face> faces = card.faces();
        Structure structure = card.structure();
        Dressing dressing = card.dressing();
        Stream<MessageRoom> written = structure.pieces().stream()
                .filter(structure::isWritten)
                .filter(p -> isEnough(p.size()))
                .map(p -> new MessageRoom(inside(structure, p), p.size()));
        Stream<MessageRoom> single = faces.stream()
                .filter(MessageRoom::isReached)
                .filter(f -> !structure.isGlued(f.panel(), f.side()))
                .flatMap(f -> on(f, dressing, ornaments, card.ground(f)));
        List<MessageRoom> rooms = Stream.concat(written, single)
                .sorted(Comparator.comparingDouble((MessageRoom r) -> r.size().squareMillimetres())
                        .reversed())
                .toList();
        return rooms.isEmpty()
                ? behind(
                                faces.stream()
                                        .filter(f -> card.ground(f).canBeWrittenOn())
                                        .toList(),
                                card,
                                ornaments)
                        .stream()
                        .toList()
                : rooms;
    }

    /** What lies in one plane behind the closed card can be written on across scores that never fold. */
    private static Optional<MessageRoom> behind(List<Face> faces, Dressed card, Ornaments ornaments) {
        List<Face> plain = faces.stream()
                .filter(f -> f.seen().contains(Face.Seen.BEHIND))
                .filter(f -> card.dressing().mats().stream()
                                .noneMatch(m -> m.face().equals(f))
                        && ornaments.placed().stream().noneMatch(o -> o.face().equals(f)))
                .toList();
        Map<Face, Polygon> lying = new LinkedHashMap<>();
        plain.forEach(f -> card.closed()
                .seen(f.panel(), f.side(), true)
                .filter(g -> g instanceof Polygon)
                .ifPresent(g -> lying.put(f, (Polygon) g)));
        return lying.keySet().stream()
                .sorted(Comparator.comparingDouble((Face f) -> -lying.get(f).getArea()))
                .flatMap(start -> together(start, lying, card.structure()).stream())
                .max(Comparator.comparingDouble(r -> r.size().squareMillimetres()));
    }

    private static Optional<MessageRoom> together(Face start, Map<Face, Polygon> lying, Structure structure) {
        List<Face> group = new ArrayList<>(List.of(start));
        for (int i = 0; i < group.size(); i++) {
            Face from = group.get(i);
            lying.keySet().stream()
                    .filter(f -> f.side() == start.side() && !group.contains(f))
                    .filter(f -> structure.hinges().stream()
                            .anyMatch(h -> h.joins(f.panel(), from.panel())
                                    && !structure.isFolded(h.score().id())))
                    .forEach(group::add);
        }
        List<Face> others = group.subList(1, group.size());
        return others.isEmpty()
                        || !(Regions.union(group.stream().map(lying::get).toList()) instanceof Polygon whole)
                ? Optional.empty()
                : largest(whole, List.of())
                        .map(size -> new MessageRoom(
                                start,
                                size,
                                others.stream()
                                        .filter(f -> structure
                                                .habit(f.panel(), f.side())
                                                .isEmpty())
                                        .toList()));
    }

    /** As it is said in a list: "back", or "left end (back side), on across middle (back side)". */
    public String label() {
        return across.isEmpty()
                ? face.label()
                : "%s, on across %s"
                        .formatted(
                                face.label(),
                                String.join(
                                        ", ", across.stream().map(Face::label).toList()));
    }

    private static Face inside(Structure structure, Piece card) {
        return Face.hardlySeen(
                structure.panels().stream()
                        .filter(p -> p.piece().equals(card.name()))
                        .findFirst()
                        .orElseThrow(),
                Side.FACE);
    }

    /** @return whether there would be room on the bare panel */
    public static boolean couldHold(Panel panel) {
        return largest(panel.outline(), List.of()).isPresent();
    }

    /** Whether someone who has the open card in hand can write there. */
    public static boolean isReached(Face face) {
        return face.seen().contains(Face.Seen.OPENED)
                || face.seen().contains(Face.Seen.OPENING)
                || face.seen().contains(Face.Seen.BEHIND)
                || (face.seen().contains(Face.Seen.DISPLAYED) && !face.seen().contains(Face.Seen.CLOSED));
    }

    /** On the face or its papers, and on whatever plain is glued over them. */
    private static Stream<MessageRoom> on(Face face, Dressing dressing, Ornaments ornaments, Paper under) {
        List<Mat> mats =
                dressing.mats().stream().filter(m -> m.face().equals(face)).toList();
        List<Glued> glued = Stream.concat(
                        mats.stream()
                                .filter(m -> m.kind() == Mat.Kind.STRIP)
                                .map(m -> new Glued(m.outline(), m.paper())),
                        ornaments.placed().stream()
                                .filter(o -> o.face().equals(face))
                                .map(o -> new Glued(o.onPiece(), o.ornament().paper())))
                .toList();
        return Stream.concat(
                ground(face, mats, boxes(glued), under).stream(),
                IntStream.range(0, glued.size())
                        .filter(i -> glued.get(i).paper().canBeWrittenOn())
                        .boxed()
                        .flatMap(i ->
                                largest(glued.get(i).outline(), boxes(glued.subList(i + 1, glued.size()))).stream())
                        .map(size -> new MessageRoom(face, size)));
    }

    /** A paper on top of the others, in the order in which they are laid. */
    private record Glued(Polygon outline, Paper paper) {}

    private static List<Envelope> boxes(List<Glued> glued) {
        return glued.stream().map(g -> g.outline().getEnvelopeInternal()).toList();
    }

    private static Optional<MessageRoom> ground(Face face, List<Mat> mats, List<Envelope> taken, Paper under) {
        Optional<Mat> top =
                mats.stream().filter(m -> m.kind() != Mat.Kind.STRIP).reduce((below, above) -> above);
        return !top.map(Mat::paper).orElse(under).canBeWrittenOn()
                ? Optional.empty()
                : largest(top.map(Mat::outline).orElse(face.panel().outline()), taken)
                        .map(size -> new MessageRoom(face, size));
    }

    /**
     * The largest upright rectangle in an outline that is large enough and touches nothing in it. In a convex outline that is
     * all free it is the very largest; elsewhere its sides lie on corners of the outline or on borders of what it leaves free,
     * and in an outline of few corners and no slanting edges no other is larger.
     */
    static Optional<Size> largest(Polygon outline, List<Envelope> taken) {
        if (outline.isRectangle() && taken.isEmpty()) {
            return Optional.of(outline.getEnvelopeInternal())
                    .filter(MessageRoom::isEnough)
                    .map(MessageRoom::size);
        }
        if (!isEnough(outline.getEnvelopeInternal())) {
            return Optional.empty();
        }
        if (taken.isEmpty() && LargestUpright.isConvex(outline)) {
            return Optional.of(LargestUpright.in(outline))
                    .filter(MessageRoom::isEnough)
                    .map(MessageRoom::size);
        }
        SortedSet<Double> acrosses = few(outline, c -> c.x);
        SortedSet<Double> ups = few(outline, c -> c.y);
        for (Coordinate sharp : sharp(outline)) {
            acrosses.add(sharp.x);
            ups.add(sharp.y);
        }
        for (Envelope box : taken) {
            acrosses.addAll(List.of(box.getMinX(), box.getMaxX()));
            ups.addAll(List.of(box.getMinY(), box.getMaxY()));
        }
        double[] xs = acrosses.stream().mapToDouble(x -> x).toArray();
        double[] ys = ups.stream().mapToDouble(y -> y).toArray();
        int[][] free = freeCells(outline, taken, xs, ys);
        Envelope best = new Envelope();
        for (int left = 0; left < xs.length; left++) {
            for (int right = left + 1; right < xs.length; right++) {
                for (int low = 0; low < ys.length; low++) {
                    for (int high = low + 1; high < ys.length; high++) {
                        int within = free[right][high] - free[left][high] - free[right][low] + free[left][low];
                        if (within == (right - left) * (high - low)) {
                            Envelope tried = new Envelope(xs[left], xs[right], ys[low], ys[high]);
                            if (tried.getArea() > best.getArea() && isEnough(tried)) {
                                best = tried;
                            }
                        }
                    }
                }
            }
        }
        return best.isNull() ? Optional.empty() : Optional.of(size(best));
    }

    /** @return for each corner of the grid how many cells left of it and below it lie in the outline and are not taken */
    private static int[][] freeCells(Polygon outline, List<Envelope> taken, double[] xs, double[] ys) {
        Predicate<Envelope> isInside = isInside(outline);
        int[][] free = new int[xs.length][ys.length];
        for (int i = 1; i < xs.length; i++) {
            for (int j = 1; j < ys.length; j++) {
                Envelope cell = new Envelope(xs[i - 1], xs[i], ys[j - 1], ys[j]);
                boolean isFree = taken.stream().noneMatch(t -> t.covers(cell.centre())) && isInside.test(cell);
                free[i][j] = free[i - 1][j] + free[i][j - 1] - free[i - 1][j - 1] + (isFree ? 1 : 0);
            }
        }
        return free;
    }

    /** Where all edges are level or upright and all corners on the grid, a cell is where its middle is. */
    private static Predicate<Envelope> isInside(Polygon outline) {
        if (outline.getNumPoints() <= MOST_CORNERS && isUpright(outline)) {
            return cell -> SimplePointInAreaLocator.locate(cell.centre(), outline) == Location.INTERIOR;
        }
        PreparedGeometry area = PreparedGeometryFactory.prepare(outline);
        return cell -> area.covers(outline.getFactory().toGeometry(cell));
    }

    private static boolean isUpright(Polygon outline) {
        Coordinate[] ring = outline.getExteriorRing().getCoordinates();
        return outline.getNumInteriorRing() == 0
                && IntStream.range(1, ring.length)
                        .allMatch(i -> ring[i].x == ring[i - 1].x || ring[i].y == ring[i - 1].y);
    }

    /** Real corners, up to as many as are tried: those of a curve turn by a few degrees only. */
    private static List<Coordinate> sharp(Polygon outline) {
        Coordinate[] ring = outline.getExteriorRing().getCoordinates();
        int n = ring.length - 1;
        return IntStream.range(0, n)
                .filter(i -> Angle.angleBetween(ring[(i + n - 1) % n], ring[i], ring[i + 1]) < Math.PI - SHARP)
                .mapToObj(i -> ring[i])
                .limit(MOST_CORNERS)
                .toList();
    }

    private static final double SHARP = Math.toRadians(15);

    /** A curve has many corners; some of them are as good as all. */
    private static SortedSet<Double> few(Polygon outline, ToDoubleFunction<Coordinate> of) {
        double[] all = Arrays.stream(outline.getCoordinates())
                .mapToDouble(of)
                .sorted()
                .distinct()
                .toArray();
        SortedSet<Double> kept = new TreeSet<>(List.of(all[0], all[all.length - 1]));
        int every = (all.length + MOST_CORNERS - 1) / MOST_CORNERS;
        for (int i = 0; i < all.length; i += every) {
            kept.add(all[i]);
        }
        return kept;
    }

    /** @return whether one can write there */
    public static boolean isEnough(Size size) {
        return !size.shortSide().isLessThan(NARROWEST)
                && size.squareMillimetres() >= LEAST_SQUARE_INCHES * SQUARE_INCH - 1e-6;
    }

    /** Slivers too thin to be a size at all are none. */
    private static boolean isEnough(Envelope box) {
        return Math.min(box.getWidth(), box.getHeight()) >= NARROWEST.count() - 1 && isEnough(size(box));
    }

    private static Size size(Envelope box) {
        return new Size(Length.nearestTo(box.getWidth()), Length.nearestTo(box.getHeight()));
    }
}
