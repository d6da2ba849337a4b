package vantbreeze.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;
import org.locationtech.jts.geom.util.NoninvertibleTransformationException;
import vantbreeze.fold.LayerStack;
import vantbreeze.fold.RigidMotion;
import vantbreeze.fold.Scene;
import vantbreeze.fold.Sight;
import vantbreeze.layer.Face;
import vantbreeze.layer.Mat;
import vantbreeze.layer.PlacedOrnament;
import vantbreeze.material.Paper;
import vantbreeze.measure.Length;
import vantbreeze.structure.FlatMotion;
import vantbreeze.structure.Panel;
import vantbreeze.structure.Regions;
import vantbreeze.structure.Structure;

/**
 * The card as someone sees it at one moment.
 *
 * @param box around all of it, its lower left corner at the origin, in counts of 1/640 mm
 * @param regions to draw one over the other: panels, then what is laid on them, then ornaments
 */
public record Look(Face.Moment moment, Envelope box, List<Region> regions) {

    /**
     * One visible area.
     *
     * @param layer 0 for the panel itself, 1 or more for its mats, {@link #ORNAMENT} for what lies on top
     * @param up where its pattern's up is in the picture, in degrees anticlockwise from straight up
     */
    public record Region(Face face, int layer, Paper paper, double up, Polygon outline) {}

    /** The layer of every ornament. */
    public static final int ORNAMENT = 100;

    /** From straight before it and a little above, as it is looked at on a shelf. */
    private static final double[] BEFORE = {0, Math.sin(Math.toRadians(15)), Math.cos(Math.toRadians(15))};

    /** Which of two panels is nearer to the viewer at a place of the picture; empty where that cannot be told. */
    private interface Nearer {
        Optional<Boolean> isBefore(Panel one, Panel other, Coordinate at);
    }

    /** One face and where it is in the picture. */
    private record Shown(Face face, Geometry seen, AffineTransformation toPicture, boolean isWhole) {

        Shown(Face face, Geometry seen, AffineTransformation toPicture) {
            this(
                    face,
                    seen,
                    toPicture,
                    seen.getArea()
                            >= WHOLE
                                    * toPicture
                                            .transform(face.panel().outline())
                                            .getArea());
        }

        /** What is laid on the panel, which it does not leave, as far as nothing hides it. */
        Geometry seenOf(Mat mat) {
            Geometry laid = toPicture.transform(mat.outline());
            return isWhole ? laid : Regions.intersection(seen, laid);
        }

        /** An ornament may reach over the panel's edge; what hides its panel hides it there too, and so does all that lies before it. */
        Geometry seenOf(PlacedOrnament ornament, List<Shown> all, Nearer nearer) {
            Geometry laid = toPicture.transform(ornament.onPiece());
            if (!isWhole) {
                Geometry hidden =
                        Regions.difference(toPicture.transform(face.panel().outline()), seen);
                laid = Regions.difference(laid, hidden);
            }
            for (Shown other : all) {
                if (other.face.panel().equals(face.panel()) || laid.isEmpty()) {
                    continue;
                }
                Geometry both = Regions.intersection(laid, other.seen);
                if (both.getArea() > 0
                        && nearer.isBefore(
                                        other.face.panel(),
                                        face.panel(),
                                        both.getInteriorPoint().getCoordinate())
                                .orElse(false)) {
                    laid = Regions.difference(laid, other.seen);
                }
            }
            return laid;
        }
    }

    /** Of a panel of which more is seen nothing is hidden but hairs between edges that coincide. */
    private static final double WHOLE = 1 - 1e-6;

    /** @return the card closed, at each stage the recipient is shown, and from behind */
    public static List<Look> all(Brief brief) {
        return all(brief, Draft.of(brief).work());
    }

    static List<Look> all(Brief brief, Workpiece work) {
        List<Look> looks = new ArrayList<>();
        work.stack().ifPresent(stack -> {
            looks.add(closed(brief, work, stack));
            for (Scene scene : work.scenes()) {
                looks.add(
                        scene instanceof Scene.Lying lying
                                ? lying(brief, work, lying.layers(), Face.Moment.of(scene))
                                : standing(brief, work, (Scene.Raised) scene));
            }
            looks.add(lying(brief, work, stack, Face.Moment.BEHIND));
        });
        return looks;
    }

    static Look closed(Brief brief, Workpiece work, LayerStack stack) {
        return lying(brief, work, stack, Face.Moment.CLOSED);
    }

    /** From above, or from behind after turning it over like a page. */
    private static Look lying(Brief brief, Workpiece work, LayerStack stack, Face.Moment moment) {
        boolean behind = moment.how() == Face.Seen.BEHIND;
        AffineTransformation turned = behind ? AffineTransformation.scaleInstance(-1, 1) : new AffineTransformation();
        List<Shown> shown = new ArrayList<>();
        for (Face face : work.faces()) {
            stack.seen(face.panel(), face.side(), behind).ifPresent(seen -> {
                FlatMotion m = stack.stage().placed(face.panel()).motion();
                AffineTransformation toPicture =
                        new AffineTransformation(m.a(), m.b(), m.tx(), m.c(), m.d(), m.ty()).compose(turned);
                shown.add(new Shown(face, turned.transform(seen), toPicture));
            });
        }
        return painted(brief, work, moment, shown, (one, other, at) -> isBefore(stack, behind, one, other));
    }

    /** By the layers where both lie; they keep their order everywhere. */
    private static Optional<Boolean> isBefore(LayerStack stack, boolean behind, Panel one, Panel other) {
        for (LayerStack.Spot spot : stack.spots()) {
            List<Panel> there = spot.bottomToTop().stream().map(p -> p.panel()).toList();
            int a = there.indexOf(one);
            int b = there.indexOf(other);
            if (a >= 0 && b >= 0) {
                return Optional.of(a > b != behind);
            }
        }
        return Optional.empty();
    }

    private static Look standing(Brief brief, Workpiece work, Scene.Raised scene) {
        List<Shown> shown = new ArrayList<>();
        for (Sight.View view : Sight.of(work.structure(), scene.pose()).picture(BEFORE)) {
            Face face = work.faces().stream()
                    .filter(f -> f.panel().equals(view.face().panel())
                            && f.side() == view.face().side())
                    .findFirst()
                    .orElseGet(() ->
                            Face.hardlySeen(view.face().panel(), view.face().side()));
            shown.add(new Shown(face, view.seen(), view.toPicture()));
        }
        return painted(brief, work, Face.Moment.of(scene), shown, (one, other, at) -> {
            OptionalDouble a = depth(shown, one, at, work.structure(), scene.pose());
            OptionalDouble b = depth(shown, other, at, work.structure(), scene.pose());
            return a.isPresent() && b.isPresent()
                    ? Optional.of(a.getAsDouble() > b.getAsDouble() + TOUCHING)
                    : Optional.empty();
        });
    }

    /** Panels that touch lie before each other by rounding only. */
    private static final double TOUCHING = Length.COUNTS_PER_MILLIMETRE / 2.0;

    /** How near the plane of a panel is to the viewer at a place of the picture, in counts. */
    private static OptionalDouble depth(
            List<Shown> shown, Panel panel, Coordinate at, Structure structure, List<RigidMotion> pose) {
        return shown.stream()
                .filter(s -> s.face().panel().equals(panel))
                .mapToDouble(s -> {
                    Coordinate flat = new Coordinate();
                    try {
                        s.toPicture().getInverse().transform(at, flat);
                    } catch (NoninvertibleTransformationException edgeOn) {
                        return Double.NEGATIVE_INFINITY;
                    }
                    Coordinate there =
                            pose.get(structure.panels().indexOf(panel)).apply(flat);
                    return there.x * BEFORE[0] + there.y * BEFORE[1] + there.getZ() * BEFORE[2];
                })
                .findFirst();
    }

    private static Look painted(Brief brief, Workpiece work, Face.Moment moment, List<Shown> shown, Nearer nearer) {
        Envelope box = new Envelope();
        shown.forEach(s -> box.expandToInclude(s.seen().getEnvelopeInternal()));
        List<Region> regions = new ArrayList<>();
        for (Shown s : shown) {
            add(
                    regions,
                    s.face(),
                    0,
                    s.face()
                            .shows(brief.papers()
                                    .of(
                                            s.face().panel().piece(),
                                            s.face().panel().isClear())),
                    picturedUp(s, 0),
                    s.seen());
        }
        for (Shown s : shown) {
            for (Mat mat : work.dressing().mats()) {
                if (mat.face().equals(s.face())) {
                    add(regions, s.face(), mat.layer(), mat.paper(), picturedUp(s, mat.up()), s.seenOf(mat));
                }
            }
        }
        for (Laid laid : inOrder(laid(work, moment, shown, nearer), nearer)) {
            add(
                    regions,
                    laid.on().face(),
                    ORNAMENT,
                    laid.ornament().ornament().paper(),
                    picturedUp(laid.on(), laid.on().face().up()),
                    laid.seen());
            box.expandToInclude(laid.seen().getEnvelopeInternal());
        }
        AffineTransformation toOrigin = AffineTransformation.translationInstance(-box.getMinX(), -box.getMinY());
        return new Look(
                moment,
                new Envelope(0, box.getWidth(), 0, box.getHeight()),
                regions.stream()
                        .map(r -> new Region(
                                r.face(), r.layer(), r.paper(), r.up(), (Polygon) toOrigin.transform(r.outline())))
                        .toList());
    }

    /** An ornament as far as it is seen. */
    private record Laid(PlacedOrnament ornament, Shown on, Geometry seen) {}

    private static List<Laid> laid(Workpiece work, Face.Moment moment, List<Shown> shown, Nearer nearer) {
        List<Laid> laid = new ArrayList<>();
        for (PlacedOrnament o : work.ornaments().placed()) {
            for (Shown s : shown) {
                if (o.face().equals(s.face())) {
                    /* On the closed card it lies above all that it crosses. */
                    boolean onTop = moment.how() == Face.Seen.CLOSED
                            && !o.fromBelow()
                            && !o.crosses().isEmpty();
                    laid.add(new Laid(o, s, onTop ? s.toPicture().transform(o.onPiece()) : s.seenOf(o, shown, nearer)));
                }
            }
        }
        return laid;
    }

    /** What lies under others first: on one panel as they were laid, on several as these lie at that stage. */
    private static List<Laid> inOrder(List<Laid> laid, Nearer nearer) {
        List<Laid> left = new ArrayList<>(laid);
        List<Laid> order = new ArrayList<>();
        while (!left.isEmpty()) {
            Laid lowest = left.stream()
                    .filter(l -> left.stream().noneMatch(other -> other != l && isOver(l, other, nearer)))
                    .findFirst()
                    .orElse(left.get(0));
            order.add(lowest);
            left.remove(lowest);
        }
        return order;
    }

    private static boolean isOver(Laid one, Laid other, Nearer nearer) {
        Panel own = one.on().face().panel();
        Panel under = other.on().face().panel();
        if (own.equals(under)) {
            return false;
        }
        Geometry both = Regions.intersection(one.seen(), other.seen());
        return both.getArea() > 0
                && nearer.isBefore(own, under, both.getInteriorPoint().getCoordinate())
                        .orElse(false);
    }

    /** @param up on the flat piece, in degrees anticlockwise from its up */
    private static double picturedUp(Shown s, double up) {
        double[] m = s.toPicture().getMatrixEntries();
        double x = -Math.sin(Math.toRadians(up));
        double y = Math.cos(Math.toRadians(up));
        return Math.round(Math.toDegrees(Math.atan2(-(m[0] * x + m[1] * y), m[3] * x + m[4] * y)));
    }

    private static void add(List<Region> regions, Face face, int layer, Paper paper, double up, Geometry seen) {
        for (int i = 0; i < seen.getNumGeometries(); i++) {
            if (seen.getGeometryN(i) instanceof Polygon polygon && !polygon.isEmpty()) {
                regions.add(new Region(face, layer, paper, up, polygon));
            }
        }
    }
}
