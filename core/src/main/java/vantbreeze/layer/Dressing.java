package vantbreeze.layer;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.fold.LayerStack;
import vantbreeze.material.Paper;
import vantbreeze.measure.Division;
import vantbreeze.measure.Length;
import vantbreeze.measure.Size;
import vantbreeze.structure.Habit;
import vantbreeze.structure.Regions;
import vantbreeze.structure.Structure;

/**
 * The mats of a card, by the step rule: each layer is the one below moved inward by the step. Rectangles are rounded down
 * to the grid, what rounding took shared between opposite borders, and so is what straight cuts make ({@link OnGrid}); other
 * outlines are cut by a template and are not rounded.
 *
 * @param cuts in the order of the faces, lower layers first
 * @param dropped mats that would be too narrow to handle
 */
public record Dressing(List<MatCut> cuts, List<Dropped> dropped) {

    /** No mats at all. */
    public static final Dressing NONE = new Dressing(List.of(), List.of());

    /** Narrower mats are slivers nobody can glue straight. Common practice, no published source. */
    public static final Length NARROWEST = Length.inches(3, 16);

    /** @param layer the first that does not fit; those above it are dropped too */
    public record Dropped(Face face, int layer) {}

    /** What one layer has to lie on, and how far inside. */
    private record Ground(Envelope box, Length step) {}

    public static Dressing of(List<Face> faces, Structure structure, LayerStack closed, Matting matting) {
        return new Dresser(faces, structure, new Meetings(faces, structure, closed, matting), matting).dress();
    }

    public List<Mat> mats() {
        return cuts.stream().flatMap(c -> c.mats().stream()).toList();
    }

    /** One run of the rule over all faces. */
    private static final class Dresser {
        private final List<Face> faces;
        private final Structure structure;
        private final Meetings meetings;
        private final Matting matting;
        private final List<MatCut> cuts = new ArrayList<>();
        private final List<Dropped> dropped = new ArrayList<>();

        private final Map<Polygon, Map<Length, List<Polygon>>> insets = new IdentityHashMap<>();

        Dresser(List<Face> faces, Structure structure, Meetings meetings, Matting matting) {
            this.structure = structure;
            this.faces = faces;
            this.meetings = meetings;
            this.matting = matting;
        }

        Dressing dress() {
            Set<Face> done = new HashSet<>();
            for (Face face : faces) {
                if (!done.add(face)) {
                    continue;
                }
                Optional<Meetings.Meeting> meeting = meetings.of(face);
                if (meeting.isPresent()) {
                    done.add(meeting.get().first());
                    done.add(meeting.get().second());
                    dressBoth(meeting.get());
                } else {
                    layers(face).forEach(mat -> cuts.add(new MatCut(mat.size(), List.of(mat), true)));
                }
            }
            return new Dressing(List.copyOf(cuts), List.copyOf(dropped));
        }

        private void dressBoth(Meetings.Meeting meeting) {
            boolean runsOn = matting.meeting() == Matting.Meeting.RUN_ON;
            List<Mat> first = new ArrayList<>();
            List<Mat> second = new ArrayList<>();
            if (runsOn) {
                runOn(meeting, first, second);
            } else {
                first.addAll(rectangles(meeting.first(), meeting.first().panel().outline()));
                second.addAll(
                        rectangles(meeting.second(), meeting.second().panel().outline()));
            }
            for (int i = 0; i < Math.min(first.size(), second.size()); i++) {
                Mat a = first.get(i);
                Mat b = second.get(i);
                Size whole = meeting.sideBySide()
                        ? new Size(
                                a.size().width().plus(b.size().width()),
                                a.size().height())
                        : new Size(
                                a.size().width(),
                                a.size().height().plus(b.size().height()));
                cuts.add(new MatCut(whole, List.of(a, b), meeting.sideBySide()));
            }
        }

        /** One paper to lay: how far inside what is under it, or how wide a strip across it. */
        private record Course(Mat.Lay lay, Length step, Finish.Strip strip) {}

        private List<Course> courses(Face face) {
            Finish finish = matting.on(face);
            List<Course> courses = new ArrayList<>();
            if (finish.ground()) {
                courses.add(course(face, Mat.Kind.GROUND, courses.size() + 1, Length.ZERO, null));
            }
            for (int mat = 1; mat <= finish.mats(); mat++) {
                courses.add(course(face, Mat.Kind.MAT, courses.size() + 1, matting.step(face, mat), null));
            }
            if (finish.note()) {
                courses.add(
                        course(face, Mat.Kind.NOTE, courses.size() + 1, matting.step(face, finish.mats() + 1), null));
            }
            finish.strip()
                    .ifPresent(
                            strip -> courses.add(course(face, Mat.Kind.STRIP, courses.size() + 1, Length.ZERO, strip)));
            return courses;
        }

        private Course course(Face face, Mat.Kind kind, int layer, Length step, Finish.Strip strip) {
            Paper paper = kind == Mat.Kind.NOTE ? matting.writingPaper() : matting.paper(face, layer);
            boolean turned = matting.on(face).turned();
            return new Course(new Mat.Lay(face, kind, layer, paper, turned), step, strip);
        }

        private List<Mat> layers(Face face) {
            if (structure.habit(face.panel(), face.side()).equals(Optional.of(Habit.HALVED))) {
                return Grounds.halves(face.panel().outline()).stream()
                        .flatMap(half -> rectangles(face, half).stream())
                        .toList();
            }
            Optional<Structure.Dressed> areas = structure.dressed(face.panel(), face.side());
            if (areas.isPresent()) {
                return areas.get().grounds().stream()
                        .flatMap(area -> (area.isRectangle() ? rectangles(face, area) : shapes(face, area)).stream())
                        .toList();
            }
            Polygon ground = Grounds.of(face, structure);
            if (ground.isRectangle()) {
                return rectangles(face, ground);
            }
            Finish finish = matting.on(face);
            Polygon whole = face.panel().outline();
            List<Envelope> rows = Rows.of(whole);
            if (rows.isEmpty()) {
                return shapes(face, ground);
            }
            return switch (finish.notched()) {
                case SHAPED -> shapes(face, ground);
                case ROWS -> finish.strip().isPresent() ? shapes(face, ground) : rows(face, rows);
                case COLUMN ->
                    rectangles(face, (Polygon)
                            whole.getFactory().toGeometry(Rows.core(rows, whole.getEnvelopeInternal())));
            };
        }

        /** A strip on every row; what is written on lies across all of them. */
        private List<Mat> rows(Face face, List<Envelope> rows) {
            List<Mat> mats = new ArrayList<>();
            List<Envelope> under = Rows.dressed(rows);
            for (Course course : courses(face)) {
                boolean note = course.lay().kind() == Mat.Kind.NOTE;
                Length step = note && mats.isEmpty() ? Length.ZERO : course.step();
                List<Envelope> places =
                        note ? List.of(Rows.core(rows, face.panel().outline().getEnvelopeInternal())) : under;
                List<Mat> laid = places.stream()
                        .flatMap(p -> mat(course.lay(), new Ground(p, step)).stream())
                        .toList();
                if (laid.isEmpty()) {
                    dropped.add(new Dropped(face, course.lay().layer()));
                    break;
                }
                mats.addAll(laid);
                under = laid.stream()
                        .map(m -> m.outline().getEnvelopeInternal())
                        .toList();
            }
            return mats;
        }

        /**
         * Each layer is cut whole, at the size that both panels together leave it, and split on the meeting line: there is no
         * border there and nothing is rounded there.
         */
        private void runOn(Meetings.Meeting meeting, List<Mat> first, List<Mat> second) {
            Envelope one = meeting.first().panel().outline().getEnvelopeInternal();
            Envelope other = meeting.second().panel().outline().getEnvelopeInternal();
            List<Course> courses = courses(meeting.first());
            List<Course> others = courses(meeting.second());
            for (int i = 0; i < courses.size(); i++) {
                Course course = courses.get(i);
                Optional<Mat> a;
                Optional<Mat> b;
                if (course.strip() != null) {
                    a = strip(course, one);
                    b = strip(others.get(i), other);
                } else {
                    Length free = along(one, meeting)
                            .plus(along(other, meeting))
                            .minus(course.step().times(2));
                    Length rest = free.minus(matting.grid().floor(free));
                    Length half = rest.dividedBy(2).each();
                    a = half(
                            course, meeting.first(), one, meeting, course.step().plus(half));
                    b = half(
                            others.get(i),
                            meeting.second(),
                            other,
                            meeting,
                            course.step().plus(rest.minus(half)));
                }
                if (a.isEmpty() || b.isEmpty()) {
                    dropped.add(new Dropped(meeting.first(), course.lay().layer()));
                    dropped.add(new Dropped(meeting.second(), course.lay().layer()));
                    break;
                }
                first.add(a.get());
                second.add(b.get());
                one = a.get().outline().getEnvelopeInternal();
                other = b.get().outline().getEnvelopeInternal();
            }
        }

        private static Length along(Envelope box, Meetings.Meeting meeting) {
            return Length.nearestTo(meeting.sideBySide() ? box.getWidth() : box.getHeight());
        }

        /** @param outer the border at the edge away from the meeting line */
        private Optional<Mat> half(Course course, Face face, Envelope under, Meetings.Meeting meeting, Length outer) {
            boolean meetsHigh = face.equals(meeting.first()) != meetings.turned(face, meeting.sideBySide());
            Length low = meetsHigh ? outer : Length.ZERO;
            Length across =
                    meeting.sideBySide() ? Length.nearestTo(under.getHeight()) : Length.nearestTo(under.getWidth());
            Length free = across.minus(course.step().times(2));
            Length cut = matting.grid().floor(free);
            Length aside = course.step().plus(free.minus(cut).dividedBy(2).each());
            Length along = along(under, meeting).minus(outer);
            if (cut.isLessThan(NARROWEST) || along.isLessThan(NARROWEST)) {
                return Optional.empty();
            }
            return Optional.of(
                    meeting.sideBySide()
                            ? Mat.on(course.lay(), new Size(along, cut), under, low, aside)
                            : Mat.on(course.lay(), new Size(cut, along), under, aside, low));
        }

        /** Every further layer is the one below moved inward again. */
        private List<Mat> shapes(Face face, Polygon ground) {
            List<Mat> mats = new ArrayList<>();
            List<Polygon> under = List.of(ground);
            for (Course course : courses(face)) {
                List<Polygon> parts = new ArrayList<>();
                for (Polygon below : under) {
                    for (Polygon part : parts(below, course)) {
                        parts.add(part);
                        mats.add(Mat.shaped(course.lay(), part, OnGrid.border(part, below, course.step())));
                    }
                }
                if (parts.isEmpty()) {
                    dropped.add(new Dropped(face, course.lay().layer()));
                    break;
                }
                under = parts;
            }
            return mats;
        }

        private List<Polygon> parts(Polygon under, Course course) {
            return course.strip() == null ? inset(under, course.step()) : band(under, course.strip());
        }

        /** Both sides of a panel have the same outline. */
        private List<Polygon> inset(Polygon outline, Length step) {
            if (step.equals(Length.ZERO)) {
                return List.of(outline);
            }
            return insets.computeIfAbsent(outline, o -> new HashMap<>())
                    .computeIfAbsent(
                            step,
                            s -> Inset.of(outline, s, NARROWEST).stream()
                                    .map(inside -> OnGrid.of(inside, outline, matting.grid()))
                                    .toList());
        }

        private static List<Polygon> band(Polygon under, Finish.Strip strip) {
            Envelope box = under.getEnvelopeInternal();
            double middle = box.getMinY() + strip.height().share() * box.getHeight();
            double half = strip.width().count() / 2.0;
            if (middle - half < box.getMinY() || middle + half > box.getMaxY()) {
                return List.of();
            }
            Geometry across = Regions.intersection(
                    under,
                    under.getFactory()
                            .toGeometry(new Envelope(box.getMinX(), box.getMaxX(), middle - half, middle + half)));
            List<Polygon> parts = new ArrayList<>();
            for (int i = 0; i < across.getNumGeometries(); i++) {
                if (across.getGeometryN(i) instanceof Polygon part && !part.isEmpty()) {
                    parts.add(part);
                }
            }
            return parts;
        }

        private List<Mat> rectangles(Face face, Polygon ground) {
            List<Mat> mats = new ArrayList<>();
            Envelope under = ground.getEnvelopeInternal();
            for (Course course : courses(face)) {
                Optional<Mat> mat = course.strip() == null
                        ? mat(course.lay(), new Ground(under, course.step()))
                        : strip(course, under);
                if (mat.isEmpty()) {
                    dropped.add(new Dropped(face, course.lay().layer()));
                    break;
                }
                mats.add(mat.get());
                under = mat.get().outline().getEnvelopeInternal();
            }
            return mats;
        }

        private Optional<Mat> mat(Mat.Lay lay, Ground g) {
            Length freeWidth =
                    Length.nearestTo(g.box().getWidth()).minus(g.step().times(2));
            Length freeHeight =
                    Length.nearestTo(g.box().getHeight()).minus(g.step().times(2));
            Length width = matting.grid().floor(freeWidth);
            Length height = matting.grid().floor(freeHeight);
            if (width.isLessThan(NARROWEST) || height.isLessThan(NARROWEST)) {
                return Optional.empty();
            }
            Division sideways = freeWidth.minus(width).dividedBy(2);
            Division upwards = freeHeight.minus(height).dividedBy(2);
            return Optional.of(Mat.on(
                    lay,
                    new Size(width, height),
                    g.box(),
                    g.step().plus(sideways.each()),
                    g.step().plus(upwards.each())));
        }

        /** From edge to edge of what carries it. */
        private Optional<Mat> strip(Course course, Envelope under) {
            Length across = Length.nearestTo(under.getWidth());
            Length width = matting.grid().floor(across);
            Length height = course.strip().width();
            Length low = Length.nearestTo(course.strip().height().share() * under.getHeight() - height.count() / 2.0);
            boolean leaves = low.isNegative()
                    || low.plus(height).count() > under.getHeight()
                    || width.isLessThan(NARROWEST)
                    || height.isLessThan(NARROWEST);
            return leaves
                    ? Optional.empty()
                    : Optional.of(Mat.on(
                            course.lay(),
                            new Size(width, height),
                            under,
                            across.minus(width).dividedBy(2).each(),
                            low));
        }
    }
}
